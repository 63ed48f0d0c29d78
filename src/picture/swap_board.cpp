#include "picture/swap_board.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"

namespace haybale::picture {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;

namespace {

constexpr double kHead = 92;       // room for the circuit's name at the left
constexpr double kWireApart = 12;  // between wires a and b
constexpr double kPlug = 13;       // half of a connector

// A line laid out: the middle of every element.
struct Row {
  const Circuit* circuit = nullptr;
  double y = 0;
  std::vector<double> x;
  std::size_t parted = SIZE_MAX;  ///< index of the connector that is apart
  bool moduleSide = true;         ///< which side of it takes part
  bool sensorSide = true;
};

class SwapBoard {
 public:
  SwapBoard(const SwapBoardInput& in, const Measure& measure) : in_(in), measure_(measure) {
    scene_.width = in.width;
    scene_.height = in.height;
  }

  Scene draw() {
    const auto* suspect = in_.job ? in_.job->suspectCircuit() : nullptr;
    if (!suspect) {
      return std::move(scene_);
    }
    const auto& swap = in_.test.state.swap;
    const auto* other =
        swap ? in_.job->find(swap->into == suspect->name ? swap->sensorOf : swap->into) : nullptr;
    Row upper = row(*suspect, other ? 0.28 : 0.4);
    part(upper);
    if (other) {
      Row lower = row(*other, 0.76);
      part(lower);
      line(upper);
      line(lower);
      swap->into == suspect->name ? leads(lower, upper) : leads(upper, lower);
    } else {
      line(upper);
      in_.test.state.jumper ? bridge(upper) : source(upper);
    }
    return std::move(scene_);
  }

 private:
  Row row(const Circuit& circuit, double share) const {
    Row out;
    out.circuit = &circuit;
    out.y = in_.height * share;
    const auto count = static_cast<double>(std::max<std::size_t>(2, circuit.path.size()));
    for (std::size_t i = 0; i < circuit.path.size(); ++i) {
      out.x.push_back(kHead + 24 + (in_.width - kHead - 70) * static_cast<double>(i) / (count - 1));
    }
    return out;
  }

  // Which plug is apart, and which side of it plays.
  void part(Row& r) const {
    const auto& state = in_.test.state;
    const auto* joint = r.circuit->sensorConnector();
    std::string id = state.swap && joint ? joint->id : "";
    id = state.jumper ? state.jumper->element : state.inject ? state.inject->place.element : id;
    const auto at = id.empty() ? std::nullopt : r.circuit->indexOf(id);
    if (!at) {
      return;
    }
    r.parted = *at;
    r.moduleSide = !state.swap || state.swap->into == r.circuit->name;
    r.sensorSide = state.swap && state.swap->sensorOf == r.circuit->name;
  }

  [[nodiscard]] static bool plays(const Row& r, std::size_t i) {
    return r.parted == SIZE_MAX || (i < r.parted   ? r.moduleSide
                                    : i > r.parted ? r.sensorSide
                                                   : true);
  }

  void text(double x, double y, std::string words, double size, Role role, bool bold,
            Anchor anchor) {
    scene_.add(Text{{x, y}, std::move(words), size, bold, role, anchor});
  }

  void wires(double x0, double x1, double y, bool on) {
    for (const double dy : {-kWireApart / 2, kWireApart / 2}) {
      scene_.add(Path{{{x0, y + dy}, {x1, y + dy}},
                      on ? Role::ink : Role::rule,
                      on ? 2.0 : 1.4,
                      on ? Dash::solid : Dash::dotted,
                      false});
    }
  }

  void line(const Row& r) {
    const bool suspect = r.circuit->name == in_.job->suspect;
    text(4, r.y - 2, r.circuit->name, 20, Role::ink, true, Anchor::start);
    text(4, r.y + 16, suspect ? say("suspect") : say("the other"), 12.5, Role::faint, false,
         Anchor::start);
    for (std::size_t i = 0; i + 1 < r.x.size(); ++i) {
      const bool on = plays(r, i) && plays(r, i + 1);
      const double gapLeft = i == r.parted ? kPlug + 6 : 0;
      const double gapRight = i + 1 == r.parted ? kPlug + 6 : 0;
      if (r.circuit->path[i + 1].kind != ElementKind::ring) {
        wires(r.x[i] + gapLeft, r.x[i + 1] - gapRight, r.y, on);
      }
    }
    for (std::size_t i = 0; i < r.x.size(); ++i) {
      element(r, i);
    }
  }

