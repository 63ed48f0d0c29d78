#include "core/plan/proof.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/parallel.h"
#include "core/base/say.h"
#include "core/plan/cautions.h"
#include "core/plan/forecast.h"
#include "core/plan/options.h"
#include "core/plan/test_list.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::DisturbKind;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;

namespace {

constexpr std::size_t kMostSteps = 10;
constexpr double kSetUpMinutes = 3;  // of any step: a cheap one is not free
constexpr double kCreepKmh = 5;
constexpr double kRoadKmh = 95;

bool ofTheSuspect(const job::Case& c, const job::Evidence& e) {
  return e.test.circuit == c.suspect || e.test.state.swap || e.test.kind == TestKind::codes ||
         e.test.kind == TestKind::liveSpeed;
}

// Which hypotheses are the same thing, before and after: pieces of a pierced leg are.
std::string wayOf(const Hypothesis& h) {
  return fmt::format("{}/{}/{}", h.element, static_cast<int>(h.fault),
                     h.wire ? static_cast<int>(*h.wire) : -1);
}

// Whether the work that was decided on would cure it; of work that nobody chose it is taken that it
// was the right one.
bool isCured(const job::Case& c, const std::optional<Fault>& decided, const Hypothesis& h) {
  return !decided ||
         (h.element == c.repair.element &&
          oneWorkCures(*decided, h.fault, c.suspectCircuit()->find(h.element), c.costs));
}

// What may still be wrong, by hypothesis of `after`; the first, nothing, has the rest. What the
// chosen work does not cure is as probable as it was.
std::vector<double> doubts(const job::Case& c, const Belief& found, const Belief& after) {
  const auto decided = decidedFault(c);
  std::map<std::string, double> share;
  double wrong = 0;
  for (std::size_t h = 0; h < found.hypotheses().size(); ++h) {
    if (found.hypotheses()[h].fault != Fault::none) {
      share[wayOf(found.hypotheses()[h])] += found.probabilities()[h];
      wrong += found.probabilities()[h];
    }
  }
  std::map<std::string, double> pieces;
  double priors = 0;
  for (const auto& h : after.hypotheses()) {
    pieces[wayOf(h)] += h.prior;
    priors += h.fault == Fault::none ? 0 : h.prior;
  }
  std::vector<double> out;
  double total = 0;
  for (const auto& h : after.hypotheses()) {
    double q = 0;
    if (h.fault != Fault::none) {
      const auto it = share.find(wayOf(h));
      const double was = it == share.end() ? 0 : it->second;
      const double left = !isCured(c, decided, h) ? was
                          : wrong > 0             ? priors::of(priors::Id::leftIn) * was / wrong
                                                  : 0;
      q = left * h.prior / pieces[wayOf(h)] + priors::of(priors::Id::behind) * h.prior / priors;
    }
    out.push_back(q);
    total += q;
  }
  // A little is always left for a complaint that went by itself.
  const double most = priors::of(priors::Id::proofMost);
  if (total > most) {
    for (double& q : out) {
      q *= most / total;
    }
    total = most;
  }
  out.front() = 1 - total;
  return out;
}

// Half a line moved with a plug apart: for seeking, not for proving what is together again.
bool halves(const Test& test) {
  return test.kind == TestKind::wiggle && test.state.disturb &&
         test.state.disturb->element.empty() && test.red &&
         test.red->place.kind != circuit::Place::Kind::modulePlug;
}

bool fits(const Test& test) {
  const auto& s = test.state;
  return !halves(test) && !s.swap && !s.inject && !s.jumper && test.kind != TestKind::inspect &&
         test.kind != TestKind::benchSensor && test.kind != TestKind::loop &&
         test.kind != TestKind::lamp;
}

Test driven(const job::Case& c, TestKind kind, std::optional<double> kmh,
            std::optional<DisturbKind> disturb) {
  Test t;
  t.kind = kind;
  t.circuit = c.suspect;
  t.state.wheel = WheelMotion::driven;
  t.state.speedKmh = kmh;
  if (disturb) {
    t.state.disturb = circuit::Disturb{*disturb, ""};
  }
  return t;
}

// The road test in its pieces, and every reading the tools and the car permit.
std::vector<Test> candidates(const job::Case& c) {
  std::vector<Test> out = possibleTests(c);
  std::erase_if(out, [](const Test& t) { return !fits(t); });
  for (const auto& t : {driven(c, TestKind::liveSpeed, kCreepKmh, std::nullopt),
                        driven(c, TestKind::codes, std::nullopt, DisturbKind::shake),
                        driven(c, TestKind::codes, std::nullopt, DisturbKind::heat),
                        driven(c, TestKind::codes, kRoadKmh, std::nullopt)}) {
    if (permitted(c, *c.suspectCircuit(), t)) {
      out.push_back(t);
    }
  }
  return out;
}

// The test that moved the belief of what was found most, if it may be made again.
std::optional<Test> whatFoundIt(const job::Case& c, const Belief& found) {
  const Weighing* best = nullptr;
  for (const auto& w : found.weighings()) {
    const auto& test = found.vehicle().job().evidence[w.evidence].test;
    if (fits(test) && test.circuit == c.suspect && permitted(c, *c.suspectCircuit(), test) &&
        (!best || w.bits > best->bits)) {
      best = &w;
    }
  }
  return best ? std::optional(found.vehicle().job().evidence[best->evidence].test) : std::nullopt;
}

// Chance of each stand to look sound at a test; empty where that cannot be told.
std::vector<double> looksSound(const Forecast& forecast, const Belief& after, const Test& test) {
  const auto outlook = forecast.outlook(test);
  if (!outlook) {
    return {};
  }
  const auto& stands = forecast.stands();
  std::vector<double> sound(outlook->chances.size());
  double most = 0;
  for (std::size_t o = 0; o < outlook->chances.size(); ++o) {
    for (std::size_t k = 0; k < stands.size(); ++k) {
      if (after.hypotheses()[stands[k].hypothesis].fault == Fault::none) {
        sound[o] += stands[k].weight * outlook->chances[o][k];
      }
    }
    most = std::max(most, sound[o]);
  }
  const double least = most * (circuit::unitOf(test.kind) != units::Unit::none
                                   ? priors::of(priors::Id::soundNumber)
                                   : priors::of(priors::Id::soundAnswer));
  std::vector<double> out(stands.size());
  for (std::size_t o = 0; o < outlook->chances.size(); ++o) {
    for (std::size_t k = 0; sound[o] >= least && k < stands.size(); ++k) {
      out[k] += outlook->chances[o][k];
    }
  }
  return out;
}

// As the trade says it; other tests by their own name.
std::string proofTitle(const circuit::Circuit& circuit, const Test& test) {
  const auto& s = test.state;
  const bool rolling = s.wheel == WheelMotion::driven;
  if (test.kind == TestKind::liveSpeed && rolling && s.speedKmh && *s.speedKmh <= kCreepKmh) {
    return say("Creep to a stop, watching the live speeds for a dropout");
  }
  if (test.kind == TestKind::liveSpeed) {
    return rolling ? say("Live speeds, driven straight")
                   : say("Live speed follows the wheel spun by hand");
  }
  if (test.kind != TestKind::codes) {
    return titleFor(circuit, test);
  }
  const std::string quick = units::formatPlain(25, units::Unit::kmh);
  if (!rolling) {
    return s.wheel == WheelMotion::still ? say("Clear, cycle the key, read the codes")
                                         : say("Spin the wheel, read the codes");
  }
  if (s.disturb) {
    switch (s.disturb->kind) {
      case DisturbKind::flex:
        return say("Steer lock to lock while rolling, read the codes");
      case DisturbKind::shake:
        return say("Over the same bump, read the codes");
      case DisturbKind::wet:
        return sayf("Wet it again, 30 s above {}, read the codes", quick);
      case DisturbKind::pull:
        break;
      case DisturbKind::heat:
        return say("Drive it warm, read the codes");
    }
  }
  return s.speedKmh ? sayf("Several minutes at {} where lawful, read the codes",
                           units::formatPlainBand(90, 100, units::Unit::kmh))
                    : sayf("Drive above {}, read the codes", quick);
}

class Chooser {
 public:
  Chooser(const job::Case& c, const Belief& after, const std::vector<double>& doubt)
      : case_(c), after_(after), forecast_(after), tests_(candidates(c)) {
    // Each stand has its hypothesis' doubt in proportion to its weight.
    std::vector<double> sums(after.hypotheses().size());
    for (const auto& s : forecast_.stands()) {
      sums[s.hypothesis] += s.weight;
    }
    for (const auto& s : forecast_.stands()) {
      unseen_.push_back(s.hypothesis == 0 || sums[s.hypothesis] <= 0
                            ? 0
                            : doubt[s.hypothesis] * s.weight / sums[s.hypothesis]);
      whole_ += unseen_.back();
    }
  }

