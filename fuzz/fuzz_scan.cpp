// Any bytes as a scan map, and as what a gateway sends.
#include <string_view>

#include "scan/services.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale::scan;
  std::string_view bytes(reinterpret_cast<const char*>(data), size);
  if (const auto map = parseScanMap(bytes, "f")) {
    (void)parseScanMap(scanMapText(*map), "again").value();
  }
  while (const auto frame = doipSize(bytes)) {
    if (*frame == 0) {
      break;
    }
    const auto payload = doipFrame(bytes.substr(0, *frame)).payload;
    (void)codeText(static_cast<std::uint32_t>(numberAt(payload, 0, 3)));
    (void)hexText(payload);
    bytes.remove_prefix(*frame);
  }
  return 0;
}
