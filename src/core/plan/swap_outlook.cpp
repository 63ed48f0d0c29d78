#include "core/plan/swap_outlook.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>

#include "core/base/say.h"
#include "core/plan/steps.h"
#include "core/plan/test_effort.h"
#include "core/plan/test_list.h"

namespace haybale::diagnosis {

using circuit::Circuit;
using circuit::Test;
using circuit::TestKind;

namespace {

constexpr double kLeastShare = 0.01;
constexpr double kSetsCode = 0.5;

struct Group {
  double share = 0;
  const Cell* cell = nullptr;  // its heaviest

  void add(const Cell& c) {
    share += c.weight;
    cell = !cell || c.weight > cell->weight ? &c : cell;
  }
};

// Suspects as the conclusion lists them, each with the cell that stands for it.
std::vector<std::pair<Suspect, Group>> groupsOf(const Belief& belief) {
  std::map<std::tuple<std::string, Fault, std::optional<circuit::WireId>>, Group> groups;
  for (const auto& cell : belief.cells()) {
    const auto& h = belief.hypotheses()[cell.hypothesis];
    groups[{h.element, h.fault, h.wire}].add(cell);
  }
  std::vector<std::pair<Suspect, Group>> out;
  for (const auto& [key, g] : groups) {
    if (g.share >= kLeastShare) {
      const auto& [element, fault, wire] = key;
      out.push_back({{element, wire, fault, g.share}, g});
    }
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const auto& a, const auto& b) { return a.second.share > b.second.share; });
  return out;
}

// Every fault in each of its severities: a slight one may let the signal through.
std::vector<Group> bySeverity(const Belief& belief) {
  std::map<std::pair<std::size_t, double>, Group> groups;
  for (const auto& cell : belief.cells()) {
    groups[{cell.hypothesis, cell.low}].add(cell);
  }
  std::vector<Group> out;
  for (const auto& [key, g] : groups) {
    if (g.share >= kLeastShare * kLeastShare) {
      out.push_back(g);
    }
  }
  return out;
}

std::vector<std::string> inputsOf(const Belief& belief, const Test& test) {
  if (test.state.swap) {
    return {test.state.swap->into, test.state.swap->sensorOf};
  }
  return {belief.vehicle().suspect().name};
}

InputOutlook inputOf(const Belief& belief, const Test& test, const std::string& name,
                     const Cell& cell) {
  const auto& vehicle = belief.vehicle();
  const auto& values = belief.values()[cell.values];
  const double severity = cell.severity();
  const World world = worldOf(belief.hypotheses()[cell.hypothesis], severity, values);
  circuit::CarState state = test.state;
  if (name != vehicle.suspect().name) {
    state.unplugged.clear();
    state.jumper.reset();
    state.inject.reset();
  }
  const auto m = vehicle.monitor(name, state, world, values);
  InputOutlook out{name, "", 0, m.signal};
  if (name == vehicle.suspect().name && world.exchanged) {
    out.follows = 0;
  }
  const double silent = (1 - m.open - m.shortGround - m.shortSupply) * (1 - m.signal);
  const std::pair<const char*, double> codes[] = {{"open", m.open},
                                                  {"short-ground", m.shortGround},
                                                  {"short-supply", m.shortSupply},
                                                  {"no-signal", silent},
                                                  {"erratic", m.ringShows ? 0.8 * m.signal : 0}};
  const auto* likeliest = std::max_element(std::begin(codes), std::end(codes),
                                           [](auto& a, auto& b) { return a.second < b.second; });
  if (likeliest->second >= kSetsCode) {
    out.code = likeliest->first;
    out.codeShare = likeliest->second;
  }
  return out;
}

// Where it lies, in the words of the trade.
std::string regionOf(const Belief& belief, const Test& test, const std::string& element) {
  const Circuit& c = belief.vehicle().suspect();
  const auto* e = c.find(element);
  if (!e) {
    return say("nothing wrong now");
  }
  if (e->kind == circuit::ElementKind::module) {
    return say("the module");
  }
  const auto* joint = c.sensorConnector();
  const auto at = *c.indexOf(element);
  const auto border = test.state.inject   ? c.indexOf(test.state.inject->place.element)
                      : test.state.jumper ? c.indexOf(test.state.jumper->element)
                      : joint             ? c.indexOf(joint->id)
                                          : std::nullopt;
  if (border && at > *border) {
    return e->kind == circuit::ElementKind::sensor || e->kind == circuit::ElementKind::ring
               ? say("the sensor or its ring")
               : say("the line beyond ") + c.path[*border].id;
  }
  return border ? say("the line up to ") + c.path[*border].id : say("the line");
}

// "RR follows": from each outcome of the first input to where the fault then lies.
std::vector<std::pair<std::string, std::string>> meaningsOf(const Belief& belief,
                                                            const Test& test) {
  std::map<std::string, std::map<std::string, double>> byOutcome;
  const std::string receiver = inputsOf(belief, test).front();
  for (const auto& group : bySeverity(belief)) {
    const auto input = inputOf(belief, test, receiver, *group.cell);
    const std::string region =
        regionOf(belief, test, belief.hypotheses()[group.cell->hypothesis].element);
    if (test.kind == TestKind::liveSpeed) {
      byOutcome[receiver + say(" follows")][region] += group.share * input.follows;
      byOutcome[receiver + say(" stays at 0")][region] += group.share * (1 - input.follows);
    } else {
      const std::string code =
          input.code.empty() ? say(" sets no code") : say(" sets ") + sayName(input.code);
      byOutcome[receiver + code][region] += group.share;
    }
  }
  std::vector<std::pair<std::string, std::string>> out;
  for (const auto& [outcome, regions] : byOutcome) {
    double whole = 0;
    for (const auto& [region, share] : regions) {
      whole += share;
    }
    std::vector<std::pair<double, std::string>> ranked;
    for (const auto& [region, share] : regions) {
      ranked.emplace_back(share / std::max(1e-9, whole), region);
    }
    std::sort(ranked.rbegin(), ranked.rend());
    std::string text;
    double told = 0;
    for (const auto& [share, region] : ranked) {
      if (told < 0.9 && share >= 0.03) {
        text += fmt::format("{}{} ({:.0f} %)", text.empty() ? "" : ", ", region, 100 * share);
        told += share;
      }
    }
    if (whole > 0.005) {
      out.emplace_back(outcome, text);
    }
  }
  return out;
}

void describe(const Belief& belief, const Test& test, SwapOutlook& out) {
  const Circuit& suspect = belief.vehicle().suspect();
  const auto* joint = suspect.sensorConnector();
  const bool coil = suspect.sensor.kind == circuit::SensorKind::passive;
  const std::string read = test.kind == TestKind::codes
                               ? say("Clear the codes, spin the wheel, read them again.")
                               : say("Watch the live speeds while the wheel is spun.");
  if (test.state.swap) {
    const auto& swap = *test.state.swap;
    const auto* donor = belief.vehicle().job().find(swap.sensorOf);
    const auto* donorJoint = donor ? donor->sensorConnector() : nullptr;
    out.steps.push_back(say("Key off. Take ") + (joint ? joint->id : std::string(say("the plug"))) +
                        say(" of ") + suspect.name +
                        say(" and the sensor plug of the other wheel apart."));
    out.steps.push_back(sayf(
        "Two long leads from the sensor half of {} at {} to the harness half at {}: wire a to {}, "
        "wire b to {}.",
        donorJoint ? donorJoint->id : say("the plug"), swap.sensorOf, swap.into,
        swap.reversed ? say("wire b") : say("wire a"),
        swap.reversed ? say("wire a") : say("wire b")));
    out.steps.push_back(say("Key on. ") + read + say(" Spin the wheel whose sensor is used: ") +
                        swap.sensorOf + ".");
    out.steps.push_back(
        say("If both circuits set codes, exchange the two leads once before you "
            "conclude: polarity or a bad hook-up."));
    out.cautions.push_back(say("Leads clear of the turning wheel and of hot brakes."));
    if (!coil) {
      out.cautions.push_back(say("Active sensors mind their polarity: a to a, b to b."));
    }
  } else if (test.state.jumper) {
    out.steps.push_back(say("Key off. Take ") + test.state.jumper->element + say(" apart."));
    out.steps.push_back(say("Join wires a and b of its module half."));
    out.steps.push_back(say("Key on. ") + read);
    out.cautions.push_back(say(
        "Only where the maker allows a shorted input. Fuse the lead; take it off again at once."));
  } else if (test.state.inject) {
    out.steps.push_back(say("Key off. Take ") + test.state.inject->place.element +
                        say(" apart: the sensor must be off the line."));
    out.steps.push_back(substituteWords(suspect, *test.state.inject));
    out.steps.push_back(say("Key on. Watch the live speed of ") + suspect.name + ".");
    out.cautions.push_back(
        say("Never with the sensor connected, never above the pin's limit, never "
            "while the vehicle is driven."));
  }
  out.cautions.push_back(
      say("Wheel up: rated stands on sound points, the others chocked. ABS and ESC "
          "may be off."));
}

}  // namespace

