#include "core/verdict/traps.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/evidence/meter_use.h"
#include "core/evidence/quantity_of.h"
#include "core/evidence/void_setup.h"

namespace haybale::diagnosis {

using circuit::TestKind;
using judging::Verdict;

namespace {

class Finder {
 public:
  explicit Finder(const TrapInput& in)
      : in_(in),
        test_(in.evidence.test),
        entry_(*in.evidence.reading.value),
        reach_(circuit::reachFrom(in.circuit, test_.red->place, test_.state)) {}

  std::vector<Trap> find() {
    unloaded();
    ghost();
    autoRange();
    hotCoil();
    spin();
    leads();
    contact();
    activeOhms();
    latched();
    return std::move(traps_);
  }

 private:
  void note(TrapKind kind, std::string text) { traps_.push_back({kind, std::move(text)}); }

  [[nodiscard]] bool ohms() const { return circuit::unitOf(test_.kind) == units::Unit::ohm; }
  [[nodiscard]] bool failed() const { return in_.verdict == Verdict::fail; }

  // An ohmmeter's own voltage and polarity make what an active sensor reads.
  void activeOhms() {
    constexpr double kBeyondWiring = 5e4;
    if (!ohms() || !reach_.sensor || (!entry_.overload && entry_.value < kBeyondWiring) ||
        circuit::isCoil(in_.circuit.sensor.kind)) {
      return;
    }
    note(TrapKind::activeOhms,
         say("Through an active sensor an ohmmeter shows what its own voltage "
             "and polarity make of it: "
             "hundreds of kilo-ohms to OL may be a good part. Only an "
             "identical good one, same meter, "
             "same polarity, says something."));
  }

  // A module may switch a sensor's supply off while a code is stored.
  void latched() {
    const bool dead = test_.kind == TestKind::dcVoltage && failed() && std::abs(entry_.value) < 0.5;
    if (dead && reach_.module && !circuit::isCoil(in_.circuit.sensor.kind)) {
      note(TrapKind::latched, say("A missing supply may only be latched off: clear the codes and "
                                  "cycle the ignition before "
                                  "the module is blamed."));
    }
  }

  // Worked out: 10 kohm is put into the wire between module and place; if the reading would be the
  // same, it says nothing about the wire.
  void unloaded() {
    if (test_.kind != TestKind::dcVoltage || in_.verdict != Verdict::pass || !reach_.module ||
        !test_.red->wire || !in_.expected) {
      return;
    }
    constexpr double kBadOhm = 10e3;
    for (const auto& e : in_.circuit.path) {
      const bool between = e.kind == circuit::ElementKind::leg &&
                           circuit::position(in_.circuit, test_.red->place) >
                               static_cast<double>(*in_.circuit.indexOf(e.id));
      if (!between) {
        continue;
      }
      const circuit::LineFault bad{e.id, circuit::FaultKind::series, *test_.red->wire, kBadOhm};
      const auto with =
          circuit::predict(in_.circuit, in_.parameters.central, test_, {&bad, 1}, in_.job.meter);
      const double sound = in_.expected->nominal;
      if (with && std::abs(*with - sound) < 0.02 * std::abs(sound)) {
        note(TrapKind::unloaded,
             sayf("Proves little: with no load, {} more in the wire would read the same.",
                  units::format(kBadOhm, units::Unit::ohm, 2)));
      }
      return;
    }
  }

  void ghost() {
    if (test_.kind == TestKind::dcVoltage && failed() && in_.expected && !reach_.sensor &&
        reach_.module && entry_.value > 0.1 && entry_.value < 0.9 * in_.expected->nominal) {
      note(TrapKind::ghost, say("A ghost voltage between nothing and supply: an open with a leak, "
                                "rather than a short; "
                                "load it and it falls to nothing."));
    }
  }

  void autoRange() {
    if (ohms() && entry_.overload && !test_.highestRange) {
      note(TrapKind::autoRangeOl,
           sayf("OL on auto range: set the highest range, {}, by hand before believing it.",
                units::format(in_.job.meter.topOhm(), units::Unit::ohm, 2)));
    }
  }

