#include "core/trace/resting.h"

#include <algorithm>
#include <cmath>

#include "core/capture/extent.h"
#include "core/trace/coded.h"
#include "core/trace/median.h"
#include "core/trace/missed.h"
#include "core/trace/noise.h"

namespace haybale::trace {

namespace {

constexpr std::size_t kMostExcursions = 200'000;
constexpr std::size_t kSeen = 2001;  // samples of an excursion that tell its level

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

// Whether they scatter as a ring's do: by a third in the middle, by two at the fourth fifth.
bool areEven(std::vector<double> values) {
  // Teeth and gaps of a ring are of like width.
  constexpr double kMostUnlike = 6;
  const double middle = median(values);
  if (std::abs(middle) > std::log(kMostUnlike)) {
    return false;
  }
  for (double& v : values) {
    v = std::abs(v - middle);
  }
  std::sort(values.begin(), values.end());
  return values[values.size() / 2] < 0.35 && values[values.size() * 4 / 5] < 0.7;
}

// Time off the rest over the time at rest beside it, as logarithms.
std::vector<double> ratiosOf(const std::vector<Excursion>& off) {
  std::vector<double> out;
  // One that was under way when the record began is cut short.
  const std::size_t first = off.size() > 3 && off.front().from == 0 ? 1 : 0;
  for (std::size_t i = first; i + 1 < off.size(); ++i) {
    const auto length = static_cast<double>(off[i].to - off[i].from);
    const auto behind = static_cast<double>(off[i + 1].from - off[i].to);
    const double before = i > 0 ? static_cast<double>(off[i].from - off[i - 1].to) : behind;
    out.push_back(std::log(length / std::max(1.0, (before + behind) / 2)));
  }
  return out;
}

// A wheel does not go from fast to slow and back within a tooth: from one period to the next it
// changes by less than half, at least half of the time.
bool turnsLikeAWheel(const std::vector<Excursion>& off) {
  std::vector<double> changes;
  for (std::size_t i = 2; i < off.size(); ++i) {
    const auto before = static_cast<double>(off[i - 1].from - off[i - 2].from);
    const auto after = static_cast<double>(off[i].from - off[i - 1].from);
    changes.push_back(std::abs(std::log(after / before)));
  }
  return changes.size() < 3 || median(changes) < 0.7;
}

// Teeth that pass one after the other are of like width.
bool ofLikeLength(const std::vector<Excursion>& off) {
  std::size_t shortest = off.front().to - off.front().from;
  std::size_t longest = shortest;
  for (const auto& e : off) {
    shortest = std::min(shortest, e.to - e.from);
    longest = std::max(longest, e.to - e.from);
  }
  return longest < 4 * shortest;
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

double spreadOf(std::vector<double> values) {
  std::sort(values.begin(), values.end());
  const std::size_t n = values.size();
  return (values[n * 9 / 10] - values[n / 10]) / values[n / 2];
}

// Longer where the next one is later, so that the share of the time stays: a square wave of a wheel
// whose speed changes, for a message is as long at any speed. Where they take as much of the time
// as a square wave does and a few samples each, nobody can tell.
bool mayBeSquare(const RestingLine& line, const capture::TimeBase& time) {
  constexpr std::size_t kLeast = 20, kFewSamples = 10;
  // No source: set on made-up records (rough 405).
  constexpr double kFarMore = 0.4, kChanges = 0.03, kShare = 0.25;
  std::vector<double> widths, shares, samples;
  for (std::size_t i = 0; i + 1 < line.off.size(); ++i) {
    const auto& e = line.off[i];
    const double apart = time.at(line.off[i + 1].from) - time.at(e.from);
    if (e.from > 0 && e.level > line.rest && apart > 0) {
      widths.push_back(time.at(e.to) - time.at(e.from));
      shares.push_back(widths.back() / apart);
      samples.push_back(static_cast<double>(e.to - e.from));
    }
  }
  if (widths.size() < kLeast) {
    return false;
  }
  const double changes = spreadOf(widths);
  return (changes > kChanges && spreadOf(shares) < kFarMore * changes) ||
         (median(samples) < kFewSamples && median(shares) > kShare);
}

bool areTelegrams(const RestingLine& line, std::size_t samples, const capture::TimeBase& time) {
  constexpr double kStandstillApartS = 0.05;
  constexpr double kMostlyAtRest = 0.7;
  std::size_t named = 0, read = 0;
  for (std::size_t i = 0; i < line.off.size(); ++i) {
    const auto& e = line.off[i];
    if (e.from == 0 || e.level < line.rest) {
      continue;  // under way already; or away from the pulse
    }
    // One that lasts to the end has no sample behind it.
    const double width = time.at(std::min(e.to, samples - 1)) - time.at(e.from);
    const double slack = 2 * (time.at(e.from + 1) - time.at(e.from));
    ++read;
    // A standstill is told of every 740 ms; a square wave's half may be as wide as any message.
    const bool apart = i + 1 >= line.off.size() ||
                       time.at(line.off[i + 1].from) - time.at(e.from) - width > kStandstillApartS;
    const double near = line.share < kMostlyAtRest ? 0.05 : 0.12;
    named += std::any_of(kCodedWidthsS.begin(), kCodedWidthsS.end(), [&](double w) {
      return (w < kCodedWidthsS.back() || apart) &&
             std::abs(width - w) < std::min(0.25 * w, near * w + slack);
    });
  }
  const double ratio = line.rest > 0 && !line.off.empty() ? line.off.front().level / line.rest : 0;
  // Behind a capacitor no ratio is left; but no contact keeps to one width time and again.
  constexpr std::size_t kMany = 20;
  constexpr double kFarFromSquare = 0.85;
  const bool currents = ratio > 1.5 && ratio < 2.6;
  const bool ofOneWidth = line.share > kFarFromSquare && read >= kMany && 20 * named >= 19 * read;
  return !mayBeSquare(line, time) && read >= 2 && 2 * read > line.off.size() &&
         10 * named >= 8 * read && (currents || ofOneWidth);
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
  // Each word begins with a pulse at four times, and has nine bits.
  constexpr std::size_t kMostInAWord = 12;
  return fourfold >= 1 && twice >= 3 && kMostInAWord * fourfold >= twice &&
         10 * (twice + fourfold) >= 8 * line.off.size() && 10 * brief >= 9 * line.off.size();
}

// Beside what goes far, a step or two of the converter is noise.
void dropSteps(RestingLine& line) {
  double highest = 0;
  for (const auto& e : line.off) {
    highest = std::max(highest, std::abs(e.level - line.rest));
  }
  // Where something goes two steps, a single one is none of a signal's levels.
  const double single = highest > 1.6 * line.step ? 1.2 * line.step : 0;
  const double least = std::max(std::min(0.3 * highest, 2.5 * line.step), single);
  std::erase_if(line.off,
                [&](const Excursion& e) { return std::abs(e.level - line.rest) < least; });
}

// An edge that rings goes beyond its level and comes back: what lies on the other side of the rest
// right behind a higher stretch, is lower and shorter than it and shows behind at least every other
// of them, is the edge's.
void dropRinging(RestingLine& line) {
  constexpr std::size_t kRightBehind = 3;  // samples
  constexpr double kLower = 0.7;
  constexpr std::size_t kLeast = 4;
  double highest = 0;
  for (const auto& e : line.off) {
    highest = std::max(highest, std::abs(e.level - line.rest));
  }
  std::vector<char> rings(line.off.size(), 0);
  std::size_t count = 0;
  double rungTo = 0;
  for (std::size_t i = 1; i < line.off.size(); ++i) {
    const auto& e = line.off[i];
    const auto& before = line.off[i - 1];
    const auto height = [&](const Excursion& x) { return std::abs(x.level - line.rest); };
    const std::size_t length = e.to - e.from;
    const std::size_t lengthBefore = before.to - before.from;
    const bool behind = e.from <= before.to + kRightBehind;
    const bool first = height(e) < kLower * highest && 2 * length < lengthBefore;
    const bool on = rings[i - 1] && height(e) < height(before) && length < 2 * lengthBefore;
    rings[i] = behind && (first || on);
    count += rings[i] ? 1 : 0;
    rungTo = rings[i] ? std::max(rungTo, height(e)) : rungTo;
  }
  // What rings just as far as the rest reaches shows now and then.
  constexpr double kFaint = 0.35;
  const bool faint = rungTo < kFaint * highest;
  if (count < kLeast || (faint ? 20 : 3) * count < line.off.size()) {
    return;
  }
  std::size_t at = 0;
  std::erase_if(line.off, [&](const Excursion&) { return rings[at++] != 0; });
}

}  // namespace

std::optional<RestingLine> restingLine(std::span<const float> samples, const Distribution& d,
                                       double noiseRms, const capture::TimeBase& time) {
  const auto [rest, width] = d.densest();
  const double step = converterStep(samples, d);
  RestingLine out;
  out.rest = rest;
  // Two fifths of a normal distribution lie within 1.05 standard deviations.
  out.noise = std::max(noiseRms, width / 1.05);
  // What rests is as wide as its noise, twice that when it is away for half of the time; a wave or
  // hum is wider.
  constexpr double kWave = 4;
  const bool wide = out.noise > kWave * std::max(noiseRms, step / 3) && step > 0;
  const double tolerance = std::max({5 * out.noise, 1.2 * step, 0.015 * (d.max() - d.min())});
  out.noise = std::max(out.noise, step / 3);
  out.tolerance = tolerance;
  out.step = step;
  out.share = d.share(rest - tolerance, rest + tolerance);
  // Where the band is a good part of all there is, the line passes it rather than rests in it.
  if (out.share < 0.52 || tolerance > 0.4 * (d.max() - d.min())) {
    return std::nullopt;
  }
  // Hum or ripple may lie on a rest that telegrams rise from: those are far higher and brief.
  // Shares: common practice, no source.
  constexpr double kMostlyAtRest = 0.85, kFarHigher = 0.25;
  if (wide && (out.share < kMostlyAtRest || tolerance > kFarHigher * (d.max() - d.min()))) {
    return std::nullopt;
  }
  if (wide) {
    // A wave dwells at its crests; what it rides on is the middle.
    const double below = d.share(-1e300, rest - tolerance);
    out.rest = d.quantile(below + out.share / 2);
  }
  const double grain = std::max(1.2 * noiseRms, 0.5 * step);
  const auto low = static_cast<float>(out.rest - tolerance);
  const auto high = static_cast<float>(out.rest + tolerance);
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
        out.off.push_back(excursion(samples, a, b, out.rest, grain));
      }
      a = b;
    }
    at += at == from ? 1 : 0;  // a lost sample
    if (out.off.size() > kMostExcursions) {
      return std::nullopt;
    }
  }
  dropSteps(out);
  dropRinging(out);
  return wide && !areTelegrams(out, samples.size(), time) && !areWords(out, time)
             ? std::nullopt
             : std::optional(std::move(out));
}

