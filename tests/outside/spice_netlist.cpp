#include "outside/spice_netlist.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <fstream>
#include <numbers>
#include <set>
#include <sstream>

namespace haybale::test {

using namespace circuit;

namespace {

class Writer {
 public:
  Writer(const Circuit& c, const ParameterPoint& p, const Test& t,
         const std::vector<LineFault>& faults, bool high, const Meter& meter)
      : c_(c), p_(p), t_(t), faults_(faults), high_(high), meter_(meter) {
    wires_ = p.frontEnd.kind == FrontEndKind::threeWire ? 3 : 2;
    ac_ = c.sensor.kind == SensorKind::passive &&
          (t.kind == TestKind::acVoltage || t.kind == TestKind::waveform);
  }

  SpiceRun write() {
    battery();
    for (std::size_t i = 0; i < c_.path.size(); ++i) {
      element(i);
    }
    if (t_.state.jumper) {
      resistor(place(*t_.state.jumper, 0), place(*t_.state.jumper, 1), 0.05);
    }
    meterOnLeads();
    std::string text = "* a line\n" + lines_;
    // Every wire has its insulation at each end of an element.
    for (const auto& node : nodes_) {
      if (node[0] == 'j' || node.substr(0, 3) == "pin") {
        text += fmt::format("Rdry_{} {} 0 1e12\n", node, node);
      }
    }
    text += ".options reltol=1e-7 abstol=1e-15 vntol=1e-10 gmin=1e-15 itl1=2000 pivrel=1e-6\n";
    return {text, ac_};
  }

  [[nodiscard]] std::string red() { return lead(t_.red); }
  [[nodiscard]] std::string black() { return t_.black ? lead(t_.black) : "0"; }

 private:
  std::string name() { return std::to_string(++count_); }

  std::string node(const std::string& n) {
    if (n != "0") {
      nodes_.insert(n);
    }
    return n;
  }

  void resistor(const std::string& a, const std::string& b, double ohm) {
    if (a != b && ohm < 1e15) {
      lines_ += fmt::format("R{} {} {} {:.12g}\n", name(), node(a), node(b), std::max(ohm, 1e-4));
    }
  }

  // A current from a to b that depends on the voltage between them, by straight pieces.
  void pieces(const std::string& a, const std::string& b,
              const std::vector<std::pair<double, double>>& points) {
    std::string list;
    for (const auto& [v, i] : points) {
      list += fmt::format(", {:.15g}, {:.15g}", v, i);
    }
    const std::string across = b == "0"   ? fmt::format("v({})", a)
                               : a == "0" ? fmt::format("-v({})", b)
                                          : fmt::format("v({},{})", a, b);
    lines_ += fmt::format("B{} {} {} i=pwl({}{})\n", name(), node(a), node(b), across, list);
  }

  void source(const std::string& plus, double volts, double ohm) {
    const std::string inner = "src" + name();
    lines_ += fmt::format("V{} {} 0 {:.12g}\n", name(), node(inner), volts);
    resistor(inner, plus, ohm);
  }

  void battery() {
    if (t_.state.batteryConnected) {
      source("bat", p_.batteryV, 0.05);
    } else {
      resistor("bat", "0", 20);
    }
  }

  // --- places

  // Joint before element i, wire w. A crossed element exchanges a and b behind itself.
  std::string joint(std::size_t i, std::size_t w) const { return fmt::format("j{}w{}", i, w); }
  std::string after(std::size_t i, std::size_t w) const {
    const bool crossed = std::any_of(faults_.begin(), faults_.end(), [&](const auto& f) {
      return f.kind == FaultKind::crossed && f.element == c_.path[i].id;
    });
    return joint(i + 1, crossed && w < 2 ? 1 - w : w);
  }

  std::string place(const Place& p, std::size_t w) const {
    if (p.kind == Place::Kind::ground) {
      return "0";
    }
    if (p.kind == Place::Kind::battery) {
      return "bat";
    }
    const std::size_t i = *c_.indexOf(p.element);
    switch (p.kind) {
      case Place::Kind::modulePins:
        return fmt::format("pin{}", w);
      case Place::Kind::moduleSide:
      case Place::Kind::sensor:
        return joint(i, w);
      case Place::Kind::along:
        return fmt::format("tap{}_{}_{:.0f}", i, w, p.along * 1000);
      default:
        return joint(i + 1, w);
    }
  }

  std::string lead(const std::optional<Probe>& probe) const {
    return place(probe->place, probe->wire ? static_cast<std::size_t>(*probe->wire) : 0);
  }

  // --- faults

  double series(const std::string& id, std::size_t w) const {
    double ohm = 0;
    for (const auto& f : faults_) {
      if (f.element == id && f.kind == FaultKind::series && static_cast<std::size_t>(f.wire) == w) {
        ohm += f.ohm;
      }
    }
    return ohm;
  }

