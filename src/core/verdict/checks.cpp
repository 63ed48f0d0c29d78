#include "core/verdict/checks.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <string_view>

#include "core/base/say.h"
#include "core/evidence/meter_use.h"
#include "core/evidence/quantity_of.h"
#include "core/physics/copper.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::TestKind;
using judging::Quantity;
using judging::Verdict;

namespace {

// What it means that a reading breaks a limit; empty where nothing follows.
const char* meaningOf(Quantity quantity, const units::Entry& entry, bool above) {
  if (quantity == Quantity::coilResistance) {
    return !above ? say(": shorted turns, or the wires touch")
           : entry.overload || entry.value > 1e5
               ? say(": the pair is open or nearly so")
               : say(": resistance in the line, or the wrong part");
  }
  return quantity == Quantity::wireInsulation ? say(": it leaks; water, or a chafed wire") : "";
}

Check judgeLimit(const judging::Limit& limit, const job::Evidence& e, const circuit::Meter& meter) {
  const auto& entry = *e.reading.value;
  double value = entry.value;
  double u = standardUncertainty(meter, entry, e.test.kind);
  std::string at;
  if (limit.atCelsius && e.reading.celsius && std::isfinite(value)) {
    const double factor = physics::copperOhmAt(1, *e.reading.celsius, *limit.atCelsius);
    value *= factor;
    u *= factor;
    at = sayf(", {} at {}", units::format(value, entry.unit, 4),
              units::formatPlain(*limit.atCelsius, units::Unit::celsius));
  }
  const auto judgement = judging::judge(value, u, limit.min, limit.max);
  Check check;
  check.verdict = judgement.verdict;
  check.against =
      sayf("limit {} ({})", judging::limitText(limit), judging::spoken(limit.provenance));
  const std::string shown = units::format(entry) + at;
  switch (judgement.verdict) {
    case Verdict::pass:
      check.reason = sayf("{} keeps the {}.", shown, check.against);
      break;
    case Verdict::fail: {
      const bool above = limit.max && value > *limit.max;
      check.reason = sayf("{} is {} the {}{}.", shown, above ? say("above") : say("below"),
                          check.against, meaningOf(limit.quantity, entry, above));
      break;
    }
    case Verdict::cannotTell:
      check.reason = sayf(
          "{} is within \xC2\xB1{} of the {}: with this meter it cannot be told ({:.0f} % likely "
          "to keep it).",
          shown, units::format(judgement.guard, entry.unit, 2), check.against,
          100 * judgement.conformance);
      break;
  }
  return check;
}

// The limits for a quantity that stand on the strongest ground given.
// The circuit's own come before those of the job.
std::vector<const judging::Limit*> strongest(const job::Case& c, const Circuit& circuit,
                                             Quantity quantity) {
  std::vector<const judging::Limit*> out;
  for (const auto& limit : circuit.limits) {
    if (limit.quantity == quantity) {
      out.push_back(&limit);
    }
  }
  if (!out.empty()) {
    return out;
  }
  for (const auto& limit : c.limits) {
    if (limit.quantity != quantity) {
      continue;
    }
    if (!out.empty() && limit.provenance < out.front()->provenance) {
      out.clear();
    }
    if (out.empty() || limit.provenance == out.front()->provenance) {
      out.push_back(&limit);
    }
  }
  return out;
}

// A limit of AC volts is of a spin by hand. Of a wheel driven or spun faster a maximum says
// nothing, of one turned slowly a minimum; how fast a hand spins is common practice, no source.
judging::Limit asFarAsItApplies(judging::Limit limit, const job::Evidence& e,
                                const Circuit& circuit) {
  if (limit.quantity != Quantity::acOutput) {
    return limit;
  }
  constexpr double kSlowest = 0.25;  // turns of the wheel in a second
  constexpr double kFastest = 2;
  const int teeth = circuit.sensor.teeth.value_or(circuit::kUsualTeeth);
  const auto turns = e.reading.hz ? std::optional(*e.reading.hz / teeth) : std::nullopt;
  if (turns ? *turns > kFastest : e.test.state.wheel == circuit::WheelMotion::driven) {
    limit.max.reset();
  }
  if (turns && *turns < kSlowest) {
    limit.min.reset();
  }
  return limit;
}

}  // namespace

