#include "core/practice/practice_case.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/belief/ways_to_fail.h"
#include "core/job/case_json.h"

namespace haybale::practice {

namespace {

// The files of data/practice, one after the other.
constexpr std::string_view kShelf[][2] = {
#include "core/practice/shelf.inc"
};

Truth readTruth(ObjectReader& in) {
  Truth t;
  t.circuit = in.text("circuit");
  t.element = in.text("element");
  t.wire = in.text("wire");
  t.fault = in.text("fault");
  t.severity = in.number("severity", 0, 1e15);
  if (t.fault.empty() && !in.error()) {
    in.fail("fault", say("is missing"), say("what is wrong, as open or sensor-dead"));
  }
  return t;
}

Json truthJson(const Truth& t) {
  Json out{{"circuit", t.circuit},
           {"element", t.element.empty() ? Json() : Json(t.element)},
           {"wire", t.wire.empty() ? Json() : Json(t.wire)},
           {"fault", t.fault}};
  setIf(out, "severity", t.severity);
  return out;
}

// The members beside the case.
Status readAbout(ObjectReader& in, PracticeCase& p) {
  if (in.text("format") != "haybale-practice" && !in.error()) {
    in.fail("format", say("is not a practice case"), "\"format\": \"haybale-practice\"");
  }
  (void)in.number("version", 1, 1e6);
  p.id = in.text("id");
  p.title = in.text("title");
  p.level = static_cast<int>(in.number("level", 1, 5).value_or(1));
  const int skill = in.oneOf("skill", kSkills);
  p.skill = std::string(kSkills[static_cast<std::size_t>(skill < 0 ? 2 : skill)]);
  p.lesson = in.text("lesson");
  p.debrief = in.text("debrief");
  p.slip = in.number("slip", 0, 0.5).value_or(0);
  p.dries = in.boolean("dries").value_or(false);
  const Json* truth = in.object("truth");
  if (!truth && !in.error()) {
    in.fail("truth", say("is missing"), say("an object with circuit, element, wire and fault"));
  }
  if (in.error()) {
    return *in.error();
  }
  for (const Json* one : {truth, in.object("second")}) {
    if (one) {
      ObjectReader t(*one, in.at(one == truth ? "truth" : "second"));
      p.truth.push_back(readTruth(t));
      if (t.error()) {
        return *t.error();
      }
    }
  }
  return Done{};
}

}  // namespace

Result<PracticeCase> parsePractice(const std::string& text, const std::string& name) {
  const auto json = parseJson(text, name);
  if (!json) {
    return json.error();
  }
  const auto within = [&](Error error) {
    error.where = error.where.empty() ? name : name + ": " + error.where;
    return error;
  };
  ObjectReader in(*json, "");
  PracticeCase p;
  if (auto status = in.error() ? Status(*in.error()) : readAbout(in, p); !status) {
    return within(status.error());
  }
  const Json* shown = in.object("case");
  if (!shown) {
    return within({"case", std::nullopt, say("is missing"), say("the vehicle, as in a case file")});
  }
  auto c = job::fromJson(*shown, "case");
  if (!c) {
    return within(c.error());
  }
  p.shown = std::move(*c);
  // Where the truth lies is the circuit in question, unless the case says otherwise.
  if (p.truth.front().circuit.empty()) {
    p.truth.front().circuit = p.shown.suspectCircuit()->name;
  }
  if (auto hidden = hiddenIn(p); !hidden) {
    return within(hidden.error());
  }
  return p;
}

Result<PracticeCase> openPractice(const std::string& path) {
  const auto text = job::readFile(path);
  return text ? parsePractice(*text, path) : Result<PracticeCase>(text.error());
}

std::string practiceText(const PracticeCase& p) {
  Json out{{"format", "haybale-practice"}, {"version", 1}};
  setIf(out, "id", p.id);
  out["title"] = p.title;
  out["level"] = p.level;
  out["skill"] = p.skill;
  if (p.slip > 0) {
    out["slip"] = p.slip;
  }
  if (p.dries) {
    out["dries"] = true;
  }
  out["case"] = job::toJson(p.shown);
  if (!p.truth.empty()) {
    out["truth"] = truthJson(p.truth.front());
  }
  if (p.truth.size() > 1) {
    out["second"] = truthJson(p.truth[1]);
  }
  setIf(out, "lesson", p.lesson);
  out["debrief"] = p.debrief;
  return out.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

Result<std::vector<sim::HiddenFault>> hiddenIn(const PracticeCase& p) {
  std::vector<sim::HiddenFault> out;
  job::Case c = p.shown;
  c.suspect = p.truth.front().circuit;
  if (!c.find(c.suspect)) {
    return Error{"truth.circuit", std::nullopt,
                 "\"" + text::shortened(c.suspect, 40) + say("\" is not one of the circuits"),
                 say("name one of them")};
  }
  if (c.suspect != p.shown.suspectCircuit()->name) {
    return Error{"truth.circuit", std::nullopt, say("is not the circuit in question"),
                 say("name it in the case's \"suspect\"")};
  }
  const auto ways = diagnosis::waysToFail(c);
  for (const auto& t : p.truth) {
    if (t.fault == "none") {
      const auto none = std::find_if(ways.begin(), ways.end(), [](const auto& h) {
        return h.fault == diagnosis::Fault::none;
      });
      out.push_back({*none, 0});
      continue;
    }
    auto hidden = sim::chosenFault(ways, t.fault, t.element, t.wire, t.severity);
    if (!hidden) {
      return hidden.error();
    }
    out.push_back(std::move(*hidden));
  }
  return out;
}

const std::vector<PracticeCase>& shelf() {
  static const std::vector<PracticeCase> cases = [] {
    std::vector<PracticeCase> out;
    for (const auto& [id, text] : kShelf) {
      if (id.empty()) {
        continue;
      }
      if (auto p = parsePractice(std::string(text), std::string(id))) {
        p->id = id;
        out.push_back(std::move(*p));
      }
    }
    std::stable_sort(out.begin(), out.end(), [](const PracticeCase& a, const PracticeCase& b) {
      return a.level != b.level ? a.level < b.level : a.id < b.id;
    });
    return out;
  }();
  return cases;
}

PracticeCase inLanguage(PracticeCase p) {
  for (auto* text : {&p.title, &p.lesson, &p.debrief, &p.shown.title, &p.shown.vehicle,
                     &p.shown.complaint.text}) {
    *text = std::string(say(text->c_str()));
  }
  return p;
}

Result<PracticeCase> caseCalled(const std::string& id, std::uint32_t seed) {
  constexpr std::string_view kMixed = "mixed-";
  if (id.starts_with(kMixed) && id.size() == kMixed.size() + 1 && id.back() >= '1' &&
      id.back() <= '5') {
    return drawnCase(id.back() - '0', seed);
  }
  for (const auto& p : shelf()) {
    if (p.id == id) {
      return p;
    }
  }
  return Error{text::shortened(id, 60), std::nullopt, say("is no practice case"),
               say("an id of \"practice list\", or a file")};
}

}  // namespace haybale::practice
