// A course of evidence taken up where it was left: one reading more need not go the whole way
// again.
#include <tuple>

#include "core/belief/belief.h"

namespace haybale::diagnosis {

// The course, and all that it hangs on beside the layout of the room it is kept in. What was read
// on other circuits is compared as a whole, wherever it stands: a reading that has its like there
// tells more.
struct Belief::Kept : CourseKept {
  struct Taken {
    LikelihoodMemory::Room::Read read;
    bool withdrawn;
    bool operator==(const Taken&) const = default;
  };
  std::vector<double> priors;
  std::vector<circuit::ParameterPoint> drawn;
  std::vector<double> shares;
  bool usual = false;
  std::vector<Taken> taken;
  std::vector<job::Evidence> others;

  Course course;
  std::vector<std::pair<std::size_t, Spread>> spreads;  // by index of the evidence
  std::vector<std::pair<double, double>> cells;         // weight, along
};

std::vector<job::Evidence> Belief::ofOthers() const {
  std::vector<job::Evidence> out;
  for (const auto& e : vehicle_.job().evidence) {
    if (e.test.circuit != vehicle_.suspect().name) {
      out.push_back(e);
    }
  }
  return out;
}

std::size_t Belief::resume(const std::vector<std::optional<TraceFacts>>& facts,
                           const LikelihoodMemory::Room* memory) {
  const auto* kept = memory ? static_cast<const Kept*>(memory->course.get()) : nullptr;
  const auto& evidence = vehicle_.job().evidence;
  if (!kept || kept->taken.size() > evidence.size() || kept->usual != usual_ ||
      kept->shares != shares_ || kept->drawn != drawn_ || kept->others != ofOthers()) {
    return 0;
  }
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    if (cells_[i].prior != kept->priors[i]) {
      return 0;
    }
  }
  for (std::size_t k = 0; k < kept->taken.size(); ++k) {
    const auto& [read, withdrawn] = kept->taken[k];
    const auto& e = evidence[k];
    if (e.withdrawn != withdrawn || !(read.test == e.test) || !(read.reading == e.reading) ||
        read.facts != facts[k]) {
      return 0;
    }
  }
  course_ = kept->course;
  for (const auto& [k, spread] : kept->spreads) {
    spreads_.emplace(&evidence[k], spread);
  }
  for (std::size_t i = 0; i < cells_.size(); ++i) {
    std::tie(cells_[i].weight, cells_[i].along) = kept->cells[i];
  }
  return kept->taken.size();
}

void Belief::keep(std::size_t upTo, const std::vector<std::optional<TraceFacts>>& facts,
                  LikelihoodMemory::Room* memory) const {
  if (!memory) {
    return;
  }
  auto out = std::make_shared<Kept>();
  const auto& evidence = vehicle_.job().evidence;
  out->drawn = drawn_;
  out->shares = shares_;
  out->usual = usual_;
  out->others = ofOthers();
  out->course = course_;
  for (std::size_t k = 0; k < upTo; ++k) {
    out->taken.push_back(
        {{evidence[k].test, evidence[k].reading, facts[k]}, evidence[k].withdrawn});
    if (const auto spread = spreads_.find(&evidence[k]); spread != spreads_.end()) {
      out->spreads.emplace_back(k, spread->second);
    }
  }
  for (const Cell& cell : cells_) {
    out->priors.push_back(cell.prior);
    out->cells.emplace_back(cell.weight, cell.along);
  }
  memory->course = std::move(out);
}

}  // namespace haybale::diagnosis
