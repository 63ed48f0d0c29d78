// How probable what a trace shows is on a vehicle with one thing wrong.
#include <algorithm>
#include <array>
#include <cmath>

#include "core/belief/likelihood.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::SensorKind;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using priors::Id;
using priors::of;

namespace {

// A clamp the other way round counts backwards; one that shows changes only says nothing of where
// the currents lie, and what it shows of none cannot be told from a steady one.
void takeCurrents(const trace::ChannelAnalysis& a, bool square, TraceFacts& out) {
  constexpr double kNothing = 0.001;
  out.current = a.unit == units::Unit::ampere;
  if (!out.current) {
    return;
  }
  const double low = std::min(std::abs(a.levels.low), std::abs(a.levels.high));
  const double high = std::max(std::abs(a.levels.low), std::abs(a.levels.high));
  const bool changesOnly = a.levels.low < -kNothing && a.levels.high > kNothing;
  if (out.flat && std::abs(a.levels.bias) > kNothing) {
    out.flatAmperes = std::abs(a.levels.bias);
  } else if (square && !out.flat && !changesOnly) {
    out.amperes = {low, high};
  }
}

}  // namespace

TraceFacts factsOf(const trace::ChannelAnalysis& a, const std::optional<trace::Comparison>& c) {
  TraceFacts out;
  out.pulses = a.pulseCount;
  out.readable = a.signal != trace::Signal::unknown;
  const bool silent =
      !a.findings.empty() && a.findings.front().code == trace::Code::noSignal && !a.unresolved;
  out.flat = a.signal == trace::Signal::flat || a.pulseCount < 3 || silent;
  out.fluxMwb = a.fluxSwingMwb;
  out.swing = a.levels.peakToPeak;
  const bool volts = a.unit == units::Unit::volt;
  if (out.flat && volts) {
    out.flatVolts = a.levels.bias;
  }
  const bool square = a.signal == trace::Signal::active || a.signal == trace::Signal::activePwm ||
                      a.signal == trace::Signal::hall;
  // A record that lost its direct part says nothing of the levels.
  if (square && volts && !out.flat && a.levels.low > -0.1 * a.levels.peakToPeak) {
    out.levels = {a.levels.low, a.levels.high};
  }
  takeCurrents(a, square, out);
  if (c && (c->quantity == trace::Compared::fluxSwing || c->quantity == trace::Compared::swing)) {
    out.outputRatio = c->ratio;
  }
  out.misses = a.missedPulses > 0;
  out.standsStill = a.standstillOnly;
  out.gapLimit = a.gapLimitShare > trace::kGapLimitShare;
  // Away from all that the sensor gives: no absent tooth and no weak signal does that.
  constexpr double kAway = 0.2;
  const double away = kAway * (a.levels.high - a.levels.low);
  out.opensBeyond = std::any_of(a.dropouts.begin(), a.dropouts.end(), [&](const auto& d) {
    return d.level > a.levels.high + away || d.level < a.levels.low - away;
  });
  for (const auto& f : a.findings) {
    if (f.severity == trace::Severity::note) {
      continue;
    }
    if (out.ring == Fault::none) {
      out.ring = f.code == trace::Code::missingTooth || f.code == trace::Code::damagedTooth
                     ? Fault::ringTooth
                 : f.code == trace::Code::crackedRing ? Fault::ringCracked
                 : f.code == trace::Code::ringRunout  ? Fault::ringRunout
                                                      : Fault::none;
    }
    out.opens =
        out.opens || f.code == trace::Code::intermittentOpen || f.code == trace::Code::biasShift;
    out.shorts = out.shorts || f.code == trace::Code::intermittentShort;
  }
  return out;
}

namespace {

// Of a record: how much of a turn it holds, at most 1, and whether it tells a mark of the ring that
// has to come again. Of 82 records made by other code (tests/outside/other_cars.py, cars 5000 to
// 5699) those under two turns told it 3 times in 25, the others always; with what shows in less
// than two turns, of 5000 to 5899, 10 of 19 square ones and 4 of 11 waves.
struct Passed {
  double once = 0, twice = 0;
};

Passed passedIn(double turns) {
  constexpr double kNotYet = 1.7, kSurely = 2.1;
  return {std::min(1.0, turns), std::clamp((turns - kNotYet) / (kSurely - kNotYet), 0.0, 1.0)};
}

// By the pulses; where nobody has counted the teeth, over all counts that are usual (common
// practice, no source).
Passed passedBy(double pulses, std::optional<int> teeth) {
  if (teeth) {
    return passedIn(pulses / *teeth);
  }
  constexpr std::array kUsualCounts{29, 36, 40, 43, 44, 46, 48, 48, 50, 52, 56, 58, 60, 80, 96};
  Passed mean;
  for (const int count : kUsualCounts) {
    const auto one = passedIn(pulses / count);
    mean.once += one.once / kUsualCounts.size();
    mean.twice += one.twice / kUsualCounts.size();
  }
  return mean;
}

}  // namespace

