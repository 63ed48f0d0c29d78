// Everything that can be asked of the window as a whole: actions with their keys, the menu that
// holds them, preferences, help.
#include <QAction>
#include <QClipboard>
#include <QDir>
#include <QGuiApplication>
#include <QMenu>

#include "app/book/book_view.h"
#include "app/far/far_page.h"
#include "app/frame/main_window.h"
#include "app/frame/next_panel.h"
#include "app/frame/rail.h"
#include "app/help/about_dialog.h"
#include "app/help/help_window.h"
#include "app/help/keys_dialog.h"
#include "app/line/line_view.h"
#include "app/parts/preferences_dialog.h"
#include "app/style/theme.h"
#include "app/style/words.h"

namespace haybale::app {

namespace {

// The page of the help that belongs to a view.
const char* helpOf(MainWindow::View view) {
  switch (view) {
    case MainWindow::kIntake:
      return "start";
    case MainWindow::kLine:
      return "line";
    case MainWindow::kTrace:
      return "trace";
    case MainWindow::kSwap:
      return "swap";
    case MainWindow::kClose:
      return "close";
    case MainWindow::kBook:
      return "logbook";
    case MainWindow::kPractice:
    case MainWindow::kViews:
      break;
  }
  return "practice";
}

void openDialog(QDialog* dialog) {
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->open();
}

// What somebody else is told about the job, in a few lines.
QString verdictText(const JobModel& model) {
  const auto& conclusion = model.assessment().conclusion;
  QStringList lines{q(model.job().title), q(conclusion.headline), q(conclusion.action)};
  for (const auto& reason : conclusion.reasons) {
    lines << QStringLiteral("- ") + q(reason);
  }
  lines.removeAll(QString());
  return lines.join(QLatin1Char('\n'));
}

QString readingsText(const JobModel& model) {
  QStringList lines;
  for (const auto& view : model.assessment().views) {
    if (!view.withdrawn) {
      lines << QStringLiteral("%1: %2: %3 (%4)")
                   .arg(q(view.circuit), q(view.title), q(view.shown), q(view.reason));
    }
  }
  return lines.join(QLatin1Char('\n'));
}

}  // namespace

// In practice no key reaches the real job.
void MainWindow::undoHere() {
  if (view() == kPractice) {
    practice_->undo();
  } else {
    model_.undoStack()->undo();
  }
}

void MainWindow::makeActions() {
  const struct {
    const char* name;
    QString text;
    QList<QKeySequence> keys;
    std::function<void()> run;
  } table[] = {
      {"undo", tr("Undo"), {QKeySequence::Undo}, [this] { undoHere(); }},
      {"redo",
       tr("Redo"),
       {QKeySequence::Redo},
       [this] {
         if (view() != kPractice) {
           model_.undoStack()->redo();
         }
       }},
      {"save", tr("Save"), {QKeySequence::Save}, [this] { save(); }},
      {"saveAs", tr("Save as..."), {QKeySequence::SaveAs}, [this] { save(true); }},
      {"open", tr("Open..."), {QKeySequence::Open}, [this] { askForJob(); }},
      {"new",
       tr("New job"),
       {QKeySequence::New},
       [this] {
         model_.files().startNew();
         showView(kIntake);
       }},
      {"demo", tr("Demo job"), {}, [this] { openDemo(); }},
      {"print", tr("Print the report..."), {QKeySequence::Print}, [this] { printReport(); }},
      {"quit", tr("Quit"), {QKeySequence::Quit}, [this] { close(); }},
      {"find",
       tr("Find a job"),
       {QKeySequence::Find},
       [this] {
         logbook_->showPage(BookView::kJobs);
         showView(kBook);
       }},
      {"copyVerdict",
       tr("Copy the verdict as text"),
       {QKeySequence(QStringLiteral("Ctrl+Shift+C"))},
       [this] { QGuiApplication::clipboard()->setText(verdictText(model_)); }},
      {"copyReadings",
       tr("Copy the readings as text"),
       {},
       [this] { QGuiApplication::clipboard()->setText(readingsText(model_)); }},
      {"preferences",
       tr("Preferences..."),
       {QKeySequence(QStringLiteral("Ctrl+,"))},
       [this] { editPreferences(); }},
      {"help", tr("Help for this view"), {QKeySequence(Qt::Key_F1)}, [this] { showHelp(); }},
      {"keys", tr("Keys of this view"), {QKeySequence(Qt::Key_Question)}, [this] { showKeys(); }},
      {"about", tr("About Hay Bale, licences"), {}, [this] { showAbout(); }},
      {"far", tr("Read from afar"), {QKeySequence(Qt::Key_F11)}, [this] { toggleFar(); }},
      {"larger",
       tr("Everything larger"),
       {QKeySequence(QStringLiteral("Ctrl++")), QKeySequence(QStringLiteral("Ctrl+="))},
       [this] { scaleBy(1); }},
      {"smaller",
       tr("Everything smaller"),
       {QKeySequence(QStringLiteral("Ctrl+-"))},
       [this] { scaleBy(-1); }},
      {"usual", tr("Usual size"), {QKeySequence(QStringLiteral("Ctrl+0"))}, [this] { scaleBy(0); }},
      {"type",
       tr("Type a reading"),
       {QKeySequence(QStringLiteral("Ctrl+L"))},
       [this] {
         showView(kLine);
         line_->focusEntry();
       }},
      {"meter",
       tr("Read the meter"),
       {QKeySequence(QStringLiteral("Ctrl+M"))},
       [this] { hub_.readMeter(model_.selection().test, model_.jobId()); }},
      {"answer",
       tr("Answer the next move"),
       {QKeySequence(QStringLiteral("Ctrl+Return"))},
       [this] {
         if (view() == kTrace || view() == kClose) {
           showView(kLine);
         }
         panel_->focusEntry();
       }},
  };
  for (const auto& row : table) {
    auto* action = new QAction(row.text, this);
    action->setObjectName(QStringLiteral("action.") + QLatin1String(row.name));
    action->setShortcuts(row.keys);
    connect(action, &QAction::triggered, this, row.run);
    addAction(action);
  }
}

QAction* MainWindow::action(const char* name) const {
  return findChild<QAction*>(QStringLiteral("action.") + QLatin1String(name));
}

void MainWindow::showMenu() {
  auto* menu = new QMenu(this);
  menu->setAttribute(Qt::WA_DeleteOnClose);
  menu->setObjectName(QStringLiteral("menu"));
  auto* jobs = menu->addMenu(tr("&Job"));
  fillJobs(jobs);
  jobs->addSeparator();
  jobs->addAction(action("print"));
  jobs->addAction(action("quit"));
  auto* edit = menu->addMenu(tr("&Edit"));
  for (const char* name :
       {"undo", "redo", "type", "answer", "meter", "copyVerdict", "copyReadings"}) {
    edit->addAction(action(name));
  }
  auto* view = menu->addMenu(tr("&View"));
  for (auto* button : rail_->buttons()) {
    view->addAction(button->text(), button, &QAbstractButton::click);
  }
  view->addSeparator();
  for (const char* name : {"far", "larger", "smaller", "usual"}) {
    view->addAction(action(name));
  }
  menu->addAction(action("preferences"));
  auto* help = menu->addMenu(tr("&Help"));
  for (const char* name : {"help", "keys"}) {
    help->addAction(action(name));
  }
  help->addAction(tr("Program log"), this, [this] { showLog(); });
  help->addAction(action("about"));
  auto* button = rail_->menuButton();
  menu->popup(button->mapToGlobal(QPoint(button->width(), 0)));
  menu->setActiveAction(menu->actions().first());
}

void MainWindow::fillJobs(QMenu* menu) {
  for (const char* name : {"new", "open", "find", "save", "saveAs", "demo"}) {
    menu->addAction(action(name));
  }
  menu->addSeparator();
  addRecent(menu);
}

void MainWindow::showJobsMenu(const QPoint& at) {
  auto* menu = new QMenu(this);
  menu->setAttribute(Qt::WA_DeleteOnClose);
  menu->setObjectName(QStringLiteral("jobsMenu"));
  fillJobs(menu);
  menu->popup(at);
}

void MainWindow::addRecent(QMenu* menu) {
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
      const auto status =
          unsaved ? model_.files().openKept(name.mid(8)) : model_.files().open(name);
      if (!status) {
        say(QString::fromStdString(status.error().sentence()), true);
      }
    });
  }
}

