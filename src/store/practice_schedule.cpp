#include "store/practice_schedule.h"

#include <algorithm>
#include <numeric>

namespace haybale::store {

namespace {

QString quoted(QString text) {
  text.replace(QLatin1Char('"'), QStringLiteral("\"\""));
  // A name that begins as a formula is none in a spreadsheet.
  if (!text.isEmpty() && QStringLiteral("=+-@").contains(text.front())) {
    text.prepend(QLatin1Char('\''));
  }
  return QLatin1Char('"') + text + QLatin1Char('"');
}

}  // namespace

std::vector<Due> dueCases(const std::vector<PracticeResult>& results, const QDateTime& now) {
  struct Card {
    int box = -1;
    QDateTime last;
  };
  QMap<QString, Card> cards;
  for (auto it = results.rbegin(); it != results.rend(); ++it) {  // as it went
    if (it->caseId.isEmpty() || it->caseId.startsWith(QLatin1String("mixed-"))) {
      continue;
    }
    Card& card = cards[it->caseId];
    const bool passed = it->right && it->points >= kPassPoints;
    card.box = passed ? std::min(card.box + 1, static_cast<int>(kBoxDays.size()) - 1) : 0;
    card.last = QDateTime::fromString(it->when, Qt::ISODate);
  }
  std::vector<Due> out;
  for (auto it = cards.begin(); it != cards.end(); ++it) {
    const int wait = kBoxDays[static_cast<std::size_t>(std::max(it->box, 0))];
    const auto since = it->last.isValid() ? it->last.daysTo(now) : wait;
    out.push_back({it.key(), std::max(it->box, 0), static_cast<int>(since) - wait});
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Due& a, const Due& b) { return a.daysOver > b.daysOver; });
  return out;
}

std::vector<ClassRow> classRows(const std::vector<PracticeResult>& results,
                                const QStringList& caseIds) {
  struct Sum {
    ClassRow row;
    double points = 0, brier = 0;
    int stated = 0;
  };
  QMap<QString, Sum> sums;
  for (const auto& r : results) {
    if (!caseIds.isEmpty() && !caseIds.contains(r.caseId)) {
      continue;
    }
    Sum& sum = sums[r.trainee];
    sum.row.trainee = r.trainee;
    ++sum.row.played;
    sum.row.right += r.right ? 1 : 0;
    sum.row.wrongParts += r.wrongParts;
    sum.points += r.points;
    if (r.brier >= 0) {
      sum.brier += r.brier;
      ++sum.stated;
    }
    sum.row.best[r.caseId] = std::max(sum.row.best.value(r.caseId, 0), r.points);
    ++sum.row.tries[r.caseId];
  }
  std::vector<ClassRow> out;
  for (auto& sum : sums) {
    sum.row.meanPoints = sum.points / sum.row.played;
    sum.row.meanBrier = sum.stated > 0 ? sum.brier / sum.stated : -1;
    out.push_back(sum.row);
  }
  return out;
}

QString classCsv(const std::vector<ClassRow>& rows, const QStringList& caseIds) {
  QString out = QStringLiteral("trainee,played,right,mean_points,mean_brier,wrong_parts");
  for (const auto& id : caseIds) {
    out += QLatin1Char(',') + quoted(id);
  }
  out += QLatin1Char('\n');
  for (const auto& row : rows) {
    out += QStringLiteral("%1,%2,%3,%4,%5,%6")
               .arg(quoted(row.trainee))
               .arg(row.played)
               .arg(row.right)
               .arg(row.meanPoints, 0, 'f', 1)
               .arg(row.meanBrier < 0 ? QString() : QString::number(row.meanBrier, 'f', 3))
               .arg(row.wrongParts);
    for (const auto& id : caseIds) {
      out += QLatin1Char(',');
      out += row.best.contains(id) ? QString::number(row.best[id]) : QString();
    }
    out += QLatin1Char('\n');
  }
  return out;
}

}  // namespace haybale::store
