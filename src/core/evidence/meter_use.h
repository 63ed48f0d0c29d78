// How a reading was taken: with what accuracy, and at what speed of the wheel.
#pragma once

#include "core/job/case.h"

namespace haybale::diagnosis {

/// The meter's accuracy for a kind of test.
[[nodiscard]] judging::Accuracy accuracyFor(const circuit::Meter& meter, circuit::TestKind kind);

/// Standard uncertainty of an entry from the meter's accuracy, in the entry's unit; 0 for OL.
[[nodiscard]] double standardUncertainty(const circuit::Meter& meter, const units::Entry& entry,
                                         circuit::TestKind kind);

/// The test as it was really made: hertz shown beside AC volts give the wheel's speed.
[[nodiscard]] circuit::Test asMeasured(const job::Case& c, const job::Evidence& evidence);

/// Whether the reading depends on a wheel speed that nobody wrote down.
[[nodiscard]] bool speedUnknown(const job::Evidence& evidence);

}  // namespace haybale::diagnosis
