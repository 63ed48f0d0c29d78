#include "app/frame/job_strip.h"

#include <QDragEnterEvent>
#include <QFileInfo>
#include <QGridLayout>
#include <QLabel>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QStyle>
#include <QUrl>

#include "app/parts/glyph.h"
#include "app/style/theme.h"
#include "picture/line_board.h"
#include "render/scene_painter.h"

namespace haybale::app {

using diagnosis::CircuitState;
using picture::Role;

QString droppedFile(const QMimeData* data) {
  const auto urls = data->urls();
  return urls.size() == 1 && urls.first().isLocalFile() ? urls.first().toLocalFile() : QString();
}

CircuitChip::CircuitChip(JobModel& model, const QString& name, QWidget* parent)
    : QAbstractButton(parent), model_(model) {
  setText(name);
  setObjectName(QStringLiteral("chip.") + name);
  setAcceptDrops(true);
  setFixedSize(CircuitChip::sizeHint());
  setFocusPolicy(Qt::TabFocus);
}

void CircuitChip::paintEvent(QPaintEvent*) {
  const auto* circuit = model_.job().find(text().toStdString());
  if (!circuit) {
    return;
  }
  const auto theme = ThemeHub::instance().theme();
  const auto state = diagnosis::stateOf(model_.job(), model_.assessment(), *circuit);
  const Role tone = state == CircuitState::faulty     ? Role::alarm
                    : state == CircuitState::doubtful ? Role::doubt
                    : state == CircuitState::good     ? Role::good
                                                      : Role::faint;
  const Role tint = state == CircuitState::faulty     ? Role::alarmTint
                    : state == CircuitState::doubtful ? Role::doubtTint
                    : state == CircuitState::good     ? Role::goodTint
                                                      : Role::panel;
  const Glyph sign = state == CircuitState::faulty     ? Glyph::cross
                     : state == CircuitState::doubtful ? Glyph::question
                     : state == CircuitState::good     ? Glyph::tick
                                                       : Glyph::dot;
  const bool selected = model_.selection().circuit == text();
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setBrush(render::colour(hovered_ ? Role::straw : tint, theme));
  painter.setPen(
      QPen(render::colour(hasFocus() ? Role::strawLine : tone, theme), selected ? 2.6 : 1.2));
  painter.drawRoundedRect(QRectF(rect()).adjusted(2, 2, -2, -2), 5, 5);
  picture::Scene mark;
  mark.add(picture::Path{{{9, 22}, {40, 22}},
                         picture::wheelRole(model_.job(), circuit->name),
                         3,
                         picture::wheelDash(model_.job(), circuit->name),
                         false});
  render::paint(painter, mark, theme);
  painter.setFont(render::font(13, true));
  painter.setPen(render::colour(Role::ink, theme));
  painter.drawText(QRectF(9, 3, width() - 32, 16), Qt::AlignLeft | Qt::AlignVCenter,
                   painter.fontMetrics().elidedText(text(), Qt::ElideRight, width() - 34));
  drawGlyph(painter, sign, QRectF(width() - 23, 8, 13, 13), render::colour(tone, theme));
}

void CircuitChip::dragEnterEvent(QDragEnterEvent* event) {
  if (!droppedFile(event->mimeData()).isEmpty()) {
    event->acceptProposedAction();
    hovered_ = true;
    update();
  }
}

void CircuitChip::dragLeaveEvent(QDragLeaveEvent*) {
  hovered_ = false;
  update();
}

void CircuitChip::dropEvent(QDropEvent* event) {
  hovered_ = false;
  update();
  event->acceptProposedAction();
  emit captureDropped(text(), droppedFile(event->mimeData()));
}

namespace {

constexpr int kHigh = 68;
constexpr int kLow = 40;

QPushButton* flatButton(const QString& text, const QString& name, QWidget* parent) {
  auto* button = new QPushButton(text, parent);
  button->setProperty("flat", true);
  button->setObjectName(name);
  button->setFocusPolicy(Qt::TabFocus);
  return button;
}

}  // namespace

JobStrip::JobStrip(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("strip"));
  setAttribute(Qt::WA_StyledBackground);
  setFixedHeight(kHigh);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(20, 4, 14, 4);
  auto* words = new QVBoxLayout;
  words->setSpacing(0);
  title_ = new QLabel(this);
  title_->setProperty("head", true);
  title_->setObjectName(QStringLiteral("strip.title"));
  complaint_ = new QLabel(this);
  complaint_->setProperty("faint", true);
  for (auto* label : {title_, complaint_}) {
    label->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    label->setTextFormat(Qt::PlainText);
    words->addWidget(label);
  }
  row->addLayout(words, 1);
  chips_ = new QGridLayout;
  chips_->setSpacing(3);
  row->addLayout(chips_);
  row->addSpacing(18);
  undo_ = flatButton(tr("Undo"), QStringLiteral("strip.undo"), this);
  redo_ = flatButton(tr("Redo"), QStringLiteral("strip.redo"), this);
  auto* theme = flatButton(tr("Day / night"), QStringLiteral("strip.theme"), this);
  auto* jobs = flatButton(tr("Jobs"), QStringLiteral("strip.jobs"), this);
  auto* buttons = new QVBoxLayout;
  buttons->setSpacing(0);
  auto* line = new QHBoxLayout;
  line->setSpacing(2);
  for (auto* button : {undo_, redo_, theme, jobs}) {
    line->addWidget(button);
  }
  buttons->addLayout(line);
  saved_ = new QLabel(this);
  saved_->setProperty("faint", true);
  saved_->setObjectName(QStringLiteral("strip.saved"));
  saved_->setContentsMargins(8, 0, 0, 0);
  takeOver_ = flatButton(tr("Take over"), QStringLiteral("strip.takeOver"), this);
  takeOver_->setToolTip(tr("Go on with this job here; the other window can then only read it"));
  takeOver_->hide();
  auto* state = new QHBoxLayout;
  state->setSpacing(2);
  state->addWidget(saved_, 1);
  state->addWidget(takeOver_);
  buttons->addLayout(state);
  row->addLayout(buttons);
  connect(undo_, &QPushButton::clicked, model_.undoStack(), &QUndoStack::undo);
  connect(redo_, &QPushButton::clicked, model_.undoStack(), &QUndoStack::redo);
  connect(theme, &QPushButton::clicked, this, &JobStrip::themeWanted);
  connect(jobs, &QPushButton::clicked, this,
          [this, jobs] { emit jobsMenuWanted(jobs->mapToGlobal(QPoint(0, jobs->height()))); });
  connect(takeOver_, &QPushButton::clicked, &model_, [this] { model_.files().takeOver(); });
  connect(&model_, &JobModel::changed, this, &JobStrip::refresh);
  connect(&model_, &JobModel::assessed, this, &JobStrip::refresh);
  connect(&model_, &JobModel::stateChanged, this, &JobStrip::refresh);
  connect(&model_, &JobModel::selectionChanged, this, [this] {
    for (auto* chip : chipButtons_) {
      chip->update();
    }
  });
  connect(model_.undoStack(), &QUndoStack::indexChanged, this, &JobStrip::refresh);
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, [this] { refresh(); });
  refresh();
}

