// Day and night: colours of the widgets from the same palette the pictures use.
#pragma once

#include <QObject>
#include <QString>

#include "app/model/program_settings.h"
#include "picture/scene.h"

class QApplication;

namespace haybale::app {

/// The theme in force; views repaint when it changes.
class ThemeHub : public QObject {
  Q_OBJECT

 public:
  static ThemeHub& instance();
  [[nodiscard]] picture::Theme theme() const { return theme_; }
  /// Sets colours and style sheet of the whole application.
  void apply(picture::Theme theme);
  /// The theme a choice comes to: the desktop's own is told by how light its windows are, as they
  /// were before the first `apply`.
  [[nodiscard]] static picture::Theme themeOf(ThemeChoice choice);

 signals:
  void changed();

 private:
  picture::Theme theme_ = picture::Theme::day;
};

/// While this lives the application has no style sheet, and at its end has it again: a window built
/// meanwhile is styled once, not once more for each of its parts that is put into another. Only
/// where there is no widget yet; else it does nothing.
class StyledAtTheEnd {
 public:
  StyledAtTheEnd();
  ~StyledAtTheEnd();
  StyledAtTheEnd(const StyledAtTheEnd&) = delete;
  StyledAtTheEnd& operator=(const StyledAtTheEnd&) = delete;

 private:
  QString sheet_;
};

/// "#rrggbb" of a role in the theme in force.
[[nodiscard]] QString css(picture::Role role);

}  // namespace haybale::app
