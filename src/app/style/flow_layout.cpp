#include "app/style/flow_layout.h"

#include <QWidget>

namespace haybale::app {

FlowLayout::FlowLayout(QWidget* parent, int gap) : QLayout(parent), gap_(gap) {
  setContentsMargins(0, 0, 0, 0);
}

FlowLayout::~FlowLayout() {
  qDeleteAll(items_);
}

QLayoutItem* FlowLayout::takeAt(int index) {
  return index >= 0 && index < items_.size() ? items_.takeAt(index) : nullptr;
}

int FlowLayout::lay(const QRect& rect, bool move) const {
  int x = rect.x();
  int y = rect.y();
  int line = 0;
  for (auto* item : items_) {
    if (item->isEmpty()) {
      continue;  // hidden
    }
    const QSize size = item->sizeHint();
    if (x > rect.x() && x + size.width() > rect.x() + rect.width()) {
      x = rect.x();
      y += line + gap_;
      line = 0;
    }
    if (move) {
      item->setGeometry({QPoint(x, y), size});
    }
    x += size.width() + gap_;
    line = std::max(line, size.height());
  }
  return y + line - rect.y();
}

int FlowLayout::heightForWidth(int width) const {
  return lay({0, 0, width, 0}, false);
}

void FlowLayout::setGeometry(const QRect& rect) {
  QLayout::setGeometry(rect);
  lay(rect, true);
}

QSize FlowLayout::sizeHint() const {
  QSize out;
  for (auto* item : items_) {
    if (!item->isEmpty()) {
      const QSize size = item->sizeHint();
      out = {out.width() + size.width() + gap_, std::max(out.height(), size.height())};
    }
  }
  return out;
}

QSize FlowLayout::minimumSize() const {
  QSize out;
  for (auto* item : items_) {
    out = out.expandedTo(item->minimumSize());
  }
  return out;
}

}  // namespace haybale::app
