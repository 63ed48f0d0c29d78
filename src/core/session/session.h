// One state of a job and all the program has to say about it: each part worked out when it is first
// asked for, once, and shared from then on. A change of the job makes a new Session.
//
// Safe from any thread. Whoever asks for a part that is not there yet works it out, or waits for
// who does; `known...` never waits, so a window asks only that and has a worker ask for the rest.
#pragma once

#include <atomic>
#include <list>
#include <memory>
#include <mutex>
#include <optional>
#include <string>

#include "core/session/assessment.h"

namespace haybale::diagnosis {

/// What the states of one job hand on to each other: captures read, likelihoods worked out.
struct Workroom {
  CaptureShelf shelf;
  LikelihoodMemory memory;
  std::mutex busy;  ///< held by the Session that works; the shelf looks after itself
};

class Session {
 public:
  /// `folder` is where relative capture paths start.
  Session(job::Case c, std::string folder, std::shared_ptr<Workroom> room);
  /// A state that shares nothing with another.
  Session(job::Case c, std::string folder);

  [[nodiscard]] const job::Case& job() const { return job_; }

  /// What is believed, what to test next, what may be done.
  [[nodiscard]] const Assessment& assessment() const;
  /// What proves the repair, and what the readings made since show.
  [[nodiscard]] const Proof& proof() const;
  /// What a substitution would show. Holds as long as the session.
  [[nodiscard]] const SwapOutlook& outlook(const circuit::Test& test) const;
  /// The state with one reading more.
  [[nodiscard]] std::shared_ptr<const Session> supposing(job::Evidence more) const;

  /// The same where it is worked out already; nullptr where it is not.
  [[nodiscard]] const Assessment* knownAssessment() const { return assessed_.load(); }
  [[nodiscard]] const Proof* knownProof() const { return proved_.load(); }
  [[nodiscard]] const SwapOutlook* knownOutlook(const circuit::Test& test) const;

 private:
  const Assessment& assessed() const;  // REQUIRES: the room is held

  const job::Case job_;
  const std::string folder_;
  const std::shared_ptr<Workroom> room_;
  // Written while the room is held, before the pointer beside it is.
  mutable std::optional<Assessment> assessment_;
  mutable std::atomic<const Assessment*> assessed_{nullptr};
  mutable std::optional<Proof> proof_;
  mutable std::atomic<const Proof*> proved_{nullptr};
  mutable std::mutex listed_;
  mutable std::list<std::pair<circuit::Test, SwapOutlook>> outlooks_;
};

}  // namespace haybale::diagnosis
