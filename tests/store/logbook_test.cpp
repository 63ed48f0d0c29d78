// The logbook: found by any word, filtered, migrated, killed, out of disk.
#include "store/logbook.h"

#include <signal.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QFile>
#include <cstdio>
#include <random>

#include "core/base/json.h"
#include "core/job/case_json.h"
#include "keeper.h"
#include "store/figures.h"
#include "store/good_shelf.h"
#include "store/logbook_check.h"
#include "store/logbook_file.h"
#include "store/tallies.h"
#include "support/haybale_test.h"

namespace haybale::store {

namespace {

JobRow row(int n) {
  JobRow r;
  r.id = QStringLiteral("job%1").arg(n);
  r.changed = QStringLiteral("2026-%1-10T09:00:00").arg(1 + n % 12, 2, 10, QLatin1Char('0'));
  r.headline = QStringLiteral("Still open");
  return r;
}

job::Case job(int n) {
  job::Case c = job::newCase();
  c.title = "Job number" + std::to_string(n);
  c.vehicle = n % 2 == 0 ? "Hay wagon blue" : "Straw carrier";
  c.complaint.text = "lamp after the wash at Müller's ford " + std::to_string(n);
  return c;
}

// What is kept carries the id of its job.
job::Case named(job::Case c, const JobRow& r) {
  c.id = r.id.toStdString();
  return c;
}

job::Case closed(int n, const char* element, bool proved, bool comeback) {
  job::Case c = job(n);
  c.closing.date = "2026-11-20";
  c.closing.circuit = "RR";
  c.closing.element = element;
  c.closing.fault = "open";
  c.closing.zone = "flex";
  c.closing.minutes = 10 + n;
  c.closing.proved = proved;
  c.closing.comeback = comeback;
  return c;
}

}  // namespace

int keeper(const QString& file) {
  auto book = Logbook::open(file);
  if (!book) {
    return 1;
  }
  const int first = static_cast<int>((*book)->count());
  for (int n = first; n < first + 100000; ++n) {
    if (!(*book)->keep(row(n), job(n))) {
      return 1;
    }
    std::printf("%d\n", n);
    std::fflush(stdout);
  }
  return 0;
}

namespace {

class LogbookOf : public testing::Test {
 protected:
  void SetUp() override { open(); }
  void open() {
    book.reset();
    auto opened = Logbook::open(file());
    ASSERT_HB_OK(opened);
    book = std::move(*opened);
  }
  [[nodiscard]] QString file() const { return QString::fromStdString(folder.file("book.sqlite")); }
  std::vector<QString> found(const Filter& filter) {
    std::vector<QString> out;
    const auto rows = book->search(filter);
    EXPECT_TRUE(rows.ok()) << (rows ? "" : rows.error().sentence());
    for (std::size_t i = 0; rows && i < rows->size(); ++i) {
      out.push_back((*rows)[i].id);
    }
    return out;
  }
  std::string integrity() {
    auto check = book->database().run(QStringLiteral("PRAGMA integrity_check"));
    return check && check->next() ? check->value(0).toString().toStdString() : "not run";
  }

