#include <algorithm>
#include <cmath>

#include "core/belief/likelihood.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using job::Sight;
using priors::Id;
using priors::of;

namespace {

bool beside(const circuit::Circuit& circuit, const std::string& one, const std::string& other) {
  const auto a = circuit.indexOf(one);
  const auto b = circuit.indexOf(other);
  return a && b && (*a > *b ? *a - *b : *b - *a) == 1;
}

}  // namespace

namespace {

// Of what is there only while it is wet: whether a spray reaches it, or the shop's air has left it
// damp.
double showsWet(const Hypothesis& h, const CarState& state, const circuit::Circuit& circuit) {
  if (!state.disturb || state.disturb->kind != circuit::DisturbKind::wet) {
    return of(Id::onlyWetShowsDry);
  }
  const auto& at = state.disturb->element;
  return at.empty()                       ? of(Id::onlyWetShowsWhole)
         : at == h.element                ? of(Id::onlyWetShowsHere)
         : beside(circuit, at, h.element) ? of(Id::onlyWetShowsBeside)
                                          : of(Id::onlyWetShowsDry);
}

// Of what is there only while it is warm: whether warm air reaches it, or a drive has warmed it.
double showsWarm(const Hypothesis& h, const CarState& state) {
  const bool warmed = state.disturb && state.disturb->kind == circuit::DisturbKind::heat &&
                      (state.disturb->element.empty() || state.disturb->element == h.element);
  return warmed                               ? of(Id::onlyWarmShowsWarmed)
         : state.wheel == WheelMotion::driven ? of(Id::onlyWarmShowsDriven)
                                              : of(Id::onlyWarmShowsCold);
}

}  // namespace

double showsIn(const Hypothesis& h, const CarState& state, const circuit::Circuit& circuit) {
  if (h.needs == Hypothesis::Needs::water) {
    return showsWet(h, state, circuit);
  }
  if (h.needs == Hypothesis::Needs::warmth) {
    return showsWarm(h, state);
  }
  if (!isIntermittent(h.fault)) {
    return 1;
  }
  if (state.disturb) {
    // Bending and shaking find a broken strand more surely than water and warmth do.
    const bool moved = state.disturb->kind == circuit::DisturbKind::flex ||
                       state.disturb->kind == circuit::DisturbKind::shake;
    if (state.disturb->element.empty()) {
      return moved ? of(Id::intermittentShowsMovedWhole) : of(Id::intermittentShowsWetWhole);
    }
    if (state.disturb->element == h.element) {
      return moved ? of(Id::intermittentShowsMovedHere) : of(Id::intermittentShowsWetHere);
    }
    return beside(circuit, state.disturb->element, h.element)
               ? of(Id::intermittentShowsMovedBeside)
               : of(Id::intermittentShowsMovedElsewhere);
  }
  return state.wheel == WheelMotion::driven ? of(Id::intermittentShowsDriven)
         : state.wheel == WheelMotion::spun ? of(Id::intermittentShowsSpun)
                                            : of(Id::intermittentShowsStill);
}

