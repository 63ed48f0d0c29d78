// Kills the program with SIGKILL at random moments while somebody types, saves, keeps, writes WAV
// files and bundles and takes in another bench's logbook; in half of the rounds two windows fight
// for the job. Nothing acknowledged may be lost, nothing be left that cannot be opened.
//
// The typist is this very binary, started anew with --typist: it works in a real window and prints
// a line as soon as the program shows that it kept something (typist.h). Eighty kills; as many as
// HAYBALE_KILLS says when it is set.
#include <fcntl.h>
#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QFile>
#include <atomic>
#include <cstdio>
#include <random>
#include <set>
#include <thread>

#include "app/model/autosave.h"
#include "core/base/json.h"
#include "core/capture/open.h"
#include "core/job/case_json.h"
#include "store/bundle.h"
#include "store/logbook_file.h"
#include "support/haybale_test.h"

namespace haybale::app {
namespace {

constexpr int kRoundsAJob = 10;  // then a fresh one, which stays small

struct Acknowledged {
  std::set<long> entered;  // kiloohms
  std::size_t open = 0;
  std::size_t booked = 0;
  std::string draft;
  bool draftIsLast = false;
  std::vector<std::string> files;
  bool imported = false;

  void take(const std::string& line) {
    const std::string what = line.substr(0, line.find(' '));
    const std::string rest = line.substr(std::min(line.size(), what.size() + 1));
    draftIsLast = what == "draft" || (draftIsLast && what != "entered" && what != "open");
    if (what == "draft") {
      draft = rest;
    } else if (what == "entered") {
      entered.insert(std::stol(rest));
    } else if (what == "open") {
      open = std::stoul(rest);
    } else if (what == "booked") {
      booked = std::stoul(rest);
    } else if (what == "imported") {
      imported = true;
    } else {
      files.push_back(rest);
    }
  }
};

// One window of its own, and what it said.
class Child {
 public:
  Child(const std::string& file, const char* rival, int from, std::atomic<std::size_t>& lines) {
    int ends[2];
    EXPECT_EQ(::pipe2(ends, O_CLOEXEC), 0);
    const std::string first = std::to_string(from);
    pid_ = ::fork();
    if (pid_ == 0) {
      ::dup2(ends[1], STDOUT_FILENO);
      ::execl("/proc/self/exe", "typist", "--typist", file.c_str(), rival, first.c_str(),
              static_cast<char*>(nullptr));
      ::_exit(127);
    }
    ::close(ends[1]);
    reader_ = std::thread([this, &lines, out = ::fdopen(ends[0], "r")] {
      char line[4096];
      while (std::fgets(line, sizeof line, out)) {
        std::string text(line);
        if (text.back() != '\n') {
          break;  // cut off by the kill: not acknowledged
        }
        text.pop_back();
        seen_.take(text);
        ++lines;
      }
      std::fclose(out);
    });
  }
  Acknowledged kill() {
    ::kill(pid_, SIGKILL);
    reader_.join();
    int status = 0;
    ::waitpid(pid_, &status, 0);
    EXPECT_TRUE(WIFSIGNALED(status) && WTERMSIG(status) == SIGKILL) << "status " << status;
    return seen_;
  }

 private:
  pid_t pid_;
  std::thread reader_;
  Acknowledged seen_;
};

// Four starts of their own.
class Kill : public testing::TestWithParam<unsigned> {
 protected:
  void SetUp() override {
    qputenv("HAYBALE_STATE_DIR", QByteArray::fromStdString(folder.file("state")));
    auto book = store::Logbook::open(QString::fromStdString(folder.file("other.sqlite")));
    ASSERT_HB_OK(book);
    for (int n = 0; n < 5; ++n) {
      store::JobRow row;
      row.id = QStringLiteral("other-%1").arg(n);
      row.changed = store::utcNow();
      ASSERT_HB_OK((*book)->keep(row, job::newCase()));
    }
    ASSERT_HB_OK(
        store::exportLogbook(**book, QString::fromStdString(folder.file("other-bench.jsonl"))));
  }

  void begin(int number) {
    id = "the-job-that-is-killed-" + std::to_string(number);
    file = folder.file("job-" + std::to_string(number) + ".haybale.json");
    job::Case fresh = job::newCase();
    fresh.id = id;
    test::write(file, job::caseText(fresh));
    entered.clear();
  }

  // Kills both some milliseconds after they acknowledged some things, so that a slow machine gets
  // as far as a fast one.
  std::vector<Acknowledged> workAndKill(bool rivals, std::size_t lines, int milliseconds) {
    std::atomic<std::size_t> said{0};
    std::vector<std::unique_ptr<Child>> children;
    children.push_back(
        std::make_unique<Child>(file, rivals ? "rival" : "alone", from += 1000, said));
    if (rivals) {
      children.push_back(std::make_unique<Child>(file, "rival", from += 1000, said));
    }
    for (int waited = 0; said < lines && waited < 60000; waited += 2) {
      std::this_thread::sleep_for(std::chrono::milliseconds(2));
    }
    EXPECT_GE(said, std::min<std::size_t>(lines, 1)) << "the typist did not start";
    std::this_thread::sleep_for(std::chrono::milliseconds(milliseconds));
    std::vector<Acknowledged> out;
    for (auto& child : children) {
      out.push_back(child->kill());
    }
    return out;
  }

