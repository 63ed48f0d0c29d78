#include "picture/signal_preview.h"

#include <algorithm>

#include "core/base/say.h"
#include "core/capture/extent.h"

namespace haybale::picture {

Scene signalPreview(const capture::Record& record, double width, double height) {
  Scene scene;
  scene.width = width;
  scene.height = height;
  scene.add(Box{{0, 0, width - 1, height - 1}, 4, Role::panel, Role::rule, 1, std::nullopt});
  if (record.size() < 2) {
    return scene;
  }
  const auto& channel = record.channels.front();
  const auto range = capture::extentOf(channel.samples);
  const double span = std::max(1e-9, static_cast<double>(range.max) - range.min);
  constexpr double kScale = 70;
  const double plotW = width - kScale - 8;
  const auto y = [&](double v) { return 10 + (height - 20) * (1 - (v - range.min) / span); };
  for (const double v : {static_cast<double>(range.min), static_cast<double>(range.max)}) {
    scene.add(Path{{{6, y(v)}, {6 + plotW, y(v)}}, Role::rule, 0.8, Dash::solid, false});
    scene.add(Text{{plotW + 12, y(v) + (v == range.min ? 2 : 8)},
                   units::format(v, channel.unit, 3),
                   12,
                   false,
                   Role::faint,
                   Anchor::start});
  }
  Path path{{}, Role::strawLine, 2, Dash::solid, false};
  for (std::size_t i = 0; i < channel.samples.size(); ++i) {
    path.points.push_back(
        {6 + plotW * static_cast<double>(i) / static_cast<double>(channel.samples.size() - 1),
         y(channel.samples[i])});
  }
  scene.add(std::move(path));
  scene.add(Text{{plotW + 12, height / 2 + 4},
                 say("in ") + units::format(record.durationS(), units::Unit::second, 2),
                 12,
                 false,
                 Role::faint,
                 Anchor::start});
  return scene;
}

}  // namespace haybale::picture
