// A picture described before it is painted: the same description goes to the window, to SVG and to
// PDF. Coordinates are pixels at 96 dpi, y downwards.
#pragma once

#include <cstdint>
#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace haybale::picture {

/// What a colour stands for; the palette of the day or night theme gives it a value.
enum class Role {
  ground,     ///< behind everything
  panel,      ///< cards and lanes
  ink,        ///< text, outlines
  faint,      ///< secondary text
  rule,       ///< thin lines
  straw,      ///< suspicion, selection
  strawLine,  ///< its outline
  good,
  doubt,
  alarm,
  goodTint,
  doubtTint,
  alarmTint,
  rail,
  railInk,
  zoneCabin,
  zoneEngine,
  zoneUnder,
  zoneWheel,
  zoneFlex,
  wheel0,  ///< wheel0..wheel5: bound to a circuit, never to a channel number
  wheel1,
  wheel2,
  wheel3,
  wheel4,
  wheel5,
};

/// A role, or a fixed colour 0xRRGGBB where paint on the vehicle is meant (wire insulation).
struct Paint {
  Role role = Role::ink;
  std::optional<std::uint32_t> rgb;
  Paint(Role r) : role(r) {}
  static Paint fixed(std::uint32_t value) {
    Paint p(Role::ink);
    p.rgb = value;
    return p;
  }
};

struct Point {
  double x = 0;
  double y = 0;
};

struct Rect {
  double x = 0, y = 0, w = 0, h = 0;
  [[nodiscard]] bool contains(Point p) const {
    return p.x >= x && p.x <= x + w && p.y >= y && p.y <= y + h;
  }
};

struct Box {
  Rect rect;
  double radius = 0;
  std::optional<Paint> fill;
  std::optional<Paint> stroke;
  double strokeWidth = 1;
  std::optional<Paint> hatch;  ///< diagonal lines over the fill
};

enum class Dash { solid, dashed, dotted, dashDot };

struct Path {
  std::vector<Point> points;
  Paint paint = Role::ink;
  double width = 1;
  Dash dash = Dash::solid;
  bool filled = false;  ///< a closed area instead of a line
};

/// Columns one pixel wide side by side, each filled from `top` to `bottom`: a wave too dense to be
/// drawn as a line.
struct Columns {
  struct Span {
    double top = 0;
    double bottom = 0;
  };
  double x = 0;  ///< left edge of the first
  std::vector<Span> spans;
  Paint paint = Role::ink;
};

enum class Anchor { start, middle, end };

struct Text {
  Point at;  ///< on the baseline
  std::string text;
  double size = 13;
  bool bold = false;
  Paint paint = Role::ink;
  Anchor anchor = Anchor::start;
};

using Item = std::variant<Box, Path, Columns, Text>;

/// A place that answers to a click: what it is, and where.
struct Spot {
  Rect rect;
  std::string id;
  std::string tip;
  std::string name = {};   ///< spoken, where the tip is more than a name: "suspicion of L2"
  std::string value = {};  ///< spoken: "43 %", "1.10 kΩ, good"
};

struct Scene {
  double width = 0;
  double height = 0;
  std::vector<Item> items;
  std::vector<Spot> spots;

  void add(Item item) { items.push_back(std::move(item)); }
  /// The smallest spot under a point; nullptr when there is none.
  [[nodiscard]] const Spot* spotAt(Point p) const;
  [[nodiscard]] const Spot* spot(std::string_view id) const;
};

/// Width in pixels of a text in the program's font. The window measures; elsewhere `roughWidth`
/// does.
using Measure = std::function<double(std::string_view text, double size, bool bold)>;
[[nodiscard]] double roughWidth(std::string_view text, double size, bool bold);

/// `text` cut to fit `width`, with "…" when it was longer.
[[nodiscard]] std::string fitted(const Measure& measure, std::string_view text, double size,
                                 bool bold, double width);

/// `text` broken at blanks into at most `lines` lines of `width`; the last one is cut to fit.
[[nodiscard]] std::vector<std::string> wrapped(const Measure& measure, std::string_view text,
                                               double size, bool bold, double width,
                                               std::size_t lines);

/// As much of `text` as `lines` lines of `width` hold, ended at a comma, colon or full stop and
/// never within a thought; cut with "…" only where even the first thought is longer.
[[nodiscard]] std::vector<std::string> wrappedThought(const Measure& measure, std::string_view text,
                                                      double size, bool bold, double width,
                                                      std::size_t lines);

enum class Theme { day, night };
/// 0xRRGGBB of a paint. Wheel colours follow Okabe and Ito, "Color universal design" (2008),
/// darkened by day.
[[nodiscard]] std::uint32_t rgb(const Paint& paint, Theme theme);

}  // namespace haybale::picture
