// Any bytes as a bundle: unpacked into a folder of its own, or nothing is left.
#include <cstdlib>
#include <filesystem>

#include "store/bundle.h"
#include "temp_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale;
  const std::string folder = fuzz::scratch() + "/unpacked";
  const auto done = store::unpackBundle(fuzz::asFile(data, size, "f.zip"), folder);
  if (!done && std::filesystem::exists(folder)) {
    std::abort();
  }
  std::filesystem::remove_all(folder);
  return 0;
}
