#include "picture/profile_strip.h"

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "picture/axis.h"
#include "picture/line_board.h"

namespace haybale::picture {

using diagnosis::Profile;
using diagnosis::ProfileReading;

namespace {

constexpr double kTitle = 20;
constexpr double kDot = 5.5;

class ProfileStrip {
 public:
  ProfileStrip(Scene& scene, const ProfileInput& in, const Measure& measure)
      : scene_(scene),
        in_(in),
        measure_(measure),
        plot_{in.rect.x, in.rect.y + kTitle, in.rect.w, in.rect.h - kTitle} {
    findScale();
  }

  void draw() {
    text(plot_.x + 8, in_.rect.y + 14, in_.profile.title, 13, Role::ink, true);
    scene_.add(Box{plot_, 0, Role::panel, Role::rule, 1, std::nullopt});
    axis();
    cliffGround();
    band();
    cliff();
    readings();
    if (in_.profile.readings.empty()) {
      text(plot_.x + plot_.w - 8, in_.rect.y + 14,
           say("readings of this kind will stand here as dots"), 12.5, Role::faint, false,
           Anchor::end);
    }
  }

 private:
  void text(double x, double y, std::string words, double size, Paint paint, bool bold = false,
            Anchor anchor = Anchor::start) {
    scene_.add(Text{{x, y}, std::move(words), size, bold, paint, anchor});
  }

  [[nodiscard]] bool ohms() const { return in_.profile.unit == units::Unit::ohm; }
  [[nodiscard]] double scaled(double value) const {
    return diagnosis::onScale(in_.profile.unit, value);
  }

  void findScale() {
    low_ = ohms() ? 2 : 0;
    high_ = ohms() ? 4 : 0.1;
    const auto take = [&](double value) {
      low_ = std::min(low_, scaled(value));
      high_ = std::max(high_, scaled(value));
    };
    for (const auto& p : in_.profile.points) {
      take(p.expected.low);
      take(p.expected.high);
    }
    for (const auto& r : in_.profile.readings) {
      take(r.value);
    }
    const double margin = 0.12 * (high_ - low_);
    high_ += margin;
    low_ -= low_ < 0 || ohms() ? margin : 0.1 * (high_ - low_);
  }

  [[nodiscard]] double y(double value) const {
    const double share = (scaled(value) - low_) / (high_ - low_);
    return plot_.y + plot_.h * (1 - std::clamp(share, 0.0, 1.0));
  }

  void axis() {
    const double step = ohms() ? 1 : niceStep((high_ - low_) / 3);
    for (const double tick : ticks(low_, high_, step)) {
      const double value = ohms() ? std::pow(10.0, tick) : tick;
      const double at = y(value);
      if (at < plot_.y + 15 || at > plot_.y + plot_.h - 2) {
        continue;
      }
      scene_.add(
          Path{{{plot_.x, at}, {plot_.x + plot_.w, at}}, Role::rule, 0.8, Dash::solid, false});
      std::string words = value == 0 ? "0 " + std::string(units::symbol(in_.profile.unit))
                                     : units::format(value, in_.profile.unit, ohms() ? 1 : 2);
      text(plot_.x + plot_.w - 6, at - 3, std::move(words), 11.5, Role::faint, false, Anchor::end);
    }
  }

  void band() {
    const auto& points = in_.profile.points;
    if (points.empty()) {
      return;
    }
    Path area{{}, Role::goodTint, 1, Dash::solid, true};
    Path middle{{}, Role::good, 1.6, Dash::solid, false};
    for (const auto& p : points) {
      area.points.push_back({in_.xOf(p.place), y(p.expected.high)});
      middle.points.push_back({in_.xOf(p.place), y(p.expected.nominal)});
    }
    for (auto it = points.rbegin(); it != points.rend(); ++it) {
      area.points.push_back({in_.xOf(it->place), y(it->expected.low)});
    }
    if (points.size() > 1) {
      scene_.add(area);
      scene_.add(middle);
      const auto& last = middle.points.back();
      const bool below = last.y < plot_.y + 22;
      text(std::min(last.x + 6, plot_.x + plot_.w - 120), last.y + (below ? 15 : -6), say("sound"),
           12, Role::good);
    } else {
      const double x = in_.xOf(points.front().place);
      scene_.add(Path{{{x - 14, y(points.front().expected.nominal)},
                       {x + 14, y(points.front().expected.nominal)}},
                      Role::good,
                      3,
                      Dash::solid,
                      false});
    }
  }

  [[nodiscard]] Point at(const ProfileReading& r) const { return {in_.xOf(r.place), y(r.value)}; }

  void readings() {
    const Point* before = nullptr;
    Point last{};
    for (const auto& r : in_.profile.readings) {
      if (r.peer) {
        continue;
      }
      const Point p = at(r);
      if (before) {
        const bool steep = in_.profile.cliff && &r == &in_.profile.readings[in_.profile.cliff->to];
        if (!steep) {
          scene_.add(Path{{*before, p}, Role::ink, 1.6, Dash::solid, false});
        }
      }
      last = p;
      before = &last;
    }
    for (const auto& r : in_.profile.readings) {
      dot(r);
    }
  }

  void dot(const ProfileReading& r) {
    const Point p = at(r);
    const Rect box{p.x - kDot, p.y - kDot, 2 * kDot, 2 * kDot};
    scene_.add(Box{box, kDot, r.peer ? Paint(Role::panel) : Paint(verdictRole(r.verdict)),
                   Role::ink, 1.6, std::nullopt});
    const std::string tip = (r.peer ? in_.goodWheel + say(", the good wheel: ") : std::string()) +
                            units::format(r.value, in_.profile.unit);
    scene_.spots.push_back({{p.x - 12, p.y - 12, 24, 24}, "evidence:" + r.evidenceId, tip});
  }

  void cliffGround() {
    if (!in_.profile.cliff) {
      return;
    }
    const Point a = at(in_.profile.readings[in_.profile.cliff->from]);
    const Point b = at(in_.profile.readings[in_.profile.cliff->to]);
    const double left = std::min(a.x, b.x);
    const double right = std::max(a.x, b.x);
    scene_.add(Box{{left, plot_.y, std::max(4.0, right - left), plot_.h},
                   0,
                   Role::alarmTint,
                   std::nullopt,
                   1,
                   Role::rule});
  }

  void cliff() {
    if (!in_.profile.cliff) {
      return;
    }
    const auto& c = *in_.profile.cliff;
    const Point a = at(in_.profile.readings[c.from]);
    const Point b = at(in_.profile.readings[c.to]);
    scene_.add(Path{{a, b}, Role::alarm, 2.4, Dash::dashed, false});
    // The words stand in the title's row, so that they hide no reading.
    const double w = measure_(c.text, 12.5, true) + 18;
    const Rect tag{plot_.x + plot_.w - w - 6, in_.rect.y - 3, w, kTitle + 1};
    scene_.add(Box{tag, 5, Role::alarmTint, Role::alarm, 1.4, std::nullopt});
    text(tag.x + 9, tag.y + 15, c.text, 12.5, Role::alarm, true);
    scene_.spots.push_back({tag, "cliff", c.text});
  }

  Scene& scene_;
  const ProfileInput& in_;
  const Measure& measure_;
  Rect plot_;
  double low_ = 0;
  double high_ = 1;
};

}  // namespace

void drawProfile(Scene& scene, const ProfileInput& input, const Measure& measure) {
  ProfileStrip(scene, input, measure).draw();
}

}  // namespace haybale::picture
