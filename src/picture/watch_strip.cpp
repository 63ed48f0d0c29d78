#include "picture/watch_strip.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"

namespace haybale::picture {

namespace {

constexpr double kBand = 22;  // of the names of the legs

}  // namespace

Scene watchStrip(const WatchInput& in) {
  Scene scene;
  scene.width = in.width;
  scene.height = in.height;
  scene.add(Box{{0, 0, in.width - 1, in.height - 1}, 4, Role::panel, Role::rule, 1, std::nullopt});
  if (!in.readings || in.readings->empty() || !in.watch) {
    scene.add(Text{{in.width / 2, in.height / 2},
                   say("The reading will run here."),
                   14,
                   false,
                   Role::faint,
                   Anchor::middle});
    return scene;
  }
  const double end = std::max(in.lastS, in.readings->back().first);
  const double begin = end - in.lastS;
  const auto xOf = [&](double s) { return 2 + (in.width - 4) * (s - begin) / in.lastS; };
  // From nothing to twice the steady reading; OL and beyond at the top.
  const double steady = in.watch->steady().value_or(in.readings->back().second);
  const double top = std::isfinite(steady) && std::abs(steady) > 1e-9 ? 2 * std::abs(steady) : 1;
  const auto yOf = [&](double v) {
    const double share = std::isfinite(v) ? std::clamp(v / top, 0.0, 1.0) : 1.0;
    return in.height - 6 - (in.height - kBand - 14) * share;
  };
  const auto& marks = in.watch->marks();
  for (std::size_t i = 0; i < marks.size(); ++i) {
    const double from = std::max(begin, marks[i].s);
    const double to = i + 1 < marks.size() ? marks[i + 1].s : end;
    if (to <= begin || marks[i].element.empty()) {
      continue;
    }
    const double x = xOf(from);
    const double w = xOf(to) - x;
    scene.add(Box{{x, 2, w, kBand - 4},
                  2,
                  i % 2 == 0 ? Role::doubtTint : Role::goodTint,
                  Role::rule,
                  1,
                  std::nullopt});
    if (w > 24) {
      scene.add(
          Text{{x + w / 2, kBand - 7}, marks[i].element, 12.5, true, Role::ink, Anchor::middle});
    }
  }
  for (const auto& drop : in.watch->dropouts()) {
    if (drop.endS >= begin) {
      const double x = xOf(std::max(begin, drop.startS));
      scene.add(Box{{x - 1, kBand, std::max(3.0, xOf(drop.endS) - x + 2), in.height - kBand - 3},
                    1,
                    Role::alarmTint,
                    Role::alarm,
                    1,
                    Role::alarm});
    }
  }
  Path path{{}, Role::ink, 1.8, Dash::solid, false};
  for (const auto& [s, v] : *in.readings) {
    if (s >= begin) {
      path.points.push_back({xOf(s), yOf(v)});
    }
  }
  if (path.points.size() > 1) {
    scene.add(std::move(path));
  }
  return scene;
}

Scene suspicionTimeline(const TimelineInput& in, const Measure& measure) {
  Scene scene;
  scene.width = in.width;
  scene.height = in.height;
  if (in.shares.empty()) {
    return scene;
  }
  constexpr double kNames = 110;
  constexpr double kFoot = 22;
  constexpr double kLine = 16;
  const double plotH = in.height - kFoot - 4;
  const double each = (in.width - kNames) / static_cast<double>(in.shares.size());
  // The elements that ever mattered, the last leader at the bottom.
  std::vector<std::size_t> order;
  for (std::size_t e = 0; e < in.names.size(); ++e) {
    if (std::any_of(in.shares.begin(), in.shares.end(), [&](auto& s) { return s[e] > 0.04; })) {
      order.push_back(e);
    }
  }
  std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
    return in.shares.back()[a] > in.shares.back()[b];
  });
  constexpr Role kTones[] = {Role::straw,    Role::zoneWheel,  Role::zoneUnder,
                             Role::zoneFlex, Role::zoneEngine, Role::zoneCabin};
  double labelY = plotH;
  for (std::size_t k = 0; k < in.shares.size(); ++k) {
    double y = plotH;
    const double x = each * static_cast<double>(k);
    for (std::size_t i = 0; i < order.size(); ++i) {
      const double h = plotH * in.shares[k][order[i]];
      y -= h;
      scene.add(Box{{x + 2, y, std::max(4.0, each - 4), h},
                    0,
                    kTones[i % std::size(kTones)],
                    Role::rule,
                    1,
                    i == 0 ? std::optional<Paint>(Role::strawLine) : std::nullopt});
      if (k + 1 < in.shares.size() && h > 18) {
        scene.add(Text{{x + each / 2, y + h / 2 + 5},
                       in.names[order[i]],
                       13,
                       i == 0,
                       i == 0 ? Paint::fixed(0x1f2a30) : Paint(Role::ink),
                       Anchor::middle});
      }
      // The least of many have no room for a name.
      const double at = std::min(labelY, y + h / 2 + 5);
      if (k + 1 == in.shares.size() && h > 4 && at >= kLine) {
        scene.add(Text{{in.width - kNames + 6, at},
                       fmt::format("{} {:.0f} %", in.names[order[i]], 100 * in.shares[k][order[i]]),
                       13,
                       i == 0,
                       Role::ink,
                       Anchor::start});
        labelY = at - kLine;
      }
    }
    if (k < in.readings.size()) {
      scene.add(Text{{x + each / 2, in.height - 6},
                     fitted(measure, in.readings[k], 12.5, false, each - 6),
                     12.5,
                     false,
                     Role::faint,
                     Anchor::middle});
    }
  }
  return scene;
}

}  // namespace haybale::picture
