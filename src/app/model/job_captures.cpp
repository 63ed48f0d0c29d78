#include "app/model/job_captures.h"

#include <QFileInfo>

#include "app/model/job_model.h"
#include "core/capture/csv_hints.h"

namespace haybale::app {

namespace {

/// Says how a file is written; its capture is read anew each way.
class ReadAsCommand : public QUndoCommand {
 public:
  ReadAsCommand(JobCaptures& captures, const QString& file, capture::CsvHints before,
                capture::CsvHints after)
      : QUndoCommand(QObject::tr("how %1 is read").arg(QFileInfo(file).fileName())),
        captures_(captures),
        file_(file),
        before_(std::move(before)),
        after_(std::move(after)) {}
  void undo() override { captures_.reread(file_, before_); }
  void redo() override { captures_.reread(file_, after_); }

 private:
  JobCaptures& captures_;
  QString file_;
  capture::CsvHints before_;
  capture::CsvHints after_;
};

}  // namespace

Status JobCaptures::readAs(const QString& file, const capture::CsvHints& hints) {
  const QString path = QFileInfo(file).absoluteFilePath();
  // A side file that is not sound says nothing worth coming back to.
  const auto known = capture::readHints(path.toStdString());
  const capture::CsvHints before = known ? *known : capture::CsvHints{};
  if (const auto status = capture::writeHints(path.toStdString(), hints); !status) {
    return status;
  }
  model_.undo_.push(new ReadAsCommand(*this, path, before, hints));
  return Done{};
}

void JobCaptures::reread(const QString& file, const capture::CsvHints& hints) {
  const std::string path = file.toStdString();
  if (const auto status = capture::writeHints(path, hints); !status) {
    emit model_.said(QString::fromStdString(status.error().sentence()), true);
  }
  model_.room_->shelf.forget(path);
  model_.reassess();
  emit model_.changed();
}

QString JobCaptures::of(const QString& circuit) const {
  const auto& evidence = model_.job_.evidence;
  const auto last = std::find_if(evidence.rbegin(), evidence.rend(), [&](const job::Evidence& e) {
    return !e.withdrawn && !e.reading.file.empty() && e.test.circuit == circuit.toStdString();
  });
  return last == evidence.rend() ? QString()
                                 : QString::fromStdString(diagnosis::capturePath(
                                       last->reading.file, model_.folder_.toStdString()));
}

bool JobCaptures::readsBeside(const QString& file) const {
  return model_.room_->shelf.wouldDefer(QFileInfo(file).absoluteFilePath().toStdString());
}

void JobCaptures::take(const QString& file, Result<diagnosis::LoadedCapture> loaded) {
  const std::string path = QFileInfo(file).absoluteFilePath().toStdString();
  if (loaded) {
    model_.room_->shelf.put(path, std::move(loaded.value()));
  } else {
    model_.room_->shelf.refuse(path, loaded.error());
  }
  model_.reassess();
  emit model_.changed();
}

std::function<std::vector<diagnosis::Wanted>(const capture::Record&)> JobCaptures::wantedOf(
    const QString& file, const QString& circuit) const {
  return [job = model_.job_, folder = model_.folder_.toStdString(),
          path = QFileInfo(file).absoluteFilePath().toStdString(),
          name = circuit.toStdString()](const capture::Record& record) {
    auto wanted = diagnosis::wantedOf(job, folder, path, record);
    if (const auto* c = job.find(name)) {
      job::Evidence e;
      e.test.circuit = name;
      wanted.push_back({diagnosis::channelFor(record, e), diagnosis::traceOptions(job, *c)});
    }
    return wanted;
  };
}

}  // namespace haybale::app
