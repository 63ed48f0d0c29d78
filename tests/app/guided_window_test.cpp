// One full diagnosis in the real window: the panel asks, a simulated vehicle answers, by keyboard
// and by the answer buttons.
#include <fmt/format.h>

#include "app/frame/next_panel.h"
#include "core/sim/sim_vehicle.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Guided : public Window {
 protected:
  // Types or clicks the answer to the shown proposal. False when it cannot be given here.
  bool giveAnswer(const diagnosis::Proposal& proposal, const job::Reading& reading) {
    if (proposal.answers.empty()) {
      auto* entry = find<QLineEdit>("side.entry");
      entry->setFocus();
      entry->clear();
      const auto& value = *reading.value;
      const std::string words =
          value.overload
              ? "OL"
              : fmt::format("{:.5g}{}", value.value, value.unit == units::Unit::volt ? "V" : "");
      QTest::keyClicks(entry, QString::fromStdString(words));
      QTest::keyClick(entry, Qt::Key_Return);
      return true;
    }
    for (std::size_t i = 0; i < proposal.answers.size(); ++i) {
      const auto& seen = proposal.answers[i].second;
      const bool same = seen.reacts == reading.reacts && seen.sight == reading.sight &&
                        seen.swings == reading.swings &&
                        seen.codes.has_value() == reading.codes.has_value() &&
                        (!seen.codes || seen.codes->empty() == reading.codes->empty());
      if (same && (seen.reacts || seen.sight || seen.swings || seen.codes)) {
        // Buttons of the move before are gone once the event loop comes round.
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        auto* button = find<QPushButton>(fmt::format("side.answer{}", i).c_str());
        button->setFocus();
        QTest::keyClick(button, Qt::Key_Space);
        return true;
      }
    }
    return false;
  }
};

TEST_F(Guided, APartedReturnIsFoundFromTheFirstReadingToTheLast) {
  auto& model = window->model();
  model.files().startNew();
  model.change(QStringLiteral("set up"), [](job::Case& c) {
    c.suspect = "RR";
    c.circumferenceM = 1.95;
    c.toolbox = {"multimeter", "jumper-leads"};
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = circuit::SensorKind::passive;
      circuit.sensor.teeth = 48;
    }
  });
  diagnosis::Hypothesis hidden;
  hidden.fault = diagnosis::Fault::open;
  hidden.element = "L2";
  hidden.wire = circuit::WireId::b;
  sim::SimOptions options;
  options.seed = 11;
  options.slip = 0;
  sim::SimVehicle vehicle(job(), hidden, 1e15, options);
  model.change(QStringLiteral("the good wheel"),
               [&](job::Case& c) { c.evidence = vehicle.goodWheel(); });
  const auto isolated = [&] { return assessment().conclusion.state == diagnosis::State::isolated; };
  for (int step = 0; step < 25 && !isolated(); ++step) {
    ASSERT_FALSE(assessment().proposals.empty());
    const auto proposal = assessment().proposals.front();
    const auto reading = vehicle.answer(proposal.test);
    const auto before = job().evidence.size();
    if (!reading || !giveAnswer(proposal, *reading)) {
      GTEST_FAIL() << proposal.title;
    }
    ASSERT_EQ(job().evidence.size(), before + 1) << proposal.title << ": " << label("notice");
  }
  EXPECT_TRUE(isolated());
  EXPECT_EQ(assessment().conclusion.suspects.front().element, "L2")
      << assessment().conclusion.headline;
  EXPECT_NE(assessment().conclusion.headline.find("L2"), std::string::npos);
  // Undo takes the last answer back, and with it what was believed of it.
  const auto count = job().evidence.size();
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(job().evidence.size(), count - 1);
}

}  // namespace
}  // namespace haybale::app
