// What is asked at the counter: codes before clearing, lamps, basic checks, parts and prices; and
// what all of it says before anything is measured.
#pragma once

#include "app/intake/text_binding.h"

class QCheckBox;
class QLabel;

namespace haybale::app {

class CounterPage : public QWidget {
  Q_OBJECT

 public:
  explicit CounterPage(JobModel& model, QWidget* parent = nullptr);

 private:
  QWidget* codesPart();
  QWidget* lampsPart();
  QWidget* basicsPart();
  QWidget* partsPart();
  QWidget* pricesPart();
  QWidget* oddsPart();
  void refresh();

  JobModel& model_;
  QCheckBox* noCodes_ = nullptr;
  QLabel* odds_ = nullptr;
};

}  // namespace haybale::app
