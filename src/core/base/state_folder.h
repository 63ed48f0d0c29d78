// Where the programs keep what is theirs.
#pragma once

#include <string>

namespace haybale {

/// $HAYBALE_STATE_DIR, else $XDG_STATE_HOME/haybale, else ~/.local/state/haybale. Not made.
[[nodiscard]] std::string stateFolder();

}  // namespace haybale