std::vector<Check> checkLimits(const job::Case& c, const job::Evidence& e, const Circuit& circuit) {
  std::vector<Check> out;
  if (const auto quantity = quantityOf(circuit, e.test)) {
    for (const auto* stated : strongest(c, circuit, *quantity)) {
      const auto limit = asFarAsItApplies(*stated, e, circuit);
      if (limit.min || limit.max) {
        out.push_back(judgeLimit(limit, e, c.meter));
      }
    }
  }
  return out;
}

namespace {

// What leads, tips and contacts are worth, or one ground against another, in the reading's unit: as
// the belief has it.
double besideTheMeter(TestKind kind) {
  return circuit::unitOf(kind) == units::Unit::ohm ? priors::of(priors::Id::spreadContactOhm)
         : kind == TestKind::dcVoltage             ? priors::of(priors::Id::spreadVolt)
                                                   : 0;
}

}  // namespace

std::optional<Check> checkExpected(const Expectation& expected, const job::Evidence& e,
                                   const circuit::Meter& meter) {
  const auto& band = expected.band;
  const auto& entry = *e.reading.value;
  Check check;
  check.against = expected.text;
  if (std::isinf(band.nominal)) {
    // An open circuit is expected: OL confirms it, any number is more than nothing but is for the
    // limit to judge.
    check.verdict = entry.overload ? Verdict::pass : Verdict::cannotTell;
    check.reason = entry.overload
                       ? say("OL, as an open circuit should read.")
                       : sayf("{} where an open circuit was expected.", units::format(entry));
    return entry.overload ? std::optional(check) : std::nullopt;
  }
  // A band of what is likely, not a specification: inside it, or beside it by no more than leads,
  // contacts and the ground chosen are worth, it is as expected; outside by more than twice that
  // and the meter's guard band U = 2u it is not; between the two it cannot be told.
  const double guard = 2 * standardUncertainty(meter, entry, e.test.kind);
  const double beside = besideTheMeter(e.test.kind);
  const double off = std::max(band.low - entry.value, entry.value - band.high);
  check.verdict = off <= beside                       ? Verdict::pass
                  : off > std::max(guard, 2 * beside) ? Verdict::fail
                                                      : Verdict::cannotTell;
  const std::string_view word =
      check.verdict == Verdict::pass ? say("is as")
      : check.verdict == Verdict::fail
          ? (entry.value > band.high ? say("is above what is") : say("is below what is"))
          : say("is at the edge of what is");
  check.reason =
      fmt::format("{} {} {} ({}).", units::format(entry), word, expected.text, expected.from);
  return check;
}

namespace {

// A reading of the same test on another circuit, as good as the same place: element ids need not
// match, what hangs on the leads must.
const job::Evidence* peerReading(const job::Case& c, const job::Evidence& e, const Circuit& own,
                                 const Circuit& peer) {
  const auto quantity = quantityOf(own, e.test);
  const job::Evidence* found = nullptr;
  for (const auto& other : c.evidence) {
    if (other.withdrawn || other.test.circuit != peer.name || other.test.kind != e.test.kind ||
        !other.reading.value) {
      continue;
    }
    const bool sameLeads = other.test.red && e.test.red &&
                           other.test.red->wire == e.test.red->wire &&
                           toGround(other.test) == toGround(e.test);
    if (sameLeads && quantityOf(peer, other.test) == quantity && quantity) {
      found = &other;
    }
  }
  return found;
}

// Output per hertz where the hertz are known: a coil's voltage is proportional to speed.
struct Comparable {
  double value;
  double relativeU;
  std::string shown;
};

// `bothWarm`: the temperatures of both coils were written down.
Comparable comparable(const job::Evidence& e, const circuit::Meter& meter, bool bothWarm) {
  const auto& entry = *e.reading.value;
  Comparable out{entry.value, standardUncertainty(meter, entry, e.test.kind) / entry.value,
                 units::format(entry)};
  if (circuit::unitOf(e.test.kind) == units::Unit::ohm && e.reading.celsius && bothWarm) {
    constexpr double kAt = 20;
    out.value = physics::copperOhmAt(out.value, *e.reading.celsius, kAt);
    out.shown += say(" at ") + units::formatPlain(*e.reading.celsius, units::Unit::celsius);
  }
  if (e.test.kind == TestKind::acVoltage && e.reading.hz && *e.reading.hz > 0) {
    out.value /= *e.reading.hz;
    out.shown += say(" at ") + units::format(*e.reading.hz, units::Unit::hertz);
  }
  return out;
}

double allowedRatio(const job::Case& c, const Circuit& circuit, Quantity quantity) {
  double allowed = 0;
  for (const auto* limit : strongest(c, circuit, quantity)) {
    allowed = limit->leftRightRatio.value_or(allowed);
  }
  return allowed;
}

}  // namespace

