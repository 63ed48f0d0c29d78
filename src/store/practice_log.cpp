#include "store/practice_log.h"

#include <algorithm>

namespace haybale::store {

namespace {

constexpr std::size_t kLast = 3;
const QString kFields = QStringLiteral(
    "trainee, case_id, seed, skill, level, points, minutes, best_minutes, correct, wrong_parts, "
    "hints, brier, played");

}  // namespace

Status PracticeLog::keep(const PracticeResult& r) {
  auto done = db_.run(
      QStringLiteral("INSERT INTO practice (%1) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?)").arg(kFields),
      {r.trainee, r.caseId, r.seed, r.skill, r.level, r.points, r.minutes, r.bestMinutes,
       r.right ? 1 : 0, r.wrongParts, r.hints, r.brier, r.when});
  return done ? Status(Done{}) : done.error();
}

Result<std::vector<PracticeResult>> PracticeLog::all(const std::optional<QString>& trainee) {
  const QString select = QStringLiteral("SELECT %1 FROM practice").arg(kFields);
  const QString latest = QStringLiteral(" ORDER BY played DESC, row DESC");
  auto found = trainee ? db_.run(select + QStringLiteral(" WHERE trainee=?") + latest, {*trainee})
                       : db_.run(select + latest);
  if (!found) {
    return found.error();
  }
  std::vector<PracticeResult> out;
  while (found->next()) {
    PracticeResult r;
    r.trainee = found->value(0).toString();
    r.caseId = found->value(1).toString();
    r.seed = found->value(2).toLongLong();
    r.skill = found->value(3).toString();
    r.level = found->value(4).toInt();
    r.points = found->value(5).toInt();
    r.minutes = found->value(6).toDouble();
    r.bestMinutes = found->value(7).toDouble();
    r.right = found->value(8).toInt() != 0;
    r.wrongParts = found->value(9).toInt();
    r.hints = found->value(10).toInt();
    r.brier = found->value(11).toDouble();
    r.when = found->value(12).toString();
    out.push_back(std::move(r));
  }
  return out;
}

QString skillNext(const std::vector<PracticeResult>& results, const QStringList& skills) {
  QString worst;
  double least = 1e9;
  for (const auto& skill : skills) {
    double sum = 0;
    std::size_t count = 0;
    for (const auto& r : results) {
      if (r.skill == skill && count < kLast) {
        sum += r.points;
        ++count;
      }
    }
    const double mean = count == 0 ? -1 : sum / static_cast<double>(count);
    if (mean < least) {
      least = mean;
      worst = skill;
    }
  }
  return worst;
}

QString practiceCsv(const std::vector<PracticeResult>& results) {
  QString out = QStringLiteral(
      "played,trainee,case,seed,skill,level,points,right,minutes,best_minutes,wrong_parts,hints,"
      "brier\n");
  for (const auto& r : results) {
    QString name = r.trainee;
    name.replace(QLatin1Char('"'), QStringLiteral("\"\""));
    out += QStringLiteral("%1,\"%2\",%3,%4,%5,%6,%7,%8,")
               .arg(r.when, name, r.caseId)
               .arg(r.seed)
               .arg(r.skill)
               .arg(r.level)
               .arg(r.points)
               .arg(r.right ? 1 : 0);
    out += QStringLiteral("%1,%2,%3,%4,%5\n")
               .arg(r.minutes, 0, 'f', 1)
               .arg(r.bestMinutes, 0, 'f', 1)
               .arg(r.wrongParts)
               .arg(r.hints)
               .arg(r.brier < 0 ? QString() : QString::number(r.brier, 'f', 3));
  }
  return out;
}

}  // namespace haybale::store
