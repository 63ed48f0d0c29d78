#include "app/photo/photo_marks.h"

#include <QBuffer>
#include <QLineF>
#include <QPainter>
#include <QPainterPath>
#include <QtMath>

#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

constexpr double kPen = 4;       // pixels on screen
constexpr double kHead = 18;     // an arrow's
constexpr double kLetters = 22;  // height of words

QPainterPath arrow(const PhotoMark& mark, double scale) {
  QPainterPath path(mark.from);
  path.lineTo(mark.to);
  const double back = std::atan2(mark.from.y() - mark.to.y(), mark.from.x() - mark.to.x());
  for (const double side : {-0.45, 0.45}) {
    path.moveTo(mark.to);
    path.lineTo(mark.to + scale * kHead * QPointF(std::cos(back + side), std::sin(back + side)));
  }
  return path;
}

QPainterPath pathOf(const PhotoMark& mark, double scale) {
  QPainterPath path;
  switch (mark.kind) {
    case PhotoMark::Kind::arrow:
      return arrow(mark, scale);
    case PhotoMark::Kind::ring: {
      const double radius = QLineF(mark.from, mark.to).length();
      path.addEllipse(mark.from, radius, radius);
      break;
    }
    case PhotoMark::Kind::words:
      path.addText(mark.from, render::font(kLetters * scale, true), mark.words);
      break;
  }
  return path;
}

}  // namespace

// A light edge keeps them readable on any ground.
void drawMarks(QPainter& painter, const std::vector<PhotoMark>& marks, double scale) {
  painter.setRenderHint(QPainter::Antialiasing);
  const QColor ink = render::colour(picture::Role::alarm, picture::Theme::day);
  for (const auto& mark : marks) {
    const auto path = pathOf(mark, scale);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(Qt::white, 2 * kPen * scale, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPath(path);
    if (mark.kind == PhotoMark::Kind::words) {
      painter.fillPath(path, ink);
    } else {
      painter.setPen(QPen(ink, kPen * scale, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
      painter.drawPath(path);
    }
  }
}

Status saveMarked(const QImage& photo, const std::vector<PhotoMark>& marks, const QString& to) {
  QImage copy = photo.convertToFormat(QImage::Format_RGB32);
  QPainter painter(&copy);
  // As large on any photo as on one a thousand pixels wide.
  drawMarks(painter, marks, std::max(1.0, copy.width() / 1000.0));
  painter.end();
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  if (!copy.save(&buffer, "PNG")) {
    return Error{to.toStdString(), std::nullopt, say("could not be made from the photo"),
                 say("another photo")};
  }
  return job::writeFileAtomically(
      to.toStdString(),
      std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
}

}  // namespace haybale::app
