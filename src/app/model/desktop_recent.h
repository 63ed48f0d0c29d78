// The desktop's own list of recent files, which file choosers and start menus show.
#pragma once

#include <QString>

namespace haybale::app {

/// Notes a job in ~/.local/share/recently-used.xbel (freedesktop.org, Desktop Bookmark
/// Specification 1.0), for others to show. What stands in the list stays as it is; a list that
/// cannot be read or written is left alone.
void noteForDesktop(const QString& path);

}  // namespace haybale::app