SwapOutlook outlookOf(const Belief& belief, const Test& test) {
  SwapOutlook out;
  for (const auto& [suspect, group] : groupsOf(belief)) {
    SwapRow row{suspect, {}};
    for (const auto& name : inputsOf(belief, test)) {
      row.inputs.push_back(inputOf(belief, test, name, *group.cell));
    }
    out.rows.push_back(std::move(row));
  }
  out.meanings = meaningsOf(belief, test);
  describe(belief, test, out);
  return out;
}

std::string followWords(double fedKmh, double seenKmh) {
  constexpr double kSame = 0.05;
  const double ratio = seenKmh / fedKmh;
  return std::abs(ratio - 1) > kSame
             ? sayf("{:.2f} times the speed fed in: teeth or tyre set wrongly in the module.",
                    ratio)
             : say("It follows: module and line up to here are good.");
}

std::vector<Test> substitutions(const job::Case& c) {
  std::vector<Test> out;
  const Circuit* suspect = c.suspectCircuit();
  if (!suspect) {
    return out;
  }
  const auto add = [&](TestKind kind, const std::function<void(Test&)>& fill) {
    Test t;
    t.kind = kind;
    t.circuit = suspect->name;
    t.state.key = circuit::Key::on;
    fill(t);
    if (permitted(c, *suspect, t)) {
      out.push_back(std::move(t));
    }
  };
  for (const auto& other : c.circuits) {
    const bool alike = other.sensor.kind == suspect->sensor.kind ||
                       other.sensor.kind == circuit::SensorKind::unknown ||
                       suspect->sensor.kind == circuit::SensorKind::unknown;
    if (other.name == suspect->name || !alike || !other.sensorConnector() ||
        !suspect->sensorConnector()) {
      continue;
    }
    for (const bool good : {true, false}) {
      for (const auto kind : {TestKind::liveSpeed, TestKind::codes}) {
        for (const bool reversed : {false, true}) {
          add(kind, [&](Test& t) {
            t.state.wheel = circuit::WheelMotion::spun;
            t.state.swap = good ? circuit::Swap{other.name, suspect->name, reversed}
                                : circuit::Swap{suspect->name, other.name, reversed};
          });
        }
      }
    }
  }
  for (const auto& test : possibleTests(c)) {
    if (test.state.inject || (test.kind == TestKind::codes && test.state.jumper)) {
      out.push_back(test);
    }
  }
  return out;
}

}  // namespace haybale::diagnosis
