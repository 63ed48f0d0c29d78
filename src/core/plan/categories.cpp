#include "core/plan/categories.h"

#include <algorithm>
#include <cmath>

#include "core/base/say.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;
using job::CodeType;
using job::Sight;

namespace {

// What is worth telling apart when an element is looked at.
std::vector<Sight> sightsOf(circuit::ElementKind kind) {
  using circuit::ElementKind;
  switch (kind) {
    case ElementKind::leg:
    case ElementKind::splice:
      return {Sight::ok,       Sight::chafed,   Sight::broken,
              Sight::repaired, Sight::corroded, Sight::hidden};
    case ElementKind::ring:
      return {Sight::ok,     Sight::missingTooth, Sight::cracked,
              Sight::debris, Sight::loose,        Sight::hidden};
    case ElementKind::sensor:
      return {Sight::ok,       Sight::debris, Sight::notSeated,
              Sight::corroded, Sight::broken, Sight::hidden};
    case ElementKind::module:
    case ElementKind::connector:
      break;
  }
  return {Sight::ok, Sight::corroded, Sight::loose, Sight::broken, Sight::repaired, Sight::hidden};
}

// The answers to one test, kind by kind.
class Answers {
 public:
  Answers(const Vehicle& vehicle, const Test& test)
      : vehicle_(vehicle), test_(test), name_(vehicle.suspect().name) {}

  std::vector<Category> all() {
    switch (test_.kind) {
      case TestKind::codes:
        codes();
        break;
      case TestKind::liveSpeed:
        speeds();
        break;
      case TestKind::wiggle:
        for (const bool reacts : {true, false}) {
          add(reacts ? say("the reading jumps") : say("the reading stays"),
              [&](Category& c) { c.reading.reacts = reacts; });
        }
        break;
      case TestKind::lamp:
        for (const auto state :
             {circuit::LampState::lit, circuit::LampState::dim, circuit::LampState::dark}) {
          add(sayName(circuit::kLampStateNames[static_cast<std::size_t>(state)]),
              [&](Category& c) { c.reading.lamp = state; });
        }
        break;
      case TestKind::benchSensor:
        for (const bool swings : {true, false}) {
          add(swings ? say("swings wide") : say("barely moves"),
              [&](Category& c) { c.reading.swings = swings; });
        }
        break;
      case TestKind::inspect:
        sights();
        break;
      case TestKind::waveform:
        traces();
        break;
      default:
        break;
    }
    return std::move(out_);
  }

 private:
  void add(const std::string& words, const std::function<void(Category&)>& fill) {
    Category c;
    c.words = words;
    fill(c);
    out_.push_back(std::move(c));
  }

  void code(const std::string& words, std::vector<job::Code> list) {
    add(words, [&](Category& c) { c.reading.codes = std::move(list); });
  }

  // Nothing but the sensor's own stands in its line.
  [[nodiscard]] bool asItIs() const { return !test_.state.swap && !test_.state.inject; }

  void codes() {
    code(say("no code returns"), {});
    std::vector<std::string> names{name_};
    if (test_.state.swap) {
      names = {test_.state.swap->into, test_.state.swap->sensorOf};
    }
    // Plugs apart or bridged on this line may be said of another, when the two are exchanged.
    if (asItIs() && (!test_.state.unplugged.empty() || test_.state.jumper)) {
      for (const auto& other : vehicle_.job().circuits) {
        if (other.name != name_) {
          code(say("another circuit instead"),
               {{other.name, test_.state.jumper ? CodeType::shortGround : CodeType::open, {}}});
        }
      }
    }
    for (const auto& n : names) {
      code(n + say(" open"), {{n, CodeType::open, {}}});
      code(n + say(" short to ground"), {{n, CodeType::shortGround, {}}});
      code(n + say(" short to supply"), {{n, CodeType::shortSupply, {}}});
      if (test_.state.wheel != WheelMotion::still) {
        code(n + say(" no signal"), {{n, CodeType::noSignal, {}}});
        code(n + say(" erratic or implausible"), {{n, CodeType::erratic, {}}});
      }
    }
  }

  void speeds() {
    const auto& job = vehicle_.job();
    const std::string shown = test_.state.swap ? test_.state.swap->into : name_;
    const double kmh =
        test_.state.inject
            ? kmhOf(*test_.state.inject, vehicle_.suspect(),
                    job.rollingCircumferenceM().value_or(circuit::kUsualCircumferenceM))
            : circuit::wheelKmh(test_.state);
    const auto speed = [&](const std::string& words, double value) {
      add(words, [&](Category& c) {
        c.reading.kmh.emplace_back(shown, value);
        for (const auto& other : job.circuits) {
          if (other.name != shown && test_.state.wheel == WheelMotion::driven) {
            c.reading.kmh.emplace_back(other.name, kmh);
          }
        }
      });
    };
    if (asItIs() && test_.state.wheel == WheelMotion::spun) {
      for (const auto& other : job.circuits) {
        if (other.name != shown) {
          add(say("another wheel shows instead"), [&](Category& c) {
            for (const auto& each : job.circuits) {
              c.reading.kmh.emplace_back(each.name, each.name == other.name ? kmh : 0);
            }
          });
        }
      }
    }
    speed(shown + say(" follows"), kmh);
    speed(shown + say(" stays at 0"), 0);
    speed(shown + say(" reads low"), 0.8 * kmh);
    speed(shown + say(" reads high"), 1.25 * kmh);
  }

  void sights() {
    if (isPull(test_)) {
      add(say("it stretches"), [](Category& c) { c.reading.sight = Sight::broken; });
      add(say("it holds"), [](Category& c) { c.reading.sight = Sight::ok; });
      return;
    }
    const auto* element = vehicle_.suspect().find(test_.looked);
    for (const Sight sight : sightsOf(element ? element->kind : circuit::ElementKind::connector)) {
      add(sayName(job::kSightNames[static_cast<std::size_t>(sight)]),
          [&](Category& c) { c.reading.sight = sight; });
    }
  }

  void traces() {
    add("flat", [](Category& c) { c.facts.flat = true; });
    for (const auto& [words, ratio] :
         {std::pair{say("as strong as the good wheel"), 1.0}, std::pair{say("a little weak"), 0.6},
          std::pair{say("weak"), 0.35}, std::pair{say("very weak"), 0.15}}) {
      add(words, [&, r = ratio](Category& c) { c.facts.outputRatio = r; });
    }
    for (const Fault f : {Fault::ringTooth, Fault::ringCracked, Fault::ringRunout}) {
      add(f == Fault::ringTooth     ? say("a tooth is missing")
          : f == Fault::ringCracked ? say("one gap is wider")
                                    : say("it swells once a turn"),
          [&](Category& c) {
            c.facts.ring = f;
            c.facts.outputRatio = 1;
          });
    }
    add(say("drops out to the open level"), [](Category& c) { c.facts.opens = true; });
    add(say("drops out to ground"), [](Category& c) { c.facts.shorts = true; });
  }

  const Vehicle& vehicle_;
  const Test& test_;
  const std::string& name_;
  std::vector<Category> out_;
};

}  // namespace

std::vector<Category> categoriesOf(const Vehicle& vehicle, const Test& test) {
  return Answers(vehicle, test).all();
}

}  // namespace haybale::diagnosis
