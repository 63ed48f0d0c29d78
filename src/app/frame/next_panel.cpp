#include "app/frame/next_panel.h"

#include <fmt/format.h>

#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QResizeEvent>
#include <QVBoxLayout>

#include "app/parts/reasons_dialog.h"
#include "app/parts/steps_dialog.h"
#include "app/parts/text_lines.h"
#include "app/style/form.h"
#include "app/style/labels.h"
#include "app/style/theme.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "render/scene_painter.h"

namespace haybale::app {

using picture::Role;

namespace {

constexpr int kOutcomeH = 37;
constexpr int kRowWidth = 266;              // of a button as wide as the panel, without its frame
constexpr int kAnswerWidth = 122;           // of one of two beside each other
constexpr std::size_t kReasonLetters = 96;  // two lines; the rest stands behind "Why"

std::string costOf(const diagnosis::Proposal& p) {
  constexpr double kSaid = 0.05;
  return sayf("{:.0f} min \xC2\xB7 ", p.minutes) +
         (p.bits < kSaid ? std::string(haybale::say("tells which wire, or how it failed"))
                         : sayf("settles {:.1f} bit of what is still open", p.bits));
}

QLabel* faint(QWidget* parent, const QString& words) {
  auto* label = textLabel(parent, "faint", {}, {});
  label->setText(words);
  return label;
}

QFrame* rule(QWidget* parent) {
  auto* line = new QFrame(parent);
  line->setProperty("line", true);
  line->setFixedHeight(1);
  return line;
}

}  // namespace

void OutcomeBars::setOutcomes(std::vector<diagnosis::Outcome> outcomes) {
  outcomes_ = std::move(outcomes);
  setFixedHeight(static_cast<int>(outcomes_.size()) * kOutcomeH);
  update();
}

QSize OutcomeBars::sizeHint() const {
  return {200, static_cast<int>(outcomes_.size()) * kOutcomeH};
}

void OutcomeBars::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  const auto theme = ThemeHub::instance().theme();
  const auto measure = render::measure();
  picture::Scene scene;
  double y = 0;
  for (const auto& o : outcomes_) {
    const double w = width();
    scene.add(picture::Box{{0, y + 2, w, 8}, 0, Role::rule, std::nullopt, 1, std::nullopt});
    scene.add(picture::Box{{0, y + 2, std::max(2.0, w * o.probability), 8},
                           0,
                           Role::straw,
                           Role::strawLine,
                           1,
                           Role::strawLine});
    const std::string words =
        picture::fitted(measure, o.reading + ": " + o.pointsTo, 13.5, false, w - 52);
    scene.add(picture::Text{{0, y + 27}, words, 13.5, false, Role::ink, picture::Anchor::start});
    scene.add(picture::Text{{w, y + 27},
                            fmt::format("{:.0f} %", 100 * o.probability),
                            13.5,
                            true,
                            Role::ink,
                            picture::Anchor::end});
    y += kOutcomeH;
  }
  render::paint(painter, scene, theme);
}

NextPanel::NextPanel(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("side"));
  setAttribute(Qt::WA_StyledBackground);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(18, 12, 18, 12);
  column->setSpacing(4);
  addMove(column);
  addAnswer(column);
  column->addLayout(keys());
  caution_ = textLabel(this, "caution", {}, QStringLiteral("side.caution"));
  column->addWidget(caution_);
  column->addWidget(rule(this));
  addOthers(column);
  column->addWidget(rule(this));
  addStanding(column);
  column->addStretch();
  connect(&model_, &JobModel::changed, this, [this] { refresh(); });
  connect(&model_, &JobModel::assessed, this, [this] {
    shown_ = indexOf(std::exchange(wanted_, {}));
    refresh();
  });
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, [this] { update(); });
  refresh();
}

// What to do, and what each answer would mean.
void NextPanel::addMove(QVBoxLayout* column) {
  column->addWidget(faint(this, tr("Next move")));
  title_ = textLabel(this, "head", {}, QStringLiteral("side.title"));
  instructions_ = textLabel(this, nullptr, {}, QStringLiteral("side.instructions"));
  outcomes_ = new OutcomeBars(this);
  cost_ = textLabel(this, "faint", {}, QStringLiteral("side.cost"));
  column->addWidget(title_);
  column->addWidget(instructions_);
  column->addSpacing(4);
  column->addWidget(faint(this, tr("What the answer will mean")));
  column->addWidget(outcomes_);
  column->addWidget(cost_);
}

