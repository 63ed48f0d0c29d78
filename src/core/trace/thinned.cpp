#include "core/trace/thinned.h"

#include <array>
#include <cmath>

namespace haybale::trace {

void Thinned::take(std::span<const float> block, std::vector<float>& out) {
  if (of_ <= 1) {
    out.insert(out.end(), block.begin(), block.end());
    return;
  }
  for (std::size_t i = 0; std::isnan(before_) && i < block.size(); ++i) {
    before_ = block[i];  // the first of all is what the first group is held against
  }
  out.reserve(out.size() + block.size() / of_ + 1);
  for (; looked_ > 0 && !block.empty(); block = block.subspan(1)) {
    look(block.front());
    if (looked_ == of_) {
      close(out);
    }
  }
  for (; block.size() >= of_; block = block.subspan(of_)) {
    furthest_ = furthestIn(block.first(of_));
    close(out);
  }
  for (const float sample : block) {
    look(sample);
  }
}

float Thinned::furthestIn(std::span<const float> group) const {
  float out = group.front();
  float away = std::abs(out - before_);
  for (const float sample : group) {
    const float here = std::abs(sample - before_);
    const bool further = here > away || std::isnan(away);
    out = further ? sample : out;
    away = further ? here : away;
  }
  return out;
}

void Thinned::breakOff() {
  looked_ = 0;
  furthest_ = before_ = std::numeric_limits<float>::quiet_NaN();
}

void Thinned::look(float sample) {
  ++looked_;
  if (std::isnan(furthest_) || std::abs(sample - before_) > std::abs(furthest_ - before_)) {
    furthest_ = sample;
  }
}

void Thinned::close(std::vector<float>& out) {
  out.push_back(furthest_);
  before_ = std::isnan(furthest_) ? before_ : furthest_;
  furthest_ = std::numeric_limits<float>::quiet_NaN();
  looked_ = 0;
}

}  // namespace haybale::trace
