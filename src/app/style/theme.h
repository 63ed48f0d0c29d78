// Day and night: colours of the widgets from the same palette the pictures use.
#pragma once

#include <QObject>
#include <QString>

#include "picture/scene.h"

class QApplication;

namespace haybale::app {

/// The theme in force; views repaint when it changes.
class ThemeHub : public QObject {
  Q_OBJECT

 public:
  static ThemeHub& instance();
  [[nodiscard]] picture::Theme theme() const { return theme_; }
  /// Sets colours and style sheet of the whole application, and remembers the choice.
  void apply(picture::Theme theme);
  /// What was chosen last; day at first.
  [[nodiscard]] static picture::Theme remembered();

 signals:
  void changed();

 private:
  picture::Theme theme_ = picture::Theme::day;
};

/// "#rrggbb" of a role in the theme in force.
[[nodiscard]] QString css(picture::Role role);

}  // namespace haybale::app
