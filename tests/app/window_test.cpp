// Drives the real window: clicks, typing, drops; then looks at the case and at what is shown.
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QPlainTextEdit>

#include "app/frame/next_panel.h"
#include "app/model/preferences.h"
#include "app/parts/preferences_dialog.h"
#include "app/report/report_view.h"
#include "app/trace/dial_panel.h"
#include "app/trace/lanes_widget.h"
#include "core/base/json.h"
#include "core/capture/open.h"
#include "core/job/case_json.h"
#include "core/signal/substitute.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

QString demoFile(const char* name) {
  return QStringLiteral(HAYBALE_SOURCE_DIR "/demo/") + QString::fromLatin1(name);
}

// The whole way once: demo, place, 4M8, fail with its reason, undo, capture, finding, save, reopen.
TEST_F(Window, FromTheDemoToASavedJobAndBack) {
  window->openDemo();
  const auto before = job().evidence.size();
  clickPlace("C1.wheel-side:a");
  EXPECT_EQ(window->model().selection().test.red->place.element, "C1");
  click(find<QPushButton>("line.ohms"));
  typeReading("4M8");
  ASSERT_EQ(job().evidence.size(), before + 1);
  EXPECT_DOUBLE_EQ(job().evidence.back().reading.value->value, 4.8e6);
  EXPECT_EQ(toText(job().evidence.back().test.red->place), "C1.wheel-side");
  const std::string reason = label("line.reason");
  EXPECT_TRUE(
      reason.starts_with("fail: 4.8 MΩ is above the limit 0.80 to 2.50 kΩ (common practice)"))
      << reason;
  EXPECT_NE(find<BoardWidget>("board")->scene().spot("evidence:" + job().evidence.back().id),
            nullptr)
      << "the card hangs on the board";

  click(find<QPushButton>("strip.undo"));
  EXPECT_EQ(job().evidence.size(), before);
  click(find<QPushButton>("strip.redo"));
  EXPECT_EQ(job().evidence.size(), before + 1);

  const QString capture = QString::fromStdString(folder.file("second.csv"));
  ASSERT_TRUE(QFile::copy(demoFile("bale-cart-7-RR.csv"), capture));
  dropFile(find<QWidget>("chip.RR"), capture);
  EXPECT_EQ(job().evidence.size(), before + 2);
  EXPECT_EQ(window->view(), MainWindow::kTrace);
  EXPECT_NE(label("finding.weak-output").find("RR, fault: RR gives 17 % of the output of RL"),
            std::string::npos);
  EXPECT_NE(find<LanesWidget>("lanes")->scene().spot("lane:RR"), nullptr);

  nextSave = QString::fromStdString(folder.file("cart.haybale.json"));
  QTest::keyClick(window.get(), Qt::Key_S, Qt::ControlModifier);
  ASSERT_TRUE(QFile::exists(nextSave));
  EXPECT_EQ(label("strip.saved"), "saved in cart.haybale.json");
  const Json saved = job::toJson(job());

  reopen();
  window->openPath(nextSave);
  EXPECT_EQ(job::toJson(job()), saved);
  EXPECT_EQ(assessment().views.back().verdict, judging::Verdict::fail);
  window->showView(MainWindow::kTrace);
  EXPECT_NE(label("finding.weak-output").find("17 %"), std::string::npos)
      << "the capture was found again";
}

TEST_F(Window, AWholeLineMayBeTypedAndIsEchoed) {
  window->openDemo();
  auto* entry = find<QLineEdit>("line.entry");
  QTest::keyClicks(entry, QStringLiteral("C2 b gnd 0.02V key on unplugged"));
  EXPECT_EQ(label("line.echo"),
            "reads as: C2, module half, wire b to ground, 20 mV DC, key on, C2 unplugged");
  QTest::keyClick(entry, Qt::Key_Return);
  EXPECT_EQ(job().evidence.back().test.kind, circuit::TestKind::dcVoltage);
  EXPECT_EQ(job().evidence.back().test.red->wire, circuit::WireId::b);
  EXPECT_TRUE(entry->text().isEmpty());
}

