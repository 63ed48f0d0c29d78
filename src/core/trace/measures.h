// What is read off a trace once its pulses, cycles and teeth are known: levels, frequency, duty,
// unevenness, speed. Each fills in its part of an analysis.
#pragma once

#include <vector>

#include "core/trace/analysis.h"
#include "core/trace/levels.h"
#include "core/trace/plateaus.h"
#include "core/trace/teeth.h"

namespace haybale::trace {

/// Levels and flux swing of a coil's wave: medians over its cycles. Half the peak to peak over
/// 2 pi f: an induced voltage grows with speed, the flux it comes from does not.
/// REQUIRES: cycles.
void measurePassive(ChannelAnalysis& out);

/// Levels of a square wave. Between pulses the line rests where it spends most of its time; a
/// current sensor at its low one.
void measureSquare(ChannelAnalysis& out, const Plateaus& p, const Distribution& d);

/// Levels of a line that does not move.
void measureFlat(ChannelAnalysis& out, const Distribution& d);

/// Count, unevenness, duty, frequency; the speed where ring and tyre are known.
void measurePulses(ChannelAnalysis& out, const std::vector<Tooth>& teeth, const Options& options);

/// The speed below which the module loses a coil's signal. Output is proportional to speed: from
/// the flux swing follows the tooth frequency at which the peak to peak is what the module needs.
void findLossSpeed(ChannelAnalysis& out, const Options& options);

}  // namespace haybale::trace
