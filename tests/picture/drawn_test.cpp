// Scenes as SVG, bars, axes and the speed strip. SVG is read by Python's expat (XML 1.0, W3C)
// beside the elements that SVG 1.1 names.
#include <array>
#include <cmath>
#include <cstdio>

#include "picture/axis.h"
#include "picture/count_bars.h"
#include "picture/speed_strip.h"
#include "picture/svg.h"
#include "support/haybale_test.h"

namespace haybale::picture {
namespace {

// The names of all elements in order, and the text of those that are text, one a line.
std::string elementsOf(const std::string& svg) {
  const test::Folder folder;
  std::ofstream(folder.file("a.svg"), std::ios::binary) << svg;
  const std::string command =
      std::string(HAYBALE_PYTHON) +
      " -c \"import sys, xml.etree.ElementTree as e\n"
      "for n in e.parse(sys.argv[1]).iter(): print(n.tag.split('}')[1], n.text.strip() if n.text "
      "else '', sep='|')\" " +
      folder.file("a.svg") + " 2>&1";
  std::string out;
  if (FILE* pipe = popen(command.c_str(), "r")) {
    std::array<char, 512> some{};
    while (std::fgets(some.data(), some.size(), pipe) != nullptr) {
      out += some.data();
    }
    pclose(pipe);
  }
  return out;
}

TEST(Svg, EveryItemIsAnElementAndTextComesBackAsItWas) {
  Scene scene;
  scene.width = 200;
  scene.height = 100;
  scene.add(Box{{1, 2, 30, 40}, 4, Role::panel, Role::rule, 1, std::nullopt});
  scene.add(Path{{{0, 0}, {10, 10}}, Role::ink, 1, Dash::dashed, false});
  scene.add(Path{{{0, 0}, {10, 10}, {0, 10}}, Role::ink, 1, Dash::solid, true});
  scene.add(Columns{5, {{1, 4}, {2, 6}}, Role::wheel0});
  scene.add(Text{{5, 5}, "C2 < L1 & \"x\" 'y' \xC2\xB5s", 13, true, Role::ink, Anchor::middle});
  EXPECT_EQ(elementsOf(toSvg(scene, Theme::day)),
            "svg|\nrect|\npolyline|\npolygon|\npolygon|\ntext|C2 < L1 & \"x\" 'y' \xC2\xB5s\n");
}

TEST(Svg, WhatIsNoTextCannotBreakIt) {
  Scene scene;
  scene.width = scene.height = 10;
  scene.add(Text{{0, 0}, std::string("bell \x07, \x1b[0m, half a letter \xC3, nothing \0.", 41)});
  scene.add(Text{{0, 0}, "</text><script>alert(1)</script>"});
  const auto elements = elementsOf(toSvg(scene, Theme::night));
  EXPECT_EQ(elements.find("Error"), std::string::npos) << elements;
  EXPECT_EQ(elements.find("script|"), std::string::npos) << elements;
  EXPECT_NE(elements.find("</text><script>alert(1)</script>"), std::string::npos) << elements;
}

TEST(Svg, HatchingStaysWithinItsBox) {
  Scene scene;
  scene.width = scene.height = 100;
  scene.add(Box{{10, 20, 50, 30}, 0, std::nullopt, std::nullopt, 1, Paint(Role::straw)});
  const auto svg = toSvg(scene, Theme::day);
  std::size_t lines = 0;
  for (std::size_t at = svg.find("<line "); at != std::string::npos;
       at = svg.find("<line ", at + 1)) {
    double x1 = 0, y1 = 0, x2 = 0, y2 = 0;
    ASSERT_EQ(std::sscanf(svg.c_str() + at, "<line x1=\"%lf\" y1=\"%lf\" x2=\"%lf\" y2=\"%lf\"",
                          &x1, &y1, &x2, &y2),
              4);
    for (const double x : {x1, x2}) {
      EXPECT_GE(x, 10);
      EXPECT_LE(x, 60);
    }
    for (const double y : {y1, y2}) {
      EXPECT_GE(y, 20);
      EXPECT_LE(y, 50);
    }
    EXPECT_NEAR(x2 - x1, y1 - y2, 0.11) << "at 45 degrees";
    ++lines;
  }
  EXPECT_EQ(lines, 11U) << "one every seven pixels of the box's width and height";
}

TEST(Axis, StepsAreOneTwoOrFiveAndNearWhatWasWanted) {
  for (double wanted = 1e-6; wanted < 1e6; wanted *= 1.37) {
    const double step = niceStep(wanted);
    const double digit = step / std::pow(10.0, std::floor(std::log10(step * (1 + 1e-12))));
    EXPECT_TRUE(std::abs(digit - 1) < 1e-9 || std::abs(digit - 2) < 1e-9 ||
                std::abs(digit - 5) < 1e-9)
        << wanted << " " << step;
    EXPECT_GT(step / wanted, 0.57);
    EXPECT_LT(step / wanted, 1.5);
  }
}

TEST(Axis, TicksAreTheMultiplesWithin) {
  EXPECT_EQ(ticks(-0.3, 0.45, 0.2), (std::vector<double>{-0.2, 0, 0.2, 0.4}));
  EXPECT_EQ(ticks(1, 1, 0.5), std::vector<double>{1});
  EXPECT_TRUE(ticks(0.1, 0.4, 0.5).empty());
  EXPECT_EQ(ticks(0, 1e9, 1e-3).size(), 200U) << "never without end";
  EXPECT_TRUE(ticks(0, std::nan(""), 1).empty());
}

std::vector<Box> barsOf(const Scene& scene) {
  std::vector<Box> out;
  for (const auto& item : scene.items) {
    if (const auto* box = std::get_if<Box>(&item)) {
      out.push_back(*box);
    }
  }
  return out;
}

TEST(CountBars, AreAsLongAsTheirCountsAndTheNotesStandBehind) {
  const std::vector<CountBar> bars{{"C2, plug in the wheelhouse", 12, "12 jobs, 24 min"},
                                   {"sensor", 6, "6 jobs"},
                                   {"ring", 0, "none"}};
  const auto scene = countBars("Where it was", bars, 700, roughWidth);
  const auto drawn = barsOf(scene);
  ASSERT_EQ(drawn.size(), 3U);
  EXPECT_NEAR(drawn[1].rect.w / drawn[0].rect.w, 0.5, 1e-9);
  EXPECT_GT(drawn[2].rect.w, 0) << "none is a bar too, if a thin one";
  EXPECT_LT(drawn[0].rect.x + drawn[0].rect.w, 700);
  ASSERT_NE(scene.spot("bar:sensor"), nullptr);
  EXPECT_EQ(scene.spot("bar:sensor")->value, "6 jobs");
  EXPECT_DOUBLE_EQ(scene.height, countBarsHeight(3));
  const auto empty = countBars("Where it was", {}, 700, roughWidth);
  EXPECT_TRUE(barsOf(empty).empty());
  EXPECT_EQ(std::get<Text>(empty.items.back()).text, "nothing yet");
}

class SpeedStrip : public testing::Test {
 protected:
  SpeedStrip() {
    in.fromS = 0;
    in.toS = 10;
    in.width = 860;
  }
  // A wheel that turns evenly but for a pause from 4 to 6 s, in which no pulse came.
  void turns(double hz) {
    a.frequencyHz = trace::Range{hz, hz, hz};
    a.speedKmh = trace::Range{20, 20, 20};
    const double period = 1 / hz;
    for (double s = 0; s < 10; s += period) {
      trace::Tooth t;
      t.riseS = s;
      t.periodS = period;
      if (s < 4 && s + period >= 4) {
        t.periodS = 2;
        t.lost = 40;
        s = 6 - period;
      }
      a.teeth.push_back(t);
    }
    Lane lane;
    lane.analysis = &a;
    lane.colour = Role::wheel4;
    in.lanes.push_back(lane);
  }
  [[nodiscard]] Scene drawn() const {
    Scene scene;
    speedStrip(scene, in, {0, 300, 860, 80}, plotSpan(860));
    return scene;
  }
  trace::ChannelAnalysis a;
  LanesInput in;
};

TEST_F(SpeedStrip, AnEvenSpeedIsALevelLineAndAPauseIsNoSlowingDown) {
  turns(20);
  std::size_t lines = 0;
  for (const auto& item : drawn().items) {
    const auto* path = std::get_if<Path>(&item);
    if (!path || path->paint.role != Role::wheel4) {
      continue;
    }
    ++lines;
    for (const auto& p : path->points) {
      EXPECT_NEAR(p.y, path->points.front().y, 1e-9);
      EXPECT_GT(p.y, 300);
      EXPECT_LT(p.y, 380);
    }
  }
  EXPECT_EQ(lines, 1U);
}

TEST_F(SpeedStrip, PulsesDenserThanPixelsAreABandAndFew) {
  turns(4000);
  std::size_t columns = 0;
  for (const auto& item : drawn().items) {
    if (const auto* band = std::get_if<Columns>(&item); band && band->paint.role == Role::wheel4) {
      columns += band->spans.size();
    }
    if (const auto* path = std::get_if<Path>(&item); path && path->paint.role == Role::wheel4) {
      columns += path->points.size();
    }
  }
  const auto span = plotSpan(860);
  EXPECT_GT(columns, 0.7 * (span.right - span.left)) << "but for the pause";
  EXPECT_LT(columns, 0.9 * (span.right - span.left));
}

TEST(Spots, TheSmallestUnderAPointAnswers) {
  Scene scene;
  scene.spots.push_back({{0, 0, 100, 100}, "board", ""});
  scene.spots.push_back({{40, 40, 10, 10}, "card", ""});
  scene.spots.push_back({{35, 35, 30, 30}, "place", ""});
  ASSERT_NE(scene.spotAt({45, 45}), nullptr);
  EXPECT_EQ(scene.spotAt({45, 45})->id, "card");
  EXPECT_EQ(scene.spotAt({36, 36})->id, "place");
  EXPECT_EQ(scene.spotAt({5, 5})->id, "board");
  EXPECT_EQ(scene.spotAt({200, 5}), nullptr);
  EXPECT_EQ(scene.spot("nothing"), nullptr);
}

}  // namespace
}  // namespace haybale::picture
