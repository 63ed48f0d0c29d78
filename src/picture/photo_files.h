// Photos among the files attached to a reading, by their names.
#pragma once

#include <string>
#include <string_view>

namespace haybale::picture {

/// Whether a file's ending says that it is a picture the program shows (JPEG, PNG, BMP, GIF).
[[nodiscard]] bool isPhoto(std::string_view file);

/// What the marked copy of a photo is called, beside it: "plug.jpg" -> "plug.marked.png".
[[nodiscard]] std::string markedName(std::string_view file);

}  // namespace haybale::picture
