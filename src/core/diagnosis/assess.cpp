#include "core/diagnosis/assess.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/sensing/copper.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Place;
using circuit::Test;
using circuit::TestKind;
using judging::Quantity;
using judging::Verdict;

judging::Accuracy meterAccuracy(TestKind kind) {
  switch (kind) {
    case TestKind::resistance:
    case TestKind::loop:
      return {0.8, 2};
    case TestKind::acVoltage:
      return {1.0, 3};
    default:
      return {0.5, 2};
  }
}

double standardUncertainty(const units::Entry& entry, TestKind kind) {
  return judging::rectangularU(meterAccuracy(kind).halfWidth(entry.value, entry.resolution));
}

namespace {

bool isResistance(TestKind kind) {
  return kind == TestKind::resistance || kind == TestKind::loop;
}

bool acrossThePair(const Test& test) {
  return test.red && test.black && test.red->wire && test.black->wire &&
         *test.red->wire != *test.black->wire;
}

bool toGround(const Test& test) {
  return test.red && test.red->wire &&
         (!test.black || test.black->place.kind == Place::Kind::ground);
}

}  // namespace

std::optional<Quantity> quantityOf(const Circuit& circuit, const Test& test) {
  if (!test.red || !test.red->place.onLine()) {
    return std::nullopt;
  }
  const auto reach = circuit::reachFrom(circuit, test.red->place, test.state);
  if (isResistance(test.kind)) {
    const bool sameWire = test.black && test.black->wire && test.red->wire == test.black->wire;
    if ((test.state.jumper && acrossThePair(test)) || sameWire) {
      return Quantity::wireContinuity;
    }
    if (acrossThePair(test) && reach.sensor && !reach.module &&
        circuit.sensor.kind == circuit::SensorKind::passive) {
      return Quantity::coilResistance;
    }
    if ((acrossThePair(test) && !reach.sensor && !reach.module) ||
        (toGround(test) && !reach.module)) {
      return Quantity::wireInsulation;
    }
    return std::nullopt;
  }
  if (test.kind == TestKind::acVoltage && circuit.sensor.kind == circuit::SensorKind::passive) {
    return Quantity::acOutput;
  }
  if (test.kind == TestKind::dcVoltage && reach.module && !reach.sensor &&
      test.state.key == circuit::Key::on) {
    return Quantity::biasUnplugged;
  }
  return std::nullopt;
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

double wiresOhm(const Circuit& circuit, const Place& from) {
  double ohm = 0;
  const double start = circuit::position(circuit, from);
  for (std::size_t i = 0; i < circuit.path.size(); ++i) {
    const auto& e = circuit.path[i];
    if (static_cast<double>(i) > start && e.lengthM && e.areaMm2) {
      ohm += 2 * sensing::wireOhm(*e.lengthM, *e.areaMm2);
    }
  }
  return ohm;
}

circuit::Known around(double value, double share, std::string from) {
  return {value * (1 - share), value, value * (1 + share), std::move(from)};
}

}  // namespace

circuit::LineParameters learnParameters(const job::Case& c, const Circuit& circuit) {
  circuit::LineParameters p;
  std::optional<double> plugged;
  std::string pluggedFrom;
  for (const auto& e : c.evidence) {
    const Circuit* good = c.find(e.test.circuit);
    const bool usable = !e.withdrawn && good && good->name != circuit.name &&
                        good->name != c.suspect && e.reading.value && !e.reading.value->overload;
    if (!usable || !e.test.red || good->sensor.kind != circuit.sensor.kind) {
      continue;
    }
    const double value = e.reading.value->value;
    const auto quantity = quantityOf(*good, e.test);
    const auto reach = circuit::reachFrom(*good, e.test.red->place, e.test.state);
    if (quantity == Quantity::coilResistance) {
      const double coil = sensing::copperOhmAt(value - wiresOhm(*good, e.test.red->place),
                                               e.reading.celsius.value_or(20), 20);
      if (coil > 1) {
        p.coilOhm = around(coil, 0.15, "measured on " + good->name);
      }
    } else if (quantity == Quantity::biasUnplugged && e.test.red->wire == circuit::WireId::a &&
               value > 0.2) {
      p.biasV = around(value, 0.03, "measured on " + good->name);
    } else if (e.test.kind == TestKind::dcVoltage && reach.module && reach.sensor &&
               e.test.red->wire == circuit::WireId::a && value > 0) {
      plugged = value;
      pluggedFrom = good->name;
    }
  }
  if (plugged && *plugged < p.biasV.nominal * 0.98) {
    // Divider: V = bias * coil / (coil + source).
    const double source = p.coilOhm.nominal * (p.biasV.nominal / *plugged - 1);
    p.sourceOhm = around(source, 0.1, "worked out from " + pluggedFrom);
  }
  return p;
}

