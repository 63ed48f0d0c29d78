#include "core/practice/shortest_way.h"

#include "core/base/say.h"
#include "core/session/guide.h"
#include "core/verdict/move_words.h"

namespace haybale::practice {

using circuit::Test;
using circuit::TestKind;

namespace {

// Three digits are what a trainer reads out.
std::string spokenValue(const job::Reading& reading) {
  const auto& value = *reading.value;
  std::string out = value.overload ? "OL" : units::format(value.value, value.unit);
  return reading.hz ? out + ", " + units::format(*reading.hz, units::Unit::hertz) : out;
}

}  // namespace

void noteDown(job::Case& c, const Test& test, const job::Reading& reading) {
  job::Evidence e;
  e.id = c.nextEvidenceId();
  e.test = test;
  e.reading = reading;
  c.evidence.push_back(std::move(e));
}

std::vector<std::string> shownOf(const job::Case& read, const std::string& folder) {
  diagnosis::CaptureShelf shelf;
  const auto waveforms = diagnosis::analyseWaveforms(read, folder, shelf);
  diagnosis::Knowledge known;
  for (const auto& circuit : read.circuits) {
    known[circuit.name] = {};
  }
  std::vector<std::string> out;
  for (const auto& e : read.evidence) {
    out.push_back(e.reading.value ? spokenValue(e.reading)
                                  : diagnosis::assess(read, e, waveforms, known).shown);
  }
  return out;
}

// A trace's title does not say on which wire it is.
std::string questionText(const Test& test) {
  const std::string leads =
      test.kind == TestKind::waveform ? ", " + circuit::leadsText(test) : std::string();
  const std::string state = circuit::stateText(test.state);
  return diagnosis::titleFor(test) + leads + (state.empty() ? "" : "; " + state);
}

Way shortestWay(const PracticeCase& p, const Answering& vehicle, const std::string& folder) {
  Way out;
  job::Case read = p.shown;
  read.evidence.clear();
  diagnosis::Guide guide(p.shown, folder, {kMostSteps, 1e9});
  double before = 0;
  while (const auto* ask = guide.ask()) {
    const Test test = ask->test;
    const auto reading = vehicle(test);
    if (!reading) {
      guide.cannot();
      continue;
    }
    guide.answer(*reading);
    noteDown(read, test, *reading);
    WayStep step;
    step.what = (test.circuit == read.suspect ? "" : test.circuit + ": ") + questionText(test);
    step.minutes = guide.minutes() - before;
    before = guide.minutes();
    out.steps.push_back(std::move(step));
  }
  out.minutes = guide.minutes();
  const auto shown = shownOf(read, folder);
  for (std::size_t i = 0; i < out.steps.size(); ++i) {
    out.steps[i].shown = shown[i];
  }
  return out;
}

}  // namespace haybale::practice
