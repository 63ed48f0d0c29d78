#include "app/line/line_view.h"

#include <QButtonGroup>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/theme.h"
#include "picture/line_board.h"

namespace haybale::app {

using circuit::Place;
using circuit::Probe;
using circuit::TestKind;
using circuit::WireId;

namespace {

enum Leads { kPair, kAToGround, kBToGround };

QString q(const std::string& text) {
  return QString::fromStdString(text);
}

QPushButton* toggle(const QString& text, const QString& name, const QString& tip, QWidget* parent) {
  auto* button = new QPushButton(text, parent);
  button->setCheckable(true);
  button->setObjectName(name);
  button->setToolTip(tip);
  button->setMinimumHeight(34);
  return button;
}

}  // namespace

LineView::LineView(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  setObjectName(QStringLiteral("page"));
  setAttribute(Qt::WA_StyledBackground);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 8, 16, 10);
  column->setSpacing(6);
  circuitName_ = new QLabel(this);
  circuitName_->setProperty("sub", true);
  circuitName_->setObjectName(QStringLiteral("line.circuit"));
  column->addWidget(circuitName_);
  board_ = new BoardWidget(model_, this);
  column->addWidget(board_, 1);
  column->addWidget(detailRow());
  column->addWidget(functionRow());
  box_ = new ReadingBox(
      model_, QStringLiteral("line"), [this] { return model_.selection().test; }, this);
  box_->setPlaceholder(
      tr("a value for the place chosen above, or a whole line: C2 a gnd 4.98V key on unplugged"));
  column->addWidget(box_);
  connect(board_, &BoardWidget::captureDropped, this, &LineView::captureDropped);
  connect(board_, &BoardWidget::typed, this, [this](const QString& text) {
    box_->focusEntry();
    if (auto* edit = box_->findChild<QLineEdit*>()) {
      edit->insert(text);
    }
  });
  connect(&model_, &JobModel::changed, this, &LineView::refresh);
  connect(&model_, &JobModel::selectionChanged, this, &LineView::refresh);
  refresh();
}

QWidget* LineView::detailRow() {
  auto* row = new QWidget(this);
  row->setFixedHeight(46);
  auto* layout = new QHBoxLayout(row);
  layout->setContentsMargins(0, 0, 0, 0);
  reason_ = new QLabel(row);
  reason_->setWordWrap(true);
  reason_->setTextFormat(Qt::PlainText);
  reason_->setObjectName(QStringLiteral("line.reason"));
  withdraw_ = new QPushButton(tr("Withdraw"), row);
  withdraw_->setObjectName(QStringLiteral("line.withdraw"));
  withdraw_->setToolTip(tr("Keep the reading, but do not count it"));
  remove_ = new QPushButton(tr("Remove"), row);
  remove_->setObjectName(QStringLiteral("line.remove"));
  remove_->setToolTip(tr("Take the reading out; Undo brings it back"));
  layout->addWidget(reason_, 1);
  layout->addWidget(withdraw_);
  layout->addWidget(remove_);
  connect(withdraw_, &QPushButton::clicked, this, [this] {
    const auto* e = model_.job().evidenceById(model_.selection().evidence.toStdString());
    if (e) {
      model_.setWithdrawn(model_.selection().evidence, !e->withdrawn);
    }
  });
  connect(remove_, &QPushButton::clicked, this,
          [this] { model_.removeEvidence(model_.selection().evidence); });
  return row;
}

