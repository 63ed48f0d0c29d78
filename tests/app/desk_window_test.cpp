// At home on the desktop: the menu by mouse and by Alt, help and its search, keys of a view, size
// of everything, colours, the page to be read from afar, printing, the log, what is said after a
// crash.
#include <QAction>
#include <QClipboard>
#include <QListWidget>
#include <QMenu>
#include <QPrinter>
#include <QProcess>
#include <QSignalSpy>
#include <QTabWidget>
#include <QTextBrowser>
#include <filesystem>

#include "app/far/far_page.h"
#include "app/far/voice.h"
#include "app/help/about_dialog.h"
#include "app/help/help_pages.h"
#include "app/help/help_window.h"
#include "app/help/keys_dialog.h"
#include "app/line/meter_dialog.h"
#include "app/model/program_log.h"
#include "app/model/running_mark.h"
#include "app/parts/drag_out.h"
#include "app/parts/preferences_dialog.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Desk : public Window {
 protected:
  QMenu* openMenu() {
    QTest::keyPress(window.get(), Qt::Key_Alt, Qt::AltModifier);
    QTest::keyRelease(window.get(), Qt::Key_Alt);
    return window->findChild<QMenu*>(QStringLiteral("menu"));
  }
  // Every entry of a menu and of the menus below it.
  static QStringList entries(const QMenu& menu) {
    QStringList out;
    for (const auto* action : menu.actions()) {
      if (action->menu()) {
        out << entries(*action->menu());
      } else if (!action->isSeparator()) {
        out << action->text();
      }
    }
    return out;
  }
  template <class Dialog>
  Dialog* shown() {
    for (auto* dialog : window->findChildren<Dialog*>()) {
      if (dialog->isVisible()) {
        return dialog;
      }
    }
    return nullptr;
  }
};

TEST_F(Desk, AltOpensAMenuWithEverythingThatCanBeAskedOfTheWindow) {
  auto* menu = openMenu();
  ASSERT_NE(menu, nullptr);
  EXPECT_TRUE(menu->isVisible());
  const auto all = entries(*menu);
  for (const char* wanted :
       {"New job", "Open...", "Save", "Undo", "Preferences...", "Help for this view",
        "Keys of this view", "About Hay Bale, licences", "Everything larger", "Read from afar",
        "Print the report...", "Program log", "Quit", "Practice"}) {
    EXPECT_TRUE(all.contains(QLatin1String(wanted))) << wanted;
  }
  menu->close();
  // Alt as a part of another key opens nothing.
  QTest::keyPress(window.get(), Qt::Key_Alt, Qt::AltModifier);
  QTest::keyPress(window.get(), Qt::Key_F, Qt::AltModifier);
  QTest::keyRelease(window.get(), Qt::Key_F, Qt::AltModifier);
  QTest::keyRelease(window.get(), Qt::Key_Alt);
  settle();
  const auto* second = window->findChild<QMenu*>(QStringLiteral("menu"));
  EXPECT_TRUE(!second || !second->isVisible());
  click(find<QAbstractButton>("rail.menu"));
  ASSERT_NE(window->findChild<QMenu*>(QStringLiteral("menu")), nullptr);
  window->findChild<QMenu*>(QStringLiteral("menu"))->close();
}

TEST_F(Desk, F1OpensTheHelpOfTheViewAndItsSearchFindsAPage) {
  window->showView(MainWindow::kTrace);
  QTest::keyClick(window.get(), Qt::Key_F1);
  auto* help = shown<HelpWindow>();
  ASSERT_NE(help, nullptr);
  auto* text = help->findChild<QTextBrowser*>(QStringLiteral("help.text"));
  EXPECT_TRUE(text->toPlainText().startsWith(QStringLiteral("Recording and reading a trace")));
  auto* search = help->findChild<QLineEdit*>(QStringLiteral("help.search"));
  QTest::keyClicks(search, QStringLiteral("ghost volts"));
  auto* list = help->findChild<QListWidget*>(QStringLiteral("help.pages"));
  ASSERT_EQ(list->count(), 1);
  EXPECT_EQ(list->item(0)->text(), QStringLiteral("Traps of the trade"));
  EXPECT_EQ(text->textCursor().selectedText().toLower(), QStringLiteral("ghost"));
  QTest::keyClicks(search, QStringLiteral(" zebra"));
  EXPECT_EQ(list->count(), 0);
  EXPECT_TRUE(text->toPlainText().contains(QStringLiteral("Try fewer")));
  help->close();
}

