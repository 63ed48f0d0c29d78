// The one error channel of the core: a value, or a sentence that says what, where and what would be
// right.
#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <utility>
#include <variant>

namespace haybale {

/// Why something could not be read or done. Every text is complete and lower case, without a full
/// stop.
struct Error {
  /// File, field path ("circuits[0].path[2].kind") or control the trouble is in; may be empty.
  std::string where;
  /// Line in a text file, counted from 1.
  std::optional<std::size_t> line;
  /// What is wrong.
  std::string what;
  /// What would be right; may be empty when `what` already says it.
  std::string wanted;

  /// "where:line: what; wanted", on one line.
  [[nodiscard]] std::string sentence() const;
};

/// Either a `T` or an `Error`. Looking at the wrong side throws std::bad_variant_access: a bug of
/// the caller.
template <class T>
class [[nodiscard]] Result {
 public:
  Result(T value) : content_(std::in_place_index<0>, std::move(value)) {}
  Result(Error error) : content_(std::in_place_index<1>, std::move(error)) {}

  [[nodiscard]] bool ok() const { return content_.index() == 0; }
  explicit operator bool() const { return ok(); }

  [[nodiscard]] const T& value() const& { return std::get<0>(content_); }
  [[nodiscard]] T& value() & { return std::get<0>(content_); }
  [[nodiscard]] T&& value() && { return std::get<0>(std::move(content_)); }
  [[nodiscard]] const Error& error() const { return std::get<1>(content_); }
  [[nodiscard]] Error& error() { return std::get<1>(content_); }

  const T* operator->() const { return &value(); }
  T* operator->() { return &value(); }
  const T& operator*() const& { return value(); }
  T& operator*() & { return value(); }

 private:
  std::variant<T, Error> content_;
};

/// A Result without a value.
struct Done {};
using Status = Result<Done>;

}  // namespace haybale
