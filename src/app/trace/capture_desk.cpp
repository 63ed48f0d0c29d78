#include "app/trace/capture_desk.h"

#include <QFileInfo>

#include "app/parts/dialogs.h"
#include "app/parts/progress_strip.h"
#include "app/style/words.h"
#include "app/trace/csv_reading_dialog.h"
#include "core/capture/open.h"

namespace haybale::app {

namespace {
const char* const kFilter = "Captures (*.csv *.txt *.tsv *.wav *.vcd);;All files (*)";
}  // namespace

CaptureDesk::CaptureDesk(JobModel& model, ProgressStrip* progress, QWidget* window)
    : QObject(window), model_(model), window_(window) {
  connect(&model_, &JobModel::captureDeferred, this,
          [this](const QString& file) { readBeside(file, {}); });
  connect(&model_, &JobModel::assessed, this, &CaptureDesk::sayFound);
  connect(&model_, &JobModel::leaving, this, [this] { added_ = {}; });
  connect(&loader_, &CaptureLoader::progressed, progress,
          [progress](const QString& file, double share) {
            progress->show(tr("Reading %1").arg(QFileInfo(file).fileName()), share);
          });
  connect(&loader_, &CaptureLoader::idle, progress, &QWidget::hide);
  connect(progress, &ProgressStrip::cancelled, &loader_, &CaptureLoader::cancel);
}

void CaptureDesk::add(const QString& circuit, const QString& file) {
  if (file.isEmpty()) {
    return;
  }
  if (model_.captures().readsBeside(file)) {
    readBeside(file, circuit);
    return;
  }
  if (const auto status = model_.entries().addCapture(circuit, file); !status) {
    refused(circuit, file, status.error());
    return;
  }
  emit said(tr("Trace of %1 added.").arg(circuit), false);
  added_ = {circuit, model_.selection().evidence.toStdString()};
  sayFound();
  emit added();
}

// What the trace just added shows, once it has been looked at.
void CaptureDesk::sayFound() {
  const auto& [circuit, evidence] = added_;
  const auto& assessment = model_.assessment();
  if (evidence.empty() || !assessment.waveforms.analyses.contains(evidence)) {
    return;
  }
  const auto* view = assessment.view(evidence);
  if (view && !view->reason.empty()) {
    emit said(QStringLiteral("%1: %2").arg(circuit, q(view->reason)), false);
  }
  added_ = {};
}

// A large capture: first read, then, with a circuit, added to it.
void CaptureDesk::readBeside(const QString& file, const QString& circuit) {
  loader_.read(file, model_.captures().wantedOf(file, circuit),
               [this, file, circuit](Result<diagnosis::LoadedCapture> loaded) {
                 const bool ok = loaded.ok();
                 if (!ok) {
                   emit said(q(loaded.error().sentence()), true);
                 }
                 if (ok || circuit.isEmpty()) {
                   model_.captures().take(file, std::move(loaded));
                 }
                 if (ok && !circuit.isEmpty()) {
                   add(circuit, file);
                 }
               });
}

// What is no table to the program may be one to the user.
void CaptureDesk::refused(const QString& circuit, const QString& file, const Error& error) {
  emit said(q(error.sentence()), true);
  const auto look = capture::previewCsv(file.toStdString(), {});
  if (look && look->worthAsking &&
      askHowWritten(file, tr("It could not be read yet: it %1.").arg(q(error.what)))) {
    add(circuit, file);
  }
}

bool CaptureDesk::askHowWritten(const QString& file, const QString& why) {
  const auto known = capture::readHints(file.toStdString());
  auto* dialog = new CsvReadingDialog(file, known ? *known : capture::CsvHints{}, why, window_);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  capture::CsvHints hints;
  connect(dialog, &QDialog::accepted, dialog, [&] { hints = dialog->hints(); });
  if (dialog->exec() != QDialog::Accepted) {
    return false;
  }
  const auto status = model_.captures().readAs(file, hints);
  if (!status) {
    emit said(q(status.error().sentence()), true);
  }
  return status.ok();
}

void CaptureDesk::askHow(const QString& circuit) {
  const QString file = model_.captures().of(circuit);
  if (file.isEmpty()) {
    emit said(tr("%1 has no capture yet: drop one on the wheel first.").arg(circuit), true);
    return;
  }
  if (const auto look = capture::previewCsv(file.toStdString(), {}); !look) {
    emit said(tr("%1 is no text file: there is nothing to choose in how it is read.")
                  .arg(QFileInfo(file).fileName()),
              true);
    return;
  }
  if (askHowWritten(file, {})) {
    emit said(tr("%1 was read again.").arg(QFileInfo(file).fileName()), false);
  }
}

QString CaptureDesk::choose(const QString& circuit) {
  return dialogs().openFile(window_, tr("Capture of %1").arg(circuit),
                            QString::fromLatin1(kFilter));
}

void CaptureDesk::ask(const QString& circuit) {
  add(circuit, choose(circuit));
}

}  // namespace haybale::app
