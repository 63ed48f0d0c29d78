// Paints a described scene with QPainter: in the window, into PDF pages, into pictures.
#pragma once

#include <QColor>
#include <QPainter>

#include "picture/scene.h"

namespace haybale::render {

[[nodiscard]] QColor colour(const picture::Paint& paint, picture::Theme theme);

/// The program's font at `size` pixels.
[[nodiscard]] QFont font(double size, bool bold);

/// Loads the fonts that ship with the program; false when a file is damaged. Needs a
/// QGuiApplication.
bool loadFonts();

/// Measures in the program's font.
[[nodiscard]] picture::Measure measure();

/// Paints `scene` with its origin at the painter's.
void paint(QPainter& painter, const picture::Scene& scene, picture::Theme theme);

}  // namespace haybale::render
