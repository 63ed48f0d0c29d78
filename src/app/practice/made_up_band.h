// The band that says, all the time, that nothing here is a real vehicle.
#pragma once

#include <QWidget>

namespace haybale::app {

class MadeUpBand : public QWidget {
  Q_OBJECT

 public:
  explicit MadeUpBand(QWidget* parent = nullptr);

 protected:
  void paintEvent(QPaintEvent* event) override;
};

}  // namespace haybale::app
