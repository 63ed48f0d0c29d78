#include "app/line/line_view.h"

#include <QAction>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/line/evidence_list.h"
#include "app/line/function_row.h"
#include "app/line/line_editor.h"
#include "app/line/meter_dialog.h"
#include "app/line/meter_strip.h"
#include "app/line/usual_lines.h"
#include "app/model/known_meters.h"
#include "app/parts/dialogs.h"
#include "app/parts/drag_out.h"
#include "app/style/pages.h"
#include "app/style/words.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/job/line_edit.h"
#include "render/scene_file.h"

namespace haybale::app {

LineView::LineView(JobModel& model, QWidget* parent)
    : QWidget(parent),
      model_(model),
      board_(new BoardWidget(model, this)),
      upper_(new Pages(this)),
      lower_(new QStackedWidget(this)) {
  setObjectName(QStringLiteral("page"));
  setAttribute(Qt::WA_StyledBackground);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 6, 16, 8);
  column->setSpacing(5);
  column->addWidget(headRow());
  upper_->addWidget(board_);
  upper_->addWidget(new EvidenceList(model_, this));
  column->addWidget(upper_, 1);
  lower_->addWidget(readingPage());
  editor_ = new LineEditor(model_, this);
  lower_->addWidget(editor_);
  lower_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
  column->addWidget(lower_);
  connect(board_, &BoardWidget::captureDropped, this, &LineView::captureDropped);
  connect(board_, &BoardWidget::editorKey, editor_, &LineEditor::boardKey);
  connect(editor_, &LineEditor::boardWanted, this, [this] { board_->setFocus(); });
  connect(board_, &BoardWidget::typed, this, [this](const QString& text) {
    box_->focusEntry();
    if (auto* edit = box_->findChild<QLineEdit*>()) {
      edit->insert(text);
    }
  });
  connect(&model_, &JobModel::changed, this, &LineView::refresh);
  connect(&model_, &JobModel::assessed, this, &LineView::refresh);
  connect(&model_, &JobModel::selectionChanged, this, &LineView::refresh);
  refresh();
}

QWidget* LineView::headRow() {
  auto* row = new QWidget(this);
  auto* layout = new QHBoxLayout(row);
  layout->setContentsMargins(0, 0, 0, 0);
  circuitName_ = new QLabel(row);
  circuitName_->setProperty("sub", true);
  circuitName_->setWordWrap(true);
  circuitName_->setObjectName(QStringLiteral("line.circuit"));
  list_ = new QPushButton(row);
  list_->setObjectName(QStringLiteral("line.list"));
  list_->setToolTip(tr("Every reading in one list (Ctrl+R)"));
  edit_ = new QPushButton(tr("Edit the line"), row);
  edit_->setObjectName(QStringLiteral("line.edit"));
  edit_->setToolTip(tr("Connectors, splices, lengths, zones (Ctrl+E)"));
  usual_ = new QPushButton(tr("Usual lines"), row);
  usual_->setObjectName(QStringLiteral("line.usual"));
  usual_->setToolTip(tr("Begin with a line as vehicles have it, chosen by its picture"));
  usual_->setProperty("key", true);
  connect(usual_, &QPushButton::clicked, this, [this] { chooseUsual(model_, this); });
  picture_ = new QPushButton(tr("Picture"), row);
  picture_->setObjectName(QStringLiteral("line.picture"));
  picture_->setToolTip(tr("The line as a picture, SVG or PNG; may be dragged out"));
  picture_->setProperty("key", true);
  connect(picture_, &QPushButton::clicked, this, &LineView::savePicture);
  new DragOut(picture_, [this](const QString& folder) {
    const QString file = folder + QStringLiteral("/line.png");
    return render::writePicture(board_->scene(), file) ? file : QString();
  });
  layout->addWidget(circuitName_, 1);
  layout->addWidget(usual_);
  layout->addWidget(picture_);
  for (QPushButton* button : {list_, edit_}) {
    button->setCheckable(true);
    button->setProperty("key", true);
    layout->addWidget(button);
  }
  connect(list_, &QPushButton::clicked, this, [this](bool on) {
    model_.choose().editing(false);
    upper_->setCurrentIndex(on ? 1 : 0);
    refresh();
  });
  connect(edit_, &QPushButton::clicked, this, [this](bool on) {
    upper_->setCurrentIndex(0);
    model_.choose().editing(on);
    board_->setFocus();
  });
  addKey(list_, QStringLiteral("Ctrl+R"));
  addKey(edit_, QStringLiteral("Ctrl+E"));
  return row;
}