TEST_F(Desk, TheHelpIsWholeAndTrue) {
  ASSERT_GE(helpPages().size(), 16U);
  for (const auto& page : helpPages()) {
    EXPECT_FALSE(page.title.isEmpty()) << page.id.toStdString();
    EXPECT_GT(page.text.size(), 300) << page.id.toStdString();
    // Pictures it speaks of are there.
    static const QRegularExpression picture(QStringLiteral(R"(!\[[^\]]*\]\(([^)]+)\))"));
    for (auto it = picture.globalMatch(page.text); it.hasNext();) {
      EXPECT_TRUE(QFile::exists(QStringLiteral(":/help/") + it.next().captured(1)));
    }
  }
  // What it says may be typed can be typed.
  window->openDemo();
  const auto readings = std::find_if(helpPages().begin(), helpPages().end(), [](const auto& p) {
    return p.id == QLatin1String("readings");
  });
  ASSERT_NE(readings, helpPages().end());
  const std::string line = "C2 a gnd 4.98V key on unplugged";
  ASSERT_NE(readings->text.toStdString().find(line), std::string::npos);
  typeReading(line.c_str());
  settle();
  EXPECT_EQ(job().evidence.size(), 6U);
}

TEST_F(Desk, AQuestionMarkShowsTheKeysOfTheViewButIsALetterInABox) {
  window->showView(MainWindow::kTrace);
  QTest::keyClick(window.get(), Qt::Key_Question);
  auto* keys = shown<KeysDialog>();
  ASSERT_NE(keys, nullptr);
  bool own = false;
  for (const auto* label : keys->findChildren<QLabel*>()) {
    own = own || label->text().contains(QStringLiteral("set a cursor"));
  }
  EXPECT_TRUE(own);
  keys->close();
  settle();
  window->showView(MainWindow::kBook);
  auto* box = find<QLineEdit>("book.search");
  box->setFocus();
  QTest::keyClicks(box, QStringLiteral("?"));
  EXPECT_EQ(box->text(), QStringLiteral("?"));
  EXPECT_EQ(shown<KeysDialog>(), nullptr);
}

TEST_F(Desk, AboutHasTheLicencesInFull) {
  window->findChild<QAction*>(QStringLiteral("action.about"))->trigger();
  auto* about = shown<AboutDialog>();
  ASSERT_NE(about, nullptr);
  EXPECT_EQ(about->findChild<QTabWidget*>(QStringLiteral("about.tabs"))->count(), 3);
  bool gpl = false;
  bool ofl = false;
  for (const auto* text : about->findChildren<QPlainTextEdit*>()) {
    gpl = gpl || text->toPlainText().contains(QStringLiteral("END OF TERMS AND CONDITIONS"));
    ofl = ofl || text->toPlainText().contains(QStringLiteral("SIL OPEN FONT LICENSE"));
  }
  EXPECT_TRUE(gpl);
  EXPECT_TRUE(ofl);
  about->close();
}

TEST_F(Desk, CtrlPlusAndMinusKeepASizeAndAskForAFreshStart) {
  QSignalSpy fresh(window.get(), &MainWindow::freshStartWanted);
  QTest::keyClick(window.get(), Qt::Key_Plus, Qt::ControlModifier);
  QTest::keyClick(window.get(), Qt::Key_Plus, Qt::ControlModifier);
  EXPECT_EQ(programSettings().scalePercent, 120);
  EXPECT_EQ(fresh.count(), 2);
  QTest::keyClick(window.get(), Qt::Key_0, Qt::ControlModifier);
  EXPECT_EQ(programSettings().scalePercent, 100);
  for (int i = 0; i < 5; ++i) {
    QTest::keyClick(window.get(), Qt::Key_Minus, Qt::ControlModifier);
  }
  EXPECT_EQ(programSettings().scalePercent, kLeastScale) << "not below what can be read";
}

