#include "app/far/far_text.h"

#include <QCoreApplication>
#include <algorithm>

#include "app/style/words.h"
#include "core/session/closing.h"
#include "picture/lanes_of.h"
#include "picture/line_board.h"

namespace haybale::app {

namespace {

QString say(const char* text) {
  return QCoreApplication::translate("FarText", text);
}

QString lastReading(const JobModel& model) {
  const auto& views = model.assessment().views;
  const auto& evidence = model.job().evidence;
  for (std::size_t i = std::min(views.size(), evidence.size()); i-- > 0;) {
    if (!views[i].withdrawn) {
      return QStringLiteral("%1: %2, %3")
          .arg(q(views[i].circuit), q(views[i].shown), q(picture::verdictWord(views[i].verdict)));
    }
  }
  return {};
}

}  // namespace

QString FarText::spoken() const {
  QStringList parts;
  for (const QString& part : {caution, big, body}) {
    if (!part.isEmpty()) {
      parts << part;
    }
  }
  return parts.join(QStringLiteral(". "));
}

FarText farMove(const JobModel& model) {
  FarText out;
  const auto& a = model.assessment();
  out.last = lastReading(model);
  if (a.proposals.empty()) {
    out.head = say("Where it stands");
    out.big = q(a.conclusion.headline);
    out.body = q(a.conclusion.action);
    return out;
  }
  const auto& p = a.proposals.front();
  out.head = say("Next move");
  out.big = q(p.title);
  out.body = q(p.instructions);
  out.caution = q(p.caution);
  return out;
}

FarText farTrace(const JobModel& model) {
  FarText out;
  out.head = say("Trace");
  const auto lanes = picture::lanesOf(model.job(), model.assessment());
  for (const auto& lane : lanes) {
    if (lane.record && !lane.analysis->findings.empty()) {
      const QString text =
          q(lane.title) + QStringLiteral(": ") + q(lane.analysis->findings.front().text);
      (out.big.isEmpty() ? out.big : out.body) = text;
    }
  }
  if (out.big.isEmpty()) {
    out.big = say("No trace yet");
  }
  return out;
}

FarText farClosing(JobModel& model) {
  FarText out;
  const auto steps =
      diagnosis::closingSteps(model.job(), model.assessment().conclusion, model.proof());
  const auto open =
      std::find_if(steps.begin(), steps.end(), [](const auto& step) { return !step.done; });
  out.head = say("Next, to the end of the job");
  out.big = open == steps.end() ? say("The job is closed") : q(open->what);
  out.body = open == steps.end() ? QString() : q(open->how);
  return out;
}

}  // namespace haybale::app
