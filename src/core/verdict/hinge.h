// The reading a verdict hangs on. Within this room only.
#pragma once

#include <vector>

#include "core/verdict/suspicion.h"

namespace haybale::diagnosis {

/// Finds the number, taken once, that is most probably a slip of those without which the leading
/// element would fall below the share of the prior `hinge`; sets `out.hinge` to its index into the
/// case's evidence and gives a reason that says so. Nothing where the element is surer than
/// `hinge-settled`, or less sure than what is called settled. `views` as in `conclude`.
void sayHinge(Conclusion& out, const Belief& belief, const std::vector<ReadingView>& views);

}  // namespace haybale::diagnosis
