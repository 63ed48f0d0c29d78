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

class Judge {
 public:
  Judge(ChannelAnalysis& a, const Options& options) : a_(a), options_(options) {}

  void run();

 private:
  void add(Code code, Where where, Severity severity, double confidence, std::string text);
  void note(Code code, Where where, std::string text);
  [[nodiscard]] std::string level(double value) const;
  [[nodiscard]] bool passive() const;
  void shiftOrSilence();
  bool onlyNoise();
  void lineAlone();
  void shiftOrFew();
  void protocol();
  void healthy();
  [[nodiscard]] std::string fewTurns() const;
  [[nodiscard]] std::string restsAt() const;

  // The ring.
  [[nodiscard]] std::string where(const IrregularTooth& t) const;
  void ring();
  void placeAt(const IrregularTooth& t);
  [[nodiscard]] double sure(const IrregularTooth& t) const;
  [[nodiscard]] double isTrue(const IrregularTooth& t) const;
  [[nodiscard]] Severity blame(const IrregularTooth& t) const;
  [[nodiscard]] bool isTheHands(const IrregularTooth& t) const;
  void gaps(const std::vector<IrregularTooth>& teeth);
  void loneGap();
  void loneAbsence();
  [[nodiscard]] bool switching() const;
  [[nodiscard]] bool turned(double turns) const;
  void runout();
  [[nodiscard]] bool isCutOff() const;

  // The line.
  void levelSteps();
  [[nodiscard]] bool mayBeATooth() const;
  [[nodiscard]] bool isOwn(double level) const;
  void missed();
  void dropouts();
  void sayDropouts(Code code, std::size_t count, double longest, const char* meaning);
  void output();
  void currents();
  void evenness();
  [[nodiscard]] bool alternates() const;
  void hum();

  ChannelAnalysis& a_;
  const Options& options_;
  bool toothSaid_ = false;  // what is absent was told as a tooth: it is no dropout
};

}  // namespace haybale::trace
