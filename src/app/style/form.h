// Small things that several forms do alike.
#pragma once

#include <QComboBox>
#include <QLayout>
#include <QSignalBlocker>
#include <QWidget>

#include "app/style/words.h"

namespace haybale::app {

/// Takes every widget out of a layout. They go later: one may be the sender of what brought us
/// here.
inline void empty(QLayout& layout) {
  while (auto* item = layout.takeAt(0)) {
    if (auto* widget = item->widget()) {
      widget->hide();
      widget->deleteLater();
    }
    delete item;
  }
}

/// Fills a list anew, if it changed, and chooses `preferred`; no signal is sent.
inline void refill(QComboBox& box, const QStringList& items, const QString& preferred) {
  QStringList before;
  for (int i = 0; i < box.count(); ++i) {
    before << box.itemText(i);
  }
  if (items != before) {
    const QSignalBlocker quiet(&box);
    box.clear();
    box.addItems(items);
    box.setCurrentText(preferred);
  }
}

/// "1.  first", one a line.
inline QString numbered(const std::vector<std::string>& steps) {
  QStringList out;
  for (std::size_t i = 0; i < steps.size(); ++i) {
    out << QStringLiteral("%1.  %2").arg(i + 1).arg(q(steps[i]));
  }
  return out.join(QLatin1Char('\n'));
}

/// "outcome:  where the fault then lies", one a line.
inline QString paired(const std::vector<std::pair<std::string, std::string>>& meanings) {
  QStringList out;
  for (const auto& [outcome, where] : meanings) {
    out << q(outcome) + QStringLiteral(":  ") + q(where);
  }
  return out.join(QLatin1Char('\n'));
}

}  // namespace haybale::app
