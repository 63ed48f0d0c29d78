// What the trade takes for granted, as one table of named numbers: how often what fails, how often
// a reading is wrong, how a fault shows itself, from when on it is worth measuring on.
//
// The table is data/priors.json: name, value, meaning, source. Its names are compiled in, so that a
// misspelt one does not build; its values may be changed for a shop by a file that names some of
// them.
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace haybale::priors {

enum class Id : std::uint16_t {
#define PRIOR(id, name, value) id,
#include "core/priors/table.inc"
#undef PRIOR
  count
};
inline constexpr std::size_t kCount = static_cast<std::size_t>(Id::count);

/// As the file names it: "wiring-open".
[[nodiscard]] std::string_view nameOf(Id id);
/// The one called so; `Id::count` when there is none.
[[nodiscard]] Id idOf(std::string_view name);

/// All values, in the order of the ids.
using Table = std::array<double, kCount>;
/// As they were shipped.
[[nodiscard]] const Table& shipped();

namespace detail {
extern Table current;
}
/// The value in force. All are read at any time from any thread; they are set once, before.
[[nodiscard]] inline double of(Id id) {
  return detail::current[static_cast<std::size_t>(id)];
}

/// Reads a shop's own values over the shipped ones: `{"format": "haybale-priors", "version": 1,
/// "values": [{"name": "wiring-open", "value": 1.2}, ...]}`. Every value is finite and not
/// negative, and of a probability (shipped as less than 1 and named so) at most 1. An error names
/// the value and what would be right; nothing is taken then. `where` names the file.
[[nodiscard]] Result<Table> read(std::string_view text, std::string_view where);

/// Puts a table in force. Not while anything is worked out on another thread.
void use(const Table& table);

/// Reads a shop's file and puts it in force: once, before anything is worked out. What is wrong
/// with it, and the shipped values stay; empty when all is well.
[[nodiscard]] std::optional<Error> useFile(const std::string& path);

/// The same of the file that the environment names in HAYBALE_PRIORS; nothing when it names none.
[[nodiscard]] std::optional<Error> useNamedFile();

/// One value changed as long as it lives: for tests of how much hangs on it.
class Changed {
 public:
  Changed(Id id, double value) : before_(detail::current) {
    detail::current[static_cast<std::size_t>(id)] = value;
  }
  Changed(const Changed&) = delete;
  Changed& operator=(const Changed&) = delete;
  ~Changed() { detail::current = before_; }

 private:
  Table before_;
};

}  // namespace haybale::priors
