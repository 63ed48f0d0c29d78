// Practice cases: read, drawn, scored.
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/practice/play.h"
#include "support/haybale_test.h"

namespace haybale::practice {
namespace {

TEST(PracticeShelf, HasFortyCasesOverFiveLevelsAndEverySkill) {
  std::map<int, int> levels;
  std::set<std::string> skills;
  for (const auto& p : shelf()) {
    ++levels[p.level];
    skills.insert(p.skill);
    EXPECT_FALSE(p.title.empty()) << p.id;
    EXPECT_FALSE(p.debrief.empty()) << p.id;
    EXPECT_TRUE(p.shown.evidence.empty()) << p.id;
    // Neither the title nor the complaint says what is wrong.
    const std::string told = p.title + " " + p.shown.title + " " + p.shown.complaint.text;
    EXPECT_EQ(told.find(p.truth.front().fault), std::string::npos) << p.id;
  }
  EXPECT_GE(shelf().size(), 40U);
  EXPECT_EQ(levels.size(), 5U);
  EXPECT_EQ(skills.size(), kSkills.size());
}

TEST(PracticeCase, ComesBackAsItWasWritten) {
  for (const auto& p : shelf()) {
    const auto again = parsePractice(practiceText(p), "again");
    ASSERT_HB_OK(again);
    EXPECT_TRUE(again->shown == p.shown) << p.id;
    EXPECT_EQ(again->truth.size(), p.truth.size());
    EXPECT_EQ(again->truth.front().fault, p.truth.front().fault);
    EXPECT_EQ(again->lesson, p.lesson);
  }
}

TEST(PracticeCase, WhatCannotBeIsRefusedByTheMember) {
  const std::string head = R"({"format":"haybale-practice","version":1,)";
  const std::string car = R"("case":{"format":"haybale-case","circuits":[{"name":"RR"}]})";
  const std::pair<std::string, const char*> table[] = {
      {"{}", "format"},
      {head + car + "}", "truth"},
      {head + R"("truth":{"fault":"open"}})", "case"},
      {head + car + R"(,"truth":{"fault":"hay"}})", "cannot be on this line"},
      {head + car + R"(,"truth":{"circuit":"XX","fault":"open"}})", "truth.circuit"},
      {head + car + R"(,"truth":{"fault":"open"},"level":9})", "level"},
  };
  for (const auto& [text, named] : table) {
    const auto p = parsePractice(text, "own.json");
    ASSERT_FALSE(p.ok()) << text;
    EXPECT_NE(p.error().sentence().find(named), std::string::npos) << p.error().sentence();
  }
  // By hand, with little in it.
  EXPECT_TRUE(
      parsePractice(head + car + R"(,"truth":{"element":"sensor","fault":"sensor-open"}})", "x")
          .ok());
}

TEST(DrawnCase, IsTheSameForASeedAndCanBePlayed) {
  for (int level = 1; level <= 5; ++level) {
    for (std::uint32_t seed = 1; seed < 40; ++seed) {
      const auto p = drawnCase(level, seed);
      EXPECT_EQ(practiceText(p), practiceText(drawnCase(level, seed)));
      ASSERT_TRUE(hiddenIn(p).ok()) << level << " " << seed << hiddenIn(p).error().sentence();
    }
  }
  EXPECT_NE(practiceText(drawnCase(3, 1)), practiceText(drawnCase(3, 2)));
}

TEST(Points, FallWithMinutesMoneyHolesAndHints) {
  Score best;
  best.right = true;
  best.minutes = best.bestMinutes = 20;
  EXPECT_EQ(pointsOf(best), 100);
  for (const auto& worse : {+[](Score& s) { s.minutes = 60; }, +[](Score& s) { s.wasted = 100; },
                            +[](Score& s) { s.holes = 1; }, +[](Score& s) { s.hints = 1; },
                            +[](Score& s) { s.guessedParts = 1; }}) {
    Score s = best;
    worse(s);
    EXPECT_LT(pointsOf(s), 100);
    EXPECT_GT(pointsOf(s), 30);
    s.right = false;
    EXPECT_LE(pointsOf(s), 30);
  }
  // Even the clumsiest right verdict stands above the luckiest wrong one.
  Score clumsy = best;
  clumsy.minutes = 1000;
  clumsy.guessedParts = clumsy.wrongParts = 5;
  EXPECT_EQ(pointsOf(clumsy), 31);
}

TEST(Points, TheStatedOddsAreScoredProperly) {
  EXPECT_EQ(brier(1, true), 0);
  EXPECT_EQ(brier(1, false), 1);
  // Honest odds have the least expected penalty: of 0.7 true, saying 0.7.
  const auto expected = [](double said) {
    return 0.7 * brier(said, true) + 0.3 * brier(said, false);
  };
  EXPECT_LT(expected(0.7), expected(0.9));
  EXPECT_LT(expected(0.7), expected(0.5));
}

TEST(Playing, WorkTakesMinutesAndMoneyAndOnlyTheRightOneCures) {
  const test::Folder folder;
  Play play(*caseCalled("hay-wagon-blue", 1), 1, folder.path());
  const auto wrong = play.fit("sensor");
  EXPECT_TRUE(wrong.cannot.empty());
  EXPECT_GT(wrong.cost, 60);
  EXPECT_FALSE(play.fit("L3").cannot.empty()) << "there is no new part for a wire";
  EXPECT_FALSE(play.mend("L99").cannot.empty());
  const auto right = play.mend("L3");
  EXPECT_GT(right.minutes, 0);
  const auto score = play.say("L3", "open");
  EXPECT_TRUE(score.right);
  EXPECT_EQ(score.wrongParts, 1);
  EXPECT_EQ(score.guessedParts, 1);
  EXPECT_LT(score.points, 70);
  EXPECT_FALSE(play.make({}).cannot.empty()) << "over";
}

// Trade notes: unplugging a wet plug cures it for a day; a spray brings the water back.
TEST(Playing, AWetPlugDriesWhenItIsTakenApartAndLeaksAgainWhenItIsWetted) {
  const test::Folder folder;
  const auto p = *caseCalled("garden-machine-carrier", 1);
  ASSERT_TRUE(p.dries);
  ASSERT_EQ(p.truth.front().fault, "leak");
  const std::string wet = p.truth.front().element;
  const auto read = [&](bool dries, bool apart, bool spray) {
    auto one = p;
    one.dries = dries;
    one.shown.allowed = {"unplug", "back-probe"};
    const auto vehicle = std::unique_ptr<sim::SimVehicle>(Play(one, 1, folder.path()).likeIt());
    circuit::Test test;
    test.kind = circuit::TestKind::resistance;
    test.circuit = p.shown.suspect;
    const auto& module = p.shown.suspectCircuit()->path.front().id;
    test.red = circuit::Probe{{circuit::Place::Kind::modulePlug, module}, circuit::WireId::a};
    test.black = circuit::Probe{{circuit::Place::Kind::ground, ""}, std::nullopt};
    test.state.unplugged = {module};
    if (apart) {
      auto opened = test;
      opened.state.unplugged = {wet};
      (void)vehicle->answer(opened);
    }
    if (spray) {
      auto sprayed = test;
      sprayed.kind = circuit::TestKind::wiggle;
      sprayed.state.disturb = circuit::Disturb{circuit::DisturbKind::wet, wet};
      (void)vehicle->answer(sprayed);
    }
    const auto reading = vehicle->answer(test);
    return reading && reading->value ? reading->value->value : -1;
  };
  const double leaks = read(true, false, false);
  EXPECT_GT(read(true, true, false), 10 * leaks) << "gone with the plug's water";
  EXPECT_NEAR(read(true, true, true), leaks, 0.2 * leaks) << "back with the spray";
  EXPECT_NEAR(read(false, true, false), leaks, 0.2 * leaks) << "only where the case says so";
}

TEST(Playing, TheScoreTellsWhereSuspicionStoodAndTheShortestWay) {
  const test::Folder folder;
  Play play(*caseCalled("hay-wagon-blue", 1), 1, folder.path());
  for (int n = 0; n < 2; ++n) {
    const auto hint = play.hint();
    ASSERT_TRUE(hint.test.has_value());
    ASSERT_TRUE(play.make(*hint.test).reading.has_value());
  }
  const auto score = play.say("L3", "open");
  ASSERT_EQ(score.steps.size(), 2U);
  for (const auto& step : score.steps) {
    EXPECT_FALSE(step.shown.empty());
    ASSERT_FALSE(step.suspects.empty());
    EXPECT_LE(step.suspects.size(), 3U);
    double sum = 0;
    for (const auto& [element, share] : step.suspects) {
      EXPECT_FALSE(element.empty());
      sum += share;
    }
    EXPECT_LE(sum, 1 + 1e-9);
    EXPECT_GE(step.suspects.front().second, step.suspects.back().second);
  }
  ASSERT_FALSE(score.best.steps.empty());
  EXPECT_EQ(score.best.minutes, score.bestMinutes);
}

TEST(Playing, WhatTheToolBoxDoesNotHoldCannotBeDone) {
  const test::Folder folder;
  auto p = *caseCalled("hay-wagon-blue", 1);
  p.shown.toolbox = {"multimeter"};
  Play play(p, 1, folder.path());
  circuit::Test codes;
  codes.kind = circuit::TestKind::codes;
  codes.circuit = p.shown.suspect;
  EXPECT_NE(play.make(codes).cannot.find("tool"), std::string::npos);
  EXPECT_EQ(play.minutes(), 0);
}

}  // namespace
}  // namespace haybale::practice
