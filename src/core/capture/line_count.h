// How many lines a text has.
#pragma once

#include <cstddef>
#include <string_view>

namespace haybale::capture {

struct LineCount {
  std::size_t lines = 0;
  /// Some line begins with a blank or is empty: which of them count as rows is not known yet.
  bool anyBlank = false;
};

/// Lines of `text` that end with `lineEnd` or with the text.
[[nodiscard]] LineCount countLines(std::string_view text, char lineEnd);

}  // namespace haybale::capture
