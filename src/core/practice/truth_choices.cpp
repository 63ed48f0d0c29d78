#include "core/practice/truth_choices.h"

#include <algorithm>

#include "core/base/say.h"
#include "core/belief/ways_to_fail.h"

namespace haybale::practice {

std::vector<TruthChoice> choicesOf(const job::Case& c) {
  std::vector<TruthChoice> out;
  const auto* suspect = c.suspectCircuit();
  if (!suspect) {
    return out;
  }
  for (const auto& way : diagnosis::waysToFail(c)) {
    if (way.fault == diagnosis::Fault::other) {
      continue;  // nobody could say what it is
    }
    const std::string fault(diagnosis::nameOf(way.fault));
    auto it = std::find_if(out.begin(), out.end(), [&](const TruthChoice& known) {
      return known.element == way.element && known.fault == fault;
    });
    const auto& steps = way.steps;
    if (it == out.end()) {
      out.push_back({way.element, fault, {}, steps.front(), steps[steps.size() / 2], steps.back()});
      it = out.end() - 1;
    }
    // What fails in several ways has all their severities.
    it->least = std::min(it->least, steps.front());
    it->most = std::max(it->most, steps.back());
    if (way.wire) {
      const std::string wire(circuit::kWireNames[static_cast<std::size_t>(*way.wire)]);
      if (std::find(it->wires.begin(), it->wires.end(), wire) == it->wires.end()) {
        it->wires.push_back(wire);
      }
    }
  }
  const auto placeOf = [&](const TruthChoice& choice) {
    const auto& path = suspect->path;
    return std::find_if(path.begin(), path.end(),
                        [&](const auto& e) { return e.id == choice.element; }) -
           path.begin();
  };
  std::stable_sort(out.begin(), out.end(), [&](const TruthChoice& a, const TruthChoice& b) {
    return placeOf(a) < placeOf(b);
  });
  return out;
}

Result<PracticeCase> checked(const PracticeCase& p) {
  if (p.title.empty()) {
    return Error{"title", std::nullopt, say("is missing"),
                 say("the vehicle's name; it must not tell the fault")};
  }
  if (p.shown.complaint.text.empty()) {
    return Error{"complaint", std::nullopt, say("is missing"),
                 say("what the driver says, in a sentence")};
  }
  if (p.truth.empty()) {
    return Error{"truth", std::nullopt, say("is missing"),
                 say("an object with circuit, element, wire and fault")};
  }
  return parsePractice(practiceText(p), p.title);
}

}  // namespace haybale::practice
