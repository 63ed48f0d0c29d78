// What is hidden wrong, chosen from what this line can have: element, fault, wire, how much.
#pragma once

#include <QWidget>

#include "core/practice/truth_choices.h"

class QComboBox;
class QLineEdit;

namespace haybale::app {

class TruthRow : public QWidget {
  Q_OBJECT

 public:
  /// With `mayBeNone` the first entry is nothing at all.
  TruthRow(const char* name, const QString& spoken, bool mayBeNone, QWidget* parent);
  /// What there is to choose from; what is chosen stays where it still can be.
  void setChoices(std::vector<practice::TruthChoice> choices);
  void setTruth(const std::optional<practice::Truth>& truth);
  /// Empty: nothing is chosen.
  [[nodiscard]] std::optional<practice::Truth> truth() const;
  /// Why what is typed for its degree cannot be; empty when it can.
  [[nodiscard]] QString complaint() const;

 signals:
  void changed();

 private:
  void fillFaults();
  void fillWires();
  [[nodiscard]] const practice::TruthChoice* choice() const;
  [[nodiscard]] std::optional<double> degree() const;

  std::vector<practice::TruthChoice> choices_;
  bool mayBeNone_;
  QComboBox* element_;
  QComboBox* fault_;
  QComboBox* wire_;
  QLineEdit* severity_;
};

}  // namespace haybale::app