  std::vector<ProofStep> choose(const std::optional<Test>& first) {
    if (first) {
      std::erase_if(tests_, [&](const Test& t) { return circuit::sameTest(t, *first); });
      tests_.insert(tests_.begin(), *first);
    }
    std::vector<std::vector<double>> pass(tests_.size());
    eachInParallel(tests_.size(), 1,
                   [&](std::size_t i) { pass[i] = looksSound(forecast_, after_, tests_[i]); });
    if (first) {
      take(0, pass[0], say("it is what found the fault"));
    }
    while (steps_.size() < kMostSteps && left() > priors::of(priors::Id::proofEnough)) {
      std::size_t best = tests_.size();
      double worth = 0;
      for (std::size_t i = 0; i < tests_.size(); ++i) {
        const double caught = catches(pass[i]);
        const double w = caught / (minutesOf(case_, tests_[i]) + kSetUpMinutes);
        if (!used(i) && caught >= priors::of(priors::Id::proofLeastCatch) && w > worth) {
          best = i;
          worth = w;
        }
      }
      if (best == tests_.size()) {
        break;
      }
      take(best, pass[best], "");
    }
    return std::move(steps_);
  }

  [[nodiscard]] double left() const {
    double sum = 0;
    for (const double u : unseen_) {
      sum += u;
    }
    return whole_ > 0 ? sum / whole_ : 0;
  }

