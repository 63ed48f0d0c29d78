// The ring dial and turns laid over each other: geometry worked by hand (a turn has 360 degrees).
#include <cmath>
#include <numbers>

#include "picture/ring_dial.h"
#include "picture/turn_overlay.h"
#include "support/haybale_test.h"

namespace haybale::picture {
namespace {

using trace::IrregularTooth;
using trace::Tooth;
using trace::ToothKind;

constexpr int kTeeth = 48;
constexpr int kAbsent = 13;

// So many turns of an even ring of which tooth 13 is not there.
trace::ChannelAnalysis turned(int turns) {
  trace::ChannelAnalysis a;
  trace::Ring ring;
  ring.teeth = kTeeth;
  ring.turns = turns;
  ring.irregular.push_back({kAbsent, ToothKind::missing, 100, turns, turns});
  a.ring = ring;
  for (long number = 0; number < static_cast<long>(kTeeth) * turns; ++number) {
    if (number % kTeeth == kAbsent) {
      continue;
    }
    const bool before = number % kTeeth == kAbsent - 1;
    Tooth t;
    t.number = number;
    t.riseS = 0.01 * static_cast<double>(number);
    t.periodS = before ? 0.02 : 0.01;
    t.pitch = before ? 2 : 1;
    t.lost = before ? 1 : 0;
    t.strength = 1;
    a.teeth.push_back(t);
  }
  return a;
}

Point middleOf(const Rect& r) {
  return {r.x + r.w / 2, r.y + r.h / 2};
}

// Clockwise from the top, 0 to 360.
double degreesAbout(Point centre, Point p) {
  const double degrees = std::atan2(p.x - centre.x, centre.y - p.y) * 180 / std::numbers::pi;
  return degrees < 0 ? degrees + 360 : degrees;
}

Point centreOf(const Scene& dial) {
  Point sum;
  for (int k = 0; k < kTeeth; ++k) {
    const Point p = middleOf(dial.spot("tooth:" + std::to_string(k))->rect);
    sum = {sum.x + p.x / kTeeth, sum.y + p.y / kTeeth};
  }
  return sum;
}

std::vector<const Path*> pathsOf(const Scene& scene, Role role) {
  std::vector<const Path*> out;
  for (const auto& item : scene.items) {
    const auto* path = std::get_if<Path>(&item);
    if (path && path->paint.role == role) {
      out.push_back(path);
    }
  }
  return out;
}

bool says(const Scene& scene, const std::string& words) {
  return std::any_of(scene.items.begin(), scene.items.end(), [&](const Item& item) {
    const auto* text = std::get_if<Text>(&item);
    return text && text->text.find(words) != std::string::npos;
  });
}

TEST(RingDial, EachToothStandsAtItsShareOfATurnFromTheFirst) {
  EXPECT_DOUBLE_EQ(degreesOf(0, kTeeth), 0);
  EXPECT_DOUBLE_EQ(degreesOf(12, kTeeth), 90);
  EXPECT_DOUBLE_EQ(degreesOf(kAbsent, kTeeth), 97.5);
  EXPECT_DOUBLE_EQ(degreesOf(3, 0), 0) << "no ring, no angle";
  const auto analysis = turned(3);
  const auto dial = ringDial({&analysis, "Ring dial, RR", Role::wheel1, 288, 360}, roughWidth);
  const Point centre = centreOf(dial);
  for (int k = 0; k < kTeeth; ++k) {
    const auto* spot = dial.spot("tooth:" + std::to_string(k));
    ASSERT_NE(spot, nullptr) << k;
    const double off = degreesAbout(centre, middleOf(spot->rect)) - degreesOf(k, kTeeth);
    EXPECT_NEAR(std::remainder(off, 360), 0, 0.01) << k;
    EXPECT_GE(spot->rect.x, 0);
    EXPECT_LE(spot->rect.y + spot->rect.h, dial.height);
  }
}

TEST(RingDial, TheAbsentToothIsNamedWithItsAngleAndBroken) {
  const auto analysis = turned(3);
  const auto dial = ringDial({&analysis, "RR", Role::wheel1, 288, 360}, roughWidth);
  EXPECT_TRUE(says(dial, "98\xC2\xB0") || says(dial, "97\xC2\xB0")) << "97.5 in whole degrees";
  EXPECT_TRUE(says(dial, "to tooth 13"));
  EXPECT_TRUE(says(dial, "3.0 turns"));
  const auto marks = pathsOf(dial, Role::alarm);
  ASSERT_EQ(marks.size(), 1U);
  EXPECT_EQ(marks[0]->dash, Dash::dashed) << "what is not there is drawn broken";
  EXPECT_NEAR(degreesAbout(centreOf(dial), marks[0]->points.back()), 97.5, 0.01);
  // Each tooth that came has a stroke a turn; the absent one none.
  EXPECT_EQ(pathsOf(dial, Role::wheel1).size(), 3U * (kTeeth - 1));
}

TEST(RingDial, ManyTurnsAreLaidOverEachOtherButNotAll) {
  const auto analysis = turned(200);
  const auto dial = ringDial({&analysis, "RR", Role::wheel1, 288, 360}, roughWidth);
  EXPECT_EQ(pathsOf(dial, Role::wheel1).size(), 40U * (kTeeth - 1));
}

TEST(RingDial, AWeakToothIsAShortSpokeAndALateOneLeans) {
  auto analysis = turned(3);
  analysis.ring->irregular.clear();
  for (auto& t : analysis.teeth) {
    t.strength = t.number % kTeeth == 5 ? 0.5F : 1.0F;
    t.pitch = t.number % kTeeth == 19 ? 1.2F : 1.0F;  // the pulse behind tooth 19 is late
  }
  const auto dial = ringDial({&analysis, "RR", Role::wheel1, 288, 360}, roughWidth);
  const Point centre = centreOf(dial);
  const auto spokes = pathsOf(dial, Role::wheel1);
  const auto length = [](const Path& p) {
    return std::hypot(p.points[1].x - p.points[0].x, p.points[1].y - p.points[0].y);
  };
  EXPECT_NEAR(length(*spokes[5]) / length(*spokes[6]), 0.5, 0.01);
  // Tooth 13 is absent: from it on the stroke of tooth k is the one before.
  const double late = degreesAbout(centre, spokes[19]->points[1]) - degreesOf(20, kTeeth);
  EXPECT_NEAR(late, 0.2 * 360 / kTeeth, 0.05);
}

TEST(RingDial, SaysWhatIsMissingWhereThereIsNothingToShow) {
  EXPECT_TRUE(says(ringDial({nullptr, "RR", Role::wheel1, 288, 360}, roughWidth), "A capture"));
  trace::ChannelAnalysis some;
  const auto dial = ringDial({&some, "RR", Role::wheel1, 288, 360}, roughWidth);
  EXPECT_TRUE(says(dial, "The size of the ring"));
  EXPECT_TRUE(dial.spots.empty());
}

OverlayWheel wheel(const std::string& title, float height, std::size_t turns) {
  OverlayWheel out;
  out.title = title;
  out.teeth = kTeeth;
  out.colour = Role::wheel2;
  for (std::size_t n = 0; n < turns; ++n) {
    trace::Turn turn;
    for (int i = 0; i <= kTeeth * 16; ++i) {
      turn.values.push_back(height * static_cast<float>(std::sin(2 * std::numbers::pi * i / 16)));
    }
    out.turns.push_back(turn);
  }
  return out;
}

double highestOf(const std::vector<const Path*>& curves) {
  double y = 1e9;
  for (const auto* curve : curves) {
    for (const auto& p : curve->points) {
      y = std::min(y, p.y);
    }
  }
  return y;
}

TEST(TurnOverlay, WheelsShareTheScaleAndTheAngle) {
  auto strong = wheel("RL", 2, 3);
  auto weak = wheel("RR, suspect", 1, 2);
  weak.colour = Role::wheel3;
  weak.odd.push_back({kAbsent, ToothKind::missing, 100, 2, 2});
  const auto scene = turnOverlay({{strong, weak}, 860, 430}, roughWidth);
  const auto high = pathsOf(scene, Role::wheel2);
  const auto low = pathsOf(scene, Role::wheel3);
  ASSERT_EQ(high.size(), 3U);
  ASSERT_EQ(low.size(), 2U);
  // Both swing about the middle of their own lane, the weak one half as far.
  const auto reach = [](const std::vector<const Path*>& curves) {
    double lowest = 0;
    for (const auto* curve : curves) {
      for (const auto& p : curve->points) {
        lowest = std::max(lowest, p.y);
      }
    }
    return lowest - highestOf(curves);
  };
  EXPECT_NEAR(reach(low) / reach(high), 0.5, 0.01);
  EXPECT_DOUBLE_EQ(low[0]->points.front().x, high[0]->points.front().x);
  const auto* spot = scene.spot("tooth:RR, suspect:13");
  ASSERT_NE(spot, nullptr);
  const double left = high[0]->points.front().x;
  const double whole = high[0]->points.back().x - left;
  // The band of a tooth begins at its share of the turn; the spot is six pixels wider either way.
  EXPECT_NEAR(spot->rect.x + 6, left + whole * kAbsent / kTeeth, 0.5);
  EXPECT_NEAR(spot->rect.w - 12, whole / kTeeth, 0.1);
  EXPECT_TRUE(says(scene, "2 turns of 48 teeth"));
  EXPECT_TRUE(says(scene, "360\xC2\xB0"));
}

TEST(TurnOverlay, LostSamplesAreNoPartOfTheCurveAndNoTurnIsSaid) {
  auto holed = wheel("RL", 1, 1);
  for (std::size_t i = 100; i < 140; ++i) {
    holed.turns[0].values[i] = std::nanf("");
  }
  const auto scene = turnOverlay({{holed, wheel("RR", 1, 0)}, 860, 430}, roughWidth);
  const auto curves = pathsOf(scene, Role::wheel2);
  ASSERT_EQ(curves.size(), 1U);
  EXPECT_EQ(curves[0]->points.size(), holed.turns[0].values.size() - 40);
  EXPECT_TRUE(says(scene, "no whole turn"));
  EXPECT_TRUE(says(scene, "one turn of 48 teeth"));
}

}  // namespace
}  // namespace haybale::picture