  void leak(const LineFault& f, const std::string& a, const std::string& b,
            const std::string& wire) {
    std::string from = wire;
    std::string to = f.kind == FaultKind::leakToSupply ? "bat" : "0";
    if (f.kind == FaultKind::wiresTouching) {
      from = a;
      to = b;
    }
    if (f.thresholdV == 0) {
      resistor(from, to, f.ohm);
      return;
    }
    const double g = 1 / f.ohm;
    const double t = f.thresholdV;
    pieces(from, to,
           {{-t - 100, -100 * g - 1e-12 * t},
            {-t, -1e-12 * t},
            {t, 1e-12 * t},
            {t + 100, 100 * g + 1e-12 * t}});
  }

  static bool leaks(const LineFault& f) {
    return f.kind == FaultKind::wiresTouching || f.kind == FaultKind::leakToGround ||
           f.kind == FaultKind::leakToSupply;
  }

  // --- elements

  void element(std::size_t i) {
    const Element& e = c_.path[i];
    switch (e.kind) {
      case ElementKind::module:
        module(i);
        break;
      case ElementKind::connector:
      case ElementKind::splice:
        contact(i, [&](std::size_t w) { return joint(i, w); });
        break;
      case ElementKind::leg:
        leg(i);
        break;
      case ElementKind::sensor:
        sensor(i);
        break;
      case ElementKind::ring:
        break;
    }
  }

  template <class Before>
  void contact(std::size_t i, const Before& before) {
    const Element& e = c_.path[i];
    const bool apart = std::find(t_.state.unplugged.begin(), t_.state.unplugged.end(), e.id) !=
                       t_.state.unplugged.end();
    for (std::size_t w = 0; w < wires_ && !apart; ++w) {
      resistor(before(w), after(i, w), 0.005 + series(e.id, w));
    }
    for (const auto& f : faults_) {
      if (f.element == e.id && leaks(f)) {
        const auto at = [&](std::size_t w) { return f.along > 0.5 ? after(i, w) : before(w); };
        leak(f, at(0), at(1), at(static_cast<std::size_t>(f.wire)));
      }
    }
  }

  void pin(std::size_t w, double volts, double ohm, double limit) {
    const std::string n = fmt::format("pin{}", w);
    if (std::isinf(limit)) {
      source(n, volts, ohm);
    } else {
      const double knee = volts - limit * ohm;
      pieces(n, "0",
             {{knee - 100, -limit - 1e-7}, {knee, -limit}, {knee + 100, -limit + 100 / ohm}});
    }
  }

  void module(std::size_t i) {
    const bool dead = std::any_of(faults_.begin(), faults_.end(),
                                  [](const auto& f) { return f.kind == FaultKind::noSupply; });
    const bool fed = t_.state.key == Key::on && t_.state.batteryConnected && !dead;
    const auto& f = p_.frontEnd;
    const double inf = std::numeric_limits<double>::infinity();
    const auto feed = [&](std::size_t w, double ohm) {
      fed ? pin(w, f.supplyV, ohm, f.limitA) : pin(w, 0, 20e3, inf);
    };
    switch (f.kind) {
      case FrontEndKind::singleBias:
        pin(0, fed ? f.supplyV : 0, f.sourceOhm, inf);
        pin(1, 0, 0.1, inf);
        break;
      case FrontEndKind::bothBiased:
        pin(0, fed ? f.supplyV : 0, f.sourceOhm, inf);
        pin(1, fed ? f.supplyV : 0, f.sourceOhm, inf);
        break;
      case FrontEndKind::highSideSense:
        feed(0, f.sourceOhm);
        pin(1, 0, 0.1, inf);
        break;
      case FrontEndKind::lowSideSense:
        feed(0, 1.0);
        pin(1, 0, f.sourceOhm, inf);
        break;
      case FrontEndKind::threeWire:
        pin(0, fed ? f.pullUpV : 0, f.sourceOhm, inf);
        pin(1, 0, 0.1, inf);
        feed(2, 1.0);
        break;
    }
    contact(i, [](std::size_t w) { return fmt::format("pin{}", w); });
  }

