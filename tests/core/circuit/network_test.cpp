#include "core/circuit/network.h"

#include <array>
#include <cmath>
#include <limits>

#include "support/haybale_test.h"

namespace haybale::circuit {
namespace {

TEST(LinearNetwork, SolvesADividerAndABridgeWorkedByHand) {
  LinearNetwork<double> net;
  const auto top = net.addNode();
  const auto middle = net.addNode();
  net.addSource(top, kGround, 12, 1e-3);
  net.addResistor(top, middle, 2000);
  net.addResistor(middle, kGround, 1000);
  net.solve();
  EXPECT_NEAR(net.at(middle), 4.0, 1e-5);

  // Five resistors of 1 ohm each, balanced: seen from the ends the bridge is 1 ohm.
  net.clear();
  const auto a = net.addNode();
  const auto l = net.addNode();
  const auto r = net.addNode();
  net.addResistor(a, l, 1);
  net.addResistor(a, r, 1);
  net.addResistor(l, r, 1);
  net.addResistor(l, kGround, 1);
  net.addResistor(r, kGround, 1);
  net.addCurrent(kGround, a, 1);
  net.solve();
  EXPECT_NEAR(net.at(a), 1.0, 1e-9);
}

// Sixteen decades in one net: elimination by subtraction would leave no digit of the small current.
TEST(LinearNetwork, MilliohmsAndTeraohmsInOneNetLoseNoDigits) {
  LinearNetwork<double> net;
  const auto top = net.addNode();
  net.addSource(top, kGround, 10, 1e-4);
  Node last = top;
  for (int i = 0; i < 10; ++i) {
    const auto next = net.addNode();
    net.addResistor(last, next, 1e-4);
    last = next;
  }
  const auto far = net.addNode();
  net.addResistor(last, far, 1e11);
  net.addResistor(far, kGround, 1e11);
  net.solve();
  EXPECT_NEAR(net.at(far), 5.0, 1e-6) << "1e-20 S of every node are nothing";
}

// Series RL worked by hand: |V_R / V| = R / hypot(R, 2 pi f L).
TEST(Network, ACoilDividesItsVoltageByItsImpedance) {
  Network net;
  const auto plus = net.addNode();
  net.addCoil(plus, kGround, 1000, 0.5, 1.0);
  net.addResistor(plus, kGround, 3000);
  ASSERT_TRUE(net.solve());
  LinearNetwork<std::complex<double>> small;
  net.smallSignal(200, small);
  small.solve();
  const double reactance = 2 * M_PI * 200 * 0.5;
  EXPECT_NEAR(std::abs(small.at(plus)), 3000 / std::hypot(4000, reactance), 1e-6);
}

TEST(Network, BentBranchesSettleOnTheirPieces) {
  constexpr double kInf = std::numeric_limits<double>::infinity();
  // A limiter: 1 kohm up to 2 V, then 2 mA and no more.
  const Piece limiter[] = {{2, 1e-3, 0}, {kInf, 1e-9, 2e-3}};
  for (const auto& [volts, expected] : {std::pair{1.5, 1.0}, std::pair{5.0, 4.0}}) {
    Network net;
    const auto node = net.addNode();
    net.addSource(node, kGround, volts, 500);
    net.addBent(node, kGround, limiter);
    ASSERT_TRUE(net.solve());
    EXPECT_NEAR(net.at(node), expected, 1e-3);
  }
}

// Worked by hand: a diode that conducts 1 mA a volt from 0.6 V on, and a transistor that its gate's
// 5 V keep closed, 10 ohm, behind 1 kohm from 12 V. Hung on between: a source that drives the diode
// the other way, and one that pulls the gate down.
TEST(Network, StandsAfterRewindingAsItStoodBefore) {
  Network net;
  const auto feed = net.addNode();
  const auto out = net.addNode();
  const auto gate = net.addNode();
  const std::array<Piece, 2> diode{
      {{0.6, 1e-12, 0}, {std::numeric_limits<double>::infinity(), 1e-3, -0.6e-3}}};
  net.addSource(feed, kGround, 12, 1000);
  net.addBent(feed, kGround, diode);
  net.addSource(gate, kGround, 5, 100);
  net.addSource(out, kGround, 12, 1000);
  net.addSwitch(out, kGround, 10, 1e9, gate, 2);
  net.mark();
  ASSERT_TRUE(net.solve());
  const double conducting = net.at(feed);
  EXPECT_NEAR(conducting, 6.3, 1e-6);  // (12 + 0.6) / 2
  EXPECT_NEAR(net.at(out), 12 * 10 / 1010.0, 1e-6);

  net.rewind();
  net.addSource(feed, kGround, -100, 1);
  net.addResistor(gate, kGround, 1);
  ASSERT_TRUE(net.solve());
  EXPECT_LT(net.at(feed), -90);           // the diode is shut
  EXPECT_NEAR(net.at(out), 12, 1e-3);     // and so is the transistor
  EXPECT_NEAR(net.at(gate), 0.05, 0.01);  // 5 V over 100 and 1 ohm

  net.rewind();
  ASSERT_TRUE(net.solve());
  EXPECT_DOUBLE_EQ(net.at(feed), conducting);
  EXPECT_NEAR(net.at(out), 12 * 10 / 1010.0, 1e-6);
  EXPECT_NEAR(net.at(gate), 5, 1e-6);
}

}  // namespace
}  // namespace haybale::circuit
