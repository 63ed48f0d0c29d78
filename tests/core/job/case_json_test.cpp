#include "core/job/case_json.h"

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/demo/demo.h"
#include "support/haybale_test.h"

namespace haybale::job {
namespace {

// As somebody else would write one by hand; with fields of a newer version at every level.
const char* const kByHand = R"({
  "format": "haybale-case", "version": 2, "weather": "rain",
  "job": { "title": "Creek crossing", "vehicle": "cart", "tyre": "195/65R15", "circumference_m": null, "fleet": 7 },
  "circuits": [ { "name": "RR", "location": "rear right", "shielded": true,
      "sensor": { "kind": "passive", "teeth": 48, "maker_mark": "hay" },
      "path": [ { "id": "module", "kind": "module", "zone": "engine-bay", "access_min": 4 },
                { "id": "L1", "kind": "leg", "length_m": 2.5, "area_mm2": 0.5, "zone": "cabin", "access_min": 6, "clips": 3 },
                { "id": "C1", "kind": "connector", "zone": "underbody" },
                { "id": "J1", "kind": "splice", "zone": "flex" },
                { "id": "L2", "kind": "leg", "length_m": 0.8 },
                { "id": "sensor", "kind": "sensor" }, { "id": "ring", "kind": "ring" } ],
      "wires": { "a": { "role": "signal", "colour": "GN/OG" }, "b": { "role": "return", "colour": "GN/BU", "twist": 30 } } },
    { "name": "RL", "sensor": null } ],
  "suspect": "RR",
  "complaint": { "when": ["wet"], "earlier_repair": ["L2"], "text": "lamp", "lamp": "abs" },
  "toolbox": ["multimeter"], "allowed": ["unplug"], "costs": { "hour": 90, "parts": { "sensor": 60 } },
  "evidence": [
    { "test": { "kind": "resistance", "circuit": "RR", "red": { "place": "module", "wire": "a" }, "black": { "place": "module", "wire": "b" },
                "state": { "unplugged": ["module"], "humidity": 90 }, "meter": { "range": "highest", "brand": "x" } },
      "reading": { "ohm": "OL" } },
    { "test": { "kind": "dc-voltage", "red": { "place": "C1.wheel-side", "wire": "a" } }, "reading": { "volt": 4.98 } },
    { "test": { "kind": "codes", "state": { "swap": { "sensor_of": "RL", "into": "RR" } } }, "reading": { "codes": [ { "circuit": "RR", "type": "open" } ] } },
    { "test": { "kind": "thermal-camera" }, "reading": { "celsius_map": [1, 2] }, "note": "warm", "withdrawn": true } ] })";

TEST(CaseFile, IsReadAsOthersWriteIt) {
  const auto c = parseCase(kByHand, "hand.json");
  ASSERT_HB_OK(c);
  EXPECT_EQ(c->title, "Creek crossing");
  EXPECT_NEAR(*c->rollingCircumferenceM(), 1.935, 0.005);
  EXPECT_EQ(c->circuits[0].path[3].kind, circuit::ElementKind::splice);
  EXPECT_EQ(c->circuits[1].path.size(), 7U) << "a line nobody described is a typical one";
  EXPECT_EQ(c->evidence[0].test.state.key, circuit::Key::off)
      << "resistance is measured with the key off unless said";
  EXPECT_EQ(c->evidence[1].test.state.key, circuit::Key::on);
  EXPECT_TRUE(c->evidence[0].reading.value->overload);
  EXPECT_TRUE(c->evidence[0].test.highestRange);
  EXPECT_EQ(c->evidence[1].test.circuit, "RR") << "left out: the suspect";
  EXPECT_EQ(c->evidence[1].reading.value->resolution, 0)
      << "a JSON number says nothing of the digits shown: the meter's own step counts";
  EXPECT_EQ(c->evidence[3].test.kind, circuit::TestKind::other);
  EXPECT_FALSE(c->limits.empty()) << "limits left out: common practice";
}

TEST(CaseFile, SavesWhatItLoadedAndKeepsWhatItDoesNotKnow) {
  const auto c = parseCase(kByHand, "hand.json");
  ASSERT_HB_OK(c);
  const std::string saved = caseText(*c);
  const auto again = parseCase(saved, "saved.json");
  ASSERT_HB_OK(again);
  EXPECT_EQ(caseText(*again), saved);
  const Json json = Json::parse(saved);
  EXPECT_EQ(json["version"], 2);
  EXPECT_EQ(json["weather"], "rain");
  EXPECT_EQ(json["job"]["fleet"], 7);
  EXPECT_EQ(json["costs"]["parts"]["sensor"], 60);
  EXPECT_EQ(json["circuits"][0]["shielded"], true);
  EXPECT_EQ(json["circuits"][0]["sensor"]["maker_mark"], "hay");
  EXPECT_EQ(json["circuits"][0]["path"][1]["clips"], 3);
  EXPECT_EQ(json["circuits"][0]["wires"]["b"]["twist"], 30);
  EXPECT_EQ(json["complaint"]["lamp"], "abs");
  EXPECT_EQ(json["evidence"][0]["test"]["state"]["humidity"], 90);
  EXPECT_EQ(json["evidence"][0]["test"]["meter"]["brand"], "x");
  EXPECT_EQ(json["evidence"][2]["test"]["state"]["swap"]["into"], "RR");
  EXPECT_EQ(json["evidence"][2]["reading"]["codes"][0]["type"], "open");
  EXPECT_EQ(json["evidence"][3]["test"]["kind"], "thermal-camera");
  EXPECT_EQ(json["evidence"][3]["reading"]["celsius_map"][1], 2);
  EXPECT_EQ(json["evidence"][3]["withdrawn"], true);
}

