#include "app/book/jobs_page.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "app/book/erase_dialog.h"
#include "app/book/revisions_dialog.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/vehicle/hypothesis.h"

namespace haybale::app {

JobsPage::JobsPage(JobModel& model, JobBook& book, QWidget* parent)
    : QWidget(parent), model_(model), book_(book) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  text_ = new QLineEdit(this);
  text_->setObjectName(QStringLiteral("book.search"));
  text_->setMinimumHeight(42);
  text_->setPlaceholderText(
      tr("Any word of a job: a plate, a code, a colour, a complaint, a reading"));
  column->addWidget(text_);
  column->addLayout(filters());
  makeTables();
  column->addWidget(jobs_, 3);
  column->addLayout(buttons());
  auto* head = new QLabel(tr("What failed, in the closed jobs of the vehicles above"), this);
  head->setProperty("sub", true);
  column->addWidget(head);
  column->addWidget(tallies_, 2);
  connect(text_, &QLineEdit::textChanged, this, &JobsPage::refresh);
  connect(vehicle_, &QLineEdit::textChanged, this, &JobsPage::tally);
  connect(text_, &QLineEdit::returnPressed, this, &JobsPage::openChosen);
  connect(jobs_, &QTableWidget::cellActivated, this, &JobsPage::openChosen);
  connect(&book_, &JobBook::changed, this, [this] {
    if (isVisible()) {
      refresh();
      tally();
    }
  });
}

// What narrows the list down, and how many are left.
QLayout* JobsPage::filters() {
  auto* row = new QHBoxLayout;
  const auto small = [&](const QString& name, const QString& hint, int width) {
    auto* edit = new QLineEdit(this);
    edit->setObjectName(name);
    edit->setPlaceholderText(hint);
    edit->setProperty("tight", true);
    edit->setFixedWidth(width);
    row->addWidget(edit);
    connect(edit, &QLineEdit::textChanged, this, &JobsPage::refresh);
    return edit;
  };
  vehicle_ = small(QStringLiteral("book.vehicle"), tr("vehicle"), 180);
  circuit_ = small(QStringLiteral("book.circuit"), tr("circuit"), 84);
  month_ = small(QStringLiteral("book.month"), tr("2026-11"), 84);
  const auto choice = [&](const QString& name, const QString& any, const auto& names) {
    auto* box = new QComboBox(this);
    box->setObjectName(name);
    box->addItem(any);
    for (const auto each : names) {
      box->addItem(q(each));
    }
    box->setProperty("tight", true);
    row->addWidget(box);
    connect(box, &QComboBox::currentIndexChanged, this, &JobsPage::refresh);
    return box;
  };
  fault_ = choice(QStringLiteral("book.fault"), tr("any fault"), diagnosis::kFaultNames);
  zone_ = choice(QStringLiteral("book.zone"), tr("any zone"), circuit::kZoneNames);
  row->addStretch();
  count_ = new QLabel(this);
  count_->setProperty("faint", true);
  count_->setObjectName(QStringLiteral("book.count"));
  row->addWidget(count_);
  return row;
}

void JobsPage::makeTables() {
  jobs_ = plainTable(
      this, "book.jobs",
      {tr("last worked on"), tr("job"), tr("vehicle"), tr("circuit"), tr("where it stands")});
  jobs_->horizontalHeader()->setSectionResizeMode(4, QHeaderView::Stretch);
  for (const auto& [at, width] : {std::pair{0, 128}, {1, 210}, {2, 190}, {3, 64}}) {
    jobs_->setColumnWidth(at, width);
  }
  tallies_ = plainTable(
      this, "book.tallies",
      {tr("part and zone"), tr("jobs"), tr("share"), tr("minutes to isolate"), tr("came back")});
  tallies_->setSelectionMode(QAbstractItemView::NoSelection);
  tallies_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  tallies_->setColumnWidth(3, 150);
}

