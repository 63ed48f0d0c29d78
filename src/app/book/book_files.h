// Files in and out: bundles of a job, the whole logbook, limits sheets.
#pragma once

#include <QObject>

#include "app/model/job_book.h"

class QWidget;

namespace haybale::app {

class BookFiles : public QObject {
  Q_OBJECT

 public:
  BookFiles(JobModel& model, JobBook& book, QWidget* window);

 public slots:
  /// "bundle.out", "bundle.in", "book.out", "book.in".
  void ask(const QString& what);
  /// Unpacks a bundle beside itself and opens its job.
  void takeBundle(const QString& path);
  /// Takes the job's limits from a sheet, or saves them as one.
  void sheet(bool save);

 signals:
  void said(const QString& sentence, bool bad);
  /// Another job is shown.
  void opened();

 private:
  void bundleOut();
  void bundleIn();
  void bookOut();
  void bookIn();
  /// Another bench's logbook file into this one.
  void merge(const QString& path);
  /// Says the error, or the sentence.
  void tell(const Status& status, const QString& sentence);

  JobModel& model_;
  JobBook& book_;
  QWidget* window_;
};

}  // namespace haybale::app
