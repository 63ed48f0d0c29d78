#include "render/scene_painter.h"

#include <QFontDatabase>
#include <QFontMetricsF>
#include <QImage>
#include <QPolygonF>
#include <QtMath>

namespace haybale::render {

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
    if (isRule(path)) {
      rule(path);
      return;
    }
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

  // Row by row into a picture of its own: column by column every pixel would lie far from the one
  // before in memory. Where a column ends within a pixel, that one is painted in part.
  void operator()(const picture::Columns& columns) {
    double top = 1e9;
    double bottom = -1e9;
    for (const auto& span : columns.spans) {
      if (span.top <= span.bottom) {
        top = qMin(top, span.top);
        bottom = qMax(bottom, span.bottom);
      }
    }
    if (top > bottom) {
      return;
    }
    const int first = qFloor(top);
    const int width = static_cast<int>(columns.spans.size());
    QImage image(width, qCeil(bottom) - first + 1, QImage::Format_ARGB32_Premultiplied);
    const QRgb full = colour(columns.paint, theme_).rgb();
    // Rows that a column fills wholly, from and to.
    std::vector<int> from(columns.spans.size());
    std::vector<int> to(columns.spans.size());
    for (std::size_t x = 0; x < columns.spans.size(); ++x) {
      from[x] = qCeil(columns.spans[x].top) - first;
      to[x] = qFloor(columns.spans[x].bottom) - first;
    }
    for (int row = 0; row < image.height(); ++row) {
      auto* pixels = reinterpret_cast<QRgb*>(image.scanLine(row));
      for (std::size_t x = 0; x < from.size(); ++x) {
        pixels[x] = row >= from[x] && row < to[x] ? full : 0U;
      }
    }
    auto* bits = reinterpret_cast<QRgb*>(image.bits());
    const auto stride = static_cast<int>(image.bytesPerLine() / 4);
    for (int x = 0; x < width; ++x) {
      const auto& span = columns.spans[static_cast<std::size_t>(x)];
      for (const int row : {qFloor(span.top) - first, qFloor(span.bottom) - first}) {
        const double y = first + row;
        const double share = qMin(span.bottom, y + 1) - qMax(span.top, y);
        if (span.top <= span.bottom && share > 0 && share < 1) {
          bits[row * stride + x] = faded(full, share);
        }
      }
    }
    painter_.drawImage(QPointF(qRound(columns.x), first), image);
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
  // One level line: filled as a rectangle, which is many times faster than stroked.
  static bool isRule(const Path& path) {
    return path.points.size() == 2 && !path.filled && path.dash == picture::Dash::solid &&
           path.points[0].y == path.points[1].y;
  }
  void rule(const Path& path) {
    QColor paint = colour(path.paint, theme_);
    paint.setAlphaF(static_cast<float>(qMin(1.0, path.width)));
    const double x = qMin(path.points[0].x, path.points[1].x);
    const int thick = qMax(1, qRound(path.width));
    painter_.fillRect(QRect(qRound(x), qRound(path.points[0].y - thick / 2.0),
                            qRound(qAbs(path.points[1].x - path.points[0].x)), thick),
                      paint);
  }

  static QRgb faded(QRgb full, double share) {
    const int alpha = qRound(255 * share);
    return qPremultiply(qRgba(qRed(full), qGreen(full), qBlue(full), alpha));
  }

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

}  // namespace haybale::render
