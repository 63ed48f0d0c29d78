// What a test asks of the technician: how deep it goes into the loom, how the car stands, minutes,
// and whether tools and permission suffice.
#pragma once

#include <array>
#include <map>
#include <string>
#include <string_view>

#include "core/job/case.h"

namespace haybale::diagnosis {

enum class Intrusion { none, unplug, backProbe, pierce, cut };
inline constexpr std::array<std::string_view, 5> kIntrusionNames{"none", "unplug", "back-probe",
                                                                 "pierce", "cut"};

/// The most invasive way of touching that a test needs.
[[nodiscard]] Intrusion intrusionOf(const circuit::Circuit& circuit, const circuit::Test& test);

/// Whether the tools of the case suffice and its intrusion is allowed.
[[nodiscard]] bool permitted(const job::Case& c, const circuit::Circuit& circuit,
                             const circuit::Test& test);

/// How the car stands for a test, and where the technician is.
enum class Stance { atModule, atWheel, driving };
inline constexpr std::array<std::string_view, 3> kStanceNames{
    "at the module", "at the wheel, car on stands", "driving"};
[[nodiscard]] Stance stanceOf(const circuit::Circuit& circuit, const circuit::Test& test);

/// Minutes of a test after those already made: common practice, no source. Codes 2, live speeds
/// 1.5, a reading or lamp 1, loop check 1.5, trace 3, wiggle 2, a look 0.5, a pull 1, bench check
/// 2; to each the access minutes of every element to be reached, 1 once it lies bare; spinning 1, a
/// drive 6, a swap or a substitute signal 5, a pierced hole 2, wetting or heating 2.
[[nodiscard]] double minutesOf(const job::Case& c, const circuit::Test& test);

/// What a test lays bare that no test before it did, and the minutes that every later one there is
/// spared by it: "RL/C2", 4.
[[nodiscard]] std::map<std::string, double> laysBare(const job::Case& c, const circuit::Test& test);

}  // namespace haybale::diagnosis
