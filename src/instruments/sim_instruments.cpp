#include "instruments/sim_instruments.h"

#include <fmt/format.h>

#include <algorithm>
#include <bit>
#include <cmath>

#include "core/base/text.h"

namespace haybale::instruments {

using circuit::TestKind;

namespace {

// NR3, and SCPI's own numbers for what has none.
std::string nr3(double value) {
  if (std::isnan(value)) {
    return "9.91E+37";
  }
  if (std::isinf(value)) {
    return value > 0 ? "9.90E+37" : "-9.90E+37";
  }
  return fmt::format("{:+.7E}", value);
}

std::optional<bool> onOff(const std::vector<std::string>& arguments) {
  const std::string word = arguments.empty() ? "" : text::lower(arguments.front());
  return word == "on" || word == "1"    ? std::optional(true)
         : word == "off" || word == "0" ? std::optional(false)
                                        : std::nullopt;
}

}  // namespace

SimMultimeter::SimMultimeter(Yard& yard)
    : ScpiDevice({std::string(kSimulatedMaker), "Yard meter", "11", "1.0"}), yard_(yard) {
  addFunction("VOLTage[:DC]", "VOLT", TestKind::dcVoltage);
  addFunction("VOLTage:AC", "VOLT:AC", TestKind::acVoltage);
  addFunction("RESistance", "RES", TestKind::resistance);
  addFunction("CURRent[:DC]", "CURR", TestKind::current);
  on("CONFigure?", [this](auto&) { return "\"" + function_ + "\""; });
  on("INITiate[:IMMediate]", [this](auto&) {
    last_ = reading();
    return std::string();
  });
  on("FETCh?", [this](auto&) { return last_; });
  on("READ?", [this](auto&) { return last_ = reading(); });
}

void SimMultimeter::addFunction(const std::string& word, const std::string& shown, TestKind kind) {
  const auto choose = [this, shown, kind] {
    kind_ = kind;
    function_ = shown;
  };
  on("CONFigure:" + word, [choose](auto&) {
    choose();
    return std::string();
  });
  on("MEASure:" + word + "?", [this, choose](auto&) {
    choose();
    return last_ = reading();
  });
}

std::string SimMultimeter::reading() {
  const auto value = yard_.measure(kind_);
  // Open leads: no volts, no end of ohms.
  return nr3(value.value_or(kind_ == TestKind::resistance ? INFINITY : 0));
}

SimScope::SimScope(Yard& yard)
    : ScpiDevice({std::string(kSimulatedMaker), "Yard scope", "12", "1.0"}), yard_(yard) {
  on("[SENSe]:VOLTage#[:DC]:RANGe[:UPPer]", [this](auto& a) {
    fullScaleV_ = numberIn(a, 0.01, 400).value_or(fullScaleV_);
    return std::string();
  });
  on("[SENSe]:SWEep:TIME", [this](auto& a) {
    durationS_ = numberIn(a, 1e-3, 100).value_or(durationS_);
    return std::string();
  });
  on("[SENSe]:SWEep:TIME?", [this](auto&) { return nr3(durationS_); });
  on("[SENSe]:SWEep:POINts", [this](auto& a) {
    points_ = std::round(numberIn(a, 100, 2e6).value_or(points_));
    return std::string();
  });
  on("[SENSe]:SWEep:POINts?", [this](auto&) { return fmt::format("{:.0f}", points_); });
  on("FORMat[:DATA]", [this](auto& a) {
    const std::string word = a.empty() ? "" : text::lower(a.front());
    const bool real = word.rfind("real", 0) == 0 && (a.size() < 2 || a[1] == "32");
    if (!real && word.rfind("asc", 0) != 0) {
      refuse(-224, "Illegal parameter value");
    } else {
      binary_ = real;
    }
    return std::string();
  });
  on("INITiate[:IMMediate]", [this](auto&) {
    acquire();
    return std::string();
  });
  on("TRACe[:DATA]?", [this](auto& a) {
    if (a.size() != 1 || text::lower(a.front()) != "ch1") {
      refuse(-256, "Trace name not found");
      return std::string();
    }
    return trace();
  });
}

void SimScope::reset() {
  fullScaleV_ = 20;
  durationS_ = 2;
  points_ = 10000;
  binary_ = false;
  samples_.clear();
}

void SimScope::acquire() {
  samples_.clear();
  const auto record = yard_.scope(durationS_, points_ / durationS_);
  const auto count = static_cast<std::size_t>(points_);
  if (!record) {
    samples_.assign(count, 0.0F);  // leads that hang free
    return;
  }
  samples_ = record->channels[0].samples;
  samples_.resize(count, samples_.empty() ? 0.0F : samples_.back());
  // Eight bits over the range, and beyond it over-range.
  const double step = fullScaleV_ / 256;
  for (auto& v : samples_) {
    v = std::abs(v) > fullScaleV_ ? static_cast<float>(std::copysign(9.9e37, v))
                                  : static_cast<float>(std::round(v / step) * step);
  }
}

std::string SimScope::trace() const {
  if (binary_) {
    std::string bytes;
    bytes.reserve(4 * samples_.size());
    for (const float v : samples_) {
      const auto word = std::bit_cast<std::uint32_t>(v);
      for (int shift = 24; shift >= 0; shift -= 8) {
        bytes += static_cast<char>(word >> shift & 0xFF);
      }
    }
    return definiteBlock(bytes);
  }
  std::string out;
  for (const float v : samples_) {
    out += (out.empty() ? "" : ",") + fmt::format("{:.5E}", v);
  }
  return out;
}

SimGenerator::SimGenerator(Yard& yard)
    : ScpiDevice({std::string(kSimulatedMaker), "Yard generator", "13", "1.0"}), yard_(yard) {
  on("[SOURce]:FUNCtion[:SHAPe]", [this](auto& a) {
    const std::string word = a.empty() ? "" : text::lower(a.front());
    if (word.rfind("sin", 0) == 0 || word.rfind("squ", 0) == 0) {
      shape_ = word.rfind("sin", 0) == 0 ? "SIN" : "SQU";
    } else {
      refuse(-224, "Illegal parameter value");
    }
    return std::string();
  });
  on("[SOURce]:FUNCtion[:SHAPe]?", [this](auto&) { return shape_; });
  on("[SOURce]:FREQuency[:CW]", [this](auto& a) {
    hz_ = numberIn(a, 1e-3, 1e6).value_or(hz_);
    apply();
    return std::string();
  });
  on("[SOURce]:FREQuency[:CW]?", [this](auto&) { return nr3(hz_); });
  on("[SOURce]:VOLTage[:AMPLitude]", [this](auto& a) {
    volts_ = numberIn(a, 1e-3, 20).value_or(volts_);
    apply();
    return std::string();
  });
  on("[SOURce]:VOLTage[:AMPLitude]?", [this](auto&) { return nr3(volts_); });
  on("[SOURce]:VOLTage:OFFSet", [this](auto& a) {
    offset_ = numberIn(a, -10, 10).value_or(offset_);
    return std::string();
  });
  on("[SOURce]:VOLTage:OFFSet?", [this](auto&) { return nr3(offset_); });
  on("OUTPut[:STATe]", [this](auto& a) {
    if (const auto wanted = onOff(a)) {
      on_ = *wanted;
      apply();
    } else {
      refuse(-104, "Data type error");
    }
    return std::string();
  });
  on("OUTPut[:STATe]?", [this](auto&) { return std::string(on_ ? "1" : "0"); });
}

void SimGenerator::reset() {
  on_ = false;
  shape_ = "SIN";
  hz_ = 1000;
  volts_ = 0.1;
  offset_ = 0;
  apply();
}

void SimGenerator::apply() {
  yard_.setGenerator(on_, hz_, volts_);
}

}  // namespace haybale::instruments