  test::Folder folder;
  std::unique_ptr<Logbook> book;
};

using Ids = std::vector<QString>;

TEST_F(LogbookOf, AJobIsFoundByTheBeginningOfAnyOfItsWords) {
  for (int n = 0; n < 5; ++n) {
    ASSERT_HB_OK(book->keep(row(n), job(n)));
  }
  Filter f;
  f.text = QStringLiteral("mull wash");  // without the dots of ü, and only its beginning
  EXPECT_EQ(found(f).size(), 5U);
  f.text = QStringLiteral("number3");
  EXPECT_EQ(found(f), Ids{QStringLiteral("job3")});
  f.text = QStringLiteral("nothing like it");
  EXPECT_TRUE(found(f).empty());
  // Signs of the query language are just signs.
  for (const char* odd :
       {"\"", "a\" OR \"b", "(", "*", "NEAR(", "title:", "-", "'; DROP TABLE jobs"}) {
    f.text = QString::fromLatin1(odd);
    (void)found(f);
  }
  EXPECT_EQ(book->count(), 5);
}

TEST_F(LogbookOf, FiltersHoldTogetherAndEmptyOnesDoNot) {
  for (int n = 0; n < 6; ++n) {
    ASSERT_HB_OK(book->keep(row(n), n == 4 ? closed(n, "L2", true, false) : job(n)));
  }
  Filter f;
  EXPECT_EQ(found(f).size(), 6U);
  f.vehicle = QStringLiteral("hay wag");
  EXPECT_EQ(found(f).size(), 3U);
  f.fault = QStringLiteral("open");
  EXPECT_EQ(found(f), Ids{QStringLiteral("job4")});
  f.zone = QStringLiteral("cabin");
  EXPECT_TRUE(found(f).empty());
  Filter when;
  when.month = QStringLiteral("2026-03");
  EXPECT_EQ(found(when), Ids{QStringLiteral("job2")});
  when.month = QStringLiteral("2026");
  when.circuit = QStringLiteral("RR");
  EXPECT_EQ(found(when).size(), 6U);
  when.circuit = QStringLiteral("R");
  EXPECT_TRUE(found(when).empty()) << "a circuit is one whole name";
}

TEST_F(LogbookOf, WhatIsKeptComesBackAsItWas) {
  const auto c = closed(7, "L2", true, true);
  JobRow r = row(7);
  r.path = QStringLiteral("/yard/7.json");
  ASSERT_HB_OK(book->keep(r, job(7)));
  ASSERT_HB_OK(book->keep(r, c));
  EXPECT_EQ(book->count(), 1);
  open();
  const auto again = book->load(r.id);
  ASSERT_HB_OK(again);
  EXPECT_EQ(job::toJson(*again), job::toJson(named(c, r)));
  EXPECT_EQ(book->row(r.id)->path, r.path);
  EXPECT_EQ(book->row(r.id)->state, QStringLiteral("closed"));
  Filter f;
  f.text = QStringLiteral("number7");
  EXPECT_EQ(found(f), Ids{r.id});
  ASSERT_HB_OK(book->forget(r.id));
  EXPECT_FALSE(book->load(r.id).ok());
  EXPECT_TRUE(found(f).empty());
}

TEST_F(LogbookOf, ClosedJobsAreTalliedAndProvedOnesTeach) {
  ASSERT_HB_OK(book->keep(row(0), closed(0, "L2", true, false)));
  ASSERT_HB_OK(book->keep(row(1), closed(1, "L2", true, true)));
  ASSERT_HB_OK(book->keep(row(2), closed(2, "sensor", false, false)));
  ASSERT_HB_OK(book->keep(row(3), job(3)));
  const auto all = tallies(book->database());
  ASSERT_HB_OK(all);
  ASSERT_EQ(all->size(), 2U);
  EXPECT_EQ((*all)[0].jobs, 2);
  EXPECT_NEAR((*all)[0].share, 2.0 / 3, 1e-12);
  EXPECT_NEAR((*all)[0].minutes, 10.5, 1e-12);
  EXPECT_EQ((*all)[0].comebacks, 1);
  const auto taught = learnt(book->database());
  ASSERT_HB_OK(taught);
  EXPECT_EQ(taught->jobs, 2);
  EXPECT_FALSE(taught->counts.contains("sensor"));
  // Opened again, it counts no more.
  ASSERT_HB_OK(book->keep(row(0), job(0)));
  EXPECT_EQ(learnt(book->database())->jobs, 1);
}

TEST_F(LogbookOf, AJobTakenOutLeavesNoOutcomeBehind) {
  ASSERT_HB_OK(book->keep(row(1), closed(1, "sensor", true, false)));
  ASSERT_HB_OK(book->keep(row(2), closed(2, "L2", true, false)));
  ASSERT_HB_OK(book->forget(row(2).id));
  EXPECT_EQ(book->count(), 1);
  auto outcomes = book->database().run(QStringLiteral("SELECT count(*) FROM outcomes"));
  ASSERT_HB_OK(outcomes);
  ASSERT_TRUE(outcomes->next());
  EXPECT_EQ(outcomes->value(0).toInt(), 1);
}

// A question that was not read to its end holds no old picture of the file: this bench can write
// after another program did.
TEST_F(LogbookOf, AHalfReadQuestionDoesNotLockThisBenchOut) {
  for (int n = 0; n < 3; ++n) {
    ASSERT_HB_OK(book->keep(row(n), job(n)));
  }
  {
    auto half = book->database().run(QStringLiteral("SELECT id FROM jobs WHERE row > ?"), {0});
    ASSERT_TRUE(half.ok() && half->next());
  }
  auto other = Logbook::open(file());
  ASSERT_HB_OK(other);
  ASSERT_HB_OK((*other)->keep(row(5), job(5)));
  ASSERT_HB_OK(book->keep(row(6), job(6)));
}

TEST_F(LogbookOf, WhatIsFoundStandsLatestFirst) {
  for (const auto& [n, changed] :
       {std::pair{1, "2026-03-01T09:00:00"}, std::pair{2, "2026-05-01T09:00:00"},
        std::pair{3, "2026-04-01T09:00:00"}}) {
    JobRow r = row(n);
    r.changed = QLatin1String(changed);
    ASSERT_HB_OK(book->keep(r, job(n)));
  }
  Filter words;
  words.text = QStringLiteral("ford");
  EXPECT_EQ(found(words),
            (Ids{QStringLiteral("job2"), QStringLiteral("job3"), QStringLiteral("job1")}));
}

// However many hold the word, and also those of one moment; cut off at the latest.
TEST_F(LogbookOf, TheLatestOfManyAreFoundInTheOrderTheyWereChanged) {
  std::mt19937 random(5);
  std::vector<std::pair<QString, QString>> all;  // changed, id
  for (int n = 0; n < 300; ++n) {
    JobRow r = row(n);
    r.changed = QStringLiteral("2026-03-%1T09:00:0%2Z")
                    .arg(1 + static_cast<int>(random() % 9), 2, 10, QLatin1Char('0'))
                    .arg(random() % 3);
    ASSERT_HB_OK(book->keep(r, job(n)));
    if (n % 7 == 0) {  // changed once more: its old place is nobody's
      r.changed = QStringLiteral("2026-04-01T09:00:00.%1Z").arg(n, 3, 10, QLatin1Char('0'));
      ASSERT_HB_OK(book->keep(r, job(n)));
    }
    all.emplace_back(r.changed, r.id);
  }
  std::stable_sort(all.begin(), all.end(),
                   [](const auto& a, const auto& b) { return a.first > b.first; });
  Filter words;
  words.text = QStringLiteral("fo");
  const auto some = book->search(words, 100);
  ASSERT_HB_OK(some);
  ASSERT_EQ(some->size(), 100U);
  for (std::size_t i = 0; i < some->size(); ++i) {
    EXPECT_EQ((*some)[i].changed, all[i].first) << i;
  }
  EXPECT_EQ(book->search(words, 1000)->size(), 300U);
  const auto checked = check(*book);
  ASSERT_HB_OK(checked);
  EXPECT_TRUE(checked->wrong.isEmpty());
}

TEST_F(LogbookOf, TheWholeGoesOutAndComesInElsewhere) {
  for (int n = 0; n < 4; ++n) {
    ASSERT_HB_OK(book->keep(row(n), closed(n, "L2", true, false)));
  }
  const QString out = QString::fromStdString(folder.file("all.jsonl"));
  ASSERT_HB_OK(exportLogbook(*book, out));
  auto other = Logbook::open(QString::fromStdString(folder.file("other.sqlite")));
  ASSERT_HB_OK(other);
  const auto taken = importLogbook(**other, out);
  ASSERT_HB_OK(taken);
  EXPECT_EQ(taken->jobs, 4);
  for (int n = 0; n < 4; ++n) {
    EXPECT_EQ(job::toJson(*(*other)->load(row(n).id)), job::toJson(*book->load(row(n).id)));
  }
  EXPECT_EQ(importLogbook(**other, out)->jobs, 0) << "nothing newer in it";
  // One bad line is said with its number; the others are taken.
  const std::string lines = test::read(folder.file("all.jsonl"));
  test::write(folder.file("bad.jsonl"),
              lines + "{\"format\": \"haybale-logbook\", \"id\": \"x\"}\n" +
                  "{\"format\": \"haybale-logbook\", \"id\": \"../../evil\", \"case\": {}}\n");
  auto third = Logbook::open(QString::fromStdString(folder.file("third.sqlite")));
  const auto part = importLogbook(**third, QString::fromStdString(folder.file("bad.jsonl")));
  ASSERT_HB_OK(part);
  ASSERT_EQ(part->bad.size(), 2);
  EXPECT_NE(part->bad[0].toStdString().find("bad.jsonl:5"), std::string::npos);
  EXPECT_NE(part->bad[1].toStdString().find("no name of a job"), std::string::npos);
  EXPECT_EQ((*third)->count(), 4);
}

// A file of every earlier schema, made by its own statements, with one job in it.
TEST_F(LogbookOf, EveryOlderFileIsBroughtForwardAndBackedUp) {
  for (int schema = 1; schema < kSchemaVersion; ++schema) {
    const QString old =
        QString::fromStdString(folder.file("old" + std::to_string(schema) + ".sqlite"));
    const job::Case c = closed(3, "L2", true, false);
    {
      QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), old);
      db.setDatabaseName(old);
      ASSERT_TRUE(db.open());
      for (int step = 0; step < schema; ++step) {
        for (const auto& sql : schemaStep(Engine::sqlite, step)) {
          ASSERT_TRUE(QSqlQuery(db).exec(sql)) << sql.toStdString();
        }
      }
      // As that version wrote it: the case in its job, since schema 4 in its revision.
      const QByteArray text = QByteArray::fromStdString(job::caseText(c));
      QSqlQuery insert(db);
      insert.prepare(schema < 4
                         ? QStringLiteral("INSERT INTO jobs (id, path, folder, title, vehicle, "
                                          "suspect, headline, changed, content) VALUES ('job3','',"
                                          "'','t','v','RR','h','2026-03-10T09:00:00',?)")
                         : QStringLiteral("INSERT INTO revisions (job, revision, parent, changed, "
                                          "origin, path, folder, headline, content) VALUES ('job3',"
                                          "'r1','','2026-03-10T09:00:00','','','','h',?)"));
      insert.addBindValue(text);
      ASSERT_TRUE(insert.exec());
      if (schema == 4) {
        ASSERT_TRUE(QSqlQuery(db).exec(
            QStringLiteral("INSERT INTO jobs (id, path, folder, title, vehicle, suspect, headline, "
                           "changed, state, "
                           "revision) VALUES "
                           "('job3','','','t','v','RR','h','2026-03-10T09:00:00','closed','r1')")));
      }
      ASSERT_TRUE(
          QSqlQuery(db).exec(QStringLiteral("INSERT INTO job_text (rowid, title, vehicle, body, "
                                            "tags) VALUES (1,'t','v','ford','')")));
      if (schema > 1) {
        ASSERT_TRUE(QSqlQuery(db).exec(QStringLiteral(
            "INSERT INTO goods (quantity, value, celsius, vehicle, module, part, circuit, place, "
            "taken, trace) VALUES ('coil-resistance',1100,21.5,'Hay wagon','M-1','S-9','RL','C2',"
            "'2026-11-02','')")));
      }
      ASSERT_TRUE(QSqlQuery(db).exec(QStringLiteral("PRAGMA user_version=%1").arg(schema)));
    }
    QSqlDatabase::removeDatabase(old);
    auto opened = Logbook::open(old);
    ASSERT_HB_OK(opened);
    EXPECT_EQ((*opened)->count(), 1) << schema;
    EXPECT_EQ(job::toJson(*(*opened)->load(QStringLiteral("job3"))), job::toJson(named(c, row(3))));
    const auto kept = (*opened)->revisions(QStringLiteral("job3"));
    ASSERT_HB_OK(kept);
    ASSERT_EQ(kept->size(), 1U);
    EXPECT_EQ(kept->front().revision, (*opened)->row(QStringLiteral("job3"))->revision);
    EXPECT_TRUE(QFile::exists(old + QStringLiteral(".v%1.bak").arg(schema)));
    // Found by its words as before, and what was kept as good lies on the shelf.
    const auto found = (*opened)->search({QStringLiteral("ford"), {}, {}, {}, {}, {}});
    ASSERT_HB_OK(found);
    EXPECT_EQ(found->size(), 1U) << schema;
    const auto goods = GoodShelf((*opened)->database()).find({});
    ASSERT_HB_OK(goods);
    ASSERT_EQ(goods->size(), schema > 1 ? 1U : 0U);
    if (schema > 1) {
      EXPECT_EQ(goods->front().sample.value, 1100);
      EXPECT_EQ(goods->front().sample.celsius, 21.5);
      EXPECT_EQ(goods->front().sample.part, "S-9");
    }
    const auto checked = check(**opened);
    ASSERT_HB_OK(checked);
    EXPECT_TRUE(checked->wrong.isEmpty()) << checked->wrong.join(QLatin1Char('\n')).toStdString();
  }
}

