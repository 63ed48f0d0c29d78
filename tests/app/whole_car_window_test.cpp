// What the window shows of the whole car: the kind of sensor, what was done already, steps of a
// test.
#include <fmt/format.h>

#include <QCheckBox>
#include <QComboBox>
#include <QTimer>

#include "app/parts/steps_dialog.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class WholeCar : public Window {
 protected:
  // A car whose kinds nobody knows, with twelve volts at two of its plugs.
  void openUnknown() {
    window->openDemo();
    window->model().change(QStringLiteral("unknown"), [](job::Case& c) {
      for (auto& own : c.circuits) {
        own.sensor.kind = circuit::SensorKind::unknown;
      }
      c.evidence.clear();
    });
    window->showView(MainWindow::kLine);
    for (const char* line :
         {"RL C2 a gnd 11.9V key on unplugged", "C2 a gnd 11.8V key on unplugged"}) {
      typeReading(line);
    }
    window->showView(MainWindow::kIntake);
  }
};

TEST_F(WholeCar, TheKindIsSaidTakenAndGivenBack) {
  openUnknown();
  auto* seen = find<QLabel>("intake.kind.seen");
  auto* take = find<QPushButton>("intake.kind.take");
  ASSERT_TRUE(seen && take);
  EXPECT_TRUE(seen->text().contains(QStringLiteral("looks active"))) << seen->text().toStdString();
  ASSERT_TRUE(take->isVisible()) << seen->text().toStdString();
  click(take);
  EXPECT_EQ(job().suspectCircuit()->sensor.kind, circuit::SensorKind::active);
  EXPECT_TRUE(seen->text().contains(QStringLiteral("as you say")));
  EXPECT_FALSE(take->isVisible());
  window->model().undoStack()->undo();
  EXPECT_EQ(job().suspectCircuit()->sensor.kind, circuit::SensorKind::unknown);
  // Overruled by hand in the table.
  for (std::size_t i = 0; i < job().circuits.size(); ++i) {
    if (job().circuits[i].name == job().suspect) {
      auto* box = find<QComboBox>(fmt::format("intake.circuit{}.kind", i).c_str());
      box->setFocus();
      QTest::keyClick(box, Qt::Key_Home);
      emit box->activated(box->currentIndex());
      EXPECT_EQ(static_cast<int>(job().circuits[i].sensor.kind), box->currentIndex());
    }
  }
}

TEST_F(WholeCar, WhatWasDoneIsEvidence) {
  window->openDemo();
  window->showView(MainWindow::kIntake);
  click(find<QPushButton>("intake.page.history"));
  // A new sensor in the old gap is still in the old gap.
  const auto sensorShare = [this] {
    double sum = 0;
    for (const auto& s : assessment().conclusion.suspects) {
      const bool itself = s.element == "sensor" && s.fault != diagnosis::Fault::wideGap &&
                          s.fault != diagnosis::Fault::debris &&
                          s.fault != diagnosis::Fault::wrongSensor;
      sum += itself ? s.share : 0;
    }
    return sum;
  };
  const double before = sensorShare();
  click(find<QPushButton>("intake.history.add"));
  ASSERT_EQ(job().history.size(), 1U);
  EXPECT_EQ(job().history[0].element, "sensor");
  EXPECT_EQ(job().history[0].cured, std::optional(false));
  EXPECT_LT(sensorShare(), before) << "renewed in vain";
  auto* part = find<QLineEdit>("intake.history0.part");
  part->setFocus();
  QTest::keyClicks(part, QStringLiteral("from the shelf"));
  QTest::keyClick(part, Qt::Key_Return);
  EXPECT_EQ(job().history[0].part, "from the shelf");
  click(find<QPushButton>("intake.history0.remove"));
  EXPECT_TRUE(job().history.empty());
  EXPECT_NEAR(sensorShare(), before, 1e-9);
}

TEST_F(WholeCar, OnlyOnTheLiftIsSaidAtIntake) {
  window->openDemo();
  window->showView(MainWindow::kIntake);
  auto* lift = find<QCheckBox>("intake.lift");
  click(lift, QPoint(10, lift->height() / 2));
  EXPECT_TRUE(job().complaint.lift);
  window->model().undoStack()->undo();
  EXPECT_FALSE(job().complaint.lift);
  EXPECT_FALSE(lift->isChecked());
}

TEST_F(WholeCar, ATestIsShownStepByStepWithAllItsCautions) {
  window->openDemo();
  bool seen = false;
  QTimer::singleShot(50, [&] {
    auto* dialog = qobject_cast<StepsDialog*>(QApplication::activeModalWidget());
    ASSERT_NE(dialog, nullptr);
    const auto labels = dialog->findChildren<QLabel*>();
    const auto& proposal = assessment().proposals.front();
    EXPECT_EQ(static_cast<std::size_t>(labels.size()),
              1 + proposal.steps.size() + proposal.cautions.size());
    seen = true;
    click(dialog->findChild<QPushButton*>(QStringLiteral("steps.close")));
  });
  click(find<QPushButton>("side.steps"));
  EXPECT_TRUE(seen);
}

}  // namespace
}  // namespace haybale::app
