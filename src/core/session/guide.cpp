#include "core/session/guide.h"

#include <algorithm>

#include "core/plan/test_list.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using priors::Id;
using priors::of;

namespace {

// Bits a minute from which a test is worth making, after so many minutes and with this share on the
// leading element: the longer it has taken, the more a minute has to tell, and the sooner where
// something leads.
double leastWorth(double top, double minutes) {
  const double fresh = top < of(Id::narrowed) ? of(Id::worthwhileUnknown) : of(Id::worthwhile);
  const double late = minutes / of(Id::patienceMinutes);
  const double weary = top < of(Id::leading) ? of(Id::wearyUnknown) : of(Id::wearyLeading);
  return std::max(fresh, late * late * weary);
}

}  // namespace

std::vector<circuit::Test> testsOfTheWindow(const job::Case& c) {
  auto tests = possibleTests(c);
  std::erase_if(tests, [](const circuit::Test& t) { return !t.state.inject && !isPull(t); });
  return tests;
}

Guide::Guide(job::Case c, std::string folder, GuideLimits limits)
    : case_(std::move(c)),
      folder_(std::move(folder)),
      limits_(limits),
      refused_(testsOfTheWindow(case_)),
      minutes_(limits.spentMinutes) {
  think();
}

void Guide::think() {
  assessment_ = assessCase(case_, folder_, shelf_, refused_, &memory_);
}

bool Guide::settled() const {
  const auto& conclusion = assessment_.conclusion;
  const auto& suspects = conclusion.suspects;
  if (suspects.empty() || conclusion.state == State::contradictory || conclusion.clash) {
    return suspects.empty();
  }
  const double top = leadingShare(conclusion);
  if (top < of(Id::settled) || witness() || clearing() || twice()) {
    return false;
  }
  // The element is known; which wire and how is asked on as long as that is cheap.
  const bool cheap =
      !assessment_.proposals.empty() && assessment_.proposals.front().score >= of(Id::cheap);
  const bool known =
      suspects.front().share >= of(Id::wayKnown) * top || suspects.front().element.empty();
  return known || !cheap;
}

// The best test of a family that is no witness yet, while money would be spent on one alone and
// seeing it twice costs less than the chance of the wrong part.
const Proposal* Guide::witness() const {
  const auto& conclusion = assessment_.conclusion;
  if (!conclusion.wantsWitness || leadingShare(conclusion) < of(Id::isolated) ||
      inVain_ >= of(Id::mostInVain)) {
    return nullptr;
  }
  const auto another = std::find_if(
      assessment_.proposals.begin(), assessment_.proposals.end(), [&](const Proposal& p) {
        return std::find(conclusion.witnesses.begin(), conclusion.witnesses.end(),
                         familyOf(p.test)) == conclusion.witnesses.end() &&
               minutes_ + p.minutes <= limits_.mostMinutes;
      });
  if (another == assessment_.proposals.end()) {
    return nullptr;
  }
  const auto& costs = case_.costs;
  const auto* element = case_.suspectCircuit()->find(conclusion.suspects.front().element);
  const double part = !element                                        ? 0
                      : element->kind == circuit::ElementKind::module ? costs.module
                      : element->kind == circuit::ElementKind::ring   ? costs.ring
                                                                      : costs.sensor;
  const double doubt = std::max(of(Id::oneWitnessDoubt), 1 - leadingShare(conclusion));
  const double price = another->minutes / 60 * costs.hour;
  return price <= doubt * (part + costs.hour + of(Id::comeback)) + costs.hour / 15 ? &*another
                                                                                   : nullptr;
}

// Clearing the codes, while a module is blamed for a supply that may only be latched off.
const Proposal* Guide::clearing() const {
  if (!assessment_.conclusion.clearFirst) {
    return nullptr;
  }
  const auto& proposals = assessment_.proposals;
  const auto codes = std::find_if(proposals.begin(), proposals.end(), [&](const Proposal& p) {
    return p.test.kind == circuit::TestKind::codes && !p.test.state.swap && !p.test.state.jumper &&
           minutes_ + p.minutes <= limits_.mostMinutes;
  });
  return codes != proposals.end() ? &*codes : nullptr;
}

// The number the verdict hangs on once more, where that takes no more than a moment.
const Proposal* Guide::twice() const {
  const auto& proposals = assessment_.proposals;
  const bool hangs = assessment_.conclusion.hinge && !proposals.empty() &&
                     proposals.front().again && proposals.front().minutes <= of(Id::hingeMinutes);
  return hangs && minutes_ + proposals.front().minutes <= limits_.mostMinutes ? &proposals.front()
                                                                              : nullptr;
}

const Proposal* Guide::ask() const {
  const auto& proposals = assessment_.proposals;
  if (proposals.empty() || tests_ >= limits_.mostTests || settled()) {
    return nullptr;
  }
  const double top = leadingShare(assessment_.conclusion);
  if (top >= of(Id::settled)) {
    if (const auto* codes = clearing()) {
      return codes;
    }
    if (const auto* once = twice()) {
      return once;
    }
    if (const auto* second = witness()) {
      return second;
    }
  }
  // The best that still fits into the minutes left; a clashing reading is repeated first.
  // While nothing is as good as known a dear test is still better than a guess.
  const double least = leastWorth(top, minutes_);
  const auto fits = std::find_if(proposals.begin(), proposals.end(), [&](const Proposal& p) {
    const bool worth = p.score >= least || (p.again && top < of(Id::settledForGood));
    return worth && minutes_ + p.minutes <= limits_.mostMinutes;
  });
  return fits != proposals.end() ? &*fits : witness();
}

void Guide::answer(const job::Reading& reading) {
  const Proposal* asked = ask();
  if (!asked) {
    return;
  }
  const bool forAnother = asked == witness();
  const std::string blamed = groupOf(assessment_.conclusion.suspects.front());
  ++tests_;
  minutes_ += asked->minutes;
  job::Evidence e;
  e.id = case_.nextEvidenceId();
  e.test = asked->test;
  e.reading = reading;
  case_.evidence.push_back(std::move(e));
  think();
  const auto& now = assessment_.conclusion;
  const bool sameBlame = !now.suspects.empty() && groupOf(now.suspects.front()) == blamed;
  inVain_ = !sameBlame ? 0 : forAnother && now.wantsWitness ? inVain_ + 1 : inVain_;
}

void Guide::cannot() {
  if (const Proposal* asked = ask()) {
    refused_.push_back(asked->test);
    think();
  }
}

}  // namespace haybale::diagnosis
