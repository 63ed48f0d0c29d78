// Traces of two or more wheels, one lane each over the same time, with what was found marked on
// them; speed below.
#pragma once

#include <string>
#include <vector>

#include "core/capture/pyramid.h"
#include "core/capture/record.h"
#include "core/trace/analysis.h"
#include "picture/scene.h"

namespace haybale::picture {

struct Lane {
  std::string title;                        ///< "RR"
  std::string subtitle;                     ///< "1.8 V p-p · 52 Hz · 17 % of RL at equal speed"
  const capture::Record* record = nullptr;  ///< null: an empty lane that says what to do
  std::size_t channel = 0;
  const capture::Pyramid* pyramid = nullptr;  ///< of that channel; null: samples are looked at
  const trace::ChannelAnalysis* analysis = nullptr;
  Role colour = Role::wheel0;
  Dash dash = Dash::solid;
  std::string id;      ///< spot "lane:id"
  std::string prompt;  ///< said in an empty lane
};

struct LanesInput {
  std::vector<Lane> lanes;
  double fromS = 0;  ///< part of the time that is shown
  double toS = 1;
  std::optional<double> cursorS;       ///< where the pointer is
  std::optional<double> markA, markB;  ///< set cursors
  bool aroundRest = false;             ///< each lane about its own rest level
  bool states = false;                 ///< rest level and what the line does, as it was read
  double width = 860;
  double height = 430;
};

/// The whole time the lanes cover: {first, last} in seconds; {0, 1} when nothing is loaded.
[[nodiscard]] std::pair<double, double> wholeTime(const std::vector<Lane>& lanes);

/// Lanes of equal height with a common voltage scale where units agree, time axis, and a speed
/// strip when a speed is known.
[[nodiscard]] Scene traceLanes(const LanesInput& input, const Measure& measure);

/// One lane's figures between two set cursors: "RR: -0.32 V, 14.2 teeth at 119 Hz, 17 km/h".
/// REQUIRES: the lane has a record and an analysis.
[[nodiscard]] std::string sayBetween(const Lane& lane, double aS, double bS);

/// Left and right end of the plotted time in pixels; for zooming and cursors.
struct PlotSpan {
  double left;
  double right;
};
[[nodiscard]] PlotSpan plotSpan(double width);

}  // namespace haybale::picture
