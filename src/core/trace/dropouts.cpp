#include "core/trace/dropouts.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include "core/capture/extent.h"
#include "core/trace/median.h"
#include "core/trace/rustling.h"
#include "core/trace/stops.h"

namespace haybale::trace {

namespace {

// Typical periods without a pulse, its own included, that make a dropout where it is not known what
// comes next: a wheel that slows down within a few teeth is none.
constexpr double kSilent = 4;
// Between telegrams of a wheel that turns at walking pace and more.
constexpr double kTelegramApartS = 0.05;
// Of a wheel that turns faster than that a pause of several teeth is none of its telegrams'.
constexpr double kWalkingS = 0.015;
constexpr double kMostSilent = 1e4;  // that are counted in one

// How much of a pause the line has to lie still (common practice, no source): the more where a step
// of the converter is more than so much of the swing.
constexpr double kStills = 0.5, kStillsCoarse = 0.75, kCoarse = 0.1;
constexpr int kRustles = 3;  // teeth that noise has to drown before it is called so

class Finder {
 public:
  explicit Finder(const DropoutInput& in) : in_(in) {
    swing_ = in.levels.peakToPeak;
    std::vector<double> periods;
    for (const auto& t : in.teeth) {
      if (t.periodS > 0 && t.lost == 0) {
        periods.push_back(t.periodS);
      }
    }
    period_ = periods.empty() ? 0 : median(periods);
    tolerance_ = std::max(in.square ? 0.25 * swing_ : 0.1 * swing_, 5 * in.levels.noiseRms);
  }

  std::vector<Dropout> find() {
    for (std::size_t i = 0; i + 1 < in_.teeth.size(); ++i) {
      if (in_.teeth[i].lost > 0 && !in_.teeth[i].stood && !ofTheRing(in_.teeth[i])) {
        const std::size_t from = in_.pulses[i].firstSample;
        const std::size_t to = in_.pulses[i + 1].firstSample;
        if (in_.pulses[i + 1].follows) {
          between(from, to, in_.teeth[i]);
        } else {
          besideTheLost(from, to, in_.teeth[i]);
        }
      }
    }
    atTheEnd();
    beyondTheLevels();
    rustling();
    dropStops(in_, {period_, tolerance_}, out_);
    merge();
    return std::move(out_);
  }

 private:
  // Every absent tooth behind this one is absent turn after turn.
  [[nodiscard]] bool ofTheRing(const Tooth& t) const {
    if (!in_.ring || in_.ring->teeth <= 0) {
      return false;
    }
    for (long k = 1; k <= t.lost; ++k) {
      const int position = static_cast<int>((t.number + k) % in_.ring->teeth);
      const bool known = std::any_of(
          in_.ring->irregular.begin(), in_.ring->irregular.end(), [&](const IrregularTooth& i) {
            return i.kind == ToothKind::missing && i.position == position;
          });
      if (!known) {
        return false;
      }
    }
    return true;
  }

  [[nodiscard]] double middleLevel(std::size_t from, std::size_t to) const {
    std::vector<double> values;
    const std::size_t step = std::max<std::size_t>(1, (to - from) / 2000);
    for (std::size_t i = from + (to - from) / 4; i < to - (to - from) / 4; i += step) {
      if (!std::isnan(in_.samples[i])) {
        values.push_back(in_.samples[i]);
      }
    }
    return values.empty() ? in_.levels.bias : median(values);
  }

  // Samples were lost between the two pulses: nobody knows whether a signal was there. What was
  // seen before and behind them counts, where it lasted long enough to show a pulse.
  void besideTheLost(std::size_t from, std::size_t to, const Tooth& tooth) {
    to = std::min(to, in_.samples.size());
    if (from >= to || !(period_ > 0)) {
      return;  // what a tooth takes is not known
    }
    const auto lost = [&](float v) { return std::isnan(v); };
    const auto begin = in_.samples.begin();
    const auto at = [&](std::size_t i) { return begin + static_cast<std::ptrdiff_t>(i); };
    const auto first = std::find_if(at(from), at(to), lost);
    auto last = first;
    for (auto v = first; v != at(to); ++v) {
      last = lost(*v) ? v : last;
    }
    const auto seenTo = static_cast<std::size_t>(first - begin);
    const auto seenFrom = static_cast<std::size_t>(last - begin) + 1;
    for (const auto& [a, b] : {std::pair(from, seenTo), std::pair(std::min(seenFrom, to), to)}) {
      const double s = b > a + 4 ? in_.time.at(b - 1) - in_.time.at(a) : 0;
      if (s > kSilent * period_) {
        Tooth silent = tooth;
        silent.lost = static_cast<int>(std::min(s / period_, kMostSilent));
        between(a, b, silent);
      }
    }
  }

