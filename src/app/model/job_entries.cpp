// How readings, captures and what was seen get into the job.
#include <QDateTime>
#include <QDir>
#include <QFileInfo>

#include "app/model/added_files.h"
#include "app/model/job_model.h"
#include "core/base/say.h"

namespace haybale::app {

using circuit::Place;
using circuit::TestKind;

job::Evidence JobModel::evidenceOf(const circuit::Test& test, const job::Reading& reading,
                                   const std::string& id) const {
  job::Evidence e;
  e.id = id;
  e.test = test;
  e.reading = reading;
  e.time = QDateTime::currentDateTime().toString(Qt::ISODate).toStdString();
  return e;
}

Result<job::TypedReading> JobModel::typedFor(const QString& text, const circuit::Test& test) const {
  const auto* circuit = job_.find(test.circuit);
  if (!circuit) {
    return Error{"", std::nullopt, say("no circuit is chosen"),
                 say("click a place on the line first")};
  }
  return job::parseReadingLine(text.toStdString(), *circuit, test);
}

Status JobModel::enterReading(const QString& text) {
  return enterReading(text, selection_.test);
}

Status JobModel::enterReading(const QString& text, const circuit::Test& test) {
  auto typed = typedFor(text, test);
  if (!typed) {
    return typed.error();
  }
  typed->test.meterName = job_.meter.name;
  const auto e = evidenceOf(typed->test, typed->reading, job_.nextEvidenceId());
  const std::string shown =
      e.reading.value ? units::format(*e.reading.value) : std::string("of a lamp");
  const Selection before = selection_;
  selection_.test = typed->test;
  selection_.evidence = QString::fromStdString(e.id);
  const auto kept = tryChange(tr("reading %1").arg(QString::fromStdString(shown)),
                              [&](job::Case& c) { c.evidence.push_back(e); });
  if (!kept) {
    selection_ = before;
  }
  emit selectionChanged();
  return kept;
}

Status JobModel::enterProof(const QString& text, const circuit::Test& test) {
  auto typed = typedFor(text, test);
  if (!typed) {
    return typed.error();
  }
  typed->test.meterName = job_.meter.name;
  return proveBy(typed->test, typed->reading);
}

Status JobModel::proveBy(const circuit::Test& test, const job::Reading& reading) {
  const auto e = evidenceOf(test, reading, job_.nextProofId());
  return tryChange(tr("proof of the repair"), [&](job::Case& c) { c.proof.push_back(e); });
}

void JobModel::enterProofSeen(const circuit::Test& test, const job::Reading& reading) {
  (void)proveBy(test, reading);
}

Result<std::string> JobModel::relativeCapture(const QString& file) {
  const QString absolute = QFileInfo(file).absoluteFilePath();
  if (const auto record = room_->shelf.load(absolute.toStdString()); !record) {
    return record.error();
  }
  noteAdded(absolute);
  const QString relative = QDir(folder_).relativeFilePath(absolute);
  return (relative.startsWith(QStringLiteral("..")) ? absolute : relative).toStdString();
}

Status JobModel::addProofCapture(const circuit::Test& test, const QString& file) {
  const auto capture = relativeCapture(file);
  if (!capture) {
    return capture.error();
  }
  job::Reading reading;
  reading.file = *capture;
  return proveBy(test, reading);
}

const diagnosis::Proof* JobModel::proof() {
  if (proofStands()) {
    proved_ = session_;
  } else {
    thinker_.put(
        QStringLiteral("proof"), [s = session_] { (void)s->proof(); },
        [this, s = session_] {
          if (s == session_) {
            proved_ = s;
            emit workedOut();
          }
        });
  }
  return proved_ ? proved_->knownProof() : nullptr;
}

const diagnosis::SwapOutlook* JobModel::outlook(const circuit::Test& test) {
  const auto* known = session_->knownOutlook(test);
  if (!known) {
    thinker_.put(
        QStringLiteral("outlook"), [s = session_, test] { (void)s->outlook(test); },
        [this, s = session_] {
          if (s == session_) {
            emit workedOut();
          }
        });
  }
  return known;
}

Status JobModel::suppose(const QString& text, const circuit::Test& test,
                         std::function<void(const diagnosis::Assessment&)> then) {
  const auto typed = typedFor(text, test);
  if (!typed) {
    return typed.error();
  }
  const auto supposed =
      session_->supposing(evidenceOf(typed->test, typed->reading, job_.nextEvidenceId()));
  thinker_.put(
      QStringLiteral("supposed"), [supposed] { (void)supposed->assessment(); },
      [supposed, then = std::move(then)] { then(supposed->assessment()); });
  return Done{};
}

QString JobModel::captureFolder() const {
  const QString beside = path_.isEmpty() ? stateFolder() : QFileInfo(path_).absolutePath();
  return beside + QStringLiteral("/captures");
}

// What a made-up vehicle gives belongs into a trial, never into a real job.
bool JobModel::mayEnter(const std::optional<job::Origin>& origin) {
  if (!origin || !origin->simulated || isTrial()) {
    return true;
  }
  emit said(tr("%1 is simulated: what it reads is not written into a real job. Instruments, "
               "Practice yard has a copy for it.")
                .arg(QString::fromStdString(origin->instrument)),
            true);
  return false;
}

void JobModel::enterMeasured(const circuit::Test& test, double value, const job::Origin& origin) {
  job::Reading reading;
  reading.value = units::Entry{};
  reading.value->unit = circuit::unitOf(test.kind);
  reading.value->overload = std::isinf(value);
  reading.value->value = value;
  circuit::Test made = test;
  made.meterName = job_.meter.name;
  enterSeen(made, reading, origin);
}

void JobModel::enterSeen(const circuit::Test& test, const job::Reading& reading,
                         const std::optional<job::Origin>& origin) {
  if (!mayEnter(origin)) {
    return;
  }
  auto e = evidenceOf(test, reading, job_.nextEvidenceId());
  e.origin = origin;
  selection_.evidence = QString::fromStdString(e.id);
  change(tr("what was seen"), [&](job::Case& c) { c.evidence.push_back(e); });
  emit selectionChanged();
}

Status JobModel::addCapture(const QString& circuitName, const QString& file) {
  const auto known = origins_.constFind(QFileInfo(file).absoluteFilePath());
  const auto origin = known == origins_.constEnd() ? std::nullopt : std::optional(*known);
  if (!mayEnter(origin)) {
    return Done{};
  }
  const auto* circuit = job_.find(circuitName.toStdString());
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
  auto e = evidenceOf(test, reading, job_.nextEvidenceId());
  e.origin = origin;
  selection_.evidence = QString::fromStdString(e.id);
  const auto kept =
      tryChange(tr("trace of %1").arg(circuitName), [&](job::Case& c) { c.evidence.push_back(e); });
  emit selectionChanged();
  return kept;
}

Status JobModel::retype(const QString& id, const QString& text) {
  const auto* e = job_.evidenceById(id.toStdString());
  const auto* circuit = e ? job_.find(e->test.circuit) : nullptr;
  if (!circuit) {
    return Error{id.toStdString(), std::nullopt, say("is not among the readings"),
                 say("choose one of them")};
  }
  auto typed = job::parseReadingLine(text.toStdString(), *circuit, e->test);
  if (!typed) {
    return typed.error();
  }
  return tryChange(tr("correct a reading"), [&](job::Case& c) {
    for (auto& each : c.evidence) {
      if (each.id == id.toStdString()) {
        each.test = typed->test;
        each.reading = typed->reading;
        each.origin.reset();  // no instrument gave this
      }
    }
  });
}

void JobModel::attach(const QString& id, const QString& file) {
  if (file.isEmpty()) {
    return;
  }
  const QString absolute = QFileInfo(file).absoluteFilePath();
  noteAdded(absolute);
  const QString relative = QDir(folder_).relativeFilePath(absolute);
  change(tr("attach a file"), [&](job::Case& c) {
    for (auto& e : c.evidence) {
      if (e.id == id.toStdString()) {
        e.attachments.push_back(
            (relative.startsWith(QStringLiteral("..")) ? absolute : relative).toStdString());
      }
    }
  });
}

void JobModel::setWithdrawn(const QString& id, bool withdrawn) {
  change(withdrawn ? tr("withdraw a reading") : tr("count a reading again"), [&](job::Case& c) {
    for (auto& e : c.evidence) {
      e.withdrawn = e.id == id.toStdString() ? withdrawn : e.withdrawn;
    }
  });
}

void JobModel::removeEvidence(const QString& id) {
  change(tr("remove a reading"), [&](job::Case& c) {
    std::erase_if(c.evidence, [&](const auto& e) { return e.id == id.toStdString(); });
  });
}

}  // namespace haybale::app