// The same job stands there afterwards, also one in which nothing was done yet.
TEST_F(Desk, AFreshStartOpensTheJobThatWasOpen) {
  window->openDemo();
  settle();
  const auto title = job().title;
  QTest::keyClick(window.get(), Qt::Key_Plus, Qt::ControlModifier);
  settle();
  reopen();
  window->openLast();
  settle();
  EXPECT_EQ(job().title, title);
  EXPECT_EQ(job().evidence.size(), 5U);
}

// The whole program: pictures are as many pixels larger as was asked for.
TEST_F(Desk, TheProgramIsDrawnAtTheSizeAskedFor) {
  const QString file = QString::fromStdString(folder.file("large.png"));
  QProcess program;
  program.start(
      QStringLiteral(HAYBALE_PROGRAM),
      {QStringLiteral("--demo"), QStringLiteral("--scale"), QStringLiteral("150"),
       QStringLiteral("--size"), QStringLiteral("853x533"), QStringLiteral("--picture"), file});
  ASSERT_TRUE(program.waitForFinished(60000));
  EXPECT_EQ(program.exitCode(), 0) << program.readAllStandardError().toStdString();
  const QImage picture(file);
  EXPECT_NEAR(picture.width(), 1280, 2);
  EXPECT_NEAR(picture.height(), 800, 2);
  program.start(QStringLiteral(HAYBALE_PROGRAM), {QStringLiteral("--scale"), QStringLiteral("9")});
  ASSERT_TRUE(program.waitForFinished(60000));
  EXPECT_EQ(program.exitCode(), 2);
}

TEST_F(Desk, PreferencesOfTheProgramAreKeptAndADamagedFileIsPutAside) {
  PreferencesDialog dialog(preferences(), programSettings(), window.get());
  dialog.findChild<QComboBox*>(QStringLiteral("preferences.theme"))->setCurrentIndex(2);
  dialog.findChild<QCheckBox*>(QStringLiteral("preferences.voice"))->setChecked(true);
  window->useSettings(dialog.program());
  EXPECT_EQ(ThemeHub::instance().theme(), picture::Theme::night);
  EXPECT_TRUE(programSettings().voice);
  EXPECT_EQ(programSettings().theme, ThemeChoice::night);
  const std::string file = folder.file("state") + "/program.json";
  for (const char* odd : {R"({"scale_percent": 9000, "theme": 7, "sound": "x"})", "{}"}) {
    test::write(file, odd);
    const auto read = programSettings();
    EXPECT_LE(read.scalePercent, kMostScale) << odd;
    EXPECT_TRUE(read.sound) << odd;
  }
  test::write(file, "[ hay");
  EXPECT_EQ(programSettings(), [] {
    ProgramSettings usual;
    return usual;
  }());
  EXPECT_EQ(test::read(file + ".damaged"), "[ hay");
}

// Where a desk reads miles, so do steps, entries and readings; the job keeps km/h.
TEST_F(Desk, MilesAreShownAndTypedWhereTheDeskReadsThem) {
  PreferencesDialog dialog(preferences(), programSettings(), window.get());
  dialog.findChild<QComboBox*>(QStringLiteral("preferences.units"))->setCurrentIndex(3);
  int fresh = 0;
  QObject::connect(window.get(), &MainWindow::freshStartWanted, [&] { ++fresh; });
  window->useSettings(dialog.program());
  EXPECT_EQ(fresh, 1);
  EXPECT_EQ(programSettings().units, UnitChoice::mphFahrenheit);
  useUnits(programSettings().units);
  MainWindow american;
  american.openDemo();
  american.showView(MainWindow::kSwap);
  american.model().settle(true);
  auto* fed = american.findChild<QDoubleSpinBox*>(QStringLiteral("inject.kmh"));
  EXPECT_EQ(fed->suffix(), QStringLiteral(" mph"));
  fed->setValue(20);
  american.findChild<QDoubleSpinBox*>(QStringLiteral("inject.seen"))->setValue(20);
  american.findChild<QPushButton*>(QStringLiteral("inject.keep"))->click();
  const auto& kmh = american.model().job().evidence.back().reading.kmh;
  ASSERT_EQ(kmh.size(), 1U);
  EXPECT_NEAR(kmh[0].second, 32.187, 0.001);
  useUnits(UnitChoice::kmhCelsius);
}

