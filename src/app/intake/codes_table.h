// The codes as they stood in the module before anything was cleared.
#pragma once

#include "app/intake/text_binding.h"

class QGridLayout;

namespace haybale::app {

class CodesTable : public QWidget {
  Q_OBJECT

 public:
  explicit CodesTable(JobModel& model, QWidget* parent = nullptr);

 private:
  void rebuild();
  void addRow(std::size_t index);
  void choice(int row, int column, std::size_t index, const char* field, const QStringList& items,
              std::string job::StoredCode::*member);

  JobModel& model_;
  QGridLayout* grid_;
  QString shown_;
};

}  // namespace haybale::app
