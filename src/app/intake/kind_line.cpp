#include "app/intake/kind_line.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

using circuit::SensorKind;

namespace {
constexpr double kWorthSaying = 0.45;  // share from which a kind is offered
}

KindLine::KindLine(JobModel& model, QWidget* parent)
    : QWidget(parent), model_(model), text_(new QLabel(this)), take_(new QPushButton(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 2, 0, 0);
  text_->setObjectName(QStringLiteral("intake.kind.seen"));
  text_->setWordWrap(true);
  take_->setObjectName(QStringLiteral("intake.kind.take"));
  row->addWidget(text_, 1);
  row->addWidget(take_);
  connect(take_, &QPushButton::clicked, this, &KindLine::take);
  connect(&model_, &JobModel::changed, this, &KindLine::refresh);
  connect(&model_, &JobModel::assessed, this, &KindLine::refresh);
  refresh();
}

void KindLine::refresh() {
  const auto& kinds = model_.assessment().conclusion.kinds;
  const auto* suspect = model_.job().suspectCircuit();
  if (!suspect || kinds.empty()) {
    hide();
    return;
  }
  show();
  const bool said = suspect->sensor.kind != SensorKind::unknown;
  const QString name = q(suspect->name);
  const QString first =
      q(sayName(circuit::kSensorKindNames[static_cast<std::size_t>(kinds.front().kind)]));
  text_->setText(
      said ? tr("%1 is taken as %2, as you say. Choose \"unknown\" and the readings decide.")
                 .arg(name, first)
           : tr("%1 %2. Choose a kind to overrule it.")
                 .arg(name, q(diagnosis::spoken(kinds, false))));
  take_->setText(tr("It is %1").arg(first));
  take_->setVisible(!said && kinds.front().share >= kWorthSaying);
}

// Sensors of one group are of one kind.
void KindLine::take() {
  const auto kinds = model_.assessment().conclusion.kinds;
  if (kinds.empty()) {
    return;
  }
  model_.change(tr("sensor kind"), [&](job::Case& c) {
    const auto* suspect = c.suspectCircuit();
    const std::string group = suspect ? circuit::groupOf(*suspect) : std::string();
    for (auto& own : c.circuits) {
      if (own.sensor.kind == SensorKind::unknown && circuit::groupOf(own) == group) {
        own.sensor.kind = kinds.front().kind;
      }
    }
  });
}

}  // namespace haybale::app
