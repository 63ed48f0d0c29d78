#include "core/plan/next_move.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "core/base/parallel.h"
#include "core/plan/forecast.h"
#include "core/plan/test_list.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;

namespace {

constexpr std::size_t kMostTests = 240;
constexpr double kLeastBits = 0.01;
constexpr double kLeastWays = 0.1;
constexpr double kPierceMinutes = 4;  // what a hole costs beyond its minutes
constexpr double kChangeMinutes = 1;  // what it takes to get the car up or down, beyond its minutes
constexpr double kTurnMinutes =
    1;  // to set up and write down any test; favours those that tell much
// Which wire of an element, and how it failed, is asked once the element is as good as known: asked
// before, it costs a tenth of the minutes.
constexpr double kWaysCount = 0.25;
// Unplugging may cure a wet contact for a day: until it was reproduced, what leaves it alone leads.
constexpr double kNotYet = 0.4;

class Planner {
 public:
  Planner(const Belief& belief, const Conclusion& conclusion)
      : belief_(belief),
        waysCount_(leadingShare(conclusion) >= kSettledShare ? kWaysCount : 0),
        forecast_(belief),
        stands_(forecast_.stands()) {
    std::map<std::string, std::size_t> elements;
    std::map<std::tuple<std::string, Fault, std::optional<circuit::WireId>>, std::size_t> ways;
    for (const auto& s : stands_) {
      const auto& h = belief.hypotheses()[s.hypothesis];
      // What clearing has cured already cannot be told from nothing wrong.
      const bool cured = belief.codesCleared() && h.fault == Fault::latchedOff;
      const std::string element = cured ? "" : h.element;
      const Fault fault = cured ? Fault::none : h.fault;
      elementOf_.push_back(elements.emplace(element, elements.size()).first->second);
      wayOf_.push_back(ways.emplace(std::tuple{element, fault, h.wire}, ways.size()).first->second);
    }
    elements_ = elements.size();
    ways_ = ways.size();
    const auto& evidence = belief.vehicle().job().evidence;
    const auto last = std::find_if(evidence.rbegin(), evidence.rend(),
                                   [](const auto& e) { return !e.withdrawn; });
    if (last != evidence.rend()) {
      stance_ = stanceOf(belief.vehicle().suspect(), last->test);
    }
  }

  [[nodiscard]] std::optional<Proposal> propose(const Test& test) const {
    const auto outlook = forecast_.outlook(test);
    if (!outlook) {
      return std::nullopt;
    }
    Proposal out;
    out.test = test;
    out.bits = information(*outlook, elementOf_, elements_);
    out.ways = information(*outlook, wayOf_, ways_);
    out.minutes = minutesOf(belief_.vehicle().job(), test);
    out.intrusion = intrusionOf(belief_.vehicle().suspect(), test);
    out.stance = stanceOf(belief_.vehicle().suspect(), test);
    const double cost = kTurnMinutes + out.minutes +
                        (out.intrusion >= Intrusion::pierce ? kPierceMinutes : 0) +
                        (stance_ && out.stance != *stance_ ? kChangeMinutes : 0);
    out.score = ((1 - waysCount_) * out.bits + waysCount_ * out.ways) / cost;
    say(out, *outlook);
    return out;
  }

 private:
  // Mutual information of outcome and group, in bits.
  [[nodiscard]] double information(const Outlook& outlook, const std::vector<std::size_t>& groupOf,
                                   std::size_t groups) const {
    std::vector<double> share(groups);
    for (std::size_t k = 0; k < stands_.size(); ++k) {
      share[groupOf[k]] += stands_[k].weight;
    }
    double bits = 0;
    std::vector<double> joint(groups);
    for (const auto& row : outlook.chances) {
      std::fill(joint.begin(), joint.end(), 0);
      double total = 0;
      for (std::size_t k = 0; k < stands_.size(); ++k) {
        joint[groupOf[k]] += stands_[k].weight * row[k];
        total += stands_[k].weight * row[k];
      }
      for (std::size_t g = 0; g < groups; ++g) {
        if (joint[g] > 0 && share[g] > 0 && total > 0) {
          bits += joint[g] * std::log2(joint[g] / (share[g] * total));
        }
      }
    }
    return std::max(0.0, bits);
  }

  // Outcomes with the same words are one; the likeliest first.
  void say(Proposal& out, const Outlook& outlook) const {
    std::map<std::string, std::pair<double, std::map<std::string, double>>> said;
    std::vector<std::string> order;
    for (std::size_t o = 0; o < outlook.chances.size(); ++o) {
      if (!said.contains(outlook.words[o])) {
        order.push_back(outlook.words[o]);
      }
      auto& [probability, elements] = said[outlook.words[o]];
      for (std::size_t k = 0; k < stands_.size(); ++k) {
        const double p = stands_[k].weight * outlook.chances[o][k];
        probability += p;
        const auto& id = belief_.hypotheses()[stands_[k].hypothesis].element;
        elements[id.empty() ? "nothing wrong" : id] += p;
      }
    }
    for (const auto& words : order) {
      const auto& [probability, elements] = said[words];
      out.outcomes.push_back({words, likeliest(elements, probability), probability});
    }
    std::stable_sort(out.outcomes.begin(), out.outcomes.end(),
                     [](const auto& a, const auto& b) { return a.probability > b.probability; });
    if (out.outcomes.size() > 4) {
      out.outcomes.resize(4);
    }
  }

