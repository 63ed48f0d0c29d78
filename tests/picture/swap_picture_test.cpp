// Pictures of the swap desk, the watch and the timeline, and lines as columns.
#include <cmath>

#include "core/job/case_json.h"
#include "picture/line_columns.h"
#include "picture/signal_preview.h"
#include "picture/swap_board.h"
#include "picture/watch_strip.h"
#include "support/haybale_test.h"

namespace haybale::picture {
namespace {

std::size_t paths(const Scene& scene, Role role, double width) {
  std::size_t count = 0;
  for (const auto& item : scene.items) {
    const auto* path = std::get_if<Path>(&item);
    count += path && path->paint.role == role && path->width == width ? 1 : 0;
  }
  return count;
}

std::vector<std::string> words(const Scene& scene) {
  std::vector<std::string> out;
  for (const auto& item : scene.items) {
    if (const auto* text = std::get_if<Text>(&item)) {
      out.push_back(text->text);
    }
  }
  return out;
}

class Swapped : public testing::Test {
 protected:
  Swapped() { job.suspect = "RR"; }
  [[nodiscard]] Scene board(const circuit::Test& test) const {
    return swapBoard({&job, test, 860, 220}, roughWidth);
  }
  [[nodiscard]] circuit::Test swap(bool reversed) const {
    circuit::Test t;
    t.circuit = "RR";
    t.state.swap = circuit::Swap{"RL", "RR", reversed};
    return t;
  }
  job::Case job = job::newCase();
};

TEST_F(Swapped, BothLinesAndTwoLeadsBetweenThem) {
  const auto scene = board(swap(false));
  for (const char* circuit : {"RR", "RL"}) {
    for (const auto& e : job.find(circuit)->path) {
      EXPECT_NE(scene.spot("swap:part:" + std::string(circuit) + ":" + e.id), nullptr) << e.id;
    }
  }
  EXPECT_EQ(paths(scene, Role::strawLine, 4), 2U);
  for (const auto& spot : scene.spots) {
    EXPECT_GE(spot.rect.x, 0);
    EXPECT_LE(spot.rect.x + spot.rect.w, scene.width);
  }
}

// The ends of the leads are named; exchanged, a meets b.
TEST_F(Swapped, ExchangedLeadsChangeTheNameAtOneEnd) {
  const auto ends = [](const Scene& scene) {
    std::string out;
    for (const auto& w : words(scene)) {
      out += w == "a" || w == "b" ? w : "";
    }
    return out;
  };
  EXPECT_EQ(ends(board(swap(false))), "aabb");
  EXPECT_EQ(ends(board(swap(true))), "abba");
}

TEST_F(Swapped, WhatTakesNoPartIsFaint) {
  const auto scene = board(swap(false));
  // The suspect's own sensor hangs free: its pair is dotted.
  std::size_t dotted = 0;
  for (const auto& item : scene.items) {
    const auto* path = std::get_if<Path>(&item);
    dotted += path && path->dash == Dash::dotted ? 1 : 0;
  }
  EXPECT_GE(dotted, 4U);
}

TEST_F(Swapped, AShortAndASignalAreDrawnAtTheirPlug) {
  circuit::Test t;
  t.circuit = "RR";
  t.state.jumper = circuit::Place{circuit::Place::Kind::moduleSide, "C2"};
  const auto joined = words(board(t));
  EXPECT_NE(std::find(joined.begin(), joined.end(), "wires a and b joined"), joined.end());
  t.state.jumper.reset();
  t.state.inject = circuit::Inject{{circuit::Place::Kind::modulePins, "module"}, 137, 2};
  const auto fed = words(board(t));
  EXPECT_NE(std::find(fed.begin(), fed.end(), "137 Hz in place of the sensor"), fed.end());
}

TEST_F(Swapped, AJobWithoutACircuitIsEmpty) {
  job.circuits.clear();
  EXPECT_TRUE(board(swap(false)).items.empty());
  EXPECT_TRUE(swapBoard({}, roughWidth).items.empty());
}

TEST(LineColumns, HoldTheLineAndItsThickness) {
  std::vector<Point> points;
  for (int i = 0; i <= 400; ++i) {
    points.push_back({i * 0.5, 50 + 30 * std::sin(i * 0.15)});
  }
  const auto columns = columnsOf(points, 2, Role::ink, 0, 200);
  ASSERT_EQ(columns.spans.size(), 200U);
  for (std::size_t c = 0; c < columns.spans.size(); ++c) {
    const auto& span = columns.spans[c];
    EXPECT_GE(span.bottom - span.top, 2 - 1e-9) << c;
    for (const auto& p : points) {
      if (p.x >= static_cast<double>(c) && p.x < static_cast<double>(c) + 1) {
        EXPECT_LE(span.top, p.y - 1 + 1e-9) << c;
        EXPECT_GE(span.bottom, p.y + 1 - 1e-9) << c;
      }
    }
  }
}

TEST(LineColumns, AreCutAtTheEndsAndEmptyWithoutALine) {
  EXPECT_TRUE(columnsOf({}, 2, Role::ink, 0, 100).spans.empty());
  EXPECT_TRUE(columnsOf({{5, 5}}, 2, Role::ink, 0, 100).spans.empty());
  const auto cut = columnsOf({{-50, 0}, {50, 100}, {250, 0}}, 2, Role::ink, 10, 90);
  EXPECT_EQ(cut.x, 10);
  EXPECT_EQ(cut.spans.size(), 80U);
}

TEST(WatchStrip, ShowsLegsReadingsAndDropouts) {
  diagnosis::WiggleWatch watch;
  std::vector<std::pair<double, double>> readings;
  for (int i = 0; i < 400; ++i) {
    const double s = 0.05 * i;
    if (i == 0 || i == 200) {
      watch.mark(s, i == 0 ? "L1" : "C2");
    }
    const double value = i >= 300 && i < 304 ? INFINITY : 1100;
    watch.add(s, value);
    readings.emplace_back(s, value);
  }
  const auto scene = watchStrip({&readings, &watch, 30});
  const auto said = words(scene);
  EXPECT_NE(std::find(said.begin(), said.end(), "L1"), said.end());
  EXPECT_NE(std::find(said.begin(), said.end(), "C2"), said.end());
  std::size_t drops = 0;
  for (const auto& item : scene.items) {
    const auto* box = std::get_if<Box>(&item);
    drops += box && box->hatch ? 1 : 0;
  }
  EXPECT_EQ(drops, 1U);
  EXPECT_FALSE(watchStrip({}).items.empty());  // says what will be here
}

TEST(Timeline, SharesFillTheHeightAndTheLeaderIsNamed) {
  TimelineInput input;
  input.names = {"L1", "C2", "nothing wrong"};
  input.shares = {{0.3, 0.5, 0.2}, {0.05, 0.93, 0.02}};
  input.readings = {"4.8 MΩ", "OL"};
  const auto scene = suspicionTimeline(input, roughWidth);
  double first = 0;
  for (const auto& item : scene.items) {
    if (const auto* box = std::get_if<Box>(&item); box && box->rect.x < 10) {
      first += box->rect.h;
    }
  }
  EXPECT_NEAR(first, input.height - 26, 0.5);
  const auto said = words(scene);
  EXPECT_NE(std::find(said.begin(), said.end(), "C2 93 %"), said.end());
  EXPECT_TRUE(suspicionTimeline({}, roughWidth).items.empty());
}

TEST(SignalPreview, NamesItsEnds) {
  capture::Record record;
  record.time.stepS = 0.001;
  record.channels.push_back({"s", units::Unit::volt, {}});
  for (int i = 0; i < 100; ++i) {
    record.channels[0].samples.push_back(static_cast<float>(std::sin(i * 0.3)));
  }
  const auto said = words(signalPreview(record, 440, 118));
  EXPECT_GE(said.size(), 3U);
  EXPECT_EQ(signalPreview({}, 440, 118).items.size(), 1U);
}

}  // namespace
}  // namespace haybale::picture
