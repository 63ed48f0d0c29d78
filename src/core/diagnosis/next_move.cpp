#include "core/diagnosis/next_move.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>

#include "core/job/case_json.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::ElementKind;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WireId;

namespace {

bool has(const std::vector<std::string>& list, std::string_view what) {
  return std::find(list.begin(), list.end(), what) != list.end();
}

Test makeTest(const Circuit& circuit, TestKind kind, Place red, WireId redWire,
              std::optional<Probe> black, std::vector<std::string> unplugged) {
  Test t;
  t.kind = kind;
  t.circuit = circuit.name;
  t.red = Probe{std::move(red), redWire};
  t.black = std::move(black);
  t.state.key = circuit::defaultKey(kind);
  t.state.unplugged = std::move(unplugged);
  return t;
}

void addAtModule(std::vector<Test>& tests, const Circuit& circuit, const circuit::Element& module) {
  const Place plug{Place::Kind::modulePlug, module.id};
  const Probe ground{{Place::Kind::ground, ""}, std::nullopt};
  tests.push_back(makeTest(circuit, TestKind::resistance, plug, WireId::a, Probe{plug, WireId::b},
                           {module.id}));
  tests.push_back(makeTest(circuit, TestKind::resistance, plug, WireId::a, ground, {module.id}));
  tests.push_back(makeTest(circuit, TestKind::dcVoltage, plug, WireId::a, ground, {}));
  Test trace =
      makeTest(circuit, TestKind::waveform, plug, WireId::a, Probe{plug, WireId::b}, {module.id});
  trace.state.key = circuit::Key::off;
  trace.state.wheel = circuit::WheelMotion::spun;
  tests.push_back(trace);
}

void addAtConnector(std::vector<Test>& tests, const Circuit& circuit,
                    const circuit::Element& connector) {
  const Place towardsModule{Place::Kind::moduleSide, connector.id};
  const Place towardsWheel{Place::Kind::wheelSide, connector.id};
  const Probe ground{{Place::Kind::ground, ""}, std::nullopt};
  tests.push_back(makeTest(circuit, TestKind::resistance, towardsWheel, WireId::a,
                           Probe{towardsWheel, WireId::b}, {connector.id}));
  tests.push_back(
      makeTest(circuit, TestKind::dcVoltage, towardsModule, WireId::a, ground, {connector.id}));
  tests.push_back(makeTest(circuit, TestKind::dcVoltage, towardsModule, WireId::a,
                           Probe{towardsModule, WireId::b}, {connector.id}));
  const std::string module = circuit.path.front().id;
  Test closed =
      makeTest(circuit, TestKind::loop, {Place::Kind::modulePlug, module}, WireId::a,
               Probe{{Place::Kind::modulePlug, module}, WireId::b}, {module, connector.id});
  closed.state.jumper = towardsModule;
  tests.push_back(closed);
}

std::vector<Test> sensibleTests(const job::Case& c, const Circuit& circuit) {
  std::vector<Test> tests;
  addAtModule(tests, circuit, circuit.path.front());
  for (const auto& e : circuit.path) {
    if (e.kind == ElementKind::connector) {
      addAtConnector(tests, circuit, e);
    }
  }
  std::erase_if(tests, [&](const Test& t) {
    if (t.kind == TestKind::waveform) {
      return !has(c.toolbox, "scope");
    }
    return !has(c.toolbox, "multimeter") ||
           (t.kind == TestKind::loop && !has(c.toolbox, "jumper-leads"));
  });
  return tests;
}

bool sameTest(const Test& a, const Test& b) {
  return a.kind == b.kind && a.circuit == b.circuit && a.red == b.red && a.black == b.black &&
         a.state.key == b.state.key && a.state.unplugged == b.state.unplugged &&
         a.state.jumper == b.state.jumper;
}

double minutesFor(const Circuit& circuit, const Test& test) {
  double minutes = test.kind == TestKind::waveform ? 3 : test.kind == TestKind::loop ? 1.5 : 1;
  minutes += test.state.wheel == circuit::WheelMotion::spun ? 1 : 0;
  std::vector<std::string> reached = test.state.unplugged;
  reached.push_back(test.red->place.element);
  std::sort(reached.begin(), reached.end());
  reached.erase(std::unique(reached.begin(), reached.end()), reached.end());
  for (const auto& id : reached) {
    const auto* e = circuit.find(id);
    minutes += e ? e->accessMinutes : 0;
  }
  return minutes;
}

// A reading put into a class of readings that a technician would tell apart.
struct Class {
  int index;
  std::string text;
};

Class classOf(const Test& test, double value, double healthy, double bias) {
  using units::Unit;
  if (test.kind == TestKind::waveform) {
    const double ratio = healthy == 0 ? 0 : value / healthy;
    return ratio < 0.05                  ? Class{0, "flat"}
           : ratio < trace::kWeakSuspect ? Class{1, "weaker than the good wheel"}
                                         : Class{2, "as strong as the good wheel"};
  }
  if (circuit::unitOf(test.kind) == Unit::ohm) {
    if (std::isinf(value)) {
      return {100, "OL"};
    }
    if (std::isfinite(healthy) && healthy > 0 && std::abs(value / healthy - 1) < 0.15) {
      return {50, "about " + units::format(healthy, Unit::ohm, 2)};
    }
    const int decade = static_cast<int>(std::floor(std::log10(std::max(value, 0.1))));
    if (decade < 2) {
      return {0, "under 100 \xCE\xA9"};
    }
    return {decade, units::format(std::pow(10.0, decade), Unit::ohm, 1) + " to " +
                        units::format(std::pow(10.0, decade + 1), Unit::ohm, 2)};
  }
  if (std::abs(value - healthy) < 0.04 * bias + 0.02) {
    return {50, "about " + units::format(healthy, Unit::volt, 2)};
  }
  if (value > 1.1 * bias) {
    return {60, "above " + units::format(bias, Unit::volt, 2)};
  }
  const int step = std::clamp(static_cast<int>(value / bias * 4), 0, 4);
  constexpr std::array<std::string_view, 5> kSteps{
      "near nothing", "a quarter of the bias", "half the bias", "three quarters", "the full bias"};
  return {step, step == 0 ? std::string("near nothing")
                          : "about " + std::string(kSteps[static_cast<std::size_t>(step)])};
}

struct Bucket {
  std::string text;
  double weight = 0;
  std::map<std::string, double> elements;
};

Bucket& put(std::map<int, Bucket>& buckets, const Class& cls, const Candidate& candidate) {
  Bucket& bucket = buckets[cls.index];
  bucket.text = cls.text;
  bucket.weight += candidate.weight;
  bucket.elements[candidate.element.empty() ? "nothing wrong" : candidate.element] +=
      candidate.weight;
  return bucket;
}

std::string pointsTo(const Bucket& bucket) {
  std::vector<std::pair<std::string, double>> ranked(bucket.elements.begin(),
                                                     bucket.elements.end());
  std::stable_sort(ranked.begin(), ranked.end(),
                   [](const auto& a, const auto& b) { return a.second > b.second; });
  std::string text;
  double told = 0;
  for (std::size_t i = 0; i < ranked.size() && i < 3 && told < 0.85 * bucket.weight; ++i) {
    text += (text.empty() ? "" : ", ") + ranked[i].first;
    told += ranked[i].second;
  }
  return text;
}

std::optional<double> simulated(const Circuit& circuit, const circuit::ParameterPoint& p,
                                const Test& test, const Candidate& candidate, double healthy) {
  if (test.kind == TestKind::waveform) {
    if (candidate.kind == Suspicion::noOutput) {
      return 0.0;
    }
    if (candidate.kind == Suspicion::weakOutput) {
      return 0.4 * healthy;
    }
  }
  const double ohm =
      candidate.toOhm > 1e14
          ? candidate.toOhm
          : std::sqrt(std::max(candidate.fromOhm, 1e-3) * std::max(candidate.toOhm, 1e-3));
  return circuit::predict(circuit, p, test, modelFaults(candidate, ohm));
}

std::optional<Proposal> simulate(const Circuit& circuit, const circuit::ParameterPoint& p,
                                 const Test& test, const Conclusion& conclusion) {
  const auto healthy = circuit::predict(circuit, p, test);
  if (!healthy) {
    return std::nullopt;
  }
  std::map<int, Bucket> buckets;
  double total = 0;
  for (const auto& candidate : conclusion.left) {
    const auto value = simulated(circuit, p, test, candidate, *healthy);
    if (!value) {
      return std::nullopt;
    }
    const bool ring = test.kind == TestKind::waveform && candidate.kind == Suspicion::ring;
    put(buckets,
        ring ? Class{3, "even but for one tooth"}
             : classOf(test, *value, *healthy, p.frontEnd.supplyV),
        candidate);
    total += candidate.weight;
  }
  Proposal out;
  out.test = test;
  for (const auto& [index, bucket] : buckets) {
    const double share = bucket.weight / total;
    out.bits -= share > 0 ? share * std::log2(share) : 0;
    out.outcomes.push_back({bucket.text, pointsTo(bucket), share});
  }
  std::stable_sort(
      out.outcomes.begin(), out.outcomes.end(),
      [](const Outcome& a, const Outcome& b) { return a.probability > b.probability; });
  if (out.outcomes.size() > 3) {
    out.outcomes.resize(3);
  }
  out.minutes = minutesFor(circuit, test);
  return out;
}

std::string titleFor(const Test& test) {
  const std::string place = circuit::spoken(test.red->place);
  switch (test.kind) {
    case TestKind::resistance:
      return (test.black && test.black->place.onLine() ? "Ohms of the pair at "
                                                       : "Ohms to ground at ") +
             place;
    case TestKind::loop:
      return "Loop check from the " + place;
    case TestKind::waveform:
      return "Scope trace at the " + place;
    default:
      return (test.black && test.black->place.onLine() ? "Volts across the pair at "
                                                       : "Volts to ground at ") +
             place;
  }
}

std::string instructionsFor(const Circuit& circuit, const Test& test) {
  const auto wire = [&](WireId id) {
    const auto& w = circuit.wire(id);
    return "wire " + std::string(circuit::kWireNames[static_cast<std::size_t>(id)]) +
           (w.colour.empty() ? "" : " (" + w.colour + ")");
  };
  std::string text = "Red on " + wire(*test.red->wire) + " at " + circuit::spoken(test.red->place) +
                     ", black on " +
                     (test.black && test.black->wire ? wire(*test.black->wire)
                                                     : std::string("a known good ground")) +
                     "; " + circuit::stateText(test.state) + ".";
  return text;
}

}  // namespace

