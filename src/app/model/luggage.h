// The captures and photos of a job on their way between this bench and the shop's logbook, when
// somebody asks for it; on a thread beside the window, stopped when asked.
#pragma once

#include <QObject>
#include <QStringList>
#include <memory>

#include "app/model/job_book.h"
#include "core/base/progress.h"

namespace haybale::app {

class Luggage : public QObject {
  Q_OBJECT

 public:
  Luggage(JobModel& model, JobBook& book, QObject* parent = nullptr);
  /// Stops what is under way.
  ~Luggage() override;

  /// Files the open job names that are on this bench, as the case writes them.
  [[nodiscard]] QStringList files() const;
  /// How many it names that are not.
  [[nodiscard]] int missing() const;
  [[nodiscard]] bool isBusy() const { return progress_ != nullptr; }
  [[nodiscard]] double share() const { return progress_ ? progress_->share() : 0; }

  /// Brings those files into the shop's logbook.
  void bringAlong();
  /// Writes what was brought along of this job among the program's own files, and opens it again.
  void fetch();
  void stop();

 signals:
  void busyChanged();
  void said(const QString& sentence, bool bad);

 private:
  using Work = std::function<Status(store::Logbook&, Progress&)>;
  void carry(const Work& work, const std::function<void()>& then);

  JobModel& model_;
  JobBook& book_;
  std::shared_ptr<Progress> progress_;
};

}  // namespace haybale::app