QWidget* LineView::functionRow() {
  auto* row = new QWidget(this);
  auto* layout = new QHBoxLayout(row);
  layout->setContentsMargins(0, 0, 0, 0);
  layout->setSpacing(6);
  functions_ = new QButtonGroup(row);
  const struct {
    TestKind kind;
    QString text;
    QString name;
  } kinds[] = {{TestKind::resistance, tr("ohms"), QStringLiteral("line.ohms")},
               {TestKind::dcVoltage, tr("volts DC"), QStringLiteral("line.volts")},
               {TestKind::acVoltage, tr("volts AC"), QStringLiteral("line.ac")}};
  for (const auto& k : kinds) {
    auto* button = toggle(k.text, k.name, tr("What the meter is set to"), row);
    functions_->addButton(button, static_cast<int>(k.kind));
    layout->addWidget(button);
  }
  layout->addSpacing(10);
  leads_ = new QButtonGroup(row);
  const std::pair<Leads, QString> leads[] = {
      {kPair, tr("a to b")}, {kAToGround, tr("a to ground")}, {kBToGround, tr("b to ground")}};
  for (const auto& [id, text] : leads) {
    auto* button =
        toggle(text, QStringLiteral("line.leads%1").arg(id), tr("Where the leads are"), row);
    leads_->addButton(button, id);
    layout->addWidget(button);
  }
  layout->addSpacing(10);
  key_ = toggle(QString(), QStringLiteral("line.key"), tr("Ignition key"), row);
  plugged_ = toggle(QString(), QStringLiteral("line.plugged"),
                    tr("Whether the connector at this place is apart"), row);
  layout->addWidget(key_);
  layout->addWidget(plugged_);
  layout->addStretch();
  connect(functions_, &QButtonGroup::idClicked, this,
          [this](int id) { model_.selectKind(static_cast<TestKind>(id)); });
  connect(leads_, &QButtonGroup::idClicked, this, &LineView::setLeads);
  connect(key_, &QPushButton::clicked, this, [this](bool on) {
    auto test = model_.selection().test;
    test.state.key = on ? circuit::Key::on : circuit::Key::off;
    model_.selectTest(test);
  });
  connect(plugged_, &QPushButton::clicked, this, [this](bool apart) {
    auto test = model_.selection().test;
    const std::string id = test.red ? job::unplugsAt(test.red->place) : std::string();
    test.state.unplugged =
        apart && !id.empty() ? std::vector<std::string>{id} : std::vector<std::string>{};
    model_.selectTest(test);
  });
  return row;
}

void LineView::setLeads(int id) {
  auto test = model_.selection().test;
  if (!test.red) {
    return;
  }
  test.red->wire = id == kBToGround ? WireId::b : WireId::a;
  test.black = id == kPair ? Probe{test.red->place, WireId::b}
                           : Probe{{Place::Kind::ground, ""}, std::nullopt};
  model_.selectTest(test);
}

void LineView::refresh() {
  const auto& selection = model_.selection();
  const auto* circuit = model_.selectedCircuit();
  const bool suspect = circuit && circuit->name == model_.job().suspect;
  circuitName_->setText(
      !circuit ? tr("No circuit")
               : q(circuit->location.empty() ? circuit->name
                                             : circuit->location + " (" + circuit->name + ")") +
                     (suspect ? tr(", the circuit in question") : tr(", for comparison")));

  const auto* view = model_.assessment().view(selection.evidence.toStdString());
  const auto* evidence = model_.job().evidenceById(selection.evidence.toStdString());
  withdraw_->setVisible(view != nullptr);
  remove_->setVisible(view != nullptr);
  if (view && evidence) {
    QString text = q(picture::verdictWord(view->verdict)) + QStringLiteral(": ") + q(view->reason);
    for (const auto& trap : view->traps) {
      text += QLatin1Char(' ') + q(trap.text);
    }
    reason_->setText(evidence->withdrawn ? tr("Withdrawn, kept: ") + text : text);
    reason_->setStyleSheet(QStringLiteral("color: %1; font-weight: bold;")
                               .arg(css(picture::verdictRole(view->verdict))));
    withdraw_->setText(evidence->withdrawn ? tr("Count again") : tr("Withdraw"));
  } else {
    const auto& test = selection.test;
    reason_->setText(test.red ? tr("Next reading: %1.").arg(q(spoken(test)))
                              : tr("Click a place on the line."));
    reason_->setStyleSheet(QString());
  }

  const auto& test = selection.test;
  if (auto* button = functions_->button(static_cast<int>(test.kind))) {
    button->setChecked(true);
  }
  const bool ground = !test.black || test.black->place.kind == Place::Kind::ground;
  const int leads = !ground                                   ? kPair
                    : test.red && test.red->wire == WireId::b ? kBToGround
                                                              : kAToGround;
  leads_->button(leads)->setChecked(true);
  const bool on = test.state.key == circuit::Key::on;
  key_->setChecked(on);
  key_->setText(on ? tr("key on") : tr("key off"));
  const std::string apart = test.red ? job::unplugsAt(test.red->place) : std::string();
  plugged_->setEnabled(!apart.empty());
  plugged_->setChecked(!apart.empty() && test.state.isUnplugged(apart));
  plugged_->setText(apart.empty()           ? tr("cannot be unplugged here")
                    : plugged_->isChecked() ? tr("%1 unplugged").arg(q(apart))
                                            : tr("%1 plugged in").arg(q(apart)));
  box_->refreshEcho();
}

}  // namespace haybale::app
