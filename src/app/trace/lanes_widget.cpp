#include "app/trace/lanes_widget.h"

#include <QDragEnterEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

#include "app/frame/job_strip.h"
#include "app/style/theme.h"
#include "app/style/words.h"
#include "core/capture/excerpt.h"
#include "picture/lanes_of.h"
#include "render/scene_painter.h"

namespace haybale::app {

LanesWidget::LanesWidget(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("lanes"));
  setFocusPolicy(Qt::StrongFocus);
  setAcceptDrops(true);
  setMouseTracking(true);
  connect(&model_, &JobModel::changed, this, &LanesWidget::reload);
  connect(&model_, &JobModel::assessed, this, &LanesWidget::reload);
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, [this] { update(); });
  reload();
}

void LanesWidget::reload() {
  const auto before = whole_;
  lanes_ = picture::lanesOf(model_.job(), model_.assessment());
  whole_ = picture::wholeTime(lanes_);
  if (whole_ != before) {
    std::tie(fromS_, toS_) = whole_;
  }
  rebuild();
}

void LanesWidget::showAll() {
  std::tie(fromS_, toS_) = whole_;
  rebuild();
}

void LanesWidget::showSpan(double fromS, double toS) {
  const double from = std::max(fromS, whole_.first);
  const double to = std::min(toS, whole_.second);
  if (to > from) {
    fromS_ = from;
    toS_ = to;
    rebuild();
  }
}

// A lane that is lower than this shows neither its wave nor its scale.
void LanesWidget::keepHigh() {
  constexpr int kLane = 64, kStates = 24, kBelow = 120, kLeast = 300;
  const int each = kLane + (states_ ? kStates : 0);
  setMinimumHeight(
      std::max(kLeast, kBelow + each * static_cast<int>(std::min<std::size_t>(4, lanes_.size()))));
}

void LanesWidget::rebuild() {
  keepHigh();
  if (!isVisible()) {
    return;  // drawn when shown
  }
  picture::LanesInput input;
  input.lanes = lanes_;
  input.fromS = fromS_;
  input.toS = toS_;
  input.cursorS = cursorS_;
  input.markA = markA_;
  input.markB = markB_;
  input.aroundRest = aroundRest_;
  input.states = states_;
  input.width = width();
  input.height = height();
  scene_ = picture::traceLanes(input, render::measure());
  update();
}

void LanesWidget::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  render::paint(painter, scene_, ThemeHub::instance().theme());
}

void LanesWidget::showEvent(QShowEvent*) {
  rebuild();
}

void LanesWidget::resizeEvent(QResizeEvent*) {
  rebuild();
}

double LanesWidget::timeAt(double x) const {
  const auto span = picture::plotSpan(width());
  return fromS_ + (x - span.left) / (span.right - span.left) * (toS_ - fromS_);
}

void LanesWidget::zoom(double factor, double aroundS) {
  const double least = 1e-6 * (whole_.second - whole_.first);
  const double width = std::clamp((toS_ - fromS_) * factor, least, whole_.second - whole_.first);
  const double part = (aroundS - fromS_) / (toS_ - fromS_);
  fromS_ = std::clamp(aroundS - part * width, whole_.first, whole_.second - width);
  toS_ = fromS_ + width;
  rebuild();
}

void LanesWidget::pan(double seconds) {
  const double width = toS_ - fromS_;
  fromS_ = std::clamp(fromS_ + seconds, whole_.first, whole_.second - width);
  toS_ = fromS_ + width;
  rebuild();
}

void LanesWidget::wheelEvent(QWheelEvent* event) {
  zoom(std::pow(0.8, event->angleDelta().y() / 120.0), timeAt(event->position().x()));
}

void LanesWidget::setAroundRest(bool on) {
  aroundRest_ = on;
  rebuild();
}

void LanesWidget::setStates(bool on) {
  states_ = on;
  rebuild();
}

void LanesWidget::setMark(std::optional<double>& mark) {
  mark = cursorS_.value_or((fromS_ + toS_) / 2);
  rebuild();
  emit cursorsChanged();
}

