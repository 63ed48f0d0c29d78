// Any bytes as a capture: read, analysed, written and read again without a crash.
#include <cstddef>
#include <cstdint>

#include "core/capture/csv.h"
#include "core/trace/analysis.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  const auto record = haybale::capture::readCsv({reinterpret_cast<const char*>(data), size}, "f");
  if (record) {
    for (std::size_t i = 0; i < record->channels.size(); ++i) {
      (void)haybale::trace::analyse(*record, i, {});
    }
    (void)haybale::capture::readCsv(haybale::capture::writeCsv(*record), "again");
  }
  return 0;
}
