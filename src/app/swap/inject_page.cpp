#include "app/swap/inject_page.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>
#include <cmath>

#include "app/parts/dialogs.h"
#include "app/style/form.h"
#include "app/style/labels.h"
#include "core/base/say.h"
#include "core/capture/candump.h"
#include "core/capture/open.h"
#include "core/physics/substitution.h"
#include "core/physics/tyre.h"
#include "core/signal/load_box.h"
#include "core/signal/substitute.h"
#include "core/units/quantity.h"
#include "picture/signal_preview.h"

namespace haybale::app {

namespace {

QDoubleSpinBox* number(QWidget* parent, const char* name, double low, double high, double value,
                       int decimals, const QString& unit) {
  auto* box = new QDoubleSpinBox(parent);
  box->setObjectName(QString::fromLatin1(name));
  box->setRange(low, high);
  box->setDecimals(decimals);
  box->setValue(value);
  box->setSuffix(QLatin1Char(' ') + unit);
  box->setFixedWidth(170);
  box->setButtonSymbols(QAbstractSpinBox::NoButtons);
  return box;
}

QString speedText(double kmh) {
  return q(units::formatPlain(kmh, units::Unit::kmh, 1));
}

}  // namespace

InjectPage::InjectPage(JobModel& model, InstrumentHub& hub, QWidget* parent)
    : QWidget(parent),
      model_(model),
      hub_(hub),
      sweeper_(new QTimer(this)),
      feeder_(new QTimer(this)),
      player_(new SoundOut(signal::AudioWave::kRate, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  board_ = swapBoardWidget(this);
  board_->setFixedHeight(200);
  column->addWidget(board_);
  auto* left = new QVBoxLayout;
  left->setSpacing(7);
  left->addLayout(fields());
  left->addLayout(keys());
  left->addLayout(moreKeys());
  preview_ = new SceneWidget(this);
  preview_->setFixedHeight(104);
  preview_->setObjectName(QStringLiteral("inject.preview"));
  left->addSpacing(6);
  left->addWidget(preview_);
  left->addStretch(1);
  auto* below = new QHBoxLayout;
  below->setSpacing(20);
  below->addLayout(left, 1);
  below->addLayout(answer(), 1);
  column->addLayout(below, 3);
  connectFields();
  connectVehicle();
  fillPlaces();
}

// What is fed in, and where.
QLayout* InjectPage::fields() {
  // Not a form layout: with rows hidden and texts that wrap, Qt 6.4's writes beyond its tables.
  auto* form = new QGridLayout;
  form->setVerticalSpacing(6);
  form->setColumnStretch(1, 1);
  const auto addRow = [&](const QString& text, QWidget* field) {
    auto* label = new QLabel(text, this);
    label->setBuddy(field);
    labels_[field] = label;
    const int row = form->rowCount();
    form->addWidget(label, row, 0, Qt::AlignRight | Qt::AlignVCenter);
    const bool wraps = qobject_cast<QLabel*>(field) != nullptr;
    form->addWidget(field, row, 1, wraps ? Qt::Alignment{} : Qt::AlignLeft);
  };
  place_ = new QComboBox(this);
  place_->setObjectName(QStringLiteral("inject.place"));
  const QString speedUnit = q(units::shownSymbol(units::Unit::kmh));
  kmh_ = number(this, "inject.kmh", 1, 250, 20, 1, speedUnit);
  volts_ = number(this, "inject.volts", 0.1, 5, 2, 2, tr("V p-p"));
  supply_ = number(this, "inject.supply", 4, 16, 12, 1, tr("V unplugged"));
  sense_ = number(this, "inject.sense", 0, 1000, 100, 0, tr("\u03a9 sense"));
  fullScale_ = number(this, "inject.fullScale", 0.1, 20, 2.8, 2, tr("V p-p, measured"));
  fullScale_->setToolTip(
      tr("What the sound output gives at full scale, at its volume as it stands: "
         "measure it once"));
  settings_ = textLabel(this, nullptr, {}, QStringLiteral("inject.settings"));
  box_ = textLabel(this, nullptr, {}, QStringLiteral("inject.box"));
  place_->setFixedWidth(170);
  addRow(tr("Fed in at"), place_);
  addRow(tr("Road speed"), kmh_);
  addRow(tr("Height"), volts_);
  addRow(tr("Sound gives"), fullScale_);
  addRow(tr("Supply"), supply_);
  addRow(tr("In series"), sense_);
  addRow(tr("Signal"), settings_);
  addRow(tr("Load box"), box_);
  return form;
}

QLayout* InjectPage::keys() {
  start_ = new QPushButton(tr("Start the signal"), this);
  start_->setObjectName(QStringLiteral("inject.start"));
  start_->setProperty("main", true);
  start_->setMinimumHeight(44);
  sound_ = new QPushButton(tr("By sound card"), this);
  sound_->setObjectName(QStringLiteral("inject.sound"));
  sound_->setCheckable(true);
  sound_->setMinimumHeight(44);
  sound_->setToolTip(
      tr("A sine for a passive input, out of this machine's sound output through an "
         "isolating transformer"));
  connect(sound_, &QPushButton::toggled, this, &InjectPage::playSound);
  connect(feeder_, &QTimer::timeout, this, &InjectPage::feedSound);
  auto* row = new QHBoxLayout;
  row->addWidget(start_, 1);
  row->addWidget(sound_, 1);
  return row;
}

QLayout* InjectPage::moreKeys() {
  sweep_ = new QPushButton(tr("Sweep"), this);
  sweep_->setObjectName(QStringLiteral("inject.sweep"));
  sweep_->setMinimumHeight(44);
  sweep_->setToolTip(tr("From a quarter of the speed to twice it in 20 s"));
  auto* save = new QPushButton(tr("Save as WAV or CSV"), this);
  save->setObjectName(QStringLiteral("inject.save"));
  save->setProperty("flat", true);
  connect(save, &QPushButton::clicked, this, &InjectPage::saveSignal);
  auto* row = new QHBoxLayout;
  row->addWidget(sweep_);
  row->addWidget(save);
  row->addStretch();
  return row;
}

// How it is done, and what the module made of it.
QLayout* InjectPage::answer() {
  auto* right = new QVBoxLayout;
  steps_ = textLabel(this, nullptr, {}, QStringLiteral("inject.steps"));
  cautions_ = textLabel(this, "caution", {}, QStringLiteral("inject.cautions"));
  observed_ = textLabel(this, "head", {}, QStringLiteral("inject.observed"));
  seen_ = number(this, "inject.seen", 0, 400, 0, 1, q(units::shownSymbol(units::Unit::kmh)));
  auto* row = new QHBoxLayout;
  auto* ask = new QLabel(tr("The module shows"), this);
  auto* keepButton = new QPushButton(tr("Keep"), this);
  keepButton->setObjectName(QStringLiteral("inject.keep"));
  keepButton->setProperty("main", true);
  connect(keepButton, &QPushButton::clicked, this, &InjectPage::keep);
  row->addWidget(ask);
  row->addWidget(seen_);
  row->addWidget(keepButton);
  auto* log = new QPushButton(tr("From a log"), this);
  log->setObjectName(QStringLiteral("inject.log"));
  log->setToolTip(tr("Wheel speeds of a CSV, or of a bus log in candump form with its signal map"));
  connect(log, &QPushButton::clicked, this, &InjectPage::readLog);
  row->addStretch();
  meaning_ = textLabel(this, nullptr, {}, QStringLiteral("inject.meaning"));
  right->addWidget(steps_);
  right->addWidget(cautions_);
  right->addWidget(observed_);
  right->addLayout(row);
  right->addWidget(log, 0, Qt::AlignLeft);
  right->addWidget(meaning_);
  right->addStretch(1);
  return right;
}

void InjectPage::connectFields() {
  for (QDoubleSpinBox* box : {kmh_, volts_, supply_, sense_, seen_}) {
    connect(box, &QDoubleSpinBox::valueChanged, this, &InjectPage::refresh);
  }
  connect(place_, &QComboBox::currentIndexChanged, this, &InjectPage::refresh);
  connect(start_, &QPushButton::clicked, this, [this] { start(!running_); });
  connect(sweep_, &QPushButton::clicked, this, [this] {
    if (sweeper_->isActive()) {
      sweeper_->stop();
      refresh();
      return;
    }
    sweepShare_ = 0;
    if (!running_ && !sound_->isChecked()) {
      start(true);
    }
    sweeper_->start(200);
  });
  connect(sweeper_, &QTimer::timeout, this, &InjectPage::sweep);
}

void InjectPage::connectVehicle() {
  connect(&hub_, &InstrumentHub::generatorRuns, this, [this](bool on) {
    running_ = on;
    if (!on) {
      sweeper_->stop();
    }
    refresh();
  });
  connect(&hub_, &InstrumentHub::speedsChanged, this, [this] {
    const auto live = hub_.speeds().constFind(q(model_.job().suspect));
    if (isVisible() && live != hub_.speeds().constEnd()) {
      observed_->setText(tr("%1 shows %2").arg(live.key(), speedText(live.value())));
      if (!seen_->hasFocus() && running_) {
        seen_->setValue(units::shown(live.value(), units::Unit::kmh));
      }
    }
  });
  connect(&hub_, &InstrumentHub::changed, this, &InjectPage::refresh);
  connect(&model_, &JobModel::changed, this, [this] {
    fillPlaces();
    refresh();
  });
  connect(&model_, &JobModel::assessed, this, &InjectPage::refresh);
  connect(&model_, &JobModel::workedOut, this, &InjectPage::refresh);
}

void InjectPage::showEvent(QShowEvent*) {
  refresh();
}

bool InjectPage::isCoil() const {
  const auto* c = model_.job().suspectCircuit();
  return !c || c->sensor.kind == circuit::SensorKind::passive ||
         c->sensor.kind == circuit::SensorKind::unknown;
}

double InjectPage::circumference() const {
  return model_.job().rollingCircumferenceM().value_or(circuit::kUsualCircumferenceM);
}

double InjectPage::fedKmh() const {
  return units::fromShown(kmh_->value(), units::Unit::kmh);
}

double InjectPage::hz() const {
  const auto* c = model_.job().suspectCircuit();
  const int teeth = c ? c->sensor.teeth.value_or(circuit::kUsualTeeth) : circuit::kUsualTeeth;
  return physics::toothHz(fedKmh(), teeth, circumference());
}

// Every plug on its module half, and the module's own pins.
void InjectPage::fillPlaces() {
  const auto* c = model_.job().suspectCircuit();
  QStringList names;
  if (c) {
    for (const auto& e : c->path) {
      if (e.kind == circuit::ElementKind::connector) {
        names << q(e.id);
      }
    }
    names << q(c->path.front().id);
  }
  const auto* joint = c ? c->sensorConnector() : nullptr;
  refill(*place_, names, joint ? q(joint->id) : QString());
}

circuit::Test InjectPage::test() const {
  circuit::Test t;
  t.kind = circuit::TestKind::liveSpeed;
  t.circuit = model_.job().suspect;
  t.state.key = circuit::Key::on;
  const std::string id = place_->currentText().toStdString();
  const auto* c = model_.job().suspectCircuit();
  const bool module = c && id == c->path.front().id;
  t.state.unplugged = {id};
  t.state.inject = circuit::Inject{
      {module ? circuit::Place::Kind::modulePins : circuit::Place::Kind::moduleSide, id},
      hz(),
      volts_->value()};
  return t;
}

void InjectPage::refresh() {
  if (!isVisible() || !model_.job().suspectCircuit()) {
    return;
  }
  const bool coil = isCoil();
  // Only what this kind of input needs.
  for (const auto& [field, shown] : {std::pair<QWidget*, bool>{volts_, coil},
                                     {fullScale_, coil},
                                     {supply_, !coil},
                                     {sense_, !coil},
                                     {box_, !coil}}) {
    field->setVisible(shown);
    labels_[field]->setVisible(shown);
  }
  settings_->setText(
      coil ? q(sayf("sine, {:.1f} Hz, {:.2f} V p-p, isolated, through about 1 k\u03A9", hz(),
                    volts_->value()))
           : q(sayf("7 and 14 mA in turn, {:.1f} times a second", hz())));
  const auto box = signal::loadBox({supply_->value(), 0.1, sense_->value(), 0.007, 0.014, 0.2});
  box_->setText(!box ? q(box.error().sentence())
                     : q(sayf("{} always, {} switched: {:.1f} and {:.1f} mA{}; {:.2f} W",
                              units::format(box->fixedOhm, units::Unit::ohm),
                              units::format(box->switchedOhm, units::Unit::ohm), 1e3 * box->lowA,
                              1e3 * box->highA,
                              box->inBand ? "" : haybale::say(", out of band at the supply's ends"),
                              std::max(box->fixedW, box->switchedW))));
  drawPreview();
  const auto t = test();
  showSubstitution(*board_, model_, t);
  const auto* outlook = model_.outlook(t);
  if (outlook) {
    steps_->setText(numbered(outlook->steps));
    cautions_->setText(outlook->cautions.empty() ? QString() : q(outlook->cautions.front()));
  }
  const bool live = hub_.connected(Instrument::generator);
  start_->setEnabled(live);
  start_->setText(running_ ? tr("Stop the signal")
                  : live   ? tr("Start the signal")
                           : tr("No source connected"));
  // Looking for devices takes a moment: not before the page is seen.
  const bool plays = coil && (!isVisible() || soundCard().present());
  sound_->setEnabled(plays);
  sound_->setText(!coil                 ? tr("Needs the load box")
                  : !plays              ? tr("No sound here")
                  : sound_->isChecked() ? tr("Stop the sound")
                                        : tr("By sound card"));
  sweep_->setEnabled(live || sound_->isChecked());
  sweep_->setText(sweeper_->isActive() ? tr("Stop the sweep") : tr("Sweep"));
  if (!hub_.connected(Instrument::bus)) {
    observed_->setText(tr("Read the live speed of %1").arg(q(model_.job().suspect)));
  }
  QStringList meanings;
  const double ratio = seen_->value() / kmh_->value();
  if (seen_->value() > 0 && std::abs(ratio - 1) > 0.05) {
    meanings << tr("%1 times the speed fed in: teeth or tyre set wrongly in the module.")
                    .arg(ratio, 0, 'f', 2);
  } else if (seen_->value() > 0) {
    meanings << tr("It follows: module and line up to here are good.");
  }
  if (outlook) {
    meanings << paired(outlook->meanings);
  }
  meaning_->setText(meanings.join(QLatin1Char('\n')));
}

void InjectPage::start(bool on) {
  if (!on) {
    hub_.stopGenerator();
    return;
  }
  hub_.place(test());
  instruments::GeneratorSettings settings;
  settings.square = !isCoil();
  settings.hz = hz();
  settings.peakToPeakV = volts_->value();
  hub_.startGenerator(settings);
}

signal::Substitute InjectPage::wantedSignal() const {
  const auto* c = model_.job().suspectCircuit();
  signal::Substitute wanted;
  wanted.kind = isCoil() ? circuit::SensorKind::passive : c->sensor.kind;
  const double kmh = fedKmh();
  wanted.kmh = [kmh](double) { return kmh; };
  wanted.topKmh = kmh;
  wanted.teeth = c->sensor.teeth.value_or(circuit::kUsualTeeth);
  wanted.circumferenceM = circumference();
  wanted.peakToPeakV = volts_->value();
  return wanted;
}

// A quarter of the speed to twice it.
void InjectPage::sweep() {
  sweepShare_ += 0.01;
  if (sweepShare_ > 1) {
    sweeper_->stop();
    nowHz_ = hz();
    hub_.sweepGenerator(nowHz_);
    refresh();
    return;
  }
  nowHz_ = hz() * std::pow(8.0, sweepShare_) / 4;
  hub_.sweepGenerator(nowHz_);
}

void InjectPage::playSound(bool on) {
  const auto share = signal::audioShare(volts_->value(), fullScale_->value());
  if (on && !share) {
    sound_->setChecked(false);
    emit said(q(share.error().sentence()), true);
    return;
  }
  if (on) {
    hub_.place(test());
    feeder_->start(40);
    feedSound();
  } else {
    feeder_->stop();
    player_->stop();
  }
  refresh();
}

// A fifth of a second ahead: a change of speed is heard at once, and nothing runs dry.
void InjectPage::feedSound() {
  constexpr double kAheadS = 0.2;
  const auto share = signal::audioShare(volts_->value(), fullScale_->value());
  if (!share || !isCoil()) {
    sound_->setChecked(false);
    return;
  }
  const double lacks = kAheadS - player_->ahead();
  if (lacks > 0) {
    player_->write(wave_.next(lacks, sweeper_->isActive() ? nowHz_ : hz(), *share));
  }
}

// A table of speeds as it is; a bus log with the signal map beside it, LOG.map.json.
void InjectPage::readLog() {
  const QString path = dialogs().openFile(
      this, tr("Speeds from a log"), QStringLiteral("Logs (*.csv *.log *.txt);;All files (*)"));
  if (path.isEmpty()) {
    return;
  }
  const auto log = capture::openSpeedLog(path.toStdString());
  if (!log) {
    emit said(q(log.error().sentence()), true);
    return;
  }
  const auto wheels = capture::summarise(*log);
  const auto own = wheels.find(model_.job().suspect);
  if (own == wheels.end()) {
    emit said(tr("%1 holds no speed of %2.").arg(path, q(model_.job().suspect)), true);
    return;
  }
  seen_->setValue(units::shown(own->second.medianKmh, units::Unit::kmh));
  observed_->setText(tr("%1 in the log: %2, %3 dropouts")
                         .arg(q(own->first), speedText(own->second.medianKmh))
                         .arg(own->second.dropouts));
}

// Six teeth of it.
void InjectPage::drawPreview() {
  auto wanted = wantedSignal();
  wanted.durationS = 6 / hz();
  wanted.rateHz = 400 / wanted.durationS;
  const bool coded =
      wanted.kind == circuit::SensorKind::activePwm || wanted.kind == circuit::SensorKind::activeAk;
  wanted.rateHz = coded ? 100e3 : wanted.rateHz;
  const auto made = signal::substitute(wanted);
  preview_->setMaker([record = made ? *made : capture::Record{}](double width, double height) {
    return picture::signalPreview(record, width, height);
  });
}

void InjectPage::saveSignal() {
  const QString path = dialogs().saveFile(this, tr("Save the signal"), QStringLiteral("signal.wav"),
                                          QStringLiteral("WAV (*.wav);;CSV (*.csv)"));
  if (path.isEmpty()) {
    return;
  }
  auto wanted = wantedSignal();
  wanted.rateHz = 100e3;
  wanted.durationS = 10;
  const auto record = signal::substitute(wanted);
  const Status status =
      record ? capture::saveCapture(path.toStdString(), *record) : Status(record.error());
  emit said(status ? tr("Ten seconds of the signal saved in %1.").arg(path)
                   : q(status.error().sentence()),
            !status);
}

void InjectPage::keep() {
  job::Reading reading;
  const double seenKmh = units::fromShown(seen_->value(), units::Unit::kmh);
  reading.kmh.emplace_back(model_.job().suspect, seenKmh);
  const bool bus = hub_.connected(Instrument::bus);
  model_.entries().enterSeen(
      test(), reading,
      bus ? std::optional(hub_.originOf(Instrument::bus, "live speed")) : std::nullopt);
  emit said(tr("Kept: %1 shows %2 with %3 Hz fed in.")
                .arg(q(model_.job().suspect), speedText(seenKmh))
                .arg(hz(), 0, 'f', 1),
            false);
}

}  // namespace haybale::app