 private:
  [[nodiscard]] double catches(const std::vector<double>& pass) const {
    double sum = 0;
    for (std::size_t k = 0; k < pass.size(); ++k) {
      sum += unseen_[k] * (1 - pass[k]);
    }
    return whole_ > 0 ? sum / whole_ : 0;
  }
  [[nodiscard]] bool used(std::size_t i) const {
    return std::any_of(steps_.begin(), steps_.end(),
                       [&](const ProofStep& s) { return circuit::sameTest(s.test, tests_[i]); });
  }

  void take(std::size_t i, const std::vector<double>& pass, const std::string& why) {
    const Test& test = tests_[i];
    ProofStep step;
    step.test = test;
    step.catches = catches(pass);
    for (std::size_t k = 0; k < pass.size(); ++k) {
      unseen_[k] *= pass[k];
    }
    step.left = left();
    step.title = proofTitle(after_.vehicle().suspect(), test);
    step.instructions = instructionsFor(after_.vehicle().suspect(), test);
    step.why = !why.empty() ? why
                            : sayf("shows {:.0f} of 100 faults that the steps before it miss",
                                   100 * step.catches / std::max(1e-9, step.catches + step.left));
    step.caution = cautionText(after_.vehicle().suspect(), test);
    step.minutes = minutesOf(case_, test);
    if (test.kind != TestKind::waveform) {
      for (auto& category : categoriesOf(after_.vehicle(), test)) {
        step.answers.emplace_back(std::move(category.words), std::move(category.reading));
      }
    }
    steps_.push_back(std::move(step));
  }

