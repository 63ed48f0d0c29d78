#include "app/frame/close_panel.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/parts/when_seen.h"
#include "app/style/form.h"
#include "app/style/labels.h"

namespace haybale::app {

using diagnosis::ClosingKind;

ClosePanel::ClosePanel(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("side"));
  setAttribute(Qt::WA_StyledBackground);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(18, 12, 18, 12);
  column->setSpacing(6);
  column->addWidget(textLabel(this, "faint", tr("Next, to the end of the job")));
  title_ = textLabel(this, "head", {}, QStringLiteral("closing.next"));
  how_ = textLabel(this, nullptr, {}, QStringLiteral("closing.how"));
  go_ = new QPushButton(this);
  go_->setObjectName(QStringLiteral("closing.go"));
  go_->setProperty("main", true);
  column->addWidget(title_);
  column->addWidget(how_);
  column->addWidget(go_);
  column->addSpacing(12);
  column->addWidget(textLabel(this, "faint", tr("All of it")));
  list_ = new QVBoxLayout;
  list_->setSpacing(8);
  column->addLayout(list_);
  column->addStretch();
  connect(go_, &QPushButton::clicked, this, [this] { emit wanted(next_); });
  auto* seen = new WhenSeen(this, [this] { refresh(); });
  for (const auto news : {&JobModel::changed, &JobModel::assessed, &JobModel::workedOut}) {
    connect(&model_, news, seen, &WhenSeen::due);
  }
}

void ClosePanel::refresh() {
  const auto steps =
      diagnosis::closingSteps(model_.job(), model_.assessment().conclusion, model_.proof());
  const auto open =
      std::find_if(steps.begin(), steps.end(), [](const auto& step) { return !step.done; });
  title_->setText(open == steps.end() ? tr("The job is closed") : q(open->what));
  how_->setText(open == steps.end() ? q(steps.back().how) : q(open->how));
  go_->setVisible(open != steps.end());
  if (open != steps.end()) {
    next_ = open->kind;
    go_->setText(next_ == ClosingKind::find     ? tr("Go to the line")
                 : next_ == ClosingKind::prove  ? tr("Go to the proof")
                 : next_ == ClosingKind::report ? tr("Go to the report")
                                                : tr("Go to the repair"));
  }
  empty(*list_);
  for (const auto& step : steps) {
    const QString mark = step.done ? tr("done") : tr("open");
    auto* row = textLabel(this, step.done ? "faint" : nullptr,
                          QStringLiteral("%1  %2: %3\n%4")
                              .arg(step.done ? QChar(0x2713) : QChar(0x25CB))
                              .arg(q(step.what), mark, q(step.how)));
    list_->addWidget(row);
  }
}

}  // namespace haybale::app
