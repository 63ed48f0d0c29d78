#include "core/circuit/meter.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/json.h"
#include "core/base/say.h"

namespace haybale::circuit {

namespace {

constexpr double kBeyond = std::numeric_limits<double>::infinity();

Meter generic(std::string name, double ohmPercent, double dcPercent, double topOhm,
              double sourceV) {
  Meter m;
  m.name = std::move(name);
  m.ohm = {ohmPercent, 2};
  m.dc = {dcPercent, 2};
  m.ohmRanges = decadeRanges(topOhm, sourceV);
  return m;
}

}  // namespace

std::vector<OhmRange> decadeRanges(double topOhm, double sourceV) {
  std::vector<OhmRange> ranges;
  for (int decade = 5; decade >= 0; --decade) {
    const double full = topOhm / std::pow(10.0, decade);
    ranges.push_back({full, sourceV, full});
  }
  return ranges;
}

const std::vector<Meter>& genericMeters() {
  static const std::vector<Meter> meters{
      generic("3 1/2 digits, 0.5 % + 2", 0.8, 0.5, 60e6, 1.2),
      generic("3 1/2 digits, 1 % + 2, to 20 M\xCE\xA9", 1.2, 1.0, 20e6, 0.6),
      generic("4 1/2 digits, 0.05 % + 3", 0.1, 0.05, 50e6, 2.5),
  };
  return meters;
}

namespace {

judging::Accuracy readAccuracy(ObjectReader& in, std::string_view key, judging::Accuracy fallback) {
  if (const Json* json = in.object(key)) {
    ObjectReader accuracy(*json, in.at(key));
    fallback.percent = accuracy.number("percent", 0, 100).value_or(fallback.percent);
    fallback.counts = accuracy.number("counts", 0, 10000).value_or(fallback.counts);
    if (accuracy.error()) {
      in.fail(*accuracy.error());
    }
  }
  return fallback;
}

Json accuracyJson(const judging::Accuracy& a) {
  return {{"percent", a.percent}, {"counts", a.counts}};
}

std::vector<OhmRange> readRanges(ObjectReader& in, std::vector<OhmRange> fallback) {
  const Json* list = in.array("ohm_ranges");
  if (!list) {
    return fallback;
  }
  std::vector<OhmRange> ranges;
  for (std::size_t i = 0; i < list->size() && i < 20; ++i) {
    ObjectReader r((*list)[i], in.at("ohm_ranges") + "[" + std::to_string(i) + "]");
    OhmRange range;
    range.fullScaleOhm = r.number("full_scale_ohm", 1, 1e12).value_or(0);
    range.sourceV = r.number("source_v", 0.01, 100).value_or(1.2);
    range.sourceOhm = r.number("source_ohm", 0.1, 1e12).value_or(range.fullScaleOhm);
    if (range.fullScaleOhm == 0 && !r.error()) {
      r.fail("full_scale_ohm", say("is missing"), say("the highest resistance of the range"));
    }
    if (!ranges.empty() && range.fullScaleOhm <= ranges.back().fullScaleOhm && !r.error()) {
      r.fail("full_scale_ohm", say("is not above the range before"),
             say("list the ranges lowest first"));
    }
    if (r.error()) {
      in.fail(*r.error());
      return fallback;
    }
    ranges.push_back(range);
  }
  return ranges.empty() ? fallback : ranges;
}

}  // namespace

double displayStep(const Meter& meter, units::Unit unit, double value) {
  constexpr double kCounts = 6000;
  double full = unit == units::Unit::ohm ? 600 : unit == units::Unit::ampere ? 0.06 : 6;
  const double most = unit == units::Unit::ohm ? std::max(full, meter.topOhm()) : 600;
  while (full < std::abs(value) && full < most) {
    full *= 10;
  }
  return std::pow(10.0, std::floor(std::log10(full / kCounts)));
}

Result<Meter> readMeterJson(const Json& json, const std::string& path) {
  ObjectReader in(json, path);
  Meter m = genericMeters().front();
  m.name = in.text("name", m.name);
  m.inputOhm = in.number("input_ohm", 1e3, 1e12).value_or(m.inputOhm);
  m.lowInputOhm = in.number("low_input_ohm", 1e2, 1e12).value_or(m.lowInputOhm);
  m.acBandwidthHz = in.number("ac_bandwidth_hz", 1, 1e9).value_or(m.acBandwidthHz);
  m.shuntOhm = in.number("shunt_ohm", 1e-3, 1e4).value_or(m.shuntOhm);
  m.leadOhm = in.number("lead_ohm", 0, 100).value_or(m.leadOhm);
  m.zeroed = in.boolean("zeroed").value_or(m.zeroed);
  m.ohmRanges = readRanges(in, m.ohmRanges);
  m.dc = readAccuracy(in, "dc", m.dc);
  m.ac = readAccuracy(in, "ac", m.ac);
  m.ohm = readAccuracy(in, "ohm", m.ohm);
  m.ampere = readAccuracy(in, "ampere", m.ampere);
  m.rest = in.rest();
  if (in.error()) {
    return *in.error();
  }
  return m;
}

Json toJson(const Meter& m) {
  Json out{{"name", m.name},
           {"input_ohm", m.inputOhm},
           {"low_input_ohm", m.lowInputOhm},
           {"ac_bandwidth_hz", m.acBandwidthHz},
           {"shunt_ohm", m.shuntOhm},
           {"lead_ohm", m.leadOhm},
           {"zeroed", m.zeroed}};
  out["ohm_ranges"] = Json::array();
  for (const auto& r : m.ohmRanges) {
    out["ohm_ranges"].push_back(
        {{"full_scale_ohm", r.fullScaleOhm}, {"source_v", r.sourceV}, {"source_ohm", r.sourceOhm}});
  }
  out["dc"] = accuracyJson(m.dc);
  out["ac"] = accuracyJson(m.ac);
  out["ohm"] = accuracyJson(m.ohm);
  out["ampere"] = accuracyJson(m.ampere);
  appendRest(out, m.rest);
  return out;
}

double ratedAmpere(Lamp lamp) {
  switch (lamp) {
    case Lamp::bulb250mA:
      return 0.25;
    case Lamp::bulb21W:
      return 1.75;  // 21 W at 12 V
    case Lamp::led:
      return 0.0102;  // (12 V - 1.8 V) / 1 kohm
  }
  return 1;
}

namespace {

// Straight pieces through the filament's characteristic, the same either way round.
std::vector<Piece> filamentPieces(double ratedA) {
  constexpr std::array kVolts{0.2, 0.8, 2.0, 4.0, 8.0, 15.0};
  const auto current = [&](double v) { return ratedA * std::pow(v / 12.0, 0.55); };
  std::vector<Piece> half;
  double lastV = 0;
  double lastA = 0;
  for (std::size_t i = 0; i < kVolts.size(); ++i) {
    const double v = kVolts[i];
    const double slope = (current(v) - lastA) / (v - lastV);
    half.push_back({i + 1 == kVolts.size() ? kBeyond : v, slope, lastA - slope * lastV});
    lastV = v;
    lastA = current(v);
  }
  std::vector<Piece> out;
  for (std::size_t i = half.size() - 1; i > 0; --i) {
    out.push_back({-half[i - 1].toVolts, half[i].siemens, -half[i].amperes});
  }
  out.insert(out.end(), half.begin(), half.end());  // the first piece passes through zero
  return out;
}

}  // namespace

std::vector<Piece> lampPieces(Lamp lamp) {
  if (lamp == Lamp::led) {
    constexpr double kG = 1e-3;
    constexpr double kStart = 1.8;
    return {{-kStart, kG, kG * kStart}, {kStart, 1e-12, 0}, {kBeyond, kG, -kG * kStart}};
  }
  return filamentPieces(ratedAmpere(lamp));
}

LampSteps lampSteps(Lamp lamp) {
  return lamp == Lamp::led ? LampSteps{0.02, 0.2, 0.6} : LampSteps{0.45, 0.8, 0.12};
}

LampState lampState(Lamp lamp, double share) {
  const auto steps = lampSteps(lamp);
  return share < steps.glows ? LampState::dark
         : share < steps.lit ? LampState::dim
                             : LampState::lit;
}

}  // namespace haybale::circuit
