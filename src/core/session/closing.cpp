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
