// The keys: those of the view that is shown first, then those of the whole program.
#pragma once

#include <QDialog>

namespace haybale::app {

/// Which keys: the names of the views as the rail has them, in its order.
enum class KeysOf { intake, line, trace, swap, close, book, practice };

class KeysDialog : public QDialog {
  Q_OBJECT

 public:
  explicit KeysDialog(KeysOf view, QWidget* parent = nullptr);
};

}  // namespace haybale::app
