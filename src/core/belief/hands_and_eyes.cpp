#include <algorithm>
#include <cmath>

#include "core/belief/likelihood.h"

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using job::Sight;

double showsIn(const Hypothesis& h, const CarState& state, const circuit::Circuit& circuit) {
  if (!isIntermittent(h.fault)) {
    return 1;
  }
  if (state.disturb) {
    // Bending and shaking find a broken strand more surely than water and warmth do.
    const bool moved = state.disturb->kind == circuit::DisturbKind::flex ||
                       state.disturb->kind == circuit::DisturbKind::shake;
    if (state.disturb->element.empty()) {
      return moved ? 0.75 : 0.45;
    }
    if (state.disturb->element == h.element) {
      return moved ? 0.85 : 0.5;
    }
    const auto a = circuit.indexOf(state.disturb->element);
    const auto b = circuit.indexOf(h.element);
    const bool beside = a && b && (*a > *b ? *a - *b : *b - *a) == 1;
    return beside ? 0.25 : 0.05;
  }
  return state.wheel == WheelMotion::driven ? 0.45 : state.wheel == WheelMotion::spun ? 0.12 : 0.06;
}

namespace {

// Probability that warm air or a spray moves the reading of water that lies in `element`: common
// practice, no source.
double movesWater(const std::string& element, const CarState& state,
                  const circuit::Circuit& circuit) {
  const bool reaches = state.disturb && (state.disturb->kind == circuit::DisturbKind::wet ||
                                         state.disturb->kind == circuit::DisturbKind::heat);
  if (!reaches) {
    return 0.03;
  }
  if (state.disturb->element.empty()) {
    return 0.5;
  }
  const auto a = circuit.indexOf(state.disturb->element);
  const auto b = circuit.indexOf(element);
  const bool beside = a && b && (*a > *b ? *a - *b : *b - *a) == 1;
  return state.disturb->element == element ? 0.7 : beside ? 0.1 : 0.03;
}

}  // namespace

// Whether the watched reading can see a fault at all.
bool ReadingModel::watchSees(const Test& test, const Hypothesis& h, double severity,
                             const circuit::ParameterPoint& values) const {
  if (!test.red) {
    return true;
  }
  Test watched = test;
  watched.kind = test.state.key == circuit::Key::on ? TestKind::dcVoltage : TestKind::resistance;
  const auto now = vehicle_.electrical(watched, worldOf(h, severity, values), values);
  const auto rest = vehicle_.electrical(watched, World{}, values);
  if (!now || !rest || std::isinf(*now) || std::isinf(*rest)) {
    return !now || !rest || std::isinf(*now) != std::isinf(*rest);
  }
  return std::abs(*now - *rest) > 0.1 * std::abs(*rest) + 0.05;
}

double ReadingModel::wiggle(const Test& test, const job::Reading& reading, const Hypothesis& h,
                            double severity, const circuit::ParameterPoint& values) const {
  double reacts = 0.03;
  if (isIntermittent(h.fault)) {
    reacts = watchSees(test, h, h.steps.front(), values)
                 ? showsIn(h, test.state, vehicle_.suspect())
                 : 0.03;
  } else if (isWater(h.fault, severity)) {
    reacts = watchSees(test, h, severity, values)
                 ? movesWater(h.element, test.state, vehicle_.suspect())
                 : 0.03;
  } else if (h.fault == Fault::resistive || h.fault == Fault::open) {
    reacts =
        showsIn({Fault::intermittentOpen, h.element, h.wire}, test.state, vehicle_.suspect()) > 0.6
            ? 0.2
            : 0.03;
  }
  return *reading.reacts ? reacts : 1 - reacts;
}

