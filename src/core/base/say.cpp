#include "core/base/say.h"

#include <algorithm>
#include <atomic>

namespace haybale {

namespace {
std::atomic<Translator> inForce = nullptr;
}  // namespace

void setTranslator(Translator translator) {
  inForce = translator;
}

const char* say(const char* words) {
  const Translator translator = inForce;
  const char* other = translator ? translator(words) : nullptr;
  return other ? other : words;
}

std::string sayName(std::string_view name) {
  std::string words(name);
  std::replace(words.begin(), words.end(), '-', ' ');
  const Translator translator = inForce;
  const char* other = translator ? translator(words.c_str()) : nullptr;
  return other ? std::string(other) : words;
}

std::string sayChecked(const char* pattern, fmt::format_args figures) {
  const char* other = say(pattern);
  if (other != pattern) {
    try {
      return fmt::vformat(other, figures);
    } catch (const fmt::format_error&) {
      // Said in English below.
    }
  }
  return fmt::vformat(pattern, figures);
}

}  // namespace haybale
