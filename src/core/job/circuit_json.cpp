#include "core/job/circuit_json.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/json.h"
#include "core/base/say.h"

namespace haybale::job {

using circuit::Circuit;
using circuit::Element;

namespace {

Element readElement(ObjectReader& in) {
  Element e;
  e.id = in.text("id");
  const int kind = in.oneOf("kind", circuit::kElementKindNames);
  if (kind < 0 && !in.error()) {
    in.fail("kind", say("is missing"), say("say module, leg, connector, splice, sensor or ring"));
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
      l.fail("min", say("is above the maximum"), say("the smaller of the two as min"));
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

}  // namespace

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
    return Error{in.at("name"), std::nullopt, say("a circuit has no name"),
                 say("give it one, as \"RR\"")};
  }
  if (auto status = circuit::checkPath(c, in.at("path")); !status) {
    return status.error();
  }
  return c;
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

}  // namespace haybale::job
