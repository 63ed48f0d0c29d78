#include "app/live/instrument_strip.h"

#include <QComboBox>
#include <QDateTime>
#include <QDialog>
#include <QFile>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

#include "app/parts/dialogs.h"
#include "app/style/words.h"

namespace haybale::app {

namespace {

constexpr const char* kNames[kInstruments] = {"multimeter", "scope", "generator", "bus"};

QString spoken(Instrument which) {
  switch (which) {
    case Instrument::multimeter:
      return QObject::tr("Multimeter");
    case Instrument::scope:
      return QObject::tr("Scope");
    case Instrument::generator:
      return QObject::tr("Signal source");
    case Instrument::bus:
      break;
  }
  return QObject::tr("Wheel speeds");
}

}  // namespace

InstrumentStrip::InstrumentStrip(JobModel& model, InstrumentHub& hub, QWidget* parent)
    : QWidget(parent), model_(model), hub_(hub), text_(new QLabel(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  text_->setObjectName(QStringLiteral("live.state"));
  text_->setTextFormat(Qt::PlainText);
  auto* connect = new QPushButton(tr("Connect"), this);
  connect->setObjectName(QStringLiteral("live.connect"));
  connect->setProperty("flat", true);
  yard_ = new QPushButton(this);
  yard_->setObjectName(QStringLiteral("live.yard"));
  yard_->setProperty("flat", true);
  yard_->setToolTip(
      tr("A made-up vehicle with something hidden wrong, and instruments to find it"));
  row->addWidget(text_, 1);
  row->addWidget(connect);
  row->addWidget(yard_);
  QObject::connect(connect, &QPushButton::clicked, this, &InstrumentStrip::showDialog);
  QObject::connect(yard_, &QPushButton::clicked, this, [this] {
    if (hub_.yard()) {
      hub_.closeYard();
      return;
    }
    const auto seed = static_cast<std::uint32_t>(QDateTime::currentMSecsSinceEpoch());
    if (const auto opened = hub_.openYard(model_.job(), seed); !opened) {
      emit hub_.said(q(opened.error().sentence()), true);
    }
  });
  QObject::connect(&hub_, &InstrumentHub::changed, this, &InstrumentStrip::refresh);
  refresh();
}

void InstrumentStrip::refresh() {
  QStringList there;
  for (int i = 0; i < kInstruments; ++i) {
    const auto which = static_cast<Instrument>(i);
    if (hub_.connected(which)) {
      there << spoken(which) + QStringLiteral(": ") + hub_.state(which);
    }
  }
  text_->setText(hub_.yard()       ? tr("Practice yard: a made-up vehicle")
                 : there.isEmpty() ? tr("No instrument connected: type, or practise")
                                   : there.join(QStringLiteral("   \u00b7   ")));
  text_->setToolTip(text_->text());
  yard_->setText(hub_.yard() ? tr("Leave the yard") : tr("Practice yard"));
}

void InstrumentStrip::showDialog() {
  auto* dialog = new QDialog(this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setObjectName(QStringLiteral("instruments"));
  dialog->setWindowTitle(tr("Instruments"));
  auto* grid = new QGridLayout(dialog);
  grid->setContentsMargins(22, 18, 22, 18);
  grid->setSpacing(10);
  auto* head = new QLabel(tr("Where each instrument is. Over the network tcp:HOST:PORT, a serial "
                             "adapter serial:/dev/ttyUSB0:9600, USB usbtmc:/dev/usbtmc0. What is "
                             "plugged in is in the lists."),
                          dialog);
  head->setWordWrap(true);
  grid->addWidget(head, 0, 0, 1, 4);
  QStringList plugged;
  for (const auto& address : instruments::pluggedIn()) {
    plugged << q(instruments::nameOf(address));
  }
  for (int i = 0; i < kInstruments; ++i) {
    const auto which = static_cast<Instrument>(i);
    auto* name = new QLabel(spoken(which), dialog);
    auto* box = new QComboBox(dialog);
    box->setEditable(true);
    box->setMinimumWidth(280);
    box->addItems(plugged);
    box->setEditText(hub_.address(which));
    box->setObjectName(QStringLiteral("instruments.%1").arg(QLatin1String(kNames[i])));
    auto* go = new QPushButton(hub_.connected(which) ? tr("Disconnect") : tr("Connect"), dialog);
    go->setObjectName(QStringLiteral("instruments.%1.go").arg(QLatin1String(kNames[i])));
    go->setAutoDefault(false);
    auto* state = new QLabel(hub_.state(which), dialog);
    state->setProperty("faint", true);
    state->setMinimumWidth(230);
    grid->addWidget(name, i + 1, 0);
    grid->addWidget(box, i + 1, 1);
    grid->addWidget(go, i + 1, 2);
    grid->addWidget(state, i + 1, 3);
    connect(go, &QPushButton::clicked, dialog, [this, which, box] {
      hub_.connected(which) ? hub_.disconnectFrom(which)
                            : hub_.connectTo(which, box->currentText());
    });
    connect(&hub_, &InstrumentHub::changed, dialog, [this, which, go, state] {
      go->setText(hub_.connected(which) ? tr("Disconnect") : tr("Connect"));
      state->setText(hub_.state(which));
    });
  }
  auto* map = new QPushButton(tr("Signal map of the bus"), dialog);
  map->setAutoDefault(false);
  map->setToolTip(tr("A JSON file that says where in which frame each wheel's speed stands"));
  connect(map, &QPushButton::clicked, dialog, [this, dialog] {
    const QString path = dialogs().openFile(dialog, tr("Signal map"), QStringLiteral("*.json"));
    QFile file(path);
    if (path.isEmpty() || !file.open(QIODevice::ReadOnly)) {
      return;
    }
    auto read = capture::parseSignalMap(file.readAll().toStdString(), path.toStdString());
    if (read) {
      hub_.setSignals(std::move(*read));
    }
    emit hub_.said(read ? tr("Signal map read.") : q(read.error().sentence()), !read);
  });
  auto* close = new QPushButton(tr("Close"), dialog);
  close->setAutoDefault(false);
  connect(close, &QPushButton::clicked, dialog, &QDialog::accept);
  grid->addWidget(map, kInstruments + 1, 1, Qt::AlignLeft);
  grid->addWidget(close, kInstruments + 1, 3, Qt::AlignRight);
  dialog->open();
}

}  // namespace haybale::app
