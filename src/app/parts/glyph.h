// The program's own signs, drawn with strokes: views of the rail, state of a circuit.
#pragma once

#include <QColor>
#include <QPainter>
#include <QRectF>

namespace haybale::app {

enum class Glyph {
  menu,
  intake,
  line,
  trace,
  swap,
  report,
  book,
  practice,
  tick,
  question,
  cross,
  dot
};

/// Draws `glyph` within `rect` in the given colour.
void drawGlyph(QPainter& painter, Glyph glyph, const QRectF& rect, const QColor& colour);

}  // namespace haybale::app
