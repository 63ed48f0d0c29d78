#include "core/belief/intake_priors.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "core/base/say.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::ElementKind;
using priors::Id;
using priors::of;

namespace {

std::string_view spokenWhen(std::string_view when) {
  constexpr std::array<std::pair<std::string_view, const char*>, 9> kWords{
      {{"sometimes", later("Now and then")},
       {"key-on", later("At key-on, the car standing")},
       {"after-first-turn", later("After the first turn")},
       {"at-speed", later("Above a speed")},
       {"creep", later("At walking pace")},
       {"bump", later("Over bumps")},
       {"steering", later("When steering")},
       {"wet", later("In the wet")},
       {"warm", later("When warm")}}};
  const auto it = std::find_if(kWords.begin(), kWords.end(),
                               [&](const auto& pair) { return pair.first == when; });
  return it == kWords.end() ? when : say(it->second);
}

// The classes of fault that a circumstance speaks for most, with how much.
std::string whenWords(std::string_view when) {
  constexpr std::array<std::pair<std::string_view, const char*>, 13> kClasses{
      {{"open", later("an open wire")},
       {"resistive", later("a bad contact")},
       {"touching", later("wires that touch")},
       {"short", later("a short")},
       {"leak", later("a leak")},
       {"comes-and-goes", later("a wire hanging by a strand")},
       {"coil", later("a broken coil")},
       {"weak", later("a weak sensor")},
       {"gap", later("gap or debris")},
       {"ring", later("the ring")},
       {"count", later("another count of teeth")},
       {"encoder", later("an encoder the wrong way round")},
       {"module", later("the module or its supply")}}};
  std::vector<std::pair<double, std::string_view>> ranked;
  for (const auto& [kind, words] : kClasses) {
    const Id id = priors::idOf(fmt::format("shows-{}-{}", kind, when));
    if (id != Id::count) {
      ranked.emplace_back(of(id), say(words));
    }
  }
  std::stable_sort(ranked.begin(), ranked.end(),
                   [](const auto& a, const auto& b) { return a.first > b.first; });
  if (ranked.size() < 2) {
    return "";
  }
  const auto& [most, first] = ranked[0];
  const auto& [more, second] = ranked[1];
  constexpr double kTold = 1.2;
  return sayf("{}: {} is {:g} times as likely as usual{}; {} hardly.", spokenWhen(when), first,
              most, more >= kTold ? sayf(", {} {:g} times", second, more) : std::string(),
              ranked.back().second);
}

std::string historyWords(const job::History& h) {
  const auto what = job::kWorkNames[static_cast<std::size_t>(h.what)];
  if (h.before) {
    return sayf(
        "{} was {} before it began: trouble that began after a repair sits at the "
        "repair.",
        h.element, what);
  }
  return sayf("{} was {} for this complaint{}.", h.element, what,
              h.cured.value_or(false) ? say(" and that cured it")
                                      : say(" and that did not cure it: it counts for less"));
}

// 1 while they are not checked; all of a module's supply good or any of it bad.
double supplyFactor(const job::Intake& intake) {
  const auto state = [&](const char* name) {
    const auto it = intake.basics.find(name);
    return it == intake.basics.end() ? std::string() : it->second;
  };
  bool good = true;
  for (const char* name : {"fuses-and-relay", "module-power", "module-ground"}) {
    if (state(name) == "bad") {
      return of(Id::basicsBad);
    }
    good = good && state(name) == "good";
  }
  return good ? of(Id::basicsGood) : 1;
}

void weighByClosedJobs(const job::Learnt& learnt, const circuit::Circuit& circuit,
                       std::vector<Hypothesis>& hypotheses) {
  if (learnt.jobs <= 0) {
    return;
  }
  std::map<std::string, double> weights;
  double total = 0;
  const auto classOf = [&](const Hypothesis& h) {
    const auto* e = circuit.find(h.element);
    return e ? countedAs(*e) : std::string();
  };
  for (const auto& h : hypotheses) {
    weights[classOf(h)] += h.prior;
    total += h.prior;
  }
  for (auto& h : hypotheses) {
    const std::string name = classOf(h);
    const auto count = learnt.counts.find(name);
    if (!name.empty() && total > 0) {
      h.prior *= learntFactor(weights[name] / total,
                              count == learnt.counts.end() ? 0 : count->second, learnt.jobs);
    }
  }
}

}  // namespace

