// Keeps every job as it stands now, beside what the user has saved, so that nothing typed is lost.
//
// One file a job in <state>/autosave/: the case, where it was opened from, and text typed but not
// yet entered. Written atomically at every change, before the change is shown.
#pragma once

#include <QMap>
#include <QString>
#include <QStringList>
#include <optional>
#include <vector>

#include "core/job/case.h"

namespace haybale::app {

/// Folder of the program's own state (base/state_folder.h).
[[nodiscard]] QString stateFolder();

struct Kept {
  QString id;      ///< name of the autosave file without ".json"
  QString path;    ///< case file it belongs to; empty for a job never saved
  QString folder;  ///< where relative captures start
  job::Case job;
  QMap<QString, QString> drafts;  ///< text in boxes, by name of the box
  bool unsaved = false;           ///< the case differs from what was saved
};

/// The id of a job: what the case says; else one made of its path, vehicle and title, which goes
/// into the file when it is saved; a fresh one for a job without a path.
[[nodiscard]] QString idOf(const job::Case& c, const QString& path);
/// What versions before 0.2 called the autosave of a case file.
[[nodiscard]] QString formerAutosaveId(const QString& path);

/// Writes `kept` with `job` in place of its own. `flush` waits for the disk: for entered readings,
/// not for every key.
Status writeAutosave(const Kept& kept, const job::Case& job, bool flush);
/// Empty when there is none, or it cannot be read; one that cannot is put aside as ID.json.damaged,
/// never overwritten. Entries that cannot be read are kept aside in the case.
[[nodiscard]] std::optional<Kept> readAutosave(const QString& id);
/// Unsaved changes that were made to this file while it was another job than `id`: since then its
/// id was changed or damaged, or another job was copied over it. Empty when there are none.
[[nodiscard]] std::optional<Kept> unsavedOfAnother(const QString& path, const QString& id);
void removeAutosave(const QString& id);

/// Jobs opened before, latest first: paths, and "unsaved:ID" for jobs never saved whose autosave is
/// still there.
[[nodiscard]] QStringList recentJobs();
void noteRecent(const QString& pathOrId);
void forgetRecent(const QString& pathOrId);

}  // namespace haybale::app
