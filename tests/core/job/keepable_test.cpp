// What is kept can be opened: every typed line that is taken, every sequence of edits. More of them
// with HAYBALE_EDITS (sequences) and HAYBALE_LINES.
#include <cmath>
#include <cstdlib>
#include <random>

#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/job/line_edit.h"
#include "core/job/reading_line.h"
#include "support/haybale_test.h"

namespace haybale::job {
namespace {

using circuit::ElementKind;

std::string pick(std::mt19937& random, std::initializer_list<const char*> of) {
  return *(of.begin() + static_cast<std::ptrdiff_t>(random() % of.size()));
}

// Anything somebody, or a meter, might write.
std::string anyLine(std::mt19937& random) {
  const auto value = [&]() -> std::string {
    switch (random() % 4) {
      case 0:
        return pick(random, {"OL",      "1100",   "4.98V",  "4M8",   "-0.3",   "-0.08 ohm",
                             "9.91E37", "9.9E37", "-1e30V", "1e300", "0",      "555555555555555",
                             "7mA",     "-7mA",   "0.41V",  "1,07k", "inf",    "nan",
                             "1e12",    "1e12k",  "-5",     "+3",    "1e-320", "0.0000000001",
                             "52Hz",    "-52Hz",  "1e10Hz", "80C",   "300C",   "-70C"});
      case 1:
        return std::to_string(static_cast<int>(random() % 100000) - 1000);
      case 2:
        return std::to_string(
            std::ldexp(static_cast<double>(random()), static_cast<int>(random() % 80) - 60));
      default:
        return pick(random, {"lit", "dim", "dark", "1k1", "2R2", "1100 at 300C", "1100 at 80C"});
    }
  };
  std::string line;
  for (int n = 1 + static_cast<int>(random() % 6); n > 0; --n) {
    line += random() % 2 == 0 ? value()
                              : pick(random, {"C1",
                                              "C2.w",
                                              "module",
                                              "sensor",
                                              "L2@0.5",
                                              "L9@2",
                                              "a",
                                              "b",
                                              "c",
                                              "pair",
                                              "gnd",
                                              "bat",
                                              "key on",
                                              "key off",
                                              "plugged",
                                              "unplugged",
                                              "unplugged C1 C2",
                                              "jumper C2",
                                              "battery off",
                                              "still",
                                              "spun",
                                              "driven",
                                              "dc",
                                              "ac",
                                              "ohms",
                                              "loop",
                                              "lamp",
                                              "led",
                                              "21w",
                                              "highest",
                                              "at 21C",
                                              "S1"});
    line += ' ';
  }
  return line;
}

TEST(Keepable, EveryTypedLineThatIsTakenCanBeOpenedAgain) {
  std::mt19937 random(13);
  const Case base = newCase();
  const char* asked = std::getenv("HAYBALE_LINES");
  const int lines = asked ? std::atoi(asked) : 4000;
  int taken = 0;
  for (int n = 0; n < lines; ++n) {
    const std::string line = anyLine(random);
    const auto& circuit = base.circuits[random() % base.circuits.size()];
    const auto chosen = defaultTest(circuit, {circuit::Place::Kind::modulePlug, circuit.path[0].id},
                                    static_cast<circuit::TestKind>(random() % 5));
    const auto typed = parseReadingLine(line, circuit, chosen);
    if (!typed) {
      continue;
    }
    ++taken;
    Case c;
    c.circuits = base.circuits;
    c.suspect = base.suspect;
    Evidence e;
    e.id = "e1";
    e.test = typed->test;
    e.reading = typed->reading;
    c.evidence = {e};
    const auto again = parseCase(caseText(c), "again");
    ASSERT_TRUE(again.ok()) << line << ": " << again.error().sentence();
    ASSERT_EQ(again->evidence[0].reading.value.has_value(), e.reading.value.has_value()) << line;
    if (e.reading.value && !e.reading.value->overload) {
      ASSERT_EQ(again->evidence[0].reading.value->value, e.reading.value->value) << line;
    }
  }
  EXPECT_GT(taken, lines / 8) << "the lines must be worth typing";
}

// One edit as the window offers it; refused ones change nothing.
void anyEdit(Case& c, std::mt19937& random) {
  auto& circuit = c.circuits[random() % c.circuits.size()];
  const std::size_t index = random() % circuit.path.size();
  switch (random() % 13) {
    case 12:
      if (!c.evidence.empty()) {
        static const char* const words[] = {"", "Yard meter, serial 11", "\"\\", "\xc3\xb6"};
        c.evidence.back().origin = Origin{
            words[random() % 4], words[random() % 4], words[random() % 4], random() % 2 == 0, {}};
      }
      return;
    case 0:
      (void)insertInLine(c, circuit.name, index,
                         random() % 2 == 0 ? ElementKind::connector : ElementKind::splice);
      return;
    case 1:
      (void)removeFromLine(c, circuit.name, index);
      return;
    case 2:
      (void)moveInLine(c, circuit.name, index, random() % 2 == 0 ? 1 : -1);
      return;
    case 3:
      (void)renameInLine(c, circuit.name, index,
                         pick(random, {"X", "plug 7", "", "C1", "a b@c",
                                       "\xC3\xBC"
                                       "ber",
                                       "\"", "L2@0.5"}));
      return;
    case 4: {
      Evidence e;
      e.id = c.nextEvidenceId();
      e.test.circuit = circuit.name;
      e.test.kind = circuit::TestKind::wiggle;
      e.test.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, circuit.path[index].id};
      e.reading.reacts = random() % 2 == 0;
      c.evidence.push_back(e);
      return;
    }
    case 5: {
      Evidence e;
      e.id = c.nextEvidenceId();
      e.test.circuit = circuit.name;
      e.test.kind = circuit::TestKind::inspect;
      e.test.looked = circuit.path[index].id;
      e.reading.sight = static_cast<Sight>(random() % kSightNames.size());
      c.evidence.push_back(e);
      return;
    }
    case 6:
      if (!c.evidence.empty()) {
        c.evidence.erase(c.evidence.begin() +
                         static_cast<std::ptrdiff_t>(random() % c.evidence.size()));
      }
      return;
    case 7:
      if (!c.limits.empty()) {
        auto& limit = c.limits[random() % c.limits.size()];
        limit.min = static_cast<double>(random() % 2000);
        limit.max = static_cast<double>(random() % 2000);
      }
      return;
    case 8:
      c.title = pick(random, {"", "Lamp", "\xFF\xFE", "a\nb", "\"quoted\"", "x\\y"});
      c.complaint.when = {pick(random, {"always", "wet", "bump"})};
      return;
    case 9:
      c.suspect = circuit.name;
      c.history.push_back(
          {circuit.name, circuit.path[index].id, Work::replaced, "", false, false, {}});
      return;
    default: {
      const auto chosen =
          defaultTest(circuit, {circuit::Place::Kind::modulePlug, circuit.path[0].id},
                      circuit::TestKind::resistance);
      if (const auto typed = parseReadingLine(anyLine(random), circuit, chosen)) {
        Evidence e;
        e.id = c.nextEvidenceId();
        e.test = typed->test;
        e.reading = typed->reading;
        (random() % 4 == 0 ? c.proof : c.evidence).push_back(e);
      }
    }
  }
}

TEST(Keepable, EverySequenceOfEditsIsWrittenReadAndEqual) {
  const char* asked = std::getenv("HAYBALE_EDITS");
  const int sequences = asked ? std::atoi(asked) : 40;
  int refused = 0;
  for (int s = 0; s < sequences; ++s) {
    std::mt19937 random(static_cast<unsigned>(s));
    Case c = *asReopened(newCase());
    for (int n = 3 + static_cast<int>(random() % 10); n > 0; --n) {
      Case after = c;
      anyEdit(after, random);
      auto kept = asReopened(after);
      if (!kept) {
        ++refused;
        continue;  // as the window: said, and nothing changes
      }
      c = std::move(*kept);
    }
    const std::string text = caseText(c);
    const auto again = parseCase(text, "again");
    ASSERT_TRUE(again.ok()) << "sequence " << s << ": " << again.error().sentence();
    ASSERT_TRUE(*again == c) << "sequence " << s;
    ASSERT_EQ(caseText(*again), text) << "sequence " << s;
  }
  EXPECT_LT(refused, sequences * 4) << "most edits must be possible";
}

TEST(Keepable, ADamagedEntryIsKeptAsideAndTheRestOpens) {
  Case c = newCase();
  Evidence e;
  e.id = "e1";
  e.test.circuit = "RR";
  e.reading.value = units::Entry{1100, false, units::Unit::ohm, false, 1};
  c.evidence = {e, e};
  c.evidence[1].id = "e2";
  Json json = toJson(c);
  json["evidence"][0]["reading"]["ohm"] = "hay";
  EXPECT_FALSE(fromJson(json, "x").ok()) << "a script wants to know";
  const auto opened = fromJson(json, "x", Damaged::kept);
  ASSERT_TRUE(opened.ok());
  ASSERT_EQ(opened->evidence.size(), 1U);
  EXPECT_EQ(opened->evidence[0].id, "e2");
  ASSERT_EQ(opened->unreadable.size(), 1U);
  EXPECT_NE(opened->unreadable[0].why.find("hay"), std::string::npos);
  // Written again it lies aside, and opens for everybody.
  const auto again = parseCase(caseText(*opened), "again");
  ASSERT_TRUE(again.ok()) << again.error().sentence();
  EXPECT_TRUE(*again == *opened);
  EXPECT_EQ(Json::parse(again->unreadable[0].written), json["evidence"][0]);
}

TEST(Keepable, WhatReadingsHangOnFollowsARename) {
  Case c = newCase();
  const auto& path = c.find("RR")->path;
  std::size_t leg = 0;
  while (path[leg].kind != ElementKind::leg) {
    ++leg;
  }
  const std::string old = path[leg].id;
  Evidence e;
  e.id = "e1";
  e.test.circuit = "RR";
  e.test.kind = circuit::TestKind::wiggle;
  e.test.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, old};
  e.reading.reacts = true;
  c.evidence = {e};
  EXPECT_FALSE(removeFromLine(c, "RR", leg).ok()) << "a wiggle hangs on it";
  ASSERT_TRUE(renameInLine(c, "RR", leg, "loom").ok());
  EXPECT_EQ(c.evidence[0].test.state.disturb->element, "loom");
  EXPECT_TRUE(asReopened(c).ok());
}