// What recurs on the ring, and what lets go in the wiring.
double ReadingModel::marks(const Test& test, const TraceFacts& facts, const World& world) const {
  const bool suspect = test.circuit == vehicle_.suspect().name;
  double p = 1;
  // Of a record that is yet to be made: half of those spun by hand hold two turns, on the road all.
  const double foreseen =
      test.state.wheel == WheelMotion::driven ? of(Id::traceTurnsDriven) : of(Id::traceTurnsSpun);
  const Passed passed = facts.pulses > 0 ? passedBy(static_cast<double>(facts.pulses),
                                                    vehicle_.suspect().sensor.teeth)
                                         : passedIn(foreseen);
  if (!facts.flat && test.state.wheel != WheelMotion::still) {
    const bool hasMark =
        suspect && isOfTheRing(world.fault) && world.fault != Fault::ringWrongCount;
    const bool coil = circuit::isCoil(vehicle_.suspect().sensor.kind);
    // A square wave keeps its height whatever the ring does: run-out hardly shows.
    const double found = world.fault == Fault::ringRunout && !coil ? of(Id::traceRunoutSquare)
                                                                   : of(Id::traceMarkSeen);
    const double seen =
        passed.twice * found +
        (1 - passed.twice) * passed.once * of(coil ? Id::traceMarkOnce : Id::traceMarkOnceSquare);
    const bool related = isOfTheRing(facts.ring);
    p *= hasMark ? (facts.ring == world.fault ? seen
                    : related                 ? of(Id::traceMarkOther)
                                              : std::max(of(Id::traceMarkMissed), 1 - seen))
                 : (related ? of(Id::traceMarkFalse) : 1 - 3 * of(Id::traceMarkFalse));
    // Only telegrams tell of their gap.
    const auto kind = vehicle_.suspect().sensor.kind;
    const bool tells = kind == SensorKind::activePwm || kind == SensorKind::activeAk;
    const bool gap = suspect && isGap(world.fault);
    const bool near = gap || (suspect && isOfTheRing(world.fault));
    if (!coil) {
      const double hears = gap ? world.output : 0;
      const double misses = std::lerp(of(Id::traceMissesFalse), of(Id::traceMissesSeen), hears);
      p *= facts.misses ? misses : 1 - misses;
    }
    const double says = gap    ? of(Id::traceLimitNear)
                        : near ? of(Id::traceLimitRing)
                               : of(Id::traceLimitFalse);
    p *= !tells           ? 1.0
         : facts.gapLimit ? says
                          : 1 - (near ? of(Id::traceLimitSilence) * says : says);
  }
  const bool opens = suspect && world.fault == Fault::intermittentOpen;
  const bool shorts = suspect && world.fault == Fault::intermittentShort;
  // What looks like a wire that lets go may be a tooth that is not there, or a signal near nothing.
  const bool spins = test.state.wheel != WheelMotion::still;
  const bool ringMark =
      suspect && spins && isOfTheRing(world.fault) && world.fault != Fault::ringWrongCount;
  const bool weak = suspect && spins && world.output < of(Id::traceWeakOutput);
  const double falsely =
      facts.opensBeyond ? of(Id::traceOpensBeyond)
      : ringMark        ? std::max(of(Id::traceOpensFalse),
                                   of(Id::traceMarkAsDropout) * passed.once * (1 - passed.twice))
      : weak            ? of(Id::traceWeakAsDropout)
                        : of(Id::traceOpensFalse);
  const auto told = [&](bool seen, bool here, bool related) {
    const double chance = here      ? of(Id::traceOpensSeen)
                          : related ? of(Id::traceOpensRelated)
                                    : falsely;
    return seen ? chance : 1 - chance;
  };
  p *= told(facts.opens, opens, shorts) * told(facts.shorts, shorts, opens);
  return p;
}

namespace {

// Probability that a wheel whose output is this share of a sound one's is recorded as flat.
double flatChance(double ratio) {
  return ratio < of(Id::traceLostOutput)    ? of(Id::traceLostFlat)
         : ratio < of(Id::traceFaintOutput) ? of(Id::traceFaintFlat)
                                            : of(Id::traceClearFlat);
}

}  // namespace

