#pragma once

#include <QString>

namespace haybale::app {

/// Works in a real window until it is killed; says on standard output what was taken, a line each:
/// "open N", "draft TEXT", "entered KILOOHM", "booked N", "wav PATH", "bundle PATH", "imported".
/// With `rival` another window works on the same job: each takes it over whenever it has lost it.
/// Readings begin at `from` kiloohm.
int typist(const QString& file, bool rival, int from);

}  // namespace haybale::app
