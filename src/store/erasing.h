// A kept state without what is about a person (job/personal.h).
#pragma once

#include <string>
#include <vector>

#include "store/revision.h"

namespace haybale::store {

/// The state without its own owner and plate, and without `known`, those of other states of the
/// job. A path with such a word in it is left empty.
[[nodiscard]] Revision withoutPersonal(Revision r, const std::vector<std::string>& known = {});

/// The same in the case file of a job. One that is gone or another job's is left alone.
Status eraseInFile(const QString& file, const QString& job);

}  // namespace haybale::store
