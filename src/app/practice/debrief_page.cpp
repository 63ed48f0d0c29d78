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
  rows->addWidget(partHead(tr("Your way, and what would have told more"), this));
  steps_ =
      plainTable(this, "debrief.steps",
                 {tr("step"), tr("worth of the best"), tr("what would have told more")}, false);
  steps_->setAccessibleName(tr("Steps and what they were worth"));
  steps_->setColumnWidth(0, 330);
  steps_->setColumnWidth(1, 140);
  steps_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::Stretch);
  steps_->setWordWrap(true);
  rows->addWidget(steps_, 1);
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
  steps_->setRowCount(static_cast<int>(s.steps.size()));
  int row = 0;
  for (const auto& step : s.steps) {
    ++row;
    putRow(steps_, row - 1,
           {QStringLiteral("%1. %2").arg(row).arg(q(diagnosis::titleFor(step.test))),
            tr("%1 %").arg(100 * practice::shareOfBest(step), 0, 'f', 0), q(step.better)},
           {1});
  }
  steps_->resizeRowsToContents();
  another_->setFocus();
}

QString DebriefPage::asHtml() const {
  QString out = QStringLiteral("<h2>%1</h2><p>%2</p><p><b>%3</b></p><p>%4</p><p><i>%5</i></p>")
                    .arg(tr("Practice: %1").arg(q(desk_.play()->about().title).toHtmlEscaped()),
                         q(desk_.play()->known().complaint.text).toHtmlEscaped(),
                         verdict_->text().toHtmlEscaped(), points_->text().toHtmlEscaped(),
                         lesson_->text().toHtmlEscaped());
  out += QStringLiteral("<table border='1' cellspacing='0' cellpadding='3' width='100%'>");
  for (int row = 0; row < steps_->rowCount(); ++row) {
    out += QStringLiteral("<tr>");
    for (int column = 0; column < 3; ++column) {
      out += QStringLiteral("<td>%1</td>").arg(steps_->item(row, column)->text().toHtmlEscaped());
    }
    out += QStringLiteral("</tr>");
  }
  return out + QStringLiteral("</table>");
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
