#include "app/help/help_pages.h"

#include <QFile>
#include <QLocale>
#include <algorithm>
#include <map>

namespace haybale::app {

namespace {

constexpr const char* kOrder[] = {
    "start", "line",  "readings", "next-move", "kinds",       "trace", "swap",    "wiggle",
    "traps", "close", "logbook",  "practice",  "instruments", "files", "trouble", "safety"};

// In the language in force where there is such a page.
HelpPage read(const char* id, const QString& language) {
  HelpPage page;
  page.id = QLatin1String(id);
  const QString own = QStringLiteral(":/help/%1/%2.md").arg(language, page.id);
  QFile file(QFile::exists(own) ? own : QStringLiteral(":/help/%1.md").arg(page.id));
  if (file.open(QIODevice::ReadOnly)) {
    page.text = QString::fromUtf8(file.readAll());
  }
  page.title = page.text.section(QLatin1Char('\n'), 0, 0).mid(2);
  return page;
}

}  // namespace

const std::vector<HelpPage>& helpPages() {
  static std::map<QString, std::vector<HelpPage>> known;
  auto& pages = known[QLocale().name().left(2)];
  if (pages.empty()) {
    for (const char* id : kOrder) {
      pages.push_back(read(id, QLocale().name().left(2)));
    }
  }
  return pages;
}

std::vector<const HelpPage*> findHelp(const QString& words) {
  const QStringList wanted = words.split(QLatin1Char(' '), Qt::SkipEmptyParts);
  const auto has = [&](const QString& text) {
    return std::all_of(wanted.begin(), wanted.end(), [&](const QString& word) {
      return text.contains(word, Qt::CaseInsensitive);
    });
  };
  std::vector<const HelpPage*> out;
  for (const auto& page : helpPages()) {
    if (has(page.text)) {
      out.push_back(&page);
    }
  }
  std::stable_partition(out.begin(), out.end(), [&](const HelpPage* page) {
    return std::any_of(wanted.begin(), wanted.end(), [&](const QString& word) {
      return page->title.contains(word, Qt::CaseInsensitive);
    });
  });
  return out;
}

}  // namespace haybale::app
