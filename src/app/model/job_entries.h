// How readings, captures and what was seen get into the job, and how they are put right there. Each
// is one step of undo. An error leaves the job as it was.
#pragma once

#include <QMap>
#include <functional>

#include "core/job/reading_line.h"
#include "core/session/assessment.h"

namespace haybale::app {

class JobModel;

class JobEntries {
 public:
  explicit JobEntries(JobModel& model) : model_(model) {}

  /// Reads a typed line on top of the selected test and adds it as evidence.
  Status enter(const QString& text);
  /// The same for a test that was proposed.
  Status enter(const QString& text, const circuit::Test& test);
  /// Adds what an instrument measured; infinity is OL.
  void enterMeasured(const circuit::Test& test, double value, const job::Origin& origin);
  /// Adds what was seen at a proposed test.
  void enterSeen(const circuit::Test& test, const job::Reading& reading,
                 const std::optional<job::Origin>& origin = {});
  /// Adds a capture file as a trace of `circuit`. The file is read first; an unreadable one is not
  /// added.
  Status addCapture(const QString& circuit, const QString& file);
  /// A file that an instrument's record was written to.
  void cameFrom(const QString& file, const job::Origin& origin) { origins_[file] = origin; }
  /// Where captures taken live are kept: beside the case, or with the program's own files while the
  /// job has none.
  [[nodiscard]] QString captureFolder() const;

  /// After the repair: the same readings, kept as the proof.
  Status enterProof(const QString& text, const circuit::Test& test);
  void enterProofSeen(const circuit::Test& test, const job::Reading& reading);
  Status addProofCapture(const circuit::Test& test, const QString& file);

  /// What would be believed if a line were read so; the case stays as it is. `then` is called with
  /// it later, unless another line is supposed before. An error when it cannot be read.
  Status suppose(const QString& text, const circuit::Test& test,
                 std::function<void(const diagnosis::Assessment&)> then);

  /// Reads a typed line on top of a reading already there and puts it in its place, keeping its id.
  Status retype(const QString& evidence, const QString& text);
  /// Keeps a photo or file with a reading.
  void attach(const QString& evidence, const QString& file);
  void setWithdrawn(const QString& evidence, bool withdrawn);
  void remove(const QString& evidence);

 private:
  [[nodiscard]] job::Evidence evidenceOf(const circuit::Test& test, const job::Reading& reading,
                                         const std::string& id) const;
  bool mayEnter(const std::optional<job::Origin>& origin);
  Status proveBy(const circuit::Test& test, const job::Reading& reading);
  [[nodiscard]] Result<job::TypedReading> typedFor(const QString& text,
                                                   const circuit::Test& test) const;
  Result<std::string> relativeCapture(const QString& file);

  JobModel& model_;
  QMap<QString, job::Origin> origins_;  // of files recorded here
};

}  // namespace haybale::app
