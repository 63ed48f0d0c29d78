#include "app/swap/wiggle_page.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

#include "app/style/form.h"
#include "app/style/theme.h"
#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

namespace {

constexpr double kShownS = 30;
constexpr double kToneS = 0.05;

QString inUnit(double value, circuit::TestKind kind) {
  if (std::isinf(value)) {
    return QStringLiteral("OL");
  }
  return q(units::format(value, circuit::unitOf(kind)));
}

}  // namespace

WigglePage::WigglePage(JobModel& model, InstrumentHub& hub, QWidget* parent)
    : QWidget(parent), model_(model), hub_(hub), player_(new SoundOut(signal::Tone::kRate, this)) {
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Wiggle watch"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  auto* row = new QHBoxLayout;
  what_ = new QComboBox(this);
  what_->setObjectName(QStringLiteral("wiggle.what"));
  what_->addItems({tr("ohms of the pair, module plug off"), tr("volts of wire a, key on"),
                   tr("volts of wire b, key on")});
  start_ = new QPushButton(this);
  start_->setObjectName(QStringLiteral("wiggle.start"));
  start_->setProperty("main", true);
  start_->setMinimumHeight(44);
  sound_ = new QPushButton(tr("Sound"), this);
  sound_->setObjectName(QStringLiteral("wiggle.sound"));
  sound_->setCheckable(true);
  sound_->setMinimumHeight(44);
  sound_->setToolTip(tr("The pitch follows the reading; a dropout rattles"));
  connect(sound_, &QPushButton::toggled, this, [this](bool on) {
    if (on && !programSettings().sound) {
      sound_->setChecked(false);
      sound_->setToolTip(tr("Preferences have the sound off"));
    }
  });
  keep_ = new QPushButton(tr("Keep what came of it"), this);
  keep_->setObjectName(QStringLiteral("wiggle.keep"));
  keep_->setMinimumHeight(44);
  row->addWidget(new QLabel(tr("Watch"), this));
  row->addWidget(what_);
  row->addWidget(start_);
  row->addWidget(sound_);
  row->addStretch();
  row->addWidget(keep_);
  column->addLayout(row);
  auto* top = new QHBoxLayout;
  big_ = new QLabel(this);
  big_->setObjectName(QStringLiteral("wiggle.big"));
  big_->setStyleSheet(QStringLiteral("font-size: 64px; font-weight: bold;"));
  big_->setMinimumWidth(360);
  count_ = new QLabel(this);
  count_->setObjectName(QStringLiteral("wiggle.count"));
  count_->setStyleSheet(QStringLiteral("font-size: 26px;"));
  top->addWidget(big_);
  top->addWidget(count_, 1);
  column->addLayout(top);
  strip_ = new SceneWidget(this);
  strip_->setMaker([this](double width, double height) {
    return picture::watchStrip({&readings_, &watch_, kShownS, width, height});
  });
  strip_->setMinimumHeight(150);
  column->addWidget(strip_, 1);
  auto* ask = new QLabel(tr("What is being moved now (keys 1 to 9, 0 hands off)"), this);
  ask->setProperty("sub", true);
  column->addWidget(ask);
  legs_ = new QWidget(this);
  legGrid_ = new QGridLayout(legs_);
  legGrid_->setContentsMargins(0, 0, 0, 0);
  column->addWidget(legs_);
  ranking_ = new QLabel(this);
  ranking_->setObjectName(QStringLiteral("wiggle.ranking"));
  ranking_->setWordWrap(true);
  ranking_->setTextFormat(Qt::PlainText);
  column->addWidget(ranking_);
  connect(start_, &QPushButton::clicked, this, [this] { start(!hub_.watching()); });
  connect(keep_, &QPushButton::clicked, this, &WigglePage::keep);
  connect(what_, &QComboBox::currentIndexChanged, this, [this] {
    if (hub_.watching()) {
      start(true);
    }
  });
  connect(&hub_, &InstrumentHub::watched, this, &WigglePage::take);
  connect(&hub_, &InstrumentHub::changed, this, &WigglePage::refresh);
  connect(&model_, &JobModel::changed, this, &WigglePage::fillLegs);
  fillLegs();
  refresh();
}

WigglePage::~WigglePage() {
  player_->stop();
}

void WigglePage::showEvent(QShowEvent*) {
  setFocus();
  refresh();
}

void WigglePage::hideEvent(QHideEvent*) {
  if (hub_.watching()) {
    start(false);
  }
}

void WigglePage::keyPressEvent(QKeyEvent* event) {
  const int number = event->key() - Qt::Key_0;
  if (number == 0) {
    mark({});
  } else if (number >= 1 && number <= 9) {
    if (auto* button = findChild<QPushButton*>(QStringLiteral("wiggle.leg%1").arg(number - 1))) {
      button->click();
    }
  } else {
    QWidget::keyPressEvent(event);
  }
}

// Whatever can be moved by hand, in the order of the line.
void WigglePage::fillLegs() {
  empty(*legGrid_);
  const auto* c = model_.job().suspectCircuit();
  int i = 0;
  for (const auto& e : c ? c->path : std::vector<circuit::Element>{}) {
    if (e.kind == circuit::ElementKind::ring || e.kind == circuit::ElementKind::sensor) {
      continue;
    }
    auto* button = new QPushButton(QStringLiteral("%1   %2").arg(i + 1).arg(q(e.id)), legs_);
    button->setObjectName(QStringLiteral("wiggle.leg%1").arg(i));
    button->setCheckable(true);
    button->setMinimumHeight(52);
    button->setFocusPolicy(Qt::NoFocus);
    connect(button, &QPushButton::clicked, this, [this, id = q(e.id)] { mark(id); });
    button->setProperty("leg", q(e.id));
    legGrid_->addWidget(button, i / 5, i % 5);
    ++i;
  }
}

