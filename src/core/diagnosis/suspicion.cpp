#include "core/diagnosis/suspicion.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/diagnosis/meter_use.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::TestKind;

namespace {

// One reading of the suspect circuit, ready to be held against predictions.
struct Observation {
  const job::Evidence* evidence = nullptr;
  const ReadingView* view = nullptr;
  const trace::ChannelAnalysis* trace = nullptr;  // waveforms only
  std::optional<double> outputRatio;              // waveforms only: against the peer
};

// Measured and predicted may differ by this share and still agree: tolerances the parameters do not
// carry.
constexpr double kAgreeShare = 0.05;
constexpr double kAgreeVolt = 0.03;
constexpr double kAgreeOhm = 5;

class Explainer {
 public:
  Explainer(const Circuit& circuit, const circuit::LineParameters& known,
            const circuit::Meter& meter)
      : circuit_(circuit), meter_(meter) {
    // A dozen sets of values stand for what is not known of the vehicle.
    constexpr std::size_t kSets = 8;
    sets_ = {known.central};
    const std::size_t step = std::max<std::size_t>(1, known.draws.size() / kSets);
    for (std::size_t i = 0; i < known.draws.size(); i += step) {
      sets_.push_back(known.draws[i]);
    }
    last_.resize(sets_.size());
  }

  [[nodiscard]] bool explains(const Candidate& candidate, const Observation& o) const {
    if (o.evidence->test.kind == TestKind::waveform) {
      return o.trace == nullptr || explainsTrace(candidate, o);
    }
    return !o.evidence->reading.value || explainsValue(candidate, o);
  }

 private:
  struct Span {
    double low;
    double high;
  };
  struct Key {
    const circuit::Test* test;
    Suspicion kind;
    std::string element;
    std::optional<circuit::WireId> wire;
    double ohm;
    double along;
    bool operator==(const Key&) const = default;
  };

  // Reading over the whole range of severity of the candidate for one set of values: it is monotone
  // in the severity. Empty when the model does not cover the test.
  [[nodiscard]] std::optional<Span> span(const Candidate& c, std::size_t set,
                                         const circuit::Test& test) const {
    const auto from = valueAt(c, c.fromOhm, set, test);
    const auto to = valueAt(c, c.toOhm, set, test);
    return from && to ? std::optional(Span{std::min(*from, *to), std::max(*from, *to)})
                      : std::nullopt;
  }

  // Neighbouring steps of severity share an end, and candidates come in order: the last value of a
  // set is asked for twice.
  [[nodiscard]] std::optional<double> valueAt(const Candidate& c, double ohm, std::size_t set,
                                              const circuit::Test& test) const {
    const Key key{&test, c.kind, c.element, c.wire, ohm, c.along};
    auto& last = last_[set];
    if (!last || !(last->first == key)) {
      last = {key, circuit::predict(circuit_, sets_[set], test, modelFaults(c, ohm), meter_)};
    }
    return last->second;
  }

  // One set that agrees will do. Else all sets with the same front end together: what lies between
  // what two of them read could be read with values between theirs.
  [[nodiscard]] bool explainsValue(const Candidate& c, const Observation& o) const {
    std::map<circuit::FrontEndKind, Span> united;
    const auto& entry = *o.evidence->reading.value;
    for (std::size_t set = 0; set < sets_.size(); ++set) {
      const auto predicted = span(c, set, o.evidence->test);
      if (!predicted || agrees(*predicted, entry, o.evidence->test.kind)) {
        return true;
      }
      const auto [it, fresh] = united.emplace(sets_[set].frontEnd.kind, *predicted);
      it->second.low = std::min(it->second.low, predicted->low);
      it->second.high = std::max(it->second.high, predicted->high);
    }
    return std::any_of(united.begin(), united.end(), [&](const auto& each) {
      return agrees(each.second, entry, o.evidence->test.kind);
    });
  }

  [[nodiscard]] bool agrees(const Span& span, const units::Entry& entry, TestKind kind) const {
    if (entry.overload) {
      return span.high > 0.3 * meter_.topOhm();
    }
    if (std::isinf(span.low)) {
      return entry.value > 0.3 * meter_.topOhm();
    }
    const bool ohms = circuit::unitOf(kind) == units::Unit::ohm;
    const double slack = 2 * standardUncertainty(meter_, entry, kind) +
                         kAgreeShare * std::abs(entry.value) + (ohms ? kAgreeOhm : kAgreeVolt);
    return entry.value >= span.low - slack && entry.value <= span.high + slack;
  }

