// The help: pages on the left, a box that searches them, the page chosen on the right. It stays
// beside the work; nothing of the window waits for it.
#pragma once

#include <QDialog>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace haybale::app {

class HelpWindow : public QDialog {
  Q_OBJECT

 public:
  explicit HelpWindow(QWidget* parent = nullptr);
  /// Shows a page by its id; the first one where there is none of that name.
  void showPage(const QString& id);

 private:
  void search(const QString& words);
  void showRow(int row);

  QLineEdit* search_;
  QListWidget* list_;
  QTextBrowser* text_;
};

}  // namespace haybale::app
