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
    chart();
    activeOhms();
    polarity();
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

  // The same reading at another wheel: what the two share is low, and no wire of one of them.
  [[nodiscard]] bool isReadElsewhere() const {
    constexpr double kAlike = 0.15;
    return std::any_of(
        in_.job.evidence.begin(), in_.job.evidence.end(), [&](const job::Evidence& e) {
          auto there = test_;
          there.circuit = e.test.circuit;
          return e.test.circuit != test_.circuit && !e.withdrawn && e.reading.value &&
                 circuit::sameTest(e.test, there) &&
                 std::abs(e.reading.value->value - entry_.value) < kAlike * entry_.value;
        });
  }

  void ghost() {
    if (test_.kind == TestKind::dcVoltage && failed() && in_.expected && !reach_.sensor &&
        reach_.module && entry_.value > 0.1 && entry_.value < 0.9 * in_.expected->nominal &&
        !isReadElsewhere()) {
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

  // Beyond the limits by no more than a hot brake or a frosty night make of a coil. Common
  // practice, no source: 120 C, -25 C.
  [[nodiscard]] bool mayBeItsTemperature() const {
    constexpr double kHot = 1.4, kCold = 0.82;
    const auto within = [&](const std::vector<judging::Limit>& limits) {
      return std::any_of(limits.begin(), limits.end(), [&](const judging::Limit& limit) {
        return limit.quantity == judging::Quantity::coilResistance &&
               (!limit.max || entry_.value < kHot * *limit.max) &&
               (!limit.min || entry_.value > kCold * *limit.min);
      });
    };
    return within(in_.circuit.limits.empty() ? in_.job.limits : in_.circuit.limits);
  }

  void hotCoil() {
    if (quantityOf(in_.circuit, test_) != judging::Quantity::coilResistance || entry_.overload ||
        in_.evidence.reading.celsius || entry_.value < 1 || entry_.value > 4000) {
      return;
    }
    // A tenth more or less is 25 kelvin; from frost to a hot brake a coil changes by half. What
    // differs by more is another coil.
    constexpr double kNoticed = 0.08;
    constexpr double kMost = 0.5;
    bool differs = false;
    bool compared = false;
    const auto* peer = circuit::peerOf(in_.job.circuits, in_.circuit);
    for (const auto& e : in_.job.evidence) {
      if (!peer || e.test.circuit != peer->name || e.withdrawn || !e.reading.value ||
          quantityOf(*peer, e.test) != judging::Quantity::coilResistance) {
        continue;
      }
      compared = true;
      const double apart = e.reading.value->overload || e.reading.value->value <= 0
                               ? 2 * kMost
                               : std::abs(std::log(entry_.value / e.reading.value->value));
      differs = differs || (apart > kNoticed && apart < kMost);
    }
    differs = differs || (!compared && failed() && mayBeItsTemperature());
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

  // Clearing the codes brings a latched supply back: volts before and after are two things.
  [[nodiscard]] bool wereClearedBetween(const job::Evidence& other) const {
    if (test_.kind != TestKind::dcVoltage || circuit::isCoil(in_.circuit.sensor.kind)) {
      return false;
    }
    int between = 0;  // ends passed: 1 while between the two
    for (const auto& e : in_.job.evidence) {
      if (e.id == other.id || e.id == in_.evidence.id) {
        ++between;
      } else if (between == 1 && e.test.kind == TestKind::codes && !e.withdrawn) {
        return true;
      }
    }
    return false;
  }

  // Twice the same place and twice another number: a probe that missed, or a contact that lets go.
  void contact() {
    if (test_.kind == TestKind::acVoltage) {
      return;
    }
    // Below these two readings are the same to anyone.
    const double floor = ohms() ? 1 : 0.05;
    for (const auto& e : in_.job.evidence) {
      if (e.id == in_.evidence.id || e.withdrawn || !e.reading.value ||
          !circuit::sameTest(e.test, test_) || wereClearedBetween(e)) {
        continue;
      }
      const auto& other = *e.reading.value;
      const double larger = std::max(std::abs(other.value), std::abs(entry_.value));
      const double u = 4 * (standardUncertainty(in_.job.meter, other, test_.kind) +
                            standardUncertainty(in_.job.meter, entry_, test_.kind));
      if (other.overload != entry_.overload ||
          std::abs(other.value - entry_.value) > std::max({u, floor, 0.05 * larger})) {
        note(TrapKind::contact,
             sayf("The same test read {} before: repeat it at a second contact, the probe "
                  "may have missed; if it still wanders, the contact itself lets go.",
                  units::format(other)));
        return;
      }
    }
  }

  // The good wheel reads the same: the car is the specification, but for the maker's own limits.
  void chart() {
    constexpr double kAlike = 0.1;
    const auto* peer = circuit::peerOf(in_.job.circuits, in_.circuit);
    if (!peer || entry_.overload || !in_.circuit.limits.empty() || !(failed() || isUnusual())) {
      return;
    }
    auto there = test_;
    there.circuit = peer->name;
    for (const auto& e : in_.job.evidence) {
      if (!e.withdrawn && e.reading.value && !e.reading.value->overload &&
          circuit::sameTest(e.test, there) &&
          std::abs(e.reading.value->value - entry_.value) < kAlike * std::abs(entry_.value)) {
        note(TrapKind::chart, sayf("Not what a chart says, but {} reads {} too: the good wheel of "
                                   "the same car is the specification.",
                                   peer->name, units::format(*e.reading.value)));
        return;
      }
    }
  }

  // Outside of what such sensors are mostly fed with or have. Common practice, no source.
  [[nodiscard]] bool isUnusual() const {
    const bool coil = circuit::isCoil(in_.circuit.sensor.kind);
    const auto outside = [&](double low, double high) {
      return entry_.value < low || entry_.value > high;
    };
    if (quantityOf(in_.circuit, test_) == judging::Quantity::coilResistance) {
      return coil && outside(500, 3000);
    }
    const bool feed = test_.kind == TestKind::dcVoltage && reach_.module && !reach_.sensor &&
                      test_.red->wire == circuit::WireId::a && entry_.value > 0.3;
    return feed && in_.circuit.sensor.kind != circuit::SensorKind::hall &&
           (coil ? outside(0.3, 5.6) : outside(8, 14));
  }

  // The feed stands on the return and nothing on the feed; or what was fitted or mended draws
  // nothing. An active sensor the wrong way round is as dead as a dead one.
  void polarity() {
    if (test_.kind != TestKind::dcVoltage || circuit::isCoil(in_.circuit.sensor.kind) ||
        test_.red->wire != circuit::WireId::b || entry_.value < 3 || !reach_.module) {
      return;
    }
    auto other = test_;
    other.red->wire = circuit::WireId::a;
    for (const auto& e : in_.job.evidence) {
      if (e.withdrawn || !e.reading.value || !circuit::sameTest(e.test, other)) {
        continue;
      }
      const double a = std::abs(e.reading.value->value);
      if (!reach_.sensor && a < 0.1 * entry_.value) {
        note(TrapKind::polarity,
             say("The feed stands on the return's wire: the two may be exchanged at a joint. Look "
                 "there before a part is blamed."));
      } else if (reach_.sensor && std::abs(a - entry_.value) < 0.1 * a && wasWorkedOn()) {
        note(TrapKind::polarity,
             say("Both wires stand at the supply: the sensor draws nothing. After a new part or a "
                 "mended joint swap the two wires once before concluding."));
      }
    }
  }

  [[nodiscard]] bool wasWorkedOn() const {
    const auto here = [&](const job::History& h) {
      return (h.circuit.empty() || h.circuit == in_.circuit.name) &&
             (h.what == job::Work::replaced || h.what == job::Work::repaired);
    };
    return !in_.job.complaint.earlierRepair.empty() ||
           std::any_of(in_.job.history.begin(), in_.job.history.end(), here);
  }

  const TrapInput& in_;
  const circuit::Test& test_;
  const units::Entry& entry_;
  circuit::Reach reach_;
  std::vector<Trap> traps_;
};

// A good sensor on jumper leads, and the line is as dead as before: leads the wrong way round do
// that too, as long as they were not swapped once.
bool mayBeReversed(const TrapInput& in) {
  const auto& test = in.evidence.test;
  const auto& swap = test.state.swap;
  const auto* into = swap ? in.job.find(swap->into) : nullptr;
  if (!into || swap->reversed || circuit::isCoil(into->sensor.kind)) {
    return false;
  }
  const auto& reading = in.evidence.reading;
  const bool coded =
      reading.codes && std::any_of(reading.codes->begin(), reading.codes->end(),
                                   [&](const job::Code& c) { return c.circuit == into->name; });
  const bool silent = test.state.wheel != circuit::WheelMotion::still &&
                      std::any_of(reading.kmh.begin(), reading.kmh.end(), [&](const auto& kmh) {
                        return kmh.first == into->name && kmh.second < 0.5;
                      });
  auto other = test.state;
  other.swap->reversed = true;
  return (coded || silent) &&
         std::none_of(in.job.evidence.begin(), in.job.evidence.end(), [&](const job::Evidence& e) {
           return !e.withdrawn && e.test.state.swap == other.swap;
         });
}

}  // namespace

std::vector<Trap> trapsOf(const TrapInput& input) {
  if (const auto reason = voidReason(input.circuit, input.evidence)) {
    return {{TrapKind::setup, *reason}};
  }
  if (mayBeReversed(input)) {
    return {{TrapKind::polarity,
             say("An active sensor on leads the wrong way round gives no signal and sets codes: "
                 "swap the two leads once before the line is blamed.")}};
  }
  if (!input.evidence.test.red || !input.evidence.reading.value) {
    return {};
  }
  return Finder(input).find();
}

}  // namespace haybale::diagnosis