void JobStrip::refresh() {
  const auto& job = model_.job();
  title_->setText(QString::fromStdString(job.title.empty() ? "Job without a title" : job.title));
  QString about =
      QString::fromStdString(job.complaint.text.empty() ? job.vehicle : job.complaint.text);
  complaint_->setText(about.isEmpty() ? tr("Say at Intake what the complaint is.") : about);
  complaint_->setToolTip(about);
  undo_->setEnabled(model_.undoStack()->canUndo());
  redo_->setEnabled(model_.undoStack()->canRedo());
  undo_->setToolTip(tr("Undo %1 (Ctrl+Z)").arg(model_.undoStack()->undoText()));
  redo_->setToolTip(tr("Redo %1 (Ctrl+Shift+Z)").arg(model_.undoStack()->redoText()));
  const QString file =
      model_.path().isEmpty() ? tr("not saved as a file yet") : QFileInfo(model_.path()).fileName();
  const bool trouble = !model_.trouble().isEmpty();
  saved_->setText(trouble                   ? tr("NOT KEPT on disk")
                  : model_.isReadOnly()     ? tr("read only: open elsewhere")
                  : model_.isTrial()        ? tr("a trial: kept nowhere")
                  : !others_.isEmpty()      ? tr("also open on %1").arg(others_)
                  : !model_.isKept()        ? tr("keeping ...")
                  : model_.path().isEmpty() ? tr("kept here; no file yet")
                  : model_.isUnsaved()      ? tr("kept; Ctrl+S saves %1").arg(file)
                                            : tr("saved in %1").arg(file));
  saved_->setToolTip(trouble || others_.isEmpty()
                         ? model_.trouble()
                         : tr("%1 has this job open since %2").arg(others_, since_));
  saved_->setProperty("bad", trouble || model_.isReadOnly() || model_.isTrial());
  saved_->style()->unpolish(saved_);
  saved_->style()->polish(saved_);
  takeOver_->setVisible(model_.isReadOnly());
  // Where there is no room for it, only what is wrong is said.
  saved_->setVisible(!compact_ || trouble || model_.isReadOnly() || model_.isTrial() ||
                     !others_.isEmpty());
  rebuildChips();
}

