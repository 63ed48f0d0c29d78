// A mark that says the program runs, so that the next start knows when it did not end by itself.
#pragma once

#include <QString>

namespace haybale::app {

/// A file in <state>/running/ that this process holds locked while it runs and takes away at its
/// end. One that nobody holds was left by a process that crashed, was killed, or lost its power.
class RunningMark {
 public:
  RunningMark();
  ~RunningMark();
  RunningMark(const RunningMark&) = delete;
  RunningMark& operator=(const RunningMark&) = delete;
  /// Whether another run was found that had not ended by itself; it is told once.
  [[nodiscard]] bool crashedBefore() const { return crashed_; }

 private:
  QString path_;
  int file_ = -1;
  bool crashed_ = false;
};

}  // namespace haybale::app
