// One kind of reading along the line: what a sound circuit would show at every place, what was
// read, and where the two part: the cliff.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/verdict/assess.h"

namespace haybale::diagnosis {

/// A place with the band a sound circuit keeps there.
struct ProfilePoint {
  circuit::Place place;
  double position = 0;  ///< along the path, as circuit::position
  circuit::Band expected;
};

/// A reading that belongs to the profile.
struct ProfileReading {
  std::string evidenceId;
  circuit::Place place;
  double position = 0;
  double value = 0;  ///< in the profile's unit; infinity for OL
  std::optional<judging::Verdict> verdict;
  bool peer = false;  ///< read on the good wheel, at the like place
};

/// Two neighbouring readings between which the line changes from as expected to not.
struct Cliff {
  std::size_t from = 0;  ///< index in `readings`
  std::size_t to = 0;
  std::optional<double> lengthM;  ///< of wire between the two, where the lengths are known
  std::string text;               ///< "the cliff: between C2 and C3, 0.8 m"
};

struct Profile {
  circuit::TestKind kind = circuit::TestKind::dcVoltage;
  units::Unit unit = units::Unit::volt;
  std::string title;  ///< "DC volts, a to ground, with no load"
  std::vector<ProfilePoint> points;
  std::vector<ProfileReading> readings;  ///< by position; own and the good wheel's
  std::optional<Cliff> cliff;
};

/// The profile that `test` belongs to: the same function and leads, moved along the line, the same
/// parts of the circuit hanging on the leads (module, sensor, both). Readings of other kinds, other
/// leads or another load are left out. Empty for tests that are no number along a wire.
[[nodiscard]] std::optional<Profile> profileOf(const job::Case& c, const circuit::Test& test,
                                               const std::vector<ReadingView>& views,
                                               const Knowledge& knowledge);

/// A reading on the profile's own scale, for the size of a step: volts as they are, ohms as
/// decades. OL counts as 100 Mohm.
[[nodiscard]] double onScale(units::Unit unit, double value);

}  // namespace haybale::diagnosis
