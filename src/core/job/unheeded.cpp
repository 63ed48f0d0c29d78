#include "core/job/unheeded.h"

#include <algorithm>
#include <span>

#include "core/base/say.h"

namespace haybale::job {

namespace {

class Unheeded {
 public:
  void words(const std::string& where, const std::vector<std::string>& written,
             std::span<const std::string_view> known) {
    for (const auto& word : written) {
      if (std::find(known.begin(), known.end(), word) == known.end()) {
        tell(where, word, known);
      }
    }
  }

  template <class Names>
  void tell(const std::string& where, const std::string& word, const Names& known) {
    std::string all;
    for (const auto& name : known) {
      all += (all.empty() ? "" : ", ") + std::string(name);
    }
    out_.push_back(
        sayf("{}: \"{}\" is not known and counts for nothing; known are {}", where, word, all));
  }

  std::vector<std::string> take() { return std::move(out_); }

 private:
  std::vector<std::string> out_;
};

std::vector<std::string> elementsOf(const circuit::Circuit& circuit) {
  std::vector<std::string> out;
  for (const auto& e : circuit.path) {
    out.push_back(e.id);
  }
  return out;
}

}  // namespace

std::vector<std::string> unheeded(const Case& c) {
  Unheeded out;
  out.words("complaint.when", c.complaint.when, kWhenNames);
  out.words("toolbox", c.toolbox, kToolNames);
  out.words("allowed", c.allowed, kAllowedNames);
  if (const auto* suspect = c.suspectCircuit()) {
    const auto elements = elementsOf(*suspect);
    for (const auto& id : c.complaint.earlierRepair) {
      if (!suspect->find(id)) {
        out.tell("complaint.earlier_repair", id, elements);
      }
    }
  }
  return out.take();
}

}  // namespace haybale::job