  [[nodiscard]] bool explainsTrace(const Candidate& c, const Observation& o) const {
    const auto& a = *o.trace;
    const bool ringShows = std::any_of(a.findings.begin(), a.findings.end(),
                                       [](const auto& f) { return f.where == trace::Where::ring; });
    if (ringShows || c.kind == Suspicion::ring) {
      return ringShows == (c.kind == Suspicion::ring);
    }
    const bool silent = a.signal == trace::Signal::flat;
    if (c.kind == Suspicion::noOutput) {
      return silent;
    }
    const auto ratio = silent ? std::optional(0.0) : o.outputRatio;
    if (!ratio) {
      return true;
    }
    if (c.kind == Suspicion::weakOutput) {
      return !silent && *ratio < trace::kWeakSuspect;
    }
    // Shares of a healthy trace: the vehicle's values cancel, one set will do.
    const auto healthy = circuit::predict(circuit_, sets_.front(), o.evidence->test);
    const auto faulty = span(c, 0, o.evidence->test);
    if (!healthy || !faulty || *healthy == 0) {
      return true;
    }
    const double low = faulty->low / *healthy;
    const double high = faulty->high / *healthy;
    // Wheels of one car differ by a quarter in output with nothing wrong.
    return *ratio >= low * 0.75 - 0.03 && *ratio <= high * 1.33 + 0.03;
  }

