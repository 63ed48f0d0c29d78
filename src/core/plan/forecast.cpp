#include "core/plan/forecast.h"

#include <algorithm>
#include <cmath>

#include "core/priors/priors.h"
#include "core/verdict/move_words.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;

namespace {

constexpr std::size_t kCellsEach = 2;     // of a hypothesis, to stand for all its cells
constexpr double kForgotten = 1e-3;       // hypotheses below this are not simulated
constexpr std::size_t kMostStands = 800;  // simulated at most
constexpr std::size_t kMostBins = 48;

// The best few cells of each hypothesis of one belief, its shares times `share`.
void addStands(const Belief& belief, double share, std::vector<Stand>& out) {
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
  for (std::size_t h = 0; h < best.size(); ++h) {
    double sum = 0;
    for (const Cell* c : best[h]) {
      sum += c->weight;
    }
    if (share * belief.probabilities()[h] < kForgotten || sum <= 0) {
      continue;
    }
    for (const Cell* c : best[h]) {
      out.push_back({&belief, h, c, share * belief.probabilities()[h] * c->weight / sum});
    }
  }
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

// A sound circuit's reading under one kind of sensor.
struct Forecast::Sound {
  std::optional<double> value;
  double at = 0;      // on the scale
  double spread = 0;  // with all that is unknown of the vehicle
};

Forecast::Forecast(const Belief& belief) {
  add(belief, 1);
  standFor();
}

Forecast::Forecast(const Beliefs& beliefs) {
  for (const auto& part : beliefs.parts()) {
    add(*part.belief, part.share);
  }
  standFor();
}

void Forecast::add(const Belief& belief, double share) {
  Side side{&belief, share, std::vector<double>(belief.values().size()), 0};
  for (const auto& cell : belief.cells()) {
    side.valueWeights[cell.values] += cell.weight;
  }
  side.likeliest = static_cast<std::size_t>(
      std::max_element(side.valueWeights.begin(), side.valueWeights.end()) -
      side.valueWeights.begin());
  sides_.push_back(std::move(side));
}

void Forecast::standFor() {
  for (const auto& side : sides_) {
    addStands(*side.belief, side.share, stands_);
  }
  // On a long line only the likelier ones are simulated: the work grows with its length otherwise.
  const std::size_t length = sides_.front().belief->vehicle().suspect().path.size();
  const std::size_t most =
      std::max<std::size_t>(30, kMostStands * 20 / std::max<std::size_t>(20, length));
  if (stands_.size() > most) {
    std::nth_element(stands_.begin(), stands_.begin() + static_cast<std::ptrdiff_t>(most),
                     stands_.end(),
                     [](const Stand& a, const Stand& b) { return a.weight > b.weight; });
    stands_.resize(most);
  }
  double total = 0;
  for (const auto& s : stands_) {
    total += s.weight;
  }
  for (auto& s : stands_) {
    s.weight /= total;
  }
}

std::size_t Forecast::sideOf(const Stand& stand) const {
  std::size_t i = 0;
  while (sides_[i].belief != stand.belief) {
    ++i;
  }
  return i;
}

std::optional<Outlook> Forecast::outlook(const Test& test) const {
  if (test.red && test.circuit != sides_.front().belief->vehicle().suspect().name) {
    return ofGoodWheel(test);
  }
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
std::optional<std::vector<Forecast::Reach>> Forecast::reaches(
    const Test& test, const Scale& scale, const std::vector<Sound>& sounds) const {
  std::vector<Reach> out;
  std::vector<std::vector<std::optional<double>>> own(sides_.size());
  for (std::size_t i = 0; i < sides_.size(); ++i) {
    own[i].resize(sides_[i].belief->values().size());
  }
  for (const auto& s : stands_) {
    const std::size_t side = sideOf(s);
    const auto& vehicle = s.belief->vehicle();
    const double reference = sounds[side].at;
    Reach r{reference, reference, showsIn(s.way(), test.state, vehicle.suspect())};
    if (vehicle.touches(test, s.way())) {
      auto& known = own[side][s.cell->values];
      if (!known) {
        const auto v = vehicle.electrical(test, World{}, s.values());
        known = v ? scale.at(*v) : NAN;
      }
      const auto v = vehicle.electrical(test, s.belief->worldNow(*s.cell), s.values());
      if (!v || std::isnan(*known)) {
        return std::nullopt;
      }
      r.at = seenFrom(reference, *known, scale.at(*v), scale);
    }
    out.push_back(r);
  }
  return out;
}

Forecast::Sound Forecast::soundOf(const Side& side, const Test& test, const Scale& scale) const {
  const auto& vehicle = side.belief->vehicle();
  const auto& values = side.belief->values();
  Sound out;
  out.value = vehicle.electrical(test, World{}, values[side.likeliest]);
  if (!out.value) {
    return out;
  }
  out.at = scale.at(*out.value);
  double total = 0, sum = 0, squares = 0;
  // Two dozen sets tell a spread.
  const std::size_t step = std::max<std::size_t>(1, values.size() / 24);
  for (std::size_t i = 0; i < values.size(); i += step) {
    if (const auto v = vehicle.electrical(test, World{}, values[i])) {
      const double x = scale.at(*v);
      total += side.valueWeights[i];
      sum += side.valueWeights[i] * x;
      squares += side.valueWeights[i] * x * x;
    }
  }
  const double unsure =
      total > 0 ? std::sqrt(std::max(0.0, squares / total - sum / total * sum / total)) : 0;
  // By hand nobody spins at the speed that was asked for; the meter may show the hertz or not.
  constexpr double kHandSpin = 3;
  out.spread = std::hypot(scale.spread(*out.value, 0), unsure) *
               (test.kind == TestKind::acVoltage ? kHandSpin : 1);
  // Where little is known, the middle of all that is possible stands for it.
  if (total > 0 && unsure > scale.spread(*out.value, 0)) {
    out.at = sum / total;
  }
  return out;
}

std::optional<Outlook> Forecast::ofNumbers(const Test& test) const {
  const Scale scale{test.kind, sides_.front().belief->vehicle().job().meter.topOhm()};
  std::vector<Sound> sounds;
  for (const auto& side : sides_) {
    sounds.push_back(soundOf(side, test, scale));
    if (!sounds.back().value) {
      return std::nullopt;
    }
  }
  const auto all = reaches(test, scale, sounds);
  if (!all || all->empty()) {
    return std::nullopt;
  }
  double low = sounds.front().at;
  double high = low;
  double spread = sounds.front().spread;
  for (const auto& sound : sounds) {
    spread = std::min(spread, sound.spread);
    low = std::min(low, sound.at - sound.spread);
    high = std::max(high, sound.at + sound.spread);
  }
  for (const auto& r : *all) {
    low = std::min({low, r.at, r.rest});
    high = std::max({high, r.at, r.rest});
  }
  low -= 2 * spread;
  high += 2 * spread;
  const auto bins = std::clamp<std::size_t>(static_cast<std::size_t>((high - low) / (1.5 * spread)),
                                            3, kMostBins);
  const double step = (high - low) / static_cast<double>(bins);
  // What a sound circuit shows lies in the middle of a bin, so that it is one answer and not two.
  const double off = std::fmod((sounds.front().at - low) / step, 1.0) - 0.5;
  low += step * off;
  const double slip = priors::of(priors::Id::slipNumber);
  Outlook out;
  out.chances.assign(bins, std::vector<double>(stands_.size()));
  for (std::size_t b = 0; b < bins; ++b) {
    const double from = low + step * static_cast<double>(b);
    const auto& lead = sounds.front();
    out.words.push_back(sayValue(test, scale, from + step / 2, lead.at, lead.spread, *lead.value));
    for (std::size_t k = 0; k < stands_.size(); ++k) {
      const auto& r = (*all)[k];
      const double wide = sounds[sideOf(stands_[k])].spread;
      const auto mass = [&](double x) {
        const double upper = b + 1 == bins ? 1 : normalShare((from + step - x) / wide);
        const double lower = b == 0 ? 0 : normalShare((from - x) / wide);
        return upper - lower;
      };
      const double p = r.shows * mass(r.at) + (r.shows < 1 ? (1 - r.shows) * mass(r.rest) : 0);
      out.chances[b][k] = (1 - slip) * p + slip / static_cast<double>(bins);
    }
  }
  likeAnything(out, familyOf(test));
  return out;
}

std::optional<Outlook> Forecast::ofCategories(const Test& test) const {
  const auto categories = categoriesOf(sides_.front().belief->vehicle(), test);
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
  const double slip = slipOf(test.kind);
  for (std::size_t k = 0; k < stands_.size(); ++k) {
    double total = 0;
    for (const auto& row : out.chances) {
      total += row[k];
    }
    for (auto& row : out.chances) {
      row[k] = (1 - slip) *
                   (total > 0 ? row[k] / total : 1.0 / static_cast<double>(out.chances.size())) +
               slip / static_cast<double>(out.chances.size());
    }
  }
  likeAnything(out, familyOf(test));
  return out;
}

Forecast::Standing Forecast::standingOf(const Test& test, const Stand& stand) const {
  return {stand.belief->worldNow(*stand.cell),
          showsIn(stand.way(), test.state, stand.belief->vehicle().suspect()),
          {},
          {}};
}

double Forecast::chance(const Test& test, const Category& c, const Stand& stand,
                        Standing& s) const {
  const auto& values = stand.values();
  const auto& model = stand.belief->model();
  const auto inWorld = [&](const auto& likelihood) {
    return s.shows * likelihood(s.world, &s.worked) +
           (s.shows < 1 ? (1 - s.shows) * likelihood(World{}, &s.resting) : 0);
  };
  switch (test.kind) {
    case TestKind::codes:
      return inWorld([&](const World& w, auto* worked) {
        const double unchecked = stand.belief->unchecked(*stand.cell, familyOf(test));
        return (1 - unchecked) * model.codes(test, c.reading, w, values, worked) +
               unchecked * model.codes(test, c.reading, w, values, worked, false);
      });
    case TestKind::liveSpeed:
      return inWorld([&](const World& w, auto* worked) {
        return model.liveSpeed(test, c.reading, w, values, worked);
      });
    case TestKind::waveform:
      return inWorld([&](const World& w, auto* worked) {
        return model.waveform(test, c.facts, w, values, worked);
      });
    case TestKind::wiggle:
      return model.wiggle(test, c.reading, stand.way(), stand.cell->severity(), values);
    case TestKind::inspect:
      return model.inspect(test, c.reading, stand.way());
    case TestKind::benchSensor:
      return model.benchSensor(c.reading, stand.way(), stand.cell->severity());
    case TestKind::lamp:
      return inWorld([&](const World& w, auto* worked) {
        if (!worked->swings) {
          worked->swings = {stand.belief->vehicle().electrical(test, w, values), std::nullopt};
        }
        return lampChance(test.lamp, worked->swings->first, *c.reading.lamp);
      });
    default:
      return 1;
  }
}

// What is not on the list may read like anything: as all the others together. So may a family of
// readings that is doubted already: asking it again tells no more.
void Forecast::likeAnything(Outlook& out, Family family) const {
  std::vector<double> doubts;
  for (const auto& s : stands_) {
    doubts.push_back(s.way().fault == Fault::other ? 1 : s.belief->doubted(*s.cell, family));
  }
  for (auto& row : out.chances) {
    double mean = 0;
    for (std::size_t k = 0; k < stands_.size(); ++k) {
      mean += stands_[k].weight * row[k];
    }
    for (std::size_t k = 0; k < stands_.size(); ++k) {
      row[k] += doubts[k] * (mean - row[k]);
    }
  }
}

}  // namespace haybale::diagnosis
