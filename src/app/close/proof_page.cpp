#include "app/close/proof_page.h"

#include <fmt/format.h>

#include <QCheckBox>
#include <QGridLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "app/parts/reading_box.h"
#include "app/style/form.h"
#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "core/session/closing.h"
#include "core/verdict/move_words.h"

namespace haybale::app {

namespace {

QString shownReading(const job::Evidence& e) {
  if (e.reading.value) {
    return q(units::format(*e.reading.value));
  }
  return e.reading.file.empty() ? q(diagnosis::sayReading(e.reading)) : QObject::tr("trace");
}

}  // namespace

ProofPage::ProofPage(JobModel& model, JobBook& book, QWidget* parent)
    : QWidget(parent), model_(model), book_(book) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  sentence_ = textLabel(this, "head", {}, QStringLiteral("proof.sentence"));
  column->addWidget(sentence_);
  table_ = plainTable(
      this, "proof.table",
      {tr("Test after the repair"), tr("min"), tr("shows"), tr("left unseen"), tr("what it gave")});
  table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  wrapRows(table_, 30);
  connect(table_, &QTableWidget::currentCellChanged, this, [this](int row) {
    chosen_ = std::max(row, 0);
    showStep();
  });
  column->addWidget(table_, 3);
  auto* below = new QHBoxLayout;
  below->setSpacing(20);
  auto* left = new QVBoxLayout;
  title_ = textLabel(this, "sub", {}, QStringLiteral("proof.title"));
  instructions_ = textLabel(this, nullptr, {}, QStringLiteral("proof.instructions"));
  why_ = textLabel(this, "faint");
  caution_ = textLabel(this, "caution");
  box_ = new ReadingBox(
      model_, QStringLiteral("proof"),
      [this] {
        const auto* s = step();
        return s ? s->test : circuit::Test{};
      },
      this);
  box_->setPlaceholder(tr("type what the meter shows"));
  box_->setTarget([this](const QString& text, const circuit::Test& test) {
    return model_.entries().enterProof(text, test);
  });
  file_ = new QPushButton(tr("Choose the capture file"), this);
  file_->setObjectName(QStringLiteral("proof.file"));
  file_->setProperty("main", true);
  file_->setMinimumHeight(42);
  answers_ = new QWidget(this);
  answerGrid_ = new QGridLayout(answers_);
  answerGrid_->setContentsMargins(0, 0, 0, 0);
  back_ = new QPushButton(tr("Take this result back"), this);
  back_->setObjectName(QStringLiteral("proof.back"));
  for (QWidget* w : std::initializer_list<QWidget*>{title_, instructions_, why_, box_, file_,
                                                    answers_, back_, caution_}) {
    left->addWidget(w);
  }
  left->addStretch(1);
  auto* right = new QVBoxLayout;
  auto* end = textLabel(this, "sub");
  end->setText(tr("The end of the job"));
  obstacles_ = textLabel(this, nullptr, {}, QStringLiteral("proof.obstacles"));
  comeback_ = new QCheckBox(tr("it had been here for this before"), this);
  comeback_->setObjectName(QStringLiteral("proof.comeback"));
  overlay_ = new QPushButton(tr("Before and after, turn on turn"), this);
  overlay_->setObjectName(QStringLiteral("proof.overlay"));
  close_ = new QPushButton(this);
  close_->setObjectName(QStringLiteral("proof.close"));
  close_->setProperty("main", true);
  close_->setMinimumHeight(44);
  for (QWidget* w : std::initializer_list<QWidget*>{end, obstacles_, overlay_, comeback_, close_}) {
    right->addWidget(w);
  }
  right->addStretch(1);
  below->addLayout(left, 3);
  below->addLayout(right, 2);
  column->addLayout(below, 4);
  connect(file_, &QPushButton::clicked, this, [this] {
    if (const auto* s = step()) {
      emit captureWanted(q(s->test.circuit));
    }
  });
  connect(back_, &QPushButton::clicked, this, [this] {
    const auto* s = step();
    const auto* made = s ? madeOf(*s) : nullptr;
    if (made) {
      model_.change(tr("take a proof back"), [id = made->id](job::Case& c) {
        std::erase_if(c.proof, [&](const auto& e) { return e.id == id; });
      });
    }
  });
  connect(overlay_, &QPushButton::clicked, this, &ProofPage::overlayWanted);
  connect(close_, &QPushButton::clicked, this, &ProofPage::closeJob);
  connect(&model_, &JobModel::reopened, this, [this] { chosen_ = 0; });
  for (const auto news : {&JobModel::changed, &JobModel::workedOut}) {
    connect(&model_, news, this, [this] {
      if (isVisible()) {
        refresh();
      }
    });
  }
}

void ProofPage::showEvent(QShowEvent*) {
  refresh();
}

const diagnosis::ProofStep* ProofPage::step() {
  if (!isVisible()) {
    return nullptr;  // the plan is made when it is looked at
  }
  const auto& plan = known().plan;
  const auto chosen = static_cast<std::size_t>(chosen_);
  return chosen < plan.size() ? &plan[chosen] : nullptr;
}

const job::Evidence* ProofPage::madeOf(const diagnosis::ProofStep& step) const {
  const auto& proof = model_.job().proof;
  const auto it = std::find_if(proof.rbegin(), proof.rend(), [&](const job::Evidence& e) {
    return !e.withdrawn && circuit::sameTest(e.test, step.test);
  });
  return it == proof.rend() ? nullptr : &*it;
}

bool ProofPage::isOpen(const diagnosis::ProofStep& step) {
  const auto* made = madeOf(step);
  const auto& proof = model_.job().proof;
  const auto times = std::count_if(proof.begin(), proof.end(), [&](const job::Evidence& e) {
    return !e.withdrawn && circuit::sameTest(e.test, step.test);
  });
  const auto& results = known().results;
  const auto result = std::find_if(results.begin(), results.end(),
                                   [&](const auto& r) { return made && r.evidence == made->id; });
  return !made || (times == 1 && result != results.end() && !result->asItShould);
}

