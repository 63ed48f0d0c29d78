// A window at the simulated yard: a made-up vehicle with a chosen fault, and instruments to find
// it.
#pragma once

#include "core/belief/ways_to_fail.h"
#include "window_fixture.h"

namespace haybale::app {

class AtTheYard : public Window {
 protected:
  void SetUp() override {
    Window::SetUp();
    auto& model = window->model();
    model.files().startNew();
    model.change(QStringLiteral("set up"), [](job::Case& c) {
      c.suspect = "RR";
      c.circumferenceM = 1.95;
      c.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "signal-source"};
      for (auto& circuit : c.circuits) {
        circuit.sensor.kind = circuit::SensorKind::passive;
        circuit.sensor.teeth = 48;
      }
    });
  }

  void openYard(const char* fault, const char* element, const char* wire = "") {
    const auto hidden =
        sim::chosenFault(diagnosis::waysToFail(job()), fault, element, wire, std::nullopt);
    ASSERT_HB_OK(hidden);
    ASSERT_HB_OK(window->instruments().openYard(job(), *hidden, 5));
    ASSERT_TRUE(QTest::qWaitFor(
        [&] {
          return window->instruments()
                     .state(Instrument::multimeter)
                     .contains(QStringLiteral("Yard meter")) &&
                 window->instruments()
                     .state(Instrument::generator)
                     .contains(QStringLiteral("Yard generator"));
        },
        5000));
  }

  [[nodiscard]] bool waitForEvidence(std::size_t count) {
    return QTest::qWaitFor([&] { return job().evidence.size() >= count; }, 6000);
  }
};

}  // namespace haybale::app
