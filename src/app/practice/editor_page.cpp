#include "app/practice/editor_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QGridLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSpinBox>
#include <QTimer>
#include <QVBoxLayout>

#include "app/model/autosave.h"
#include "app/model/put_aside.h"
#include "app/parts/dialogs.h"
#include "app/practice/mark_boxes.h"
#include "app/practice/truth_row.h"
#include "app/style/labels.h"
#include "app/style/scene_widget.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/job/line_edit.h"
#include "core/practice/truth_words.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

constexpr std::size_t kMostUndo = 200;

std::string draftFile() {
  return stateFolder().toStdString() + "/practice-draft.json";
}

// Nothing of what was read or is hidden: a vehicle to begin with.
job::Case bare(const job::Case& c) {
  job::Case out = job::newCase();
  out.vehicle = c.vehicle;
  out.tyre = c.tyre;
  out.circumferenceM = c.circumferenceM;
  out.circuits = c.circuits;
  out.suspect = c.suspect;
  out.ownSupplyPlug = c.ownSupplyPlug;
  out.toolbox = c.toolbox;
  out.allowed = c.allowed;
  out.costs = c.costs;
  out.limits = c.limits;
  return out;
}

job::Case onLine(const job::TypicalLine& line) {
  job::Case out = job::newCase();
  out.tyre = "205/55R16";
  for (auto& circuit : out.circuits) {
    circuit.path = line.path;
    circuit.sensor.kind = circuit::SensorKind::passive;
    circuit.sensor.teeth = 48;
  }
  return out;
}

}  // namespace

EditorPage::EditorPage(QWidget* parent) : QWidget(parent) {
  auto* all = new QWidget(this);
  auto* scroll = new QScrollArea(this);
  scroll->setWidget(all);
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  auto* whole = new QVBoxLayout(this);
  whole->setContentsMargins(0, 0, 0, 0);
  whole->addWidget(scroll);
  auto* columns = new QHBoxLayout(all);
  columns->setContentsMargins(20, 14, 20, 16);
  columns->setSpacing(20);
  auto* form = new QWidget(all);
  auto* fields = new QVBoxLayout(form);
  fields->setContentsMargins(0, 0, 8, 0);
  fields->setSpacing(10);
  fields->addWidget(textLabel(form, "head", tr("Write a case")));
  fields->addWidget(vehicleBox());
  fields->addWidget(truthBox());
  fields->addStretch();
  columns->addWidget(form, 1);

  auto* right = new QVBoxLayout;
  right->setSpacing(10);
  board_ = new SceneWidget(this);
  board_->setAccessibleName(tr("The line of the circuit in question"));
  board_->setMaker([this](double width, double) {
    const auto* circuit = draft_.shown.suspectCircuit();
    return circuit ? picture::lineAlone(*circuit, width, render::measure()) : picture::Scene{};
  });
  board_->setFixedHeight(static_cast<int>(picture::kLineAloneH));
  right->addWidget(board_);
  state_ = textLabel(this, "caution", {}, QStringLiteral("editor.state"));
  right->addWidget(state_);
  right->addWidget(aboutBox());
  right->addWidget(textLabel(
      this, "faint",
      tr("A case teaches one thing. The title and the complaint must not tell the fault; what the "
         "driver says fits what is hidden. Try it before a class does.")));
  right->addStretch();
  const auto button = [&](const QString& text, const char* name) {
    auto* out = new QPushButton(text, this);
    out->setObjectName(QLatin1String(name));
    return out;
  };
  try_ = button(tr("Try it"), "editor.try");
  save_ = button(tr("Save the case..."), "editor.save");
  save_->setProperty("main", true);
  save_->setMinimumHeight(44);
  undo_ = button(tr("Undo"), "editor.undo");
  auto* opened = button(tr("Open a case to change..."), "editor.open");
  auto* thrown = button(tr("Begin anew"), "editor.new");
  auto* back = button(tr("Back to the vehicles"), "editor.back");
  right->addWidget(save_);
  auto* pair = new QGridLayout;
  pair->addWidget(try_, 0, 0);
  pair->addWidget(undo_, 0, 1);
  pair->addWidget(opened, 1, 0);
  pair->addWidget(thrown, 1, 1);
  right->addLayout(pair);
  right->addWidget(back);
  columns->addLayout(right, 1);

  keeper_ = new QTimer(this);
  keeper_->setSingleShot(true);
  keeper_->setInterval(400);
  connect(keeper_, &QTimer::timeout, this, &EditorPage::keepDraft);
  connect(try_, &QPushButton::clicked, this, [this] {
    keepDraft();
    if (const auto p = practice::checked(draft_)) {
      emit tryWanted(*p);
    }
  });
  connect(save_, &QPushButton::clicked, this, &EditorPage::save);
  connect(undo_, &QPushButton::clicked, this, &EditorPage::undo);
  connect(opened, &QPushButton::clicked, this, &EditorPage::open);
  connect(thrown, &QPushButton::clicked, this, &EditorPage::throwAway);
  connect(back, &QPushButton::clicked, this, [this] {
    keepDraft();
    emit left();
  });
}

