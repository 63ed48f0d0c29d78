// A scene as SVG 1.1, for the HTML report.
#pragma once

#include <string>
#include <string_view>

#include "picture/scene.h"

namespace haybale::picture {

/// Complete <svg> element without a document header. All text is escaped; bytes that are not UTF-8
/// are replaced.
[[nodiscard]] std::string toSvg(const Scene& scene, Theme theme);

/// `text` made safe within HTML or SVG text and attributes.
[[nodiscard]] std::string escaped(std::string_view text);

}  // namespace haybale::picture
