// What a shop says once instead of with every job: its name and technician for the reports, tools,
// what the owner usually allows, prices, the meter, how wires are joined.
#pragma once

#include <QString>

#include "core/job/case.h"

namespace haybale::app {

struct Preferences {
  QString shop;
  QString technician;
  std::vector<std::string> toolbox;
  std::vector<std::string> allowed;
  job::Case::Costs costs;
  circuit::Meter meter = circuit::genericMeters().front();
  std::string school = std::string(job::kSpliceSchools[0]);
};

/// Those kept in the state folder; the defaults of a new job where nothing was kept or it cannot be
/// read (then the file is put aside as preferences.json.damaged).
[[nodiscard]] Preferences preferences();
Status keepPreferences(const Preferences& p);
/// A new job as this shop begins it.
void applyTo(job::Case& c, const Preferences& p);

}  // namespace haybale::app
