#include "app/practice/bench_page.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>
#include <tuple>

#include "app/practice/bench_driver.h"
#include "app/style/form.h"
#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/scene_widget.h"
#include "core/plan/cautions.h"
#include "core/plan/test_effort.h"
#include "core/practice/truth_words.h"
#include "core/verdict/move_words.h"
#include "picture/lanes_of.h"
#include "picture/line_board.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

bool ofNoElement(const std::string& fault) {
  return fault == "wrong-tyre" || fault == "none";
}

QPushButton* button(const QString& text, const char* name, QWidget* parent) {
  auto* out = new QPushButton(text, parent);
  out->setObjectName(QLatin1String(name));
  return out;
}

}  // namespace

BenchPage::BenchPage(PracticeDesk& desk, InstrumentHub& hub, QWidget* parent)
    : QWidget(parent), desk_(desk) {
  auto* columns = new QHBoxLayout(this);
  columns->setContentsMargins(16, 10, 16, 12);
  columns->setSpacing(16);
  columns->addWidget(lineBox(), 1);
  auto* side = new QWidget(this);
  side->setFixedWidth(390);
  auto* right = new QVBoxLayout(side);
  right->setContentsMargins(0, 0, 0, 0);
  right->setSpacing(8);
  right->addWidget(moveBox(), 1);
  driver_ = new BenchDriver(desk_, hub, side);
  right->addWidget(driver_);
  right->addWidget(workBox());
  columns->addWidget(side);
  connect(&desk_, &PracticeDesk::changed, this, &BenchPage::refresh);
  connect(&desk_, &PracticeDesk::hinted, this, &BenchPage::takeHint);
}

// The complaint, the line with what was read, and what was done.
QWidget* BenchPage::lineBox() {
  auto* box = new QWidget(this);
  auto* left = new QVBoxLayout(box);
  left->setContentsMargins(0, 0, 0, 0);
  left->setSpacing(6);
  auto* top = new QHBoxLayout;
  complaint_ = textLabel(box, "sub", {}, QStringLiteral("practice.complaint"));
  top->addWidget(complaint_, 1);
  auto* leave = button(tr("Leave this case"), "practice.leave", box);
  top->addWidget(leave);
  left->addLayout(top);
  spent_ = textLabel(box, "faint", {}, QStringLiteral("practice.spent"));
  left->addWidget(spent_);
  board_ = new SceneWidget(box);
  board_->setAccessibleName(tr("The line of the made-up vehicle with what was read on it"));
  board_->setMaker([this](double width, double height) {
    if (!desk_.play() || desk_.busy()) {
      return board_->scene();
    }
    // No suspicion: that is the trainee's to have.
    picture::BoardInput input;
    input.job = &desk_.play()->known();
    input.assessment = &desk_.readings();
    input.circuit = input.job->suspect;
    input.printed = true;
    input.width = width;
    input.height = height;
    return picture::lineBoard(input, render::measure());
  });
  left->addWidget(board_, 3);
  trace_ = new SceneWidget(box);
  trace_->setObjectName(QStringLiteral("practice.trace"));
  trace_->setAccessibleName(tr("The traces that were taken"));
  trace_->setMaker([this](double width, double height) {
    picture::LanesInput input;
    input.lanes = picture::lanesOf(tracesOf_, desk_.readings());
    std::erase_if(input.lanes, [](const picture::Lane& lane) { return !lane.record; });
    for (auto& lane : input.lanes) {
      lane.subtitle.clear();
    }
    std::tie(input.fromS, input.toS) = picture::wholeTime(input.lanes);
    input.width = width;
    input.height = height;
    return picture::traceLanes(input, render::measure());
  });
  trace_->setMinimumHeight(150);
  left->addWidget(trace_, 3);
  deeds_ = plainTable(box, "practice.deeds", {tr("done"), tr("what it gave"), tr("min")}, false);
  deeds_->setAccessibleName(tr("What was done so far"));
  deeds_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  deeds_->setColumnWidth(1, 290);
  deeds_->setColumnWidth(2, 48);
  deeds_->verticalHeader()->setDefaultSectionSize(30);
  left->addWidget(deeds_, 2);
  connect(leave, &QPushButton::clicked, this, &BenchPage::leaveWanted);
  return box;
}

