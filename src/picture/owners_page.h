// The report for the owner of the vehicle: one page, in words of someone who owns no meter.
#pragma once

#include "picture/report.h"

namespace haybale::picture {

/// What was wrong, what was done and cost, how it was proved, what may come. No ids of parts, no
/// ohms; probabilities only as "in N of 100 such cases".
void addOwnersPage(Report& report, const ReportInput& input);

}  // namespace haybale::picture