std::string countedAs(const circuit::Element& element) {
  const std::string kind(circuit::kElementKindNames[static_cast<std::size_t>(element.kind)]);
  const bool wiring = element.kind == ElementKind::leg || element.kind == ElementKind::connector ||
                      element.kind == ElementKind::splice;
  return wiring
             ? kind + "/" + std::string(circuit::kZoneNames[static_cast<std::size_t>(element.zone)])
             : kind;
}

double learntFactor(double share, double count, double jobs) {
  return share > 0 ? (kJobsOfPractice * share + count) / ((kJobsOfPractice + jobs) * share) : 1;
}

void weighByIntake(const job::Case& c, const circuit::Circuit& circuit,
                   std::vector<Hypothesis>& hypotheses) {
  const double supply = supplyFactor(c.intake);
  for (auto& h : hypotheses) {
    if (h.fault == Fault::noSupply || h.fault == Fault::modulePower) {
      h.prior *= supply;
    }
  }
  weighByClosedJobs(c.learnt, circuit, hypotheses);
}

double trustIn(const job::StoredCode& code) {
  return code.status == "active" ? of(Id::trustActiveCode) : of(Id::trustHistoryCode);
}

std::vector<std::string> priorWords(const job::Case& c) {
  std::vector<std::string> out;
  for (std::size_t i = 0; i < job::kWhenNames.size(); ++i) {
    if (c.complaint.shows(static_cast<job::When>(i)) && i > 0) {
      out.push_back(whenWords(job::kWhenNames[i]));
    }
  }
  if (c.complaint.lift) {
    out.push_back(sayf(
        "Seen only on a lift or stands: nothing wrong is {:g} times as likely, until it returns on "
        "the road.",
        of(Id::soundLift)));
  }
  for (const auto& h : c.history) {
    out.push_back(historyWords(h));
  }
  if (!c.complaint.earlierRepair.empty()) {
    out.push_back(sayf("Repaired before ({}): {:g} times as likely to be at fault.",
                       fmt::join(c.complaint.earlierRepair, ", "), of(Id::pieceRepaired)));
  }
  for (const auto& code : c.intake.codes) {
    if (code.circuit == c.suspect && !code.meaning.empty()) {
      out.push_back(sayf("Stored {} code \"{}\" of {}: believed to {:.0f} %.", code.status,
                         code.meaning, code.circuit, 100 * trustIn(code)));
    }
  }
  if (const double supply = supplyFactor(c.intake); supply > 1) {
    out.emplace_back(
        say("Fuse, power or ground of the module is bad: mend that first, then read again."));
  } else if (supply < 1) {
    out.emplace_back(
        say("Module power, ground and fuses are good: a missing supply counts less than half."));
  } else {
    std::vector<std::string> open;
    for (const auto name : job::kBasicNames) {
      if (!c.intake.basics.contains(std::string(name))) {
        open.push_back(sayName(name));
      }
    }
    if (!open.empty()) {
      out.push_back(
          sayf("Not looked at yet: {}. That comes before opening a line.", fmt::join(open, ", ")));
    }
  }
  if (c.learnt.jobs > 0) {
    const auto most =
        std::max_element(c.learnt.counts.begin(), c.learnt.counts.end(),
                         [](const auto& a, const auto& b) { return a.second < b.second; });
    out.push_back(sayf("{:.0f} closed jobs weigh in{}.", c.learnt.jobs,
                       most == c.learnt.counts.end()
                           ? std::string()
                           : sayf("; most were {} ({:.0f})", most->first, most->second)));
  }
  return out;
}

}  // namespace haybale::diagnosis
