// Telegrams and data words seen on the feed of a current loop: the line rests high and falls by the
// sense resistor's share of each pulse, so that the record is the current upside down.
#pragma once

#include <optional>

#include "core/trace/analysis.h"
#include "core/trace/resting.h"

namespace haybale::trace {

/// Where the record has to be turned over, volts: `about - x` is in proportion to the loop's
/// current, its rest being as high as a pulse is deep (7 and 14 mA). Empty when turning it over
/// makes neither telegrams nor words of it. `line` is the resting line of the record as it is.
[[nodiscard]] std::optional<double> feedSide(const RestingLine& line, std::size_t samples,
                                             const capture::TimeBase& time);

/// The channel's `samples`, as many as it has, turned over about `about`, as a record of its own.
[[nodiscard]] capture::Record turnedOver(const capture::Record& record, std::size_t index,
                                         std::span<const float> samples, double about);

/// Puts the levels of what was found in a record turned over back where they were measured.
void turnBack(ChannelAnalysis& analysis, double about);

}  // namespace haybale::trace
