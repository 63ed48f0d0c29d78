// What to repair and how, priced, with what must be written down; every pierced hole to be sealed.
#pragma once

#include "app/intake/text_binding.h"

class QComboBox;
class QLabel;
class QVBoxLayout;

namespace haybale::app {

class RepairPage : public QWidget {
  Q_OBJECT

 public:
  explicit RepairPage(JobModel& model, QWidget* parent = nullptr);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  void refresh();
  void addOptions();
  void addSteps();
  void addHoles();

  JobModel& model_;
  QLabel* headline_;
  QLabel* open_;
  QComboBox* school_;
  QVBoxLayout* options_;
  QVBoxLayout* steps_;
  QVBoxLayout* holes_;
  QString shown_;
};

}  // namespace haybale::app
