// What the window opens and saves.
#include <QDesktopServices>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QPrinter>
#include <QUrl>

#include "app/book/book_files.h"
#include "app/close/close_view.h"
#include "app/frame/main_window.h"
#include "app/intake/intake_view.h"
#include "app/model/program_log.h"
#include "app/model/put_aside.h"
#include "app/parts/dialogs.h"
#include "app/practice/practice_view.h"
#include "app/trace/capture_desk.h"

namespace haybale::app {

namespace {

const char* const kCaseFilter = "Jobs (*.haybale.json *.json *.zip);;All files (*)";

// A case is JSON: by its name, or because its first sign that is not blank is a brace.
bool looksLikeCase(const QString& path) {
  if (path.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
    return true;
  }
  // A pipe nobody writes into would hold the window.
  QFile file(path);
  return QFileInfo(path).isFile() && file.open(QIODevice::ReadOnly) &&
         file.read(64).trimmed().startsWith('{');
}

// A practice case says so near its beginning.
bool looksLikePractice(const QString& path) {
  QFile file(path);
  return looksLikeCase(path) && QFileInfo(path).isFile() && file.open(QIODevice::ReadOnly) &&
         file.read(4096).contains("\"haybale-practice\"");
}

}  // namespace

// What was found damaged on the way is said last, so that it stands.
void MainWindow::tellPutAside() {
  if (const QStringList found = takePutAside(); !found.isEmpty()) {
    say(found.join(QLatin1Char(' ')), true);
  }
}

void MainWindow::openPath(const QString& path) {
  if (looksLikePractice(path)) {
    practice_->open(path);
    showView(kPractice);
    return;
  }
  if (looksLikeCase(path)) {
    if (const auto status = model_.files().open(path); !status) {
      say(QString::fromStdString(status.error().sentence()), true);
    }
    tellPutAside();
    return;
  }
  if (path.endsWith(QStringLiteral(".zip"), Qt::CaseInsensitive)) {
    files_->takeBundle(path);
    return;
  }
  addCapture(model_.selection().circuit, path);
}

void MainWindow::openDemo() {
  if (const auto status = model_.files().openDemo(); !status) {
    say(QString::fromStdString(status.error().sentence()), true);
  }
}

void MainWindow::openLast() {
  for (const auto& name : recentJobs()) {
    const bool kept = name.startsWith(QStringLiteral("unsaved:"));
    const auto status = kept ? model_.files().openKept(name.mid(8)) : model_.files().open(name);
    if (status) {
      tellPutAside();
      return;
    }
    say(QString::fromStdString(status.error().sentence()), true);
  }
  model_.files().startNew();
  showView(kIntake);
  tellPutAside();
}

bool MainWindow::save(bool ask) {
  if (QWidget* focus = focusWidget()) {
    // A box that is being typed in commits what it holds.
    focus->clearFocus();
  }
  QString path = model_.path();
  if (ask || path.isEmpty()) {
    const QString name = path.isEmpty() ? QStringLiteral("job.haybale.json") : path;
    path = dialogs().saveFile(this, tr("Save the job"), name, QString::fromLatin1(kCaseFilter));
    if (path.isEmpty()) {
      return false;
    }
    if (!path.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
      path += QStringLiteral(".haybale.json");
    }
  }
  const auto status = model_.files().save(path);
  if (!status) {
    say(QString::fromStdString(status.error().sentence()), true);
    return false;
  }
  const QString& aside = model_.files().putAside();
  say(tr("Saved in %1.").arg(path) + (aside.isEmpty() ? QString() : QLatin1Char(' ') + aside),
      !aside.isEmpty());
  return true;
}

void MainWindow::addCapture(const QString& circuit, const QString& file) {
  if (file.isEmpty()) {
    return;
  }
  if (looksLikeCase(file) || file.endsWith(QStringLiteral(".zip"), Qt::CaseInsensitive)) {
    openPath(file);
    return;
  }
  captures_->add(circuit, file);
}

void MainWindow::askForJob() {
  const QString path = dialogs().openFile(this, tr("Open a job"), QString::fromLatin1(kCaseFilter));
  if (!path.isEmpty()) {
    openPath(path);
  }
}

void MainWindow::saveReport(const QString& ending) {
  const QString base = model_.path().isEmpty()
                           ? QStringLiteral("report")
                           : QFileInfo(model_.path()).absolutePath() + QStringLiteral("/") +
                                 QFileInfo(model_.path()).baseName();
  const QString path = dialogs().saveFile(
      this, tr("Save the report"), base + QLatin1Char('.') + ending, QStringLiteral("*.") + ending);
  if (path.isEmpty()) {
    return;
  }
  const QString full = path.endsWith(QLatin1Char('.') + ending, Qt::CaseInsensitive)
                           ? path
                           : path + QLatin1Char('.') + ending;
  const auto status = closeOut_->report()->writeTo(full);
  say(status ? tr("Report saved in %1.").arg(full)
             : QString::fromStdString(status.error().sentence()),
      !status);
}

void MainWindow::printReport() {
  QPrinter printer(QPrinter::HighResolution);
  printer.setPageSize(QPageSize(QPageSize::A4));
  printer.setDocName(windowTitle());
  if (!dialogs().print(this, printer)) {
    return;
  }
  const auto status = closeOut_->report()->printTo(printer);
  say(status ? tr("Report printed.") : QString::fromStdString(status.error().sentence()), !status);
}

// The folder's own program opens it; where there is none its place is said.
void MainWindow::showLog() {
  logLine(QStringLiteral("the log was opened"));
  if (!QDesktopServices::openUrl(QUrl::fromLocalFile(logFile()))) {
    say(tr("The program log is %1.").arg(logFile()), false);
  }
}

void MainWindow::tellBroughtBack() {
  logLine(QStringLiteral("the last run had not ended by itself"));
  const auto& job = model_.job();
  const QString title = QString::fromStdString(job.title);
  say(tr("The program did not end by itself last time. Brought back: \"%1\" with %n readings, as "
         "it stood.",
         nullptr, static_cast<int>(job.evidence.size()))
          .arg(title.isEmpty() ? tr("a job without a title") : title),
      false);
}

}  // namespace haybale::app
