// What a job carries beside its measurements: what was found at the counter, what is repaired, how
// the repair is proved, how the job ended. Plain data.
#pragma once

#include <array>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/rest.h"

namespace haybale::job {

/// A trouble code as it stood in the module BEFORE anything was cleared.
struct StoredCode {
  bool operator==(const StoredCode&) const = default;
  std::string code;             ///< as the scan tool shows it, "C0050-13" or the maker's own
  std::string circuit;          ///< what it means: which circuit; may be empty
  std::string meaning;          ///< one of the code types ("open", ...); may be empty
  std::string status;           ///< "active" or "history"
  std::optional<double> count;  ///< how often, as the module counts
  std::string freeze;           ///< freeze values, as written down
  Rest rest;
};
inline constexpr std::array<std::string_view, 2> kCodeStatusNames{"active", "history"};

/// Lamps and functions that may be lit or lost.
inline constexpr std::array<std::string_view, 6> kLampNames{"abs",       "brake",  "traction",
                                                            "stability", "cruise", "hill-hold"};

/// What is checked before any line is opened.
inline constexpr std::array<std::string_view, 4> kBasicNames{"battery", "fuses-and-relay",
                                                             "module-power", "module-ground"};
inline constexpr std::array<std::string_view, 2> kBasicStates{"good", "bad"};

/// What the counter writes down before a tool is taken in hand.
struct Intake {
  bool operator==(const Intake&) const = default;
  std::vector<std::string> lamps;             ///< of kLampNames; others are kept
  std::vector<StoredCode> codes;              ///< in the order in which they were read
  bool noCodes = false;                       ///< looked for, and there were none
  std::map<std::string, std::string> basics;  ///< by name: "good" or "bad"; absent: not checked
  std::string module;                         ///< which module it is, free text
  std::string sensorPart;                     ///< which sensor is fitted, free text
  Rest rest;

  /// Whether the stored codes were written down, or there were none: only then may they be cleared.
  [[nodiscard]] bool codesKept() const { return noCodes || !codes.empty(); }
};

/// How the shop joins wires.
inline constexpr std::array<std::string_view, 2> kSpliceSchools{"sealed-crimp", "solder"};

/// What was decided and done about the finding. Empty members: nothing was, yet.
struct RepairRecord {
  bool operator==(const RepairRecord&) const = default;
  std::string decision;  ///< what the owner decided, as written
  std::string element;   ///< what is repaired, by that; empty: what is suspected most
  std::string fault;     ///< what that work cures, as scripts name it; empty: the likeliest there
  std::string school = std::string(kSpliceSchools[0]);
  std::vector<std::string> done;             ///< ids of steps
  std::map<std::string, std::string> notes;  ///< by id of the step: torque, teeth, ohms
  std::vector<std::string> sealed;           ///< holes ticked as sealed
  Rest rest;
};

/// How a job ended.
struct Closing {
  bool operator==(const Closing&) const = default;
  std::string date;     ///< ISO 8601; empty: the job is open
  std::string circuit;  ///< by name
  std::string element;  ///< empty: nothing was wrong
  std::string kind;     ///< of the element
  std::string zone;     ///< of the element
  std::string fault;    ///< name of the way it failed
  std::string wire;     ///< of kWireNames; empty: both, or none of them
  double minutes = 0;   ///< that the diagnosis took
  bool proved = false;
  bool comeback = false;  ///< the vehicle had been here for this before
  Rest rest;

  [[nodiscard]] bool closed() const { return !date.empty(); }
};

/// Counts of what closed jobs turned out to be, by class of element ("leg/flex", "sensor").
struct Learnt {
  bool operator==(const Learnt&) const = default;
  double jobs = 0;                       ///< that were closed
  std::map<std::string, double> counts;  ///< of them, by class; what is not there counts 0
};

}  // namespace haybale::job
