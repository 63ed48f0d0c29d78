#include "core/verdict/assess.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/evidence/meter_use.h"
#include "core/evidence/quantity_of.h"
#include "core/evidence/void_setup.h"
#include "core/physics/copper.h"
#include "core/priors/priors.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Place;
using circuit::Test;
using circuit::TestKind;
using judging::Quantity;
using judging::Verdict;

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
      std::string meaning;
      if (limit.quantity == Quantity::coilResistance) {
        meaning = above ? (entry.overload || value > 1e5
                               ? say(": the pair is open or nearly so")
                               : say(": resistance in the line, or the wrong part"))
                        : say(": shorted turns, or the wires touch");
      } else if (limit.quantity == Quantity::wireInsulation) {
        meaning = say(": it leaks; water, or a chafed wire");
      }
      check.reason = sayf("{} is {} the {}{}.", shown, above ? say("above") : say("below"),
                          check.against, meaning);
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

// What leads, tips and contacts are worth, or one ground against another, in the reading's unit: as
// the belief has it.
double besideTheMeter(TestKind kind) {
  return circuit::unitOf(kind) == units::Unit::ohm ? priors::of(priors::Id::spreadContactOhm)
         : kind == TestKind::dcVoltage             ? priors::of(priors::Id::spreadVolt)
                                                   : 0;
}

std::optional<Check> judgeExpected(const ReadingView& view, const job::Evidence& e,
                                   const circuit::LineParameters& p, const circuit::Meter& meter) {
  if (!view.expected) {
    return std::nullopt;
  }
  const auto& band = *view.expected;
  const auto& entry = *e.reading.value;
  Check check;
  check.against = view.expectedText;
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
      fmt::format("{} {} {} ({}).", units::format(entry), word, view.expectedText, p.from);
  return check;
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

std::optional<Check> judgePeer(const job::Case& c, const job::Evidence& e, const Circuit& own) {
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

// The output per hertz against the shop's own limit; a scope's amplitude is good to some 2 %
// (common practice, no source).
void judgeFlux(ReadingView& view, const job::Case& c, const Circuit& circuit, double weber) {
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
    view.checks.push_back(check);
  }
}

void assessWaveform(ReadingView& view, const job::Case& c, const job::Evidence& e,
                    const WaveformSet& waveforms) {
  const auto analysis = waveforms.analyses.find(e.id);
  if (analysis == waveforms.analyses.end()) {
    const auto it = waveforms.waveforms.find(e.id);
    view.shown = say("capture missing");
    view.reason =
        it == waveforms.waveforms.end() ? say("The capture was not read.") : it->second.error;
    view.verdict = Verdict::cannotTell;
    return;
  }
  const auto& a = *analysis->second;
  view.shown = a.signal == trace::Signal::flat
                   ? say("flat, ") + units::format(a.levels.bias, a.unit)
                   : units::format(a.levels.peakToPeak, a.unit) + " p-p";
  const auto comparison = waveforms.comparisons.find(e.id);
  // Said on the weaker side only: "583 %" of a bad wheel tells nobody anything.
  if (comparison != waveforms.comparisons.end() && comparison->second.ratio <= 1.25) {
    view.expectedText =
        sayf("{:.0f} % of {} at equal speed", 100 * comparison->second.ratio, comparison->second.b);
  }
  for (const auto& f : a.findings) {
    Check check;
    check.verdict = f.severity == trace::Severity::fault     ? Verdict::fail
                    : f.severity == trace::Severity::suspect ? Verdict::cannotTell
                                                             : Verdict::pass;
    check.against = std::string(nameOf(f.code));
    check.reason = f.text;
    view.checks.push_back(check);
  }
  if (a.fluxSwingMwb) {
    judgeFlux(view, c, *c.find(e.test.circuit), 1e-3 * *a.fluxSwingMwb);
  }
}

}  // namespace

