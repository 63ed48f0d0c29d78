#include "core/judging/known_good.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/physics/copper.h"

namespace haybale::judging {

Spread spreadOf(const std::vector<GoodSample>& samples) {
  std::vector<double> values;
  for (const auto& s : samples) {
    const bool corrected = s.quantity == Quantity::coilResistance && s.celsius;
    values.push_back(corrected ? physics::copperOhmAt(s.value, *s.celsius, 20) : s.value);
  }
  return spreadOf(std::span<const double>(values));
}

std::optional<Limit> limitFrom(const std::vector<GoodSample>& samples) {
  const auto spread = spreadOf(samples);
  if (spread.n < kFewestForALimit || !spread.low || !(spread.deviation > 0)) {
    return std::nullopt;
  }
  const auto [first, last] = std::minmax_element(
      samples.begin(), samples.end(), [](const auto& a, const auto& b) { return a.date < b.date; });
  const auto unit = unitOf(samples.front().quantity);
  Limit out;
  out.quantity = samples.front().quantity;
  out.min = std::max(0.0, *spread.low);
  out.max = *spread.high;
  out.provenance = Provenance::goodPart;
  if (out.quantity == Quantity::coilResistance &&
      std::any_of(samples.begin(), samples.end(), [](const auto& s) { return s.celsius; })) {
    out.atCelsius = 20;
  }
  out.source = sayf(
      "{} good readings, {} to {}: median {}, spread {}, factor {:.2f} (95 % of parts, 95 % sure; "
      "ISO 16269-6)",
      spread.n, first->date.substr(0, 10), last->date.substr(0, 10),
      units::format(spread.median, unit), units::format(spread.deviation, unit), spread.factor);
  return out;
}

}  // namespace haybale::judging
