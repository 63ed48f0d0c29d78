// Any bytes as a sheet of limits: what is accepted is written in both forms and read again.
#include <cstdlib>

#include "core/judging/limits_sheet.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale::judging;
  const auto sheet = parseLimitsSheet({reinterpret_cast<const char*>(data), size}, "f");
  if (sheet && !parseLimitsSheet(limitsSheetJson(*sheet), "json")) {
    std::abort();
  }
  if (sheet && !sheet->limits.empty() && !parseLimitsSheet(limitsSheetCsv(*sheet), "csv")) {
    std::abort();
  }
  return 0;
}
