// The two ways of finding pulses, block by block: each goes on where it stopped.
#pragma once

#include <limits>
#include <span>
#include <vector>

#include "core/capture/extent.h"
#include "core/trace/pulses.h"

namespace haybale::trace {

/// Two levels with a dead band between them that stays as it is. A rise through the upper edge of
/// the band, after the line was below the lower one, begins a pulse; a fall through the lower one
/// ends it. Times lie between samples, on the straight line from one to the next. Where samples are
/// lost nothing is known: the next pulse does not follow the last one.
class EdgeFinder {
 public:
  /// Looks at nothing yet. `threshold`: centre and half the width of the dead band, in the unit of
  /// the samples. Both must outlive it.
  EdgeFinder(std::span<const float> samples, const capture::TimeBase& time,
             const Threshold& threshold);

  /// Looks at the samples before `to`. REQUIRES: to <= samples.size().
  void advance(std::size_t to);
  /// All but the last are final.
  [[nodiscard]] std::vector<Pulse>& pulses() { return pulses_; }
  [[nodiscard]] const std::vector<Pulse>& pulses() const { return pulses_; }

 private:
  enum class State { unknown, low, high };
  void turn(std::size_t i);  // an edge between i - 1 and i

  std::span<const float> samples_;
  const capture::TimeBase& time_;
  double centre_;
  float upper_;
  float lower_;
  State state_ = State::unknown;
  bool unbroken_ = false;  // no gap since the last pulse
  std::size_t first_ = 0;  // of the stretch without a gap
  std::size_t at_ = 0;
  std::vector<Pulse> pulses_;
};

/// Follows a wave whose height follows the speed; a pulse is made when it went below the dead band
/// and above it.
/// The dead band is a share of that height, settled anew by every cycle and let down where nothing
/// came for long, so that a wave that dies out is followed and one that returns is found again.
/// Pulses rise where the wave goes through `centre`; behind a shelf on it, at the shelf's foot.
class SwingFinder {
 public:
  /// `centre`: what the wave swings about. `least`: half swing below which there is no wave, for
  /// noise, hum and steps of the converter. Both in the unit of the samples. Both must outlive it.
  SwingFinder(std::span<const float> samples, const capture::TimeBase& time, double centre,
              double least);

  /// Looks at the samples before `to`. REQUIRES: to <= samples.size().
  void advance(std::size_t to);
  /// All but the last are final.
  [[nodiscard]] std::vector<Pulse>& pulses() { return pulses_; }
  [[nodiscard]] const std::vector<Pulse>& pulses() const { return pulses_; }
  /// Of the samples from pulse `i` to the next. REQUIRES: i + 1 < pulses().size(), and no gap
  /// between the two.
  [[nodiscard]] const capture::Extent& extent(std::size_t i) const { return extents_[i + 1]; }

 private:
  enum class State { unknown, low, high };

  void setBand();               // from the height
  void lose();                  // samples are missing: what was followed is not any more
  void begin();                 // of a stretch without a gap
  void step(std::size_t to);    // within such a stretch
  void sharpen(std::size_t i);  // of a rise after a shelf on the centre: its foot
  void rise(std::size_t i);     // above the band: a pulse, if it was below it
  void fall(std::size_t i);     // below the band
  void settle();                // the height by the last cycle
  void relax();                 // nothing for long: a lower wave is looked for

  std::span<const float> samples_;
  const capture::TimeBase& time_;
  double centre_;
  double least_;
  double height_;
  double band_ = 0;
  float upper_ = 0;
  float lower_ = 0;
  State state_ = State::unknown;
  bool fresh_ = true;
  bool unbroken_ = false;
  double riseS_ = 0;
  std::size_t riseSample_ = 0;
  std::size_t at_ = 0;
  std::size_t first_ = 0;    // of the stretch without a gap
  std::size_t settled_ = 0;  // where the height was last settled
  std::size_t cycle_ = 0;    // samples from the pulse before the last to the last
  std::size_t quiet_ = 0;
  std::size_t patience_ = std::numeric_limits<std::size_t>::max();
  std::vector<Pulse> pulses_;
  std::vector<capture::Extent> extents_;  // one a pulse, of what lies before it
};

}  // namespace haybale::trace
