#include "app/trace/live_page.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/scene_widget.h"
#include "app/style/words.h"
#include "picture/trace_lanes.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

constexpr double kNewestS = 0.5;

QString sayNow(const trace::LiveTrace& live) {
  const double hz = live.hzNow();
  if (hz <= 0) {
    return QObject::tr("No pulse now");
  }
  const QString teeth = q(units::format(hz, units::Unit::hertz, 3));
  const auto kmh = live.kmhNow();
  return kmh ? q(units::format(*kmh, units::Unit::kmh, 3)) + QStringLiteral("   \u00b7   ") + teeth
             : teeth;
}

QString sayTally(const trace::LiveTrace& live) {
  const auto& t = live.tally();
  const QString pulses = QObject::tr("%1 pulses in %2 s recorded")
                             .arg(static_cast<qulonglong>(t.pulses))
                             .arg(t.seconds, 0, 'f', 1);
  const auto ago = live.sinceDropoutS();
  if (!ago) {
    return pulses + QObject::tr(", no dropout");
  }
  const QString when = QObject::tr("%1 s ago").arg(*ago, 0, 'f', 1);
  return pulses + (t.dropouts == 1
                       ? QObject::tr(", <b>one dropout</b>, %1").arg(when)
                       : QObject::tr(", <b>%1 dropouts</b>, the last %2")
                             .arg(QString::number(static_cast<qulonglong>(t.dropouts)), when));
}

}  // namespace

LivePage::LivePage(QWidget* parent)
    : QWidget(parent),
      now_(new QLabel(this)),
      tally_(new QLabel(this)),
      finding_(new QLabel(this)),
      newest_(new SceneWidget(this)),
      all_(new SceneWidget(this)),
      keep_(new QPushButton(tr("Keep these seconds"), this)) {
  setObjectName(QStringLiteral("trace.live"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  auto* top = new QHBoxLayout;
  now_->setObjectName(QStringLiteral("live.now"));
  now_->setStyleSheet(QStringLiteral("font-size: 38px; font-weight: bold;"));
  top->addWidget(now_, 1);
  auto* stop = new QPushButton(tr("Stop"), this);
  stop->setObjectName(QStringLiteral("live.stop"));
  keep_->setObjectName(QStringLiteral("live.keep"));
  keep_->setProperty("main", true);
  keep_->setToolTip(tr("As a capture of this wheel, with its gaps, and stop"));
  for (auto* button : {keep_, stop}) {
    button->setMinimumHeight(44);
    top->addWidget(button);
  }
  column->addLayout(top);
  tally_->setObjectName(QStringLiteral("live.tally"));
  tally_->setProperty("sub", true);
  tally_->setStyleSheet(QStringLiteral("font-weight: normal;"));
  column->addWidget(tally_);
  finding_->setObjectName(QStringLiteral("live.finding"));
  finding_->setTextFormat(Qt::PlainText);
  finding_->setWordWrap(true);
  column->addWidget(finding_);
  for (auto* wave : {newest_, all_}) {
    column->addWidget(wave, wave == newest_ ? 4 : 5);
    wave->setMaker(
        [this, wave](double width, double height) { return lane(width, height, wave == newest_); });
  }
  connect(stop, &QPushButton::clicked, this, &LivePage::stopWanted);
  connect(keep_, &QPushButton::clicked, this, &LivePage::keepWanted);
}

picture::Scene LivePage::lane(double width, double height, bool newest) const {
  picture::Lane lane;
  lane.title = circuit_.toStdString();
  lane.id = lane.title;
  lane.subtitle = newest ? "the newest half second" : "the last eight seconds";
  lane.prompt = newest ? "Waiting for the first samples." : "";
  picture::LanesInput in;
  if (live_) {
    const auto& window = live_->window();
    const double endS = window.time.at(window.size());
    lane.record = &window;
    // What was found is marked on the seconds; the newest waves are seen as they are.
    lane.analysis = newest ? &levels_ : live_->analysis() ? &*live_->analysis() : nullptr;
    const double shown = newest ? kNewestS : trace::LiveTrace::kWindowS;
    in.fromS = newest ? endS - shown : std::max(window.time.startS, endS - shown);
    in.toS = in.fromS + shown;
  }
  in.lanes = {lane};
  in.width = width;
  in.height = height;
  return picture::traceLanes(in, render::measure());
}

void LivePage::begin(const QString& circuit) {
  circuit_ = circuit;
  live_.reset();
  refresh();
}

void LivePage::take(std::shared_ptr<const trace::LiveTrace> live) {
  live_ = std::move(live);
  levels_ = {};
  if (live_ && live_->analysis()) {
    levels_.unit = live_->analysis()->unit;
    levels_.signal = live_->analysis()->signal;
    levels_.levels = live_->analysis()->levels;
  }
  refresh();
}

const capture::Record* LivePage::seconds() const {
  return live_ ? &live_->window() : nullptr;
}

void LivePage::refresh() {
  const bool read = live_ && live_->analysis();
  now_->setText(read ? sayNow(*live_) : tr("Turn the wheel"));
  tally_->setText(read ? sayTally(*live_)
                       : tr("Recording block after block; every block is read as it comes."));
  finding_->setText(read && !live_->analysis()->findings.empty()
                        ? q(live_->analysis()->findings.front().text)
                        : QString());
  keep_->setEnabled(read);
  newest_->rebuild();
  all_->rebuild();
}

}  // namespace haybale::app
