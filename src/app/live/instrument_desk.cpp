#include "app/live/instrument_desk.h"

#include <QDateTime>
#include <QDir>

#include "app/line/line_view.h"
#include "app/style/words.h"
#include "app/trace/live_page.h"
#include "app/trace/trace_view.h"
#include "core/capture/open.h"
#include "core/evidence/waveforms.h"

namespace haybale::app {

InstrumentDesk::InstrumentDesk(JobModel& model, InstrumentHub& hub, LineView* line,
                               TraceView* trace, QObject* parent)
    : QObject(parent), model_(model), hub_(hub), trace_(trace) {
  connect(&hub, &InstrumentHub::changed, this, [this, line] {
    line->setLive(hub_.connected(Instrument::multimeter));
    trace_->setLive(hub_.connected(Instrument::scope));
    if (!hub_.watchingScope()) {
      trace_->endWatch();
    }
  });
  connect(&hub, &InstrumentHub::changed, this, &InstrumentDesk::followTheYard);
  connect(line, &LineView::liveWanted, this,
          [this] { hub_.readMeter(model_.selection().test, model_.jobId()); });
  connect(&hub, &InstrumentHub::meterRead, this,
          [this](const circuit::Test& test, double value, const QString& job,
                 const job::Origin& origin) {
            if (isOurs(job)) {
              model_.entries().enterMeasured(test, value, origin);
            }
          });
  connect(trace, &TraceView::recordWanted, this, &InstrumentDesk::record);
  connect(&hub, &InstrumentHub::scopeRecorded, this,
          [this](const circuit::Test& test, const std::shared_ptr<capture::Record>& record,
                 const QString& job, const job::Origin& origin) {
            if (isOurs(job)) {
              keep(test, *record, origin);
            }
          });
  connect(trace, &TraceView::watchWanted, this, &InstrumentDesk::watch);
  connect(&hub, &InstrumentHub::scopeWatched, trace->live(), &LivePage::take);
  connect(trace->live(), &LivePage::keepWanted, this, &InstrumentDesk::keepWatched);
}

// What was asked for another job is not written into this one.
bool InstrumentDesk::isOurs(const QString& job) {
  if (job.isEmpty() || job == model_.jobId()) {
    return true;
  }
  emit said(tr("An answer of an instrument came after another job was opened: it is written "
               "nowhere."),
            true);
  return false;
}

// What the yard's made-up vehicle gives goes into a job of its own; the real one waits untouched.
void InstrumentDesk::followTheYard() {
  if (hub_.yard() && !model_.isTrial()) {
    model_.files().beginTrial();
  } else if (!hub_.yard() && model_.isTrial()) {
    model_.files().endTrial();
  }
}

// A trace where the leads are, the wheel turning.
circuit::Test InstrumentDesk::spunTrace() const {
  auto test = model_.selection().test;
  test.kind = circuit::TestKind::waveform;
  test.state.wheel = circuit::WheelMotion::spun;
  return test;
}

void InstrumentDesk::record() {
  instruments::ScopeSettings settings;
  settings.durationS = 4;
  hub_.recordScope(spunTrace(), settings, model_.jobId());
  emit said(tr("Recording four seconds: spin the wheel."), false);
}

void InstrumentDesk::watch(bool on) {
  watched_ = spunTrace();
  const auto* circuit = model_.job().find(watched_.circuit);
  if (!on || !circuit) {
    endWatch();
    return;
  }
  instruments::ScopeSettings settings;
  settings.durationS = 0.5;
  settings.points = 5000;
  hub_.watchScope(watched_, settings, diagnosis::traceOptions(model_.job(), *circuit));
  if (hub_.watchingScope()) {
    trace_->beginWatch(q(watched_.circuit));
  }
}

void InstrumentDesk::endWatch() {
  hub_.stopScope();
  trace_->endWatch();
}

void InstrumentDesk::keepWatched() {
  if (const auto* seconds = trace_->live()->seconds()) {
    const auto record = *seconds;
    endWatch();
    keep(watched_, record, hub_.originOf(Instrument::scope, "trace, watched"));
  }
}

void InstrumentDesk::keep(const circuit::Test& test, const capture::Record& record,
                          const job::Origin& origin) {
  const QString circuit = q(test.circuit);
  const QString folder = model_.entries().captureFolder();
  QDir().mkpath(folder);
  const QString path =
      QStringLiteral("%1/%2-%3.csv")
          .arg(folder, circuit,
               QDateTime::currentDateTime().toString(QStringLiteral("yyyyMMdd-HHmmss-zzz")));
  if (const auto saved = capture::saveCapture(path.toStdString(), record); !saved) {
    emit said(q(saved.error().sentence()), true);
    return;
  }
  model_.entries().cameFrom(path, origin);
  emit recorded(circuit, path);
}

}  // namespace haybale::app
