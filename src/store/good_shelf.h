// Readings kept as good: measured today, the specification of tomorrow. On the shop's shelf, so
// what one bench measured is a limit on every other.
#pragma once

#include <vector>

#include "core/base/json_fwd.h"
#include "core/judging/known_good.h"
#include "store/database.h"

namespace haybale::store {

/// A kept reading with its name on the shelf.
struct KeptGood {
  QString name;
  judging::GoodSample sample;
};

/// Which samples speak for which vehicle: empty members do not matter.
struct GoodFor {
  QString vehicle;
  QString module;
  QString part;
  std::optional<judging::Quantity> quantity;
};

class GoodShelf {
 public:
  explicit GoodShelf(Database& db) : db_(db) {}
  /// Its name, to take it back by.
  Result<QString> keep(const judging::GoodSample& sample);
  Status remove(const QString& name);
  /// By the date it was taken, oldest first. What a newer version put there and this one cannot
  /// read is left out.
  [[nodiscard]] Result<std::vector<KeptGood>> find(const GoodFor& wanted);

 private:
  Database& db_;
};

/// A sample as it lies on the shelf: {"quantity", "value", "celsius", "vehicle", "module", "part",
/// "circuit", "place", "taken", "trace"}; empty members left out.
[[nodiscard]] Json goodJson(const judging::GoodSample& sample);

}  // namespace haybale::store
