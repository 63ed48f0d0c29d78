// Pages of which one is shown, in a room of a given size.
#pragma once

#include <QStackedWidget>

namespace haybale::app {

/// A stack that takes the height it is given. One that is asked how high it would be for a width
/// asks all labels of all its pages, and stacks within stacks ask them over and over: three
/// quarters of the window's time at a key press.
class Pages : public QStackedWidget {
 public:
  using QStackedWidget::QStackedWidget;
  [[nodiscard]] bool hasHeightForWidth() const override { return false; }
};

}  // namespace haybale::app
