// The first few pulses of a signal that is to be fed in.
#pragma once

#include "core/capture/record.h"
#include "picture/scene.h"

namespace haybale::picture {

/// The whole of the first channel, over its own range, with its ends in words.
[[nodiscard]] Scene signalPreview(const capture::Record& record, double width, double height);

}  // namespace haybale::picture
