#include "picture/trace_lanes.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/sensing/tyre.h"
#include "picture/axis.h"

namespace haybale::picture {

namespace {

constexpr double kLeft = 1;
constexpr double kScaleW = 62;
constexpr double kTitleH = 26;
constexpr double kAxisH = 26;
constexpr double kSpeedH = 84;
constexpr double kGap = 10;

std::size_t sampleAt(const capture::TimeBase& time, std::size_t count, double s) {
  if (time.uniform()) {
    const double i = std::clamp((s - time.startS) / time.stepS, 0.0, static_cast<double>(count));
    return static_cast<std::size_t>(i);
  }
  return static_cast<std::size_t>(std::lower_bound(time.timesS.begin(), time.timesS.end(), s) -
                                  time.timesS.begin());
}

class Painter {
 public:
  Painter(const LanesInput& input, const Measure& measure)
      : in_(input), measure_(measure), span_(plotSpan(input.width)) {
    scene_.width = input.width;
    scene_.height = input.height;
  }

  Scene draw() {
    const bool speed = std::any_of(in_.lanes.begin(), in_.lanes.end(), [](const Lane& l) {
      return l.analysis && l.analysis->speedKmh;
    });
    const double lanesH = in_.height - kAxisH - (speed ? kSpeedH + kGap : 0);
    const double each = (lanesH - kGap * static_cast<double>(in_.lanes.size() - 1)) /
                        static_cast<double>(std::max<std::size_t>(1, in_.lanes.size()));
    const auto scale = commonScale();
    double y = 0;
    for (const auto& lane : in_.lanes) {
      drawLane(lane, {kLeft, y, in_.width - kLeft - 1, each}, scale);
      y += each + kGap;
    }
    axis(lanesH);
    if (speed) {
      drawSpeed({kLeft, lanesH + kAxisH, in_.width - kLeft - 1, kSpeedH});
    }
    if (in_.cursorS) {
      const double x = xOf(*in_.cursorS);
      scene_.add(Path{{{x, 0}, {x, lanesH}}, Role::ink, 1.2, Dash::dashed, false});
    }
    return std::move(scene_);
  }

 private:
  struct Scale {
    double low;
    double high;
  };

  void text(double x, double y, std::string words, double size, Paint paint, bool bold = false,
            Anchor anchor = Anchor::start) {
    scene_.add(Text{{x, y}, std::move(words), size, bold, paint, anchor});
  }

  [[nodiscard]] double xOf(double s) const {
    return span_.left + (s - in_.fromS) / (in_.toS - in_.fromS) * (span_.right - span_.left);
  }

  // The same volts per pixel in all lanes: a weak wheel must look weak.
  [[nodiscard]] std::optional<Scale> commonScale() const {
    std::optional<Scale> scale;
    for (const auto& lane : in_.lanes) {
      if (lane.analysis) {
        const auto& l = lane.analysis->levels;
        scale = scale ? Scale{std::min(scale->low, l.min), std::max(scale->high, l.max)}
                      : Scale{l.min, l.max};
      }
    }
    if (scale && scale->high - scale->low < 1e-6) {
      scale->low -= 0.5;
      scale->high += 0.5;
    }
    return scale;
  }

  void drawLane(const Lane& lane, const Rect& rect, const std::optional<Scale>& scale) {
    scene_.add(Box{rect, 4, Role::panel, Role::rule, 1, std::nullopt});
    scene_.add(Box{{rect.x, rect.y, 7, rect.h}, 2, lane.colour, std::nullopt, 1, std::nullopt});
    scene_.spots.push_back({rect, "lane:" + lane.id, ""});
    text(rect.x + 16, rect.y + 18, lane.title, 15, Role::ink, true);
    const double titleW = measure_(lane.title, 15, true);
    text(rect.x + 28 + titleW, rect.y + 18,
         fitted(measure_, lane.subtitle, 13, false, rect.w - titleW - 40), 13, Role::faint);
    if (!lane.record || !scale) {
      emptyLane(lane, rect);
      return;
    }
    const Rect plot{span_.left, rect.y + kTitleH, span_.right - span_.left, rect.h - kTitleH - 8};
    const auto y = [&](double v) {
      return plot.y + plot.h * (1 - (v - scale->low) / (scale->high - scale->low));
    };
    levels(lane, plot, *scale, y);
    marks(lane, plot);
    samples(lane, plot, y);
  }

