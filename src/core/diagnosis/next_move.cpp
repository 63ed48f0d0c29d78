#include "core/diagnosis/next_move.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

#include "core/base/parallel.h"
#include "core/diagnosis/move_words.h"

namespace haybale::diagnosis {

using circuit::Test;
using circuit::TestKind;

namespace {

constexpr std::size_t kCellsEach = 2;     // of a hypothesis, to stand for all its cells
constexpr double kForgotten = 1e-3;       // hypotheses below this are not simulated
constexpr std::size_t kMostStands = 800;  // simulated at most
constexpr std::size_t kMostTests = 240;
constexpr double kLeastBits = 0.01;
constexpr double kPierceMinutes = 4;  // what a hole costs beyond its minutes
constexpr std::size_t kMostBins = 48;
constexpr double kChangeMinutes = 1;  // what it takes to get the car up or down, beyond its minutes
// Unplugging may cure a wet contact for a day: until it was reproduced, what leaves it alone leads.
constexpr double kNotYet = 0.4;

double cumulative(double z) {
  return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

// A share of the belief that stands for its neighbours.
struct Stand {
  std::size_t hypothesis;
  const Cell* cell;
  double weight;
};

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

// What may come of one test: p[outcome][stand].
struct Outlook {
  std::vector<std::vector<double>> chances;
  std::vector<std::string> words;
};

class Planner {
 public:
  explicit Planner(const Belief& belief)
      : belief_(belief), stands_(standsOf(belief)), model_(belief.vehicle()) {
    std::map<std::string, std::size_t> elements;
    std::map<std::tuple<std::string, Fault, std::optional<circuit::WireId>>, std::size_t> ways;
    for (const auto& s : stands_) {
      const auto& h = belief.hypotheses()[s.hypothesis];
      elementOf_.push_back(elements.emplace(h.element, elements.size()).first->second);
      wayOf_.push_back(
          ways.emplace(std::tuple{h.element, h.fault, h.wire}, ways.size()).first->second);
    }
    elements_ = elements.size();
    ways_ = ways.size();
    const auto& evidence = belief.vehicle().job().evidence;
    const auto last = std::find_if(evidence.rbegin(), evidence.rend(),
                                   [](const auto& e) { return !e.withdrawn; });
    if (last != evidence.rend()) {
      stance_ = stanceOf(belief.vehicle().suspect(), last->test);
    }
  }

  [[nodiscard]] std::optional<Proposal> propose(const Test& test) const {
    const bool number = circuit::unitOf(test.kind) != units::Unit::none;
    const auto outlook = number ? ofNumbers(test) : ofCategories(test);
    if (!outlook) {
      return std::nullopt;
    }
    Proposal out;
    out.test = test;
    out.bits = information(*outlook, elementOf_, elements_);
    const double ways = information(*outlook, wayOf_, ways_);
    out.minutes = minutesOf(belief_.vehicle().job(), test);
    out.intrusion = intrusionOf(belief_.vehicle().suspect(), test);
    out.stance = stanceOf(belief_.vehicle().suspect(), test);
    const double cost = out.minutes + (out.intrusion >= Intrusion::pierce ? kPierceMinutes : 0) +
                        (stance_ && out.stance != *stance_ ? kChangeMinutes : 0);
    out.score = (0.75 * out.bits + 0.25 * ways) / cost;
    say(out, *outlook);
    return out;
  }

 private:
  [[nodiscard]] double severityOf(const Cell& cell) const {
    return cell.high > 1e14 ? cell.high : std::sqrt(std::max(0.0, cell.low * cell.high));
  }

  // Where each stand's reading lies on the scale.
  struct Reach {
    double at;
    double rest;  // while an intermittent fault does not show
    double shows;
  };
  [[nodiscard]] std::optional<std::vector<Reach>> reaches(const Test& test,
                                                          const Scale& scale) const {
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
      const auto& values = belief_.values()[s.cell->values];
      const auto at = [&](double severity) {
        const auto v = vehicle.electrical(test, worldOf(h, severity, values), values);
        return v ? std::optional(scale.at(*v)) : std::nullopt;
      };
      const auto middle = vehicle.touches(test, h) ? at(severityOf(*s.cell))
                                                   : std::optional(soundOf(s.cell->values));
      if (!middle || std::isnan(*middle)) {
        return std::nullopt;
      }
      Reach r{*middle, *middle, showsIn(h, test.state, vehicle.suspect())};
      if (r.shows < 1) {
        r.rest = soundOf(s.cell->values);
        r.rest = std::isnan(r.rest) ? scale.at(0) : r.rest;
      }
      out.push_back(r);
    }
    return out;
  }

  [[nodiscard]] std::optional<Outlook> ofNumbers(const Test& test) const {
    const auto& vehicle = belief_.vehicle();
    const Scale scale{test.kind, vehicle.job().meter.topOhm()};
    const auto all = reaches(test, scale);
    const auto sound = vehicle.electrical(test, World{}, belief_.values().front());
    if (!all || !sound || all->empty()) {
      return std::nullopt;
    }
    const double soundAt = scale.at(*sound);
    const double spread = scale.spread(*sound, belief_.unsure(test, scale)) *
                          (test.kind == TestKind::acVoltage ? 3.5 : 1);
    double low = soundAt;
    double high = soundAt;
    for (const auto& r : *all) {
      low = std::min({low, r.at, r.rest});
      high = std::max({high, r.at, r.rest});
    }
    low -= 2 * spread;
    high += 2 * spread;
    const auto bins = std::clamp<std::size_t>(
        static_cast<std::size_t>((high - low) / (1.5 * spread)), 3, kMostBins);
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

  [[nodiscard]] std::optional<Outlook> ofCategories(const Test& test) const {
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

  // One stand at one test: what is wrong while it shows, and what was worked out already.
  struct Standing {
    World world;
    double shows;
    ReadingModel::Worked worked;
    ReadingModel::Worked resting;
  };
  [[nodiscard]] Standing standingOf(const Test& test, const Stand& stand) const {
    const auto& h = belief_.hypotheses()[stand.hypothesis];
    return {worldOf(h, severityOf(*stand.cell), belief_.values()[stand.cell->values]),
            showsIn(h, test.state, belief_.vehicle().suspect()),
            {},
            {}};
  }

  [[nodiscard]] double chance(const Test& test, const Category& c, const Stand& stand,
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
        return model_.wiggle(test, c.reading, h, values);
      case TestKind::inspect:
        return model_.inspect(test, c.reading, h);
      case TestKind::benchSensor:
        return model_.benchSensor(c.reading, h, severityOf(*stand.cell));
      case TestKind::lamp:
        return inWorld([&](const World& w, auto* worked) {
          if (!worked->swings) {
            worked->swings = {belief_.vehicle().electrical(test, w, values), std::nullopt};
          }
          const auto& share = worked->swings->first;
          return !share                                                     ? 1.0
                 : circuit::lampState(test.lamp, *share) == *c.reading.lamp ? 0.94
                                                                            : 0.03;
        });
      default:
        return 1;
    }
  }

  // Mutual information of outcome and group, in bits.
  [[nodiscard]] double information(const Outlook& outlook, const std::vector<std::size_t>& groupOf,
                                   std::size_t groups) const {
    std::vector<double> share(groups);
    for (std::size_t k = 0; k < stands_.size(); ++k) {
      share[groupOf[k]] += stands_[k].weight;
    }
    double bits = 0;
    std::vector<double> joint(groups);
    for (const auto& row : outlook.chances) {
      std::fill(joint.begin(), joint.end(), 0);
      double total = 0;
      for (std::size_t k = 0; k < stands_.size(); ++k) {
        joint[groupOf[k]] += stands_[k].weight * row[k];
        total += stands_[k].weight * row[k];
      }
      for (std::size_t g = 0; g < groups; ++g) {
        if (joint[g] > 0 && share[g] > 0 && total > 0) {
          bits += joint[g] * std::log2(joint[g] / (share[g] * total));
        }
      }
    }
    return std::max(0.0, bits);
  }

  // Outcomes with the same words are one; the likeliest first.
  void say(Proposal& out, const Outlook& outlook) const {
    std::map<std::string, std::pair<double, std::map<std::string, double>>> said;
    std::vector<std::string> order;
    for (std::size_t o = 0; o < outlook.chances.size(); ++o) {
      if (!said.contains(outlook.words[o])) {
        order.push_back(outlook.words[o]);
      }
      auto& [probability, elements] = said[outlook.words[o]];
      for (std::size_t k = 0; k < stands_.size(); ++k) {
        const double p = stands_[k].weight * outlook.chances[o][k];
        probability += p;
        const auto& id = belief_.hypotheses()[stands_[k].hypothesis].element;
        elements[id.empty() ? "nothing wrong" : id] += p;
      }
    }
    for (const auto& words : order) {
      const auto& [probability, elements] = said[words];
      out.outcomes.push_back({words, likeliest(elements, probability), probability});
    }
    std::stable_sort(out.outcomes.begin(), out.outcomes.end(),
                     [](const auto& a, const auto& b) { return a.probability > b.probability; });
    if (out.outcomes.size() > 4) {
      out.outcomes.resize(4);
    }
  }

  static std::string likeliest(const std::map<std::string, double>& elements, double whole) {
    std::vector<std::pair<std::string, double>> ranked(elements.begin(), elements.end());
    std::stable_sort(ranked.begin(), ranked.end(),
                     [](const auto& a, const auto& b) { return a.second > b.second; });
    std::string text;
    double told = 0;
    for (std::size_t i = 0; i < ranked.size() && i < 3 && told < 0.85 * whole; ++i) {
      text += (text.empty() ? "" : ", ") + ranked[i].first;
      told += ranked[i].second;
    }
    return text;
  }

  const Belief& belief_;
  std::vector<Stand> stands_;
  ReadingModel model_;
  std::vector<std::size_t> elementOf_;
  std::vector<std::size_t> wayOf_;
  std::size_t elements_ = 0;
  std::size_t ways_ = 0;
  std::optional<Stance> stance_;  // of the last test made
};

// A complaint of wet weather that nothing unplugged has touched and nothing has reproduced yet.
bool waitsForWater(const job::Case& c) {
  const auto& when = c.complaint.when;
  return std::find(when.begin(), when.end(), "wet") != when.end() &&
         std::none_of(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& e) {
           const bool driven = e.test.state.wheel == circuit::WheelMotion::driven;
           return e.test.circuit == c.suspect && !e.withdrawn &&
                  (driven || e.test.state.disturb || !e.test.state.unplugged.empty());
         });
}

int timesMade(const job::Case& c, const Test& test) {
  return static_cast<int>(std::count_if(c.evidence.begin(), c.evidence.end(), [&](const auto& e) {
    return !e.withdrawn && sameTest(e.test, test);
  }));
}

}  // namespace

std::string cautionFor(const Test& test) {
  if (test.state.wheel == circuit::WheelMotion::spun) {
    return "Wheel up: rated stands on sound points, the others chocked, never on a jack alone. "
           "Hands clear of the turning wheel.";
  }
  if (test.state.wheel == circuit::WheelMotion::driven) {
    return "ABS and ESC may be off during tests: drive accordingly; a second person watches the "
           "instrument.";
  }
  if (circuit::unitOf(test.kind) == units::Unit::ohm) {
    return "Key off and wait before unplugging a module. Airbag and orange high-voltage circuits: "
           "out of bounds.";
  }
  return "Do not spread the terminals. The maker's procedure and local rules come first.";
}

std::vector<Proposal> proposeTests(const Belief& belief, const Conclusion& conclusion,
                                   const std::vector<Test>& refused) {
  const auto& c = belief.vehicle().job();
  const Planner planner(belief);
  std::vector<Test> tests = possibleTests(c);
  std::optional<Test> again;
  if (conclusion.clash && timesMade(c, c.evidence[*conclusion.clash].test) < 2 &&
      permitted(c, *c.suspectCircuit(), c.evidence[*conclusion.clash].test)) {
    again = c.evidence[*conclusion.clash].test;
  }
  std::erase_if(tests, [&](const Test& t) {
    return timesMade(c, t) > 0 || std::any_of(refused.begin(), refused.end(),
                                              [&](const Test& r) { return sameTest(r, t); });
  });
  if (tests.size() > kMostTests) {
    // Every so many of them: a long line is still halved.
    std::vector<Test> some;
    for (std::size_t i = 0; i < kMostTests; ++i) {
      some.push_back(tests[i * tests.size() / kMostTests]);
    }
    tests = std::move(some);
  }
  if (again) {
    tests.push_back(*again);
  }
  const bool undisturbed = waitsForWater(c);
  std::vector<std::optional<Proposal>> all(tests.size());
  parallelFor(tests.size(), [&](std::size_t i) { all[i] = planner.propose(tests[i]); });
  std::vector<Proposal> out;
  for (auto& proposal : all) {
    const bool repeats = proposal && again && sameTest(proposal->test, *again);
    if (!proposal || (proposal->bits < kLeastBits && !repeats)) {
      continue;
    }
    proposal->title = titleFor(proposal->test);
    if (undisturbed && proposal->intrusion == Intrusion::unplug) {
      proposal->score *= kNotYet;
    }
    proposal->instructions = instructionsFor(belief.vehicle().suspect(), proposal->test);
    if (repeats) {
      proposal->score += 1e3;
      proposal->title = "Again: " + proposal->title;
    }
    proposal->caution = cautionFor(proposal->test);
    if (undisturbed && proposal->intrusion == Intrusion::unplug) {
      proposal->caution =
          "Unplugging may cure it for a day: reproduce it first. " + proposal->caution;
    }
    if (proposal->test.kind != TestKind::waveform) {
      for (auto& category : categoriesOf(belief.vehicle(), proposal->test)) {
        proposal->answers.emplace_back(std::move(category.words), std::move(category.reading));
      }
    }
    out.push_back(std::move(*proposal));
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Proposal& a, const Proposal& b) { return a.score > b.score; });
  return out;
}

}  // namespace haybale::diagnosis
