#include "picture/ring_dial.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

#include "core/base/say.h"

namespace haybale::picture {

using trace::IrregularTooth;
using trace::Tooth;

namespace {

constexpr std::size_t kMostTurns = 40;  // laid over each other

class Dial {
 public:
  Dial(const DialInput& in, const Measure& measure)
      : in_(in),
        measure_(measure),
        cx_(in.width / 2),
        cy_((in.height - 30) / 2 + 26),
        outer_(std::min(in.width, in.height - 56) / 2 - 32),
        inner_(outer_ * 0.68) {
    scene_.width = in.width;
    scene_.height = in.height;
  }

  Scene draw() {
    text(0, 16, in_.title, 15, Role::ink, true);
    if (!in_.analysis || !in_.analysis->ring || in_.analysis->ring->turns < 1) {
      unknown();
      return std::move(scene_);
    }
    const auto& ring = *in_.analysis->ring;
    text(in_.width, 16, sayf("{:.1f} turns", ring.turns), 12.5, Role::faint, false, Anchor::end);
    circle(outer_);
    circle(inner_);
    numbers();
    spokes();
    for (const auto& t : ring.irregular) {
      odd(t);
    }
    centre();
    foot();
    return std::move(scene_);
  }

 private:
  void text(double x, double y, std::string words, double size, Paint paint, bool bold = false,
            Anchor anchor = Anchor::start) {
    scene_.add(Text{{x, y}, std::move(words), size, bold, paint, anchor});
  }

  void unknown() {
    const bool some = in_.analysis != nullptr;
    const std::string words =
        some ? say("The size of the ring is not known: give its teeth at Intake, "
                   "or record at least three turns.")
             : say("A capture of this wheel shows its ring here, tooth by tooth.");
    double y = in_.height / 2 - 20;
    for (const auto& line : wrapped(measure_, words, 14, false, in_.width - 20, 4)) {
      text(in_.width / 2, y, line, 14, Role::faint, false, Anchor::middle);
      y += 19;
    }
  }

  [[nodiscard]] int teeth() const { return in_.analysis->ring->teeth; }

  // Position on the dial: 0 on top, turning forward is clockwise.
  [[nodiscard]] Point at(double position, double radius) const {
    const double angle = 2 * std::numbers::pi * position / teeth() - std::numbers::pi / 2;
    return {cx_ + radius * std::cos(angle), cy_ + radius * std::sin(angle)};
  }

  void circle(double radius) {
    Path path{{}, Role::rule, 1.2, Dash::solid, false};
    for (int i = 0; i <= 90; ++i) {
      const double angle = 2 * std::numbers::pi * i / 90;
      path.points.push_back({cx_ + radius * std::cos(angle), cy_ + radius * std::sin(angle)});
    }
    scene_.add(path);
  }

  void numbers() {
    const int step = teeth() > 70 ? 20 : teeth() > 34 ? 10 : 5;
    for (int k = 0; k < teeth(); k += step) {
      const Point p = at(k, outer_ + 15);
      text(p.x, p.y + 4, std::to_string(k), 12, Role::faint, false, Anchor::middle);
    }
  }

  // One thin stroke a turn; where all turns agree they make one sharp spoke.
  void spokes() {
    const double width = std::clamp(2 * std::numbers::pi * outer_ / teeth() * 0.34, 1.2, 5.0);
    std::map<int, std::size_t> drawn;
    for (const Tooth& t : in_.analysis->teeth) {
      const int position = static_cast<int>(t.number % teeth());
      if (t.periodS <= 0 || drawn[position]++ >= kMostTurns) {
        continue;
      }
      const double height = t.strength > 0 ? std::clamp<double>(t.strength, 0, 1.35) : 1.0;
      const double late = drift(t);
      const double reach = inner_ + (outer_ - inner_) * height;
      scene_.add(Path{{at(position + late, inner_), at(position + late, reach)},
                      in_.colour,
                      drawn[position] == 1 ? width : 1.0,
                      Dash::solid,
                      false});
    }
    for (int k = 0; k < teeth(); ++k) {
      const Point p = at(k, (inner_ + outer_) / 2);
      scene_.spots.push_back({{p.x - 8, p.y - 8, 16, 16},
                              fmt::format("tooth:{}", k),
                              sayf("tooth {}, {:.0f}\xC2\xB0", k, degreesOf(k, teeth()))});
    }
  }

  // How late a pulse came against the even ring, in teeth; the pitch before it tells.
  [[nodiscard]] double drift(const Tooth& t) const {
    const auto& all = in_.analysis->teeth;
    const auto index = static_cast<std::size_t>(&t - all.data());
    if (index == 0 || all[index - 1].pitch <= 0) {
      return 0;
    }
    const Tooth& before = all[index - 1];
    return std::clamp(before.pitch - 1 - static_cast<double>(before.lost), -0.45, 0.45);
  }

  void odd(const IrregularTooth& t) {
    const Point from = at(t.position, inner_ - 4);
    const Point tip = at(t.position, outer_ + 6);
    scene_.add(Path{{from, tip},
                    Role::alarm,
                    2.6,
                    t.kind == trace::ToothKind::missing ? Dash::dashed : Dash::solid,
                    false});
    const Point label = at(t.position, outer_ + 17);
    scene_.add(Box{
        {label.x - 13, label.y - 9, 26, 18}, 5, Role::alarmTint, Role::alarm, 1.2, std::nullopt});
    text(label.x, label.y + 4.5, std::to_string(t.position), 13, Role::alarm, true, Anchor::middle);
  }

  void centre() {
    const auto& ring = *in_.analysis->ring;
    if (ring.irregular.empty()) {
      text(cx_, cy_ - 2, std::to_string(ring.teeth), 26, Role::ink, true, Anchor::middle);
      text(cx_, cy_ + 18,
           ring.estimated   ? say("teeth, estimated")
           : ring.turns < 2 ? say("teeth, passed once")
                            : say("teeth, all even"),
           12.5, Role::faint, false, Anchor::middle);
      return;
    }
    const auto& worst = *std::max_element(
        ring.irregular.begin(), ring.irregular.end(),
        [](const auto& a, const auto& b) { return a.amountPercent < b.amountPercent; });
    text(cx_, cy_ - 8, fmt::format("{:.0f}\xC2\xB0", degreesOf(worst.position, ring.teeth)), 26,
         Role::ink, true, Anchor::middle);
    text(cx_, cy_ + 12, sayf("to tooth {}", worst.position), 12.5, Role::faint, false,
         Anchor::middle);
    text(cx_, cy_ + 28, say("turning forward"), 12.5, Role::faint, false, Anchor::middle);
  }

  void foot() {
    const auto& ring = *in_.analysis->ring;
    std::string words = say("Angle from the first pulse: chalk the tyre there.");
    if (ring.irregular.empty()) {
      words = ring.runoutPercent
                  ? sayf("Output swells by {:.0f} % once a turn.", *ring.runoutPercent)
                  : say("Spoke angle: when the pulse came.");
    }
    text(0, in_.height - 6, fitted(measure_, words, 12.5, false, in_.width), 12.5, Role::faint);
  }

  const DialInput& in_;
  const Measure& measure_;
  double cx_;
  double cy_;
  double outer_;
  double inner_;
  Scene scene_;
};

}  // namespace

double degreesOf(int position, int teeth) {
  return teeth > 0 ? 360.0 * position / teeth : 0;
}

Scene ringDial(const DialInput& input, const Measure& measure) {
  return Dial(input, measure).draw();
}

}  // namespace haybale::picture