  const Circuit& circuit_;
  const circuit::Meter& meter_;
  std::vector<circuit::ParameterPoint> sets_;
  mutable std::vector<std::optional<std::pair<Key, std::optional<double>>>> last_;  // per set
};

std::vector<Observation> observationsOf(const job::Case& c, const Circuit& circuit,
                                        const std::vector<ReadingView>& views,
                                        const WaveformSet& waveforms) {
  std::vector<Observation> out;
  for (std::size_t i = 0; i < c.evidence.size() && i < views.size(); ++i) {
    const auto& e = c.evidence[i];
    if (e.withdrawn || e.test.circuit != circuit.name) {
      continue;
    }
    Observation o;
    o.evidence = &e;
    o.view = &views[i];
    if (const auto it = waveforms.analyses.find(e.id); it != waveforms.analyses.end()) {
      o.trace = &it->second;
    }
    if (const auto it = waveforms.comparisons.find(e.id); it != waveforms.comparisons.end()) {
      o.outputRatio = it->second.ratio;
    }
    if (e.reading.value || o.trace) {
      out.push_back(o);
    }
  }
  return out;
}

// table[o][k]: observation o is explained by candidate k.
using Table = std::vector<std::vector<bool>>;

Table tableOf(const std::vector<Candidate>& candidates,
              const std::vector<Observation>& observations, const Explainer& explainer) {
  Table table;
  for (const auto& o : observations) {
    std::vector<bool> row;
    row.reserve(candidates.size());
    for (const auto& candidate : candidates) {
      row.push_back(explainer.explains(candidate, o));
    }
    table.push_back(std::move(row));
  }
  return table;
}

std::vector<Candidate> leftOver(const std::vector<Candidate>& candidates, const Table& table,
                                std::optional<std::size_t> without) {
  std::vector<Candidate> left;
  for (std::size_t k = 0; k < candidates.size(); ++k) {
    bool stays = true;
    for (std::size_t o = 0; o < table.size() && stays; ++o) {
      stays = o == without || table[o][k];
    }
    if (stays) {
      left.push_back(candidates[k]);
    }
  }
  return left;
}

std::vector<Suspect> suspectsOf(const std::vector<Candidate>& left) {
  std::map<std::tuple<std::string, int, std::string>, double> sums;
  double total = 0;
  for (const auto& candidate : left) {
    sums[{candidate.element, candidate.wire ? static_cast<int>(*candidate.wire) : -1,
          faultName(candidate)}] += candidate.weight;
    total += candidate.weight;
  }
  std::vector<Suspect> out;
  for (const auto& [key, weight] : sums) {
    const auto& [element, wire, fault] = key;
    out.push_back({element,
                   wire < 0 ? std::nullopt : std::optional(static_cast<circuit::WireId>(wire)),
                   fault, weight / total});
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

std::string joined(const std::vector<std::string>& words) {
  std::string out;
  for (std::size_t i = 0; i < words.size(); ++i) {
    out += (i == 0 ? "" : i + 1 == words.size() ? " and " : ", ") + words[i];
  }
  return out;
}

// Elements that this reading alone rules out altogether.
std::vector<std::string> clearedBy(const Circuit& circuit, const std::vector<Candidate>& candidates,
                                   const std::vector<bool>& row) {
  std::vector<std::string> cleared;
  for (const auto& e : circuit.path) {
    bool any = false;
    bool left = false;
    for (std::size_t k = 0; k < candidates.size(); ++k) {
      if (candidates[k].element == e.id) {
        any = true;
        left = left || row[k];
      }
    }
    if (any && !left) {
      cleared.push_back(e.id);
    }
  }
  return cleared;
}

std::vector<std::string> reasonsOf(const Circuit& circuit, const std::vector<Candidate>& candidates,
                                   const std::vector<Observation>& observations,
                                   const Table& table) {
  std::vector<std::string> reasons;
  for (std::size_t o = 0; o < observations.size(); ++o) {
    const auto& view = *observations[o].view;
    double before = 0;
    double after = 0;
    for (std::size_t k = 0; k < candidates.size(); ++k) {
      before += candidates[k].weight;
      after += table[o][k] ? candidates[k].weight : 0;
    }
    const double ruledOut = before > 0 ? 1 - after / before : 0;
    const auto& red = observations[o].evidence->test.red;
    std::string sentence = (red ? circuit::spoken(red->place) + ": " : "") + view.reason;
    if (view.reason.empty()) {
      sentence += view.shown + ".";
    }
    sentence[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(sentence[0])));
    const auto cleared = clearedBy(circuit, candidates, table[o]);
    if (!cleared.empty() && cleared.size() < circuit.path.size()) {
      sentence += " Clears " + joined(cleared) + ".";
    } else if (ruledOut > 0.02) {
      sentence += fmt::format(" Rules out {:.0f} % of what could be wrong.", 100 * ruledOut);
    } else {
      sentence += " Rules out next to nothing.";
    }
    reasons.push_back(sentence);
  }
  return reasons;
}

void concludeFrom(Conclusion& out, const Circuit& circuit) {
  std::vector<std::pair<std::string, double>> ranked = out.elementShares;
  const double none = shareOf(out.suspects, "");
  ranked.emplace_back("", none);
  std::stable_sort(ranked.begin(), ranked.end(),
                   [](const auto& a, const auto& b) { return a.second > b.second; });
  if (ranked[0].second >= 0.9) {
    out.state = State::isolated;
  } else if (ranked.size() > 1 && ranked[0].second + ranked[1].second >= 0.85) {
    out.state = State::narrowed;
  }
  const Suspect& top = out.suspects.front();
  if (ranked[0].first.empty() && ranked[0].second >= 0.9) {
    out.headline = "Nothing wrong shows in these readings";
    out.action =
        "Reproduce the complaint (bump, steering, wet) while a reading is watched, or check the "
        "ring and the live speed.";
    return;
  }
  if (out.state == State::isolated) {
    out.headline = "Isolated: " + spoken(top, circuit);
  } else if (out.state == State::narrowed) {
    const auto name = [](const std::string& id) {
      return id.empty() ? std::string("nothing wrong") : id;
    };
    out.headline =
        fmt::format("Narrowed to {} or {}", name(ranked[0].first), name(ranked[1].first));
  } else {
    out.headline = fmt::format("Still open: {} leads with {:.0f} %",
                               ranked[0].first.empty() ? "nothing wrong" : ranked[0].first,
                               100 * ranked[0].second);
  }
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

}  // namespace

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

Conclusion conclude(const job::Case& c, const std::vector<ReadingView>& views,
                    const WaveformSet& waveforms, const Knowledge& knowledge) {
  Conclusion out;
  const Circuit* circuit = c.suspectCircuit();
  if (!circuit) {
    out.headline = "No circuit is described";
    return out;
  }
  const Explainer explainer(*circuit, knowledge.find(circuit->name)->second, c.meter);
  const auto candidates = allCandidates(*circuit, c.complaint, holesIn(c, *circuit));
  const auto observations = observationsOf(c, *circuit, views, waveforms);
  const Table table = tableOf(candidates, observations, explainer);
  out.left = leftOver(candidates, table, std::nullopt);
  out.reasons = reasonsOf(*circuit, candidates, observations, table);
  if (out.left.empty()) {
    out.state = State::contradictory;
    out.headline = "Contradictory: no single fault explains every reading";
    out.action =
        "Repeat the reading that clashes at a second contact, on the highest range, before "
        "believing it.";
    for (std::size_t o = 0; o < observations.size(); ++o) {
      if (!leftOver(candidates, table, o).empty()) {
        out.reasons.push_back(fmt::format(
            "Without {} ({}) the rest agrees: wrong pin, bad contact, or a meter still ranging?",
            observations[o].view->shown,
            observations[o].evidence->test.red
                ? circuit::spoken(observations[o].evidence->test.red->place)
                : "trace"));
      }
    }
    for (const auto& e : circuit->path) {
      out.elementShares.emplace_back(e.id, 0.0);
    }
    return out;
  }
  out.suspects = suspectsOf(out.left);
  for (const auto& e : circuit->path) {
    out.elementShares.emplace_back(e.id, shareOf(out.suspects, e.id));
  }
  if (observations.empty()) {
    out.headline = "Nothing measured on " + circuit->name + " yet";
    out.action = "Begin at the module plug: the whole circuit in one reading.";
    return out;
  }
  concludeFrom(out, *circuit);
  if (out.action.empty()) {
    out.action = out.state == State::open ? "Measure on before a part is blamed."
                                          : actionFor(out.suspects.front(), *circuit);
  }
  return out;
}

}  // namespace haybale::diagnosis