// Keys that keep their order are sought one by one: too many are refused before the parser sees
// them.
TEST(Keepable, AnObjectOfTooManyMembersIsRefusedAtOnce) {
  std::string text = R"({"format":"haybale-case","circuits":[{"name":"RR"}])";
  for (int n = 0; n < 100000; ++n) {
    text += ",\"k" + std::to_string(n) + "\":1";
  }
  const auto wide = parseCase(text + "}", "wide.json");
  ASSERT_FALSE(wide.ok());
  EXPECT_NE(wide.error().sentence().find("members"), std::string::npos);
  std::string many = R"({"format":"haybale-case","circuits":[{"name":"W"})";
  for (int n = 0; n < 500; ++n) {
    many += R"(,{"name":"W)" + std::to_string(n) + "\"}";
  }
  EXPECT_NE(parseCase(many + "]}", "many.json").error().sentence().find("at most 500"),
            std::string::npos);
  // A long list is none.
  std::string list =
      R"({"format":"haybale-case","circuits":[{"name":"RR"}],"of_a_newer_version":[0)";
  for (int n = 0; n < 100000; ++n) {
    list += ",1";
  }
  EXPECT_TRUE(parseCase(list + "]}", "list.json").ok());
}

TEST(Keepable, DifferencesAreSaid) {
  const Case ours = newCase();
  Case theirs = ours;
  EXPECT_TRUE(differences(ours, theirs).empty());
  theirs.evidence.push_back({});
  theirs.title = "other";
  const auto found = differences(ours, theirs);
  ASSERT_EQ(found.size(), 2U);
  EXPECT_EQ(found[0], "evidence: 0 readings only here, one reading only there");
}

}  // namespace
}  // namespace haybale::job
