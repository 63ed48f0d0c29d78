// Who works on a job: one window at a time writes, others read.
//
// <state>/windows/<token> is held open and locked by its window for as long as it lives, so a
// window that was killed is known to be gone; <state>/locks/<job> holds the token of the window
// that writes. Taking over replaces the token; the window it was taken from notices before it next
// writes.
#pragma once

#include <QString>

namespace haybale::app {

class JobLock {
 public:
  JobLock();
  ~JobLock();
  JobLock(const JobLock&) = delete;
  JobLock& operator=(const JobLock&) = delete;

  /// Gives up the job held, and takes this one unless a window that lives has it. Where nothing can
  /// be written there is no other window to fear: true.
  bool take(const QString& job);
  /// Takes it whoever has it.
  void seize();
  /// Whether it is (still) this window's.
  [[nodiscard]] bool mine() const;

 private:
  void giveUp();
  [[nodiscard]] QString lockFile() const;

  QString token_;
  QString job_;
  int held_ = -1;  // descriptor of the window's own file
};

}  // namespace haybale::app
