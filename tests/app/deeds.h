#pragma once

#include <QString>

namespace haybale::app {

/// Does one thing that writes, once, and says on standard output what came of it, a line each:
/// "kept", "booked", "saved", "written", "imported", or "told SENTENCE" for what the user was told.
/// `name`: work (type a reading in a window, save), bundle, wav, import; `file`: a case.
int deed(const QString& name, const QString& file);

}  // namespace haybale::app
