#include "core/trace/findings.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/trace/judge.h"

namespace haybale::trace {

namespace {

// Confidences: the share of such findings that were true on 3,000 captures made by other code
// (tests/outside/records.py, seeds 12 and 1), rounded.
// 30 of 33 (rough seeds 501 to 509, tidy 508 to 510).
constexpr double kRestMovesTrue = 0.9;
// Of 289 such records of tests/outside/rough_records.py, seeds 1 and 2, all.
constexpr double kProtocolTrue = 0.97;
constexpr double kFewPulsesTrue = 0.9;  // 27 of 28 (seeds 501 to 504)

double weight(const Finding& f) {
  return 2.0 * static_cast<double>(f.severity) + f.confidence;
}

}  // namespace

void Judge::run() {
  a_.findings.clear();
  if (a_.unresolved) {
    add(Code::noSignal, Where::none, Severity::note, 0.3,
        sayf("All that moves are {:.0f} steps of {} of the instrument: choose a finer range "
             "or couple it by AC before anything is judged.",
             a_.levels.peakToPeak / a_.converterStep, level(a_.converterStep)));
    return;
  }
  if (a_.lineOnly) {
    lineAlone();
    return;
  }
  if (a_.standstillOnly && a_.pulses.empty()) {
    note(Code::healthy, Where::none, a_.codedSays + ".");
    return;
  }
  if (a_.signal == Signal::flat || (a_.pulses.empty() && a_.cycles.empty())) {
    shiftOrSilence();
    return;
  }
  if (onlyNoise()) {
    return;
  }
  protocol();
  if (a_.cycles.size() < 3) {
    shiftOrFew();
    return;
  }
  ring();
  levelSteps();
  missed();
  dropouts();
  output();
  currents();
  evenness();
  hum();
  if (a_.gapLimitShare > kGapLimitShare) {
    add(Code::wideGap, Where::gap, Severity::note, 0.6,
        sayf("{:.0f} % of the telegrams say that the gap is at its limit: it still works, "
             "with no reserve.",
             100 * a_.gapLimitShare));
  }
  if (!a_.codedSays.empty()) {
    note(Code::coded, Where::none, a_.codedSays + ".");
  }
  std::stable_sort(a_.findings.begin(), a_.findings.end(),
                   [](const Finding& x, const Finding& y) { return weight(x) > weight(y); });
  healthy();
}

void Judge::add(Code code, Where where, Severity severity, double confidence, std::string text) {
  a_.findings.push_back({code, where, severity, confidence, std::move(text)});
}

void Judge::note(Code code, Where where, std::string text) {
  add(std::move(code), where, Severity::note, 0.5, std::move(text));
}

std::string Judge::level(double value) const {
  return units::format(value, a_.unit);
}

bool Judge::passive() const {
  return a_.signal == Signal::passive;
}

void Judge::shiftOrSilence() {
  const double swing = a_.levels.max - a_.levels.min;
  const double floor = 8 * a_.levels.noiseRms;
  if (a_.signal == Signal::flat || swing <= floor) {
    const bool zero = std::abs(a_.levels.bias) < (a_.unit == units::Unit::ampere ? 1e-3 : 0.1);
    add(Code::noSignal, Where::wiring, Severity::fault, kFlatTrue,
        sayf("No pulses in {}: the line stays flat at {}: {}.",
             units::format(a_.durationS, units::Unit::second), level(a_.levels.bias),
             zero ? say("no supply, a short to ground, or a wheel that stands")
                  : say("the sensor does not answer, or the wheel stands")) +
            sayHum());
    return;
  }
  shiftOrFew();
}

// The waves that were found are no higher than the noise they were found in; or hardly higher, and
// weaker by far than any sensor's.
bool Judge::onlyNoise() {
  // Common practice, no source: a sound wave has more than five times its noise, and the weakest
  // sensor gives half a milliweber-turn and more (0.1 V from a brisk spin by hand).
  constexpr double kTimesNoise = 2, kHardlyHigher = 9, kNoSensorsMwb = 0.07;
  const double high = a_.levels.peakToPeak / std::max(1e-12, a_.levels.noiseRms);
  constexpr double kNoWheelPercent = 30;  // from one pulse to the next
  const bool faint = a_.fluxSwingMwb && *a_.fluxSwingMwb < kNoSensorsMwb;
  const bool wild = faint && a_.unevenPercent > kNoWheelPercent;
  // A hundredth of the weakest sensor's, and nothing that a module would see in all the record.
  constexpr double kNothingMwb = 0.005, kNothingVolts = 0.1;
  const bool nothing = a_.fluxSwingMwb && *a_.fluxSwingMwb < kNothingMwb &&
                       a_.levels.max - a_.levels.min < kNothingVolts;
  // Of two levels that lie within their noise no edge is the wheel's.
  constexpr double kLevelsInNoise = 4, kNoEdgesPercent = 25;
  const bool levelsInNoise =
      !passive() && high < kLevelsInNoise && a_.unevenPercent > kNoEdgesPercent;
  const bool waveInNoise = passive() && (a_.dropouts.empty() || nothing) &&
                           (wild || high < (faint ? kHardlyHigher : kTimesNoise));
  if (!levelsInNoise && !waveInNoise) {
    return false;
  }
  add(Code::noSignal, Where::wiring, Severity::suspect, kFlatTrue,
      sayf("All that moves is noise of {} about {}: no wheel is seen in it.",
           level(a_.levels.noiseRms), level(a_.levels.bias)));
  return true;
}

namespace {

// How much one differs from the next, the middle of all, as a natural logarithm.
double unlikeTheNext(const std::vector<double>& lengths) {
  std::vector<double> off;
  for (std::size_t i = 0; i + 1 < lengths.size(); ++i) {
    off.push_back(
        lengths[i] > 0 && lengths[i + 1] > 0 ? std::abs(std::log(lengths[i + 1] / lengths[i])) : 1);
  }
  std::nth_element(off.begin(), off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2),
                   off.end());
  return off[off.size() / 2];
}

}  // namespace