  static std::string likeliest(const std::map<std::string, double>& elements, double whole) {
    std::vector<std::pair<std::string, double>> ranked(elements.begin(), elements.end());
    std::stable_sort(ranked.begin(), ranked.end(),
                     [](const auto& a, const auto& b) { return a.second > b.second; });
    std::string text;
    double told = 0;
    for (std::size_t i = 0; i < ranked.size() && i < 3 && told < 0.85 * whole; ++i) {
      text += (text.empty() ? "" : ", ") + ranked[i].first;
      told += ranked[i].second;
    }
    return text;
  }

  const Belief& belief_;
  double waysCount_;
  Forecast forecast_;
  const std::vector<Stand>& stands_;
  std::vector<std::size_t> elementOf_;
  std::vector<std::size_t> wayOf_;
  std::size_t elements_ = 0;
  std::size_t ways_ = 0;
  std::optional<Stance> stance_;  // of the last test made
};

// A complaint of wet weather that nothing unplugged has touched and nothing has reproduced yet.
bool waitsForWater(const job::Case& c) {
  const auto& when = c.complaint.when;
  return std::find(when.begin(), when.end(), "wet") != when.end() &&
         std::none_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& e) {
           const bool driven = e.test.state.wheel == circuit::WheelMotion::driven;
           return e.test.circuit == c.suspect && !e.withdrawn &&
                  (driven || e.test.state.disturb || !e.test.state.unplugged.empty());
         });
}

int timesMade(const job::Case& c, const Test& test) {
  return static_cast<int>(std::count_if(c.evidence.begin(), c.evidence.end(), [&](const auto& e) {
    return !e.withdrawn && sameTest(e.test, test);
  }));
}

}  // namespace

std::string cautionFor(const Test& test) {
  if (test.state.wheel == circuit::WheelMotion::spun) {
    return "Wheel up: rated stands on sound points, the others chocked, never on a jack alone. "
           "Hands clear of the turning wheel.";
  }
  if (test.state.wheel == circuit::WheelMotion::driven) {
    return "ABS and ESC may be off during tests: drive accordingly; a second person watches the "
           "instrument.";
  }
  if (isPull(test)) {
    return "Pull by hand and gently; leave alone what the maker forbids to be touched, and "
           "anything "
           "shielded, orange or of an airbag.";
  }
  if (test.state.disturb && test.state.disturb->kind == circuit::DisturbKind::heat) {
    return "Warm air that a hand can bear, no flame: keep it off fuel and brake lines, batteries "
           "and "
           "anything of an airbag.";
  }
  if (test.state.disturb && test.state.disturb->kind == circuit::DisturbKind::wet) {
    return "Salt water only on loom and plugs, never into a module or on anything orange; rinse it "
           "off afterwards.";
  }
  if (circuit::unitOf(test.kind) == units::Unit::ohm) {
    return "Key off and wait before unplugging a module. Airbag and orange high-voltage circuits: "
           "out of bounds.";
  }
  return "Do not spread the terminals. The maker's procedure and local rules come first.";
}

std::vector<Proposal> proposeTests(const Belief& belief, const Conclusion& conclusion,
                                   const std::vector<Test>& refused) {
  const auto& c = belief.vehicle().job();
  const Planner planner(belief, conclusion);
  std::vector<Test> tests = possibleTests(c);
  std::optional<Test> again;
  if (conclusion.clash && timesMade(c, c.evidence[*conclusion.clash].test) < 2 &&
      permitted(c, *c.suspectCircuit(), c.evidence[*conclusion.clash].test)) {
    again = c.evidence[*conclusion.clash].test;
  }
  std::erase_if(tests, [&](const Test& t) {
    return timesMade(c, t) > 0 || std::any_of(refused.begin(), refused.end(),
                                              [&](const Test& r) { return sameTest(r, t); });
  });
  if (tests.size() > kMostTests) {
    // Every so many of them: a long line is still halved.
    std::vector<Test> some;
    for (std::size_t i = 0; i < kMostTests; ++i) {
      some.push_back(tests[i * tests.size() / kMostTests]);
    }
    tests = std::move(some);
  }
  if (again) {
    tests.push_back(*again);
  }
  const bool undisturbed = waitsForWater(c);
  std::vector<std::optional<Proposal>> all(tests.size());
  parallelFor(tests.size(), [&](std::size_t i) { all[i] = planner.propose(tests[i]); });
  std::vector<Proposal> out;
  for (auto& proposal : all) {
    const bool repeats = proposal && again && sameTest(proposal->test, *again);
    const bool tells = proposal && (proposal->bits >= kLeastBits || proposal->ways >= kLeastWays);
    if (!tells && !repeats) {
      continue;
    }
    proposal->title = titleFor(proposal->test);
    if (undisturbed && proposal->intrusion == Intrusion::unplug) {
      proposal->score *= kNotYet;
    }
    proposal->instructions = instructionsFor(belief.vehicle().suspect(), proposal->test);
    if (repeats) {
      proposal->score += 1e3;
      proposal->title = "Again: " + proposal->title;
    }
    proposal->caution = cautionFor(proposal->test);
    if (undisturbed && proposal->intrusion == Intrusion::unplug) {
      proposal->caution =
          "Unplugging may cure it for a day: reproduce it first. " + proposal->caution;
    }
    if (proposal->test.kind != TestKind::waveform) {
      for (auto& category : categoriesOf(belief.vehicle(), proposal->test)) {
        proposal->answers.emplace_back(std::move(category.words), std::move(category.reading));
      }
    }
    out.push_back(std::move(*proposal));
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Proposal& a, const Proposal& b) { return a.score > b.score; });
  return out;
}

}  // namespace haybale::diagnosis
