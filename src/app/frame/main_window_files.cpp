// What the window opens and saves, and the menu that asks for it.
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QMenu>

#include "app/book/book_files.h"
#include "app/close/close_view.h"
#include "app/frame/main_window.h"
#include "app/intake/intake_view.h"
#include "app/model/put_aside.h"
#include "app/parts/dialogs.h"
#include "app/parts/preferences_dialog.h"
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

void openDialog(QDialog* dialog) {
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->open();
}

}  // namespace

void MainWindow::showKeys() {
  openDialog(new KeysDialog(this));
}

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
    if (const auto status = model_.open(path); !status) {
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
  if (const auto status = model_.openDemo(); !status) {
    say(QString::fromStdString(status.error().sentence()), true);
  }
}

void MainWindow::openLast() {
  for (const auto& name : recentJobs()) {
    const bool kept = name.startsWith(QStringLiteral("unsaved:"));
    const auto status = kept ? model_.openKept(name.mid(8)) : model_.open(name);
    if (status) {
      tellPutAside();
      return;
    }
    say(QString::fromStdString(status.error().sentence()), true);
  }
  model_.startNew();
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
  const auto status = model_.save(path);
  if (!status) {
    say(QString::fromStdString(status.error().sentence()), true);
    return false;
  }
  const QString& aside = model_.putAside();
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

void MainWindow::showJobsMenu(const QPoint& at) {
  auto* menu = new QMenu(this);
  menu->setAttribute(Qt::WA_DeleteOnClose);
  menu->setObjectName(QStringLiteral("jobsMenu"));
  menu->addAction(tr("New job"), QKeySequence::New, this, [this] {
    model_.startNew();
    showView(kIntake);
  });
  menu->addAction(tr("Open..."), QKeySequence::Open, this, [this] { askForJob(); });
  menu->addAction(tr("Save"), QKeySequence::Save, this, [this] { save(); });
  menu->addAction(tr("Save as..."), this, [this] { save(true); });
  menu->addAction(tr("Demo job"), this, [this] { openDemo(); });
  menu->addSeparator();
  menu->addAction(tr("Preferences..."), this, [this] { editPreferences(); });
  menu->addAction(tr("Keys"), QKeySequence::HelpContents, this, [this] { showKeys(); });
  menu->addAction(tr("About Hay Bale"), this, [this] { openDialog(new AboutDialog(this)); });
  menu->addSeparator();
  const QStringList recent = recentJobs();
  if (recent.isEmpty()) {
    menu->addAction(tr("No recent jobs"))->setEnabled(false);
  }
  for (const auto& name : recent) {
    const bool unsaved = name.startsWith(QStringLiteral("unsaved:"));
    const auto kept = unsaved ? readAutosave(name.mid(8)) : std::nullopt;
    const QString text =
        unsaved ? tr("%1 (no file yet)").arg(kept ? QString::fromStdString(kept->job.title) : name)
                : QDir::toNativeSeparators(name);
    menu->addAction(text, this, [this, name, unsaved] {
      const auto status = unsaved ? model_.openKept(name.mid(8)) : model_.open(name);
      if (!status) {
        say(QString::fromStdString(status.error().sentence()), true);
      }
    });
  }
  menu->popup(at);
}

void MainWindow::editPreferences() {
  auto* dialog = new PreferencesDialog(preferences(), this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  connect(dialog, &QDialog::accepted, this, [this, dialog] {
    const auto status = keepPreferences(dialog->chosen());
    say(status ? tr("New jobs begin with this. The job that is open keeps its own.")
               : QString::fromStdString(status.error().sentence()),
        !status);
  });
  dialog->open();
}

}  // namespace haybale::app
