// Practice, for trainers: writing a case. Whether it can be played is said at every change; what is
// half done is kept until it is saved or thrown away.
#pragma once

#include <QWidget>

#include "core/practice/truth_choices.h"
#include "picture/line_board.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;
class QTimer;

namespace haybale::app {

class SceneWidget;
class TruthRow;

class EditorPage : public QWidget {
  Q_OBJECT

 public:
  explicit EditorPage(QWidget* parent = nullptr);
  ~EditorPage() override;
  /// The case that was half written when the page was last left, else one like `from`, with nothing
  /// hidden in it yet. `open` is the job that is open, as a vehicle to take.
  void begin(const practice::PracticeCase& from, const job::Case& open);
  /// A case to go on with.
  void edit(const practice::PracticeCase& p);
  void undo();
  [[nodiscard]] const practice::PracticeCase& draft() const { return draft_; }

 signals:
  void tryWanted(const haybale::practice::PracticeCase& p);
  void left();
  void said(const QString& sentence, bool bad);

 private:
  QWidget* aboutBox();
  QWidget* vehicleBox();
  QWidget* truthBox();
  void show(const practice::PracticeCase& p);  // into the fields
  void take();                                 // out of the fields
  void changed();
  void takeVehicle(int row);
  void fillCircuits();
  void check();
  void keepDraft();
  void open();
  void save();
  void throwAway();

  practice::PracticeCase draft_;
  std::vector<practice::PracticeCase> before_;  // one a change
  job::Case open_;
  job::Case from_;
  diagnosis::Assessment untouched_;
  bool filling_ = false;
  QLineEdit* title_;
  QSpinBox* level_;
  QComboBox* skill_;
  QComboBox* vehicle_;
  QComboBox* kind_;
  QComboBox* suspect_;
  QPlainTextEdit* complaint_;
  std::vector<QCheckBox*> when_, tools_, allowed_;
  TruthRow* first_;
  TruthRow* second_;
  QSpinBox* slip_;
  QCheckBox* dries_;
  QLineEdit* lesson_;
  QLineEdit* debrief_;
  SceneWidget* board_;
  QLabel* state_;
  QPushButton* try_;
  QPushButton* save_;
  QPushButton* undo_;
  QTimer* keeper_;
};

}  // namespace haybale::app
