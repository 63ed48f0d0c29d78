// What the program did and what went wrong, for whoever helps with it: a text file that the user
// can open and send. It holds no personal data: no titles, complaints, owners, plates, no names of
// files or folders.
#pragma once

#include <QString>

namespace haybale::app {

/// <state>/log/haybale.log; the one before it is haybale.1.log.
[[nodiscard]] QString logFile();

/// Appends a line with the time. Paths are taken out of `what`. A file beyond half a megabyte is
/// rotated first. Never fails: a full disk loses the line, nothing else.
void logLine(const QString& what);

/// The toolkit's own messages go there too, besides where they went before.
void logToolkitMessages();

/// `text` without anything that names a file, a folder or the user's home.
[[nodiscard]] QString withoutPaths(QString text);

}  // namespace haybale::app
