#include "core/sim/hidden_fault.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"

namespace haybale::sim {

using diagnosis::Fault;

HiddenFault drawFault(std::vector<diagnosis::Hypothesis> all, std::mt19937& random) {
  std::erase_if(all, [](const diagnosis::Hypothesis& h) { return h.fault == Fault::none; });
  const auto share = [&] { return static_cast<double>(random()) / 4294967296.0; };
  double total = 0;
  for (const auto& h : all) {
    total += h.prior;
  }
  double at = total * share();
  diagnosis::Hypothesis chosen = all.back();
  for (const auto& h : all) {
    at -= h.prior;
    if (at <= 0) {
      chosen = h;
      break;
    }
  }
  const double along = share();
  double severity = chosen.steps.front();
  if (chosen.steps.size() > 1) {
    const double top = std::min(chosen.steps.back(), 1e9);
    severity = chosen.steps.front() * std::pow(top / chosen.steps.front(), along);
    if (chosen.steps.back() > 1e14 && along > 0.5) {
      severity = chosen.steps.back();
    }
  }
  return {chosen, severity};
}

Result<HiddenFault> chosenFault(const std::vector<diagnosis::Hypothesis>& ways,
                                std::string_view fault, std::string_view element,
                                std::string_view wire, std::optional<double> severity) {
  std::string known;
  const diagnosis::Hypothesis* best = nullptr;
  for (const auto& h : ways) {
    const std::string name(diagnosis::nameOf(h.fault));
    if (known.find(" " + name + ",") == std::string::npos) {
      known += " " + name + ",";
    }
    const std::string_view on =
        h.wire ? circuit::kWireNames[static_cast<std::size_t>(*h.wire)] : std::string_view();
    const bool fits =
        name == fault && (element.empty() || h.element == element) && (wire.empty() || on == wire);
    if (fits && (!best || h.prior > best->prior)) {
      best = &h;
    }
  }
  if (!best) {
    return Error{"fault", std::nullopt,
                 sayf("\"{}\"{} cannot be on this line", fault,
                      element.empty() ? "" : sayf(" of {}", element)),
                 say("one of") + known + say(" and an element that can have it")};
  }
  const auto& steps = best->steps;
  return HiddenFault{*best, severity.value_or(steps[steps.size() / 2])};
}

}  // namespace haybale::sim
