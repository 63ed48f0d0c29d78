#include "app/book/book_files.h"

#include <QDate>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>

#include "app/model/added_files.h"
#include "app/parts/dialogs.h"
#include "app/parts/errands.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "core/judging/limits_sheet.h"
#include "store/bundle.h"
#include "store/logbook_file.h"
#include "store/logbook_sync.h"

namespace haybale::app {

namespace {

const QString kBundles = QStringLiteral("Job bundles (*.haybale.zip *.zip)");
const QString kBooks = QStringLiteral("Logbooks (*.jsonl)");
const QString kTakenIn = QStringLiteral("Logbooks (*.jsonl *.sqlite)");
const QString kSheets = QStringLiteral("Limits sheets (*.json *.csv)");

QString withEnding(const QString& path, const QString& ending) {
  return path.isEmpty() || path.endsWith(ending, Qt::CaseInsensitive) ? path : path + ending;
}

}  // namespace

BookFiles::BookFiles(JobModel& model, JobBook& book, QWidget* window)
    : QObject(window), model_(model), book_(book), window_(window) {}

void BookFiles::tell(const Status& status, const QString& sentence) {
  emit said(status ? sentence : q(status.error().sentence()), !status);
}

void BookFiles::ask(const QString& what) {
  if (what == QStringLiteral("bundle.out")) {
    bundleOut();
  } else if (what == QStringLiteral("bundle.in")) {
    bundleIn();
  } else if (what == QStringLiteral("book.out")) {
    bookOut();
  } else {
    bookIn();
  }
}

void BookFiles::bundleOut() {
  const QString name =
      model_.path().isEmpty() ? QStringLiteral("job") : QFileInfo(model_.path()).baseName();
  const QString path = withEnding(
      dialogs().saveFile(window_, tr("Save this job as a bundle"),
                         QDir(model_.folder()).filePath(name + QStringLiteral(".haybale.zip")),
                         kBundles),
      QStringLiteral(".zip"));
  if (!path.isEmpty()) {
    tell(store::writeBundle(model_.job(), model_.folder().toStdString(), path.toStdString(),
                            [](const std::string& file) { return wasAdded(q(file)); }),
         tr("The job and all its files are in %1.").arg(path));
  }
}

void BookFiles::bundleIn() {
  const QString path = dialogs().openFile(window_, tr("Take in a bundle"), kBundles);
  if (!path.isEmpty()) {
    takeBundle(path);
  }
}

// In a folder of its name that is not there yet.
void BookFiles::takeBundle(const QString& path) {
  const QString base =
      QFileInfo(path).absolutePath() + QLatin1Char('/') + QFileInfo(path).baseName();
  QString folder = base;
  for (int n = 2; QFileInfo::exists(folder); ++n) {
    folder = QStringLiteral("%1-%2").arg(base).arg(n);
  }
  const auto unpacked = store::unpackBundle(path.toStdString(), folder.toStdString());
  if (!unpacked) {
    emit said(q(unpacked.error().sentence()), true);
    return;
  }
  if (const auto status = model_.files().open(q(*unpacked)); !status) {
    emit said(q(status.error().sentence()), true);
    return;
  }
  emit said(tr("Unpacked into %1.").arg(folder), false);
  emit opened();
}

void BookFiles::bookOut() {
  const QString path = withEnding(dialogs().saveFile(window_, tr("Save the whole logbook"),
                                                     QStringLiteral("logbook.jsonl"), kBooks),
                                  QStringLiteral(".jsonl"));
  if (!path.isEmpty() && book_.logbook()) {
    const auto done = store::exportLogbook(*book_.logbook(), path);
    if (done && !done->leftOut.isEmpty()) {
      emit said(tr("%1 jobs are in %2; left out: %3")
                    .arg(done->jobs)
                    .arg(path, done->leftOut.join(QStringLiteral("; "))),
                true);
    } else {
      emit said(done ? tr("All jobs are in %1.").arg(path) : q(done.error().sentence()), !done);
    }
  }
}

namespace {

bool isDatabase(const QString& path) {
  QFile file(path);
  return file.open(QIODevice::ReadOnly) && file.read(15) == "SQLite format 3";
}

// From a copy: an older one is brought forward before it is read, and the original stays as it is.
Result<store::Synced> mergedFrom(const QString& path, const QString& into) {
  const QTemporaryDir folder;
  const QString copy = folder.filePath(QStringLiteral("other.sqlite"));
  for (const char* part : {"", "-wal"}) {
    if (QFile::exists(path + QLatin1String(part)) &&
        !QFile::copy(path + QLatin1String(part), copy + QLatin1String(part))) {
      return Error{path.toStdString(), std::nullopt, say("cannot be read"),
                   say("a file that is there and may be read")};
    }
  }
  const auto other = store::Logbook::open(copy);
  const auto here = store::Logbook::open(into);
  if (!other || !here) {
    return other ? here.error() : other.error();
  }
  return store::mergeFrom(**other, **here);
}

}  // namespace

// Beside the window: there may be years in it.
void BookFiles::merge(const QString& path) {
  emit said(tr("Taking in %1 ...").arg(path), false);
  sendOut([path, into = book_.logbook()->database().file(), self = QPointer<BookFiles>(this)] {
    const auto merged = mergedFrom(path, into);
    backHome(self, [self, merged] {
      emit self->said(merged ? tr("%1 kept states and %2 shared things were taken in.")
                                   .arg(merged->got)
                                   .arg(merged->shared)
                             : q(merged.error().sentence()),
                      !merged);
      self->book_.carrier().nudge();
      emit self->book_.changed();
    });
  });
}

void BookFiles::bookIn() {
  const QString path = dialogs().openFile(window_, tr("Take in a logbook"), kTakenIn);
  if (path.isEmpty() || !book_.logbook()) {
    return;
  }
  if (isDatabase(path)) {
    merge(path);
    return;
  }
  const auto taken = store::importLogbook(*book_.logbook(), path);
  QString sentence =
      taken ? tr("%1 jobs were taken in.").arg(taken->jobs) : q(taken.error().sentence());
  if (taken && !taken->bad.isEmpty()) {
    sentence += tr(" Left out: %1").arg(taken->bad.join(QStringLiteral("; ")).left(600));
  }
  emit said(sentence, !taken || !taken->bad.isEmpty());
  emit book_.changed();
}

void BookFiles::sheet(bool save) {
  if (save) {
    const QString path = dialogs().saveFile(window_, tr("Save the limits as a sheet"),
                                            QStringLiteral("limits.json"), kSheets);
    if (path.isEmpty()) {
      return;
    }
    judging::LimitsSheet out;
    out.vehicle = model_.job().vehicle;
    out.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    out.limits = model_.job().limits;
    const bool csv = path.endsWith(QStringLiteral(".csv"), Qt::CaseInsensitive);
    tell(job::writeFileAtomically(path.toStdString(), csv ? judging::limitsSheetCsv(out)
                                                          : judging::limitsSheetJson(out)),
         tr("The limits are in %1.").arg(path));
    return;
  }
  const QString path = dialogs().openFile(window_, tr("Take limits from a sheet"), kSheets);
  if (path.isEmpty()) {
    return;
  }
  const auto text = job::readFile(path.toStdString());
  const auto read = text ? judging::parseLimitsSheet(*text, path.toStdString())
                         : Result<judging::LimitsSheet>(text.error());
  if (!read) {
    emit said(q(read.error().sentence()), true);
    return;
  }
  model_.change(tr("limits of a sheet"),
                [&](job::Case& c) { judging::applySheet(*read, c.limits); });
  emit said(tr("%1 limits taken from %2.").arg(read->limits.size()).arg(path), false);
}

}  // namespace haybale::app
