#pragma once

#include <QString>

namespace haybale::store {

/// Keeps jobs in a logbook until it is killed; says on standard output what was acknowledged.
int keeper(const QString& file);

}  // namespace haybale::store