double ReadingModel::coilOutput(const Test& test, const TraceFacts& facts,
                                const circuit::ParameterPoint& values, Worked& worked,
                                const World* other) const {
  const auto& [now, sound] = *worked.swings;
  if (!now || !sound || !(*sound > 0)) {
    return 1;
  }
  const double ratio = *now / *sound;
  double ratioThere = ratio;
  if (other) {
    const auto there = vehicle_.electrical(test, *other, values);
    ratioThere = there ? *there / *sound : ratio;
  }
  if (facts.flat) {
    return (flatChance(ratio) + flatChance(ratioThere)) / 2;
  }
  const double least = of(Id::traceLeastOutput);
  if (std::max(ratio, ratioThere) < least) {
    return of(Id::traceFromNothing);
  }
  const double low = std::log10(std::max(ratio, least));
  const double high = std::log10(std::max(ratioThere, least));
  if (facts.outputRatio && *facts.outputRatio > 0) {
    return intervalDensity(std::log10(*facts.outputRatio), low, high, of(Id::peerOutput));
  }
  if (facts.fluxMwb && *facts.fluxMwb > 0) {
    const double usual = std::log10(values.sensor.fluxSwingMwb);
    return intervalDensity(std::log10(*facts.fluxMwb) - usual, low, high, of(Id::fluxAbsolute));
  }
  return intervalDensity(0, low, high, of(Id::traceUnread));
}

std::optional<std::pair<double, double>> ReadingModel::levelsOf(
    const Test& test, const World& world, const circuit::ParameterPoint& values) const {
  Test level = test;
  level.kind = TestKind::dcVoltage;
  level.state.wheel = WheelMotion::still;
  circuit::ParameterPoint off = values;
  off.sensor.high = false;
  circuit::ParameterPoint on = values;
  on.sensor.high = true;
  const auto a = vehicle_.electrical(level, world, off);
  const auto b = vehicle_.electrical(level, world, on);
  if (!a || !b) {
    return std::nullopt;
  }
  return std::pair{std::min(*a, *b), std::max(*a, *b)};
}

// Probability that a switching sensor does not see its ring pass.
double ReadingModel::blindChance(const Test& test, const World& world) const {
  const bool suspect = test.circuit == vehicle_.suspect().name;
  const bool gap = suspect && isGap(world.fault);
  return vehicle_.hearsAnother(test, world)                 ? of(Id::traceAnotherFlat)
         : suspect && world.stuck                           ? of(Id::traceGapFlat)
         : suspect && world.fault == Fault::encoderReversed ? of(Id::traceBlindFlat)
         : gap ? std::lerp(of(Id::traceGapFlat), of(Id::traceHeardFlat), world.output)
               : 0.0;
}

// A current sensor's two currents in the wire that the clamp is round.
double ReadingModel::currentOutput(const Test& test, const TraceFacts& facts, const World& world,
                                   const circuit::ParameterPoint& values, Worked& worked) const {
  const auto both = [&](const World& w) -> std::optional<std::pair<double, double>> {
    circuit::ParameterPoint off = values, on = values;
    off.sensor.high = false;
    on.sensor.high = true;
    const auto a = vehicle_.clampAmperes(test, w, off);
    const auto b = vehicle_.clampAmperes(test, w, on);
    return a && b ? std::optional(std::pair{std::min(*a, *b), std::max(*a, *b)}) : std::nullopt;
  };
  if (!worked.amperes) {
    worked.amperes = both(world);
    worked.soundAmperes = both(World{});
  }
  if (!worked.amperes || !worked.soundAmperes) {
    return 1;
  }
  const auto [low, high] = *worked.amperes;
  const double sound = worked.soundAmperes->second - worked.soundAmperes->first;
  constexpr double kLeastStepA = 0.001;
  if (sound < kLeastStepA) {
    return 1;  // no current sensor
  }
  const double blind = blindChance(test, world);
  const double flat = blind + (1 - blind) * flatChance((high - low) / sound);
  // Densities over some 30 mA, so that a trace whose currents are not known weighs alike.
  constexpr double kAmperes = 0.03;
  const auto near = [&](double seen, double level) {
    const double spread = std::hypot(of(Id::clampZero), of(Id::levelShare) * level);
    return std::lerp(kAmperes * normalDensity(seen - level, spread), 1, of(Id::traceLevelAnywhere));
  };
  if (facts.flat) {
    const double lies = facts.flatAmperes.value_or(0);
    const double where = (near(lies, low) + near(lies, high)) / 2;
    // A clamp that shows changes only shows nothing whatever flows.
    return flat *
           (facts.flatAmperes ? where : std::lerp(where, near(0, 0), of(Id::clampChangesOnly)));
  }
  const double pulses = facts.standsStill ? flat : 1 - flat;
  const double swing = facts.amperes ? facts.amperes->second - facts.amperes->first
                                     : facts.swing.value_or(high - low);
  const double step = near(swing, high - low);
  return facts.amperes
             ? pulses * std::sqrt(step) *
                   std::sqrt(near(facts.amperes->first, low) * near(facts.amperes->second, high))
             : pulses * step;
}

