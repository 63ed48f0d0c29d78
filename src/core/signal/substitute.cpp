#include "core/signal/substitute.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/say.h"
#include "core/base/text.h"
#include "core/physics/tyre.h"

namespace haybale::signal {

using circuit::SensorKind;

namespace {

std::vector<std::string> split(std::string_view text, char separator) {
  std::vector<std::string> out;
  for (std::size_t from = 0;;) {
    const std::size_t at = text.find(separator, from);
    out.emplace_back(text.substr(from, at - from));
    if (at == std::string_view::npos) {
      return out;
    }
    from = at + 1;
  }
}

std::optional<double> numberIn(const std::string& text) {
  double value = 0;
  const auto [end, status] = fast_float::from_chars(text.data(), text.data() + text.size(), value);
  const bool whole = status == std::errc() && end == text.data() + text.size();
  return whole && std::isfinite(value) ? std::optional(value) : std::nullopt;
}

bool isTooth(const std::optional<double>& value) {
  return value && *value >= 0 && *value < 10000 && *value == std::floor(*value);
}

}  // namespace

Result<SignalFault> parseFault(std::string_view text) {
  const Error wrong{"--fault", std::nullopt,
                    "\"" + text::shortened(std::string(text), 40) + "\" is no fault",
                    "missing-tooth:13, shallow-tooth:13,40, wide-gap:13,30, runout:20, "
                    "level-step:START_S,BY, dropout:START_S,LENGTH_S,flat|rail|ground or "
                    "crackle:START_S,LENGTH_S,flat|rail|ground"};
  const auto colon = text.find(':');
  if (colon == std::string_view::npos) {
    return wrong;
  }
  const auto kind = text.substr(0, colon);
  const auto parts = split(text.substr(colon + 1), ',');
  const auto first = numberIn(parts[0]);
  const auto second = parts.size() > 1 ? numberIn(parts[1]) : std::nullopt;
  if (kind == "missing-tooth" && parts.size() == 1 && isTooth(first)) {
    return SignalFault(MissingTooth{static_cast<int>(*first)});
  }
  if (kind == "shallow-tooth" && parts.size() == 2 && isTooth(first) && second && *second > 0 &&
      *second <= 100) {
    return SignalFault(ShallowTooth{static_cast<int>(*first), *second});
  }
  if (kind == "wide-gap" && parts.size() == 2 && isTooth(first) && second && *second > 0 &&
      *second <= 500) {
    return SignalFault(WideGap{static_cast<int>(*first), *second});
  }
  if (kind == "runout" && parts.size() == 1 && first && *first >= 0 && *first < 100) {
    return SignalFault(Runout{*first});
  }
  if (kind == "level-step" && parts.size() == 2 && first && *first >= 0 && second) {
    return SignalFault(LevelStep{*first, *second});
  }
  const bool crackles = kind == "crackle";
  if ((kind == "dropout" || crackles) && parts.size() == 3 && first && *first >= 0 && second &&
      *second > 0) {
    for (const auto& [name, level] :
         {std::pair{"flat", DropLevel::flat}, std::pair{"rail", DropLevel::rail},
          std::pair{"ground", DropLevel::ground}}) {
      if (parts[2] == name) {
        return crackles ? SignalFault(Crackle{*first, *second, level})
                        : SignalFault(Drop{*first, *second, level});
      }
    }
  }
  return wrong;
}

double Profile::at(double s) const {
  const auto after = std::upper_bound(seconds.begin(), seconds.end(), s);
  if (after == seconds.begin()) {
    return kmh.front();
  }
  if (after == seconds.end()) {
    return kmh.back();
  }
  const auto i = static_cast<std::size_t>(after - seconds.begin());
  const double part = (s - seconds[i - 1]) / (seconds[i] - seconds[i - 1]);
  return kmh[i - 1] + part * (kmh[i] - kmh[i - 1]);
}

double Profile::top() const {
  return *std::max_element(kmh.begin(), kmh.end());
}

Result<Profile> parseProfile(std::string_view text, const std::string& name) {
  Profile out;
  std::size_t line = 0;
  for (const auto& row : split(text, '\n')) {
    ++line;
    const auto cells =
        split(std::string(text::trimmed(row)), row.find(';') != std::string::npos ? ';' : ',');
    const auto s = numberIn(std::string(text::trimmed(cells[0])));
    const auto v = cells.size() > 1 ? numberIn(std::string(text::trimmed(cells[1]))) : std::nullopt;
    if (!s || !v) {
      if (out.seconds.empty() || text::trimmed(row).empty()) {
        continue;  // a heading, or an empty line
      }
      return Error{name, line, say("is no row of a profile"), say("seconds and km/h, as 1.5,20")};
    }
    if (*v < 0 || *v > 500 || (!out.seconds.empty() && *s <= out.seconds.back())) {
      return Error{name, line, say("does not follow the row before"),
                   say("seconds that rise, and 0 to 500 km/h")};
    }
    out.seconds.push_back(*s);
    out.kmh.push_back(*v);
  }
  if (out.seconds.empty()) {
    return Error{name, std::nullopt, say("holds no row"), say("seconds and km/h, as 1.5,20")};
  }
  return out;
}

namespace {

// The ring as the faults make it.
class RingShape {
 public:
  explicit RingShape(const Substitute& wanted)
      : teeth_(wanted.teeth),
        gain_(static_cast<std::size_t>(wanted.teeth), 1.0),
        edges_(static_cast<std::size_t>(wanted.teeth) + 1) {
    std::vector<double> widths(gain_.size(), 1.0);
    for (const auto& fault : wanted.faults) {
      if (const auto* missing = std::get_if<MissingTooth>(&fault)) {
        gain_[at(missing->position)] = 0;
      } else if (const auto* shallow = std::get_if<ShallowTooth>(&fault)) {
        gain_[at(shallow->position)] = 1 - shallow->percentLost / 100;
      } else if (const auto* wide = std::get_if<WideGap>(&fault)) {
        widths[at(wide->position)] += wide->percent / 100;
      } else if (const auto* runout = std::get_if<Runout>(&fault)) {
        runout_ = runout->percent / 100;
      }
    }
    for (std::size_t i = 0; i < widths.size(); ++i) {
      edges_[i + 1] = edges_[i] + widths[i];
    }
    for (double& edge : edges_) {
      edge *= teeth_ / edges_.back();
    }
  }

