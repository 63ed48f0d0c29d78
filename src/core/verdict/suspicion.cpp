#include "core/verdict/suspicion.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <cmath>
#include <map>

#include "core/base/say.h"
#include "core/belief/pair_belief.h"
#include "core/priors/priors.h"
#include "core/verdict/clash.h"
#include "core/verdict/hinge.h"

namespace haybale::diagnosis {

using circuit::Circuit;

namespace {

std::vector<Suspect> suspectsOf(const Beliefs& beliefs) {
  std::map<std::tuple<std::string, int, Fault>, double> sums;
  for (const auto& part : beliefs.parts()) {
    const Belief& belief = *part.belief;
    for (std::size_t h = 0; h < belief.hypotheses().size(); ++h) {
      const auto& hypothesis = belief.hypotheses()[h];
      sums[{hypothesis.element, hypothesis.wire ? static_cast<int>(*hypothesis.wire) : -1,
            hypothesis.fault}] += part.share * belief.probabilities()[h];
    }
  }
  std::vector<Suspect> out;
  for (const auto& [key, share] : sums) {
    const auto& [element, wire, fault] = key;
    out.push_back({element,
                   wire < 0 ? std::nullopt : std::optional(static_cast<circuit::WireId>(wire)),
                   fault, share});
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Suspect& a, const Suspect& b) { return a.share > b.share; });
  return out;
}

double shareOf(const std::vector<Suspect>& suspects, const std::string& group) {
  double sum = 0;
  for (const auto& s : suspects) {
    sum += groupOf(s) == group ? s.share : 0;
  }
  return sum;
}

const std::string kSound(nameOf(Fault::none));

// What each reading did to the belief, the most telling first.
std::vector<std::string> reasonsOf(const Belief& belief, const std::vector<ReadingView>& views) {
  auto weighings = belief.weighings();
  std::stable_sort(weighings.begin(), weighings.end(),
                   [](const Weighing& a, const Weighing& b) { return a.bits > b.bits; });
  std::vector<std::string> reasons;
  for (const auto& w : weighings) {
    if (w.evidence >= views.size()) {
      continue;
    }
    const auto& view = views[w.evidence];
    const auto& test = belief.vehicle().job().evidence[w.evidence].test;
    const bool ofAnother = test.circuit != belief.vehicle().suspect().name;
    std::string sentence = ofAnother ? test.circuit + ", " : "";
    const bool looked =
        test.kind == circuit::TestKind::inspect || test.kind == circuit::TestKind::wiggle;
    sentence += looked     ? view.title + ": "
                : test.red ? circuit::spoken(test.red->place) + ": "
                           : "";
    sentence += view.reason.empty() ? view.shown + "." : view.reason;
    if (!sentence.empty()) {
      sentence[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(sentence[0])));
    }
    sentence += w.bits > 1     ? say(" Tells much.")
                : w.bits > 0.2 ? say(" Tells something.")
                               : say(" Tells next to nothing.");
    reasons.push_back(sentence);
  }
  return reasons;
}

Suspect suspectOf(const Hypothesis& h, double share) {
  return {h.element, h.wire, h.fault, share};
}

void sayPairs(Conclusion& out, const Belief& belief) {
  constexpr std::size_t kTold = 5;
  for (const auto& pair : pairsOf(belief)) {
    out.pairShare += pair.share;
    if (out.pairs.size() < kTold) {
      out.pairs.emplace_back(suspectOf(belief.hypotheses()[pair.first], pair.share),
                             suspectOf(belief.hypotheses()[pair.second], pair.share));
    }
  }
  if (out.pairs.empty()) {
    return;
  }
  const auto& circuit = belief.vehicle().suspect();
  const auto& [a, b] = out.pairs.front();
  out.reasons.push_back(
      sayf("Two faults at once would explain every reading ({:.0f} %): {}, and {} ({:.0f} %).",
           100 * out.pairShare, spoken(a, circuit), spoken(b, circuit), 100 * a.share));
  if (out.pairShare > priors::of(priors::Id::pairBlamed)) {
    out.headline =
        sayf("Contradictory for one fault: {} and {} together explain it", a.element, b.element);
    out.action += sayf(
        " If it stands: two faults. Mend {} first, then repeat the reading "
        "that showed it; the second one shows then.",
        a.element);
  }
}