TEST_F(Desk, TheShopsMarkStandsOnItsReports) {
  const QString from = QString::fromStdString(folder.file("barn.png"));
  QImage mark(1500, 300, QImage::Format_RGB32);
  mark.fill(QColor(200, 30, 160));
  ASSERT_TRUE(mark.save(from));
  PreferencesDialog dialog(preferences(), programSettings(), window.get());
  nextOpen = QString::fromStdString(folder.file("state/none.png"));
  click(dialog.findChild<QPushButton*>(QStringLiteral("preferences.mark.choose")));
  auto* shown = dialog.findChild<QLabel*>(QStringLiteral("preferences.mark"));
  EXPECT_TRUE(shown->text().contains(QStringLiteral("none.png"))) << "what cannot be read is said";
  nextOpen = from;
  click(dialog.findChild<QPushButton*>(QStringLiteral("preferences.mark.choose")));
  EXPECT_FALSE(shown->pixmap().isNull());
  ASSERT_HB_OK(keepPreferences(dialog.chosen()));
  // It stays when what it was taken from goes.
  ASSERT_TRUE(QFile::remove(from));
  const QImage kept(preferences().mark);
  EXPECT_EQ(kept.width(), 640);
  window->openDemo();
  settle();
  window->showView(MainWindow::kClose);
  click(find<QPushButton>("close.page.report"));
  settle();
  const QImage page = find<QLabel>("report.page1")->pixmap().toImage();
  int pixels = 0;
  for (int y = 0; y < page.height() / 6; ++y) {
    for (int x = page.width() / 2; x < page.width(); ++x) {
      pixels += QColor(page.pixel(x, y)).red() > 180 && QColor(page.pixel(x, y)).green() < 60;
    }
  }
  EXPECT_GT(pixels, 4000) << "at the right of the head";
  nextSave = QString::fromStdString(folder.file("r.html"));
  click(find<QPushButton>("report.html"));
  EXPECT_NE(test::read(folder.file("r.html")).find("<img class=\"mark\""), std::string::npos);
  PreferencesDialog again(preferences(), programSettings(), window.get());
  click(again.findChild<QPushButton*>(QStringLiteral("preferences.mark.none")));
  ASSERT_HB_OK(keepPreferences(again.chosen()));
  EXPECT_TRUE(preferences().mark.isEmpty());
}

TEST_F(Desk, TheMetersThatAreOwnedComeFirst) {
  PreferencesDialog dialog(preferences(), programSettings(), window.get());
  auto* list = dialog.findChild<QListWidget*>(QStringLiteral("preferences.meters"));
  ASSERT_GE(list->count(), 3);
  const QString last = list->item(list->count() - 1)->text();
  list->item(list->count() - 1)->setCheckState(Qt::Checked);
  auto* usual = dialog.findChild<QComboBox*>(QStringLiteral("preferences.meter"));
  EXPECT_EQ(usual->count(), 2) << "the one in force and the one owned";
  usual->setCurrentIndex(1);
  // One more is described on the spot, and is owned.
  click(dialog.findChild<QPushButton*>(QStringLiteral("preferences.meters.add")));
  auto* describe = dialog.findChild<MeterDialog*>();
  ASSERT_NE(describe, nullptr);
  describe->findChild<QLineEdit*>(QStringLiteral("meter.name"))
      ->setText(QStringLiteral("barn no 2"));
  click(describe->findChild<QPushButton*>(QStringLiteral("meter.use")));
  ASSERT_HB_OK(keepPreferences(dialog.chosen()));
  const auto p = preferences();
  EXPECT_EQ(p.ownedMeters, (std::vector<std::string>{last.toStdString(), "barn no 2"}));
  EXPECT_EQ(p.meter.name, last.toStdString());
  MeterDialog job(p.meter, window.get());
  auto* choice = job.findChild<QComboBox*>(QStringLiteral("meter.choice"));
  EXPECT_EQ(QSet<QString>({choice->itemText(1), choice->itemText(2)}),
            QSet<QString>({last, QStringLiteral("barn no 2")}));
  window->model().files().startNew();
  EXPECT_EQ(window->model().job().meter.name, last.toStdString());
}

