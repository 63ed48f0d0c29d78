#include "core/judging/limit_json.h"

#include <algorithm>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/units/quantity.h"

namespace haybale::judging {

Result<Limit> readLimit(const Json& json, const std::string& path) {
  ObjectReader in(json, path);
  Limit limit;
  const int quantity = in.oneOf("quantity", kQuantityNames);
  if (quantity < 0 && !in.error()) {
    in.fail("quantity", say("is missing"), say("say what the limit is about, as coil-resistance"));
  }
  limit.quantity = static_cast<Quantity>(std::max(quantity, 0));
  limit.min = in.number("min", -units::kMostReadable, units::kMostReadable);
  limit.max = in.number("max", -units::kMostReadable, units::kMostReadable);
  limit.leftRightRatio = in.number("left_right_ratio", 1, 1000);
  limit.atCelsius = in.number("at_celsius", -60, 250);
  const int provenance = in.oneOf("provenance", kProvenanceNames);
  limit.provenance =
      provenance < 0 ? Provenance::commonPractice : static_cast<Provenance>(provenance);
  limit.source = in.text("source");
  limit.rest = in.rest();
  if (limit.min && limit.max && *limit.min > *limit.max) {
    in.fail("min", say("is above max"), say("swap the two"));
  }
  if (in.error()) {
    return *in.error();
  }
  return limit;
}

Json limitJson(const Limit& l) {
  Json out;
  out["quantity"] = kQuantityNames[static_cast<std::size_t>(l.quantity)];
  const auto set = [&](const char* key, const std::optional<double>& value) {
    if (value) {
      out[key] = *value;
    }
  };
  set("min", l.min);
  set("max", l.max);
  set("left_right_ratio", l.leftRightRatio);
  set("at_celsius", l.atCelsius);
  out["provenance"] = kProvenanceNames[static_cast<std::size_t>(l.provenance)];
  if (!l.source.empty()) {
    out["source"] = l.source;
  }
  appendRest(out, l.rest);
  return out;
}

}  // namespace haybale::judging