namespace {

std::string titleOf(const Test& test) {
  std::string title;
  switch (test.kind) {
    case TestKind::other:
      title = test.kindText;
      break;
    case TestKind::waveform:
      return say("scope trace");
    case TestKind::resistance:
      title = "ohms";
      break;
    case TestKind::dcVoltage:
      title = say("DC volts");
      break;
    case TestKind::acVoltage:
      title = say("AC volts");
      break;
    case TestKind::inspect:
      return (isPull(test) ? say("pull on ") : say("look at ")) + test.looked;
    case TestKind::wiggle:
      return test.state.disturb && !test.state.disturb->element.empty()
                 ? test.state.disturb->element + say(" moved, wetted or warmed")
                 : say("the whole loom moved, wetted or warmed");
    default:
      title = circuit::kTestKindNames[static_cast<std::size_t>(test.kind)];
  }
  const auto leads = circuit::leadsText(test);
  return leads.empty() ? title
                       : title + ", " + (leads.starts_with("wire ") ? leads.substr(5) : leads);
}

void assessValue(ReadingView& view, const job::Case& c, const job::Evidence& e,
                 const Circuit& circuit, const circuit::LineParameters& known) {
  view.shown = units::format(*e.reading.value);
  if (e.test.kind == TestKind::acVoltage && e.reading.hz) {
    view.shown += ", " + units::format(*e.reading.hz, units::Unit::hertz);
  }
  circuit::LineParameters parameters = known;
  if (e.reading.celsius) {
    for (auto& draw : parameters.draws) {
      draw.celsius = *e.reading.celsius;
    }
    parameters.central.celsius = *e.reading.celsius;
  }
  if (!speedUnknown(e)) {
    view.expected = circuit::predictBand(circuit, parameters, asMeasured(c, e), {}, c.meter);
  }
  if (view.expected) {
    view.expectedText =
        std::isinf(view.expected->nominal)
            ? say("expected OL")
            : say("expected ") +
                  units::formatBand(view.expected->low, view.expected->high, e.reading.value->unit);
  }
  if (const auto quantity = quantityOf(circuit, e.test)) {
    for (const auto* stated : strongest(c, circuit, *quantity)) {
      const auto limit = asFarAsItApplies(*stated, e, circuit);
      if (limit.min || limit.max) {
        view.checks.push_back(judgeLimit(limit, e, c.meter));
      }
    }
  }
  if (const auto check = judgeExpected(view, e, parameters, c.meter)) {
    view.checks.push_back(*check);
  }
  if (const auto check = judgePeer(c, e, circuit)) {
    view.checks.push_back(*check);
  }
}

// A lamp is held against what the model says it should do.
void assessLamp(ReadingView& view, const job::Case& c, const job::Evidence& e,
                const Circuit& circuit, const circuit::LineParameters& known) {
  const auto nameOf = [](circuit::LampState state) {
    return sayName(circuit::kLampStateNames[static_cast<std::size_t>(state)]);
  };
  view.shown = nameOf(*e.reading.lamp);
  const auto share = circuit::predict(circuit, known.central, e.test, {}, c.meter);
  if (!share) {
    return;
  }
  const auto expected = circuit::lampState(e.test.lamp, *share);
  view.expectedText = say("expected ") + nameOf(expected);
  Check check;
  check.against = view.expectedText;
  check.verdict = expected == *e.reading.lamp ? Verdict::pass : Verdict::fail;
  check.reason = sayf("The lamp is {}, {} ({}).", view.shown, view.expectedText, known.from);
  view.checks.push_back(check);
}

}  // namespace

ReadingView assess(const job::Case& c, const job::Evidence& e, const WaveformSet& waveforms,
                   const Knowledge& knowledge) {
  ReadingView view;
  view.evidenceId = e.id;
  view.circuit = e.test.circuit;
  view.withdrawn = e.withdrawn;
  view.title = titleOf(e.test);
  const Circuit* circuit = c.find(e.test.circuit);
  const auto known = knowledge.find(e.test.circuit);
  if (!circuit || known == knowledge.end()) {
    return view;
  }
  if (const auto reason = voidReason(*circuit, e)) {
    view.shown = e.reading.value ? units::format(*e.reading.value) : say("kept");
    view.reason = *reason;
    view.traps = trapsOf({c, e, *circuit, known->second, view.expected, view.verdict});
    return view;
  }
  if (e.test.kind == TestKind::waveform) {
    assessWaveform(view, c, e, waveforms);
  } else if (e.reading.value) {
    assessValue(view, c, e, *circuit, known->second);
  } else if (e.reading.lamp) {
    assessLamp(view, c, e, *circuit, known->second);
  } else {
    view.shown = sayReading(e.reading);
    // What was seen is weighed by the belief; there is no limit to judge it by.
  }
  if (!view.checks.empty()) {
    view.verdict = worst(view.checks);
    const auto decided =
        std::find_if(view.checks.begin(), view.checks.end(),
                     [&](const Check& check) { return check.verdict == *view.verdict; });
    view.reason = decided->reason;
  }
  view.traps = trapsOf({c, e, *circuit, known->second, view.expected, view.verdict});
  return view;
}

}  // namespace haybale::diagnosis
