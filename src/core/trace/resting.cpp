#include "core/trace/resting.h"

#include <algorithm>
#include <cmath>

#include "core/capture/extent.h"
#include "core/trace/coded.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kMostExcursions = 200'000;
constexpr std::size_t kSeen = 2001;  // samples of an excursion that tell its level

// Middle and width of the narrowest band that holds two fifths of the samples.
std::pair<double, double> densest(const Distribution& d) {
  double middle = d.quantile(0.5);
  double width = d.quantile(0.7) - d.quantile(0.3);
  for (int i = 0; i <= 60; ++i) {
    const double from = 0.01 * i;
    const double here = d.quantile(from + 0.4) - d.quantile(from);
    if (here < width) {
      width = here;
      middle = d.quantile(from + 0.2);
    }
  }
  return {middle, width};
}

Excursion excursion(std::span<const float> samples, std::size_t from, std::size_t to, double rest,
                    double grain) {
  Excursion out{from, to, rest, false};
  const std::size_t size = to - from;
  const std::size_t edge = size >= 8 ? size / 8 : size >= 3 ? 1 : 0;
  const std::size_t inner = size - 2 * edge;
  const std::size_t stride = std::max<std::size_t>(1, inner / kSeen);
  std::vector<double> values;
  for (std::size_t i = from + edge; i < to - edge; i += stride) {
    values.push_back(samples[i]);
  }
  out.level = median(values);
  std::vector<double> off;
  for (const double v : values) {
    off.push_back(std::abs(v - out.level));
  }
  // Half a sine's samples lie 0.2 to 0.3 of its height from their median.
  out.flat = size >= 5 && median(off) <= std::max(grain, 0.06 * std::abs(out.level - rest));
  return out;
}

double logSpread(std::vector<double> values) {
  const double middle = median(values);
  for (double& v : values) {
    v = std::abs(v - middle);
  }
  return median(values);
}

// Time off the rest over the time at rest beside it, as logarithms.
std::vector<double> ratiosOf(const std::vector<Excursion>& off) {
  std::vector<double> out;
  for (std::size_t i = 0; i + 1 < off.size(); ++i) {
    const auto length = static_cast<double>(off[i].to - off[i].from);
    const auto behind = static_cast<double>(off[i + 1].from - off[i].to);
    const double before = i > 0 ? static_cast<double>(off[i].from - off[i - 1].to) : behind;
    out.push_back(std::log(length / std::max(1.0, (before + behind) / 2)));
  }
  return out;
}

bool oneLevel(const RestingLine& line) {
  std::vector<double> levels;
  for (const auto& e : line.off) {
    levels.push_back(e.level);
  }
  const double middle = median(levels);
  const double height = std::abs(middle - line.rest);
  const auto near = std::count_if(line.off.begin(), line.off.end(), [&](const Excursion& e) {
    return std::abs(e.level - middle) < std::max(0.15 * height, 4 * line.noise);
  });
  return 10 * near >= 9 * static_cast<std::ptrdiff_t>(line.off.size());
}

bool areTelegrams(const RestingLine& line, const capture::TimeBase& time) {
  std::size_t named = 0, read = 0;
  for (const auto& e : line.off) {
    if (e.from == 0 || e.level < line.rest) {
      continue;  // under way already; or away from the pulse
    }
    const double width = time.at(e.to) - time.at(e.from);
    const double slack = 2 * (time.at(e.from + 1) - time.at(e.from));
    ++read;
    named += std::any_of(kCodedWidthsS.begin(), kCodedWidthsS.end(), [&](double w) {
      return std::abs(width - w) < std::min(0.25 * w, 0.12 * w + slack);
    });
  }
  const double ratio = line.rest > 0 && !line.off.empty() ? line.off.front().level / line.rest : 0;
  return read >= 2 && 2 * read > line.off.size() && 10 * named >= 8 * read && ratio > 1.5 &&
         ratio < 2.6;
}

// Levels in the ratio 1 : 2 : 4, in pulses of one or two bits of 50 us (AK protocol, from memory).
bool areWords(const RestingLine& line, const capture::TimeBase& time) {
  constexpr double kLongest = 150e-6;
  std::size_t twice = 0, fourfold = 0, brief = 0;
  for (const auto& e : line.off) {
    const double ratio = line.rest > 0 ? e.level / line.rest : 0;
    twice += std::abs(ratio - 2) < 0.3 ? 1 : 0;
    fourfold += std::abs(ratio - 4) < 0.6 ? 1 : 0;
    brief += time.at(e.to - 1) - time.at(e.from) < kLongest ? 1 : 0;
  }
  return fourfold >= 1 && twice >= 3 && 10 * (twice + fourfold) >= 8 * line.off.size() &&
         10 * brief >= 9 * line.off.size();
}

