// Kept files that cannot be read any more: renamed, never overwritten, and told.
#pragma once

#include <QStringList>

namespace haybale::app {

/// Renames a file that cannot be read to FILE.damaged, or FILE.damaged-2 and so on.
void putAside(const QString& path);
/// What was put aside since the last call, a sentence each.
[[nodiscard]] QStringList takePutAside();

}  // namespace haybale::app