struct Broken {
  const char* from;
  const char* to;
  const char* says;
};

class BrokenCase : public testing::TestWithParam<Broken> {};

TEST_P(BrokenCase, NamesThePlaceAndWhatWouldBeRight) {
  std::string text = kByHand;
  const auto at = text.find(GetParam().from);
  ASSERT_NE(at, std::string::npos);
  text.replace(at, std::string(GetParam().from).size(), GetParam().to);
  const auto c = parseCase(text, "b.json");
  ASSERT_FALSE(c.ok());
  const std::string sentence = c.error().sentence();
  EXPECT_NE(sentence.find(GetParam().says), std::string::npos) << sentence;
  EXPECT_TRUE(sentence.starts_with("b.json")) << sentence;
  EXPECT_EQ(sentence.find('\n'), std::string::npos);
}

INSTANTIATE_TEST_SUITE_P(
    Slips, BrokenCase,
    testing::Values(Broken{"\"haybale-case\"", "\"other\"", "format"},
                    Broken{"\"kind\": \"leg\"", "\"kind\": \"log\"", "circuits[0].path[1].kind"},
                    Broken{"\"zone\": \"cabin\"", "\"zone\": \"attic\"", "one of unknown cabin"},
                    Broken{"\"id\": \"C1\"", "\"id\": \"L1\"", "twice"},
                    Broken{"\"suspect\": \"RR\"", "\"suspect\": \"XX\"", "suspect"},
                    Broken{"\"place\": \"C1.wheel-side\"", "\"place\": \"C7\"",
                           "evidence[1].test.red.place"},
                    Broken{"4.98", "\"4.98\"", "is not a reading"},
                    Broken{"{ \"volt\": 4.98 }", "{}", "evidence[1].reading.volt"},
                    Broken{"\"length_m\": 2.5", "\"length_m\": -1", "out of range"},
                    Broken{"\"teeth\": 48", "\"teeth\": \"48\"", "not a number"},
                    Broken{"[\"module\"]", "[\"C9\"]", "unplugged"},
                    Broken{"\"name\": \"RL\"", "\"name\": \"RR\"", "two circuits"},
                    Broken{"\"circuits\": [", "\"circuits\": [ ,", "b.json:4"},
                    Broken{"\"when\": [\"wet\"]", "\"when\": \"wet\"", "complaint.when"}));

TEST(CaseFile, DeepNestingAndOtherTextAreRefused) {
  EXPECT_FALSE(parseCase(std::string(100000, '['), "x").ok());
  EXPECT_FALSE(parseCase("", "x").ok());
  EXPECT_FALSE(parseCase("[]", "x").ok());
  EXPECT_FALSE(parseCase("\xFF\xFE\x00", "x").ok());
  EXPECT_FALSE(loadCase("/no/such.json").ok());
}

TEST(CaseFile, SurvivesMutations) {
  const std::string sound = caseText(*parseCase(kByHand, "x"));
  unsigned seed = 3;
  const auto next = [&seed] { return (seed = seed * 1664525U + 1013904223U) >> 8; };
  int refused = 0;
  for (int round = 0; round < 1500; ++round) {
    std::string text = sound;
    for (unsigned k = 0; k < 1 + next() % 3; ++k) {
      const std::size_t at = next() % text.size();
      const unsigned how = next() % 4;
      how == 0   ? void(text.erase(at, 1 + next() % 40))
      : how == 1 ? void(text.insert(at, text.substr(next() % text.size(), 20)))
                 : void(text[at] = static_cast<char>(32 + next() % 96));
    }
    const auto c = parseCase(text, "m.json");
    if (!c.ok()) {
      ++refused;
      ASSERT_TRUE(c.error().sentence().starts_with("m.json"));
    } else {
      ASSERT_TRUE(parseCase(caseText(*c), "again").ok());
    }
  }
  EXPECT_GT(refused, 500);
}

TEST(AtomicFile, ReplacesWholeAndLeavesTheOldOneOnFailure) {
  const test::Folder folder;
  const std::string path = folder.file("a.json");
  ASSERT_HB_OK(writeFileAtomically(path, "one"));
  ASSERT_HB_OK(writeFileAtomically(path, "two"));
  EXPECT_EQ(test::read(path), "two");
  EXPECT_EQ(std::distance(std::filesystem::directory_iterator(folder.path()), {}), 1)
      << "nothing is left beside it";
  EXPECT_FALSE(writeFileAtomically(folder.file("no/such/folder.json"), "x").ok());
  // /dev/full accepts no byte: the disk is full.
  std::filesystem::create_symlink("/dev/full", folder.file("full.part"));
  EXPECT_FALSE(readFile(folder.path()).ok());
  EXPECT_EQ(*readFile(path), "two");
}

TEST(Demo, TheFilesInTheTreeAreWhatTheGeneratorMakes) {
  for (const auto& file : demoFiles()) {
    EXPECT_TRUE(test::read(std::string(HAYBALE_SOURCE_DIR) + "/demo/" + file.name) == file.bytes)
        << file.name << ": run haybale-cli demo demo";
  }
}

}  // namespace
}  // namespace haybale::job
