#include "core/session/diagnosis_json.h"

#include <algorithm>

#include "core/base/json.h"
#include "core/base/text.h"
#include "core/job/test_json.h"

namespace haybale::diagnosis {

namespace {

Json wireJson(const std::optional<circuit::WireId>& wire) {
  return wire ? Json(circuit::kWireNames[static_cast<std::size_t>(*wire)]) : Json(nullptr);
}

Json elementJson(const std::string& element) {
  return element.empty() ? Json(nullptr) : Json(text::toUtf8(element));
}

// What is not on the list of the contract is told as something else.
std::string_view contractName(Fault fault) {
  return nameOf(fault == Fault::other ? Fault::none : fault);
}

constexpr double kTold = 0.002;  // smaller shares go into "other"

}  // namespace

Json proposalJson(const Proposal& p) {
  Json out;
  out["test"] = job::testJson(p.test);
  out["instructions"] = text::toUtf8(p.instructions);
  out["caution"] = p.caution;
  out["steps"] = p.steps;
  out["cautions"] = p.cautions;
  out["minutes"] = p.minutes;
  out["information_bits"] = p.bits;
  out["intrusion"] = kIntrusionNames[static_cast<std::size_t>(p.intrusion)];
  out["expected"] = Json::array();
  for (const auto& o : p.outcomes) {
    out["expected"].push_back({{"outcome", text::toUtf8(o.reading)},
                               {"points_to", text::toUtf8(o.pointsTo)},
                               {"probability", o.probability}});
  }
  return out;
}

Json verdictJson(const job::Case& c, const Conclusion& conclusion) {
  Json out;
  out["state"] = kStateNames[static_cast<std::size_t>(conclusion.state)];
  out["circuit"] = text::toUtf8(c.suspect);
  out["element"] = nullptr;
  out["wire"] = nullptr;
  out["fault"] = "none";
  out["confidence"] = 0.0;
  if (!conclusion.suspects.empty()) {
    const auto top = leading(conclusion.suspects);
    double share = 0;
    for (const auto& s : conclusion.suspects) {
      share += groupOf(s) == groupOf(top) ? s.share : 0;
    }
    out["element"] = elementJson(top.element);
    out["wire"] = wireJson(top.wire);
    out["fault"] = contractName(top.fault);
    out["confidence"] = share;
  }
  out["headline"] = text::toUtf8(conclusion.headline);
  out["action"] = text::toUtf8(conclusion.action);
  return out;
}

Json diagnosisJson(const job::Case& c, const Assessment& a) {
  Json out;
  out["format"] = "haybale-diagnosis";
  out["version"] = 1;
  out["suspects"] = Json::array();
  const auto* circuit = c.suspectCircuit();
  double told = 0;
  for (const auto& s : a.conclusion.suspects) {
    if (s.share < kTold || !circuit || s.fault == Fault::other) {
      continue;
    }
    told += s.share;
    out["suspects"].push_back({{"circuit", text::toUtf8(c.suspect)},
                               {"element", elementJson(s.element)},
                               {"wire", wireJson(s.wire)},
                               {"fault", contractName(s.fault)},
                               {"probability", s.share},
                               {"text", text::toUtf8(spoken(s, *circuit))}});
  }
  out["suspects"].push_back({{"element", "other"},
                             {"wire", nullptr},
                             {"fault", "none"},
                             {"probability", std::max(0.0, 1 - told)},
                             {"text", "everything else together"}});
  out["next_tests"] = Json::array();
  for (const auto& p : a.proposals) {
    out["next_tests"].push_back(proposalJson(p));
  }
  out["verdict"] = verdictJson(c, a.conclusion);
  out["options"] = Json::array();
  for (const auto& o : a.options) {
    out["options"].push_back({{"kind", kDeedNames[static_cast<std::size_t>(o.deed)]},
                              {"element", elementJson(o.element)},
                              {"fault", contractName(o.fault)},
                              {"cures", o.cures},
                              {"cost", o.cost},
                              {"minutes", o.minutes},
                              {"expected_cost", o.expectedCost},
                              {"text", text::toUtf8(o.text)}});
  }
  out["traps"] = Json::array();
  for (std::size_t i = 0; i < a.views.size(); ++i) {
    for (const auto& trap : a.views[i].traps) {
      out["traps"].push_back({{"evidence", i},
                              {"code", kTrapNames[static_cast<std::size_t>(trap.kind)]},
                              {"text", text::toUtf8(trap.text)}});
    }
  }
  out["kinds"] = Json::array();
  for (const auto& kind : a.conclusion.kinds) {
    out["kinds"].push_back(
        {{"kind", circuit::kSensorKindNames[static_cast<std::size_t>(kind.kind)]},
         {"share", kind.share}});
  }
  out["pairs"] = Json::array();
  for (const auto& [first, second] : a.conclusion.pairs) {
    const auto one = [](const Suspect& s) {
      return Json{{"element", elementJson(s.element)},
                  {"wire", wireJson(s.wire)},
                  {"fault", contractName(s.fault)}};
    };
    out["pairs"].push_back(
        {{"first", one(first)}, {"second", one(second)}, {"probability", first.share}});
  }
  out["reasons"] = a.conclusion.reasons;
  return out;
}

}  // namespace haybale::diagnosis
