// A disk that fails: every writing call of the program, one after the other, is made to fail, alone
// and with all that follow it, in five workflows: typing with its autosave, saving, keeping in the
// logbook (one window does these), a bundle, a WAV, taking in another bench's logbook. The user is
// told, or all is well; what was kept before is whole.
//
// The calls are made to fail by tests/faults/failing_io.cpp, loaded before the program. Every
// nineteenth call, another nineteenth each time; all of them with HAYBALE_FAULTS=all.
#include <sys/wait.h>
#include <unistd.h>

#include <cstdio>
#include <cstdlib>

#include "app/model/autosave.h"
#include "core/capture/open.h"
#include "core/job/case_json.h"
#include "core/job/reading_line.h"
#include "store/bundle.h"
#include "store/logbook_file.h"
#include "support/haybale_test.h"

namespace haybale::app {
namespace {

namespace fs = std::filesystem;

struct Outcome {
  std::vector<std::string> lines;
  int status = 0;
  long calls = 0;

  [[nodiscard]] bool says(const std::string& what) const {
    return std::find(lines.begin(), lines.end(), what) != lines.end();
  }
  [[nodiscard]] bool told() const {
    return std::any_of(lines.begin(), lines.end(),
                       [](const auto& line) { return line.starts_with("told "); });
  }
  [[nodiscard]] std::string text() const {
    std::string out = "status " + std::to_string(status);
    for (const auto& line : lines) {
      out += "\n  " + line;
    }
    return out;
  }
};

class DiskThatFails : public testing::TestWithParam<const char*> {
 protected:
  // What there was before: a case with one reading, kept in the logbook; a bundle and a WAV of it;
  // another bench's logbook to take in.
  void SetUp() override {
    begin = folder.file("begin");
    fs::create_directories(begin + "/state");
    job::Case c = job::newCase();
    c.id = "the-job";
    const auto& circuit = *c.find("RR");
    const auto typed = job::parseReadingLine(
        "C2.w pair 1100 unplugged", circuit,
        job::defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                         circuit::TestKind::resistance));
    ASSERT_HB_OK(typed);
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test = typed->test;
    e.reading = typed->reading;
    c.evidence.push_back(e);
    test::write(begin + "/job.haybale.json", job::caseText(c));
    keep(begin + "/state/logbook.sqlite", "the-job", c);
    keep(begin + "/other.sqlite", "other-job", c);
    auto other = store::Logbook::open(QString::fromStdString(begin + "/other.sqlite"));
    ASSERT_HB_OK(
        store::exportLogbook(**other, QString::fromStdString(begin + "/other-bench.jsonl")));
    ASSERT_HB_OK(store::writeBundle(c, begin, begin + "/made.zip"));
    capture::Record record;
    record.time.stepS = 1e-3;
    record.channels.push_back({"RR", units::Unit::volt, std::vector<float>(100, 1.0F)});
    ASSERT_HB_OK(capture::saveCapture(begin + "/made.wav", record));
  }

  static void keep(const std::string& file, const char* id, const job::Case& c) {
    auto book = store::Logbook::open(QString::fromStdString(file));
    ASSERT_HB_OK(book);
    store::JobRow row;
    row.id = QString::fromLatin1(id);
    row.changed = store::utcNow();
    ASSERT_HB_OK((*book)->keep(row, c));
    ASSERT_TRUE((*book)->database().run(QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)")).ok());
  }

  Outcome run(long at, bool on) {
    fs::remove_all(now);
    fs::copy(begin, now, fs::copy_options::recursive);
    const std::string count = folder.file("count");
    const std::string out = folder.file("out");
    const pid_t child = ::fork();
    if (child == 0) {
      ::setenv("LD_PRELOAD", HAYBALE_FAILING_IO, 1);
      ::setenv("HAYBALE_STATE_DIR", (now + "/state").c_str(), 1);
      ::setenv("HAYBALE_FAIL_UNDER", now.c_str(), 1);
      ::setenv("HAYBALE_FAIL_AT", std::to_string(at).c_str(), 1);
      ::setenv("HAYBALE_FAIL_COUNT", count.c_str(), 1);
      if (on) {
        ::setenv("HAYBALE_FAIL_ON", "1", 1);
      }
      if (!std::freopen(out.c_str(), "w", stdout) || !std::freopen("/dev/null", "w", stderr)) {
        ::_exit(126);
      }
      ::alarm(60);
      const std::string file = now + "/job.haybale.json";
      ::execl("/proc/self/exe", "deed", "--deed", GetParam(), file.c_str(),
              static_cast<char*>(nullptr));
      ::_exit(127);
    }
    Outcome outcome;
    ::waitpid(child, &outcome.status, 0);
    std::istringstream said(test::read(out));
    for (std::string line; std::getline(said, line);) {
      outcome.lines.push_back(line);
    }
    outcome.calls = std::atol(test::read(count).c_str());
    return outcome;
  }

  static bool has(const job::Case& c, double ohm) {
    return std::any_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& e) {
      return e.reading.value && std::lround(e.reading.value->value) == std::lround(ohm);
    });
  }