// A current sensor or a switch: two levels, which the line's faults move, and a target that passes
// or does not.
double ReadingModel::squareOutput(const Test& test, const TraceFacts& facts, const World& world,
                                  const circuit::ParameterPoint& values, Worked& worked) const {
  if (!worked.levels) {
    const auto levels = levelsOf(test, world, values);
    if (!levels) {
      return 1;
    }
    worked.levels = levels;
  }
  const auto [low, high] = *worked.levels;
  const auto sound = worked.swings ? worked.swings->second.value_or(0) : 0;
  const double ratio = sound > 0 ? (high - low) / sound : 1;
  const double blind = blindChance(test, world);
  const double flat = blind + (1 - blind) * flatChance(ratio);
  // Densities over some 15 V, so that a trace whose levels are not known weighs alike.
  constexpr double kVolts = 15;
  const auto near = [&](double seen, double level) {
    const double spread = std::hypot(
        of(Id::levelVolt), of(Id::levelShare) * std::max(std::abs(level), of(Id::levelLeast)));
    return std::lerp(kVolts * normalDensity(seen - level, spread), 1, of(Id::traceLevelAnywhere));
  };
  if (facts.flat) {
    const double where =
        facts.flatVolts ? (near(*facts.flatVolts, low) + near(*facts.flatVolts, high)) / 2 : 1;
    return flat * where;
  }
  // A coded sensor that says the wheel stands while it is turned hears nothing, and lives.
  const double pulses = facts.standsStill ? flat : 1 - flat;
  if (facts.levels) {
    // The swing is told better than where it lies.
    const double swing = facts.levels->second - facts.levels->first;
    return pulses * std::sqrt(near(facts.levels->first, low) * near(facts.levels->second, high)) *
           std::sqrt(near(swing, high - low));
  }
  if (facts.outputRatio && *facts.outputRatio > 0) {
    return pulses * normalDensity(std::log10(*facts.outputRatio) -
                                      std::log10(std::max(ratio, of(Id::traceLeastOutput))),
                                  of(Id::peerOutput));
  }
  return pulses;
}

double ReadingModel::waveform(const Test& test, const TraceFacts& facts, const World& world,
                              const circuit::ParameterPoint& values, Worked* worked,
                              const World* other) const {
  if (!facts.readable) {
    return 1;
  }
  const bool spins = test.state.wheel != WheelMotion::still;
  Worked own;
  Worked& w = worked ? *worked : own;
  if (spins && !facts.current && !w.swings) {
    w.swings = {vehicle_.electrical(test, world, values),
                vehicle_.electrical(test, World{}, values)};
  }
  const bool coil = circuit::isCoil(vehicle_.suspect().sensor.kind);
  if (facts.current) {
    const bool whole =
        test.circuit == vehicle_.suspect().name && isIntermittent(world.fault) && !facts.flat;
    const double lets = marks(test, facts, world);
    return coil || !spins ? lets
                          : lets * currentOutput(test, facts, whole ? World{} : world, values, w);
  }
  // Where a sound wheel shows next to nothing (the feed of a loop that is sensed in its return),
  // its pulses cannot be read.
  constexpr double kLeastSwing = 0.05;
  if (spins && w.swings->second.value_or(1) < kLeastSwing) {
    // But pulses that stand there all the same say that this is no such loop.
    constexpr double kPlain = 3 * kLeastSwing;
    return !facts.flat && facts.swing.value_or(0) > kPlain ? of(Id::tracePlainlyThere)
                                                           : of(Id::traceNotToBeRead);
  }
  const double p = marks(test, facts, world);
  const bool comesAndGoes = test.circuit == vehicle_.suspect().name && isIntermittent(world.fault);
  if (!spins) {
    return p;
  }
  if (comesAndGoes && !facts.flat) {
    // In between the signal is whole, and as strong as a sound one's.
    Worked whole;
    whole.swings = {w.swings->second, w.swings->second};
    return p * (coil ? coilOutput(test, facts, values, whole, nullptr)
                     : squareOutput(test, facts, World{}, values, whole));
  }
  return p * (coil ? coilOutput(test, facts, values, w, other)
                   : squareOutput(test, facts, world, values, w));
}

}  // namespace haybale::diagnosis