TEST_F(Desk, ThePageFromAfarSaysTheNextMoveLargeAndAloud) {
  window->openDemo();
  settle();
  QStringList said;
  window->far().voice().instead = [&](const QString& sentence) { said << sentence; };
  QTest::keyClick(window.get(), Qt::Key_F11);
  ASSERT_TRUE(window->far().isVisible());
  EXPECT_EQ(label("far.big"), assessment().proposals.front().title);
  EXPECT_GE(find<QLabel>("far.big")->font().pixelSize(), 26);
  EXPECT_TRUE(said.isEmpty()) << "silent unless wanted";
  click(find<QPushButton>("far.say"));
  ASSERT_EQ(said.size(), 1);
  // The caution comes before the deed.
  EXPECT_TRUE(said[0].startsWith(QString::fromStdString(label("far.caution"))));
  // All of it is on the page, at a small size too.
  for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
    window->resize(size);
    settle();
    for (const char* part : {"far.big", "far.body", "far.caution", "far.last"}) {
      auto* text = find<QLabel>(part);
      const QRect needed = text->fontMetrics().boundingRect(
          QRect(0, 0, text->contentsRect().width(), 10000), Qt::TextWordWrap, text->text());
      EXPECT_LE(needed.height(), text->contentsRect().height() + 2) << part;
    }
  }
  // A new reading is a new move.
  const auto before = label("far.big");
  ASSERT_HB_OK(
      window->model().entries().enter(QStringLiteral("1.1k"), assessment().proposals.front().test));
  settle();
  EXPECT_NE(label("far.big"), before);
  QTest::keyClick(&window->far(), Qt::Key_Escape);
  EXPECT_FALSE(window->far().isVisible());
}

TEST_F(Desk, TheReportIsPrinted) {
  window->openDemo();
  settle();
  const QString file = QString::fromStdString(folder.file("printed.pdf"));
  dialogs().print = [&](QWidget*, QPrinter& printer) {
    printer.setOutputFormat(QPrinter::PdfFormat);
    printer.setOutputFileName(file);
    return true;
  };
  QTest::keyClick(window.get(), Qt::Key_P, Qt::ControlModifier);
  EXPECT_EQ(test::read(file.toStdString()).substr(0, 4), "%PDF");
  const std::string text = folder.file("printed.txt");
  ASSERT_EQ(std::system(("pdftotext -layout " + file.toStdString() + " " + text).c_str()), 0);
  EXPECT_NE(test::read(text).find("page 1 of "), std::string::npos) << test::read(text);
  EXPECT_NE(label("notice").find("printed"), std::string::npos);
}

// The list of the desktop: a job that is saved stands in it once, the latest; what others wrote
// there stays.
TEST_F(Desk, AJobStandsInTheDesktopsListOfRecentFiles) {
  qputenv("XDG_DATA_HOME", QByteArray::fromStdString(folder.file("data")));
  const std::string list = folder.file("data") + "/recently-used.xbel";
  std::filesystem::create_directories(folder.file("data"));
  test::write(list,
              "<?xml version=\"1.0\"?>\n<xbel version=\"1.0\">\n  <bookmark href=\"file:///other\">"
              "</bookmark>\n</xbel>\n");
  window->openDemo();
  for (int n = 0; n < 2; ++n) {
    ASSERT_HB_OK(window->model().files().save(
        QString::fromStdString(folder.file("a job & more.haybale.json"))));
  }
  const auto text = test::read(list);
  EXPECT_NE(text.find("file:///other"), std::string::npos);
  const auto first = text.find("a%20job%20&amp;%20more");
  ASSERT_NE(first, std::string::npos) << text;
  EXPECT_EQ(text.find("a%20job%20&amp;%20more", first + 1), std::string::npos) << "once";
  // Another program takes it for XML.
  EXPECT_EQ(std::system(("python3 -c \"import xml.dom.minidom,sys; "
                         "xml.dom.minidom.parse(sys.argv[1])\" " +
                         list)
                            .c_str()),
            0);
  test::write(list, "no list at all");
  ASSERT_HB_OK(window->model().files().save(QString::fromStdString(folder.file("b.haybale.json"))));
  EXPECT_EQ(test::read(list), "no list at all");
  qunsetenv("XDG_DATA_HOME");
}

