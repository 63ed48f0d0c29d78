#include "picture/line_columns.h"

#include <algorithm>
#include <cmath>

namespace haybale::picture {

namespace {

constexpr double kSteepest = 2.5;  // thickness grows with the slope up to so many times

void widen(Columns::Span& span, double from, double to) {
  span.top = std::min({span.top, from, to});
  span.bottom = std::max({span.bottom, from, to});
}

}  // namespace

Columns columnsOf(const std::vector<Point>& points, double width, Paint paint, double left,
                  double right) {
  const double first = std::floor(std::max(left, points.empty() ? left : points.front().x));
  const double last = std::ceil(std::min(right, points.empty() ? left : points.back().x));
  Columns out{first, {}, paint};
  if (points.size() < 2 || last <= first) {
    return out;
  }
  out.spans.assign(static_cast<std::size_t>(last - first), {1e9, -1e9});
  for (std::size_t i = 0; i + 1 < points.size(); ++i) {
    const Point a = points[i];
    const Point b = points[i + 1];
    const double from = std::max(a.x, first);
    const double to = std::min(b.x, last);
    if (to < from) {
      continue;
    }
    const double slope = b.x > a.x ? (b.y - a.y) / (b.x - a.x) : 0;
    const double half = width / 2 * std::min(kSteepest, std::hypot(1, slope));
    const auto yAt = [&](double x) { return b.x > a.x ? a.y + (x - a.x) * slope : a.y; };
    for (double c = std::floor(from); c < to || c == std::floor(from); c += 1) {
      const auto at = static_cast<std::size_t>(c - first);
      if (at >= out.spans.size()) {
        break;
      }
      const double y0 = yAt(std::max(from, c));
      const double y1 = b.x > a.x ? yAt(std::min(to, c + 1)) : b.y;
      widen(out.spans[at], std::min(y0, y1) - half, std::max(y0, y1) + half);
    }
  }
  return out;
}

}  // namespace haybale::picture