void JobStrip::setOthers(const QString& who, const QString& since) {
  if (who != others_ || since != since_) {
    others_ = who;
    since_ = since;
    refresh();
  }
}

void JobStrip::setCompact(bool compact) {
  if (compact == compact_) {
    return;
  }
  compact_ = compact;
  setFixedHeight(compact ? kLow : kHigh);
  complaint_->setVisible(!compact);
  placeChips();
  refresh();
}

// As the wheels stand on the vehicle, or all in a row.
void JobStrip::placeChips() {
  for (auto* chip : chipButtons_) {
    chips_->removeWidget(chip);
  }
  int free = 0;
  for (int i = 0; i < chipButtons_.size(); ++i) {
    const auto& circuit = model_.job().circuits[static_cast<std::size_t>(i)];
    const auto corner = circuit::cornerOf(circuit);
    int row = corner ? corner->row : free % 2;
    int column = corner ? corner->column : 3 + free / 2;
    if (compact_) {
      row = 0;
      column = i;
    } else if (!corner || chips_->itemAtPosition(row, column)) {
      row = free % 2;
      column = 3 + free / 2;
      ++free;
    }
    chips_->addWidget(chipButtons_[i], row, column);
  }
}

void JobStrip::rebuildChips() {
  QStringList names;
  for (const auto& circuit : model_.job().circuits) {
    names << QString::fromStdString(circuit.name);
  }
  QStringList shown;
  for (auto* chip : chipButtons_) {
    shown << chip->text();
  }
  if (names != shown) {
    qDeleteAll(chipButtons_);
    chipButtons_.clear();
    for (const auto& circuit : model_.job().circuits) {
      auto* chip = new CircuitChip(model_, QString::fromStdString(circuit.name), this);
      connect(chip, &QAbstractButton::clicked, this,
              [this, chip] { model_.choose().circuit(chip->text()); });
      connect(chip, &CircuitChip::captureDropped, this, &JobStrip::captureDropped);
      chipButtons_ << chip;
    }
    placeChips();
  }
  for (auto* chip : chipButtons_) {
    const auto* circuit = model_.job().find(chip->text().toStdString());
    chip->setToolTip(circuit ? QString::fromStdString(circuit->location) +
                                   tr(": click to see its line, drop a capture on it")
                             : QString());
    chip->update();
  }
}

}  // namespace haybale::app
