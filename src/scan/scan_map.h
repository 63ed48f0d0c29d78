// Where in a vehicle's control unit wheel speeds and codes stand: the user's own file or the
// maker's.
#pragma once

#include <map>
#include <string>
#include <string_view>
#include <vector>

#include "scan/doip.h"
#include "scan/isotp.h"

namespace haybale::scan {

/// One wheel's speed in the record of an identifier; numbers are big-endian.
struct SpeedPlace {
  std::string circuit;
  std::uint16_t did = 0;
  std::size_t offset = 0;  ///< bytes into the record
  std::size_t bytes = 2;   ///< 1 to 8
  bool isSigned = false;
  double scale = 0.01;  ///< km/h a step
};

struct ScanMap {
  DoipEnds doip;
  CanEnds can;
  std::vector<SpeedPlace> speeds;
  std::map<std::string, std::string> codes;  ///< "C0035", or "C0035-13", to the circuit
};

/// Reads {"format": "haybale-scan-map", "version": 1, "tester": "0x0E00", "ecu": "0x1010", "can":
/// {"request": "0x760", "response": "0x768"}, "speeds": [{"circuit": "FL", "did": "0x4A01",
/// "offset": 0, "bytes": 2, "signed": false, "scale": 0.01}], "codes": {"C0035": "FL"}}.
[[nodiscard]] Result<ScanMap> parseScanMap(std::string_view text, const std::string& name);
[[nodiscard]] std::string scanMapText(const ScanMap& map);

}  // namespace haybale::scan
