#include "core/trace/states.h"

#include <algorithm>

namespace haybale::trace {

namespace {

LineState stateOf(const Dropout& d) {
  return d.kind == DropoutKind::noise ? LineState::noise
         : d.pulled                   ? LineState::pulled
                                      : LineState::open;
}

class Writer {
 public:
  explicit Writer(const ChannelAnalysis& a) : a_(a), at_(a.startS), endS_(a.startS + a.durationS) {}

  // The line in this state up to `toS`; neighbours of one state are one.
  void upTo(double toS, LineState state, double level) {
    toS = std::min(toS, endS_);
    if (toS <= at_) {
      return;
    }
    if (!out_.empty() && out_.back().state == state && out_.back().level == level) {
      out_.back().toS = toS;
    } else {
      out_.push_back({at_, toS, state, level});
    }
    at_ = toS;
  }

  // Turning where the teeth say so, at rest elsewhere.
  void teethUpTo(double toS) {
    for (; tooth_ < a_.teeth.size() && a_.teeth[tooth_].riseS < toS; ++tooth_) {
      const Tooth& t = a_.teeth[tooth_];
      const bool next = tooth_ + 1 < a_.teeth.size();
      const double behind = next ? a_.teeth[tooth_ + 1].riseS : t.riseS + lastPeriod();
      if (behind <= at_) {
        continue;
      }
      // The record begins somewhere within a tooth.
      const bool within = tooth_ == 0 && t.periodS > 0 && t.riseS - at_ < 2 * t.periodS;
      upTo(std::min(t.riseS, toS), within ? LineState::turning : LineState::rest, a_.levels.bias);
      const bool stood = t.stood || (next && t.periodS <= 0);
      upTo(std::min(behind, toS), stood ? LineState::rest : LineState::turning, a_.levels.bias);
      if (behind > toS) {
        return;  // goes on behind what comes now
      }
    }
    upTo(toS, LineState::rest, a_.levels.bias);
  }

  std::vector<Segment> write() {
    for (const auto& d : a_.dropouts) {
      teethUpTo(d.startS);
      upTo(d.endS, stateOf(d), d.level);
    }
    teethUpTo(endS_);
    return std::move(out_);
  }

 private:
  // What the last pulse lasted, as far as the one before tells; it also ends within a tooth.
  [[nodiscard]] double lastPeriod() const {
    const double period = a_.teeth.size() < 2 ? 0 : a_.teeth[a_.teeth.size() - 2].periodS;
    return endS_ - a_.teeth.back().riseS < 2 * period ? 2 * period : period;
  }

  const ChannelAnalysis& a_;
  double at_;
  double endS_;
  std::size_t tooth_ = 0;
  std::vector<Segment> out_;
};

}  // namespace

std::vector<Segment> segmentsOf(const ChannelAnalysis& analysis) {
  return Writer(analysis).write();
}

}  // namespace haybale::trace