  void hotCoil() {
    if (quantityOf(in_.circuit, test_) != judging::Quantity::coilResistance || entry_.overload ||
        in_.evidence.reading.celsius || entry_.value < 1 || entry_.value > 4000) {
      return;
    }
    // A tenth more or less is 25 kelvin.
    constexpr double kNoticed = 0.08;
    bool differs = failed();
    const auto* peer = circuit::peerOf(in_.job.circuits, in_.circuit);
    for (const auto& e : in_.job.evidence) {
      const bool coil = peer && e.test.circuit == peer->name && !e.withdrawn && e.reading.value &&
                        !e.reading.value->overload && e.reading.value->value > 0 &&
                        quantityOf(*peer, e.test) == judging::Quantity::coilResistance;
      differs =
          differs || (coil && std::abs(std::log(entry_.value / e.reading.value->value)) > kNoticed);
    }
    if (differs) {
      note(TrapKind::hotCoil,
           say("A hot coil reads higher, 0.39 % a kelvin: give its temperature."));
    }
  }

  void spin() {
    if (test_.kind != TestKind::acVoltage) {
      return;
    }
    if (speedUnknown(in_.evidence)) {
      note(TrapKind::spin, say("AC volts depend on how fast it was spun: read the hertz too, then "
                               "two wheels compare."));
      return;
    }
    const auto* peer = circuit::peerOf(in_.job.circuits, in_.circuit);
    for (const auto& e : in_.job.evidence) {
      const bool other = peer && e.test.circuit == peer->name && !e.withdrawn &&
                         e.test.kind == TestKind::acVoltage && e.reading.hz && e.reading.value;
      if (other && in_.evidence.reading.hz &&
          std::abs(std::log(*e.reading.hz / *in_.evidence.reading.hz)) > 0.1) {
        note(TrapKind::spin, sayf("{} was spun at {}, this one at {}: compared by volts per hertz.",
                                  peer->name, units::format(*e.reading.hz, units::Unit::hertz),
                                  units::format(*in_.evidence.reading.hz, units::Unit::hertz)));
      }
    }
  }

  void leads() {
    if (ohms() && !entry_.overload && entry_.value < 5 && !in_.job.meter.zeroed) {
      note(TrapKind::leads,
           sayf("The leads alone are about {}: touch the tips, subtract what they read.",
                units::format(in_.job.meter.leadOhm, units::Unit::ohm, 2)));
    }
  }

  // Twice the same place and twice another number: a probe that missed, or a contact that lets go.
  void contact() {
    if (test_.kind == TestKind::acVoltage) {
      return;
    }
    for (const auto& e : in_.job.evidence) {
      if (e.id == in_.evidence.id || e.withdrawn || !e.reading.value ||
          !circuit::sameTest(e.test, test_)) {
        continue;
      }
      const auto& other = *e.reading.value;
      const double larger = std::max(std::abs(other.value), std::abs(entry_.value));
      const double u = 4 * (standardUncertainty(in_.job.meter, other, test_.kind) +
                            standardUncertainty(in_.job.meter, entry_, test_.kind));
      if (other.overload != entry_.overload ||
          std::abs(other.value - entry_.value) > std::max(u, 0.05 * larger)) {
        note(TrapKind::contact,
             sayf("The same test read {} before: repeat it at a second contact, the probe "
                  "may have missed; if it still wanders, the contact itself lets go.",
                  units::format(other)));
        return;
      }
    }
  }

  const TrapInput& in_;
  const circuit::Test& test_;
  const units::Entry& entry_;
  circuit::Reach reach_;
  std::vector<Trap> traps_;
};

}  // namespace

std::vector<Trap> trapsOf(const TrapInput& input) {
  if (const auto reason = voidReason(input.circuit, input.evidence)) {
    return {{TrapKind::setup, *reason}};
  }
  if (!input.evidence.test.red || !input.evidence.reading.value) {
    return {};
  }
  return Finder(input).find();
}

}  // namespace haybale::diagnosis
