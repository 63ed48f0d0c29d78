#include "core/trace/another_kind.h"

#include <algorithm>

#include "core/base/say.h"
#include "core/trace/judge.h"

namespace haybale::trace {

namespace {

// Square waves of current and of volts are told apart by the line, not by the record.
bool oneFamily(Signal a, Signal b) {
  const auto twoLevel = [](Signal s) {
    return s == Signal::active || s == Signal::hall || s == Signal::activePwm;
  };
  return a == b || (twoLevel(a) && twoLevel(b));
}

// What a record read as the wrong kind shows: the line seems to let go, to stand elsewhere, to
// carry wrong currents, or to be silent. A ring's marks stay a ring's.
bool comesOfTheReading(const Finding& f) {
  switch (f.code) {
    case Code::intermittentOpen:
    case Code::intermittentShort:
    case Code::biasShift:
    case Code::noSignal:
    case Code::noisy:
    case Code::wideGap:
    case Code::lowCurrentLevel:
    case Code::highCurrentLevel:
      return f.severity != Severity::note || f.code == Code::noSignal;
    default:
      return f.code == Code::wrongProtocol;
  }
}

bool anyOf(const ChannelAnalysis& a, bool (*is)(const Finding&)) {
  return std::any_of(a.findings.begin(), a.findings.end(), is);
}

}  // namespace

std::optional<ChannelAnalysis> asAnotherKind(const capture::Record& record, std::size_t index,
                                             const Options& options, const ChannelAnalysis& asked) {
  if (options.sensor == circuit::SensorKind::unknown || !anyOf(asked, comesOfTheReading)) {
    return std::nullopt;
  }
  Options open = options;
  open.sensor = circuit::SensorKind::unknown;
  ChannelAnalysis other = analyse(record, index, open);
  const bool wheel =
      other.pulseCount >= kPulsesToBlame && other.cycles.size() >= kPulsesToBlame / 2;
  if (!wheel || oneFamily(other.signal, asked.signal) || anyOf(other, comesOfTheReading)) {
    return std::nullopt;
  }
  std::erase_if(other.findings, [](const Finding& f) { return f.code == Code::healthy; });
  other.findings.insert(other.findings.begin(),
                        wrongKind(asked.signal, other.signal, Severity::fault));
  return other;
}

}  // namespace haybale::trace
