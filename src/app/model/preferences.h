// What a shop says once instead of with every job: its name and technician for the reports, tools,
// their mark, the meters that are owned, what the owner usually allows, prices, how wires are
// joined.
#pragma once

#include <QString>

#include "core/job/case.h"

namespace haybale::app {

struct Preferences {
  QString shop;
  QString technician;
  /// A picture for the head of reports, as a file of the state folder; empty: none.
  QString mark;
  std::vector<std::string> ownedMeters;  ///< by name
  std::vector<std::string> toolbox;
  std::vector<std::string> allowed;
  job::Case::Costs costs;
  circuit::Meter meter = circuit::genericMeters().front();
  std::string school = std::string(job::kSpliceSchools[0]);
};

/// Those kept in the state folder; the defaults of a new job where nothing was kept or it cannot be
/// read (then the file is put aside as preferences.json.damaged).
[[nodiscard]] Preferences preferences();
/// A mark that lies elsewhere is copied into the state folder first, no larger than a page needs.
Status keepPreferences(const Preferences& p);
/// A new job as this shop begins it.
void applyTo(job::Case& c, const Preferences& p);

}  // namespace haybale::app
