#include <algorithm>
#include <array>
#include <cmath>

#include "core/circuit/network.h"
#include "core/diagnosis/suspicion.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::WireId;
using circuit::Zone;

namespace {

constexpr double kOpen = circuit::kOpenOhm;

// Steps of severity in ohm; a candidate lies between two neighbours.
constexpr std::array kSeries{30.0, 300.0, 3e3, 30e3, 300e3, 1e6, 3e6, 10e6, 30e6, kOpen};
constexpr std::array kTouching{0.05, 30.0, 300.0, 3e3, 30e3, 300e3};
constexpr std::array kLeak{0.05, 30.0, 1e3, 10e3, 100e3, 1e6, 10e6};
constexpr std::array kShortedCoil{1.0, 60.0, 300.0, 600.0};
constexpr std::array kOpenCoil{5e3, 50e3, 1e6, 10e6, kOpen};

// Prior weight of a metre-less piece by where it lies: the bend that flexes and the wheelhouse
// first, the cabin last.
double zoneWeight(Zone zone) {
  switch (zone) {
    case Zone::flex:
      return 4;
    case Zone::wheelhouse:
      return 3;
    case Zone::underbody:
      return 2;
    case Zone::engineBay:
      return 1;
    case Zone::unknown:
      return 1.5;
    case Zone::cabin:
      return 0.5;
  }
  return 1;
}

bool contains(const std::vector<std::string>& list, std::string_view what) {
  return std::find(list.begin(), list.end(), what) != list.end();
}

class Builder {
 public:
  Builder(const job::Complaint& complaint, const Holes& holes)
      : complaint_(complaint), holes_(holes) {}

  template <std::size_t N>
  void add(Suspicion kind, const std::string& element, std::optional<WireId> wire, double weight,
           const std::array<double, N>& steps) {
    const auto holes = holes_.find(element);
    std::vector<double> ends{0, 1};
    if (holes != holes_.end()) {
      ends.insert(ends.begin() + 1, holes->second.begin(), holes->second.end());
    }
    for (std::size_t piece = 0; piece + 1 < ends.size(); ++piece) {
      const double length = ends[piece + 1] - ends[piece];
      const double along = (ends[piece] + ends[piece + 1]) / 2;
      for (std::size_t i = 0; i + 1 < N; ++i) {
        out_.push_back({kind, element, wire, steps[i], steps[i + 1],
                        length * weight / static_cast<double>(N - 1), along});
      }
    }
  }

  void add(Suspicion kind, const std::string& element, double weight) {
    out_.push_back({kind, element, std::nullopt, 0, 0, weight, 0.5});
  }

  // Wire or contact: parted or corroded in either wire, wires touching, leaking, chafed through to
  // a supply.
  void addWiring(const Element& e) {
    double weight = zoneWeight(e.zone) * (e.kind == ElementKind::connector ? 1.2
                                          : e.kind == ElementKind::splice  ? 1.5
                                                                           : 1.0);
    if (contains(complaint_.earlierRepair, e.id)) {
      weight *= 3;
    }
    const double wet = contains(complaint_.when, "wet") ? 2.0 : 1.0;
    for (const WireId wire : {WireId::a, WireId::b}) {
      add(Suspicion::series, e.id, wire, 1.0 * weight, kSeries);
      add(Suspicion::leakToGround, e.id, wire, 0.4 * weight * wet, kLeak);
      add(Suspicion::leakToSupply, e.id, wire, 0.05 * weight, kLeak);
    }
    add(Suspicion::wiresTouching, e.id, std::nullopt, 0.3 * weight * wet, kTouching);
  }

  std::vector<Candidate> take() { return std::move(out_); }

 private:
  const job::Complaint& complaint_;
  const Holes& holes_;
  std::vector<Candidate> out_;
};

}  // namespace

Holes holesIn(const job::Case& c, const Circuit& circuit) {
  Holes out;
  for (const auto& e : c.evidence) {
    for (const auto* probe : {&e.test.red, &e.test.black}) {
      const bool pierced = e.test.circuit == circuit.name && !e.withdrawn && *probe &&
                           (*probe)->place.kind == circuit::Place::Kind::along &&
                           (*probe)->place.along > 0 && (*probe)->place.along < 1;
      if (pierced) {
        out[(*probe)->place.element].push_back((*probe)->place.along);
      }
    }
  }
  for (auto& [id, along] : out) {
    std::sort(along.begin(), along.end());
    along.erase(std::unique(along.begin(), along.end()), along.end());
  }
  return out;
}

std::vector<Candidate> allCandidates(const Circuit& circuit, const job::Complaint& complaint,
                                     const Holes& holes) {
  Builder build(complaint, holes);
  build.add(Suspicion::none, "", 3.0);
  for (const auto& e : circuit.path) {
    switch (e.kind) {
      case ElementKind::leg:
      case ElementKind::connector:
      case ElementKind::splice:
        build.addWiring(e);
        break;
      case ElementKind::module:
        build.add(Suspicion::series, e.id, WireId::a, 0.5, kSeries);
        build.add(Suspicion::series, e.id, WireId::b, 0.5, kSeries);
        break;
      case ElementKind::sensor:
        build.add(Suspicion::coil, e.id, std::nullopt, 5.0, kOpenCoil);
        build.add(Suspicion::coil, e.id, std::nullopt, 1.5, kShortedCoil);
        build.add(Suspicion::weakOutput, e.id, 3.0);
        build.add(Suspicion::noOutput, e.id, 1.0);
        break;
      case ElementKind::ring:
        build.add(Suspicion::ring, e.id, 3.0);
        break;
    }
  }
  return build.take();
}

std::vector<circuit::LineFault> modelFaults(const Candidate& c, double ohm) {
  const WireId wire = c.wire.value_or(WireId::a);
  switch (c.kind) {
    case Suspicion::series:
      return {{c.element, circuit::FaultKind::series, wire, ohm, 0, c.along}};
    case Suspicion::wiresTouching:
      return {{c.element, circuit::FaultKind::wiresTouching, wire, ohm, 0, c.along}};
    case Suspicion::leakToGround:
      return {{c.element, circuit::FaultKind::leakToGround, wire, ohm, 0, c.along}};
    case Suspicion::leakToSupply:
      return {{c.element, circuit::FaultKind::leakToSupply, wire, ohm, 0, c.along}};
    case Suspicion::coil:
      return {{c.element, circuit::FaultKind::coil, wire, ohm}};
    case Suspicion::weakOutput:
    case Suspicion::noOutput:
    case Suspicion::ring:
    case Suspicion::none:
      break;
  }
  return {};
}

std::string faultName(const Candidate& c) {
  switch (c.kind) {
    case Suspicion::series:
      return c.toOhm >= kOpen ? "open" : "resistive";
    case Suspicion::wiresTouching:
      return "wires-touching";
    case Suspicion::leakToGround:
      return c.toOhm <= 30 ? "short-to-ground" : "leak";
    case Suspicion::leakToSupply:
      return "short-to-supply";
    case Suspicion::coil:
      return c.fromOhm >= 5e3 ? "sensor-open" : "sensor-shorted";
    case Suspicion::weakOutput:
      return "wide-gap";
    case Suspicion::noOutput:
      return "sensor-dead";
    case Suspicion::ring:
      return "ring-tooth";
    case Suspicion::none:
      return "none";
  }
  return "none";
}

}  // namespace haybale::diagnosis