  // Samples of a spike that does not end a pause: two are a third of a coarse cycle.
  static std::size_t spikeOf(std::size_t cycle) {
    return cycle < 12 ? 1 : std::max<std::size_t>(2, cycle / 10);
  }

  // Where the line rests: from the middle outwards to the last samples at the level.
  void between(std::size_t from, std::size_t to, const Tooth& tooth) {
    to = std::max(from + 4, to);
    if (to > in_.samples.size()) {
      return;
    }
    const std::size_t cycle = (to - from) / static_cast<std::size_t>(tooth.lost + 1);
    // The last pulse's own cycle is not part of it.
    const std::size_t inner = std::min(from + cycle, to - 1);
    const double level = middleLevel(inner, to);
    const auto off = [&](std::size_t i) { return std::abs(in_.samples[i] - level) > tolerance_; };
    std::size_t start = (inner + to) / 2;
    std::size_t end = start;
    const std::size_t most = spikeOf(cycle);
    start = reach(start, from, -1, most, off);
    end = reach(end, to, 1, most, off);
    if (in_.coded && std::abs(level - in_.levels.low) < tolerance_ &&
        tooth.periodS > kTelegramApartS &&
        tooth.periodS > kWalkingS * static_cast<double>(tooth.lost + 1)) {
      return;
    }
    // One pulse is late, and the line stood at the height of a crest: a slow crest.
    const double beside = std::abs(level - in_.levels.bias);
    if (!in_.square && tooth.lost == 1 && beside > 0.2 * swing_ && beside < 0.75 * swing_) {
      return;
    }
    besidePlateau(level, start, end);
    // A line without signal lies still for most of the time; a slow wave passes any level soon, but
    // one of a few steps of the converter seems to lie at each for half a cycle.
    const double stills = !in_.square && in_.step > kCoarse * swing_ ? kStillsCoarse : kStills;
    if (static_cast<double>(end - start) >=
        stills * static_cast<double>(to - from - std::min(cycle, to - from))) {
      add(start, end, level);
      if (end > start && !out_.empty()) {
        out_.back().pitches = tooth.pitch;
      }
    } else if (!in_.square && tooth.lost >= kRustles) {
      // Neither pulses nor a level: where it moves as far as the wave did, it is noise.
      if (kindAt(level, inner, to) == DropoutKind::noise) {
        out_.push_back({in_.time.at(inner), in_.time.at(to - 1), DropoutKind::noise, level,
                        tooth.pitch, false});
      }
    }
  }

  // A level close beside one of the two plateaus, as ground is beside a switch that is on: the half
  // tooth at the plateau, before and behind, is none of it.
  void besidePlateau(double level, std::size_t& start, std::size_t& end) const {
    constexpr double kNoises = 6, kSteps = 2;  // no source
    const double apart =
        std::min(std::abs(level - in_.levels.low), std::abs(level - in_.levels.high));
    if (!in_.square || apart > tolerance_ ||
        apart < std::max(kNoises * in_.levels.noiseRms, kSteps * in_.step)) {
      return;
    }
    const auto there = [&](std::size_t i) { return std::abs(in_.samples[i] - level) < apart / 2; };
    std::size_t from = start, to = end;
    while (from < to && !there(from)) {
      ++from;
    }
    while (to > from && !there(to)) {
      --to;
    }
    if (to > from) {
      start = from;
      end = to;
    }
  }

  template <class Off>
  [[nodiscard]] std::size_t reach(std::size_t at, std::size_t limit, int step, std::size_t most,
                                  const Off& off) const {
    std::size_t last = at;
    std::size_t run = 0;
    while (at != limit && run <= most) {
      run = off(at) ? run + 1 : 0;
      last = run == 0 ? at : last;
      at = step > 0 ? at + 1 : at - 1;
    }
    return last;
  }

