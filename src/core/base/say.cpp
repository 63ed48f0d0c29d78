#include "core/base/say.h"

#include <algorithm>
#include <atomic>
#include <locale>

namespace haybale {

namespace {
std::atomic<Translator> inForce = nullptr;
std::atomic<bool> comma = false;

struct CommaPoint : std::numpunct<char> {
  [[nodiscard]] char do_decimal_point() const override { return ','; }
  [[nodiscard]] std::string do_grouping() const override { return ""; }
};

// "{:.1f}" -> "{:.1Lf}": figures by the locale that is given along.
std::string byLocale(const char* pattern) {
  std::string out;
  int depth = 0;
  for (const char* at = pattern; *at; ++at) {
    depth += *at == '{' ? 1 : *at == '}' ? -1 : 0;
    const bool figure = depth == 1 && (*at == 'f' || *at == 'g' || *at == 'e') && at[1] == '}';
    out += figure ? std::string("L") + *at : std::string(1, *at);
  }
  return out;
}

std::string formatted(const char* pattern, fmt::format_args figures) {
  if (!comma) {
    return fmt::vformat(pattern, figures);
  }
  static const std::locale locale(std::locale::classic(), new CommaPoint);
  return fmt::vformat(locale, byLocale(pattern), figures);
}
}  // namespace

void setDecimalComma(bool on) {
  comma = on;
}

bool decimalComma() {
  return comma;
}

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
      return formatted(other, figures);
    } catch (const fmt::format_error&) {
      // Said in English below.
    }
  }
  return formatted(pattern, figures);
}

}  // namespace haybale
