// The fields of the page on which a practice case is written.
#include <QComboBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QSpinBox>
#include <QVBoxLayout>

#include "app/practice/editor_page.h"
#include "app/practice/mark_boxes.h"
#include "app/practice/truth_row.h"
#include "app/style/labels.h"

namespace haybale::app {

QWidget* EditorPage::vehicleBox() {
  auto* box = new QWidget(this);
  auto* form = new QFormLayout(box);
  form->setContentsMargins(0, 0, 0, 0);
  const auto combo = [&](const char* name, const QString& label) {
    auto* out = new QComboBox(box);
    out->setObjectName(QLatin1String(name));
    out->setAccessibleName(label);
    form->addRow(label, out);
    return out;
  };
  form->addRow(partHead(tr("1. The vehicle"), box));
  vehicle_ = combo("editor.vehicle", tr("taken from"));
  kind_ = combo("editor.kind", tr("sensors"));
  for (std::size_t i = 1; i < circuit::kSensorKindNames.size(); ++i) {
    kind_->addItem(q(sayName(circuit::kSensorKindNames[i])), static_cast<int>(i));
  }
  suspect_ = combo("editor.suspect", tr("circuit in question"));
  complaint_ = new QPlainTextEdit(box);
  complaint_->setObjectName(QStringLiteral("editor.complaint"));
  complaint_->setAccessibleName(tr("What the driver says"));
  complaint_->setTabChangesFocus(true);
  complaint_->setFixedHeight(58);
  complaint_->setPlaceholderText(tr("The lamp came on after ..."));
  form->addRow(tr("the driver says"), complaint_);
  auto* grid = new QGridLayout;
  when_ = marks(grid, job::kWhenNames, "editor.when.", 4, box);
  form->addRow(tr("it shows"), grid);
  auto* tools = new QGridLayout;
  tools_ = marks(tools, job::kToolNames, "editor.tool.", 3, box);
  form->addRow(tr("tools"), tools);
  auto* allowed = new QGridLayout;
  allowed_ = marks(allowed, job::kAllowedNames, "editor.allow.", 4, box);
  form->addRow(tr("allowed"), allowed);
  connect(vehicle_, &QComboBox::activated, this, &EditorPage::takeVehicle);
  connect(kind_, &QComboBox::activated, this, &EditorPage::changed);
  connect(suspect_, &QComboBox::activated, this, &EditorPage::changed);
  connect(complaint_, &QPlainTextEdit::textChanged, this, &EditorPage::changed);
  for (const auto* list : {&when_, &tools_, &allowed_}) {
    for (auto* each : *list) {
      connect(each, &QCheckBox::toggled, this, &EditorPage::changed);
    }
  }
  return box;
}

QWidget* EditorPage::truthBox() {
  auto* box = new QWidget(this);
  auto* rows = new QVBoxLayout(box);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->addWidget(partHead(tr("2. What is wrong with it (told at the end only)"), box));
  first_ = new TruthRow("editor.first", tr("What is wrong"), false, box);
  second_ = new TruthRow("editor.second", tr("What hides behind it"), true, box);
  rows->addWidget(first_);
  rows->addWidget(textLabel(box, "faint", tr("and behind it, found when the first is mended:")));
  rows->addWidget(second_);
  auto* slips = new QHBoxLayout;
  slip_ = new QSpinBox(box);
  slip_->setObjectName(QStringLiteral("editor.slip"));
  slip_->setAccessibleName(tr("Readings that are taken wrong, in per cent"));
  slip_->setButtonSymbols(QAbstractSpinBox::NoButtons);
  slip_->setRange(0, 50);
  slip_->setSuffix(QStringLiteral(" %"));
  slips->addWidget(new QLabel(tr("readings that are taken wrong"), box));
  slips->addWidget(slip_);
  dries_ = new QCheckBox(tr("a wet plug dries when it is unplugged"), box);
  dries_->setObjectName(QStringLiteral("editor.dries"));
  slips->addStretch();
  rows->addLayout(slips);
  rows->addWidget(dries_);
  connect(first_, &TruthRow::changed, this, &EditorPage::changed);
  connect(second_, &TruthRow::changed, this, &EditorPage::changed);
  connect(slip_, &QSpinBox::valueChanged, this, &EditorPage::changed);
  connect(dries_, &QCheckBox::toggled, this, &EditorPage::changed);
  return box;
}

QWidget* EditorPage::aboutBox() {
  auto* box = new QWidget(this);
  auto* form = new QFormLayout(box);
  form->setContentsMargins(0, 0, 0, 0);
  form->addRow(partHead(tr("3. For the shelf, and for afterwards"), box));
  const auto line = [&](const char* name, const QString& label, const QString& example) {
    auto* out = new QLineEdit(box);
    out->setObjectName(QLatin1String(name));
    out->setAccessibleName(label);
    out->setPlaceholderText(example);
    form->addRow(label, out);
    connect(out, &QLineEdit::textEdited, this, &EditorPage::changed);
    return out;
  };
  title_ = line("editor.title", tr("title"), tr("Hay wagon with the blue tailboard"));
  level_ = new QSpinBox(box);
  level_->setObjectName(QStringLiteral("editor.level"));
  level_->setAccessibleName(tr("level"));
  level_->setButtonSymbols(QAbstractSpinBox::NoButtons);
  level_->setRange(1, 5);
  form->addRow(tr("level"), level_);
  skill_ = new QComboBox(box);
  skill_->setObjectName(QStringLiteral("editor.skill"));
  skill_->setAccessibleName(tr("skill"));
  for (const auto skill : practice::kSkills) {
    skill_->addItem(q(sayName(skill)), q(std::string(skill)));
  }
  form->addRow(tr("skill"), skill_);
  lesson_ = line("editor.lesson", tr("what it teaches"), tr("Broken where it bends"));
  debrief_ = line("editor.debrief", tr("to remember"),
                  tr("The wire parts where it moves: the last half metre before the wheel."));
  connect(level_, &QSpinBox::valueChanged, this, &EditorPage::changed);
  connect(skill_, &QComboBox::activated, this, &EditorPage::changed);
  return box;
}

}  // namespace haybale::app