  [[nodiscard]] DropoutKind kindAt(double level, std::size_t from, std::size_t to) const {
    double square = 0;
    double n = 0;
    for (std::size_t i = from; i < to; ++i) {
      if (!std::isnan(in_.samples[i])) {
        const double d = in_.samples[i] - level;
        square += d * d;
        n += 1;
      }
    }
    const double rms = n > 0 ? std::sqrt(square / n) : 0;
    const double beyond =
        std::max(in_.levels.high - in_.levels.bias, in_.levels.bias - in_.levels.low);
    // Held anywhere a line lies still; a slow crest only seems to.
    if (!in_.square && rms > std::max(4 * in_.levels.noiseRms, 0.04 * swing_) &&
        rms < 0.25 * swing_) {
      return DropoutKind::shallow;
    }
    if (!in_.square && std::abs(level - in_.levels.bias) > 0.6 * beyond) {
      return DropoutKind::toRail;
    }
    if (in_.square &&
        (level > in_.levels.high + 0.35 * swing_ || level < in_.levels.low - 0.35 * swing_)) {
      return DropoutKind::toRail;
    }
    if (rms > std::max(4 * in_.levels.noiseRms, 0.25 * swing_)) {
      return DropoutKind::noise;
    }
    return rms > std::max(3 * in_.levels.noiseRms, 0.04 * swing_) ? DropoutKind::shallow
                                                                  : DropoutKind::flat;
  }

  void add(std::size_t from, std::size_t to, double level) {
    const DropoutKind kind = to > from ? kindAt(level, from, to) : DropoutKind::flat;
    // A coil's line without signal lies flat: what still moves is a slow wave.
    if (to > from && (in_.square || kind != DropoutKind::shallow)) {
      out_.push_back(
          {in_.time.at(from), in_.time.at(to), kind, level, 0, isPulled(level, in_.line)});
    }
  }

  // The signal stops before the record does, at a speed and a height from which no wheel comes to
  // rest at once.
  void atTheEnd() {
    if (in_.pulses.size() < 6 || in_.teeth.size() < 2) {
      return;
    }
    const Tooth& last = in_.teeth[in_.teeth.size() - 2];
    const std::size_t from = in_.pulses.back().firstSample;
    const std::size_t size = in_.samples.size();
    const double left = in_.time.at(size - 1) - in_.pulses.back().riseS;
    const double height = in_.teeth[in_.teeth.size() - 2].halfSwing;
    const bool strong =
        in_.square || height > std::max(0.35 * swing_ / 2, 4 * in_.spinning.leastHalfSwing);
    if (last.periodS <= 0 || left < 5 * last.periodS || !strong ||
        canStopFrom(leavingHz(in_.teeth, in_.teeth.size() - 2), in_.spinning) ||
        rocksToAStop(in_.teeth)) {
      return;
    }
    const auto cycle = static_cast<std::size_t>(last.periodS / std::max(1e-12, left) *
                                                static_cast<double>(size - 1 - from));
    const double level = middleLevel(std::min(size - 1, from + cycle), size);
    const auto off = [&](std::size_t i) { return std::abs(in_.samples[i] - level) > tolerance_; };
    const std::size_t start = reach((from + cycle + size) / 2, from, -1, spikeOf(cycle), off);
    if (in_.square && std::abs(level - in_.levels.low) < tolerance_) {
      return;  // a standing wheel on a gap looks just so
    }
    if (in_.square && std::abs(level - in_.levels.high) < tolerance_) {
      return;
    }
    add(start, size - 1, level);
  }

  // What no pulse reaches: beyond the plateaus of a square wave, or well beyond the highest crests
  // of a coil's.
  [[nodiscard]] std::pair<double, double> reached() const {
    if (in_.square) {
      const double beyond = 0.35 * swing_ + std::max(4 * in_.levels.noiseRms, 1.2 * in_.step);
      return {in_.levels.low - beyond, in_.levels.high + beyond};
    }
    std::vector<double> heights;
    for (const auto& t : in_.teeth) {
      if (t.halfSwing > 0) {
        heights.push_back(t.halfSwing);
      }
    }
    if (heights.size() < 8) {
      return {-1e300, 1e300};
    }
    const auto high =
        heights.begin() + static_cast<std::ptrdiff_t>(0.9 * static_cast<double>(heights.size()));
    std::nth_element(heights.begin(), high, heights.end());
    // A trough may lie one step of the converter lower than the others do.
    const double beyond = 1.35 * *high + std::max(6 * in_.levels.noiseRms, 1.2 * in_.step);
    return {in_.levels.bias - beyond, in_.levels.bias + beyond};
  }

