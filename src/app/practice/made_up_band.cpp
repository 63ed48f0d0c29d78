#include "app/practice/made_up_band.h"

#include <QPainter>

#include "app/style/theme.h"
#include "render/scene_painter.h"

namespace haybale::app {

using picture::Role;

MadeUpBand::MadeUpBand(QWidget* parent) : QWidget(parent) {
  setFixedHeight(34);
  setObjectName(QStringLiteral("practice.band"));
  setAccessibleName(tr("Made-up vehicle: practice, nothing here touches a real job"));
}

void MadeUpBand::paintEvent(QPaintEvent*) {
  const auto theme = ThemeHub::instance().theme();
  QPainter painter(this);
  painter.fillRect(rect(), render::colour(Role::straw, theme));
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QPen(render::colour(Role::strawLine, theme), 5));
  for (int x = -height(); x < width(); x += 22) {
    painter.drawLine(x, height(), x + height(), 0);
  }
  const QString text = tr("MADE-UP VEHICLE   practice, nothing here touches a real job");
  painter.setFont(render::font(14, true));
  const int wide = painter.fontMetrics().horizontalAdvance(text) + 36;
  const QRect plate((width() - wide) / 2, 4, wide, height() - 8);
  painter.setPen(Qt::NoPen);
  painter.setBrush(render::colour(Role::panel, theme));
  painter.drawRoundedRect(plate, 5, 5);
  painter.setPen(render::colour(Role::ink, theme));
  painter.drawText(plate, Qt::AlignCenter, text);
}

}  // namespace haybale::app
