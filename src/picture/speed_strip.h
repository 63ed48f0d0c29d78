// Speed against time, one line a wheel, below the lanes.
#pragma once

#include "picture/trace_lanes.h"

namespace haybale::picture {

/// Adds the strip to `scene`. At most two points a pixel and wheel, however many pulses.
void speedStrip(Scene& scene, const LanesInput& in, const Rect& rect, const PlotSpan& span);

}  // namespace haybale::picture
