// What a switching sensor shows between its two levels, under its supply, and beside a coil that is
// not its own. Facts of the trade: common practice, no published source, unless a line says
// otherwise.
#include "core/belief/learn.h"
#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Switching : public Job {
 protected:
  void SetUp() override { kind(circuit::SensorKind::active); }

  // The good wheel, fed 10.1 V through 135 ohm, standing off a tooth.
  void goodWheel() {
    reading("RL", "C2 a gnd 10.12V unplugged dc key on");
    reading("RL", "C2 b gnd 0.00V unplugged dc key on");
    reading("RL", "C2 a gnd 9.18V dc key on plugged");
    reading("RL", "C2 b gnd 0.002V dc key on plugged");
  }

  // Its trace, with what an analysis found of the two levels.
  WaveformSet traced(double low, double high) {
    reading("RL", "C2 a gnd 9.2V dc key on plugged");
    auto& e = c.evidence.back();
    e.test.kind = circuit::TestKind::waveform;
    e.test.state.wheel = circuit::WheelMotion::spun;
    e.reading = {};
    trace::ChannelAnalysis a;
    a.signal = trace::Signal::active;
    a.unit = units::Unit::volt;
    a.levels.low = low;
    a.levels.high = high;
    a.levels.peakToPeak = high - low;
    WaveformSet out;
    out.analyses.emplace(e.id, std::make_shared<const trace::ChannelAnalysis>(a));
    return out;
  }

  [[nodiscard]] double wiring() {
    double sum = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      const bool sound = s.fault == Fault::none || isOfTheRing(s.fault) ||
                         s.fault == Fault::wideGap || s.fault == Fault::debris ||
                         s.fault == Fault::sensorDead || s.fault == Fault::latchedOff;
      sum += sound ? 0 : s.share;
    }
    return sum;
  }
};

// VDA interface for active wheel speed sensors: 7 and 14 mA (from memory). A wheel that is touched
// between two readings goes over from one to the other, and that is no resistance in the wiring.
TEST_F(Switching, TheOtherLevelIsNoFault) {
  goodWheel();
  const double before = wiring();
  reading("RR", "C2 a gnd 9.17V dc key on plugged");
  const double low = wiring();
  reading("RR", "C2 a gnd 8.21V dc key on plugged");
  reading("RR", "C2 a gnd 9.16V dc key on plugged");
  const double both = wiring();
  EXPECT_LT(low, before);
  EXPECT_LT(both, before);
  {
    // If no wheel ever moved it would be.
    const priors::Changed never(priors::Id::wheelMoves, 1e-9);
    EXPECT_GT(wiring(), both);
  }
  // Between the two lies neither.
  reading("RR", "C2 a gnd 7.30V dc key on plugged");
  EXPECT_GT(wiring(), both);
}

// One reading does not tell on which level the sensor stood: the sense resistor may be 67 or 135
// ohm. What lies between the two levels of a trace does, for both are of one record.
TEST_F(Switching, TheTraceOfTheGoodWheelTellsTheSenseResistor) {
  goodWheel();
  const auto waveforms = traced(8.24, 9.18);
  const auto learnt = learnParameters(c, *c.find("RR"), waveforms);
  std::size_t near = 0;
  for (const auto& draw : learnt.draws) {
    const double swing = draw.frontEnd.sourceOhm * (draw.sensor.highA - draw.sensor.lowA);
    near += std::abs(swing - 0.94) < 0.12 ? 1 : 0;
  }
  EXPECT_GT(near, learnt.draws.size() * 3 / 4);
}

// The feed shows less with the sensor off than with it on: one of the two was read wrong, and
// nobody knows which. What the suspect's own readings say of it decides.
TEST_F(Switching, EitherOfTwoReadingsMayBeTheSlip) {
  reading("RL", "C2 a gnd 10.22V unplugged dc key on");
  reading("RL", "C2 b gnd 0.00V unplugged dc key on");
  reading("RL", "C2 a gnd 12.23V dc key on plugged");
  reading("RL", "C2 b gnd 1.92V dc key on plugged");
  std::size_t less = 0, more = 0;
  for (const auto& draw : learnParameters(c, *c.find("RR")).draws) {
    less += std::abs(draw.frontEnd.supplyV - 10.22) < 0.4 ? 1 : 0;
    more += std::abs(draw.frontEnd.supplyV - 12.25) < 0.4 ? 1 : 0;
  }
  EXPECT_GT(less, kDraws / 20);
  EXPECT_GT(more, kDraws / 20);
  reading("RR", "C2 pair 10.25V dc key on plugged");
  reading("RR", "C2 a gnd 12.20V dc key on plugged");
  reading("RR", "C2 a gnd 12.22V unplugged dc key on");
  EXPECT_LT(shareOf(Fault::shortToSupply), 0.2);
}

// Behind tens of kilohms a regulator starves, and no data sheet says at which voltage: a volt or
// three, the break is where the volts go, and a short to supply is not needed to explain them.
TEST_F(Switching, AStarvedSensorShowsAVoltOrThree) {
  for (const auto* volts : {"0.95V", "1.9V", "3.1V"}) {
    c.evidence.clear();
    goodWheel();
    const std::string across = std::string(" ") + volts + " dc key on plugged";
    reading("RR", "C2 pair" + across);
    reading("RR", "C2 pair 10.05V unplugged dc key on");
    reading("RR", "C2 a gnd 10.10V dc key on plugged");
    EXPECT_GT(shareOf(Fault::resistive) + shareOf(Fault::open), 0.6) << volts;
    EXPECT_LT(shareOf(Fault::shortToSupply), 0.25) << volts;
  }
}

// Passive sensors of 0.6 to 2.6 kilohms and more are fitted; the wrong one may have more than any
// of this car's.
TEST_F(Switching, AWrongCoilMayHaveFiveKilohms) {
  kind(circuit::SensorKind::passive);
  reading("RL", "C2.w pair 1.97k unplugged");
  reading("RR", "C2.w pair 5.23k unplugged");
  EXPECT_GT(shareOf(Fault::wrongSensor), 0.1);
}

}  // namespace
}  // namespace haybale::diagnosis