TEST_F(LogbookOf, ANewerFileIsLeftAlone) {
  ASSERT_TRUE(book->database().run(QStringLiteral("PRAGMA user_version=99")).ok());
  book.reset();
  const auto refused = Logbook::open(file());
  ASSERT_FALSE(refused.ok());
  EXPECT_NE(refused.error().sentence().find("newer version"), std::string::npos);
}

TEST_F(LogbookOf, AFileThatIsNoLogbookIsRefusedInOneSentence) {
  test::write(folder.file("hay.sqlite"), std::string(5000, 'h'));
  const auto refused = Logbook::open(QString::fromStdString(folder.file("hay.sqlite")));
  ASSERT_FALSE(refused.ok());
  EXPECT_EQ(refused.error().sentence().find('\n'), std::string::npos);
}

// A disk that is full: files may not grow beyond a megabyte in this process.
TEST_F(LogbookOf, AFullDiskIsToldAndNothingKeptIsLost) {
  ::signal(SIGXFSZ, SIG_IGN);
  rlimit before{};
  ASSERT_EQ(::getrlimit(RLIMIT_FSIZE, &before), 0);
  const rlimit tight{1 << 20, before.rlim_max};
  ASSERT_EQ(::setrlimit(RLIMIT_FSIZE, &tight), 0);
  int kept = 0;
  std::string sentence;
  for (; kept < 1000; ++kept) {
    if (const auto status = book->keep(row(kept), job(kept)); !status) {
      sentence = status.error().sentence();
      break;
    }
  }
  ASSERT_EQ(::setrlimit(RLIMIT_FSIZE, &before), 0);
  EXPECT_LT(kept, 1000);
  EXPECT_NE(sentence.find("disk"), std::string::npos) << sentence;
  open();
  EXPECT_EQ(integrity(), "ok");
  EXPECT_EQ(book->count(), kept);
  ASSERT_HB_OK(book->keep(row(kept), job(kept)));  // there is room again
}

