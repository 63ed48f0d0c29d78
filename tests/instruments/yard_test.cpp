// The simulated yard over its own ports: what its instruments show is what the electrical core
// says, and nothing listens beyond loopback.
#include "instruments/yard.h"

#include <gtest/gtest.h>
#include <unistd.h>

#include <cmath>
#include <filesystem>
#include <fstream>
#include <sstream>

#include "core/base/json.h"
#include "core/belief/ways_to_fail.h"
#include "core/capture/candump.h"
#include "core/job/test_json.h"
#include "core/trace/analysis.h"
#include "instruments/drivers.h"

namespace {

using namespace haybale;
using namespace haybale::instruments;
using circuit::Place;
using circuit::Probe;
using CarTest = circuit::Test;
using circuit::TestKind;
using circuit::WireId;

job::Case passiveCase() {
  job::Case c = job::newCase();
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::passive;
    circuit.sensor.teeth = 48;
  }
  c.suspect = "RR";
  return c;
}

class YardWith : public testing::Test {
 protected:
  void open(const char* fault, const char* element, const char* wire = "") {
    const auto hidden =
        sim::chosenFault(diagnosis::waysToFail(job), fault, element, wire, std::nullopt);
    ASSERT_TRUE(hidden) << hidden.error().sentence();
    auto opened = Yard::open(job, hidden->fault, hidden->severity, {});
    ASSERT_TRUE(opened) << opened.error().sentence();
    yard = std::move(*opened);
  }
  [[nodiscard]] Address at(int port) const { return {Address::Kind::tcp, "127.0.0.1", port}; }
  static CarTest ohms(const char* circuit, Place place, std::vector<std::string> apart) {
    CarTest t;
    t.kind = TestKind::resistance;
    t.circuit = circuit;
    t.red = Probe{place, WireId::a};
    t.black = Probe{place, WireId::b};
    t.state.key = circuit::Key::off;
    t.state.unplugged = std::move(apart);
    return t;
  }

  job::Case job = passiveCase();
  std::unique_ptr<Yard> yard;
};

TEST_F(YardWith, TheMeterReadsTheGoodAndTheBrokenLine) {
  open("open", "L1", "a");
  ScpiLink link(at(yard->ports().multimeter));
  const auto who = link.connect();
  ASSERT_TRUE(who);
  EXPECT_EQ(who->model, "Yard meter");
  Multimeter meter(link);
  const Place plug{Place::Kind::modulePlug, "module"};
  yard->place(ohms("RL", plug, {"module"}));
  const auto good = meter.read(Quantity::ohms);
  ASSERT_TRUE(good);
  EXPECT_GT(*good, 700);
  EXPECT_LT(*good, 2100);
  yard->place(ohms("RR", plug, {"module"}));
  const auto broken = meter.read(Quantity::ohms);
  ASSERT_TRUE(broken);
  EXPECT_GT(*broken, 1e5);
  const auto* joint = job.find("RR")->sensorConnector();
  yard->place(ohms("RR", {Place::Kind::wheelSide, joint->id}, {joint->id}));
  const auto sensor = meter.read(Quantity::ohms);
  ASSERT_TRUE(sensor);
  EXPECT_LT(*sensor, 2100);
}

TEST_F(YardWith, TheScopesRecordIsReadAsTheWheelItIs) {
  open("ring-tooth", "ring");
  CarTest t = ohms("RR", {Place::Kind::modulePlug, "module"}, {"module"});
  t.state.wheel = circuit::WheelMotion::spun;
  yard->place(t);
  ScpiLink link(at(yard->ports().scope));
  ASSERT_TRUE(link.connect());
  ScopeSettings settings;
  settings.fullScaleV = 8;
  settings.durationS = 6;
  settings.points = 30000;
  const auto record = Scope(link).record(settings);
  ASSERT_TRUE(record) << record.error().sentence();
  trace::Options options;
  options.teeth = 48;
  const auto analysis = trace::analyse(*record, 0, options);
  EXPECT_EQ(analysis.findings.front().code, trace::Code::missingTooth);
}

// Of 8 bits over 20 V a step is 78 mV: a wave of a few tenths of a volt is made of three of them.
TEST_F(YardWith, AWeakWaveIsRecordedInStepsThatSuitIt) {
  open("wide-gap", "sensor");
  CarTest t = ohms("RR", {Place::Kind::modulePlug, "module"}, {"module"});
  t.state.wheel = circuit::WheelMotion::spun;
  yard->place(t);
  ScpiLink link(at(yard->ports().scope));
  ASSERT_TRUE(link.connect());
  const auto stepOf = [](const capture::Record& record) {
    double least = 1e9;
    const auto& v = record.channels[0].samples;
    for (std::size_t i = 1; i < v.size(); ++i) {
      const double step = std::abs(static_cast<double>(v[i]) - v[i - 1]);
      least = step > 0 ? std::min(least, step) : least;
    }
    return least;
  };
  Scope scope(link);
  const auto wide = scope.record({});
  const auto fitted = scope.recordFitted({});
  ASSERT_TRUE(wide && fitted);
  EXPECT_GT(stepOf(*wide), 0.07);
  EXPECT_LT(stepOf(*fitted), 0.02);
}

