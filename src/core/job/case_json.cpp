#include "core/job/case_json.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/base/uuid.h"
#include "core/job/circuit_json.h"
#include "core/job/course_json.h"
#include "core/job/test_json.h"
#include "core/judging/limit_json.h"

namespace haybale::job {

using circuit::Circuit;

namespace {

void readJob(ObjectReader& in, Case& c) {
  const Json* json = in.object("job");
  if (!json) {
    return;
  }
  ObjectReader job(*json, "job");
  c.title = job.text("title");
  c.vehicle = job.text("vehicle");
  c.owner = job.text("owner");
  c.plate = job.text("plate");
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
  // More than any vehicle has; what every circuit tells of every other grows with their square.
  constexpr std::size_t kMostCircuits = 500;
  const Json* circuits = in.array("circuits");
  if (circuits && circuits->size() > kMostCircuits) {
    return Error{"circuits", std::nullopt, sayf("are {}", circuits->size()),
                 sayf("at most {}", kMostCircuits)};
  }
  std::set<std::string> names;
  for (std::size_t i = 0; circuits && i < circuits->size(); ++i) {
    auto one = readCircuit((*circuits)[i], fmt::format("circuits[{}]", i));
    if (!one) {
      return one.error();
    }
    if (!names.insert(one->name).second) {
      return Error{sayf("circuits[{}].name", i), std::nullopt,
                   "\"" + one->name + say("\" is the name of two circuits"),
                   say("name each circuit once")};
    }
    c.circuits.push_back(std::move(*one));
  }
  if (in.error()) {
    return *in.error();
  }
  if (c.circuits.empty()) {
    return Error{"circuits", std::nullopt, say("no circuit is described"),
                 say("list at least one, with a name")};
  }
  return Done{};
}

Status readSuspect(ObjectReader& in, Case& c) {
  c.suspect = in.text("suspect", c.circuits.front().name);
  if (!c.find(c.suspect)) {
    return Error{"suspect", std::nullopt,
                 "\"" + text::shortened(c.suspect, 40) + say("\" is not one of the circuits"),
                 say("name one of them")};
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
    return within({"", std::nullopt, say("is not a case file"),
                   say("a JSON object with \"format\": \"haybale-case\"")});
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
    in.fail("id", "\"" + text::shortened(c.id, 40) + say("\" is no name of a job"),
            say("letters, digits and dashes, at most 64; or leave it out"));
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
  if (*once == c) {
    return once;  // what is written of it is what was read: it stays as it is
  }
  // Defaults are filled in the first time; the second time nothing may move any more.
  const std::string written = caseText(*once);
  auto twice = parseCase(written, "");
  if (twice && caseText(*twice) != written) {
    return Error{"", std::nullopt, say("would not be the same when the job is opened again"),
                 say("letters that can be written, and names that are used once")};
  }
  return twice;
}

namespace {

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
  setIf(job, "owner", c.owner);
  setIf(job, "plate", c.plate);
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

std::string caseLine(const Case& c) {
  return toJson(c).dump(-1, ' ', false, Json::error_handler_t::replace);
}

}  // namespace haybale::job
