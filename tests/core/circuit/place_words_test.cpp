// Places in words first, the letter after them; every place of every usual line has words.
#include "core/circuit/place_words.h"

#include <set>

#include "core/job/line_edit.h"
#include "support/haybale_test.h"

namespace haybale::circuit {
namespace {

TEST(PlaceWords, TheLetterComesAfterTheWords) {
  const auto c = typicalCircuit("RR", "rear right");
  EXPECT_EQ(placeInWords(c, {Place::Kind::moduleSide, "C2"}),
            "the plug in the wheelhouse (C2), module half");
  EXPECT_EQ(placeForTitle(c, {Place::Kind::wheelSide, "C2"}), "the wheelhouse plug C2, wheel half");
  EXPECT_EQ(partInWords(c, "L2"), "the wires at the bend by the wheel (L2)");
  EXPECT_EQ(partInWords(c, "sensor"), "the sensor");
  EXPECT_EQ(placeInWords(c, {Place::Kind::modulePlug, "module"}), "the module's plug");
  EXPECT_EQ(placeInWords(c, {Place::Kind::along, "L1", 0}),
            "the module end of the wires in the cabin (L1)");
  EXPECT_EQ(placeInWords(c, {Place::Kind::along, "L1", 0.5}),
            "50 % along the wires in the cabin (L1)");
  EXPECT_EQ(partInWords(c, "no such part"), "no such part");
}

TEST(PlaceWords, TheShopsOwnLabelWins) {
  auto c = typicalCircuit("RR", "rear right");
  c.path[2].label = "the grey plug behind the tank";
  EXPECT_EQ(partInWords(c, c.path[2].id), "the grey plug behind the tank (" + c.path[2].id + ")");
}

TEST(PlaceWords, NoTwoPlacesOfALineHaveTheSameWords) {
  for (const auto& line : job::typicalLines()) {
    Circuit c = typicalCircuit("RR", "rear right");
    c.path = line.path;
    std::set<std::string> whole;
    std::set<std::string> shorter;
    for (const auto& place : reachablePlaces(c)) {
      EXPECT_TRUE(whole.insert(placeInWords(c, place)).second) << placeInWords(c, place);
      EXPECT_TRUE(shorter.insert(placeForTitle(c, place)).second) << placeForTitle(c, place);
    }
  }
}

}  // namespace
}  // namespace haybale::circuit