TEST(FullScale, FitsWhatWasSeenAndStaysWhereItIsNearEnough) {
  const auto seen = [](std::vector<float> samples) {
    capture::Record r;
    r.channels.push_back({"CH1", units::Unit::volt, std::move(samples)});
    return r;
  };
  EXPECT_DOUBLE_EQ(fittedFullScale(seen({-0.5F, 0.25F}), 20), 1.5);
  EXPECT_DOUBLE_EQ(fittedFullScale(seen({-0.5F, 0.25F}), 2), 2);
  EXPECT_DOUBLE_EQ(fittedFullScale(seen({0.5F, NAN}), 1), 10) << "beyond the range";
  EXPECT_DOUBLE_EQ(fittedFullScale(seen({0, 0}), 20), 0.1);
  EXPECT_DOUBLE_EQ(fittedFullScale(seen({NAN, NAN}), 300), 400);
}

TEST_F(YardWith, TheGeneratorIsFollowedByTheLiveSpeedWhereTheLineIsWhole) {
  open("sensor-open", "sensor");
  const auto map = capture::parseSignalMap(yard->signalMap(), "map");
  ASSERT_TRUE(map);
  ScpiLink link(at(yard->ports().generator));
  ASSERT_TRUE(link.connect());
  CarTest t;
  t.kind = TestKind::liveSpeed;
  t.circuit = "RR";
  t.state.key = circuit::Key::on;
  const auto* joint = job.find("RR")->sensorConnector();
  t.state.unplugged = {joint->id};
  t.state.inject = circuit::Inject{{Place::Kind::moduleSide, joint->id}, 0, 1};
  yard->place(t);
  const auto speed = [&] {
    capture::SpeedLog log;
    for (int i = 0; i < 9; ++i) {
      std::istringstream lines(yard->busFrames());
      for (std::string line; std::getline(lines, line);) {
        takeFrame(*capture::parseFrame(line), *map, log);
      }
    }
    return capture::summarise(log)["RR"].medianKmh;
  };
  EXPECT_EQ(speed(), 0);
  // f = v N / C, with 48 teeth and the case's rolling circumference.
  const double hz = 150;
  const double kmh = hz / 48 * job.rollingCircumferenceM().value_or(1.95) * 3.6;
  ASSERT_TRUE(Generator(link).start({false, hz, 2, 0}));
  EXPECT_NEAR(speed(), kmh, 0.03 * kmh);
  ASSERT_TRUE(Generator(link).stop());
  EXPECT_EQ(speed(), 0);
}

TEST_F(YardWith, TheHandsAnswerWhatNoInstrumentShows) {
  open("open", "L1", "a");
  const auto codes =
      Json::parse(yard->handsLine(R"({"test":{"kind":"codes","circuit":"RR"},"answer":true})"));
  ASSERT_TRUE(codes.contains("reading")) << codes.dump();
  EXPECT_EQ(codes["reading"]["codes"][0]["circuit"], "RR");
  EXPECT_EQ(Json::parse(yard->handsLine(R"({"test":{"kind":"codes","circuit":"RR"}})"))["done"],
            true);
  for (const char* wrong :
       {"", "[]", "{}", R"({"test":{"kind":"codes","circuit":"XX"}})",
        R"({"test":{"kind":"resistance","circuit":"RR","red":{"place":"C9"}}})"}) {
    EXPECT_TRUE(Json::parse(yard->handsLine(wrong)).contains("error")) << wrong;
  }
}

// Listening sockets of this process, as the kernel lists them (proc(5)).
TEST_F(YardWith, NothingListensBeyondLoopback) {
  open("open", "L1", "a");
  std::ifstream table("/proc/net/tcp");
  std::string line;
  int found = 0;
  while (std::getline(table, line)) {
    std::istringstream fields(line);
    std::string number, local, remote, state;
    fields >> number >> local >> remote >> state;
    for (const int port : {yard->ports().multimeter, yard->ports().scope, yard->ports().generator,
                           yard->ports().bus, yard->ports().hands}) {
      char hex[8];
      std::snprintf(hex, sizeof hex, ":%04X", static_cast<unsigned>(port));
      if (state == "0A" && local.size() > 5 && local.substr(local.size() - 5) == hex) {
        EXPECT_EQ(local.substr(0, 8), "0100007F");
        ++found;
      }
    }
  }
  EXPECT_EQ(found, 5);
}

TEST_F(YardWith, APortInUseIsOneClearSentence) {
  open("open", "L1", "a");
  const auto hidden = sim::chosenFault(diagnosis::waysToFail(job), "open", "L1", "a", std::nullopt);
  YardOptions options;
  options.firstPort = yard->ports().multimeter;
  const auto second = Yard::open(job, hidden->fault, hidden->severity, options);
  ASSERT_FALSE(second);
  EXPECT_NE(second.error().sentence().find("cannot listen: Address already in use"),
            std::string::npos);
}

TEST(ChosenFault, NamesWhatThereIs) {
  const auto none =
      sim::chosenFault(diagnosis::waysToFail(passiveCase()), "bent", "L1", "", std::nullopt);
  ASSERT_FALSE(none);
  EXPECT_NE(none.error().sentence().find("open, resistive"), std::string::npos);
}

}  // namespace
