// Buttons on the accessibility bus. Those that stay down the toolkit only turns over, and what
// waits for a press never hears of it; here all of them are pressed as by a hand.
#pragma once

class QAccessibleInterface;
class QObject;
class QString;

namespace haybale::app {

/// For the list of factories of the accessibility bus: makes the interface of a button (not of a
/// tool bar's), nullptr for everything else.
[[nodiscard]] QAccessibleInterface* makeButtonAccess(const QString& className, QObject* object);

}  // namespace haybale::app
