#include "core/belief/likelihood.h"

#include <algorithm>
#include <cmath>

#include "core/priors/priors.h"
#include "core/vehicle/crossing.h"

namespace haybale::diagnosis {

using circuit::CarState;
using circuit::Test;
using circuit::WheelMotion;
using job::CodeType;
using priors::Id;
using priors::of;

Vehicle::Monitor ReadingModel::monitor(const std::string& circuit, const CarState& state,
                                       const World& world, const circuit::ParameterPoint& values,
                                       Worked* worked) const {
  if (!worked) {
    return vehicle_.monitor(circuit, state, world, values);
  }
  const auto known = worked->monitors.find(circuit);
  return known != worked->monitors.end()
             ? known->second
             : worked->monitors.emplace(circuit, vehicle_.monitor(circuit, state, world, values))
                   .first->second;
}

namespace {

// The same test with the leads of its swap the other way round, and what was worked out for that.
std::pair<Test, std::shared_ptr<ReadingModel::Worked>> otherWayRound(const Test& test,
                                                                     ReadingModel::Worked* worked) {
  Test other = test;
  other.state.swap->reversed = !test.state.swap->reversed;
  if (worked && !worked->otherWay) {
    worked->otherWay = std::make_shared<ReadingModel::Worked>();
  }
  return {other, worked ? worked->otherWay : nullptr};
}

}  // namespace

// Whether it matters which lead of a swap goes where.
bool ReadingModel::mindsPolarity(const Test& test) const {
  const auto* into = test.state.swap ? vehicle_.job().find(test.state.swap->into) : nullptr;
  return into && !circuit::isCoil(into->sensor.kind);
}

double ReadingModel::codes(const Test& test, const job::Reading& reading, const World& world,
                           const circuit::ParameterPoint& values, Worked* worked,
                           bool checks) const {
  const double said = codesAsWired(test, reading, world, values, worked, checks);
  if (!mindsPolarity(test)) {
    return said;
  }
  const auto [other, kept] = otherWayRound(test, worked);
  return std::lerp(said, codesAsWired(other, reading, world, values, kept.get(), checks),
                   of(Id::swapLeadsExchanged));
}

double ReadingModel::liveSpeed(const Test& test, const job::Reading& reading, const World& world,
                               const circuit::ParameterPoint& values, Worked* worked) const {
  const double said = speedAsWired(test, reading, world, values, worked);
  if (!mindsPolarity(test)) {
    return said;
  }
  const auto [other, kept] = otherWayRound(test, worked);
  return std::lerp(said, speedAsWired(other, reading, world, values, kept.get()),
                   of(Id::swapLeadsExchanged));
}

namespace {

// Probabilities of the code types for one circuit, none last.
using CodeChances = std::array<double, job::kCodeTypeNames.size() + 1>;

std::size_t index(CodeType type) {
  return static_cast<std::size_t>(type);
}

// How a module names what it sees differs: the share of each name for an open, a short, ...
CodeChances chancesOf(Vehicle::Monitor m, const World& world, const CarState& state, bool checks) {
  if (!checks) {
    m.open = m.shortGround = m.shortSupply = 0;
  }
  CodeChances out{};
  const auto spread = [&](double weight, std::initializer_list<std::pair<CodeType, double>> names) {
    for (const auto& [type, share] : names) {
      out[index(type)] += weight * share;
    }
  };
  // What parts and meets again while it turns looks like pulses gone astray as often.
  const double astray = isIntermittent(world.fault) && state.wheel != WheelMotion::still
                            ? of(Id::monitorComesAndGoes)
                            : 0;
  spread(astray * (m.open + m.shortGround), {{CodeType::erratic, of(Id::codeAstrayErratic)},
                                             {CodeType::implausible, of(Id::codeAstrayOther)},
                                             {CodeType::noSignal, of(Id::codeAstrayOther)}});
  spread((1 - astray) * m.open, {{CodeType::open, of(Id::codePlain)},
                                 {CodeType::openOrShort, of(Id::codeEither)},
                                 {CodeType::noSignal, of(Id::codeMissing)}});
  spread((1 - astray) * m.shortGround, {{CodeType::shortGround, of(Id::codePlain)},
                                        {CodeType::openOrShort, of(Id::codeEither)},
                                        {CodeType::noSignal, of(Id::codeMissing)}});
  spread(m.shortSupply, {{CodeType::shortSupply, of(Id::codeSupplyPlain)},
                         {CodeType::openOrShort, of(Id::codeEither)}});
  double left = std::max(0.0, 1 - m.open - m.shortGround - m.shortSupply);
  if (state.wheel != WheelMotion::still) {
    const double kmh = circuit::wheelKmh(state);
    const double sets = kmh >= 12 ? of(Id::monitorSetsMoving) : of(Id::monitorSetsSlow);
    const double silent = left * (1 - m.signal) * sets;
    const bool weak = m.signal > of(Id::codeHearsLittle);
    // Pulses that just reach the module's threshold at walking pace come and go.
    const double fades = weak && kmh < 12 ? of(Id::monitorWeakFades) : of(Id::codeSilentErratic);
    spread(silent, {{CodeType::noSignal,
                     weak ? std::max(0.0, of(Id::codeWeak) - fades) : of(Id::codeSilent)},
                    {CodeType::lowAmplitude, weak ? of(Id::codeWeakLow) : of(Id::codeSilentLow)},
                    {CodeType::erratic, fades},
                    {CodeType::implausible, of(Id::codeSilentImplausible)}});
    left -= silent;
    if (m.ringShows) {
      const bool count = world.fault == Fault::ringWrongCount;
      const double odd = left * (kmh >= 12 ? of(Id::monitorRingSets) : of(Id::monitorRingSetsSlow));
      // A split ring may slip on its seat, and then turns no more.
      const double stays = world.fault == Fault::ringCracked ? of(Id::monitorCrackedSilent) : 0;
      spread((1 - stays) * odd,
             {{CodeType::erratic, of(count ? Id::codeCountErratic : Id::codeRingErratic)},
              {CodeType::implausible,
               of(count ? Id::codeCountImplausible : Id::codeRingImplausible)}});
      spread(stays * odd, {{CodeType::noSignal, 1.0}});
      left -= odd;
    }
    if (m.misses > 0) {
      const double odd = left * m.misses *
                         (kmh >= 12 ? of(Id::monitorMissesSets)
                                    : of(Id::codeMissesSlow) * of(Id::monitorMissesSets));
      const double erratic = of(Id::codeMissesErratic);
      spread(odd, {{CodeType::erratic, erratic}, {CodeType::implausible, 1 - erratic}});
      left -= odd;
    }
    if (kmh >= 12) {
      const double odd = left * m.faint * of(Id::monitorFaintSets);
      const double low = of(Id::codeFaintLow);
      spread(odd, {{CodeType::lowAmplitude, low}, {CodeType::erratic, 1 - low}});
      left -= odd;
    }
    if (world.tyreRatio != 1 && kmh >= 12) {
      const double odd = left * of(Id::monitorTyreSets);
      spread(odd, {{CodeType::implausible, 1.0}});
      left -= odd;
    }
  }
  out.back() = left;
  double total = 0;
  for (auto& p : out) {
    p = std::max(p, of(Id::monitorFalse));
    total += p;
  }
  for (auto& p : out) {
    p /= total;
  }
  return out;
}

}  // namespace

namespace {

// A plug or splice away from the wheel may be one of both wheels of an axle; what spoils it often
// spoils both lines.
bool mayBeShared(const circuit::Circuit& suspect, const circuit::Circuit* other,
                 const World& world) {
  if (!other || world.line.empty() || circuit::groupOf(*other) != circuit::groupOf(suspect)) {
    return false;
  }
  const auto* at = suspect.find(world.line.front().element);
  return at && at != suspect.sensorConnector() &&
         (at->kind == circuit::ElementKind::connector ||
          at->kind == circuit::ElementKind::splice) &&
         at->zone != circuit::Zone::wheelhouse && at->zone != circuit::Zone::flex;
}

}  // namespace

// Work done before the complaint on both wheels by the same hands goes wrong on both, and so does
// what both lines run through.
double ReadingModel::faultyToo(const std::string& name, const World& world) const {
  const double shared = mayBeShared(vehicle_.suspect(), vehicle_.job().find(name), world)
                            ? of(Id::sharedPlugTakesBoth)
                            : 0;
  const bool ofWork = world.fault == Fault::encoderReversed ||
                      world.fault == Fault::ringWrongCount || world.fault == Fault::wideGap ||
                      world.fault == Fault::wrongSensor || world.fault == Fault::reversed;
  if (!ofWork) {
    return shared;
  }
  const auto& c = vehicle_.job();
  const auto done = [&](const job::History& mine) {
    const bool own = mine.before && (mine.circuit.empty() || mine.circuit == c.suspect);
    return own && std::any_of(c.history.begin(), c.history.end(), [&](const job::History& h) {
             return h.before && h.circuit == name && name != c.suspect && h.what == mine.what &&
                    h.element == mine.element;
           });
  };
  return std::any_of(c.history.begin(), c.history.end(), done)
             ? std::max(shared, of(Id::sameWorkSameMistake))
             : shared;
}

namespace {

// The best of the codes listed for one circuit, or that there is none.
double chanceOf(const CodeChances& chances, const job::Reading& reading, const std::string& name) {
  double best = 0;
  bool any = false;
  for (const auto& code : *reading.codes) {
    if (code.circuit == name) {
      best = std::max(best, chances[index(code.type)]);
      any = true;
    }
  }
  return any ? best : chances.back();
}

// A circuit that is not in question: sound, or one in many faulty itself; one in two where the same
// hands did the same work there.
double bystander(const job::Reading& reading, const std::string& name, double alike) {
  const bool listed = std::any_of(reading.codes->begin(), reading.codes->end(),
                                  [&](const job::Code& code) { return code.circuit == name; });
  const double faulty = of(Id::peerFaulty) + of(Id::monitorFalse);
  return std::lerp(listed ? faulty / 3 : 1 - faulty, 0.5, alike);
}

// Whether plugs that are apart or a jumper lie behind where the suspect's wires cross with
// another's.
bool worksAcross(const Vehicle& vehicle, const Test& test, const World& world) {
  return world.exchanged && test.circuit == vehicle.suspect().name && !test.state.swap &&
         !test.state.inject &&
         seenFromSide(vehicle.suspect(), world.exchangedAt, false, test.state) != test.state;
}

}  // namespace

// What is done to the suspect's line behind the crossing the module says of just one of the others;
// nobody knows which.
double ReadingModel::codesOfAnother(const Test& test, const job::Reading& reading,
                                    const World& world, const circuit::ParameterPoint& values,
                                    bool checks) const {
  const std::string& name = vehicle_.suspect().name;
  const auto there =
      chancesOf(vehicle_.monitor(name, test.state, World{}, values), World{}, test.state, checks);
  const auto here =
      chancesOf(vehicle_.monitor(name, test.state, world, values), world,
                seenFromSide(vehicle_.suspect(), world.exchangedAt, false, test.state), checks);
  double sum = 0;
  double others = 0;
  for (const auto& partner : vehicle_.job().circuits) {
    if (partner.name == name) {
      continue;
    }
    double p = chanceOf(there, reading, partner.name);
    for (const auto& circuit : vehicle_.job().circuits) {
      p *= circuit.name == name || circuit.name == partner.name
               ? 1
               : bystander(reading, circuit.name, 0);
    }
    sum += p;
    others += 1;
  }
  return others > 0 ? chanceOf(here, reading, name) * sum / others : 1;
}

double ReadingModel::codesAsWired(const Test& test, const job::Reading& reading, const World& world,
                                  const circuit::ParameterPoint& values, Worked* worked,
                                  bool checks) const {
  if (!reading.codes) {
    return 1;
  }
  if (worksAcross(vehicle_, test, world)) {
    const double own = of(Id::exchangedNamesOwn);
    return std::lerp(codesOfAnother(test, reading, world, values, checks),
                     codesAsWired(test, reading, World{}, values, nullptr, checks), own);
  }
  double p = 1;
  for (const auto& circuit : vehicle_.job().circuits) {
    const bool swapped = test.state.swap && (test.state.swap->into == circuit.name ||
                                             test.state.swap->sensorOf == circuit.name);
    if (circuit.name != vehicle_.suspect().name && !swapped && !world.modulePower) {
      const double odd = vehicle_.turnsFreely(test.state) ? 0.5 : 0;
      p *= bystander(reading, circuit.name, std::max(odd, faultyToo(circuit.name, world)));
      continue;
    }
    CarState state = test.state;
    if (circuit.name != test.circuit) {
      state.unplugged.clear();
      state.jumper.reset();
    }
    auto seen = monitor(circuit.name, state, world, values, worked);
    if (vehicle_.turnsFreely(state)) {
      seen.signal *= 0.5;
    }
    const double here = chanceOf(chancesOf(seen, world, state, checks), reading, circuit.name);
    // A module that is fed too little says much the same of all: they are not independent.
    p *= world.modulePower && circuit.name != vehicle_.suspect().name ? std::sqrt(here) : here;
  }
  return p;
}

}  // namespace haybale::diagnosis
