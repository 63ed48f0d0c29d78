// The meters this program knows: generic ones, and those described here by hand.
#pragma once

#include <string>
#include <vector>

#include "core/circuit/meter.h"

namespace haybale::app {

/// The generic meters, then the user's own, kept in the state folder as meters.json.
[[nodiscard]] std::vector<circuit::Meter> knownMeters();
/// The same with those the shop owns, by name, in front.
[[nodiscard]] std::vector<circuit::Meter> ownedFirst(const std::vector<std::string>& owned);
/// Adds to the user's own; one of the same name is replaced.
Status keepMeter(const circuit::Meter& meter);

}  // namespace haybale::app
