// The course of a job in its file: intake, repair, proof, closing, what was learnt.
#include "core/job/course_json.h"

#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/job/search_text.h"
#include "support/haybale_test.h"

namespace haybale::job {
namespace {

const char* const kCourse = R"({
  "format": "haybale-case", "version": 1, "circuits": [ { "name": "RR" } ],
  "intake": { "lamps": ["abs"], "basics": { "battery": "good", "module-power": "bad" },
    "module": "M-4711", "sensor_part": "S-12", "weather": "fog",
    "codes": [ { "code": "C0050-13", "circuit": "RR", "meaning": "open", "status": "history", "count": 4,
                 "freeze": "31 km/h, braking", "page": 2 } ] },
  "repair": { "decision": "mend the wiring", "element": "L2", "fault": "open", "school": "solder", "done": ["L2.splice"],
    "notes": { "sensor.torque": "8" }, "sealed": ["RR L2@0.50 a"], "photo": "x" },
  "proof": [ { "test": { "kind": "codes", "circuit": "RR" }, "reading": { "codes": [] } } ],
  "closing": { "date": "2026-11-20T10:00:00", "circuit": "RR", "element": "L2", "kind": "leg", "zone": "flex",
    "fault": "open", "wire": "b", "minutes": 31.5, "proved": true, "comeback": true, "mileage": 1 },
  "learnt": { "jobs": 12, "counts": { "leg/flex": 7, "sensor": 5 } } })";

TEST(Course, IsReadAndSavedAgainWhole) {
  const auto c = parseCase(kCourse, "course.json");
  ASSERT_HB_OK(c);
  EXPECT_TRUE(c->intake.codesKept());
  EXPECT_EQ(c->intake.codes[0].count, 4);
  EXPECT_EQ(c->intake.basics.at("module-power"), "bad");
  EXPECT_EQ(c->repair.school, "solder");
  EXPECT_EQ(c->repair.fault, "open");
  EXPECT_EQ(c->repair.notes.at("sensor.torque"), "8");
  ASSERT_EQ(c->proof.size(), 1U);
  EXPECT_EQ(c->proof[0].id, "p1");
  EXPECT_TRUE(c->closing.closed());
  EXPECT_EQ(c->closing.minutes, 31.5);
  EXPECT_EQ(c->learnt.counts.at("leg/flex"), 7);
  const auto again = parseCase(caseText(*c), "again.json");
  ASSERT_HB_OK(again);
  EXPECT_EQ(toJson(*again), toJson(*c));
  const auto json = toJson(*again);
  // Members of a newer version are kept at every level.
  EXPECT_EQ(json["intake"]["weather"], "fog");
  EXPECT_EQ(json["intake"]["codes"][0]["page"], 2);
  EXPECT_EQ(json["repair"]["photo"], "x");
  EXPECT_EQ(json["closing"]["mileage"], 1);
}

TEST(Course, AJobWithoutItSavesNothingOfIt) {
  const auto json = toJson(newCase());
  for (const char* key : {"intake", "repair", "proof", "closing", "learnt"}) {
    EXPECT_FALSE(json.contains(key)) << key;
  }
}

TEST(Course, WhatIsWrongIsNamed) {
  const std::pair<const char*, const char*> all[] = {
      {R"("intake": { "codes": [ { "status": "asleep" } ] })", "intake.codes[0].status"},
      {R"("intake": { "basics": { "battery": "meh" } })", "basics.battery"},
      {R"("intake": [])", "intake"},
      {R"("repair": { "school": "glue" })", "repair.school"},
      {R"("closing": { "minutes": -3 })", "closing.minutes"},
      {R"("learnt": { "jobs": 3, "counts": { "leg/flex": "many" } })", "learnt.counts.leg/flex"},
      {R"("proof": [ { "reading": {} } ])", "proof[0]"},
  };
  for (const auto& [member, where] : all) {
    const auto c = parseCase(
        std::string(R"({"format":"haybale-case","circuits":[{"name":"RR"}],)") + member + "}",
        "bad.json");
    ASSERT_FALSE(c.ok()) << member;
    EXPECT_NE(c.error().sentence().find(where), std::string::npos) << c.error().sentence();
  }
}

TEST(Course, EveryWordOfItIsFound) {
  const auto c = parseCase(kCourse, "course.json");
  ASSERT_HB_OK(c);
  const std::string text = searchText(*c);
  for (const char* word :
       {"C0050-13", "braking", "M-4711", "S-12", "flex", "mend the wiring", "RR"}) {
    EXPECT_NE(text.find(word), std::string::npos) << word;
  }
}

}  // namespace
}  // namespace haybale::job
