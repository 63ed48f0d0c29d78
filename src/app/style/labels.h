// Labels of the pages: plain text, wrapped, in one of the style sheet's voices.
#pragma once

#include <QLabel>

namespace haybale::app {

/// `voice` is a property of the style sheet: "sub", "head", "faint", "caution"; nullptr for plain
/// text.
inline QLabel* textLabel(QWidget* parent, const char* voice, const QString& text = {},
                         const QString& name = {}) {
  auto* label = new QLabel(text, parent);
  label->setWordWrap(true);
  label->setTextFormat(Qt::PlainText);
  label->setObjectName(name);
  if (voice) {
    label->setProperty(voice, true);
  }
  return label;
}

/// The heading of a part of a page, on one line.
inline QLabel* partHead(const QString& text, QWidget* parent) {
  auto* label = new QLabel(text, parent);
  label->setProperty("sub", true);
  return label;
}

}  // namespace haybale::app
