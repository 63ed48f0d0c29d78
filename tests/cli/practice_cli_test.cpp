// haybale-cli practice: what a trainer asks of it. Playing is tested from outside
// (tests/outside/practice_test.py).
#include <gtest/gtest.h>

#include <filesystem>

#include "core/practice/practice_case.h"
#include "support/command_run.h"
#include "support/haybale_test.h"

namespace haybale::cli {
namespace {

test::Ran practice(std::vector<std::string> arguments) {
  arguments.insert(arguments.begin(), "practice");
  return test::ran(arguments);
}

TEST(PracticeCommand, PrintsAnExerciseAndItsSolutionApart) {
  const test::Folder folder;
  const auto p = *practice::caseCalled("hay-wagon-blue", 1);
  const auto sheet = folder.file("sheet.html");
  ASSERT_EQ(practice({"print", "hay-wagon-blue", "-o", sheet}).exit, kDone);
  const std::string shown = test::read(sheet);
  EXPECT_NE(shown.find(p.shown.complaint.text), std::string::npos);
  EXPECT_EQ(shown.find(p.debrief), std::string::npos);
  EXPECT_EQ(shown.find("broken, parted"), std::string::npos);
  const auto solution = folder.file("solution.html");
  ASSERT_EQ(practice({"print", "hay-wagon-blue", "--solution", "-o", solution}).exit, kDone);
  EXPECT_NE(test::read(solution).find("L3, wire a: broken, parted"), std::string::npos);
  const auto pdf = folder.file("sheet.pdf");
  ASSERT_EQ(practice({"print", "mixed-3", "--seed", "4", "-o", pdf}).exit, kDone);
  EXPECT_TRUE(test::read(pdf).starts_with("%PDF"));
  EXPECT_EQ(practice({"print", "hay-wagon-blue", "-o", folder.file("sheet.doc")}).exit, kUsage);
  EXPECT_EQ(practice({"print", "no-such-wagon", "-o", sheet}).exit, kCannot);
}

TEST(PracticeCommand, ListsAFolderAndChecksWhatWasWrittenByHand) {
  const test::Folder folder;
  const auto good = folder.file("wagon.json");
  const auto bad = folder.file("bad.json");
  test::write(good, practice::practiceText(*practice::caseCalled("hay-wagon-blue", 1)));
  test::write(bad, R"({"format": "haybale-practice", "level": 9})");
  const auto listed = practice({"list", "--folder", folder.path(), "--json"});
  EXPECT_EQ(listed.exit, kDone);
  EXPECT_NE(listed.out.find("\"hay-wagon-blue\""), std::string::npos) << listed.out;
  EXPECT_NE(listed.err.find("bad.json"), std::string::npos) << listed.err;
  EXPECT_EQ(practice({"list", "--folder", folder.file("none")}).exit, kCannot);
  const auto fine = practice({"check", good});
  EXPECT_EQ(fine.exit, kDone);
  EXPECT_NE(fine.out.find("L3, wire a: broken, parted"), std::string::npos) << fine.out;
  const auto mixed = practice({"check", good, bad});
  EXPECT_EQ(mixed.exit, kMalformed);
  EXPECT_NE(mixed.err.find("level"), std::string::npos) << mixed.err;
}

}  // namespace
}  // namespace haybale::cli
