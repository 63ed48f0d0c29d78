// Pages of one view behind a row of big tabs; what else belongs in the row stands to their right.
#pragma once

#include <QWidget>

class QHBoxLayout;
class QPushButton;
class QStackedWidget;

namespace haybale::app {

class PageTabs : public QWidget {
  Q_OBJECT

 public:
  explicit PageTabs(QWidget* parent = nullptr);
  /// `name` is the object name of the tab.
  void addPage(const QString& text, const QString& name, QWidget* page);
  /// Puts a widget to the right of the tabs, taking what room is left.
  void addBeside(QWidget* widget);
  void showPage(int index);
  [[nodiscard]] int page() const;

 signals:
  void pageShown(int index);

 private:
  QHBoxLayout* row_;
  QStackedWidget* pages_;
  QList<QPushButton*> tabs_;
};

}  // namespace haybale::app