namespace {

// Probability that warm air or a spray moves the reading of water that lies in `element`.
double movesWater(const std::string& element, const CarState& state,
                  const circuit::Circuit& circuit) {
  const bool reaches = state.disturb && (state.disturb->kind == circuit::DisturbKind::wet ||
                                         state.disturb->kind == circuit::DisturbKind::heat);
  if (!reaches) {
    return of(Id::wiggleFalse);
  }
  if (state.disturb->element.empty()) {
    return of(Id::waterMovesWhole);
  }
  return state.disturb->element == element                  ? of(Id::waterMovesHere)
         : beside(circuit, state.disturb->element, element) ? of(Id::waterMovesBeside)
                                                            : of(Id::waterMovesElsewhere);
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
  return std::abs(*now - *rest) > of(Id::watchShare) * std::abs(*rest) + of(Id::watchLeast);
}

double ReadingModel::wiggle(const Test& test, const job::Reading& reading, const Hypothesis& h,
                            double severity, const circuit::ParameterPoint& values) const {
  double reacts = of(Id::wiggleFalse);
  if (h.comesAndGoes()) {
    reacts = watchSees(test, h, h.steps.front(), values)
                 ? showsIn(h, test.state, vehicle_.suspect())
                 : of(Id::wiggleFalse);
  } else if (const double water = waterShare(h.fault, severity); water > 0) {
    const double copper = of(Id::wiggleFalse);
    reacts = watchSees(test, h, severity, values)
                 ? copper + water * (movesWater(h.element, test.state, vehicle_.suspect()) - copper)
                 : copper;
  } else if (h.fault == Fault::resistive || h.fault == Fault::open) {
    reacts = showsIn({Fault::intermittentOpen, h.element, h.wire}, test.state, vehicle_.suspect()) >
                     of(Id::wiggleNear)
                 ? of(Id::wiggleBroken)
                 : of(Id::wiggleFalse);
  }
  return *reading.reacts ? reacts : 1 - reacts;
}

namespace {

// What is seen of an element whose fault is `fault`: {sight, probability}; the rest is "ok" or
// "hidden".
double sightChance(Sight seen, Fault fault, circuit::ElementKind kind) {
  using circuit::ElementKind;
  const bool lead =
      kind == ElementKind::sensor &&
      (fault == Fault::intermittentOpen || fault == Fault::shortToGround || fault == Fault::leak);
  const bool wiring = kind == ElementKind::leg || kind == ElementKind::splice || lead;
  const auto pick = [&](std::initializer_list<std::pair<Sight, double>> chances, double ok) {
    double left = 1 - ok;
    for (const auto& [sight, p] : chances) {
      if (sight == seen) {
        return p;
      }
      left -= p;
    }
    return seen == Sight::ok ? ok : std::max(of(Id::lookOdd), left / 4);
  };
  switch (fault) {
    case Fault::none:
      return wiring ? pick({{Sight::hidden, of(Id::lookSoundWiringHidden)},
                            {Sight::chafed, of(Id::lookSoundWiringChafed)},
                            {Sight::repaired, of(Id::lookSoundWiringRepaired)}},
                           of(Id::lookSoundWiringOk))
                    : pick({{Sight::corroded, of(Id::lookSoundPartCorroded)},
                            {Sight::loose, of(Id::lookSoundPartLoose)}},
                           of(Id::lookSoundPartOk));
    case Fault::ringTooth:
      return pick({{Sight::missingTooth, of(Id::lookToothSeen)},
                   {Sight::debris, of(Id::lookToothDebris)},
                   {Sight::hidden, of(Id::lookRingHidden)}},
                  of(Id::lookToothOk));
    case Fault::ringCracked:
      return pick(
          {{Sight::cracked, of(Id::lookCrackSeen)}, {Sight::hidden, of(Id::lookRingHidden)}},
          of(Id::lookCrackOk));
    case Fault::ringRunout:
      return pick(
          {{Sight::loose, of(Id::lookRunoutLoose)}, {Sight::hidden, of(Id::lookRingHidden)}},
          of(Id::lookRunoutOk));
    case Fault::wideGap:
      return pick({{Sight::debris, of(Id::lookGapDebris)},
                   {Sight::notSeated, of(Id::lookGapNotSeated)},
                   {Sight::corroded, of(Id::lookGapCorroded)}},
                  of(Id::lookGapOk));
    case Fault::debris:
      return pick({{Sight::debris, of(Id::lookDebrisSeen)},
                   {Sight::notSeated, of(Id::lookDebrisNotSeated)}},
                  of(Id::lookDebrisOk));
    case Fault::shortToGround:
    case Fault::shortToSupply:
      // Copper that touches what it should not needs no crust: a plug looks as it does when sound.
      if (!wiring) {
        return pick({{Sight::corroded, of(Id::lookPlugShortCorroded)},
                     {Sight::loose, of(Id::lookPlugLoose)},
                     {Sight::broken, 2 * of(Id::lookPlugBroken)}},
                    of(Id::lookPlugShortOk));
      }
      [[fallthrough]];
    case Fault::leak:
    case Fault::resistive:
    case Fault::open:
    case Fault::intermittentOpen:
    case Fault::intermittentShort:
    case Fault::wiresTouching:
      return wiring ? pick({{Sight::chafed, of(Id::lookWiringChafed)},
                            {Sight::broken, of(Id::lookWiringBroken)},
                            {Sight::corroded, of(Id::lookWiringCorroded)},
                            {Sight::repaired, of(Id::lookWiringRepaired)},
                            {Sight::hidden, of(Id::lookWiringHidden)}},
                           of(Id::lookWiringOk))
                    : pick({{Sight::corroded, of(Id::lookPlugCorroded)},
                            {Sight::loose, of(Id::lookPlugLoose)},
                            {Sight::broken, of(Id::lookPlugBroken)}},
                           of(Id::lookPlugOk));
    default:
      return pick({{Sight::broken, of(Id::lookOtherBroken)}}, of(Id::lookOtherOk));
  }
}

}  // namespace

namespace {

// Insulation that is pulled gives way where nothing in it holds: "broken". Common practice, no
// source.
double pullChance(Sight seen, Fault fault) {
  const double gives = fault == Fault::open               ? of(Id::pullOpen)
                       : fault == Fault::intermittentOpen ? of(Id::pullStrand)
                       : fault == Fault::resistive        ? of(Id::pullResistive)
                                                          : of(Id::pullSound);
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
  // Steel across a magnet: an active sensor has none, or hardly shows it on a meter.
  if (!circuit::isCoil(vehicle_.suspect().sensor.kind)) {
    const double swings = of(Id::steelActive);
    return *reading.swings ? swings : 1 - swings;
  }
  double swings = of(Id::steelSound);
  switch (h.fault) {
    case Fault::sensorOpen:
    case Fault::sensorDead:
      swings = of(Id::steelOpen);
      break;
    case Fault::sensorShorted:
      // All of its turns shorted it is as good as parted.
      swings = severity < of(Id::shortedWholeOhm)  ? of(Id::steelOpen)
               : severity < of(Id::shortedHalfOhm) ? of(Id::steelShortedLow)
                                                   : of(Id::steelShorted);
      break;
    case Fault::sensorWeak:
      swings = of(Id::steelWeak);
      break;
    default:
      break;
  }
  return *reading.swings ? swings : 1 - swings;
}

}  // namespace haybale::diagnosis
