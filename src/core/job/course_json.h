// Members of the case file that hold the course of a job: "intake", "repair", "closing", "learnt".
#pragma once

#include "core/base/json_fwd.h"
#include "core/job/course.h"

namespace haybale::job {

/// Each reads its member of the case, if it is there; the first thing wrong is kept in `in`.
void readIntake(ObjectReader& in, Intake& out);
void readRepair(ObjectReader& in, RepairRecord& out);
void readClosing(ObjectReader& in, Closing& out);
void readLearnt(ObjectReader& in, Learnt& out);

/// Null when there is nothing to say.
[[nodiscard]] Json intakeJson(const Intake& intake);
[[nodiscard]] Json repairJson(const RepairRecord& repair);
[[nodiscard]] Json closingJson(const Closing& closing);
[[nodiscard]] Json learntJson(const Learnt& learnt);

}  // namespace haybale::job
