#include "picture/trace_lanes.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/capture/extent.h"
#include "core/trace/turns.h"
#include "picture/axis.h"
#include "picture/line_columns.h"
#include "picture/speed_strip.h"

namespace haybale::picture {

namespace {

constexpr double kLeft = 1;
constexpr double kScaleW = 62;
constexpr double kTitleH = 26;
constexpr double kAxisH = 26;
constexpr double kSpeedH = 84;
constexpr double kGap = 10;
constexpr double kStatesH = 20;
constexpr std::size_t kMostStroked = 120;  // points of a line that is stroked

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
      speedStrip(scene_, in_, {kLeft, lanesH + kAxisH, in_.width - kLeft - 1, kSpeedH}, span_);
    }
    cursors(lanesH);
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

  // The hovered moment dashed, the two set ones solid with their letter.
  void cursors(double bottom) {
    const auto line = [&](const std::optional<double>& at, const char* letter, Dash dash) {
      if (!at || *at < in_.fromS || *at > in_.toS) {
        return;
      }
      const double x = xOf(*at);
      scene_.add(Path{{{x, 0}, {x, bottom}}, Role::ink, 1.2, dash, false});
      if (*letter != 0) {
        scene_.add(Box{{x - 9, bottom - 18, 18, 18}, 3, Role::ink, std::nullopt, 1, std::nullopt});
        text(x, bottom - 4, letter, 13, Role::panel, true, Anchor::middle);
      }
    };
    line(in_.cursorS, "", Dash::dashed);
    line(in_.markA, "A", Dash::solid);
    line(in_.markB, "B", Dash::solid);
  }

  // What is taken off a lane's samples: nothing, or its rest level.
  [[nodiscard]] double offsetOf(const Lane& lane) const {
    return in_.aroundRest && lane.analysis ? lane.analysis->levels.bias : 0;
  }