// To one side and the other in turn, about as far: a coil's wave.
bool swings(const RestingLine& line) {
  constexpr std::size_t kLeast = 6;
  std::size_t turns = 0;
  std::vector<double> above, below;
  for (std::size_t i = 0; i < line.off.size(); ++i) {
    const double height = line.off[i].level - line.rest;
    (height > 0 ? above : below).push_back(std::abs(height));
    turns += i > 0 && (height > 0) != (line.off[i - 1].level > line.rest) ? 1 : 0;
  }
  if (line.off.size() < kLeast || above.empty() || below.empty() ||
      10 * turns < 4 * line.off.size()) {
    return false;
  }
  const double ratio = median(above) / median(below);
  return ratio > 0.5 && ratio < 2;
}

}  // namespace

std::optional<RestingLine> restingLine(std::span<const float> samples, const Distribution& d,
                                       double noiseRms) {
  const auto [rest, width] = densest(d);
  const double step = converterStep(samples);
  RestingLine out;
  out.rest = rest;
  // Two fifths of a normal distribution lie within 1.05 standard deviations.
  out.noise = std::max(noiseRms, width / 1.05);
  const double tolerance = std::max({5 * out.noise, 1.2 * step, 0.015 * (d.max() - d.min())});
  out.noise = std::max(out.noise, step / 3);
  out.tolerance = tolerance;
  out.step = step;
  out.share = d.share(rest - tolerance, rest + tolerance);
  // Where the band is a good part of all there is, the line passes it rather than rests in it.
  if (out.share < 0.52 || tolerance > 0.4 * (d.max() - d.min())) {
    return std::nullopt;
  }
  const double grain = std::max(1.2 * noiseRms, 0.5 * step);
  const auto low = static_cast<float>(rest - tolerance);
  const auto high = static_cast<float>(rest + tolerance);
  for (std::size_t at = 0; at < samples.size();) {
    const std::size_t from = capture::firstBeyond(samples, at, samples.size(), low, high);
    at = from;
    while (at < samples.size() && (samples[at] > high || samples[at] < low)) {
      ++at;
    }
    // Straight from one side to the other are two.
    for (std::size_t a = from; a < at;) {
      std::size_t b = a;
      while (b < at && (samples[b] > high) == (samples[a] > high)) {
        ++b;
      }
      if (b - a >= 2) {
        out.off.push_back(excursion(samples, a, b, rest, grain));
      }
      a = b;
    }
    at += at == from ? 1 : 0;  // a lost sample
    if (out.off.size() > kMostExcursions) {
      return std::nullopt;
    }
  }
  return out;
}

Moves whatMoves(const RestingLine& line, std::size_t samples, const capture::TimeBase& time) {
  if (line.off.empty()) {
    return Moves::nothing;
  }
  if (areWords(line, time)) {
    return Moves::words;
  }
  if (areTelegrams(line, time)) {
    return Moves::telegrams;
  }
  if (swings(line)) {
    return Moves::wave;
  }
  // One that hardly leaves the rest shows no shape.
  const auto shaped = [&](const Excursion& e) {
    return e.to - e.from >= 5 &&
           std::abs(e.level - line.rest) > std::max(2 * line.tolerance, 5 * line.step);
  };
  const auto many = std::count_if(line.off.begin(), line.off.end(), shaped);
  const auto flat = std::count_if(line.off.begin(), line.off.end(),
                                  [&](const Excursion& e) { return shaped(e) && e.flat; });
  if (many == 0 || 10 * flat < 7 * many) {
    return Moves::wave;
  }
  if (!oneLevel(line)) {
    return Moves::line;
  }
  const bool cut = line.off.front().from == 0 || line.off.back().to >= samples;
  if (line.off.size() <= 3) {
    const auto ratios = ratiosOf(line.off);
    const bool alike = std::all_of(ratios.begin(), ratios.end(),
                                   [](double r) { return std::abs(r) < std::log(2.5); });
    return !ratios.empty() && alike && !cut ? Moves::teeth : Moves::line;
  }
  const auto ratios = ratiosOf(line.off);
  return logSpread(ratios) < 0.35 ? Moves::teeth : Moves::line;
}

}  // namespace haybale::trace
