#include "picture/owners_page.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/session/closing.h"
#include "core/verdict/owner_words.h"

namespace haybale::picture {

namespace {

const circuit::Element* elementOf(const job::Case& job, const std::string& id) {
  const auto* circuit = job.suspectCircuit();
  return circuit ? circuit->find(id) : nullptr;
}

std::vector<std::string> workDone(const job::Case& job) {
  std::vector<std::string> out;
  for (const auto& id : job.repair.done) {
    const auto* element = elementOf(job, id.substr(0, id.find('.')));
    auto words = diagnosis::plainWork(id, element);
    if (!words.empty() && std::find(out.begin(), out.end(), words) == out.end()) {
      out.push_back(std::move(words));
    }
  }
  return out;
}

void addWrong(Report& report, const ReportInput& in) {
  const auto& job = *in.job;
  report.blocks.emplace_back(Heading{2, say("What was wrong")});
  if (!job.complaint.text.empty()) {
    report.blocks.emplace_back(Paragraph{say("You told us: ") + job.complaint.text});
  }
  const auto verdict = diagnosis::plainVerdict(job, in.assessment->conclusion);
  report.blocks.emplace_back(Paragraph{verdict.sentence, true});
  if (!verdict.possible.empty()) {
    report.blocks.emplace_back(Bullets{verdict.possible});
  }
  const auto* circuit = job.suspectCircuit();
  report.blocks.emplace_back(Paragraph{sayf(
      "This sensor tells the brake control how fast the {} wheel turns. While it does not, the "
      "anti-lock brakes and stability control may be off; the ordinary brakes are another system.",
      !circuit || circuit->location.empty() ? "" : circuit->location)});
}

void addDone(Report& report, const ReportInput& in) {
  const auto& job = *in.job;
  report.blocks.emplace_back(Heading{2, say("What was done, and what it takes")});
  report.blocks.emplace_back(Paragraph{sayf("Measuring: {} times, some {:.0f} minutes.",
                                            job.evidence.size(), diagnosis::minutesSpent(job))});
  if (!job.repair.decision.empty()) {
    report.blocks.emplace_back(Paragraph{say("You decided: ") + job.repair.decision});
  }
  const auto done = workDone(job);
  if (!done.empty()) {
    report.blocks.emplace_back(Bullets{done});
    return;
  }
  report.blocks.emplace_back(Paragraph{
      say("Nothing was repaired yet. What may be done, the cheapest first in the long run:")});
  Bullets options;
  for (const auto& option : in.assessment->options) {
    options.items.push_back(option.text);
  }
  report.blocks.emplace_back(std::move(options));
}

void addKnow(Report& report, const ReportInput& in) {
  if (!in.proof || (in.job->repair.done.empty() && in.proof->results.empty())) {
    return;
  }
  report.blocks.emplace_back(Heading{2, say("How we know")});
  const auto& proof = *in.proof;
  if (proof.results.empty()) {
    report.blocks.emplace_back(Paragraph{say("The repair has not been tried out yet.")});
    return;
  }
  const auto good = std::count_if(proof.results.begin(), proof.results.end(),
                                  [](const auto& r) { return r.asItShould; });
  report.blocks.emplace_back(Paragraph{
      sayf("{} of {} tests after the repair were as they should be.", good, proof.results.size())});
  const double left = 100 * proof.wrong;
  report.blocks.emplace_back(Paragraph{
      proof.shown() ? say("Something is still wrong: the vehicle should not go out like this.")
      : left < 1 ? say("In fewer than one of 100 such repairs something is still wrong after that.")
                 : sayf("In {:.0f} of 100 such repairs something is still wrong after "
                        "that.",
                        left),
      true});
}

void addComing(Report& report, const ReportInput& in) {
  report.blocks.emplace_back(Heading{2, say("What may come")});
  const auto& when = in.job->complaint.when;
  const bool wet = std::find(when.begin(), when.end(), "wet") != when.end();
  Bullets items;
  if (wet) {
    items.items.emplace_back(
        say("Where water came in once it may come in again: after the next heavy "
            "rain look whether the lamp stays out."));
  }
  items.items.emplace_back(
      say("If a lamp comes on again, note what you were doing: braking, steering, "
          "rain, speed. It shortens the search."));
  items.items.emplace_back(
      say("With the lamp on drive gently, above all on wet and loose ground, and "
          "have it seen to soon."));
  report.blocks.emplace_back(std::move(items));
}

}  // namespace

void addOwnersPage(Report& report, const ReportInput& in) {
  addWrong(report, in);
  addDone(report, in);
  addKnow(report, in);
  addComing(report, in);
}

}  // namespace haybale::picture
