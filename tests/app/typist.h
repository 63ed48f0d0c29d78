#pragma once

#include <QString>

namespace haybale::app {

/// Types readings into a real window until it is killed; says on standard output what was taken.
int typist(const QString& file);

}  // namespace haybale::app
