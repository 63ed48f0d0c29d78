#include "core/base/result.h"

#include "core/base/say.h"

namespace haybale {

std::string Error::sentence() const {
  std::string text = where;
  if (line) {
    text += (text.empty() ? say("line ") : ":") + std::to_string(*line);
  }
  if (!text.empty()) {
    text += ": ";
  }
  text += what;
  if (!wanted.empty()) {
    text += "; " + wanted;
  }
  // One message is one line, whatever a file name or a quoted cell carried in.
  for (char& c : text) {
    if (static_cast<unsigned char>(c) < 0x20) {
      c = ' ';
    }
  }
  return text;
}

}  // namespace haybale
