// What is asked of a control unit: its codes, clearing them, the wheels' speeds.
#pragma once

#include <map>
#include <string>
#include <vector>

#include "scan/scan_map.h"
#include "scan/uds.h"

namespace haybale::scan {

/// A stored code of three bytes: two of the code, one of the kind of failure.
struct Code {
  std::uint32_t bytes = 0;
  std::uint8_t status = 0;
  std::optional<int> occurrences;
  std::map<int, std::string> snapshots;  ///< by record number, as hexadecimal bytes
};

/// "C0035-13", by SAE J2012-DA.
[[nodiscard]] std::string codeText(std::uint32_t bytes);
/// What it says of a circuit, by its failure-type byte (SAE J2012-DA; from memory): "open",
/// "short-ground", "short-supply", "open-or-short", "no-signal", "erratic", "low-amplitude",
/// "implausible"; empty where it says nothing of a circuit.
[[nodiscard]] std::string codeType(std::uint32_t bytes);
/// The failure-type byte that says so; 0 for what is none of them.
[[nodiscard]] std::uint8_t failureType(std::string_view type);

/// Service 0x19: all codes with their status; how often and what was frozen, where it is given.
[[nodiscard]] Result<std::vector<Code>> readCodes(Client& client);
/// Service 0x14, all groups.
Status clearCodes(Client& client);
/// Service 0x22 by the map: km/h by circuit. An error names the identifier that is refused or too
/// short.
[[nodiscard]] Result<std::map<std::string, double>> readSpeeds(Client& client, const ScanMap& map);

}  // namespace haybale::scan
