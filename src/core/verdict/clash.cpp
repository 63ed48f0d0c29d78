#include "core/verdict/clash.h"

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

namespace {

// Whether two answers to one test look like the same.
bool looksAlike(const job::Evidence& one, const job::Evidence& other) {
  const auto& a = one.reading.value;
  const auto& b = other.reading.value;
  if (!a || !b) {
    return one.reading == other.reading;
  }
  return a->overload == b->overload &&
         (a->overload || std::abs(a->value - b->value) <=
                             0.1 * std::max(std::abs(a->value), std::abs(b->value)) + 0.02);
}

// How often a test was made again with what looks like the same answer.
std::size_t timesAlike(const Belief& belief, std::size_t index) {
  const auto& evidence = belief.vehicle().job().evidence;
  const auto alike = [&](const job::Evidence& e) {
    return !e.withdrawn && circuit::sameTest(e.test, evidence[index].test) &&
           looksAlike(e, evidence[index]);
  };
  return static_cast<std::size_t>(std::count_if(evidence.begin(), evidence.end(), alike));
}

// The reading that is most probably a slip. Of two that were taken alike and differ, the earlier
// one: the repeat was made to rule it out.
std::size_t clashing(const Belief& belief) {
  const auto weight = [&](const Weighing& w) { return belief.isOwn(w) ? w.mistake : 0; };
  const auto worst =
      std::max_element(belief.weighings().begin(), belief.weighings().end(),
                       [&](const Weighing& a, const Weighing& b) { return weight(a) < weight(b); });
  const auto& evidence = belief.vehicle().job().evidence;
  for (const auto& w : belief.weighings()) {
    if (w.evidence < worst->evidence && w.mistake > priors::of(priors::Id::clash) / 2 &&
        circuit::sameTest(evidence[w.evidence].test, evidence[worst->evidence].test)) {
      return w.evidence;
    }
  }
  // Of two of which either may be it, the one that was repeated and stands.
  if (worst->mistake <= priors::of(priors::Id::clash)) {
    for (const auto& w : belief.weighings()) {
      if (weight(w) > priors::of(priors::Id::clash) / 2 && timesAlike(belief, w.evidence) > 1) {
        return w.evidence;
      }
    }
  }
  return worst->evidence;
}

// Whether the same test was made again, and what it read then agrees with the rest.
bool wasRuledOut(const Belief& belief, std::size_t index) {
  const auto& evidence = belief.vehicle().job().evidence;
  return std::any_of(belief.weighings().begin(), belief.weighings().end(), [&](const Weighing& w) {
    return w.evidence > index && w.mistake < priors::of(priors::Id::clash) / 2 &&
           circuit::sameTest(evidence[w.evidence].test, evidence[index].test) &&
           !looksAlike(evidence[w.evidence], evidence[index]);
  });
}

std::string repeatWords(const circuit::Test& test, const std::string& shown,
                        const std::string& where) {
  if (circuit::unitOf(test.kind) == units::Unit::ohm) {
    return sayf(
        "Repeat {} ({}) at a second contact, on the highest range, before believing "
        "it.",
        shown, where);
  }
  switch (test.kind) {
    case circuit::TestKind::codes:
      return say("Clear the codes once more, do the same again, and read what comes back.");
    case circuit::TestKind::liveSpeed:
      return say("Read the live speeds once more, slowly and in a straight line.");
    case circuit::TestKind::inspect:
      return say("Look again, in good light.");
    case circuit::TestKind::waveform:
      return say("Record the trace once more, with the probe on bright metal.");
    default:
      return sayf("Repeat {} ({}) at a second contact before believing it.", shown, where);
  }
}

}  // namespace

std::string whereTaken(const circuit::Test& test) {
  return test.red ? circuit::spoken(test.red->place)
         : test.kind == circuit::TestKind::waveform
             ? std::string("trace")
             : std::string(circuit::kTestKindNames[static_cast<std::size_t>(test.kind)]);
}

bool sayClash(Conclusion& out, const Belief& belief, const std::vector<ReadingView>& views) {
  const std::size_t index = clashing(belief);
  if (wasRuledOut(belief, index)) {
    return false;
  }
  const auto& e = belief.vehicle().job().evidence[index];
  const std::string shown = index < views.size() ? views[index].shown : say("it");
  const std::string where = whereTaken(e.test);
  out.clash = index;
  out.action = repeatWords(e.test, shown, where);
  out.reasons.push_back(
      sayf("Without {} ({}) the rest agrees: wrong pin, bad contact, or a meter still "
           "ranging?",
           shown, where));
  if (timesAlike(belief, index) < 2) {
    return false;
  }
  out.state = State::contradictory;
  out.headline = say("Contradictory: no single fault explains every reading");
  out.action = sayf(
      "{} ({}) was repeated and stands. Look for a second fault, or for what "
      "this list does not know.",
      shown, where);
  return true;
}

}  // namespace haybale::diagnosis
