#include "app/close/repair_page.h"

#include <fmt/format.h>

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/intake/mark_box.h"
#include "app/style/form.h"
#include "app/style/labels.h"
#include "core/base/say.h"
#include "core/plan/options.h"
#include "core/verdict/repair_plan.h"

namespace haybale::app {

namespace {

std::vector<std::string>& doneOf(job::Case& c) {
  return c.repair.done;
}
std::vector<std::string>& sealedOf(job::Case& c) {
  return c.repair.sealed;
}

TextField noteField(const std::string& step) {
  return {QStringLiteral("repair.note.") + q(step), QObject::tr("note of the repair"),
          [step](const job::Case& c) {
            const auto it = c.repair.notes.find(step);
            return it == c.repair.notes.end() ? std::string() : it->second;
          },
          [step](job::Case& c, const std::string& text) -> Status {
            if (text.empty()) {
              c.repair.notes.erase(step);
            } else {
              c.repair.notes[step] = text;
            }
            return Done{};
          }};
}

}  // namespace

RepairPage::RepairPage(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  headline_ = textLabel(this, "head");
  headline_->setObjectName(QStringLiteral("repair.headline"));
  column->addWidget(headline_);
  open_ =
      textLabel(this, "caution",
                tr("Not isolated yet: measuring on may be cheaper than this repair. The odds stand "
                   "below."));
  open_->setObjectName(QStringLiteral("repair.open"));
  column->addWidget(open_);
  column->addWidget(textLabel(this, "sub", tr("The owner decides")));
  options_ = new QVBoxLayout;
  options_->setSpacing(4);
  column->addLayout(options_);
  auto* top = new QHBoxLayout;
  top->addWidget(textLabel(this, "sub", tr("The work, step by step")), 1);
  top->addWidget(new QLabel(tr("The shop joins wires by"), this));
  school_ = new QComboBox(this);
  school_->setObjectName(QStringLiteral("repair.school"));
  school_->addItems({tr("sealed crimp"), tr("solder and shrink")});
  connect(school_, &QComboBox::activated, this, [this](int index) {
    model_.change(tr("way of joining wires"), [index](job::Case& c) {
      c.repair.school = std::string(job::kSpliceSchools[static_cast<std::size_t>(index)]);
    });
  });
  top->addWidget(school_);
  column->addLayout(top);
  auto* area = new QScrollArea(this);
  area->setFrameShape(QFrame::NoFrame);
  area->setWidgetResizable(true);
  auto* sheet = new QWidget(area);
  auto* inside = new QVBoxLayout(sheet);
  inside->setContentsMargins(0, 0, 8, 0);
  steps_ = new QVBoxLayout;
  steps_->setSpacing(8);
  inside->addLayout(steps_);
  inside->addSpacing(6);
  holes_ = new QVBoxLayout;
  inside->addLayout(holes_);
  inside->addStretch();
  area->setWidget(sheet);
  column->addWidget(area, 1);
  column->addWidget(
      textLabel(this, "faint",
                tr("Common practice; the maker's procedure, local rules and a licensed "
                   "technician's judgement come first.")));
  for (const auto news : {&JobModel::changed, &JobModel::assessed}) {
    connect(&model_, news, this, [this] {
      if (isVisible()) {
        refresh();
      }
    });
  }
}

void RepairPage::showEvent(QShowEvent*) {
  refresh();
}

// Rows are made anew only when the work is another; ticks and notes follow by themselves.
void RepairPage::refresh() {
  const auto& c = model_.job();
  const auto suspect = diagnosis::toRepair(model_.job(), model_.assessment().conclusion);
  const auto* circuit = c.suspectCircuit();
  headline_->setText(circuit ? q(sayf("Repair on {}: {} ({:.0f} %)", circuit->name,
                                      diagnosis::spoken(suspect, *circuit), 100 * suspect.share))
                             : tr("No circuit is in question"));
  open_->setVisible(model_.assessment().conclusion.state != diagnosis::State::isolated);
  const QSignalBlocker quiet(school_);
  school_->setCurrentIndex(c.repair.school == job::kSpliceSchools[1] ? 1 : 0);
  QString key = headline_->text() + q(c.repair.school) + q(c.repair.decision) + q(c.repair.fault);
  for (const auto& option : model_.assessment().options) {
    key += q(option.text);
  }
  for (const auto& hole : diagnosis::piercedHoles(c)) {
    key += q(hole.key);
  }
  if (key == shown_) {
    return;
  }
  shown_ = key;
  addOptions();
  addSteps();
  addHoles();
}

void RepairPage::addOptions() {
  empty(*options_);
  int index = 0;
  for (const auto& option : model_.assessment().options) {
    auto* button = new QPushButton(this);
    button->setObjectName(QStringLiteral("repair.option%1").arg(index++));
    button->setCheckable(true);
    button->setChecked(diagnosis::isDecided(model_.job(), option));
    button->setText(button->fontMetrics().elidedText(q(option.text), Qt::ElideRight, 800));
    button->setToolTip(q(option.text));
    button->setStyleSheet(QStringLiteral("text-align: left;"));
    connect(button, &QPushButton::clicked, this, [this, option](bool on) {
      model_.change(tr("what the owner decided"), [&](job::Case& c) {
        if (on) {
          diagnosis::decide(c.repair, option);
        } else {
          c.repair.decision = c.repair.element = c.repair.fault = std::string();
        }
      });
    });
    options_->addWidget(button);
  }
}

void RepairPage::addSteps() {
  empty(*steps_);
  const auto suspect = diagnosis::toRepair(model_.job(), model_.assessment().conclusion);
  for (const auto& step : diagnosis::repairSteps(model_.job(), suspect)) {
    auto* row = new QWidget(this);
    auto* grid = new QGridLayout(row);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(3);
    auto* tick = markBox(model_, step.id, doneOf, tr("step of the repair"),
                         QStringLiteral("repair.done.") + q(step.id), row);
    tick->setText({});
    grid->addWidget(tick, 0, 0, Qt::AlignTop);
    grid->addWidget(textLabel(row, nullptr, q(step.text)), 0, 1);
    if (!step.note.empty()) {
      auto* note = new QLineEdit(row);
      note->setProperty("tight", true);
      note->setFixedWidth(170);
      note->setPlaceholderText(q(step.note));
      bind(note, model_, noteField(step.id));
      grid->addWidget(note, 0, 2, Qt::AlignTop);
    }
    if (!step.caution.empty()) {
      grid->addWidget(textLabel(row, "caution", q(step.caution)), 1, 1, 1, 2);
    }
    grid->setColumnStretch(1, 1);
    steps_->addWidget(row);
  }
}

void RepairPage::addHoles() {
  empty(*holes_);
  const auto holes = diagnosis::piercedHoles(model_.job());
  if (holes.empty()) {
    return;
  }
  holes_->addWidget(textLabel(
      this, "sub", tr("Holes that were pierced: each sealed, or it is the next green crust")));
  for (const auto& hole : holes) {
    auto* tick = markBox(model_, hole.key, sealedOf, tr("hole sealed"),
                         QStringLiteral("repair.sealed.") + q(hole.key), this);
    tick->setText(q(hole.text));
    holes_->addWidget(tick);
  }
}

}  // namespace haybale::app
