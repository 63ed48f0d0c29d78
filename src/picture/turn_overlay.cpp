#include "picture/turn_overlay.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "picture/axis.h"
#include "picture/trace_lanes.h"

namespace haybale::picture {

namespace {

constexpr double kTurnTitleH = 26;
constexpr double kAngleAxisH = 26;
constexpr double kTurnGap = 10;

class Overlay {
 public:
  Overlay(const OverlayInput& in, const Measure& measure)
      : in_(in), measure_(measure), span_(plotSpan(in.width)) {
    scene_.width = in.width;
    scene_.height = in.height;
  }

  Scene draw() {
    findScale();
    const auto count = static_cast<double>(std::max<std::size_t>(1, in_.wheels.size()));
    const double each = (in_.height - kAngleAxisH - kTurnGap * (count - 1)) / count;
    double y = 0;
    for (const auto& wheel : in_.wheels) {
      lane(wheel, {1, y, in_.width - 2, each});
      y += each + kTurnGap;
    }
    for (int degrees = 0; degrees <= 360; degrees += 45) {
      const double x = xOf(degrees / 360.0);
      const double top = in_.height - kAngleAxisH;
      scene_.add(Path{{{x, top}, {x, top + 5}}, Role::faint, 1, Dash::solid, false});
      text(x, top + 19, fmt::format("{}\xC2\xB0", degrees), 12, Role::faint, Anchor::middle);
    }
    return std::move(scene_);
  }

 private:
  void text(double x, double y, std::string words, double size, Paint paint,
            Anchor anchor = Anchor::start, bool bold = false) {
    scene_.add(Text{{x, y}, std::move(words), size, bold, paint, anchor});
  }

  [[nodiscard]] double xOf(double share) const {
    return span_.left + share * (span_.right - span_.left);
  }

  void findScale() {
    for (const auto& wheel : in_.wheels) {
      for (const auto& turn : wheel.turns) {
        for (const float v : turn.values) {
          if (!std::isnan(v)) {
            low_ = any_ ? std::min(low_, static_cast<double>(v)) : v;
            high_ = any_ ? std::max(high_, static_cast<double>(v)) : v;
            any_ = true;
          }
        }
      }
    }
    if (high_ - low_ < 1e-6) {
      low_ -= 0.5;
      high_ += 0.5;
    }
  }

  void lane(const OverlayWheel& wheel, const Rect& rect) {
    scene_.add(Box{rect, 4, Role::panel, Role::rule, 1, std::nullopt});
    scene_.add(Box{{rect.x, rect.y, 7, rect.h}, 2, wheel.colour, std::nullopt, 1, std::nullopt});
    text(rect.x + 16, rect.y + 18, wheel.title, 15, Role::ink, Anchor::start, true);
    const double after = rect.x + 28 + measure_(wheel.title, 15, true);
    if (wheel.turns.empty()) {
      text(after, rect.y + 18,
           say("no whole turn: say how many teeth the ring has (Intake), or record a longer spin"),
           13, Role::faint);
      return;
    }
    text(after, rect.y + 18,
         wheel.turns.size() == 1
             ? sayf("one turn of {} teeth, 0\xC2\xB0 is the first pulse", wheel.teeth)
             : sayf("{} turns of {} teeth laid over each other, 0\xC2\xB0 is the first pulse",
                    wheel.turns.size(), wheel.teeth),
         13, Role::faint);
    const Rect plot{span_.left, rect.y + kTurnTitleH, span_.right - span_.left,
                    rect.h - kTurnTitleH - 8};
    const auto y = [&](double v) { return plot.y + plot.h * (1 - (v - low_) / (high_ - low_)); };
    for (const double v : ticks(low_, high_, niceStep((high_ - low_) / 4))) {
      scene_.add(
          Path{{{plot.x, y(v)}, {plot.x + plot.w, y(v)}}, Role::rule, 0.8, Dash::solid, false});
      text(plot.x + plot.w + 6, y(v) + 4,
           v == 0 ? "0 " + std::string(units::symbol(wheel.unit)) : units::format(v, wheel.unit, 2),
           12, Role::faint);
    }
    for (const auto& tooth : wheel.odd) {
      odd(wheel, tooth, plot);
    }
    for (const auto& turn : wheel.turns) {
      curve(wheel, turn, y);
    }
  }

  void odd(const OverlayWheel& wheel, const trace::IrregularTooth& tooth, const Rect& plot) {
    const double pitch = plot.w / wheel.teeth;
    const double x = plot.x + pitch * tooth.position;
    scene_.add(Box{{x, plot.y, pitch, plot.h}, 2, Role::alarmTint, Role::alarm, 1, std::nullopt});
    scene_.spots.push_back({{x - 6, plot.y, pitch + 12, plot.h},
                            fmt::format("tooth:{}:{}", wheel.title, tooth.position),
                            sayf("tooth {}", tooth.position)});
  }

  template <class Y>
  void curve(const OverlayWheel& wheel, const trace::Turn& turn, const Y& y) {
    Path path{{}, wheel.colour, 1.0, Dash::solid, false};
    const auto last = static_cast<double>(turn.values.size() - 1);
    for (std::size_t i = 0; i < turn.values.size(); ++i) {
      if (!std::isnan(turn.values[i])) {
        path.points.push_back({xOf(static_cast<double>(i) / last), y(turn.values[i])});
      }
    }
    if (path.points.size() > 1) {
      scene_.add(std::move(path));
    }
  }

  const OverlayInput& in_;
  const Measure& measure_;
  PlotSpan span_;
  Scene scene_;
  bool any_ = false;
  double low_ = 0;
  double high_ = 0;
};

}  // namespace

Scene turnOverlay(const OverlayInput& input, const Measure& measure) {
  return Overlay(input, measure).draw();
}

}  // namespace haybale::picture
