#include "core/plan/forecast.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;

namespace {

constexpr std::size_t kCellsEach = 2;     // of a hypothesis, to stand for all its cells
constexpr double kForgotten = 1e-3;       // hypotheses below this are not simulated
constexpr std::size_t kMostStands = 800;  // simulated at most
constexpr std::size_t kMostBins = 48;

double cumulative(double z) {
  return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

std::vector<Stand> standsOf(const Belief& belief) {
  std::vector<std::vector<const Cell*>> best(belief.hypotheses().size());
  for (const auto& cell : belief.cells()) {
    auto& list = best[cell.hypothesis];
    const auto at = std::find_if(list.begin(), list.end(),
                                 [&](const Cell* c) { return cell.weight > c->weight; });
    list.insert(at, &cell);
    if (list.size() > kCellsEach) {
      list.pop_back();
    }
  }
  std::vector<Stand> out;
  // On a long line only the likelier ones are simulated: the work grows with its length otherwise.
  const std::size_t length = belief.vehicle().suspect().path.size();
  const std::size_t most =
      std::max<std::size_t>(30, kMostStands * 20 / std::max<std::size_t>(20, length));
  for (std::size_t h = 0; h < best.size(); ++h) {
    double sum = 0;
    for (const Cell* c : best[h]) {
      sum += c->weight;
    }
    if (belief.probabilities()[h] < kForgotten || sum <= 0) {
      continue;
    }
    for (const Cell* c : best[h]) {
      out.push_back({h, c, belief.probabilities()[h] * c->weight / sum});
    }
  }
  if (out.size() > most) {
    std::nth_element(out.begin(), out.begin() + static_cast<std::ptrdiff_t>(most), out.end(),
                     [](const Stand& a, const Stand& b) { return a.weight > b.weight; });
    out.resize(most);
  }
  double total = 0;
  for (const auto& s : out) {
    total += s.weight;
  }
  for (auto& s : out) {
    s.weight /= total;
  }
  return out;
}

}  // namespace

// Where each stand's reading lies on the scale.
struct Forecast::Reach {
  double at;
  double rest;  // while an intermittent fault does not show
  double shows;
};

// One stand at one test: what is wrong while it shows, and what was worked out already.
struct Forecast::Standing {
  World world;
  double shows;
  ReadingModel::Worked worked;
  ReadingModel::Worked resting;
};

Forecast::Forecast(const Belief& belief)
    : belief_(belief), stands_(standsOf(belief)), model_(belief.vehicle()) {
  valueWeights_.resize(belief.values().size());
  for (const auto& cell : belief.cells()) {
    valueWeights_[cell.values] += cell.weight;
  }
  likeliest_ = static_cast<std::size_t>(
      std::max_element(valueWeights_.begin(), valueWeights_.end()) - valueWeights_.begin());
}

std::optional<Outlook> Forecast::outlook(const Test& test) const {
  return circuit::unitOf(test.kind) != units::Unit::none ? ofNumbers(test) : ofCategories(test);
}

namespace {

// A place on the scale, seen from a sound circuit at `own`, as it is seen from one at `reference`.
// Nothing stays nothing and OL stays OL; between them and the sound reading it goes in proportion.
double seenFrom(double reference, double own, double at, const Scale& scale) {
  const double nothing = scale.at(0);
  if (at <= own) {
    return own - nothing > 1e-9 ? nothing + (at - nothing) / (own - nothing) * (reference - nothing)
                                : at;
  }
  if (circuit::unitOf(scale.kind) != units::Unit::ohm) {
    // No source gives more than it does.
    return std::min(at + reference - own, std::max(at, reference));
  }
  const double most = scale.at(scale.topOhm);
  return most - own > 1e-9 ? most - (most - at) / (most - own) * (most - reference) : at;
}

}  // namespace

// Stands differ in the vehicle's unknown values as well as in what is wrong. Only the latter may
// move the reading here, or a test would seem to tell faults apart by values that they happen to
// stand for.
std::optional<std::vector<Forecast::Reach>> Forecast::reaches(const Test& test, const Scale& scale,
                                                              double reference) const {
  std::vector<Reach> out;
  const auto& vehicle = belief_.vehicle();
  std::vector<std::optional<double>> sound(belief_.values().size());
  const auto soundOf = [&](std::size_t values) {
    auto& known = sound[values];
    if (!known) {
      const auto v = vehicle.electrical(test, World{}, belief_.values()[values]);
      known = v ? scale.at(*v) : NAN;
    }
    return *known;
  };
  for (const auto& s : stands_) {
    const auto& h = belief_.hypotheses()[s.hypothesis];
    Reach r{reference, reference, showsIn(h, test.state, vehicle.suspect())};
    if (vehicle.touches(test, h)) {
      const auto v =
          vehicle.electrical(test, belief_.worldNow(*s.cell), belief_.values()[s.cell->values]);
      const double own = soundOf(s.cell->values);
      if (!v || std::isnan(own)) {
        return std::nullopt;
      }
      r.at = seenFrom(reference, own, scale.at(*v), scale);
    }
    out.push_back(r);
  }
  return out;
}

double Forecast::unsure(const Test& test, const Scale& scale) const {
  const auto& values = belief_.values();
  double total = 0, sum = 0, squares = 0;
  // Two dozen sets tell a spread.
  const std::size_t step = std::max<std::size_t>(1, values.size() / 24);
  for (std::size_t i = 0; i < values.size(); i += step) {
    if (const auto v = belief_.vehicle().electrical(test, World{}, values[i])) {
      const double x = scale.at(*v);
      total += valueWeights_[i];
      sum += valueWeights_[i] * x;
      squares += valueWeights_[i] * x * x;
    }
  }
  return total > 0 ? std::sqrt(std::max(0.0, squares / total - sum / total * sum / total)) : 0;
}

std::optional<Outlook> Forecast::ofNumbers(const Test& test) const {
  const auto& vehicle = belief_.vehicle();
  const Scale scale{test.kind, vehicle.job().meter.topOhm()};
  const auto sound = vehicle.electrical(test, World{}, belief_.values()[likeliest_]);
  if (!sound) {
    return std::nullopt;
  }
  const double soundAt = scale.at(*sound);
  const auto all = reaches(test, scale, soundAt);
  if (!all || all->empty()) {
    return std::nullopt;
  }
  const double spread = std::hypot(scale.spread(*sound, 0), unsure(test, scale)) *
                        (test.kind == TestKind::acVoltage ? 3.5 : 1);
  double low = soundAt;
  double high = soundAt;
  for (const auto& r : *all) {
    low = std::min({low, r.at, r.rest});
    high = std::max({high, r.at, r.rest});
  }
  low -= 2 * spread;
  high += 2 * spread;
  const auto bins = std::clamp<std::size_t>(static_cast<std::size_t>((high - low) / (1.5 * spread)),
                                            3, kMostBins);
  const double step = (high - low) / static_cast<double>(bins);
  Outlook out;
  out.chances.assign(bins, std::vector<double>(stands_.size()));
  for (std::size_t b = 0; b < bins; ++b) {
    const double from = low + step * static_cast<double>(b);
    const double middle = from + step / 2;
    out.words.push_back(sayValue(test, scale, middle, soundAt, spread, *sound));
    for (std::size_t k = 0; k < stands_.size(); ++k) {
      const auto& r = (*all)[k];
      const auto mass = [&](double x) {
        const double upper = b + 1 == bins ? 1 : cumulative((from + step - x) / spread);
        const double lower = b == 0 ? 0 : cumulative((from - x) / spread);
        return upper - lower;
      };
      const double p = r.shows * mass(r.at) + (r.shows < 1 ? (1 - r.shows) * mass(r.rest) : 0);
      out.chances[b][k] = (1 - kMistake) * p + kMistake / static_cast<double>(bins);
    }
  }
  return out;
}

std::optional<Outlook> Forecast::ofCategories(const Test& test) const {
  const auto categories = categoriesOf(belief_.vehicle(), test);
  if (categories.empty()) {
    return std::nullopt;
  }
  Outlook out;
  out.chances.assign(categories.size(), std::vector<double>(stands_.size()));
  for (std::size_t k = 0; k < stands_.size(); ++k) {
    Standing standing = standingOf(test, stands_[k]);
    for (std::size_t o = 0; o < categories.size(); ++o) {
      out.chances[o][k] = chance(test, categories[o], stands_[k], standing);
    }
  }
  for (const auto& category : categories) {
    out.words.push_back(category.words);
  }
  // Likelihoods of what may come become probabilities.
  for (std::size_t k = 0; k < stands_.size(); ++k) {
    double total = 0;
    for (const auto& row : out.chances) {
      total += row[k];
    }
    for (auto& row : out.chances) {
      row[k] = (1 - kMistake) *
                   (total > 0 ? row[k] / total : 1.0 / static_cast<double>(out.chances.size())) +
               kMistake / static_cast<double>(out.chances.size());
    }
  }
  return out;
}

Forecast::Standing Forecast::standingOf(const Test& test, const Stand& stand) const {
  const auto& h = belief_.hypotheses()[stand.hypothesis];
  return {
      belief_.worldNow(*stand.cell), showsIn(h, test.state, belief_.vehicle().suspect()), {}, {}};
}

double Forecast::chance(const Test& test, const Category& c, const Stand& stand,
                        Standing& s) const {
  const auto& h = belief_.hypotheses()[stand.hypothesis];
  const auto& values = belief_.values()[stand.cell->values];
  const auto inWorld = [&](const auto& likelihood) {
    return s.shows * likelihood(s.world, &s.worked) +
           (s.shows < 1 ? (1 - s.shows) * likelihood(World{}, &s.resting) : 0);
  };
  switch (test.kind) {
    case TestKind::codes:
      return inWorld([&](const World& w, auto* worked) {
        return model_.codes(test, c.reading, w, values, worked);
      });
    case TestKind::liveSpeed:
      return inWorld([&](const World& w, auto* worked) {
        return model_.liveSpeed(test, c.reading, w, values, worked);
      });
    case TestKind::waveform:
      return inWorld([&](const World& w, auto* worked) {
        return model_.waveform(test, c.facts, w, values, worked);
      });
    case TestKind::wiggle:
      return model_.wiggle(test, c.reading, h, stand.cell->severity(), values);
    case TestKind::inspect:
      return model_.inspect(test, c.reading, h);
    case TestKind::benchSensor:
      return model_.benchSensor(c.reading, h, stand.cell->severity());
    case TestKind::lamp:
      return inWorld([&](const World& w, auto* worked) {
        if (!worked->swings) {
          worked->swings = {belief_.vehicle().electrical(test, w, values), std::nullopt};
        }
        return lampChance(test.lamp, worked->swings->first, *c.reading.lamp);
      });
    default:
      return 1;
  }
}

}  // namespace haybale::diagnosis
