// When a case comes back, and what a class list says.
#include "store/practice_schedule.h"

#include "support/haybale_test.h"

namespace haybale::store {
namespace {

PracticeResult result(const char* who, const char* id, const char* day, int points,
                      bool right = true) {
  PracticeResult r;
  r.trainee = QString::fromLatin1(who);
  r.caseId = QString::fromLatin1(id);
  r.when = QString::fromLatin1(day) + QStringLiteral("T08:00:00Z");
  r.points = points;
  r.right = right;
  return r;
}

const QDateTime kNow = QDateTime::fromString(QStringLiteral("2026-11-20T09:00:00Z"), Qt::ISODate);

// Leitner's card file: a day, then three, then a week (kBoxDays); a failed card begins anew.
TEST(DueCases, ComeBackLaterEachTimeTheyGoWellAndSoonWhenNot) {
  // Latest first, as the log gives them.
  const std::vector<PracticeResult> went{
      result("", "well", "2026-11-18", 90),          result("", "well", "2026-11-12", 95),
      result("", "well", "2026-11-10", 80),          result("", "slipped", "2026-11-18", 20, false),
      result("", "slipped", "2026-11-12", 90),       result("", "poor", "2026-11-01", 69),
      result("", "mixed-3", "2026-11-01", 10, false)};
  const auto due = dueCases(went, kNow);
  ASSERT_EQ(due.size(), 3U) << "a mixed case is never the same twice";
  EXPECT_EQ(due[0].caseId, QStringLiteral("poor"));
  EXPECT_EQ(due[0].box, 0) << "right, but with too few points";
  EXPECT_EQ(due[0].daysOver, 18);
  EXPECT_EQ(due[1].caseId, QStringLiteral("slipped"));
  EXPECT_EQ(due[1].box, 0);
  EXPECT_EQ(due[1].daysOver, 1);
  EXPECT_EQ(due[2].caseId, QStringLiteral("well"));
  EXPECT_EQ(due[2].box, 2);
  EXPECT_EQ(due[2].daysOver, 2 - kBoxDays[2]);
}

TEST(DueCases, StayInTheLastBoxHoweverOftenTheyGoWell) {
  std::vector<PracticeResult> went(20, result("", "well", "2026-11-19", 100));
  const auto due = dueCases(went, kNow);
  ASSERT_EQ(due.size(), 1U);
  EXPECT_EQ(due[0].box, static_cast<int>(kBoxDays.size()) - 1);
  EXPECT_TRUE(dueCases({}, kNow).empty());
}

TEST(ClassRows, AreOnePersonEachWithTheBestOfEachCase) {
  std::vector<PracticeResult> went{
      result("Ada", "one", "2026-11-18", 90), result("Ada", "one", "2026-11-17", 30, false),
      result("Bo", "two", "2026-11-17", 60), result("Bo", "elsewhere", "2026-11-17", 100)};
  went[0].brier = 0.04;
  went[1].brier = 0.64;
  went[1].wrongParts = 2;
  const auto rows = classRows(went, {QStringLiteral("one"), QStringLiteral("two")});
  ASSERT_EQ(rows.size(), 2U);
  EXPECT_EQ(rows[0].trainee, QStringLiteral("Ada"));
  EXPECT_EQ(rows[0].played, 2);
  EXPECT_EQ(rows[0].right, 1);
  EXPECT_DOUBLE_EQ(rows[0].meanPoints, 60);
  EXPECT_DOUBLE_EQ(rows[0].meanBrier, 0.34);
  EXPECT_EQ(rows[0].wrongParts, 2);
  EXPECT_EQ(rows[0].best[QStringLiteral("one")], 90);
  EXPECT_EQ(rows[0].tries[QStringLiteral("one")], 2);
  EXPECT_EQ(rows[1].played, 1) << "a case of another shelf does not count";
  EXPECT_LT(rows[1].meanBrier, 0) << "no odds were stated";
  const QString csv = classCsv(rows, {QStringLiteral("one"), QStringLiteral("two")});
  EXPECT_EQ(csv.split(QLatin1Char('\n'))[1], QStringLiteral("\"Ada\",2,1,60.0,0.340,2,90,"));
  EXPECT_EQ(csv.split(QLatin1Char('\n'))[2], QStringLiteral("\"Bo\",1,1,60.0,,0,,60"));
}

}  // namespace
}  // namespace haybale::store
