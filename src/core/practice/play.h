// One practice case being played: the made-up vehicle answers whatever a technician could do;
// minutes run, money is spent, holes stay, wrong parts stay fitted; nothing of the fault is told
// before the verdict.
#pragma once

#include <memory>
#include <optional>
#include <string>

#include "core/practice/practice_case.h"
#include "core/practice/score.h"
#include "core/session/assessment.h"
#include "core/sim/sim_vehicle.h"

namespace haybale::practice {

/// What came of a test: a reading, or why it cannot be made.
struct Answer {
  std::optional<job::Reading> reading;
  std::string cannot;
  double minutes = 0;
};

/// What a piece of work took; `cannot` when there is none on that element.
struct Worked {
  std::string cannot;
  double minutes = 0;
  double cost = 0;
};

/// The next move, as one thing that can be done.
struct Hint {
  std::optional<circuit::Test> test;
  std::string fit;   ///< element to renew
  std::string mend;  ///< element to mend, clean, clear
  std::optional<Truth> say;
  std::string why;
  double minutes = 0;
};

/// The vehicle, the purse and the score of one case. Not thread-safe: a window asks it on one
/// thread at a time.
class Play {
 public:
  /// `folder` is where traces are written. REQUIRES: `hiddenIn(p)` holds.
  Play(PracticeCase p, std::uint32_t seed, std::string folder);

  /// The case as the trainee knows it: complaint, line, tools, and what was read since.
  [[nodiscard]] const job::Case& known() const { return known_; }
  /// The case as it was written, its truth included. Not for the trainee.
  [[nodiscard]] const PracticeCase& about() const { return about_; }

  /// Makes a test and books its minutes, right or wrong as it may be to make it now.
  Answer make(const circuit::Test& test);
  /// Fits a new part in place of `element`: paid for whether or not the old one was sound.
  Worked fit(const std::string& element);
  /// Mends, cleans or clears `element` with what is at hand.
  Worked mend(const std::string& element);
  /// What the program would do next; costs a minute and counts against the score.
  Hint hint();

  /// Ends the case with a verdict. `fault` may be empty. Right is who would do the right work on
  /// the right element.
  Score say(const std::string& element, const std::string& fault);
  /// Whether the verdict was said; nothing can be done after it.
  [[nodiscard]] bool over() const { return over_; }

  /// Gone by so far.
  [[nodiscard]] double minutes() const { return score_.minutes; }
  /// On parts and work so far, in the case's own money.
  [[nodiscard]] double spent() const { return score_.spent; }
  /// What the readings so far say; worked out anew after each.
  [[nodiscard]] const diagnosis::Assessment& assessment();
  /// A vehicle like this one as it stands now, mended or not; for a look that is no step.
  [[nodiscard]] std::unique_ptr<sim::SimVehicle> likeIt() const;
  /// The first thing that is still wrong; null when all of it is mended. Not for the trainee.
  [[nodiscard]] const sim::HiddenFault* unmended() const;
  /// The steps so far with their worth.
  [[nodiscard]] const std::vector<Step>& steps() const { return score_.steps; }

 private:
  Worked work(const std::string& element, bool newPart);
  [[nodiscard]] bool isRight(const std::string& element, const std::string& fault) const;
  [[nodiscard]] Way bestWay() const;
  void bookWhatItGave();
  void book(const circuit::Test& test, double minutes);

  PracticeCase about_;
  std::uint32_t seed_;
  std::string folder_;
  std::vector<sim::HiddenFault> hidden_;
  std::vector<bool> mended_;
  job::Case known_;
  std::unique_ptr<sim::SimVehicle> vehicle_;
  diagnosis::CaptureShelf shelf_;
  diagnosis::LikelihoodMemory memory_;
  std::optional<diagnosis::Assessment> assessment_;
  std::vector<circuit::Test> refused_;
  Score score_;
  bool over_ = false;
};

}  // namespace haybale::practice
