#include "picture/count_bars.h"

#include <algorithm>

#include "core/base/say.h"

namespace haybale::picture {

namespace {

constexpr double kTitleH = 30;
constexpr double kRowH = 26;
constexpr double kNameShare = 0.36;
constexpr double kNoteW = 128;
constexpr double kSize = 13;

}  // namespace

double countBarsHeight(std::size_t bars) {
  return kTitleH + kRowH * static_cast<double>(std::max<std::size_t>(bars, 1)) + 6;
}

Scene countBars(const std::string& title, const std::vector<CountBar>& bars, double width,
                const Measure& measure) {
  Scene out;
  out.width = width;
  out.height = countBarsHeight(bars.size());
  out.add(Text{{0, 18}, title, 14, true});
  if (bars.empty()) {
    out.add(Text{{0, kTitleH + 16}, say("nothing yet"), kSize, false, Role::faint});
    return out;
  }
  const double left = kNameShare * width;
  const double room = std::max(20.0, width - left - kNoteW);
  double most = 0;
  for (const auto& bar : bars) {
    most = std::max(most, bar.count);
  }
  double y = kTitleH;
  for (const auto& bar : bars) {
    out.add(Text{{0, y + 17}, fitted(measure, bar.name, kSize, false, left - 10), kSize});
    const double w = most > 0 ? std::max(2.0, room * bar.count / most) : 2;
    Box box;
    box.rect = {left, y + 4, w, kRowH - 9};
    box.radius = 3;
    box.fill = Role::straw;
    box.stroke = Role::strawLine;
    out.add(box);
    out.add(Text{{left + w + 8, y + 17}, bar.note, kSize, false, Role::faint});
    out.spots.push_back(
        {{0, y, width, kRowH}, "bar:" + bar.name, bar.name + ": " + bar.note, bar.name, bar.note});
    y += kRowH;
  }
  return out;
}

}  // namespace haybale::picture