TEST_F(Window, ABadEntryStaysInTheBoxAndSaysWhatWouldBeRight) {
  window->openDemo();
  const auto before = job().evidence.size();
  click(find<QPushButton>("line.ohms"));
  typeReading("4.8m");
  EXPECT_EQ(job().evidence.size(), before);
  EXPECT_EQ(find<QLineEdit>("line.entry")->text(), QStringLiteral("4.8m"));
  EXPECT_NE(label("line.echo").find("type 4.8M for megohm"), std::string::npos);
  EXPECT_TRUE(find<QLineEdit>("line.entry")->property("bad").toBool());
}

TEST_F(Window, TheBoardIsWorkedByKeysAlone) {
  window->openDemo();
  auto* board = find<BoardWidget>("board");
  board->setFocus();
  QTest::keyClick(board, Qt::Key_Home);
  EXPECT_EQ(window->model().selection().test.red->place.kind, circuit::Place::Kind::modulePlug);
  QTest::keyClick(board, Qt::Key_Right);
  EXPECT_EQ(toText(window->model().selection().test.red->place), "C1.module-side");
  QTest::keyClick(board, Qt::Key_Down);
  EXPECT_EQ(window->model().selection().test.red->wire, circuit::WireId::b);
  QTest::keyClick(board, Qt::Key_End);
  EXPECT_EQ(toText(window->model().selection().test.red->place), "sensor");
  const auto before = job().evidence.size();
  QTest::keyClick(board, Qt::Key_1);
  EXPECT_TRUE(find<QLineEdit>("line.entry")->hasFocus()) << "typing begins a reading";
  QTest::keyClicks(find<QLineEdit>("line.entry"), QStringLiteral("k1"));
  QTest::keyClick(find<QLineEdit>("line.entry"), Qt::Key_Return);
  ASSERT_EQ(job().evidence.size(), before + 1);
  EXPECT_DOUBLE_EQ(job().evidence.back().reading.value->value, 1100);
}

TEST_F(Window, TheNextMoveTakesItsAnswerInThePanel) {
  window->openDemo();
  const auto proposed = assessment().proposals.front().test;
  EXPECT_EQ(proposed.kind, circuit::TestKind::resistance)
      << "a clean, weak sine: the whole pair in one reading parts a gap from a broken wire";
  EXPECT_FALSE(label("side.title").empty());
  auto* entry = find<QLineEdit>("side.entry");
  QTest::keyClicks(entry, proposed.kind == circuit::TestKind::dcVoltage ? QStringLiteral("3.36")
                                                                        : QStringLiteral("4M8"));
  QTest::keyClick(entry, Qt::Key_Return);
  EXPECT_EQ(job().evidence.back().test.kind, proposed.kind);
  EXPECT_EQ(job().evidence.back().test.red, proposed.red);
  const std::string title = label("side.title");
  click(find<QPushButton>("side.later"));
  EXPECT_NE(label("side.title") + label("side.instructions"), title);
  click(find<QPushButton>("side.place"));
  EXPECT_EQ(window->view(), MainWindow::kLine);
}

TEST_F(Window, AReadingIsWithdrawnCountedAgainAndRemoved) {
  window->openDemo();
  typeReading("4M8");
  const std::string id = job().evidence.back().id;
  click(find<QPushButton>("line.withdraw"));
  EXPECT_TRUE(job().evidenceById(id)->withdrawn);
  EXPECT_TRUE(label("line.reason").starts_with("Withdrawn, kept:"));
  click(find<QPushButton>("line.withdraw"));
  EXPECT_FALSE(job().evidenceById(id)->withdrawn);
  click(find<QPushButton>("line.remove"));
  EXPECT_EQ(job().evidenceById(id), nullptr);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_NE(job().evidenceById(id), nullptr);
}

