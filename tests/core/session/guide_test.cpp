// A guided diagnosis: it keeps to what may be done, to its limits and to its word, and ends.
#include "core/session/guide.h"

#include "core/plan/test_effort.h"
#include "core/priors/priors.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Guided : public Job {
 protected:
  Guided() { kind(circuit::SensorKind::passive); }

  // The first answer of those offered; empty where a number or a trace is asked for.
  static std::optional<job::Reading> answer(const Proposal& p) {
    if (p.answers.empty()) {
      return std::nullopt;
    }
    return p.answers.front().second;
  }
};

TEST_F(Guided, EndsThoughNothingCanBeDone) {
  Guide guide(c, "/");
  int refused = 0;
  while (const auto* p = guide.ask()) {
    ASSERT_LT(++refused, 400);
    EXPECT_FALSE(p->title.empty());
    guide.cannot();
  }
  EXPECT_GT(refused, 10) << "it was asked for one after the other";
  EXPECT_EQ(guide.tests(), 0);
  EXPECT_EQ(guide.minutes(), 0);
  EXPECT_TRUE(guide.job().evidence.empty());
}

TEST_F(Guided, AsksNothingThatWasRefused) {
  Guide guide(c, "/");
  std::vector<circuit::Test> refused;
  for (int i = 0; i < 25; ++i) {
    const auto* p = guide.ask();
    if (!p) {
      break;
    }
    for (const auto& t : refused) {
      EXPECT_FALSE(circuit::sameTest(t, p->test)) << p->title;
    }
    refused.push_back(p->test);
    guide.cannot();
  }
  EXPECT_GE(refused.size(), 10U);
}

TEST_F(Guided, TheSameAnswersGiveTheSameQuestions) {
  const auto course = [&] {
    Guide guide(c, "/", {12, 1e9});
    std::vector<std::string> out;
    while (const auto* p = guide.ask()) {
      out.push_back(p->title);
      if (const auto reading = answer(*p)) {
        guide.answer(*reading);
      } else {
        guide.cannot();
      }
    }
    return out;
  };
  const auto first = course();
  EXPECT_FALSE(first.empty());
  EXPECT_EQ(first, course());
}

TEST_F(Guided, KeepsToItsTestsAndItsMinutes) {
  for (const auto& limits : {GuideLimits{3, 1e9}, GuideLimits{40, 12}, GuideLimits{0, 1e9}}) {
    Guide guide(c, "/", limits);
    double spent = 0;
    int steps = 0;
    while (const auto* p = guide.ask()) {
      ASSERT_LT(++steps, 300);
      if (const auto reading = answer(*p)) {
        spent += p->minutes;
        guide.answer(*reading);
      } else {
        guide.cannot();
      }
    }
    EXPECT_LE(guide.tests(), limits.mostTests);
    EXPECT_LE(guide.minutes(), limits.mostMinutes);
    EXPECT_NEAR(guide.minutes(), spent, 1e-9);
    EXPECT_EQ(guide.job().evidence.size(), static_cast<std::size_t>(guide.tests()));
  }
}

TEST_F(Guided, MinutesSpentBeforeCount) {
  Guide guide(c, "/", {40, 30, 28});
  EXPECT_EQ(guide.minutes(), 28);
  while (const auto* p = guide.ask()) {
    EXPECT_LE(guide.minutes() + p->minutes, 30);
    guide.cannot();
  }
}

// Patience: what was worth asking at first is not after an hour and a half.
TEST_F(Guided, TheLongerItTookTheMoreATestHasToTell) {
  const auto asked = [&](double spent) {
    Guide guide(c, "/", {40, 1e9, spent});
    const double late = spent / priors::of(priors::Id::patienceMinutes);
    int count = 0;
    while (const auto* p = guide.ask()) {
      EXPECT_GE(p->score, late * late * priors::of(priors::Id::wearyUnknown)) << p->title;
      ++count;
      guide.cannot();
    }
    return count;
  };
  const int fresh = asked(0), weary = asked(60), done = asked(150);
  EXPECT_GT(fresh, weary);
  EXPECT_GT(weary, 0);
  EXPECT_EQ(done, 0);
}

// With a meter alone neither codes nor traces are asked for.
TEST_F(Guided, AsksOnlyForWhatIsAllowed) {
  c.toolbox = {"multimeter"};
  Guide guide(c, "/");
  int seen = 0;
  while (const auto* p = guide.ask()) {
    ASSERT_LT(++seen, 400);
    EXPECT_TRUE(permitted(c, *c.find(p->test.circuit), p->test)) << p->title;
    EXPECT_NE(p->test.kind, circuit::TestKind::waveform);
    EXPECT_NE(p->test.kind, circuit::TestKind::codes);
    guide.cannot();
  }
  EXPECT_GT(seen, 5);
}

// What a line shows that the module feeds nothing: its wires are whole, no volt is on them.
std::optional<job::Reading> unfed(const job::Case& c, const circuit::Test& test) {
  using circuit::TestKind;
  const bool oneWire = test.red && test.black && test.red->wire == test.black->wire;
  job::Reading out;
  switch (test.kind) {
    case TestKind::dcVoltage:
      out.value = units::Entry{0, false, units::Unit::volt, false, 0.01};
      break;
    case TestKind::resistance:
    case TestKind::loop:
      if (test.kind == TestKind::resistance && !oneWire) {
        return std::nullopt;
      }
      out.value = units::Entry{0.3, false, units::Unit::ohm, false, 0.01};
      break;
    case TestKind::codes:
      out.codes.emplace().push_back({c.suspect, job::CodeType::open, {}});
      break;
    case TestKind::lamp:
      out.lamp = circuit::LampState::dark;
      break;
    case TestKind::inspect:
      out.sight = job::Sight::ok;
      break;
    case TestKind::wiggle:
      out.reacts = false;
      break;
    default:
      return std::nullopt;
  }
  return out;
}

// Two tests made for a second witness that testify to nothing are enough: a supply that is missing
// is seen by volts, and hardly by anything else (common practice, no source).
TEST_F(Guided, SeeksASecondWitnessTwiceAndNoMore) {
  kind(circuit::SensorKind::active);
  c.costs.module = 20000;                    // so dear that every doubt is worth a test
  codes({{"RR", job::CodeType::open, {}}});  // cleared, and back: not latched off
  Guide guide(c, "/");
  int inVain = 0;
  int most = 0;
  while (const auto* p = guide.ask()) {
    const auto& now = guide.conclusion();
    const bool seeks = now.wantsWitness && !now.clearFirst && !p->again &&
                       leadingShare(now) >= priors::of(priors::Id::settled);
    const auto blamed = groupOf(now.suspects.front());
    const auto reading = unfed(c, p->test);
    if (!reading) {
      guide.cannot();
      continue;
    }
    guide.answer(*reading);
    const auto& then = guide.conclusion();
    inVain = groupOf(then.suspects.front()) != blamed ? 0
             : seeks && then.wantsWitness             ? inVain + 1
                                                      : inVain;
    most = std::max(most, inVain);
  }
  EXPECT_EQ(groupOf(guide.conclusion().suspects.front()), "module");
  EXPECT_EQ(most, 2);
}

}  // namespace
}  // namespace haybale::diagnosis
