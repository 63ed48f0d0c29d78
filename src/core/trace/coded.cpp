#include "core/trace/coded.h"

#include <algorithm>
#include <bit>
#include <cmath>

#include "core/trace/median.h"

namespace haybale::trace {

std::optional<CodedWidths> codedWidths(const std::vector<Pulse>& pulses) {
  constexpr std::size_t kOddOf = 5;  // of so many one may be no message's width
  CodedWidths out;
  std::vector<double> duties;
  std::size_t read = 0;
  std::size_t close = 0;
  for (std::size_t i = 0; i < pulses.size(); ++i) {
    const double width = pulses[i].fallS - pulses[i].riseS;
    if (!(width > 0)) {
      continue;
    }
    ++read;
    if (i + 1 < pulses.size() && pulses[i + 1].follows) {
      duties.push_back(width / (pulses[i + 1].riseS - pulses[i].riseS));
    }
    bool named = false;
    for (std::size_t k = 0; k < kCodedWidthsS.size() && !named; ++k) {
      named = std::abs(width / kCodedWidthsS[k] - 1) < 0.2;
      out.counts[k] += named ? 1 : 0;
      close += named && std::abs(width / kCodedWidthsS[k] - 1) < 0.06 ? 1 : 0;
    }
    out.odd += named ? 0 : 1;
    if (out.odd * kOddOf > pulses.size()) {
      return std::nullopt;
    }
  }
  if (read < 4 || out.odd * kOddOf > read || duties.empty()) {
    return std::nullopt;
  }
  const auto moving = std::max_element(out.counts.begin(), out.counts.end() - 1);
  const bool moves = 4 * *moving > out.counts[5];
  out.main = moves ? static_cast<std::size_t>(moving - out.counts.begin()) : 5;
  // A standstill is told of every 740 ms; a square wave's half may happen to be as wide as any
  // message.
  const double duty = median(duties);
  if (duty > (out.main == 5 ? 0.05 : 0.42) || (duty > 0.25 && 10 * close < 9 * read)) {
    return std::nullopt;
  }
  return out;
}

std::optional<ThreeLevels> threeLevels(const Distribution& d) {
  const double bottom = d.quantile(0.01);
  const double top = d.quantile(0.9996);
  if (!(bottom > 0) || top / bottom < 3.2 || top / bottom > 4.9) {
    return std::nullopt;
  }
  const double unit = (top / 4 + bottom) / 2;
  const auto near = [&](double level) { return d.share(level - 0.35 * unit, level + 0.35 * unit); };
  const double low = near(unit);
  const double middle = near(2 * unit);
  const double high = near(4 * unit);
  if (low < 0.2 || middle < 0.002 || high < 0.0005 || low + middle + high < 0.85) {
    return std::nullopt;
  }
  return ThreeLevels{unit, 2 * unit, 4 * unit};
}

namespace {

constexpr double kBitS = 50e-6;
constexpr int kBits = 9;

std::size_t sampleAt(const capture::TimeBase& time, double s, std::size_t size) {
  if (time.uniform()) {
    return static_cast<std::size_t>(
        std::clamp((s - time.startS) / time.stepS, 0.0, static_cast<double>(size - 1)));
  }
  const auto it = std::lower_bound(time.timesS.begin(), time.timesS.end(), s);
  return std::min<std::size_t>(size - 1, static_cast<std::size_t>(it - time.timesS.begin()));
}

// Mean over the middle of a span of time.
double levelOver(std::span<const float> samples, const capture::TimeBase& time, double from,
                 double to) {
  const double margin = 0.25 * (to - from);
  const std::size_t a = sampleAt(time, from + margin, samples.size());
  const std::size_t b = std::max(a + 1, sampleAt(time, to - margin, samples.size()));
  double sum = 0;
  for (std::size_t i = a; i < b; ++i) {
    sum += samples[i];
  }
  return sum / static_cast<double>(b - a);
}

}  // namespace

std::vector<DataWord> dataWords(std::span<const float> samples, const capture::TimeBase& time,
                                const std::vector<Pulse>& speedPulses, const ThreeLevels& levels) {
  std::vector<DataWord> out;
  const double threshold = (levels.low + levels.middle) / 2;
  const double end = samples.empty() ? 0 : time.at(samples.size() - 1);
  for (const auto& pulse : speedPulses) {
    if (!(pulse.fallS > pulse.riseS)) {
      continue;
    }
    DataWord word;
    word.startS = pulse.riseS;
    // One low half bit lies between the speed pulse and the first data bit.
    double at = pulse.fallS + kBitS / 2;
    while (word.count < kBits && at + kBitS <= end) {
      const bool first = levelOver(samples, time, at, at + kBitS / 2) > threshold;
      const bool second = levelOver(samples, time, at + kBitS / 2, at + kBitS) > threshold;
      if (first == second) {
        break;  // no edge in the middle of the bit: the word ends here
      }
      word.bits |= (second ? 1U : 0U) << word.count;
      ++word.count;
      at += kBitS;
    }
    word.parityOk = word.count == kBits && std::popcount(word.bits) % 2 == 0;
    out.push_back(word);
  }
  return out;
}

}  // namespace haybale::trace