  void expectNothingLost(const std::vector<Acknowledged>& seen) {
    const auto saved = job::loadCase(file);
    ASSERT_TRUE(saved.ok()) << saved.error().sentence();
    const auto kept = readAutosave(QString::fromStdString(id));
    std::set<long> there;
    for (const auto* c : {&*saved, kept ? &kept->job : nullptr}) {
      for (const auto& e : c ? c->evidence : std::vector<job::Evidence>{}) {
        there.insert(std::lround(e.reading.value->value / 1000));
      }
    }
    for (const auto& each : seen) {
      entered.insert(each.entered.begin(), each.entered.end());
    }
    for (const long value : entered) {
      ASSERT_TRUE(there.contains(value)) << value << " k\u03A9 was acknowledged and is lost";
    }
    if (seen.size() == 1 && seen[0].draftIsLast && !seen[0].draft.empty()) {
      // The kill may have come after a further key, or after the entry, that could not be told any
      // more.
      const std::string draft =
          kept ? kept->drafts.value(QStringLiteral("line")).toStdString() : std::string();
      ASSERT_TRUE(draft.starts_with(seen[0].draft) || there.size() > entered.size())
          << "typed \"" << seen[0].draft << "\", kept \"" << draft << "\"";
    }
  }

  void expectAllCanBeOpened(const std::vector<Acknowledged>& seen) {
    for (const auto& entry : std::filesystem::directory_iterator(folder.file("state/autosave"))) {
      if (entry.path().extension() == ".json") {
        ASSERT_TRUE(parseJson(test::read(entry.path().string()), "autosave").ok());
      }
    }
    for (const auto& each : seen) {
      for (const auto& made : each.files) {
        ASSERT_TRUE(std::filesystem::exists(made)) << made << " was acknowledged";
      }
    }
    for (const auto& entry : std::filesystem::directory_iterator(folder.path())) {
      const std::string path = entry.path().string();
      if (entry.path().extension() == ".wav") {
        const auto record = capture::openCapture(path);
        ASSERT_TRUE(record.ok()) << record.error().sentence();
        ASSERT_GT(record->size(), 10000U) << path << " is short";
        std::filesystem::remove(path);
      } else if (entry.path().extension() == ".zip") {
        const auto unpacked = store::unpackBundle(path, folder.file("unpacked"));
        ASSERT_TRUE(unpacked.ok()) << unpacked.error().sentence();
        std::filesystem::remove_all(folder.file("unpacked"));
        std::filesystem::remove(path);
      }
    }
  }

  // What was kept in it before the kill is there; what was only on its way came in when the job was
  // opened next, which the next window does before it says "open".
  void expectTheLogbookWhole(const std::vector<Acknowledged>& seen) {
    auto book = store::Logbook::open(QString::fromStdString(folder.file("state/logbook.sqlite")));
    ASSERT_TRUE(book.ok()) << book.error().sentence();
    auto check = (*book)->database().run(QStringLiteral("PRAGMA integrity_check"));
    ASSERT_TRUE(check.ok() && check->next());
    ASSERT_EQ(check->value(0).toString().toStdString(), "ok");
    const auto job = (*book)->load(QString::fromStdString(id));
    for (const auto& each : seen) {
      const std::size_t least = std::max(each.booked, seen.size() == 1 ? each.open : 0);
      ASSERT_GE(job ? job->evidence.size() : 0, least);
      if (each.imported) {
        ASSERT_TRUE((*book)->load(QStringLiteral("other-4")).ok());
      }
    }
  }

  const test::Folder folder;
  std::string id;
  std::string file;
  std::set<long> entered;
  int from = 1000;
};

TEST_P(Kill, AtRandomMomentsWithOneWindowAndWithTwo) {
  const char* wanted = std::getenv("HAYBALE_KILLS");
  const int rounds = wanted ? std::max(1, std::atoi(wanted) / 4) : 20;
  std::mt19937 random(GetParam());
  std::size_t most = 0;
  for (int round = 0; round < rounds; ++round) {
    if (round % kRoundsAJob == 0) {
      begin(round / kRoundsAJob);
    }
    const bool rivals = round % 2 == 1;
    const auto seen =
        workAndKill(rivals, random() % (rivals ? 12 : 90) + 1, static_cast<int>(random() % 40));
    expectNothingLost(seen);
    expectAllCanBeOpened(seen);
    expectTheLogbookWhole(seen);
    if (HasFatalFailure()) {
      FAIL() << "in round " << round << " of " << GetParam();
    }
    most = std::max(most, entered.size());
  }
  EXPECT_GT(most, 10U) << "the typist must get somewhere for this to prove anything";
}
INSTANTIATE_TEST_SUITE_P(FromAStart, Kill, testing::Values(50U, 51U, 52U, 53U));

}  // namespace
}  // namespace haybale::app
