#include "app/live/instrument_hub.h"

#include <QDateTime>
#include <QPointer>
#include <atomic>
#include <chrono>
#include <cmath>
#include <random>

#include "app/live/instrument_worker.h"
#include "app/parts/errands.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/belief/ways_to_fail.h"

namespace haybale::app {

using instruments::Address;

namespace {

std::size_t at(Instrument which) {
  return static_cast<std::size_t>(which);
}

}  // namespace

InstrumentHub::InstrumentHub(QObject* parent) : QObject(parent) {
  qRegisterMetaType<std::shared_ptr<capture::Record>>();
  states_.fill(tr("not connected"));
}

InstrumentHub::~InstrumentHub() {
  stopWatching();
  stopScope();
  for (auto& worker : workers_) {
    worker.reset();
  }
  bus_.reset();
}

InstrumentWorker* InstrumentHub::worker(Instrument which) const {
  return workers_[at(which)].get();
}

bool InstrumentHub::connected(Instrument which) const {
  return which == Instrument::bus ? bus_ != nullptr : worker(which) != nullptr;
}

QString InstrumentHub::state(Instrument which) const {
  return states_[at(which)];
}

QString InstrumentHub::address(Instrument which) const {
  return addresses_[at(which)];
}

void InstrumentHub::setSignals(std::vector<capture::BusSignal> wanted) {
  signals_ = std::move(wanted);
}

void InstrumentHub::connectTo(Instrument which, const QString& text) {
  const auto address = instruments::parseAddress(text.trimmed().toStdString());
  if (!address) {
    emit said(q(address.error().sentence()), true);
    return;
  }
  disconnectFrom(which);
  addresses_[at(which)] = q(instruments::nameOf(*address));
  states_[at(which)] = tr("connecting");
  emit changed();
  if (which != Instrument::bus) {
    workers_[at(which)] = std::make_unique<InstrumentWorker>(*address);
    greet(which);
    return;
  }
  const QPointer<InstrumentHub> self(this);
  bus_ = std::make_unique<BusReader>(
      *address,
      [self](const std::string& line) {
        const auto frame = capture::parseFrame(line);
        if (!frame) {
          return;
        }
        backHome(self, [self, frame] {
          capture::SpeedLog log;
          capture::takeFrame(*frame, self->signals_, log);
          for (const auto& [circuit, samples] : log.wheels) {
            self->speeds_[q(circuit)] = samples.back().kmh;
          }
          if (!log.wheels.empty()) {
            emit self->speedsChanged();
          }
        });
      },
      [self](const Error& why) {
        backHome(self, [self, why] {
          emit self->said(q(why.sentence()), true);
          self->disconnectFrom(Instrument::bus);
        });
      });
  states_[at(which)] = tr("wheel speeds of the bus");
  emit changed();
}

void InstrumentHub::greet(Instrument which) {
  const QPointer<InstrumentHub> self(this);
  const int line = ++lines_[at(which)];
  worker(which)->post([self, which, line](InstrumentWorker::Bench& bench) {
    const auto who = bench.link.connect();
    backHome(self, [self, which, who, line] {
      if (line != self->lines_[at(which)] || !self->worker(which)) {
        return;  // another instrument was connected there meanwhile
      }
      if (!who) {
        emit self->said(q(who.error().sentence()), true);
        self->disconnectFrom(which);
        return;
      }
      self->states_[at(which)] = q(who->spoken());
      self->simulated_[at(which)] = who->simulated();
      emit self->changed();
    });
  });
}

job::Origin InstrumentHub::originOf(Instrument which, std::string question) const {
  job::Origin origin;
  origin.instrument = states_[at(which)].toStdString();
  origin.question = std::move(question);
  origin.asked = QDateTime::currentDateTime().toString(Qt::ISODateWithMs).toStdString();
  origin.simulated = yard_ || simulated_[at(which)];
  return origin;
}

void InstrumentHub::disconnectFrom(Instrument which) {
  if (which == Instrument::multimeter) {
    stopWatching();
  }
  if (which == Instrument::scope) {
    stopScope();
  }
  // A source that runs says its last word, "off", before its line is closed.
  workers_[at(which)].reset();
  if (which == Instrument::generator && running_) {
    setRunning(std::nullopt);
  }
  if (which == Instrument::bus) {
    bus_.reset();
    speeds_.clear();
  }
  states_[at(which)] = tr("not connected");
  simulated_[at(which)] = false;
  emit changed();
}

Status InstrumentHub::openYard(const job::Case& job, std::uint32_t seed) {
  if (!job.suspectCircuit()) {
    return Error{"", std::nullopt, say("the job has no circuit in question"),
                 say("choose one first")};
  }
  std::mt19937 random(seed);
  return openYard(job, sim::drawFault(diagnosis::waysToFail(job), random), seed);
}

Status InstrumentHub::openYard(const job::Case& job, const sim::HiddenFault& fault,
                               std::uint32_t seed) {
  closeYard();
  instruments::YardOptions options;
  options.seed = seed;
  auto opened = instruments::Yard::open(job, fault.fault, fault.severity, options);
  if (!opened) {
    return opened.error();
  }
  yard_ = std::move(*opened);
  if (auto map = capture::parseSignalMap(yard_->signalMap(), "yard")) {
    setSignals(std::move(*map));
  }
  const auto& p = yard_->ports();
  const std::pair<Instrument, int> all[] = {{Instrument::multimeter, p.multimeter},
                                            {Instrument::scope, p.scope},
                                            {Instrument::generator, p.generator},
                                            {Instrument::bus, p.bus}};
  for (const auto& [which, port] : all) {
    connectTo(which, QStringLiteral("tcp:127.0.0.1:%1").arg(port));
  }
  return Done{};
}

void InstrumentHub::closeYard() {
  if (!yard_) {
    return;
  }
  for (int i = 0; i < kInstruments; ++i) {
    disconnectFrom(static_cast<Instrument>(i));
  }
  yard_.reset();
  emit changed();
}

void InstrumentHub::place(const circuit::Test& test) {
  if (yard_) {
    yard_->place(test);
  }
}

void InstrumentHub::readMeter(const circuit::Test& test, const QString& job) {
  const auto quantity = instruments::quantityOf(test.kind);
  auto* bench = worker(Instrument::multimeter);
  if (!bench || !quantity) {
    emit said(quantity ? tr("No multimeter is connected.")
                       : tr("A multimeter does not read this kind of test."),
              true);
    return;
  }
  place(test);
  const QPointer<InstrumentHub> self(this);
  const auto origin =
      originOf(Instrument::multimeter,
               std::string(circuit::kTestKindNames[static_cast<std::size_t>(test.kind)]));
  bench->post([self, test, quantity, job, origin](InstrumentWorker::Bench& b) {
    const auto value = b.meter.read(*quantity);
    backHome(self, [self, test, value, job, origin] {
      if (value) {
        emit self->meterRead(test, *value, job, origin);
      } else {
        emit self->said(q(value.error().sentence()), true);
      }
    });
  });
}

void InstrumentHub::recordScope(const circuit::Test& test,
                                const instruments::ScopeSettings& settings, const QString& job) {
  auto* bench = worker(Instrument::scope);
  if (!bench) {
    emit said(tr("No scope is connected."), true);
    return;
  }
  place(test);
  const QPointer<InstrumentHub> self(this);
  const auto origin = originOf(Instrument::scope, "trace");
  bench->post([self, test, settings, job, origin](InstrumentWorker::Bench& b) {
    auto record = b.scope.recordFitted(settings);
    backHome(self, [self, test, record, job, origin] {
      if (record) {
        emit self->scopeRecorded(test, std::make_shared<capture::Record>(*record), job, origin);
      } else {
        emit self->said(q(record.error().sentence()), true);
      }
    });
  });
}

void InstrumentHub::startGenerator(const instruments::GeneratorSettings& settings) {
  auto* bench = worker(Instrument::generator);
  if (!bench) {
    emit said(tr("No signal generator is connected."), true);
    return;
  }
  const QPointer<InstrumentHub> self(this);
  // Whatever becomes of this program or this worker, the output goes off.
  guard_.watch(address(Instrument::generator));
  bench->setLastWord([](InstrumentWorker::Bench& b) {
    b.link.resume();
    (void)b.generator.stop();
  });
  bench->post([self, settings](InstrumentWorker::Bench& b) {
    auto done = b.generator.start(settings);
    if (!done) {
      (void)b.generator.stop();  // half set up is not left on
    }
    backHome(self, [self, done, settings] {
      if (!done) {
        emit self->said(q(done.error().sentence()), true);
      }
      self->setRunning(done ? std::optional(settings) : std::nullopt);
    });
  });
}

void InstrumentHub::setRunning(const std::optional<instruments::GeneratorSettings>& settings) {
  running_ = settings;
  if (!settings) {
    guard_.done();
  }
  emit generatorRuns(settings.has_value());
}

void InstrumentHub::sweepGenerator(double hz) {
  // Only the newest frequency matters: what waits is not piled up.
  if (auto* bench = worker(Instrument::generator); bench && bench->waiting() < 2) {
    bench->post([hz](InstrumentWorker::Bench& b) { (void)b.generator.setHz(hz); });
  }
}

void InstrumentHub::stopGenerator() {
  auto* bench = worker(Instrument::generator);
  if (!bench) {
    return;
  }
  const QPointer<InstrumentHub> self(this);
  bench->post([self](InstrumentWorker::Bench& b) {
    const auto done = b.generator.stop();
    backHome(self, [self, done] {
      if (!done) {
        // Perhaps it is still on: that stays visible, and the guard stays awake.
        emit self->said(tr("The signal source may still be ON: %1").arg(q(done.error().sentence())),
                        true);
        return;
      }
      self->setRunning(std::nullopt);
    });
  });
}

void InstrumentHub::watch(const circuit::Test& test) {
  if (!worker(Instrument::multimeter)) {
    emit said(tr("No multimeter is connected."), true);
    return;
  }
  watchTest_ = test;
  place(test);
  if (!watching_) {
    watching_ = true;
    watchStartMs_ = QDateTime::currentMSecsSinceEpoch();
    watchOnce();
  }
}

void InstrumentHub::watchOnce() {
  auto* bench = worker(Instrument::multimeter);
  if (!watching_ || !bench || !watchTest_) {
    watching_ = false;
    return;
  }
  const auto quantity =
      instruments::quantityOf(watchTest_->kind).value_or(instruments::Quantity::dcVolts);
  const QPointer<InstrumentHub> self(this);
  const qint64 start = watchStartMs_;
  bench->post([self, quantity, start](InstrumentWorker::Bench& b) {
    const auto began = std::chrono::steady_clock::now();
    const auto value = b.meter.read(quantity, false);
    // Twenty a second is what ears follow; a slower meter sets its own pace.
    std::this_thread::sleep_until(began + std::chrono::milliseconds(50));
    backHome(self, [self, value, start] {
      if (!self->watching_) {
        return;
      }
      if (!value) {
        self->watching_ = false;
        emit self->said(q(value.error().sentence()), true);
        emit self->changed();
        return;
      }
      emit self->watched(static_cast<double>(QDateTime::currentMSecsSinceEpoch() - start) / 1000,
                         *value);
      self->watchOnce();
    });
  });
}

void InstrumentHub::stopWatching() {
  watching_ = false;
  watchTest_.reset();
}

// What the scope's thread works with from one block to the next, until it is told to stop.
struct InstrumentHub::ScopeWatch {
  instruments::ScopeSettings settings;
  trace::Options options;
  std::atomic<bool> over{false};
  std::chrono::steady_clock::time_point start = std::chrono::steady_clock::now();
  std::optional<trace::LiveTrace> live;

