// Any bytes as a value change dump, a speed profile or a fault: read and analysed without a crash.
#include <cstddef>
#include <cstdint>

#include "core/capture/vcd.h"
#include "core/signal/substitute.h"
#include "core/trace/analysis.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale;
  const std::string_view text(reinterpret_cast<const char*>(data), size);
  if (const auto record = capture::readVcd(text, "f")) {
    for (std::size_t i = 0; i < record->channels.size(); ++i) {
      (void)trace::analyse(*record, i, {});
    }
  }
  if (const auto profile = signal::parseProfile(text, "p")) {
    (void)profile->at(1);
    (void)profile->top();
  }
  (void)signal::parseFault(text);
  return 0;
}