circuit::Test WigglePage::test(const std::string& element) const {
  circuit::Test t;
  t.circuit = model_.job().suspect;
  const auto* c = model_.job().suspectCircuit();
  const std::string module = c ? c->path.front().id : "module";
  const circuit::Place plug{circuit::Place::Kind::modulePlug, module};
  const bool ohms = what_->currentIndex() == 0;
  t.kind = ohms ? circuit::TestKind::resistance : circuit::TestKind::dcVoltage;
  const auto wire = what_->currentIndex() == 2 ? circuit::WireId::b : circuit::WireId::a;
  t.red = circuit::Probe{plug, wire};
  t.black = ohms ? circuit::Probe{plug, circuit::WireId::b}
                 : circuit::Probe{{circuit::Place::Kind::ground, ""}, std::nullopt};
  t.state.key = ohms ? circuit::Key::off : circuit::Key::on;
  if (ohms) {
    t.state.unplugged = {module};
  }
  if (!element.empty()) {
    t.state.disturb = circuit::Disturb{circuit::DisturbKind::flex, element};
  }
  return t;
}

void WigglePage::start(bool on) {
  if (on) {
    if (!hub_.watching()) {
      watch_.clear();
      readings_.clear();
    }
    hub_.watch(test(leg_.toStdString()));
  } else {
    hub_.stopWatching();
  }
  refresh();
}

void WigglePage::mark(const QString& element) {
  leg_ = element;
  watch_.mark(watch_.lastS(), element.toStdString());
  if (hub_.watching()) {
    hub_.watch(test(element.toStdString()));
  }
  for (auto* button : legs_->findChildren<QPushButton*>()) {
    button->setChecked(button->property("leg").toString() == element);
  }
  refresh();
}

void WigglePage::take(double s, double value) {
  if (watch_.marks().empty()) {
    watch_.mark(s, leg_.toStdString());
  }
  watch_.add(s, value);
  readings_.emplace_back(s, value);
  if (readings_.size() > 4000) {
    readings_.erase(readings_.begin(), readings_.begin() + 1000);
  }
  play(value, watch_.inDropout());
  refresh();
}

// Without a sound output there is no tone.
void WigglePage::play(double value, bool dropout) {
  if (!sound_->isChecked()) {
    return;
  }
  if (!soundCard().present()) {
    sound_->setChecked(false);
    sound_->setEnabled(false);
    sound_->setText(tr("No sound here"));
    sound_->setToolTip(tr("No sound output was found on this machine"));
    return;
  }
  const auto samples =
      tone_.next(kToneS, signal::Tone::pitchHz(value, watch_.steady().value_or(value)), dropout);
  player_->write(samples);
}

void WigglePage::refresh() {
  const bool live = hub_.connected(Instrument::multimeter);
  start_->setEnabled(live);
  start_->setText(!live             ? tr("No multimeter connected")
                  : hub_.watching() ? tr("Stop watching")
                                    : tr("Start watching"));
  keep_->setEnabled(!watch_.rank().empty());
  const auto kind = test({}).kind;
  big_->setText(readings_.empty() ? QStringLiteral("\u2013")
                                  : inUnit(readings_.back().second, kind));
  big_->setStyleSheet(
      QStringLiteral("font-size: 64px; font-weight: bold; color: %1;")
          .arg(css(watch_.inDropout() ? picture::Role::alarm : picture::Role::ink)));
  const auto drops = static_cast<int>(watch_.dropouts().size());
  count_->setText(readings_.empty()
                      ? tr("Both eyes on the loom: listen.")
                      : (drops == 1 ? tr("1 dropout") : tr("%1 dropouts").arg(drops)) +
                            (watch_.steady()
                                 ? tr(", steady at %1").arg(inUnit(*watch_.steady(), kind))
                                 : QString()));
  strip_->rebuild();
  QStringList lines;
  for (const auto& leg : watch_.rank()) {
    if (lines.size() < 3) {
      lines << q(sayf("{}: {} in {:.0f} s, {:.1f} by chance{}", leg.element, leg.dropouts,
                      leg.seconds, leg.expected,
                      leg.claimed() ? haybale::say(" \u2013 it reacts here") : ""));
    }
  }
  ranking_->setText(lines.isEmpty()
                        ? tr("Move one leg at a time; say which by its key. Note where it does not "
                             "react, too.")
                        : lines.join(QStringLiteral("     ")));
}

void WigglePage::keep() {
  start(false);
  const auto ranks = watch_.rank();
  int kept = 0;
  for (const auto& leg : ranks) {
    if (leg.seconds < 2) {
      continue;  // hardly moved
    }
    auto t = test(leg.element);
    t.kind = circuit::TestKind::wiggle;
    job::Reading reading;
    reading.reacts = leg.claimed();
    reading.dropouts = leg.dropouts;
    model_.entries().enterSeen(t, reading, hub_.originOf(Instrument::multimeter, "watched"));
    ++kept;
  }
  const bool found = !ranks.empty() && ranks.front().claimed();
  emit said(kept == 0 ? tr("Nothing to keep: no leg was moved for two seconds.")
            : found   ? tr("%1 legs kept; it reacts at %2.").arg(kept).arg(q(ranks.front().element))
                      : tr("%1 legs kept; none reacts more than by chance.").arg(kept),
            kept == 0);
}

}  // namespace haybale::app
