#include "core/plan/next_move.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "core/base/parallel.h"
#include "core/base/say.h"
#include "core/evidence/void_setup.h"
#include "core/plan/forecast.h"
#include "core/plan/good_wheel.h"
#include "core/plan/steps.h"
#include "core/plan/test_list.h"
#include "core/plan/two_steps.h"
#include "core/priors/priors.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;
using priors::Id;
using priors::of;

namespace {

constexpr std::size_t kMostTests = 250;
// Added to what a minute is worth, to put it first.
constexpr double kFreeFirst = 100;
constexpr double kAgainFirst = 1000;

class Planner {
 public:
  Planner(const Beliefs& beliefs, const Conclusion& conclusion)
      : belief_(beliefs.leading()),
        wantsWitness_(conclusion.wantsWitness),
        witnesses_(conclusion.witnesses),
        waysCount_(leadingShare(conclusion) >= of(Id::settled) ? of(Id::waysCount) : 0),
        forecast_(beliefs),
        stands_(forecast_.stands()) {
    std::map<std::pair<std::string, const Belief*>, std::size_t> elements;
    std::map<std::tuple<std::string, Fault, std::optional<circuit::WireId>>, std::size_t> ways;
    // Until the kind of sensor is known it is asked for with the element.
    const bool byKind = !beliefs.kindKnown();
    for (const auto& s : stands_) {
      const auto& h = s.way();
      // What clearing has cured already cannot be told from nothing wrong.
      const bool cured = belief_.codesCleared() && h.fault == Fault::latchedOff;
      const Fault fault = cured ? Fault::none : h.fault;
      // What clearing or a fuse cures is another thing to do than a new module.
      const bool apart = h.fault == Fault::latchedOff || h.fault == Fault::modulePower;
      const std::string group =
          cured || apart || h.element.empty() ? std::string(nameOf(fault)) : h.element;
      elementOf_.push_back(
          elements.emplace(std::pair{group, byKind ? s.belief : nullptr}, elements.size())
              .first->second);
      wayOf_.push_back(ways.emplace(std::tuple{group, fault, h.wire}, ways.size()).first->second);
      takeWay(elementOf_.back(), wayOf_.back(), s.weight);
    }
    standpoint_.elements = elements.size();
    standpoint_.change = of(Id::changeMinutes);
    elements_ = elements.size();
    ways_ = ways.size();
    const auto& evidence = belief_.vehicle().job().evidence;
    const auto last = std::find_if(evidence.rbegin(), evidence.rend(),
                                   [](const auto& e) { return !e.withdrawn; });
    if (last != evidence.rend()) {
      stance_ = stanceOf(belief_.vehicle().suspect(), last->test);
      apart_ = last->test.state.unplugged;
    }
  }

  /// Whether the element is asked for, as far as can be seen: then two steps are looked ahead.
  [[nodiscard]] bool looksFurther() const { return waysCount_ == 0 && !wantsWitness_; }
  [[nodiscard]] const Standpoint& standpoint() const { return standpoint_; }
  [[nodiscard]] std::optional<Stance> stance() const { return stance_; }

  [[nodiscard]] std::optional<Proposal> propose(const Test& test,
                                                Prospect* prospect = nullptr) const {
    const auto outlook = forecast_.outlook(test);
    if (!outlook) {
      return std::nullopt;
    }
    Proposal out;
    out.test = test;
    out.bits = information(*outlook, elementOf_, elements_);
    out.ways = information(*outlook, wayOf_, ways_);
    out.minutes = minutesOf(belief_.vehicle().job(), test);
    const auto* circuit = belief_.vehicle().job().find(test.circuit);
    out.intrusion = intrusionOf(circuit ? *circuit : belief_.vehicle().suspect(), test);
    out.stance = stanceOf(circuit ? *circuit : belief_.vehicle().suspect(), test);
    const double cost =
        setUp(out) + (stance_ && out.stance != *stance_ ? of(Id::changeMinutes) : 0);
    if (prospect) {
      *prospect = {byWay(*outlook), out.bits,
                   setUp(out),      1,
                   out.stance,      laysBare(belief_.vehicle().job(), test)};
    }
    out.score = ((1 - waysCount_) * out.bits + waysCount_ * out.ways) / cost;
    const bool another =
        std::find(witnesses_.begin(), witnesses_.end(), familyOf(test)) == witnesses_.end();
    if (wantsWitness_ && another) {
      out.score *= of(Id::witnessBonus);
    }
    say(out, *outlook);
    return out;
  }

