// What a trainer works with: cases of a folder, what may be hidden, exercises on paper, a module
// driven on the bench.
#include <algorithm>
#include <set>

#include "core/practice/bench_drive.h"
#include "core/practice/case_folder.h"
#include "core/practice/paper.h"
#include "core/practice/truth_choices.h"
#include "core/practice/truth_words.h"
#include "core/sim/hidden_fault.h"
#include "support/haybale_test.h"

namespace haybale::practice {
namespace {

TEST(CaseFolder, HasItsCasesByLevelAndNamesWhatCannotBeRead) {
  const test::Folder folder;
  auto p = *caseCalled("loader-red", 1);
  p.level = 4;
  p.id.clear();
  test::write(folder.file("loader.json"), practiceText(p));
  test::write(folder.file("wagon.json"), practiceText(*caseCalled("hay-wagon-blue", 1)));
  test::write(folder.file("broken.json"), R"({"format": "haybale-practice", "level": 77})");
  test::write(folder.file("job.json"), R"({"format": "haybale-case"})");
  test::write(folder.file("note.txt"), "haybale-practice");
  const auto found = casesIn(folder.path());
  ASSERT_HB_OK(found);
  ASSERT_EQ(found->cases.size(), 2U);
  EXPECT_EQ(found->cases[0].id, "hay-wagon-blue");
  EXPECT_EQ(found->cases[1].id, "loader") << "called as its file";
  ASSERT_EQ(found->refused.size(), 1U);
  EXPECT_NE(found->refused[0].find("broken.json"), std::string::npos) << found->refused[0];
  EXPECT_FALSE(casesIn(folder.file("nowhere")).ok());
  EXPECT_FALSE(casesIn(folder.file("note.txt")).ok());
}

TEST(TruthChoices, EachOneCanBeHiddenAndHasWords) {
  for (const auto kind :
       {circuit::SensorKind::passive, circuit::SensorKind::active, circuit::SensorKind::hall}) {
    PracticeCase p = *caseCalled("hay-wagon-blue", 1);
    for (auto& circuit : p.shown.circuits) {
      circuit.sensor.kind = kind;
    }
    const auto choices = choicesOf(p.shown);
    ASSERT_GT(choices.size(), 20U);
    for (const auto& c : choices) {
      Truth t{p.shown.suspect, c.element, c.wires.empty() ? "" : c.wires.back(), c.fault, c.most};
      p.truth = {t};
      EXPECT_TRUE(hiddenIn(p).ok()) << truthInWords(t);
      EXPECT_NE(faultInWords(c.fault), c.fault) << "no words for it";
      EXPECT_LE(c.least, c.middle);
      EXPECT_LE(c.middle, c.most);
      EXPECT_EQ(std::set<std::string>(c.wires.begin(), c.wires.end()).size(), c.wires.size());
    }
  }
  EXPECT_TRUE(choicesOf(job::Case{}).empty());
}

// A coil is shorted in part or as a whole: whoever writes a case may choose either.
TEST(TruthChoices, WhatFailsInSeveralWaysHasAllTheirSeverities) {
  PracticeCase p = *caseCalled("bale-lorry-grey", 1);
  const auto choices = choicesOf(p.shown);
  const auto shorted = std::find_if(choices.begin(), choices.end(),
                                    [](const auto& c) { return c.fault == "sensor-shorted"; });
  ASSERT_NE(shorted, choices.end());
  EXPECT_LE(shorted->least, 1);
  EXPECT_GE(shorted->most, 500);
}

TEST(CheckedCase, SaysTheMemberThatIsMissing) {
  PracticeCase p = *caseCalled("hay-wagon-blue", 1);
  EXPECT_TRUE(checked(p).ok());
  const std::pair<const char*, void (*)(PracticeCase&)> table[] = {
      {"title", [](PracticeCase& c) { c.title.clear(); }},
      {"complaint", [](PracticeCase& c) { c.shown.complaint.text.clear(); }},
      {"truth", [](PracticeCase& c) { c.truth.clear(); }},
      {"cannot be on this line", [](PracticeCase& c) { c.truth[0].element = "L99"; }},
  };
  for (const auto& [named, spoil] : table) {
    PracticeCase spoilt = p;
    spoil(spoilt);
    const auto result = checked(spoilt);
    ASSERT_FALSE(result.ok()) << named;
    EXPECT_NE(result.error().sentence().find(named), std::string::npos)
        << result.error().sentence();
  }
}

TEST(CheckedCase, CanBeWrittenBeforeAnythingIsHidden) {
  PracticeCase p = *caseCalled("hay-wagon-blue", 1);
  p.truth.clear();
  EXPECT_EQ(practiceText(p).find("truth"), std::string::npos);
  EXPECT_FALSE(parsePractice(practiceText(p), "x").ok());
}

TEST(Paper, OfAWetPlugIsTheSameHoweverManyPlugsWereOpened) {
  const test::Folder folder;
  auto p = *caseCalled("garden-machine-carrier", 1);
  ASSERT_TRUE(p.dries);
  const auto wet = paperOf(p, 1, folder.path());
  p.dries = false;
  const auto same = paperOf(p, 1, folder.path());
  ASSERT_EQ(wet.answers.size(), same.answers.size());
  for (std::size_t i = 0; i < wet.answers.size(); ++i) {
    EXPECT_EQ(wet.answers[i].shown, same.answers[i].shown) << wet.answers[i].what;
  }
}

TEST(TruthWords, NameTheWireAndWhatHidesBehind) {
  PracticeCase p;
  p.truth = {{"RR", "L3", "a", "open", {}}, {"RR", "sensor", "", "debris", {}}};
  EXPECT_EQ(truthInWords(p),
            "L3, wire a: broken, parted, and behind it sensor: metal or dirt on the tip");
  EXPECT_EQ(truthInWords(Truth{"RR", "", "", "wrong-tyre", {}}), "tyre of another size");
  EXPECT_EQ(faultInWords("hay"), "hay");
}

TEST(Paper, AsksEverythingOnceAndGoesTheShortestWay) {
  const test::Folder folder;
  const auto p = *caseCalled("hay-wagon-blue", 1);
  const auto paper = paperOf(p, 1, folder.path());
  ASSERT_GT(paper.answers.size(), 40U);
  ASSERT_FALSE(paper.way.steps.empty());
  EXPECT_GT(paper.way.minutes, 0);
  double sum = 0;
  for (const auto& step : paper.way.steps) {
    EXPECT_FALSE(step.shown.empty()) << step.what;
    sum += step.minutes;
  }
  EXPECT_NEAR(sum, paper.way.minutes, 1e-9);
  std::set<std::string> asked;
  for (const auto& a : paper.answers) {
    EXPECT_FALSE(a.shown.empty()) << a.what;
    EXPECT_TRUE(asked.insert(a.circuit + a.what + a.shown).second) << a.what << " twice";
    EXPECT_EQ(a.shown.find("capture"), std::string::npos) << a.what;
  }
  // A wire of the pair is broken behind C2: from the wheel half of it no coil is seen, and the good
  // wheel shows one.
  const auto shown = [&](const std::string& circuit, const std::string& begins) {
    for (const auto& a : paper.answers) {
      if (a.circuit == circuit && a.what.starts_with(begins)) {
        return a.shown;
      }
    }
    return std::string("not asked");
  };
  EXPECT_NE(shown("RR", "Ohms of the pair at C2, wheel half").find("M"), std::string::npos);
  const std::string good = shown("RL", "Ohms of the pair at C2, wheel half");
  EXPECT_NE(good.find("\xCE\xA9"), std::string::npos) << good;
  EXPECT_EQ(good.find("M"), std::string::npos) << good;
  // The same case and seed are the same paper; nothing is left in the folder.
  const auto again = paperOf(p, 1, folder.path());
  ASSERT_EQ(again.answers.size(), paper.answers.size());
  for (std::size_t i = 0; i < paper.answers.size(); ++i) {
    EXPECT_EQ(again.answers[i].shown, paper.answers[i].shown) << paper.answers[i].what;
  }
  EXPECT_FALSE(std::filesystem::exists(folder.file("paper")));
}

TEST(BenchDrive, GivesWhatArrivesAtTheModuleAndComesBackWhenItIsMended) {
  const test::Folder folder;
  auto p = *caseCalled("hay-wagon-blue", 1);
  Play play(p, 1, folder.path());
  const auto broken = benchDrive(play, 20);
  play.mend("L3");
  const auto mended = benchDrive(play, 20);
  EXPECT_TRUE(mended.on);
  EXPECT_FALSE(mended.square);
  EXPECT_FALSE(mended.box.has_value());
  EXPECT_LT(broken.on ? broken.peakToPeakV : 0, 0.1 * mended.peakToPeakV);
  // Teeth a second: speed over circumference (3.05 diameters, trade notes) times teeth.
  const double circumference = *p.shown.rollingCircumferenceM();
  EXPECT_NEAR(mended.hz, 20 / 3.6 / circumference * 48, 1e-9);
  // A coil's output and its frequency are proportional to speed (law of induction).
  const auto fast = benchDrive(play, 60);
  EXPECT_NEAR(fast.hz, 3 * mended.hz, 1e-9);
  EXPECT_NEAR(fast.peakToPeakV, 3 * mended.peakToPeakV, 0.02 * fast.peakToPeakV);
}

TEST(BenchDrive, SwitchesALoadBoxForASensorOfCurrent) {
  const test::Folder folder;
  auto p = *caseCalled("hay-wagon-blue", 1);
  for (auto& circuit : p.shown.circuits) {
    circuit.sensor.kind = circuit::SensorKind::active;
  }
  Play play(p, 1, folder.path());
  EXPECT_FALSE(benchDrive(play, 20).on) << "no current flows through a broken wire";
  play.mend("L3");
  const auto mended = benchDrive(play, 20);
  EXPECT_TRUE(mended.on);
  EXPECT_TRUE(mended.square);
  EXPECT_EQ(mended.peakToPeakV, kSwitchV);
  ASSERT_TRUE(mended.box.has_value());
  EXPECT_TRUE(mended.box->inBand);
}

}  // namespace
}  // namespace haybale::practice