  // One block, read together with those before; the error when none came.
  std::optional<Error> take(InstrumentWorker::Bench& bench) {
    const auto began = std::chrono::steady_clock::now();
    const auto record = bench.scope.record(settings);
    if (!record) {
      return record.error();
    }
    const auto& channel = record->channels.front();
    // Another rate makes another trace.
    if (!live || std::abs(live->window().time.stepS / record->time.stepS - 1) > 1e-6) {
      live.emplace(record->time.stepS, channel.unit, options);
    }
    live->take(channel.samples, std::chrono::duration<double>(began - start).count());
    settings.fullScaleV = instruments::fittedFullScale(*record, settings.fullScaleV);
    // One that has its samples sooner than they can have been taken is a stand-in: it keeps pace.
    const std::chrono::duration<double> lasts(settings.durationS);
    while (!over && std::chrono::steady_clock::now() - began < lasts) {
      std::this_thread::sleep_for(std::chrono::milliseconds(2));
    }
    return std::nullopt;
  }
};

void InstrumentHub::watchScope(const circuit::Test& test,
                               const instruments::ScopeSettings& settings,
                               const trace::Options& options) {
  stopScope();
  if (!worker(Instrument::scope)) {
    emit said(tr("No scope is connected."), true);
    return;
  }
  place(test);
  scopeWatch_ = std::make_shared<ScopeWatch>();
  scopeWatch_->settings = settings;
  scopeWatch_->options = options;
  watchScopeOnce(this, worker(Instrument::scope), scopeWatch_);
}

// The next block is asked for on the scope's own thread: a window that is busy leaves no gap.
void InstrumentHub::watchScopeOnce(const QPointer<InstrumentHub>& self, InstrumentWorker* bench,
                                   const std::shared_ptr<ScopeWatch>& watch) {
  bench->post([self, bench, watch](InstrumentWorker::Bench& b) {
    if (watch->over) {
      return;
    }
    const auto lost = watch->take(b);
    const auto live = lost ? nullptr : std::make_shared<const trace::LiveTrace>(*watch->live);
    backHome(self, [self, watch, live, lost] {
      if (self->scopeWatch_ != watch) {
        return;  // stopped, or begun anew
      }
      if (lost) {
        self->stopScope();
        emit self->said(q(lost->sentence()), true);
        emit self->changed();
      } else {
        emit self->scopeWatched(live);
      }
    });
    if (!lost) {
      watchScopeOnce(self, bench, watch);
    }
  });
}

void InstrumentHub::stopScope() {
  if (scopeWatch_) {
    scopeWatch_->over = true;
  }
  scopeWatch_.reset();
}

}  // namespace haybale::app
