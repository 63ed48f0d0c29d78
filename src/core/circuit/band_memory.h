// Expected bands worked out once: a case has many readings, and one that is entered changes what is
// expected of none of the others.
#pragma once

#include <mutex>
#include <vector>

#include "core/circuit/predict.h"

namespace haybale::circuit {

/// Bands of sound circuits by all that they hang on, compared as it is. Any thread may ask.
class BandMemory {
 public:
  /// As predictBand without faults.
  [[nodiscard]] std::optional<Band> bandFor(const Circuit& circuit,
                                            const LineParameters& parameters, const Test& test,
                                            const Meter& meter);

 private:
  struct Entry {
    Test test;
    std::optional<Band> band;
  };
  // What is expected of one circuit.
  struct Room {
    Circuit circuit;
    std::vector<ParameterPoint> draws;
    ParameterPoint central;
    Meter meter;
    std::vector<Entry> entries;
  };
  static constexpr std::size_t kMostRooms = 24, kMostEntries = 400;

  // The one used last stands at the end; nullptr where there is none.
  Room* roomOf(const Circuit& circuit, const LineParameters& parameters, const Meter& meter);
  [[nodiscard]] static const Entry* find(const Room& room, const Test& test);

  std::mutex mutex_;
  std::vector<Room> rooms_;
};

}  // namespace haybale::circuit