std::optional<Check> checkPeer(const job::Case& c, const job::Evidence& e, const Circuit& own) {
  const Circuit* peer = circuit::peerOf(c.circuits, own);
  const job::Evidence* other = peer ? peerReading(c, e, own, *peer) : nullptr;
  const auto quantity = quantityOf(own, e.test);
  if (!other || !quantity) {
    return std::nullopt;
  }
  const double allowed = allowedRatio(c, own, *quantity);
  const auto& mine = *e.reading.value;
  const auto& theirs = *other->reading.value;
  if (allowed <= 0 || mine.value <= 0 || theirs.value <= 0) {
    return std::nullopt;
  }
  Check check;
  check.against = sayf("{} reads {}", peer->name, units::format(theirs));
  if (mine.overload || theirs.overload) {
    check.verdict = mine.overload == theirs.overload ? Verdict::pass : Verdict::fail;
    check.reason =
        sayf("{} here, {} on {}.", units::format(mine), units::format(theirs), peer->name);
    return check;
  }
  const bool ac = e.test.kind == TestKind::acVoltage;
  if (ac && (!e.reading.hz || !other->reading.hz)) {
    return std::nullopt;  // volts of two unknown spins do not compare
  }
  const bool warm = e.reading.celsius && other->reading.celsius;
  const auto a = comparable(e, c.meter, warm);
  const auto b = comparable(*other, c.meter, warm);
  const double ratio = a.value / b.value;
  // Relative uncertainties of the two readings add up in squares.
  check.verdict =
      judging::judge(ratio, ratio * std::hypot(a.relativeU, b.relativeU), 1 / allowed, allowed)
          .verdict;
  check.reason = sayf("{:.3g} times {} ({}){}; at most {:.3g} either way is usual.", ratio,
                      peer->name, b.shown, ac ? say(" per hertz") : "", allowed);
  return check;
}

// The output per hertz against the shop's own limit; a scope's amplitude is good to some 2 %
// (common practice, no source).
std::vector<Check> checkFlux(const job::Case& c, const Circuit& circuit, double weber) {
  std::vector<Check> out;
  constexpr double kScope = 0.02;
  for (const auto* limit : strongest(c, circuit, Quantity::fluxSwing)) {
    if (!limit->min && !limit->max) {
      continue;
    }
    const auto judgement = judging::judge(weber, kScope * weber, limit->min, limit->max);
    Check check;
    check.verdict = judgement.verdict;
    check.against =
        sayf("limit {} ({})", judging::limitText(*limit), judging::spoken(limit->provenance));
    const char* const how = judgement.verdict == Verdict::pass   ? say("keeps")
                            : judgement.verdict == Verdict::fail ? say("breaks")
                                                                 : say("is too near to tell of");
    check.reason = sayf("{} of output per hertz {} the {}.",
                        units::format(weber, units::Unit::weber), how, check.against);
    out.push_back(check);
  }
  return out;
}

Verdict worst(const std::vector<Check>& checks) {
  Verdict verdict = Verdict::pass;
  for (const auto& check : checks) {
    if (check.verdict == Verdict::fail) {
      return Verdict::fail;
    }
    if (check.verdict == Verdict::cannotTell) {
      verdict = Verdict::cannotTell;
    }
  }
  return verdict;
}

}  // namespace haybale::diagnosis
