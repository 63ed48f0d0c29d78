// Widgets side by side that go on in the next line where the row is too narrow.
#pragma once

#include <QLayout>
#include <QList>

namespace haybale::app {

class FlowLayout : public QLayout {
 public:
  /// `gap` in pixels between two widgets and between two lines.
  explicit FlowLayout(QWidget* parent, int gap = 4);
  ~FlowLayout() override;

  void addItem(QLayoutItem* item) override { items_ << item; }
  [[nodiscard]] int count() const override { return static_cast<int>(items_.size()); }
  [[nodiscard]] QLayoutItem* itemAt(int index) const override { return items_.value(index); }
  QLayoutItem* takeAt(int index) override;
  [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
  [[nodiscard]] bool hasHeightForWidth() const override { return true; }
  [[nodiscard]] int heightForWidth(int width) const override;
  void setGeometry(const QRect& rect) override;
  [[nodiscard]] QSize sizeHint() const override;
  [[nodiscard]] QSize minimumSize() const override;

 private:
  /// Height taken within `rect`; moves the widgets where `move`.
  int lay(const QRect& rect, bool move) const;

  QList<QLayoutItem*> items_;
  int gap_;
};

}  // namespace haybale::app
