// The judge of one channel: each method looks at one thing and adds what it finds. Its methods lie
// in findings.cpp (what there is, few pulses, protocol), ring_findings.cpp and line_findings.cpp.
#pragma once

#include <string>
#include <vector>

#include "core/trace/analysis.h"

namespace haybale::trace {

// Confidences: the share of such findings that were true on 3,000 captures made by other code
// (tests/outside/records.py, seeds 12 and 1), rounded. Of what is said and never blamed:
inline constexpr double kHint = 0.3;
// Of a line that goes flat, or of a swell once a turn:
inline constexpr double kFlatTrue = 0.97;

// Pulses from which on a record tells its kind: a turn of a small ring. Common practice, no source.
inline constexpr std::size_t kPulsesToBlame = 40;

/// That a record asked for as one kind looks like another.
[[nodiscard]] Finding wrongKind(Signal asked, Signal seen, Severity severity);

/// Works on a channel that was measured already and leaves its findings in it, the main one first,
/// each with how often such a one is true and with the words for a technician. Nothing else is
/// changed.
class Judge {
 public:
  Judge(ChannelAnalysis& a, const Options& options) : a_(a), options_(options) {}

  /// Adds all findings. At least one is there afterwards: what is wrong, that it looks sound, or
  /// that it cannot be told.
  void run();

 private:
  // A finding that suspects or blames; one that is only said.
  void add(Code code, Where where, Severity severity, double confidence, std::string text);
  void note(Code code, Where where, std::string text);
  [[nodiscard]] std::string level(double value) const;
  [[nodiscard]] bool passive() const;
  // Records without a wheel: a line that jumps, one that lies still, noise, too few pulses.
  void shiftOrSilence();
  bool onlyNoise();
  void lineAlone();
  [[nodiscard]] bool isRocked() const;
  void shiftOrFew();
  void protocol();
  void healthy();
  [[nodiscard]] std::string fewTurns() const;
  [[nodiscard]] std::string restsAt() const;

  // The ring.
  // In words, by number and how often it was passed.
  [[nodiscard]] std::string where(const IrregularTooth& t) const;
  void ring();
  void onTheRing();
  void placeAt(const IrregularTooth& t);
  [[nodiscard]] bool losesPulses() const;
  // How surely it recurs, 0 to 1; how often that is true; whether it is blamed or suspected.
  [[nodiscard]] double sure(const IrregularTooth& t) const;
  [[nodiscard]] double isTrue(const IrregularTooth& t) const;
  [[nodiscard]] Severity blame(const IrregularTooth& t) const;
  [[nodiscard]] bool isTheHands(const IrregularTooth& t) const;
  void gaps(const std::vector<IrregularTooth>& teeth);
  // What shows once in a record of fewer than two turns.
  void loneGap();
  void loneAbsence();
  // What recurs though nobody knows how large the ring is.
  void recurringGap();
  [[nodiscard]] bool switching() const;
  // Whether the ring passed that many times; false where its size is not known.
  [[nodiscard]] bool turned(double turns) const;
  void runout();
  void swellAlone();
  [[nodiscard]] bool isCutOff() const;

  // The line.
  // The bias; what is absent and where the line lies then; height, currents, jitter, hum.
  void levelSteps();
  [[nodiscard]] bool mayBeATooth() const;
  [[nodiscard]] bool lookLikeTeeth() const;
  [[nodiscard]] const IrregularTooth* recurringTooth() const;
  [[nodiscard]] bool isOwn(double level) const;
  void missed();
  void dropouts();
  void sayDropouts(Code code, std::size_t count, double longest, const char* meaning);
  void output();
  /// What a current is taken with: as it is, the other way round, or its changes only.
  enum class Probe { steady, turned, changesOnly };
  [[nodiscard]] Probe probe() const;
  void currents();
  void step(double amperes);
  [[nodiscard]] std::string sayProbe() const;
  void evenness();
  [[nodiscard]] bool alternates() const;
  void hum();
  [[nodiscard]] bool hums() const;
  // Of a line without pulses; empty where nothing hums.
  [[nodiscard]] std::string sayHum() const;

  ChannelAnalysis& a_;
  const Options& options_;
  bool toothSaid_ = false;  // what is absent was told as a tooth: it is no dropout
};

}  // namespace haybale::trace
