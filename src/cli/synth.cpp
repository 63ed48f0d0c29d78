#include <algorithm>
#include <memory>

#include "cli/options.h"
#include "core/base/atomic_file.h"
#include "core/capture/open.h"
#include "core/physics/tyre.h"
#include "core/signal/substitute.h"

namespace haybale::cli {

namespace {

struct SynthOptions {
  std::string sensor = "passive";
  double speed = 20;
  std::string profile;
  int teeth = 48;
  double circumference = 0;
  std::string tyre;
  double amplitude = 0;  // 0: not given
  std::vector<double> levels;
  double senseOhm = 0;
  double sampleRate = 0;
  double duration = 0;
  std::string direction = "forward";
  std::vector<std::string> faults;
  double coastS = 0;  // 0: not given
  double noise = 0;
  std::vector<double> hum;  // peak, hertz
  double drift = 0;
  std::uint32_t seed = 1;
  std::string output;
};

circuit::SensorKind kindCalled(const std::string& name) {
  const auto it =
      std::find(circuit::kSensorKindNames.begin(), circuit::kSensorKindNames.end(), name);
  return static_cast<circuit::SensorKind>(it - circuit::kSensorKindNames.begin());
}

double usualRate(circuit::SensorKind kind) {
  switch (kind) {
    case circuit::SensorKind::activePwm:
    case circuit::SensorKind::activeAk:
      return 200e3;
    case circuit::SensorKind::active:
    case circuit::SensorKind::hall:
      return 20e3;
    default:
      return 10e3;
  }
}

Result<signal::Substitute> wantedBy(const SynthOptions& o) {
  signal::Substitute w;
  w.kind = kindCalled(o.sensor);
  w.teeth = o.teeth;
  w.circumferenceM = o.circumference > 0 ? o.circumference : w.circumferenceM;
  if (!o.tyre.empty()) {
    const auto tyre = physics::parseTyre(o.tyre);
    if (!tyre) {
      return tyre.error();
    }
    w.circumferenceM = tyre->circumferenceM();
  }
  constexpr double kPassiveV = 1, kHallV = 5;
  w.peakToPeakV = o.amplitude > 0                       ? o.amplitude
                  : w.kind == circuit::SensorKind::hall ? kHallV
                                                        : kPassiveV;
  if (o.levels.size() == 2) {
    w.lowA = o.levels[0];
    w.highA = o.levels[1];
  }
  if (o.senseOhm > 0) {
    w.senseOhm = o.senseOhm;
  }
  w.rateHz = o.sampleRate > 0 ? o.sampleRate : usualRate(w.kind);
  w.durationS = o.duration > 0 ? o.duration : 2;
  w.reverse = o.direction == "reverse";
  w.topKmh = o.speed;
  w.kmh = [speed = o.speed](double) { return speed; };
  if (!o.profile.empty()) {
    const auto text = job::readFile(o.profile);
    auto profile =
        text ? signal::parseProfile(*text, o.profile) : Result<signal::Profile>(text.error());
    if (!profile) {
      return profile.error();
    }
    w.topKmh = profile->top();
    w.durationS = o.duration > 0 ? o.duration : std::max(1e-3, profile->seconds.back());
    w.kmh = [p = *profile](double t) { return p.at(t); };
  }
  if (o.coastS > 0) {
    // Friction is much the same at every speed: it comes to rest in a straight line.
    w.kmh = [from = o.speed, over = o.coastS](double t) {
      return from * std::max(0.0, 1 - t / over);
    };
  }
  w.disturbance.noiseRms = o.noise;
  w.disturbance.driftPerS = o.drift;
  w.disturbance.seed = o.seed;
  if (!o.hum.empty()) {
    w.disturbance.humPeak = o.hum[0];
    w.disturbance.humHz = o.hum.size() > 1 ? o.hum[1] : w.disturbance.humHz;
  }
  for (const auto& text : o.faults) {
    const auto fault = signal::parseFault(text);
    if (!fault) {
      return fault.error();
    }
    w.faults.push_back(*fault);
  }
  return w;
}

int synth(const SynthOptions& o, Streams streams) {
  const auto wanted = wantedBy(o);
  if (!wanted) {
    const bool file = !o.profile.empty() && wanted.error().where == o.profile;
    return fail(streams, wanted.error(), file ? kMalformed : kUsage);
  }
  const auto record = signal::substitute(*wanted);
  if (!record) {
    return fail(streams, record.error(), kUsage);
  }
  if (const auto status = capture::saveCapture(o.output, *record); !status) {
    return fail(streams, status.error(), kCannot);
  }
  streams.out << o.output << "\n";
  return kDone;
}

}  // namespace

void addSynth(CLI::App& app, Action& chosen) {
  auto o = std::make_shared<SynthOptions>();
  auto* command = app.add_subcommand("synth", "Write a substitute signal as WAV or CSV");
  command->add_option("--sensor", o->sensor, "kind of sensor")
      ->check(CLI::IsMember({"passive", "active", "active-pwm", "active-ak", "hall"}));
  auto* speed =
      command->add_option("--speed", o->speed, "road speed in km/h")->check(within(0.0, 500.0));
  auto* profile =
      command->add_option("--profile", o->profile, "CSV of seconds and km/h")->excludes(speed);
  command->add_option("--coast", o->coastS, "comes to rest from --speed in so many seconds")
      ->check(within(1e-3, 1e6))
      ->excludes(profile);
  command->add_option("--teeth", o->teeth, "teeth or pole pairs")->check(within(1, 2000));
  auto* circumference =
      command->add_option("--circumference", o->circumference, "rolling circumference in metres")
          ->check(within(0.05, 20.0));
  command->add_option("--tyre", o->tyre, "tyre size, as 205/55R16")
      ->check(notEmpty())
      ->excludes(circumference);
  command
      ->add_option("--amplitude", o->amplitude,
                   "volts peak to peak at the speed, or at the profile's highest; passive and hall")
      ->check(within(1e-6, 1e4));
  command->add_option("--levels", o->levels, "low,high in ampere; active only")
      ->delimiter(',')
      ->expected(2)
      ->check(within(0.0, 10.0));
  command->add_option("--sense-resistor", o->senseOhm, "ohms; active in volts instead of amperes")
      ->check(within(0.001, 1e6));
  command->add_option("--sample-rate", o->sampleRate, "hertz")->check(within(1.0, 1e9));
  command->add_option("--duration", o->duration, "seconds")->check(within(1e-6, 1e6));
  command->add_option("--direction", o->direction, "what coded kinds say")
      ->check(CLI::IsMember({"forward", "reverse"}));
  command->add_option("--fault", o->faults,
                      "missing-tooth:13, shallow-tooth:13,40, wide-gap:13,30, runout:20, "
                      "level-step:START_S,BY, dropout:START_S,LENGTH_S,flat|rail|ground, "
                      "crackle:START_S,LENGTH_S,flat|rail|ground; may be repeated");
  command->add_option("--noise", o->noise, "white, root mean square, in volts or amperes")
      ->check(within(0.0, 1e4));
  command->add_option("--hum", o->hum, "PEAK or PEAK,HERTZ of mains hum (50 Hz)")
      ->delimiter(',')
      ->expected(1, 2)
      ->check(within(0.0, 1e4));
  command->add_option("--drift", o->drift, "of the mean, volts or amperes a second")
      ->check(within(-1e4, 1e4));
  command->add_option("--seed", o->seed, "another noise, another crackle");
  command->add_option("-o,--output", o->output, "FILE.wav or FILE.csv")->required();
  command->callback([o, &chosen] { chosen = [o](Streams streams) { return synth(*o, streams); }; });
}

}  // namespace haybale::cli
