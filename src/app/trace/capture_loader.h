// Reads large captures beside the window, one after the other, with progress and cancel.
#pragma once

#include <QObject>
#include <QTimer>
#include <deque>
#include <thread>

#include "core/evidence/capture_shelf.h"

namespace haybale::app {

class CaptureLoader : public QObject {
  Q_OBJECT

 public:
  using WantedOf = std::function<std::vector<diagnosis::Wanted>(const capture::Record&)>;
  using Done = std::function<void(Result<diagnosis::LoadedCapture>)>;

  explicit CaptureLoader(QObject* parent = nullptr);
  /// Cancels what is under way and waits for it.
  ~CaptureLoader() override;

  /// Reads `path`, or joins the queue; a path that is already there is not read twice. `wanted` is
  /// called on another thread and must own what it looks at; `done` on this one.
  void read(const QString& path, WantedOf wanted, Done done);
  /// Stops the file under way; its `done` gets the error "reading was cancelled".
  void cancel();
  [[nodiscard]] bool busy() const { return !queue_.empty(); }

 signals:
  /// Of the file under way, 0..1; twenty times a second.
  void progressed(const QString& path, double share);
  void idle();

 private:
  struct Job {
    QString path;
    WantedOf wanted;
    Done done;
  };
  void start();
  void finish(Result<diagnosis::LoadedCapture> result);

  std::deque<Job> queue_;
  Progress progress_;
  std::thread worker_;
  QTimer watch_;
};

}  // namespace haybale::app
