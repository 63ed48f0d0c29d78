// The simulated yard: a made-up vehicle with something wrong, and on loopback ports the multimeter,
// the scope, the signal generator and the wheel speeds of its bus, each speaking what the real one
// speaks. A further port, the hands, says where the leads are and how the car stands: the one thing
// a technician does that no instrument can be asked for.
//
// What is measured comes from the electrical core with the fault in it, noise and the meter's error
// included.
#pragma once

#include <chrono>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <string>

#include "core/sim/sim_vehicle.h"
#include "instruments/loopback_server.h"

namespace haybale::instruments {

struct YardOptions {
  std::uint32_t seed = 1;
  /// First of five ports; 0 takes any free ones.
  int firstPort = 0;
  double meterError = 0.002;
  /// Told of clients that were cut off; on a server's thread. May be empty.
  std::function<void(const std::string&)> log;
};

/// Port of each service on 127.0.0.1.
struct YardPorts {
  int multimeter = 0, scope = 0, generator = 0, bus = 0, hands = 0;
};

class Yard {
 public:
  /// A vehicle made like `c` with `fault` at `severity` in its suspect circuit.
  [[nodiscard]] static Result<std::unique_ptr<Yard>> open(const job::Case& c,
                                                          const diagnosis::Hypothesis& fault,
                                                          double severity,
                                                          const YardOptions& options);
  ~Yard();
  Yard(const Yard&) = delete;
  Yard& operator=(const Yard&) = delete;

  [[nodiscard]] const YardPorts& ports() const { return ports_; }
  [[nodiscard]] const diagnosis::Hypothesis& fault() const { return vehicle_.fault(); }
  /// Where the wheel speeds stand in the bus's frames.
  [[nodiscard]] std::string signalMap() const;

  // --- what the services ask; thread-safe
  /// Puts leads and car as `test` says.
  void place(const circuit::Test& test);
  /// What the meter's leads give now; empty when nothing can be measured there.
  [[nodiscard]] std::optional<double> measure(circuit::TestKind kind);
  [[nodiscard]] std::optional<capture::Record> scope(double durationS, double rateHz);
  void setGenerator(bool on, double hz, double peakToPeakV);
  /// Frames of all wheels' speeds, in candump's text form.
  [[nodiscard]] std::string busFrames();
  /// What the module says of each wheel now, km/h, in the order of the circuits.
  [[nodiscard]] std::vector<double> speeds();
  /// The codes that are stored: those of a drive with the fault until they are cleared, then those
  /// that came back as the car stands.
  [[nodiscard]] std::vector<job::Code> codes();
  void clearCodes();
  [[nodiscard]] const job::Case& vehicle() const { return case_; }
  /// One line of the hands' port: {"test": {...}} places leads and car, {"test": {...}, "answer":
  /// true} also answers what no instrument shows (looks, codes, bench check) as {"reading":
  /// {...}}.
  [[nodiscard]] std::string handsLine(std::string_view line);

 private:
  [[nodiscard]] std::vector<double> speedsNow();  // REQUIRES: the lock is held
  /// A fault that comes and goes does so for tenths of a second, not anew at every reading.
  void comeAndGo();
  Yard(const job::Case& c, const diagnosis::Hypothesis& fault, double severity,
       const YardOptions& options);

  std::mutex mutex_;
  job::Case case_;
  sim::SimVehicle vehicle_;
  circuit::Test now_;  // where the leads are, how the car stands
  std::chrono::steady_clock::time_point heldUntil_;
  bool shown_ = false;
  bool cleared_ = false;
  std::mt19937 random_{7};
  bool generatorOn_ = false;
  double generatorHz_ = 100;
  double generatorV_ = 1;
  YardPorts ports_;
  std::vector<std::unique_ptr<LoopbackServer>> servers_;
};

}  // namespace haybale::instruments