namespace {

// What is seen of an element whose fault is `fault`: {sight, probability}; the rest is "ok" or
// "hidden".
double sightChance(Sight seen, Fault fault, circuit::ElementKind kind) {
  using circuit::ElementKind;
  const bool wiring = kind == ElementKind::leg || kind == ElementKind::splice;
  const auto pick = [&](std::initializer_list<std::pair<Sight, double>> chances, double ok) {
    double left = 1 - ok;
    for (const auto& [sight, p] : chances) {
      if (sight == seen) {
        return p;
      }
      left -= p;
    }
    return seen == Sight::ok ? ok : std::max(0.004, left / 4);
  };
  if (fault == Fault::none) {
    return wiring
               ? pick({{Sight::hidden, 0.3}, {Sight::chafed, 0.02}, {Sight::repaired, 0.04}}, 0.62)
               : pick({{Sight::corroded, 0.04}, {Sight::loose, 0.02}}, 0.9);
  }
  switch (fault) {
    case Fault::ringTooth:
      return pick({{Sight::missingTooth, 0.75}, {Sight::debris, 0.05}, {Sight::hidden, 0.05}},
                  0.12);
    case Fault::ringCracked:
      return pick({{Sight::cracked, 0.75}, {Sight::hidden, 0.05}}, 0.17);
    case Fault::ringRunout:
      return pick({{Sight::loose, 0.2}, {Sight::hidden, 0.05}}, 0.7);
    case Fault::wideGap:
      return pick({{Sight::debris, 0.35}, {Sight::notSeated, 0.35}, {Sight::corroded, 0.1}}, 0.15);
    case Fault::leak:
    case Fault::resistive:
    case Fault::open:
    case Fault::intermittentOpen:
    case Fault::intermittentShort:
    case Fault::wiresTouching:
    case Fault::shortToGround:
    case Fault::shortToSupply:
      return wiring ? pick({{Sight::chafed, 0.2},
                            {Sight::broken, 0.2},
                            {Sight::corroded, 0.08},
                            {Sight::repaired, 0.08},
                            {Sight::hidden, 0.22}},
                           0.2)
                    : pick({{Sight::corroded, 0.6}, {Sight::loose, 0.12}, {Sight::broken, 0.06}},
                           0.17);
    default:
      return pick({{Sight::broken, 0.05}}, 0.9);
  }
}

}  // namespace

namespace {

// Insulation that is pulled gives way where nothing in it holds: "broken". Common practice, no
// source.
double pullChance(Sight seen, Fault fault) {
  const double gives = fault == Fault::open               ? 0.7
                       : fault == Fault::intermittentOpen ? 0.4
                       : fault == Fault::resistive        ? 0.2
                                                          : 0.01;
  return seen == Sight::broken ? gives : 1 - gives;
}

}  // namespace

double ReadingModel::inspect(const Test& test, const job::Reading& reading,
                             const Hypothesis& h) const {
  const std::string& id = !test.looked.empty()      ? test.looked
                          : !reading.looked.empty() ? reading.looked
                          : test.state.disturb      ? test.state.disturb->element
                                                    : test.looked;
  const auto* element = vehicle_.suspect().find(id);
  if (!element || !reading.sight || test.circuit != vehicle_.suspect().name) {
    return 1;
  }
  // A gap is seen at the sensor and at the ring.
  const bool here = h.element == id;
  const Fault fault = here ? h.fault : Fault::none;
  return isPull(test) ? pullChance(*reading.sight, fault)
                      : sightChance(*reading.sight, fault, element->kind);
}

double ReadingModel::benchSensor(const job::Reading& reading, const Hypothesis& h,
                                 double severity) const {
  double swings = 0.97;
  switch (h.fault) {
    case Fault::sensorOpen:
    case Fault::sensorDead:
      swings = 0.03;
      break;
    case Fault::sensorShorted:
      swings = severity < 200 ? 0.2 : 0.6;
      break;
    case Fault::sensorWeak:
      swings = 0.35;
      break;
    default:
      break;
  }
  return *reading.swings ? swings : 1 - swings;
}

}  // namespace haybale::diagnosis