EditorPage::~EditorPage() {
  if (keeper_->isActive()) {
    keepDraft();
  }
}

void EditorPage::begin(const practice::PracticeCase& from, const job::Case& open) {
  open_ = bare(open);
  from_ = bare(from.shown);
  filling_ = true;
  vehicle_->clear();
  vehicle_->addItem(tr("as it stands here"));
  vehicle_->addItem(tr("%1 (chosen on the shelf)").arg(q(from.title)));
  vehicle_->addItem(open_.vehicle.empty() ? tr("the job that is open")
                                          : tr("%1 (the job that is open)").arg(q(open_.vehicle)));
  for (const auto& line : job::typicalLines()) {
    vehicle_->addItem(tr("four wheels: %1").arg(q(line.name)));
  }
  filling_ = false;
  before_.clear();
  if (QFile::exists(q(draftFile()))) {
    if (const auto draft = practice::openPractice(draftFile())) {
      show(*draft);
      return;
    }
    putAside(q(draftFile()));
    emit said(takePutAside().join(QLatin1Char(' ')), true);
  }
  practice::PracticeCase p;
  p.level = from.level;
  p.skill = from.skill;
  p.shown = from_;
  show(p);
}

void EditorPage::edit(const practice::PracticeCase& p) {
  before_.push_back(draft_);
  show(p);
  keeper_->start();
}

void EditorPage::show(const practice::PracticeCase& p) {
  filling_ = true;
  draft_ = p;
  const auto& c = p.shown;
  vehicle_->setCurrentIndex(0);
  title_->setText(q(p.title));
  level_->setValue(p.level);
  skill_->setCurrentIndex(std::max(0, skill_->findData(q(p.skill))));
  if (complaint_->toPlainText() != q(c.complaint.text)) {
    complaint_->setPlainText(q(c.complaint.text));
  }
  mark(when_, job::kWhenNames, c.complaint.when);
  mark(tools_, job::kToolNames, c.toolbox);
  mark(allowed_, job::kAllowedNames, c.allowed);
  lesson_->setText(q(p.lesson));
  debrief_->setText(q(p.debrief));
  slip_->setValue(qRound(100 * p.slip));
  dries_->setChecked(p.dries);
  fillCircuits();
  const auto choices = practice::choicesOf(c);
  first_->setChoices(choices);
  second_->setChoices(choices);
  const auto at = [&](std::size_t i) {
    return i < p.truth.size() ? std::optional(p.truth[i]) : std::nullopt;
  };
  first_->setTruth(at(0));
  second_->setTruth(at(1));
  filling_ = false;
  take();
  check();
}

void EditorPage::fillCircuits() {
  const auto* suspect = draft_.shown.suspectCircuit();
  suspect_->clear();
  for (const auto& circuit : draft_.shown.circuits) {
    suspect_->addItem(circuit.location.empty()
                          ? q(circuit.name)
                          : tr("%1, %2").arg(q(sayName(circuit.location)), q(circuit.name)),
                      q(circuit.name));
  }
  if (suspect) {
    suspect_->setCurrentIndex(std::max(0, suspect_->findData(q(suspect->name))));
    kind_->setCurrentIndex(std::max(0, kind_->findData(static_cast<int>(suspect->sensor.kind))));
  }
}

void EditorPage::take() {
  auto& c = draft_.shown;
  draft_.title = title_->text().trimmed().toStdString();
  draft_.level = level_->value();
  draft_.skill = skill_->currentData().toString().toStdString();
  draft_.lesson = lesson_->text().trimmed().toStdString();
  draft_.debrief = debrief_->text().trimmed().toStdString();
  draft_.slip = slip_->value() / 100.0;
  draft_.dries = dries_->isChecked();
  c.complaint.text = complaint_->toPlainText().trimmed().toStdString();
  c.complaint.when = marked(when_, job::kWhenNames);
  c.toolbox = marked(tools_, job::kToolNames);
  c.allowed = marked(allowed_, job::kAllowedNames);
  c.title = c.complaint.text;
  c.vehicle = draft_.title;
  c.suspect = suspect_->currentData().toString().toStdString();
  const auto* suspect = c.suspectCircuit();
  const auto kind = static_cast<circuit::SensorKind>(kind_->currentData().toInt());
  if (suspect && suspect->sensor.kind != kind) {
    const std::string group = circuit::groupOf(*suspect);
    for (auto& circuit : c.circuits) {
      if (circuit.name == c.suspect || circuit::groupOf(circuit) == group) {
        circuit.sensor.kind = kind;
      }
    }
  }
  draft_.truth.clear();
  for (const auto* row : {first_, second_}) {
    if (auto truth = row->truth()) {
      truth->circuit = c.suspect;
      draft_.truth.push_back(std::move(*truth));
    }
  }
}

