#include "print/scene_painter.h"

#include <QFontDatabase>
#include <QFontMetricsF>
#include <QPolygonF>

namespace haybale::print {

using picture::Box;
using picture::Path;
using picture::Text;
using picture::Theme;

QColor colour(const picture::Paint& paint, Theme theme) {
  return QColor::fromRgb(0xFF000000U | picture::rgb(paint, theme));
}

QFont font(double size, bool bold) {
  QFont f(QStringLiteral("Atkinson Hyperlegible"));
  f.setPixelSize(qMax(1, qRound(size)));
  f.setBold(bold);
  return f;
}

bool loadFonts() {
  bool all = true;
  for (const auto* file :
       {":/fonts/AtkinsonHyperlegible-Regular.ttf", ":/fonts/AtkinsonHyperlegible-Bold.ttf"}) {
    all = QFontDatabase::addApplicationFont(QString::fromLatin1(file)) >= 0 && all;
  }
  return all;
}

picture::Measure measure() {
  return [](std::string_view text, double size, bool bold) {
    return QFontMetricsF(font(size, bold))
        .horizontalAdvance(QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size())));
  };
}

namespace {

class Brush {
 public:
  Brush(QPainter& painter, Theme theme) : painter_(painter), theme_(theme) {}

  void operator()(const Box& box) {
    const QRectF rect(box.rect.x, box.rect.y, box.rect.w, box.rect.h);
    painter_.setPen(box.stroke ? QPen(colour(*box.stroke, theme_), box.strokeWidth)
                               : QPen(Qt::NoPen));
    painter_.setBrush(box.fill ? QBrush(colour(*box.fill, theme_)) : QBrush(Qt::NoBrush));
    painter_.drawRoundedRect(rect, box.radius, box.radius);
    if (box.hatch) {
      hatch(rect, colour(*box.hatch, theme_));
    }
  }

  void operator()(const Path& path) {
    QPolygonF polygon;
    polygon.reserve(static_cast<qsizetype>(path.points.size()));
    for (const auto& p : path.points) {
      polygon << QPointF(p.x, p.y);
    }
    if (path.filled) {
      painter_.setPen(Qt::NoPen);
      painter_.setBrush(colour(path.paint, theme_));
      painter_.drawPolygon(polygon);
      return;
    }
    QPen pen(colour(path.paint, theme_), path.width);
    pen.setCapStyle(Qt::FlatCap);
    pen.setJoinStyle(Qt::BevelJoin);
    dash(pen, path);
    painter_.setPen(pen);
    painter_.setBrush(Qt::NoBrush);
    // A long line that crosses itself is slow in one go; in short pieces it is not.
    constexpr qsizetype kPiece = 5;
    if (path.dash != picture::Dash::solid || polygon.size() <= 2 * kPiece) {
      painter_.drawPolyline(polygon);
      return;
    }
    for (qsizetype i = 0; i + 1 < polygon.size(); i += kPiece) {
      const qsizetype count = qMin(kPiece + 1, polygon.size() - i);
      painter_.drawPolyline(polygon.constData() + i, static_cast<int>(count));
    }
  }

  void operator()(const picture::Columns& columns) {
    const QColor paint = colour(columns.paint, theme_);
    const int x = qRound(columns.x);
    for (std::size_t i = 0; i < columns.spans.size(); ++i) {
      const int top = qRound(columns.spans[i].top);
      const int height = qMax(1, qRound(columns.spans[i].bottom) - top);
      painter_.fillRect(x + static_cast<int>(i), top, 1, height, paint);
    }
  }

  void operator()(const Text& text) {
    const QString words =
        QString::fromUtf8(text.text.data(), static_cast<qsizetype>(text.text.size()));
    const QFont f = font(text.size, text.bold);
    double x = text.at.x;
    if (text.anchor != picture::Anchor::start) {
      const double width = QFontMetricsF(f).horizontalAdvance(words);
      x -= text.anchor == picture::Anchor::middle ? width / 2 : width;
    }
    painter_.setFont(f);
    painter_.setPen(colour(text.paint, theme_));
    painter_.drawText(QPointF(x, text.at.y), words);
  }

 private:
  static void dash(QPen& pen, const Path& path) {
    const double w = qMax(path.width, 0.5);
    switch (path.dash) {
      case picture::Dash::solid:
        return;
      case picture::Dash::dashed:
        pen.setDashPattern({6 / w, 4 / w});
        return;
      case picture::Dash::dotted:
        pen.setDashPattern({2 / w, 3 / w});
        return;
      case picture::Dash::dashDot:
        pen.setDashPattern({7 / w, 3 / w, 2 / w, 3 / w});
        return;
    }
  }

  void hatch(const QRectF& r, const QColor& ink) {
    painter_.save();
    painter_.setClipRect(r, Qt::IntersectClip);
    painter_.setPen(QPen(ink, 1.2));
    const int count = static_cast<int>((r.width() + r.height()) / 7);
    for (int i = 1; i <= count; ++i) {
      const double c = 7.0 * i;
      painter_.drawLine(QPointF(r.left() + c - r.height(), r.bottom()),
                        QPointF(r.left() + c, r.top()));
    }
    painter_.restore();
  }

  QPainter& painter_;
  Theme theme_;
};

}  // namespace

void paint(QPainter& painter, const picture::Scene& scene, Theme theme) {
  painter.save();
  painter.setRenderHint(QPainter::Antialiasing);
  Brush brush(painter, theme);
  for (const auto& item : scene.items) {
    std::visit(brush, item);
  }
  painter.restore();
}

}  // namespace haybale::print
