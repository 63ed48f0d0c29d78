#include "core/trace/feed_side.h"

#include <algorithm>
#include <tuple>

namespace haybale::trace {

std::optional<double> feedSide(const RestingLine& line, std::size_t samples,
                               const capture::TimeBase& time) {
  constexpr std::size_t kLeast = 4;
  if (line.off.size() < kLeast) {
    return std::nullopt;
  }
  // The least of the usual depths: of a data word's two, that of its bits.
  std::vector<double> depths;
  for (const auto& e : line.off) {
    depths.push_back(line.rest - e.level);
  }
  std::sort(depths.begin(), depths.end());
  const double step = depths[depths.size() / 4];
  // Noise of a flat line reaches over a converter's step or two.
  constexpr double kLeastSteps = 2.5;
  if (!(step > 0) || step < kLeastSteps * line.step) {
    return std::nullopt;
  }
  // A feed rests at some volts, or coupled by a capacitor about nothing. Volts over a resistor in
  // the return rest at one or two.
  constexpr double kLeastFeedVolts = 3;
  if (line.rest < kLeastFeedVolts && line.rest > step / 2) {
    return std::nullopt;
  }
  const double about = line.rest + step;
  RestingLine turned = line;
  turned.rest = step;
  for (auto& e : turned.off) {
    e.level = about - e.level;
  }
  const Moves moves = whatMoves(turned, samples, time);
  return moves == Moves::telegrams || moves == Moves::words ? std::optional(about) : std::nullopt;
}

capture::Record turnedOver(const capture::Record& record, std::size_t index,
                           std::span<const float> samples, double about) {
  capture::Record out;
  out.file = record.file;
  out.time = record.time;
  out.channels.push_back(record.channels[index]);
  auto& turned = out.channels.front().samples;
  std::transform(samples.begin(), samples.end(), turned.begin(),
                 [&](float x) { return static_cast<float>(about) - x; });
  return out;
}

void turnBack(ChannelAnalysis& a, double about) {
  const auto single = static_cast<float>(about);
  auto& l = a.levels;
  std::tie(l.min, l.max) = std::pair{about - l.max, about - l.min};
  std::tie(l.low, l.high) = std::pair{about - l.high, about - l.low};
  l.mean = about - l.mean;
  l.bias = about - l.bias;
  for (auto& d : a.dropouts) {
    d.level = about - d.level;
  }
  for (auto& c : a.cycles) {
    std::tie(c.low, c.high) = std::pair{single - c.high, single - c.low};
    c.mean = single - c.mean;
  }
}

}  // namespace haybale::trace
