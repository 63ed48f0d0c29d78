#include "core/job/test_json.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/job/case_json.h"

namespace haybale::job {

using circuit::Circuit;
using circuit::Test;
using circuit::TestKind;

namespace {

std::optional<circuit::Probe> readProbe(ObjectReader& in, std::string_view key, const Circuit& c) {
  const Json* json = in.object(key);
  if (!json) {
    return std::nullopt;
  }
  ObjectReader probe(*json, in.at(key));
  circuit::Probe out;
  const auto place = circuit::parsePlace(probe.text("place"), c);
  if (!place) {
    Error error = place.error();
    error.where = probe.at("place");
    in.fail(error);
    return std::nullopt;
  }
  out.place = *place;
  const int wire = probe.oneOf("wire", circuit::kWireNames);
  if (wire >= 0) {
    out.wire = static_cast<circuit::WireId>(wire);
  }
  if (probe.error()) {
    in.fail(*probe.error());
  }
  return out;
}

void readSwapAndDisturb(ObjectReader& state, Test& test, const Circuit& c) {
  if (const Json* json = state.object("swap")) {
    ObjectReader in(*json, state.at("swap"));
    circuit::Swap swap{in.text("sensor_of"), in.text("into"),
                       in.boolean("reversed").value_or(false)};
    if (swap.sensorOf.empty() || swap.into.empty() || swap.sensorOf == swap.into) {
      state.fail("swap", say("names no two circuits"),
                 say("sensor_of and into, two different circuits"));
    }
    test.state.swap = swap;
  }
  if (const Json* json = state.object("disturb")) {
    ObjectReader in(*json, state.at("disturb"));
    circuit::Disturb disturb;
    disturb.kind =
        static_cast<circuit::DisturbKind>(std::max(0, in.oneOf("kind", circuit::kDisturbNames)));
    disturb.element = in.text("element");
    if (!disturb.element.empty() && !c.find(disturb.element)) {
      state.fail(
          "disturb",
          "\"" + text::shortened(disturb.element, 40) + say("\" is not on the line of ") + c.name,
          say("name an element of its path, or leave it out for the whole circuit"));
    }
    test.state.disturb = disturb;
    if (in.error()) {
      state.fail("disturb", in.error()->what, in.error()->wanted);
    }
  }
}

void readInject(ObjectReader& state, Test& test, const Circuit& c) {
  const Json* json = state.object("inject");
  if (!json) {
    return;
  }
  ObjectReader in(*json, state.at("inject"));
  const auto place = circuit::parsePlace(in.text("place"), c);
  if (!place) {
    state.fail("inject", place.error().what, place.error().wanted);
    return;
  }
  circuit::Inject inject;
  inject.place = *place;
  inject.hz = in.number("hz", 0, 1e6).value_or(0);
  inject.peakToPeakV = in.number("volt_pp", 0, 1000).value_or(inject.peakToPeakV);
  test.state.inject = inject;
  if (in.error()) {
    state.fail("inject", in.error()->what, in.error()->wanted);
  }
}

void readState(ObjectReader& in, Test& test, const Circuit& c) {
  test.state.key = circuit::defaultKey(test.kind);
  const Json* json = in.object("state");
  if (!json) {
    return;
  }
  ObjectReader state(*json, in.at("state"));
  const int key = state.oneOf("key", std::array<std::string_view, 2>{"off", "on"});
  if (key >= 0) {
    test.state.key = static_cast<circuit::Key>(key);
  }
  test.state.batteryConnected =
      state.oneOf("battery", std::array<std::string_view, 2>{"disconnected", "connected"}) != 0;
  test.state.unplugged = state.texts("unplugged");
  for (const auto& id : test.state.unplugged) {
    if (!c.find(id)) {
      state.fail("unplugged",
                 "\"" + text::shortened(id, 40) + say("\" is not on the line of ") + c.name,
                 say("name its connectors, or module for its plug"));
    }
  }
  test.state.wheel = static_cast<circuit::WheelMotion>(
      std::max(state.oneOf("wheel", circuit::kWheelMotionNames), 0));
  test.state.speedKmh = state.number("speed_kmh", 0, 500);
  if (const Json* jumper = state.object("jumper")) {
    ObjectReader j(*jumper, state.at("jumper"));
    const auto place = circuit::parsePlace(j.text("place"), c);
    if (place) {
      test.state.jumper = *place;
    } else {
      state.fail("jumper", place.error().what, place.error().wanted);
    }
  }
  readSwapAndDisturb(state, test, c);
  readInject(state, test, c);
  test.stateRest = state.rest();
  if (state.error()) {
    in.fail(*state.error());
  }
}

// People write "21 W", "LED tester", "250 mA bulb"; what names neither of the first two is the
// usual bulb.
circuit::Lamp lampCalled(std::string_view name) {
  return name.find("led") != std::string_view::npos  ? circuit::Lamp::led
         : name.find("21") != std::string_view::npos ? circuit::Lamp::bulb21W
                                                     : circuit::Lamp::bulb250mA;
}

void readMeterUsed(ObjectReader& in, Test& test) {
  const Json* json = in.object("meter");
  if (!json) {
    return;
  }
  ObjectReader meter(*json, in.at("meter"));
  test.highestRange = meter.oneOf("range", std::array<std::string_view, 2>{"auto", "highest"}) == 1;
  test.inputOhm = meter.number("input_ohm", 1, 1e12);
  test.meterName = meter.text("name");
  test.lamp = lampCalled(text::lower(meter.text("lamp")));
  test.meterRest = meter.rest();
  if (meter.error()) {
    in.fail(*meter.error());
  }
}

Test readTest(ObjectReader& in, const Case& c) {
  Test test;
  const std::string kind = in.text("kind");
  const auto known =
      std::find(circuit::kTestKindNames.begin(), circuit::kTestKindNames.end(), kind);
  if (known == circuit::kTestKindNames.end()) {
    test.kind = TestKind::other;
    test.kindText = kind;
    if (kind.empty()) {
      in.fail("kind", say("is missing"), say("say what was measured, as resistance"));
    }
  } else {
    test.kind = static_cast<TestKind>(known - circuit::kTestKindNames.begin());
  }
  test.circuit = in.text(
      "circuit", c.suspect.empty() && !c.circuits.empty() ? c.circuits.front().name : c.suspect);
  const Circuit* circuit = c.find(test.circuit);
  if (!circuit) {
    in.fail("circuit",
            "\"" + text::shortened(test.circuit, 40) + say("\" is not one of the circuits"),
            say("name one of them"));
    return test;
  }
  test.red = readProbe(in, "red", *circuit);
  test.black = readProbe(in, "black", *circuit);
  readState(in, test, *circuit);
  readMeterUsed(in, test);
  test.looked = in.text("element");
  test.rest = in.rest();
  return test;
}

}  // namespace

Result<circuit::Test> readTestJson(const Json& json, const std::string& path, const Case& c) {
  ObjectReader in(json, path);
  Test test = readTest(in, c);
  return in.error() ? Result<Test>(*in.error()) : Result<Test>(std::move(test));
}

namespace {

std::optional<Origin> readOrigin(ObjectReader& in) {
  const Json* json = in.object("origin");
  if (!json) {
    return std::nullopt;
  }
  ObjectReader from(*json, in.at("origin"));
  Origin out;
  out.instrument = from.text("instrument");
  out.question = from.text("question");
  out.asked = from.text("asked");
  out.simulated = from.boolean("simulated").value_or(false);
  out.rest = from.rest();
  if (from.error()) {
    in.fail("origin", say("cannot be read"),
            "{\"instrument\": ..., \"question\": ..., \"asked\": ...}");
  }
  return out;
}

Json originJson(const Origin& origin) {
  Json out = Json::object();
  setIf(out, "instrument", origin.instrument);
  setIf(out, "question", origin.question);
  setIf(out, "asked", origin.asked);
  if (origin.simulated) {
    out["simulated"] = true;
  }
  appendRest(out, origin.rest);
  return out;
}

}  // namespace

Result<Evidence> readEvidence(const Json& json, const std::string& path, const Case& c) {
  ObjectReader in(json, path);
  Evidence evidence;
  evidence.id = in.text("id");
  evidence.time = in.text("time");
  evidence.note = in.text("note");
  evidence.withdrawn = in.boolean("withdrawn").value_or(false);
  evidence.attachments = in.texts("attachments");
  evidence.origin = readOrigin(in);
  const Json* test = in.object("test");
  const Json* reading = in.object("reading");
  if (!test || !reading) {
    in.fail(test ? "reading" : "test", say("is missing"),
            say("each piece of evidence has a test and its reading"));
    return *in.error();
  }
  ObjectReader testIn(*test, in.at("test"));
  evidence.test = readTest(testIn, c);
  auto read = readReadingJson(*reading, in.at("reading"), evidence.test.kind);
  evidence.rest = in.rest();
  for (const auto* part : {&in, &testIn}) {
    if (part->error()) {
      return *part->error();
    }
  }
  if (!read) {
    return read.error();
  }
  evidence.reading = std::move(*read);
  if (evidence.test.kind == TestKind::inspect && evidence.test.looked.empty() &&
      c.find(evidence.test.circuit)->find(evidence.reading.looked)) {
    // Said with what was seen; the test is the same as where it is said with the test.
    evidence.test.looked = evidence.reading.looked;
  }
  return evidence;
}

namespace {

Json probeJson(const circuit::Probe& probe) {
  Json out{{"place", circuit::toText(probe.place)}};
  if (probe.wire) {
    out["wire"] = circuit::kWireNames[static_cast<std::size_t>(*probe.wire)];
  }
  return out;
}

Json stateJson(const Test& test) {
  const auto& state = test.state;
  Json out{{"key", state.key == circuit::Key::on ? "on" : "off"}};
  if (!state.batteryConnected) {
    out["battery"] = "disconnected";
  }
  if (!state.unplugged.empty()) {
    out["unplugged"] = state.unplugged;
  }
  if (state.wheel != circuit::WheelMotion::still) {
    out["wheel"] = circuit::kWheelMotionNames[static_cast<std::size_t>(state.wheel)];
  }
  if (state.speedKmh) {
    out["speed_kmh"] = *state.speedKmh;
  }
  if (state.jumper) {
    out["jumper"] = {{"place", circuit::toText(*state.jumper)}};
  }
  if (state.inject) {
    out["inject"] = {{"place", circuit::toText(state.inject->place)},
                     {"hz", state.inject->hz},
                     {"volt_pp", state.inject->peakToPeakV}};
  }
  if (state.swap) {
    out["swap"] = {{"sensor_of", state.swap->sensorOf},
                   {"into", state.swap->into},
                   {"reversed", state.swap->reversed}};
  }
  if (state.disturb) {
    out["disturb"] = {
        {"kind", circuit::kDisturbNames[static_cast<std::size_t>(state.disturb->kind)]}};
    if (!state.disturb->element.empty()) {
      out["disturb"]["element"] = state.disturb->element;
    }
  }
  appendRest(out, test.stateRest);
  return out;
}

}  // namespace

Json testJson(const Test& test) {
  Json out;
  out["kind"] = test.kind == TestKind::other
                    ? test.kindText
                    : std::string(circuit::kTestKindNames[static_cast<std::size_t>(test.kind)]);
  out["circuit"] = test.circuit;
  if (test.red) {
    out["red"] = probeJson(*test.red);
  }
  if (test.black) {
    out["black"] = probeJson(*test.black);
  }
  if (!test.looked.empty()) {
    out["element"] = test.looked;
  }
  out["state"] = stateJson(test);
  Json meter = Json::object();
  if (test.highestRange) {
    meter["range"] = "highest";
  }
  if (test.lamp != circuit::Lamp::bulb250mA) {
    meter["lamp"] = circuit::kLampNames[static_cast<std::size_t>(test.lamp)];
  }
  if (test.inputOhm) {
    meter["input_ohm"] = *test.inputOhm;
  }
  if (!test.meterName.empty()) {
    meter["name"] = test.meterName;
  }
  appendRest(meter, test.meterRest);
  if (!meter.empty()) {
    out["meter"] = meter;
  }
  appendRest(out, test.rest);
  return out;
}

Json evidenceJson(const Evidence& e) {
  Json out;
  out["id"] = e.id;
  if (!e.time.empty()) {
    out["time"] = e.time;
  }
  out["test"] = testJson(e.test);
  out["reading"] = readingJson(e.reading, e.test.kind);
  if (!e.note.empty()) {
    out["note"] = e.note;
  }
  if (e.withdrawn) {
    out["withdrawn"] = true;
  }
  if (!e.attachments.empty()) {
    out["attachments"] = e.attachments;
  }
  if (e.origin) {
    out["origin"] = originJson(*e.origin);
  }
  appendRest(out, e.rest);
  return out;
}

}  // namespace haybale::job
