// Readings kept as good: measured today, the specification of tomorrow.
#pragma once

#include <vector>

#include "core/judging/known_good.h"
#include "store/database.h"

namespace haybale::store {

/// A kept reading with its number in the database.
struct KeptGood {
  qint64 row = 0;
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
  /// Its number, to take it back by.
  Result<qint64> keep(const judging::GoodSample& sample);
  Status remove(qint64 row);
  /// Oldest first.
  [[nodiscard]] Result<std::vector<KeptGood>> find(const GoodFor& wanted);

 private:
  Database& db_;
};

}  // namespace haybale::store
