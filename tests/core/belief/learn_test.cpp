#include "core/belief/learn.h"

#include <cmath>

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Learn : public Job {};

// Trade fact (common practice, no source): 2.6 V where the chart says 12 V is right if the good
// wheel shows the same.
TEST_F(Learn, TheExpectedBandClosesAroundWhatTheGoodWheelShows) {
  const auto& rr = *c.find("RR");
  const auto start = job::defaultTest(rr, {circuit::Place::Kind::modulePlug, "module"},
                                      circuit::TestKind::resistance);
  const auto test = job::parseReadingLine("C2 a gnd 1V key on unplugged", rr, start)->test;
  const auto wide = circuit::predictBand(rr, learnParameters(c, rr), test);
  reading("RL", "C2 a gnd 2.60V unplugged");
  const auto narrow = circuit::predictBand(rr, learnParameters(c, rr), test);
  EXPECT_GT(wide->high - wide->low, 2.0);
  EXPECT_LT(narrow->high - narrow->low, 0.4);
  EXPECT_LT(narrow->low, 2.6);
  EXPECT_GT(narrow->high, 2.6);
}

// Both wires biased: the pair shows nothing across and the same against ground on either wire.
TEST_F(Learn, TheFrontEndItselfIsRecognised) {
  reading("RL", "C2 a gnd 2.00V unplugged");
  reading("RL", "C2 b gnd dc 2.01V key on unplugged");
  reading("RL", "module pair 1.10k");
  const auto p = learnParameters(c, *c.find("RR"));
  for (const auto& draw : p.draws) {
    EXPECT_EQ(draw.frontEnd.kind, circuit::FrontEndKind::bothBiased);
  }
}

TEST_F(Learn, WithdrawnReadingsAndTheSuspectsOwnTeachNothing) {
  reading("RR", "C2 a gnd 4.98V unplugged");
  reading("RL", "C2 a gnd 2.60V unplugged");
  c.evidence.back().withdrawn = true;
  EXPECT_EQ(learnParameters(c, *c.find("RR")).from, "common practice");
}

TEST_F(Learn, IsDeterministic) {
  reading("RL", "module pair 1.12k");
  const auto a = learnParameters(c, *c.find("RR"));
  const auto b = learnParameters(c, *c.find("RR"));
  ASSERT_EQ(a.draws.size(), b.draws.size());
  for (std::size_t i = 0; i < a.draws.size(); ++i) {
    EXPECT_EQ(a.draws[i].sensor.coilOhm, b.draws[i].sensor.coilOhm);
  }
}

// An active sensor stands on a tooth or off it; the good wheel may show either.
TEST_F(Learn, EitherCurrentOfAnActiveSensorIsExpected) {
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::active;
  }
  const auto& rr = *c.find("RR");
  reading("RL", "C2 a gnd 11.5V unplugged dc key on");
  reading("RL", "module a gnd 10.7V plugged dc key on");
  const auto start = job::defaultTest(rr, {circuit::Place::Kind::modulePlug, "module"},
                                      circuit::TestKind::dcVoltage);
  const auto band = circuit::predictBand(rr, learnParameters(c, rr), start);
  EXPECT_LT(band->low, 10.1);
  EXPECT_GT(band->high, 10.7);
}

// What an ohmmeter shows of a sound active sensor is anywhere in two decades: wherever it is, the
// good wheel teaches it, from as far away as it may lie.
TEST_F(Learn, AnActiveSensorsOhmsWhereverTheyAre) {
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::active;
  }
  const std::pair<const char*, double> shown[] = {
      {"300k", 3e5}, {"740k", 7.4e5}, {"2M", 2e6}, {"11.5M", 1.15e7}};
  for (const auto& [text, ohm] : shown) {
    c.evidence.clear();
    reading("RL", std::string("C2.w pair ") + text + " unplugged");
    const auto known = learnParameters(c, *c.find("RR"));
    EXPECT_TRUE(known.leftOut.empty()) << text;
    // Most of the way: what is left of it may be this one sensor's own.
    EXPECT_NEAR(std::log(known.central.sensor.ohmmeterOhm / ohm), 0, 0.35) << text;
  }
}

}  // namespace
}  // namespace haybale::diagnosis