  void emptyLane(const Lane& lane, const Rect& rect) {
    double y = rect.y + rect.h / 2;
    for (const auto& words : wrapped(measure_, lane.prompt, 15, false, rect.w - 60, 3)) {
      text(rect.x + rect.w / 2, y, words, 15, Role::faint, false, Anchor::middle);
      y += 20;
    }
  }

  template <class Y>
  void levels(const Lane& lane, const Rect& plot, const Scale& scale, const Y& y) {
    const double step = niceStep((scale.high - scale.low) / std::max(2.0, plot.h / 34));
    for (const double value : ticks(scale.low, scale.high, step)) {
      scene_.add(Path{{{plot.x, y(value)}, {plot.x + plot.w, y(value)}},
                      Role::rule,
                      value == 0 ? 1.4 : 0.8,
                      Dash::solid,
                      false});
      text(plot.x + plot.w + 6, y(value) + 4,
           value == 0 ? "0 " + std::string(units::symbol(lane.analysis->unit))
                      : units::format(value, lane.analysis->unit, 2),
           12, Role::faint);
    }
  }

  // Places where pulses are absent.
  void marks(const Lane& lane, const Rect& plot) {
    const auto& cycles = lane.analysis->cycles;
    for (std::size_t i = 1; i + 1 < cycles.size(); ++i) {
      const double usual = (cycles[i - 1].periodS + cycles[i + 1].periodS) / 2;
      if (cycles[i].periodS < 1.6 * usual) {
        continue;
      }
      const double from = std::clamp(xOf(cycles[i].startS + 0.6 * usual), plot.x, plot.x + plot.w);
      const double to =
          std::clamp(xOf(cycles[i].startS + cycles[i].periodS), plot.x, plot.x + plot.w);
      if (to - from > 1) {
        scene_.add(Box{
            {from, plot.y, to - from, plot.h}, 3, Role::alarmTint, Role::alarm, 1, Role::alarm});
      }
    }
  }

  // One column of pixels shows the whole range of its samples; a lost sample breaks the line.
  template <class Y>
  void samples(const Lane& lane, const Rect& plot, const Y& y) {
    const auto& values = lane.record->channels[lane.channel].samples;
    const auto& time = lane.record->time;
    const double scale = lane.analysis->unit != lane.record->channels[lane.channel].unit ? 0 : 1;
    if (scale == 0) {
      return;
    }
    const auto columns = static_cast<std::size_t>(plot.w);
    Path path{{}, lane.colour, 1.5, Dash::solid, false};
    const auto flush = [&] {
      if (path.points.size() > 1) {
        scene_.add(path);
      }
      path.points.clear();
    };
    const std::size_t first = sampleAt(time, values.size(), in_.fromS);
    const std::size_t last = sampleAt(time, values.size(), in_.toS);
    if (last - first < 2 * columns) {
      for (std::size_t i = first > 0 ? first - 1 : 0; i < std::min(values.size(), last + 2); ++i) {
        if (std::isnan(values[i])) {
          flush();
        } else if (const double x = xOf(time.at(i));
                   x >= plot.x - 0.5 && x <= plot.x + plot.w + 0.5) {
          path.points.push_back({x, y(values[i])});
        }
      }
    } else {
      for (std::size_t c = 0; c < columns; ++c) {
        const double from = in_.fromS + (in_.toS - in_.fromS) * static_cast<double>(c) /
                                            static_cast<double>(columns);
        const double to = in_.fromS + (in_.toS - in_.fromS) * static_cast<double>(c + 1) /
                                          static_cast<double>(columns);
        column(values, sampleAt(time, values.size(), from), sampleAt(time, values.size(), to),
               plot.x + static_cast<double>(c), y, path, flush);
      }
    }
    flush();
  }