void tellTimeline(Conclusion& out, const Belief& belief) {
  for (std::size_t k = 0; k < belief.history().size(); ++k) {
    Conclusion::Step step{belief.weighings()[k].evidence, belief.weighings()[k].bits, {}};
    step.shares.assign(out.elementShares.size() + 1, 0);
    for (std::size_t h = 0; h < belief.hypotheses().size(); ++h) {
      const auto& id = belief.hypotheses()[h].element;
      const auto at = std::find_if(out.elementShares.begin(), out.elementShares.end(),
                                   [&](const auto& e) { return e.first == id; });
      step.shares[static_cast<std::size_t>(at - out.elementShares.begin())] +=
          belief.history()[k][h];
    }
    out.timeline.push_back(std::move(step));
  }
}

bool isCured(const Suspect& s) {
  return s.fault == Fault::none || s.fault == Fault::latchedOff;
}

// Nothing is wrong now, whether or not the supply had been latched off.
bool concludeCured(Conclusion& out) {
  if (!isCured(out.suspects.front()) || leadingShare(out) < priors::of(priors::Id::isolated) ||
      !out.codesCleared || shareOf(out.suspects, kSound) >= priors::of(priors::Id::isolated)) {
    return false;
  }
  out.state = State::isolated;
  out.headline = say("Nothing wrong any more: clearing the codes may have ended a latch-off");
  out.action =
      say("Drive it and read the codes again: what comes back made the module switch off.");
  return true;
}

std::string nameFor(const std::string& group) {
  if (group == kSound) {
    return say("nothing wrong");
  }
  if (group == nameOf(Fault::wrongTyre)) {
    return say("a tyre");
  }
  return group == nameOf(Fault::other) ? say("something else") : sayName(group);
}

void concludeFrom(Conclusion& out, const Circuit& circuit) {
  if (concludeCured(out)) {
    return;
  }
  std::vector<std::pair<std::string, double>> ranked = out.elementShares;
  for (const Fault fault : {Fault::none, Fault::wrongTyre, Fault::other}) {
    const std::string group(nameOf(fault));
    ranked.emplace_back(group, shareOf(out.suspects, group));
  }
  std::stable_sort(ranked.begin(), ranked.end(),
                   [](const auto& a, const auto& b) { return a.second > b.second; });
  const std::string& first = ranked[0].first;
  if (ranked[0].second >= priors::of(priors::Id::isolated) && first != nameOf(Fault::other)) {
    out.state = out.wantsWitness || out.clearFirst ? State::narrowed : State::isolated;
  } else if (ranked[0].second + ranked[1].second >= priors::of(priors::Id::narrowed)) {
    out.state = State::narrowed;
  }
  // The likeliest way to fail of the likeliest element.
  const auto top = std::find_if(out.suspects.begin(), out.suspects.end(),
                                [&](const Suspect& s) { return groupOf(s) == first; });
  std::rotate(out.suspects.begin(), top, top + 1);
  if (first == kSound && out.state == State::isolated) {
    out.headline = say("Nothing wrong shows in these readings");
    out.action = say(
        "Reproduce the complaint (bump, steering, wet) while a reading is watched, or check the "
        "ring and the live speed.");
    return;
  }
  if (out.state == State::isolated) {
    out.headline = say("Isolated: ") + spoken(leading(out.suspects), circuit);
  } else if (out.clearFirst && out.state == State::narrowed) {
    out.headline = say("No supply from the module: it may only be latched off");
    out.action = say(
        "Clear the codes, cycle the ignition and read the supply again before a module is blamed.");
  } else if (out.wantsWitness && out.state == State::narrowed) {
    out.headline = sayf("{}, by one witness", spoken(leading(out.suspects), circuit));
    out.action = say(
        "One kind of test speaks against it. Before a part is bought, see it by a test of another "
        "kind.");
  } else if (out.state == State::narrowed) {
    out.headline = sayf("Narrowed to {} or {}", nameFor(first), nameFor(ranked[1].first));
  } else {
    out.headline =
        sayf("Still open: {} leads with {:.0f} %", nameFor(first), 100 * ranked[0].second);
  }
}

