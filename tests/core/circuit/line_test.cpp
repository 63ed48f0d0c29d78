#include "core/circuit/line.h"

#include "core/circuit/test.h"
#include "support/haybale_test.h"

namespace haybale::circuit {
namespace {

TEST(Places, AreReadInLongAndShortForms) {
  const Circuit c = typicalCircuit("RR", "rear right");
  for (const auto& [typed, wanted] :
       {std::pair{"module", "module"}, std::pair{"C1", "C1.module-side"},
        std::pair{"c1.w", "C1.wheel-side"}, std::pair{"C2.wheel-side", "C2.wheel-side"},
        std::pair{"L2@0.25", "L2@0.25"}, std::pair{"sensor", "sensor"}, std::pair{"GND", "ground"},
        std::pair{"module.pins", "module.pins"}, std::pair{"battery", "battery"}}) {
    const auto place = parsePlace(typed, c);
    ASSERT_HB_OK(place);
    EXPECT_EQ(toText(*place), wanted);
    EXPECT_EQ(toText(*parsePlace(toText(*place), c)), wanted);
  }
}

TEST(Places, ABadOneNamesThoseThereAre) {
  const Circuit c = typicalCircuit("RR", "rear right");
  for (const char* typed : {"C9", "L2@1.5", "L2@x", "C1.front", "ring", "L2", ""}) {
    const auto place = parsePlace(typed, c);
    ASSERT_FALSE(place.ok()) << typed;
    EXPECT_NE(place.error().wanted.find("C2.wheel-side"), std::string::npos);
  }
}

TEST(Reach, StopsAtConnectorsThatAreApart) {
  const Circuit c = typicalCircuit("RR", "");
  CarState apart;
  apart.unplugged = {"C2"};
  const auto inner = reachFrom(c, {Place::Kind::moduleSide, "C2"}, apart);
  EXPECT_TRUE(inner.module);
  EXPECT_FALSE(inner.sensor);
  const auto outer = reachFrom(c, {Place::Kind::wheelSide, "C2"}, apart);
  EXPECT_FALSE(outer.module);
  EXPECT_TRUE(outer.sensor);
  const auto plug = reachFrom(c, {Place::Kind::modulePlug, "module"}, apart);
  EXPECT_TRUE(plug.module);
  EXPECT_FALSE(plug.sensor);
}

TEST(Layout, NamesAndLocationsGiveTheCorner) {
  const auto corner = [](const char* name, const char* location) {
    return cornerOf(typicalCircuit(name, location));
  };
  EXPECT_EQ(corner("RR", ""), (Corner{1, 1}));
  EXPECT_EQ(corner("RL", ""), (Corner{1, 0}));
  EXPECT_EQ(corner("FR", ""), (Corner{0, 1}));
  EXPECT_EQ(corner("S1", "front left"), (Corner{0, 0}));
  EXPECT_EQ(corner("S5", "rear propeller shaft"), (Corner{1, 2}));
  EXPECT_FALSE(corner("S5", ""));
}

TEST(Layout, ThePeerIsTheOtherSideOfTheAxle) {
  std::vector<Circuit> all{typicalCircuit("FL", ""), typicalCircuit("FR", ""),
                           typicalCircuit("RL", ""), typicalCircuit("RR", "")};
  EXPECT_EQ(peerOf(all, all[3])->name, "RL");
  EXPECT_EQ(peerOf(all, all[0])->name, "FR");
  std::vector<Circuit> one{typicalCircuit("RR", "")};
  EXPECT_EQ(peerOf(one, one[0]), nullptr);
}

TEST(Path, WhatCannotBeALineIsRefusedWithItsPlace) {
  auto c = typicalCircuit("RR", "");
  EXPECT_TRUE(checkPath(c, "path").ok());
  c.path[2].id = "L1";
  EXPECT_NE(checkPath(c, "path").error().sentence().find("path[2].id"), std::string::npos);
  c = typicalCircuit("RR", "");
  c.path.erase(c.path.begin());
  EXPECT_FALSE(checkPath(c, "path").ok());
  c = typicalCircuit("RR", "");
  c.path.erase(c.path.begin() + 5);
  EXPECT_NE(checkPath(c, "path").error().what.find("0 sensors"), std::string::npos);
}

}  // namespace
}  // namespace haybale::circuit
