#include "app/trace/trace_view.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/theme.h"
#include "picture/lanes_of.h"
#include "picture/line_board.h"

namespace haybale::app {

using picture::Role;

namespace {

constexpr int kMostFindings = 4;

QString q(const std::string& text) {
  return QString::fromStdString(text);
}

Role toneOf(trace::Severity severity) {
  return severity == trace::Severity::fault     ? Role::alarm
         : severity == trace::Severity::suspect ? Role::doubt
                                                : Role::good;
}

QString wordOf(trace::Severity severity) {
  return severity == trace::Severity::fault     ? QObject::tr("fault")
         : severity == trace::Severity::suspect ? QObject::tr("suspect")
                                                : QObject::tr("good");
}

}  // namespace

TraceView::TraceView(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("page"));
  setAttribute(Qt::WA_StyledBackground);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 8, 16, 10);
  column->setSpacing(6);
  auto* top = new QHBoxLayout;
  head_ = new QLabel(this);
  head_->setProperty("sub", true);
  auto* all = new QPushButton(tr("Whole record"), this);
  all->setProperty("flat", true);
  all->setToolTip(tr("Home"));
  auto* open = new QPushButton(tr("Open a capture"), this);
  open->setProperty("flat", true);
  open->setObjectName(QStringLiteral("trace.open"));
  top->addWidget(head_, 1);
  top->addWidget(all);
  top->addWidget(open);
  column->addLayout(top);
  lanes_ = new LanesWidget(model_, this);
  column->addWidget(lanes_, 1);
  findings_ = new QWidget(this);
  findings_->setObjectName(QStringLiteral("trace.findings"));
  findingRows_ = new QVBoxLayout(findings_);
  findingRows_->setContentsMargins(0, 0, 0, 0);
  findingRows_->setSpacing(6);
  column->addWidget(findings_);
  auto* hint = new QLabel(
      tr("Drop a capture on a wheel. The wheel of the mouse zooms, drag pans, Home shows all."),
      this);
  hint->setProperty("faint", true);
  column->addWidget(hint);
  connect(all, &QPushButton::clicked, lanes_, &LanesWidget::showAll);
  connect(open, &QPushButton::clicked, this,
          [this] { emit fileWanted(model_.selection().circuit); });
  connect(lanes_, &LanesWidget::captureDropped, this, &TraceView::captureDropped);
  connect(lanes_, &LanesWidget::fileWanted, this, &TraceView::fileWanted);
  connect(&model_, &JobModel::changed, this, &TraceView::refresh);
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, &TraceView::refresh);
  refresh();
}

void TraceView::refresh() {
  while (auto* item = findingRows_->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  const auto lanes = picture::lanesOf(model_.job(), model_.assessment());
  head_->setText(lanes.size() == 2   ? tr("%1 against %2").arg(q(lanes[1].title), q(lanes[0].title))
                 : lanes.size() == 1 ? q(lanes[0].title)
                                     : tr("No circuit"));
  int shown = 0;
  for (auto lane = lanes.rbegin(); lane != lanes.rend(); ++lane) {
    if (!lane->analysis) {
      continue;
    }
    for (const auto& f : lane->analysis->findings) {
      if (++shown > kMostFindings) {
        return;
      }
      auto* row = new QLabel(findings_);
      row->setTextFormat(Qt::PlainText);
      row->setWordWrap(true);
      row->setObjectName(QStringLiteral("finding.") + q(f.code));
      row->setText(QStringLiteral("%1, %2: %3").arg(q(lane->title), wordOf(f.severity), q(f.text)));
      row->setStyleSheet(
          QStringLiteral("background: %1; border: 1px solid %2; border-left: 7px solid %3; "
                         "border-radius: 4px; padding: 7px 10px; font-size: 15px;")
              .arg(css(Role::panel), css(Role::rule), css(toneOf(f.severity))));
      findingRows_->addWidget(row);
    }
  }
}

}  // namespace haybale::app
