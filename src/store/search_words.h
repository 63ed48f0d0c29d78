// Words of a search, the same in both engines: letters and digits only, folded to one case, accents
// taken off, at most 100 characters. What is kept and what is looked for go through the same door,
// so no sign of a query language ever reaches an engine.
#pragma once

#include <QString>
#include <QStringList>
#include <optional>

#include "core/job/case.h"

namespace haybale::store {

/// What to look for; empty members do not matter. `text`: words or beginnings of words, all of
/// which occur somewhere in the job.
struct Filter {
  QString text;
  QString circuit;
  QString fault;
  QString zone;
  QString vehicle;
  QString month;  ///< "2026" or "2026-11"
};

/// The words of a text, each once, in order.
[[nodiscard]] QStringList searchWords(const QString& text);

/// What a job is found by.
struct SearchEntry {
  QString title;
  QString vehicle;
  QString body;
  QString tags;
};
[[nodiscard]] SearchEntry searchEntry(const job::Case& c, const QString& headline,
                                      const QString& changed);
/// The same as lexemes of a PostgreSQL tsvector: b + word anywhere, v + word of the vehicle, t +
/// tag.
[[nodiscard]] QString lexemes(const SearchEntry& entry);

/// The filter in SQLite's words; empty when nothing is looked for, and "-" when what is typed holds
/// no word at all, which finds nothing.
[[nodiscard]] QString ftsMatch(const Filter& filter);
/// PostgreSQL: one term each, to be joined by " & "; the month is left out, which is a range of
/// `changed`. Empty when nothing is looked for; not set when what is typed holds no word at all.
[[nodiscard]] std::optional<QStringList> tsTerms(const Filter& filter);

}  // namespace haybale::store