  struct Spot {
    int tooth;      // 0 .. teeth - 1
    double within;  // 0 .. 1 of its pitch
    double gain;
  };
  // Where the ring stands after `turned` teeth; tooth 0 begins at 0.
  [[nodiscard]] Spot spot(double turned) const {
    const double inTurn = turned - teeth_ * std::floor(turned / teeth_);
    const auto after = std::upper_bound(edges_.begin() + 1, edges_.end() - 1, inTurn);
    const auto i = static_cast<std::size_t>(after - edges_.begin() - 1);
    const double swell = 1 + runout_ * std::sin(2 * std::numbers::pi * inTurn / teeth_);
    return {static_cast<int>(i), (inTurn - edges_[i]) / (edges_[i + 1] - edges_[i]),
            gain_[i] * swell};
  }
  [[nodiscard]] bool isMissing(int tooth) const { return gain_[at(tooth)] == 0; }

 private:
  [[nodiscard]] std::size_t at(int position) const { return static_cast<std::size_t>(position); }
  int teeth_;
  std::vector<double> gain_;
  std::vector<double> edges_;
  double runout_ = 0;
};

constexpr double kStandsKmh = 0.3;
constexpr double kBitS = 50e-6;

class Maker {
 public:
  explicit Maker(const Substitute& wanted) : w_(wanted), ring_(wanted) {
    for (const auto& fault : w_.faults) {
      if (const auto* c = std::get_if<Crackle>(&fault)) {
        for (const auto& span : crackle(c->startS, c->lengthS, w_.disturbance.seed)) {
          bursts_.push_back({span, c->level});
        }
      }
    }
    std::stable_sort(bursts_.begin(), bursts_.end(),
                     [](const Burst& a, const Burst& b) { return a.span.startS < b.span.startS; });
  }