QStringList LanesWidget::readout() const {
  QStringList out;
  if (!markA_ || !markB_) {
    return out;
  }
  for (const auto& lane : lanes_) {
    if (lane.record && lane.analysis) {
      out << q(picture::sayBetween(lane, *markA_, *markB_));
    }
  }
  return out;
}

QString LanesWidget::spanBetween() const {
  if (!markA_ || !markB_ || *markA_ == *markB_) {
    return {};
  }
  const double s = *markB_ - *markA_;
  return tr("A to B: %1, %2")
      .arg(q(units::format(s, units::Unit::second)),
           q(units::format(1 / std::abs(s), units::Unit::hertz)));
}

capture::Record LanesWidget::visible() const {
  std::vector<capture::ExcerptSource> sources;
  for (const auto& lane : lanes_) {
    if (lane.record) {
      sources.push_back({lane.record, lane.channel, lane.title});
    }
  }
  return capture::excerpt(sources, fromS_, toS_);
}

// A click on a flag goes to the finding's place.
bool LanesWidget::followFlag(QPointF at) {
  const auto* spot = scene_.spotAt({at.x(), at.y()});
  if (!spot || !spot->id.starts_with("flag:")) {
    return false;
  }
  const std::size_t colon = spot->id.rfind(':');
  const std::string wheel = spot->id.substr(5, colon - 5);
  const auto index = static_cast<std::size_t>(std::stoul(spot->id.substr(colon + 1)));
  for (const auto& lane : lanes_) {
    if (lane.id == wheel && lane.analysis && index < lane.analysis->findings.size()) {
      if (const auto& place = lane.analysis->findings[index].place) {
        showSpan(place->first, place->second);
        return true;
      }
    }
  }
  return false;
}

void LanesWidget::mousePressEvent(QMouseEvent* event) {
  dragFrom_ = event->position();
  if (followFlag(event->position())) {
    return;
  }
  const QString circuit = circuitAt(event->position());
  for (const auto& lane : lanes_) {
    if (!lane.record && QString::fromStdString(lane.id) == circuit) {
      emit fileWanted(circuit);
    }
  }
}

void LanesWidget::mouseMoveEvent(QMouseEvent* event) {
  const auto span = picture::plotSpan(width());
  const double x = event->position().x();
  if (event->buttons() & Qt::LeftButton) {
    pan(timeAt(dragFrom_.x()) - timeAt(x));
    dragFrom_ = event->position();
  }
  cursorS_ = x >= span.left && x <= span.right ? std::optional(timeAt(x)) : std::nullopt;
  rebuild();
}

void LanesWidget::keyPressEvent(QKeyEvent* event) {
  const double middle = (fromS_ + toS_) / 2;
  switch (event->key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal:
    case Qt::Key_Up:
      zoom(0.7, middle);
      return;
    case Qt::Key_Minus:
    case Qt::Key_Down:
      zoom(1 / 0.7, middle);
      return;
    case Qt::Key_Left:
      pan(-(toS_ - fromS_) / 5);
      return;
    case Qt::Key_Right:
      pan((toS_ - fromS_) / 5);
      return;
    case Qt::Key_Home:
      showAll();
      return;
    case Qt::Key_A:
      setMark(markA_);
      return;
    case Qt::Key_B:
      setMark(markB_);
      return;
    case Qt::Key_Escape:
      markA_.reset();
      markB_.reset();
      rebuild();
      emit cursorsChanged();
      return;
    case Qt::Key_O:
      emit fileWanted(model_.selection().circuit);
      return;
    default:
      QWidget::keyPressEvent(event);
  }
}

QString LanesWidget::circuitAt(QPointF at) const {
  const auto* spot = scene_.spotAt({at.x(), at.y()});
  return spot && spot->id.starts_with("lane:") ? QString::fromStdString(spot->id.substr(5))
                                               : QString();
}

void LanesWidget::dragEnterEvent(QDragEnterEvent* event) {
  if (!droppedFile(event->mimeData()).isEmpty()) {
    event->acceptProposedAction();
  }
}

void LanesWidget::dropEvent(QDropEvent* event) {
  event->acceptProposedAction();
  const QString circuit = circuitAt(event->position());
  emit captureDropped(circuit.isEmpty() ? model_.selection().circuit : circuit,
                      droppedFile(event->mimeData()));
}

}  // namespace haybale::app
