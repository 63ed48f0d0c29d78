// The two-resistor box: E24 values, currents, heat.
#include "core/signal/load_box.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <sstream>

#include "support/haybale_test.h"

namespace {

using namespace haybale::signal;

// IEC 60063 (from memory).
TEST(E24, TheNearestByRatio) {
  EXPECT_DOUBLE_EQ(nearestE24(1714), 1800);  // 1600 is 7.1 % off, 1800 4.8 %
  EXPECT_DOUBLE_EQ(nearestE24(862), 820);
  EXPECT_DOUBLE_EQ(nearestE24(9.6), 10);
  EXPECT_DOUBLE_EQ(nearestE24(0.0047), 0.0047);
}

// "12 V: about 1.7 kohm and 860 ohm in total, less the sense resistor": common practice, no source.
TEST(LoadBox, TwelveVoltsNeedWhatTheTradeSays) {
  const auto box = loadBox({12, 0.05, 100, 0.007, 0.014, 0.2});
  ASSERT_TRUE(box);
  EXPECT_NEAR(box->fixedOhm + 100, 12 / 0.007, 100);
  const double both = 1 / (1 / box->fixedOhm + 1 / box->switchedOhm) + 100;
  EXPECT_NEAR(both, 12 / 0.014, 50);
  EXPECT_NEAR(box->lowA, 0.007, 0.0005);
  EXPECT_NEAR(box->highA, 0.014, 0.0007);
  EXPECT_TRUE(box->inBand);
  EXPECT_LT(box->fixedW, 0.25);
}

TEST(LoadBox, AWideSupplyLeavesTheBandAndSaysSo) {
  const auto box = loadBox({12, 0.3, 100, 0.007, 0.014, 0.2});
  ASSERT_TRUE(box);
  EXPECT_FALSE(box->inBand);
}

TEST(LoadBox, WhatCannotBeDrivenIsRefused) {
  EXPECT_FALSE(loadBox({1.0, 0.1, 200, 0.007, 0.014, 0.2}));
  EXPECT_FALSE(loadBox({12, 0.1, 100, 0.014, 0.007, 0.2}));
}

// Currents through the sense resistor as ngspice (Debian's ngspice) finds them, at both ends of the
// supply and of the resistors.
double spiceAmps(double supply, double sense, double fixed, double switched) {
  const haybale::test::Folder folder;
  const auto path = folder.file("box.cir");
  {
    std::ofstream out(path);
    out << "box\nV1 1 0 " << supply << "\nR1 1 2 " << sense << "\nR2 2 0 " << fixed << "\n";
    if (switched > 0) {
      out << "R3 2 0 " << switched << "\n";
    }
    out << ".op\n.print dc i(V1)\n.control\nop\nprint i(V1)\n.endc\n.end\n";
  }
  const std::string command = "ngspice -b " + path + " 2>/dev/null";
  FILE* pipe = popen(command.c_str(), "r");
  std::string text;
  char line[256];
  while (pipe != nullptr && std::fgets(line, sizeof line, pipe) != nullptr) {
    text += line;
  }
  if (pipe != nullptr) {
    pclose(pipe);
  }
  const auto at = text.find("i(v1) = ");
  return at == std::string::npos ? NAN : -std::atof(text.c_str() + at + 8);
}

TEST(LoadBox, NgspiceFindsTheSameCurrents) {
  const LoadBoxWish wish{11.4, 0.08, 115, 0.007, 0.014, 0.2};
  const auto box = loadBox(wish);
  ASSERT_TRUE(box);
  EXPECT_NEAR(spiceAmps(11.4, 115, box->fixedOhm, 0), box->lowA, 1e-7);
  EXPECT_NEAR(spiceAmps(11.4, 115, box->fixedOhm, box->switchedOhm), box->highA, 1e-7);
  EXPECT_NEAR(spiceAmps(11.4 * 1.08, 115, box->fixedOhm * 0.95, 0), box->lowAtMostA, 1e-7);
  EXPECT_NEAR(spiceAmps(11.4 * 0.92, 115, box->fixedOhm * 1.05, box->switchedOhm * 1.05),
              box->highAtLeastA, 1e-7);
  EXPECT_TRUE(box->inBand);
}

}  // namespace
