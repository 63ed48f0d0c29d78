// The module's check with the car standing, as a function of how bad the line is. Facts of the
// trade (common practice, no source): a line that parts is open from some kilohms on, one that
// leaks to ground is a short from some hundreds of ohms down, and what is between sets no code.
#include "core/vehicle/module_check.h"

#include <random>

#include "support/line_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::FaultKind;
using circuit::LineFault;
using circuit::WireId;

template <class Line>
class CheckOf : public Line {
 protected:
  [[nodiscard]] ModuleCheck with(FaultKind kind, double ohm, WireId wire = WireId::a) const {
    const std::vector<LineFault> faults = {{"L2", kind, wire, ohm}};
    return moduleCheck({this->circuit, this->point, faults, {}});
  }
};
using Coil = CheckOf<circuit::PassiveLine>;
using Current = CheckOf<circuit::ActiveLine>;

// Of a line that is gone altogether a pin stands at its supply: a trace of the other code.
constexpr double kSlight = 0.003;
constexpr double kOhms[] = {0.1, 1, 10, 100, 1e3, 1e4, 1e5, 1e6, 1e9};

TEST_F(Coil, TheWorseItPartsTheSurerTheOpen) {
  for (const auto wire : {WireId::a, WireId::b}) {
    double last = 0;
    for (const double ohm : kOhms) {
      const double open = with(FaultKind::series, ohm, wire).open;
      EXPECT_GE(open, last - kSlight) << ohm;
      last = open;
    }
    EXPECT_LT(with(FaultKind::series, 10, wire).open, 0.05);
    EXPECT_GT(last, 0.95);
  }
}

TEST_F(Current, TheWorseItPartsTheSurerTheOpen) {
  double last = 0;
  for (const double ohm : kOhms) {
    const double open = with(FaultKind::series, ohm).open;
    EXPECT_GE(open, last - kSlight) << ohm;
    last = open;
  }
  EXPECT_GT(last, 0.95);
}

TEST_F(Coil, TheWorseItLeaksTheSurerTheShort) {
  double last = 1;
  for (const double ohm : kOhms) {
    const double ground = with(FaultKind::leakToGround, ohm).shortGround;
    EXPECT_LE(ground, last + 1e-9) << ohm;
    last = ground;
  }
  EXPECT_GT(with(FaultKind::leakToGround, 0.1).shortGround, 0.9);
  EXPECT_LT(last, 0.05);
}

TEST_F(Coil, WiresThatTouchAreAShort) {
  EXPECT_GT(with(FaultKind::wiresTouching, 0.1).shortGround, 0.5);
  EXPECT_LT(with(FaultKind::wiresTouching, 1e6).shortGround, 0.05);
}

TEST_F(Coil, SupplyOnTheLineIsAShortToSupply) {
  EXPECT_GT(with(FaultKind::leakToSupply, 0.1).shortSupply, 0.9);
  EXPECT_LT(with(FaultKind::leakToSupply, 1e9).shortSupply, 0.05);
}

TEST_F(Current, ALineThatIsNotFedIsOpenIfAnything) {
  const std::vector<LineFault> faults = {{"module", FaultKind::noSupply}};
  const auto check = moduleCheck({circuit, point, faults, {}});
  EXPECT_GT(check.open, check.shortGround);
  EXPECT_EQ(check.shortSupply, 0);
}

TEST_F(Current, AHallSensorsLineIsNotChecked) {
  circuit.sensor.kind = circuit::SensorKind::hall;
  const auto check = with(FaultKind::series, 1e9);
  EXPECT_EQ(check.open + check.shortGround + check.shortSupply, 0);
}

// A jumper that stands in for a plug that is apart: the line is whole again.
TEST_F(Coil, APlugThatIsApartIsAnOpenLine) {
  circuit::CarState apart;
  apart.unplugged = {"C2"};
  EXPECT_GT(moduleCheck({circuit, point, {}, apart}).open, 0.9);
}

template <class Line>
void sharesAreShares(const Line& line) {
  std::mt19937 random(11);
  const auto drawn = [&](double low, double high) {
    return std::pow(10, std::uniform_real_distribution(low, high)(random));
  };
  for (int i = 0; i < 300; ++i) {
    const FaultKind kinds[] = {FaultKind::series, FaultKind::leakToGround, FaultKind::leakToSupply,
                               FaultKind::wiresTouching};
    const char* elements[] = {"L1", "C1", "L2", "C2"};
    std::vector<LineFault> faults;
    for (auto n = random() % 3; n > 0; --n) {
      faults.push_back({elements[random() % 4], kinds[random() % 4],
                        random() % 2 == 0 ? WireId::a : WireId::b, drawn(-1, 7)});
    }
    const auto check = moduleCheck({line.circuit, line.point, faults, {}});
    for (const double p : {check.open, check.shortGround, check.shortSupply}) {
      ASSERT_GE(p, 0);
      ASSERT_LE(p, 1);
    }
    ASSERT_LE(check.open + check.shortGround + check.shortSupply, 1 + 1e-9);
  }
}

struct OpenCoil : circuit::PassiveLine {
  using PassiveLine::circuit;
  using PassiveLine::point;
  void TestBody() override {}
};
struct OpenCurrent : circuit::ActiveLine {
  using ActiveLine::circuit;
  using ActiveLine::point;
  void TestBody() override {}
};

TEST(ModuleCheck, SharesAreSharesWhateverIsWrong) {
  sharesAreShares(OpenCoil());
  sharesAreShares(OpenCurrent());
}

}  // namespace
}  // namespace haybale::diagnosis