  std::vector<float> make() {
    const auto count = static_cast<std::size_t>(std::llround(w_.durationS * w_.rateHz));
    std::vector<float> out;
    out.reserve(count);
    double turned = -0.25;
    double speed = w_.kmh(0);
    for (std::size_t i = 0; i < count; ++i) {
      const double t = static_cast<double>(i) / w_.rateHz;
      double value = valueAt(t, turned, speed);
      for (const auto& fault : w_.faults) {
        const auto* drop = std::get_if<Drop>(&fault);
        if (drop && t >= drop->startS && t < drop->startS + drop->lengthS) {
          value = dropped(drop->level);
        }
      }
      if (const auto* burst = burstAt(t)) {
        value = dropped(burst->level);
      }
      value = w_.senseOhm && isCurrent() ? value * *w_.senseOhm : value;
      out.push_back(static_cast<float>(value + stepsAt(t)));
      const double next = w_.kmh(static_cast<double>(i + 1) / w_.rateHz);
      turned += hzAt((speed + next) / 2) / w_.rateHz;
      speed = next;
    }
    disturb(out, w_.rateHz, w_.disturbance);
    return out;
  }

  [[nodiscard]] bool isCurrent() const {
    return w_.kind != SensorKind::passive && w_.kind != SensorKind::hall &&
           w_.kind != SensorKind::unknown;
  }

 private:
  struct Burst {
    Span span;
    DropLevel level;
  };
  // Asked for times that rise.
  const Burst* burstAt(double t) {
    while (burst_ < bursts_.size() && t >= bursts_[burst_].span.endS) {
      ++burst_;
    }
    const bool within = burst_ < bursts_.size() && t >= bursts_[burst_].span.startS;
    return within ? &bursts_[burst_] : nullptr;
  }

  [[nodiscard]] double stepsAt(double t) const {
    double sum = 0;
    for (const auto& fault : w_.faults) {
      const auto* step = std::get_if<LevelStep>(&fault);
      sum += step && t >= step->startS ? step->by : 0;
    }
    return sum;
  }

  [[nodiscard]] double hzAt(double kmh) const {
    return physics::toothHz(kmh, w_.teeth, w_.circumferenceM);
  }

  double valueAt(double t, double turned, double kmh) {
    const auto spot = ring_.spot(turned);
    switch (w_.kind) {
      case SensorKind::active:
        return spot.within < 0.5 && !ring_.isMissing(spot.tooth) ? w_.highA : w_.lowA;
      case SensorKind::hall:
        return spot.within < 0.5 && !ring_.isMissing(spot.tooth) ? hallHigh() : kHallLowV;
      case SensorKind::activePwm:
        return telegram(t, turned, kmh) < widthS(kmh) ? w_.highA : w_.lowA;
      case SensorKind::activeAk:
        return word(telegram(t, turned, kmh));
      case SensorKind::passive:
      case SensorKind::unknown:
        break;
    }
    const double peak = w_.topKmh > 0 ? w_.peakToPeakV / 2 * kmh / w_.topKmh : 0;
    return peak * spot.gain * std::sin(2 * std::numbers::pi * spot.within);
  }

  // Seconds since the telegram that is under way began: at each tooth, or by the clock while the
  // wheel stands.
  double telegram(double t, double turned, double kmh) {
    const auto spot = ring_.spot(turned);
    const double tooth = w_.teeth * std::floor(turned / w_.teeth) + spot.tooth;
    if (kmh < kStandsKmh) {
      const double every = w_.kind == SensorKind::activePwm ? 0.74 : 0.15;
      if (t - startS_ >= every) {
        startS_ = t;
      }
    } else if (tooth != tooth_ && turned >= 0 && !ring_.isMissing(spot.tooth)) {
      startS_ = t;
    }
    tooth_ = tooth;
    return t - startS_;
  }

