#include "core/session/closing.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"

namespace haybale::diagnosis {

std::vector<std::string> inTheWay(const job::Case& c) {
  std::vector<std::string> out;
  for (const auto& hole : piercedHoles(c)) {
    if (std::find(c.repair.sealed.begin(), c.repair.sealed.end(), hole.key) ==
        c.repair.sealed.end()) {
      out.push_back(say("Not sealed yet: ") + hole.text + ".");
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
  out.push_back(
      {ClosingKind::find, say("Find the fault"),
       found ? conclusion.headline
             : conclusion.headline + say(": measure on at the line, or decide on what is known"),
       found || decided || ticked > 0});
  out.push_back(
      {ClosingKind::decide, say("Let the owner decide"),
       decided ? c.repair.decision : say("choose one of the works with its price at Repair"),
       decided});
  out.push_back({ClosingKind::repair, say("Do the work"),
                 sayf("{} of {} steps ticked", ticked, steps.size()),
                 !steps.empty() && ticked == steps.size()});
  if (const auto holes = piercedHoles(c); !holes.empty()) {
    const auto open = inTheWay(c).size();
    out.push_back({ClosingKind::seal, say("Seal the pierced holes"),
                   sayf("{} of {} sealed", holes.size() - open, holes.size()), open == 0});
  }
  out.push_back({ClosingKind::prove, say("Prove it"),
                 !proof                ? std::string(say("the plan is being worked out"))
                 : proof->plan.empty() ? std::string(say("no test would show more"))
                 : proof->shown() ? std::string(say("something is still wrong: back to the line"))
                                  : sayf("{} of {} tests made", proof->made, proof->plan.size()),
                 proof && (proof->complete() || proof->plan.empty())});
  out.push_back({ClosingKind::report, say("Report, and close the job"),
                 c.closing.date.empty()
                     ? std::string(say("one page for the owner, all for the file"))
                     : say("closed on ") + c.closing.date,
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
      out.push_back(say("Not made after the repair: ") + step.title + ".");
    }
  }
  for (const auto& circuit : c.circuits) {
    const bool measured = std::any_of(
        c.evidence.begin(), c.evidence.end(),
        [&](const job::Evidence& e) { return e.test.circuit == circuit.name && !e.withdrawn; });
    if (!measured) {
      out.push_back(say("Nothing was measured on ") + circuit.name + ".");
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
