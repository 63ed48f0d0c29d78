#include "core/trace/findings.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"

namespace haybale::trace {

namespace {

// Thresholds: common practice, no source, unless said otherwise.
constexpr double kShallowFault = 30;   // percent of a tooth's output lost
constexpr double kRunoutSuspect = 10;  // percent of the output, once a turn
constexpr double kRunoutFault = 17;
constexpr double kRunoutShare = 0.45;  // of the scatter that a swell once a turn must explain
constexpr double kUnevenPercent = 12;  // scatter of single pitches
constexpr double kNoisyShare = 0.10;   // noise over peak to peak
constexpr double kWeakFluxMwb = 0.15;  // passive: far below any sound sensor at its gap
// VDA interface for active wheel speed sensors: 7 and 14 mA within 20 % (from memory).
constexpr double kLowLeastA = 0.0056, kLowMostA = 0.0084;
constexpr double kHighLeastA = 0.0112, kHighMostA = 0.0168;

// Confidences: the share of such findings that were true on 3,000 captures made by other code
// (tests/outside/records.py, seed 12), rounded.
constexpr double kFlatTrue = 0.97;
constexpr double kRestMovesTrue = 0.78;
constexpr double kLevelStepTrue = 0.97;
constexpr double kOpenOnceTrue = 0.84;
constexpr double kShortOnceTrue = 0.95;
constexpr double kManyDropoutsTrue = 0.98;
constexpr double kCurrentTrue = 0.97;
constexpr double kRustlesTrue = 0.95;
constexpr double kUnevenTrue = 0.45;
constexpr double kLoneGapTrue = 0.7;
constexpr double kHint = 0.3;  // said, never blamed

constexpr double kGapLimitShare = 0.3;  // of the telegrams: common practice, no source

class Judge {
 public:
  Judge(ChannelAnalysis& a, const Options& options) : a_(a), options_(options) {}