  // 90 us one direction, 180 us the other, 1440 us standstill (makers' datasheets, from memory).
  [[nodiscard]] double widthS(double kmh) const {
    return kmh < kStandsKmh ? 1440e-6 : w_.reverse ? 180e-6 : 90e-6;
  }

  // Speed pulse, half a bit of rest, nine Manchester bits: bit 3 direction valid, bit 4 direction,
  // the last even parity (AK protocol, from memory).
  [[nodiscard]] double word(double since) const {
    const unsigned data = 1U << 3U | (w_.reverse ? 1U << 4U : 0U);
    const unsigned parity = (w_.reverse ? 2U : 1U) % 2;
    const unsigned bits = data | parity << 8U;
    if (since < kBitS) {
      return 2 * w_.highA;
    }
    const double at = (since - 1.5 * kBitS) / kBitS;
    if (at < 0 || at >= 9) {
      return w_.lowA;
    }
    const auto bit = static_cast<unsigned>(at);
    const bool one = (bits >> bit & 1U) != 0;
    const bool second = at - bit >= 0.5;
    return one == second ? w_.highA : w_.lowA;
  }

  // A switch to ground leaves a little; its swing is what was asked for.
  static constexpr double kHallLowV = 0.2;
  static constexpr double kBeyondV = 7;
  [[nodiscard]] double hallHigh() const { return kHallLowV + w_.peakToPeakV; }

  [[nodiscard]] double dropped(DropLevel level) const {
    const bool square = w_.kind == SensorKind::hall;
    switch (level) {
      case DropLevel::flat:
        return isCurrent() ? w_.lowA : square ? hallHigh() : 0.0;
      case DropLevel::rail:
        return isCurrent() ? 2.5 * w_.highA : square ? hallHigh() + kBeyondV : 1.5 * w_.peakToPeakV;
      case DropLevel::ground:
        break;
    }
    return 0;
  }

  const Substitute& w_;
  RingShape ring_;
  std::vector<Burst> bursts_;
  std::size_t burst_ = 0;
  double startS_ = -1e9;
  double tooth_ = -1;
};

int positionOf(const SignalFault& fault) {
  if (const auto* missing = std::get_if<MissingTooth>(&fault)) {
    return missing->position;
  }
  if (const auto* shallow = std::get_if<ShallowTooth>(&fault)) {
    return shallow->position;
  }
  const auto* wide = std::get_if<WideGap>(&fault);
  return wide ? wide->position : 0;
}

}  // namespace

Result<capture::Record> substitute(const Substitute& w) {
  const bool coded = w.kind == SensorKind::activePwm || w.kind == SensorKind::activeAk;
  if (coded && w.rateHz < 50e3) {
    return Error{"--sample-rate", std::nullopt,
                 say("is too low for pulses of 45 to 90 microseconds"), say("at least 50000")};
  }
  const double count = w.durationS * w.rateHz;
  if (!(count >= 2) || count > 4e8) {
    return Error{"--duration", std::nullopt, say("gives no record of a size that can be written"),
                 say("between 2 and 400 million samples")};
  }
  for (const auto& fault : w.faults) {
    if (positionOf(fault) >= w.teeth) {
      return Error{"--fault", std::nullopt,
                   sayf("tooth {} is not on a ring of {}", positionOf(fault), w.teeth),
                   sayf("0 to {}", w.teeth - 1)};
    }
  }
  Maker maker(w);
  capture::Record record;
  record.time.stepS = 1 / w.rateHz;
  const bool amperes = maker.isCurrent() && !w.senseOhm;
  record.channels.push_back(
      {"substitute", amperes ? units::Unit::ampere : units::Unit::volt, maker.make()});
  return record;
}

}  // namespace haybale::signal
