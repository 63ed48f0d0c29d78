#include "app/parts/dialogs.h"

#include <QFileDialog>
#include <QPrintDialog>
#include <QPrinter>

namespace haybale::app {

Dialogs& dialogs() {
  static Dialogs current{
      [](QWidget* parent, const QString& title, const QString& filter) {
        return QFileDialog::getOpenFileName(parent, title, {}, filter);
      },
      [](QWidget* parent, const QString& title) {
        return QFileDialog::getExistingDirectory(parent, title);
      },
      [](QWidget* parent, const QString& title, const QString& suggested, const QString& filter) {
        return QFileDialog::getSaveFileName(parent, title, suggested, filter);
      },
      [](QWidget* parent, QPrinter& printer) {
        return QPrintDialog(&printer, parent).exec() == QDialog::Accepted;
      }};
  return current;
}

}  // namespace haybale::app
