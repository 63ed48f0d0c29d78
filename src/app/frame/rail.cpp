#include "app/frame/rail.h"

#include <QButtonGroup>
#include <QPainter>
#include <QShortcut>
#include <QVBoxLayout>

#include "app/style/theme.h"
#include "render/scene_painter.h"

namespace haybale::app {

using picture::Role;

RailButton::RailButton(Glyph glyph, const QString& text, QWidget* parent)
    : QAbstractButton(parent), glyph_(glyph) {
  setText(text);
  setCheckable(true);
  setFocusPolicy(Qt::StrongFocus);
  setFixedSize(RailButton::sizeHint());
}

void RailButton::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  const auto theme = ThemeHub::instance().theme();
  const bool on = isChecked();
  if (on) {
    painter.fillRect(rect(), render::colour(Role::ground, theme));
  }
  const QColor ink = render::colour(on ? Role::ink : Role::railInk, theme);
  drawGlyph(painter, glyph_, QRectF(width() / 2.0 - 14, 12, 28, 26), ink);
  painter.setPen(ink);
  painter.setFont(render::font(13.5, on));
  painter.drawText(QRectF(0, 44, width(), 20), Qt::AlignCenter, text());
  if (hasFocus()) {
    painter.setPen(QPen(render::colour(Role::straw, theme), 2));
    painter.drawRect(rect().adjusted(2, 2, -2, -2));
  }
}

Rail::Rail(QWidget* parent)
    : QWidget(parent),
      menu_(new RailButton(Glyph::menu, tr("Menu"), this)),
      group_(new QButtonGroup(this)),
      layout_(new QVBoxLayout(this)) {
  setObjectName(QStringLiteral("rail"));
  setAttribute(Qt::WA_StyledBackground);
  setFixedWidth(76);
  layout_->setContentsMargins(0, 4, 0, 0);
  layout_->setSpacing(4);
  menu_->setObjectName(QStringLiteral("rail.menu"));
  menu_->setCheckable(false);
  menu_->setToolTip(tr("Jobs, preferences, help (Alt)"));
  layout_->addWidget(menu_);
  layout_->addStretch();
  connect(group_, &QButtonGroup::idClicked, this, &Rail::chosen);
}

void Rail::addView(Glyph glyph, const QString& name) {
  const int index = static_cast<int>(group_->buttons().size());
  auto* button = new RailButton(glyph, name, this);
  button->setObjectName(QStringLiteral("rail.") + name.toLower());
  // A key of its own: a button's shortcut waits for the picture of a press.
  auto* key = new QShortcut(QKeySequence(QStringLiteral("Ctrl+%1").arg(index + 1)), this);
  connect(key, &QShortcut::activated, button, &QAbstractButton::click);
  button->setToolTip(QStringLiteral("%1 (Ctrl+%2)").arg(name).arg(index + 1));
  group_->addButton(button, index);
  layout_->insertWidget(index + 1, button);
}

QList<QAbstractButton*> Rail::buttons() const {
  return group_->buttons();
}

void Rail::setCurrent(int index) {
  if (auto* button = group_->button(index)) {
    button->setChecked(true);
  }
}

}  // namespace haybale::app