 private:
  void takeWay(std::size_t element, std::size_t way, double weight) {
    const auto [at, added] = jointOf_.emplace(std::pair{element, way}, standpoint_.ways.size());
    if (added) {
      standpoint_.ways.push_back(0);
      standpoint_.elementOf.push_back(element);
    }
    standpoint_.ways[at->second] += weight;
    standOf_.push_back(at->second);
  }

  // Minutes of a test with all that setting it up takes, but for where the car stands.
  [[nodiscard]] double setUp(const Proposal& p) const {
    return of(Id::turnMinutes) + p.minutes +
           (p.intrusion >= Intrusion::pierce ? of(Id::pierceMinutes) : 0) +
           of(Id::putBackMinutes) * toPutBack(p.test);
  }

  // The outlook of each way to fail, its stands together.
  [[nodiscard]] std::vector<std::vector<float>> byWay(const Outlook& outlook) const {
    std::vector<std::vector<float>> out;
    for (const auto& row : outlook.chances) {
      std::vector<float> ways(standpoint_.ways.size());
      for (std::size_t k = 0; k < stands_.size(); ++k) {
        const std::size_t w = standOf_[k];
        ways[w] += static_cast<float>(row[k] * stands_[k].weight / standpoint_.ways[w]);
      }
      out.push_back(std::move(ways));
    }
    return out;
  }

  // Plugs that the last test left apart and this one needs together.
  [[nodiscard]] double toPutBack(const Test& test) const {
    return static_cast<double>(std::count_if(
        apart_.begin(), apart_.end(), [&](const auto& id) { return !test.state.isUnplugged(id); }));
  }

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
        const auto& h = stands_[k].way();
        elements[!h.element.empty()            ? h.element
                 : h.fault == Fault::none      ? haybale::say("nothing wrong")
                 : h.fault == Fault::wrongTyre ? haybale::say("a tyre")
                                               : haybale::say("something else")] += p;
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
  bool wantsWitness_;
  std::vector<Family> witnesses_;
  double waysCount_;
  Forecast forecast_;
  const std::vector<Stand>& stands_;
  std::vector<std::size_t> elementOf_;
  std::vector<std::size_t> wayOf_;
  std::size_t elements_ = 0;
  std::size_t ways_ = 0;
  std::map<std::pair<std::size_t, std::size_t>, std::size_t> jointOf_;
  std::vector<std::size_t> standOf_;  // the way of the standpoint that each stand is of
  Standpoint standpoint_;
  std::optional<Stance> stance_;    // of the last test made
  std::vector<std::string> apart_;  // what it left unplugged
};

bool wets(const Test& test) {
  return test.state.disturb && test.state.disturb->kind == circuit::DisturbKind::wet;
}

// A complaint of wet weather that nothing has reproduced yet, and no plug was taken apart.
bool waitsForWater(const job::Case& c) {
  return c.complaint.shows(job::When::wet) &&
         std::none_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& e) {
           return e.test.circuit == c.suspect && !e.withdrawn &&
                  (wets(e.test) || !e.test.state.unplugged.empty());
         });
}

// Nobody asked the module or looked along the line yet, and it was not opened.
bool nothingDone(const job::Case& c) {
  return !c.intake.codesKept() &&
         std::none_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& e) {
           const bool asked = e.test.kind == TestKind::codes ||
                              e.test.kind == TestKind::liveSpeed ||
                              (e.test.circuit == c.suspect && e.test.kind == TestKind::inspect);
           const bool opened =
               e.test.circuit == c.suspect &&
               (e.test.kind == TestKind::resistance || e.test.kind == TestKind::waveform);
           return !e.withdrawn && (asked || opened);
         });
}

