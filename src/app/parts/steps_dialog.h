// A test step by step, and all that may hurt at it.
#pragma once

#include <QDialog>

#include "core/plan/next_move.h"

namespace haybale::app {

class StepsDialog : public QDialog {
  Q_OBJECT

 public:
  explicit StepsDialog(const diagnosis::Proposal& proposal, QWidget* parent = nullptr);
};

}  // namespace haybale::app
