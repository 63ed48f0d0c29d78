#include "core/verdict/suspicion.h"

#include <fmt/format.h>

#include <algorithm>
#include <cctype>
#include <map>

#include "core/belief/pair_belief.h"

namespace haybale::diagnosis {

using circuit::Circuit;

namespace {

std::vector<Suspect> suspectsOf(const Belief& belief) {
  std::map<std::tuple<std::string, int, Fault>, double> sums;
  for (std::size_t h = 0; h < belief.hypotheses().size(); ++h) {
    const auto& hypothesis = belief.hypotheses()[h];
    sums[{hypothesis.element, hypothesis.wire ? static_cast<int>(*hypothesis.wire) : -1,
          hypothesis.fault}] += belief.probabilities()[h];
  }
  std::vector<Suspect> out;
  for (const auto& [key, share] : sums) {
    const auto& [element, wire, fault] = key;
    out.push_back({element,
                   wire < 0 ? std::nullopt : std::optional(static_cast<circuit::WireId>(wire)),
                   std::string(nameOf(fault)), share});
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Suspect& a, const Suspect& b) { return a.share > b.share; });
  return out;
}

double shareOf(const std::vector<Suspect>& suspects, const std::string& element) {
  double sum = 0;
  for (const auto& s : suspects) {
    sum += s.element == element ? s.share : 0;
  }
  return sum;
}

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
    std::string sentence = test.red ? circuit::spoken(test.red->place) + ": " : "";
    sentence += view.reason.empty() ? view.shown + "." : view.reason;
    if (!sentence.empty()) {
      sentence[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(sentence[0])));
    }
    sentence += w.bits > 1     ? " Tells much."
                : w.bits > 0.2 ? " Tells something."
                               : " Tells next to nothing.";
    reasons.push_back(sentence);
  }
  return reasons;
}

void sayClash(Conclusion& out, const Belief& belief, const std::vector<ReadingView>& views) {
  const auto worst =
      std::max_element(belief.weighings().begin(), belief.weighings().end(),
                       [](const Weighing& a, const Weighing& b) { return a.mistake < b.mistake; });
  out.state = State::contradictory;
  out.clash = worst->evidence;
  const auto& e = belief.vehicle().job().evidence[worst->evidence];
  const std::string shown = worst->evidence < views.size() ? views[worst->evidence].shown : "it";
  const std::string where = e.test.red ? circuit::spoken(e.test.red->place) : std::string("trace");
  out.headline = "Contradictory: no single fault explains every reading";
  out.action =
      fmt::format("Repeat {} ({}) at a second contact, on the highest range, before believing it.",
                  shown, where);
  out.reasons.push_back(
      fmt::format("Without {} ({}) the rest agrees: wrong pin, bad contact, or a meter still "
                  "ranging?",
                  shown, where));
}

