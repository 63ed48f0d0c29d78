#include "core/session/guide.h"

#include <algorithm>

#include "core/plan/test_list.h"

namespace haybale::diagnosis {

namespace {

// One bit is about the difference between guessing one of two and knowing it, so nearly as much as
// one wrong repair: with less than this to be learnt a minute it is better spent repairing, or
// stopping.
constexpr double kWorthwhile = 0.018;

// Share of the element's probability from which on the way it failed counts as known, and the bits
// a minute from which on asking for it is cheap.
constexpr double kWayKnown = 0.8;
constexpr double kCheap = 0.055;

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
      refused_(testsOfTheWindow(case_)) {
  think();
}

void Guide::think() {
  assessment_ = assessCase(case_, folder_, shelf_, refused_, &memory_);
}

bool Guide::settled() const {
  const auto& suspects = assessment_.conclusion.suspects;
  if (suspects.empty() || assessment_.conclusion.state == State::contradictory) {
    return suspects.empty();
  }
  const double top = leadingShare(assessment_.conclusion);
  if (top < kSettledShare) {
    return false;
  }
  // The element is known; which wire and how is asked on as long as that is cheap.
  const bool cheap =
      !assessment_.proposals.empty() && assessment_.proposals.front().score >= kCheap;
  const bool known = suspects.front().share >= kWayKnown * top || suspects.front().element.empty();
  return known || !cheap;
}

const Proposal* Guide::ask() const {
  const auto& proposals = assessment_.proposals;
  if (proposals.empty() || tests_ >= limits_.mostTests || settled()) {
    return nullptr;
  }
  // The best that still fits into the minutes left.
  const auto fits = std::find_if(proposals.begin(), proposals.end(), [&](const Proposal& p) {
    return minutes_ + p.minutes <= limits_.mostMinutes;
  });
  return fits != proposals.end() && fits->score >= kWorthwhile ? &*fits : nullptr;
}

void Guide::answer(const job::Reading& reading) {
  const Proposal* asked = ask();
  if (!asked) {
    return;
  }
  ++tests_;
  minutes_ += asked->minutes;
  job::Evidence e;
  e.id = case_.nextEvidenceId();
  e.test = asked->test;
  e.reading = reading;
  case_.evidence.push_back(std::move(e));
  think();
}

void Guide::cannot() {
  if (const Proposal* asked = ask()) {
    refused_.push_back(asked->test);
    think();
  }
}

}  // namespace haybale::diagnosis
