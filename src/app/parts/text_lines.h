// Texts of buttons, which the toolkit does not wrap.
#pragma once

#include <QFontMetrics>
#include <QString>

namespace haybale::app {

/// `text` in as many lines as it takes at a width in pixels, broken at blanks only.
inline QString inLines(const QString& text, const QFontMetrics& metrics, int width) {
  QString out;
  QString line;
  for (const QString& word : text.split(QLatin1Char(' '))) {
    const QString longer = line.isEmpty() ? word : line + QLatin1Char(' ') + word;
    if (!line.isEmpty() && metrics.horizontalAdvance(longer) > width) {
      out += line + QLatin1Char('\n');
      line = word;
    } else {
      line = longer;
    }
  }
  return out + line;
}

}  // namespace haybale::app
