// One byte of a kept file is spoilt: the program starts, opens what can be opened, says what
// cannot, and overwrites nothing of which it put no copy aside. The logbook has a test of its own
// (salvage_test.cpp).
//
// Four flips in each file; HAYBALE_FLIPS says how many otherwise, HAYBALE_FLIPS_OF in which files
// only (a part of their name).
#include <random>

#include "app/model/known_meters.h"
#include "app/model/preferences.h"
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

namespace fs = std::filesystem;

class Flipped : public Window {
 protected:
  // A job with a file, three readings, of which one is not saved; what else a shop keeps.
  void SetUp() override {
    Window::SetUp();
    begin = folder.file("begin");
    now = folder.file("now");
    ::setenv("HAYBALE_STATE_DIR", (begin + "/state").c_str(), 1);
    Preferences p;
    p.shop = QStringLiteral("Yard at the ford");
    ASSERT_HB_OK(keepPreferences(p));
    auto meter = circuit::genericMeters().front();
    meter.name = "the red one";
    ASSERT_HB_OK(keepMeter(meter));
    reopen();
    window->model().files().startNew();
    typeReading("C2.w pair 1100 unplugged");
    typeReading("C2.w pair 1101 unplugged");
    nextSave = QString::fromStdString(begin + "/job.haybale.json");
    ASSERT_TRUE(window->save());
    typeReading("C2.w pair 1102 unplugged");
    settle();
    ASSERT_EQ(job().evidence.size(), 3U);
    window->close();
    window.reset();
    for (const auto& entry : fs::recursive_directory_iterator(begin)) {
      const auto name = fs::relative(entry.path(), begin).string();
      const bool book = name.find("logbook.sqlite") != std::string::npos;
      const bool lock =
          name.find("/locks/") != std::string::npos || name.find("/windows/") != std::string::npos;
      if (entry.is_regular_file() && !book && !lock && entry.file_size() > 0) {
        files.push_back(name);
      }
    }
    ASSERT_GE(files.size(), 6U);
  }

  // The kept files anew, with one of them spoilt; the case's own path is that of the copy.
  std::string spoil(const std::string& name, std::mt19937 random) {
    fs::remove_all(now);
    fs::copy(begin, now, fs::copy_options::recursive);
    for (const auto& file : files) {
      std::string bytes = test::read(now + "/" + file);
      for (std::size_t at = bytes.find(begin); at != std::string::npos;
           at = bytes.find(begin, at)) {
        bytes.replace(at, begin.size(), now);
      }
      test::write(now + "/" + file, bytes);
    }
    std::string bytes = test::read(now + "/" + name);
    const std::size_t at = random() % bytes.size();
    const char was = bytes[at];
    bytes[at] ^= static_cast<char>(1 + random() % 255);
    test::write(now + "/" + name, bytes);
    flip = "byte " + std::to_string(at) + " " + std::to_string(was) + " to " +
           std::to_string(bytes[at]) + " in ..." + bytes.substr(at < 60 ? 0 : at - 60, 120);
    return bytes;
  }

  // Whether these very bytes still lie somewhere: the file as it was, or put aside.
  [[nodiscard]] bool stillThere(const std::string& bytes) const {
    for (const auto& entry : fs::recursive_directory_iterator(now)) {
      if (entry.is_regular_file() && test::read(entry.path().string()) == bytes) {
        return true;
      }
    }
    return false;
  }

  // Whether all that stood in an autosave is in the job that was opened: a flip in a member's name
  // makes one that nobody knows, which is kept; an entry that cannot be read is kept as written.
  static bool isWhole(const std::string& autosave, const job::Case& c) {
    const auto json = parseJson(autosave, "autosave");
    if (!json || !json->is_object() || !json->contains("case")) {
      return false;
    }
    auto kept = job::fromJson((*json)["case"], "autosave", job::Damaged::kept);
    if (kept) {
      kept->id = c.id;  // the file's name says it too
    }
    return kept && *kept == c;
  }

  void start(const std::string& name, const std::string& spoilt, const std::string& what) {
    ::setenv("HAYBALE_STATE_DIR", (now + "/state").c_str(), 1);
    window = std::make_unique<MainWindow>();
    window->show();
    window->openLast();
    const std::string said =
        window->findChild<QLabel*>(QStringLiteral("notice"))->text().toStdString();
    const bool told = !said.empty();
    const auto& c = window->model().job();
    const bool job =
        name.find("autosave/") != std::string::npos || name.ends_with("job.haybale.json");
    // What is not there is said; the file that holds the rest is opened.
    EXPECT_TRUE(c.evidence.size() + c.unreadable.size() >= 3 || told) << what;
    if (!job) {
      EXPECT_EQ(c.evidence.size(), 3U) << what;
      (void)knownMeters();
      (void)preferences();
    }
    const bool settings = name.ends_with("preferences.json") || name.ends_with("meters.json");
    if (job || settings) {
      // Whatever could not be read lies there still; what could be read may be written anew.
      const bool read =
          job ? !told || isWhole(spoilt, c) : !fs::exists(now + "/" + name + ".damaged");
      EXPECT_TRUE(read || stillThere(spoilt)) << what << "\n" << said;
    }
    window.reset();
  }

  std::string begin, now;
  std::string flip;  // the last one, in words
  std::vector<std::string> files;
};

TEST_F(Flipped, AnyByteOfAnyKeptFile) {
  const char* asked = std::getenv("HAYBALE_FLIPS");
  const char* of = std::getenv("HAYBALE_FLIPS_OF");
  const char* from = std::getenv("HAYBALE_FLIPS_FROM");
  const int flips = asked ? std::atoi(asked) : 4;
  const int first = from ? std::atoi(from) : 0;
  for (const auto& name : files) {
    for (int n = first; n < flips && !HasFailure(); ++n) {
      if (of && name.find(of) == std::string::npos) {
        continue;
      }
      // Every flip by its own number: one that failed is made again alone.
      const auto spoilt = spoil(name, std::mt19937(static_cast<unsigned>(7 + n)));
      start(name, spoilt, name + ", flip " + std::to_string(n) + ", " + flip);
    }
  }
}

}  // namespace
}  // namespace haybale::app