// Which families of readings speak for the leading element, each by itself.
void callWitnesses(Conclusion& out, const Beliefs& beliefs, const Circuit& circuit) {
  std::map<std::string, double> shares;
  for (const auto& s : out.suspects) {
    shares[groupOf(s)] += s.share;
  }
  const auto top = std::max_element(shares.begin(), shares.end(),
                                    [](auto& a, auto& b) { return a.second < b.second; });
  const auto first = std::find_if(out.suspects.begin(), out.suspects.end(),
                                  [&](const Suspect& s) { return groupOf(s) == top->first; });
  for (std::size_t f = 0; f < kFamilies; ++f) {
    const auto family = static_cast<Family>(f);
    if (beliefs.leading().testimony(family, first->element) >=
        priors::of(priors::Id::witnessFactor)) {
      out.witnesses.push_back(family);
    }
  }
  out.wantsWitness = buysPart(*first, circuit) && out.witnesses.size() < 2;
  const auto latched = std::find_if(out.suspects.begin(), out.suspects.end(),
                                    [](const Suspect& s) { return s.fault == Fault::latchedOff; });
  out.clearFirst = first->fault == Fault::noSupply && !out.codesCleared &&
                   latched != out.suspects.end() &&
                   latched->share >= priors::of(priors::Id::latchDoubt);
}

}  // namespace

double leadingShare(const Conclusion& conclusion) {
  if (conclusion.suspects.empty()) {
    return 0;
  }
  const Suspect& first = conclusion.suspects.front();
  const bool cured = conclusion.codesCleared && isCured(first);
  double sum = 0;
  for (const auto& s : conclusion.suspects) {
    sum += (cured ? isCured(s) : groupOf(s) == groupOf(first)) ? s.share : 0;
  }
  return sum;
}

std::string groupOf(const Suspect& suspect) {
  return suspect.element.empty() ? std::string(nameOf(suspect.fault)) : suspect.element;
}

bool buysPart(const Suspect& suspect, const Circuit& circuit) {
  const circuit::Element* e = circuit.find(suspect.element);
  if (!e) {
    return false;
  }
  switch (suspect.fault) {
    case Fault::latchedOff:
    case Fault::debris:
    case Fault::circuitsExchanged:
    case Fault::modulePower:
    case Fault::wideGap:
      return false;
    default:
      return e->kind == circuit::ElementKind::sensor || e->kind == circuit::ElementKind::ring ||
             e->kind == circuit::ElementKind::module;
  }
}

std::string actionFor(const Suspect& top, const Circuit& circuit) {
  const circuit::Element* e = circuit.find(top.element);
  switch (top.fault) {
    case Fault::latchedOff:
      return say(
          "Clear the codes and cycle the ignition: the supply comes back. Then find what made "
          "the "
          "module switch off.");
    case Fault::debris:
      return say("Wipe the tip and the ring clean with a rag, then read again: no part is needed.");
    case Fault::wideGap:
      return say(
          "Take the sensor out, clean rust from bore and seat, push it fully home and read again "
          "before any part is bought.");
    case Fault::wrongTyre:
      return say(
          "Compare size and pressure of the tyres with the other axle and with what is on the "
          "door.");
    case Fault::circuitsExchanged:
      return say(
          "Find where the two circuits are exchanged, at a plug or a joint, and put them back: "
          "nothing is bought.");
    case Fault::reversed:
      return say("Put the two wires back, by their colours: no part is needed.");
    case Fault::modulePower:
      return say(
          "Check battery, fuses, relay, power and ground of the module under load: several "
          "circuits hang on them.");
    case Fault::encoderReversed:
      return say(
          "Look whether the encoder faces the sensor: a bearing mounted the wrong way round "
          "gives nothing.");
    case Fault::wrongSensor:
      return say(
          "Compare the sensor with the one that belongs there: part number, plug, length, tip; fit "
          "the right one.");
    case Fault::ringWrongCount:
      return say(
          "Count the teeth against the other wheel's and the maker's figure; fit the ring or "
          "bearing that belongs there.");
    default:
      break;
  }
  if (!e) {
    return say("Measure on.");
  }
  switch (e->kind) {
    case circuit::ElementKind::sensor:
      // An ohmmeter says nothing of an active one.
      return circuit.sensor.kind == circuit::SensorKind::passive ||
                     circuit.sensor.kind == circuit::SensorKind::unknown
                 ? say("Measure a new sensor before fitting it, clean the seat, push it fully "
                       "home, "
                       "then repeat the reading that failed.")
                 : say("Lay a new sensor beside the old one before fitting it, clean the seat, "
                       "push "
                       "it fully home, then repeat the reading that failed.");
    case circuit::ElementKind::ring:
      return say(
          "Look at the ring through its opening while turning it by hand; a pole that is weak "
          "needs a new bearing or ring.");
    case circuit::ElementKind::connector:
      return say("Open ") + e->id +
             say(", look for green crust and for spread or pushed-back terminals in both halves; "
                 "where water got in both sides are renewed, for both neighbours are contaminated. "
                 "Then repeat the reading that failed.");
    case circuit::ElementKind::module:
      return say("Check the module's plug, power and ground before the module itself is blamed.");
    case circuit::ElementKind::leg:
    case circuit::ElementKind::splice:
      return say("Bracket it within ") + e->id +
             say(", cut back to bright copper, splice sealed and with slack, then repeat the "
                 "reading "
                 "that failed.");
  }
  return "";
}

