// Questions to the user, in one place so that tests can answer them.
#pragma once

#include <QString>
#include <functional>

class QPrinter;
class QWidget;

namespace haybale::app {

struct Dialogs {
  /// A file to open; empty when the user thought better of it.
  std::function<QString(QWidget* parent, const QString& title, const QString& filter)> openFile;
  /// A folder to read; empty when the user thought better of it.
  std::function<QString(QWidget* parent, const QString& title)> openFolder;
  /// Where to save; `suggested` carries folder and name.
  std::function<QString(QWidget* parent, const QString& title, const QString& suggested,
                        const QString& filter)>
      saveFile;
  /// Which printer and how; false when the user thought better of it.
  std::function<bool(QWidget* parent, QPrinter& printer)> print;
};

/// The dialogs in use; the toolkit's own at first.
[[nodiscard]] Dialogs& dialogs();

}  // namespace haybale::app
