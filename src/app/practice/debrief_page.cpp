#include "app/practice/debrief_page.h"

#include <QBuffer>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPageSize>
#include <QPdfWriter>
#include <QPushButton>
#include <QTextDocument>
#include <QVBoxLayout>

#include "app/parts/dialogs.h"
#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/practice/coach.h"
#include "core/practice/truth_words.h"
#include "core/verdict/move_words.h"

namespace haybale::app {

DebriefPage::DebriefPage(PracticeDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
  auto* rows = new QVBoxLayout(this);
  rows->setContentsMargins(20, 14, 20, 16);
  rows->setSpacing(10);
  verdict_ = textLabel(this, "head", {}, QStringLiteral("debrief.verdict"));
  points_ = textLabel(this, nullptr, {}, QStringLiteral("debrief.points"));
  lesson_ = textLabel(this, "caution", {}, QStringLiteral("debrief.lesson"));
  rows->addWidget(verdict_);
  rows->addWidget(points_);
  rows->addWidget(lesson_);
  auto* ways = new QHBoxLayout;
  ways->setSpacing(20);
  auto* own = new QVBoxLayout;
  own->addWidget(partHead(tr("Your way, and what would have told more"), this));
  steps_ = plainTable(this, "debrief.steps",
                      {tr("step"), tr("it gave"), tr("suspicion then"), tr("worth"),
                       tr("better, and what it does not prove")},
                      false);
  steps_->setAccessibleName(tr("Steps, where suspicion stood, and what they were worth"));
  steps_->setColumnWidth(0, 190);
  steps_->setColumnWidth(1, 90);
  steps_->setColumnWidth(2, 130);
  steps_->setColumnWidth(3, 58);
  steps_->horizontalHeader()->setSectionResizeMode(4, QHeaderView::Stretch);
  wrapRows(steps_, 30);
  steps_->setShowGrid(true);
  own->addWidget(steps_, 1);
  ways->addLayout(own, 5);
  auto* shortest = new QVBoxLayout;
  best_ = partHead({}, this);
  shortest->addWidget(best_);
  way_ = plainTable(this, "debrief.way", {tr("step"), tr("it gives"), tr("min")}, false);
  way_->setAccessibleName(tr("The shortest sensible way"));
  way_->setColumnWidth(1, 90);
  way_->setColumnWidth(2, 44);
  way_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
  wrapRows(way_, 30);
  way_->setShowGrid(true);
  shortest->addWidget(way_, 1);
  ways->addLayout(shortest, 3);
  rows->addLayout(ways, 1);
  auto* act = new QHBoxLayout;
  another_ = new QPushButton(tr("Another vehicle"), this);
  another_->setObjectName(QStringLiteral("debrief.another"));
  another_->setProperty("main", true);
  auto* again = new QPushButton(tr("The same once more"), this);
  again->setObjectName(QStringLiteral("debrief.again"));
  auto* save = new QPushButton(tr("Save this page as PDF..."), this);
  save->setObjectName(QStringLiteral("debrief.save"));
  act->addWidget(another_);
  act->addWidget(again);
  act->addStretch();
  act->addWidget(save);
  rows->addLayout(act);
  connect(another_, &QPushButton::clicked, this, &DebriefPage::anotherWanted);
  connect(again, &QPushButton::clicked, this, &DebriefPage::againWanted);
  connect(save, &QPushButton::clicked, this, &DebriefPage::savePage);
}

void DebriefPage::tell() {
  const auto& s = desk_.score();
  const auto& about = desk_.play()->about();
  const QString truth = q(practice::truthInWords(about));
  verdict_->setText((s.right ? tr("Right: %1.") : tr("Not it. It was %1.")).arg(truth));
  points_->setText(tr("%1 points.  %2 minutes; the shortest sensible way takes %3.  %4 spent, %5 "
                      "of it in vain.  "
                      "%6 wrong parts, %7 fitted on a guess, %8 holes, %9 hints.")
                       .arg(s.points)
                       .arg(s.minutes, 0, 'f', 0)
                       .arg(s.bestMinutes, 0, 'f', 0)
                       .arg(s.spent, 0, 'f', 0)
                       .arg(s.wasted, 0, 'f', 0)
                       .arg(s.wrongParts)
                       .arg(s.guessedParts)
                       .arg(s.holes)
                       .arg(s.hints));
  const QString lesson = q(about.lesson);
  lesson_->setText((lesson.isEmpty() ? QString() : lesson + QStringLiteral(". ")) +
                   q(about.debrief));
  fillSteps(s);
  fillWay(s);
  another_->setFocus();
}

void DebriefPage::fillSteps(const practice::Score& s) {
  steps_->setRowCount(static_cast<int>(s.steps.size()));
  int row = 0;
  for (const auto& step : s.steps) {
    QStringList suspects;
    for (std::size_t i = 0; i < step.suspects.size() && i < 2; ++i) {
      const auto& [element, share] = step.suspects[i];
      suspects << tr("%1 %2 %").arg(q(element)).arg(100 * share, 0, 'f', 0);
    }
    QStringList told;
    if (!step.better.empty()) {
      told << q(step.better);
    }
    for (const auto& trap : step.traps) {
      told << q(trap);
    }
    ++row;
    putRow(steps_, row - 1,
           {QStringLiteral("%1. %2").arg(row).arg(q(diagnosis::titleFor(step.test))), q(step.shown),
            suspects.join(QStringLiteral(", ")),
            tr("%1 %").arg(100 * practice::shareOfBest(step), 0, 'f', 0),
            told.join(QLatin1Char('\n'))},
           {3});
  }
}

void DebriefPage::fillWay(const practice::Score& s) {
  best_->setText(tr("The shortest sensible way: %1 min").arg(s.bestMinutes, 0, 'f', 0));
  way_->setRowCount(static_cast<int>(s.best.steps.size()));
  int row = 0;
  for (const auto& step : s.best.steps) {
    ++row;
    putRow(way_, row - 1,
           {QStringLiteral("%1. %2").arg(row).arg(q(step.what)), q(step.shown),
            QString::number(step.minutes, 'f', 0)},
           {2});
  }
}

namespace {

QString tableHtml(const QTableWidget& table) {
  QString out = QStringLiteral("<table border='1' cellspacing='0' cellpadding='3' width='100%'>");
  for (int row = -1; row < table.rowCount(); ++row) {
    out += QStringLiteral("<tr>");
    for (int column = 0; column < table.columnCount(); ++column) {
      const auto* item = row < 0 ? table.horizontalHeaderItem(column) : table.item(row, column);
      const QString text = item ? item->text().toHtmlEscaped() : QString();
      out += QStringLiteral("<td>%1</td>")
                 .arg(QString(text).replace(QLatin1Char('\n'), QStringLiteral("<br>")));
    }
    out += QStringLiteral("</tr>");
  }
  return out + QStringLiteral("</table>");
}

}  // namespace

QString DebriefPage::asHtml() const {
  QString out = QStringLiteral("<h2>%1</h2><p>%2</p><p><b>%3</b></p><p>%4</p><p><i>%5</i></p>")
                    .arg(tr("Practice: %1").arg(q(desk_.play()->about().title).toHtmlEscaped()),
                         q(desk_.play()->known().complaint.text).toHtmlEscaped(),
                         verdict_->text().toHtmlEscaped(), points_->text().toHtmlEscaped(),
                         lesson_->text().toHtmlEscaped());
  return out + tableHtml(*steps_) +
         QStringLiteral("<h3>%1</h3>").arg(best_->text().toHtmlEscaped()) + tableHtml(*way_);
}

void DebriefPage::savePage() {
  const QString path = dialogs().saveFile(this, tr("Save this page"),
                                          QStringLiteral("practice.pdf"), QStringLiteral("*.pdf"));
  if (path.isEmpty()) {
    return;
  }
  QByteArray bytes;
  {
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter pdf(&buffer);
    pdf.setPageSize(QPageSize(QPageSize::A4));
    QTextDocument document;
    document.setDefaultFont(QFont(font().family(), 9));
    document.setHtml(asHtml());
    document.print(&pdf);
  }
  const auto status = job::writeFileAtomically(path.toStdString(), bytes.toStdString());
  emit said(status ? tr("Saved in %1.").arg(path) : q(status.error().sentence()), !status);
}

}  // namespace haybale::app
