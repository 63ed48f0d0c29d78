// Small helpers on UTF-8 text that several readers share.
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace haybale::text {

/// Without blanks (ASCII, and the no-break space U+00A0) at either end.
[[nodiscard]] std::string_view trimmed(std::string_view text);

/// ASCII letters in lower case; other bytes unchanged.
[[nodiscard]] std::string lower(std::string_view text);

/// The words between runs of ASCII blanks.
[[nodiscard]] std::vector<std::string> words(std::string_view text);

/// True when `text` is well-formed UTF-8.
[[nodiscard]] bool isUtf8(std::string_view text);

/// `text` with every malformed byte replaced by U+FFFD, so that it may be stored and shown.
[[nodiscard]] std::string toUtf8(std::string_view text);

/// At most the first `most` bytes of `text`, cut on a character border, and "..." where it was
/// longer.
[[nodiscard]] std::string shortened(std::string_view text, std::size_t most);

}  // namespace haybale::text
