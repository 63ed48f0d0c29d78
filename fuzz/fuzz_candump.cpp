// Any bytes as a log of the vehicle's bus, a table of speeds, a signal map. Up to the first zero
// they are the map, behind it the log.
#include "core/capture/candump.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale::capture;
  const std::string_view text(reinterpret_cast<const char*>(data), size);
  const auto cut = std::min(text.find('\0'), text.size());
  (void)parseSpeedTable(text, "t");
  const auto mapped = parseSignalMap(text.substr(0, cut), "m");
  (void)parseCandump(
      text.substr(std::min(size, cut + 1)),
      mapped ? *mapped : std::vector<BusSignal>{{"RR", 0x1F0, 0, 2, true, false, 0.01, 0}}, "f");
  return 0;
}
