#include "core/practice/play.h"

#include <fmt/format.h>

#include <algorithm>
#include <filesystem>

#include "core/base/say.h"
#include "core/plan/test_effort.h"
#include "core/practice/made_up.h"
#include "core/session/closing.h"
#include "core/session/guide.h"

namespace haybale::practice {

using diagnosis::Deed;
using diagnosis::Fault;

namespace {

constexpr double kHintMinutes = 1;
constexpr double kSpoken = 0.8;  // share from which the readings speak for a part

std::string whyNot(const job::Case& c, const circuit::Circuit& circuit, const circuit::Test& test) {
  const auto intrusion = diagnosis::intrusionOf(circuit, test);
  const std::string_view needed = diagnosis::kIntrusionNames[static_cast<std::size_t>(intrusion)];
  const bool allowed = intrusion == diagnosis::Intrusion::none ||
                       std::find(c.allowed.begin(), c.allowed.end(), needed) != c.allowed.end();
  return allowed ? haybale::say("the tool box has no tool for it")
                 : sayf("it needs to {}, which the owner does not allow", needed);
}

Fault faultCalled(const std::string& name) {
  const auto it = std::find(diagnosis::kFaultNames.begin(), diagnosis::kFaultNames.end(), name);
  return it == diagnosis::kFaultNames.end()
             ? Fault::other
             : static_cast<Fault>(it - diagnosis::kFaultNames.begin());
}

}  // namespace

Play::Play(PracticeCase p, std::uint32_t seed, std::string folder)
    : about_(std::move(p)),
      seed_(seed),
      folder_(std::move(folder)),
      hidden_(*hiddenIn(about_)),
      mended_(hidden_.size(), false),
      known_(about_.shown),
      vehicle_(vehicleOf(about_, hidden_, seed, folder_)),
      refused_(diagnosis::testsOfTheWindow(known_)) {}

const diagnosis::Assessment& Play::assessment() {
  if (!assessment_) {
    assessment_ = diagnosis::assessCase(known_, folder_, shelf_, refused_, &memory_);
  }
  return *assessment_;
}

std::unique_ptr<sim::SimVehicle> Play::likeIt() const {
  auto out = vehicleOf(about_, hidden_, seed_, "");
  for (std::size_t i = 0; i < hidden_.size(); ++i) {
    if (mended_[i]) {
      out->repair(hidden_[i].fault.element);
    }
  }
  return out;
}

const sim::HiddenFault* Play::unmended() const {
  for (std::size_t i = 0; i < hidden_.size(); ++i) {
    if (!mended_[i]) {
      return &hidden_[i];
    }
  }
  return nullptr;
}

// What the step was worth, before it is known what it gave.
void Play::book(const circuit::Test& test, double minutes) {
  const auto& a = assessment();
  Step step;
  step.test = test;
  const bool weighable = a.beliefs && test.circuit == known_.suspectCircuit()->name;
  const auto worth = weighable ? diagnosis::weigh(*a.beliefs, a.conclusion, test) : std::nullopt;
  step.worthBits = worth ? worth->bits : 0;
  if (!a.proposals.empty()) {
    const auto& best = a.proposals.front();
    step.bestBits = best.bits;
    const bool asGood =
        circuit::sameTest(best.test, test) ||
        step.worthBits / std::max(minutes, 0.1) >= 0.9 * best.bits / std::max(best.minutes, 0.1);
    step.better = asGood ? "" : best.instructions;
  }
  score_.steps.push_back(std::move(step));
}

Answer Play::make(const circuit::Test& test) {
  Answer out;
  const auto* circuit = known_.find(test.circuit);
  if (over_ || !circuit) {
    out.cannot =
        over_ ? haybale::say("the case is over") : haybale::say("there is no such circuit");
    return out;
  }
  if (!diagnosis::permitted(known_, *circuit, test)) {
    out.cannot = whyNot(known_, *circuit, test);
    return out;
  }
  const double minutes = diagnosis::minutesOf(known_, test);
  const auto intrusion = diagnosis::intrusionOf(*circuit, test);
  const bool again = std::any_of(known_.evidence.begin(), known_.evidence.end(),
                                 [&](const auto& e) { return circuit::sameTest(e.test, test); });
  auto reading = vehicle_->answer(test);
  if (!reading) {
    refused_.push_back(test);
    assessment_.reset();
    out.cannot = haybale::say("it cannot be measured there on this vehicle");
    return out;
  }
  book(test, minutes);
  noteDown(known_, test, *reading);
  assessment_.reset();
  score_.minutes += minutes;
  score_.spent += minutes / 60 * known_.costs.hour;
  score_.holes += intrusion >= diagnosis::Intrusion::pierce && !again ? 1 : 0;
  bookWhatItGave();
  out.reading = std::move(reading);
  out.minutes = minutes;
  return out;
}

// What came of the step: read now, told at the end.
void Play::bookWhatItGave() {
  constexpr std::size_t kSuspects = 3;
  Step& step = score_.steps.back();
  const auto& a = assessment();
  if (!a.views.empty()) {
    step.shown = a.views.back().shown;
    for (const auto& trap : a.views.back().traps) {
      step.traps.push_back(trap.text);
    }
  }
  for (const auto& s : a.conclusion.suspects) {
    const auto same = std::find_if(step.suspects.begin(), step.suspects.end(),
                                   [&](const auto& known) { return known.first == s.element; });
    if (same != step.suspects.end()) {
      same->second += s.share;
    } else {
      step.suspects.emplace_back(s.element, s.share);
    }
  }
  std::stable_sort(step.suspects.begin(), step.suspects.end(),
                   [](const auto& x, const auto& y) { return x.second > y.second; });
  step.suspects.resize(std::min(step.suspects.size(), kSuspects));
}

Worked Play::fit(const std::string& element) {
  return work(element, true);
}

Worked Play::mend(const std::string& element) {
  return work(element, false);
}

Worked Play::work(const std::string& element, bool newPart) {
  Worked out;
  const auto* on = known_.suspectCircuit()->find(element);
  using circuit::ElementKind;
  const bool isPart = on && (on->kind == ElementKind::sensor || on->kind == ElementKind::ring ||
                             on->kind == ElementKind::module);
  if (over_ || (!on && !element.empty()) || (newPart && !isPart)) {
    out.cannot = over_           ? haybale::say("the case is over")
                 : newPart && on ? haybale::say("there is no new part for it; mend it")
                                 : haybale::say("there is no such element on this line");
    return out;
  }
  // What this work would cure here, and what it takes as such.
  const Fault typical = !newPart                          ? Fault::resistive
                        : on->kind == ElementKind::sensor ? Fault::sensorDead
                        : on->kind == ElementKind::ring   ? Fault::ringTooth
                                                          : Fault::inputDead;
  auto work = on && !newPart && isPart && on->kind != ElementKind::module
                  ? diagnosis::Work{Deed::clean, 0, 15, 1}
                  : diagnosis::workFor(typical, on, known_.costs);
  bool cures = false;
  for (std::size_t i = 0; i < hidden_.size(); ++i) {
    const auto& h = hidden_[i].fault;
    const auto needed = diagnosis::workFor(h.fault, on, known_.costs);
    const bool here = h.element == element && !mended_[i] && h.fault != Fault::none;
    if (here && (needed.deed == Deed::fit) == newPart) {
      mended_[i] = cures = true;
      work = needed;
      vehicle_->repair(element);
    }
  }
  out.minutes = work.minutes + (on ? on->accessMinutes : 0);
  out.cost = work.part + out.minutes / 60 * known_.costs.hour;
  if (newPart) {
    double share = 0;
    for (const auto& s : assessment().conclusion.suspects) {
      share += s.element == element ? s.share : 0;
    }
    score_.guessedParts += share < kSpoken ? 1 : 0;
    score_.wrongParts += cures ? 0 : 1;
  }
  score_.wasted += cures ? 0 : out.cost;
  score_.minutes += out.minutes;
  score_.spent += out.cost;
  job::History done;
  done.circuit = known_.suspect;
  done.element = element;
  done.what = newPart ? job::Work::replaced : job::Work::repaired;
  done.cured = cures && std::all_of(mended_.begin(), mended_.end(), [](bool m) { return m; });
  known_.history.push_back(std::move(done));
  assessment_.reset();
  return out;
}

Hint Play::hint() {
  Hint out;
  ++score_.hints;
  out.minutes = kHintMinutes;
  score_.minutes += kHintMinutes;
  const bool enough = score_.steps.size() >= kMostSteps;
  if (!enough && std::none_of(mended_.begin(), mended_.end(), [](bool m) { return m; })) {
    diagnosis::GuideLimits limits;
    limits.spentMinutes = diagnosis::minutesSpent(known_);
    diagnosis::Guide guide(known_, folder_, limits);
    while (const auto* ask = guide.ask()) {
      const bool cannot = std::any_of(refused_.begin(), refused_.end(), [&](const auto& t) {
        return circuit::sameTest(t, ask->test);
      });
      if (!cannot) {
        out.test = ask->test;
        out.why = ask->instructions;
        return out;
      }
      guide.cannot();
    }
  }
  // Nothing is worth a test any more: the verdict.
  std::size_t left = 0;
  while (left + 1 < mended_.size() && mended_[left]) {
    ++left;
  }
  out.say = about_.truth[left];
  out.why = haybale::say("The readings are enough to say what it is.");
  return out;
}

bool Play::isRight(const std::string& element, const std::string& fault) const {
  for (std::size_t i = 0; i < hidden_.size(); ++i) {
    const auto& h = hidden_[i].fault;
    // A second fault must be named once the first is mended.
    if (mended_[i] && i + 1 < hidden_.size()) {
      continue;
    }
    const auto* on = known_.suspectCircuit()->find(h.element);
    const bool gap = h.fault == Fault::wideGap;
    const auto* ring = known_.suspectCircuit()->find(element);
    const bool same =
        h.element == element || (gap && ring && ring->kind == circuit::ElementKind::ring);
    if (!same) {
      return false;
    }
    if (fault.empty()) {
      return true;
    }
    const Fault said = faultCalled(fault);
    return said == h.fault ||
           (said != Fault::other && said != Fault::none && h.fault != Fault::none &&
            diagnosis::workFor(said, on, known_.costs).deed ==
                diagnosis::workFor(h.fault, on, known_.costs).deed);
  }
  return false;
}

// The way the program itself would go, on a vehicle like it.
Way Play::bestWay() const {
  const std::string folder = folder_ + "/best";
  std::error_code ignored;
  std::filesystem::create_directories(folder, ignored);
  const auto vehicle = vehicleOf(about_, hidden_, seed_, folder);
  auto way = shortestWay(
      about_, [&](const circuit::Test& test) { return vehicle->answer(test); }, folder);
  std::filesystem::remove_all(folder, ignored);
  return way;
}

Score Play::say(const std::string& element, const std::string& fault) {
  if (!over_) {
    over_ = true;
    score_.right = isRight(element, fault);
    score_.best = bestWay();
    score_.bestMinutes = score_.best.minutes;
    score_.points = pointsOf(score_);
  }
  return score_;
}

}  // namespace haybale::practice
