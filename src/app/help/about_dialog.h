// Version, what the program is made of, and the licences in full.
#pragma once

#include <QDialog>

namespace haybale::app {

class AboutDialog : public QDialog {
  Q_OBJECT

 public:
  explicit AboutDialog(QWidget* parent = nullptr);
};

}  // namespace haybale::app
