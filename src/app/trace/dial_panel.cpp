#include "app/trace/dial_panel.h"

#include <fmt/format.h>

#include <QHelpEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QToolTip>
#include <QVBoxLayout>

#include "app/parts/when_seen.h"
#include "app/style/form.h"
#include "app/style/theme.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/trace/findings.h"
#include "picture/lanes_of.h"
#include "picture/ring_dial.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

constexpr int kDialW = 288;
constexpr int kDialH = 352;
constexpr std::size_t kMostDropouts = 5;

}  // namespace

DialWidget::DialWidget(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("dial"));
  setFixedSize(kDialW, kDialH);
}

void DialWidget::show(picture::Scene scene) {
  scene_ = std::move(scene);
  update();
}

void DialWidget::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  render::paint(painter, scene_, ThemeHub::instance().theme());
}

void DialWidget::mousePressEvent(QMouseEvent* event) {
  const auto* spot = scene_.spotAt({event->position().x(), event->position().y()});
  if (spot && spot->id.starts_with("tooth:")) {
    emit toothChosen(std::stoi(spot->id.substr(6)));
  }
}

bool DialWidget::event(QEvent* event) {
  if (event->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(event);
    const auto* spot =
        scene_.spotAt({static_cast<double>(help->pos().x()), static_cast<double>(help->pos().y())});
    QToolTip::showText(help->globalPos(), spot ? q(spot->tip) : QString(), this);
    return true;
  }
  return QWidget::event(event);
}

DialPanel::DialPanel(JobModel& model, QWidget* parent)
    : QWidget(parent), model_(model), dial_(new DialWidget(this)), decide_(new QLabel(this)) {
  setObjectName(QStringLiteral("side"));
  setAttribute(Qt::WA_StyledBackground);
  setFixedWidth(324);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(18, 12, 18, 12);
  column->addWidget(dial_);
  head_ = new QLabel(tr("Dropouts"), this);
  head_->setProperty("sub", true);
  column->addWidget(head_);
  rows_ = new QVBoxLayout;
  rows_->setSpacing(2);
  column->addLayout(rows_);
  auto* decideHead = new QLabel(tr("What would decide it"), this);
  decideHead->setProperty("sub", true);
  column->addSpacing(6);
  column->addWidget(decideHead);
  decide_->setWordWrap(true);
  decide_->setTextFormat(Qt::PlainText);
  decide_->setObjectName(QStringLiteral("dial.decide"));
  column->addWidget(decide_);
  column->addStretch();
  connect(dial_, &DialWidget::toothChosen, this, &DialPanel::showTooth);
  auto* seen = new WhenSeen(this, [this] { refresh(); });
  connect(&model_, &JobModel::changed, seen, &WhenSeen::due);
  connect(&model_, &JobModel::assessed, seen, &WhenSeen::due);
  connect(&ThemeHub::instance(), &ThemeHub::changed, seen, &WhenSeen::due);
}

const trace::ChannelAnalysis* DialPanel::analysis() const {
  const auto lanes = picture::lanesOf(model_.job(), model_.assessment());
  return lanes.empty() ? nullptr : lanes.back().analysis;
}

void DialPanel::refresh() {
  const auto lanes = picture::lanesOf(model_.job(), model_.assessment());
  picture::DialInput input;
  input.width = kDialW;
  input.height = kDialH;
  input.title = haybale::say("Ring dial");
  if (!lanes.empty()) {
    input.analysis = lanes.back().analysis;
    input.colour = lanes.back().colour;
    input.title += ", " + lanes.back().title;
  }
  dial_->show(picture::ringDial(input, render::measure()));
  empty(*rows_);
  head_->setVisible(input.analysis != nullptr);
  if (!input.analysis) {
    decide_->setText(tr("Drop a capture of the wheel in question."));
    return;
  }
  addDropouts(*input.analysis);
  decide_->setText(q(trace::decidingStep(*input.analysis)));
}

void DialPanel::addDropouts(const trace::ChannelAnalysis& a) {
  if (a.dropouts.empty()) {
    auto* none =
        new QLabel(tr("none in %1").arg(q(units::format(a.durationS, units::Unit::second))), this);
    none->setProperty("faint", true);
    rows_->addWidget(none);
  }
  for (std::size_t i = 0; i < a.dropouts.size() && i < kMostDropouts; ++i) {
    const auto& d = a.dropouts[i];
    auto* row = new QPushButton(
        q(sayf("at {}, for {}, {} at {}", units::format(d.startS, units::Unit::second),
               units::format(d.endS - d.startS, units::Unit::second, 2),
               trace::kDropoutNames[static_cast<std::size_t>(d.kind)],
               units::format(d.level, a.unit, 2))),
        this);
    row->setProperty("flat", true);
    row->setObjectName(QStringLiteral("dropout%1").arg(i));
    row->setStyleSheet(QStringLiteral("text-align: left; padding: 1px 0px; min-height: 24px;"));
    const double margin = 1.5 * (d.endS - d.startS) + 0.02;
    connect(row, &QPushButton::clicked, this,
            [this, d, margin] { emit spanWanted(d.startS - margin, d.endS + margin); });
    rows_->addWidget(row);
  }
  if (a.dropouts.size() > kMostDropouts) {
    auto* more = new QLabel(tr("and %1 more").arg(a.dropouts.size() - kMostDropouts), this);
    more->setProperty("faint", true);
    rows_->addWidget(more);
  }
}

// The first time that tooth, or the gap where it should be, passes.
void DialPanel::showTooth(int position) {
  const auto* a = analysis();
  if (!a || !a->ring) {
    return;
  }
  if (const auto span = trace::firstPass(*a, position)) {
    emit spanWanted(span->first, span->second);
  }
}

}  // namespace haybale::app
