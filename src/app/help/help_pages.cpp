#include "app/help/help_pages.h"

#include <QFile>
#include <algorithm>

namespace haybale::app {

namespace {

constexpr const char* kOrder[] = {
    "start", "line",  "readings", "next-move", "kinds",       "trace", "swap",    "wiggle",
    "traps", "close", "logbook",  "practice",  "instruments", "files", "trouble", "safety"};

HelpPage read(const char* id) {
  HelpPage page;
  page.id = QLatin1String(id);
  QFile file(QStringLiteral(":/help/%1.md").arg(page.id));
  if (file.open(QIODevice::ReadOnly)) {
    page.text = QString::fromUtf8(file.readAll());
  }
  page.title = page.text.section(QLatin1Char('\n'), 0, 0).mid(2);
  return page;
}

}  // namespace

const std::vector<HelpPage>& helpPages() {
  static const auto pages = [] {
    std::vector<HelpPage> out;
    for (const char* id : kOrder) {
      out.push_back(read(id));
    }
    return out;
  }();
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
