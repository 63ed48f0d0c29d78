// Any bytes as a case file: what is accepted is saved, is accepted again, and can be assessed.
#include <cstddef>
#include <cstdint>
#include <cstdlib>

#include "core/job/case_json.h"
#include "core/session/assessment.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  const auto c = haybale::job::parseCase({reinterpret_cast<const char*>(data), size}, "f");
  if (!c) {
    return 0;
  }
  if (!haybale::job::parseCase(haybale::job::caseText(*c), "again")) {
    std::abort();
  }
  // An assessment costs milliseconds; small cases are enough.
  if (size < 3000 && c->circuits.size() < 3 && c->evidence.size() < 3) {
    auto noFiles = *c;
    std::erase_if(noFiles.evidence, [](const auto& e) { return !e.reading.file.empty(); });
    haybale::diagnosis::CaptureShelf shelf;
    (void)haybale::diagnosis::assessCase(noFiles, "/", shelf);
  }
  return 0;
}
