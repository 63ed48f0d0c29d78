// The strip on top: the job, its complaint, the circuits where they sit on the vehicle, undo,
// theme, files.
#pragma once

#include <QAbstractButton>
#include <QWidget>

#include "app/model/job_model.h"

class QGridLayout;
class QLabel;
class QMimeData;
class QPushButton;

namespace haybale::app {

/// One circuit: its name, its line pattern and colour, how it stands. Takes dropped captures.
class CircuitChip : public QAbstractButton {
  Q_OBJECT

 public:
  CircuitChip(JobModel& model, const QString& name, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {88, 29}; }

 signals:
  void captureDropped(const QString& circuit, const QString& file);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dragLeaveEvent(QDragLeaveEvent* event) override;
  void dropEvent(QDropEvent* event) override;

 private:
  JobModel& model_;
  bool compact_ = false;
  bool hovered_ = false;
};

class JobStrip : public QWidget {
  Q_OBJECT

 public:
  explicit JobStrip(JobModel& model, QWidget* parent = nullptr);
  /// One line high where the screen is low: the circuits in a row, without the complaint.
  void setCompact(bool compact);
  /// Who else has the job open, and since when; empty: nobody.
  void setOthers(const QString& who, const QString& since);

 signals:
  void captureDropped(const QString& circuit, const QString& file);
  void jobsMenuWanted(const QPoint& at);
  void themeWanted();

 private:
  void placeChips();
  void refresh();
  void rebuildChips();

  JobModel& model_;
  bool compact_ = false;
  QString others_;
  QString since_;
  QLabel* title_;
  QLabel* complaint_;
  QLabel* saved_;
  QPushButton* takeOver_;
  QGridLayout* chips_;
  QList<CircuitChip*> chipButtons_;
  QPushButton* undo_;
  QPushButton* redo_;
};

/// The local file of a drag that carries exactly one; empty otherwise.
[[nodiscard]] QString droppedFile(const QMimeData* data);

}  // namespace haybale::app
