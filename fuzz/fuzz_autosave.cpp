// Any bytes as an autosave: brought back, or put aside and never in the way again.
#include <cstdlib>
#include <filesystem>

#include "app/model/autosave.h"
#include "temp_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale;
  static const bool ready = [] {
    qputenv("HAYBALE_STATE_DIR", QByteArray::fromStdString(fuzz::scratch()));
    return std::filesystem::create_directories(fuzz::scratch() + "/autosave");
  }();
  const auto path = fuzz::asFile(data, size, "autosave/f.json");
  const auto kept = app::readAutosave(QStringLiteral("f"));
  if (!ready || (!kept && std::filesystem::exists(path))) {
    std::abort();
  }
  if (kept && !app::writeAutosave(*kept, kept->job, false)) {
    std::abort();
  }
  if (kept && !app::readAutosave(QStringLiteral("f"))) {
    std::abort();
  }
  std::filesystem::remove(path + ".damaged");
  return 0;
}
