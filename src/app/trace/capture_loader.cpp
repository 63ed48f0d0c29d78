#include "app/trace/capture_loader.h"

#include <algorithm>
#include <memory>

#include "app/parts/errands.h"

namespace haybale::app {

CaptureLoader::CaptureLoader(QObject* parent) : QObject(parent) {
  watch_.setInterval(50);
  connect(&watch_, &QTimer::timeout, this, [this] {
    if (!queue_.empty()) {
      emit progressed(queue_.front().path, progress_.share());
    }
  });
}

CaptureLoader::~CaptureLoader() {
  progress_.cancel();
  if (worker_.joinable()) {
    worker_.join();
  }
}

void CaptureLoader::read(const QString& path, WantedOf wanted, Done done) {
  const bool known =
      std::any_of(queue_.begin(), queue_.end(), [&](const Job& job) { return job.path == path; });
  if (known) {
    return;
  }
  queue_.push_back({path, std::move(wanted), std::move(done)});
  if (queue_.size() == 1) {
    start();
  }
}

void CaptureLoader::cancel() {
  progress_.cancel();
}

void CaptureLoader::start() {
  progress_.reset();
  watch_.start();
  emit progressed(queue_.front().path, 0);
  worker_ = std::thread([this, self = QPointer<CaptureLoader>(this),
                         path = queue_.front().path.toStdString(), wanted = queue_.front().wanted] {
    // Shared, for what is sent home must be copyable.
    auto result = std::make_shared<Result<diagnosis::LoadedCapture>>(
        diagnosis::loadCapture(path, wanted, &progress_));
    backHome(self, [this, result] { finish(std::move(*result)); });
  });
}

void CaptureLoader::finish(Result<diagnosis::LoadedCapture> result) {
  worker_.join();
  watch_.stop();
  const Job job = std::move(queue_.front());
  queue_.pop_front();
  if (queue_.empty()) {
    emit idle();
  } else {
    start();
  }
  job.done(std::move(result));
}

}  // namespace haybale::app
