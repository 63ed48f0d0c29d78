#include "app/model/job_entries.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>

#include "app/model/added_files.h"
#include "app/model/job_model.h"
#include "core/base/say.h"

namespace haybale::app {

using circuit::Place;
using circuit::TestKind;

job::Evidence JobEntries::evidenceOf(const circuit::Test& test, const job::Reading& reading,
                                     const std::string& id) const {
  job::Evidence e;
  e.id = id;
  e.test = test;
  e.reading = reading;
  e.time = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
  return e;
}

Result<job::TypedReading> JobEntries::typedFor(const QString& text,
                                               const circuit::Test& test) const {
  const auto* circuit = model_.job_.find(test.circuit);
  if (!circuit) {
    return Error{"", std::nullopt, say("no circuit is chosen"),
                 say("click a place on the line first")};
  }
  return job::parseReadingLine(text.toStdString(), *circuit, test);
}

Status JobEntries::enter(const QString& text) {
  return enter(text, model_.selection_.test);
}

Status JobEntries::enter(const QString& text, const circuit::Test& test) {
  auto typed = typedFor(text, test);
  if (!typed) {
    return typed.error();
  }
  typed->test.meterName = model_.job_.meter.name;
  const auto e = evidenceOf(typed->test, typed->reading, model_.job_.nextEvidenceId());
  const std::string shown =
      e.reading.value ? units::format(*e.reading.value) : std::string("of a lamp");
  const Selection before = model_.selection_;
  model_.selection_.test = typed->test;
  model_.selection_.evidence = QString::fromStdString(e.id);
  const auto kept = model_.tryChange(JobModel::tr("reading %1").arg(QString::fromStdString(shown)),
                                     [&](job::Case& c) { c.evidence.push_back(e); });
  if (!kept) {
    model_.selection_ = before;
  }
  emit model_.selectionChanged();
  return kept;
}

Status JobEntries::enterProof(const QString& text, const circuit::Test& test) {
  auto typed = typedFor(text, test);
  if (!typed) {
    return typed.error();
  }
  typed->test.meterName = model_.job_.meter.name;
  return proveBy(typed->test, typed->reading);
}

Status JobEntries::proveBy(const circuit::Test& test, const job::Reading& reading) {
  const auto e = evidenceOf(test, reading, model_.job_.nextProofId());
  return model_.tryChange(JobModel::tr("proof of the repair"),
                          [&](job::Case& c) { c.proof.push_back(e); });
}

void JobEntries::enterProofSeen(const circuit::Test& test, const job::Reading& reading) {
  (void)proveBy(test, reading);
}

Result<std::string> JobEntries::relativeCapture(const QString& file) {
  const QString absolute = QFileInfo(file).absoluteFilePath();
  if (const auto record = model_.room_->shelf.load(absolute.toStdString()); !record) {
    return record.error();
  }
  noteAdded(absolute);
  const QString relative = QDir(model_.folder_).relativeFilePath(absolute);
  return (relative.startsWith(QStringLiteral("..")) ? absolute : relative).toStdString();
}

Status JobEntries::addProofCapture(const circuit::Test& test, const QString& file) {
  const auto capture = relativeCapture(file);
  if (!capture) {
    return capture.error();
  }
  job::Reading reading;
  reading.file = *capture;
  return proveBy(test, reading);
}

Status JobEntries::suppose(const QString& text, const circuit::Test& test,
                           std::function<void(const diagnosis::Assessment&)> then) {
  const auto typed = typedFor(text, test);
  if (!typed) {
    return typed.error();
  }
  const auto supposed = model_.session_->supposing(
      evidenceOf(typed->test, typed->reading, model_.job_.nextEvidenceId()));
  model_.thinker_.put(
      QStringLiteral("supposed"), [supposed] { (void)supposed->assessment(); },
      [supposed, then = std::move(then)] { then(supposed->assessment()); });
  return Done{};
}

QString JobEntries::captureFolder() const {
  const QString beside =
      model_.path_.isEmpty() ? stateFolder() : QFileInfo(model_.path_).absolutePath();
  return beside + QStringLiteral("/captures");
}

// What a made-up vehicle gives belongs into a trial, never into a real job.
bool JobEntries::mayEnter(const std::optional<job::Origin>& origin) {
  if (!origin || !origin->simulated || model_.isTrial()) {
    return true;
  }
  emit model_.said(
      JobModel::tr("%1 is simulated: what it reads is not written into a real job. Instruments, "
                   "Practice yard has a copy for it.")
          .arg(QString::fromStdString(origin->instrument)),
      true);
  return false;
}

void JobEntries::enterMeasured(const circuit::Test& test, double value, const job::Origin& origin) {
  job::Reading reading;
  reading.value = units::Entry{};
  reading.value->unit = circuit::unitOf(test.kind);
  reading.value->overload = std::isinf(value);
  reading.value->value = value;
  circuit::Test made = test;
  made.meterName = model_.job_.meter.name;
  enterSeen(made, reading, origin);
}

void JobEntries::enterSeen(const circuit::Test& test, const job::Reading& reading,
                           const std::optional<job::Origin>& origin) {
  if (!mayEnter(origin)) {
    return;
  }
  auto e = evidenceOf(test, reading, model_.job_.nextEvidenceId());
  e.origin = origin;
  model_.selection_.evidence = QString::fromStdString(e.id);
  model_.change(JobModel::tr("what was seen"), [&](job::Case& c) { c.evidence.push_back(e); });
  emit model_.selectionChanged();
}

Status JobEntries::addCapture(const QString& circuitName, const QString& file) {
  const auto known = origins_.constFind(QFileInfo(file).absoluteFilePath());
  const auto origin = known == origins_.constEnd() ? std::nullopt : std::optional(*known);
  if (!mayEnter(origin)) {
    return Done{};
  }
  const auto* circuit = model_.job_.find(circuitName.toStdString());
  if (!circuit) {
    return Error{circuitName.toStdString(), std::nullopt, say("is not a circuit of this job"),
                 say("drop the capture on one of its wheels")};
  }
  const auto capture = relativeCapture(file);
  if (!capture) {
    return capture.error();
  }
  auto test = job::defaultTest(*circuit, {Place::Kind::modulePlug, circuit->path.front().id},
                               TestKind::waveform);
  test.state.key = circuit::Key::off;
  test.state.unplugged = {circuit->path.front().id};
  job::Reading reading;
  reading.file = *capture;
  auto e = evidenceOf(test, reading, model_.job_.nextEvidenceId());
  e.origin = origin;
  model_.selection_.evidence = QString::fromStdString(e.id);
  const auto kept = model_.tryChange(JobModel::tr("trace of %1").arg(circuitName),
                                     [&](job::Case& c) { c.evidence.push_back(e); });
  emit model_.selectionChanged();
  return kept;
}

Status JobEntries::retype(const QString& id, const QString& text) {
  const auto* e = model_.job_.evidenceById(id.toStdString());
  const auto* circuit = e ? model_.job_.find(e->test.circuit) : nullptr;
  if (!circuit) {
    return Error{id.toStdString(), std::nullopt, say("is not among the readings"),
                 say("choose one of them")};
  }
  auto typed = job::parseReadingLine(text.toStdString(), *circuit, e->test);
  if (!typed) {
    return typed.error();
  }
  return model_.tryChange(JobModel::tr("correct a reading"), [&](job::Case& c) {
    for (auto& each : c.evidence) {
      if (each.id == id.toStdString()) {
        each.test = typed->test;
        each.reading = typed->reading;
        each.origin.reset();  // no instrument gave this
      }
    }
  });
}

void JobEntries::attach(const QString& id, const QString& file) {
  if (file.isEmpty()) {
    return;
  }
  const QString absolute = QFileInfo(file).absoluteFilePath();
  noteAdded(absolute);
  const QString relative = QDir(model_.folder_).relativeFilePath(absolute);
  model_.change(JobModel::tr("attach a file"), [&](job::Case& c) {
    for (auto& e : c.evidence) {
      if (e.id == id.toStdString()) {
        e.attachments.push_back(
            (relative.startsWith(QStringLiteral("..")) ? absolute : relative).toStdString());
      }
    }
  });
}

void JobEntries::setWithdrawn(const QString& id, bool withdrawn) {
  model_.change(
      withdrawn ? JobModel::tr("withdraw a reading") : JobModel::tr("count a reading again"),
      [&](job::Case& c) {
        for (auto& e : c.evidence) {
          e.withdrawn = e.id == id.toStdString() ? withdrawn : e.withdrawn;
        }
      });
}

void JobEntries::remove(const QString& id) {
  model_.change(JobModel::tr("remove a reading"), [&](job::Case& c) {
    std::erase_if(c.evidence, [&](const auto& e) { return e.id == id.toStdString(); });
  });
}

}  // namespace haybale::app
