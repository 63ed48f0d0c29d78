#include "core/priors/priors.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <cstdlib>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::priors {

namespace {

constexpr std::array<std::string_view, kCount> kNames{
#define PRIOR(id, name, value) name,
#include "core/priors/table.inc"
#undef PRIOR
};

constexpr Table kShipped{
#define PRIOR(id, name, value) value,
#include "core/priors/table.inc"
#undef PRIOR
};

// Names that begin so are probabilities: above 1 they mean nothing.
bool isProbability(std::string_view name) {
  constexpr std::array<std::string_view, 15> kBegin{
      "doubt-", "slip-", "look-", "pull-",   "steel-", "trust-",   "intermittent-shows-",
      "water-", "kind-", "cure-", "wiggle-", "lamp-",  "isolated", "settled",
      "code-"};
  return std::any_of(kBegin.begin(), kBegin.end(),
                     [&](std::string_view begin) { return name.starts_with(begin); });
}

}  // namespace

namespace detail {
Table current = kShipped;
}

std::string_view nameOf(Id id) {
  return kNames[static_cast<std::size_t>(id)];
}

Id idOf(std::string_view name) {
  return static_cast<Id>(std::find(kNames.begin(), kNames.end(), name) - kNames.begin());
}

const Table& shipped() {
  return kShipped;
}

Result<Table> read(std::string_view text, std::string_view where) {
  const auto json = parseJson(text, where);
  if (!json) {
    return json.error();
  }
  const std::string file(where);
  ObjectReader in(*json, "");
  if (in.text("format") != "haybale-priors") {
    return Error{file, std::nullopt, say("is no table of priors"),
                 "\"format\": \"haybale-priors\""};
  }
  Table out = kShipped;
  const Json* values = in.array("values");
  for (std::size_t i = 0; values && i < values->size(); ++i) {
    ObjectReader one((*values)[i], fmt::format("values[{}]", i));
    const std::string name = one.text("name");
    const auto value = one.number("value", 0, 1e6);
    if (one.error()) {
      Error error = *one.error();
      error.where = file + ": " + error.where;
      return error;
    }
    const Id id = idOf(name);
    if (id == Id::count || !value) {
      return Error{sayf("{}: values[{}]", file, i), std::nullopt,
                   id == Id::count ? "\"" + text::shortened(name, 40) + say("\" is not a name here")
                                   : name + say(" has no value"),
                   say("a name of data/priors.json and a number that is not negative")};
    }
    if (isProbability(name) && *value > 1) {
      return Error{fmt::format("{}: {}", file, name), std::nullopt,
                   sayf("{:g} is no probability", *value), say("a number from 0 to 1")};
    }
    out[static_cast<std::size_t>(id)] = *value;
  }
  return in.error() ? Result<Table>(*in.error()) : Result<Table>(out);
}

void use(const Table& table) {
  detail::current = table;
}

std::optional<Error> useFile(const std::string& path) {
  const auto text = job::readFile(path);
  if (!text) {
    return text.error();
  }
  const auto table = read(*text, path);
  if (!table) {
    return table.error();
  }
  use(*table);
  return std::nullopt;
}

std::optional<Error> useNamedFile() {
  const char* path = std::getenv("HAYBALE_PRIORS");
  return path && *path ? useFile(path) : std::nullopt;
}

}  // namespace haybale::priors