// Where the answer goes: a number, a file, or what was seen.
void NextPanel::addAnswer(QVBoxLayout* column) {
  box_ = new ReadingBox(
      model_, QStringLiteral("side"),
      [this] {
        const auto* proposal = current();
        return proposal ? proposal->test : model_.selection().test;
      },
      this);
  box_->setPlaceholder(tr("type what the meter shows"));
  file_ = new QPushButton(tr("Choose the capture file"), this);
  file_->setProperty("main", true);
  file_->setMinimumHeight(44);
  answers_ = new QWidget(this);
  answers_->setObjectName(QStringLiteral("side.answers"));
  auto* grid = new QGridLayout(answers_);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setSpacing(6);
  column->addWidget(box_);
  column->addWidget(file_);
  column->addWidget(answers_);
  connect(file_, &QPushButton::clicked, this, [this] {
    if (current()) {
      emit fileWanted(q(current()->test.circuit));
    }
  });
}

QPushButton* NextPanel::flatKey(const QString& text, const QString& name) {
  auto* key = new QPushButton(text, this);
  key->setProperty("flat", true);
  key->setObjectName(name);
  return key;
}

QLayout* NextPanel::keys() {
  later_ = flatKey(tr("Not now"), QStringLiteral("side.later"));
  steps_ = flatKey(tr("Step by step"), QStringLiteral("side.steps"));
  place_ = flatKey(tr("On the line"), QStringLiteral("side.place"));
  auto* row = new QHBoxLayout;
  for (auto* key : {later_, steps_, place_}) {
    row->addWidget(key);
  }
  row->addStretch();
  connect(later_, &QPushButton::clicked, this, [this] {
    const std::size_t count = model_.assessment().proposals.size();
    show(count == 0 ? 0 : (shown_ + 1) % count);
  });
  connect(steps_, &QPushButton::clicked, this, [this] {
    if (current()) {
      StepsDialog(*current(), this).exec();
    }
  });
  connect(place_, &QPushButton::clicked, this, [this] {
    if (current()) {
      model_.choose().test(current()->test);
      emit testShown();
    }
  });
  return row;
}

void NextPanel::addOthers(QVBoxLayout* column) {
  othersHead_ = faint(this, tr("Other ways"));
  column->addWidget(othersHead_);
  for (std::size_t i = 0; i < 2; ++i) {
    auto* other = flatKey({}, QStringLiteral("side.other%1").arg(i));
    other->setProperty("row", true);
    connect(other, &QPushButton::clicked, this, [this, i] { show(i < shown_ ? i : i + 1); });
    others_ << other;
    column->addWidget(other);
  }
}

// The verdict so far, and why.
void NextPanel::addStanding(QVBoxLayout* column) {
  column->addWidget(faint(this, tr("Where it stands")));
  headline_ = textLabel(this, "sub", {}, QStringLiteral("side.headline"));
  action_ = textLabel(this, nullptr, {}, QStringLiteral("side.action"));
  reasons_ = textLabel(this, "faint", {}, QStringLiteral("side.reasons"));
  why_ = flatKey({}, QStringLiteral("side.why"));
  why_->setProperty("row", true);
  connect(why_, &QPushButton::clicked, this, &NextPanel::showReasons);
  for (QWidget* w : std::initializer_list<QWidget*>{headline_, action_, reasons_, why_}) {
    column->addWidget(w);
  }
}

const diagnosis::Proposal* NextPanel::current() const {
  const auto& proposals = model_.assessment().proposals;
  return shown_ < proposals.size() ? &proposals[shown_] : nullptr;
}

// Of the proposals; the first where that test is none of them.
std::size_t NextPanel::indexOf(const circuit::Test& test) const {
  const auto& proposals = model_.assessment().proposals;
  const auto it = std::find_if(proposals.begin(), proposals.end(),
                               [&](const auto& p) { return circuit::sameTest(p.test, test); });
  return it == proposals.end() ? 0 : static_cast<std::size_t>(it - proposals.begin());
}

void NextPanel::show(std::size_t index) {
  shown_ = index;
  refresh();
}