bool swingsBothWays(const RestingLine& line) {
  constexpr std::size_t kLeast = 6;
  std::size_t turns = 0;
  std::vector<double> above, below;
  for (std::size_t i = 0; i < line.off.size(); ++i) {
    const double height = line.off[i].level - line.rest;
    (height > 0 ? above : below).push_back(std::abs(height));
    turns += i > 0 && (height > 0) != (line.off[i - 1].level > line.rest) ? 1 : 0;
  }
  if (line.off.size() < kLeast || above.empty() || below.empty()) {
    return false;
  }
  // Noise breaks a swing into several.
  const bool balanced = line.off.size() > 2 * kLeast &&
                        10 * std::min(above.size(), below.size()) > 3 * line.off.size();
  if (!balanced && 10 * turns < 4 * line.off.size()) {
    return false;
  }
  const double ratio = median(above) / median(below);
  return ratio > 0.5 && ratio < 2;
}

bool isTheOtherCurrent(const RestingLine& line) {
  const double ratio = line.rest > 0 && !line.off.empty() ? line.off.front().level / line.rest : 0;
  return oneLevel(line) && ((ratio > 1.9 && ratio < 2.1) || (ratio > 0.475 && ratio < 0.525));
}

std::size_t standingWords(const RestingLine& line, const capture::TimeBase& time) {
  constexpr double kLongestPulseS = 150e-6, kLongestWordS = 800e-6, kWithinAWordS = 250e-6;
  constexpr double kLeastApartS = 0.08, kMostApartS = 0.25, kSame = 0.1;
  std::vector<double> starts;
  std::size_t pulses = 0;
  double end = -1e300;
  for (const auto& e : line.off) {
    const double from = time.at(e.from);
    const double to = time.at(e.to - 1);
    const double ratio = line.rest > 0 ? e.level / line.rest : 0;
    if (std::abs(ratio - 2) > 0.3 || to - from > kLongestPulseS) {
      return 0;
    }
    if (from - end > kWithinAWordS) {
      starts.push_back(from);
    } else if (to - starts.back() > kLongestWordS) {
      return 0;
    }
    end = to;
    ++pulses;
  }
  // A word of nine bits has five pulses at least.
  if (starts.size() < 2 || pulses < 4 * starts.size()) {
    return 0;
  }
  std::vector<double> apart;
  for (std::size_t i = 1; i < starts.size(); ++i) {
    apart.push_back(starts[i] - starts[i - 1]);
  }
  const auto [least, most] = std::minmax_element(apart.begin(), apart.end());
  return *least > kLeastApartS && *most < kMostApartS && *most < (1 + kSame) * *least
             ? starts.size()
             : 0;
}