TEST_F(Window, ACaptureOnAnEmptyLaneAndOneThatIsNone) {
  window->model().files().startNew();
  window->showView(MainWindow::kTrace);
  auto* lanes = find<LanesWidget>("lanes");
  const auto* lane = lanes->scene().spot("lane:RL");
  ASSERT_NE(lane, nullptr);
  dropFile(lanes, demoFile("bale-cart-7-RL.csv"), QPoint(400, static_cast<int>(lane->rect.y + 40)));
  ASSERT_EQ(job().evidence.size(), 1U);
  EXPECT_EQ(job().evidence[0].test.circuit, "RL");
  const std::string bad = folder.file("notes.csv");
  test::write(bad, "only words\nand more words\n");
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(bad));
  EXPECT_EQ(job().evidence.size(), 1U);
  EXPECT_NE(label("notice").find("no table of numbers"), std::string::npos);
}

TEST_F(Window, LanesZoomAndPanByKeysAndWheel) {
  window->openDemo();
  window->showView(MainWindow::kTrace);
  auto* lanes = find<LanesWidget>("lanes");
  const double whole = lanes->toS() - lanes->fromS();
  QTest::keyClick(lanes, Qt::Key_Plus);
  EXPECT_NEAR(lanes->toS() - lanes->fromS(), 0.7 * whole, 1e-9);
  const double from = lanes->fromS();
  QTest::keyClick(lanes, Qt::Key_Right);
  EXPECT_GT(lanes->fromS(), from);
  QWheelEvent wheel(QPointF(300, 100), QPointF(300, 100), {}, {0, 120}, Qt::NoButton,
                    Qt::NoModifier, Qt::NoScrollPhase, false);
  QApplication::sendEvent(lanes, &wheel);
  EXPECT_LT(lanes->toS() - lanes->fromS(), 0.6 * whole);
  QTest::keyClick(lanes, Qt::Key_Home);
  EXPECT_NEAR(lanes->toS() - lanes->fromS(), whole, 1e-9);
}

TEST_F(Window, IntakeEditsAreStepsOfUndoAndBadOnesStay) {
  window->openDemo();
  window->showView(MainWindow::kIntake);
  auto* tyre = find<QLineEdit>("intake.tyre");
  tyre->setFocus();
  tyre->selectAll();
  QTest::keyClicks(tyre, QStringLiteral("205/55R16"));
  QTest::keyClick(tyre, Qt::Key_Return);
  EXPECT_EQ(job().tyre, "205/55R16");
  EXPECT_NE(label("intake.tyre.note").find("1.927 m"), std::string::npos);
  tyre->selectAll();
  QTest::keyClicks(tyre, QStringLiteral("round"));
  QTest::keyClick(tyre, Qt::Key_Return);
  EXPECT_EQ(job().tyre, "205/55R16");
  EXPECT_EQ(tyre->text(), QStringLiteral("round"));
  EXPECT_NE(label("intake.tyre.note").find("type it as on the sidewall"), std::string::npos);
  QTest::mouseClick(find<QCheckBox>("intake.when.steering"), Qt::LeftButton, {}, QPoint(8, 13));
  EXPECT_EQ(job().complaint.when.back(), "steering");
  auto* max = find<QLineEdit>("intake.limit0.max");
  max->setFocus();
  max->selectAll();
  QTest::keyClicks(max, QStringLiteral("1k1"));
  QTest::keyClick(max, Qt::Key_Return);
  EXPECT_DOUBLE_EQ(*job().limits[0].max, 1100);
  window->model().undoStack()->undo();
  window->model().undoStack()->undo();
  window->model().undoStack()->undo();
  EXPECT_EQ(job().tyre, "235/75R15");
}

TEST_F(Window, ACircuitIsRenamedWithItsReadings) {
  window->openDemo();
  window->showView(MainWindow::kIntake);
  auto* name = find<QLineEdit>("intake.circuit3.name");
  name->setFocus();
  name->selectAll();
  QTest::keyClicks(name, QStringLiteral("HR"));
  QTest::keyClick(name, Qt::Key_Return);
  EXPECT_EQ(job().suspect, "HR");
  EXPECT_EQ(job().evidence.back().test.circuit, "HR");
  QTest::qWait(1);
  EXPECT_NE(find<QWidget>("chip.HR"), nullptr);
}