Suspect leading(const std::vector<Suspect>& suspects) {
  Suspect out = suspects.front();
  const bool other = std::any_of(suspects.begin(), suspects.end(), [&](const Suspect& s) {
    return s.element == out.element && s.fault == out.fault && s.wire != out.wire &&
           out.share < priors::of(priors::Id::wireKnown) * s.share;
  });
  if (other) {
    out.wire.reset();
  }
  return out;
}

std::string spoken(const Suspect& s, const Circuit& circuit) {
  if (s.element.empty()) {
    return s.fault == Fault::none        ? say("nothing wrong")
           : s.fault == Fault::wrongTyre ? say("a tyre of another size or pressure")
                                         : say("something that is not on this list");
  }
  std::string text = s.element;
  if (s.wire) {
    const auto& wire = circuit.wire(*s.wire);
    text += say(", wire ") + std::string(circuit::kWireNames[static_cast<std::size_t>(*s.wire)]) +
            (wire.colour.empty() ? "" : " (" + wire.colour + ")");
  }
  return text + ": " + sayName(nameOf(s.fault));
}

Conclusion conclude(const Beliefs& beliefs, const std::vector<ReadingView>& views) {
  Conclusion out;
  const Belief& belief = beliefs.leading();
  const Circuit& circuit = belief.vehicle().suspect();
  out.suspects = suspectsOf(beliefs);
  out.kinds = beliefs.kinds();
  for (const auto& e : circuit.path) {
    out.elementShares.emplace_back(e.id, shareOf(out.suspects, e.id));
  }
  out.codesCleared = belief.codesCleared();
  out.reasons = reasonsOf(belief, views);
  if (out.kinds.size() > 1) {
    out.reasons.insert(out.reasons.begin(),
                       say("The sensor ") + diagnosis::spoken(out.kinds, false) +
                           say(": say its kind at Intake where you know better."));
  }
  tellTimeline(out, belief);
  callWitnesses(out, beliefs, circuit);
  if (belief.weighings().empty()) {
    out.wantsWitness = false;
    out.headline = say("Nothing measured on ") + circuit.name + say(" yet");
    const auto& tools = belief.vehicle().job().toolbox;
    out.action =
        std::find(tools.begin(), tools.end(), "scan-tool") != tools.end()
            ? say("What is free first: codes and live speeds of all wheels, and a look.")
            : say("What is free first: a look along the line, before anything is unplugged.");
    return out;
  }
  if (belief.contradictory() && sayClash(out, belief, views)) {
    sayPairs(out, belief);
    return out;
  }
  if (!out.clash) {
    sayHinge(out, belief, views);
  }
  const std::string repeat = out.action;
  out.action.clear();
  concludeFrom(out, circuit);
  if (!repeat.empty()) {
    out.action = repeat;
  } else if (out.action.empty()) {
    // What feeds several circuits, and a tyre, are looked at before one circuit is measured on.
    const auto& first = out.suspects.front();
    const bool outside = first.fault == Fault::modulePower || first.fault == Fault::wrongTyre;
    out.action =
        out.state == State::open && !(outside && first.share > priors::of(priors::Id::outsideFirst))
            ? say("Measure on before a part is blamed.")
            : actionFor(first, circuit);
  }
  return out;
}

}  // namespace haybale::diagnosis
