#include "app/swap/swap_page.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "app/style/form.h"
#include "app/style/plain_table.h"
#include "app/style/theme.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/plan/categories.h"
#include "core/plan/test_effort.h"
#include "picture/swap_board.h"
#include "render/scene_painter.h"

namespace haybale::app {

using circuit::TestKind;

namespace {

constexpr int kMostRows = 9;

QString percent(double share) {
  return q(fmt::format("{:.0f} %", 100 * share));
}

// "L2 b open": element, wire, fault.
QString brief(const diagnosis::Suspect& s) {
  if (nameOf(s.fault).starts_with(s.element + "-")) {
    return q(sayName(nameOf(s.fault)));
  }
  QString text = s.element.empty() ? QObject::tr("nothing wrong") : q(sayName(s.element));
  if (s.wire) {
    text += QLatin1Char(' ') + q(circuit::kWireNames[static_cast<std::size_t>(*s.wire)]);
  }
  return s.element.empty() ? text : text + QLatin1Char(' ') + q(sayName(nameOf(s.fault)));
}

}  // namespace

SceneWidget* swapBoardWidget(QWidget* parent) {
  auto* board = new SceneWidget(parent);
  board->setObjectName(QStringLiteral("swap.board"));
  board->setMinimumHeight(196);
  return board;
}

void showSubstitution(SceneWidget& board, const JobModel& model, const circuit::Test& test) {
  board.setMaker([&model, test](double width, double height) {
    return picture::swapBoard({&model.job(), test, width, height}, render::measure());
  });
}

SwapPage::SwapPage(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  auto* row = new QHBoxLayout;
  way_ = new QComboBox(this);
  way_->setObjectName(QStringLiteral("swap.way"));
  way_->addItems({tr("Good sensor on the suspect line"), tr("Suspect sensor on a good line"),
                  tr("Deliberate short at the plug")});
  other_ = new QComboBox(this);
  other_->setObjectName(QStringLiteral("swap.other"));
  read_ = new QComboBox(this);
  read_->setObjectName(QStringLiteral("swap.read"));
  read_->addItems({tr("watch the live speed"), tr("clear and read the codes")});
  crossed_ = new QPushButton(tr("Leads exchanged"), this);
  crossed_->setObjectName(QStringLiteral("swap.crossed"));
  crossed_->setCheckable(true);
  crossed_->setToolTip(tr("Wire a of one to wire b of the other: the retry when both set codes"));
  for (QWidget* w : std::initializer_list<QWidget*>{way_, other_, read_, crossed_}) {
    row->addWidget(w);
  }
  row->addStretch();
  column->addLayout(row);
  board_ = swapBoardWidget(this);
  column->addWidget(board_, 2);
  auto* below = new QHBoxLayout;
  below->setSpacing(16);
  auto* left = new QVBoxLayout;
  steps_ = new QLabel(this);
  steps_->setObjectName(QStringLiteral("swap.steps"));
  steps_->setWordWrap(true);
  steps_->setTextFormat(Qt::PlainText);
  cautions_ = new QLabel(this);
  cautions_->setProperty("caution", true);
  cautions_->setWordWrap(true);
  answers_ = new QWidget(this);
  answerGrid_ = new QGridLayout(answers_);
  answerGrid_->setContentsMargins(0, 0, 0, 0);
  auto* happened = new QLabel(tr("What happened"), this);
  happened->setProperty("sub", true);
  left->addWidget(steps_);
  left->addWidget(cautions_);
  left->addStretch();
  left->addWidget(happened);
  left->addWidget(answers_);
  auto* right = new QVBoxLayout;
  auto* head = new QLabel(tr("What each fault still possible would show"), this);
  head->setProperty("sub", true);
  table_ = new QTableWidget(this);
  table_->setObjectName(QStringLiteral("swap.table"));
  table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table_->setSelectionMode(QAbstractItemView::NoSelection);
  table_->setFocusPolicy(Qt::NoFocus);
  table_->verticalHeader()->hide();
  wrapRows(table_, 25);
  table_->setShowGrid(false);
  meanings_ = new QLabel(this);
  meanings_->setObjectName(QStringLiteral("swap.meanings"));
  meanings_->setWordWrap(true);
  meanings_->setTextFormat(Qt::PlainText);
  right->addWidget(head);
  right->addWidget(table_, 1);
  right->addWidget(meanings_);
  below->addLayout(left, 2);
  below->addLayout(right, 3);
  column->addLayout(below, 3);
  for (QComboBox* box : {way_, other_, read_}) {
    connect(box, &QComboBox::currentIndexChanged, this, &SwapPage::refresh);
  }
  connect(crossed_, &QPushButton::toggled, this, &SwapPage::refresh);
  connect(&model_, &JobModel::changed, this, [this] {
    fillOthers();
    refresh();
  });
  connect(&model_, &JobModel::assessed, this, &SwapPage::refresh);
  connect(&model_, &JobModel::workedOut, this, &SwapPage::refresh);
  fillOthers();
}

void SwapPage::showEvent(QShowEvent*) {
  refresh();
}

// Circuits that may take part: with a plug at the sensor, other than the suspect.
void SwapPage::fillOthers() {
  QStringList names;
  for (const auto& c : model_.job().circuits) {
    if (c.name != model_.job().suspect && c.sensorConnector()) {
      names << q(c.name);
    }
  }
  const auto* suspect = model_.job().suspectCircuit();
  const auto* peer = suspect ? circuit::peerOf(model_.job().circuits, *suspect) : nullptr;
  refill(*other_, names, peer ? q(peer->name) : QString());
}

circuit::Test SwapPage::test() const {
  circuit::Test t;
  t.circuit = model_.job().suspect;
  t.state.key = circuit::Key::on;
  t.kind = read_->currentIndex() == 1 ? TestKind::codes : TestKind::liveSpeed;
  const auto* suspect = model_.job().suspectCircuit();
  if (way_->currentIndex() == kShort) {
    t.kind = TestKind::codes;
    const auto* joint = suspect ? suspect->sensorConnector() : nullptr;
    const std::string id = joint ? joint->id : "";
    t.state.unplugged = {id};
    t.state.jumper = circuit::Place{circuit::Place::Kind::moduleSide, id};
    return t;
  }
  t.state.wheel = circuit::WheelMotion::spun;
  const std::string other = other_->currentText().toStdString();
  t.state.swap = way_->currentIndex() == kGoodSensor
                     ? circuit::Swap{other, t.circuit, crossed_->isChecked()}
                     : circuit::Swap{t.circuit, other, crossed_->isChecked()};
  return t;
}

void SwapPage::refresh() {
  if (!isVisible() || !model_.job().suspectCircuit()) {
    return;
  }
  const bool shorted = way_->currentIndex() == kShort;
  other_->setVisible(!shorted);
  read_->setVisible(!shorted);
  crossed_->setVisible(!shorted);
  const auto t = test();
  showSubstitution(*board_, model_, t);
  fillAnswers();
  const auto* known = model_.outlook(t);
  if (!known) {
    return;  // on its way
  }
  const auto& outlook = *known;
  steps_->setText(numbered(outlook.steps));
  QStringList cautions;
  if (!diagnosis::permitted(model_.job(), *model_.job().suspectCircuit(), t)) {
    cautions << tr("Intake does not list the tools or the leave for this one.");
  }
  for (const auto& c : outlook.cautions) {
    cautions << q(c);
  }
  cautions_->setText(cautions.join(QLatin1Char(' ')));
  fillTable(outlook);
  meanings_->setText(paired(outlook.meanings));
}

void SwapPage::fillTable(const diagnosis::SwapOutlook& outlook) {
  QStringList heads{tr("Fault"), tr("Odds")};
  if (!outlook.rows.empty()) {
    for (const auto& input : outlook.rows.front().inputs) {
      heads << tr("%1 code").arg(q(input.circuit)) << tr("%1 speed").arg(q(input.circuit));
    }
  }
  table_->setColumnCount(static_cast<int>(heads.size()));
  table_->setHorizontalHeaderLabels(heads);
  const int rows = qMin(kMostRows, static_cast<int>(outlook.rows.size()));
  table_->setRowCount(rows);
  const auto put = [&](int row, int col, const QString& text) {
    auto* item = new QTableWidgetItem(text);
    item->setToolTip(text);
    table_->setItem(row, col, item);
  };
  for (int r = 0; r < rows; ++r) {
    const auto& row = outlook.rows[static_cast<std::size_t>(r)];
    put(r, 0, brief(row.suspect));
    table_->item(r, 0)->setToolTip(
        q(diagnosis::spoken(row.suspect, *model_.job().suspectCircuit())));
    put(r, 1, percent(row.suspect.share));
    int col = 2;
    for (const auto& input : row.inputs) {
      put(r, col++, input.code.empty() ? tr("none") : q(sayName(input.code)));
      put(r, col++,
          input.follows > 0.8   ? tr("follows")
          : input.follows < 0.2 ? tr("stays at 0")
                                : tr("follows, %1").arg(percent(input.follows)));
    }
  }
  table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
}

// One big button for each thing that may be seen.
void SwapPage::fillAnswers() {
  empty(*answerGrid_);
  const auto t = test();
  const diagnosis::Vehicle vehicle(model_.job());
  int i = 0;
  for (const auto& category : diagnosis::categoriesOf(vehicle, t)) {
    auto* button = new QPushButton(q(category.words), answers_);
    button->setObjectName(QStringLiteral("swap.answer%1").arg(i));
    button->setMinimumHeight(38);
    connect(button, &QPushButton::clicked, this,
            [this, t, reading = category.reading, words = category.words] {
              if (t.kind == TestKind::codes && !model_.job().intake.codesKept()) {
                emit said(tr("Clearing wipes the stored codes: write them down in Intake first, or "
                             "tick there that none were stored."),
                          true);
                return;
              }
              model_.entries().enterSeen(t, reading);
              emit said(tr("Kept: %1. Suspicion has moved.").arg(q(words)), false);
            });
    answerGrid_->addWidget(button, i / 2, i % 2);
    ++i;
  }
}

}  // namespace haybale::app
