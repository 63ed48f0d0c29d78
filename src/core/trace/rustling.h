// Stretches of mere noise, as high as a coil's wave: one period after the other is another, in a
// record whose periods otherwise follow each other evenly.
#pragma once

#include <utility>
#include <vector>

#include "core/trace/teeth.h"

namespace haybale::trace {

/// First and last tooth of each stretch. `swing` is the typical peak to peak. Empty where periods
/// are uneven all along: a hand that jerks, or a record that is mostly noise.
[[nodiscard]] std::vector<std::pair<std::size_t, std::size_t>> rustlingOf(
    const std::vector<Tooth>& teeth, double swing);

}  // namespace haybale::trace
