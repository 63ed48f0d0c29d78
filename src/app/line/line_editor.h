// Edits the line in place: the chosen part's name, zone, length, section, minutes; parts put in,
// moved and taken out. Every edit is one step of undo.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"

class QComboBox;
class QKeyEvent;
class QLabel;
class QLineEdit;
class QPushButton;

namespace haybale::app {

class LineEditor : public QWidget {
  Q_OBJECT

 public:
  explicit LineEditor(JobModel& model, QWidget* parent = nullptr);
  /// A key pressed on the board: C and S put a connector or splice in behind the chosen part,
  /// Delete takes it out, < and > move it, Return goes to its name, Escape ends editing.
  void boardKey(QKeyEvent* event);

 signals:
  /// The keyboard goes back to the board.
  void boardWanted();

 private:
  [[nodiscard]] std::size_t index() const;
  [[nodiscard]] const circuit::Element* part() const;
  void addFields();
  void addKeys();
  QLineEdit* field(const QString& name, const QString& label, int width,
                   Status (LineEditor::*commit)(job::Case&, circuit::Element&, const QString&));
  void insert(circuit::ElementKind kind);
  void remove();
  void move(int step);
  void rename();
  void setZone(int zone);
  Status setLength(job::Case& c, circuit::Element& e, const QString& text);
  Status setSection(job::Case& c, circuit::Element& e, const QString& text);
  Status setMinutes(job::Case& c, circuit::Element& e, const QString& text);
  void refresh();

  JobModel& model_;
  QLineEdit* name_ = nullptr;
  QComboBox* zone_ = nullptr;
  QLineEdit* length_ = nullptr;
  QLineEdit* section_ = nullptr;
  QLineEdit* minutes_ = nullptr;
  QPushButton* remove_ = nullptr;
  QPushButton* left_ = nullptr;
  QPushButton* right_ = nullptr;
};

}  // namespace haybale::app