namespace {

// As long as each other and whole teeth apart: a ring, of which some pulses are missed.
bool missesSome(const std::vector<Excursion>& off, std::size_t samples,
                const capture::TimeBase& time) {
  std::vector<Pulse> pulses;
  for (const auto& e : off) {
    pulses.push_back({time.at(e.from), time.at(std::min(e.to, samples - 1)), e.from, true});
  }
  return missedPulses(pulses, time.stepS).has_value();
}

}  // namespace

namespace {

// Two teeth of like width with gaps of like width before them, and a third that the record cuts
// off: a wheel that is turned slowly. A hand at the loom does not keep time so well (common
// practice, no source).
bool turnsSlowly(const std::vector<Excursion>& off, std::size_t samples) {
  constexpr double kInTime = 1.15;
  const bool first = !off.empty() && off.front().from == 0;
  if (off.size() != 3 || first == (off.back().to >= samples)) {
    return false;
  }
  const auto length = [&](std::size_t i) { return static_cast<double>(off[i].to - off[i].from); };
  const auto gap = [&](std::size_t i) { return static_cast<double>(off[i + 1].from - off[i].to); };
  const auto alike = [](double a, double b) { return std::max(a, b) < kInTime * std::min(a, b); };
  const std::size_t a = first ? 1 : 0;  // of the two that are whole
  return alike(length(a), length(a + 1)) && alike(gap(0), gap(1)) &&
         length(first ? 0 : 2) < kInTime * length(a);
}

}  // namespace

Moves whatMoves(const RestingLine& line, std::size_t samples, const capture::TimeBase& time) {
  if (line.off.empty()) {
    return Moves::nothing;
  }
  if (areWords(line, time) || standingWords(line, time) > 0) {
    return Moves::words;
  }
  if (areTelegrams(line, samples, time)) {
    return Moves::telegrams;
  }
  if (swingsBothWays(line)) {
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
    const bool asTeeth = !ratios.empty() && alike && !cut && ofLikeLength(line.off);
    return asTeeth || turnsSlowly(line.off, samples) || isTheOtherCurrent(line) ? Moves::teeth
                                                                                : Moves::line;
  }
  const auto ratios = ratiosOf(line.off);
  const bool asTeeth = areEven(ratios) && turnsLikeAWheel(line.off);
  return asTeeth || missesSome(line.off, samples, time) ? Moves::teeth : Moves::line;
}

}  // namespace haybale::trace
