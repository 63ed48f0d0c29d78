#include "core/practice/made_up.h"

#include <algorithm>
#include <map>

#include "core/plan/test_list.h"
#include "core/verdict/move_words.h"

namespace haybale::practice {

std::unique_ptr<sim::SimVehicle> vehicleOf(const PracticeCase& p,
                                           const std::vector<sim::HiddenFault>& hidden,
                                           std::uint32_t seed, const std::string& folder) {
  sim::SimOptions options;
  options.seed = seed;
  options.slip = p.slip;
  options.dries = p.dries;
  options.folder = folder;
  auto out = std::make_unique<sim::SimVehicle>(p.shown, hidden.front().fault,
                                               hidden.front().severity, options);
  if (hidden.size() > 1) {
    out->hideToo(hidden[1]);
  }
  return out;
}

std::vector<circuit::Test> movesOf(const job::Case& known) {
  std::vector<circuit::Test> moves;
  const auto addOf = [&](const std::string& name) {
    job::Case c = known;
    c.suspect = name;
    for (auto& test : diagnosis::possibleTests(c)) {
      const bool there = std::any_of(moves.begin(), moves.end(), [&](const circuit::Test& t) {
        return circuit::sameTest(t, test);
      });
      if (test.circuit == name && !there) {
        moves.push_back(std::move(test));
      }
    }
  };
  addOf(known.suspectCircuit()->name);
  for (const auto& circuit : known.circuits) {
    addOf(circuit.name);
  }
  return moves;
}

std::vector<std::string> titlesOf(const std::vector<circuit::Test>& moves) {
  std::vector<std::string> out;
  std::map<std::string, int> alike;
  for (const auto& test : moves) {
    out.push_back(diagnosis::titleFor(test));
    ++alike[test.circuit + ": " + out.back()];
  }
  for (std::size_t i = 0; i < moves.size(); ++i) {
    if (alike[moves[i].circuit + ": " + out[i]] > 1) {
      out[i] += "; " + circuit::leadsText(moves[i]) + ", " + circuit::stateText(moves[i].state);
    }
  }
  return out;
}

}  // namespace haybale::practice