std::string cautionFor(const Test& test) {
  if (test.state.wheel == circuit::WheelMotion::spun) {
    return "Wheel up: rated stands on sound points, the others chocked, never on a jack alone. "
           "Hands clear of the turning wheel.";
  }
  if (test.state.wheel == circuit::WheelMotion::driven) {
    return "ABS and ESC may be off during tests: drive accordingly; a second person watches the "
           "instrument.";
  }
  if (circuit::unitOf(test.kind) == units::Unit::ohm) {
    return "Key off and wait before unplugging a module. Airbag and orange high-voltage circuits: "
           "out of bounds.";
  }
  return "Do not spread the terminals. The maker's procedure and local rules come first.";
}

std::vector<Proposal> proposeTests(const job::Case& c, const Conclusion& conclusion,
                                   const Knowledge& knowledge) {
  std::vector<Proposal> out;
  const Circuit* circuit = c.suspectCircuit();
  if (!circuit || conclusion.left.empty()) {
    return out;
  }
  const auto& p = knowledge.find(circuit->name)->second.central;
  for (const auto& test : sensibleTests(c, *circuit)) {
    const bool made = std::any_of(c.evidence.begin(), c.evidence.end(), [&](const auto& e) {
      return !e.withdrawn && sameTest(e.test, test);
    });
    auto proposal = made ? std::nullopt : simulate(*circuit, p, test, conclusion);
    if (!proposal || proposal->bits < 0.02) {
      continue;
    }
    proposal->title = titleFor(test);
    proposal->instructions = instructionsFor(*circuit, test);
    proposal->caution = cautionFor(test);
    out.push_back(std::move(*proposal));
  }
  std::stable_sort(out.begin(), out.end(), [](const Proposal& a, const Proposal& b) {
    return a.bits / a.minutes > b.bits / b.minutes;
  });
  return out;
}

}  // namespace haybale::diagnosis
