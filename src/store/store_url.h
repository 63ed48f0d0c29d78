// Where a logbook lives, as a user writes it.
#pragma once

#include <QString>

#include "core/base/result.h"

namespace haybale::store {

enum class Engine { sqlite, postgres };

/// "sqlite:PATH" or "postgresql://[user[:password]@]host[:port]/database[?sslmode=...]". Without a
/// password the driver looks at PGPASSWORD and ~/.pgpass. Beyond this machine the connection is
/// encrypted (sslmode=require) unless another sslmode is named.
struct StoreUrl {
  Engine engine = Engine::sqlite;
  QString path;  ///< SQLite file
  QString host;
  int port = 5432;
  QString user;
  QString password;
  QString database;
  QString sslMode;

  /// For people and for files: without the password.
  [[nodiscard]] QString shown() const;
};

Result<StoreUrl> parseStoreUrl(const QString& text);

}  // namespace haybale::store