// Pulses between two levels that quicken and slow, each nearly as long as the one before: a wheel
// that is rocked to and fro. A contact that lets go keeps no such time.
bool Judge::isRocked() const {
  // Common practice, no source; set on made-up records (rough seed 507).
  constexpr std::size_t kLeast = 16;
  constexpr double kAlike = 0.25;
  constexpr double kSameLevel = 0.15;  // of the way from the rest
  if (a_.dropouts.size() < kLeast || passive()) {
    return false;
  }
  std::vector<double> away, between;
  for (std::size_t i = 0; i < a_.dropouts.size(); ++i) {
    const auto& d = a_.dropouts[i];
    if (std::abs(d.level - a_.dropouts.front().level) >
        kSameLevel * std::abs(a_.dropouts.front().level - a_.levels.bias)) {
      return false;
    }
    away.push_back(d.endS - d.startS);
    if (i > 0) {
      between.push_back(d.startS - a_.dropouts[i - 1].endS);
    }
  }
  return unlikeTheNext(away) < kAlike && unlikeTheNext(between) < kAlike;
}

// A wheel that stands, and a loom that is moved.
void Judge::lineAlone() {
  if (isRocked()) {
    const auto count = a_.dropouts.size();
    a_.dropouts.clear();
    note(Code::healthy, Where::none,
         sayf("{} pulses that quicken and slow: the wheel was rocked to and fro. Turn it round to "
              "judge it by.",
              count));
    return;
  }
  if (a_.restMoves && a_.dropouts.size() <= 2) {
    add(Code::biasShift, Where::wiring, Severity::fault, kRestMovesTrue,
        sayf("The rest level goes from {} to {} and stays there, while no wheel turns: a "
             "contact or strand has let go or touches.",
             level(a_.levels.bias), level(a_.dropouts.back().level)));
    return;
  }
  dropouts();
  std::stable_sort(a_.findings.begin(), a_.findings.end(),
                   [](const Finding& x, const Finding& y) { return weight(x) > weight(y); });
}

// A line watched while the wheel stands: its rest level jumps when the loom is moved.
void Judge::shiftOrFew() {
  const double swing = a_.levels.max - a_.levels.min;
  const double least = a_.unit == units::Unit::ampere ? 0.001 : 0.1;
  const bool square =
      a_.signal == Signal::active || a_.signal == Signal::hall || a_.signal == Signal::activePwm;
  if (square && a_.pulseCount >= 2) {
    note(Code::noSignal, Where::none,
         sayf("{} pulses of the right shape: the wheel hardly turned, too few to judge it by.",
              a_.pulseCount));
    return;
  }
  // Of a sine of three cycles in the record a fifth passes in that time; of a contact all.
  constexpr double kJumps = 0.5;
  // A wave goes as far to one side of its rest as to the other; a line that lets go does not.
  constexpr double kOneSided = 1.4;
  const double over = a_.levels.max - a_.levels.bias;
  const double under = a_.levels.bias - a_.levels.min;
  const bool both = over < kOneSided * under && under < kOneSided * over;
  if (swing > std::max(least, 12 * a_.levels.noiseRms) && a_.pulseCount <= kFewPulses &&
      a_.suddenShare > kJumps && !both) {
    add(Code::biasShift, Where::wiring, Severity::fault, kRestMovesTrue,
        sayf("The rest level moves between {} and {} while no wheel turns: a contact or "
             "strand lets go.",
             level(a_.levels.min), level(a_.levels.max)));
    return;
  }
  add(Code::noSignal, Where::wiring, Severity::suspect, kFewPulsesTrue,
      sayf("Only {} pulses in {}: too few to judge a wheel by.", a_.pulseCount,
           units::format(a_.durationS, units::Unit::second)));
}

