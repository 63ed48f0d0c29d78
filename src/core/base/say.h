// The one layer through which the core speaks: every sentence for a reader passes here as a pattern
// and its figures, so that it can be said in another language.
//
// Patterns are English and written where they are used; packaging/translations collects them. What
// other programs read (names of faults, JSON, files, options) is never said through here.
#pragma once

#include <fmt/format.h>

#include <string>
#include <string_view>
#include <utility>

namespace haybale {

/// Gives a pattern in the language in force, or nullptr to leave it as it is. Called from any
/// thread; what it returns has to live as long as the program.
using Translator = const char* (*)(const char* pattern);

/// Words of a table that are said later, by say(): marks them for the collector.
[[nodiscard]] constexpr const char* later(const char* words) {
  return words;
}

/// Set once, before anything is said; nullptr (at first): English.
void setTranslator(Translator translator);

/// Whether figures are said with a decimal comma, as languages other than English have it. Set
/// once, before anything is said.
void setDecimalComma(bool comma);
[[nodiscard]] bool decimalComma();

/// Words without figures, in the language in force. `words` lives as long as the program.
[[nodiscard]] const char* say(const char* words);

/// A name as programs have it ("short-to-ground", "scan-tool"), for a reader: blanks for hyphens,
/// in the language in force. packaging/translations knows the lists of such names.
[[nodiscard]] std::string sayName(std::string_view name);

/// A pattern of fmt with its figures, in the language in force. A translation that does not fit the
/// figures is not used: the English pattern is.
[[nodiscard]] std::string sayChecked(const char* pattern, fmt::format_args figures);

template <typename... Figures>
[[nodiscard]] std::string sayf(fmt::format_string<Figures...> pattern, Figures&&... figures) {
  const fmt::string_view text = pattern;
  return sayChecked(text.data(), fmt::make_format_args(figures...));
}

}  // namespace haybale
