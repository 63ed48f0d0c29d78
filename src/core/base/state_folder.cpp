#include "core/base/state_folder.h"

#include <cstdlib>

namespace haybale {

std::string stateFolder() {
  const auto from = [](const char* name) {
    const char* value = std::getenv(name);
    return std::string(value ? value : "");
  };
  if (auto own = from("HAYBALE_STATE_DIR"); !own.empty()) {
    return own;
  }
  const auto base = from("XDG_STATE_HOME");
  return (base.empty() ? from("HOME") + "/.local/state" : base) + "/haybale";
}

}  // namespace haybale