namespace {

Check judgeLimit(const judging::Limit& limit, const job::Evidence& e, const Circuit& circuit) {
  const auto& entry = *e.reading.value;
  double value = entry.value;
  double u = standardUncertainty(entry, e.test.kind);
  std::string at;
  if (limit.atCelsius && e.reading.celsius && std::isfinite(value)) {
    const double factor = sensing::copperOhmAt(1, *e.reading.celsius, *limit.atCelsius);
    value *= factor;
    u *= factor;
    at = fmt::format(
        ", {} at {:.0f} \xC2\xB0"
        "C",
        units::format(value, entry.unit, 4), *limit.atCelsius);
  }
  const auto judgement = judging::judge(value, u, limit.min, limit.max);
  Check check;
  check.verdict = judgement.verdict;
  check.against =
      fmt::format("limit {} ({})", judging::limitText(limit), judging::spoken(limit.provenance));
  const std::string shown = units::format(entry) + at;
  switch (judgement.verdict) {
    case Verdict::pass:
      check.reason = fmt::format("{} keeps the {}.", shown, check.against);
      break;
    case Verdict::fail: {
      const bool above = limit.max && value > *limit.max;
      std::string meaning;
      if (limit.quantity == Quantity::coilResistance) {
        meaning =
            above ? (entry.overload || value > 1e5 ? ": the pair is open or nearly so"
                                                   : ": resistance in the line, or the wrong part")
                  : ": shorted turns, or the wires touch";
      } else if (limit.quantity == Quantity::wireInsulation) {
        meaning = ": it leaks; water, or a chafed wire";
      }
      check.reason = fmt::format("{} is {} the {}{}.", shown, above ? "above" : "below",
                                 check.against, meaning);
      break;
    }
    case Verdict::cannotTell:
      check.reason = fmt::format(
          "{} is within \xC2\xB1{} of the {}: with this meter it cannot be told ({:.0f} % likely "
          "to keep it).",
          shown, units::format(judgement.guard, entry.unit, 2), check.against,
          100 * judgement.conformance);
      break;
  }
  (void)circuit;
  return check;
}

// The limits for a quantity that stand on the strongest ground given.
std::vector<const judging::Limit*> strongest(const job::Case& c, Quantity quantity) {
  std::vector<const judging::Limit*> out;
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

std::optional<Check> judgeExpected(const ReadingView& view, const job::Evidence& e,
                                   const circuit::LineParameters& p) {
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
    check.reason = entry.overload ? "OL, as an open circuit should read."
                                  : fmt::format("{} where an open circuit was expected.",
                                                units::format(entry));
    return entry.overload ? std::optional(check) : std::nullopt;
  }
  const auto judgement =
      judging::judge(entry.value, standardUncertainty(entry, e.test.kind), band.low,
                     std::isinf(band.high) ? std::nullopt : std::optional(band.high));
  check.verdict = judgement.verdict;
  const std::string from = e.test.kind == TestKind::dcVoltage ? p.biasV.from : p.coilOhm.from;
  const std::string_view word =
      judgement.verdict == Verdict::pass ? "is as"
      : judgement.verdict == Verdict::fail
          ? (entry.value > band.high ? "is above what is" : "is below what is")
          : "is at the edge of what is";
  check.reason = fmt::format("{} {} {} ({}).", units::format(entry), word, view.expectedText, from);
  return check;
}

std::optional<Check> judgePeer(const job::Case& c, const job::Evidence& e, const Circuit& own) {
  const Circuit* peer = circuit::peerOf(c.circuits, own);
  const job::Evidence* other = peer ? peerReading(c, e, own, *peer) : nullptr;
  const auto quantity = quantityOf(own, e.test);
  if (!other || !quantity) {
    return std::nullopt;
  }
  double allowed = 0;
  for (const auto* limit : strongest(c, *quantity)) {
    allowed = limit->leftRightRatio.value_or(allowed);
  }
  const auto& mine = *e.reading.value;
  const auto& theirs = *other->reading.value;
  if (allowed <= 0 || mine.value <= 0 || theirs.value <= 0) {
    return std::nullopt;
  }
  Check check;
  check.against = fmt::format("{} reads {}", peer->name, units::format(theirs));
  if (mine.overload || theirs.overload) {
    check.verdict = mine.overload == theirs.overload ? Verdict::pass : Verdict::fail;
    check.reason =
        fmt::format("{} here, {} on {}.", units::format(mine), units::format(theirs), peer->name);
    return check;
  }
  const double ratio = mine.value / theirs.value;
  // Relative uncertainties of the two readings add up in squares.
  const double u = ratio * std::hypot(standardUncertainty(mine, e.test.kind) / mine.value,
                                      standardUncertainty(theirs, e.test.kind) / theirs.value);
  check.verdict = judging::judge(ratio, u, 1 / allowed, allowed).verdict;
  check.reason = fmt::format("{:.3g} times {} ({}); at most {:.3g} either way is usual.", ratio,
                             peer->name, units::format(theirs), allowed);
  return check;
}

void findTraps(ReadingView& view, const job::Evidence& e, const Circuit& circuit) {
  if (!e.test.red || !e.reading.value) {
    return;
  }
  const auto reach = circuit::reachFrom(circuit, e.test.red->place, e.test.state);
  const auto& entry = *e.reading.value;
  if (e.test.kind == TestKind::dcVoltage && !reach.sensor && reach.module &&
      view.verdict == Verdict::pass) {
    view.traps.emplace_back(
        "Proves little: with no load a 10 M\xCE\xA9 meter cannot see series resistance.");
  }
  if (isResistance(e.test.kind) && entry.overload && !e.test.highestRange) {
    view.traps.emplace_back("OL on auto range: set the highest range by hand before believing it.");
  }
  if (isResistance(e.test.kind) && e.test.state.key == circuit::Key::on && reach.module) {
    view.traps.emplace_back("Ohms on a live circuit mean nothing: key off, or unplug the module.");
  }
  if (e.test.kind == TestKind::acVoltage && !e.reading.hz) {
    view.traps.emplace_back(
        "AC volts depend on how fast it was spun: read the hertz too, then two wheels compare.");
  }
  if (quantityOf(circuit, e.test) == Quantity::coilResistance && !e.reading.celsius &&
      view.verdict == Verdict::fail && entry.value > 1 && entry.value < 4000) {
    view.traps.emplace_back("A hot coil reads higher, 0.39 % a kelvin: give its temperature.");
  }
  if (e.test.kind == TestKind::dcVoltage && !entry.overload && view.expected &&
      view.verdict == Verdict::fail && !reach.sensor && entry.value > 0.1 &&
      entry.value < 0.9 * view.expected->nominal) {
    view.traps.emplace_back(
        "A ghost voltage between nothing and supply: an open with a leak, rather than a short.");
  }
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

void assessWaveform(ReadingView& view, const job::Evidence& e, const WaveformSet& waveforms) {
  const auto analysis = waveforms.analyses.find(e.id);
  if (analysis == waveforms.analyses.end()) {
    const auto it = waveforms.waveforms.find(e.id);
    view.shown = "capture missing";
    view.reason = it == waveforms.waveforms.end() ? "The capture was not read." : it->second.error;
    view.verdict = Verdict::cannotTell;
    return;
  }
  const auto& a = analysis->second;
  view.shown = a.signal == trace::Signal::flat
                   ? "flat, " + units::format(a.levels.bias, a.unit)
                   : units::format(a.levels.peakToPeak, a.unit) + " p-p";
  const auto comparison = waveforms.comparisons.find(e.id);
  // Said on the weaker side only: "583 %" of a bad wheel tells nobody anything.
  if (comparison != waveforms.comparisons.end() && comparison->second.ratio <= 1.25) {
    view.expectedText = fmt::format("{:.0f} % of {} at equal speed", 100 * comparison->second.ratio,
                                    comparison->second.b);
  }
  for (const auto& f : a.findings) {
    Check check;
    check.verdict = f.severity == trace::Severity::fault     ? Verdict::fail
                    : f.severity == trace::Severity::suspect ? Verdict::cannotTell
                                                             : Verdict::pass;
    check.against = f.code;
    check.reason = f.text;
    view.checks.push_back(check);
  }
}

}  // namespace

ReadingView assess(const job::Case& c, const job::Evidence& e, const WaveformSet& waveforms) {
  ReadingView view;
  view.evidenceId = e.id;
  view.circuit = e.test.circuit;
  view.withdrawn = e.withdrawn;
  const std::string kind =
      e.test.kind == TestKind::other
          ? e.test.kindText
          : std::string(circuit::kTestKindNames[static_cast<std::size_t>(e.test.kind)]);
  view.title = e.test.kind == TestKind::waveform ? "scope trace"
               : kind == "resistance"            ? "ohms"
               : kind == "dc-voltage"            ? "DC volts"
               : kind == "ac-voltage"            ? "AC volts"
                                                 : kind;
  const auto leads = circuit::leadsText(e.test);
  if (!leads.empty() && e.test.kind != TestKind::waveform) {
    view.title += ", " + (leads.starts_with("wire ") ? leads.substr(5) : leads);
  }
  const Circuit* circuit = c.find(e.test.circuit);
  if (!circuit) {
    return view;
  }
  if (e.test.kind == TestKind::waveform) {
    assessWaveform(view, e, waveforms);
  } else if (e.reading.value) {
    view.shown = units::format(*e.reading.value);
    auto parameters = learnParameters(c, *circuit);
    parameters.celsius = e.reading.celsius.value_or(20);
    view.expected = circuit::predictBand(*circuit, parameters, e.test);
    if (view.expected) {
      view.expectedText =
          std::isinf(view.expected->nominal)
              ? "expected OL"
              : "expected " + units::formatBand(view.expected->low, view.expected->high,
                                                e.reading.value->unit);
    }
    if (const auto quantity = quantityOf(*circuit, e.test)) {
      for (const auto* limit : strongest(c, *quantity)) {
        if (limit->min || limit->max) {
          view.checks.push_back(judgeLimit(*limit, e, *circuit));
        }
      }
    }
    if (const auto check = judgeExpected(view, e, parameters)) {
      view.checks.push_back(*check);
    }
    if (const auto check = judgePeer(c, e, *circuit)) {
      view.checks.push_back(*check);
    }
  } else {
    view.shown = "kept";
    view.reason = "This version keeps such a reading but does not judge it.";
  }
  if (!view.checks.empty()) {
    view.verdict = worst(view.checks);
    const auto decided =
        std::find_if(view.checks.begin(), view.checks.end(),
                     [&](const Check& check) { return check.verdict == *view.verdict; });
    view.reason = decided->reason;
  }
  findTraps(view, e, *circuit);
  return view;
}

}  // namespace haybale::diagnosis
