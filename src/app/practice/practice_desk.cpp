#include "app/practice/practice_desk.h"

#include <QDir>

#include "app/model/autosave.h"
#include "app/parts/errands.h"
#include "app/style/words.h"
#include "core/job/reading_line.h"
#include "core/plan/test_effort.h"
#include "core/practice/coach.h"
#include "core/practice/made_up.h"
#include "core/verdict/move_words.h"

namespace haybale::app {

namespace {

// What was read, as it is written down: neither judged nor explained.
diagnosis::Assessment plainViews(const diagnosis::Assessment& a) {
  diagnosis::Assessment out;
  out.waveforms.waveforms = a.waveforms.waveforms;
  // Of a trace its levels, to draw it; what it means is the trainee's to see.
  for (const auto& [id, analysis] : a.waveforms.analyses) {
    auto plain = std::make_shared<trace::ChannelAnalysis>();
    plain->name = analysis->name;
    plain->unit = analysis->unit;
    plain->levels = analysis->levels;
    out.waveforms.analyses[id] = std::move(plain);
  }
  for (const auto& view : a.views) {
    diagnosis::ReadingView plain;
    plain.evidenceId = view.evidenceId;
    plain.circuit = view.circuit;
    plain.title = view.title;
    plain.shown = view.shown;
    out.views.push_back(std::move(plain));
  }
  return out;
}

}  // namespace

PracticeDesk::PracticeDesk(JobBook& book, QObject* parent) : QObject(parent), book_(book) {}

PracticeDesk::~PracticeDesk() = default;

void PracticeDesk::beside(std::function<void()> work, std::function<void()> done) {
  busy_ = true;
  emit changed();
  const int round = round_;
  // The play is held by both: it lives until the last of them is through.
  sendOut([work = std::move(work), done = std::move(done), round, held = play_,
           self = QPointer<PracticeDesk>(this)] {
    work();
    backHome(self, [self, done, round] {
      if (round == self->round_) {
        self->busy_ = false;
        done();
        emit self->changed();
      }
    });
  });
}

void PracticeDesk::begin(const practice::PracticeCase& about, std::uint32_t seed) {
  ++round_;
  seed_ = seed;
  deeds_.clear();
  readings_ = {};
  score_ = {};
  const QString folder = stateFolder() + QStringLiteral("/practice");
  QDir().mkpath(folder);
  play_ = std::make_shared<practice::Play>(about, seed, folder.toStdString());
  listMoves();
  busy_ = false;
  emit changed();
}

void PracticeDesk::leave() {
  ++round_;
  busy_ = false;
  play_.reset();
  moves_.clear();
  emit changed();
}

// Of every circuit: a good wheel is measured like a doubtful one.
void PracticeDesk::listMoves() {
  moves_ = practice::movesOf(play_->known());
  titles_.clear();
  for (const auto& title : practice::titlesOf(moves_)) {
    titles_.push_back(q(title));
  }
}

void PracticeDesk::make(const circuit::Test& test) {
  if (busy_ || !play_) {
    return;
  }
  auto answer = std::make_shared<practice::Answer>();
  auto views = std::make_shared<diagnosis::Assessment>();
  beside(
      [play = play_, test, answer, views] {
        *answer = play->make(test);
        *views = plainViews(play->assessment());
      },
      [this, test, answer, views] {
        readings_ = std::move(*views);
        Deed deed;
        deed.what = q(diagnosis::titleFor(test));
        if (test.circuit != play_->known().suspect) {
          deed.what += QStringLiteral(", ") + q(test.circuit);
        }
        deed.gave = answer->reading && !readings_.views.empty() ? q(readings_.views.back().shown)
                                                                : q(answer->cannot);
        deed.minutes = answer->minutes;
        if (answer->reading) {
          deed.coach = q(practice::coachSays(play_->steps().back()));
        }
        deeds_.append(deed);
      });
}

void PracticeDesk::fit(const QString& element, double sure) {
  if (busy_ || !play_) {
    return;
  }
  auto done = std::make_shared<practice::Worked>();
  beside([play = play_, id = element.toStdString(), done] { *done = play->fit(id); },
         [this, element, done, sure] {
           deeds_.append(
               {tr("fit a new %1, %2 % sure").arg(element).arg(qRound(100 * sure)),
                done->cannot.empty() ? tr("costs %1").arg(done->cost, 0, 'f', 0) : q(done->cannot),
                done->minutes,
                {}});
         });
}

void PracticeDesk::mend(const QString& element) {
  if (busy_ || !play_) {
    return;
  }
  auto done = std::make_shared<practice::Worked>();
  beside([play = play_, id = element.toStdString(), done] { *done = play->mend(id); },
         [this, element, done] {
           deeds_.append(
               {tr("mend or clean %1").arg(element),
                done->cannot.empty() ? tr("costs %1").arg(done->cost, 0, 'f', 0) : q(done->cannot),
                done->minutes,
                {}});
         });
}

void PracticeDesk::hint() {
  if (busy_ || !play_) {
    return;
  }
  auto hint = std::make_shared<practice::Hint>();
  beside([play = play_, hint] { *hint = play->hint(); },
         [this, hint] {
           deeds_.append({tr("asked for a hint"), {}, hint->minutes, {}});
           emit hinted(*hint);
         });
}

void PracticeDesk::say(const QString& element, const QString& fault, double sure) {
  if (busy_ || !play_) {
    return;
  }
  auto score = std::make_shared<practice::Score>();
  beside([play = play_, e = element.toStdString(), f = fault.toStdString(),
          score] { *score = play->say(e, f); },
         [this, score, sure] {
           score_ = *score;
           keepResult(sure);
           emit ended();
         });
}

void PracticeDesk::keepResult(double sure) {
  if (!book_.logbook()) {
    return;
  }
  store::PracticeResult r;
  r.trainee = trainee_;
  r.caseId = q(play_->about().id);
  r.seed = seed_;
  r.skill = q(play_->about().skill);
  r.level = play_->about().level;
  r.points = score_.points;
  r.minutes = score_.minutes;
  r.bestMinutes = score_.bestMinutes;
  r.right = score_.right;
  r.wrongParts = score_.wrongParts;
  r.hints = score_.hints;
  r.brier = practice::brier(sure, score_.right);
  r.when = store::utcNow();
  if (const auto kept = store::PracticeLog(book_.logbook()->database()).keep(r); !kept) {
    emit said(tr("How this went could not be kept: %1").arg(q(kept.error().sentence())), true);
  }
}

std::vector<store::PracticeResult> PracticeDesk::results() const {
  return resultsOf(trainee_);
}

std::vector<store::PracticeResult> PracticeDesk::resultsOfAll() const {
  return resultsOf(std::nullopt);
}

std::vector<store::PracticeResult> PracticeDesk::resultsOf(
    const std::optional<QString>& trainee) const {
  if (!book_.logbook()) {
    return {};
  }
  auto all = store::PracticeLog(book_.logbook()->database()).all(trainee);
  return all ? std::move(*all) : std::vector<store::PracticeResult>{};
}

}  // namespace haybale::app
