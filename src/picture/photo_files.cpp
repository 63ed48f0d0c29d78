#include "picture/photo_files.h"

#include "core/base/text.h"

namespace haybale::picture {

bool isPhoto(std::string_view file) {
  const auto dot = file.find_last_of('.');
  const std::string ending = dot == std::string_view::npos ? "" : text::lower(file.substr(dot + 1));
  return ending == "jpg" || ending == "jpeg" || ending == "png" || ending == "bmp" ||
         ending == "gif";
}

std::string markedName(std::string_view file) {
  return std::string(file.substr(0, file.find_last_of('.'))) + ".marked.png";
}

}  // namespace haybale::picture
