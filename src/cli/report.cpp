#include <QDateTime>
#include <filesystem>
#include <memory>
#include <ostream>

#include "cli/offscreen.h"
#include "cli/options.h"
#include "core/job/case_json.h"
#include "core/session/session.h"
#include "render/report_pages.h"

namespace haybale::cli {

namespace {

int report(const std::string& file, const std::string& to, bool owner, Streams streams) {
  const auto job = job::loadCase(file);
  if (!job) {
    return fail(streams, job.error(), kMalformed);
  }
  const Offscreen application;
  const diagnosis::Session session(*job, std::filesystem::absolute(file).parent_path().string());
  const auto& assessment = session.assessment();
  for (const auto& [id, waveform] : assessment.waveforms.waveforms) {
    if (!waveform.error.empty()) {
      streams.err << waveform.error << "\n";
    }
  }
  const std::string when =
      QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd HH:mm")).toStdString();
  picture::ReportInput input{&*job, &assessment, nullptr, when};
  input.folder = std::filesystem::absolute(file).parent_path().string();
  input.reader = owner ? picture::Reader::owner : picture::Reader::file;
  if (!job->proof.empty() || !job->repair.done.empty() || job->closing.closed()) {
    input.proof = &session.proof();
  }
  const auto made =
      render::saveReport(picture::reportOf(input, render::measure()), QString::fromStdString(to));
  if (!made) {
    return fail(streams, made.error(),
                made.error().what.starts_with("is neither") ? kUsage : kCannot);
  }
  return kDone;
}

}  // namespace

void addReport(CLI::App& app, Action& chosen) {
  struct State {
    std::string file;
    std::string to;
    bool owner = false;
  };
  auto s = std::make_shared<State>();
  auto* command = app.add_subcommand("report", "Write the report of a case as PDF or HTML");
  command->add_option("CASE", s->file, "case file")->required();
  command->add_option("-o,--output", s->to, "FILE.pdf or FILE.html")->required();
  command->add_flag("--owner", s->owner, "one plain page for the owner of the vehicle");
  command->callback([s, &chosen] {
    chosen = [s](Streams streams) { return report(s->file, s->to, s->owner, streams); };
  });
}

}  // namespace haybale::cli
