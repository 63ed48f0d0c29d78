#include "app/practice/shelf_page.h"

#include <QDir>
#include <QFile>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QRandomGenerator>
#include <QShortcut>
#include <QVBoxLayout>
#include <map>

#include "app/model/autosave.h"
#include "app/parts/dialogs.h"
#include "app/parts/errands.h"
#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "core/practice/case_folder.h"
#include "core/practice/paper.h"
#include "picture/paper_sheet.h"
#include "render/report_pages.h"
#include "render/scene_painter.h"
#include "store/practice_schedule.h"

namespace haybale::app {

namespace {

QString skillWords(const std::string& skill) {
  return q(sayName(skill));
}

}  // namespace

ShelfPage::ShelfPage(PracticeDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  auto* columns = new QHBoxLayout(this);
  columns->setContentsMargins(20, 14, 20, 16);
  columns->setSpacing(24);
  auto* left = new QVBoxLayout;
  left->addWidget(textLabel(this, "head", tr("Choose a made-up vehicle and press Enter")));
  table_ = plainTable(
      this, "practice.cases",
      {tr("level"), tr("vehicle"), tr("complaint"), tr("played"), tr("best"), tr("again")});
  table_->setAccessibleName(tr("Practice cases"));
  table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
  wrapRows(table_, 30);
  table_->setColumnWidth(0, 52);
  table_->setColumnWidth(1, 176);
  table_->setColumnWidth(3, 62);
  table_->setColumnWidth(4, 50);
  table_->setColumnWidth(5, 74);
  left->addWidget(table_, 1);
  columns->addLayout(left, 1);
  auto* side = new QWidget(this);
  side->setFixedWidth(330);
  side->setLayout(sideBox());
  columns->addWidget(side);
  connect(table_, &QTableWidget::cellActivated, this, &ShelfPage::begin);
  connect(table_, &QTableWidget::currentCellChanged, this, &ShelfPage::showChosen);
  takeOwnCases();
}

QVBoxLayout* ShelfPage::sideBox() {
  auto* right = new QVBoxLayout;
  right->setContentsMargins(0, 0, 0, 0);
  right->setSpacing(10);
  start_ = new QPushButton(tr("Start"), this);
  start_->setProperty("main", true);
  start_->setObjectName(QStringLiteral("practice.start"));
  start_->setMinimumHeight(46);
  about_ = textLabel(this, nullptr, {}, QStringLiteral("practice.about"));
  right->addWidget(about_);
  right->addWidget(start_);
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
  right->addWidget(trainersBox());
  connect(start_, &QPushButton::clicked, this, &ShelfPage::begin);
  connect(trainee_, &QLineEdit::editingFinished, this, [this] {
    desk_.setTrainee(trainee_->text().trimmed());
    refresh();
  });
  return right;
}

QWidget* ShelfPage::trainersBox() {
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 6, 0, 0);
  grid->setSpacing(6);
  grid->addWidget(partHead(tr("For trainers"), box), 0, 0, 1, 2);
  const auto button = [&](const QString& text, const char* name, int row, int column) {
    auto* out = new QPushButton(text, box);
    out->setObjectName(QLatin1String(name));
    grid->addWidget(out, row, column);
    return out;
  };
  auto* write = button(tr("Write a case..."), "practice.write", 1, 0);
  auto* paper = button(tr("Print it..."), "practice.paper", 1, 1);
  paper->setToolTip(
      tr("The chosen case as an exercise on paper, and beside it a sheet for the trainer with the "
         "vehicle's answers and the solution"));
  auto* file = button(tr("Case of a file..."), "practice.file", 2, 0);
  folder_ = button(tr("A folder..."), "practice.folder", 2, 1);
  auto* all = button(tr("The class..."), "practice.class", 3, 0);
  auto* save = button(tr("Save as a table..."), "practice.csv", 3, 1);
  save->setToolTip(tr("How it went, one row a case that was played to its end"));
  connect(write, &QPushButton::clicked, this, &ShelfPage::editorWanted);
  connect(paper, &QPushButton::clicked, this, &ShelfPage::printPaper);
  connect(file, &QPushButton::clicked, this, &ShelfPage::openFile);
  connect(folder_, &QPushButton::clicked, this, [this] {
    if (ofFolder_) {
      takeOwnCases();
    } else {
      openFolder();
    }
  });
  connect(all, &QPushButton::clicked, this, &ShelfPage::classWanted);
  connect(save, &QPushButton::clicked, this, &ShelfPage::saveTable);
  return box;
}

// The cases that come with the program, and mixed ones without end.
void ShelfPage::takeOwnCases() {
  cases_.clear();
  for (const auto& p : practice::shelf()) {
    cases_.push_back(practice::inLanguage(p));
  }
  for (int level = 1; level <= 5; ++level) {
    cases_.push_back(practice::drawnCase(level, 1));
  }
  ofFolder_ = false;
  fillTable();
}

