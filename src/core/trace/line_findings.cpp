// What of the line and of the output shows: steps, dropouts, levels, noise, hum.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/trace/judge.h"

namespace haybale::trace {

namespace {

constexpr double kUnevenPercent = 12;  // scatter of single pitches
constexpr double kNoisyShare = 0.10;   // noise over peak to peak
constexpr double kWeakFluxMwb = 0.15;  // passive: far below any sound sensor at its gap
// VDA interface for active wheel speed sensors: 7 and 14 mA within 20 % (from memory).
constexpr double kLowLeastA = 0.0056, kLowMostA = 0.0084;
constexpr double kHighLeastA = 0.0112, kHighMostA = 0.0168;
constexpr double kLevelStepTrue = 0.97;
// 6 of 8 and none of 8 (seeds 501 to 504): what a coil gives differs too much to judge it alone.
constexpr double kMayBeAToothTrue = 0.75;
// None of 14 (rough seeds 501 to 509, tidy 508 to 510).
constexpr double kWeakAloneTrue = 0.06;
constexpr double kOpenOnceTrue = 0.92;
constexpr double kShortOnceTrue = 0.95;
constexpr double kManyDropoutsTrue = 0.98;
constexpr double kCurrentTrue = 0.97;
constexpr double kRustlesTrue = 0.95;

}  // namespace

namespace {

// Whether the wheel stood or turned back there: seen from the other side a wave that is not even is
// upside down, and the middle between its crests and troughs lies elsewhere.
bool turnsBackAt(const ChannelAnalysis& a, double s) {
  for (std::size_t i = 0; i + 1 < a.teeth.size(); ++i) {
    const auto& t = a.teeth[i];
    const double margin = a.frequencyHz ? 2 / a.frequencyHz->median : 0;
    if ((t.turnedBack || t.stood) && s > t.riseS - margin && s < a.teeth[i + 1].riseS + margin) {
      return true;
    }
  }
  return false;
}

}  // namespace

void Judge::levelSteps() {
  // Less of the usual swing is how a spin that dies out lies askew. Common practice, no source; set
  // on made-up records (tidy seeds 506 and 507).
  constexpr double kLeastOfTheSwing = 0.2;
  // No wave is so uneven that its middle moves by more where the wheel turns back.
  constexpr double kMostUneven = 0.38;
  const double step = std::abs(a_.levelTo - a_.levelFrom);
  const bool back = turnsBackAt(a_, a_.levelStepS);
  // A drift goes through a coarse converter in single steps.
  constexpr double kConverterSteps = 1.6;
  if (a_.levelSteps == 0 || step < kConverterSteps * a_.converterStep ||
      step < (back ? kMostUneven : kLeastOfTheSwing) * a_.levels.peakToPeak) {
    return;
  }
  add(Code::biasShift, Where::wiring, Severity::fault, kLevelStepTrue,
      sayf("The level that the wave swings about goes from {} to {} at {} and stays there: "
           "the bias has changed: a contact, a leak or the module.",
           level(a_.levelFrom), level(a_.levelTo),
           units::format(a_.levelStepS, units::Unit::second, 3)));
  a_.findings.back().place = std::pair{a_.levelStepS - 0.1, a_.levelStepS + 0.1};
}

// One or two pulses absent where the speed is even and the line is at its own level: a tooth
// looks just so, and a record of fewer than two turns does not show whether it comes again.
bool Judge::mayBeATooth() const {
  constexpr std::size_t kMost = 2;
  return !turned(2) && a_.dropouts.size() <= kMost && lookLikeTeeth();
}

// What is absent lasts as long as a tooth or two, and the line is at its own level meanwhile.
bool Judge::lookLikeTeeth() const {
  return !a_.dropouts.empty() &&
         std::all_of(a_.dropouts.begin(), a_.dropouts.end(), [this](const Dropout& d) {
           const double off = std::abs(d.pitches - std::round(d.pitches));
           return (d.kind == DropoutKind::flat || isOwn(d.level)) && d.pitches > 1.5 &&
                  d.pitches < 3.5 && off < 0.15;
         });
}

// The absent tooth that came in every turn of a ring whose size is hardly known; null where the
// line did anything else besides.
const IrregularTooth* Judge::recurringTooth() const {
  if (!a_.ring || !lookLikeTeeth()) {
    return nullptr;
  }
  const auto& teeth = a_.ring->irregular;
  const auto found = std::find_if(teeth.begin(), teeth.end(), [&](const IrregularTooth& t) {
    return t.kind == ToothKind::missing && t.of >= 2 && t.seen == t.of &&
           a_.dropouts.size() <= static_cast<std::size_t>(t.of);
  });
  return found != teeth.end() ? &*found : nullptr;
}

// One of the two levels of a switching sensor.
bool Judge::isOwn(double level) const {
  constexpr double kNear = 0.15;  // of the swing
  const double near = kNear * a_.levels.peakToPeak;
  return switching() &&
         (std::abs(level - a_.levels.low) < near || std::abs(level - a_.levels.high) < near);
}

// A switching sensor that hears its ring only just.
void Judge::missed() {
  constexpr double kMissedTrue = 0.95;
  if (a_.missedPulses == 0) {
    return;
  }
  add(Code::wideGap, Where::gap, Severity::fault, kMissedTrue,
      sayf("Of {} pulses {} are left out, here and there; the others come in step and whole: the "
           "sensor hears its ring only just: a gap too wide, dirt on the tip, a worn target.",
           a_.pulseCount + a_.missedPulses, a_.missedPulses));
}

void Judge::dropouts() {
  if (toothSaid_) {
    return;
  }
  if (const auto* tooth = recurringTooth()) {
    add(Code::missingTooth, Where::ring, Severity::suspect, kMayBeAToothTrue,
        sayf(
            "Absent: {}: the ring or its encoder, rather than a wire that lets go; give the number "
            "of teeth, or turn the wheel further round, to be sure.",
            where(*tooth)));
    placeAt(*tooth);
    return;
  }
  if (mayBeATooth()) {
    const auto& first = a_.dropouts.front();
    add(Code::missingTooth, Where::ring, Severity::suspect, kMayBeAToothTrue,
        sayf("{} absent {} at even speed, in less than two turns: a tooth that is not there "
             "rather than a wire that lets go; turn the wheel twice round to see whether it "
             "comes again.",
             first.pitches < 2.5 ? say("A pulse is") : say("Two pulses are"),
             a_.dropouts.size() == 1 ? say("once") : say("twice")));
    a_.findings.back().place = std::pair{first.startS - 0.1, first.endS + 0.1};
    return;
  }
  std::size_t opens = 0;
  std::size_t shorts = 0;
  std::size_t rustles = 0;
  double longest = 0;
  const auto kindOf = [&](const Dropout& d) {
    return d.kind == DropoutKind::noise ? &rustles : d.pulled ? &shorts : &opens;
  };
  for (const auto& d : a_.dropouts) {
    longest = std::max(longest, d.endS - d.startS);
    *kindOf(d) += 1;
  }
  // The finding just added shows at the first dropout of its kind.
  const auto place = [&](const std::size_t* kind) {
    const auto first = std::find_if(a_.dropouts.begin(), a_.dropouts.end(),
                                    [&](const Dropout& d) { return kindOf(d) == kind; });
    if (*kind > 0 && first != a_.dropouts.end()) {
      const double margin = 1.5 * (first->endS - first->startS) + 0.02;
      a_.findings.back().place = std::pair{first->startS - margin, first->endS + margin};
    }
  };
  sayDropouts(Code::intermittentOpen, opens, longest,
              say("the line goes to its unloaded level: a wire "
                  "or contact lets go"));
  place(&opens);
  sayDropouts(Code::intermittentShort, shorts, longest,
              say("the line is pulled to ground or supply: a chafed wire"));
  place(&shorts);
  if (rustles > 0) {
    add(Code::noisy, Where::wiring, Severity::suspect, kRustlesTrue,
        sayf("{} stretches of mere noise: a contact that crackles.", rustles));
    place(&rustles);
  }
}

void Judge::sayDropouts(Code code, std::size_t count, double longest, const char* meaning) {
  if (count == 0) {
    return;
  }
  add(code, Where::wiring, Severity::fault,
      count > 1                         ? kManyDropoutsTrue
      : code == Code::intermittentShort ? kShortOnceTrue
                                        : kOpenOnceTrue,
      sayf("The signal is gone {}, for {} at most, tied to no tooth: {}.",
           count == 1 ? std::string(say("once")) : sayf("{} times", count),
           units::format(longest, units::Unit::second, 2), meaning));
}

void Judge::output() {
  // A line that crackles or lets go is weak in between for another reason.
  const bool lost = !a_.dropouts.empty();
  if (passive() && !lost && a_.fluxSwingMwb && *a_.fluxSwingMwb < kWeakFluxMwb) {
    add(Code::wideGap, Where::gap, Severity::suspect, kWeakAloneTrue,
        sayf("The whole signal is weak, {} of flux swing: a gap too wide, a sensor not "
             "home, or metal on its tip.",
             sayf("{:.2g} mWb", *a_.fluxSwingMwb)));
  }
}

void Judge::currents() {
  const bool coil = passive() || a_.signal == Signal::hall;
  if (coil || a_.unit != units::Unit::ampere) {
    return;
  }
  const auto check = [&](double value, double least, double most, const char* which) {
    if (value >= least && value <= most) {
      return;
    }
    const bool low = value < least;
    add(low ? Code::lowCurrentLevel : Code::highCurrentLevel, Where::sensor, Severity::fault,
        kCurrentTrue,
        sayf("The {} current is {}, {} the {} to {} of the interface.", which, level(value),
             low ? say("below") : say("above"), level(least), level(most)));
  };
  const auto& l = a_.levels;
  const double upper = a_.signal == Signal::activeAk ? l.high / 2 : l.high;
  switch (probe()) {
    case Probe::steady:
      check(l.low, kLowLeastA, kLowMostA, "lower");
      check(upper, kHighLeastA, kHighMostA, "upper");
      break;
    case Probe::turned:
      check(-l.high, kLowLeastA, kLowMostA, "lower");
      check(-l.low, kHighLeastA, kHighMostA, "upper");
      break;
    case Probe::changesOnly:
      step(upper - l.low);
      break;
  }
}

// No sensor draws a current below nothing: the clamp was put round the wire the other way, or lets
// no steady current through.
Judge::Probe Judge::probe() const {
  constexpr double kNothingA = 0.001;
  const auto& l = a_.levels;
  if (a_.unit != units::Unit::ampere || passive() || l.low > -kNothingA) {
    return Probe::steady;
  }
  return l.high < -kNothingA ? Probe::turned : Probe::changesOnly;
}

void Judge::step(double amperes) {
  constexpr double kLeast = kHighLeastA - kLowMostA, kMost = kHighMostA - kLowLeastA;
  constexpr double kStepTrue = 0.6;  // a guess: such a clamp has a scale of its own
  if (amperes < kLeast || amperes > kMost) {
    add(amperes < kLeast ? Code::lowCurrentLevel : Code::highCurrentLevel, Where::sensor,
        Severity::suspect, kStepTrue,
        sayf("The current steps by {} where the interface has {} to {}; its levels are not known, "
             "for the probe shows changes only.",
             level(amperes), level(kLeast), level(kMost)));
  }
}

std::string Judge::sayProbe() const {
  switch (probe()) {
    case Probe::steady:
      break;
    case Probe::turned:
      return say(" The current runs backwards: the clamp was put round the wire the other way.");
    case Probe::changesOnly:
      return say(
          " The probe shows changes only: the step between the two currents is judged, not "
          "the currents themselves.");
  }
  return {};
}

// Said, and blamed by nothing: of 40 such records none had a contact that crackles (seeds 1, 7077).
void Judge::evenness() {
  // Of a cycle of a few samples nobody tells noise from edges.
  constexpr double kLeastSamples = 24;
  const bool fine = !a_.frequencyHz || a_.rateHz > kLeastSamples * a_.frequencyHz->median;
  if (fine && a_.levels.peakToPeak > 0 && a_.levels.noiseRms > kNoisyShare * a_.levels.peakToPeak) {
    add(Code::noisy, Where::wiring, Severity::note, kHint,
        sayf("Noise of {} rides on {}: a poor shield or contact.", level(a_.levels.noiseRms),
             level(a_.levels.peakToPeak)));
  } else if (a_.unevenPercent > kUnevenPercent && alternates()) {
    add(Code::noisy, Where::wiring, Severity::note, kHint,
        sayf("The pulses come unevenly, by {:.0f} % from one to the next: noise, or a "
             "loose part.",
             a_.unevenPercent));
  }
}

// Noise moves each rise by itself, so that a long period follows a short one; a hand that turns
// unevenly makes several long ones in a row.
bool Judge::alternates() const {
  constexpr double kFollows = 0.3;
  double both = 0, own = 0;
  for (std::size_t i = 0; i + 1 < a_.teeth.size(); ++i) {
    const double here = a_.teeth[i].pitch > 0 && a_.teeth[i].lost == 0 ? a_.teeth[i].pitch - 1 : 0;
    const auto& next = a_.teeth[i + 1];
    both += here * (next.pitch > 0 && next.lost == 0 ? next.pitch - 1 : 0);
    own += here * here;
  }
  return both < kFollows * own;
}

// Said, never blamed: hum alone stops no module.
bool Judge::hums() const {
  const double least = a_.unit == units::Unit::ampere ? 2e-4 : 0.02;
  return a_.hum && a_.hum->amplitude > least;
}

std::string Judge::sayHum() const {
  return hums()
             ? sayf(
                   " What moves, {} at {:.0f} Hz, is taken for mains hum; a weak wheel may turn at "
                   "that very frequency: spin it faster to be sure.",
                   level(a_.hum->amplitude), a_.hum->hz)
             : std::string();
}

void Judge::hum() {
  if (hums()) {
    note(Code::hum, Where::wiring,
         sayf("Mains hum of {:.0f} Hz, {} peak, rides on it: leads or shield pick it up; "
              "mind it when levels are near a limit.",
              a_.hum->hz, level(a_.hum->amplitude)));
  }
}

}  // namespace haybale::trace
