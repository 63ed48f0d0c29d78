#include "core/plan/options.h"

#include <fmt/format.h>

#include <algorithm>

namespace haybale::diagnosis {

using circuit::ElementKind;

namespace {

constexpr double kLeastOdds = 0.1;
constexpr std::size_t kMostRepairs = 3;

struct Repair {
  const char* words;
  double part;
  double hours;
};

Repair repairOf(ElementKind kind, const job::Case::Costs& costs) {
  switch (kind) {
    case ElementKind::sensor:
      return {"Fit a sensor", costs.sensor, 0.5};
    case ElementKind::ring:
      return {"Renew the ring or its bearing", costs.ring, 1.5};
    case ElementKind::module:
      return {"Change the module", costs.module, 1.0};
    case ElementKind::leg:
    case ElementKind::connector:
    case ElementKind::splice:
      break;
  }
  return {"Mend the wiring", costs.jumper, 1.0};
}

}  // namespace

std::vector<Option> optionsOf(const job::Case& c, const Conclusion& conclusion,
                              const std::vector<Proposal>& proposals) {
  std::vector<Option> out;
  const auto* circuit = c.suspectCircuit();
  if (!circuit) {
    return out;
  }
  auto shares = conclusion.elementShares;
  std::stable_sort(shares.begin(), shares.end(),
                   [](const auto& a, const auto& b) { return a.second > b.second; });
  for (const auto& [id, odds] : shares) {
    const auto* element = circuit->find(id);
    if (odds < kLeastOdds || out.size() == kMostRepairs || !element) {
      break;
    }
    const auto repair = repairOf(element->kind, c.costs);
    Option o;
    o.element = id;
    o.odds = odds;
    o.hours = repair.hours + element->accessMinutes / 60;
    o.price = repair.part + o.hours * c.costs.hour;
    o.expected = o.price * (2 - odds);
    o.text = fmt::format(
        "{} now ({}): cures it in {:.0f} of 100 cases; {:.0f} for parts, {:.1f} h, {:.0f} in all.",
        repair.words, id, 100 * odds, repair.part, o.hours, o.price);
    out.push_back(std::move(o));
  }
  if (!proposals.empty()) {
    const auto& p = proposals.front();
    Option o;
    o.hours = p.minutes / 60;
    o.price = o.hours * c.costs.hour;
    o.expected = o.price;
    o.text = fmt::format("Measure first ({}): {:.0f} min, {:.0f}; settles {:.1f} bit.", p.title,
                         p.minutes, o.price, p.bits);
    out.push_back(std::move(o));
  }
  Option stop;
  stop.text =
      "Stop here: nothing more is spent; the fault stays, and with it ABS and what hangs on it.";
  out.push_back(std::move(stop));
  return out;
}

}  // namespace haybale::diagnosis
