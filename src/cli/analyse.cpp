#include <algorithm>
#include <cmath>
#include <memory>
#include <ostream>

#include "cli/options.h"
#include "core/base/json.h"
#include "core/base/parallel.h"
#include "core/base/text.h"
#include "core/capture/open.h"
#include "core/physics/tyre.h"
#include "core/trace/analysis_json.h"
#include "core/trace/at_mains.h"
#include "core/trace/common_mode.h"

namespace haybale::cli {

namespace {

struct AnalyseOptions {
  std::string file;
  std::string channel;
  std::string sensor = "auto";
  std::string unit;
  std::string tyre;
  double teeth = 0;
  double circumference = 0;
  double senseOhm = 0;
  double sampleRate = 0;
  double fullScale = 0;
  bool json = false;
};

Result<trace::Options> traceOptions(const AnalyseOptions& o) {
  trace::Options options;
  for (std::size_t i = 0; i < circuit::kSensorKindNames.size(); ++i) {
    if (o.sensor == circuit::kSensorKindNames[i]) {
      options.sensor = static_cast<circuit::SensorKind>(i);
    }
  }
  if (o.teeth > 0) {
    options.teeth = o.teeth;
  }
  if (o.senseOhm > 0) {
    options.senseOhm = o.senseOhm;
  }
  if (o.circumference > 0) {
    options.circumferenceM = o.circumference;
  } else if (!o.tyre.empty()) {
    const auto tyre = physics::parseTyre(o.tyre);
    if (!tyre) {
      return tyre.error();
    }
    options.circumferenceM = tyre->circumferenceM();
  }
  return options;
}

// By name, or by number counted from 1; empty means all.
Result<std::vector<std::size_t>> channelsWanted(const capture::Record& record,
                                                const std::string& wanted) {
  std::vector<std::size_t> out;
  for (std::size_t i = 0; i < record.channels.size(); ++i) {
    if (wanted.empty() || text::lower(record.channels[i].name) == text::lower(wanted)) {
      out.push_back(i);
    }
  }
  if (out.empty() && !wanted.empty() && wanted.size() < 4 &&
      std::all_of(wanted.begin(), wanted.end(), [](char c) { return c >= '0' && c <= '9'; })) {
    const auto number = static_cast<std::size_t>(std::stoul(wanted));
    if (number >= 1 && number <= record.channels.size()) {
      out.push_back(number - 1);
    }
  }
  if (out.empty()) {
    std::string names;
    for (const auto& channel : record.channels) {
      names += (names.empty() ? "" : ", ") + channel.name;
    }
    return Error{record.file, std::nullopt, "has no channel \"" + wanted + "\"",
                 "one of " + names + ", or a number from 1"};
  }
  return out;
}

void printAnalysis(std::ostream& out, const std::vector<trace::ChannelAnalysis>& channels,
                   const std::vector<trace::Comparison>& comparisons) {
  for (const auto& a : channels) {
    out << a.name << ": " << trace::kSignalNames[static_cast<std::size_t>(a.signal)] << ", "
        << a.pulseCount << " pulses, " << units::format(a.levels.peakToPeak, a.unit)
        << " peak to peak";
    if (a.frequencyHz) {
      out << ", " << units::format(a.frequencyHz->median, units::Unit::hertz);
    }
    if (a.speedKmh) {
      out << ", " << units::format(a.speedKmh->median, units::Unit::kmh);
    }
    out << "\n";
    for (const auto& f : a.findings) {
      out << "  " << nameOf(f.code) << ": " << f.text << "\n";
    }
  }
  for (const auto& c : comparisons) {
    out << c.text << "\n";
  }
}

int analyse(const AnalyseOptions& o, Streams streams) {
  const auto options = traceOptions(o);
  if (!options) {
    return fail(streams, options.error(), kUsage);
  }
  capture::OpenOptions open;
  if (o.sampleRate > 0) {
    open.csv.sampleRateHz = o.sampleRate;
  }
  open.csv.unit = o.unit == "A" ? units::Unit::ampere : units::Unit::volt;
  if (!o.unit.empty()) {
    open.wav.unit = open.csv.unit;
  }
  if (o.fullScale > 0) {
    open.wav.fullScale = o.fullScale;
  }
  const auto record = capture::openCapture(o.file, open);
  if (!record) {
    return fail(streams, record.error(), kMalformed);
  }
  for (const auto& remark : record->remarks) {
    streams.err << o.file << ": " << remark << "\n";
  }
  const auto wanted = channelsWanted(*record, o.channel);
  if (!wanted) {
    return fail(streams, wanted.error(), kCannot);
  }
  std::vector<trace::ChannelAnalysis> channels(wanted->size());
  parallelFor(channels.size(), [&](std::size_t i) {
    channels[i] = trace::analyse(*record, (*wanted)[i], *options);
  });
  std::vector<trace::ChannelAnalysis*> all;
  for (auto& channel : channels) {
    all.push_back(&channel);
  }
  for (std::size_t i = 0; i < channels.size(); ++i) {
    if (const auto hz = trace::turnsAtMains(channels[i], {all.begin(), all.end()})) {
      auto turning = *options;
      turning.turnsAtHz = hz;
      channels[i] = trace::analyse(*record, (*wanted)[i], turning);
    }
  }
  trace::tellCommon(all);
  std::vector<trace::Comparison> comparisons;
  for (std::size_t i = 0; i < channels.size(); ++i) {
    for (std::size_t j = i + 1; j < channels.size(); ++j) {
      if (const auto comparison = trace::compare(channels[i], channels[j])) {
        trace::applyComparison(*comparison, channels[i], channels[j]);
      }
      for (auto& each : trace::compareAll(channels[i], channels[j])) {
        comparisons.push_back(std::move(each));
      }
    }
  }
  if (o.json) {
    streams.out << trace::toJson(o.file, channels, comparisons).dump(2) << "\n";
  } else {
    printAnalysis(streams.out, channels, comparisons);
  }
  return kDone;
}

}  // namespace

void addAnalyse(CLI::App& app, Action& chosen) {
  auto o = std::make_shared<AnalyseOptions>();
  auto* command = app.add_subcommand("analyse", "Read a capture: levels, pulses, speed, findings");
  command->add_option("FILE", o->file, "capture: CSV, WAV or VCD")->required();
  command->add_option("--channel", o->channel, "name or number (from 1); all when left out");
  command->add_option("--sensor", o->sensor, "kind of sensor")
      ->check(CLI::IsMember({"passive", "active", "active-pwm", "active-ak", "hall", "auto"}));
  command->add_option("--teeth", o->teeth, "teeth or pole pairs of the ring")
      ->check(within(1.0, 2000.0));
  auto* circumference =
      command->add_option("--circumference", o->circumference, "rolling circumference in metres")
          ->check(within(0.05, 20.0));
  command->add_option("--tyre", o->tyre, "tyre size, as 205/55R16")
      ->check(notEmpty())
      ->excludes(circumference);
  command->add_option("--sense-resistor", o->senseOhm, "ohms; turns volts into amperes")
      ->check(within(0.001, 1e6));
  command->add_option("--sample-rate", o->sampleRate, "hertz, for a file without a time column")
      ->check(within(1e-3, 1e12));
  command->add_option("--full-scale", o->fullScale, "volts at full scale (WAV)")
      ->check(within(1e-9, 1e9));
  command->add_option("--unit", o->unit, "unit of channels that name none")
      ->check(CLI::IsMember({"V", "A"}));
  command->add_flag("--json", o->json, "print the analysis as JSON");
  command->callback(
      [o, &chosen] { chosen = [o](Streams streams) { return analyse(*o, streams); }; });
}

}  // namespace haybale::cli
