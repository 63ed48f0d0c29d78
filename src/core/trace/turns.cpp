#include "core/trace/turns.h"

#include <algorithm>
#include <cmath>

namespace haybale::trace {

namespace {

// Teeth passed at a moment: whole numbers at the rises, even in between. Empty outside the train.
std::optional<double> teethAt(const std::vector<Tooth>& teeth, double s) {
  const auto next = std::upper_bound(teeth.begin(), teeth.end(), s,
                                     [](double at, const Tooth& t) { return at < t.riseS; });
  if (next == teeth.begin() || next == teeth.end()) {
    return std::nullopt;
  }
  const Tooth& before = *(next - 1);
  const double part = (s - before.riseS) / (next->riseS - before.riseS);
  return static_cast<double>(before.number) +
         part * static_cast<double>(next->number - before.number);
}

// The moment at which `number` teeth have passed; `from` is where to go on looking.
std::optional<double> momentOf(const std::vector<Tooth>& teeth, double number, std::size_t& from) {
  while (from + 1 < teeth.size() && static_cast<double>(teeth[from + 1].number) <= number) {
    ++from;
  }
  if (from + 1 >= teeth.size()) {
    return from < teeth.size() && static_cast<double>(teeth[from].number) == number
               ? std::optional(teeth[from].riseS)
               : std::nullopt;
  }
  const auto a = static_cast<double>(teeth[from].number);
  const auto b = static_cast<double>(teeth[from + 1].number);
  return teeth[from].riseS + (number - a) / (b - a) * (teeth[from + 1].riseS - teeth[from].riseS);
}

double perSample(const capture::Record& record, std::size_t channel, const ChannelAnalysis& a) {
  // The analysis may be in amperes, of a record in volts.
  const auto& c = record.channels[channel];
  return c.unit == a.unit || a.senseOhm.value_or(0) <= 0 ? 1 : 1 / *a.senseOhm;
}

}  // namespace

std::vector<Turn> turnsOf(const capture::Record& record, std::size_t channel,
                          const ChannelAnalysis& analysis, std::size_t perTooth, std::size_t most) {
  std::vector<Turn> turns;
  if (!analysis.ring || analysis.teeth.size() < 2 || analysis.ring->teeth < 1) {
    return turns;
  }
  const auto& samples = record.channels[channel].samples;
  const double scale = perSample(record, channel, analysis);
  const auto size = static_cast<std::size_t>(analysis.ring->teeth) * perTooth;
  std::size_t at = 0;
  for (long first = 0; turns.size() < most; first += analysis.ring->teeth) {
    Turn turn;
    for (std::size_t k = 0; k <= size; ++k) {
      const double number =
          static_cast<double>(first) + static_cast<double>(k) / static_cast<double>(perTooth);
      const auto moment = momentOf(analysis.teeth, number, at);
      if (!moment) {
        return turns;
      }
      if (k == 0) {
        turn.startS = *moment;
      }
      const std::size_t i = std::min(samples.size() - 1, record.time.indexAt(*moment));
      turn.values.push_back(static_cast<float>(samples[i] * scale));
    }
    turns.push_back(std::move(turn));
  }
  return turns;
}

Between between(const capture::Record& record, std::size_t channel, const ChannelAnalysis& analysis,
                double aS, double bS) {
  Between out;
  out.seconds = bS - aS;
  if (out.seconds != 0) {
    out.hertz = 1 / std::abs(out.seconds);
  }
  const auto& samples = record.channels[channel].samples;
  const double scale = perSample(record, channel, analysis);
  const auto valueAt = [&](double s) -> std::optional<double> {
    const std::size_t i = record.time.indexAt(s);
    return i < samples.size() && s >= record.time.at(0) && !std::isnan(samples[i])
               ? std::optional(samples[i] * scale)
               : std::nullopt;
  };
  const auto a = valueAt(aS);
  out.at = valueAt(bS);
  if (a && out.at) {
    out.value = *out.at - *a;
  }
  const auto from = teethAt(analysis.teeth, aS);
  const auto to = teethAt(analysis.teeth, bS);
  if (from && to) {
    out.teeth = std::abs(*to - *from);
    if (out.seconds != 0) {
      out.meanHz = *out.teeth / std::abs(out.seconds);
      if (analysis.speedKmh && analysis.frequencyHz && analysis.frequencyHz->median > 0) {
        out.kmh = *out.meanHz * analysis.speedKmh->median / analysis.frequencyHz->median;
      }
    }
  }
  return out;
}

}  // namespace haybale::trace
