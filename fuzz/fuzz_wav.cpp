// Any bytes as a WAV: read and analysed without a crash.
#include "core/capture/wav.h"
#include "core/trace/analysis.h"
#include "temp_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale;
  const auto record = capture::readWavFile(fuzz::asFile(data, size, "f.wav"));
  for (std::size_t i = 0; record && i < record->channels.size(); ++i) {
    (void)trace::analyse(*record, i, {});
  }
  return 0;
}