Finding wrongKind(Signal asked, Signal seen, Severity severity) {
  return {Code::wrongProtocol, Where::sensor, severity,
          severity == Severity::note ? kHint : kProtocolTrue,
          sayf("Asked to read it as {}, but the record looks {}.",
               kSignalNames[static_cast<std::size_t>(asked)],
               kSignalNames[static_cast<std::size_t>(seen)])};
}

void Judge::protocol() {
  const Signal seen = a_.seen;
  if (options_.sensor == circuit::SensorKind::unknown || seen == Signal::unknown ||
      seen == a_.signal) {
    return;
  }
  const bool bothTwoLevel = (seen == Signal::active || seen == Signal::hall) &&
                            (a_.signal == Signal::active || a_.signal == Signal::hall);
  // With a few steps of the converter to its height a sine looks like plateaus.
  constexpr double kStepsToTell = 10;
  const bool coarse = a_.converterStep * kStepsToTell >
                      std::min(a_.levels.peakToPeak, a_.levels.max - a_.levels.min);
  // A square wave's half may happen to be as wide as a telegram.
  constexpr double kTelegramDuty = 0.3;
  const bool squareOrCoded = (seen == Signal::activePwm && a_.signal == Signal::active) ||
                             (seen == Signal::active && a_.signal == Signal::activePwm);
  const bool ambiguous = squareOrCoded && a_.duty.value_or(1) > kTelegramDuty;
  // A square wave whose edges crawl comes near to a sine, but dwells on its levels longer.
  constexpr double kSineDwells = 0.5;
  const bool crawls = seen == Signal::passive && a_.atTwoLevels > kSineDwells;
  if (bothTwoLevel || coarse || ambiguous || crawls) {
    return;
  }
  // A line that lets go looks like anything: then its looks are told, and blamed for nothing. Nor
  // do a few pulses of a hand settle it (common practice, no source).
  const bool letsGo = !a_.dropouts.empty() || a_.levelSteps > 0;
  const bool few = a_.pulseCount < kPulsesToBlame;
  a_.findings.push_back(wrongKind(a_.signal, seen,
                                  letsGo ? Severity::note
                                  : few  ? Severity::suspect
                                         : Severity::fault));
}

void Judge::healthy() {
  const bool sound = std::none_of(a_.findings.begin(), a_.findings.end(),
                                  [](auto& f) { return f.severity != Severity::note; });
  if (!sound) {
    return;
  }
  a_.findings.insert(a_.findings.begin(),
                     {Code::healthy, Where::none, Severity::note, a_.cycles.size() > 30 ? 0.8 : 0.5,
                      sayf("{} pulses without a gap, even within {:.1f} %, {} peak to peak.{}{}{}",
                           a_.pulseCount, std::max(0.1, a_.unevenPercent),
                           level(a_.levels.peakToPeak), sayProbe(), fewTurns(), restsAt())});
}

std::string Judge::fewTurns() const {
  constexpr std::size_t kLargestRing = 130;
  const double turns = a_.ring ? a_.ring->turns : static_cast<double>(a_.pulseCount) / kLargestRing;
  return turns < 2 ? say(" The ring may not have passed twice: a single tooth of it is not judged.")
                   : "";
}

// The wheel that a hand lets go comes to rest; that is said, and no fault.
std::string Judge::restsAt() const {
  constexpr double kPeriods = 5;
  if (a_.teeth.size() < 4) {
    return "";
  }
  const double last = a_.teeth.back().riseS;
  const double period = last - a_.teeth[a_.teeth.size() - 2].riseS;
  const double endS = a_.startS + a_.durationS;
  return endS - last > kPeriods * period
             ? sayf(" The wheel came to rest at {}.",
                    units::format(last - a_.startS, units::Unit::second, 2))
             : "";
}

void findFaults(ChannelAnalysis& a, const Options& options) {
  Judge(a, options).run();
}

}  // namespace haybale::trace
