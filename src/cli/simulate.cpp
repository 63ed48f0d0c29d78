#include <unistd.h>

#include <atomic>
#include <chrono>
#include <csignal>
#include <filesystem>
#include <memory>
#include <ostream>
#include <random>
#include <thread>

#include "cli/options.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/belief/ways_to_fail.h"
#include "core/demo/demo.h"
#include "core/job/case_json.h"
#include "instruments/yard.h"
#include "scan/sim_ecu.h"

namespace haybale::cli {

namespace {

struct SimulateOptions {
  std::string file;
  std::string fault;
  std::string element;
  std::string wire;
  double severity = 0;
  bool severityGiven = false;
  bool hidden = false;
  std::uint32_t seed = 1;
  int firstPort = 0;
  double seconds = 0;
  std::string mapFile;
};

std::atomic<bool> over{false};

void stop(int) {
  over = true;
}

Result<job::Case> vehicleOf(const SimulateOptions& o) {
  auto c = o.file.empty() ? job::parseCase(job::demoFiles().front().bytes, "demo")
                          : job::loadCase(o.file);
  if (c && !c->suspectCircuit()) {
    return Error{o.file, std::nullopt, "has no circuit in question", "name one in \"suspect\""};
  }
  return c;
}

Result<sim::HiddenFault> faultOf(const job::Case& c, const SimulateOptions& o) {
  if (o.fault.empty()) {
    std::mt19937 random(o.seed);
    return sim::drawFault(diagnosis::waysToFail(c), random);
  }
  return sim::chosenFault(diagnosis::waysToFail(c), o.fault, o.element, o.wire,
                          o.severityGiven ? std::optional(o.severity) : std::nullopt);
}

Json describe(const instruments::Yard& yard, const scan::SimEcu& ecu, const std::string& map,
              const SimulateOptions& o) {
  const auto& p = yard.ports();
  Json out{{"format", "haybale-yard"},
           {"version", 1},
           {"host", "127.0.0.1"},
           {"ports",
            {{"multimeter", p.multimeter},
             {"scope", p.scope},
             {"generator", p.generator},
             {"bus", p.bus},
             {"hands", p.hands}}},
           {"doip", ecu.port()},
           {"scan_map", map},
           {"map", map},
           {"signal_map", Json::parse(yard.signalMap())},
           {"fault", nullptr}};
  if (!o.hidden) {
    const auto& f = yard.fault();
    out["fault"] = {
        {"element", f.element},
        {"fault", std::string(diagnosis::nameOf(f.fault))},
        {"wire", f.wire ? Json(std::string(circuit::kWireNames[static_cast<std::size_t>(*f.wire)]))
                        : Json(nullptr)}};
  }
  return out;
}

// The map for whoever scans, as long as it is served.
class ScanMapFile {
 public:
  explicit ScanMapFile(const std::string& text)
      : path_((std::filesystem::temp_directory_path() /
               ("haybale-scan-map-" + std::to_string(::getpid()) + ".json"))
                  .string()),
        written_(job::writeFileAtomically(path_, text, false)) {}
  ScanMapFile(const ScanMapFile&) = delete;
  ScanMapFile& operator=(const ScanMapFile&) = delete;
  ~ScanMapFile() {
    std::error_code ignored;
    std::filesystem::remove(path_, ignored);
  }
  [[nodiscard]] const std::string& path() const { return path_; }
  [[nodiscard]] const Status& written() const { return written_; }

 private:
  std::string path_;
  Status written_;
};

int simulate(const SimulateOptions& o, Streams streams) {
  const auto c = vehicleOf(o);
  if (!c) {
    return fail(streams, c.error(), kMalformed);
  }
  const auto fault = faultOf(*c, o);
  if (!fault) {
    return fail(streams, fault.error(), kUsage);
  }
  instruments::YardOptions options;
  options.seed = o.seed;
  options.firstPort = o.firstPort;
  options.log = [&streams](const std::string& sentence) { streams.err << sentence << std::endl; };
  const auto yard = instruments::Yard::open(*c, fault->fault, fault->severity, options);
  if (!yard) {
    return fail(streams, yard.error(), kCannot);
  }
  if (!o.mapFile.empty()) {
    if (const auto written = job::writeFileAtomically(o.mapFile, (*yard)->signalMap()); !written) {
      return fail(streams, written.error(), kCannot);
    }
  }
  const auto ecu = scan::SimEcu::open(**yard, o.firstPort > 0 ? o.firstPort + 5 : 0);
  if (!ecu) {
    return fail(streams, ecu.error(), kCannot);
  }
  const ScanMapFile map(scan::scanMapText((*ecu)->map()));
  if (const auto& written = map.written(); !written) {
    return fail(streams, written.error(), kCannot);
  }
  over = false;
  std::signal(SIGINT, stop);
  std::signal(SIGTERM, stop);
  streams.out << describe(**yard, **ecu, map.path(), o).dump() << "\n" << std::flush;
  const auto end = std::chrono::steady_clock::now() + std::chrono::duration<double>(o.seconds);
  while (!over && (o.seconds <= 0 || std::chrono::steady_clock::now() < end)) {
    std::this_thread::sleep_for(std::chrono::milliseconds(20));
  }
  return kDone;
}

}  // namespace

void addSimulate(CLI::App& app, Action& chosen) {
  auto o = std::make_shared<SimulateOptions>();
  auto* command = app.add_subcommand(
      "simulate",
      "A made-up vehicle with a fault, its multimeter, scope, generator and wheel speeds on "
      "loopback ports; prints the ports as one JSON line and serves until it is stopped");
  command->add_option("CASE", o->file, "case file the vehicle is like; the demo job when left out");
  command->add_option("--fault", o->fault,
                      "what is wrong, as in a diagnosis: open, sensor-dead, ...; drawn by the seed "
                      "when left out");
  command->add_option("--element", o->element, "where: an id of the path");
  command->add_option("--wire", o->wire, "a, b or c");
  auto* severity = command->add_option("--severity", o->severity,
                                       "ohms, or the share of output left; the middle otherwise");
  command->add_flag("--hidden", o->hidden, "do not say what is wrong");
  command->add_option("--seed", o->seed, "of the vehicle's values and its noise");
  command->add_option("--first-port", o->firstPort, "first of five ports; any free ones otherwise")
      ->check(within(0, 65530));
  command->add_option("--for", o->seconds, "end after so many seconds")->check(within(0.0, 1e6));
  command->add_option("--map", o->mapFile, "write the signal map of the bus to this file");
  command->callback([o, severity, &chosen] {
    o->severityGiven = severity->count() > 0;
    chosen = [o](Streams streams) { return simulate(*o, streams); };
  });
}

}  // namespace haybale::cli
