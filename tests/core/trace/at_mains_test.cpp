// A weak wheel that turns at the mains' frequency, and hum. Mains of 50 and 60 Hz: IEC 60038 (from
// memory). That two wheels driven alike turn alike is common practice, no source.
#include "core/trace/at_mains.h"

#include <cmath>
#include <numbers>
#include <random>

#include "core/evidence/waveforms.h"
#include "support/haybale_test.h"
#include "support/job_fixture.h"

namespace haybale::trace {
namespace {

capture::Record sineOf(double hz, double volts, const char* name = "A") {
  constexpr double kRate = 5000;
  std::mt19937 random(11);
  std::normal_distribution<double> noise(0, 0.003);
  capture::Record record;
  record.time.stepS = 1 / kRate;
  capture::Channel channel;
  channel.name = name;
  channel.unit = units::Unit::volt;
  for (int i = 0; i < 2 * kRate; ++i) {
    const double at = 2 * std::numbers::pi * hz * i / kRate;
    channel.samples.push_back(static_cast<float>(volts * std::sin(at) + noise(random)));
  }
  record.channels.push_back(std::move(channel));
  return record;
}

TEST(AtMains, AnotherWheelThatTurnsSoSpeaksForTheWeakOne) {
  for (const double hz : {50.0, 60.0}) {
    const auto weak = analyse(sineOf(hz, 0.1), 0, {});
    EXPECT_EQ(weak.signal, Signal::flat) << "alone it is taken for hum";
    const auto same = analyse(sineOf(hz, 0.6), 0, {});
    const auto other = analyse(sineOf(hz * 1.04, 0.6), 0, {});
    EXPECT_TRUE(turnsAtMains(weak, {&weak, &same}));
    EXPECT_FALSE(turnsAtMains(weak, {&weak, &other}));
    EXPECT_FALSE(turnsAtMains(weak, {&weak})) << "not of itself";
    EXPECT_FALSE(turnsAtMains(same, {&weak, &same})) << "nothing to be told";
  }
}

TEST(AtMains, ThenItIsReadAsAWheel) {
  Options options;
  options.turnsAtHz = 60;
  const auto a = analyse(sineOf(60, 0.1), 0, options);
  EXPECT_EQ(a.signal, Signal::passive);
  EXPECT_NEAR(a.levels.peakToPeak, 0.2, 0.01);
  options.turnsAtHz = 57;
  EXPECT_EQ(analyse(sineOf(60, 0.1), 0, options).signal, Signal::flat);
}

TEST(AtMains, AloneItIsSaidWhatMoves) {
  const auto a = analyse(sineOf(50, 0.1), 0, {});
  ASSERT_FALSE(a.findings.empty());
  EXPECT_NE(a.findings[0].text.find("50 Hz"), std::string::npos) << a.findings[0].text;
  EXPECT_EQ(analyse(sineOf(63, 0.0), 0, {}).findings[0].text.find("Hz"), std::string::npos);
}

}  // namespace
}  // namespace haybale::trace

namespace haybale::diagnosis {
namespace {

class AtMainsOfACase : public Job {
 protected:
  void traced(const char* wheel, double volts) {
    const std::string path = std::string(wheel) + ".csv";
    shelf_.put(path, std::make_shared<const capture::Record>(trace::sineOf(60, volts, wheel)));
    reading(wheel, "C2.w pair 1.1k unplugged");
    auto& e = c.evidence.back();
    e.test.kind = circuit::TestKind::waveform;
    e.test.state.wheel = circuit::WheelMotion::spun;
    e.reading = {};
    e.reading.file = path;
  }
  CaptureShelf shelf_;
};

TEST_F(AtMainsOfACase, TheGoodWheelsTraceTellsItFromHum) {
  traced("RR", 0.1);
  const std::string weak = c.evidence.back().id;
  EXPECT_EQ(analyseWaveforms(c, "", shelf_).analyses.at(weak)->signal, trace::Signal::flat);
  traced("RL", 0.6);
  const auto set = analyseWaveforms(c, "", shelf_);
  EXPECT_EQ(set.analyses.at(weak)->signal, trace::Signal::passive);
  ASSERT_TRUE(set.comparisons.contains(weak));
  EXPECT_NEAR(set.comparisons.at(weak).ratio, 1.0 / 6, 0.01);
  c.evidence.back().withdrawn = true;
  EXPECT_EQ(analyseWaveforms(c, "", shelf_).analyses.at(weak)->signal, trace::Signal::flat)
      << "what was withdrawn speaks for nothing";
}

}  // namespace
}  // namespace haybale::diagnosis
