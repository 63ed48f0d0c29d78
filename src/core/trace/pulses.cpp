#include "core/trace/pulses.h"

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/capture/extent.h"
#include "core/trace/heights.h"
#include "core/trace/pulse_finders.h"

namespace haybale::trace {

namespace {

// Samples looked at in one go: few enough to be still in the nearest memory when their cycles are
// measured.
constexpr std::size_t kBlock = 1U << 16;

// What is done to a pulse once the next is known.
struct Finishing {
  bool refined = false;
  double centre = 0;
  Heights heights = Heights::left;
};

bool isCycle(const std::vector<Pulse>& pulses, std::size_t i) {
  return i + 1 < pulses.size() && pulses[i + 1].follows &&
         pulses[i + 1].firstSample > pulses[i].firstSample;
}

capture::Extent extentBetween(std::span<const float> samples, const std::vector<Pulse>& pulses,
                              std::size_t i) {
  const std::size_t from = pulses[i].firstSample;
  return capture::extentOf(samples.subspan(from, pulses[i + 1].firstSample - from));
}

// The cycle that begins at pulse `i`, its heights alone.
Cycle measured(std::span<const float> samples, const std::vector<Pulse>& pulses, std::size_t i,
               const capture::Extent& extent) {
  const Extremes e = extremesOf(samples, pulses[i].firstSample, pulses[i + 1].firstSample, extent);
  Cycle cycle;
  cycle.high = static_cast<float>(e.high);
  cycle.low = static_cast<float>(e.low);
  cycle.mean = static_cast<float>(e.mean);
  return cycle;
}

// One stretch of a record on its way; cycle i begins at pulse i, where they are measured.
template <class Finder>
class Stretch {
 public:
  Stretch(std::span<const float> samples, const capture::TimeBase& time, Finder finder,
          const Finishing& finishing)
      : samples_(samples), time_(time), finder_(std::move(finder)), finishing_(finishing) {}

  Train read() {
    for (std::size_t to = 0; to < samples_.size();) {
      to = std::min(samples_.size(), to + kBlock);
      finder_.advance(to);
      finish(false);
    }
    finish(true);
    return {std::move(finder_.pulses()), std::move(cycles_)};
  }

 private:
  void finish(bool last) {
    auto& pulses = finder_.pulses();
    for (; done_ + (last ? 0 : 1) < pulses.size(); ++done_) {
      if (finishing_.refined) {
        pulses[done_].riseS = refinedRise(samples_, time_, finishing_.centre, pulses, done_);
      }
      if (finishing_.heights == Heights::measured) {
        cycles_.push_back(isCycle(pulses, done_)
                              ? measured(samples_, pulses, done_, extentAfter(done_))
                              : Cycle{});
      }
    }
  }

  [[nodiscard]] capture::Extent extentAfter(std::size_t i) const {
    if constexpr (requires { finder_.extent(i); }) {
      return finder_.extent(i);
    } else {
      return extentBetween(samples_, finder_.pulses(), i);
    }
  }

