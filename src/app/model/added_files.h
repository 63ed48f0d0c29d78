// Files outside a job's folder that somebody at this bench added to a job with their own hands: a
// case from elsewhere may name any file of this machine, and only these leave it in a bundle.
#pragma once

#include <QString>

namespace haybale::app {

void noteAdded(const QString& file);
[[nodiscard]] bool wasAdded(const QString& file);

}  // namespace haybale::app
