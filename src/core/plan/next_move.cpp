#include "core/plan/next_move.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/base/say.h"
#include "core/evidence/void_setup.h"
#include "core/plan/categories.h"
#include "core/plan/cautions.h"
#include "core/plan/good_wheel.h"
#include "core/plan/planner.h"
#include "core/plan/steps.h"
#include "core/plan/test_list.h"
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
// Readings of a wet fault that leave the line alone, before one that does not may be better (common
// practice, no source).
constexpr std::size_t kUntouched = 4;

bool wets(const Test& test) {
  return test.state.disturb && test.state.disturb->kind == circuit::DisturbKind::wet;
}

// Of the circuit in question, as far as it counts.
std::size_t readingsTaken(const job::Case& c) {
  return static_cast<std::size_t>(std::count_if(
      c.evidence.begin(), c.evidence.end(),
      [&](const job::Evidence& e) { return e.test.circuit == c.suspect && !e.withdrawn; }));
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

// Whether both are watched from the same plug, or neither from one.
bool fromSamePlug(const Test& one, const Test& other) {
  return one.red.has_value() == other.red.has_value() &&
         (!one.red || one.red->place.element == other.red->place.element);
}

// Tests made whose outcome would mostly be this one's again: the same disturbance of the same
// element watched otherwise, another trace of the same wheel.
int timesAlike(const job::Case& c, const Test& test) {
  const auto alike = [&](const Test& t) {
    const bool same = t.kind == test.kind && t.circuit == test.circuit;
    const bool disturbed = t.state.disturb && test.state.disturb &&
                           t.state.disturb->kind == test.state.disturb->kind &&
                           t.state.disturb->element == test.state.disturb->element &&
                           fromSamePlug(t, test);
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

// The reading that clashes or that all hangs on, to be taken once more.
std::optional<Test> doubtfulOf(const job::Case& c, const Conclusion& conclusion) {
  const auto at = conclusion.clash ? conclusion.clash : conclusion.hinge;
  if (!at) {
    return std::nullopt;
  }
  const Test& test = c.evidence[*at].test;
  return timesMade(c, test) < 2 && permitted(c, *c.suspectCircuit(), test) ? std::optional(test)
                                                                           : std::nullopt;
}

// What was neither made nor refused; of a long list every so many, so that a long line is still
// halved.
std::vector<Test> candidates(const Beliefs& beliefs, const std::vector<Test>& refused) {
  std::vector<Test> tests = listOf(beliefs);
  std::erase_if(tests, [&](const Test& t) {
    return timesMade(beliefs.job(), t) > 0 ||
           std::any_of(refused.begin(), refused.end(),
                       [&](const Test& r) { return circuit::sameTest(r, t); });
  });
  if (tests.size() <= kMostTests) {
    return tests;
  }
  std::vector<Test> some;
  for (std::size_t i = 0; i < kMostTests; ++i) {
    some.push_back(tests[i * tests.size() / kMostTests]);
  }
  return some;
}

// What comes first for its own sake, and what last.
class Order {
 public:
  explicit Order(const job::Case& c)
      : case_(c),
        dry_(waitsForWater(c)),
        patient_(dry_ && readingsTaken(c) < kUntouched),
        fresh_(nothingDone(c)) {}

  /// Whether it has to wait until the wet fault was seen: it may dry the contact.
  [[nodiscard]] bool waits(const Proposal& p) const {
    return dry_ && p.intrusion != Intrusion::none;
  }

  /// First what is free, before anything is touched; what may dry a wet contact last.
  [[nodiscard]] double rankOf(const Proposal& p) const {
    const bool waiting = waits(p);
    double rank = p.score * (waiting ? of(Id::notYet) * of(Id::notYet) : 1);
    if (bridgesBlindly(case_, p.test)) {
      rank *= of(Id::harmLast);
    }
    if (dry_ && wets(p.test)) {
      rank *= of(Id::asComplained);
    }
    if ((fresh_ && isFree(p.test)) || (patient_ && !waiting)) {
      rank += kFreeFirst;
    }
    return p.again ? rank + kAgainFirst : rank;
  }

 private:
  const job::Case& case_;
  bool dry_;      ///< a wet complaint, and nothing was reproduced yet
  bool patient_;  ///< the same, and few readings taken: nothing is touched at all
  bool fresh_;    ///< nobody asked the module or looked along the line yet
};

// Title, steps, cautions and the answers there are.
void dress(const Beliefs& beliefs, bool waits, Proposal& out) {
  const auto& c = beliefs.job();
  describe(*c.find(out.test.circuit), c.suspect, out);
  if (out.again) {
    out.title = haybale::say("Again: ") + out.title;
  }
  if (waits) {
    out.cautions.insert(out.cautions.begin(),
                        haybale::say("Unplugging may cure it for a day: reproduce it first."));
  }
  out.caution = out.cautions.front();
  if (out.test.kind != TestKind::waveform) {
    for (auto& category : categoriesOf(beliefs.leading().vehicle(), out.test)) {
      out.answers.emplace_back(std::move(category.words), std::move(category.reading));
    }
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
  std::vector<Test> tests = candidates(beliefs, refused);
  const auto again = doubtfulOf(c, conclusion);
  if (again) {
    tests.push_back(*again);
  }
  std::vector<std::optional<Proposal>> all(tests.size());
  std::vector<Prospect> prospects(planner.looksFurther() ? tests.size() : 0);
  parallelFor(tests.size(), [&](std::size_t i) {
    all[i] = planner.propose(tests[i], prospects.empty() ? nullptr : &prospects[i]);
  });
  const auto further = rankFurther(planner, c, all, again, prospects);
  const Order order(c);
  std::vector<Proposal> out;
  for (std::size_t i = 0; i < all.size(); ++i) {
    auto& proposal = all[i];
    if (!proposal) {
      continue;
    }
    proposal->again = again && circuit::sameTest(proposal->test, *again);
    const bool tells = proposal->bits >= of(Id::leastBits) || proposal->ways >= of(Id::leastWays);
    if (!tells && !proposal->again) {
      continue;
    }
    if (!further.empty()) {
      proposal->score = further[i];
    } else if (!proposal->again) {
      proposal->score *= std::pow(of(Id::alikeAgain), timesAlike(c, proposal->test));
    }
    proposal->rank = order.rankOf(*proposal);
    dress(beliefs, order.waits(*proposal), *proposal);
    out.push_back(std::move(*proposal));
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Proposal& a, const Proposal& b) { return a.rank > b.rank; });
  return out;
}

}  // namespace haybale::diagnosis
