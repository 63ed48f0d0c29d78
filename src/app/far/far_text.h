// What the far page says: as little as can be read from three metres.
#pragma once

#include <QString>

#include "app/model/job_model.h"

namespace haybale::app {

struct FarText {
  bool operator==(const FarText&) const = default;
  QString head;     ///< what this is: "Next move"
  QString big;      ///< the thing itself
  QString body;     ///< where the leads go, how the car stands
  QString caution;  ///< may be empty
  QString last;     ///< the latest reading and what it was worth; may be empty

  /// All of it in one breath, cautions first.
  [[nodiscard]] QString spoken() const;
};

/// Of the next move.
[[nodiscard]] FarText farMove(const JobModel& model);
/// Of the traces: the main finding of the circuit in question, and how it compares.
[[nodiscard]] FarText farTrace(const JobModel& model);
/// Of the way to the end of the job.
[[nodiscard]] FarText farClosing(JobModel& model);

}  // namespace haybale::app
