#include "core/trace/common_mode.h"

#include <algorithm>
#include <cmath>

#include "core/base/say.h"

namespace haybale::trace {

namespace {

constexpr double kCommonTrue = 0.8;  // common practice, no source
constexpr std::size_t kMostCompared = 5000;

bool meets(const Dropout& d, const std::vector<Dropout>& others) {
  // In order of time: the first that does not end before.
  const auto it =
      std::lower_bound(others.begin(), others.end(), d.startS - kSameMomentS,
                       [](const Dropout& other, double from) { return other.endS < from; });
  return it != others.end() && it->startS <= d.endS + kSameMomentS;
}

// Losses that begin or end together; one that lasts over half of the record meets everything.
bool lossesAreShared(const ChannelAnalysis& a, const ChannelAnalysis& b) {
  const std::size_t count = std::min(a.dropouts.size(), kMostCompared);
  if (count == 0 || b.dropouts.empty() || b.dropouts.size() > 4 * a.dropouts.size() + 4) {
    return false;
  }
  double covered = 0;
  for (const auto& d : b.dropouts) {
    covered += d.endS - d.startS;
  }
  if (covered > 0.5 * b.durationS) {
    return false;
  }
  std::size_t shared = 0;
  for (std::size_t i = 0; i < count; ++i) {
    shared += meets(a.dropouts[i], b.dropouts) ? 1 : 0;
  }
  return static_cast<double>(shared) >= kSharedLosses * static_cast<double>(count);
}

bool stepIsShared(const ChannelAnalysis& a, const ChannelAnalysis& b) {
  constexpr double kStepS = 0.02;  // a step is known to a cycle or so
  return a.levelSteps > 0 && b.levelSteps > 0 && std::abs(a.levelStepS - b.levelStepS) < kStepS;
}

bool isOfLosses(Code code) {
  return code == Code::intermittentOpen || code == Code::intermittentShort || code == Code::noisy;
}

struct Shared {
  bool losses = false;
  bool step = false;
  std::string with;
};

void tell(ChannelAnalysis& a, const Shared& shared) {
  bool blamed = false;
  std::optional<std::pair<double, double>> place;
  for (auto& f : a.findings) {
    const bool ours =
        (shared.losses && isOfLosses(f.code)) || (shared.step && f.code == Code::biasShift);
    if (ours && f.severity != Severity::note) {
      f.severity = Severity::note;
      place = place ? place : f.place;
      blamed = true;
    }
  }
  if (!blamed) {
    return;
  }
  Finding common{Code::common, Where::supply, Severity::suspect, kCommonTrue,
                 sayf("At the same moments as on {}: what they share lets go (supply, ground, "
                      "module, or the scope's own lead), not this line alone.",
                      shared.with)};
  common.place = place;
  // Behind what is still blamed, before all notes.
  const auto at = std::find_if(a.findings.begin(), a.findings.end(),
                               [](const Finding& f) { return f.severity == Severity::note; });
  a.findings.insert(at, std::move(common));
}

}  // namespace

void tellCommon(const std::vector<ChannelAnalysis*>& channels) {
  std::vector<Shared> found(channels.size());
  for (std::size_t i = 0; i < channels.size(); ++i) {
    for (std::size_t j = 0; j < channels.size(); ++j) {
      if (i == j) {
        continue;
      }
      const bool losses = lossesAreShared(*channels[i], *channels[j]);
      const bool step = stepIsShared(*channels[i], *channels[j]);
      found[i].losses = found[i].losses || losses;
      found[i].step = found[i].step || step;
      if (losses || step) {
        found[i].with += (found[i].with.empty() ? "" : ", ") + channels[j]->name;
      }
    }
  }
  for (std::size_t i = 0; i < channels.size(); ++i) {
    if (found[i].losses || found[i].step) {
      tell(*channels[i], found[i]);
    }
  }
}

}  // namespace haybale::trace
