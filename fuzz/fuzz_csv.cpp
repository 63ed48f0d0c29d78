// Any bytes as a capture: read, analysed, written and read again without a crash. Where the first
// line is a JSON object, the rest is read as it says.
#include <cstddef>
#include <cstdint>

#include "core/capture/csv.h"
#include "core/trace/analysis.h"

namespace {

using namespace haybale;

void work(std::string_view bytes, const capture::CsvOptions& options) {
  const auto record = capture::readCsv(bytes, "f", options);
  if (record) {
    for (std::size_t i = 0; i < record->channels.size(); ++i) {
      (void)trace::analyse(*record, i, {});
    }
    (void)capture::readCsv(capture::writeCsv(*record), "again");
  }
}

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  const std::string_view bytes(reinterpret_cast<const char*>(data), size);
  work(bytes, {});
  const std::size_t end = bytes.find('\n');
  if (bytes.starts_with('{') && end != std::string_view::npos) {
    if (const auto hints = capture::parseHints(bytes.substr(0, end), "f.json")) {
      capture::CsvOptions said;
      said.hints = *hints;
      work(bytes.substr(end + 1), said);
    }
  }
  return 0;
}
