// Instruments that answer late, twice, unasked, in drops, or not at all: no reading may land at
// another question. Ten thousand questions; common practice, no source.
#include <cmath>
#include <cstdlib>
#include <deque>
#include <random>

#include "instruments/drivers.h"
#include "support/haybale_test.h"

namespace haybale::instruments {
namespace {

constexpr LinkTimes kQuick{Milliseconds(20), Milliseconds(20)};

// A meter whose k-th question is answered by k, on a line that misbehaves. Time is counted in
// reads: what is late comes after some more of them.
struct Unruly {
  std::mt19937 random{1};
  int asked = 0;                                    // READ? so far
  bool broken = true;                               // misbehaves at all
  std::deque<std::pair<int, std::string>> pending;  // reads to wait, bytes

  void put(const std::string& text, int wait = 0) { pending.emplace_back(wait, text); }
  bool several = true;  // answers messages of several questions (IEEE 488.2)
  void take(std::string_view line) {
    const bool odd = broken && random() % 4 == 0;
    const bool tagged = line.starts_with("*ESE ");
    if (line == "READ?" || (tagged && several)) {
      std::string answer = std::to_string(++asked);
      answer += tagged ? ";" + std::string(line.substr(5, line.find(';') - 5)) : "";
      answer += "\n";
      switch (odd ? random() % 5 : 5) {
        case 0:  // late: after the time for it is over
          put(answer, 3 + static_cast<int>(random() % 3));
          break;
        case 1:  // twice, the second time later
          put(answer);
          put(answer, static_cast<int>(random() % 4));
          break;
        case 2:  // something nobody asked for
          put("-777\n", static_cast<int>(random() % 2));
          put(answer);
          break;
        case 3:  // in drops
          for (const char c : answer) {
            put(std::string(1, c), static_cast<int>(random() % 2));
          }
          break;
        case 4:  // not at all
          break;
        default:
          put(answer);
      }
    } else if (tagged) {
      put(std::to_string(++asked) + "\n");  // the first question alone
    }
  }
};

class UnrulyLine : public Transport {
 public:
  explicit UnrulyLine(std::shared_ptr<Unruly> meter) : meter_(std::move(meter)) {}
  Status write(std::string_view bytes, Milliseconds) override {
    heard_ += bytes;
    for (auto end = heard_.find('\n'); end != std::string::npos; end = heard_.find('\n')) {
      meter_->take(std::string_view(heard_).substr(0, end));
      heard_.erase(0, end + 1);
    }
    return Done{};
  }
  std::optional<Loss> read(std::string& into, Milliseconds within) override {
    bool came = false;
    // Bytes come in the order they were sent; only waiting makes what is late come nearer.
    auto& queue = meter_->pending;
    while (!queue.empty() && queue.front().first <= 0) {
      into += queue.front().second;
      queue.pop_front();
      came = true;
    }
    if (!came && !queue.empty() && within.count() > 0) {
      --queue.front().first;
    }
    if (!came) {
      std::this_thread::sleep_for(std::min(within, Milliseconds(1)));
    }
    return came ? std::nullopt : std::optional(Loss::timeout);
  }

 private:
  std::shared_ptr<Unruly> meter_;
  std::string heard_;
};

TEST(UnrulyMeter, NoReadingLandsAtAnotherQuestion) {
  const char* wanted = std::getenv("HAYBALE_QUESTIONS");
  const int questions = wanted ? std::atoi(wanted) : 1500;
  auto meter = std::make_shared<Unruly>();
  ScpiLink link(
      "unruly",
      [meter](Milliseconds) -> Result<std::unique_ptr<Transport>> {
        return std::unique_ptr<Transport>(std::make_unique<UnrulyLine>(meter));
      },
      kQuick);
  int right = 0;
  int refused = 0;
  for (int k = 0; k < questions; ++k) {
    const auto answer = link.askSurely("READ?");
    if (!answer) {
      ++refused;
      continue;
    }
    // The answer of the very last question that was asked.
    ASSERT_EQ(*answer, std::to_string(meter->asked)) << "question " << k;
    ++right;
  }
  EXPECT_GT(right, questions * 6 / 10) << refused << " refused";
  EXPECT_GT(link.strays(), 0);
}

TEST(UnrulyMeter, AWellBehavedOneIsNeverRefused) {
  auto meter = std::make_shared<Unruly>();
  meter->broken = false;
  ScpiLink link(
      "calm",
      [meter](Milliseconds) -> Result<std::unique_ptr<Transport>> {
        return std::unique_ptr<Transport>(std::make_unique<UnrulyLine>(meter));
      },
      kQuick);
  for (int k = 1; k <= 300; ++k) {
    const auto answer = link.askSurely("READ?");
    ASSERT_TRUE(answer.ok()) << answer.error().sentence();
    ASSERT_EQ(*answer, std::to_string(k));
  }
  EXPECT_EQ(link.strays(), 0);
}

TEST(UnrulyMeter, OneThatAnswersOneQuestionAMessageIsAskedAlone) {
  auto meter = std::make_shared<Unruly>();
  meter->broken = false;
  meter->several = false;
  ScpiLink link(
      "plain",
      [meter](Milliseconds) -> Result<std::unique_ptr<Transport>> {
        return std::unique_ptr<Transport>(std::make_unique<UnrulyLine>(meter));
      },
      kQuick);
  for (int k = 0; k < 20; ++k) {
    const auto answer = link.askSurely("READ?");
    ASSERT_TRUE(answer.ok()) << answer.error().sentence();
    ASSERT_EQ(*answer, std::to_string(meter->asked));
  }
}

}  // namespace
}  // namespace haybale::instruments
