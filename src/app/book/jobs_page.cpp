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
  fault_ = new QComboBox(this);
  fault_->setObjectName(QStringLiteral("book.fault"));
  fault_->addItem(tr("any fault"));
  for (const auto name : diagnosis::kFaultNames) {
    fault_->addItem(q(name));
  }
  zone_ = new QComboBox(this);
  zone_->setObjectName(QStringLiteral("book.zone"));
  zone_->addItem(tr("any zone"));
  for (const auto name : circuit::kZoneNames) {
    zone_->addItem(q(name));
  }
  for (QComboBox* box : {fault_, zone_}) {
    box->setProperty("tight", true);
    row->addWidget(box);
    connect(box, &QComboBox::currentIndexChanged, this, &JobsPage::refresh);
  }
  row->addStretch();
  count_ = new QLabel(this);
  count_->setProperty("faint", true);
  count_->setObjectName(QStringLiteral("book.count"));
  row->addWidget(count_);
  column->addLayout(row);
  jobs_ = plainTable(
      this, "book.jobs",
      {tr("last worked on"), tr("job"), tr("vehicle"), tr("circuit"), tr("where it stands")});
  jobs_->horizontalHeader()->setSectionResizeMode(4, QHeaderView::Stretch);
  for (const auto& [at, width] : {std::pair{0, 128}, {1, 210}, {2, 190}, {3, 64}}) {
    jobs_->setColumnWidth(at, width);
  }
  column->addWidget(jobs_, 3);
  auto* buttons = new QHBoxLayout;
  const std::tuple<QString, const char*, const char*> ways[] = {
      {tr("Open"), "book.open", ""},
      {tr("Kept states..."), "book.states", "states"},
      {tr("Erase owner..."), "book.erase", "erase"},
      {tr("Save this job as a bundle"), "book.bundleOut", "bundle.out"},
      {tr("Take in a bundle"), "book.bundleIn", "bundle.in"},
      {tr("Save the whole logbook"), "book.out", "book.out"},
      {tr("Take in a logbook"), "book.in", "book.in"}};
  for (const auto& [label, name, what] : ways) {
    auto* button = new QPushButton(label, this);
    button->setObjectName(QString::fromLatin1(name));
    const QString wanted = QString::fromLatin1(what);
    connect(button, &QPushButton::clicked, this, [this, wanted] {
      if (wanted.isEmpty()) {
        openChosen();
      } else if (wanted == QStringLiteral("states")) {
        showStates();
      } else if (wanted == QStringLiteral("erase")) {
        erase();
      } else {
        emit fileWanted(wanted);
      }
    });
    buttons->addWidget(button);
  }
  buttons->addStretch();
  column->addLayout(buttons);
  auto* head = new QLabel(tr("What failed, in the closed jobs of the vehicles above"), this);
  head->setProperty("sub", true);
  column->addWidget(head);
  tallies_ = plainTable(
      this, "book.tallies",
      {tr("part and zone"), tr("jobs"), tr("share"), tr("minutes to isolate"), tr("came back")});
  tallies_->setSelectionMode(QAbstractItemView::NoSelection);
  tallies_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  tallies_->setColumnWidth(3, 150);
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
