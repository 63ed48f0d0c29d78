// What is chosen in the window: the circuit, the test that a reading will be entered for, the
// reading that is looked at, the part that is edited. Not part of the case, not undone.
#pragma once

#include <QString>

#include "core/circuit/test.h"

namespace haybale::app {

class JobModel;

struct Selection {
  QString circuit;
  circuit::Test test;    ///< the test a bare value will be entered for
  QString evidence;      ///< id of the reading whose reason is shown; may be empty
  bool editing = false;  ///< the line itself is edited instead of measured
  QString part;          ///< id of the element chosen while it is
};

/// Changes the model's selection; `selectionChanged` follows where anything was chosen.
class Choosing {
 public:
  explicit Choosing(JobModel& model) : model_(model) {}

  /// Does nothing for a circuit that the job has not, or that is chosen already.
  void circuit(const QString& name);
  void place(const circuit::Place& place, circuit::WireId wire);
  /// The whole test: from a proposal, or from the function keys.
  void test(const circuit::Test& test);
  void kind(circuit::TestKind kind);
  void evidence(const QString& id);
  void editing(bool editing);
  void part(const QString& id);

 private:
  friend class JobFiles;
  friend class JobModel;
  void takeUp();
  void afterAnEdit();
  void keepOnTheLine();

  JobModel& model_;
};

}  // namespace haybale::app
