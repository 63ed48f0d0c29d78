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

LikelihoodMemory::Room& LikelihoodMemory::roomOf(const BeliefLayout& layout) {
  const auto found = std::find_if(rooms_.rbegin(), rooms_.rend(),
                                  [&](const Room& room) { return room.layout == layout; });
  if (found != rooms_.rend()) {
    std::rotate(found.base() - 1, found.base(), rooms_.end());
    return rooms_.back();
  }
  if (rooms_.size() == kMostRooms) {
    rooms_.erase(rooms_.begin());
  }
  rooms_.push_back({layout, {}});
  return rooms_.back();
}

const Likelihoods* LikelihoodMemory::find(const BeliefLayout& layout, const circuit::Test& test,
                                          const job::Reading& reading,
                                          const std::optional<TraceFacts>& facts) {
  for (const auto& entry : roomOf(layout).entries) {
    if (entry.test == test && entry.reading == reading && entry.facts == facts) {
      return &entry.values;
    }
  }
  return nullptr;
}

const Likelihoods& LikelihoodMemory::keep(const BeliefLayout& layout, const circuit::Test& test,
                                          const job::Reading& reading,
                                          const std::optional<TraceFacts>& facts,
                                          Likelihoods values) {
  auto& entries = roomOf(layout).entries;
  if (entries.size() == kMostEntries) {
    entries.clear();
  }
  entries.push_back({test, reading, facts, std::move(values)});
  return entries.back().values;
}

}  // namespace haybale::diagnosis
