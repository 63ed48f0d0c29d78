#include "app/trace/trace_view.h"

#include <QAbstractButton>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

#include "app/parts/dialogs.h"
#include "app/parts/drag_out.h"
#include "app/parts/when_seen.h"
#include "app/style/flow_layout.h"
#include "app/style/form.h"
#include "app/style/pages.h"
#include "app/style/theme.h"
#include "app/style/words.h"
#include "app/trace/finding_row.h"
#include "app/trace/live_page.h"
#include "app/trace/turns_widget.h"
#include "core/capture/open.h"
#include "core/trace/grounds.h"
#include "picture/lanes_of.h"

namespace haybale::app {

namespace {

constexpr int kMostFindings = 4;

QPushButton* toolButton(const QString& text, const char* name, const QString& tip,
                        QWidget* parent) {
  auto* button = new QPushButton(text, parent);
  button->setProperty("flat", true);
  button->setObjectName(QString::fromLatin1(name));
  button->setToolTip(tip);
  button->setFocusPolicy(Qt::TabFocus);
  return button;
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
  top->addWidget(head_);
  tools_ = new QWidget(this);
  makeButtons(new FlowLayout(tools_));
  top->addWidget(tools_, 1);
  column->addLayout(top);
  makeScopeRow();
  column->addWidget(scope_);
  lanes_ = new LanesWidget(model_, this);
  turns_ = new TurnsWidget(model_, this);
  pages_ = new Pages(this);
  pages_->addWidget(lanes_);
  pages_->addWidget(turns_);
  live_ = new LivePage(this);
  pages_->addWidget(live_);
  connect(live_, &LivePage::stopWanted, watch_, [this] { watch_->setChecked(false); });
  column->addWidget(pages_, 1);
  readout_ = new QLabel(this);
  readout_->setObjectName(QStringLiteral("trace.readout"));
  readout_->setTextFormat(Qt::PlainText);
  readout_->setWordWrap(true);
  readout_->hide();
  column->addWidget(readout_);
  // Where four wheels leave little room the findings scroll.
  auto* list = new QScrollArea(this);
  list->setWidgetResizable(true);
  list->setFrameShape(QFrame::NoFrame);
  list->setFocusPolicy(Qt::NoFocus);
  list->setAccessibleName(tr("Findings"));
  findings_ = list;
  auto* inner = new QWidget(list);
  inner->setObjectName(QStringLiteral("trace.findings"));
  list->setWidget(inner);
  findingRows_ = new QVBoxLayout(inner);
  findingRows_->setContentsMargins(0, 0, 0, 0);
  findingRows_->setSpacing(6);
  column->addWidget(findings_);
  hint_ = new QLabel(tr("Drop a capture on a wheel. Mouse wheel zooms, drag pans, Home shows "
                        "all; A and B set cursors where the pointer is, Esc takes them off."),
                     this);
  hint_->setProperty("faint", true);
  hint_->setWordWrap(true);
  column->addWidget(hint_);
  connect(lanes_, &LanesWidget::cursorsChanged, this, &TraceView::sayCursors);
  connect(lanes_, &LanesWidget::captureDropped, this, &TraceView::captureDropped);
  connect(lanes_, &LanesWidget::fileWanted, this, &TraceView::fileWanted);
  auto* seen = new WhenSeen(this, [this] { refresh(); });
  connect(&model_, &JobModel::changed, seen, &WhenSeen::due);
  connect(&model_, &JobModel::assessed, seen, &WhenSeen::due);
  connect(&ThemeHub::instance(), &ThemeHub::changed, seen, &WhenSeen::due);
}

void TraceView::makeButtons(QLayout* row) {
  auto* turns = toolButton(tr("Turns overlaid"), "trace.turns",
                           tr("Lay the turns over each other by the angle"), this);
  turns->setCheckable(true);
  auto* rest =
      toolButton(tr("About rest level"), "trace.rest",
                 tr("Take each wheel's rest level off, to see a small wave on a high one"), this);
  rest->setCheckable(true);
  auto* states =
      toolButton(tr("What the line does"), "trace.states",
                 tr("The rest level, and where it turns, rests, is open or pulled"), this);
  states->setCheckable(true);
  auto* all = toolButton(tr("Whole record"), "trace.all", tr("Home"), this);
  auto* save =
      toolButton(tr("Save what is shown"), "trace.export",
                 tr("The shown stretch of all wheels as CSV or WAV; may be dragged out"), this);
  auto* read =
      toolButton(tr("How it is read"), "trace.read",
                 tr("The first lines of the chosen wheel's file, and how they are taken"), this);
  connect(read, &QPushButton::clicked, this,
          [this] { emit readingWanted(model_.selection().circuit); });
  auto* open = toolButton(tr("Open a capture"), "trace.open", tr("O"), this);
  for (auto* button : {turns, rest, states, all, save, read, open}) {
    row->addWidget(button);
  }
  connect(turns, &QPushButton::toggled, this, &TraceView::choosePage);
  connect(rest, &QPushButton::toggled, this, [this](bool on) { lanes_->setAroundRest(on); });
  connect(states, &QPushButton::toggled, this, [this](bool on) { lanes_->setStates(on); });
  connect(all, &QPushButton::clicked, this, [this] { lanes_->showAll(); });
  connect(save, &QPushButton::clicked, this, &TraceView::exportShown);
  new DragOut(save, [this](const QString& folder) {
    const auto record = lanes_->visible();
    const QString file = folder + QStringLiteral("/traces.csv");
    return !record.channels.empty() && capture::saveCapture(file.toStdString(), record) ? file
                                                                                        : QString();
  });
  connect(open, &QPushButton::clicked, this,
          [this] { emit fileWanted(model_.selection().circuit); });
}

void TraceView::makeScopeRow() {
  scope_ = new QWidget(this);
  auto* row = new QHBoxLayout(scope_);
  row->setContentsMargins(0, 0, 0, 0);
  auto* what = new QLabel(tr("The connected scope, at the place chosen on the line:"), scope_);
  what->setProperty("faint", true);
  auto* record = toolButton(tr("Record four seconds"), "trace.record",
                            tr("As a capture of the wheel in question"), this);
  watch_ = toolButton(tr("Watch"), "trace.watch", tr("Read the trace while it is recorded"), this);
  watch_->setCheckable(true);
  row->addWidget(what, 1);
  row->addWidget(record);
  row->addWidget(watch_);
  scope_->hide();
  connect(record, &QPushButton::clicked, this, &TraceView::recordWanted);
  connect(watch_, &QPushButton::toggled, this, &TraceView::watchWanted);
}

void TraceView::setLive(bool live) {
  scope_->setVisible(live);
  if (!live) {
    watch_->setChecked(false);
  }
}

void TraceView::beginWatch(const QString& circuit) {
  live_->begin(circuit);
  watch_->setChecked(true);
  choosePage();
}

void TraceView::endWatch() {
  watch_->setChecked(false);
  choosePage();
}

void TraceView::choosePage() {
  QWidget* page = lanes_;
  if (watch_->isChecked()) {
    page = live_;
  } else if (findChild<QPushButton*>(QStringLiteral("trace.turns"))->isChecked()) {
    page = turns_;
  }
  pages_->setCurrentWidget(page);
  // What was found in the captures is not what is seen now.
  for (QWidget* w : std::initializer_list<QWidget*>{findings_, tools_, hint_}) {
    w->setVisible(page != live_);
  }
}

void TraceView::showTurns() {
  findChild<QPushButton*>(QStringLiteral("trace.turns"))->setChecked(true);
}

void TraceView::showSpan(double fromS, double toS) {
  findChild<QPushButton*>(QStringLiteral("trace.turns"))->setChecked(false);
  lanes_->showSpan(fromS, toS);
}

void TraceView::exportShown() {
  const auto record = lanes_->visible();
  if (record.channels.empty()) {
    emit said(tr("There is nothing to save yet: drop a capture on a wheel first."), true);
    return;
  }
  const QString path =
      dialogs().saveFile(this, tr("Save what is shown"), QStringLiteral("traces.csv"),
                         QStringLiteral("CSV (*.csv);;WAV (*.wav)"));
  if (path.isEmpty()) {
    return;
  }
  const auto status = capture::saveCapture(path.toStdString(), record);
  emit said(status ? tr("%1 samples of %2 wheels saved in %3.")
                         .arg(record.size())
                         .arg(record.channels.size())
                         .arg(path)
                   : q(status.error().sentence()),
            !status);
}

void TraceView::sayCursors() {
  const QStringList wheels = lanes_->readout();
  readout_->setVisible(!wheels.isEmpty());
  readout_->setText(wheels.isEmpty() ? QString()
                                     : lanes_->spanBetween() + QStringLiteral("   \u00b7   ") +
                                           wheels.join(QStringLiteral("   \u00b7   ")));
}

void TraceView::refresh() {
  empty(*findingRows_);
  const auto lanes = picture::lanesOf(model_.job(), model_.assessment());
  QStringList others;
  for (std::size_t i = 0; i + 1 < lanes.size(); ++i) {
    others << q(lanes[i].title);
  }
  head_->setText(
      lanes.empty() ? tr("No circuit")
      : others.isEmpty()
          ? q(lanes.back().title)
          : tr("%1 against %2").arg(q(lanes.back().title), others.join(QStringLiteral(", "))));
  int shown = 0;
  for (auto lane = lanes.rbegin(); lane != lanes.rend(); ++lane) {
    if (!lane->analysis) {
      continue;
    }
    for (const auto& f : lane->analysis->findings) {
      if (++shown > kMostFindings) {
        break;
      }
      auto* row = new FindingRow(q(lane->title), f, trace::groundsOf(*lane->analysis, f),
                                 findings_->widget());
      connect(row, &FindingRow::spanWanted, this, &TraceView::showSpan);
      connect(row, &FindingRow::opened, this, [this, row] {
        fitFindings();
        QTimer::singleShot(0, row, [this, row] {
          layout()->activate();
          findings_->ensureWidgetVisible(row, 0, 0);
        });
      });
      findingRows_->addWidget(row);
    }
  }
  fitFindings();
  sayCursors();
}

// As high as they are, as far as the traces leave room; one whose grounds are open is seen whole.
void TraceView::fitFindings() {
  QTimer::singleShot(0, findings_, [this] {
    constexpr int kClosed = 110, kOpen = 210;
    auto* inner = findings_->widget();
    inner->setMinimumHeight(0);
    inner->layout()->activate();
    const int wide = findings_->viewport()->width();
    const int high = inner->layout()->hasHeightForWidth() ? inner->layout()->heightForWidth(wide)
                                                          : inner->sizeHint().height();
    inner->setMinimumHeight(high);  // rather scrolled than squeezed
    findings_->setMaximumHeight(high);
    const auto whys = inner->findChildren<QAbstractButton*>(QStringLiteral("finding.why"));
    const bool open = std::any_of(whys.begin(), whys.end(), [](auto* w) { return w->isChecked(); });
    findings_->setMinimumHeight(std::min(high, open ? kOpen : kClosed));
    findings_->updateGeometry();
  });
}

}  // namespace haybale::app
