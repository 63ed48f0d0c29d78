#include "core/job/line_edit.h"

#include "core/job/reading_line.h"
#include "support/haybale_test.h"

namespace haybale::job {
namespace {

using circuit::ElementKind;

class LineEdit : public testing::Test {
 protected:
  LineEdit() : c(newCase()) {}

  [[nodiscard]] std::string path() const {
    std::string ids;
    for (const auto& e : c.find("RR")->path) {
      ids += (ids.empty() ? "" : " ") + e.id;
    }
    return ids;
  }
  void measure(const char* line) {
    const auto& rr = *c.find("RR");
    const auto start = defaultTest(rr, {circuit::Place::Kind::modulePlug, "module"},
                                   circuit::TestKind::resistance);
    const auto typed = parseReadingLine(line, rr, start);
    Evidence e;
    e.id = c.nextEvidenceId();
    e.test = typed.value().test;
    e.reading = typed.value().reading;
    c.evidence.push_back(e);
  }

  Case c;
};

TEST_F(LineEdit, AConnectorInALegCutsItInTwo) {
  const auto id = insertInLine(c, "RR", 1, ElementKind::connector);
  ASSERT_HB_OK(id);
  EXPECT_EQ(*id, "C3");
  EXPECT_EQ(path(), "module L1 C3 L3 C1 L2 C2 sensor ring");
  EXPECT_DOUBLE_EQ(*c.find("RR")->path[1].lengthM, 1.25);
  EXPECT_DOUBLE_EQ(*c.find("RR")->path[3].lengthM, 1.25);
  EXPECT_TRUE(circuit::checkPath(*c.find("RR"), "x").ok());
}

TEST_F(LineEdit, BehindAnythingElseAShortLegFollows) {
  ASSERT_HB_OK(insertInLine(c, "RR", 2, ElementKind::splice));
  EXPECT_EQ(path(), "module L1 C1 S1 L3 L2 C2 sensor ring");
  EXPECT_FALSE(insertInLine(c, "RR", 7, ElementKind::connector).ok()) << "behind the sensor";
  EXPECT_FALSE(insertInLine(c, "RR", 1, ElementKind::leg).ok());
  EXPECT_FALSE(insertInLine(c, "no", 1, ElementKind::splice).ok());
}

TEST_F(LineEdit, TakingAConnectorOutJoinsItsLegsUnlessReadingsHangOnIt) {
  measure("C1 pair 1.1k unplugged");
  const auto refused = removeFromLine(c, "RR", 2);
  ASSERT_FALSE(refused.ok());
  EXPECT_EQ(refused.error().sentence(),
            "C1: a reading hangs on it; remove those first, they would have no place");
  c.evidence.clear();
  ASSERT_HB_OK(removeFromLine(c, "RR", 2));
  EXPECT_EQ(path(), "module L1 C2 sensor ring");
  EXPECT_DOUBLE_EQ(*c.find("RR")->path[1].lengthM, 3.3);
  EXPECT_FALSE(removeFromLine(c, "RR", 0).ok()) << "the module stays";
}

TEST_F(LineEdit, PartsMoveBetweenModuleAndSensor) {
  ASSERT_HB_OK(moveInLine(c, "RR", 2, 1));
  EXPECT_EQ(path(), "module L1 L2 C1 C2 sensor ring");
  EXPECT_FALSE(moveInLine(c, "RR", 1, -1).ok());
  EXPECT_FALSE(moveInLine(c, "RR", 4, 1).ok());
}

TEST_F(LineEdit, ReadingsFollowARenamedPart) {
  measure("C2 a gnd 4.98V key on unplugged");
  c.complaint.earlierRepair = {"C2"};
  ASSERT_HB_OK(renameInLine(c, "RR", 4, "strut"));
  EXPECT_EQ(toText(c.evidence[0].test.red->place), "strut.module-side");
  EXPECT_TRUE(c.evidence[0].test.state.isUnplugged("strut"));
  EXPECT_EQ(c.complaint.earlierRepair.front(), "strut");
  EXPECT_FALSE(renameInLine(c, "RR", 4, "L1").ok()) << "taken";
  EXPECT_FALSE(renameInLine(c, "RR", 4, "two words").ok());
}

// ASTM B258 (from memory): 20 AWG is 0.5176 mm², 18 AWG 0.8231 mm².
TEST_F(LineEdit, SectionsAreTypedInSquareMillimetresOrGauge) {
  EXPECT_DOUBLE_EQ(*parseSection("0,75"), 0.75);
  EXPECT_DOUBLE_EQ(*parseSection("0.5 mm2"), 0.5);
  EXPECT_NEAR(*parseSection("AWG 20"), 0.5176, 0.001);
  EXPECT_NEAR(*parseSection("18 awg"), 0.8231, 0.001);
  for (const char* bad : {"", "thick", "AWG 99", "-1", "0"}) {
    EXPECT_FALSE(parseSection(bad).ok()) << bad;
  }
}

TEST_F(LineEdit, TheUsualLinesAreSound) {
  for (const auto& line : typicalLines()) {
    auto rr = *c.find("RR");
    rr.path = line.path;
    EXPECT_TRUE(circuit::checkPath(rr, line.name).ok()) << line.name;
  }
}

TEST(UsualLines, TheAxleTakesItButNotWhatWasMeasured) {
  auto c = newCase();
  ASSERT_HB_OK(startFromUsual(c, "RR", 2));
  EXPECT_EQ(c.find("RR")->path, typicalLines()[2].path);
  EXPECT_EQ(c.find("RL")->path, typicalLines()[2].path) << "both rear wheels";
  EXPECT_EQ(c.find("FL")->path, newCase().find("FL")->path) << "the front is another run";
  Evidence e;
  e.id = "e1";
  e.test.circuit = "RL";
  e.test.red = circuit::Probe{{circuit::Place::Kind::moduleSide, "C1"}, circuit::WireId::a};
  c.evidence.push_back(e);
  EXPECT_FALSE(isUntouched(c, "RL"));
  ASSERT_HB_OK(startFromUsual(c, "RR", 0));
  EXPECT_EQ(c.find("RL")->path, typicalLines()[2].path);
  EXPECT_FALSE(startFromUsual(c, "RL", 0).ok());
  EXPECT_FALSE(startFromUsual(c, "RR", 99).ok());
  EXPECT_FALSE(startFromUsual(c, "XX", 0).ok());
}

}  // namespace
}  // namespace haybale::job
