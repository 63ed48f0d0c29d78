// A job with four typical circuits; readings are typed as in the window, traces synthesised.
#pragma once

#include "core/job/reading_line.h"
#include "core/session/assessment.h"
#include "core/signal/synth.h"
#include "support/haybale_test.h"

namespace haybale::diagnosis {

class Job : public testing::Test {
 protected:
  Job() : c(job::newCase()) {}

  void reading(const char* circuitName, const std::string& line) {
    const auto& circuit = *c.find(circuitName);
    const auto start = job::defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                                        circuit::TestKind::resistance);
    const auto typed = job::parseReadingLine(line, circuit, start);
    ASSERT_HB_OK(typed);
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test = typed->test;
    e.reading = typed->reading;
    c.evidence.push_back(e);
  }

  void trace(const char* circuitName, double fluxMwb, double kmh, std::vector<int> missing = {}) {
    const auto& circuit = *c.find(circuitName);
    signal::PassiveWheel wheel;
    wheel.fluxSwingMwb = fluxMwb;
    wheel.missingTeeth = std::move(missing);
    auto record = std::make_shared<capture::Record>();
    record->time.stepS = 1e-4;
    record->channels.push_back(signal::passiveSignal(
        wheel, [kmh](double) { return kmh; }, 1e4, 2.5));
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test = job::defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                              circuit::TestKind::waveform);
    e.test.state.key = circuit::Key::off;
    e.test.state.unplugged = {"module"};
    e.reading.file = "/" + e.id + ".csv";
    shelf.put(e.reading.file, record);
    c.evidence.push_back(e);
  }

  /// Codes that came back after clearing, in a state of the car.
  void codes(std::vector<job::Code> list, circuit::CarState state = {}) {
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test.kind = circuit::TestKind::codes;
    e.test.circuit = "RR";
    e.test.state = std::move(state);
    e.reading.codes = std::move(list);
    c.evidence.push_back(e);
  }

  [[nodiscard]] Assessment assessed() { return assessCase(c, "/", shelf); }

  /// Share of the suspects at an element, of one way to fail or of all.
  [[nodiscard]] double share(const std::string& element, std::optional<Fault> fault = {}) {
    double sum = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      sum += s.element == element && (!fault || s.fault == *fault) ? s.share : 0;
    }
    return sum;
  }

  /// The same of a way to fail, wherever it is.
  [[nodiscard]] double shareOf(Fault fault) {
    double sum = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      sum += s.fault == fault ? s.share : 0;
    }
    return sum;
  }

  /// All circuits have this kind of sensor.
  void kind(circuit::SensorKind k) {
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = k;
    }
  }

  job::Case c;
  CaptureShelf shelf;
};

}  // namespace haybale::diagnosis