  void run() {
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
    if (a_.signal == Signal::flat || (a_.pulses.empty() && a_.cycles.empty())) {
      shiftOrSilence();
      return;
    }
    protocol();
    if (a_.cycles.size() < 3) {
      shiftOrFew();
      return;
    }
    ring();
    levelSteps();
    dropouts();
    output();
    currents();
    evenness();
    hum();
    if (a_.gapLimitShare > kGapLimitShare) {
      add(Code::gapLimit, Where::gap, Severity::note, 0.6,
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

 private:
  static double weight(const Finding& f) {
    return 2.0 * static_cast<double>(f.severity) + f.confidence;
  }

  void add(Code code, Where where, Severity severity, double confidence, std::string text) {
    a_.findings.push_back({code, where, severity, confidence, std::move(text)});
  }
  void note(Code code, Where where, std::string text) {
    add(std::move(code), where, Severity::note, 0.5, std::move(text));
  }

  [[nodiscard]] std::string level(double value) const { return units::format(value, a_.unit); }
  [[nodiscard]] bool passive() const { return a_.signal == Signal::passive; }

  void shiftOrSilence() {
    const double swing = a_.levels.max - a_.levels.min;
    const double floor = 8 * a_.levels.noiseRms;
    if (a_.signal == Signal::flat || swing <= floor) {
      const bool zero = std::abs(a_.levels.bias) < (a_.unit == units::Unit::ampere ? 1e-3 : 0.1);
      add(Code::noSignal, Where::wiring, Severity::fault, kFlatTrue,
          sayf("No pulses in {}: the line stays flat at {}: {}.",
               units::format(a_.durationS, units::Unit::second), level(a_.levels.bias),
               zero ? say("no supply, a short to ground, or a wheel that stands")
                    : say("the sensor does not answer, or the wheel stands")));
      return;
    }
    shiftOrFew();
  }

  // A wheel that stands, and a loom that is moved.
  void lineAlone() {
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
  void shiftOrFew() {
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
    if (swing > std::max(least, 12 * a_.levels.noiseRms) && a_.pulseCount <= 6) {
      add(Code::biasShift, Where::wiring, Severity::fault, kRestMovesTrue,
          sayf("The rest level moves between {} and {} while no wheel turns: a contact or "
               "strand lets go.",
               level(a_.levels.min), level(a_.levels.max)));
      return;
    }
    add(Code::noSignal, Where::wiring, Severity::suspect, 0.5,
        sayf("Only {} pulses in {}: too few to judge a wheel by.", a_.pulseCount,
             units::format(a_.durationS, units::Unit::second)));
  }

  void protocol() {
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
    if (bothTwoLevel || coarse || ambiguous) {
      return;
    }
    add(Code::wrongProtocol, Where::sensor, Severity::fault, 0.8,
        sayf("Asked to read it as {}, but the record looks {}.",
             kSignalNames[static_cast<std::size_t>(a_.signal)],
             kSignalNames[static_cast<std::size_t>(seen)]));
  }

  // --- the ring

  [[nodiscard]] std::string where(const IrregularTooth& t) const {
    return sayf("tooth {} of {}, in {} of {} turns", t.position, a_.ring->teeth, t.seen, t.of);
  }

  void ring() {
    loneGap();
    if (!a_.ring) {
      return;
    }
    // What hangs on a guess of the ring's size is not said.
    constexpr double kLeastSure = 0.5;
    auto teeth = a_.ring->irregular;
    std::erase_if(teeth, [&](const IrregularTooth& t) { return sure(t) < kLeastSure; });
    for (const auto& t : teeth) {
      if (t.kind == ToothKind::missing) {
        add(Code::missingTooth, Where::ring, Severity::fault, isTrue(t),
            sayf("Absent: {}: the ring or its encoder, not sensor or wiring.", where(t)));
        placeAt(t);
      } else if (t.kind == ToothKind::shallow) {
        add(Code::damagedTooth, Where::ring,
            t.amountPercent >= kShallowFault ? Severity::fault : Severity::note,
            t.amountPercent >= kShallowFault ? isTrue(t) : kHint,
            sayf("Gives {:.0f} % less: {}: bent, chipped or dirty.", t.amountPercent, where(t)));
        placeAt(t);
      }
    }
    gaps(teeth);
    runout();
    // In the trough of a swell every tooth is shallow.
    const auto swells = [](const Finding& f) { return f.code == Code::ringRunout; };
    if (std::any_of(a_.findings.begin(), a_.findings.end(), swells)) {
      std::erase_if(a_.findings, [](const Finding& f) { return f.code == Code::damagedTooth; });
    }
  }

  // Of the finding just added: the first pass of that tooth, with a few neighbours.
  void placeAt(const IrregularTooth& t) {
    if (const auto span = firstPass(a_, t.position)) {
      a_.findings.back().place = span;
    }
  }

  [[nodiscard]] double sure(const IrregularTooth& t) const {
    const double often = t.of > 0 ? static_cast<double>(t.seen) / t.of : 0;
    return std::min(0.97, often * (1 - 0.5 / std::max(1, t.of)) * a_.ring->sureness);
  }

  // How often what recurs like this is true.
  [[nodiscard]] double isTrue(const IrregularTooth& t) const { return 1 - 0.45 * (1 - sure(t)); }

  // One gap wider and the rest even is a ring that cracked open; a wide gap beside a narrow one is
  // a tooth out of its place.
  void gaps(const std::vector<IrregularTooth>& teeth) {
    const auto beside = [&](const IrregularTooth& t, ToothKind kind) {
      return std::any_of(teeth.begin(), teeth.end(), [&](const IrregularTooth& o) {
        const int apart = std::abs(o.position - t.position);
        return o.kind == kind && (apart == 1 || apart == a_.ring->teeth - 1);
      });
    };
    const auto wide = std::count_if(teeth.begin(), teeth.end(),
                                    [](auto& t) { return t.kind == ToothKind::wide; });
    for (const auto& t : teeth) {
      // Twice at one place may be the hand's.
      constexpr double kSmall = 40;
      const bool chance = t.of <= 2 && t.amountPercent < kSmall;
      if (chance && t.kind != ToothKind::missing && t.kind != ToothKind::shallow) {
        continue;
      }
      if (t.kind == ToothKind::wide && wide == 1 && !beside(t, ToothKind::narrow) &&
          !beside(t, ToothKind::missing)) {
        add(Code::crackedRing, Where::ring, Severity::fault, isTrue(t),
            sayf("One gap is {:.0f} % wider, the rest even: behind {}: the ring has cracked "
                 "and opened.",
                 t.amountPercent, where(t)));
        placeAt(t);
      } else if (t.kind == ToothKind::wide || t.kind == ToothKind::narrow) {
        add(Code::damagedTooth, Where::ring, Severity::note, kHint,
            sayf("The gap is {:.0f} % {}: behind {}: a tooth out of its place.", t.amountPercent,
                 t.kind == ToothKind::wide ? say("wider") : say("narrower"), where(t)));
        placeAt(t);
      }
    }
  }

  // A gap that is wider by a part of a tooth, once, the speed before and behind it the same: no
  // strand that lets go is away for just so long, and no hand turns a wheel so.
  void loneGap() {
    constexpr double kLeastWider = 0.25, kMostWider = 0.85;
    constexpr double kTimesUneven = 8;
    constexpr double kEven = 0.12;  // what others may be off
    constexpr std::size_t kLeastTeeth = 24;
    constexpr std::size_t kFromTheEnds = 6;
    if ((a_.ring && a_.ring->turns >= 2) || a_.teeth.size() < kLeastTeeth || !a_.dropouts.empty()) {
      return;
    }
    const Tooth* wide = nullptr;
    for (std::size_t i = 0; i < a_.teeth.size(); ++i) {
      const auto& t = a_.teeth[i];
      const double off = t.pitch > 0 ? t.pitch - 1 : 0;
      if (t.lost > 0 || t.stood) {
        return;
      }
      if (std::abs(off) < kEven) {
        continue;
      }
      const bool inside = i >= kFromTheEnds && i + kFromTheEnds < a_.teeth.size();
      if (wide || !inside || off < kLeastWider || off > kMostWider ||
          100 * off < kTimesUneven * a_.unevenPercent) {
        return;
      }
      wide = &t;
    }
    if (!wide) {
      return;
    }
    add(Code::crackedRing, Where::ring, Severity::suspect, kLoneGapTrue,
        sayf("One gap is {:.0f} % wider, the rest even, in less than two turns: a ring that has "
             "cracked and opened; turn the wheel twice round to see whether it comes again.",
             100 * (wide->pitch - 1)));
    a_.findings.back().place = std::pair{wide->riseS - 0.1, wide->riseS + wide->periodS + 0.1};
  }

  void runout() {
    const double percent = a_.ring->runoutPercent.value_or(0);
    // What swells otherwise than once a turn is the spin, or noise on a slow wave.
    if (!passive() || a_.ring->turns < 2 || percent < kRunoutSuspect ||
        a_.ring->runoutShare < kRunoutShare) {
      return;
    }
    add(Code::ringRunout, Where::ring,
        percent >= kRunoutFault ? Severity::fault : Severity::suspect,
        std::min(kFlatTrue, 0.7 + percent / 60),
        sayf("The output swells and fades by {:.0f} % once a turn: run-out, a warped ring, "
             "play in the bearing or rust under the seat.",
             percent));
  }

  // --- the line

  void levelSteps() {
    if (a_.levelSteps == 0) {
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
  [[nodiscard]] bool mayBeATooth() const {
    constexpr std::size_t kMost = 2;
    constexpr long kLargestRing = 130;
    const bool turned = a_.ring ? a_.ring->turns >= 2
                                : a_.teeth.size() > 1 && a_.teeth.back().number > 2 * kLargestRing;
    return !turned && !a_.dropouts.empty() && a_.dropouts.size() <= kMost &&
           std::all_of(a_.dropouts.begin(), a_.dropouts.end(), [](const Dropout& d) {
             const double off = std::abs(d.pitches - std::round(d.pitches));
             return d.kind == DropoutKind::flat && d.pitches > 1.5 && d.pitches < 3.5 && off < 0.15;
           });
  }

  void dropouts() {
    if (mayBeATooth()) {
      const auto& first = a_.dropouts.front();
      add(Code::missingTooth, Where::ring, Severity::suspect, 0.5,
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

  void sayDropouts(Code code, std::size_t count, double longest, const char* meaning) {
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

  void output() {
    // A line that crackles or lets go is weak in between for another reason.
    const bool lost = !a_.dropouts.empty();
    if (passive() && !lost && a_.fluxSwingMwb && *a_.fluxSwingMwb < kWeakFluxMwb) {
      add(Code::wideGap, Where::gap, Severity::suspect, 0.5,
          sayf("The whole signal is weak, {} of flux swing: a gap too wide, a sensor not "
               "home, or metal on its tip.",
               sayf("{:.2g} mWb", *a_.fluxSwingMwb)));
    }
  }

  void currents() {
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
    check(a_.levels.low, kLowLeastA, kLowMostA, "lower");
    const double high = a_.signal == Signal::activeAk ? a_.levels.high / 2 : a_.levels.high;
    check(high, kHighLeastA, kHighMostA, "upper");
  }

  void evenness() {
    // Of a cycle of a few samples nobody tells noise from edges.
    constexpr double kLeastSamples = 24;
    const bool fine = !a_.frequencyHz || a_.rateHz > kLeastSamples * a_.frequencyHz->median;
    if (fine && a_.levels.peakToPeak > 0 &&
        a_.levels.noiseRms > kNoisyShare * a_.levels.peakToPeak) {
      add(Code::noisy, Where::wiring, Severity::suspect, kUnevenTrue,
          sayf("Noise of {} rides on {}: a poor shield or contact.", level(a_.levels.noiseRms),
               level(a_.levels.peakToPeak)));
    } else if (a_.unevenPercent > kUnevenPercent && alternates()) {
      add(Code::noisy, Where::wiring, Severity::suspect, kUnevenTrue,
          sayf("The pulses come unevenly, by {:.0f} % from one to the next: noise, or a "
               "loose part.",
               a_.unevenPercent));
    }
  }

  // Noise moves each rise by itself, so that a long period follows a short one; a hand that turns
  // unevenly makes several long ones in a row.
  [[nodiscard]] bool alternates() const {
    constexpr double kFollows = 0.3;
    double both = 0, own = 0;
    for (std::size_t i = 0; i + 1 < a_.teeth.size(); ++i) {
      const double here =
          a_.teeth[i].pitch > 0 && a_.teeth[i].lost == 0 ? a_.teeth[i].pitch - 1 : 0;
      const auto& next = a_.teeth[i + 1];
      both += here * (next.pitch > 0 && next.lost == 0 ? next.pitch - 1 : 0);
      own += here * here;
    }
    return both < kFollows * own;
  }

  // Said, never blamed: hum alone stops no module.
  void hum() {
    const double least = a_.unit == units::Unit::ampere ? 2e-4 : 0.02;
    if (a_.hum && a_.hum->amplitude > least) {
      note(Code::hum, Where::wiring,
           sayf("Mains hum of {:.0f} Hz, {} peak, rides on it: leads or shield pick it up; "
                "mind it when levels are near a limit.",
                a_.hum->hz, level(a_.hum->amplitude)));
    }
  }

  void healthy() {
    const bool sound = std::none_of(a_.findings.begin(), a_.findings.end(),
                                    [](auto& f) { return f.severity != Severity::note; });
    if (!sound) {
      return;
    }
    a_.findings.insert(
        a_.findings.begin(),
        {Code::healthy, Where::none, Severity::note, a_.cycles.size() > 30 ? 0.8 : 0.5,
         sayf("{} pulses without a gap, even within {:.1f} %, {} peak to peak.{}{}", a_.pulseCount,
              std::max(0.1, a_.unevenPercent), level(a_.levels.peakToPeak), fewTurns(),
              restsAt())});
  }

  [[nodiscard]] std::string fewTurns() const {
    constexpr std::size_t kLargestRing = 130;
    const double turns =
        a_.ring ? a_.ring->turns : static_cast<double>(a_.pulseCount) / kLargestRing;
    return turns < 2
               ? say(" The ring may not have passed twice: a single tooth of it is not judged.")
               : "";
  }

  // The wheel that a hand lets go comes to rest; that is said, and no fault.
  [[nodiscard]] std::string restsAt() const {
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

  ChannelAnalysis& a_;
  const Options& options_;
};

}  // namespace

std::string decidingStep(const ChannelAnalysis& a) {
  if (a.findings.empty()) {
    return say("Record a spin of this wheel.");
  }
  const auto& main = a.findings.front();
  const auto tooth = [&] {
    const auto& t = *std::max_element(
        a.ring->irregular.begin(), a.ring->irregular.end(),
        [](const auto& x, const auto& y) { return x.amountPercent < y.amountPercent; });
    return sayf(
        "Chalk the tyre at the first pulse and look at tooth {} through the opening, "
        "{:.0f}\xC2\xB0 forward from the mark.",
        t.position, 360.0 * t.position / a.ring->teeth);
  };
  if (main.where == Where::ring && a.ring && !a.ring->irregular.empty()) {
    return tooth();
  }
  if (main.code == Code::ringRunout) {
    return say(
        "Turn the wheel by hand and watch the gap: run-out shows by eye; then rock the wheel "
        "for "
        "play in the bearing.");
  }
  if (main.code == Code::intermittentOpen || main.code == Code::intermittentShort ||
      main.code == Code::biasShift) {
    return say(
        "Watch the same trace while one leg at a time is flexed, and note where it reacts and "
        "where it does not.");
  }
  if (main.code == Code::weakOutput || main.code == Code::wideGap) {
    return say(
        "Measure the coil and the pair at the sensor, then look at the gap and for metal on the "
        "tip.");
  }
  if (main.code == Code::noSignal) {
    return say("Measure bias or supply at the sensor's connector, unplugged and plugged.");
  }
  if (main.code == Code::lowCurrentLevel || main.code == Code::highCurrentLevel) {
    return say(
        "Measure the same levels on the good wheel at the same place: a leak or resistance in "
        "the "
        "line moves them too.");
  }
  if (main.code == Code::healthy) {
    return say(
        "Nothing on this record. Repeat it under the complaint: bump, steering, wet, creep.");
  }
  return say("Repeat the record with the leads at a second contact.");
}

std::optional<std::pair<double, double>> firstPass(const ChannelAnalysis& a, int position) {
  for (std::size_t i = 0; a.ring && i + 1 < a.teeth.size(); ++i) {
    const auto& t = a.teeth[i];
    for (long n = t.number; n < a.teeth[i + 1].number; ++n) {
      if (n % a.ring->teeth == position) {
        const double single = t.periodS / static_cast<double>(a.teeth[i + 1].number - t.number);
        const double at = t.riseS + single * static_cast<double>(n - t.number);
        return std::pair{at - 4 * single, at + 5 * single};
      }
    }
  }
  return std::nullopt;
}

void findFaults(ChannelAnalysis& a, const Options& options) {
  Judge(a, options).run();
}

}  // namespace haybale::trace