  // A leg wire by wire from place to place; leaks tie the wires together at their place.
  void leg(std::size_t i) {
    const Element& e = c_.path[i];
    const double copper = 1.0 / 58.0 * (1 + 0.00393 * (p_.celsius - 20)) * e.lengthM.value_or(1.0) /
                          e.areaMm2.value_or(0.5);
    struct Stop {
      double along;
      int order;
      std::size_t fault;
    };
    for (std::size_t w = 0; w < wires_; ++w) {
      std::vector<Stop> stops;
      const auto tap = [&](const Place& p, std::size_t wire) {
        if (p.kind == Place::Kind::along && p.element == e.id && wire == w) {
          stops.push_back({p.along, 0, 0});
        }
      };
      for (const auto* probe : {&t_.red, &t_.black}) {
        if (*probe && (*probe)->wire) {
          tap((*probe)->place, static_cast<std::size_t>(*(*probe)->wire));
        }
      }
      if (t_.state.jumper) {
        tap(*t_.state.jumper, 0);
        tap(*t_.state.jumper, 1);
      }
      for (std::size_t k = 0; k < faults_.size(); ++k) {
        const auto& f = faults_[k];
        const bool mine =
            leaks(f) ? w < 2 || static_cast<std::size_t>(f.wire) == w
                     : f.kind == FaultKind::series && static_cast<std::size_t>(f.wire) == w;
        if (f.element == e.id && mine) {
          stops.push_back({f.along, 1, k});
        }
      }
      std::stable_sort(stops.begin(), stops.end(), [](const Stop& a, const Stop& b) {
        return a.along != b.along ? a.along < b.along : a.order < b.order;
      });
      std::string at = joint(i, w);
      double done = 0;
      for (const auto& stop : stops) {
        std::string next;
        if (stop.order == 0) {
          next = fmt::format("tap{}_{}_{:.0f}", i, w, stop.along * 1000);
        } else {
          next = fmt::format("f{}_{}", stop.fault, w);
        }
        if (next == at) {
          continue;
        }
        resistor(at, next, copper * (stop.along - done));
        at = next;
        done = stop.along;
        if (stop.order == 1 && faults_[stop.fault].kind == FaultKind::series) {
          next = fmt::format("g{}_{}", stop.fault, w);
          resistor(at, next, faults_[stop.fault].ohm);
          node(next);
          at = next;
        }
      }
      resistor(at, after(i, w), copper * (1 - done));
    }
    for (std::size_t k = 0; k < faults_.size(); ++k) {
      const auto& f = faults_[k];
      if (f.element == e.id && leaks(f)) {
        leak(f, fmt::format("f{}_0", k), fmt::format("f{}_1", k),
             fmt::format("f{}_{}", k, static_cast<std::size_t>(f.wire)));
      }
    }
  }

  bool has(FaultKind kind) const {
    return std::any_of(faults_.begin(), faults_.end(),
                       [&](const auto& f) { return f.kind == kind; });
  }

  void regulator(const std::string& a, const std::string& b, double amperes) {
    const auto& s = p_.sensor;
    const double start = s.startV / s.ohmmeterOhm;
    pieces(a, b,
           {{-100, -100 / s.ohmmeterOhm},
            {s.startV, start},
            {s.leastV, amperes},
            {s.leastV + 100, amperes + 100e-9}});
  }

  void sensor(std::size_t i) {
    const Element& e = c_.path[i];
    std::vector<std::string> at;
    for (std::size_t w = 0; w < wires_; ++w) {
      const double ohm = series(e.id, w);
      if (ohm > 0) {
        resistor(joint(i, w), fmt::format("s{}", w), ohm);
      }
      at.push_back(ohm > 0 ? fmt::format("s{}", w) : joint(i, w));
    }
    for (const auto& f : faults_) {
      if (f.element == e.id && leaks(f)) {
        leak(f, joint(i, 0), joint(i, 1), joint(i, static_cast<std::size_t>(f.wire)));
      }
    }
    if (has(FaultKind::sensorReversed)) {
      std::swap(at[0], at[1]);
    }
    const auto& s = p_.sensor;
    if (c_.sensor.kind == SensorKind::passive) {
      coil(at[0], at[1]);
    } else if (has(FaultKind::sensorDead)) {
      resistor(at[0], at[1], s.ohmmeterOhm);
    } else if (c_.sensor.kind == SensorKind::hall) {
      regulator(at[2], at[1], s.hallSupplyA);
      if (high_) {
        resistor(at[0], at[1], s.ohmmeterOhm);
      } else {
        lines_ += fmt::format("S{} {} {} {} {} hall\n", name(), node(at[0]), node(at[1]),
                              node(at[2]), node(at[1]));
        lines_ += fmt::format(".model hall sw vt={:.12g} vh=0 ron={:.12g} roff={:.12g}\n", s.leastV,
                              s.hallOnOhm, s.ohmmeterOhm);
      }
    } else {
      regulator(at[0], at[1], high_ ? s.highA : s.lowA);
    }
  }