  std::span<const float> samples_;
  const capture::TimeBase& time_;
  Finder finder_;
  const Finishing& finishing_;
  std::size_t done_ = 0;
  std::vector<Cycle> cycles_;
};

// Leaves the pulses that begin within [from, to), and their cycles.
void keepWithin(Train& train, std::size_t from, std::size_t to) {
  const auto behind = [&](std::size_t sample) {
    return std::partition_point(train.pulses.begin(), train.pulses.end(),
                                [&](const Pulse& p) { return p.firstSample < sample; }) -
           train.pulses.begin();
  };
  const auto first = behind(from);
  const auto last = behind(to);
  const auto keep = [&](auto& items) {
    if (!items.empty()) {
      items.erase(items.begin() + last, items.end());
      items.erase(items.begin(), items.begin() + first);
    }
  };
  keep(train.pulses);
  keep(train.cycles);
}

// Appends a part to what came before it.
void join(std::span<const float> samples, Train& all, Train& part) {
  if (!part.pulses.empty() && !all.pulses.empty() && !part.pulses.front().follows) {
    // The pulse before lay outside of what this part saw.
    const std::size_t before = all.pulses.back().firstSample;
    part.pulses.front().follows =
        capture::runsOfLost(samples.subspan(before, part.pulses.front().firstSample - before)) == 0;
  }
  all.pulses.insert(all.pulses.end(), part.pulses.begin(), part.pulses.end());
  all.cycles.insert(all.cycles.end(), part.cycles.begin(), part.cycles.end());
}

// A long record is read in stretches on all cores. Each begins and ends well outside its own part,
// so that what was before has worn off and the last pulse finds its fall. Where the parts lie
// depends on the record alone.
template <class Make>
Train inStretches(std::span<const float> samples, const capture::TimeBase& time,
                  const Finishing& finishing, const Make& make) {
  constexpr std::size_t kPart = 4U << 20;
  constexpr std::size_t kOutside = 1U << 17;
  const std::size_t parts = piecesOf(samples.size(), kPart);
  if (parts < 2 || !time.uniform()) {
    return Stretch(samples, time, make(samples, time), finishing).read();
  }
  std::vector<Train> found(parts);
  parallelFor(parts, [&](std::size_t p) {
    const auto [from, to] = pieceOf(samples.size(), kPart, p);
    const std::size_t first = from > kOutside ? from - kOutside : 0;
    const std::size_t last = std::min(samples.size(), to + kOutside);
    capture::TimeBase own;
    own.startS = time.at(first);
    own.stepS = time.stepS;
    const auto part = samples.subspan(first, last - first);
    found[p] = Stretch(part, own, make(part, own), finishing).read();
    keepWithin(found[p], from - first, to - first);
    for (auto& pulse : found[p].pulses) {
      pulse.firstSample += first;
    }
  });
  Train all;
  std::size_t pulses = 0, cycles = 0;
  for (const auto& part : found) {
    pulses += part.pulses.size();
    cycles += part.cycles.size();
  }
  all.pulses.reserve(pulses);
  all.cycles.reserve(std::max(pulses, cycles));
  for (auto& part : found) {
    join(samples, all, part);
    part = {};
  }
  return all;
}

// Gives the cycles their times; those that are none are left out.
void setTimes(Train& train) {
  const auto& pulses = train.pulses;
  auto& cycles = train.cycles;
  cycles.resize(pulses.empty() ? 0 : pulses.size() - 1);
  eachInParallel(cycles.size(), kGrain, [&](std::size_t i) {
    const Pulse& now = pulses[i];
    const Pulse& next = pulses[i + 1];
    if (!next.follows || next.firstSample <= now.firstSample || !(next.riseS > now.riseS)) {
      return;  // its period stays 0
    }
    Cycle& cycle = cycles[i];
    cycle.startS = now.riseS;
    cycle.periodS = next.riseS - now.riseS;
    const double share = (now.fallS - now.riseS) / cycle.periodS;
    cycle.duty = std::isnan(share) ? 0 : static_cast<float>(std::clamp(share, 0.0, 1.0));
  });
  std::erase_if(cycles, [](const Cycle& c) { return c.periodS == 0; });
}

}  // namespace

Train readEdges(std::span<const float> samples, const capture::TimeBase& time,
                const Threshold& threshold, Heights heights) {
  Train train =
      inStretches(samples, time, {false, threshold.centre, heights},
                  [&](auto part, const auto& own) { return EdgeFinder(part, own, threshold); });
  setTimes(train);
  return train;
}

Train readSwings(std::span<const float> samples, const capture::TimeBase& time, double centre,
                 double least) {
  Train train = inStretches(
      samples, time, {true, centre, Heights::measured},
      [&](auto part, const auto& own) { return SwingFinder(part, own, centre, least); });
  setTimes(train);
  return train;
}

std::vector<Cycle> findCycles(std::span<const float> samples, const std::vector<Pulse>& pulses,
                              Heights heights) {
  Train train{pulses, std::vector<Cycle>(pulses.size())};
  if (heights == Heights::measured) {
    eachInParallel(pulses.size(), kGrain, [&](std::size_t i) {
      if (isCycle(pulses, i)) {
        train.cycles[i] = measured(samples, pulses, i, extentBetween(samples, pulses, i));
      }
    });
  }
  setTimes(train);
  return std::move(train.cycles);
}

}  // namespace haybale::trace
