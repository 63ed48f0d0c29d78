#include "app/practice/shelf_page.h"

#include <QFile>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QRandomGenerator>
#include <QShortcut>
#include <QVBoxLayout>
#include <map>

#include "app/parts/dialogs.h"
#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/base/say.h"

namespace haybale::app {

namespace {

QString skillWords(const std::string& skill) {
  return q(sayName(skill));
}

}  // namespace

ShelfPage::ShelfPage(PracticeDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  for (const auto& p : practice::shelf()) {
    cases_.push_back(practice::inLanguage(p));
  }
  for (int level = 1; level <= 5; ++level) {
    cases_.push_back(practice::drawnCase(level, 1));
  }
  auto* columns = new QHBoxLayout(this);
  columns->setContentsMargins(20, 14, 20, 16);
  columns->setSpacing(24);
  auto* left = new QVBoxLayout;
  left->addWidget(textLabel(this, "head", tr("Choose a made-up vehicle and press Enter")));
  table_ = plainTable(this, "practice.cases",
                      {tr("level"), tr("vehicle"), tr("complaint"), tr("played"), tr("best")});
  table_->setAccessibleName(tr("Practice cases"));
  table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
  wrapRows(table_, 30);
  table_->setColumnWidth(0, 52);
  table_->setColumnWidth(1, 184);
  table_->setColumnWidth(3, 62);
  table_->setColumnWidth(4, 54);
  left->addWidget(table_, 1);
  columns->addLayout(left, 1);

  auto* right = new QVBoxLayout;
  right->setSpacing(10);
  auto* start = new QPushButton(tr("Start"), this);
  start_ = start;
  start->setProperty("main", true);
  start->setObjectName(QStringLiteral("practice.start"));
  start->setMinimumHeight(46);
  about_ = textLabel(this, nullptr, {}, QStringLiteral("practice.about"));
  right->addWidget(about_);
  right->addWidget(start);
  right->addWidget(textLabel(
      this, "faint",
      tr("You measure, look, mend and fit as on a real vehicle; minutes run and money is spent. At "
         "the end you say what it is, and see what each step was worth.")));
  next_ = textLabel(this, "caution", {}, QStringLiteral("practice.next"));
  right->addWidget(next_);
  right->addStretch();
  right->addWidget(partHead(tr("Who practises (may stay empty)"), this));
  trainee_ = new QLineEdit(this);
  trainee_->setObjectName(QStringLiteral("practice.trainee"));
  trainee_->setAccessibleName(tr("Name of the trainee"));
  right->addWidget(trainee_);
  auto* file = new QPushButton(tr("A case from a file..."), this);
  file->setObjectName(QStringLiteral("practice.file"));
  auto* save = new QPushButton(tr("Save how it went as a table..."), this);
  save->setObjectName(QStringLiteral("practice.csv"));
  right->addWidget(file);
  right->addWidget(save);
  auto* side = new QWidget(this);
  side->setFixedWidth(330);
  right->setContentsMargins(0, 0, 0, 0);
  side->setLayout(right);
  columns->addWidget(side);

  connect(start, &QPushButton::clicked, this, &ShelfPage::begin);
  connect(table_, &QTableWidget::cellActivated, this, &ShelfPage::begin);
  connect(table_, &QTableWidget::currentCellChanged, this, &ShelfPage::showChosen);
  connect(file, &QPushButton::clicked, this, &ShelfPage::openFile);
  connect(save, &QPushButton::clicked, this, &ShelfPage::saveTable);
  connect(trainee_, &QLineEdit::editingFinished, this, [this] {
    desk_.setTrainee(trainee_->text().trimmed());
    refresh();
  });
  refresh();
  table_->setCurrentCell(0, 0);
}

void ShelfPage::refresh() {
  const auto results = desk_.results();
  std::map<QString, std::pair<int, int>> went;  // times, best
  for (const auto& r : results) {
    auto& [times, best] = went[r.caseId];
    ++times;
    best = std::max(best, r.points);
  }
  table_->setRowCount(static_cast<int>(cases_.size()));
  int row = 0;
  for (const auto& p : cases_) {
    const auto it = went.find(q(p.id));
    const bool mixed = p.id.starts_with("mixed-");
    putRow(table_, row++,
           {QString::number(p.level), mixed ? tr("any of the fleet") : q(p.title),
            mixed ? tr("another one each time, of this level") : q(p.shown.complaint.text),
            it == went.end() ? QString() : QString::number(it->second.first),
            it == went.end() ? QString() : QString::number(it->second.second)},
           {0, 3, 4});
  }
  QStringList skills;
  for (const auto& skill : practice::kSkills) {
    skills << q(skill);
  }
  const QString next = store::skillNext(results, skills);
  next_->setText(results.empty() ? tr("Begin with level 1: one fault, one wheel, all tools.")
                                 : tr("Practise next: %1.").arg(skillWords(next.toStdString())));
}

void ShelfPage::focusList() {
  table_->setFocus();
}

void ShelfPage::showChosen() {
  const int row = table_->currentRow();
  if (row < 0 || row >= static_cast<int>(cases_.size())) {
    return;
  }
  const auto& p = cases_[static_cast<std::size_t>(row)];
  const bool mixed = p.id.starts_with("mixed-");
  about_->setText(mixed
                      ? tr("Level %1, drawn without end: vehicle, line and fault are another each "
                           "time.")
                            .arg(p.level)
                      : tr("%1\n\n%2\n\nLevel %3, circuit %4, %5 circuits.")
                            .arg(q(p.title), q(p.shown.complaint.text))
                            .arg(p.level)
                            .arg(q(p.shown.suspect))
                            .arg(p.shown.circuits.size()));
}

void ShelfPage::begin() {
  const int row = table_->currentRow();
  if (row < 0 || row >= static_cast<int>(cases_.size())) {
    return;
  }
  const auto& p = cases_[static_cast<std::size_t>(row)];
  if (p.id.starts_with("mixed-")) {
    const auto seed = QRandomGenerator::global()->bounded(1U, 1'000'000U);
    desk_.begin(practice::drawnCase(p.level, seed), seed);
  } else {
    desk_.begin(p, 1);
  }
  emit begun();
}

void ShelfPage::openFile() {
  const QString path = dialogs().openFile(this, tr("Open a practice case"),
                                          QStringLiteral("Practice cases (*.json);;All files (*)"));
  if (!path.isEmpty()) {
    open(path);
  }
}

void ShelfPage::open(const QString& path) {
  const auto text = job::readFile(path.toStdString());
  auto p = text ? practice::parsePractice(*text, path.toStdString())
                : Result<practice::PracticeCase>(text.error());
  if (!p) {
    emit said(q(p.error().sentence()), true);
    return;
  }
  desk_.begin(*p, 1);
  emit begun();
}

void ShelfPage::saveTable() {
  const QString path = dialogs().saveFile(this, tr("Save how it went"),
                                          QStringLiteral("practice.csv"), QStringLiteral("*.csv"));
  if (path.isEmpty()) {
    return;
  }
  const auto status = job::writeFileAtomically(path.toStdString(),
                                               store::practiceCsv(desk_.results()).toStdString());
  emit said(status ? tr("Saved in %1.").arg(path) : q(status.error().sentence()), !status);
}

}  // namespace haybale::app
