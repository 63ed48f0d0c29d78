// What a shop shares beside its jobs, one memory for all benches: things with a kind and a name,
// every version of which is kept. The latest version of a name is what everybody sees; a thing that
// was taken off has an empty one. Versions are brought over like kept states of jobs
// (logbook_sync.h), so two benches that know the same versions agree.
#pragma once

#include <QByteArray>
#include <vector>

#include "store/database.h"

namespace haybale::store {

/// Kinds of things. Names within a kind: an id that was made for it, or what a person calls it.
namespace shelf_kind {
inline constexpr const char* good = "good";          ///< a reading kept as good (good_shelf.h)
inline constexpr const char* practice = "practice";  ///< how a case was played (practice_log.h)
inline constexpr const char* limits = "limits";      ///< a limits sheet, as written
inline constexpr const char* scanMap = "scan-map";   ///< a map of a control unit, as written
}  // namespace shelf_kind

struct Shelved {
  QString kind;
  QString name;
  QString version;     ///< its own id
  QString changed;     ///< ISO 8601, UTC
  QString origin;      ///< the bench it was put there on
  QByteArray content;  ///< text; empty: taken off

  [[nodiscard]] bool gone() const { return content.isEmpty(); }
};

class Shelf {
 public:
  explicit Shelf(Database& db) : db_(db) {}

  /// Puts a thing there, or a new version of it. REQUIRES: `content` is UTF-8 text; an empty one
  /// takes the thing off.
  Status put(const QString& kind, const QString& name, const QByteArray& content);
  /// Takes it off; nothing happens when it is not there.
  Status remove(const QString& kind, const QString& name);
  /// What is there of a kind, as each was changed last, oldest first.
  [[nodiscard]] Result<std::vector<Shelved>> all(const QString& kind);
  /// One thing; an error says that it is not there.
  [[nodiscard]] Result<Shelved> one(const QString& kind, const QString& name);
  /// Takes versions made elsewhere; those already known change nothing.
  Status take(const std::vector<Shelved>& versions);
  /// Versions by their ids, in that order; unknown ones are left out.
  [[nodiscard]] Result<std::vector<Shelved>> versions(const QStringList& ids);

  /// One version, inside a transaction of the caller's.
  Status insert(const Shelved& s);

 private:
  Result<QString> latest(const QString& kind, const QString& name);
  Result<std::vector<Shelved>> select(const QString& rest, const QVariantList& values);

  Database& db_;
};

}  // namespace haybale::store