// A button's own shortcut would go with its text, and press it only after a while.
void LineView::addKey(QPushButton* button, const QString& keys) {
  auto* action = new QAction(this);
  action->setShortcut(QKeySequence(keys));
  action->setShortcutContext(Qt::WidgetWithChildrenShortcut);
  connect(action, &QAction::triggered, button, &QPushButton::click);
  addAction(action);
}

QWidget* LineView::readingPage() {
  auto* page = new QWidget(this);
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  auto* strip = new MeterStrip(model_, page);
  meterStrip_ = strip;
  connect(strip, &MeterStrip::liveWanted, this, &LineView::liveWanted);
  connect(strip, &MeterStrip::meterWanted, this, &LineView::chooseMeter);
  column->addWidget(strip);
  column->addWidget(new FunctionRow(model_, page));
  box_ = new ReadingBox(
      model_, QStringLiteral("line"), [this] { return model_.selection().test; }, page);
  box_->setPlaceholder(tr("a value, or a whole line: C2 a gnd 4.98V key on unplugged"));
  column->addWidget(box_);
  return page;
}

void LineView::savePicture() {
  const QString path = dialogs().saveFile(this, tr("Save the picture"), QStringLiteral("line.svg"),
                                          QStringLiteral("SVG (*.svg);;PNG (*.png)"));
  if (path.isEmpty()) {
    return;
  }
  const auto status = render::writePicture(board_->scene(), path);
  emit said(status ? tr("Saved in %1.").arg(path) : q(status.error().sentence()), !status);
}

void LineView::setLive(bool live) {
  meterStrip_->setLive(live);
}

void LineView::focusEntry() {
  model_.choose().editing(false);
  box_->focusEntry();
}

void LineView::chooseMeter() {
  MeterDialog dialog(model_.job().meter, this);
  if (dialog.exec() != QDialog::Accepted) {
    return;
  }
  model_.change(tr("meter"), [&](job::Case& c) { c.meter = dialog.meter(); });
  const auto& generic = circuit::genericMeters();
  const bool own = std::none_of(generic.begin(), generic.end(), [&](const auto& m) {
    return circuit::toJson(m) == circuit::toJson(dialog.meter());
  });
  if (own) {
    if (const auto kept = keepMeter(dialog.meter()); !kept) {
      emit model_.said(q(kept.error().sentence()), true);
    }
  }
}

void LineView::refresh() {
  const auto* circuit = model_.selectedCircuit();
  const bool suspect = circuit && circuit->name == model_.job().suspect;
  const bool editing = model_.selection().editing;
  circuitName_->setText(
      !circuit
          ? tr("No circuit")
          : q(circuit->location.empty() ? circuit->name
                                        : sayName(circuit->location) + " (" + circuit->name + ")") +
                (suspect ? tr(", the circuit in question") : tr(", for comparison")));
  edit_->setChecked(editing);
  list_->setChecked(upper_->currentIndex() == 1);
  usual_->setVisible(circuit && !editing && job::isUntouched(model_.job(), circuit->name));
  list_->setText(tr("Readings, %1").arg(model_.job().evidence.size()));
  lower_->setCurrentIndex(editing ? 1 : 0);
  box_->refreshEcho();
}

}  // namespace haybale::app
