// Searching a shop's logbook (PostgreSQL). Of a word that many jobs hold its index brings all of
// them before the latest are known, so the latest jobs are looked at one by one first; what they
// hold seldom is rare enough for the index, and only the rarest word is asked of it.
#include <algorithm>

#include "store/logbook.h"

namespace haybale::store {

namespace {

constexpr int kLatest = 2000;       // jobs looked at first
constexpr int kMostLooked = 12000;  // and at most, where that promises enough
constexpr int kMostByLooking = 200;
constexpr double kReserve = 1.3;
constexpr double kRare = 0.05;  // of the latest: the index alone finds the others fast enough

const QString kOrder = QStringLiteral(" ORDER BY j.changed DESC, j.row DESC LIMIT ?");

// The latest of a range of time.
QString latest(int count) {
  return QStringLiteral(
             "(SELECT * FROM jobs WHERE changed >= ? AND changed < ? ORDER BY changed "
             "DESC, row DESC LIMIT %1) j")
      .arg(count);
}

QString allOf(const QStringList& terms) {
  return terms.join(QStringLiteral(" & "));
}

// "2026-11" holds what begins so.
QVariantList rangeOf(const Filter& filter) {
  return {filter.month, filter.month + QLatin1Char('~')};
}

// How many jobs there are among the latest of the range, and how many hold each term.
struct Sample {
  int jobs = 0;
  std::vector<int> holds;
};
Result<Sample> sampleOf(Database& db, const Filter& filter, const QStringList& terms) {
  QString counts = QStringLiteral("count(*)");
  QVariantList values;
  for (const auto& term : terms) {
    counts += QStringLiteral(", count(*) FILTER (WHERE j.words @@ ?::tsquery)");
    values << term;
  }
  auto found = db.run(QStringLiteral("SELECT %1 FROM %2").arg(counts, latest(kLatest)),
                      values + rangeOf(filter));
  if (!found) {
    return found.error();
  }
  Sample out;
  if (found->next()) {
    out.jobs = found->value(0).toInt();
    for (int i = 0; i < terms.size(); ++i) {
      out.holds.push_back(found->value(i + 1).toInt());
    }
  }
  return out;
}

}  // namespace

Result<std::vector<JobRow>> Logbook::searchInShop(const Filter& filter, int most) {
  const auto terms = tsTerms(filter);
  if (!terms) {
    return std::vector<JobRow>{};
  }
  const QString select = QStringLiteral("SELECT %1 FROM %2").arg(jobColumns());
  const QString inRange = QStringLiteral("jobs j WHERE j.changed >= ? AND j.changed < ?");
  if (terms->isEmpty()) {
    return rowsOf(db_.run(select.arg(inRange) + kOrder, rangeOf(filter) << most));
  }
  const auto look = [&](int count) {
    return rowsOf(
        db_.run(select.arg(latest(count)) + QStringLiteral(" WHERE j.words @@ ?::tsquery") + kOrder,
                rangeOf(filter) << allOf(*terms) << most));
  };
  const QString indexed = select.arg(inRange) + QStringLiteral(" AND j.words @@ ?::tsquery");
  if (most > kMostByLooking) {
    return rowsOf(db_.run(indexed + kOrder, rangeOf(filter) << allOf(*terms) << most));
  }
  auto found = look(kLatest);
  if (!found || static_cast<int>(found->size()) == most) {
    return found;
  }
  const auto sample = sampleOf(db_, filter, *terms);
  if (!sample || sample->jobs < kLatest) {
    return sample ? std::move(found) : Result<std::vector<JobRow>>(sample.error());
  }
  const double wanted = kReserve * kLatest * most / (static_cast<double>(found->size()) + 0.01);
  if (wanted < kMostLooked) {
    found = look(static_cast<int>(wanted));
    if (!found || static_cast<int>(found->size()) == most) {
      return found;
    }
  }
  const auto rarest = std::min_element(sample->holds.begin(), sample->holds.end());
  if (*rarest > kRare * kLatest || terms->size() == 1) {
    return rowsOf(db_.run(indexed + kOrder, rangeOf(filter) << allOf(*terms) << most));
  }
  // Put together anew, the words are none that the index knows: the others are looked for in what
  // it found of the rarest.
  QStringList others = *terms;
  const QString rare = others.takeAt(rarest - sample->holds.begin());
  return rowsOf(
      db_.run(indexed + QStringLiteral(" AND (j.words || ''::tsvector) @@ ?::tsquery") + kOrder,
              rangeOf(filter) << rare << allOf(others) << most));
}

}  // namespace haybale::store
