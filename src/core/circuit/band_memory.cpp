#include "core/circuit/band_memory.h"

#include <algorithm>

namespace haybale::circuit {

BandMemory::Room* BandMemory::roomOf(const Circuit& circuit, const LineParameters& parameters,
                                     const Meter& meter) {
  const auto found = std::find_if(rooms_.rbegin(), rooms_.rend(), [&](const Room& room) {
    return room.central == parameters.central && room.draws == parameters.draws &&
           room.circuit == circuit && room.meter == meter;
  });
  if (found == rooms_.rend()) {
    return nullptr;
  }
  std::rotate(found.base() - 1, found.base(), rooms_.end());
  return &rooms_.back();
}

const BandMemory::Entry* BandMemory::find(const Room& room, const Test& test) {
  const auto entry = std::find_if(room.entries.begin(), room.entries.end(),
                                  [&](const Entry& e) { return e.test == test; });
  return entry == room.entries.end() ? nullptr : &*entry;
}

std::optional<Band> BandMemory::bandFor(const Circuit& circuit, const LineParameters& parameters,
                                        const Test& test, const Meter& meter) {
  {
    const std::lock_guard lock(mutex_);
    const Room* room = roomOf(circuit, parameters, meter);
    const Entry* known = room ? find(*room, test) : nullptr;
    if (known) {
      return known->band;
    }
  }
  // Worked out without the lock: another thread may work out the same.
  const auto band = predictBand(circuit, parameters, test, {}, meter);
  const std::lock_guard lock(mutex_);
  Room* room = roomOf(circuit, parameters, meter);
  if (!room) {
    if (rooms_.size() == kMostRooms) {
      rooms_.erase(rooms_.begin());
    }
    rooms_.push_back({circuit, parameters.draws, parameters.central, meter, {}});
    room = &rooms_.back();
  }
  if (room->entries.size() == kMostEntries) {
    room->entries.clear();
  }
  if (find(*room, test) == nullptr) {
    room->entries.push_back({test, band});
  }
  return band;
}

}  // namespace haybale::circuit
