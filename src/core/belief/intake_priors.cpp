#include "core/belief/intake_priors.h"

#include <fmt/format.h>

#include <algorithm>

namespace haybale::diagnosis {

using circuit::ElementKind;

namespace {

// Of a supply that is missing, after the module's own was found bad or good.
constexpr double kBadBasics = 20;
constexpr double kGoodBasics = 0.4;

bool has(const std::vector<std::string>& list, std::string_view what) {
  return std::find(list.begin(), list.end(), what) != list.end();
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
      return kBadBasics;
    }
    good = good && state(name) == "good";
  }
  return good ? kGoodBasics : 1;
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
    if (h.fault == Fault::noSupply) {
      h.prior *= supply;
    }
  }
  weighByClosedJobs(c.learnt, circuit, hypotheses);
}

double trustIn(const job::StoredCode& code) {
  return code.status == "active" ? 0.75 : 0.4;
}

std::vector<std::string> priorWords(const job::Case& c) {
  std::vector<std::string> out;
  const auto& p = priors();
  const auto& when = c.complaint.when;
  if (has(when, "wet")) {
    out.push_back(fmt::format("In the wet: leaks and corroded contacts are {:g} times as likely.",
                              p.wetFactor));
  }
  if (has(when, "sometimes") || has(when, "bump") || has(when, "steering") || has(when, "wet")) {
    out.push_back(
        fmt::format("It comes and goes: a wire hanging by a strand is {:.0f} times as likely.",
                    p.intermittentComplained / p.intermittent));
  }
  if (!c.complaint.earlierRepair.empty()) {
    out.push_back(fmt::format("Repaired before ({}): {:g} times as likely to be at fault.",
                              fmt::join(c.complaint.earlierRepair, ", "), p.repairedFactor));
  }
  for (const auto& code : c.intake.codes) {
    if (code.circuit == c.suspect && !code.meaning.empty()) {
      out.push_back(fmt::format("Stored {} code \"{}\" of {}: believed to {:.0f} %.", code.status,
                                code.meaning, code.circuit, 100 * trustIn(code)));
    }
  }
  if (const double supply = supplyFactor(c.intake); supply > 1) {
    out.emplace_back(
        "Fuse, power or ground of the module is bad: mend that first, then read again.");
  } else if (supply < 1) {
    out.emplace_back(
        "Module power, ground and fuses are good: a missing supply counts less than half.");
  } else {
    std::vector<std::string> open;
    for (const auto name : job::kBasicNames) {
      if (!c.intake.basics.contains(std::string(name))) {
        open.emplace_back(name);
        std::replace(open.back().begin(), open.back().end(), '-', ' ');
      }
    }
    if (!open.empty()) {
      out.push_back(fmt::format("Not looked at yet: {}. That comes before opening a line.",
                                fmt::join(open, ", ")));
    }
  }
  if (c.learnt.jobs > 0) {
    const auto most =
        std::max_element(c.learnt.counts.begin(), c.learnt.counts.end(),
                         [](const auto& a, const auto& b) { return a.second < b.second; });
    out.push_back(
        fmt::format("{:.0f} closed jobs weigh in{}.", c.learnt.jobs,
                    most == c.learnt.counts.end()
                        ? std::string()
                        : fmt::format("; most were {} ({:.0f})", most->first, most->second)));
  }
  return out;
}

}  // namespace haybale::diagnosis
