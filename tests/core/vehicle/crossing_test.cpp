// Two circuits that have changed places: what is done to one line behind the crossing happens to
// another circuit. Physics of the wires; no published source.
#include "core/vehicle/crossing.h"

#include "core/belief/likelihood.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

using circuit::Place;
using circuit::TestKind;
using circuit::WireId;

class Crossing : public Job {
 protected:
  Crossing() { kind(circuit::SensorKind::passive); }

  [[nodiscard]] static World crossedAt(const char* element) {
    Hypothesis h;
    h.fault = Fault::circuitsExchanged;
    h.element = element;
    return worldOf(h, 0, {});
  }
  [[nodiscard]] circuit::Test ohms(Place red, Place black, std::vector<std::string> apart) const {
    circuit::Test t;
    t.kind = TestKind::resistance;
    t.circuit = "RR";
    t.red = circuit::Probe{std::move(red), WireId::a};
    t.black = circuit::Probe{std::move(black), WireId::b};
    t.state.key = circuit::Key::off;
    t.state.unplugged = std::move(apart);
    return t;
  }
  [[nodiscard]] double read(const circuit::Test& test, const World& world) const {
    const Vehicle vehicle(c);
    const auto parameters = learnParameters(c, *c.find("RR"));
    return vehicle.electrical(test, world, parameters.central).value_or(-1);
  }
  [[nodiscard]] double shareOfExchange() {
    double sum = 0;
    for (const auto& s : assessed().conclusion.suspects) {
      sum += s.fault == Fault::circuitsExchanged ? s.share : 0;
    }
    return sum;
  }
  const Place module{Place::Kind::modulePlug, "module"};
  const Place atC1{Place::Kind::moduleSide, "C1"};
  const Place behindC2{Place::Kind::wheelSide, "C2"};
};

TEST_F(Crossing, APlugApartBehindItIsNotSeenFromTheModule) {
  const auto test = ohms(module, module, {"module", "C2"});
  EXPECT_TRUE(std::isinf(read(test, World{}))) << "nothing hangs there any more";
  EXPECT_NEAR(read(test, crossedAt("C1")), read(ohms(module, module, {"module"}), World{}), 1)
      << "the other wheel's coil is still there";
  EXPECT_TRUE(std::isinf(read(test, crossedAt("C2"))))
      << "the plug they cross in is apart for both";
}

TEST_F(Crossing, FromTheWheelWhatIsApartBeforeItIsNotSeen) {
  auto test = ohms(behindC2, behindC2, {"module"});
  test.kind = TestKind::dcVoltage;
  test.black = std::nullopt;
  test.state.key = circuit::Key::on;
  EXPECT_LT(read(test, World{}), 0.05);
  EXPECT_GT(read(test, crossedAt("C1")), 0.1) << "the other wheel's input feeds it";
}

TEST_F(Crossing, NothingConductsFromOneSideToTheOther) {
  auto test = ohms(module, behindC2, {"module", "C2"});
  test.black->wire = WireId::a;
  test.state.unplugged = {"module"};
  EXPECT_LT(read(test, World{}), 5);
  for (const char* at : {"module", "C1", "L2"}) {
    EXPECT_TRUE(std::isinf(read(test, crossedAt(at)))) << at;
  }
}

TEST_F(Crossing, AShortSetBehindItIsTheOtherCircuitsCode) {
  circuit::CarState state;
  state.unplugged = {"C2"};
  state.jumper = Place{Place::Kind::moduleSide, "C2"};
  const double before = shareOfExchange();
  codes({{"FR", job::CodeType::shortGround, {}}}, state);
  EXPECT_GT(shareOfExchange(), 8 * before);
  EXPECT_EQ(assessed().conclusion.suspects.front().fault, Fault::circuitsExchanged);
  c.evidence.clear();
  codes({{"RR", job::CodeType::shortGround, {}}}, state);
  EXPECT_LT(shareOfExchange(), before / 2) << "it named the wheel that was worked at";
}

}  // namespace
}  // namespace haybale::diagnosis
