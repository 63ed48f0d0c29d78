// The parts of a report beyond the measuring: intake, repair, proof, what was not tested.
#pragma once

#include "picture/report.h"

namespace haybale::picture {

void addIntake(Report& report, const job::Case& job);
void addRepair(Report& report, const job::Case& job);
/// Photos attached to readings; of one that was marked the marked copy alone.
void addPhotos(Report& report, const ReportInput& input);
void addProof(Report& report, const job::Case& job, const diagnosis::Proof& proof);

}  // namespace haybale::picture
