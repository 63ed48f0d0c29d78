// How captures get into the job: chosen or dropped, read at once or beside the window with progress
// and cancel, and asked about when the program cannot tell how they are written.
#pragma once

#include "app/model/job_model.h"
#include "app/trace/capture_loader.h"

namespace haybale::app {

class ProgressStrip;

class CaptureDesk : public QObject {
  Q_OBJECT

 public:
  /// `window` is the parent of dialogs; `progress` shows what is being read.
  CaptureDesk(JobModel& model, ProgressStrip* progress, QWidget* window);

  /// Adds a file as a trace of `circuit`. Nothing happens without a file.
  void add(const QString& circuit, const QString& file);
  /// Lets the user choose the file.
  void ask(const QString& circuit);
  /// The same without adding it.
  [[nodiscard]] QString choose(const QString& circuit);
  /// Shows how the capture of `circuit` is read, to say it better.
  void askHow(const QString& circuit);

 signals:
  void said(const QString& sentence, bool bad);
  /// A trace was added.
  void added();

 private:
  void readBeside(const QString& file, const QString& circuit);
  void refused(const QString& circuit, const QString& file, const Error& error);
  void sayFound();
  /// Whether the user said how the file is written.
  bool askHowWritten(const QString& file, const QString& why);

  JobModel& model_;
  QWidget* window_;
  CaptureLoader loader_;
  struct Added {
    QString circuit;
    std::string evidence;
  };
  Added added_;  // of which it is not said yet what it shows
};

}  // namespace haybale::app
