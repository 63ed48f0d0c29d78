#include "core/job/case.h"

#include <algorithm>

#include "core/physics/tyre.h"

namespace haybale::job {

bool Complaint::shows(When which) const {
  return std::find(when.begin(), when.end(), kWhenNames[static_cast<std::size_t>(which)]) !=
         when.end();
}

bool Complaint::comesAndGoes() const {
  return shows(When::sometimes) || shows(When::bump) || shows(When::steering) || shows(When::wet);
}

const circuit::Circuit* Case::find(std::string_view name) const {
  const auto it =
      std::find_if(circuits.begin(), circuits.end(), [&](const auto& c) { return c.name == name; });
  return it == circuits.end() ? nullptr : &*it;
}

circuit::Circuit* Case::find(std::string_view name) {
  const auto it =
      std::find_if(circuits.begin(), circuits.end(), [&](const auto& c) { return c.name == name; });
  return it == circuits.end() ? nullptr : &*it;
}

const Evidence* Case::evidenceById(std::string_view wanted) const {
  const auto it =
      std::find_if(evidence.begin(), evidence.end(), [&](const auto& e) { return e.id == wanted; });
  return it == evidence.end() ? nullptr : &*it;
}

const circuit::Circuit* Case::suspectCircuit() const {
  const circuit::Circuit* named = find(suspect);
  return named ? named : circuits.empty() ? nullptr : &circuits.front();
}

std::optional<double> Case::rollingCircumferenceM() const {
  if (circumferenceM) {
    return circumferenceM;
  }
  const auto parsed = physics::parseTyre(tyre);
  return parsed ? std::optional(parsed->circumferenceM()) : std::nullopt;
}

std::string Case::nextEvidenceId() const {
  for (std::size_t n = evidence.size() + 1;; ++n) {
    std::string wanted = "e" + std::to_string(n);
    if (!evidenceById(wanted)) {
      return wanted;
    }
  }
}

std::string Case::nextProofId() const {
  for (std::size_t n = proof.size() + 1;; ++n) {
    std::string wanted = "p" + std::to_string(n);
    const bool taken =
        evidenceById(wanted) ||
        std::any_of(proof.begin(), proof.end(), [&](const auto& e) { return e.id == wanted; });
    if (!taken) {
      return wanted;
    }
  }
}

std::vector<judging::Limit> commonLimits() {
  using judging::Limit;
  using judging::Provenance;
  using judging::Quantity;
  const auto limit = [](Quantity q, std::optional<double> min, std::optional<double> max) {
    Limit l;
    l.quantity = q;
    l.min = min;
    l.max = max;
    l.provenance = Provenance::commonPractice;
    l.source = "no published source";
    return l;
  };
  Limit coil = limit(Quantity::coilResistance, 800, 2500);
  coil.atCelsius = 20;
  coil.leftRightRatio = 1.15;
  Limit insulation = limit(Quantity::wireInsulation, 20e6, std::nullopt);
  Limit continuity = limit(Quantity::wireContinuity, std::nullopt, 5);
  Limit output = limit(Quantity::acOutput, 0.1, 1.5);
  Limit bias = limit(Quantity::biasUnplugged, std::nullopt, std::nullopt);
  bias.leftRightRatio = 1.1;
  return {coil, insulation, continuity, output, bias};
}

Case newCase() {
  Case c;
  c.title = "New job";
  c.circuits = {
      circuit::typicalCircuit("FL", "front left"), circuit::typicalCircuit("FR", "front right"),
      circuit::typicalCircuit("RL", "rear left"), circuit::typicalCircuit("RR", "rear right")};
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::passive;
  }
  c.suspect = "RR";
  c.toolbox = {"multimeter", "scope"};
  c.allowed = {"unplug", "back-probe"};
  c.limits = commonLimits();
  return c;
}

}  // namespace haybale::job