void ShelfPage::openFolder() {
  const QString path = dialogs().openFolder(this, tr("A folder of practice cases"));
  if (path.isEmpty()) {
    return;
  }
  auto found = practice::casesIn(path.toStdString());
  if (!found) {
    emit said(q(found.error().sentence()), true);
    return;
  }
  if (found->cases.empty()) {
    emit said(found->refused.empty() ? tr("No practice case lies in %1.").arg(path)
                                     : q(found->refused.front()),
              true);
    return;
  }
  cases_ = std::move(found->cases);
  ofFolder_ = true;
  fillTable();
  if (!found->refused.empty()) {
    emit said(tr("Of these cases %1 cannot be read. The first: %2")
                  .arg(found->refused.size())
                  .arg(q(found->refused.front())),
              true);
  }
}

void ShelfPage::fillTable() {
  folder_->setText(ofFolder_ ? tr("The yard's own") : tr("A folder..."));
  refresh();
  table_->setCurrentCell(0, 0);
  showChosen();
}

void ShelfPage::refresh() {
  const auto results = desk_.results();
  std::map<QString, std::pair<int, int>> went;  // times, best
  for (const auto& r : results) {
    auto& [times, best] = went[r.caseId];
    ++times;
    best = std::max(best, r.points);
  }
  std::map<QString, QString> again;
  for (const auto& due : store::dueCases(results, QDateTime::currentDateTimeUtc())) {
    again[due.caseId] = due.daysOver >= 0 ? tr("now") : tr("in %1 d").arg(-due.daysOver);
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
            it == went.end() ? QString() : QString::number(it->second.second), again[q(p.id)]},
           {0, 3, 4});
  }
  showNext(results);
}

// What is due before what is new; of what is new, the skill that went worst.
void ShelfPage::showNext(const std::vector<store::PracticeResult>& results) {
  QStringList skills;
  for (const auto& skill : practice::kSkills) {
    skills << q(skill);
  }
  if (results.empty()) {
    next_->setText(tr("Begin with level 1: one fault, one wheel, all tools."));
    return;
  }
  const QString next = store::skillNext(results, skills);
  QString text = tr("Practise next: %1.").arg(skillWords(next.toStdString()));
  const auto due = store::dueCases(results, QDateTime::currentDateTimeUtc());
  for (const auto& one : due) {
    const auto p = std::find_if(cases_.begin(), cases_.end(),
                                [&](const auto& each) { return q(each.id) == one.caseId; });
    if (one.daysOver >= 0 && p != cases_.end()) {
      text = tr("Due again: %1.").arg(q(p->title)) + QLatin1Char(' ') + text;
      break;
    }
  }
  next_->setText(text);
}

const practice::PracticeCase& ShelfPage::chosen() const {
  const int row = std::clamp(table_->currentRow(), 0, static_cast<int>(cases_.size()) - 1);
  return cases_[static_cast<std::size_t>(row)];
}

// Two files, so that the solution is never handed out with the exercise.
void ShelfPage::printPaper() {
  if (printing_) {
    return;
  }
  const auto p = chosen();
  const QString path =
      dialogs().saveFile(this, tr("Save the exercise"), q(p.title) + QStringLiteral(".pdf"),
                         QStringLiteral("*.pdf *.html"));
  if (path.isEmpty()) {
    return;
  }
  printing_ = true;
  emit said(tr("Asking the vehicle everything ..."), false);
  const std::string folder = (stateFolder() + QStringLiteral("/practice")).toStdString();
  const int dot = static_cast<int>(path.lastIndexOf(QLatin1Char('.')));
  const QString forTrainer = (dot > 0 ? path.left(dot) : path) + tr("-for-the-trainer") +
                             (dot > 0 ? path.mid(dot) : QString());
  sendOut([=, self = QPointer<ShelfPage>(this)] {
    QDir().mkpath(q(folder));
    auto paper = std::make_shared<const practice::PaperExercise>(practice::paperOf(p, 1, folder));
    backHome(self, [self, paper, path, forTrainer] {
      self->printing_ = false;
      Status status = render::saveReport(picture::traineeSheet(*paper, render::measure()), path);
      if (status) {
        status = render::saveReport(picture::trainerSheet(*paper), forTrainer);
      }
      emit self->said(
          status ? tr("Saved in %1 and %2.").arg(path, forTrainer) : q(status.error().sentence()),
          !status);
    });
  });
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
                                          tr("Practice cases (*.json);;All files (*)"));
  if (!path.isEmpty()) {
    open(path);
  }
}

void ShelfPage::open(const QString& path) {
  const auto p = practice::openPractice(path.toStdString());
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