// What is worked out of the proof; of none one that is empty.
const diagnosis::Proof& ProofPage::known() {
  static const diagnosis::Proof none;
  const auto* proof = model_.proof();
  return proof ? *proof : none;
}

void ProofPage::refresh() {
  const auto& proof = known();
  answers_->setEnabled(model_.proofStands());
  if (!model_.proofStands() && !proof.plan.empty()) {
    sentence_->setText(tr("Working the proof out ..."));
    return;  // the next step is chosen by what follows from the last one
  }
  sentence_->setText(model_.proofStands() ? q(proof.sentence()) : tr("Working the proof out ..."));
  sentence_->setProperty("bad", proof.shown());
  // The next one not made is the one to do.
  if (const auto* s = step(); !s || !isOpen(*s)) {
    for (std::size_t i = 0; i < proof.plan.size(); ++i) {
      if (isOpen(proof.plan[i])) {
        chosen_ = static_cast<int>(i);
        break;
      }
    }
  }
  fillTable();
  showStep();
  const auto& c = model_.job();
  const bool closed = c.closing.closed();
  QStringList lines;
  if (closed) {
    lines << tr("Closed on %1: %2 %3.")
                 .arg(q(c.closing.date).left(10), q(c.closing.element), q(c.closing.fault));
  } else {
    for (const auto& text : diagnosis::inTheWay(c)) {
      lines << q(text);
    }
    if (lines.isEmpty()) {
      lines << (proof.complete()
                    ? tr("Proved. What was found counts in the odds of the next job.")
                    : tr("It can be closed, but it is not proved: the report will say so, and it "
                         "does not count in the odds of the next job."));
    }
  }
  obstacles_->setText(lines.join(QLatin1Char('\n')));
  comeback_->setVisible(!closed);
  close_->setText(closed ? tr("Open the job again") : tr("Close the job"));
}

void ProofPage::fillTable() {
  const auto& proof = known();
  const QSignalBlocker quiet(table_);
  table_->setRowCount(static_cast<int>(proof.plan.size()));
  for (int row = 0; row < table_->rowCount(); ++row) {
    const auto& step = proof.plan[static_cast<std::size_t>(row)];
    const auto* made = madeOf(step);
    QString gave;
    if (made) {
      const auto result = std::find_if(proof.results.begin(), proof.results.end(),
                                       [&](const auto& r) { return r.evidence == made->id; });
      gave = shownReading(*made);
      if (result != proof.results.end()) {
        gave += result->asItShould ? tr(": as it should") : tr(": NOT as it should");
      }
    }
    putRow(table_, row,
           {q(step.title), q(fmt::format("{:.0f}", step.minutes)),
            q(fmt::format("{:.0f} %", 100 * step.catches)),
            q(fmt::format("{:.0f} %", 100 * step.left)), gave},
           {1, 2, 3});
  }
  for (int column = 1; column < 4; ++column) {
    constexpr int kBeside = 14;  // of a heading, in its section
    const int head = table_->horizontalHeader()->fontMetrics().horizontalAdvance(
        table_->horizontalHeaderItem(column)->text());
    table_->setColumnWidth(column, std::max(62, head + kBeside));
  }
  table_->setColumnWidth(4, 220);
  table_->setCurrentCell(chosen_, 0);
}

void ProofPage::showStep() {
  const auto* s = step();
  const auto* made = s ? madeOf(*s) : nullptr;
  const bool trace = s && s->test.kind == circuit::TestKind::waveform;
  title_->setText(s ? q(s->title) : tr("No test of this tool box would show more"));
  instructions_->setText(s ? q(s->instructions) : QString());
  const bool open = s && isOpen(*s);
  why_->setText(!s             ? QString()
                : made && open ? tr("Not as it should be: make it once more, at a second contact, "
                                    "before you believe it.")
                               : tr("In the plan because %1.").arg(q(s->why)));
  caution_->setText(s ? q(s->caution) : QString());
  caution_->setVisible(s != nullptr);
  box_->setVisible(open && !trace && s->answers.empty());
  file_->setVisible(trace && open);
  back_->setVisible(made != nullptr);
  answers_->setVisible(open && !s->answers.empty());
  if (s) {
    offerAnswers(*s);
    box_->refreshEcho();
  }
}

void ProofPage::offerAnswers(const diagnosis::ProofStep& step) {
  empty(*answerGrid_);
  int index = 0;
  for (const auto& [text, reading] : step.answers) {
    auto* button = new QPushButton(q(text), answers_);
    button->setObjectName(QStringLiteral("proof.answer%1").arg(index));
    button->setProperty("key", true);
    button->setMinimumHeight(36);
    connect(button, &QPushButton::clicked, this, [this, test = step.test, seen = reading] {
      model_.entries().enterProofSeen(test, seen);
    });
    answerGrid_->addWidget(button, index / 3, index % 3);
    ++index;
  }
}

void ProofPage::takeCapture(const QString& file) {
  const auto* s = step();
  if (!s || file.isEmpty()) {
    return;
  }
  if (const auto status = model_.entries().addProofCapture(s->test, file); !status) {
    emit said(q(status.error().sentence()), true);
  }
}

void ProofPage::closeJob() {
  if (model_.job().closing.closed()) {
    book_.reopenJob();
    return;
  }
  if (const auto status = book_.close(comeback_->isChecked()); !status) {
    emit said(q(status.error().sentence()), true);
  } else {
    emit said(tr("The job is closed."), false);
  }
}

}  // namespace haybale::app
