// What one channel of a capture says: kind of signal, levels, pulses, speed, output, findings.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/capture/record.h"
#include "core/circuit/line.h"
#include "core/trace/hum.h"
#include "core/trace/pulses.h"
#include "core/trace/teeth.h"

namespace haybale::trace {

/// How a channel looks. `activePwm`: two current levels, the width of a pulse coded; `activeAk`: a
/// data word behind every speed pulse; `hall`: a square voltage from an open collector.
enum class Signal { unknown, flat, passive, active, activePwm, activeAk, hall };
inline constexpr std::array<std::string_view, 7> kSignalNames{
    "unknown", "flat", "passive", "active", "active-pwm", "active-ak", "hall"};

/// Which part of the circuit a finding blames.
enum class Where { none, ring, gap, sensor, wiring, supply };
inline constexpr std::array<std::string_view, 6> kWhereNames{"none",   "ring",   "gap",
                                                             "sensor", "wiring", "supply"};

/// `note`: said, never blamed. `suspect`: look again. `fault`: blamed.
enum class Severity { note, suspect, fault };
inline constexpr std::array<std::string_view, 3> kSeverityNames{"note", "suspect", "fault"};

/// What a finding says.
enum class Code {
  healthy,            ///< nothing is wrong with what was recorded
  noSignal,           ///< the wheel was said to turn, the line does not show it
  missingTooth,       ///< a pulse is left out once a turn
  damagedTooth,       ///< a pulse is too early, late or low once a turn
  ringRunout,         ///< swing or pitch swells and sinks once a turn
  crackedRing,        ///< one pitch is longer than the others once a turn
  wideGap,            ///< too little output for the speed, evenly
  weakOutput,         ///< less than the peer's at the same speed
  intermittentOpen,   ///< the line parts for a while
  intermittentShort,  ///< the line is held at a rail or at half a level for a while
  noisy,              ///< disturbance that is no tooth's
  lowCurrentLevel,    ///< a plateau below its tolerance band
  highCurrentLevel,   ///< a plateau above its tolerance band
  biasShift,          ///< the rest level goes elsewhere and stays there
  wrongProtocol,      ///< another kind of sensor than the one asked for
  coded,              ///< what the widths or words say of the sensor itself
  hum,                ///< the mains' frequency and its multiples
  common              ///< shared by several channels of one record: ground, feed, a neighbour
};
inline constexpr std::array<std::string_view, 19> kCodeNames{"healthy",
                                                             "no-signal",
                                                             "missing-tooth",
                                                             "damaged-tooth",
                                                             "ring-runout",
                                                             "cracked-ring",
                                                             "wide-gap",
                                                             "weak-output",
                                                             "intermittent-open",
                                                             "intermittent-short",
                                                             "noisy",
                                                             "low-current-level",
                                                             "high-current-level",
                                                             "bias-shift",
                                                             "wrong-protocol",
                                                             "coded",
                                                             "hum",
                                                             "common-disturbance"};
[[nodiscard]] constexpr std::string_view nameOf(Code code) {
  return kCodeNames[static_cast<std::size_t>(code)];
}

/// Share of the coded telegrams that has to say that the gap is at its limit: common practice, no
/// source.
inline constexpr double kGapLimitShare = 0.3;

/// One thing found on a channel.
struct Finding {
  Code code = Code::healthy;
  Where where = Where::none;
  Severity severity = Severity::note;
  double confidence = 0;  ///< 0..1
  std::string text;       ///< one sentence with its figures
  /// Where on the record it shows first, from and to in seconds; empty when everywhere.
  std::optional<std::pair<double, double>> place = std::nullopt;
};

/// What is known beforehand of the circuit that was recorded; all of it may be left out.
struct Options {
  /// Asked for; unknown means: find out.
  circuit::SensorKind sensor = circuit::SensorKind::unknown;
  std::optional<double> teeth;
  std::optional<double> circumferenceM;
  std::optional<double> senseOhm;  ///< turns volts into amperes
  /// Passive: peak to peak below which the module no longer counts pulses, in volts. Modules
  /// differ; 0.2 V is common practice, no source.
  double lossVolts = 0.2;
  /// A frequency in hertz at which the wheel is known to turn, though it is the mains'
  /// (at_mains.h).
  std::optional<double> turnsAtHz = std::nullopt;
};

/// In the channel's unit, over the whole record; lost samples are left out.
struct Levels {
  double min = 0, max = 0, mean = 0;
  double low = 0, high = 0;  ///< typical trough and crest, or the two plateaus of a square wave
  double bias = 0;           ///< rest level
  double peakToPeak = 0;     ///< typical cycle's
  double noiseRms = 0;
};

/// `flat`: stands still at a natural level; `toRail`: at ground, feed or the instrument's limit;
/// `shallow`: pulses far too small to be counted; `noise`: moves, but not as teeth do.
enum class DropoutKind { flat, toRail, shallow, noise };
inline constexpr std::array<std::string_view, 4> kDropoutNames{"flat", "to-rail", "shallow",
                                                               "noise"};

/// A stretch in which the signal is not there.
struct Dropout {
  double startS = 0;
  double endS = 0;
  DropoutKind kind = DropoutKind::flat;
  double level = 0;  ///< where the line stands, in the channel's unit
  /// Of a stretch without pulses at a natural level: how many teeth of even speed it is long.
  double pitches = 0;
  bool pulled = false;  ///< to ground, to supply, or wire to wire; else it is open
};

/// `pulled`: held at a level that is not its own, by ground, feed or the other wire.
enum class LineState { rest, turning, open, pulled, noise };
inline constexpr std::array<std::string_view, 5> kLineStateNames{"at rest", "turning", "open",
                                                                 "pulled", "noise"};

/// What the line does for a while.
struct Segment {
  double fromS = 0;
  double toS = 0;
  LineState state = LineState::rest;
  double level = 0;  ///< where the line stands or swings about, in the channel's unit
};

/// Over the record's pulses.
struct Range {
  double min = 0, median = 0, max = 0;
};

/// Everything is in the channel's reported unit, seconds, hertz, km/h. Empty: cannot be known from
/// this record.
struct ChannelAnalysis {
  std::string name;
  units::Unit unit = units::Unit::volt;
  std::size_t samples = 0;
  std::size_t gaps = 0;  ///< runs of lost samples
  double rateHz = 0;
  double durationS = 0;
  double startS = 0;  ///< time of the first sample
  bool uniformTime = true;
  Signal signal = Signal::unknown;  ///< as asked for, else as seen
  Signal seen = Signal::unknown;    ///< what the samples look like
  double unevenPercent = 0;         ///< typical deviation of a pitch from its neighbours
  Levels levels;
  std::size_t pulseCount = 0;        ///< speed pulses; those of data words are not among them
  std::optional<double> duty;        ///< share of a cycle that is high, 0 to 1; square waves only
  std::optional<Range> frequencyHz;  ///< of teeth
  std::optional<Ring> ring;          ///< as given or as found; empty when not known
  std::vector<Tooth> teeth;          ///< every pulse as a tooth
  std::vector<Dropout> dropouts;     ///< in order of time
  /// Passive: the level the wave swings about does not stay where it is.
  double levelWander = 0;      ///< greatest less least
  std::size_t levelSteps = 0;  ///< lasting changes within a cycle or two; the first one's figures:
  double levelFrom = 0, levelTo = 0, levelStepS = 0;
  double converterStep = 0;          ///< of the instrument; 0: not known
  double suddenShare = 1;            ///< with few pulses: of all that the line moves, the most that
                                     ///< passes within a hundredth of the record
  double atTwoLevels = 0;            ///< share of the samples near two levels; of a sine a third
  bool unresolved = false;           ///< all that moves is a few of these steps
  bool lineOnly = false;             ///< no wheel turns: the dropouts are all that the line does
  std::size_t missedPulses = 0;      ///< of a square wave: left out here and there, in step
  bool restMoves = false;            ///< the rest level goes elsewhere and stays there
  std::optional<std::size_t> words;  ///< data words read with sound parity
  double gapLimitShare =
      0;  ///< of coded pulses, the share whose width says the gap is at its limit
  bool standstillOnly = false;    ///< coded pulses, and all of them say that the wheel stands
  std::string codedSays;          ///< what coded widths or words say, in words; may be empty
  std::optional<Range> speedKmh;  ///< circumference and teeth known
  std::optional<double>
      fluxSwingMwb;  ///< passive: half the peak to peak over 2 pi f, milliweber-turns
  /// Passive, circumference and teeth known: speed below which the peak to peak falls under
  /// `Options::lossVolts`; output is proportional to speed.
  std::optional<double> lostBelowKmh;
  std::optional<Hum> hum;          ///< mains hum, where no pulses lie at its frequency
  std::optional<double> senseOhm;  ///< as given, when volts were turned into amperes
  std::vector<Pulse> pulses;       ///< in order of time
  std::vector<Cycle> cycles;       ///< between a pulse and the next, where no samples are lost
  std::vector<Finding> findings;   ///< the main one first
  /// Follow each other without a gap from the first sample to the last (`segmentsOf`).
  std::vector<Segment> segments;
};

/// What is compared of two channels. `fluxSwing`: output by hertz; `jitter`: deviation of a pitch
/// from its neighbours, in percent.
enum class Compared { fluxSwing, swing, lowLevel, highLevel, jitter, teeth };
inline constexpr std::array<std::string_view, 6> kComparedNames{"flux-swing", "swing",  "low-level",
                                                                "high-level", "jitter", "teeth"};
[[nodiscard]] constexpr std::string_view nameOf(Compared compared) {
  return kComparedNames[static_cast<std::size_t>(compared)];
}

/// One quantity of two channels side by side.
struct Comparison {
  std::string a, b;
  Compared quantity = Compared::swing;
  double ratio = 0;  ///< a over b
  std::string text;
};

/// Ratio below which an output counts as weaker than its peer (common practice: left and right
/// "about the same" at equal speed; no source). Below kWeakFault it is a fault, between the two a
/// suspicion.
inline constexpr double kWeakSuspect = 0.75;
inline constexpr double kWeakFault = 0.5;

/// The step that would settle the main finding, in one sentence: where to look, or what to measure.
[[nodiscard]] std::string decidingStep(const ChannelAnalysis& analysis);

/// Up to so many pulses a record is looked at as a line that stands rather than a wheel that turns.
inline constexpr std::size_t kFewPulses = 6;

/// Analyses channel `index` of `record`. REQUIRES: index < record.channels.size().
[[nodiscard]] ChannelAnalysis analyse(const capture::Record& record, std::size_t index,
                                      const Options& options);

/// Compares two wheels by what does not depend on the speed of the spin: passive outputs by flux
/// swing (volts per hertz), square waves by their swing. Empty when they have nothing in common to
/// compare.
[[nodiscard]] std::optional<Comparison> compare(const ChannelAnalysis& a, const ChannelAnalysis& b);

/// `compare`, then whatever else the two have in common: both levels of square waves, the scatter
/// of single pitches, the number of teeth.
[[nodiscard]] std::vector<Comparison> compareAll(const ChannelAnalysis& a,
                                                 const ChannelAnalysis& b);

/// How much wider than its peer's a gap must be to give `ratio` of its output, in tooth pitches: by
/// the spacing law, output falls as exp(-2 pi gap / pitch) (R. L. Wallace, "The reproduction of
/// magnetically recorded signals", Bell System Technical Journal 30, 1951: 54.6 dB a wavelength).
/// Negative when the output is higher. REQUIRES: ratio > 0.
[[nodiscard]] double gapDifferenceInPitches(double ratio);

/// Adds `weak-output` to the weaker of two compared channels, in place of a `healthy` said before
/// it was compared.
void applyComparison(const Comparison& comparison, ChannelAnalysis& a, ChannelAnalysis& b);

}  // namespace haybale::trace