  // The first pulse behind a coupling capacitor: it rises by the whole swing from where the line
  // had settled, and sags back among the others. A contact comes back by an edge.
  [[nodiscard]] bool slidesBack(const std::pair<std::size_t, std::size_t>& stretch) const {
    constexpr std::size_t kEitherSide = 3;
    // Of the swing. Common practice, no source; set on a made-up record (rough 706, s1047).
    constexpr double kNoEdge = 0.15;
    const auto [from, to] = stretch;
    const bool first = in_.square && in_.pulses.size() > 1 && from < in_.pulses[1].firstSample;
    if (!first || to - from < 2 * kEitherSide || to + kEitherSide > in_.samples.size()) {
      return false;
    }
    return std::abs(middleLevel(to, to + kEitherSide) - middleLevel(to - kEitherSide, to)) <
           std::max(kNoEdge * swing_, 3 * in_.levels.noiseRms);
  }

  void beyondTheLevels() {
    const auto [low, high] = reached();
    if (in_.levels.max <= high && in_.levels.min >= low) {
      return;
    }
    // A lost sample is neither beyond nor back.
    std::vector<std::pair<std::size_t, std::size_t>> found;
    const auto size = in_.samples.size();
    for (std::size_t i = 0; i < size;) {
      const std::size_t start = capture::firstBeyond(in_.samples, i, size, static_cast<float>(low),
                                                     static_cast<float>(high));
      i = start;
      while (i < size && (in_.samples[i] > high || in_.samples[i] < low)) {
        ++i;
      }
      if (i - start >= 3) {
        found.emplace_back(start, i);
      }
      i += i == start ? 1 : 0;
    }
    leaveOvershoots(found);
    if (!found.empty() && slidesBack(found.front())) {
      found.erase(found.begin());
    }
    for (const auto& [from, to] : found) {
      add(from, to - 1, middleLevel(from, to));
    }
  }

  // What every other pulse does for less than half of it is how its edges ring (both shares: common
  // practice, no source; rough seed 602).
  void leaveOvershoots(std::vector<std::pair<std::size_t, std::size_t>>& found) const {
    const auto brief = [&](const std::pair<std::size_t, std::size_t>& f) {
      return in_.time.at(f.second - 1) - in_.time.at(f.first) < period_ / 2;
    };
    if (in_.square && 2 * std::count_if(found.begin(), found.end(), brief) >
                          static_cast<std::ptrdiff_t>(in_.pulses.size())) {
      found.erase(std::remove_if(found.begin(), found.end(), brief), found.end());
    }
  }

  void rustling() {
    if (in_.square || in_.coded) {
      return;
    }
    const auto& teeth = in_.teeth;
    for (const auto& [from, to] : rustlingOf(teeth, swing_)) {
      out_.push_back({teeth[from].riseS, teeth[to].riseS + teeth[to].periodS, DropoutKind::noise,
                      in_.levels.bias, 0, false});
    }
  }

  void merge() {
    std::sort(out_.begin(), out_.end(),
              [](const Dropout& a, const Dropout& b) { return a.startS < b.startS; });
    std::vector<Dropout> merged;
    for (const auto& d : out_) {
      if (!merged.empty() && d.startS <= merged.back().endS + period_) {
        merged.back().endS = std::max(merged.back().endS, d.endS);
      } else {
        merged.push_back(d);
      }
    }
    out_ = std::move(merged);
  }

  const DropoutInput& in_;
  double swing_;
  double tolerance_;
  double period_ = 0;  // of a typical tooth
  std::vector<Dropout> out_;
};

}  // namespace

std::vector<Dropout> dropoutsOf(const DropoutInput& input) {
  return input.samples.size() < 8 ? std::vector<Dropout>{} : Finder(input).find();
}

}  // namespace haybale::trace
