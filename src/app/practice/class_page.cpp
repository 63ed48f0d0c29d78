#include "app/practice/class_page.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/parts/dialogs.h"
#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "store/practice_schedule.h"

namespace haybale::app {

ClassPage::ClassPage(PracticeDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  auto* rows = new QVBoxLayout(this);
  rows->setContentsMargins(20, 14, 20, 16);
  rows->setSpacing(10);
  rows->addWidget(textLabel(this, "head", tr("The class")));
  about_ = textLabel(this, "faint", {}, QStringLiteral("class.about"));
  rows->addWidget(about_);
  table_ = plainTable(this, "class.table", {});
  table_->setAccessibleName(tr("Trainees and their points"));
  rows->addWidget(table_, 1);
  auto* act = new QHBoxLayout;
  auto* back = new QPushButton(tr("Back to the vehicles"), this);
  back->setObjectName(QStringLiteral("class.back"));
  auto* save = new QPushButton(tr("Save as a table..."), this);
  save->setObjectName(QStringLiteral("class.csv"));
  act->addWidget(back);
  act->addStretch();
  act->addWidget(save);
  rows->addLayout(act);
  connect(back, &QPushButton::clicked, this, &ClassPage::left);
  connect(save, &QPushButton::clicked, this, &ClassPage::saveTable);
}

void ClassPage::showClass(const std::vector<practice::PracticeCase>& cases) {
  const auto results = desk_.resultsOfAll();
  shelf_.clear();
  played_.clear();
  QStringList head{tr("trainee"),     tr("played"), tr("right"),
                   tr("mean points"), tr("odds"),   tr("wrong parts")};
  for (const auto& p : cases) {
    shelf_ << q(p.id);
    const bool played = std::any_of(results.begin(), results.end(),
                                    [&](const auto& r) { return r.caseId == q(p.id); });
    if (played) {
      played_ << q(p.id);
      head << q(p.title);
    }
  }
  const auto rows = store::classRows(results, shelf_);
  about_->setText(
      rows.empty()
          ? tr("Nobody has played a case of this shelf to its end yet.")
          : tr("Best points of each case, over all tries. Odds: mean of Brier's score of what they "
               "said they were sure of; 0 is perfect, 0.25 is guessing."));
  table_->setColumnCount(static_cast<int>(head.size()));
  table_->setHorizontalHeaderLabels(head);
  table_->setRowCount(static_cast<int>(rows.size()));
  int at = 0;
  for (const auto& row : rows) {
    QStringList cells{row.trainee.isEmpty() ? tr("(no name)") : row.trainee,
                      QString::number(row.played),
                      QString::number(row.right),
                      QString::number(row.meanPoints, 'f', 0),
                      row.meanBrier < 0 ? QString() : locale().toString(row.meanBrier, 'f', 2),
                      QString::number(row.wrongParts)};
    QList<int> numbers{1, 2, 3, 4, 5};
    for (const auto& id : played_) {
      numbers << static_cast<int>(cells.size());
      cells << (row.best.contains(id) ? QString::number(row.best[id]) : QString());
    }
    putRow(table_, at++, cells, numbers);
  }
  table_->resizeColumnsToContents();
  table_->setColumnWidth(0, std::max(table_->columnWidth(0), 160));
}

void ClassPage::saveTable() {
  const QString path = dialogs().saveFile(this, tr("Save the class as a table"),
                                          QStringLiteral("class.csv"), QStringLiteral("*.csv"));
  if (path.isEmpty()) {
    return;
  }
  const auto rows = store::classRows(desk_.resultsOfAll(), shelf_);
  const auto status =
      job::writeFileAtomically(path.toStdString(), store::classCsv(rows, played_).toStdString());
  emit said(status ? tr("Saved in %1.").arg(path) : q(status.error().sentence()), !status);
}

}  // namespace haybale::app
