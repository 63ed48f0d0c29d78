// The logbook: every job of the shop, found again by any word in it, every kept state of it a
// revision (revision.h). One row a job and one a revision, written in one transaction; what `keep`
// acknowledged survives a killed program and a power cut. SQLite or PostgreSQL. Belongs to one
// thread; many programs may use one logbook at once.
#pragma once

#include <QString>
#include <memory>
#include <optional>
#include <set>
#include <vector>

#include "core/job/case.h"
#include "store/database.h"
#include "store/revision.h"
#include "store/search_words.h"

namespace haybale::store {

struct JobRow {
  QString id;
  QString path;    ///< case file; empty for a job without one
  QString folder;  ///< where relative captures start
  QString title;
  QString vehicle;
  QString suspect;
  QString headline;  ///< what was believed last
  QString changed;   ///< ISO 8601
  QString state;     ///< "open" or "closed"
  QString revision;  ///< the head
};

/// What a state was built on, and whether many small ones of one sitting may become one.
struct Keeping {
  /// The revision the work began with; unset: whatever is the head now; empty: none that is known.
  std::optional<QString> base;
  /// A state this bench kept within the last ten minutes, which nobody else has, is replaced. In a
  /// shop's logbook everybody has it: nothing is.
  bool squash = false;
  /// The id was made just now: nobody knows the job, and nothing is looked for.
  bool fresh = false;
};

class Logbook {
 public:
  static Result<std::unique_ptr<Logbook>> open(const StoreUrl& url);
  static Result<std::unique_ptr<Logbook>> open(const QString& file);

  /// Writes a job, new or changed, as a new revision whose id is given back. `row.changed` is ISO
  /// 8601; `row.title` and what else the case says is taken from the case.
  Result<QString> keep(const JobRow& row, const job::Case& c, const Keeping& how = {});
  /// Takes revisions made elsewhere, in one transaction; those already known change nothing.
  Status take(const std::vector<Revision>& revisions);
  /// Takes a job out: it is found no more, here and, once brought over, elsewhere. Its earlier
  /// states go too.
  Status forget(const QString& id);
  /// Takes the owner, the plate and what was written of them (job/personal.h) out of every kept
  /// state of a job, for good: states that come from elsewhere later come without, and other
  /// logbooks do the same once it is brought over. How many states held any. In SQLite the file is
  /// written anew, so that nothing of it is left between its pages.
  Result<int> erasePersonal(const QString& id);
  /// Jobs whose personal data was erased.
  [[nodiscard]] Result<QStringList> erased();
  /// Does the same for jobs that were erased elsewhere.
  Status takeErased(const QStringList& jobs);

  /// Latest first.
  [[nodiscard]] Result<std::vector<JobRow>> search(const Filter& filter, int most = 60);
  /// The head of a job; entries that cannot be read are kept aside in it.
  [[nodiscard]] Result<job::Case> load(const QString& id);
  [[nodiscard]] Result<JobRow> row(const QString& id);
  /// All kept states, newest first, without their content.
  [[nodiscard]] Result<std::vector<Revision>> revisions(const QString& id);
  /// The same whole, oldest first.
  [[nodiscard]] Result<std::vector<Revision>> states(const QString& id);
  [[nodiscard]] Result<job::Case> loadRevision(const QString& revision);
  /// The latest state of a job that is exactly this; empty when it was never kept.
  [[nodiscard]] Result<QString> sameState(const QString& id, const job::Case& c);
  /// States beside the head that nothing was built on: edits that lost against it.
  [[nodiscard]] Result<std::vector<Revision>> besideHead(const QString& id);
  [[nodiscard]] qint64 count();
  [[nodiscard]] Database& database() { return db_; }

 private:
  Logbook() = default;
  Status hold(const QString& id);
  Status insert(const Revision& r);
  Result<Revision> buildOn(Revision& made, job::Case& c, const Keeping& how);
  Status keepHere(Revision& made, job::Case c, const Keeping& how);
  Status keepInShop(Revision& made, job::Case c, const Keeping& how);
  Status eraseOne(const QString& id, int& changed);
  Status eraseStates(const QString& id, int& changed);
  Status tidyUp();
  Result<std::set<QString>> erasedAmong(const std::set<QString>& jobs);
  Status leaveOutErased(const QString& id, job::Case& c);
  /// The case as it is stored: it carries the id of its job.
  static QByteArray contentOf(const QString& id, job::Case c);
  Status settle(const QString& id);
  static Result<std::vector<JobRow>> rowsOf(Result<Rows> found);
  Result<std::vector<JobRow>> searchInShop(const Filter& filter, int most);
  Result<std::vector<Revision>> listed(const QString& columns, const QString& id,
                                       const QString& order);
  /// Without its content, but for a letter where there is one.
  Result<Revision> headOf(const QString& id);

  Database db_;
};

/// Columns of a row of `jobs j`, as it is shown.
[[nodiscard]] const QString& jobColumns();

/// Columns of a revision in the order `revisionOf` reads them; `left`: a letter instead of the
/// content where there is one.
enum class Content { whole, left };
[[nodiscard]] QString revisionColumns(Content content = Content::whole);
[[nodiscard]] Revision revisionOf(const Rows& rows);

}  // namespace haybale::store
