// What a set-up makes of a reading: where it says nothing, and where it does all the same. Common
// practice, no published source.
#include "core/evidence/void_setup.h"

#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class VoidSetup : public Job {
 protected:
  /// Whether the reading typed last means nothing.
  [[nodiscard]] bool nothing(const std::string& line) {
    reading("RR", line);
    const bool out = isVoid(*c.find("RR"), c.evidence.back());
    c.evidence.pop_back();
    return out;
  }
};

TEST_F(VoidSetup, OhmsWantTheKeyOffAndVoltsWantItOn) {
  EXPECT_FALSE(nothing("module a b 1.1k key off unplugged module"));
  EXPECT_TRUE(nothing("C2 a b 1.1k key on"));
  EXPECT_TRUE(nothing("C2.w a b 1.1k key on unplugged C2")) << "wherever the leads are";
  EXPECT_FALSE(nothing("C2 a gnd 4.9V dc key on unplugged C2"));
  EXPECT_TRUE(nothing("C2 a gnd 0.0V dc key off unplugged C2"));
}

// Twelve volts with the key off are the sign of a wire on a permanent supply.
TEST_F(VoidSetup, VoltsThatStandWithTheKeyOffComeFromSomewhere) {
  EXPECT_FALSE(nothing("C2 b gnd 12.3V dc key off unplugged C2"));
  EXPECT_TRUE(nothing("C2 b gnd 0.08V dc key off unplugged C2"));
  reading("RL", "module a b 1.2k unplugged module");
  reading("RR", "module a b 1.2k unplugged module");
  reading("RR", "C2 b gnd 12.3V dc key off unplugged C2");
  double fed = 0;
  for (const auto& s : assessed().conclusion.suspects) {
    fed += s.fault == Fault::shortToSupply && s.wire == circuit::WireId::b ? s.share : 0;
  }
  EXPECT_GT(fed, 0.5);
  const auto a = assessed();
  EXPECT_EQ(a.views.back().reason.find("nothing to read"), std::string::npos);
}

TEST_F(VoidSetup, ASignalWantsATurningWheel) {
  auto t = job::defaultTest(*c.find("RR"), {circuit::Place::Kind::modulePlug, "module"},
                            circuit::TestKind::acVoltage);
  t.state.wheel = circuit::WheelMotion::still;
  EXPECT_TRUE(isVoid(*c.find("RR"), t));
  t.state.wheel = circuit::WheelMotion::spun;
  EXPECT_FALSE(isVoid(*c.find("RR"), t));
}

TEST_F(VoidSetup, AnActiveSensorWantsItsModuleAndTheKey) {
  circuit::Test t = job::defaultTest(*c.find("RR"), {circuit::Place::Kind::modulePlug, "module"},
                                     circuit::TestKind::waveform);
  t.state.wheel = circuit::WheelMotion::spun;
  t.state.unplugged = {"module"};
  t.state.key = circuit::Key::off;
  EXPECT_FALSE(isVoid(*c.find("RR"), t)) << "a coil makes its own volts";
  kind(circuit::SensorKind::active);
  EXPECT_TRUE(isVoid(*c.find("RR"), t));
  t.state.key = circuit::Key::on;
  EXPECT_TRUE(isVoid(*c.find("RR"), t)) << "not fed by its module";
  t.state.unplugged.clear();
  EXPECT_FALSE(isVoid(*c.find("RR"), t));
  kind(circuit::SensorKind::unknown);
  t.state.key = circuit::Key::off;
  EXPECT_FALSE(isVoid(*c.find("RR"), t)) << "not under every kind it may be";
}

}  // namespace
}  // namespace haybale::diagnosis
