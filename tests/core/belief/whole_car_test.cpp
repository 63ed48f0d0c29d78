// The belief sees the whole car, and knows what it does not know. Facts of the trade: common
// practice, no published source, unless a line says otherwise.
#include <cmath>

#include "core/belief/circumstance.h"
#include "core/belief/kinds.h"
#include "core/belief/ways_to_fail.h"
#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class WholeCar : public Job {
 protected:
  void codes(std::vector<job::Code> list, circuit::WheelMotion wheel) {
    circuit::CarState state;
    state.wheel = wheel;
    Job::codes(std::move(list), state);
  }
};

// 8 to 14 V on an unplugged wire: active. Kilo-ohms steady: a coil.
TEST_F(WholeCar, TheKindIsToldByWhatTheGoodWheelShows) {
  kind(circuit::SensorKind::unknown);
  reading("RL", "C2 a gnd 11.4V dc key on unplugged");
  reading("RR", "C2 a gnd 0.0V dc key on unplugged");
  auto a = assessed();
  EXPECT_EQ(a.conclusion.kinds.front().kind, circuit::SensorKind::active);
  EXPECT_GT(a.conclusion.kinds.front().share, 0.8);
  double sensor = 0;
  for (const auto& s : a.conclusion.suspects) {
    sensor += s.element == "sensor" ? s.share : 0;
  }
  EXPECT_LT(sensor, 0.3) << "a missing supply is no dead sensor";
  c.evidence.clear();
  reading("RL", "C2.w pair 1.15k key off unplugged");
  a = assessed();
  EXPECT_EQ(a.conclusion.kinds.front().kind, circuit::SensorKind::passive);
}

TEST_F(WholeCar, SharesOfKindsSumToOneAndAKindThatWasSaidIsCertain) {
  kind(circuit::SensorKind::unknown);
  double sum = 0;
  for (const auto& k : assessed().conclusion.kinds) {
    sum += k.share;
  }
  EXPECT_NEAR(sum, 1, 1e-9);
  kind(circuit::SensorKind::hall);
  ASSERT_EQ(assessed().conclusion.kinds.size(), 1U);
}

// Nothing is proposed that means nothing under a kind that is still possible.
TEST_F(WholeCar, NoSetUpIsProposedThatMayBeVoid) {
  kind(circuit::SensorKind::unknown);
  const auto a = assessed();
  for (const auto& p : a.proposals) {
    if (p.test.kind == circuit::TestKind::waveform) {
      EXPECT_EQ(p.test.state.key, circuit::Key::on) << p.title;
      EXPECT_TRUE(p.test.state.unplugged.empty()) << p.title;
    }
  }
}

TEST_F(WholeCar, OneCauseForSeveralIsTheModulesPower) {
  std::vector<job::Code> all;
  for (const auto& circuit : c.circuits) {
    all.push_back({circuit.name, job::CodeType::noSignal, {}});
  }
  codes(all, circuit::WheelMotion::driven);
  EXPECT_GT(share("module", Fault::modulePower), 0.4);
  c.evidence.clear();
  codes({{"RR", job::CodeType::noSignal, {}}}, circuit::WheelMotion::driven);
  EXPECT_LT(share("module", Fault::modulePower), 0.05);
}

// Two readings that are wrong for one reason do not count twice: each family shares one doubt.
TEST_F(WholeCar, OneFamilyAloneNeverMakesCertain) {
  kind(circuit::SensorKind::passive);
  for (int i = 0; i < 6; ++i) {
    reading("RR", "sensor pair OL");
    reading("RR", "module pair OL");
  }
  EXPECT_LT(share("sensor"), 1 - priors::of(priors::Id::doubtOhms) / 4);
  EXPECT_TRUE(assessed().conclusion.wantsWitness);
}

// Change the meter's input resistance under the same name and what is believed follows.
TEST_F(WholeCar, TheMemoryKnowsTheWholeMeter) {
  kind(circuit::SensorKind::passive);
  reading("RL", "C2 a gnd 4.98V unplugged");
  reading("RR", "C2 a gnd 2.5V unplugged");
  LikelihoodMemory memory;
  const auto weak = assessCase(c, "/", shelf, {}, &memory);
  c.meter.inputOhm = 2e4;
  const auto kept = assessCase(c, "/", shelf, {}, &memory);
  const auto fresh = assessCase(c, "/", shelf);
  ASSERT_EQ(kept.conclusion.suspects.size(), fresh.conclusion.suspects.size());
  for (std::size_t i = 0; i < fresh.conclusion.suspects.size(); ++i) {
    EXPECT_EQ(kept.conclusion.suspects[i].element, fresh.conclusion.suspects[i].element);
    EXPECT_NEAR(kept.conclusion.suspects[i].share, fresh.conclusion.suspects[i].share, 1e-12);
  }
  EXPECT_NE(weak.conclusion.suspects.front().share, fresh.conclusion.suspects.front().share);
}

