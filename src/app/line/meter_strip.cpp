#include "app/line/meter_strip.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "app/style/theme.h"
#include "app/style/words.h"
#include "core/plan/meter_setting.h"
#include "picture/line_board.h"

namespace haybale::app {

MeterStrip::MeterStrip(JobModel& model, QWidget* parent)
    : QWidget(parent),
      model_(model),
      text_(new QLabel(this)),
      meter_(new QPushButton(this)),
      read_(new QPushButton(tr("Read the meter"), this)),
      withdraw_(new QPushButton(this)),
      remove_(new QPushButton(tr("Remove"), this)) {
  setFixedHeight(52);
  auto* layout = new QHBoxLayout(this);
  layout->setContentsMargins(0, 0, 0, 0);
  text_->setWordWrap(true);
  text_->setTextFormat(Qt::PlainText);
  text_->setObjectName(QStringLiteral("line.reason"));
  meter_->setProperty("flat", true);
  meter_->setObjectName(QStringLiteral("line.meter"));
  meter_->setToolTip(tr("The meter the readings are taken with"));
  read_->setProperty("main", true);
  read_->setObjectName(QStringLiteral("line.read"));
  read_->setToolTip(tr("Take the reading from the connected multimeter (Ctrl+M)"));
  connect(read_, &QPushButton::clicked, this, &MeterStrip::liveWanted);
  withdraw_->setObjectName(QStringLiteral("line.withdraw"));
  withdraw_->setToolTip(tr("Keep the reading, but do not count it"));
  remove_->setObjectName(QStringLiteral("line.remove"));
  remove_->setToolTip(tr("Take the reading out; Undo brings it back"));
  layout->addWidget(text_, 1);
  for (QPushButton* button : {meter_, withdraw_, remove_, read_}) {
    layout->addWidget(button);
  }
  connect(meter_, &QPushButton::clicked, this, &MeterStrip::meterWanted);
  connect(withdraw_, &QPushButton::clicked, this, [this] {
    const auto* e = model_.job().evidenceById(model_.selection().evidence.toStdString());
    if (e) {
      model_.entries().setWithdrawn(model_.selection().evidence, !e->withdrawn);
    }
  });
  connect(remove_, &QPushButton::clicked, this,
          [this] { model_.entries().remove(model_.selection().evidence); });
  connect(&model_, &JobModel::changed, this, &MeterStrip::refresh);
  connect(&model_, &JobModel::assessed, this, &MeterStrip::refresh);
  connect(&model_, &JobModel::selectionChanged, this, &MeterStrip::refresh);
  connect(&ThemeHub::instance(), &ThemeHub::changed, this, &MeterStrip::refresh);
  refresh();
}

void MeterStrip::setLive(bool live) {
  live_ = live;
  refresh();
}

// Dressing anew costs a millisecond, also in the same clothes.
void MeterStrip::dress(const QString& sheet) {
  if (text_->styleSheet() != sheet) {
    text_->setStyleSheet(sheet);
  }
}

void MeterStrip::refresh() {
  read_->setVisible(live_);
  const std::string id = model_.selection().evidence.toStdString();
  const auto* view = model_.assessment().view(id);
  const auto* evidence = model_.job().evidenceById(id);
  const bool lit = view && evidence;
  withdraw_->setVisible(lit);
  remove_->setVisible(lit);
  meter_->setVisible(!lit);
  meter_->setText(q(model_.job().meter.name));
  if (lit) {
    showReading(*view, *evidence);
  } else {
    showNext();
  }
}

void MeterStrip::showReading(const diagnosis::ReadingView& view, const job::Evidence& evidence) {
  QString text = q(picture::verdictWord(view.verdict)) + QStringLiteral(": ") + q(view.reason);
  for (const auto& trap : view.traps) {
    text += QLatin1Char(' ') + q(trap.text);
  }
  text_->setToolTip(text);
  text_->setText(evidence.withdrawn ? tr("Withdrawn, kept: ") + text : text);
  dress(
      QStringLiteral("color: %1; font-weight: bold;").arg(css(picture::verdictRole(view.verdict))));
  withdraw_->setText(evidence.withdrawn ? tr("Count again") : tr("Withdraw"));
}

void MeterStrip::showNext() {
  const auto& test = model_.selection().test;
  const auto* circuit = model_.selectedCircuit();
  const auto known = model_.assessment().knowledge.find(test.circuit);
  if (!circuit || !test.red || known == model_.assessment().knowledge.end()) {
    text_->setText(tr("Click a place on the line."));
    dress(QString());
    return;
  }
  const auto setting = diagnosis::meterSetting(*circuit, test, model_.job().meter, known->second);
  QString text = q(setting.dial + ". " + setting.leads + ". " + setting.expect);
  if (!setting.warning.empty()) {
    text = q(setting.dial + ". ") + q(setting.warning);
  }
  text_->setToolTip(text);
  text_->setText(text);
  dress(setting.harmful
            ? QStringLiteral("color: %1; font-weight: bold;").arg(css(picture::Role::alarm))
            : QString());
}

}  // namespace haybale::app
