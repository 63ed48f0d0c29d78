#include "core/verdict/assess.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/evidence/meter_use.h"
#include "core/evidence/void_setup.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Test;
using circuit::TestKind;
using judging::Verdict;

namespace {

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
    for (auto& check : checkFlux(c, *c.find(e.test.circuit), 1e-3 * *a.fluxSwingMwb)) {
      view.checks.push_back(std::move(check));
    }
  }
}

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
                 const Circuit& circuit, const circuit::LineParameters& known,
                 circuit::BandMemory* bands) {
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
    const Test measured = asMeasured(c, e);
    view.expected = bands ? bands->bandFor(circuit, parameters, measured, c.meter)
                          : circuit::predictBand(circuit, parameters, measured, {}, c.meter);
  }
  if (view.expected) {
    view.expectedText =
        std::isinf(view.expected->nominal)
            ? say("expected OL")
            : say("expected ") +
                  units::formatBand(view.expected->low, view.expected->high, e.reading.value->unit);
  }
  view.checks = checkLimits(c, e, circuit);
  if (view.expected) {
    const auto check =
        checkExpected({*view.expected, view.expectedText, parameters.from}, e, c.meter);
    if (check) {
      view.checks.push_back(*check);
    }
  }
  if (const auto check = checkPeer(c, e, circuit)) {
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
                   const Knowledge& knowledge, circuit::BandMemory* bands) {
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
    assessValue(view, c, e, *circuit, known->second, bands);
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
