#include "instruments/drivers.h"

#include <fmt/format.h>

#include <bit>
#include <cmath>
#include <cstring>

#include "core/base/say.h"

namespace haybale::instruments {

std::optional<Quantity> quantityOf(circuit::TestKind kind) {
  switch (circuit::unitOf(kind)) {
    case units::Unit::ohm:
      return Quantity::ohms;
    case units::Unit::ampere:
      return Quantity::amperes;
    case units::Unit::volt:
      return kind == circuit::TestKind::acVoltage ? Quantity::acVolts : Quantity::dcVolts;
    default:
      return std::nullopt;
  }
}

Result<double> Multimeter::read(Quantity quantity, bool surely) {
  static constexpr std::array<const char*, 4> kFunctions{"VOLT:DC", "VOLT:AC", "RES", "CURR:DC"};
  if (set_ != quantity) {
    set_.reset();
    if (auto done =
            link_.prepare(fmt::format("CONF:{}", kFunctions[static_cast<std::size_t>(quantity)]));
        !done) {
      return done.error();
    }
    set_ = quantity;
  }
  return link_.askNumber("READ?", surely);
}

namespace {

// Real samples, 32 bit, highest byte first (IEEE 488.2's order for FORMAT REAL).
std::vector<float> floatsOf(std::string_view bytes) {
  std::vector<float> out(bytes.size() / 4);
  for (std::size_t i = 0; i < out.size(); ++i) {
    std::uint32_t word = 0;
    for (std::size_t b = 0; b < 4; ++b) {
      word = word << 8 | static_cast<unsigned char>(bytes[4 * i + b]);
    }
    out[i] = std::bit_cast<float>(word);
    if (std::isinf(out[i]) || std::abs(out[i]) > 9e36F) {
      out[i] = std::nanf("");  // over-range is a gap, never a value
    }
  }
  return out;
}

Result<std::vector<float>> samplesOf(std::string_view answer, const std::string& name) {
  if (answer.find('#') != std::string_view::npos) {
    const auto block = blockContent(answer);
    if (!block || block->size() % 4 != 0) {
      return block ? Error{name, std::nullopt,
                           say("sent a block that is not made of 4-byte samples"), "FORMAT REAL,32"}
                   : Error{name, std::nullopt, block.error().what, block.error().wanted};
    }
    return floatsOf(*block);
  }
  const auto numbers = parseNumbers(answer);  // an instrument that only writes ASCII
  if (!numbers) {
    return Error{name, std::nullopt, numbers.error().what, numbers.error().wanted};
  }
  std::vector<float> out;
  out.reserve(numbers->size());
  for (const double v : *numbers) {
    out.push_back(std::isfinite(v) ? static_cast<float>(v) : std::nanf(""));
  }
  return out;
}

}  // namespace

double fittedFullScale(const capture::Record& seen, double fullScaleV) {
  double most = 0;
  bool beyond = false;
  for (const auto& channel : seen.channels) {
    for (const float v : channel.samples) {
      beyond = beyond || std::isnan(v);
      most = std::isnan(v) ? most : std::max(most, std::abs(static_cast<double>(v)));
    }
  }
  const double wanted = std::clamp(beyond ? 10 * fullScaleV : 3 * most, 0.1, 400.0);
  const bool near = !beyond && wanted > 0.5 * fullScaleV && wanted <= 1.5 * fullScaleV;
  return near ? fullScaleV : wanted;
}

Result<capture::Record> Scope::recordFitted(ScopeSettings settings) {
  constexpr double kLookS = 0.25;
  constexpr int kMostLooks = 3;
  ScopeSettings look = settings;
  look.durationS = std::min(kLookS, settings.durationS);
  look.points = std::min<std::size_t>(settings.points, 2500);
  for (int k = 0; k < kMostLooks; ++k) {
    const auto seen = record(look);
    if (!seen) {
      return seen.error();
    }
    const double fitted = fittedFullScale(*seen, look.fullScaleV);
    if (fitted == look.fullScaleV) {
      break;
    }
    look.fullScaleV = fitted;
  }
  settings.fullScaleV = look.fullScaleV;
  return record(settings);
}

Result<capture::Record> Scope::record(const ScopeSettings& s) {
  std::string setUp = "FORM REAL,32";
  for (const int channel : s.channels) {
    setUp += fmt::format(";:SENS:VOLT{}:RANG {:.6G}", channel, s.fullScaleV);
  }
  setUp += fmt::format(";:SENS:SWE:TIME {:.6G};:SENS:SWE:POIN {}", s.durationS, s.points);
  if (auto done = link_.prepare(setUp); !done) {
    return done.error();
  }
  // What it was really set to: instruments take the nearest they have.
  const auto duration = link_.askNumber("SENS:SWE:TIME?");
  if (!duration) {
    return duration.error();
  }
  const auto finished = link_.ask("INIT;*OPC?");
  if (!finished) {
    return finished.error();
  }
  capture::Record out;
  for (const int channel : s.channels) {
    const auto answer = link_.ask(fmt::format("TRAC:DATA? CH{}", channel));
    if (!answer) {
      return answer.error();
    }
    auto samples = samplesOf(*answer, link_.name());
    if (!samples) {
      return samples.error();
    }
    auto& c = out.channels.emplace_back();
    c.name = fmt::format("CH{}", channel);
    c.unit = units::Unit::volt;
    c.samples = std::move(*samples);
  }
  const std::size_t count = out.channels.front().samples.size();
  if (count < 2 || !(*duration > 0)) {
    return Error{link_.name(), std::nullopt, say("sent no samples"),
                 say("a record of at least two")};
  }
  out.time.stepS = *duration / static_cast<double>(count);
  return out;
}

Status Generator::start(const GeneratorSettings& s) {
  return link_.command(
      fmt::format("OUTP OFF;:SOUR:FUNC {};:SOUR:FREQ {:.8G};:SOUR:VOLT {:.6G};"
                  ":SOUR:VOLT:OFFS {:.6G};:OUTP ON",
                  s.square ? "SQU" : "SIN", s.hz, s.peakToPeakV, s.offsetV));
}

Status Generator::setHz(double hz) {
  return link_.command(fmt::format("SOUR:FREQ {:.8G}", hz));
}

Status Generator::stop() {
  return link_.command("OUTP OFF");
}

}  // namespace haybale::instruments