// Two hundred times: a process keeps jobs and is killed; all it acknowledged is there.
TEST_F(LogbookOf, TwoHundredTimesKilledNothingAcknowledgedIsLost) {
  std::mt19937 random(11);
  int acknowledged = 0;
  for (int run = 0; run < 200; ++run) {
    book.reset();
    int ends[2];
    ASSERT_EQ(::pipe(ends), 0);
    const pid_t child = ::fork();
    if (child == 0) {
      ::dup2(ends[1], STDOUT_FILENO);
      ::close(ends[0]);
      ::close(ends[1]);
      const std::string path = folder.file("book.sqlite");
      ::execl("/proc/self/exe", "keeper", "--keeper", path.c_str(), static_cast<char*>(nullptr));
      ::_exit(127);
    }
    ::close(ends[1]);
    FILE* out = ::fdopen(ends[0], "r");
    char line[64];
    const int most = 1 + static_cast<int>(random() % 6);
    for (int n = 0; n < most && std::fgets(line, sizeof line, out); ++n) {
      acknowledged = std::atoi(line) + 1;
    }
    ::usleep(static_cast<useconds_t>(random() % 6000));
    ::kill(child, SIGKILL);
    while (std::fgets(line, sizeof line, out)) {
      acknowledged = std::atoi(line) + 1;
    }
    std::fclose(out);
    ::waitpid(child, nullptr, 0);
    open();
    ASSERT_EQ(integrity(), "ok") << run;
    ASSERT_GE(book->count(), acknowledged) << run;
    ASSERT_LE(book->count(), acknowledged + 1) << run;
  }
  EXPECT_GT(acknowledged, 200);
  const auto last = book->load(row(acknowledged - 1).id);
  ASSERT_HB_OK(last);
  EXPECT_EQ(job::toJson(*last), job::toJson(named(job(acknowledged - 1), row(acknowledged - 1))));
}

}  // namespace
// Against counts made by hand from the same jobs.
TEST_F(LogbookOf, FiguresAddUpWhatWasClosed) {
  for (int n = 0; n < 6; ++n) {
    auto c = closed(n, n < 4 ? "L3" : "sensor", n != 1, n == 2);
    c.closing.fault = n < 4 ? "open" : "sensor-open";
    c.closing.date = n < 2 ? "2026-10-30" : "2026-11-02";
    ASSERT_HB_OK(book->keep(row(n), c));
  }
  ASSERT_HB_OK(book->keep(row(6), job(6)));
  const auto all = figuresOf(book->database());
  ASSERT_HB_OK(all);
  EXPECT_EQ(all->jobs, 7);
  EXPECT_EQ(all->closed, 6);
  EXPECT_EQ(all->proved, 5);
  EXPECT_EQ(all->comebacks, 1);
  EXPECT_DOUBLE_EQ(all->minutes, 12.5);  // 10 to 15
  ASSERT_EQ(all->months.size(), 2U);
  EXPECT_EQ(all->months[0].name, QStringLiteral("2026-10")) << "the latest last";
  EXPECT_EQ(all->months[0].jobs, 2);
  EXPECT_EQ(all->months[1].jobs, 4);
  ASSERT_EQ(all->faults.size(), 2U);
  EXPECT_EQ(all->faults[0].name, QStringLiteral("open")) << "most frequent first";
  EXPECT_EQ(all->faults[0].jobs, 4);
  EXPECT_DOUBLE_EQ(all->faults[0].minutes, 11.5);
  EXPECT_EQ(all->faults[0].comebacks, 1);
  ASSERT_EQ(all->benches.size(), 1U);
  EXPECT_EQ(all->benches[0].jobs, 7) << "open ones too";
  const auto blue = figuresOf(book->database(), QStringLiteral("hay WAGON"));
  ASSERT_HB_OK(blue);
  EXPECT_EQ(blue->jobs, 4);
  EXPECT_EQ(blue->closed, 3);
  ASSERT_EQ(blue->vehicles.size(), 1U);
  EXPECT_EQ(blue->vehicles[0].name, QStringLiteral("Hay wagon blue"));
  EXPECT_EQ(figuresOf(book->database(), QStringLiteral("' OR 1=1 --"))->jobs, 0);
  const QString csv = figuresCsv(*all);
  EXPECT_TRUE(csv.contains(QStringLiteral("fault,\"open\",4,11.5,1\n"))) << csv.toStdString();
}

}  // namespace haybale::store