bool isFree(const Test& test) {
  return (test.kind == TestKind::codes || test.kind == TestKind::liveSpeed ||
          test.kind == TestKind::inspect) &&
         test.state.unplugged.empty() && !test.state.swap && !test.state.jumper &&
         !test.state.inject;
}

// A short set on a live input, before any volts were read there: what cannot harm comes first.
bool bridgesBlindly(const job::Case& c, const Test& test) {
  return test.state.jumper && test.state.key == circuit::Key::on &&
         std::none_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& e) {
           return !e.withdrawn && e.test.kind == TestKind::dcVoltage &&
                  e.test.circuit == test.circuit;
         });
}

// Whether the set-up means something under every kind of sensor that is possible.
bool meansSomething(const Beliefs& beliefs, const Test& test) {
  return std::all_of(beliefs.parts().begin(), beliefs.parts().end(), [&](const auto& part) {
    const auto* circuit = part.job->find(test.circuit);
    return circuit && !isVoid(*circuit, test);
  });
}

// All that may be done, under every kind that is possible.
std::vector<Test> listOf(const Beliefs& beliefs) {
  std::vector<Test> out;
  for (const auto& part : beliefs.parts()) {
    auto tests = possibleTests(*part.job);
    for (auto& test : testsOnGoodWheel(*part.job)) {
      tests.push_back(std::move(test));
    }
    for (auto& test : tests) {
      const bool listed = std::any_of(out.begin(), out.end(),
                                      [&](const Test& t) { return circuit::sameTest(t, test); });
      if ((&part == &beliefs.parts().front() || !listed) && meansSomething(beliefs, test)) {
        out.push_back(std::move(test));
      }
    }
  }
  return out;
}

// Tests made whose outcome would mostly be this one's again: the same disturbance of the same
// element watched elsewhere, another trace of the same wheel.
int timesAlike(const job::Case& c, const Test& test) {
  const auto alike = [&](const Test& t) {
    const bool same = t.kind == test.kind && t.circuit == test.circuit;
    const bool disturbed = t.state.disturb && test.state.disturb &&
                           t.state.disturb->kind == test.state.disturb->kind &&
                           t.state.disturb->element == test.state.disturb->element;
    const bool traced = t.kind == TestKind::waveform && t.state.wheel == test.state.wheel &&
                        t.state.swap.has_value() == test.state.swap.has_value() &&
                        t.state.inject.has_value() == test.state.inject.has_value();
    return same && (disturbed || (traced && !t.state.disturb && !test.state.disturb));
  };
  return static_cast<int>(std::count_if(c.evidence.begin(), c.evidence.end(), [&](const auto& e) {
    return !e.withdrawn && alike(e.test);
  }));
}

int timesMade(const job::Case& c, const Test& test) {
  return static_cast<int>(std::count_if(c.evidence.begin(), c.evidence.end(), [&](const auto& e) {
    return !e.withdrawn && sameTest(e.test, test);
  }));
}

// What a minute of each is worth with the best test behind it; empty where only one is looked at.
std::vector<double> rankFurther(const Planner& planner, const job::Case& c,
                                const std::vector<std::optional<Proposal>>& all,
                                const std::optional<Test>& again,
                                std::vector<Prospect>& prospects) {
  if (prospects.empty()) {
    return {};
  }
  std::vector<const Prospect*> seen;
  std::vector<std::size_t> at;
  for (std::size_t i = 0; i < all.size(); ++i) {
    if (all[i]) {
      const bool repeats = again && circuit::sameTest(all[i]->test, *again);
      prospects[i].discount =
          repeats ? 1 : std::pow(of(Id::alikeAgain), timesAlike(c, all[i]->test));
      seen.push_back(&prospects[i]);
      at.push_back(i);
    }
  }
  const auto rates = ratesOfTwo(seen, planner.standpoint(), planner.stance());
  std::vector<double> out(all.size());
  for (std::size_t k = 0; k < at.size(); ++k) {
    out[at[k]] = rates[k];
  }
  return out;
}

