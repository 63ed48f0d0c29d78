// A line with many points as columns of pixels: painted in the same time whatever its shape, where
// a stroked line that runs up and down is slow.
#pragma once

#include "picture/scene.h"

namespace haybale::picture {

/// Each column holds the least and the greatest of the straight pieces that pass through it, and
/// half of `width` beyond, measured across the line. Points rise in x; `left` and `right` cut.
[[nodiscard]] Columns columnsOf(const std::vector<Point>& points, double width, Paint paint,
                                double left, double right);

}  // namespace haybale::picture
