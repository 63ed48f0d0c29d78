// Painted boards on the accessibility bus: every place, reading, suspect and finding of a scene is
// a child with a name and a value, and what answers to a click can be pressed.
#pragma once

namespace haybale::app {

/// From now on widgets that show a scene are asked for their children this way, and buttons that
/// stay down can be pressed (button_access.h). Once a program.
void installSceneAccess();

}  // namespace haybale::app
