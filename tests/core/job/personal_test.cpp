// What is about a person goes, what was measured stays. Common practice, no source.
#include "core/job/personal.h"

#include <gtest/gtest.h>

#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/job/search_text.h"
#include "support/haybale_test.h"

namespace haybale::job {
namespace {

Case ofAnna() {
  Case c = newCase();
  c.title = "Lorry of Anna Bergmann, HB-12 34";
  c.owner = "Anna Bergmann";
  c.plate = "HB 1234";
  c.vehicle = "Bale lorry, grey";
  c.complaint.text = "Mrs Bergmann says the lamp comes on. Plate hb1234. Bergmannstal is wet.";
  c.repair.decision = "Anna wants the sensor only";
  Evidence e;
  e.id = "e1";
  e.test.circuit = c.suspect;
  e.test.kind = circuit::TestKind::resistance;
  e.test.red = circuit::Probe{{}, circuit::WireId::a};
  e.test.black = circuit::Probe{{}, circuit::WireId::b};
  e.reading.value = units::Entry{};
  e.reading.value->value = 1234;
  e.note = "told Anna Bergmann";
  c.evidence.push_back(e);
  return c;
}

Case erased(const Case& c) {
  const Json written = toJson(c);
  auto back = fromJson(withoutPersonal(written, personalWords(written)), "erased");
  EXPECT_TRUE(back.ok()) << (back ? "" : back.error().sentence());
  return back ? *back : Case{};
}

TEST(Personal, TheNameAndThePlateGoWhereverTheyWereWritten) {
  const Case c = erased(ofAnna());
  EXPECT_EQ(c.owner, "");
  EXPECT_EQ(c.plate, "");
  EXPECT_EQ(c.title, "Lorry of ..., ...");
  EXPECT_EQ(c.complaint.text, "Mrs ... says the lamp comes on. Plate .... Bergmannstal is wet.");
  EXPECT_EQ(c.repair.decision, "");
  EXPECT_EQ(c.evidence.at(0).note, "told ...");
  EXPECT_EQ(c.vehicle, "Bale lorry, grey");
}

TEST(Personal, WhatWasMeasuredStaysAsItWas) {
  const Case before = *asReopened(ofAnna());
  const Case after = erased(before);
  ASSERT_EQ(after.evidence.size(), 1U);
  EXPECT_EQ(after.evidence[0].test, before.evidence[0].test);
  EXPECT_EQ(after.evidence[0].reading, before.evidence[0].reading);
  EXPECT_EQ(after.circuits, before.circuits);
  EXPECT_EQ(erased(after), after) << "a second time changes nothing";
}

// An owner who is called like a circuit takes no circuit away.
TEST(Personal, NamesThatHoldTheCaseTogetherStay) {
  Case c = ofAnna();
  c.owner = c.suspect;
  const Case after = erased(c);
  EXPECT_EQ(after.suspect, c.suspect);
  EXPECT_EQ(after.circuits, c.circuits);
  EXPECT_EQ(after.evidence.at(0).test.circuit, c.suspect);
}

TEST(Personal, AWordIsFoundWholeOnly) {
  EXPECT_EQ(withoutWords("limit li Li.", {"Li"}), "limit ... ....");
  EXPECT_EQ(withoutWords("AB 12, AB-12, ab12, AB123", {"AB 12"}), "..., ..., ..., AB123");
  EXPECT_EQ(withoutWords("as it was", {"", "  ", "-"}), "as it was");
  EXPECT_EQ(withoutWords("hay of the Hay Yard", {"Hay Yard"}), "hay of the ...")
      << "a short part of a name is a word of its own";
}

TEST(Personal, TheyAreFoundBySearchUntilThen) {
  const Case before = ofAnna();
  EXPECT_NE(searchText(before).find("HB 1234"), std::string::npos);
  const std::string after = searchText(erased(before));
  EXPECT_EQ(after.find("HB"), std::string::npos);
  EXPECT_EQ(after.find("Bergmann says"), std::string::npos);
}

}  // namespace
}  // namespace haybale::job
