// Whether a test makes sense as it is set up, and whether it may do harm.
#pragma once

#include <string>
#include <vector>

#include "core/circuit/test.h"

namespace haybale::circuit {

enum class SetupFault {
  poweredOhms,    ///< an ohmmeter on a live circuit
  throughModule,  ///< ohms with the module's own inputs in parallel
  lampOnPin,      ///< a lamp draws more than a module pin may deliver
  shortedInput,   ///< a jumper across a live input
  stillWheel,     ///< a signal asked of a wheel that stands still
  currentAcross,  ///< an ammeter across a supply is a short
  unpowered,      ///< volts or a lamp with the key off: there is nothing to see
  sameJoint,      ///< both leads on one joint
  hiddenPlace     ///< a place that cannot be touched in this state
};

struct SetupIssue {
  SetupFault fault = SetupFault::poweredOhms;
  bool harmful = false;  ///< may hurt the meter, the module or someone; else it only tells nothing
  std::string text;      ///< why, and what would be right
};

/// What speaks against a test as set up; the harmful first. Empty: nothing.
[[nodiscard]] std::vector<SetupIssue> checkSetup(const Circuit& circuit, const Test& test);

}  // namespace haybale::circuit
