#include <algorithm>
#include <array>
#include <random>

#include "core/base/say.h"
#include "core/belief/ways_to_fail.h"
#include "core/job/line_edit.h"
#include "core/practice/practice_case.h"

namespace haybale::practice {

namespace {

using circuit::SensorKind;
using diagnosis::Fault;

// What each level may hide; a level has all below it too.
const std::vector<Fault>& faultsOf(int level) {
  static const std::array<std::vector<Fault>, 5> byLevel{{
      {Fault::open, Fault::shortToGround, Fault::sensorOpen, Fault::debris},
      {Fault::resistive, Fault::wiresTouching, Fault::shortToSupply, Fault::sensorShorted,
       Fault::wideGap},
      {Fault::ringTooth, Fault::ringCracked, Fault::ringRunout, Fault::sensorWeak,
       Fault::sensorDead},
      {Fault::intermittentOpen, Fault::leak, Fault::latchedOff, Fault::inputDead, Fault::noSupply},
      {Fault::wrongSensor, Fault::circuitsExchanged, Fault::modulePower, Fault::ringWrongCount,
       Fault::intermittentShort},
  }};
  return byLevel[static_cast<std::size_t>(std::clamp(level, 1, 5) - 1)];
}

std::size_t below(std::mt19937& random, std::size_t n) {
  return random() % n;
}

// How a fault is complained of.
struct Told {
  const char* text;
  std::vector<std::string> when;
};
Told toldOf(Fault fault) {
  if (diagnosis::isIntermittent(fault)) {
    return {say("The lamp comes and goes on the track to the upper meadow."),
            {"sometimes", "bump"}};
  }
  constexpr std::array kAtCreep{Fault::ringTooth, Fault::ringCracked, Fault::ringRunout,
                                Fault::wideGap,   Fault::debris,      Fault::sensorWeak};
  if (std::find(kAtCreep.begin(), kAtCreep.end(), fault) != kAtCreep.end()) {
    return {say("The pedal pulses just before the wagon stands."), {"creep"}};
  }
  return {say("The lamp stays on; it was parked overnight by the barn."), {"always"}};
}

}  // namespace

PracticeCase drawnCase(int level, std::uint32_t seed) {
  std::mt19937 random(seed * 2654435761U + static_cast<std::uint32_t>(level));
  PracticeCase p;
  p.id = "mixed-" + std::to_string(level);
  p.title = sayf("Mixed, level {}", level);
  p.level = level;
  p.debrief = say("What the readings had in common was more than any one of them said.");
  job::Case& c = p.shown;
  c = job::newCase();
  c.title = p.title;
  c.vehicle = say("Hay wagon of the yard's fleet");
  c.tyre = "205/55R16";
  c.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp"};
  const auto& lines = job::typicalLines();
  const auto& line = lines[below(random, lines.size())];
  const SensorKind kind =
      level >= 2 && below(random, 3) == 0 ? SensorKind::active : SensorKind::passive;
  c.suspect = c.circuits[below(random, c.circuits.size())].name;
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = kind;
    circuit.sensor.teeth = 48;
    circuit.path = line.path;
  }
  // Ways of this level, or one time in four of one below; the draw goes on until one fits the kind.
  const auto ways = diagnosis::waysToFail(c);
  for (;;) {
    const int from = level > 1 && below(random, 4) == 0
                         ? 1 + static_cast<int>(below(random, static_cast<std::size_t>(level) - 1))
                         : level;
    const auto& faults = faultsOf(from);
    const Fault fault = faults[below(random, faults.size())];
    std::vector<diagnosis::Hypothesis> fitting;
    std::copy_if(ways.begin(), ways.end(), std::back_inserter(fitting),
                 [&](const auto& h) { return h.fault == fault; });
    if (fitting.empty()) {
      continue;
    }
    const auto hidden = sim::drawFault(fitting, random);
    p.truth = {{c.suspect, hidden.fault.element,
                hidden.fault.wire
                    ? std::string(circuit::kWireNames[static_cast<std::size_t>(*hidden.fault.wire)])
                    : std::string(),
                std::string(diagnosis::nameOf(fault)), hidden.severity}};
    auto told = toldOf(fault);
    c.complaint.when = std::move(told.when);
    c.complaint.text = told.text;
    p.skill = fault >= Fault::ringTooth && fault <= Fault::ringWrongCount ? "traces"
              : diagnosis::isIntermittent(fault)                          ? "intermittents"
                                                                          : "isolation";
    return p;
  }
}

}  // namespace haybale::practice
