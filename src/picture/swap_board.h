// A substitution drawn: the suspect line and the one that helps it, what is apart, and where the
// two leads go. What takes no part is drawn faint.
#pragma once

#include "core/job/case.h"
#include "picture/scene.h"

namespace haybale::picture {

struct SwapBoardInput {
  const job::Case* job = nullptr;
  circuit::Test test;  ///< with a swap, a jumper or an injected signal; else the suspect line alone
  double width = 860;
  double height = 220;
};

/// Spots: "swap:part:CIRCUIT:ID" on every element.
[[nodiscard]] Scene swapBoard(const SwapBoardInput& input, const Measure& measure);

}  // namespace haybale::picture