TEST_F(Window, ReportIsSavedAsPdfAndHtml) {
  window->openDemo();
  window->showView(MainWindow::kClose);
  click(find<QPushButton>("close.page.report"));
  EXPECT_NE(find<QLabel>("report.page1"), nullptr);
  for (const char* ending : {"pdf", "html"}) {
    nextSave = QString::fromStdString(folder.file("report.")) + QString::fromLatin1(ending);
    click(find<QPushButton>((std::string("report.") + ending).c_str()));
    EXPECT_GT(test::read(nextSave.toStdString()).size(), 5000U);
  }
  nextSave = QStringLiteral("/no/such/folder/report.pdf");
  click(find<QPushButton>("report.pdf"));
  EXPECT_NE(label("notice").find("cannot be written"), std::string::npos);
}

TEST_F(Window, NothingTypedIsLostWhenTheProgramIsClosed) {
  nextSave = QString::fromStdString(folder.file("j.haybale.json"));
  window->openDemo();
  window->save();
  typeReading("4M8");
  QTest::keyClicks(find<QLineEdit>("line.entry"), QStringLiteral("C1 pair 1.1"));
  const Json before = job::toJson(job());
  reopen();
  window->openPath(nextSave);
  EXPECT_EQ(job::toJson(job()), before) << "the reading entered but not saved";
  EXPECT_EQ(find<QLineEdit>("line.entry")->text(), QStringLiteral("C1 pair 1.1"))
      << "the reading half typed";
  EXPECT_NE(label("notice").find("are back"), std::string::npos);
  window->model().undoStack()->undo();
  EXPECT_EQ(job::toJson(job()), job::toJson(*job::loadCase(nextSave.toStdString())))
      << "Undo shows the file as it was saved";
}

TEST_F(Window, AJobNeverSavedIsFoundAmongTheRecentOnes) {
  window->openDemo();
  typeReading("4M8");
  const Json before = job::toJson(job());
  reopen();
  window->openLast();
  EXPECT_EQ(job::toJson(job()), before);
}

// A missing tooth on the trace is named on the dial, and the dial leads back to it on the trace.
TEST_F(Window, TheDialNamesTheToothAndShowsItOnTheTrace) {
  signal::Substitute wanted;
  wanted.kmh = [](double) { return 14.0; };
  wanted.topKmh = 14;
  wanted.durationS = 5;
  wanted.faults = {signal::MissingTooth{13}};
  const std::string file = folder.file("odd.csv");
  ASSERT_TRUE(capture::saveCapture(file, *signal::substitute(wanted)).ok());
  window->openDemo();
  dropFile(find<QWidget>("chip.RR"), QString::fromStdString(file));
  ASSERT_EQ(window->view(), MainWindow::kTrace);
  auto* dial = find<DialWidget>("dial");
  ASSERT_TRUE(dial->isVisible());
  const auto* spot = dial->scene().spot("tooth:13");
  ASSERT_NE(spot, nullptr);
  EXPECT_EQ(spot->tip, "tooth 13, 98\u00B0");
  EXPECT_NE(label("dial.decide").find("look at tooth 13"), std::string::npos);
  auto* lanes = find<LanesWidget>("lanes");
  EXPECT_GT(lanes->toS() - lanes->fromS(), 4);
  click(dial, QPoint(static_cast<int>(spot->rect.x + 8), static_cast<int>(spot->rect.y + 8)));
  // Tooth 13 of 48 at 14 km/h and 1.95 m comes a quarter tooth and thirteen after the start.
  const double at = 13.25 * 1.95 * 3.6 / (14 * 48);
  EXPECT_LT(lanes->toS() - lanes->fromS(), 0.2);
  EXPECT_LT(lanes->fromS(), at);
  EXPECT_GT(lanes->toS(), at);
  window->showView(MainWindow::kLine);
  EXPECT_FALSE(dial->isVisible()) << "on the line the next move stands there";
}