void MainWindow::editPreferences() {
  auto* dialog = new PreferencesDialog(preferences(), programSettings(), this);
  connect(dialog, &PreferencesDialog::said, this, &MainWindow::say);
  connect(dialog, &QDialog::accepted, this, [this, dialog] {
    const auto status = keepPreferences(dialog->chosen());
    say(status ? tr("New jobs begin with this. The job that is open keeps its own.")
               : QString::fromStdString(status.error().sentence()),
        !status);
    useSettings(dialog->program());
  });
  openDialog(dialog);
}

void MainWindow::useSettings(const ProgramSettings& settings) {
  const auto before = programSettings();
  if (const auto status = keepProgramSettings(settings); !status) {
    say(QString::fromStdString(status.error().sentence()), true);
    return;
  }
  if (const auto theme = ThemeHub::themeOf(settings.theme); theme != ThemeHub::instance().theme()) {
    ThemeHub::instance().apply(theme);
  }
  if (settings.scalePercent != before.scalePercent) {
    say(tr("Everything at %1 %: the window opens anew.").arg(settings.scalePercent), false);
  }
  if (settings.scalePercent != before.scalePercent || settings.language != before.language ||
      settings.units != before.units) {
    hub_.closeYard();  // a made-up vehicle does not outlive it; the real job does
    model_.files().keepForNextStart();
    emit freshStartWanted();
  }
}

// By so many steps; back to the usual size for none.
void MainWindow::scaleBy(int steps) {
  auto settings = programSettings();
  settings.scalePercent =
      steps == 0 ? 100
                 : std::clamp(settings.scalePercent + steps * kScaleStep, kLeastScale, kMostScale);
  useSettings(settings);
}

void MainWindow::showKeys() {
  openDialog(new KeysDialog(static_cast<KeysOf>(view()), this));
}

void MainWindow::showHelp() {
  if (!help_) {
    help_ = new HelpWindow(this);
  }
  help_->showPage(QLatin1String(helpOf(view())));
  help_->show();
  help_->raise();
  help_->activateWindow();
}

void MainWindow::showAbout() {
  openDialog(new AboutDialog(this));
}

void MainWindow::toggleFar() {
  if (far_->isVisible()) {
    far_->close();
    return;
  }
  const View now = view();
  far_->open(
      [this, now] {
        return now == kTrace   ? farTrace(model_)
               : now == kClose ? farClosing(model_)
                               : farMove(model_);
      },
      programSettings().voice);
}

}  // namespace haybale::app
