#include "store/practice_log.h"

#include <algorithm>

#include "core/base/json.h"
#include "core/base/uuid.h"
#include "store/shelf.h"
#include "store/text.h"

namespace haybale::store {

namespace {

constexpr std::size_t kLast = 3;
const QString kResults = QString::fromLatin1(shelf_kind::practice);

std::optional<PracticeResult> resultOf(const QByteArray& content) {
  const auto json = parseJson(content.toStdString(), "shelf");
  if (!json || !json->is_object()) {
    return std::nullopt;
  }
  ObjectReader in(*json, "practice");
  PracticeResult r;
  const auto whole = [&](const char* key) {
    return static_cast<int>(in.number(key, 0, 1e9).value_or(0));
  };
  r.trainee = q(in.text("trainee"));
  r.caseId = q(in.text("case"));
  r.seed = static_cast<qint64>(in.number("seed", -9e15, 9e15).value_or(1));
  r.skill = q(in.text("skill"));
  r.level = whole("level");
  r.points = whole("points");
  r.minutes = in.number("minutes").value_or(0);
  r.bestMinutes = in.number("best_minutes").value_or(0);
  r.right = in.boolean("right").value_or(false);
  r.wrongParts = whole("wrong_parts");
  r.hints = whole("hints");
  r.brier = in.number("brier").value_or(-1);
  r.when = q(in.text("played"));
  return in.error() ? std::nullopt : std::optional(std::move(r));
}

}  // namespace

Json practiceJson(const PracticeResult& r) {
  return {{"trainee", r.trainee.toStdString()},
          {"case", r.caseId.toStdString()},
          {"seed", r.seed},
          {"skill", r.skill.toStdString()},
          {"level", r.level},
          {"points", r.points},
          {"minutes", r.minutes},
          {"best_minutes", r.bestMinutes},
          {"right", r.right},
          {"wrong_parts", r.wrongParts},
          {"hints", r.hints},
          {"brier", r.brier},
          {"played", r.when.toStdString()}};
}

Status PracticeLog::keep(const PracticeResult& r) {
  return Shelf(db_).put(kResults, q(newUuid()), QByteArray::fromStdString(practiceJson(r).dump()));
}

Result<std::vector<PracticeResult>> PracticeLog::all(const std::optional<QString>& trainee) {
  const auto things = Shelf(db_).all(kResults);
  if (!things) {
    return things.error();
  }
  std::vector<PracticeResult> out;
  for (auto it = things->rbegin(); it != things->rend(); ++it) {
    if (auto r = resultOf(it->content); r && (!trainee || r->trainee == *trainee)) {
      out.push_back(std::move(*r));
    }
  }
  std::stable_sort(out.begin(), out.end(), [](const PracticeResult& a, const PracticeResult& b) {
    return a.when > b.when;
  });
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
