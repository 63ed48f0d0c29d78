// Any bytes as a practice case, a file of priors, what is said of how a CSV is written.
#include <string>

#include "core/capture/csv_hints.h"
#include "core/practice/practice_case.h"
#include "core/priors/priors.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale;
  const std::string text(reinterpret_cast<const char*>(data), size);
  if (const auto practice = practice::parsePractice(text, "f")) {
    (void)practice::hiddenIn(*practice);
  }
  (void)priors::read(text, "f");
  (void)capture::parseHints(text, "f");
  return 0;
}