Suspect suspectOf(const Hypothesis& h, double share) {
  return {h.element, h.wire, std::string(nameOf(h.fault)), share};
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
  out.reasons.push_back(fmt::format(
      "Two faults at once would explain every reading ({:.0f} %): {}, and {} ({:.0f} %).",
      100 * out.pairShare, spoken(a, circuit), spoken(b, circuit), 100 * a.share));
  if (out.pairShare > 0.5) {
    out.headline = fmt::format("Contradictory for one fault: {} and {} together explain it",
                               a.element, b.element);
    out.action += fmt::format(
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
  return s.element.empty() || s.fault == nameOf(Fault::latchedOff);
}

// Nothing is wrong now, whether or not the supply had been latched off.
bool concludeCured(Conclusion& out) {
  if (!isCured(out.suspects.front()) || leadingShare(out) < kIsolated || !out.codesCleared ||
      shareOf(out.suspects, "") >= kIsolated) {
    return false;
  }
  out.state = State::isolated;
  out.headline = "Nothing wrong any more: clearing the codes may have ended a latch-off";
  out.action = "Drive it and read the codes again: what comes back made the module switch off.";
  return true;
}

void concludeFrom(Conclusion& out, const Circuit& circuit) {
  if (concludeCured(out)) {
    return;
  }
  std::vector<std::pair<std::string, double>> ranked = out.elementShares;
  ranked.emplace_back("", shareOf(out.suspects, ""));
  std::stable_sort(ranked.begin(), ranked.end(),
                   [](const auto& a, const auto& b) { return a.second > b.second; });
  if (ranked[0].second >= kIsolated) {
    out.state = State::isolated;
  } else if (ranked.size() > 1 && ranked[0].second + ranked[1].second >= kNarrowed) {
    out.state = State::narrowed;
  }
  // The likeliest way to fail of the likeliest element.
  const auto top = std::find_if(out.suspects.begin(), out.suspects.end(),
                                [&](const Suspect& s) { return s.element == ranked[0].first; });
  std::rotate(out.suspects.begin(), top, top + 1);
  if (ranked[0].first.empty() && out.state == State::isolated) {
    out.headline = "Nothing wrong shows in these readings";
    out.action =
        "Reproduce the complaint (bump, steering, wet) while a reading is watched, or check the "
        "ring and the live speed.";
    return;
  }
  const auto name = [](const std::string& id) {
    return id.empty() ? std::string("nothing wrong") : id;
  };
  if (out.state == State::isolated) {
    out.headline = "Isolated: " + spoken(out.suspects.front(), circuit);
  } else if (out.state == State::narrowed) {
    out.headline =
        fmt::format("Narrowed to {} or {}", name(ranked[0].first), name(ranked[1].first));
  } else {
    out.headline = fmt::format("Still open: {} leads with {:.0f} %", name(ranked[0].first),
                               100 * ranked[0].second);
  }
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
    sum += (cured ? isCured(s) : s.element == first.element) ? s.share : 0;
  }
  return sum;
}

std::string actionFor(const Suspect& top, const Circuit& circuit) {
  const circuit::Element* e = circuit.find(top.element);
  if (!e) {
    return "Measure on.";
  }
  switch (e->kind) {
    case circuit::ElementKind::sensor:
      return "Measure a new sensor before fitting it, clean the seat, push it fully home, then "
             "repeat the reading that failed.";
    case circuit::ElementKind::ring:
      return "Look at the ring through its opening while turning it by hand; a pole that is weak "
             "needs a new bearing or ring.";
    case circuit::ElementKind::connector:
      return "Open " + e->id +
             ", look for green crust in both halves; both neighbours are contaminated: replace "
             "both sides, then repeat the reading that failed.";
    case circuit::ElementKind::module:
      return "Check the module's plug, power and ground before the module itself is blamed.";
    case circuit::ElementKind::leg:
    case circuit::ElementKind::splice:
      return "Bracket it within " + e->id +
             ", cut back to bright copper, splice sealed and with slack, then repeat the reading "
             "that failed.";
  }
  return "";
}

std::string spoken(const Suspect& s, const Circuit& circuit) {
  if (s.element.empty()) {
    return "nothing wrong";
  }
  std::string text = s.element;
  if (s.wire) {
    const auto& wire = circuit.wire(*s.wire);
    text += ", wire " + std::string(circuit::kWireNames[static_cast<std::size_t>(*s.wire)]) +
            (wire.colour.empty() ? "" : " (" + wire.colour + ")");
  }
  std::string fault = s.fault;
  std::replace(fault.begin(), fault.end(), '-', ' ');
  return text + ": " + fault;
}

Conclusion conclude(const Belief& belief, const std::vector<ReadingView>& views) {
  Conclusion out;
  const Circuit& circuit = belief.vehicle().suspect();
  out.suspects = suspectsOf(belief);
  for (const auto& e : circuit.path) {
    out.elementShares.emplace_back(e.id, shareOf(out.suspects, e.id));
  }
  out.codesCleared = belief.codesCleared();
  out.reasons = reasonsOf(belief, views);
  tellTimeline(out, belief);
  if (belief.weighings().empty()) {
    out.headline = "Nothing measured on " + circuit.name + " yet";
    out.action = "Begin at the module plug: the whole circuit in one reading.";
    return out;
  }
  if (belief.contradictory()) {
    sayClash(out, belief, views);
    sayPairs(out, belief);
    return out;
  }
  concludeFrom(out, circuit);
  if (out.action.empty()) {
    out.action = out.state == State::open ? "Measure on before a part is blamed."
                                          : actionFor(out.suspects.front(), circuit);
  }
  return out;
}

}  // namespace haybale::diagnosis
