#include "core/practice/paper.h"

#include <algorithm>
#include <filesystem>

#include "core/base/say.h"
#include "core/practice/made_up.h"
#include "core/verdict/move_words.h"

namespace haybale::practice {

using circuit::Test;
using circuit::TestKind;

namespace {

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

}  // namespace

PaperExercise paperOf(const PracticeCase& p, std::uint32_t seed, const std::string& folder) {
  PaperExercise out;
  out.about = p;
  out.about.shown.evidence.clear();
  const std::string traces = folder + "/paper";
  std::error_code ignored;
  std::filesystem::create_directories(traces, ignored);
  // What is asked on paper changes nothing: no plug dries by it.
  out.about.dries = false;
  OneAnswer vehicle(vehicleOf(out.about, *hiddenIn(p), seed, traces));
  const Answering answers = [&](const Test& test) { return vehicle(test); };
  out.way = shortestWay(p, answers, traces);
  job::Case read = out.about.shown;
  for (const auto& test : movesOf(out.about.shown)) {
    if (test.circuit != read.suspectCircuit()->name && !worthComparing(test)) {
      continue;
    }
    if (const auto reading = vehicle(test)) {
      noteDown(read, test, *reading);
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
