#include "core/practice/paper.h"

#include <algorithm>
#include <filesystem>

#include "core/base/say.h"
#include "core/practice/made_up.h"
#include "core/session/guide.h"
#include "core/verdict/move_words.h"

namespace haybale::practice {

using circuit::Test;
using circuit::TestKind;

namespace {

constexpr int kMostSteps = 40;

// The vehicle, of which a question asked twice has one answer.
class OneAnswer {
 public:
  explicit OneAnswer(std::unique_ptr<sim::SimVehicle> vehicle) : vehicle_(std::move(vehicle)) {}

  std::optional<job::Reading> operator()(const Test& test) {
    const auto it = std::find_if(asked_.begin(), asked_.end(), [&](const auto& entry) {
      return circuit::sameTest(entry.first, test);
    });
    if (it != asked_.end()) {
      return it->second;
    }
    asked_.emplace_back(test, vehicle_->answer(test));
    return asked_.back().second;
  }

 private:
  std::unique_ptr<sim::SimVehicle> vehicle_;
  std::vector<std::pair<Test, std::optional<job::Reading>>> asked_;
};

// What is asked of a good wheel to compare with: the rest is of no use on paper.
bool worthComparing(const Test& test) {
  return test.kind == TestKind::resistance || test.kind == TestKind::dcVoltage ||
         test.kind == TestKind::acVoltage || test.kind == TestKind::waveform;
}

// Three digits are what a trainer reads out.
std::string spokenValue(const job::Reading& reading) {
  const auto& value = *reading.value;
  std::string out = value.overload ? "OL" : units::format(value.value, value.unit);
  return reading.hz ? out + ", " + units::format(*reading.hz, units::Unit::hertz) : out;
}

// Readings as they are written down, neither judged nor explained.
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

void note(job::Case& c, const Test& test, const job::Reading& reading) {
  job::Evidence e;
  e.id = c.nextEvidenceId();
  e.test = test;
  e.reading = reading;
  c.evidence.push_back(std::move(e));
}

// A trace's title does not say on which wire it is.
std::string questionText(const Test& test) {
  const std::string leads =
      test.kind == TestKind::waveform ? ", " + circuit::leadsText(test) : std::string();
  const std::string state = circuit::stateText(test.state);
  return diagnosis::titleFor(test) + leads + (state.empty() ? "" : "; " + state);
}

// The same question of a car that stands otherwise, with the same answer, is one row.
void join(std::vector<PaperAnswer>& answers) {
  const auto questionOf = [](const PaperAnswer& a) { return a.what.substr(0, a.what.find("; ")); };
  std::vector<PaperAnswer> out;
  for (auto& a : answers) {
    const auto it = std::find_if(out.begin(), out.end(), [&](const PaperAnswer& b) {
      return b.circuit == a.circuit && b.shown == a.shown && questionOf(b) == questionOf(a);
    });
    if (it == out.end()) {
      out.push_back(std::move(a));
    } else {
      it->what = questionOf(*it) + "; " + say("however the car stands");
    }
  }
  answers = std::move(out);
}

void walk(PaperExercise& out, OneAnswer& vehicle, const std::string& folder) {
  job::Case read = out.about.shown;
  diagnosis::Guide guide(out.about.shown, folder, {kMostSteps, 1e9});
  double before = 0;
  while (const auto* ask = guide.ask()) {
    const Test test = ask->test;
    const auto reading = vehicle(test);
    if (!reading) {
      guide.cannot();
      continue;
    }
    guide.answer(*reading);
    note(read, test, *reading);
    PaperStep step;
    step.what = (test.circuit == read.suspect ? "" : test.circuit + ": ") + questionText(test);
    step.minutes = guide.minutes() - before;
    before = guide.minutes();
    out.way.push_back(std::move(step));
  }
  out.minutes = guide.minutes();
  const auto shown = shownOf(read, folder);
  for (std::size_t i = 0; i < out.way.size(); ++i) {
    out.way[i].shown = shown[i];
  }
}

}  // namespace

PaperExercise paperOf(const PracticeCase& p, std::uint32_t seed, const std::string& folder) {
  PaperExercise out;
  out.about = p;
  out.about.shown.evidence.clear();
  const std::string traces = folder + "/paper";
  std::error_code ignored;
  std::filesystem::create_directories(traces, ignored);
  OneAnswer vehicle(vehicleOf(p, *hiddenIn(p), seed, traces));
  walk(out, vehicle, traces);
  job::Case read = out.about.shown;
  for (const auto& test : movesOf(out.about.shown)) {
    if (test.circuit != read.suspectCircuit()->name && !worthComparing(test)) {
      continue;
    }
    if (const auto reading = vehicle(test)) {
      note(read, test, *reading);
      out.answers.push_back({test.circuit, questionText(test), {}});
    }
  }
  const auto shown = shownOf(read, traces);
  for (std::size_t i = 0; i < out.answers.size(); ++i) {
    out.answers[i].shown = shown[i];
  }
  std::filesystem::remove_all(traces, ignored);
  join(out.answers);
  return out;
}

}  // namespace haybale::practice
