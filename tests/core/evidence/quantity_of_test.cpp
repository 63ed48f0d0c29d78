// What a reading is of, so that only the limits about it judge it. Which leads a value of the trade
// is taken with is common practice (trade's own words: "each wire to ground and pair-wise"), no
// published source.
#include "core/evidence/quantity_of.h"

#include "core/evidence/good_value.h"
#include "core/judging/limits_sheet.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using judging::Quantity;
using judging::Verdict;

class QuantityOf : public Job {
 protected:
  [[nodiscard]] std::optional<Quantity> of(const std::string& line) {
    reading("RR", line);
    return quantityOf(*c.find("RR"), c.evidence.back().test);
  }
  /// What the limits said of a reading; empty where none was about it.
  [[nodiscard]] std::optional<Verdict> byLimits(const std::string& line) {
    reading("RR", line);
    const auto a = assessed();
    std::optional<Verdict> out;
    for (const auto& check : a.views.back().checks) {
      if (check.against.starts_with("limit")) {
        out = check.verdict;
      }
    }
    return out;
  }
};

TEST_F(QuantityOf, OhmsAreOfWhatLiesBetweenTheLeads) {
  EXPECT_EQ(of("module a b 1.1k unplugged module"), Quantity::coilResistance);
  EXPECT_EQ(of("C2.w a b 1.1k unplugged C2"), Quantity::coilResistance);
  EXPECT_EQ(of("C2 a b OL unplugged module C2"), Quantity::wireInsulation);
  EXPECT_EQ(of("module a gnd OL unplugged module"), Quantity::wireInsulation);
  EXPECT_EQ(of("C2 a b 900 plugged"), std::nullopt) << "the module lies in parallel";
  EXPECT_EQ(of("C2 a gnd 4k plugged"), std::nullopt) << "the module's own way to ground";
}

TEST_F(QuantityOf, AWireIsWholeOnlyWhereNothingIsApartBetween) {
  auto t = job::defaultTest(*c.find("RR"), {circuit::Place::Kind::modulePlug, "module"},
                            circuit::TestKind::resistance);
  t.black = circuit::Probe{{circuit::Place::Kind::wheelSide, "C2"}, circuit::WireId::a};
  t.state.unplugged = {"module"};
  EXPECT_EQ(quantityOf(*c.find("RR"), t), Quantity::wireContinuity);
  t.state.unplugged = {"module", "C2"};
  EXPECT_EQ(quantityOf(*c.find("RR"), t), std::nullopt) << "across an open plug OL is right";
  t.black->place.kind = circuit::Place::Kind::moduleSide;
  EXPECT_EQ(quantityOf(*c.find("RR"), t), Quantity::wireContinuity);

  t = job::defaultTest(*c.find("RR"), {circuit::Place::Kind::modulePlug, "module"},
                       circuit::TestKind::loop);
  t.state.jumper = circuit::Place{circuit::Place::Kind::moduleSide, "C2"};
  t.state.unplugged = {"module", "C2"};
  EXPECT_EQ(quantityOf(*c.find("RR"), t), Quantity::wireContinuity);
  t.state.jumper->kind = circuit::Place::Kind::wheelSide;
  EXPECT_NE(quantityOf(*c.find("RR"), t), Quantity::wireContinuity) << "the jumper is beyond it";
}

// Zero volts on the return, or 2 V where the module biases it, break no limit of the feed.
TEST_F(QuantityOf, ALimitOfTheFeedSaysNothingOfTheReturn) {
  kind(circuit::SensorKind::active);
  judging::applySheet(judging::genericSheets()[2], c.limits);
  EXPECT_EQ(byLimits("C2 a gnd 11.6V dc key on unplugged C2"), Verdict::pass);
  EXPECT_EQ(byLimits("C2 a gnd 4.0V dc key on unplugged C2"), Verdict::fail);
  EXPECT_EQ(byLimits("C2 b gnd 0.01V dc key on unplugged C2"), std::nullopt);
  EXPECT_EQ(byLimits("C2 a b 11.6V dc key on unplugged C2"), Verdict::pass);
  EXPECT_EQ(byLimits("C2 a gnd 10.4V dc key on plugged"), std::nullopt) << "loaded by the sensor";
}

TEST_F(QuantityOf, AlternatingVoltsAreOfTheSensorOnTheLine) {
  EXPECT_EQ(of("module a b 0.4V ac spun unplugged module"), Quantity::acOutput);
  EXPECT_EQ(of("C2.w a b 0.4V ac spun unplugged C2"), Quantity::acOutput);
  EXPECT_EQ(of("C2 a b 0.002V ac spun unplugged C2"), std::nullopt) << "the module's half";
  EXPECT_EQ(of("module a gnd 0.02V ac spun unplugged module"), std::nullopt) << "it floats";
}

// With the sensor off the line there is nothing to hear: said, and no limit is broken by it.
TEST_F(QuantityOf, NoSignalWhereTheSensorIsOffTheLineIsNoWeakSensor) {
  EXPECT_EQ(byLimits("C2 a b 0.002V ac spun unplugged C2"), std::nullopt);
  const auto a = assessed();
  EXPECT_NE(a.views.back().reason.find("unplugged from where the leads are"), std::string::npos)
      << a.views.back().reason;
}

// 0.1 to 1.5 V is a brisk spin by hand; a coil's volts grow with the speed, so that a good one
// gives more on the road and less at a creep (induction: proportional to frequency).
TEST_F(QuantityOf, ALimitOfASpinByHandIsNoLimitOfTheRoad) {
  EXPECT_EQ(byLimits("module a b 0.400V ac spun unplugged module"), Verdict::pass);
  EXPECT_EQ(byLimits("module a b 0.03V ac spun unplugged module"), Verdict::fail);
  EXPECT_EQ(byLimits("C2 a b 3.2V ac driven plugged"), Verdict::pass);
  EXPECT_EQ(byLimits("C2 a b 0.03V ac driven plugged"), Verdict::fail)
      << "too little for a hand is far too little for the road";
  EXPECT_EQ(byLimits("module a b 0.04V 6Hz ac spun unplugged module"), Verdict::pass)
      << "an eighth of a turn a second";
  EXPECT_EQ(byLimits("module a b 2.6V 300Hz ac spun unplugged module"), Verdict::pass);
}

TEST_F(QuantityOf, OnlyWhatALimitIsAboutIsKeptAsGood) {
  const WaveformSet none;
  reading("RR", "module a b 1.1k unplugged module");
  const auto coil = goodValueOf(c, none, c.evidence.back());
  ASSERT_TRUE(coil);
  EXPECT_EQ(coil->quantity, Quantity::coilResistance);
  EXPECT_DOUBLE_EQ(coil->value, 1100);
  reading("RR", "C2 b gnd 0.01V dc key on unplugged C2");
  EXPECT_FALSE(goodValueOf(c, none, c.evidence.back())) << "the return is no bias of the feed";
  reading("RR", "C2 a b 0.002V ac spun unplugged C2");
  EXPECT_FALSE(goodValueOf(c, none, c.evidence.back())) << "nobody's output";
  reading("RR", "module a gnd OL unplugged module");
  EXPECT_FALSE(goodValueOf(c, none, c.evidence.back())) << "OL is no number";
  reading("RR", "module a b 1.1k unplugged module");
  c.evidence.back().withdrawn = true;
  EXPECT_FALSE(goodValueOf(c, none, c.evidence.back())) << "taken back";
}

}  // namespace
}  // namespace haybale::diagnosis
