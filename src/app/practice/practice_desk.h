// The made-up vehicle that is being practised on: asked on a thread of its own, so that the window
// never waits. Nothing of it touches a real job.
#pragma once

#include <QObject>
#include <functional>
#include <memory>

#include "app/model/job_book.h"
#include "core/practice/play.h"
#include "store/practice_log.h"

namespace haybale::app {

/// One thing that was done, for the list.
struct Deed {
  QString what;
  QString gave;
  double minutes = 0;
  QString coach;  ///< what the coach says of it; empty for work
};

class PracticeDesk : public QObject {
  Q_OBJECT

 public:
  explicit PracticeDesk(JobBook& book, QObject* parent = nullptr);
  ~PracticeDesk() override;

  /// Begins a case. Where one is being played it is left.
  void begin(const practice::PracticeCase& about, std::uint32_t seed);
  void leave();
  /// Null while none is played. Not to be touched while `busy`.
  [[nodiscard]] const practice::Play* play() const { return play_.get(); }
  [[nodiscard]] bool busy() const { return busy_; }
  [[nodiscard]] std::uint32_t seed() const { return seed_; }
  /// Everything that could be measured now, of all circuits of the vehicle.
  [[nodiscard]] const std::vector<circuit::Test>& moves() const { return moves_; }
  /// What a move is called; with how the car stands where two are called alike.
  [[nodiscard]] const QString& titleOf(std::size_t move) const { return titles_[move]; }
  [[nodiscard]] const QList<Deed>& deeds() const { return deeds_; }
  /// What was read, without any judgement or suspicion: for the board.
  [[nodiscard]] const diagnosis::Assessment& readings() const { return readings_; }

  void make(const circuit::Test& test);
  void fit(const QString& element, double sure);
  void mend(const QString& element);
  void hint();
  void say(const QString& element, const QString& fault, double sure);

  /// After the verdict.
  [[nodiscard]] const practice::Score& score() const { return score_; }
  [[nodiscard]] QString trainee() const { return trainee_; }
  void setTrainee(const QString& name) { trainee_ = name; }
  /// Of the trainee at the desk, latest first.
  [[nodiscard]] std::vector<store::PracticeResult> results() const;
  [[nodiscard]] std::vector<store::PracticeResult> resultsOfAll() const;

 signals:
  /// Something was done, or the desk became busy or free.
  void changed();
  void hinted(const haybale::practice::Hint& hint);
  void ended();
  void said(const QString& sentence, bool bad);

 private:
  /// Runs `work` beside the window and then `done` in it.
  void beside(std::function<void()> work, std::function<void()> done);
  void listMoves();
  void keepResult(double sure);
  [[nodiscard]] std::vector<store::PracticeResult> resultsOf(
      const std::optional<QString>& trainee) const;

  JobBook& book_;
  std::shared_ptr<practice::Play> play_;
  std::uint32_t seed_ = 1;
  std::vector<circuit::Test> moves_;
  std::vector<QString> titles_;  // of the moves
  QList<Deed> deeds_;
  diagnosis::Assessment readings_;
  practice::Score score_;
  QString trainee_;
  bool busy_ = false;
  int round_ = 0;  // of cases begun: what comes late for another is dropped
};

}  // namespace haybale::app
