#include "app/swap/inject_page.h"

#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>
#include <cmath>

#include "app/parts/dialogs.h"
#include "app/style/form.h"
#include "app/style/labels.h"
#include "app/swap/sound_out.h"
#include "core/base/say.h"
#include "core/capture/candump.h"
#include "core/capture/open.h"
#include "core/physics/substitution.h"
#include "core/physics/tyre.h"
#include "core/plan/swap_outlook.h"
#include "core/signal/substitute.h"
#include "core/units/quantity.h"
#include "picture/signal_preview.h"

namespace haybale::app {

namespace {

QString speedText(double kmh) {
  return q(units::formatPlain(kmh, units::Unit::kmh, 1));
}

}  // namespace

InjectPage::InjectPage(JobModel& model, InstrumentHub& hub, QWidget* parent)
    : QWidget(parent),
      model_(model),
      hub_(hub),
      sweeper_(new QTimer(this)),
      feed_(new SoundFeed(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  board_ = swapBoardWidget(this);
  board_->setFixedHeight(200);
  column->addWidget(board_);
  auto* left = new QVBoxLayout;
  left->setSpacing(7);
  fields_ = new SignalFields(this);
  left->addWidget(fields_);
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
  connect(feed_, &SoundFeed::ended, sound_, [this] { sound_->setChecked(false); });
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
  seen_ =
      numberWithUnit(this, "inject.seen", 0, 400, 0, 1, q(units::shownSymbol(units::Unit::kmh)));
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
  connect(seen_, &QDoubleSpinBox::valueChanged, this, &InjectPage::refresh);
  connect(fields_, &SignalFields::changed, this, &InjectPage::refresh);
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

double InjectPage::seenKmh() const {
  return units::fromShown(seen_->value(), units::Unit::kmh);
}

double InjectPage::hz() const {
  const auto* c = model_.job().suspectCircuit();
  const int teeth = c ? c->sensor.teeth.value_or(circuit::kUsualTeeth) : circuit::kUsualTeeth;
  return physics::toothHz(fields_->kmh(), teeth, circumference());
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
  fields_->setPlaces(names, joint ? q(joint->id) : QString());
}

circuit::Test InjectPage::test() const {
  circuit::Test t;
  t.kind = circuit::TestKind::liveSpeed;
  t.circuit = model_.job().suspect;
  t.state.key = circuit::Key::on;
  const std::string id = fields_->place().toStdString();
  const auto* c = model_.job().suspectCircuit();
  const bool module = c && id == c->path.front().id;
  t.state.unplugged = {id};
  t.state.inject = circuit::Inject{
      {module ? circuit::Place::Kind::modulePins : circuit::Place::Kind::moduleSide, id},
      hz(),
      fields_->peakToPeakV()};
  return t;
}

void InjectPage::refresh() {
  if (!isVisible() || !model_.job().suspectCircuit()) {
    return;
  }
  fields_->showSignal(isCoil(), hz());
  drawPreview();
  const auto t = test();
  showSubstitution(*board_, model_, t);
  const auto* outlook = model_.outlook(t);
  if (outlook) {
    steps_->setText(numbered(outlook->steps));
    cautions_->setText(outlook->cautions.empty() ? QString() : q(outlook->cautions.front()));
  }
  showKeys();
  if (!hub_.connected(Instrument::bus)) {
    observed_->setText(tr("Read the live speed of %1").arg(q(model_.job().suspect)));
  }
  showMeaning(outlook);
}

void InjectPage::showKeys() {
  const bool coil = isCoil();
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
}

void InjectPage::showMeaning(const diagnosis::SwapOutlook* outlook) {
  QStringList meanings;
  if (seen_->value() > 0) {
    meanings << q(diagnosis::followWords(fields_->kmh(), seenKmh()));
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
  settings.peakToPeakV = fields_->peakToPeakV();
  hub_.startGenerator(settings);
}

signal::Substitute InjectPage::wantedSignal() const {
  const auto* c = model_.job().suspectCircuit();
  signal::Substitute wanted;
  wanted.kind = isCoil() ? circuit::SensorKind::passive : c->sensor.kind;
  const double kmh = fields_->kmh();
  wanted.kmh = [kmh](double) { return kmh; };
  wanted.topKmh = kmh;
  wanted.teeth = c->sensor.teeth.value_or(circuit::kUsualTeeth);
  wanted.circumferenceM = circumference();
  wanted.peakToPeakV = fields_->peakToPeakV();
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
  const auto share = signal::audioShare(fields_->peakToPeakV(), fields_->fullScaleV());
  if (on && !share) {
    sound_->setChecked(false);
    emit said(q(share.error().sentence()), true);
    return;
  }
  if (on) {
    hub_.place(test());
    feed_->start([this] { return sine(); });
  } else {
    feed_->stop();
  }
  refresh();
}

std::optional<SoundFeed::Sine> InjectPage::sine() const {
  const auto share = signal::audioShare(fields_->peakToPeakV(), fields_->fullScaleV());
  if (!share || !isCoil()) {
    return std::nullopt;
  }
  return SoundFeed::Sine{sweeper_->isActive() ? nowHz_ : hz(), *share};
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
  reading.kmh.emplace_back(model_.job().suspect, seenKmh());
  const bool bus = hub_.connected(Instrument::bus);
  model_.entries().enterSeen(
      test(), reading,
      bus ? std::optional(hub_.originOf(Instrument::bus, "live speed")) : std::nullopt);
  emit said(tr("Kept: %1 shows %2 with %3 Hz fed in.")
                .arg(q(model_.job().suspect), speedText(seenKmh()))
                .arg(hz(), 0, 'f', 1),
            false);
}

}  // namespace haybale::app
