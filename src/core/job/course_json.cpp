#include "core/job/course_json.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/json.h"
#include "core/base/say.h"

namespace haybale::job {

namespace {

constexpr double kMostJobs = 1e9;

std::map<std::string, std::string> readTexts(ObjectReader& in, std::string_view key) {
  std::map<std::string, std::string> out;
  if (const Json* json = in.object(key)) {
    ObjectReader texts(*json, in.at(key));
    for (const auto& [name, value] : json->items()) {
      out[name] = texts.text(name);
    }
    if (texts.error()) {
      in.fail(*texts.error());
    }
  }
  return out;
}

StoredCode readCode(const Json& json, const std::string& path, ObjectReader& within) {
  ObjectReader in(json, path);
  StoredCode code;
  code.code = in.text("code");
  code.circuit = in.text("circuit");
  code.meaning = in.text("meaning");
  const int status = in.oneOf("status", kCodeStatusNames);
  code.status = std::string(kCodeStatusNames[static_cast<std::size_t>(std::max(status, 0))]);
  code.count = in.number("count", 0, 1e9);
  code.freeze = in.text("freeze");
  code.rest = in.rest();
  if (in.error()) {
    within.fail(*in.error());
  }
  return code;
}

}  // namespace

void readIntake(ObjectReader& in, Intake& out) {
  const Json* json = in.object("intake");
  if (!json) {
    return;
  }
  ObjectReader intake(*json, "intake");
  out.lamps = intake.texts("lamps");
  const Json* codes = intake.array("codes");
  for (std::size_t i = 0; codes && i < codes->size(); ++i) {
    out.codes.push_back(readCode((*codes)[i], fmt::format("intake.codes[{}]", i), intake));
  }
  out.noCodes = intake.boolean("no_codes").value_or(false);
  out.basics = readTexts(intake, "basics");
  for (const auto& [name, state] : out.basics) {
    if (std::find(kBasicStates.begin(), kBasicStates.end(), state) == kBasicStates.end()) {
      intake.fail("basics." + name, "\"" + state + say("\" is not known here"), say("good or bad"));
    }
  }
  out.module = intake.text("module");
  out.sensorPart = intake.text("sensor_part");
  out.rest = intake.rest();
  if (intake.error()) {
    in.fail(*intake.error());
  }
}

void readRepair(ObjectReader& in, RepairRecord& out) {
  const Json* json = in.object("repair");
  if (!json) {
    return;
  }
  ObjectReader repair(*json, "repair");
  out.decision = repair.text("decision");
  out.element = repair.text("element");
  out.fault = repair.text("fault");
  const int school = repair.oneOf("school", kSpliceSchools);
  out.school = std::string(kSpliceSchools[static_cast<std::size_t>(std::max(school, 0))]);
  out.done = repair.texts("done");
  out.sealed = repair.texts("sealed");
  out.notes = readTexts(repair, "notes");
  out.rest = repair.rest();
  if (repair.error()) {
    in.fail(*repair.error());
  }
}

void readClosing(ObjectReader& in, Closing& out) {
  const Json* json = in.object("closing");
  if (!json) {
    return;
  }
  ObjectReader closing(*json, "closing");
  out.date = closing.text("date");
  out.circuit = closing.text("circuit");
  out.element = closing.text("element");
  out.kind = closing.text("kind");
  out.zone = closing.text("zone");
  out.fault = closing.text("fault");
  out.wire = closing.text("wire");
  out.minutes = closing.number("minutes", 0, 1e7).value_or(0);
  out.proved = closing.boolean("proved").value_or(false);
  out.comeback = closing.boolean("comeback").value_or(false);
  out.rest = closing.rest();
  if (closing.error()) {
    in.fail(*closing.error());
  }
}

void readLearnt(ObjectReader& in, Learnt& out) {
  const Json* json = in.object("learnt");
  if (!json) {
    return;
  }
  ObjectReader learnt(*json, "learnt");
  out.jobs = learnt.number("jobs", 0, kMostJobs).value_or(0);
  if (const Json* counts = learnt.object("counts")) {
    ObjectReader each(*counts, "learnt.counts");
    for (const auto& [name, value] : counts->items()) {
      out.counts[name] = each.number(name, 0, kMostJobs).value_or(0);
    }
    if (each.error()) {
      learnt.fail(*each.error());
    }
  }
  if (learnt.error()) {
    in.fail(*learnt.error());
  }
}

Json intakeJson(const Intake& intake) {
  Json out = Json::object();
  if (!intake.lamps.empty()) {
    out["lamps"] = intake.lamps;
  }
  for (const auto& c : intake.codes) {
    Json code{{"code", c.code}, {"status", c.status}};
    setIf(code, "circuit", c.circuit);
    setIf(code, "meaning", c.meaning);
    if (c.count) {
      code["count"] = *c.count;
    }
    setIf(code, "freeze", c.freeze);
    appendRest(code, c.rest);
    out["codes"].push_back(std::move(code));
  }
  if (intake.noCodes) {
    out["no_codes"] = true;
  }
  if (!intake.basics.empty()) {
    out["basics"] = intake.basics;
  }
  setIf(out, "module", intake.module);
  setIf(out, "sensor_part", intake.sensorPart);
  appendRest(out, intake.rest);
  return out.empty() ? Json() : out;
}

Json repairJson(const RepairRecord& repair) {
  Json out = Json::object();
  setIf(out, "decision", repair.decision);
  setIf(out, "element", repair.element);
  setIf(out, "fault", repair.fault);
  if (repair.school != kSpliceSchools[0]) {
    out["school"] = repair.school;
  }
  if (!repair.done.empty()) {
    out["done"] = repair.done;
  }
  if (!repair.notes.empty()) {
    out["notes"] = repair.notes;
  }
  if (!repair.sealed.empty()) {
    out["sealed"] = repair.sealed;
  }
  appendRest(out, repair.rest);
  return out.empty() ? Json() : out;
}

Json closingJson(const Closing& c) {
  Json out = Json::object();
  setIf(out, "date", c.date);
  setIf(out, "circuit", c.circuit);
  setIf(out, "element", c.element);
  setIf(out, "kind", c.kind);
  setIf(out, "zone", c.zone);
  setIf(out, "fault", c.fault);
  setIf(out, "wire", c.wire);
  if (c.minutes > 0) {
    out["minutes"] = c.minutes;
  }
  if (c.proved) {
    out["proved"] = true;
  }
  if (c.comeback) {
    out["comeback"] = true;
  }
  appendRest(out, c.rest);
  return out.empty() ? Json() : out;
}

Json learntJson(const Learnt& learnt) {
  if (learnt.jobs <= 0) {
    return {};
  }
  return {{"jobs", learnt.jobs}, {"counts", learnt.counts}};
}

}  // namespace haybale::job
