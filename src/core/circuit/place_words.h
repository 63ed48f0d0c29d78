// Places and parts in words, for somebody who has not learnt the line's letters yet: words first,
// the letter after them.
#pragma once

#include <string>

#include "core/circuit/line.h"
#include "core/circuit/place.h"

namespace haybale::circuit {

/// "the plug in the wheelhouse", "the wires at the bend by the wheel", "the sensor"; the element's
/// own label where it has one.
[[nodiscard]] std::string plainName(const Element& element);

/// "the plug in the wheelhouse (C2)"; without the letter where there is but one such part (module,
/// sensor, ring). An id that is not on the path is given back as it is.
[[nodiscard]] std::string partInWords(const Circuit& circuit, const std::string& id);

/// "the plug in the wheelhouse (C2), module half".
[[nodiscard]] std::string placeInWords(const Circuit& circuit, const Place& place);

/// The same for a title: "the wheelhouse plug C2, module half".
[[nodiscard]] std::string placeForTitle(const Circuit& circuit, const Place& place);
/// "the wheelhouse plug C2", "the wires L2 at the bend".
[[nodiscard]] std::string partForTitle(const Circuit& circuit, const std::string& id);

}  // namespace haybale::circuit
