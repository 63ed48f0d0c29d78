#include "core/evidence/good_value.h"

#include "core/evidence/quantity_of.h"

namespace haybale::diagnosis {

std::optional<GoodValue> goodValueOf(const job::Case& c, const WaveformSet& waveforms,
                                     const job::Evidence& e) {
  const auto* circuit = c.find(e.test.circuit);
  if (!circuit || e.withdrawn) {
    return std::nullopt;
  }
  if (const auto a = waveforms.analyses.find(e.id); a != waveforms.analyses.end()) {
    return a->second->fluxSwingMwb ? std::optional(GoodValue{judging::Quantity::fluxSwing,
                                                             1e-3 * *a->second->fluxSwingMwb})
                                   : std::nullopt;
  }
  const auto quantity = quantityOf(*circuit, e.test);
  return quantity && e.reading.value && !e.reading.value->overload
             ? std::optional(GoodValue{*quantity, e.reading.value->value})
             : std::nullopt;
}

}  // namespace haybale::diagnosis
