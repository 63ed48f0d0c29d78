// One kept state of a job. A job is the tree of its revisions; its head, which is what everybody
// sees, is the latest of the leaves: what was built upon never wins against what was built on it,
// and of two that were made side by side the later one does. The other stays, and is shown. The
// head follows from the set of revisions alone, so two logbooks that know the same ones agree.
#pragma once

#include <QString>

#include "core/job/case.h"

namespace haybale::store {

struct Revision {
  QString job;         ///< id of the job
  QString revision;    ///< its own id
  QString parent;      ///< the one it was built on; empty for the first
  QString changed;     ///< ISO 8601, UTC; later than its parent's
  QString origin;      ///< the bench it was made on
  QString path;        ///< case file there; empty for a job without one
  QString folder;      ///< where relative captures start
  QString headline;    ///< what was believed then
  QByteArray content;  ///< the case as text; empty: the job was taken out of the logbook

  [[nodiscard]] bool gone() const { return content.isEmpty(); }
};

/// The name of a state that was kept before there were revisions: made of what it is.
[[nodiscard]] QString firstRevision(const QString& job, const QString& changed,
                                    const QByteArray& content);

/// Now, as revisions are dated.
[[nodiscard]] QString utcNow();
/// `wanted`, or the first moment after `than`.
[[nodiscard]] QString laterThan(const QString& than, const QString& wanted);
/// This bench: HAYBALE_BENCH, else the machine's name.
[[nodiscard]] QString benchName();

}  // namespace haybale::store