  const job::Case& case_;
  const Belief& after_;
  Forecast forecast_;
  std::vector<Test> tests_;
  std::vector<double> unseen_;
  double whole_ = 0;
  std::vector<ProofStep> steps_;
};

// Probability that something is wrong, from the doubts and how far the readings moved each
// hypothesis.
double stillWrong(const std::vector<double>& doubt, const Belief& belief,
                  const std::vector<double>& probabilities) {
  double wrong = 0;
  double total = 0;
  for (std::size_t h = 0; h < doubt.size() && h < probabilities.size(); ++h) {
    const double prior = belief.hypotheses()[h].prior;
    const double p = prior > 0 ? doubt[h] * probabilities[h] / prior : 0;
    total += p;
    wrong += h == 0 ? 0 : p;
  }
  return total > 0 ? wrong / total : 0;
}

}  // namespace

std::string Proof::sentence() const {
  if (shown()) {
    return sayf("Something is still wrong ({:.0f} %): back to the line.", 100 * wrong);
  }
  if (results.empty()) {
    return sayf("Not proved yet: {:.0f} in 100 repairs leave something wrong.", 100 * wrongBefore);
  }
  return sayf("{} of {} made; {:.1f} % left to doubt{}.", made, plan.size(), 100 * wrong,
              made < plan.size() ? sayf(", {:.1f} % once all have passed", 100 * wrongIfAllPass)
                                 : std::string());
}

job::Case afterRepair(const job::Case& c, bool withProof) {
  job::Case out = c;
  out.intake.codes.clear();
  std::erase_if(out.evidence, [&](const job::Evidence& e) { return ofTheSuspect(c, e); });
  if (withProof) {
    out.evidence.insert(out.evidence.end(), c.proof.begin(), c.proof.end());
  }
  out.proof.clear();
  return out;
}

Proof proofOf(const job::Case& c, const Belief& found, const std::string& folder,
              CaptureShelf& shelf, LikelihoodMemory* memory) {
  Proof out;
  const job::Case mended = afterRepair(c, false);
  const auto waveforms = analyseWaveforms(mended, folder, shelf);
  const auto knowledge = learnAll(mended, waveforms);
  const Belief after(mended, waveforms, knowledge, memory);
  const auto doubt = doubts(c, found, after);
  out.wrong = out.wrongBefore = 1 - doubt.front();
  Chooser chooser(mended, after, doubt);
  out.plan = chooser.choose(whatFoundIt(c, found));
  const double missed = chooser.left() * out.wrongBefore;
  out.wrongIfAllPass = missed / (1 - out.wrongBefore + missed);

  const job::Case proved = afterRepair(c, true);
  const auto seen = analyseWaveforms(proved, folder, shelf);
  const Belief now(proved, seen, knowledge, memory);
  const std::size_t first = mended.evidence.size();
  for (std::size_t k = 0; k < now.weighings().size(); ++k) {
    const std::size_t index = now.weighings()[k].evidence;
    if (index < first) {
      continue;
    }
    const double wrong = stillWrong(doubt, now, now.history()[k]);
    // A few in a thousand more or less are no sign of anything.
    constexpr double kSlack = 0.003;
    out.results.push_back({proved.evidence[index].id, wrong <= out.wrong * 1.05 + kSlack, wrong});
    out.wrong = wrong;
  }
  out.made = static_cast<std::size_t>(
      std::count_if(out.plan.begin(), out.plan.end(), [&](const ProofStep& step) {
        return std::any_of(c.proof.begin(), c.proof.end(), [&](const job::Evidence& e) {
          return !e.withdrawn && circuit::sameTest(e.test, step.test);
        });
      }));
  return out;
}

}  // namespace haybale::diagnosis
