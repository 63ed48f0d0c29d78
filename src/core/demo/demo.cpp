#include "core/demo/demo.h"

#include "core/capture/csv.h"
#include "core/job/case_json.h"
#include "core/job/reading_line.h"
#include "core/signal/synth.h"

namespace haybale::job {

namespace {

constexpr double kRateHz = 4000;
constexpr double kSeconds = 2.4;
constexpr int kTeeth = 48;

// The hidden truth: green crust on the return wire in the bend, 4.8 MΩ. Into the 1 MΩ of a scope
// that leaves 1/5.8.
constexpr double kCrustShare = 1.0 / 5.8;

DemoFile capture(const std::string& name, const std::string& channel, double fluxMwb,
                 double startKmh, std::uint32_t seed, double circumference) {
  signal::PassiveWheel wheel;
  wheel.teeth = kTeeth;
  wheel.circumferenceM = circumference;
  wheel.fluxSwingMwb = fluxMwb;
  wheel.runoutPercent = 4;
  wheel.noiseRmsV = 0.004;
  wheel.seed = seed;
  capture::Record record;
  record.time.stepS = 1 / kRateHz;
  record.channels.push_back(
      signal::passiveSignal(wheel, signal::handSpin(startKmh, 2.6), kRateHz, kSeconds));
  record.channels.back().name = channel;
  return {name, capture::writeCsv(record)};
}

void colour(circuit::Circuit& c, const char* a, const char* b) {
  c.wires[0].colour = a;
  c.wires[1].colour = b;
  c.sensor.kind = circuit::SensorKind::passive;
  c.sensor.teeth = kTeeth;
}

void addReading(Case& c, const char* circuitName, const char* typed, const char* time) {
  const auto& circuit = *c.find(circuitName);
  const auto start = defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                                 circuit::TestKind::resistance);
  const auto line = parseReadingLine(typed, circuit, start);
  Evidence e;
  e.id = c.nextEvidenceId();
  e.test = line.value().test;
  e.reading = line.value().reading;
  e.time = time;
  c.evidence.push_back(e);
}

void addTrace(Case& c, const char* circuitName, const char* file, const char* time) {
  const auto& circuit = *c.find(circuitName);
  Evidence e;
  e.id = c.nextEvidenceId();
  e.test = defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                       circuit::TestKind::waveform);
  e.test.state.key = circuit::Key::off;
  e.test.state.unplugged = {"module"};
  e.reading.file = file;
  e.time = time;
  c.evidence.push_back(e);
}

Case demoCase() {
  Case c = newCase();
  c.title = "Bale cart no. 7, rear right";
  c.vehicle = "Dray 4x4 of the Tarn Hollow hay and haulage yard, 2011";
  c.tyre = "235/75R15";
  colour(c.circuits[0], "YE/BK", "YE/BN");
  colour(c.circuits[1], "BU/WH", "BU/BN");
  colour(c.circuits[2], "GY/RD", "GY/BN");
  colour(c.circuits[3], "GN/OG", "GN/BU");
  c.complaint.when = {"bump", "wet"};
  c.complaint.earlierRepair = {"L2"};
  c.complaint.text =
      "Lamp came on crossing the ford to the lower barn, stays on since. Joint in the rear right "
      "loom mended last spring.";
  c.intake.lamps = {"abs", "traction"};
  c.intake.module = "TH 30-114";
  c.intake.sensorPart = "TH 48-2";
  c.intake.basics = {{"battery", "good"}, {"fuses-and-relay", "good"}};
  StoredCode code;
  code.code = "C0050-1F";
  code.circuit = "RR";
  code.meaning = "erratic";
  code.status = "active";
  code.count = 3;
  code.freeze = "6 km/h, brake pressed, 12.6 V";
  c.intake.codes = {code};
  addReading(c, "RL", "module pair 1.12k", "2026-11-20T08:10");
  addReading(c, "RL", "C2 a gnd 4.98V key on unplugged", "2026-11-20T08:16");
  addReading(c, "RR", "C2 a gnd 4.97V key on unplugged", "2026-11-20T08:22");
  addTrace(c, "RL", "bale-cart-7-RL.csv", "2026-11-20T08:31");
  addTrace(c, "RR", "bale-cart-7-RR.csv", "2026-11-20T08:36");
  return c;
}

}  // namespace

std::vector<DemoFile> demoFiles() {
  const Case c = demoCase();
  const double circumference = *c.rollingCircumferenceM();
  return {{kDemoCaseName, caseText(c)},
          capture("bale-cart-7-RL.csv", "RL", 2.0, 8.5, 11, circumference),
          capture("bale-cart-7-RR.csv", "RR", 2.0 * kCrustShare, 6.2, 23, circumference)};
}

}  // namespace haybale::job