  // The same volts per pixel in all lanes: a weak wheel must look weak.
  [[nodiscard]] std::optional<Scale> commonScale() const {
    std::optional<Scale> scale;
    for (const auto& lane : in_.lanes) {
      if (lane.analysis) {
        const auto& l = lane.analysis->levels;
        const double off = offsetOf(lane);
        scale = scale ? Scale{std::min(scale->low, l.min - off), std::max(scale->high, l.max - off)}
                      : Scale{l.min - off, l.max - off};
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
    scene_.spots.push_back({rect, "lane:" + lane.id, "", say("trace of ") + lane.title,
                            lane.record ? lane.subtitle : std::string(say("no trace yet"))});
    text(rect.x + 16, rect.y + 18, lane.title, 15, Role::ink, true);
    const double titleW = measure_(lane.title, 15, true);
    text(rect.x + 28 + titleW, rect.y + 18,
         fitted(measure_, lane.subtitle, 13, false, rect.w - titleW - 40), 13, Role::faint);
    if (!lane.record || !scale) {
      emptyLane(lane, rect);
      return;
    }
    const double below = in_.states ? kStatesH + 4 : 0;
    const Rect plot{span_.left, rect.y + kTitleH, span_.right - span_.left,
                    rect.h - kTitleH - 8 - below};
    const auto y = [&](double v) {
      return plot.y + plot.h * (1 - (v - scale->low) / (scale->high - scale->low));
    };
    levels(lane, plot, *scale, y);
    marks(lane, plot);
    samples(lane, plot, y);
    if (in_.states) {
      restLevel(lane, plot, y(lane.analysis->levels.bias - offsetOf(lane)));
      states(lane, {plot.x, plot.y + plot.h + 4, plot.w, kStatesH});
    }
    flags(lane, plot);
  }

  // Where the line rests when it is left alone.
  void restLevel(const Lane& lane, const Rect& plot, double y) {
    y = std::clamp(y, plot.y, plot.y + plot.h);
    scene_.add(Path{{{plot.x, y}, {plot.x + plot.w, y}}, Role::ink, 1.4, Dash::dashed, false});
    const auto words = sayf("rests at {}", sayLevel(lane, lane.analysis->levels.bias));
    const double wide = measure_(words, 13, true) + 12;
    const double top = std::clamp(y - 22, plot.y, plot.y + plot.h - 20);
    scene_.add(Box{{plot.x + 4, top, wide, 19}, 3, Role::panel, Role::rule, 1, std::nullopt});
    text(plot.x + 10, top + 14, words, 13, Role::ink, true);
  }

  // To a thousandth of what the line moves by.
  static std::string sayLevel(const Lane& lane, double value) {
    const auto& l = lane.analysis->levels;
    const double grain = (l.max - l.min) / 1000;
    return units::format(grain > 0 ? grain * std::round(value / grain) : value,
                         lane.analysis->unit);
  }

  static Role toneOf(trace::LineState state, Role turning) {
    switch (state) {
      case trace::LineState::turning:
        return turning;
      case trace::LineState::open:
      case trace::LineState::pulled:
        return Role::alarm;
      case trace::LineState::noise:
        return Role::doubt;
      case trace::LineState::rest:
        break;
    }
    return Role::rule;
  }

  // A band under the trace: turning, at rest, open, pulled; named where there is room.
  void states(const Lane& lane, const Rect& band) {
    double done = band.x;  // what is narrower than a pixel is drawn as one
    for (const auto& s : lane.analysis->segments) {
      if (s.toS < in_.fromS || s.fromS > in_.toS) {
        continue;
      }
      const double right = band.x + band.w;
      const double from = std::clamp(xOf(s.fromS), band.x, right);
      const double to = std::clamp(xOf(s.toS), std::min(right, from + 1), right);
      if (to <= done) {
        continue;
      }
      done = to;
      const Role tone = toneOf(s.state, lane.colour);
      scene_.add(Box{{from, band.y, to - from, band.h}, 0, Role::panel, tone, 1, std::nullopt});
      scene_.add(Box{{from, band.y, to - from, 5}, 0, tone, std::nullopt, 1, std::nullopt});
      const auto name = sayName(trace::kLineStateNames[static_cast<std::size_t>(s.state)]);
      const auto words =
          sayf("{}, {} long, at {}", name, units::format(s.toS - s.fromS, units::Unit::second),
               units::format(s.level, lane.analysis->unit));
      if (measure_(name, 12, false) + 8 < to - from) {
        text((from + to) / 2, band.y + 17, name, 12, Role::ink, false, Anchor::middle);
      }
      scene_.spots.push_back({{from, band.y, std::max(3.0, to - from), band.h},
                              "state:" + lane.id,
                              words,
                              lane.title,
                              words});
    }
  }

  // A flag where a finding shows first; a click goes there.
  void flags(const Lane& lane, const Rect& plot) {
    for (std::size_t i = 0; i < lane.analysis->findings.size(); ++i) {
      const auto& f = lane.analysis->findings[i];
      if (!f.place) {
        continue;
      }
      const double x = xOf((f.place->first + f.place->second) / 2);
      if (x < plot.x || x > plot.x + plot.w) {
        continue;
      }
      const Role tone = f.severity == trace::Severity::fault ? Role::alarm : Role::doubt;
      scene_.add(
          Path{{{x, plot.y - 8}, {x + 9, plot.y - 4}, {x, plot.y}}, tone, 1, Dash::solid, true});
      scene_.add(Path{{{x, plot.y - 8}, {x, plot.y + 8}}, tone, 1.6, Dash::solid, false});
      scene_.spots.push_back({{x - 8, plot.y - 14, 24, 26},
                              fmt::format("flag:{}:{}", lane.id, i),
                              f.text,
                              say("finding on ") + lane.title,
                              f.text});
    }
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
    const double fewest = plot.h < 40 ? 1 : 3;  // that do not overlap
    const double step = niceStep((scale.high - scale.low) / std::max(fewest, plot.h / 30));
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
    const auto& teeth = lane.analysis->teeth;
    auto tooth = std::lower_bound(teeth.begin(), teeth.end(), in_.fromS,
                                  [](const auto& t, double s) { return t.riseS + t.periodS < s; });
    double done = plot.x;  // marks closer than a pixel are one
    for (; tooth != teeth.end() && tooth->riseS < in_.toS; ++tooth) {
      if (tooth->lost == 0) {
        continue;
      }
      const double usual = tooth->periodS / static_cast<double>(tooth->lost + 1);
      const double from = std::clamp(xOf(tooth->riseS + 0.6 * usual), done, plot.x + plot.w);
      const double to = std::clamp(xOf(tooth->riseS + tooth->periodS), plot.x, plot.x + plot.w);
      if (to - from > 1) {
        scene_.add(Box{
            {from, plot.y, to - from, plot.h}, 3, Role::alarmTint, Role::alarm, 1, Role::alarm});
        done = to;
      }
    }
  }

  // One column of pixels shows the whole range of its samples; a lost sample breaks the line.
  template <class Y>
  void samples(const Lane& lane, const Rect& plot, const Y& y) {
    const auto& values = lane.record->channels[lane.channel].samples;
    const auto& time = lane.record->time;
    const double scale = lane.analysis->senseOhm ? 1 / *lane.analysis->senseOhm : 1;
    const double offset = offsetOf(lane);
    const auto yOf = [&](float v) { return y(v * scale - offset); };
    Path path{{}, lane.colour, 1.5, Dash::solid, false};
    const auto flush = [&] {
      if (path.points.size() > kMostStroked) {
        scene_.add(columnsOf(path.points, path.width, path.paint, plot.x, plot.x + plot.w));
      } else if (path.points.size() > 1) {
        scene_.add(path);
      }
      path.points.clear();
    };
    const auto columns = static_cast<std::size_t>(plot.w);
    const std::size_t first = std::min(values.size(), time.indexAt(in_.fromS));
    const std::size_t last = std::min(values.size(), time.indexAt(in_.toS) + 1);
    if (last - first < columns) {
      for (std::size_t i = first; i < last; ++i) {
        if (std::isnan(values[i])) {
          flush();
        } else if (const double x = xOf(time.at(i));
                   x >= plot.x - 0.5 && x <= plot.x + plot.w + 0.5) {
          path.points.push_back({x, yOf(values[i])});
        }
      }
      flush();
      return;
    }
    envelope(lane, plot, first, yOf);
  }

  // From the greatest to the least of each column of pixels.
  template <class Y>
  void envelope(const Lane& lane, const Rect& plot, std::size_t from, const Y& yOf) {
    constexpr double kThin = 1.5;  // least thickness
    const std::size_t size = lane.record->size();
    const auto columns = static_cast<std::size_t>(plot.w);
    Columns band{plot.x, {}, lane.colour};
    const auto flush = [&](double x) {
      if (!band.spans.empty()) {
        scene_.add(band);
      }
      band.x = x;
      band.spans.clear();
    };
    for (std::size_t c = 0; c < columns && from < size; ++c) {
      const double end = in_.fromS + (in_.toS - in_.fromS) * static_cast<double>(c + 1) /
                                         static_cast<double>(columns);
      const std::size_t to = std::min(size, std::max(from, lane.record->time.indexAt(end)));
      // With the sample before, so that steep flanks are closed.
      const auto range = rangeOf(lane, from - std::min<std::size_t>(from, from < to ? 1 : 0), to);
      const double x = plot.x + static_cast<double>(c);
      if (range.empty() && from == to && !band.spans.empty()) {
        band.spans.push_back(band.spans.back());  // no sample in this column: the line goes on
      } else if (range.empty()) {
        flush(x + 1);  // lost samples, or before the first
      } else {
        const double bottom = yOf(range.min);
        band.spans.push_back({std::min(yOf(range.max), bottom - kThin), bottom});
      }
      from = to;
    }
    flush(plot.x);
  }

  static capture::Pyramid::Range rangeOf(const Lane& lane, std::size_t from, std::size_t to) {
    if (lane.pyramid) {
      return lane.pyramid->range(from, to);
    }
    const auto& samples = lane.record->channels[lane.channel].samples;
    const auto e = capture::extentOf(std::span(samples).subspan(from, to - from));
    return {e.min, e.max};
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

  const LanesInput& in_;
  const Measure& measure_;
  PlotSpan span_;
  Scene scene_;
};

}  // namespace

std::string sayBetween(const Lane& lane, double aS, double bS) {
  const auto b = trace::between(*lane.record, lane.channel, *lane.analysis, aS, bS);
  std::string text = lane.title + ": ";
  text += b.value ? fmt::format("{}{}", *b.value > 0 ? "+" : "",
                                units::format(*b.value, lane.analysis->unit))
                  : std::string(say("no sample"));
  if (b.teeth) {
    text += sayf(", {:.1f} teeth", *b.teeth);
  }
  if (b.meanHz) {
    text += say(" at ") + units::format(*b.meanHz, units::Unit::hertz);
  }
  if (b.kmh) {
    text += ", " + units::format(*b.kmh, units::Unit::kmh);
  }
  return text;
}

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
