#pragma once

#include <QString>

namespace haybale::app {

/// A window that has the source at `address` switched on says "on" and stays until it is ended, or
/// ends by itself: `way` quit, exit.
int sourceHolder(const QString& address, const QString& way);

}  // namespace haybale::app