TEST_F(WholeCar, CircumstancesSpeakForWhatShowsSo) {
  job::Complaint complaint;
  EXPECT_EQ(circumstanceFactor(complaint, Fault::open), 1);
  complaint.when = {"key-on"};
  EXPECT_GT(circumstanceFactor(complaint, Fault::open),
            5 * circumstanceFactor(complaint, Fault::ringTooth));
  complaint.when = {"creep"};
  EXPECT_GT(circumstanceFactor(complaint, Fault::wideGap),
            5 * circumstanceFactor(complaint, Fault::open));
  complaint.lift = true;
  EXPECT_GT(circumstanceFactor(complaint, Fault::none), 1);
}

TEST_F(WholeCar, EveryClassHasARowForEveryCircumstance) {
  for (std::size_t f = 0; f < kFaultNames.size(); ++f) {
    const auto kind = showClass(static_cast<Fault>(f));
    for (std::size_t w = 1; w < job::kWhenNames.size() && kind != "sound"; ++w) {
      const std::string name = "shows-" + std::string(kind) + "-" + std::string(job::kWhenNames[w]);
      EXPECT_NE(priors::idOf(name), priors::Id::count) << name;
    }
  }
}

// A part that was replaced without cure is nearly acquitted; the new one may be wrong.
TEST_F(WholeCar, WhatWasDoneInVainCountsForLess) {
  kind(circuit::SensorKind::passive);
  const double before = share("sensor");
  job::History h;
  h.element = "sensor";
  h.cured = false;
  c.history = {h};
  const auto* sensor = c.find("RR")->find("sensor");
  EXPECT_LT(historyFactor(c, *c.find("RR"), sensor, Fault::sensorOpen), 0.2);
  EXPECT_GT(historyFactor(c, *c.find("RR"), sensor, Fault::wrongSensor), 1);
  EXPECT_LT(share("sensor"), before);
  c.history[0].circuit = "RL";
  EXPECT_EQ(historyFactor(c, *c.find("RR"), sensor, Fault::sensorOpen), 1) << "another wheel's";
}

TEST_F(WholeCar, OnlyTheSameGroupIsASpecification) {
  kind(circuit::SensorKind::passive);
  reading("FL", "C2.w pair 2.40k key off unplugged");
  EXPECT_EQ(learnParameters(c, *c.find("RR")).from, "common practice");
  c.find("FL")->group = "all";
  c.find("RR")->group = "all";
  EXPECT_EQ(learnParameters(c, *c.find("RR")).from, "learnt from FL");
}

TEST_F(WholeCar, TheMakersOwnLimitsBeatTheChart) {
  kind(circuit::SensorKind::passive);
  judging::Limit own;
  own.quantity = judging::Quantity::coilResistance;
  own.min = 1900;
  own.max = 2300;
  own.provenance = judging::Provenance::serviceInformation;
  c.find("RR")->limits = {own};
  const auto p = learnParameters(c, *c.find("RR"));
  EXPECT_EQ(p.from, "the maker's limits");
  EXPECT_NEAR(p.central.sensor.coilOhm, 2100, 120);
}

// IEC 60028, from memory: 0.393 % a kelvin. 1620 ohm at 95 C are 1253 at 20.
TEST_F(WholeCar, ATypedTemperatureIsUsedByTheBelief) {
  kind(circuit::SensorKind::passive);
  reading("RL", "module pair 1.258k");
  c.evidence.back().reading.celsius = 20;
  reading("RR", "module pair 1.620k");
  c.evidence.back().reading.celsius = 95;
  const auto a = assessed();
  double sound = 0, high = 0;
  for (const auto& s : a.conclusion.suspects) {
    sound += s.fault == Fault::resistive || s.fault == Fault::wrongSensor ? s.share : 0;
    high = std::max(high, s.share);
  }
  EXPECT_LT(sound, 0.15);
}

TEST_F(WholeCar, AWheelThatFitsNothingUsualIsLeftOut) {
  kind(circuit::SensorKind::passive);
  reading("RL", "C2.w pair 62k key off unplugged");
  const auto p = learnParameters(c, *c.find("RR"));
  ASSERT_EQ(p.leftOut.size(), 1U);
  EXPECT_EQ(p.leftOut.front(), "RL");
}

// A slip on the good wheel (a probe that missed: common practice, no source) costs that reading;
// what the others taught stays. 0.7 V on the return, plugged, is 7 mA through 100 ohm (VDA
// interface for active wheel speed sensors: 7 and 14 mA): the module senses there.
TEST_F(WholeCar, ASlipOnTheGoodWheelCostsThatReadingAlone) {
  kind(circuit::SensorKind::active);
  reading("RL", "C2 a gnd 11.4V dc key on unplugged");
  reading("RL", "C2 a gnd 11.4V dc key on plugged");
  reading("RL", "C2 b gnd 0.70V dc key on plugged");
  const auto sound = learnParameters(c, *c.find("RR"));
  EXPECT_EQ(sound.central.frontEnd.kind, circuit::FrontEndKind::lowSideSense);
  c.evidence.front().reading.value->value = 0;
  const auto p = learnParameters(c, *c.find("RR"));
  EXPECT_TRUE(p.leftOut.empty());
  EXPECT_EQ(p.from, "learnt from RL");
  EXPECT_EQ(p.central.frontEnd.kind, circuit::FrontEndKind::lowSideSense);
  EXPECT_NEAR(p.central.frontEnd.supplyV, sound.central.frontEnd.supplyV, 0.3);
}

}  // namespace
}  // namespace haybale::diagnosis
