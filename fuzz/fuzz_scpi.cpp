// Any bytes as what an instrument answers, and as what one is told.
#include <string>
#include <string_view>

#include "instruments/scpi_device.h"
#include "instruments/scpi_text.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale::instruments;
  const std::string_view text(reinterpret_cast<const char*>(data), size);
  (void)parseNumber(text);
  (void)parseNumbers(text);
  (void)parseIdentity(text);
  (void)isCommand(text, "[SENSe#:]VOLTage[:DC]:RANGe[:UPPer]");
  std::string_view left = text;
  while (const auto end = answerEnd(left)) {
    if (!*end || **end == 0) {
      break;
    }
    (void)blockContent(left.substr(0, **end));
    left.remove_prefix(**end);
  }
  (void)blockContent(text);
  ScpiDevice device({"Maker", "Model", "1", "1"});
  (void)device.execute(text);
  return 0;
}
