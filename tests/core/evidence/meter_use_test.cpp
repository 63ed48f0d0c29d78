// How a meter was used: rectangular distribution of what its data sheet allows, a / sqrt(3)
// (JCGM 100:2008, 4.3.7, from memory); hertz beside AC volts give the wheel's speed, v = f C / N.
#include "core/evidence/meter_use.h"

#include <cmath>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::TestKind;

class MeterUse : public Job {
 protected:
  MeterUse() { kind(circuit::SensorKind::passive); }
  const job::Evidence& typed(const char* line) {
    reading("RR", line);
    return c.evidence.back();
  }
};

TEST_F(MeterUse, UncertaintyIsThatOfTheDataSheet) {
  c.meter.ohm = {0.8, 3};
  const auto& e = typed("C2.w pair 1100 unplugged");
  EXPECT_NEAR(standardUncertainty(c.meter, *e.reading.value, TestKind::resistance),
              (0.008 * 1100 + 3 * 1) / std::sqrt(3.0), 1e-9);
  const auto& fine = typed("C2.w pair 1.1000k unplugged");
  EXPECT_NEAR(standardUncertainty(c.meter, *fine.reading.value, TestKind::resistance),
              (0.008 * 1100 + 3 * 0.1) / std::sqrt(3.0), 1e-9)
      << "its digits as they were shown";
}

TEST_F(MeterUse, EachFunctionHasItsOwnAccuracy) {
  c.meter.ohm = {1, 0};
  c.meter.dc = {2, 0};
  c.meter.ac = {3, 0};
  c.meter.ampere = {4, 0};
  EXPECT_EQ(accuracyFor(c.meter, TestKind::resistance).percent, 1);
  EXPECT_EQ(accuracyFor(c.meter, TestKind::loop).percent, 1);
  EXPECT_EQ(accuracyFor(c.meter, TestKind::dcVoltage).percent, 2);
  EXPECT_EQ(accuracyFor(c.meter, TestKind::acVoltage).percent, 3);
  EXPECT_EQ(accuracyFor(c.meter, TestKind::current).percent, 4);
}

TEST_F(MeterUse, AnOverloadHasNone) {
  const auto& e = typed("C2.w pair OL unplugged");
  EXPECT_EQ(standardUncertainty(c.meter, *e.reading.value, TestKind::resistance), 0);
}

// 52 Hz of 48 teeth on 1.9 m: 52 / 48 * 1.9 * 3.6 = 7.41 km/h.
TEST_F(MeterUse, HertzGiveTheWheelsSpeed) {
  c.find("RR")->sensor.teeth = 48;
  const auto& e = typed("C2.w pair ac 0.41V 52Hz unplugged still");
  const auto test = asMeasured(c, e);
  ASSERT_TRUE(test.state.speedKmh);
  const double circumference = c.rollingCircumferenceM().value_or(circuit::kUsualCircumferenceM);
  EXPECT_NEAR(*test.state.speedKmh, 52.0 / 48 * circumference * 3.6, 1e-6);
  EXPECT_NE(test.state.wheel, circuit::WheelMotion::still) << "it turned, whatever was said";
  EXPECT_FALSE(speedUnknown(e));
}

TEST_F(MeterUse, WithoutHertzTheSpeedIsNotKnown) {
  EXPECT_TRUE(speedUnknown(typed("C2.w pair ac 0.41V unplugged spun")));
  EXPECT_FALSE(speedUnknown(typed("C2.w pair 1100 unplugged"))) << "ohms do not ask for it";
}

}  // namespace
}  // namespace haybale::diagnosis
