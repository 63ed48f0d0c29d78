// What a file holds beyond what this version understands: kept as text, so that plain data need
// not know how the file is written.
#pragma once

#include <string>

namespace haybale {

/// Members of a JSON object that its reader did not ask for, as the text of an object; empty when
/// there are none. Two are equal when their texts are. `ObjectReader::rest` makes it, `appendRest`
/// writes it again.
struct Rest {
  std::string text;

  bool operator==(const Rest&) const = default;
  [[nodiscard]] bool empty() const { return text.empty(); }
};

}  // namespace haybale
