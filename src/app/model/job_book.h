// Keeps every job in the logbook as it is worked on, and gives what closed jobs taught to new ones.
//
// Written on a thread beside the window, which therefore never waits for another program that holds
// the logbook; one state after the other, for each is built on the one before.
#pragma once

#include <QObject>
#include <memory>
#include <optional>

#include "app/model/carrier.h"
#include "app/model/job_model.h"
#include "store/good_shelf.h"
#include "store/logbook.h"
#include "store/tallies.h"

namespace haybale::app {

class JobBook : public QObject {
  Q_OBJECT

 public:
  explicit JobBook(JobModel& model, QObject* parent = nullptr);
  /// Waits until the job is kept.
  ~JobBook() override;

  /// Opens the logbook among the program's own files. Without it the program works on; the error
  /// says why jobs are not kept.
  Status open();
  /// What was saved of a logbook that was found damaged at the start; empty: it was sound.
  [[nodiscard]] const QString& saved() const { return saved_; }
  /// nullptr while none is open.
  [[nodiscard]] store::Logbook* logbook() { return book_.get(); }

  /// Between this bench and the shop.
  [[nodiscard]] Carrier& carrier() { return carrier_; }
  /// Opens one kept state; going on with it makes a new one beside what is shown.
  Status showState(const QString& id, const QString& revision);

  /// Shows a job of the logbook: its file when that is still there, else what the logbook kept.
  Status show(const QString& id);
  /// Ends the job as it is believed now, or says what is in the way.
  Status close(bool comeback);
  /// Opens a closed job again.
  void reopenJob();

  /// Waits until the job as it stands is kept, or cannot be.
  void settle();

  /// Takes owner and plate out of all kept states of a job and out of its file, here and in the
  /// shop's logbook, beside the window; `said` follows with what came of it. Where the shop cannot
  /// be asked nothing is erased.
  void erasePersonal(const QString& id);
  /// Where the files of a job lie that were fetched from the shop's logbook.
  [[nodiscard]] static QString luggageFolder(const QString& id);

  /// Keeps a reading of the job as good for its vehicle, module and sensor part.
  Status keepGood(const QString& evidence);
  [[nodiscard]] Result<std::vector<store::KeptGood>> goods(const store::GoodFor& wanted);
  Status removeGood(const QString& name);

 signals:
  /// The logbook's content changed.
  void changed();
  void said(const QString& sentence, bool bad);
  /// Who else has the open job, longest first, and since when; empty: nobody.
  void othersChanged(const QString& who, const QString& since);

 private:
  static Error notOpen();
  void tellOthers();
  void lookAfter(const QString& file);
  void keep();
  struct Keeping;  // one state on its way into the logbook
  void takeKept(const Keeping& kept);
  void follow();
  void tellOvertaken();
  [[nodiscard]] QString differs(const QString& revision) const;
  [[nodiscard]] QString folderOf(const store::JobRow& row) const;
  void eraseInModel();
  void teach();
  Result<std::string> copyOfTrace(const job::Evidence& e);

  JobModel& model_;
  std::unique_ptr<store::Logbook> book_;
  Carrier carrier_;
  QString saved_;
  job::Case kept_;  // what was written last
  QString keptId_;
  QString keptPath_;
  QString followed_;             // id of the job `base_` is about
  std::optional<QString> base_;  // the kept state the shown one was built on; unset: none yet
  bool savedSince_ = false;      // the last kept state is the one in the file: it stays
  std::size_t beside_ = 0;
  QString others_;        // who has the open job too, as was said
  bool keeping_ = false;  // a state is on its way
  struct Hand;
  std::shared_ptr<Hand> hand_;  // the logbook as the thread beside holds it
  Beside desk_;
};

}  // namespace haybale::app
