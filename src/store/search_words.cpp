#include "store/search_words.h"

#include <QSet>
#include <algorithm>

#include "core/job/search_text.h"
#include "store/text.h"

namespace haybale::store {

namespace {

constexpr qsizetype kLongest = 100;

// "fault", "sensor-open" -> "tfaultsensoropen": one word no engine takes apart.
QString tag(const char* kind, const QString& value) {
  return QLatin1Char('t') + QString::fromLatin1(kind) + searchWords(value).join(QString());
}

QStringList tagsOf(const Filter& f) {
  QStringList out;
  for (const auto& [kind, value] : {std::pair{"circuit", f.circuit}, std::pair{"fault", f.fault},
                                    std::pair{"zone", f.zone}, std::pair{"month", f.month}}) {
    if (!value.isEmpty()) {
      out << tag(kind, value);
    }
  }
  return out;
}

bool isPlain(const QString& text) {
  return std::all_of(text.begin(), text.end(), [](QChar c) { return c.unicode() < 0x80; });
}

// One case, and letters apart from their accents. Most texts have none, and cost less.
QString folded(const QString& text) {
  return isPlain(text) ? text.toLower()
                       : text.normalized(QString::NormalizationForm_KD)
                             .toCaseFolded()
                             .normalized(QString::NormalizationForm_KD);
}

}  // namespace

QStringList searchWords(const QString& text) {
  QStringList out;
  QSet<QString> seen;
  QString word;
  const auto end = [&] {
    if (!word.isEmpty() && !seen.contains(word)) {
      seen.insert(word);
      out << word;
    }
    word.clear();
  };
  const QString letters = folded(text);
  for (qsizetype i = 0; i < letters.size(); ++i) {
    char32_t c = letters[i].unicode();
    if (letters[i].isHighSurrogate() && i + 1 < letters.size() && letters[i + 1].isLowSurrogate()) {
      c = QChar::surrogateToUcs4(letters[i], letters[i + 1]);
      ++i;
    }
    if (QChar::isMark(c)) {
      continue;  // the accent of the letter before it
    }
    if (!QChar::isLetterOrNumber(c)) {
      end();
    } else if (word.size() < kLongest) {
      word += QChar::fromUcs4(c);
    }
  }
  end();
  return out;
}

SearchEntry searchEntry(const job::Case& c, const QString& headline, const QString& changed) {
  const auto words = [](const QString& text) { return searchWords(text).join(QLatin1Char(' ')); };
  SearchEntry out;
  out.title = words(q(c.title));
  out.vehicle = words(q(c.vehicle));
  out.body = words(q(job::searchText(c)) + QLatin1Char(' ') + headline);
  QStringList tags{tag("circuit", q(c.suspect)), tag("month", changed.left(4)),
                   tag("month", changed.left(7))};
  if (!c.closing.fault.empty()) {
    tags << tag("fault", q(c.closing.fault)) << tag("zone", q(c.closing.zone));
  }
  out.tags = tags.join(QLatin1Char(' '));
  return out;
}

QString lexemes(const SearchEntry& e) {
  QSet<QString> out;
  const auto add = [&](const QString& text, char prefix) {
    for (const auto& word : text.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
      out.insert(QLatin1Char(prefix) + word);
    }
  };
  for (const auto* text : {&e.title, &e.vehicle, &e.body}) {
    add(*text, 'b');
  }
  add(e.vehicle, 'v');
  for (const auto& tag : e.tags.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
    out.insert(tag);
  }
  return QStringList(out.begin(), out.end()).join(QLatin1Char(' '));
}

namespace {

// The filter, each word by `begin` (a beginning, of the vehicle only or of anything) and each tag
// by `whole`; not set when it can find nothing.
template <class Begin, class Whole>
std::optional<QStringList> termsOf(const Filter& f, const Begin& begin, const Whole& whole) {
  QStringList parts;
  for (const auto& [text, vehicle] : {std::pair{f.text, false}, std::pair{f.vehicle, true}}) {
    const QStringList words = searchWords(text);
    if (words.isEmpty() && !text.trimmed().isEmpty()) {
      return std::nullopt;
    }
    for (const auto& word : words) {
      parts << begin(word, vehicle);
    }
  }
  for (const auto& tag : tagsOf(f)) {
    parts << whole(tag);
  }
  return parts;
}

}  // namespace

QString ftsMatch(const Filter& filter) {
  const auto terms = termsOf(
      filter,
      [](const QString& word, bool vehicle) {
        return QString::fromLatin1(vehicle ? "vehicle : \"%1\"*" : "{title vehicle body} : \"%1\"*")
            .arg(word);
      },
      [](const QString& tag) { return QStringLiteral("tags : \"%1\"").arg(tag); });
  return terms ? terms->join(QStringLiteral(" AND ")) : QStringLiteral("-");
}

std::optional<QStringList> tsTerms(const Filter& filter) {
  Filter unranged = filter;
  unranged.month.clear();
  return termsOf(
      unranged,
      [](const QString& word, bool vehicle) {
        return QStringLiteral("'%1%2':*").arg(QLatin1Char(vehicle ? 'v' : 'b')).arg(word);
      },
      [](const QString& tag) { return QStringLiteral("'%1'").arg(tag); });
}

}  // namespace haybale::store
