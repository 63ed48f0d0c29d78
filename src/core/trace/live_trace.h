// A trace that is still being recorded: block after block as the scope hands them over, read again
// and again over the last seconds, with a tally of all that went by.
#pragma once

#include <optional>
#include <span>

#include "core/trace/analysis.h"
#include "core/trace/thinned.h"

namespace haybale::trace {

class LiveTrace {
 public:
  /// Seconds at the end that are kept and read. Long enough for two turns at walking pace.
  static constexpr double kWindowS = 8;
  /// What is sampled faster is thinned (thinned.h) until it is no faster than this, in samples a
  /// second: five steps in the shortest pulse of a coded sensor are enough, and four channels of a
  /// million samples a second leave the machine its cores.
  static constexpr double kFastestHz = 150e3;

  /// Of everything since the start.
  struct Tally {
    double seconds = 0;  ///< that were recorded
    std::size_t blocks = 0;
    std::size_t pulses = 0;
    std::size_t dropouts = 0;            ///< each counted once, however many blocks it lasts
    std::optional<double> lastDropoutS;  ///< when the last one began
  };

  /// `stepS` seconds between samples, as they come.
  LiveTrace(double stepS, units::Unit unit, const Options& options);

  /// Samples recorded from `startS` on. What lies between the block before and this one was not
  /// seen: it is kept as lost samples, and what reaches across it is no cycle. A block that begins
  /// before the last one ended is put behind it.
  void take(std::span<const float> block, double startS);

  /// The seconds that are kept; one channel, thinned where it was fast. Empty before the first
  /// block.
  [[nodiscard]] const capture::Record& window() const { return window_; }
  /// What they say. Empty before the first block.
  [[nodiscard]] const std::optional<ChannelAnalysis>& analysis() const { return analysis_; }
  [[nodiscard]] const Tally& tally() const { return tally_; }
  /// Tooth frequency of the newest teeth, 0 when none came in the newest block.
  [[nodiscard]] double hzNow() const;
  /// Road speed at that frequency, km/h; empty when ring or tyre are not known or nothing turns.
  [[nodiscard]] std::optional<double> kmhNow() const;
  /// Seconds since the last dropout began; empty when there was none.
  [[nodiscard]] std::optional<double> sinceDropoutS() const;

 private:
  void dropOld();
  void count();

  Options options_;
  double stepS_;  // of what comes
  Thinned thinned_;
  capture::Record window_;
  std::optional<ChannelAnalysis> analysis_;
  Tally tally_;
  double newestS_ = 0;         // start of the newest block
  double countedS_ = 0;        // pulses that rose before are in the tally
  std::vector<Dropout> seen_;  // by the look before
  double droppedTo_ = 0;       // end of the last dropout that is in it
};

}  // namespace haybale::trace
