#include "core/plan/good_wheel.h"

#include "core/plan/test_effort.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Key;
using circuit::Place;
using circuit::Probe;
using circuit::SensorKind;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using circuit::WireId;

namespace {

class Lister {
 public:
  Lister(const Circuit& good, const std::string& joint) : good_(good), joint_(joint) {}

  std::vector<Test> list() {
    const Place near{Place::Kind::moduleSide, joint_};
    const Place far{Place::Kind::wheelSide, joint_};
    const Place plug{Place::Kind::modulePlug, good_.path.front().id};
    if (circuit::isCoil(good_.sensor.kind)) {
      add(TestKind::resistance, far, WireId::a, WireId::b, {joint_});
      add(TestKind::resistance, plug, WireId::a, WireId::b, {plug.element});
      add(TestKind::dcVoltage, near, WireId::a, std::nullopt, {joint_});
      add(TestKind::dcVoltage, near, WireId::a, WireId::b, {});
      spun(TestKind::acVoltage, far, WireId::a, WireId::b, {joint_});
      spun(TestKind::waveform, far, WireId::a, WireId::b, {joint_});
      spun(TestKind::waveform, plug, WireId::a, WireId::b, {});
      return std::move(out_);
    }
    const bool hall = good_.sensor.kind == SensorKind::hall;
    add(TestKind::dcVoltage, near, hall ? WireId::c : WireId::a, std::nullopt, {joint_});
    for (const WireId wire : {WireId::a, WireId::b}) {
      if (wire == WireId::a || !hall) {
        add(TestKind::dcVoltage, near, wire, std::nullopt, {});
        spun(TestKind::waveform, far, wire, std::nullopt, {});
        spun(TestKind::waveform, plug, wire, std::nullopt, {});
      }
    }
    return std::move(out_);
  }

 private:
  Test& add(TestKind kind, const Place& place, WireId red, std::optional<WireId> black,
            std::vector<std::string> apart) {
    Test t;
    t.kind = kind;
    t.circuit = good_.name;
    t.red = Probe{place, red};
    t.black = black ? Probe{place, *black} : Probe{{Place::Kind::ground, ""}, std::nullopt};
    t.state.key = circuit::defaultKey(kind);
    t.state.unplugged = std::move(apart);
    out_.push_back(std::move(t));
    return out_.back();
  }
  void spun(TestKind kind, const Place& place, WireId red, std::optional<WireId> black,
            std::vector<std::string> apart) {
    const bool alone = !apart.empty();
    Test& t = add(kind, place, red, black, std::move(apart));
    t.state.wheel = WheelMotion::spun;
    t.state.key = alone ? Key::off : Key::on;
  }

  const Circuit& good_;
  std::string joint_;
  std::vector<Test> out_;
};

}  // namespace

std::vector<Test> testsOnGoodWheel(const job::Case& c) {
  const Circuit* suspect = c.suspectCircuit();
  const Circuit* good = suspect ? circuit::peerOf(c.circuits, *suspect) : nullptr;
  const auto* joint = good ? good->sensorConnector() : nullptr;
  if (!joint) {
    return {};
  }
  auto out = Lister(*good, joint->id).list();
  std::erase_if(out, [&](const Test& t) { return !permitted(c, *good, t); });
  return out;
}

}  // namespace haybale::diagnosis