  // What was there before, or what was acknowledged since, can be opened.
  void expectWhole(const Outcome& o) {
    ASSERT_EQ(o.status, 0) << o.text();
    const auto saved = job::loadCase(now + "/job.haybale.json");
    ASSERT_TRUE(saved.ok()) << saved.error().sentence() << o.text();
    ASSERT_TRUE(has(*saved, 1100)) << o.text();
    ASSERT_TRUE(!o.says("saved") || has(*saved, 7777e3)) << o.text();
    qputenv("HAYBALE_STATE_DIR", QByteArray::fromStdString(now + "/state"));
    const auto kept = readAutosave(QStringLiteral("the-job"));
    ASSERT_TRUE(!o.says("kept") || has(*saved, 7777e3) || (kept && has(kept->job, 7777e3)))
        << o.text();
    auto book = store::Logbook::open(QString::fromStdString(now + "/state/logbook.sqlite"));
    ASSERT_TRUE(book.ok()) << book.error().sentence() << o.text();
    auto check = (*book)->database().run(QStringLiteral("PRAGMA integrity_check"));
    ASSERT_TRUE(check.ok() && check->next());
    ASSERT_EQ(check->value(0).toString().toStdString(), "ok") << o.text();
    const auto job = (*book)->load(QStringLiteral("the-job"));
    ASSERT_TRUE(job.ok()) << job.error().sentence() << o.text();
    ASSERT_TRUE(has(*job, 1100)) << o.text();
    ASSERT_TRUE(!o.says("booked") || has(*job, 7777e3)) << o.text();
    ASSERT_TRUE(!o.says("imported") || (*book)->load(QStringLiteral("other-job")).ok()) << o.text();
    const auto wav = capture::openCapture(now + "/made.wav");
    ASSERT_TRUE(wav.ok()) << wav.error().sentence() << o.text();
    const auto unpacked = store::unpackBundle(now + "/made.zip", folder.file("unpacked"));
    ASSERT_TRUE(unpacked.ok()) << unpacked.error().sentence() << o.text();
    fs::remove_all(folder.file("unpacked"));
  }

  // Nothing fails in silence.
  void expectTold(const Outcome& o) {
    const std::string deed = GetParam();
    const bool all = deed == "work"     ? o.says("kept") && o.says("booked") && o.says("saved")
                     : deed == "import" ? o.says("imported")
                                        : o.says("written");
    ASSERT_TRUE(all || o.told()) << o.text();
  }

  const test::Folder folder;
  std::string begin;
  const std::string now = folder.file("now");
};

TEST_P(DiskThatFails, IsToldAndWhatWasKeptBeforeIsWhole) {
  const Outcome clean = run(0, false);
  ASSERT_FALSE(clean.told()) << clean.text();
  ASSERT_GT(clean.calls, 3) << clean.text();
  const char* wanted = std::getenv("HAYBALE_FAULTS");
  const bool every = wanted && std::string(wanted) == "all";
  const long step = every ? 1 : std::max(1L, std::min(19L, clean.calls / 8));
  for (const bool on : {false, true}) {
    for (long at = 1 + (every ? 0 : ::getpid() % step); at <= clean.calls; at += step) {
      const auto o = run(at, on);
      expectWhole(o);
      expectTold(o);
      if (HasFatalFailure()) {
        FAIL() << "call " << at << (on ? " and all after it" : "") << " failed";
      }
    }
  }
}
INSTANTIATE_TEST_SUITE_P(Workflows, DiskThatFails,
                         testing::Values("work", "bundle", "wav", "import"));

}  // namespace
}  // namespace haybale::app