// What can be measured, looked at, tried.
QWidget* BenchPage::moveBox() {
  auto* box = new QWidget(this);
  auto* rows = new QVBoxLayout(box);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(6);
  rows->addWidget(textLabel(box, "sub", tr("1. What do you do next?")));
  search_ = new QLineEdit(box);
  search_->setObjectName(QStringLiteral("practice.search"));
  search_->setPlaceholderText(tr("words of it: ohms, C1, codes, look, RL ..."));
  search_->setAccessibleName(tr("Words of what to do"));
  search_->setClearButtonEnabled(true);
  rows->addWidget(search_);
  moves_ = new QListWidget(box);
  moves_->setObjectName(QStringLiteral("practice.moves"));
  moves_->setAccessibleName(tr("What can be done"));
  moves_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  moves_->setTextElideMode(Qt::ElideMiddle);
  moves_->setMinimumHeight(96);
  rows->addWidget(moves_, 1);
  instructions_ = textLabel(box, "faint", {}, QStringLiteral("practice.instructions"));
  rows->addWidget(instructions_);
  auto* act = new QHBoxLayout;
  do_ = button(tr("Do it"), "practice.do", box);
  do_->setProperty("main", true);
  do_->setMinimumHeight(38);
  hint_ = button(tr("Hint"), "practice.hint", box);
  hint_->setToolTip(tr("Names the next move; costs a minute and four points"));
  act->addWidget(do_, 2);
  act->addWidget(hint_, 1);
  rows->addLayout(act);
  auto* coach = new QHBoxLayout;
  coach->addWidget(new QLabel(tr("Coach"), box));
  coach_ = new QComboBox(box);
  coach_->setObjectName(QStringLiteral("practice.coach"));
  coach_->setAccessibleName(tr("When the coach speaks"));
  coach_->addItems({tr("says nothing"), tr("when asked"), tr("after each step")});
  coach_->setCurrentIndex(kAfterEach);
  coach->addWidget(coach_, 1);
  auto* ask = button(tr("Ask"), "practice.ask", box);
  coach->addWidget(ask);
  rows->addLayout(coach);
  coachSays_ = textLabel(box, "caution", {}, QStringLiteral("practice.coachSays"));
  coachSays_->hide();
  rows->addWidget(coachSays_);
  connect(search_, &QLineEdit::textChanged, this, &BenchPage::filterMoves);
  connect(search_, &QLineEdit::returnPressed, this, &BenchPage::doChosen);
  connect(moves_, &QListWidget::currentRowChanged, this, &BenchPage::showChosen);
  connect(moves_, &QListWidget::itemActivated, this, &BenchPage::doChosen);
  connect(do_, &QPushButton::clicked, this, &BenchPage::doChosen);
  connect(hint_, &QPushButton::clicked, &desk_, &PracticeDesk::hint);
  connect(coach_, &QComboBox::currentIndexChanged, this, &BenchPage::refresh);
  connect(ask, &QPushButton::clicked, this, [this] {
    if (!desk_.deeds().isEmpty() && !desk_.deeds().last().coach.isEmpty()) {
      coachSays_->setText(desk_.deeds().last().coach);
      coachSays_->show();
    }
  });
  return box;
}

// The trainee's own verdict, and work that costs.
QWidget* BenchPage::workBox() {
  auto* box = new QWidget(this);
  auto* rows = new QVBoxLayout(box);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(6);
  rows->addWidget(textLabel(box, "sub", tr("2. What is it, and how sure are you?")));
  auto* what = new QHBoxLayout;
  element_ = new QComboBox(box);
  element_->setObjectName(QStringLiteral("practice.element"));
  element_->setAccessibleName(tr("Where it is"));
  fault_ = new QComboBox(box);
  fault_->setObjectName(QStringLiteral("practice.fault"));
  fault_->setAccessibleName(tr("What is wrong with it"));
  for (const auto& [words, name] : practice::faultsInWords()) {
    fault_->addItem(q(words), q(name));
  }
  sure_ = new QSpinBox(box);
  sure_->setObjectName(QStringLiteral("practice.sure"));
  sure_->setAccessibleName(tr("How sure, in per cent"));
  sure_->setRange(0, 100);
  sure_->setSingleStep(5);
  sure_->setValue(50);
  sure_->setSuffix(QStringLiteral(" %"));
  sure_->setButtonSymbols(QAbstractSpinBox::NoButtons);
  element_->setMinimumWidth(122);
  what->addWidget(element_, 2);
  what->addWidget(fault_, 3);
  what->addWidget(sure_);
  rows->addLayout(what);
  auto* act = new QHBoxLayout;
  fit_ = button(tr("Fit a new one"), "practice.fit", box);
  mend_ = button(tr("Mend or clean it"), "practice.mend", box);
  act->addWidget(fit_);
  act->addWidget(mend_);
  rows->addLayout(act);
  say_ = button(tr("That is it: end the case"), "practice.say", box);
  say_->setMinimumHeight(38);
  rows->addWidget(say_);
  connect(fit_, &QPushButton::clicked, this,
          [this] { desk_.fit(chosenElement(), sure_->value() / 100.0); });
  connect(mend_, &QPushButton::clicked, this, [this] { desk_.mend(chosenElement()); });
  connect(say_, &QPushButton::clicked, this, &BenchPage::sayVerdict);
  return box;
}

QString BenchPage::chosenElement() const {
  return element_->currentData().toString();
}

void BenchPage::sayVerdict() {
  const std::string fault = fault_->currentData().toString().toStdString();
  desk_.say(ofNoElement(fault) ? QString() : chosenElement(), q(fault), sure_->value() / 100.0);
}

