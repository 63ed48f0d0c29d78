#include "core/plan/planner.h"

#include <algorithm>
#include <cmath>
#include <tuple>

#include "core/base/say.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::Test;
using priors::Id;
using priors::of;

namespace {

// What one does about a way to fail: by element, but for what clearing or a fuse cures.
struct Remedy {
  Fault fault;
  std::string group;
};

Remedy remedyOf(const Hypothesis& h, bool codesCleared) {
  // What clearing has cured already cannot be told from nothing wrong.
  const bool cured = codesCleared && h.fault == Fault::latchedOff;
  const Fault fault = cured ? Fault::none : h.fault;
  const bool apart = h.fault == Fault::latchedOff || h.fault == Fault::modulePower;
  return {fault, cured || apart || h.element.empty() ? std::string(nameOf(fault)) : h.element};
}

// The index of each key, in the order they come.
template <typename Key>
std::size_t indexOf(std::map<Key, std::size_t>& seen, const Key& key) {
  return seen.emplace(key, seen.size()).first->second;
}

}  // namespace

Planner::Planner(const Beliefs& beliefs, const Conclusion& conclusion)
    : belief_(beliefs.leading()),
      wantsWitness_(conclusion.wantsWitness),
      witnesses_(conclusion.witnesses),
      waysCount_(leadingShare(conclusion) >= of(Id::settled) ? of(Id::waysCount) : 0),
      forecast_(beliefs),
      stands_(forecast_.stands()) {
  group(!beliefs.kindKnown());
  const auto& evidence = belief_.vehicle().job().evidence;
  const auto last =
      std::find_if(evidence.rbegin(), evidence.rend(), [](const auto& e) { return !e.withdrawn; });
  if (last != evidence.rend()) {
    stance_ = stanceOf(belief_.vehicle().suspect(), last->test);
    apart_ = last->test.state.unplugged;
  }
}

// By element and by way to fail. Until the kind of sensor is known it is asked for with the
// element.
void Planner::group(bool byKind) {
  std::map<std::pair<std::string, const Belief*>, std::size_t> elements;
  std::map<std::tuple<std::string, Fault, std::optional<circuit::WireId>>, std::size_t> ways;
  for (const auto& s : stands_) {
    const auto& h = s.way();
    const auto [fault, name] = remedyOf(h, belief_.codesCleared());
    elementOf_.push_back(indexOf(elements, {name, byKind ? s.belief : nullptr}));
    wayOf_.push_back(indexOf(ways, {name, fault, h.wire}));
    takeWay(elementOf_.back(), wayOf_.back(), s.weight);
  }
  standpoint_.elements = elements_ = elements.size();
  standpoint_.change = of(Id::changeMinutes);
  ways_ = ways.size();
}

std::optional<Proposal> Planner::propose(const Test& test, Prospect* prospect) const {
  const auto outlook = forecast_.outlook(test);
  if (!outlook) {
    return std::nullopt;
  }
  Proposal out;
  out.test = test;
  out.bits = information(*outlook, elementOf_, elements_);
  out.ways = information(*outlook, wayOf_, ways_);
  out.minutes = minutesOf(belief_.vehicle().job(), test);
  const auto* circuit = belief_.vehicle().job().find(test.circuit);
  out.intrusion = intrusionOf(circuit ? *circuit : belief_.vehicle().suspect(), test);
  out.stance = stanceOf(circuit ? *circuit : belief_.vehicle().suspect(), test);
  const double cost = setUp(out) + (stance_ && out.stance != *stance_ ? of(Id::changeMinutes) : 0);
  if (prospect) {
    *prospect = {byWay(*outlook), out.bits,
                 setUp(out),      1,
                 out.stance,      laysBare(belief_.vehicle().job(), test)};
  }
  out.score = ((1 - waysCount_) * out.bits + waysCount_ * out.ways) / cost;
  const bool another =
      std::find(witnesses_.begin(), witnesses_.end(), familyOf(test)) == witnesses_.end();
  if (wantsWitness_ && another) {
    out.score *= of(Id::witnessBonus);
  }
  say(out, *outlook);
  return out;
}

void Planner::takeWay(std::size_t element, std::size_t way, double weight) {
  const auto [at, added] = jointOf_.emplace(std::pair{element, way}, standpoint_.ways.size());
  if (added) {
    standpoint_.ways.push_back(0);
    standpoint_.elementOf.push_back(element);
  }
  standpoint_.ways[at->second] += weight;
  standOf_.push_back(at->second);
}

// Minutes of a test with all that setting it up takes, but for where the car stands.
double Planner::setUp(const Proposal& p) const {
  return of(Id::turnMinutes) + p.minutes +
         (p.intrusion >= Intrusion::pierce ? of(Id::pierceMinutes) : 0) +
         of(Id::putBackMinutes) * toPutBack(p.test);
}

// The outlook of each way to fail, its stands together.
std::vector<std::vector<float>> Planner::byWay(const Outlook& outlook) const {
  std::vector<std::vector<float>> out;
  for (const auto& row : outlook.chances) {
    std::vector<float> ways(standpoint_.ways.size());
    for (std::size_t k = 0; k < stands_.size(); ++k) {
      const std::size_t w = standOf_[k];
      ways[w] += static_cast<float>(row[k] * stands_[k].weight / standpoint_.ways[w]);
    }
    out.push_back(std::move(ways));
  }
  return out;
}

// Plugs that the last test left apart and this one needs together.
double Planner::toPutBack(const Test& test) const {
  return static_cast<double>(std::count_if(
      apart_.begin(), apart_.end(), [&](const auto& id) { return !test.state.isUnplugged(id); }));
}

// Mutual information of outcome and group, in bits.
double Planner::information(const Outlook& outlook, const std::vector<std::size_t>& groupOf,
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

namespace {

// The names that make up most of it, at most three.
std::string likeliest(const std::map<std::string, double>& elements, double whole) {
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

}  // namespace

// Outcomes with the same words are one; the likeliest first.
void Planner::say(Proposal& out, const Outlook& outlook) const {
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
      const auto& h = stands_[k].way();
      elements[!h.element.empty()            ? h.element
               : h.fault == Fault::none      ? haybale::say("nothing wrong")
               : h.fault == Fault::wrongTyre ? haybale::say("a tyre")
                                             : haybale::say("something else")] += p;
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

}  // namespace haybale::diagnosis
