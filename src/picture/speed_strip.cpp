#include "picture/speed_strip.h"

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "picture/line_columns.h"

namespace haybale::picture {

namespace {

// Pulses of one pixel column, condensed to its slowest and fastest.
struct Column {
  long x = 0;
  double low = 0, high = 0;
  std::size_t count = 0;

  void take(double kmh) {
    low = count == 0 ? kmh : std::min(low, kmh);
    high = count == 0 ? kmh : std::max(high, kmh);
    ++count;
  }
};

class Strip {
 public:
  Strip(Scene& scene, const LanesInput& in, const Rect& rect, const PlotSpan& span)
      : scene_(scene), in_(in), rect_(rect), span_(span) {}

  void draw() {
    scene_.add(Box{rect_, 4, Role::panel, Role::rule, 1, std::nullopt});
    scene_.add(
        Text{{rect_.x + 16, rect_.y + 18}, say("Speed"), 13, true, Role::ink, Anchor::start});
    for (const auto& lane : in_.lanes) {
      if (lane.analysis && lane.analysis->speedKmh) {
        top_ = std::max(top_, lane.analysis->speedKmh->max);
      }
    }
    top_ = std::max(top_ * 1.4, 0.1);  // head room for the title
    scale(rect_.y + 18, units::format(top_, units::Unit::kmh, 2));
    scale(rect_.y + rect_.h - 6, "0");
    for (const auto& lane : in_.lanes) {
      if (lane.analysis && lane.analysis->speedKmh && lane.analysis->frequencyHz) {
        wheel(lane);
      }
    }
  }

 private:
  void scale(double y, std::string words) {
    scene_.add(Text{{span_.right + 6, y}, std::move(words), 12, false, Role::faint, Anchor::start});
  }

  [[nodiscard]] double yOf(double kmh) const {
    return rect_.y + rect_.h - 6 - (rect_.h - 14) * std::min(1.0, kmh / top_);
  }

  void wheel(const Lane& lane) {
    // km/h for one hertz, from the same figures the analysis used.
    const double perHz = lane.analysis->speedKmh->median / lane.analysis->frequencyHz->median;
    const double perS = (span_.right - span_.left) / (in_.toS - in_.fromS);
    const auto& teeth = lane.analysis->teeth;
    const auto from =
        std::lower_bound(teeth.begin(), teeth.end(), in_.fromS,
                         [](const auto& t, double s) { return t.riseS + t.periodS / 2 < s; });
    const auto to = std::lower_bound(from, teeth.end(), in_.toS,
                                     [](const auto& t, double s) { return t.riseS < s; });
    // Pulses denser than pixels are a band.
    const bool dense = static_cast<double>(to - from) > 2 * (span_.right - span_.left);
    Path path{{}, lane.colour, 1.8, lane.dash, false};
    Columns band{0, {}, lane.colour};
    Column column;
    const auto flush = [&] {
      const auto x = static_cast<double>(column.x);
      if (column.count > 0 && dense) {
        if (!band.spans.empty() && x != band.x + static_cast<double>(band.spans.size())) {
          scene_.add(band);
          band.spans.clear();
        }
        band.x = band.spans.empty() ? x : band.x;
        band.spans.push_back({yOf(column.high) - 0.9, yOf(column.low) + 0.9});
      } else if (column.count > 0) {
        path.points.push_back({x, yOf(column.low)});
        if (column.count > 1) {
          path.points.push_back({x, yOf(column.high)});
        }
      }
      column.count = 0;
    };
    for (auto t = from; t != teeth.end(); ++t) {
      const double at = t->riseS + t->periodS / 2;
      if (at > in_.toS) {
        break;
      }
      // A gap in the pulses is no slowing down.
      if (t->lost == 0 && t->periodS > 0) {
        const long x = std::lround(span_.left + (at - in_.fromS) * perS);
        if (x != column.x) {
          flush();
          column.x = x;
        }
        column.take(perHz / t->periodS);
      }
    }
    flush();
    if (!band.spans.empty()) {
      scene_.add(std::move(band));
    }
    if (path.points.size() > 240 && path.dash == Dash::solid) {
      scene_.add(columnsOf(path.points, path.width, path.paint, span_.left, span_.right));
    } else if (path.points.size() > 1) {
      scene_.add(std::move(path));
    }
  }

  Scene& scene_;
  const LanesInput& in_;
  const Rect& rect_;
  const PlotSpan& span_;
  double top_ = 0;
};

}  // namespace

void speedStrip(Scene& scene, const LanesInput& in, const Rect& rect, const PlotSpan& span) {
  Strip(scene, in, rect, span).draw();
}

}  // namespace haybale::picture
