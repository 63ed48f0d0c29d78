// One gap that is wide time and again, every so many teeth, where folding over the turns has found
// nothing: the ring was not counted and a gap weighs little in a spectrum, or the hand that turned
// the wheel jerked, and all gaps scatter.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/trace/alone.h"
#include "core/trace/findings.h"
#include "core/trace/judge.h"

namespace haybale::trace {

namespace {

// Logarithms of a gap over what its neighbours let expect. Common practice, no source: below the
// least, teeth placed badly; between a crack and a tooth that is not there lies neither.
constexpr double kLeastRecurs = 0.12, kLeastTwice = 0.17;
constexpr double kMostCrack = 0.55, kLeastAbsent = 0.6, kOneAbsent = 0.8;
constexpr double kAlike = 1.8;                      // the widest over the least wide of them
constexpr double kRest = 0.35;                      // what others may be, of the least wide
constexpr std::size_t kNearTheEnds = kBesideAlone;  // periods; the last tooth has none
constexpr long kFewest = 24, kMost = 130;           // as rings are fitted
// How often it is true: 45 of 46 that had passed but twice (rough seeds 501 to 509, tidy 508 to
// 510), not less of others.
constexpr double kRecursTrue = 0.95;

// One that recurs passes within the first turn: where none stands out there, empty.
std::vector<double> aloneOf(const std::vector<Tooth>& teeth) {
  const auto logs = logPeriods(teeth);
  const auto at = [&](std::size_t i) {
    const double here = alone(logs, i);
    return std::isnan(here) ? 0 : here;
  };
  std::vector<double> out(teeth.size(), 0);
  constexpr std::size_t kFirstTurn = kNearTheEnds + kMost;
  double most = 0;
  for (std::size_t i = 0; i < teeth.size(); ++i) {
    out[i] = at(i);
    most = std::max(most, out[i]);
    if (i == kFirstTurn && most < kLeastRecurs / kAlike) {
      return {};
    }
  }
  return out;
}

// Whether the wheel may have halted at a gap or beside it: then it is wide for that.
bool haltsAt(const std::vector<Tooth>& teeth, std::size_t at) {
  constexpr std::size_t kBeside = 3;
  const auto from = teeth.begin() + static_cast<std::ptrdiff_t>(at - std::min(at, kBeside));
  const auto to =
      teeth.begin() + static_cast<std::ptrdiff_t>(std::min(teeth.size(), at + kBeside + 1));
  return std::any_of(from, to, [](const Tooth& t) { return t.stood || t.turnedBack; });
}

// Whether the wheel may have turned back between two gaps: what lies between is then no turn.
bool turnsBackBetween(const std::vector<Tooth>& teeth, std::size_t from, std::size_t to) {
  const auto at = [&](std::size_t i) { return teeth.begin() + static_cast<std::ptrdiff_t>(i); };
  return std::any_of(at(from), at(to), [](const Tooth& t) { return t.turnedBack; });
}

// Gaps that stand out much alike, and nothing else by a good part of that.
std::vector<std::size_t> standingOut(const std::vector<double>& off) {
  const double most = off.empty() ? 0 : *std::max_element(off.begin(), off.end());
  std::vector<std::size_t> out;
  double least = most, rest = 0;
  for (std::size_t i = 0; i < off.size(); ++i) {
    if (off[i] > most / kAlike) {
      out.push_back(i);
      least = std::min(least, off[i]);
    } else {
      rest = std::max(rest, off[i]);
    }
  }
  return most < kLeastRecurs || rest > kRest * least ? std::vector<std::size_t>{} : out;
}

// Gaps from one to the next, the teeth that are not there counted; none where they differ.
std::optional<long> evenlyApart(const std::vector<std::size_t>& places, long absent) {
  const auto apart = static_cast<long>(places[1] - places[0]);
  for (std::size_t k = 1; k < places.size(); ++k) {
    if (static_cast<long>(places[k] - places[k - 1]) != apart) {
      return std::nullopt;
    }
  }
  return apart + absent;
}

}  // namespace

void Judge::recurringGap() {
  const auto& teeth = a_.teeth;
  if (!a_.dropouts.empty() || teeth.size() < static_cast<std::size_t>(kFewest)) {
    return;
  }
  const auto off = aloneOf(teeth);
  const auto places = standingOut(off);
  if (places.size() < 2 ||
      std::any_of(places.begin(), places.end(), [&](std::size_t i) { return haltsAt(teeth, i); })) {
    return;
  }
  const bool thrice = places.size() > 2;
  double most = 0;
  for (const std::size_t i : places) {
    most = std::max(most, off[i]);
  }
  const bool absent = most > kLeastAbsent && most < kOneAbsent;
  if ((!absent && most > kMostCrack) || (!thrice && most < kLeastTwice)) {
    return;
  }
  // Of a few samples a gap, a sample more or less beats with the teeth and recurs too.
  constexpr double kSamples = 3;
  const double wider = std::expm1(most) * teeth[places.front()].periodS / std::exp(most);
  if (wider * a_.rateHz < kSamples) {
    return;
  }
  const auto apart = evenlyApart(places, absent ? 1 : 0);
  const bool counted = options_.teeth || (a_.ring && !a_.ring->estimated);
  const double known = options_.teeth ? *options_.teeth
                       : counted      ? static_cast<double>(a_.ring->teeth)
                                      : static_cast<double>(apart.value_or(0));
  if (!apart || *apart < kFewest || *apart > kMost || std::lround(known) != *apart) {
    return;
  }
  if (!counted && turnsBackBetween(teeth, places.front(), places.back())) {
    return;
  }
  // The same gap would have passed once more within the record.
  const auto gaps = static_cast<std::size_t>(*apart - (absent ? 1 : 0));
  if (places.front() >= kNearTheEnds + gaps ||
      places.back() + gaps + kNearTheEnds + 1 < teeth.size()) {
    return;
  }
  const Severity severity = thrice ? Severity::fault : Severity::suspect;
  if (absent) {
    add(Code::missingTooth, Where::ring, severity, kRecursTrue,
        sayf("A pulse is left out {} times, every {} teeth, the rest in step: one tooth of the "
             "ring is not there; count its teeth.",
             places.size(), *apart));
  } else {
    add(Code::crackedRing, Where::ring, severity, kRecursTrue,
        sayf("One gap is {:.0f} % wider, {} times, every {} teeth, the rest even: the ring has "
             "cracked and opened; count its teeth.",
             100 * std::expm1(most), places.size(), *apart));
  }
  const auto& first = teeth[places.front()];
  a_.findings.back().place = std::pair{first.riseS - 0.1, first.riseS + first.periodS + 0.1};
}

}  // namespace haybale::trace
