#include "picture/report_course.h"

#include <fmt/format.h>

#include <algorithm>
#include <filesystem>
#include <utility>

#include "core/base/say.h"
#include "core/session/closing.h"
#include "core/verdict/move_words.h"
#include "picture/photo_files.h"

namespace haybale::picture {

namespace {

std::string plain(const std::string& name) {
  return sayName(name);
}

std::string readingText(const job::Evidence& e) {
  if (e.reading.value) {
    return units::format(*e.reading.value);
  }
  return e.reading.file.empty() ? diagnosis::sayReading(e.reading) : say("trace ") + e.reading.file;
}

bool ticked(const std::vector<std::string>& list, const std::string& what) {
  return std::find(list.begin(), list.end(), what) != list.end();
}

}  // namespace

void addIntake(Report& report, const job::Case& job) {
  const auto& in = job.intake;
  if (!in.lamps.empty()) {
    report.blocks.emplace_back(
        Paragraph{sayf("Lamps lit, functions lost: {}.", fmt::join(in.lamps, ", "))});
  }
  if (!in.module.empty() || !in.sensorPart.empty()) {
    report.blocks.emplace_back(
        Paragraph{sayf("Module: {}. Sensor: {}.", in.module.empty() ? say("not noted") : in.module,
                       in.sensorPart.empty() ? say("not noted") : in.sensorPart)});
  }
  for (const auto& [name, state] : in.basics) {
    report.blocks.emplace_back(Paragraph{plain(name) + ": " + state + "."});
  }
  if (in.codes.empty()) {
    report.blocks.emplace_back(Paragraph{
        in.noCodes ? say("No codes were stored.") : say("Stored codes were not written down."),
        false, true});
    return;
  }
  Table table;
  table.head = {say("code before clearing"), "circuit", "means", "status", "times",
                say("freeze values")};
  table.widths = {0.2, 0.1, 0.18, 0.12, 0.08, 0.32};
  for (const auto& code : in.codes) {
    table.rows.push_back({{code.code, Role::ink, true},
                          {code.circuit},
                          {code.meaning},
                          {code.status},
                          {code.count ? fmt::format("{:.0f}", *code.count) : ""},
                          {code.freeze}});
  }
  report.blocks.emplace_back(std::move(table));
}

void addPhotos(Report& report, const ReportInput& input) {
  bool any = false;
  for (const auto& e : input.job->evidence) {
    for (const auto& file : e.attachments) {
      const std::string marked = markedName(file);
      const bool shownMarked = ticked(e.attachments, marked) && file != marked;
      if (!isPhoto(file) || shownMarked) {
        continue;
      }
      if (!std::exchange(any, true)) {
        report.blocks.emplace_back(Heading{2, say("Photos")});
      }
      const std::filesystem::path path(file);
      report.blocks.emplace_back(
          Photo{(path.is_absolute() ? path : std::filesystem::path(input.folder) / path).string(),
                fmt::format("{}: {}", e.test.circuit, diagnosis::titleFor(e.test))});
    }
  }
}

void addRepair(Report& report, const job::Case& job) {
  const auto& r = job.repair;
  const auto holes = diagnosis::piercedHoles(job);
  if (r.decision.empty() && r.done.empty() && holes.empty()) {
    return;
  }
  report.blocks.emplace_back(Heading{2, "Repair"});
  if (!r.decision.empty()) {
    report.blocks.emplace_back(Paragraph{say("Decided: ") + r.decision});
  }
  Bullets done;
  for (const auto& id : r.done) {
    const auto note = r.notes.find(id);
    done.items.push_back(plain(id) + (note == r.notes.end() ? "" : ": " + note->second));
  }
  if (!done.items.empty()) {
    report.blocks.emplace_back(std::move(done));
  }
  for (const auto& hole : holes) {
    report.blocks.emplace_back(
        Paragraph{say("Pierced at ") + hole.text +
                      (ticked(r.sealed, hole.key) ? say(": sealed.") : say(": NOT SEALED.")),
                  !ticked(r.sealed, hole.key)});
  }
}

void addProof(Report& report, const job::Case& job, const diagnosis::Proof& proof) {
  report.blocks.emplace_back(Heading{2, "Proof"});
  report.blocks.emplace_back(Paragraph{proof.sentence(), true});
  Table table;
  table.head = {say("test after the repair"), "reading", say("as it should"), say("left to doubt")};
  table.widths = {0.46, 0.24, 0.14, 0.16};
  for (const auto& result : proof.results) {
    const auto e = std::find_if(job.proof.begin(), job.proof.end(),
                                [&](const auto& p) { return p.id == result.evidence; });
    if (e == job.proof.end()) {
      continue;
    }
    const auto step = std::find_if(proof.plan.begin(), proof.plan.end(), [&](const auto& s) {
      return circuit::sameTest(s.test, e->test);
    });
    table.rows.push_back(
        {{step == proof.plan.end() ? diagnosis::titleFor(e->test) : step->title},
         {readingText(*e), Role::ink, true},
         {result.asItShould ? say("yes") : say("NO"), result.asItShould ? Role::ink : Role::alarm},
         {fmt::format("{:.1f} %", 100 * result.wrongAfter)}});
  }
  if (!table.rows.empty()) {
    report.blocks.emplace_back(std::move(table));
  }
  const auto missing = diagnosis::notTested(job, proof);
  if (!missing.empty()) {
    report.blocks.emplace_back(Paragraph{say("What was not tested:")});
    report.blocks.emplace_back(Bullets{missing});
  }
}

}  // namespace haybale::picture