  void element(const Row& r, std::size_t i) {
    const Element& e = r.circuit->path[i];
    const double x = r.x[i];
    const bool on = plays(r, i);
    const Role ink = on ? Role::ink : Role::rule;
    double half = 16;
    switch (e.kind) {
      case ElementKind::leg:
        half = 0;
        break;
      case ElementKind::connector:
      case ElementKind::splice:
        plug(r, i);
        break;
      case ElementKind::ring:
        scene_.add(
            Box{{x - 15, r.y - 15, 30, 30}, 15, Role::panel, ink, on ? 2.0 : 1.2, std::nullopt});
        scene_.add(Box{{x - 7, r.y - 7, 14, 14}, 7, std::nullopt, ink, 1.2, std::nullopt});
        break;
      case ElementKind::module:
      case ElementKind::sensor:
        scene_.add(Box{{x - 18, r.y - 17, 36, 34},
                       e.kind == ElementKind::sensor ? 12.0 : 3.0,
                       Role::panel,
                       ink,
                       on ? 2.0 : 1.2,
                       std::nullopt});
        break;
    }
    scene_.spots.push_back({{x - 20, r.y - 20, 40, 40},
                            "swap:part:" + r.circuit->name + ":" + e.id,
                            e.label.empty() ? e.id : e.label});
    // Above the upper line and below the lower one: the leads run in between.
    const double beside = r.y > 0.5 * in_.height ? 34 : half == 0 ? -18 : -24;
    text(x, r.y + beside, sayName(e.id), 13, on ? Role::ink : Role::faint, false, Anchor::middle);
  }

  void plug(const Row& r, std::size_t i) {
    const double x = r.x[i];
    const bool apart = i == r.parted;
    const double gap = apart ? 6 : 0;
    const bool left = apart ? r.moduleSide : plays(r, i);
    const bool right = apart ? r.sensorSide : plays(r, i);
    scene_.add(Box{{x - gap - kPlug, r.y - 12, kPlug, 24},
                   2,
                   Role::panel,
                   left ? Role::ink : Role::rule,
                   left ? 2.0 : 1.2,
                   std::nullopt});
    scene_.add(Box{{x + gap, r.y - 12, kPlug, 24},
                   2,
                   Role::panel,
                   right ? Role::ink : Role::rule,
                   right ? 2.0 : 1.2,
                   std::nullopt});
  }

  // Two leads from the sensor half of one line's plug to the module half of the other's.
  void leads(const Row& from, const Row& into) {
    if (from.parted == SIZE_MAX || into.parted == SIZE_MAX) {
      return;
    }
    const bool crossed = in_.test.state.swap->reversed;
    const double x0 = from.x[from.parted] + 6 + kPlug / 2;
    const double x1 = into.x[into.parted] - 6 - kPlug / 2;
    const double side = into.y < from.y ? 1 : -1;
    for (const int wire : {0, 1}) {
      const int at = crossed ? 1 - wire : wire;
      const double startX = x0 + 14.0 * wire + 4;
      const double endX = x1 - 14.0 * (1 - at) - 4;
      const double startY = from.y - side * 12;
      const double endY = into.y + side * 12;
      const double middle = (startY + endY) / 2 + (wire == 0 ? -7 : 7) * (crossed ? -1 : 1);
      scene_.add(Path{{{startX, startY}, {startX, middle}, {endX, middle}, {endX, endY}},
                      Role::strawLine,
                      4,
                      wire == 0 ? Dash::solid : Dash::dashed,
                      false});
      text(startX + (wire == 0 ? -9 : 9), startY - side * 10 + 4, wire == 0 ? "a" : "b", 13,
           Role::ink, true, Anchor::middle);
      text(endX + (at == 0 ? -9 : 9), endY + side * 10 + 4, at == 0 ? "a" : "b", 13, Role::ink,
           true, Anchor::middle);
    }
  }

  // Wires a and b joined on the module half.
  void bridge(const Row& r) {
    if (r.parted == SIZE_MAX) {
      return;
    }
    const double x = r.x[r.parted] - 6 - kPlug / 2;
    scene_.add(Path{{{x - 7, r.y + 14}, {x - 7, r.y + 46}, {x + 7, r.y + 46}, {x + 7, r.y + 14}},
                    Role::strawLine,
                    4,
                    Dash::solid,
                    false});
    text(x, r.y + 66, say("wires a and b joined"), 13.5, Role::ink, true, Anchor::middle);
  }

  // What stands in for the sensor.
  void source(const Row& r) {
    if (r.parted == SIZE_MAX || !in_.test.state.inject) {
      return;
    }
    const auto& inject = *in_.test.state.inject;
    const double x = r.x[r.parted] - (r.parted == 0 ? -26 : 6 + kPlug / 2);
    const std::string words = sayf("{:.4g} Hz in place of the sensor", inject.hz);
    const double w = measure_(words, 13.5, true) + 26;
    const double left = std::clamp(x - w / 2, 2.0, in_.width - w - 2);
    scene_.add(
        Path{{{x - 6, r.y + 14}, {x - 6, r.y + 50}}, Role::strawLine, 4, Dash::solid, false});
    scene_.add(
        Path{{{x + 6, r.y + 14}, {x + 6, r.y + 50}}, Role::strawLine, 4, Dash::dashed, false});
    scene_.add(Box{{left, r.y + 50, w, 30}, 6, Role::straw, Role::strawLine, 1.5, std::nullopt});
    scene_.add(
        Text{{left + w / 2, r.y + 70}, words, 13.5, true, Paint::fixed(0x1f2a30), Anchor::middle});
  }

  const SwapBoardInput& in_;
  const Measure& measure_;
  Scene scene_;
};

}  // namespace

Scene swapBoard(const SwapBoardInput& input, const Measure& measure) {
  return SwapBoard(input, measure).draw();
}

}  // namespace haybale::picture
