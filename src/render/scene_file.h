// A scene as a picture file, for other programs.
#pragma once

#include <QString>

#include "core/base/result.h"
#include "picture/scene.h"

namespace haybale::render {

/// Writes `scene` by day to `path` atomically: SVG when it ends in ".svg", PNG at twice the size
/// when in ".png", else an error.
Status writePicture(const picture::Scene& scene, const QString& path);

}  // namespace haybale::render
