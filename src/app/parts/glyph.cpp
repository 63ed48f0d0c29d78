#include "app/parts/glyph.h"

#include <QPainterPath>

namespace haybale::app {

namespace {

// Strokes within the unit square.
QPainterPath strokes(Glyph glyph) {
  QPainterPath p;
  switch (glyph) {
    case Glyph::menu:  // a bale with its two strings
      p.addRoundedRect(0.1, 0.22, 0.8, 0.56, 0.08, 0.08);
      p.moveTo(0.36, 0.22);
      p.lineTo(0.36, 0.78);
      p.moveTo(0.64, 0.22);
      p.lineTo(0.64, 0.78);
      break;
    case Glyph::intake:  // a tag on a string
      p.addRoundedRect(0.12, 0.36, 0.76, 0.5, 0.08, 0.08);
      p.moveTo(0.3, 0.36);
      p.cubicTo(0.3, 0.02, 0.7, 0.02, 0.7, 0.36);
      p.moveTo(0.28, 0.55);
      p.lineTo(0.72, 0.55);
      p.moveTo(0.28, 0.7);
      p.lineTo(0.55, 0.7);
      break;
    case Glyph::line:  // two wires between two ends
      p.addRect(0.05, 0.25, 0.16, 0.5);
      p.moveTo(0.21, 0.4);
      p.lineTo(0.8, 0.4);
      p.moveTo(0.21, 0.6);
      p.lineTo(0.8, 0.6);
      p.addEllipse(QPointF(0.86, 0.5), 0.1, 0.22);
      break;
    case Glyph::trace:  // teeth passing
      p.moveTo(0.05, 0.5);
      for (int i = 0; i < 3; ++i) {
        const double x = 0.05 + 0.3 * i;
        p.cubicTo(x + 0.05, 0.05, x + 0.1, 0.05, x + 0.15, 0.5);
        p.cubicTo(x + 0.2, 0.95, x + 0.25, 0.95, x + 0.3, 0.5);
      }
      break;
    case Glyph::swap:  // two lines that change over
      p.moveTo(0.05, 0.28);
      p.cubicTo(0.5, 0.28, 0.5, 0.74, 0.92, 0.74);
      p.moveTo(0.05, 0.74);
      p.cubicTo(0.5, 0.74, 0.5, 0.28, 0.92, 0.28);
      p.addEllipse(QPointF(0.93, 0.28), 0.05, 0.06);
      p.addEllipse(QPointF(0.93, 0.74), 0.05, 0.06);
      break;
    case Glyph::report:  // a sheet with a folded corner
      p.moveTo(0.2, 0.08);
      p.lineTo(0.62, 0.08);
      p.lineTo(0.82, 0.28);
      p.lineTo(0.82, 0.92);
      p.lineTo(0.2, 0.92);
      p.closeSubpath();
      p.moveTo(0.34, 0.45);
      p.lineTo(0.68, 0.45);
      p.moveTo(0.34, 0.62);
      p.lineTo(0.68, 0.62);
      p.moveTo(0.34, 0.78);
      p.lineTo(0.55, 0.78);
      break;
    case Glyph::practice:  // a toy cart on a string
      p.addRect(0.1, 0.3, 0.6, 0.34);
      p.addEllipse(QPointF(0.24, 0.78), 0.12, 0.13);
      p.addEllipse(QPointF(0.56, 0.78), 0.12, 0.13);
      p.moveTo(0.7, 0.55);
      p.cubicTo(0.8, 0.6, 0.84, 0.3, 0.95, 0.16);
      break;
    case Glyph::book:  // an open book
      p.moveTo(0.5, 0.24);
      p.cubicTo(0.36, 0.12, 0.2, 0.12, 0.06, 0.18);
      p.lineTo(0.06, 0.82);
      p.cubicTo(0.2, 0.76, 0.36, 0.76, 0.5, 0.88);
      p.cubicTo(0.64, 0.76, 0.8, 0.76, 0.94, 0.82);
      p.lineTo(0.94, 0.18);
      p.cubicTo(0.8, 0.12, 0.64, 0.12, 0.5, 0.24);
      p.lineTo(0.5, 0.88);
      break;
    case Glyph::tick:
      p.moveTo(0.15, 0.55);
      p.lineTo(0.4, 0.8);
      p.lineTo(0.88, 0.2);
      break;
    case Glyph::question:
      p.moveTo(0.28, 0.3);
      p.cubicTo(0.28, 0.02, 0.74, 0.02, 0.74, 0.32);
      p.cubicTo(0.74, 0.5, 0.5, 0.48, 0.5, 0.68);
      p.moveTo(0.5, 0.87);
      p.lineTo(0.5, 0.93);
      break;
    case Glyph::cross:
      p.moveTo(0.2, 0.2);
      p.lineTo(0.8, 0.8);
      p.moveTo(0.8, 0.2);
      p.lineTo(0.2, 0.8);
      break;
    case Glyph::dot:
      p.addEllipse(QPointF(0.5, 0.5), 0.12, 0.12);
      break;
  }
  return p;
}

}  // namespace

void drawGlyph(QPainter& painter, Glyph glyph, const QRectF& rect, const QColor& colour) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  QTransform to;
  to.translate(rect.x(), rect.y());
  to.scale(rect.width(), rect.height());
  painter.setPen(QPen(colour, 2.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  painter.setBrush(Qt::NoBrush);
  painter.drawPath(to.map(strokes(glyph)));
  painter.restore();
}

}  // namespace haybale::app