// Whatever was changed: one step of undo, the faults this line can have, whether it can be played.
void EditorPage::changed() {
  if (filling_) {
    return;
  }
  const auto was = draft_;
  take();
  const std::string now = practice::practiceText(draft_);
  if (now == practice::practiceText(was)) {
    check();
    return;
  }
  before_.push_back(was);
  if (before_.size() > kMostUndo) {
    before_.erase(before_.begin());
  }
  if (was.shown.suspect != draft_.shown.suspect || !(was.shown.circuits == draft_.shown.circuits)) {
    filling_ = true;
    const auto choices = practice::choicesOf(draft_.shown);
    first_->setChoices(choices);
    second_->setChoices(choices);
    fillCircuits();
    filling_ = false;
    take();
  }
  check();
  keeper_->start();
}

void EditorPage::undo() {
  if (!before_.empty()) {
    const auto was = before_.back();
    before_.pop_back();
    show(was);
    keeper_->start();
  }
}

void EditorPage::takeVehicle(int row) {
  if (filling_ || row <= 0) {
    return;
  }
  auto next = draft_;
  const auto& lines = job::typicalLines();
  job::Case vehicle = row == 1   ? from_
                      : row == 2 ? open_
                                 : onLine(lines[static_cast<std::size_t>(row - 3)]);
  for (auto& circuit : vehicle.circuits) {
    // Somebody has to know what is fitted there.
    if (circuit.sensor.kind == circuit::SensorKind::unknown) {
      circuit.sensor.kind = circuit::SensorKind::passive;
    }
  }
  vehicle.complaint = draft_.shown.complaint;
  vehicle.toolbox = draft_.shown.toolbox;
  vehicle.allowed = draft_.shown.allowed;
  next.shown = std::move(vehicle);
  before_.push_back(draft_);
  show(next);
  keeper_->start();
}

void EditorPage::check() {
  const auto p = practice::checked(draft_);
  QString degree = first_->complaint();
  degree += degree.isEmpty() ? second_->complaint() : QString();
  const bool good = p.ok() && degree.isEmpty();
  state_->setText(good     ? tr("Can be played. Hidden: %1.").arg(q(practice::truthInWords(*p)))
                  : p.ok() ? degree
                           : tr("Not yet: %1").arg(q(p.error().sentence())));
  try_->setEnabled(good);
  save_->setEnabled(good);
  undo_->setEnabled(!before_.empty());
  board_->rebuild();
}

void EditorPage::keepDraft() {
  keeper_->stop();
  if (const auto kept = job::writeFileAtomically(draftFile(), practice::practiceText(draft_));
      !kept) {
    emit said(tr("The case could not be kept: %1").arg(q(kept.error().sentence())), true);
  }
}

void EditorPage::open() {
  const QString path = dialogs().openFile(this, tr("Open a practice case"),
                                          tr("Practice cases (*.json);;All files (*)"));
  if (path.isEmpty()) {
    return;
  }
  const auto p = practice::openPractice(path.toStdString());
  if (!p) {
    emit said(q(p.error().sentence()), true);
    return;
  }
  edit(*p);
}

void EditorPage::save() {
  const auto p = practice::checked(draft_);
  if (!p) {
    emit said(q(p.error().sentence()), true);
    return;
  }
  const QString path =
      dialogs().saveFile(this, tr("Save the case"), q(draft_.title) + QStringLiteral(".json"),
                         tr("Practice cases (*.json);;All files (*)"));
  if (path.isEmpty()) {
    return;
  }
  const auto status = job::writeFileAtomically(path.toStdString(), practice::practiceText(draft_));
  if (status) {
    keeper_->stop();
    QFile::remove(q(draftFile()));
  }
  emit said(status ? tr("Saved in %1.").arg(path) : q(status.error().sentence()), !status);
}

// Undo brings it back.
void EditorPage::throwAway() {
  practice::PracticeCase p;
  p.level = draft_.level;
  p.skill = draft_.skill;
  p.shown = from_;
  edit(p);
}

}  // namespace haybale::app
