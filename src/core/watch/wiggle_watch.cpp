#include "core/watch/wiggle_watch.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace haybale::diagnosis {

namespace {

constexpr double kWindowS = 3;     // of readings that tell the steady one
constexpr double kLeastS = 0.6;    // before which nothing is judged
constexpr double kLasting = 2;     // a departure that lasts so long is the new reading
constexpr double kBurstS = 0.2;    // dropouts closer than this are one burst
constexpr double kLongS = 1;       // and what lasts longer counts again for each such time
constexpr double kRelative = 0.1;  // of the steady reading
constexpr double kSpreads = 6;     // of its own noise
constexpr double kChance = 0.02;   // a leg is claimed below it
constexpr int kFewest = 2;         // and with so many bursts

double middleOf(std::vector<double>& values) {
  const auto at = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
  std::nth_element(values.begin(), at, values.end());
  return *at;
}

}  // namespace

bool LegRank::claimed() const {
  return chance < kChance && dropouts >= kFewest;
}

double binomialTail(int n, int k, double p) {
  if (k <= 0) {
    return 1;
  }
  if (p <= 0 || k > n) {
    return 0;
  }
  if (p >= 1) {
    return 1;
  }
  double sum = 0;
  for (int i = k; i <= n; ++i) {
    sum += std::exp(std::lgamma(n + 1) - std::lgamma(i + 1) - std::lgamma(n - i + 1) +
                    i * std::log(p) + (n - i) * std::log1p(-p));
  }
  return std::min(1.0, sum);
}

void WiggleWatch::clear() {
  *this = WiggleWatch();
}

void WiggleWatch::mark(double s, std::string element) {
  if (!marks_.empty() && marks_.back().element == element) {
    return;
  }
  marks_.push_back({s, std::move(element)});
}

// Middle and spread of the last seconds; OL may be the steady reading too.
void WiggleWatch::settle(double s, double value) {
  recent_.emplace_back(s, value);
  while (recent_.front().first < s - kWindowS) {
    recent_.pop_front();
  }
  if (s - firstS_ < kLeastS) {
    return;
  }
  std::vector<double> values;
  for (const auto& [at, v] : recent_) {
    values.push_back(v);
  }
  steady_ = middleOf(values);
  if (std::isfinite(*steady_)) {
    for (auto& v : values) {
      v = std::abs(v - *steady_);
    }
    spread_ = middleOf(values) / 0.6745;
  }
}

bool WiggleWatch::add(double s, double value) {
  if (std::isnan(value)) {
    return false;
  }
  firstS_ = any_ ? firstS_ : s;
  any_ = true;
  lastS_ = s;
  const bool away =
      steady_ &&
      (std::isfinite(value) != std::isfinite(*steady_) ||
       (std::isfinite(value) &&
        std::abs(value - *steady_) > std::max(kRelative * std::abs(*steady_), kSpreads * spread_)));
  if (!away) {
    open_ = false;
    settle(s, value);
    return false;
  }
  if (open_) {
    auto& drop = drops_.back();
    drop.endS = s;
    const bool farther =
        std::isinf(value) || std::abs(value - *steady_) > std::abs(drop.level - *steady_);
    drop.level = farther ? value : drop.level;
    if (s - drop.startS > kLasting) {
      recent_.clear();  // it stays there: from now on this is the reading
      open_ = false;
      settle(s, value);
    }
    return false;
  }
  open_ = true;
  drops_.push_back({s, s, value});
  return true;
}

std::vector<LegRank> WiggleWatch::rank() const {
  std::map<std::string, LegRank> legs;
  double whole = 0;
  const auto legAt = [&](double s) {
    std::string leg;
    for (const auto& m : marks_) {
      if (m.s <= s) {
        leg = m.element;
      }
    }
    return leg;
  };
  for (std::size_t i = 0; i < marks_.size(); ++i) {
    const double end = i + 1 < marks_.size() ? marks_[i + 1].s : lastS_;
    auto& leg = legs[marks_[i].element];
    leg.element = marks_[i].element;
    leg.seconds += std::max(0.0, end - marks_[i].s);
  }
  whole = std::max(1e-9, lastS_ - firstS_);
  int bursts = 0;
  double last = -1e9;
  for (const auto& drop : drops_) {
    const bool same = drop.startS - last < kBurstS;
    last = drop.endS;
    const int counts = (same ? 0 : 1) + static_cast<int>((drop.endS - drop.startS) / kLongS);
    bursts += counts;
    if (const auto it = legs.find(legAt(drop.startS));
        it != legs.end() && !marks_.empty() && drop.startS >= marks_.front().s) {
      it->second.dropouts += counts;
    }
  }
  legs.erase("");
  std::vector<LegRank> out;
  for (auto& [name, leg] : legs) {
    const double share = std::clamp(leg.seconds / whole, 0.0, 1.0);
    leg.expected = bursts * share;
    leg.chance =
        std::min(1.0, static_cast<double>(legs.size()) * binomialTail(bursts, leg.dropouts, share));
    out.push_back(leg);
  }
  std::stable_sort(out.begin(), out.end(), [](const LegRank& a, const LegRank& b) {
    return a.chance != b.chance ? a.chance < b.chance : a.dropouts > b.dropouts;
  });
  return out;
}

}  // namespace haybale::diagnosis
