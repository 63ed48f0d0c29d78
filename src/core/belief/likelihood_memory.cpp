#include "core/belief/likelihood_memory.h"

#include <algorithm>
#include <cmath>

namespace haybale::diagnosis {

namespace {

constexpr double kOpenEnd = 1e14;

}  // namespace

double Cell::middle() const {
  return high > kOpenEnd || low <= 0 ? high : std::sqrt(low * high);
}

double Cell::severity() const {
  return high > kOpenEnd || low <= 0 ? high : low * std::pow(high / low, along);
}

std::shared_ptr<const Likelihoods> LikelihoodMemory::Room::find(const Read& read) const {
  for (const auto& entry : entries_) {
    if (entry.read == read) {
      return entry.values;
    }
  }
  return nullptr;
}

std::shared_ptr<const Likelihoods> LikelihoodMemory::Room::keep(const Read& read,
                                                                Likelihoods values) {
  if (entries_.size() == kMostEntries) {
    entries_.clear();
  }
  entries_.push_back({read, std::make_shared<Likelihoods>(std::move(values))});
  return entries_.back().values;
}

LikelihoodMemory::Room& LikelihoodMemory::enter(const BeliefLayout& layout) {
  const auto found = std::find_if(rooms_.rbegin(), rooms_.rend(),
                                  [&](const Room& room) { return room.layout() == layout; });
  if (found != rooms_.rend()) {
    std::rotate(found.base() - 1, found.base(), rooms_.end());
    return rooms_.back();
  }
  if (rooms_.size() == kMostRooms) {
    rooms_.erase(rooms_.begin());
  }
  return rooms_.emplace_back(layout);
}

}  // namespace haybale::diagnosis