// In words; a reading of another circuit says so first.
void describe(const circuit::Circuit& circuit, const std::string& suspect, Proposal& out) {
  out.title = titleFor(circuit, out.test);
  out.instructions = instructionsFor(circuit, out.test);
  out.steps = stepsOf(circuit, out.test);
  out.cautions = cautionsOf(circuit, out.test);
  if (circuit.name != suspect) {
    out.title = sayf("Good wheel {}: {}", circuit.name, out.title);
    out.instructions = sayf("On {}, the good wheel: {}", circuit.name, out.instructions);
    out.steps.insert(
        out.steps.begin(),
        sayf("All of this on {}, the other wheel of the axle: it is the specification.",
             circuit.name));
  }
}

}  // namespace

std::optional<Proposal> weigh(const Beliefs& beliefs, const Conclusion& conclusion,
                              const Test& test) {
  return Planner(beliefs, conclusion).propose(test);
}

std::vector<Proposal> proposeTests(const Beliefs& beliefs, const Conclusion& conclusion,
                                   const std::vector<Test>& refused) {
  const auto& c = beliefs.job();
  const Planner planner(beliefs, conclusion);
  std::vector<Test> tests = listOf(beliefs);
  std::optional<Test> again;
  const auto doubtful = conclusion.clash ? conclusion.clash : conclusion.hinge;
  if (doubtful && timesMade(c, c.evidence[*doubtful].test) < 2 &&
      permitted(c, *c.suspectCircuit(), c.evidence[*doubtful].test)) {
    again = c.evidence[*doubtful].test;
  }
  std::erase_if(tests, [&](const Test& t) {
    return timesMade(c, t) > 0 || std::any_of(refused.begin(), refused.end(), [&](const Test& r) {
             return circuit::sameTest(r, t);
           });
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
  const bool fresh = nothingDone(c);
  std::vector<std::optional<Proposal>> all(tests.size());
  std::vector<Prospect> prospects(planner.looksFurther() ? tests.size() : 0);
  parallelFor(tests.size(), [&](std::size_t i) {
    all[i] = planner.propose(tests[i], prospects.empty() ? nullptr : &prospects[i]);
  });
  const auto further = rankFurther(planner, c, all, again, prospects);
  std::vector<Proposal> out;
  for (std::size_t i = 0; i < all.size(); ++i) {
    auto& proposal = all[i];
    const bool repeats = proposal && again && circuit::sameTest(proposal->test, *again);
    const bool tells =
        proposal && (proposal->bits >= of(Id::leastBits) || proposal->ways >= of(Id::leastWays));
    if (!tells && !repeats) {
      continue;
    }
    const bool waits = undisturbed && proposal->intrusion != Intrusion::none;
    describe(*c.find(proposal->test.circuit), c.suspect, *proposal);
    // First what is free, before anything is touched; what may dry a wet contact last.
    if (!further.empty()) {
      proposal->score = further[i];
    } else if (!repeats) {
      proposal->score *= std::pow(of(Id::alikeAgain), timesAlike(c, proposal->test));
    }
    proposal->rank = proposal->score * (waits ? of(Id::notYet) * of(Id::notYet) : 1);
    if (bridgesBlindly(c, proposal->test)) {
      proposal->rank *= of(Id::harmLast);
    }
    if (undisturbed && wets(proposal->test)) {
      proposal->rank *= of(Id::asComplained);
    }
    if ((fresh && isFree(proposal->test)) || (undisturbed && !waits)) {
      proposal->rank += kFreeFirst;
    }
    if (repeats) {
      proposal->again = true;
      proposal->rank += kAgainFirst;
      proposal->title = haybale::say("Again: ") + proposal->title;
    }
    if (waits) {
      proposal->cautions.insert(
          proposal->cautions.begin(),
          haybale::say("Unplugging may cure it for a day: reproduce it first."));
    }
    proposal->caution = proposal->cautions.front();
    if (proposal->test.kind != TestKind::waveform) {
      for (auto& category : categoriesOf(beliefs.leading().vehicle(), proposal->test)) {
        proposal->answers.emplace_back(std::move(category.words), std::move(category.reading));
      }
    }
    out.push_back(std::move(*proposal));
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Proposal& a, const Proposal& b) { return a.rank > b.rank; });
  return out;
}

}  // namespace haybale::diagnosis
