// The captures of the job: which one is looked at, and how a large or oddly written one is read.
#pragma once

#include <QString>
#include <functional>

#include "core/capture/csv_hints.h"
#include "core/session/session.h"

namespace haybale::app {

class JobModel;

class JobCaptures {
 public:
  explicit JobCaptures(JobModel& model) : model_(model) {}

  /// The capture of a circuit that is looked at: the last one; empty when there is none.
  [[nodiscard]] QString of(const QString& circuit) const;
  /// Says how a CSV capture is written, next to it, and reads it anew; undone like any edit. An
  /// error when that cannot be kept.
  Status readAs(const QString& file, const capture::CsvHints& hints);
  /// Keeps what is said of a capture and reads it anew; `readAs` without the undo.
  void reread(const QString& file, const capture::CsvHints& hints);
  /// Whether a capture is so large that it is to be read beside the window first.
  [[nodiscard]] bool readsBeside(const QString& file) const;
  /// Takes what was read beside the window, or why it could not be; `changed` follows.
  void take(const QString& file, Result<diagnosis::LoadedCapture> loaded);
  /// What the job, or a reading of `circuit` still to be added, wants of a capture. Owns what it
  /// looks at, for another thread.
  [[nodiscard]] std::function<std::vector<diagnosis::Wanted>(const capture::Record&)> wantedOf(
      const QString& file, const QString& circuit) const;

 private:
  JobModel& model_;
};

}  // namespace haybale::app
