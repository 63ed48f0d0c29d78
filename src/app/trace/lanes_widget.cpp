#include "app/trace/lanes_widget.h"

#include <QDragEnterEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

#include "app/frame/job_strip.h"
#include "app/style/theme.h"
#include "picture/lanes_of.h"
#include "print/scene_painter.h"

namespace haybale::app {

LanesWidget::LanesWidget(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("lanes"));
  setFocusPolicy(Qt::StrongFocus);
  setAcceptDrops(true);
  setMouseTracking(true);
  setMinimumHeight(300);
  connect(&model_, &JobModel::changed, this, &LanesWidget::reload);
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

void LanesWidget::rebuild() {
  picture::LanesInput input;
  input.lanes = lanes_;
  input.fromS = fromS_;
  input.toS = toS_;
  input.cursorS = cursorS_;
  input.width = width();
  input.height = height();
  scene_ = picture::traceLanes(input, print::measure());
  update();
}

void LanesWidget::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  print::paint(painter, scene_, ThemeHub::instance().theme());
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

void LanesWidget::mousePressEvent(QMouseEvent* event) {
  dragFrom_ = event->position();
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
