#include "core/session/closing.h"

#include <fmt/format.h>

#include <algorithm>

namespace haybale::diagnosis {

std::vector<std::string> inTheWay(const job::Case& c) {
  std::vector<std::string> out;
  for (const auto& hole : piercedHoles(c)) {
    if (std::find(c.repair.sealed.begin(), c.repair.sealed.end(), hole.key) ==
        c.repair.sealed.end()) {
      out.push_back("Not sealed yet: " + hole.text + ".");
    }
  }
  return out;
}

std::vector<ClosingStep> closingSteps(const job::Case& c, const Conclusion& conclusion,
                                      const Proof* proof) {
  const auto suspect = toRepair(c, conclusion);
  const auto steps = repairSteps(c, suspect);
  const auto ticked = static_cast<std::size_t>(
      std::count_if(steps.begin(), steps.end(), [&](const RepairStep& step) {
        return std::find(c.repair.done.begin(), c.repair.done.end(), step.id) !=
               c.repair.done.end();
      }));
  const bool decided = !c.repair.decision.empty();
  const bool found = conclusion.state == State::isolated;
  std::vector<ClosingStep> out;
  out.push_back({ClosingKind::find, "Find the fault",
                 found ? conclusion.headline
                       : conclusion.headline + ": measure on at the line, or decide on what is known",
                 found || decided || ticked > 0});
  out.push_back({ClosingKind::decide, "Let the owner decide",
                 decided ? c.repair.decision : "choose one of the works with its price at Repair",
                 decided});
  out.push_back({ClosingKind::repair, "Do the work",
                 fmt::format("{} of {} steps ticked", ticked, steps.size()),
                 !steps.empty() && ticked == steps.size()});
  if (const auto holes = piercedHoles(c); !holes.empty()) {
    const auto open = inTheWay(c).size();
    out.push_back({ClosingKind::seal, "Seal the pierced holes",
                   fmt::format("{} of {} sealed", holes.size() - open, holes.size()), open == 0});
  }
  out.push_back({ClosingKind::prove, "Prove it",
                 !proof                 ? std::string("the plan is being worked out")
                 : proof->plan.empty()  ? std::string("no test would show more")
                 : proof->shown()       ? std::string("something is still wrong: back to the line")
                                        : fmt::format("{} of {} tests made", proof->made,
                                                      proof->plan.size()),
                 proof && (proof->complete() || proof->plan.empty())});
  out.push_back({ClosingKind::report, "Report, and close the job",
                 c.closing.date.empty() ? std::string("one page for the owner, all for the file")
                                        : "closed on " + c.closing.date,
                 !c.closing.date.empty()});
  return out;
}

std::vector<std::string> notTested(const job::Case& c, const Proof& proof) {
  std::vector<std::string> out;
  for (const auto& step : proof.plan) {
    const bool made = std::any_of(c.proof.begin(), c.proof.end(), [&](const job::Evidence& e) {
      return !e.withdrawn && sameTest(e.test, step.test);
    });
    if (!made) {
      out.push_back("Not made after the repair: " + step.title + ".");
    }
  }
  for (const auto& circuit : c.circuits) {
    const bool measured = std::any_of(
        c.evidence.begin(), c.evidence.end(),
        [&](const job::Evidence& e) { return e.test.circuit == circuit.name && !e.withdrawn; });
    if (!measured) {
      out.push_back("Nothing was measured on " + circuit.name + ".");
    }
  }
  return out;
}

double minutesSpent(const job::Case& c) {
  job::Case growing = c;
  growing.evidence.clear();
  double minutes = 0;
  for (const auto& e : c.evidence) {
    minutes += minutesOf(growing, e.test);
    growing.evidence.push_back(e);
  }
  return minutes;
}

job::Closing closingOf(const job::Case& c, const Suspect& suspect, const Proof& proof,
                       const std::string& date) {
  job::Closing out = c.closing;
  out.date = date;
  out.circuit = c.suspect;
  out.element = suspect.element;
  out.fault = std::string(nameOf(suspect.fault));
  out.wire = suspect.wire
                 ? std::string(circuit::kWireNames[static_cast<std::size_t>(*suspect.wire)])
                 : std::string();
  const auto* circuit = c.suspectCircuit();
  if (const auto* e = circuit ? circuit->find(suspect.element) : nullptr) {
    out.kind = circuit::kElementKindNames[static_cast<std::size_t>(e->kind)];
    out.zone = circuit::kZoneNames[static_cast<std::size_t>(e->zone)];
  }
  out.minutes = minutesSpent(c);
  out.proved = proof.complete();
  return out;
}

}  // namespace haybale::diagnosis
