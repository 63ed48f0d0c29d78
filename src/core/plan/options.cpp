#include "core/plan/options.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "core/base/say.h"
#include "core/priors/priors.h"
#include "core/verdict/owner_words.h"

namespace haybale::diagnosis {

using circuit::ElementKind;
using priors::Id;
using priors::of;

namespace {

constexpr std::size_t kMostWorks = 5;

// What is done with one's hands: mending a plug, putting wires back and renewing a fuse are three
// works, though all of them may be at one element.
enum class Hands { usual, wiresBack, supply };

Hands handsFor(const Work& work, Fault fault) {
  if (work.deed != Deed::mend) {
    return Hands::usual;
  }
  switch (fault) {
    case Fault::circuitsExchanged:
    case Fault::reversed:
      return Hands::wiresBack;
    case Fault::modulePower:
      return Hands::supply;
    default:
      return Hands::usual;
  }
}

}  // namespace

Work workFor(Fault fault, const circuit::Element* element, const job::Case::Costs& costs) {
  switch (fault) {
    case Fault::latchedOff:
      return {Deed::clear, 0, 4, of(Id::cureClear)};
    case Fault::debris:
    case Fault::wideGap:
      return {Deed::clean, 0, 15, of(Id::cureClean)};
    case Fault::circuitsExchanged:
    case Fault::reversed:
      if (!element || element->kind != ElementKind::sensor) {
        return {Deed::mend, 0, 20, of(Id::cureMend)};
      }
      break;
    case Fault::modulePower:
      return {Deed::mend, 0, 30, of(Id::cureMend)};
    case Fault::wrongTyre:
      return {Deed::mend, 0, 15, of(Id::cureMend)};
    default:
      break;
  }
  if (!element) {
    return {Deed::stop, 0, 0, 0};
  }
  switch (element->kind) {
    case ElementKind::sensor:
      return {Deed::fit, costs.sensor, 30, of(Id::curePart)};
    case ElementKind::ring:
      return {Deed::fit, costs.ring, 90, of(Id::curePart)};
    case ElementKind::module:
      if (fault == Fault::open || fault == Fault::resistive) {
        return {Deed::mend, 0, 30, of(Id::cureMend)};
      }
      return {Deed::fit, costs.module, 60, of(Id::curePart)};
    case ElementKind::leg:
    case ElementKind::connector:
    case ElementKind::splice:
      break;
  }
  return {Deed::mend, costs.jumper, 60, of(Id::cureMend)};
}

bool oneWorkCures(Fault one, Fault other, const circuit::Element* element,
                  const job::Case::Costs& costs) {
  const Work a = workFor(one, element, costs);
  const Work b = workFor(other, element, costs);
  return a.deed != Deed::stop && a.deed == b.deed && handsFor(a, one) == handsFor(b, other);
}

std::optional<Fault> decidedFault(const job::Case& c) {
  const auto named = std::find(kFaultNames.begin(), kFaultNames.end(), c.repair.fault);
  return c.repair.decision.empty() || named == kFaultNames.end()
             ? std::nullopt
             : std::optional(static_cast<Fault>(named - kFaultNames.begin()));
}

bool isDecided(const job::Case& c, const Option& option) {
  const auto fault = decidedFault(c);
  if (!fault || option.deed == Deed::measure) {
    return !c.repair.decision.empty() && c.repair.decision == option.text;
  }
  const auto* circuit = c.suspectCircuit();
  const auto* element = circuit ? circuit->find(option.element) : nullptr;
  return option.element == c.repair.element &&
         (option.fault == *fault || oneWorkCures(*fault, option.fault, element, c.costs));
}

void decide(job::RepairRecord& repair, const Option& option) {
  repair.decision = option.text;
  repair.element = option.element;
  // Measuring on cures nothing and settles nothing.
  repair.fault = option.deed == Deed::measure ? std::string() : std::string(nameOf(option.fault));
}

namespace {

std::string deedWords(const Option& o, const circuit::Element* e) {
  switch (o.deed) {
    case Deed::clear:
      return say("Clear the stored faults and start again");
    case Deed::clean:
      return say("Clean the sensor's tip and seat");
    case Deed::fit:
      return e->kind == ElementKind::sensor ? say("Fit a new sensor")
             : e->kind == ElementKind::ring ? say("Renew the toothed ring or its bearing")
                                            : say("Change the control unit");
    case Deed::mend:
      if (o.fault == Fault::wrongTyre) {
        return say("Put the tyre right");
      }
      if (o.fault == Fault::modulePower) {
        return say("Mend the control unit's supply: fuse, relay or ground");
      }
      if (o.fault == Fault::circuitsExchanged || o.fault == Fault::reversed) {
        return say("Put exchanged wires back");
      }
      return say("Mend ") + (e && e->kind == ElementKind::module
                                 ? std::string(say("the control unit's plug"))
                                 : plainPlace(e));
    case Deed::measure:
    case Deed::stop:
      break;
  }
  return "";
}

struct Sum {
  double cures = 0;
  double most = 0;
  Option option;
};

double entropy(const Conclusion& conclusion) {
  std::map<std::string, double> shares;
  for (const auto& s : conclusion.suspects) {
    shares[groupOf(s)] += s.share;
  }
  double bits = 0;
  for (const auto& [group, share] : shares) {
    bits -= share > 0 ? share * std::log2(share) : 0;
  }
  return bits;
}

std::vector<Option> worksOf(const job::Case& c, const Conclusion& conclusion) {
  const auto& circuit = *c.suspectCircuit();
  std::map<std::tuple<Deed, std::string, Hands>, Sum> sums;
  for (const auto& s : conclusion.suspects) {
    const auto* element = circuit.find(s.element);
    const Work work = workFor(s.fault, element, c.costs);
    if (work.deed == Deed::stop) {
      continue;
    }
    auto& sum = sums[{work.deed, s.element, handsFor(work, s.fault)}];
    sum.cures += s.share * work.success;
    if (s.share > sum.most) {
      sum.most = s.share;
      sum.option.fault = s.fault;
      sum.option.minutes = work.minutes + (element ? element->accessMinutes : 0);
      sum.option.cost = work.part + sum.option.minutes / 60 * c.costs.hour;
    }
  }
  std::vector<Option> out;
  for (auto& [key, sum] : sums) {
    if (sum.cures < of(Id::leastCure)) {
      continue;
    }
    Option o = sum.option;
    o.deed = std::get<Deed>(key);
    o.element = std::get<std::string>(key);
    o.cures = sum.cures;
    o.expectedCost = o.cost + (1 - o.cures) * (o.cost + of(Id::comeback));
    o.text = sayf(
        "{}: in {:.0f} of 100 such cases that cures it; price {:.0f}, about {:.0f} "
        "minutes.",
        deedWords(o, circuit.find(o.element)), 100 * o.cures, o.cost, o.minutes);
    out.push_back(std::move(o));
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Option& a, const Option& b) { return a.cures > b.cures; });
  if (out.size() > kMostWorks) {
    out.resize(kMostWorks);
  }
  return out;
}

double soundShare(const Conclusion& conclusion) {
  double share = 0;
  for (const auto& s : conclusion.suspects) {
    share += s.fault == Fault::none ? s.share : 0;
  }
  return share;
}

}  // namespace

