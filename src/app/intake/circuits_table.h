// The circuits of the vehicle as rows: which is in question, name, where, sensor, teeth, wire
// colours.
#pragma once

#include <QWidget>

#include "app/intake/text_binding.h"

class QGridLayout;

namespace haybale::app {

class CircuitsTable : public QWidget {
  Q_OBJECT

 public:
  explicit CircuitsTable(JobModel& model, QWidget* parent = nullptr);
  void addCircuit();

 private:
  using Read = std::function<std::string(const circuit::Circuit&)>;
  using Write = std::function<Status(job::Case&, circuit::Circuit&, const std::string&)>;

  void rebuild();
  void clear();
  void addRow(std::size_t index);
  void addSuspect(std::size_t index);
  void addKind(std::size_t index);
  void addText(std::size_t index, int column, const QString& name, int width, const Read& read,
               const Write& write);

  JobModel& model_;
  QGridLayout* grid_;
  QString shown_;
};

}  // namespace haybale::app
