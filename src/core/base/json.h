// JSON as the case file uses it: keys keep their order, and what a reader does not know is kept.
#pragma once

#include <nlohmann/json.hpp>
#include <optional>
#include <set>
#include <string>
#include <string_view>

#include "core/base/json_fwd.h"
#include "core/base/rest.h"
#include "core/base/result.h"

namespace haybale {

/// Parses `text`; an error carries the line and what the parser expected. `where` names the file.
/// Nesting deeper than 64 levels and objects of more than 20,000 members are refused, so that no
/// input can exhaust the stack or the patience.
Result<Json> parseJson(std::string_view text, std::string_view where);

/// Reads the known members of one JSON object, remembers which were asked for, and hands back the
/// rest. The first thing wrong is kept in `error()`; later reads then return defaults, so a caller
/// checks once at the end.
class ObjectReader {
 public:
  /// `path` is where the object stands, e.g. "circuits[0].sensor". REQUIRES: `object` outlives the
  /// reader.
  ObjectReader(const Json& object, std::string path);

  /// Text of `key`; `fallback` when it is absent or null.
  std::string text(std::string_view key, std::string fallback = {});
  /// Number of `key`; empty when absent or null. Must be finite and within [low, high].
  std::optional<double> number(std::string_view key, double low = -1e300, double high = 1e300);
  /// True or false of `key`; empty when absent or null.
  std::optional<bool> boolean(std::string_view key);
  /// The texts of an array; empty when absent or null.
  std::vector<std::string> texts(std::string_view key);
  /// The member itself when it is an object / an array; nullptr when absent or null.
  const Json* object(std::string_view key);
  const Json* array(std::string_view key);
  /// The member as it stands; nullptr when absent.
  const Json* any(std::string_view key);

  /// Index of the text of `key` in `names`; -1 when absent or null; an error when it is none of
  /// them.
  template <std::size_t N>
  int oneOf(std::string_view key, const std::array<std::string_view, N>& names) {
    const std::string word = text(key);
    for (std::size_t i = 0; i < N; ++i) {
      if (word == names[i]) {
        return static_cast<int>(i);
      }
    }
    if (!word.empty()) {
      std::string wanted = "one of";
      for (const auto& name : names) {
        wanted += ' ';
        wanted += name;
      }
      fail(key, "\"" + word + "\" is not known here", wanted);
    }
    return -1;
  }

  /// Members nobody asked for: fields of a newer version.
  [[nodiscard]] Rest rest() const;
  /// "path.key"
  [[nodiscard]] std::string at(std::string_view key) const;

  /// Keeps an error of `key` unless there is one already: what is wrong, and what would be right.
  void fail(std::string_view key, std::string what, std::string wanted);
  void fail(Error error);
  /// The first thing that was wrong; empty so far.
  [[nodiscard]] const std::optional<Error>& error() const { return error_; }

 private:
  const Json* find(std::string_view key);

  const Json& object_;
  std::string path_;
  std::set<std::string, std::less<>> asked_;
  std::optional<Error> error_;
};

/// Writes a member when there is something to write.
template <typename T>
void setIf(Json& out, const char* key, const std::optional<T>& value) {
  if (value) {
    out[key] = *value;
  }
}
inline void setIf(Json& out, const char* key, const std::string& value) {
  if (!value.empty()) {
    out[key] = value;
  }
}

/// Appends to `object` the members of `rest` it does not have yet.
void appendRest(Json& object, const Rest& rest);

}  // namespace haybale