std::vector<Option> optionsOf(const job::Case& c, const Conclusion& conclusion,
                              const std::vector<Proposal>& proposals) {
  if (!c.suspectCircuit()) {
    return {};
  }
  std::vector<Option> out = worksOf(c, conclusion);
  const double wrong = 1 - soundShare(conclusion);
  // Stopping leaves the fault where it is: sooner or later two hours and another visit.
  const double stopped = wrong * (2 * c.costs.hour + of(Id::comeback));
  double best = stopped;
  double known = 0;
  for (const auto& o : out) {
    best = std::min(best, o.expectedCost);
    known += o.cures * o.cost;
  }
  if (!proposals.empty()) {
    const auto& p = proposals.front();
    Option o;
    o.deed = Deed::measure;
    o.minutes = p.minutes;
    o.cost = p.minutes / 60 * c.costs.hour;
    const double unknown = entropy(conclusion);
    const double settles = unknown > 0 ? std::min(1.0, p.bits / unknown) : 0;
    o.expectedCost = o.cost + settles * std::min(known, best) + (1 - settles) * best;
    o.text =
        sayf("Measure once more before anything is bought: about {:.0f} minutes, price {:.0f}.",
             p.minutes, o.cost);
    out.push_back(std::move(o));
  }
  Option stop;
  stop.expectedCost = stopped;
  stop.text =
      wrong < 0.5
          ? say("Stop here: nothing more is spent, and most likely nothing is wrong now.")
          : say("Stop here: nothing more is spent; the fault stays, and with it ABS and what "
                "hangs on it.");
  out.push_back(std::move(stop));
  std::stable_sort(out.begin(), out.end(), [](const Option& a, const Option& b) {
    return a.expectedCost < b.expectedCost;
  });
  return out;
}

}  // namespace haybale::diagnosis