  void coil(const std::string& plus, const std::string& minus) {
    double ohm = p_.sensor.coilOhm;
    double turns = 1;
    for (const auto& f : faults_) {
      if (f.kind == FaultKind::coil) {
        turns = std::min(1.0, f.ohm / ohm);
        ohm = f.ohm;
      }
    }
    if (has(FaultKind::sensorDead)) {
      turns = 0;
    }
    ohm *= 1 + 0.00393 * (p_.celsius - 20);
    if (ohm >= 1e15) {
      return;
    }
    hz_ = toothHz(c_, t_.state, p_.circumferenceM);
    const double peak = 2 * std::numbers::pi * hz_ * p_.sensor.fluxSwingMwb * 1e-3 * turns;
    lines_ += fmt::format("Vemf {} {} dc 0 ac {:.12g}\n", node(plus), node("emf"), peak);
    if (turns > 0) {
      lines_ +=
          fmt::format("Lcoil emf {} {:.12g}\n", node("core"), p_.sensor.coilHenry * turns * turns);
      resistor("core", minus, ohm);
    } else {
      resistor("emf", minus, ohm);
    }
  }

  void meterOnLeads() {
    const std::string r = red();
    const std::string b = black();
    switch (t_.kind) {
      case TestKind::resistance:
      case TestKind::loop: {
        const auto& range = meter_.ohmRanges.front();
        lines_ += fmt::format("Vohm {} {} {:.12g}\n", node("ohm"), node(b), range.sourceV);
        resistor("ohm", "lead", range.sourceOhm);
        resistor("lead", r, meter_.leadOhm);
        break;
      }
      case TestKind::lamp: {
        std::vector<std::pair<double, double>> points{{-100, 0}};
        if (t_.lamp == Lamp::led) {
          points = {{-101.8, -0.1}, {-1.8, -1.8e-12}, {1.8, 1.8e-12}, {101.8, 0.1}};
        } else {
          const double rated = t_.lamp == Lamp::bulb250mA ? 0.25 : 1.75;
          points.clear();
          for (const double v :
               {-15.0, -8.0, -4.0, -2.0, -0.8, -0.2, 0.2, 0.8, 2.0, 4.0, 8.0, 15.0}) {
            points.emplace_back(v, std::copysign(rated * std::pow(std::abs(v) / 12, 0.55), v));
          }
        }
        pieces(r, b, points);
        break;
      }
      case TestKind::current:
        resistor(r, b, meter_.shuntOhm + meter_.leadOhm);
        break;
      case TestKind::waveform:
        resistor(r, b, t_.inputOhm.value_or(1e6));
        break;
      default:
        resistor(r, b, t_.inputOhm.value_or(1e7));
        break;
    }
  }

 public:
  [[nodiscard]] double hz() const { return hz_; }

 private:
  const Circuit& c_;
  const ParameterPoint& p_;
  const Test& t_;
  const std::vector<LineFault>& faults_;
  bool high_;
  const Meter& meter_;
  std::size_t wires_ = 2;
  bool ac_ = false;
  double hz_ = 0;
  int count_ = 0;
  std::string lines_;
  std::set<std::string> nodes_;
};

}  // namespace

SpiceRun spiceNetlist(const Circuit& circuit, const ParameterPoint& p, const Test& test,
                      const std::vector<LineFault>& faults, bool high, const Meter& meter) {
  Writer writer(circuit, p, test, faults, high, meter);
  SpiceRun run = writer.write();
  const std::string r = writer.red();
  const std::string b = writer.black();
  const std::string across =
      (r == "0" ? "0" : fmt::format("v({})", r)) + (b == "0" ? "" : fmt::format("-v({})", b));
  run.netlist += ".control\nset numdgt=14\n";
  run.netlist += run.ac ? fmt::format("ac lin 1 {0:.12g} {0:.12g}\nlet across=mag({1})\n",
                                      std::max(writer.hz(), 1e-3), across)
                        : fmt::format("op\nlet across={}\n", across);
  run.netlist += "print across\n.endc\n.end\n";
  return run;
}

std::vector<double> runSpice(const std::vector<SpiceRun>& runs, const std::string& folder) {
  std::vector<double> out;
  for (std::size_t i = 0; i < runs.size(); ++i) {
    const std::string file = fmt::format("{}/net{}.cir", folder, i);
    std::ofstream(file) << runs[i].netlist;
    const std::string command = "ngspice -b " + file + " 2>" + file + ".log";
    std::string text;
    if (FILE* pipe = popen(command.c_str(), "r")) {
      char buffer[512];
      while (fgets(buffer, sizeof buffer, pipe)) {
        text += buffer;
      }
      pclose(pipe);
    }
    const auto at = text.find("across = ");
    out.push_back(at == std::string::npos ? std::nan("") : std::atof(text.c_str() + at + 9));
  }
  return out;
}

}  // namespace haybale::test
