// Diagnostic messages over the kernel's own ISO-TP sockets (ISO 15765-2) on a CAN interface.
#pragma once

#include "scan/uds.h"

namespace haybale::scan {

/// Identifiers of the two directions; above 0x7FF they are extended ones.
struct CanEnds {
  std::uint32_t request = 0x760;
  std::uint32_t response = 0x768;
};

/// Errors: no such interface, one that is down, a kernel without the module can-isotp.
[[nodiscard]] Result<std::unique_ptr<Channel>> openIsotp(const std::string& interface,
                                                         CanEnds ends);

}  // namespace haybale::scan
