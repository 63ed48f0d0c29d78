// What the pieces of the line board share: where each element lies along the axis, the heights of
// its rows, and the scene they draw into.
#pragma once

#include "picture/line_board.h"

namespace haybale::picture {

namespace board {
constexpr double kZoneText = 20;  // zone names
constexpr double kSuspicionTop = 36;
constexpr double kSuspicionFoot = 106;
constexpr double kLineTop = 130;
constexpr double kWireA = 161;
constexpr double kWireB = 201;
constexpr double kLineFoot = 232;
constexpr double kCardsTop = 285;
constexpr double kGoodTitle = 22;     // line over the good wheel's row
constexpr double kProfile = 150;      // height of the profile with its title
constexpr double kLeastProfile = 90;  // below this it is left out
constexpr double kTarget = 36;        // smallest side of a click target
}  // namespace board

/// Left and right end of an element along the axis, in pixels.
struct Span {
  double left;
  double right;
  [[nodiscard]] double middle() const { return (left + right) / 2; }
  [[nodiscard]] double width() const { return right - left; }
};

/// Fixed widths for parts, the rest shared by the legs after the square root of their length, so
/// that a short leg stays wide enough to be touched.
[[nodiscard]] std::vector<Span> spansOf(const circuit::Circuit& circuit, double width);

/// Zone in words; empty for unknown.
[[nodiscard]] std::string zoneText(circuit::Zone zone);

struct BoardFrame {
  const BoardInput& in;
  const Measure& measure;
  const circuit::Circuit& circuit;
  std::vector<Span> spans;  ///< one an element
  Scene scene = {};

  void text(double x, double y, std::string words, double size, Paint paint, bool bold = false,
            Anchor anchor = Anchor::start) {
    scene.add(Text{{x, y}, std::move(words), size, bold, paint, anchor});
  }
  void line(Point a, Point b, Paint paint, double width, Dash dash = Dash::solid) {
    scene.add(Path{{a, b}, paint, width, dash, false});
  }
  [[nodiscard]] std::string fit(std::string_view words, double size, bool bold,
                                double width) const {
    return fitted(measure, words, size, bold, width);
  }
};

/// The zones the line runs through, as grounds with their names.
void drawZones(BoardFrame& frame);
/// How much each element is suspected, as bars over the line, and each wire, as hatched bands it
/// runs in. Spots "element:L2" say the likeliest fault.
void drawSuspicion(BoardFrame& frame);
/// Wires and parts.
void drawLine(BoardFrame& frame);

}  // namespace haybale::picture
