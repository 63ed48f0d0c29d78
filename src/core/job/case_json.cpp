#include "core/job/case_json.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <set>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/text.h"
#include "core/base/uuid.h"
#include "core/job/course_json.h"
#include "core/job/test_json.h"
#include "core/judging/limit_json.h"

namespace haybale::job {

using circuit::Circuit;
using circuit::Element;

namespace {

Element readElement(ObjectReader& in) {
  Element e;
  e.id = in.text("id");
  const int kind = in.oneOf("kind", circuit::kElementKindNames);
  if (kind < 0 && !in.error()) {
    in.fail("kind", "is missing", "say module, leg, connector, splice, sensor or ring");
  }
  e.kind = static_cast<circuit::ElementKind>(std::max(kind, 0));
  e.zone = static_cast<circuit::Zone>(std::max(in.oneOf("zone", circuit::kZoneNames), 0));
  e.accessMinutes = in.number("access_min", 0, 1e5).value_or(5);
  e.lengthM = in.number("length_m", 0, 1000);
  e.areaMm2 = in.number("area_mm2", 1e-3, 1000);
  e.label = in.text("label");
  e.rest = in.rest();
  return e;
}

void readWires(ObjectReader& in, Circuit& c) {
  const Json* wires = in.object("wires");
  if (!wires) {
    return;
  }
  for (std::size_t w = 0; w < circuit::kWireNames.size(); ++w) {
    const auto it = wires->find(circuit::kWireNames[w]);
    if (it == wires->end() || it->is_null()) {
      continue;
    }
    ObjectReader wire(*it, in.at("wires") + "." + std::string(circuit::kWireNames[w]));
    c.wires[w].role = wire.text("role");
    c.wires[w].colour = wire.text("colour");
    c.wires[w].rest = wire.rest();
    if (wire.error()) {
      in.fail(*wire.error());
    }
  }
}

// Limits of one circuit by short names, in plain units.
struct OwnLimit {
  const char* name;
  judging::Quantity quantity;
  double unit;  ///< of the file over that of the limit
};
constexpr std::array<OwnLimit, 6> kOwnLimits{
    {{"coil_ohm", judging::Quantity::coilResistance, 1},
     {"insulation_ohm", judging::Quantity::wireInsulation, 1},
     {"continuity_ohm", judging::Quantity::wireContinuity, 1},
     {"ac_volt", judging::Quantity::acOutput, 1},
     {"bias_volt", judging::Quantity::biasUnplugged, 1},
     {"flux_mwb", judging::Quantity::fluxSwing, 1e-3}}};

void readOwnLimits(ObjectReader& in, Circuit& c) {
  const Json* json = in.object("limits");
  if (!json) {
    return;
  }
  ObjectReader limits(*json, in.at("limits"));
  for (const auto& own : kOwnLimits) {
    const Json* one = limits.object(own.name);
    if (!one) {
      continue;
    }
    ObjectReader l(*one, limits.at(own.name));
    judging::Limit limit;
    limit.quantity = own.quantity;
    const auto number = [&](const char* key) {
      const auto value = l.number(key, 0, 1e12);
      return value ? std::optional(*value * own.unit) : std::nullopt;
    };
    limit.min = number("min");
    limit.max = number("max");
    limit.atCelsius = l.number("at_celsius", -60, 250);
    limit.source = l.text("source");
    limit.provenance = judging::Provenance::serviceInformation;
    limit.rest = l.rest();
    if (limit.min && limit.max && *limit.min > *limit.max) {
      l.fail("min", "is above the maximum", "the smaller of the two as min");
    }
    if (l.error()) {
      limits.fail(*l.error());
    }
    c.limits.push_back(limit);
  }
  if (limits.error()) {
    in.fail(*limits.error());
  }
}

Json ownLimitsJson(const Circuit& c) {
  Json out = Json::object();
  for (const auto& limit : c.limits) {
    for (const auto& own : kOwnLimits) {
      if (own.quantity != limit.quantity) {
        continue;
      }
      Json one = Json::object();
      const auto put = [&](const char* key, const std::optional<double>& value) {
        setIf(one, key, value ? std::optional(*value / own.unit) : value);
      };
      put("min", limit.min);
      put("max", limit.max);
      setIf(one, "at_celsius", limit.atCelsius);
      setIf(one, "source", limit.source);
      appendRest(one, limit.rest);
      out[own.name] = one;
    }
  }
  return out;
}

Result<Circuit> readCircuit(const Json& json, const std::string& path) {
  ObjectReader in(json, path);
  Circuit c;
  c.name = in.text("name");
  c.location = in.text("location");
  if (const Json* sensor = in.object("sensor")) {
    ObjectReader s(*sensor, in.at("sensor"));
    c.sensor.kind =
        static_cast<circuit::SensorKind>(std::max(s.oneOf("kind", circuit::kSensorKindNames), 0));
    if (const auto teeth = s.number("teeth", 1, 2000)) {
      c.sensor.teeth = static_cast<int>(std::lround(*teeth));
    }
    c.sensor.rest = s.rest();
    if (s.error()) {
      in.fail(*s.error());
    }
  }
  readWires(in, c);
  c.group = in.text("group");
  readOwnLimits(in, c);
  if (const Json* elements = in.array("path")) {
    for (std::size_t i = 0; i < elements->size(); ++i) {
      ObjectReader e((*elements)[i], fmt::format("{}[{}]", in.at("path"), i));
      c.path.push_back(readElement(e));
      if (e.error()) {
        return *e.error();
      }
    }
  } else {
    c.path = circuit::typicalCircuit(c.name, c.location).path;
  }
  c.rest = in.rest();
  if (in.error()) {
    return *in.error();
  }
  if (c.name.empty()) {
    return Error{in.at("name"), std::nullopt, "a circuit has no name", "give it one, as \"RR\""};
  }
  if (auto status = circuit::checkPath(c, in.at("path")); !status) {
    return status.error();
  }
  return c;
}

void readJob(ObjectReader& in, Case& c) {
  const Json* json = in.object("job");
  if (!json) {
    return;
  }
  ObjectReader job(*json, "job");
  c.title = job.text("title");
  c.vehicle = job.text("vehicle");
  c.tyre = job.text("tyre");
  c.circumferenceM = job.number("circumference_m", 0.1, 20);
  c.jobRest = job.rest();
  if (job.error()) {
    in.fail(*job.error());
  }
}

void readCosts(ObjectReader& in, Case& c) {
  const Json* json = in.object("costs");
  if (!json) {
    return;
  }
  ObjectReader costs(*json, "costs");
  constexpr double kMost = 1e6;
  c.costs.hour = costs.number("hour", 0, kMost).value_or(c.costs.hour);
  if (const Json* parts = costs.object("parts")) {
    ObjectReader p(*parts, "costs.parts");
    c.costs.sensor = p.number("sensor", 0, kMost).value_or(c.costs.sensor);
    c.costs.ring = p.number("ring", 0, kMost).value_or(c.costs.ring);
    c.costs.jumper = p.number("jumper", 0, kMost).value_or(c.costs.jumper);
    c.costs.module = p.number("module", 0, kMost).value_or(c.costs.module);
    if (p.error()) {
      in.fail(*p.error());
    }
  }
  c.costs.rest = costs.rest();
  if (costs.error()) {
    in.fail(*costs.error());
  }
}

void readComplaint(ObjectReader& in, Case& c) {
  const Json* json = in.object("complaint");
  if (!json) {
    return;
  }
  ObjectReader complaint(*json, "complaint");
  c.complaint.when = complaint.texts("when");
  c.complaint.earlierRepair = complaint.texts("earlier_repair");
  c.complaint.text = complaint.text("text");
  c.complaint.lift = complaint.boolean("lift").value_or(false);
  c.complaint.rest = complaint.rest();
  if (complaint.error()) {
    in.fail(*complaint.error());
  }
}

Status readCircuits(ObjectReader& in, Case& c) {
  const Json* circuits = in.array("circuits");
  for (std::size_t i = 0; circuits && i < circuits->size(); ++i) {
    auto one = readCircuit((*circuits)[i], fmt::format("circuits[{}]", i));
    if (!one) {
      return one.error();
    }
    if (c.find(one->name)) {
      return Error{fmt::format("circuits[{}].name", i), std::nullopt,
                   "\"" + one->name + "\" is the name of two circuits", "name each circuit once"};
    }
    c.circuits.push_back(std::move(*one));
  }
  if (in.error()) {
    return *in.error();
  }
  if (c.circuits.empty()) {
    return Error{"circuits", std::nullopt, "no circuit is described",
                 "list at least one, with a name"};
  }
  return Done{};
}

Status readSuspect(ObjectReader& in, Case& c) {
  c.suspect = in.text("suspect", c.circuits.front().name);
  if (!c.find(c.suspect)) {
    return Error{"suspect", std::nullopt,
                 "\"" + text::shortened(c.suspect, 40) + "\" is not one of the circuits",
                 "name one of them"};
  }
  return Done{};
}

Status readLimits(ObjectReader& in, Case& c) {
  const Json* limits = in.array("limits");
  if (!limits) {
    c.limits = commonLimits();
    return Done{};
  }
  for (std::size_t i = 0; i < limits->size(); ++i) {
    auto one = judging::readLimit((*limits)[i], fmt::format("limits[{}]", i));
    if (!one) {
      return one.error();
    }
    c.limits.push_back(std::move(*one));
  }
  return Done{};
}

Status readMeter(ObjectReader& in, Case& c) {
  if (const Json* json = in.object("meter")) {
    auto meter = circuit::readMeterJson(*json, "meter");
    if (!meter) {
      return meter.error();
    }
    c.meter = std::move(*meter);
  }
  return Done{};
}

// What lay aside as unreadable goes on lying there.
Status readUnreadable(ObjectReader& in, Case& c) {
  const Json* list = in.array("unreadable");
  for (std::size_t i = 0; list && i < list->size(); ++i) {
    ObjectReader one((*list)[i], fmt::format("unreadable[{}]", i));
    const Json* written = one.any("written");
    Unreadable u;
    u.written = (written ? *written : Json()).dump(-1, ' ', false, Json::error_handler_t::replace);
    u.why = one.text("why");
    u.proof = one.boolean("proof").value_or(false);
    if (one.error()) {
      return *one.error();
    }
    c.unreadable.push_back(std::move(u));
  }
  return Done{};
}

// The entries of one list, each to `take`; those that cannot be read aside when they may be.
template <class Take>
Status readEntries(ObjectReader& in, const char* key, Case& c, Damaged damaged, const Take& take) {
  const Json* list = in.array(key);
  for (std::size_t i = 0; list && i < list->size(); ++i) {
    auto one = readEvidence((*list)[i], fmt::format("{}[{}]", key, i), c);
    if (one) {
      take(std::move(*one));
    } else if (damaged == Damaged::refused) {
      return one.error();
    } else {
      c.unreadable.push_back({(*list)[i].dump(-1, ' ', false, Json::error_handler_t::replace),
                              one.error().sentence(), std::string_view(key) == "proof"});
    }
  }
  return Done{};
}

// Ids that are missing or taken get new ones; sought once for all, not once an entry.
std::string freeId(std::set<std::string>& taken, std::string wanted, char prefix, int& last) {
  while (wanted.empty() || taken.contains(wanted)) {
    wanted = fmt::format("{}{}", prefix, ++last);
  }
  taken.insert(wanted);
  return wanted;
}

Status readEvidences(ObjectReader& in, Case& c, Damaged damaged) {
  const auto into = [&](const char* key, char prefix, std::vector<Evidence>& list) {
    std::set<std::string> taken;
    int last = 0;
    return readEntries(in, key, c, damaged, [&](Evidence e) {
      e.id = freeId(taken, std::move(e.id), prefix, last);
      list.push_back(std::move(e));
    });
  };
  auto read = into("evidence", 'e', c.evidence);
  return read ? into("proof", 'p', c.proof) : read;
}

Status readHistory(ObjectReader& in, Case& c) {
  if (const Json* module = in.object("module")) {
    ObjectReader m(*module, "module");
    c.ownSupplyPlug = m.boolean("own_supply_plug").value_or(false);
    c.moduleRest = m.rest();
    if (m.error()) {
      return *m.error();
    }
  }
  const Json* list = in.array("history");
  for (std::size_t i = 0; list && i < list->size(); ++i) {
    ObjectReader one((*list)[i], fmt::format("history[{}]", i));
    History h;
    h.circuit = one.text("circuit");
    h.element = one.text("element");
    h.what = static_cast<Work>(std::max(one.oneOf("what", kWorkNames), 0));
    h.part = one.text("part");
    h.cured = one.boolean("cured");
    constexpr std::array<std::string_view, 2> kOrder{"after", "before"};
    h.before = one.oneOf("when", kOrder) == 1;
    h.rest = one.rest();
    if (one.error()) {
      return *one.error();
    }
    c.history.push_back(std::move(h));
  }
  return Done{};
}

Status readCourse(ObjectReader& in, Case& c) {
  readIntake(in, c.intake);
  readRepair(in, c.repair);
  readClosing(in, c.closing);
  readLearnt(in, c.learnt);
  return Done{};
}

}  // namespace

Result<Case> fromJson(const Json& json, const std::string& name, Damaged damaged) {
  const auto within = [&](Error error) {
    error.where = error.where.empty() ? name : name + ": " + error.where;
    return error;
  };
  ObjectReader in(json, "");
  if (in.error()) {
    return within({"", std::nullopt, "is not a case file",
                   "a JSON object with \"format\": \"haybale-case\""});
  }
  if (const std::string format = in.text("format"); format != "haybale-case" && !in.error()) {
    return within(
        {"format", std::nullopt,
         format.empty() ? "is missing" : "\"" + text::shortened(format, 40) + "\" is not a case",
         "\"format\": \"haybale-case\""});
  }
  Case c;
  c.version = in.number("version", 1, 1e6).value_or(1);
  readJob(in, c);
  readComplaint(in, c);
  readCosts(in, c);
  c.toolbox = in.texts("toolbox");
  c.allowed = in.texts("allowed");
  if (!in.any("toolbox")) {
    c.toolbox = {"multimeter"};
  }
  if (!in.any("allowed")) {
    c.allowed = {"unplug", "back-probe"};
  }
  c.id = in.text("id");
  if (!c.id.empty() && !isPlainName(c.id)) {
    in.fail("id", "\"" + text::shortened(c.id, 40) + "\" is no name of a job",
            "letters, digits and dashes, at most 64; or leave it out");
  }
  for (const auto part : {readCircuits, readSuspect, readHistory, readLimits, readMeter,
                          readUnreadable, readCourse}) {
    if (in.error()) {
      break;
    }
    if (auto status = part(in, c); !status) {
      return within(status.error());
    }
  }
  if (auto status = in.error() ? Status(Done{}) : readEvidences(in, c, damaged); !status) {
    return within(status.error());
  }
  if (in.error()) {
    return within(*in.error());
  }
  c.rest = in.rest();
  return c;
}

Result<Case> parseCase(std::string_view text, const std::string& name, Damaged damaged) {
  auto json = parseJson(text, name);
  if (!json) {
    return json.error();
  }
  return fromJson(*json, name, damaged);
}

Result<Case> loadCase(const std::string& path, Damaged damaged) {
  auto text = readFile(path);
  if (!text) {
    return text.error();
  }
  return parseCase(*text, path, damaged);
}

Result<Case> asReopened(const Case& c) {
  auto once = parseCase(caseText(c), "");
  if (!once) {
    return once;
  }
  // Defaults are filled in the first time; the second time nothing may move any more.
  const std::string written = caseText(*once);
  auto twice = parseCase(written, "");
  if (twice && caseText(*twice) != written) {
    return Error{"", std::nullopt, "would not be the same when the job is opened again",
                 "letters that can be written, and names that are used once"};
  }
  return twice;
}

namespace {

Json elementJson(const Element& e) {
  Json out;
  out["id"] = e.id;
  out["kind"] = circuit::kElementKindNames[static_cast<std::size_t>(e.kind)];
  setIf(out, "label", e.label);
  setIf(out, "length_m", e.lengthM);
  setIf(out, "area_mm2", e.areaMm2);
  if (e.zone != circuit::Zone::unknown) {
    out["zone"] = circuit::kZoneNames[static_cast<std::size_t>(e.zone)];
  }
  out["access_min"] = e.accessMinutes;
  appendRest(out, e.rest);
  return out;
}

Json circuitJson(const Circuit& c) {
  Json out;
  out["name"] = c.name;
  out["location"] = c.location;
  Json sensor;
  sensor["kind"] = circuit::kSensorKindNames[static_cast<std::size_t>(c.sensor.kind)];
  setIf(sensor, "teeth", c.sensor.teeth);
  appendRest(sensor, c.sensor.rest);
  out["sensor"] = sensor;
  out["path"] = Json::array();
  for (const auto& e : c.path) {
    out["path"].push_back(elementJson(e));
  }
  out["wires"] = Json::object();
  for (std::size_t w = 0; w < c.wires.size(); ++w) {
    const auto& wire = c.wires[w];
    if (!wire.role.empty() || !wire.colour.empty() || !wire.rest.empty()) {
      Json one{{"role", wire.role}, {"colour", wire.colour}};
      appendRest(one, wire.rest);
      out["wires"][std::string(circuit::kWireNames[w])] = one;
    }
  }
  setIf(out, "group", c.group);
  if (!c.limits.empty()) {
    out["limits"] = ownLimitsJson(c);
  }
  appendRest(out, c.rest);
  return out;
}

Json historyJson(const History& h) {
  Json out = Json::object();
  setIf(out, "circuit", h.circuit);
  out["element"] = h.element;
  out["what"] = kWorkNames[static_cast<std::size_t>(h.what)];
  setIf(out, "part", h.part);
  setIf(out, "cured", h.cured);
  out["when"] = h.before ? "before" : "after";
  appendRest(out, h.rest);
  return out;
}

}  // namespace

Json toJson(const Case& c) {
  Json out;
  out["format"] = "haybale-case";
  setIf(out, "id", c.id);
  out["version"] = std::floor(c.version) == c.version ? Json(static_cast<long long>(c.version))
                                                      : Json(c.version);
  Json job{{"title", c.title}, {"vehicle", c.vehicle}, {"tyre", c.tyre}};
  setIf(job, "circumference_m", c.circumferenceM);
  appendRest(job, c.jobRest);
  out["job"] = job;
  out["circuits"] = Json::array();
  for (const auto& circuit : c.circuits) {
    out["circuits"].push_back(circuitJson(circuit));
  }
  out["suspect"] = c.suspect;
  Json complaint{{"when", c.complaint.when},
                 {"earlier_repair", c.complaint.earlierRepair},
                 {"text", c.complaint.text}};
  if (c.complaint.lift) {
    complaint["lift"] = true;
  }
  appendRest(complaint, c.complaint.rest);
  out["complaint"] = complaint;
  if (c.ownSupplyPlug || !c.moduleRest.empty()) {
    out["module"] = {{"own_supply_plug", c.ownSupplyPlug}};
    appendRest(out["module"], c.moduleRest);
  }
  for (const auto& h : c.history) {
    out["history"].push_back(historyJson(h));
  }
  out["toolbox"] = c.toolbox;
  out["allowed"] = c.allowed;
  out["costs"] = {{"hour", c.costs.hour},
                  {"parts",
                   {{"sensor", c.costs.sensor},
                    {"ring", c.costs.ring},
                    {"jumper", c.costs.jumper},
                    {"module", c.costs.module}}}};
  appendRest(out["costs"], c.costs.rest);
  out["limits"] = Json::array();
  for (const auto& limit : c.limits) {
    out["limits"].push_back(judging::limitJson(limit));
  }
  out["meter"] = circuit::toJson(c.meter);
  out["evidence"] = Json::array();
  for (const auto& e : c.evidence) {
    out["evidence"].push_back(evidenceJson(e));
  }
  for (const auto& e : c.proof) {
    out["proof"].push_back(evidenceJson(e));
  }
  for (const auto& u : c.unreadable) {
    Json one{{"written", Json::parse(u.written, nullptr, false)}, {"why", u.why}};
    if (u.proof) {
      one["proof"] = true;
    }
    out["unreadable"].push_back(std::move(one));
  }
  for (auto& [key, value] :
       {std::pair{"intake", intakeJson(c.intake)}, std::pair{"repair", repairJson(c.repair)},
        std::pair{"closing", closingJson(c.closing)}, std::pair{"learnt", learntJson(c.learnt)}}) {
    if (!value.is_null()) {
      out[key] = value;
    }
  }
  appendRest(out, c.rest);
  return out;
}

std::string caseText(const Case& c) {
  return toJson(c).dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

}  // namespace haybale::job