TEST_F(Desk, ATraceAndThePictureOfTheLineAreDraggedOut) {
  window->openDemo();
  settle();
  for (const auto& [view, name, ending] : {std::tuple{MainWindow::kTrace, "trace.export", ".csv"},
                                           std::tuple{MainWindow::kLine, "line.picture", ".png"}}) {
    window->showView(view);
    settle();
    auto* button = find<QAbstractButton>(name);
    auto* drag = button->findChild<DragOut*>();
    ASSERT_NE(drag, nullptr);
    QString dragged;
    drag->instead = [&](const QString& file) { dragged = file; };
    QTest::mousePress(button, Qt::LeftButton, {}, {8, 8});
    QTest::mouseMove(button, {60, 30});
    QMouseEvent move(QEvent::MouseMove, QPointF(60, 30), QPointF(60, 30), Qt::NoButton,
                     Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(button, &move);
    ASSERT_TRUE(dragged.endsWith(QLatin1String(ending))) << name;
    EXPECT_GT(QFile(dragged).size(), 1000);
    QTest::mouseRelease(button, Qt::LeftButton, {}, {60, 30});
  }
  nextSave = QString::fromStdString(folder.file("line.svg"));
  click(find<QPushButton>("line.picture"));
  EXPECT_NE(test::read(folder.file("line.svg")).find("<svg"), std::string::npos);
}

TEST_F(Desk, TheVerdictIsCopiedAsText) {
  window->openDemo();
  settle();
  QTest::keyClick(window.get(), Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
  EXPECT_TRUE(QGuiApplication::clipboard()->text().contains(
      QString::fromStdString(assessment().conclusion.headline)));
}

TEST_F(Desk, TheLogNamesNoFilesAndNoJobs) {
  EXPECT_EQ(withoutPaths(QStringLiteral("/home/ann/My jobs/Ann's cart.haybale.json: line 3: no")),
            QStringLiteral("<file>: line 3: no"));
  EXPECT_EQ(withoutPaths(QStringLiteral("cannot read plate-AB12.csv; try again")),
            QStringLiteral("cannot read <file>; try again"));
  window->openDemo();
  window->say(QStringLiteral("The job Bale cart no. 7, rear right in /home/ann/x.json is odd"),
              true);
  const auto log = test::read(logFile().toStdString());
  EXPECT_NE(log.find("is odd"), std::string::npos);
  EXPECT_EQ(log.find("Bale cart"), std::string::npos) << log;
  EXPECT_EQ(log.find("/home"), std::string::npos) << log;
  // It does not grow for ever.
  test::write(logFile().toStdString(), std::string(600 * 1024, 'x'));
  logLine(QStringLiteral("one more"));
  EXPECT_LT(test::read(logFile().toStdString()).size(), 200U);
  EXPECT_GT(test::read(folder.file("state") + "/log/haybale.1.log").size(), 500U * 1024);
}

// A process that is killed leaves its mark; the next start says what it brought back, once.
TEST_F(Desk, AfterACrashTheNextStartSaysWhatItBroughtBack) {
  {
    const RunningMark sound;
    EXPECT_FALSE(sound.crashedBefore());
  }
  QProcess program;
  program.start(QStringLiteral(HAYBALE_PROGRAM), {QStringLiteral("--demo")});
  ASSERT_TRUE(program.waitForStarted());
  const QString running =
      QString::fromStdString(folder.file("state")) + QStringLiteral("/running/%1");
  ASSERT_TRUE(
      QTest::qWaitFor([&] { return QFile::exists(running.arg(program.processId())); }, 20000));
  {
    const RunningMark beside;
    EXPECT_FALSE(beside.crashedBefore()) << "the other one still runs";
  }
  program.kill();
  program.waitForFinished();
  {
    const RunningMark after;
    EXPECT_TRUE(after.crashedBefore());
  }
  const RunningMark again;
  EXPECT_FALSE(again.crashedBefore());
  window->openDemo();
  window->tellBroughtBack();
  EXPECT_NE(label("notice").find("Bale cart no. 7, rear right"), std::string::npos);
}

}  // namespace
}  // namespace haybale::app
