#include <fmt/format.h>

#include "core/demo/demo.h"
#include "core/job/case_json.h"
#include "picture/lanes_of.h"
#include "picture/line_board.h"
#include "picture/report.h"
#include "picture/svg.h"
#include "support/haybale_test.h"

namespace haybale::picture {
namespace {

class Demo : public testing::Test {
 protected:
  Demo() {
    const auto files = job::demoFiles();
    job = job::parseCase(files[0].bytes, "demo").value();
    for (std::size_t i = 1; i < files.size(); ++i) {
      test::write(folder.file(files[i].name), files[i].bytes);
    }
    assessment = diagnosis::assessCase(job, folder.path(), shelf);
  }
  [[nodiscard]] Scene board(double width = 848, double height = 544) const {
    BoardInput input;
    input.job = &job;
    input.assessment = &assessment;
    input.circuit = "RR";
    input.width = width;
    input.height = height;
    return lineBoard(input, roughWidth);
  }
  test::Folder folder;
  job::Case job;
  diagnosis::CaptureShelf shelf;
  diagnosis::Assessment assessment;
};

TEST_F(Demo, EveryPlaceIsATargetForAThumb) {
  const auto scene = board();
  for (const auto& place : circuit::reachablePlaces(*job.find("RR"))) {
    for (const char* wire : {":a", ":b"}) {
      const auto* spot = scene.spot("place:" + toText(place) + wire);
      ASSERT_NE(spot, nullptr) << toText(place);
      EXPECT_GE(std::min(spot->rect.w, spot->rect.h), 36);
      EXPECT_EQ(scene.spotAt({spot->rect.x + spot->rect.w / 2, spot->rect.y + 2}), spot);
    }
  }
}

TEST_F(Demo, CardsNeverOverlapNorLeaveTheBoard) {
  for (int extra = 0; extra < 6; ++extra) {
    auto more = job.evidence[2];
    more.id = "more" + std::to_string(extra);
    job.evidence.push_back(more);
  }
  assessment = diagnosis::assessCase(job, folder.path(), shelf);
  for (const double width : {700.0, 848.0, 1400.0}) {
    const auto scene = board(width);
    std::vector<Rect> cards;
    for (const auto& spot : scene.spots) {
      if (spot.id.starts_with("evidence:")) {
        cards.push_back(spot.rect);
      }
    }
    ASSERT_GE(cards.size(), 4U);
    for (std::size_t i = 0; i < cards.size(); ++i) {
      EXPECT_GE(cards[i].x, 0);
      EXPECT_LE(cards[i].x + cards[i].w, width);
      EXPECT_LE(cards[i].y + cards[i].h, 544);
      for (std::size_t j = i + 1; j < cards.size(); ++j) {
        const bool apart =
            cards[i].x + cards[i].w <= cards[j].x || cards[j].x + cards[j].w <= cards[i].x ||
            cards[i].y + cards[i].h <= cards[j].y || cards[j].y + cards[j].h <= cards[i].y;
        EXPECT_TRUE(apart) << i << " and " << j << " at width " << width;
      }
    }
  }
}

// The demo's return wire has parted in L2: its band is the higher one, and both are said.
TEST_F(Demo, EachWireIsSuspectedAsMuchAsItIs) {
  // Until a wire is measured alone neither is suspected more.
  job::Evidence e;
  e.id = job.nextEvidenceId();
  e.test.circuit = "RR";
  e.test.state.key = circuit::Key::off;
  e.test.state.unplugged = {"module", "C2"};
  e.test.red = circuit::Probe{{circuit::Place::Kind::modulePlug, "module"}, circuit::WireId::b};
  e.test.black = circuit::Probe{{circuit::Place::Kind::moduleSide, "C2"}, circuit::WireId::b};
  e.reading.value = units::Entry{4.8e6, false, units::Unit::ohm, true, 1e5};
  job.evidence.push_back(e);
  assessment = diagnosis::assessCase(job, folder.path(), shelf);
  const auto scene = board();
  double a = 0, b = 0;
  for (const auto& s : assessment.conclusion.suspects) {
    if (s.element == "L2") {
      a += !s.wire || *s.wire == circuit::WireId::a ? s.share : 0;
      b += !s.wire || *s.wire == circuit::WireId::b ? s.share : 0;
    }
  }
  ASSERT_GT(b, a + 0.1);
  std::vector<std::string> said;
  std::vector<double> heights;
  const auto* l2 = scene.spot("element:L2");
  ASSERT_NE(l2, nullptr);
  EXPECT_NE(l2->tip.find("wire b"), std::string::npos) << l2->tip;
  for (const auto& item : scene.items) {
    if (const auto* text = std::get_if<Text>(&item); text && text->text.ends_with(" %")) {
      said.push_back(text->text);
    }
    const auto* box = std::get_if<Box>(&item);
    if (box && box->hatch && box->rect.y > 120 && box->rect.x > l2->rect.x &&
        box->rect.x < l2->rect.x + 10) {
      heights.push_back(box->rect.h);
    }
  }
  EXPECT_NE(std::find(said.begin(), said.end(), fmt::format("b {:.0f} %", 100 * b)), said.end());
  // The band of a wire that is as good as cleared is not drawn.
  ASSERT_GE(heights.size(), 1U);
  EXPECT_GE(heights.back(), heights.front());
}

TEST_F(Demo, LanesShareTheTimeAndTheScale) {
  const auto lanes = lanesOf(job, assessment);
  ASSERT_EQ(lanes.size(), 2U);
  EXPECT_EQ(lanes[0].title, "RL");
  EXPECT_EQ(lanes[1].title, "RR");
  EXPECT_NE(lanes[1].subtitle.find("17 % of RL at equal speed"), std::string::npos)
      << lanes[1].subtitle;
  LanesInput input;
  input.lanes = lanes;
  std::tie(input.fromS, input.toS) = wholeTime(lanes);
  EXPECT_NEAR(input.toS, 2.4, 0.01);
  const auto scene = traceLanes(input, roughWidth);
  EXPECT_NE(scene.spot("lane:RL"), nullptr);
  const auto* lane = scene.spot("lane:RR");
  ASSERT_NE(lane, nullptr);
  for (const auto& item : scene.items) {
    if (const auto* path = std::get_if<Path>(&item);
        path && path->paint.role == lanes[1].colour && path->dash == Dash::solid) {
      for (const auto& p : path->points) {
        EXPECT_TRUE(lane->rect.contains(p)) << p.x << "," << p.y;
      }
    }
  }
}

TEST_F(Demo, ReportSaysComplaintReadingsReasonsAndCautions) {
  const auto html = toHtml(reportOf({&job, &assessment, nullptr, "2026-11-20 09:00"}, roughWidth));
  for (const char* part : {"Lamp came on crossing the ford", "4.97 V", "17 % of the output",
                           "common practice", "Limits used", "Cautions", "<svg",
                           "Wheel up: rated stands", "2026-11-20 09:00", "judgement come first"}) {
    EXPECT_NE(html.find(part), std::string::npos) << part;
  }
}

TEST_F(Demo, WhatIsTypedCannotBecomeMarkup) {
  job.title = "<script>alert('x')</script> & \"co\"";
  job.complaint.text = "<img src=x onerror=1>\x01\xFF";
  job.circuits[3].wires[0].colour = "<b>";
  const auto html = toHtml(reportOf({&job, &assessment, nullptr, "now"}, roughWidth));
  EXPECT_EQ(html.find("<script"), std::string::npos);
  EXPECT_EQ(html.find("<img"), std::string::npos);
  EXPECT_EQ(html.find("<b>"), std::string::npos);
  EXPECT_NE(html.find("&lt;script&gt;"), std::string::npos);
}

TEST_F(Demo, TheReportTellsTheCourseOfTheJobAndEscapesAllOfIt) {
  job.intake.codes[0].freeze = "<script>1</script>";
  job.repair.decision = "<b>mend</b> it";
  job.repair.done = {"L2.splice"};
  job.repair.notes["L2.splice"] = "<i>8 Nm</i>";
  job::Evidence pierced = job.evidence.front();
  pierced.id = "e99";
  pierced.test.circuit = "RR";
  pierced.test.red->place = {circuit::Place::Kind::along, "L2", 0.5};
  job.evidence.push_back(pierced);
  job::Evidence after;
  after.id = "p1";
  after.test.kind = circuit::TestKind::codes;
  after.test.circuit = "RR";
  after.reading.codes.emplace();
  job.proof = {after};
  diagnosis::Proof proof;
  proof.results = {{"p1", true, 0.02}};
  proof.wrong = 0.02;
  ReportInput input{&job, &assessment, &proof, "now"};
  const auto whole = toHtml(reportOf(input, roughWidth));
  for (const char* words :
       {"C0050-1F", "&lt;script&gt;1", "&lt;b&gt;mend", "&lt;i&gt;8 Nm", "NOT SEALED",
        "no code returned", "2.0 %", "Nothing was measured on FL"}) {
    EXPECT_NE(whole.find(words), std::string::npos) << words;
  }
  input.reader = Reader::owner;
  const auto owner = toHtml(reportOf(input, roughWidth));
  for (const char* words :
       {"What was wrong", "You decided: &lt;b&gt;mend", "1 of 1 tests after the repair"}) {
    EXPECT_NE(owner.find(words), std::string::npos) << words;
  }
  EXPECT_EQ(owner.find("<b>"), std::string::npos);
  EXPECT_LT(owner.size(), whole.size() / 3);
}

TEST(Wires, ColoursAreReadFromLettersAndWords) {
  EXPECT_EQ(wirePaint("GN/OG")->base, wirePaint("green")->base);
  EXPECT_TRUE(wirePaint("GN/OG")->stripe);
  EXPECT_FALSE(wirePaint("BK")->stripe);
  EXPECT_FALSE(wirePaint("plaid"));
  EXPECT_FALSE(wirePaint(""));
}

TEST(TextFitting, CutsOnCharactersAndWrapsOnBlanks) {
  EXPECT_EQ(fitted(roughWidth, "short", 13, false, 500), "short");
  const auto cut = fitted(roughWidth, "4.8 MΩ ΩΩΩΩΩΩΩΩΩΩΩΩ", 13, false, 60);
  EXPECT_TRUE(cut.ends_with("…"));
  EXPECT_LE(roughWidth(cut, 13, false), 60);
  const auto lines = wrapped(roughWidth, "one two three four five six seven", 13, false, 80, 2);
  ASSERT_EQ(lines.size(), 2U);
  EXPECT_TRUE(lines[1].ends_with("…"));
}

// WCAG 2.1, 1.4.3 (from memory): contrast of text at least 4.5 : 1, relative luminance by its
// formula.
TEST(Palette, TextIsLegibleInBothThemes) {
  const auto luminance = [](std::uint32_t c) {
    const auto channel = [](double v) {
      return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * channel((c >> 16 & 255) / 255.0) + 0.7152 * channel((c >> 8 & 255) / 255.0) +
           0.0722 * channel((c & 255) / 255.0);
  };
  for (const auto theme : {Theme::day, Theme::night}) {
    for (const auto paper : {Role::panel, Role::ground, Role::zoneCabin, Role::zoneEngine,
                             Role::zoneUnder, Role::zoneWheel, Role::zoneFlex}) {
      for (const auto ink : {Role::ink, Role::faint}) {
        const double a = luminance(rgb(ink, theme));
        const double b = luminance(rgb(paper, theme));
        EXPECT_GE((std::max(a, b) + 0.05) / (std::min(a, b) + 0.05), 4.3)
            << static_cast<int>(ink) << " on " << static_cast<int>(paper);
      }
    }
    for (const auto tone : {Role::good, Role::doubt, Role::alarm}) {
      const double a = luminance(rgb(tone, theme));
      const double b = luminance(rgb(Role::panel, theme));
      EXPECT_GE((std::max(a, b) + 0.05) / (std::min(a, b) + 0.05), 4.5) << static_cast<int>(tone);
    }
  }
}

}  // namespace
}  // namespace haybale::picture
