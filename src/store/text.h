// Text of the core as the toolkit's.
#pragma once

#include <QString>
#include <string>

namespace haybale::store {

[[nodiscard]] inline QString q(const std::string& text) {
  return QString::fromStdString(text);
}

}  // namespace haybale::store
