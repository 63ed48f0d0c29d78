#include "core/trace/analysis_json.h"

#include <cmath>

#include "core/base/json.h"
#include "core/base/text.h"

namespace haybale::trace {

namespace {

Json number(double value) {
  return std::isfinite(value) ? Json(value) : Json(nullptr);
}
Json number(const std::optional<double>& value) {
  return value ? number(*value) : Json(nullptr);
}

Json range(const std::optional<Range>& r) {
  return r ? Json{{"min", number(r->min)}, {"median", number(r->median)}, {"max", number(r->max)}}
           : Json(nullptr);
}

Json levels(const Levels& l) {
  return {{"min", number(l.min)},
          {"max", number(l.max)},
          {"mean", number(l.mean)},
          {"low", number(l.low)},
          {"high", number(l.high)},
          {"bias", number(l.bias)},
          {"peak_to_peak", number(l.peakToPeak)},
          {"noise_rms", number(l.noiseRms)}};
}

Json ringJson(const ChannelAnalysis& a) {
  Json out{{"teeth", nullptr},
           {"teeth_source", "unknown"},
           {"revolutions", nullptr},
           {"runout_percent", nullptr},
           {"irregular_teeth", Json::array()}};
  if (!a.ring) {
    return out;
  }
  const Ring& r = *a.ring;
  out["teeth"] = r.teeth;
  out["teeth_source"] = r.estimated ? "estimated" : "given";
  out["revolutions"] = number(r.turns);
  if (r.turns >= 1.5) {
    out["runout_percent"] = number(r.runoutPercent);
  }
  for (const auto& t : r.irregular) {
    out["irregular_teeth"].push_back({{"position", t.position},
                                      {"kind", kToothNames[static_cast<std::size_t>(t.kind)]},
                                      {"amount_percent", number(t.amountPercent)},
                                      {"seen", t.seen},
                                      {"of", t.of}});
  }
  return out;
}

Json channelJson(const ChannelAnalysis& a) {
  Json out;
  out["name"] = text::toUtf8(a.name);
  out["unit"] = a.unit == units::Unit::none ? Json(nullptr) : Json(units::symbol(a.unit));
  out["samples"] = a.samples;
  out["gaps"] = a.gaps;
  out["sample_rate_hz"] = number(a.rateHz);
  out["duration_s"] = number(a.durationS);
  out["time_base"] = a.uniformTime ? "uniform" : "as-recorded";
  out["signal"] = kSignalNames[static_cast<std::size_t>(a.signal)];
  out["levels"] = levels(a.levels);
  out["pulses"] = {
      {"count", a.pulseCount}, {"duty", number(a.duty)}, {"frequency_hz", range(a.frequencyHz)}};
  out["revolution"] = ringJson(a);
  out["dropouts"] = Json::array();
  for (const auto& d : a.dropouts) {
    out["dropouts"].push_back({{"start_s", d.startS},
                               {"end_s", d.endS},
                               {"kind", kDropoutNames[static_cast<std::size_t>(d.kind)]},
                               {"level", number(d.level)}});
  }
  out["speed_kmh"] = range(a.speedKmh);
  out["flux_swing_mwb"] = number(a.fluxSwingMwb);
  out["lost_below_kmh"] = number(a.lostBelowKmh);
  out["hum"] =
      a.hum ? Json{{"hz", a.hum->hz}, {"amplitude", number(a.hum->amplitude)}} : Json(nullptr);
  out["findings"] = Json::array();
  for (const auto& f : a.findings) {
    out["findings"].push_back(
        {{"code", nameOf(f.code)},
         {"where", kWhereNames[static_cast<std::size_t>(f.where)]},
         {"severity", kSeverityNames[static_cast<std::size_t>(f.severity)]},
         {"confidence", number(f.confidence)},
         {"text", text::toUtf8(f.text)},
         {"place_s", f.place ? Json{f.place->first, f.place->second} : Json(nullptr)}});
  }
  return out;
}

}  // namespace

Json toJson(const std::string& file, const std::vector<ChannelAnalysis>& channels,
            const std::vector<Comparison>& comparisons) {
  Json out;
  out["format"] = "haybale-analysis";
  out["version"] = 1;
  out["file"] = text::toUtf8(file);
  out["channels"] = Json::array();
  for (const auto& channel : channels) {
    out["channels"].push_back(channelJson(channel));
  }
  out["comparison"] = Json::array();
  for (const auto& c : comparisons) {
    out["comparison"].push_back({{"a", text::toUtf8(c.a)},
                                 {"b", text::toUtf8(c.b)},
                                 {"quantity", nameOf(c.quantity)},
                                 {"ratio", number(c.ratio)},
                                 {"text", text::toUtf8(c.text)}});
  }
  return out;
}

}  // namespace haybale::trace
