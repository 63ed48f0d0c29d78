#include "app/line/board_widget.h"

#include <QDragEnterEvent>
#include <QHelpEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include "app/frame/job_strip.h"
#include "app/style/theme.h"
#include "picture/line_board.h"
#include "render/scene_painter.h"

namespace haybale::app {

using circuit::WireId;

BoardWidget::BoardWidget(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("board"));
  setAccessibleName(tr("The line, from module to tone ring"));
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setAcceptDrops(true);
  setMinimumHeight(picture::kLeastBoardH);
  connect(&model_, &JobModel::changed, this, &BoardWidget::rebuild);
  connect(&model_, &JobModel::assessed, this, &BoardWidget::rebuild);
  connect(&model_, &JobModel::selectionChanged, this, &BoardWidget::rebuild);
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, [this] { update(); });
  rebuild();
}

void BoardWidget::rebuild() {
  due_ = true;
  update();
}

const picture::Scene& BoardWidget::scene() const {
  if (due_) {
    scene_ = drawn();
    due_ = false;
  }
  return scene_;
}

picture::Scene BoardWidget::drawn() const {
  picture::BoardInput input;
  input.job = &model_.job();
  input.assessment = &model_.assessment();
  const auto& selection = model_.selection();
  input.circuit = selection.circuit.toStdString();
  if (selection.test.red && selection.test.circuit == input.circuit) {
    input.selected = selection.test.red->place;
    input.wire = selection.test.red->wire.value_or(WireId::a);
  }
  input.selectedEvidence = selection.evidence.toStdString();
  if (selection.test.circuit == input.circuit) {
    input.profileOf = selection.test;
  }
  if (selection.editing) {
    input.editing = selection.part.toStdString();
  }
  input.width = width();
  input.height = height();
  return picture::lineBoard(input, render::measure());
}

void BoardWidget::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  render::paint(painter, scene(), ThemeHub::instance().theme());
  if (hasFocus()) {
    painter.setPen(QPen(render::colour(picture::Role::strawLine, ThemeHub::instance().theme()), 2));
    painter.drawRect(rect().adjusted(1, 1, -1, -1));
  }
}

void BoardWidget::resizeEvent(QResizeEvent*) {
  rebuild();
}

void BoardWidget::mousePressEvent(QMouseEvent* event) {
  const auto* spot = scene().spotAt({event->position().x(), event->position().y()});
  const auto* circuit = model_.selectedCircuit();
  if (!spot || !circuit) {
    return;
  }
  const std::string id = spot->id;  // the scene is rebuilt by the selection
  if (id.starts_with("place:")) {
    const auto colon = id.rfind(':');
    const auto place = circuit::parsePlace(id.substr(6, colon - 6), *circuit);
    if (place) {
      model_.choose().place(*place, id.substr(colon + 1) == "b" ? WireId::b : WireId::a);
    }
  } else if (id.starts_with("part:")) {
    model_.choose().part(QString::fromStdString(id.substr(5)));
  } else if (id.starts_with("evidence:")) {
    model_.choose().evidence(QString::fromStdString(id.substr(9)));
  }
}

void BoardWidget::mouseMoveEvent(QMouseEvent* event) {
  const auto* spot = scene().spotAt({event->position().x(), event->position().y()});
  const bool clickable = spot && !spot->id.starts_with("element:");
  setCursor(clickable ? Qt::PointingHandCursor : Qt::ArrowCursor);
}

bool BoardWidget::event(QEvent* event) {
  if (event->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(event);
    const auto* spot = scene().spotAt(
        {static_cast<double>(help->pos().x()), static_cast<double>(help->pos().y())});
    if (spot && !spot->tip.empty()) {
      QToolTip::showText(help->globalPos(), QString::fromStdString(spot->tip), this);
    } else {
      QToolTip::hideText();
    }
    return true;
  }
  return QWidget::event(event);
}

void BoardWidget::step(int places) {
  const auto* circuit = model_.selectedCircuit();
  if (!circuit || !model_.selection().test.red) {
    return;
  }
  const auto all = circuit::reachablePlaces(*circuit);
  const auto& test = model_.selection().test;
  const auto now = std::find(all.begin(), all.end(), test.red->place);
  const auto index = now == all.end() ? 0 : now - all.begin();
  const auto next =
      std::clamp<std::ptrdiff_t>(index + places, 0, static_cast<std::ptrdiff_t>(all.size()) - 1);
  model_.choose().place(all[static_cast<std::size_t>(next)], test.red->wire.value_or(WireId::a));
}

void BoardWidget::otherWire() {
  const auto& test = model_.selection().test;
  if (!test.red) {
    return;
  }
  circuit::Test other = test;
  other.red->wire = test.red->wire == WireId::a ? WireId::b : WireId::a;
  if (other.black && other.black->wire) {
    other.black->wire = *other.red->wire == WireId::a ? WireId::b : WireId::a;
  }
  model_.choose().test(other);
}

void BoardWidget::stepPart(int parts) {
  const auto* circuit = model_.selectedCircuit();
  if (!circuit) {
    return;
  }
  const auto now = static_cast<std::ptrdiff_t>(
      circuit->indexOf(model_.selection().part.toStdString()).value_or(0));
  const auto next = std::clamp<std::ptrdiff_t>(
      now + parts, 0, static_cast<std::ptrdiff_t>(circuit->path.size()) - 1);
  model_.choose().part(QString::fromStdString(circuit->path[static_cast<std::size_t>(next)].id));
}

// While the line is edited the arrows walk along its parts; the editor's own keys do the rest.
bool BoardWidget::editKey(QKeyEvent* event) {
  if (event->modifiers() & (Qt::ControlModifier | Qt::AltModifier)) {
    return false;
  }
  switch (event->key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
      stepPart(event->key() == Qt::Key_Left ? -1 : 1);
      return true;
    case Qt::Key_Home:
    case Qt::Key_End:
      stepPart(event->key() == Qt::Key_Home ? -1000 : 1000);
      return true;
    default:
      return false;
  }
}

void BoardWidget::keyPressEvent(QKeyEvent* event) {
  if (model_.selection().editing) {
    if (!editKey(event)) {
      emit editorKey(event);
    }
    return;
  }
  switch (event->key()) {
    case Qt::Key_Left:
      step(-1);
      return;
    case Qt::Key_Right:
      step(1);
      return;
    case Qt::Key_Up:
    case Qt::Key_Down:
      otherWire();
      return;
    case Qt::Key_Home:
      step(-100);
      return;
    case Qt::Key_End:
      step(100);
      return;
    default:
      break;
  }
  const QString text = event->text();
  if (!text.isEmpty() && text.at(0).isPrint() &&
      !(event->modifiers() & (Qt::ControlModifier | Qt::AltModifier))) {
    emit typed(text == QStringLiteral("/") ? QString() : text);
    return;
  }
  QWidget::keyPressEvent(event);
}

void BoardWidget::dragEnterEvent(QDragEnterEvent* event) {
  if (!droppedFile(event->mimeData()).isEmpty()) {
    event->acceptProposedAction();
  }
}

void BoardWidget::dropEvent(QDropEvent* event) {
  event->acceptProposedAction();
  emit captureDropped(model_.selection().circuit, droppedFile(event->mimeData()));
}

}  // namespace haybale::app
