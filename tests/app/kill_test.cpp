// Kills the program with SIGKILL while somebody types, two hundred times: nothing acknowledged may
// be lost, no file broken.
//
// The typist is this very binary, started anew with --typist: it opens the job in a real window,
// types readings key by key, and prints a line as soon as the program shows that it took something
// ("entered N", "draft TEXT").
#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QLineEdit>
#include <cstdio>
#include <random>
#include <thread>

#include "app/model/autosave.h"
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "store/logbook.h"
#include "typist.h"
#include "window_fixture.h"

namespace haybale::app {

int typist(const QString& file) {
  MainWindow window;
  window.resize(1280, 800);
  window.show();
  window.openPath(file);
  auto* entry = window.findChild<QLineEdit*>(QStringLiteral("line.entry"));
  // What was typed before the last kill is back in the box; this typist begins afresh.
  entry->selectAll();
  QTest::keyClick(entry, Qt::Key_Delete);
  std::printf("open %zu\n", window.model().job().evidence.size());
  std::fflush(stdout);
  for (int n = 0; n < 100000; ++n) {
    const QString text = QStringLiteral("C%1 pair %2k unplugged").arg(1 + n % 2).arg(1000 + n);
    for (const QChar c : text) {
      QTest::keyClick(entry, c.toLatin1());
      std::printf("draft %s\n", qPrintable(entry->text()));
      std::fflush(stdout);
    }
    QTest::keyClick(entry, Qt::Key_Return);
    std::printf("entered %zu\n", window.model().job().evidence.size());
    std::fflush(stdout);
    if (n % 5 == 4) {
      window.save();
      std::printf("saved\n");
      std::fflush(stdout);
    }
  }
  return 0;
}

namespace {

struct Acknowledged {
  std::size_t entered = 0;
  std::string draft;
  bool draftIsLast = false;
};

// Kills the typist `milliseconds` after it acknowledged `lines` things (so that a slow machine gets
// as far as a fast one), returns all it had acknowledged.
Acknowledged typeAndKill(const std::string& file, std::size_t lines, int milliseconds) {
  int ends[2];
  EXPECT_EQ(::pipe(ends), 0);
  const pid_t child = ::fork();
  if (child == 0) {
    ::dup2(ends[1], STDOUT_FILENO);
    ::close(ends[0]);
    ::close(ends[1]);
    ::execl("/proc/self/exe", "typist", "--typist", file.c_str(), static_cast<char*>(nullptr));
    ::_exit(127);
  }
  ::close(ends[1]);
  FILE* out = ::fdopen(ends[0], "r");
  Acknowledged seen;
  char line[4096];
  bool timed = false;
  std::size_t count = 0;
  std::thread killer;
  while (std::fgets(line, sizeof line, out)) {
    std::string text(line);
    if (text.back() != '\n') {
      break;  // cut off by the kill: not acknowledged
    }
    text.pop_back();
    if (text.starts_with("draft ")) {
      seen.draft = text.substr(6);
      seen.draftIsLast = true;
    } else if (text.starts_with("entered ") || text.starts_with("open ")) {
      seen.entered = std::stoul(text.substr(text.find(' ') + 1));
      seen.draftIsLast = false;
    }
    if (!timed && count++ == lines) {
      timed = true;
      killer = std::thread([child, milliseconds] {
        std::this_thread::sleep_for(std::chrono::milliseconds(milliseconds));
        ::kill(child, SIGKILL);
      });
    }
  }
  std::fclose(out);
  if (killer.joinable()) {
    killer.join();
  }
  int status = 0;
  ::waitpid(child, &status, 0);
  EXPECT_TRUE(timed) << "the typist did not start";
  EXPECT_TRUE(WIFSIGNALED(status) && WTERMSIG(status) == SIGKILL)
      << "status " << status << " after \"" << line << "\"";
  return seen;
}

// The logbook is whole, and has as many readings of the job as were acknowledged.
void expectTheLogbookWhole(const std::string& state, const QString& id, std::size_t entered) {
  auto book = store::Logbook::open(QString::fromStdString(state + "/logbook.sqlite"));
  ASSERT_TRUE(book.ok()) << book.error().sentence();
  auto check = (*book)->database().run(QStringLiteral("PRAGMA integrity_check"));
  ASSERT_TRUE(check.ok() && check->next());
  ASSERT_EQ(check->value(0).toString().toStdString(), "ok");
  const auto job = (*book)->load(id);
  ASSERT_TRUE(job.ok() || entered == 0) << job.error().sentence();
  ASSERT_GE(job ? job->evidence.size() : 0, entered);
}

// Four times fifty, each from a start of its own.
class Kill : public testing::TestWithParam<unsigned> {};

TEST_P(Kill, FiftyTimesWhileTyping) {
  const test::Folder folder;
  qputenv("HAYBALE_STATE_DIR", QByteArray::fromStdString(folder.file("state")));
  const std::string file = folder.file("job.haybale.json");
  job::Case fresh = job::newCase();
  fresh.id = "the-job-that-is-killed";
  const QString id = QString::fromStdString(fresh.id);
  test::write(file, job::caseText(fresh));
  std::mt19937 random(GetParam());
  std::size_t most = 0;
  for (int round = 0; round < 50; ++round) {
    const auto seen = typeAndKill(file, random() % 90, static_cast<int>(random() % 12));
    most = std::max(most, seen.entered);
    const auto saved = job::loadCase(file);
    ASSERT_TRUE(saved.ok()) << "round " << round << ": " << saved.error().sentence();
    const auto kept = readAutosave(id);
    const std::size_t readings =
        std::max(saved->evidence.size(), kept ? kept->job.evidence.size() : 0);
    ASSERT_GE(readings, seen.entered) << "round " << round;
    expectTheLogbookWhole(folder.file("state"), id, seen.entered);
    if (HasFatalFailure()) {
      return;
    }
    if (seen.draftIsLast) {
      ASSERT_TRUE(kept) << "round " << round;
      // The kill may have come after a further key, or after the entry, that could not be told any
      // more.
      const std::string draft = kept->drafts.value(QStringLiteral("line")).toStdString();
      ASSERT_TRUE(draft.starts_with(seen.draft) || kept->job.evidence.size() > seen.entered ||
                  saved->evidence.size() > seen.entered)
          << "round " << round << ": typed \"" << seen.draft << "\", kept \"" << draft << "\"";
    }
    for (const auto& entry :
         std::filesystem::directory_iterator(folder.file("state") + "/autosave")) {
      if (entry.path().extension() == ".json") {
        ASSERT_TRUE(parseJson(test::read(entry.path().string()), "autosave").ok());
      }
    }
  }
  EXPECT_GT(most, 20U) << "the typist must get somewhere for this to prove anything";
}
INSTANTIATE_TEST_SUITE_P(FromAStart, Kill, testing::Values(50U, 51U, 52U, 53U));

}  // namespace
}  // namespace haybale::app
