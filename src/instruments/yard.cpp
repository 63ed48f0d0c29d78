#include "instruments/yard.h"

#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <cmath>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/capture/candump.h"
#include "core/job/test_json.h"
#include "instruments/sim_instruments.h"

namespace haybale::instruments {

using circuit::TestKind;

namespace {

constexpr std::uint32_t kSpeedFrame = 0x1F0;  // four wheels a frame, the next frame one further

std::vector<capture::BusSignal> signalsOf(const job::Case& c) {
  std::vector<capture::BusSignal> out;
  for (std::size_t i = 0; i < c.circuits.size(); ++i) {
    capture::BusSignal s;
    s.circuit = c.circuits[i].name;
    s.id = kSpeedFrame + static_cast<std::uint32_t>(i / 4);
    s.firstByte = 2 * (i % 4);
    out.push_back(std::move(s));
  }
  return out;
}

job::Case withKind(job::Case c) {
  for (auto& circuit : c.circuits) {
    if (circuit.sensor.kind == circuit::SensorKind::unknown) {
      circuit.sensor.kind = circuit::SensorKind::passive;
    }
  }
  return c;
}

sim::SimOptions simOptions(const YardOptions& o) {
  sim::SimOptions out;
  out.seed = o.seed;
  out.slip = 0;  // whoever works here makes mistakes of their own
  out.meterError = o.meterError;
  return out;
}

std::string oneLine(const Json& json) {
  return json.dump(-1, ' ', false, Json::error_handler_t::replace) + "\n";
}

// A SCPI device behind a port; the server owns it.
template <class Device>
LoopbackServer::Answer scpi(Yard& yard) {
  auto device = std::make_shared<Device>(yard);
  return [device](std::string_view line) {
    std::string answer = device->execute(line);
    return answer.empty() ? answer : answer + "\n";
  };
}

}  // namespace

Yard::Yard(const job::Case& c, const diagnosis::Hypothesis& fault, double severity,
           const YardOptions& options)
    : case_(withKind(c)), vehicle_(case_, fault, severity, simOptions(options)) {
  now_.circuit = case_.suspect;
}

namespace {
constexpr int kEveryMs = 50;  // between two frames of the bus
}

Yard::~Yard() {
  servers_.clear();  // before what they ask
}

Result<std::unique_ptr<Yard>> Yard::open(const job::Case& c, const diagnosis::Hypothesis& fault,
                                         double severity, const YardOptions& options) {
  std::unique_ptr<Yard> yard(new Yard(c, fault, severity, options));
  Yard& y = *yard;
  const std::pair<int*, LoopbackServer::Answer> services[] = {
      {&y.ports_.multimeter, scpi<SimMultimeter>(y)},
      {&y.ports_.scope, scpi<SimScope>(y)},
      {&y.ports_.generator, scpi<SimGenerator>(y)},
      {&y.ports_.bus, [](std::string_view) { return std::string(); }},
      {&y.ports_.hands, [&y](std::string_view line) { return y.handsLine(line); }}};
  LoopbackServer::Limits limits;
  limits.log = options.log;
  int port = options.firstPort;
  for (const auto& [where, answer] : services) {
    const bool bus = where == &y.ports_.bus;
    auto server = LoopbackServer::start(
        port, answer, bus ? [&y] { return y.busFrames(); } : LoopbackServer::Stream(), kEveryMs,
        limits);
    if (!server) {
      return server.error();
    }
    *where = (*server)->port();
    y.servers_.push_back(std::move(*server));
    port += port > 0 ? 1 : 0;
  }
  return yard;
}

std::string Yard::signalMap() const {
  return capture::signalMapText(signalsOf(case_));
}

void Yard::place(const circuit::Test& test) {
  const std::lock_guard lock(mutex_);
  now_ = test;
}

void Yard::comeAndGo() {
  const auto now = std::chrono::steady_clock::now();
  if (!diagnosis::isIntermittent(vehicle_.fault().fault) || now < heldUntil_) {
    return;
  }
  // A strand that opens for a tenth of a second, and then touches again for some.
  const auto& disturb = now_.state.disturb;
  const double p = !disturb                                       ? 0.002
                   : disturb->element == vehicle_.fault().element ? 0.75
                   : disturb->element.empty()                     ? 0.5
                                                                  : 0.01;
  const auto share = [&] { return static_cast<double>(random_()) / 4294967296.0; };
  shown_ = !shown_ && share() < p;
  vehicle_.holdShown(shown_);
  heldUntil_ = now + std::chrono::milliseconds((shown_ ? 60 : 250) +
                                               static_cast<int>((shown_ ? 90 : 250) * share()));
}

std::optional<double> Yard::measure(TestKind kind) {
  const std::lock_guard lock(mutex_);
  circuit::Test test = now_;
  test.kind = kind;
  comeAndGo();
  const auto reading = vehicle_.answer(test);
  if (!reading || !reading->value) {
    return std::nullopt;
  }
  return reading->value->overload ? INFINITY : reading->value->value;
}

std::optional<capture::Record> Yard::scope(double durationS, double rateHz) {
  const std::lock_guard lock(mutex_);
  circuit::Test test = now_;
  test.kind = TestKind::waveform;
  return vehicle_.record(test, durationS, rateHz);
}

void Yard::setGenerator(bool on, double hz, double peakToPeakV) {
  const std::lock_guard lock(mutex_);
  generatorOn_ = on;
  generatorHz_ = hz;
  generatorV_ = peakToPeakV;
}

std::vector<double> Yard::speedsNow() {
  circuit::Test test = now_;
  test.kind = TestKind::liveSpeed;
  if (test.state.inject) {
    // Where the hands hung it on, what the generator gives.
    test.state.inject->hz = generatorOn_ ? generatorHz_ : 0;
    test.state.inject->peakToPeakV = generatorV_;
  }
  const auto reading = vehicle_.answer(test);
  const bool still = test.state.wheel == circuit::WheelMotion::still &&
                     !(test.state.inject && test.state.inject->hz > 0);
  std::vector<double> out;
  for (std::size_t i = 0; i < case_.circuits.size(); ++i) {
    const bool own = case_.circuits[i].name == test.circuit;
    const bool turns =
        !still && (!test.state.inject || own || test.state.wheel != circuit::WheelMotion::still);
    out.push_back(reading && turns && i < reading->kmh.size()
                      ? std::clamp(reading->kmh[i].second, 0.0, 600.0)
                      : 0);
  }
  return out;
}

std::vector<double> Yard::speeds() {
  const std::lock_guard lock(mutex_);
  return speedsNow();
}

std::vector<job::Code> Yard::codes() {
  const std::lock_guard lock(mutex_);
  circuit::Test test = now_;
  test.kind = TestKind::codes;
  test.state.key = circuit::Key::on;
  if (!cleared_) {
    test.state.wheel = circuit::WheelMotion::driven;
  }
  const auto reading = vehicle_.answer(test);
  return reading && reading->codes ? *reading->codes : std::vector<job::Code>{};
}

void Yard::clearCodes() {
  const std::lock_guard lock(mutex_);
  cleared_ = true;
}

std::string Yard::busFrames() {
  const std::lock_guard lock(mutex_);
  const auto speeds = speedsNow();
  const double s =
      std::chrono::duration<double>(std::chrono::system_clock::now().time_since_epoch()).count();
  std::string out;
  for (std::size_t first = 0; first < speeds.size(); first += 4) {
    std::string data;
    for (std::size_t i = first; i < std::min(first + 4, speeds.size()); ++i) {
      data += fmt::format("{:04X}", static_cast<unsigned>(speeds[i] * 100));
    }
    out += fmt::format("({:.6f}) can0 {:03X}#{}\n", s, kSpeedFrame + first / 4, data);
  }
  return out;
}

std::string Yard::handsLine(std::string_view line) {
  const auto fail = [](const std::string& sentence) { return oneLine({{"error", sentence}}); };
  const auto json = parseJson(line, "line");
  if (!json || !json->is_object() || !json->contains("test")) {
    return fail(json ? say("no test; {\"test\": {...}}") : json.error().sentence());
  }
  const auto test = job::readTestJson((*json)["test"], "test", case_);
  if (!test) {
    return fail(test.error().sentence());
  }
  place(*test);
  if (json->value("answer", Json(false)) != Json(true)) {
    return oneLine({{"done", true}});
  }
  const std::lock_guard lock(mutex_);
  vehicle_.holdShown(std::nullopt);
  const auto reading = vehicle_.answer(*test);
  return reading ? oneLine({{"reading", job::readingJson(*reading, test->kind)}})
                 : oneLine({{"cannot", "that cannot be measured here"}});
}

}  // namespace haybale::instruments
