// Marks on a photo: an arrow, a ring, a word. They are drawn on a copy; the original stays as it
// is.
#pragma once

#include <QImage>
#include <QPointF>
#include <QString>
#include <vector>

#include "core/base/result.h"

namespace haybale::app {

struct PhotoMark {
  enum class Kind { arrow, ring, words };
  Kind kind = Kind::arrow;
  QPointF from;  ///< in pixels of the photo; where an arrow begins, a ring's middle, words begin
  QPointF to;    ///< where an arrow points to, a ring's edge
  QString words;
};

/// Draws marks with the photo's pixels as units; `scale` is how many of them one pixel on screen
/// is.
void drawMarks(QPainter& painter, const std::vector<PhotoMark>& marks, double scale);

/// The photo with its marks as a file of its own beside the original. An error when it cannot be
/// written.
Status saveMarked(const QImage& photo, const std::vector<PhotoMark>& marks, const QString& to);

}  // namespace haybale::app
