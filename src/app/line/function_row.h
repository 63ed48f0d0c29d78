// The row of keys that sets up the next reading: function, leads, ignition, what is unplugged.
#pragma once

#include <QWidget>

#include "app/model/job_model.h"

class QBoxLayout;
class QButtonGroup;
class QHBoxLayout;
class QPushButton;

namespace haybale::app {

class FunctionRow : public QWidget {
  Q_OBJECT

 public:
  explicit FunctionRow(JobModel& model, QWidget* parent = nullptr);

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  QHBoxLayout* addRow();
  void addFunctions();
  void addLeads();
  void addState();
  void setLeads(int id);
  void refresh();
  QPushButton* toggle(const QString& text, const QString& name, const QString& tip);

  JobModel& model_;
  QBoxLayout* whole_ = nullptr;
  QHBoxLayout* row_ = nullptr;  // the one being filled
  QButtonGroup* functions_;
  QButtonGroup* leads_;
  QPushButton* key_ = nullptr;
  QPushButton* plugged_ = nullptr;
};

}  // namespace haybale::app
