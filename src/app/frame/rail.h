// The slim rail on the left that switches between views.
#pragma once

#include <QAbstractButton>
#include <QWidget>

#include "app/parts/glyph.h"

class QButtonGroup;
class QVBoxLayout;

namespace haybale::app {

class RailButton : public QAbstractButton {
  Q_OBJECT

 public:
  RailButton(Glyph glyph, const QString& text, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {76, 68}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  Glyph glyph_;
};

class Rail : public QWidget {
  Q_OBJECT

 public:
  explicit Rail(QWidget* parent = nullptr);
  /// Adds a view at the end; the first one is Ctrl+1.
  void addView(Glyph glyph, const QString& name);
  void setCurrent(int index);
  [[nodiscard]] QAbstractButton* menuButton() const { return menu_; }
  /// Of the views, in their order.
  [[nodiscard]] QList<QAbstractButton*> buttons() const;

 signals:
  void chosen(int index);

 private:
  RailButton* menu_;
  QButtonGroup* group_;
  QVBoxLayout* layout_;
};

}  // namespace haybale::app