void NextPanel::refresh() {
  const auto& a = model_.assessment();
  headline_->setText(q(a.conclusion.headline));
  action_->setText(q(a.conclusion.action));
  action_->show();
  const auto& reasons = a.conclusion.reasons;
  reasons_->setText(reasons.empty()
                        ? QString()
                        : q(text::shortened(a.conclusion.clash ? reasons.back() : reasons.front(),
                                            kReasonLetters)));
  reasons_->setVisible(!reasons.empty());
  why_->setText(tr("Why, and what may be done"));
  why_->setVisible(!reasons.empty());
  const auto* p = current();
  const bool trace = p && p->test.kind == circuit::TestKind::waveform;
  const bool thinking = !p && model_.isThinking();
  title_->setText(p ? q(p->title) : thinking ? QString() : tr("No further test would tell more"));
  instructions_->setText(
      p          ? q(p->instructions)
      : thinking ? QString()
                 : tr("Act on what stands below, then prove it: repeat the reading that failed."));
  // What is asked next follows from what was just answered.
  answers_->setEnabled(!model_.isThinking());
  outcomes_->setOutcomes(p ? p->outcomes : std::vector<diagnosis::Outcome>{});
  cost_->setText(p ? q(costOf(*p)) : QString());
  caution_->setText(!p               ? QString()
                    : clearsCodes(p) ? tr("Clearing wipes the codes stored now: write them down "
                                          "first, with status, counts and freeze values.")
                                     : q(p->caution));
  for (QWidget* w : std::initializer_list<QWidget*>{cost_, caution_, later_, steps_, place_}) {
    w->setVisible(p != nullptr);
  }
  offerAnswers(p);
  box_->setVisible(p && !trace && p->answers.empty());
  file_->setVisible(trace);
  box_->refreshEcho();
  // Many answers leave no room for other ways.
  const std::size_t room =
      p && p->answers.size() > 4 ? 1 : static_cast<std::size_t>(others_.size());
  std::size_t other = 0;
  for (std::size_t i = 0;
       i < a.proposals.size() && other < room && other < static_cast<std::size_t>(others_.size());
       ++i) {
    if (i != shown_) {
      auto* button = others_[static_cast<qsizetype>(other++)];
      const QString words =
          q(sayf("{:.0f} min \xC2\xB7 {}", a.proposals[i].minutes, a.proposals[i].title));
      button->setText(inLines(words, button->fontMetrics(), kRowWidth));
      button->setVisible(true);
    }
  }
  othersHead_->setVisible(other > 0);
  for (; other < static_cast<std::size_t>(others_.size()); ++other) {
    others_[static_cast<qsizetype>(other)]->setVisible(false);
  }
  fitIn();
}

// Where the panel is too low, what can be read elsewhere gives way, the least needed first; what is
// still too high then scrolls.
void NextPanel::fitIn() {
  // It lies in a room that scrolls, and is as high as that at least.
  const int room = parentWidget() ? parentWidget()->height() : height();
  QList<QWidget*> lessNeeded{reasons_, others_.last(), action_, others_.first()};
  for (QWidget* widget : lessNeeded) {
    if (room >= layout()->totalHeightForWidth(width())) {
      return;
    }
    widget->hide();
    if (widget == others_.first()) {
      othersHead_->hide();
    }
  }
}

// Buttons just made know their size only once they were styled.
bool NextPanel::event(QEvent* event) {
  const bool done = QWidget::event(event);
  if (event->type() == QEvent::LayoutRequest) {
    fitIn();
  }
  return done;
}

void NextPanel::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  if (event->size().height() != event->oldSize().height()) {
    refresh();
  }
}

// Big targets, two a row; the words are those of the bars above.
void NextPanel::offerAnswers(const diagnosis::Proposal* p) {
  auto* grid = static_cast<QGridLayout*>(answers_->layout());
  empty(*grid);
  answers_->setVisible(p && !p->answers.empty());
  if (!p) {
    return;
  }
  if (clearsCodes(p)) {
    insistOnCodes();
    return;
  }
  for (std::size_t i = 0; i < p->answers.size(); ++i) {
    const auto& [words, reading] = p->answers[i];
    auto* button = new QPushButton(answers_);
    button->setObjectName(QStringLiteral("side.answer%1").arg(i));
    button->setText(inLines(q(words), button->fontMetrics(), kAnswerWidth));
    button->setStyleSheet(QStringLiteral("padding: 3px 4px; font-size: 13px; min-height: 24px;"));
    button->setMinimumHeight(34);
    button->ensurePolished();  // its size is asked before it is seen
    connect(button, &QPushButton::clicked, this,
            [this, test = p->test, seen = reading] { model_.entries().enterSeen(test, seen); });
    grid->addWidget(button, static_cast<int>(i / 2), static_cast<int>(i % 2));
    button->show();  // at once: a hidden one takes no room
  }
}

bool NextPanel::clearsCodes(const diagnosis::Proposal* p) const {
  return p && p->test.kind == circuit::TestKind::codes && !model_.job().intake.codesKept();
}

// In place of the answers, until the stored codes are kept or there were none.
void NextPanel::insistOnCodes() {
  auto* grid = static_cast<QGridLayout*>(answers_->layout());
  auto* write = new QPushButton(tr("Write the stored codes down"), answers_);
  write->setObjectName(QStringLiteral("side.writeCodes"));
  write->setProperty("main", true);
  connect(write, &QPushButton::clicked, this, &NextPanel::codesWanted);
  auto* none = new QPushButton(tr("None were stored"), answers_);
  none->setObjectName(QStringLiteral("side.noCodes"));
  connect(none, &QPushButton::clicked, this, [this] {
    // The same test is shown again, now with its answers.
    wanted_ = current() ? current()->test : circuit::Test{};
    model_.change(tr("no codes were stored"), [](job::Case& c) { c.intake.noCodes = true; });
  });
  grid->addWidget(write, 0, 0, 1, 2);
  grid->addWidget(none, 1, 0, 1, 2);
}

void NextPanel::showReasons() {
  ReasonsDialog dialog(model_, current() ? current()->test : model_.selection().test, this);
  dialog.exec();
}

}  // namespace haybale::app