void BenchPage::start() {
  const auto& known = desk_.play()->known();
  element_->clear();
  for (const auto& e : known.suspectCircuit()->path) {
    QString kind = q(circuit::kElementKindNames[static_cast<std::size_t>(e.kind)]);
    const QString id = q(e.id);
    element_->addItem(id == kind ? id : QStringLiteral("%1, %2").arg(id, kind), id);
  }
  search_->clear();
  what_.clear();
  coachSays_->hide();
  filterMoves();
  refresh();
  focusMoves();
}

void BenchPage::focusMoves() {
  search_->setFocus();
}

void BenchPage::filterMoves() {
  if (!desk_.play()) {
    return;
  }
  const auto& known = desk_.play()->known();
  const QStringList words = search_->text().toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
  const QSignalBlocker quiet(moves_);
  moves_->clear();
  // The circuit in question first; the others by name.
  for (const bool suspect : {true, false}) {
    for (std::size_t i = 0; i < desk_.moves().size(); ++i) {
      const auto& test = desk_.moves()[i];
      if ((test.circuit == known.suspect) != suspect) {
        continue;
      }
      const QString text = q(test.circuit) + QStringLiteral(": ") + desk_.titleOf(i);
      const QString all = (text + QLatin1Char(' ') + q(circuit::spoken(test))).toLower();
      const bool fits = std::all_of(words.begin(), words.end(),
                                    [&](const QString& w) { return all.contains(w); });
      if (fits) {
        auto* item = new QListWidgetItem(text, moves_);
        item->setData(Qt::UserRole, static_cast<int>(i));
        item->setToolTip(text);
      }
    }
  }
  moves_->setCurrentRow(moves_->count() > 0 ? 0 : -1);
  showChosen();
}

void BenchPage::showChosen() {
  const auto* item = moves_->currentItem();
  do_->setEnabled(item && !desk_.busy());
  if (!item || !desk_.play() || desk_.busy()) {
    return;
  }
  const auto& known = desk_.play()->known();
  const auto& test = desk_.moves()[static_cast<std::size_t>(item->data(Qt::UserRole).toInt())];
  const auto* circuit = known.find(test.circuit);
  QString text = q(diagnosis::instructionsFor(*circuit, test));
  text += tr("\n%1 min. %2")
              .arg(diagnosis::minutesOf(known, test), 0, 'f', 1)
              .arg(q(diagnosis::cautionText(*circuit, test)));
  instructions_->setText(text);
}

void BenchPage::doChosen() {
  const auto* item = moves_->currentItem();
  if (!item || desk_.busy()) {
    return;
  }
  what_.clear();
  desk_.make(desk_.moves()[static_cast<std::size_t>(item->data(Qt::UserRole).toInt())]);
}

// The hint stands where the move is chosen: one more press does it.
void BenchPage::takeHint(const practice::Hint& hint) {
  if (hint.say) {
    element_->setCurrentIndex(std::max(0, element_->findData(q(hint.say->element))));
    fault_->setCurrentIndex(std::max(0, fault_->findData(q(hint.say->fault))));
    what_ = tr("Say what it is: it stands below.");
  } else if (hint.test) {
    search_->clear();
    for (int row = 0; row < moves_->count(); ++row) {
      const auto& test =
          desk_.moves()[static_cast<std::size_t>(moves_->item(row)->data(Qt::UserRole).toInt())];
      if (circuit::sameTest(test, *hint.test)) {
        moves_->setCurrentRow(row);
        break;
      }
    }
    what_ = tr("Next: %1").arg(q(hint.why));
  }
  refresh();
}

void BenchPage::refresh() {
  const bool free = desk_.play() && !desk_.busy();
  for (QPushButton* each : {do_, hint_, fit_, mend_, say_}) {
    each->setEnabled(free);
  }
  if (!free) {
    spent_->setText(desk_.play() ? tr("working on it ...") : QString());
    return;
  }
  const auto& play = *desk_.play();
  complaint_->setText(q(play.about().title) + QStringLiteral(": ") +
                      q(play.known().complaint.text));
  spent_->setText(tr("Circuit %1.  %2 min, costs %3 so far.")
                      .arg(q(play.known().suspect))
                      .arg(play.minutes(), 0, 'f', 0)
                      .arg(play.spent(), 0, 'f', 0));
  deeds_->setRowCount(static_cast<int>(desk_.deeds().size()));
  int row = 0;
  for (const auto& deed : desk_.deeds()) {
    putRow(deeds_, row++, {deed.what, deed.gave, QString::number(deed.minutes, 'f', 1)}, {2});
  }
  deeds_->scrollToBottom();
  const QString coach = desk_.deeds().isEmpty() ? QString() : desk_.deeds().last().coach;
  const bool speaks = coach_->currentIndex() == kAfterEach && !coach.isEmpty();
  coachSays_->setText(!what_.isEmpty() ? what_ : coach);
  coachSays_->setVisible(!what_.isEmpty() || speaks);
  board_->rebuild();
  refreshTrace();
  showChosen();
}

// Traces as a scope shows them, once there is one.
void BenchPage::refreshTrace() {
  tracesOf_ = desk_.play()->known();
  trace_->setVisible(!desk_.readings().waveforms.waveforms.empty());
  trace_->rebuild();
}

}  // namespace haybale::app
