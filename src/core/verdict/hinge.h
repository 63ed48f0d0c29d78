// The reading a verdict hangs on. Within this room only.
#pragma once

#include <optional>

#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

/// The number, taken once, without which the leading element of `out` would fall the furthest, and
/// below the share of the prior `hinge`: its index into the case's evidence. None where the
/// element is surer than `hinge-settled`, or less sure than what is called settled.
[[nodiscard]] std::optional<std::size_t> hingeOf(const Conclusion& out, const Belief& belief);

}  // namespace haybale::diagnosis
