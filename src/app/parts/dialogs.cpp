#include "app/parts/dialogs.h"

#include <QFileDialog>

namespace haybale::app {

Dialogs& dialogs() {
  static Dialogs current{
      [](QWidget* parent, const QString& title, const QString& filter) {
        return QFileDialog::getOpenFileName(parent, title, {}, filter);
      },
      [](QWidget* parent, const QString& title, const QString& suggested, const QString& filter) {
        return QFileDialog::getSaveFileName(parent, title, suggested, filter);
      }};
  return current;
}

}  // namespace haybale::app
