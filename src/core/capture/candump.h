// Wheel speeds from a log of the vehicle's bus, in the text form of candump:
//   (1436509052.249713) vcan0 1F0#01F401F4000001F4
// and the signal map that says where in a frame which wheel's speed stands.
#pragma once

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/json_fwd.h"
#include "core/base/result.h"

namespace haybale::capture {

/// Where a wheel's speed stands in a frame: whole bytes, highest first or last.
struct BusSignal {
  std::string circuit;
  std::uint32_t id = 0;
  std::size_t firstByte = 0;
  std::size_t bytes = 2;
  bool bigEndian = true;
  bool isSigned = false;
  double scale = 0.01;  ///< km/h a step
  double offset = 0;
};

/// Reads {"format": "haybale-signal-map", "version": 1, "signals": [{"circuit": "RR", "id":
/// "0x1F0", "first_byte": 6, "bytes": 2, "order": "big|little", "signed": false, "scale": 0.01,
/// "offset": 0}]}.
[[nodiscard]] Result<std::vector<BusSignal>> parseSignalMap(std::string_view text,
                                                            const std::string& name);
[[nodiscard]] std::string signalMapText(const std::vector<BusSignal>& mapped);

struct SpeedSample {
  double s = 0;
  double kmh = 0;
};
/// Speeds by circuit, in order of time.
struct SpeedLog {
  std::map<std::string, std::vector<SpeedSample>> wheels;
  std::size_t frames = 0;    ///< lines that were frames
  std::size_t skipped = 0;   ///< lines that were not
  std::string firstSkipped;  ///< why, with its line number
};

/// One line; nothing for a line that is no frame. Data frames with up to 64 bytes ("##" marks
/// flexible data rate); remote frames carry no speed.
struct BusFrame {
  double s = 0;
  std::uint32_t id = 0;
  std::vector<std::uint8_t> data;
};
[[nodiscard]] std::optional<BusFrame> parseFrame(std::string_view line);

/// Adds what one frame says.
void takeFrame(const BusFrame& frame, const std::vector<BusSignal>& mapped, SpeedLog& log);

/// A whole log. An error when no line of it is a frame, or none holds a mapped signal.
[[nodiscard]] Result<SpeedLog> parseCandump(std::string_view text,
                                            const std::vector<BusSignal>& mapped,
                                            const std::string& name);

/// A table of km/h: first column seconds, one column a circuit, named in its head.
[[nodiscard]] Result<SpeedLog> parseSpeedTable(std::string_view text, const std::string& name);

/// A log from disk: a table of speeds, or a bus log with its signal map in FILE.map.json. The error
/// says which of the two it could not be, and why.
[[nodiscard]] Result<SpeedLog> openSpeedLog(const std::string& path);

/// What one wheel did over a log.
struct WheelSummary {
  double medianKmh = 0;  ///< while any wheel turned
  double shareZero = 0;  ///< of that time it showed nothing
  int dropouts = 0;      ///< falls to nothing and back while others turned
};
[[nodiscard]] std::map<std::string, WheelSummary> summarise(const SpeedLog& log);

}  // namespace haybale::capture
