#include "app/book/revisions_dialog.h"

#include <QDateTime>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/job/case_json.h"

namespace haybale::app {

RevisionsDialog::RevisionsDialog(JobBook& book, const QString& job, QWidget* parent)
    : QDialog(parent), book_(book) {
  setObjectName(QStringLiteral("revisions"));
  setWindowTitle(tr("Kept states"));
  resize(760, 460);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 16, 20, 16);
  const auto row = book_.logbook()->row(job);
  column->addWidget(textLabel(this, "head", row ? row->title : job));
  table_ = plainTable(this, "revisions.states", {tr("kept"), tr("on"), tr("where it stood"), {}});
  table_->setAccessibleName(tr("Kept states, newest first"));
  table_->setColumnWidth(0, 150);
  table_->setColumnWidth(1, 140);
  table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
  column->addWidget(table_, 1);
  differs_ = textLabel(this, nullptr, {}, QStringLiteral("revisions.differs"));
  column->addWidget(differs_);
  auto* open = new QPushButton(tr("Open this state"), this);
  open->setObjectName(QStringLiteral("revisions.open"));
  column->addWidget(open);
  auto found = book_.logbook()->revisions(job);
  const auto beside = book_.logbook()->besideHead(job);
  states_ = found ? std::move(*found) : std::vector<store::Revision>{};
  head_ = row ? row->revision : QString();
  table_->setRowCount(static_cast<int>(states_.size()));
  int at = 0;
  for (const auto& r : states_) {
    const bool lost = beside && std::any_of(beside->begin(), beside->end(), [&](const auto& b) {
                        return b.revision == r.revision;
                      });
    const auto moment = QDateTime::fromString(r.changed, Qt::ISODateWithMs).toLocalTime();
    putRow(table_, at++,
           {moment.isValid() ? moment.toString(QStringLiteral("yyyy-MM-dd HH:mm:ss")) : r.changed,
            r.origin, r.headline,
            r.revision == head_ ? tr("shown")
            : lost              ? tr("made beside it")
                                : QString()});
  }
  connect(table_, &QTableWidget::currentCellChanged, this, &RevisionsDialog::compare);
  connect(open, &QPushButton::clicked, this, [this] {
    if (table_->currentRow() >= 0) {
      emit openWanted(states_[static_cast<std::size_t>(table_->currentRow())].revision);
      accept();
    }
  });
  if (!states_.empty()) {
    table_->setCurrentCell(0, 0);
  }
}

void RevisionsDialog::compare() {
  const int at = table_->currentRow();
  if (at < 0) {
    return;
  }
  const auto& chosen = states_[static_cast<std::size_t>(at)];
  if (chosen.revision == head_) {
    differs_->setText(tr("This is the state that is shown."));
    return;
  }
  const auto mine = book_.logbook()->loadRevision(head_);
  const auto other = book_.logbook()->loadRevision(chosen.revision);
  if (!mine || !other) {
    differs_->setText(q((mine ? other.error() : mine.error()).sentence()));
    return;
  }
  QStringList lines;
  for (const auto& line : job::differences(*mine, *other)) {
    lines << q(line);
  }
  differs_->setText(lines.isEmpty() ? tr("The same as the state that is shown.")
                                    : tr("Shown against this one: ") +
                                          lines.join(QStringLiteral("; ")) + QLatin1Char('.'));
}

}  // namespace haybale::app
