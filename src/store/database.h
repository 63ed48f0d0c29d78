// The engine behind a logbook, SQLite or PostgreSQL: opened, brought to the newest schema (a copy
// is made before), asked by prepared statements only. Belongs to one thread.
#pragma once

#include <QHash>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QString>
#include <QStringList>
#include <QVariantList>
#include <memory>

#include "core/base/result.h"
#include "store/schema.h"

namespace haybale::store {

/// What a statement gave: row by row, forward only. While one lives its statement is not used
/// again; with the last copy the statement is done, and holds nothing of the database any more.
class Rows {
 public:
  explicit Rows(std::shared_ptr<QSqlQuery> query)
      : held_(std::make_shared<Held>(std::move(query))) {}
  bool next() { return held_->query->next(); }
  [[nodiscard]] QVariant value(int column) const { return held_->query->value(column); }
  [[nodiscard]] int numRowsAffected() const { return held_->query->numRowsAffected(); }
  void finish() { held_->query->finish(); }

 private:
  struct Held {
    explicit Held(std::shared_ptr<QSqlQuery> q) : query(std::move(q)) {}
    Held(const Held&) = delete;
    Held& operator=(const Held&) = delete;
    ~Held() { query->finish(); }
    std::shared_ptr<QSqlQuery> query;
  };
  std::shared_ptr<Held> held_;
};

class Database {
 public:
  Database() = default;
  ~Database();
  Database(const Database&) = delete;
  Database& operator=(const Database&) = delete;

  /// Opens or makes the logbook there. An older schema is migrated forward after a copy was kept
  /// (FILE.v1.bak; schema "haybale_before_v1" of PostgreSQL); a newer one is refused, untouched.
  Status open(const StoreUrl& url);
  /// Runs one statement with its values; a text that was never set counts as empty. Statements are
  /// prepared once and kept: the program has some dozens.
  Result<Rows> run(const QString& sql, const QVariantList& values = {});
  /// The first column of what a statement gives, as texts.
  Result<QStringList> texts(const QString& sql, const QVariantList& values = {});
  /// Runs `work` in one transaction: all of it stays, or nothing. SQLite: the write lock is taken
  /// at once, so that what was read is still true when it is written.
  template <class Work>
  Status together(const Work& work) {
    if (auto begun = begin(); !begun) {
      return begun;
    }
    Status done = work();
    if (!done) {
      rollback();
      return done;
    }
    return commit();
  }
  [[nodiscard]] Engine engine() const { return url_.engine; }
  [[nodiscard]] bool isSqlite() const { return url_.engine == Engine::sqlite; }
  [[nodiscard]] const StoreUrl& url() const { return url_; }
  [[nodiscard]] QString file() const { return url_.path; }
  /// Whether the last thing that went wrong was a right this user does not have.
  [[nodiscard]] bool refused() const { return refused_; }
  /// The number a statement gives, asked once as long as the connection stands.
  Result<int> once(const QString& sql);
  /// Whether the connection still stands, as far as the driver knows.
  [[nodiscard]] bool stands() const { return db_.isOpen() && !lost_; }

 private:
  Status begin();
  Status commit();
  void rollback();
  [[nodiscard]] Error problem(const QSqlError& error);
  Status connectTo();
  Result<int> version();
  Status migrate();
  Status copyBefore(int from);

  QSqlDatabase db_;
  QHash<QString, std::shared_ptr<QSqlQuery>> prepared_;
  StoreUrl url_;
  QString name_;
  QHash<QString, int> once_;
  bool lost_ = false;
  bool refused_ = false;
  bool migrating_ = false;  // what is refused then is not this user's to do
};

}  // namespace haybale::store
