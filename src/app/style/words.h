// Texts of the core as the toolkit wants them.
#pragma once

#include <QString>
#include <string>
#include <string_view>

namespace haybale::app {

inline QString q(std::string_view text) {
  return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

}  // namespace haybale::app