  template <class Y, class Flush>
  static void column(const std::vector<float>& values, std::size_t from, std::size_t to, double x,
                     const Y& y, Path& path, const Flush& flush) {
    float low = std::numeric_limits<float>::infinity();
    float high = -low;
    for (std::size_t i = from; i < to; ++i) {
      if (!std::isnan(values[i])) {
        low = std::min(low, values[i]);
        high = std::max(high, values[i]);
      }
    }
    if (low > high) {
      if (from < to) {
        flush();
      }
      return;
    }
    path.points.push_back({x, y(high)});
    path.points.push_back({x, y(low)});
  }

  void axis(double top) {
    const double step = niceStep((in_.toS - in_.fromS) / 6);
    for (const double s : ticks(in_.fromS, in_.toS, step)) {
      const double x = xOf(s);
      scene_.add(Path{{{x, top}, {x, top + 5}}, Role::faint, 1, Dash::solid, false});
      if (x < in_.width - 14) {
        text(x, top + 19, s == 0 ? "0 s" : units::format(s, units::Unit::second, 3), 12,
             Role::faint, false, Anchor::middle);
      }
    }
  }

  void drawSpeed(const Rect& rect) {
    scene_.add(Box{rect, 4, Role::panel, Role::rule, 1, std::nullopt});
    text(rect.x + 16, rect.y + 18, "Speed", 13, Role::ink, true);
    double top = 0;
    for (const auto& lane : in_.lanes) {
      if (lane.analysis && lane.analysis->speedKmh) {
        top = std::max(top, lane.analysis->speedKmh->max);
      }
    }
    top = std::max(top * 1.4, 0.1);  // head room for the title
    text(span_.right + 6, rect.y + 18, units::format(top, units::Unit::kmh, 2), 12, Role::faint);
    text(span_.right + 6, rect.y + rect.h - 6, "0", 12, Role::faint);
    for (const auto& lane : in_.lanes) {
      if (!lane.analysis || !lane.analysis->speedKmh || !lane.analysis->frequencyHz) {
        continue;
      }
      // km/h for one hertz, from the same figures the analysis used.
      const double perHz = lane.analysis->speedKmh->median / lane.analysis->frequencyHz->median;
      Path path{{}, lane.colour, 1.8, lane.dash, false};
      for (const auto& tooth : lane.analysis->teeth) {
        const double x = xOf(tooth.riseS + tooth.periodS / 2);
        // A gap in the pulses is no slowing down.
        const double kmh = tooth.periodS > 0 ? perHz / tooth.periodS : 0;
        if (tooth.lost == 0 && kmh > 0 && x >= span_.left && x <= span_.right) {
          path.points.push_back(
              {x, rect.y + rect.h - 6 - (rect.h - 14) * std::min(1.0, kmh / top)});
        }
      }
      if (path.points.size() > 1) {
        scene_.add(std::move(path));
      }
    }
  }

  const LanesInput& in_;
  const Measure& measure_;
  PlotSpan span_;
  Scene scene_;
};

}  // namespace

PlotSpan plotSpan(double width) {
  return {kLeft + 18, width - kScaleW};
}

std::pair<double, double> wholeTime(const std::vector<Lane>& lanes) {
  std::optional<std::pair<double, double>> whole;
  for (const auto& lane : lanes) {
    if (!lane.record || lane.record->size() < 2) {
      continue;
    }
    const double first = lane.record->time.at(0);
    const double last = lane.record->time.at(lane.record->size() - 1);
    whole = whole ? std::pair{std::min(whole->first, first), std::max(whole->second, last)}
                  : std::pair{first, last};
  }
  return whole.value_or(std::pair{0.0, 1.0});
}

Scene traceLanes(const LanesInput& input, const Measure& measure) {
  return Painter(input, measure).draw();
}

}  // namespace haybale::picture