TEST_F(Window, ABrokenJobFileIsRefusedInOneSentence) {
  window->openDemo();
  const std::string title = job().title;
  test::write(folder.file("broken.json"), "{\"format\": \"haybale-case\", \"circuits\": 7}");
  window->openPath(QString::fromStdString(folder.file("broken.json")));
  EXPECT_EQ(job().title, title) << "the job that was open stays";
  EXPECT_NE(label("notice").find("circuits: is not a list"), std::string::npos) << label("notice");
}

TEST_F(Window, BothThemesPaintEveryView) {
  window->openDemo();
  for (const auto theme : {picture::Theme::day, picture::Theme::night}) {
    ThemeHub::instance().apply(theme);
    for (int view = 0; view < MainWindow::kViews; ++view) {
      window->showView(static_cast<MainWindow::View>(view));
      const QImage shot = window->grab().toImage();
      const QColor paper = shot.pixelColor(950, 430);
      EXPECT_EQ(paper.lightness() > 128, theme == picture::Theme::day) << view;
    }
  }
}

// At 1280x800 no line of text of the panel may be cut off.
TEST_F(Window, ThePanelFitsWithoutScrolling) {
  window->openDemo();
  for (const char* reading :
       {"", "module pair 4M8", "C2.w pair 1.10k unplugged", "C1.w pair 4M8 unplugged"}) {
    if (*reading) {
      typeReading(reading);
    }
    QApplication::processEvents();
    auto* side = window->findChild<NextPanel*>();
    EXPECT_EQ(window->height(), 800) << "the window had to grow";
    auto* bars = window->findChild<OutcomeBars*>();
    ASSERT_NE(bars, nullptr);
    EXPECT_GE(bars->height(), bars->sizeHint().height())
        << "rows of outcomes lie over what follows";
    for (auto* text : side->findChildren<QLabel*>()) {
      if (text->isVisible() && text->wordWrap()) {
        EXPECT_GE(text->height() + 1, text->heightForWidth(text->width()))
            << text->text().toStdString();
        EXPECT_LE(text->mapTo(side, QPoint(0, text->height())).y(), side->height());
      }
    }
  }
}

// Said once, a new job begins with it; the job that is open keeps its own, and the report names the
// shop.
TEST_F(Window, PreferencesAreWhatANewJobBeginsWith) {
  window->model().files().startNew();
  const auto before = job().toolbox;
  Preferences p = preferences();
  p.shop = QStringLiteral("Yard of the lower barn");
  PreferencesDialog dialog(p, programSettings(), window.get());
  for (auto* mark : dialog.findChildren<QCheckBox*>()) {
    if (mark->objectName() == QStringLiteral("preferences.tool.scan-tool")) {
      mark->setChecked(true);
    }
  }
  dialog.findChild<QDoubleSpinBox*>(QStringLiteral("preferences.price0"))->setValue(123.5);
  ASSERT_HB_OK(keepPreferences(dialog.chosen()));
  EXPECT_EQ(job().toolbox, before);
  window->model().files().startNew();
  EXPECT_EQ(job().costs.hour, 123.5);
  EXPECT_EQ(std::count(job().toolbox.begin(), job().toolbox.end(), "scan-tool"), 1);
  EXPECT_EQ(preferences().shop, p.shop);
  // A damaged file is put aside, also one that is JSON of another kind; new jobs begin as ever.
  for (const char* odd : {"[]", "7", R"({"meters": 5})", R"({"meters": [5], "job": {}})"}) {
    test::write(folder.file("state") + "/preferences.json", odd);
    EXPECT_EQ(preferences().costs.hour, 90) << odd;
    EXPECT_EQ(test::read(folder.file("state") + "/preferences.json.damaged"), odd);
    std::filesystem::remove(folder.file("state") + "/preferences.json.damaged");
  }
  test::write(folder.file("state") + "/preferences.json", "{ hay");
  window->model().files().startNew();
  EXPECT_EQ(job().costs.hour, 90);
  EXPECT_EQ(test::read(folder.file("state") + "/preferences.json.damaged"), "{ hay");
}

}  // namespace
}  // namespace haybale::app
