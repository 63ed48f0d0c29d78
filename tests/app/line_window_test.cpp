// The line board driven by hand: the line built, readings hung, the cliff, the list, the meter.
#include <QComboBox>
#include <QDialog>
#include <QTableWidget>
#include <QTimer>

#include "window_fixture.h"

namespace haybale::app {
namespace {

class LineWindow : public Window {
 protected:
  BoardWidget* board() { return find<BoardWidget>("board"); }
  void keys(std::initializer_list<int> list) {
    for (const int key : list) {
      QTest::keyClick(QApplication::focusWidget(), static_cast<Qt::Key>(key));
    }
  }
  [[nodiscard]] std::string path() const {
    std::string ids;
    for (const auto& e : job().suspectCircuit()->path) {
      ids += (ids.empty() ? "" : " ") + e.id;
    }
    return ids;
  }
};

// From a new job to the cliff without the mouse: three connectors, six readings, day and night.
TEST_F(LineWindow, ALineIsBuiltAndHalvedByKeyboardAlone) {
  QTest::keyClick(window.get(), Qt::Key_N, Qt::ControlModifier);
  window->showView(MainWindow::kLine);
  QTest::keyClick(board(), Qt::Key_E, Qt::ControlModifier);
  ASSERT_TRUE(window->model().selection().editing);
  ASSERT_TRUE(board()->hasFocus()) << QApplication::focusWidget()->objectName().toStdString();
  keys({Qt::Key_Home, Qt::Key_Right, Qt::Key_C});
  EXPECT_EQ(path(), "module L1 C3 L3 C1 L2 C2 sensor ring");
  EXPECT_EQ(window->model().selection().part.toStdString(), "C3") << "the new one is chosen";
  keys({Qt::Key_Return});
  ASSERT_EQ(QApplication::focusWidget()->objectName().toStdString(), "editor.name");
  QTest::keyClicks(QApplication::focusWidget(), QStringLiteral("sill"));
  keys({Qt::Key_Return});
  EXPECT_EQ(path(), "module L1 sill L3 C1 L2 C2 sensor ring");
  ASSERT_TRUE(board()->hasFocus()) << "back on the board";
  keys({Qt::Key_Right});
  auto* length = find<QLineEdit>("editor.length");
  length->setFocus();
  length->selectAll();
  QTest::keyClicks(length, QStringLiteral("0,9"));
  keys({Qt::Key_Return});
  EXPECT_DOUBLE_EQ(*job().suspectCircuit()->path[3].lengthM, 0.9);
  keys({Qt::Key_Escape});
  EXPECT_FALSE(window->model().selection().editing);

  for (const char* line :
       {"module a gnd dc 4.98V key on unplugged C2", "sill a gnd 4.98V key on unplugged",
        "C1 a gnd 4.97V key on unplugged", "C2 a gnd 0.01V key on unplugged",
        "L2@0.25 a gnd 4.97V key on unplugged C2", "L2@0.5 a gnd 0.01V key on unplugged C2"}) {
    QTest::keyClick(window.get(), Qt::Key_L, Qt::ControlModifier);
    QTest::keyClicks(QApplication::focusWidget(), QString::fromLatin1(line));
    keys({Qt::Key_Return});
  }
  ASSERT_EQ(job().evidence.size(), 6U);
  for (const auto theme : {picture::Theme::day, picture::Theme::night}) {
    ThemeHub::instance().apply(theme);
    const auto* cliff = board()->scene().spot("cliff");
    ASSERT_NE(cliff, nullptr) << board()->height() << " " << label("line.reason");
    EXPECT_EQ(cliff->tip, "the cliff: between L2, 25 % along and L2, 50 % along, 0.2 m");
    EXPECT_FALSE(board()->grab().isNull());
  }
  EXPECT_EQ(assessment().conclusion.suspects.front().element, "L2");

  // Every edit was one step of undo: six readings, the length, the name, the connector.
  for (int i = 0; i < 9; ++i) {
    QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  }
  EXPECT_EQ(path(), "module L1 C1 L2 C2 sensor ring");
}

TEST_F(LineWindow, APartWithReadingsStaysAndSaysWhy) {
  window->openDemo();
  click(find<QPushButton>("line.edit"));
  const auto* spot = board()->scene().spot("part:C2");
  ASSERT_NE(spot, nullptr);
  click(board(), QPoint(static_cast<int>(spot->rect.x + 10), static_cast<int>(spot->rect.y + 10)));
  const auto before = path();
  click(find<QPushButton>("editor.remove"));
  EXPECT_EQ(path(), before);
  EXPECT_EQ(label("notice"),
            "C2: a reading hangs on it; remove those first, they would have no place");
  click(find<QPushButton>("editor.left"));
  EXPECT_EQ(path(), "module L1 C1 C2 L2 sensor ring");
  auto* zone = find<QComboBox>("editor.zone");
  zone->setFocus();
  QTest::keyClick(zone, Qt::Key_Home);
  QTest::keyClick(zone, Qt::Key_Down);
  emit zone->activated(zone->currentIndex());
  EXPECT_EQ(job().suspectCircuit()->find("C2")->zone, circuit::Zone::cabin);
}

TEST_F(LineWindow, TheListCorrectsWithdrawsAndKeepsFiles) {
  window->openDemo();
  click(find<QPushButton>("line.list"));
  auto* table = find<QTableWidget>("readings");
  ASSERT_EQ(table->rowCount(), 5);
  click(table->viewport(), table->visualItemRect(table->item(2, 0)).center());
  EXPECT_EQ(window->model().selection().evidence.toStdString(), "e3");
  auto* retype = find<QLineEdit>("readings.retype");
  QTest::keyClicks(retype, QStringLiteral("b gnd 0.12V"));
  QTest::keyClick(retype, Qt::Key_Return);
  EXPECT_DOUBLE_EQ(job().evidence[2].reading.value->value, 0.12);
  EXPECT_EQ(job().evidence[2].test.red->wire, circuit::WireId::b);
  EXPECT_EQ(job().evidence[2].id, "e3") << "the same reading, corrected";
  click(find<QPushButton>("readings.withdraw"));
  EXPECT_TRUE(job().evidence[2].withdrawn);
  EXPECT_TRUE(table->item(2, 3)->font().strikeOut()) << "kept, struck through";
  nextOpen = QString::fromStdString(folder.file("green-crust.jpg"));
  click(find<QPushButton>("readings.attach"));
  ASSERT_EQ(job().evidence[2].attachments.size(), 1U);
  EXPECT_NE(table->item(2, 5)->text().indexOf(QStringLiteral("green-crust.jpg")), -1);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_FALSE(job().evidence[2].withdrawn);
}

TEST_F(LineWindow, TheStripSaysWhatToSetAndWarns) {
  window->openDemo();
  EXPECT_EQ(window->model().selection().test.kind, circuit::TestKind::dcVoltage)
      << "taken up where it was left";
  clickPlace("module:a");
  click(find<QPushButton>("line.ohms"));
  EXPECT_EQ(
      label("line.reason"),
      "Ohms, auto range. Red on a (GN/OG) at module plug, black on b (GN/BU); key off, module "
      "unplugged. A sound line reads 0.94 to 1.38 k\u03A9, learnt from RL");
  click(find<QPushButton>("line.key"));
  click(find<QPushButton>("line.plugged"));
  EXPECT_NE(label("line.reason").find("Ohms on a live circuit mean nothing"), std::string::npos);
  click(find<QPushButton>("line.lamp"));
  click(find<QPushButton>("line.leads1"));
  EXPECT_NE(label("line.reason").find("A bulb draws more than a module's pin may deliver"),
            std::string::npos);
  typeReading("lit");
  EXPECT_EQ(job().evidence.back().reading.lamp, circuit::LampState::lit);
}

TEST_F(LineWindow, AMeterIsDescribedAndKept) {
  window->openDemo();
  QTimer::singleShot(0, [&] {
    auto* dialog = window->findChild<QDialog*>(QStringLiteral("meterDialog"));
    ASSERT_NE(dialog, nullptr);
    dialog->findChild<QLineEdit*>(QStringLiteral("meter.name"))
        ->setText(QStringLiteral("yard meter"));
    auto* dc = dialog->findChild<QLineEdit*>(QStringLiteral("meter.dc"));
    dc->setText(QStringLiteral("nonsense"));
    click(dialog->findChild<QPushButton*>(QStringLiteral("meter.use")));
    EXPECT_TRUE(dialog->isVisible()) << "a bad accuracy is not taken";
    dc->setText(QStringLiteral("2 + 5"));
    click(dialog->findChild<QPushButton*>(QStringLiteral("meter.use")));
  });
  click(find<QPushButton>("line.meter"));
  EXPECT_EQ(job().meter.name, "yard meter");
  EXPECT_DOUBLE_EQ(job().meter.dc.percent, 2);
  EXPECT_EQ(find<QPushButton>("line.meter")->text().toStdString(), "yard meter");
  EXPECT_NE(test::read(folder.file("state/meters.json")).find("yard meter"), std::string::npos);
}

}  // namespace
}  // namespace haybale::app
