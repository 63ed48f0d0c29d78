// `simulate` as a script drives it: the ports are printed, and the instruments answer there.
#include <sstream>
#include <thread>

#include "cli/command.h"
#include "core/base/json.h"
#include "instruments/drivers.h"
#include "support/haybale_test.h"

namespace haybale::cli {
namespace {

// What the command wrote so far, from another thread.
class Heard : public std::stringbuf {
 public:
  std::string so_far() {
    const std::lock_guard lock(mutex_);
    return text_;
  }

 protected:
  std::streamsize xsputn(const char* s, std::streamsize n) override {
    const std::lock_guard lock(mutex_);
    text_.append(s, static_cast<std::size_t>(n));
    return n;
  }
  int_type overflow(int_type c) override {
    const char letter = traits_type::to_char_type(c);
    xsputn(&letter, 1);
    return c;
  }

 private:
  std::mutex mutex_;
  std::string text_;
};

Json whileRunning(std::vector<std::string> options,
                  const std::function<void(const Json&)>& meanwhile) {
  Heard heard;
  std::ostream out(&heard);
  std::ostringstream err;
  std::vector<std::string> words{"simulate", "--for", "1.5"};
  words.insert(words.end(), options.begin(), options.end());
  int exit = -1;
  std::thread program([&] { exit = run(words, {out, err}); });
  for (int i = 0; i < 200 && heard.so_far().find('\n') == std::string::npos; ++i) {
    std::this_thread::sleep_for(std::chrono::milliseconds(10));
  }
  const auto json = parseJson(heard.so_far(), "ports");
  EXPECT_TRUE(json.ok()) << heard.so_far() << err.str();
  if (json) {
    meanwhile(*json);
  }
  program.join();
  EXPECT_EQ(exit, kDone) << err.str();
  return json ? *json : Json::object();
}

TEST(Simulate, PrintsItsPortsAndAnswersThere) {
  test::Folder folder;
  const auto said = whileRunning(
      {"--fault", "open", "--element", "L2", "--wire", "b", "--map", folder.file("map.json")},
      [](const Json& ports) {
        instruments::ScpiLink link(instruments::Address{
            instruments::Address::Kind::tcp, "127.0.0.1", ports["ports"]["multimeter"].get<int>()});
        const auto who = link.connect();
        ASSERT_TRUE(who.ok()) << who.error().sentence();
        EXPECT_EQ(who->model, "Yard meter");
      });
  EXPECT_EQ(said["format"], "haybale-yard");
  EXPECT_EQ(said["host"], "127.0.0.1");
  EXPECT_EQ(said["fault"]["element"], "L2");
  EXPECT_EQ(said["fault"]["wire"], "b");
  EXPECT_EQ(said["signal_map"]["signals"].size(), 4U);
  EXPECT_EQ(Json::parse(test::read(folder.file("map.json"))), said["signal_map"]);
}

TEST(Simulate, KeepsAHiddenFaultToItself) {
  const auto said = whileRunning({"--hidden", "--seed", "9"}, [](const Json&) {});
  EXPECT_TRUE(said["fault"].is_null());
}

TEST(Simulate, RefusesWhatItCannotDo) {
  const auto ran = [](const std::vector<std::string>& words) {
    std::ostringstream out;
    std::ostringstream err;
    const int exit = run(words, {out, err});
    EXPECT_TRUE(out.str().empty());
    const std::string said = err.str();
    EXPECT_EQ(std::count(said.begin(), said.end(), '\n'), 1) << said;
    return exit;
  };
  EXPECT_EQ(ran({"simulate", "--fault", "bent"}), kUsage);
  EXPECT_EQ(ran({"simulate", "--fault", "open", "--element", "ring"}), kUsage);
  EXPECT_EQ(ran({"simulate", "/no/such/case.json"}), kMalformed);
}

}  // namespace
}  // namespace haybale::cli
