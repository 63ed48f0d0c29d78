// Who works on a job: one window at a time writes, others read.
//
// <state>/windows/<token> is held open and locked by its window for as long as it lives, so a
// window that was killed is known to be gone; <state>/locks/<job> holds the token of the window
// that writes. Taking over replaces the token; the window it was taken from notices before it next
// writes.
#pragma once

#include <QString>
#include <functional>

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
  [[nodiscard]] bool mine() const { return claim().mine(); }

  /// The claim of this window to the job it holds now; may be carried to another thread.
  struct Claim {
    QString lockFile;
    QString token;
    [[nodiscard]] bool mine() const;
    /// Runs `write` if the job is still this window's, and gives back whether it did. Nobody takes
    /// the job over meanwhile: whoever does waits, and then finds what was written.
    /// Writes of one place wait for each other.
    enum class Place { file, logbook };
    bool whileMine(Place place, const std::function<void()>& write) const;
  };
  [[nodiscard]] Claim claim() const { return {lockFile(), token_}; }

 private:
  void giveUp();
  [[nodiscard]] QString lockFile() const;

  QString token_;
  QString job_;
  int held_ = -1;  // descriptor of the window's own file
};

}  // namespace haybale::app
