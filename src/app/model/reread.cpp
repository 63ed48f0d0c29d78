// Reading a capture of the job anew, the way the user says it is written.
#include <QFileInfo>

#include "app/model/job_model.h"
#include "core/capture/csv_hints.h"

namespace haybale::app {

namespace {

/// Says how a file is written; its capture is read anew each way.
class ReadAsCommand : public QUndoCommand {
 public:
  ReadAsCommand(JobModel& model, const QString& file, capture::CsvHints before,
                capture::CsvHints after)
      : QUndoCommand(QObject::tr("how %1 is read").arg(QFileInfo(file).fileName())),
        model_(model),
        file_(file),
        before_(std::move(before)),
        after_(std::move(after)) {}
  void undo() override { model_.reread(file_, before_); }
  void redo() override { model_.reread(file_, after_); }

 private:
  JobModel& model_;
  QString file_;
  capture::CsvHints before_;
  capture::CsvHints after_;
};

}  // namespace

Status JobModel::readAs(const QString& file, const capture::CsvHints& hints) {
  const QString path = QFileInfo(file).absoluteFilePath();
  // A side file that is not sound says nothing worth coming back to.
  const auto known = capture::readHints(path.toStdString());
  const capture::CsvHints before = known ? *known : capture::CsvHints{};
  if (const auto status = capture::writeHints(path.toStdString(), hints); !status) {
    return status;
  }
  undo_.push(new ReadAsCommand(*this, path, before, hints));
  return Done{};
}

void JobModel::reread(const QString& file, const capture::CsvHints& hints) {
  const std::string path = file.toStdString();
  if (const auto status = capture::writeHints(path, hints); !status) {
    emit said(QString::fromStdString(status.error().sentence()), true);
  }
  room_->shelf.forget(path);
  reassess();
  emit changed();
}

QString JobModel::captureOf(const QString& circuit) const {
  const auto& evidence = job_.evidence;
  const auto last = std::find_if(evidence.rbegin(), evidence.rend(), [&](const job::Evidence& e) {
    return !e.withdrawn && !e.reading.file.empty() && e.test.circuit == circuit.toStdString();
  });
  return last == evidence.rend() ? QString()
                                 : QString::fromStdString(diagnosis::capturePath(
                                       last->reading.file, folder_.toStdString()));
}

}  // namespace haybale::app
