#include "picture/report.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/base/say.h"
#include "core/plan/cautions.h"
#include "picture/lanes_of.h"
#include "picture/line_board.h"
#include "picture/owners_page.h"
#include "picture/report_course.h"

namespace haybale::picture {

namespace {

constexpr double kFigureW = 860;

std::string listed(const std::vector<std::string>& words) {
  std::string out;
  for (const auto& word : words) {
    out += (out.empty() ? "" : ", ") + word;
  }
  return out;
}

void addComplaint(Report& report, const job::Case& job) {
  report.blocks.emplace_back(Heading{2, "Complaint"});
  std::string text =
      job.complaint.text.empty() ? say("No complaint was written down.") : job.complaint.text;
  report.blocks.emplace_back(Paragraph{text});
  if (!job.complaint.when.empty()) {
    report.blocks.emplace_back(Paragraph{say("Occurs: ") + listed(job.complaint.when) + "."});
  }
  if (!job.complaint.earlierRepair.empty()) {
    report.blocks.emplace_back(
        Paragraph{say("Repaired before: ") + listed(job.complaint.earlierRepair) + "."});
  }
}

void addConclusion(Report& report, const diagnosis::Conclusion& conclusion) {
  report.blocks.emplace_back(Heading{2, "Conclusion"});
  report.blocks.emplace_back(Paragraph{conclusion.headline + ".", true});
  if (!conclusion.action.empty()) {
    report.blocks.emplace_back(Paragraph{conclusion.action});
  }
  if (!conclusion.reasons.empty()) {
    report.blocks.emplace_back(Paragraph{"Because:"});
    report.blocks.emplace_back(Bullets{conclusion.reasons});
  }
}

void addLine(Report& report, const job::Case& job, const diagnosis::Assessment& assessment,
             const circuit::Circuit& circuit, const Measure& measure) {
  BoardInput input;
  input.job = &job;
  input.assessment = &assessment;
  input.circuit = circuit.name;
  input.printed = true;
  input.width = kFigureW;
  const auto readings = std::count_if(job.evidence.begin(), job.evidence.end(), [&](const auto& e) {
    return e.test.circuit == circuit.name;
  });
  input.height = readings > 4 ? 700 : readings > 0 ? 590 : 310;
  report.blocks.emplace_back(
      Heading{2, say("The line, ") + (circuit.location.empty() ? circuit.name : circuit.location)});
  report.blocks.emplace_back(
      Figure{lineBoard(input, measure), say("Above: what could still explain the readings. Below: "
                                            "each reading where it was taken.")});
}

std::string placeOf(const job::Evidence& e) {
  return e.test.red ? circuit::spoken(e.test.red->place) + "; " + circuit::stateText(e.test.state)
                    : circuit::stateText(e.test.state);
}

void addReadings(Report& report, const job::Case& job, const diagnosis::Assessment& assessment) {
  report.blocks.emplace_back(Heading{2, "Readings"});
  Table table;
  table.head = {"circuit", "test", say("where, and how the car stood"), "reading",
                say("verdict and why")};
  table.widths = {0.08, 0.15, 0.24, 0.13, 0.40};
  for (std::size_t i = 0; i < job.evidence.size() && i < assessment.views.size(); ++i) {
    const auto& e = job.evidence[i];
    const auto& view = assessment.views[i];
    std::string why = view.reason;
    for (const auto& trap : view.traps) {
      why += " " + trap.text;
    }
    const std::string verdict = view.withdrawn ? say("withdrawn") : verdictWord(view.verdict);
    table.rows.push_back(
        {{view.circuit, Role::ink, true},
         {view.title},
         {placeOf(e)},
         {view.shown, Role::ink, true},
         {verdict + ". " + why, view.withdrawn ? Role::faint : verdictRole(view.verdict)}});
  }
  if (table.rows.empty()) {
    report.blocks.emplace_back(Paragraph{say("Nothing was measured.")});
  } else {
    report.blocks.emplace_back(std::move(table));
  }
}

void addTraces(Report& report, const job::Case& job, const diagnosis::Assessment& assessment,
               const Measure& measure) {
  LanesInput input;
  input.lanes = lanesOf(job, assessment);
  std::erase_if(input.lanes, [](const Lane& lane) { return lane.record == nullptr; });
  if (input.lanes.empty()) {
    return;
  }
  std::tie(input.fromS, input.toS) = wholeTime(input.lanes);
  input.width = kFigureW;
  input.height = 150 * static_cast<double>(input.lanes.size()) + 120;
  report.blocks.emplace_back(Heading{2, "Traces"});
  report.blocks.emplace_back(Figure{traceLanes(input, measure),
                                    say("Both wheels over the same time and at the same scale.")});
  Bullets findings;
  for (const auto& lane : input.lanes) {
    for (const auto& f : lane.analysis->findings) {
      findings.items.push_back(lane.title + ": " + f.text);
    }
  }
  report.blocks.emplace_back(std::move(findings));
}

void addLimits(Report& report, const job::Case& job) {
  Table table;
  table.head = {"limit", "value", "from"};
  table.widths = {0.34, 0.26, 0.40};
  for (const auto& limit : job.limits) {
    if (limit.min || limit.max) {
      const std::string at =
          limit.atCelsius ? say(" at ") + units::formatPlain(*limit.atCelsius, units::Unit::celsius)
                          : "";
      table.rows.push_back({{std::string(spoken(limit.quantity))},
                            {judging::limitText(limit) + at},
                            {std::string(judging::spoken(limit.provenance)) +
                             (limit.source.empty() ? "" : ": " + limit.source)}});
    }
  }
  if (!table.rows.empty()) {
    report.blocks.emplace_back(Heading{2, say("Limits used")});
    report.blocks.emplace_back(std::move(table));
  }
}

void addCautions(Report& report, const job::Case& job) {
  report.blocks.emplace_back(Heading{2, "Cautions"});
  std::set<std::string> cautions;
  for (const auto& e : job.evidence) {
    if (const auto* circuit = job.find(e.test.circuit)) {
      const auto each = diagnosis::cautionsOf(*circuit, e.test);
      cautions.insert(each.begin(), each.end() - 1);  // the last is said once, below
    }
  }
  cautions.insert(
      say("Local rules, the maker's procedure and a licensed technician's judgement come first."));
  for (const auto& caution : cautions) {
    report.blocks.emplace_back(Caution{caution});
  }
}

}  // namespace

Report reportOf(const ReportInput& input, const Measure& measure) {
  const auto& job = *input.job;
  const auto& assessment = *input.assessment;
  Report report;
  report.title = job.title.empty() ? say("Wheel speed sensor job") : job.title;
  if (!input.mark.empty()) {
    report.blocks.emplace_back(ShopMark{input.mark});
  }
  report.blocks.emplace_back(Heading{1, report.title});
  std::string vehicle = job.vehicle;
  if (!job.plate.empty()) {
    vehicle += (vehicle.empty() ? "" : " \xC2\xB7 ") + job.plate;
  }
  if (const auto circumference = job.rollingCircumferenceM();
      circumference && input.reader == Reader::file) {
    vehicle += sayf("{}{}rolling circumference {:.3f} m", vehicle.empty() ? "" : " \xC2\xB7 ",
                    job.tyre.empty() ? "" : say("tyre ") + job.tyre + ", ", *circumference);
  }
  report.blocks.emplace_back(Paragraph{vehicle.empty() ? say("Vehicle not named.") : vehicle});
  std::string by;
  for (const auto& who : {input.shop, input.technician}) {
    by += who.empty() ? "" : (by.empty() ? "" : ", ") + who;
  }
  report.blocks.emplace_back(
      Paragraph{(by.empty() ? "" : by + ". ") +
                    sayf("Printed {} by Hay Bale {}.", input.when, HAYBALE_VERSION),
                false, true});
  report.foot = (by.empty() ? "" : by + " \xC2\xB7 ") + report.title;
  if (input.reader == Reader::owner) {
    addOwnersPage(report, input);
    return report;
  }
  addComplaint(report, job);
  addIntake(report, job);
  addConclusion(report, assessment.conclusion);
  if (const auto* suspect = job.suspectCircuit()) {
    addLine(report, job, assessment, *suspect, measure);
  }
  addReadings(report, job, assessment);
  addTraces(report, job, assessment, measure);
  addPhotos(report, input);
  addRepair(report, job);
  if (input.proof) {
    addProof(report, job, *input.proof);
  }
  addLimits(report, job);
  addCautions(report, job);
  return report;
}

}  // namespace haybale::picture