// What can be done with the job that is chosen, and with all of them.
QLayout* JobsPage::buttons() {
  auto* row = new QHBoxLayout;
  const auto add = [&](const QString& label, const char* name, const auto& deed) {
    auto* button = new QPushButton(label, this);
    button->setObjectName(QString::fromLatin1(name));
    connect(button, &QPushButton::clicked, this, deed);
    row->addWidget(button);
  };
  const auto ask = [this](const char* what) {
    return [this, what] { emit fileWanted(QString::fromLatin1(what)); };
  };
  add(tr("Open"), "book.open", [this] { openChosen(); });
  add(tr("Kept states..."), "book.states", [this] { showStates(); });
  add(tr("Erase owner..."), "book.erase", [this] { erase(); });
  add(tr("Save this job as a bundle"), "book.bundleOut", ask("bundle.out"));
  add(tr("Take in a bundle"), "book.bundleIn", ask("bundle.in"));
  add(tr("Save the whole logbook"), "book.out", ask("book.out"));
  add(tr("Take in a logbook"), "book.in", ask("book.in"));
  row->addStretch();
  return row;
}

void JobsPage::showEvent(QShowEvent*) {
  refresh();
  tally();
}

void JobsPage::focusSearch() {
  text_->setFocus();
  text_->selectAll();
}

store::Filter JobsPage::filter() const {
  store::Filter f;
  f.text = text_->text();
  f.vehicle = vehicle_->text();
  f.circuit = circuit_->text();
  f.month = month_->text();
  f.fault = fault_->currentIndex() > 0 ? fault_->currentText() : QString();
  f.zone = zone_->currentIndex() > 0 ? zone_->currentText() : QString();
  return f;
}

void JobsPage::refresh() {
  auto* logbook = book_.logbook();
  if (!logbook) {
    count_->setText(tr("the logbook is not open"));
    return;
  }
  const auto found = logbook->search(filter());
  if (!found) {
    emit said(q(found.error().sentence()), true);
    return;
  }
  jobs_->setRowCount(static_cast<int>(found->size()));
  int row = 0;
  for (const auto& job : *found) {
    const auto moment = QDateTime::fromString(job.changed, Qt::ISODateWithMs);
    const QString when = moment.isValid()
                             ? moment.toLocalTime().toString(QStringLiteral("yyyy-MM-dd HH:mm"))
                             : job.changed.left(16);
    putRow(jobs_, row, {when, job.title, job.vehicle, job.suspect, job.headline});
    jobs_->item(row, 0)->setData(Qt::UserRole, job.id);
    ++row;
  }
  if (row > 0) {
    jobs_->setCurrentCell(0, 0);
  }
  count_->setText(row == 0 ? tr("No job has all of these words; try fewer.")
                           : tr("%1 shown of %2").arg(row).arg(logbook->count()));
}

void JobsPage::tally() {
  if (!book_.logbook()) {
    return;
  }
  const auto rows = store::tallies(book_.logbook()->database(), vehicle_->text().trimmed());
  if (!rows) {
    return;
  }
  tallies_->setRowCount(static_cast<int>(rows->size()));
  int row = 0;
  for (const auto& t : *rows) {
    QString name = t.name;
    putRow(tallies_, row,
           {name.replace(QLatin1Char('/'), QStringLiteral(", ")), QString::number(t.jobs),
            q(fmt::format("{:.0f} %", 100 * t.share)), q(fmt::format("{:.0f}", t.minutes)),
            QString::number(t.comebacks)},
           {1, 2, 3, 4});
    ++row;
  }
}

void JobsPage::showStates() {
  const auto* item = jobs_->item(std::max(jobs_->currentRow(), 0), 0);
  if (!item || !book_.logbook()) {
    return;
  }
  const QString job = item->data(Qt::UserRole).toString();
  auto* dialog = new RevisionsDialog(book_, job, this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  connect(dialog, &RevisionsDialog::openWanted, this, [this, job](const QString& revision) {
    if (const auto status = book_.showState(job, revision); !status) {
      emit said(q(status.error().sentence()), true);
    } else {
      emit opened();
    }
  });
  dialog->open();
}

void JobsPage::erase() {
  const auto* item = jobs_->item(std::max(jobs_->currentRow(), 0), 0);
  if (!item || !book_.logbook()) {
    return;
  }
  auto* dialog = new EraseDialog(book_, item->data(Qt::UserRole).toString(), this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->open();
}

void JobsPage::openChosen() {
  const auto* item = jobs_->item(std::max(jobs_->currentRow(), 0), 0);
  if (!item) {
    return;
  }
  if (const auto status = book_.show(item->data(Qt::UserRole).toString()); !status) {
    emit said(q(status.error().sentence()), true);
  } else {
    emit opened();
  }
}

}  // namespace haybale::app
