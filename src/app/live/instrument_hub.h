// The instruments of the bench as the window sees them: each on a thread of its own, so that a slow
// or lost one never holds the window up. Readings come back as signals.
#pragma once

#include <QMap>
#include <QObject>
#include <QPointer>
#include <memory>

#include "app/live/output_guard.h"
#include "core/capture/candump.h"
#include "core/capture/record.h"
#include "core/job/case.h"
#include "core/trace/live_trace.h"
#include "instruments/drivers.h"
#include "instruments/yard.h"

namespace haybale::app {

class InstrumentWorker;
class BusReader;

enum class Instrument { multimeter, scope, generator, bus };
inline constexpr int kInstruments = 4;

class InstrumentHub : public QObject {
  Q_OBJECT

 public:
  explicit InstrumentHub(QObject* parent = nullptr);
  ~InstrumentHub() override;

  /// Connects to an address such as "tcp:192.168.4.20:5025"; `changed` follows, or `said` with why
  /// not. The bus is a text stream of candump lines; its signal map comes from `setSignals`.
  void connectTo(Instrument which, const QString& address);
  void disconnectFrom(Instrument which);
  [[nodiscard]] bool connected(Instrument which) const;
  /// Who answered there, or how it stands: "Yard meter (Strawside)", "connecting", "not connected".
  [[nodiscard]] QString state(Instrument which) const;
  [[nodiscard]] QString address(Instrument which) const;
  /// Where what an instrument gives now comes from.
  [[nodiscard]] job::Origin originOf(Instrument which, std::string question) const;
  void setSignals(std::vector<capture::BusSignal> wanted);

  /// Opens the simulated yard with a vehicle like that of `job`, something hidden wrong with it,
  /// and connects to its instruments.
  Status openYard(const job::Case& job, std::uint32_t seed);
  Status openYard(const job::Case& job, const sim::HiddenFault& fault, std::uint32_t seed);
  void closeYard();
  [[nodiscard]] instruments::Yard* yard() const { return yard_.get(); }
  /// Tells the yard where the leads are and how the car stands; nothing without one: then hands do.
  void place(const circuit::Test& test);

  // --- what is asked of them; none waits
  /// `job` comes back with the answer: it belongs to the job it was asked for, and to no other.
  void readMeter(const circuit::Test& test, const QString& job = {});
  void recordScope(const circuit::Test& test, const instruments::ScopeSettings& settings,
                   const QString& job = {});
  void startGenerator(const instruments::GeneratorSettings& settings);
  void sweepGenerator(double hz);
  void stopGenerator();
  /// What the source gives out now; unset: its output is off.
  [[nodiscard]] const std::optional<instruments::GeneratorSettings>& running() const {
    return running_;
  }
  /// Reads over and over until `stopWatching`; `watched` follows each time.
  void watch(const circuit::Test& test);
  void stopWatching();
  [[nodiscard]] bool watching() const { return watching_; }
  /// Records block after block and reads the trace while it comes, until `stopScope`;
  /// `scopeWatched` follows each block.
  void watchScope(const circuit::Test& test, const instruments::ScopeSettings& settings,
                  const trace::Options& options);
  void stopScope();
  [[nodiscard]] bool watchingScope() const { return scopeWatch_ != nullptr; }
  /// Latest speed of each wheel from the bus, km/h.
  [[nodiscard]] const QMap<QString, double>& speeds() const { return speeds_; }

 signals:
  void changed();
  void said(const QString& sentence, bool bad);
  void meterRead(const circuit::Test& test, double value, const QString& job,
                 const job::Origin& origin);
  void scopeRecorded(const circuit::Test& test, std::shared_ptr<capture::Record> record,
                     const QString& job, const job::Origin& origin);
  void watched(double s, double value);
  void scopeWatched(std::shared_ptr<const trace::LiveTrace> live);
  void generatorRuns(bool on);
  void speedsChanged();

 private:
  void watchOnce();
  void greet(Instrument which);
  void setRunning(const std::optional<instruments::GeneratorSettings>& settings);
  [[nodiscard]] InstrumentWorker* worker(Instrument which) const;

  OutputGuard guard_;
  std::optional<instruments::GeneratorSettings> running_;
  std::array<std::unique_ptr<InstrumentWorker>, kInstruments> workers_;
  std::array<int, kInstruments> lines_{};  // how often each was connected
  std::array<QString, kInstruments> states_;
  std::array<QString, kInstruments> addresses_;
  std::array<bool, kInstruments> simulated_{};
  std::unique_ptr<BusReader> bus_;
  std::unique_ptr<instruments::Yard> yard_;
  std::vector<capture::BusSignal> signals_;
  QMap<QString, double> speeds_;
  std::optional<circuit::Test> watchTest_;
  struct ScopeWatch;
  static void watchScopeOnce(const QPointer<InstrumentHub>& self, InstrumentWorker* bench,
                             const std::shared_ptr<ScopeWatch>& watch);
  std::shared_ptr<ScopeWatch> scopeWatch_;  // null: none
  bool watching_ = false;
  qint64 watchStartMs_ = 0;
};

}  // namespace haybale::app
