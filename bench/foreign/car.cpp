#include "foreign/car.h"

#include <algorithm>
#include <cmath>
#include <fstream>
#include <numbers>

namespace haybale::foreign {

using circuit::ElementKind;
using circuit::Place;
using circuit::Test;
using circuit::TestKind;
using circuit::WheelMotion;

namespace {

constexpr double kTop = 50e6;
constexpr double kApart = 1e13;

bool isApart(const Test& t, const std::string& id) {
  return std::find(t.state.unplugged.begin(), t.state.unplugged.end(), id) !=
         t.state.unplugged.end();
}

std::string sensorPlug(const circuit::Circuit& c) {
  std::string out;
  for (const auto& e : c.path) {
    out = e.kind == ElementKind::connector ? e.id : out;
  }
  return out;
}

double kmhOf(const Test& t) {
  return t.state.wheel == WheelMotion::driven ? t.state.speedKmh.value_or(30)
         : t.state.wheel == WheelMotion::spun ? t.state.speedKmh.value_or(5)
                                              : 0;
}

}  // namespace

Car::Car(const World& world, unsigned seed, const std::string& folder)
    : world_(world), random_(seed), folder_(folder) {
  layOut();
  hide();
}

void Car::layOut() {
  case_ = job::newCase();
  case_.circuits.clear();
  const bool coil = chance(0.48);
  const bool pwm = !coil && chance(0.15);
  const int plugs = 1 + static_cast<int>(random_() % 3);
  circuit::Circuit c;
  c.sensor.kind = coil  ? circuit::SensorKind::passive
                  : pwm ? circuit::SensorKind::activePwm
                        : circuit::SensorKind::active;
  c.sensor.teeth = static_cast<int>(between(40, 60));
  using circuit::Zone;
  const auto part = [](std::string id, ElementKind kind, Zone zone, double minutes) {
    circuit::Element e;
    e.id = std::move(id);
    e.kind = kind;
    e.zone = zone;
    e.accessMinutes = minutes;
    return e;
  };
  c.path.push_back(part("module", ElementKind::module, Zone::engineBay, std::floor(between(3, 7))));
  for (int k = 1; k <= plugs; ++k) {
    const bool last = k == plugs;
    const Zone zone = last ? Zone::flex : (chance(0.5) ? Zone::underbody : Zone::cabin);
    auto leg = part("L" + std::to_string(k), ElementKind::leg, zone, std::floor(between(3, 11)));
    leg.lengthM = between(0.4, 3.5);
    leg.areaMm2 = 0.5;
    c.path.push_back(leg);
    c.path.push_back(part("C" + std::to_string(k), ElementKind::connector,
                          last ? Zone::wheelhouse : zone, std::floor(between(2, 8))));
  }
  c.path.push_back(
      part("sensor", ElementKind::sensor, Zone::wheelhouse, std::floor(between(6, 10))));
  c.path.push_back(part("ring", ElementKind::ring, Zone::wheelhouse, std::floor(between(4, 7))));
  std::vector<std::pair<std::string, std::string>> wheels{
      {"FL", "front left"}, {"FR", "front right"}, {"RL", "rear left"}, {"RR", "rear right"}};
  std::string own = chance(0.5) ? "RR" : "FR";
  if (world_.layouts && chance(0.35)) {
    wheels = {{"FL", "front left"}, {"FR", "front right"}, {"DF", "rear differential"}};
    own = chance(0.3) ? "DF" : "FR";
  } else if (world_.layouts && chance(0.3)) {
    wheels.emplace_back("PS", "propeller shaft");
  }
  for (const auto& [name, where] : wheels) {
    c.name = name;
    c.location = where;
    case_.circuits.push_back(c);
  }
  case_.suspect = own;
  good_ = own == "RR" ? "RL" : own == "FR" ? "FL" : "";
  case_.circumferenceM = between(1.8, 2.1);
  case_.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp"};
  case_.allowed = {"unplug", "back-probe"};
  module_.bothBiased = chance(0.3);
  module_.lowSide = chance(0.4);
  module_.volts = coil ? pick({0.9, 1.8, 2.5, 3.3, 5.0}) * between(0.95, 1.05) : between(7.6, 13.2);
  module_.ohm = coil ? between(3e3, 18e3) : pick({75, 100, 120, 150, 180}) * between(0.95, 1.05);
  module_.limit = between(0.025, 0.09);
  const double odd = world_.oddModules ? 1.0 : 0.25;
  module_.openAt = 9e3 * std::exp(odd * 0.5 * normal());
  module_.shortAt = 120 * std::exp(odd * 0.5 * normal());
  module_.loss = 0.2 * std::exp(odd * 0.6 * normal());
  module_.lowShare = std::clamp(0.55 + odd * 0.12 * normal(), 0.25, 0.8);
  module_.sets = std::clamp(0.92 - odd * 0.3 * uniform(), 0.4, 1.0);
  module_.vague = odd * 0.5 * uniform();
  const double coilOhm = between(700, 2300);
  const double flux = between(0.7, 3);
  const double low = between(0.006, 0.0082);
  const double seen = std::exp(between(std::log(2e5), std::log(2e7)));
  for (const auto& one : case_.circuits) {
    Line& l = lines_[one.name];
    l.coil = coil;
    l.pwm = pwm;
    const bool alone = one.name == "DF" || one.name == "PS";
    const double apart = world_.peersApart;
    l.coilOhm = (alone ? coilOhm * between(0.6, 1.6) : coilOhm) * std::exp(0.4 * apart * normal());
    l.flux = (alone ? flux * between(0.5, 2) : flux) * std::exp(apart * normal());
    l.lowA = low * std::exp(0.3 * apart * normal());
    l.highA = l.lowA * between(1.9, 2.1);
    l.ohmmeter = seen * std::exp(0.4 * normal());
    l.celsius = between(0, 38);
  }
}

std::string Car::randomPiece(bool plugs, bool legs) {
  std::vector<std::pair<std::string, double>> list;
  double total = 0;
  for (const auto& e : suspect().path) {
    const bool plug = e.kind == ElementKind::connector;
    const bool leg = e.kind == ElementKind::leg;
    if ((plug && plugs) || (leg && legs)) {
      double w = e.zone == circuit::Zone::flex         ? 5
                 : e.zone == circuit::Zone::wheelhouse ? 3
                 : e.zone == circuit::Zone::underbody  ? 1.5
                                                       : 0.5;
      w *= std::exp(world_.priorSpread * normal());
      list.emplace_back(e.id, w);
      total += w;
    }
  }
  double at = uniform() * total;
  for (const auto& [id, w] : list) {
    at -= w;
    if (at <= 0) {
      return id;
    }
  }
  return list.back().first;
}

void Car::hide() {
  // This world's own table: how often what fails, in hundred.
  const bool coil = lines_[case_.suspect].coil;
  std::vector<std::pair<std::string, double>> table{{"sensor", coil ? 22.0 : 20.0},
                                                    {"wire-open", 15},
                                                    {"plug-bad", 12},
                                                    {"strand", 9},
                                                    {"leak", 7},
                                                    {"short", 6},
                                                    {"touching", 4},
                                                    {"gap", 9},
                                                    {"debris", 5},
                                                    {"ring", 10},
                                                    {"module", 4}};
  if (!coil) {
    table.emplace_back("latched", 3);
    table.emplace_back("encoder", 2);
  }
  if (world_.wrongParts) {
    for (const auto& extra : {std::pair{"wrong-sensor", coil ? 7.0 : 0.0}, std::pair{"count", 7.0},
                              std::pair{"exchanged", 6.0}, std::pair{"power", 6.0},
                              std::pair{"tyre", 5.0}, std::pair{"reversed", coil ? 0.0 : 6.0}}) {
      table.emplace_back(extra.first, extra.second);
    }
  }
  double total = 0;
  for (auto& [name, weight] : table) {
    weight *= std::exp(world_.priorSpread * normal());
    total += weight;
  }
  double at = uniform() * total;
  std::string klass = table.back().first;
  for (const auto& [name, weight] : table) {
    at -= weight;
    if (at <= 0) {
      klass = name;
      break;
    }
  }
  hideIn(klass);
  latched_ = truth_.latched;
  // What the driver tells of it, and what was done before.
  case_.complaint.when = {"always"};
  if (truth_.comesAndGoes) {
    case_.complaint.when = {"sometimes", chance(0.6) ? "bump" : "steering"};
  } else if (truth_.fault == "leak" && chance(0.6)) {
    case_.complaint.when = {"wet"};
  } else if ((klass == "gap" || klass == "debris") && chance(0.6)) {
    case_.complaint.when = {chance(0.5) ? "creep" : "after-first-turn"};
  } else if (klass == "tyre" || klass == "count") {
    case_.complaint.when = {"at-speed"};
  } else if (chance(0.1)) {
    case_.complaint.when = {"sometimes"};
  }
  if (world_.wrongParts && chance(0.35)) {
    job::History h;
    h.element = "sensor";
    h.what = job::Work::replaced;
    h.cured = false;
    const bool own = truth_.element == "sensor" && klass != "gap" && klass != "debris";
    if (!own || chance(0.08)) {
      case_.history.push_back(h);
    }
  }
  // An encoder gets on the wrong way round in no other way; of the rest some had theirs renewed
  // too.
  const bool bearing = klass == "encoder" || (world_.wrongParts && klass == "count");
  if (chance(bearing ? 0.6 : 0.04)) {
    job::History h;
    h.element = "ring";
    h.what = job::Work::replaced;
    h.part = "wheel bearing";
    h.before = true;
    case_.history.push_back(h);
  }
  if (klass == "reversed" || klass == "exchanged") {
    if (truth_.element != "module" && chance(0.7)) {
      case_.complaint.earlierRepair = {truth_.element};
    }
  }
  if (!good_.empty() && chance(world_.peerFaulty)) {
    Truth t;
    t.element = "sensor";
    t.fault = lines_[good_].coil ? "sensor-shorted" : "resistive";
    t.ohm = lines_[good_].coil ? 0.3 * lines_[good_].coilOhm : 400;
    if (t.fault == "resistive") {
      t.element = sensorPlug(*case_.find(good_));
      t.wire = 'a';
    }
    peerTruth_ = t;
  }
  if (chance(world_.kindsUnknown)) {
    for (auto& c : case_.circuits) {
      c.sensor.kind = circuit::SensorKind::unknown;
    }
    unread_ = chance(0.5);
  }
}

void Car::hideIn(const std::string& klass) {
  const bool coil = lines_[case_.suspect].coil;
  truth_.wire = chance(0.5) ? 'a' : 'b';
  truth_.along = chance(0.5) ? 0.2 : 0.8;
  const auto put = [&](std::string element, std::string fault, double ohm = 0) {
    truth_.element = std::move(element);
    truth_.fault = std::move(fault);
    truth_.ohm = ohm;
  };
  const auto decade = [&](double low, double high) {
    return std::exp(between(std::log(low), std::log(high)));
  };
  if (klass == "sensor" && coil) {
    const double u = uniform();
    if (u < 0.6) {
      put("sensor", "sensor-open", chance(0.7) ? kApart : decade(3e4, 5e6));
      truth_.output = 0;
    } else if (u < 0.75) {
      const double share = between(0.03, 0.45);
      put("sensor", "sensor-shorted", share * lines_[case_.suspect].coilOhm);
      truth_.output = share;
    } else if (u < 0.9) {
      put("sensor", "sensor-dead");
      truth_.output = 0.01;
    } else {
      put("sensor", "sensor-weak");
      truth_.output = between(0.06, 0.4);
    }
  } else if (klass == "sensor") {
    put("sensor", "sensor-dead");
  } else if (klass == "wrong-sensor") {
    const double own = lines_[case_.suspect].coilOhm;
    put("sensor", "wrong-sensor", chance(0.5) ? own * between(0.3, 0.55) : own * between(1.8, 2.8));
    truth_.output = between(0.3, 0.7);
  } else if (klass == "wire-open") {
    put(randomPiece(true, true), "open", chance(0.75) ? kApart : decade(2e6, 5e7));
  } else if (klass == "plug-bad") {
    put(randomPiece(true, chance(0.3)), "resistive", coil ? decade(1.5e3, 8e5) : decade(250, 4e5));
  } else if (klass == "strand") {
    put(randomPiece(true, true), chance(0.85) ? "intermittent-open" : "intermittent-short", 0);
    truth_.ohm = truth_.fault == "intermittent-open" ? kApart : 0.4;
    truth_.comesAndGoes = true;
  } else if (klass == "leak") {
    put(randomPiece(true, chance(0.4)), "leak", decade(60, coil ? 2e4 : 4e3));
    wetInBoth();
  } else if (klass == "short") {
    const bool supply = chance(0.2);
    put(randomPiece(chance(0.25), true), supply ? "short-to-supply" : "short-to-ground",
        supply ? decade(0.1, 100) : decade(0.05, 30));
  } else if (klass == "touching") {
    put(randomPiece(true, true), "wires-touching", decade(0.1, coil ? 400 : 900));
    wetInBoth();
  } else if (klass == "gap" || klass == "debris") {
    put("sensor", klass == "gap" ? "wide-gap" : "debris");
    truth_.output = between(0.07, 0.35);
  } else if (klass == "ring") {
    const double u = uniform();
    put("ring", u < 0.6 ? "ring-tooth" : u < 0.85 ? "ring-cracked" : "ring-runout");
    if (!coil && truth_.fault == "ring-runout") {
      truth_.fault = "ring-tooth";
    }
  } else if (klass == "encoder") {
    put("ring", "encoder-reversed");
  } else if (klass == "count") {
    put("ring", "ring-wrong-count");
    truth_.ratio = pick({40.0 / 48, 44.0 / 48, 36.0 / 48, 60.0 / 48, 52.0 / 48});
  } else if (klass == "latched") {
    put("module", "latched-off");
    truth_.latched = true;
  } else if (klass == "module") {
    put("module", chance(0.55) ? "no-supply" : "input-dead");
  } else if (klass == "exchanged") {
    put(chance(0.5) ? randomPiece(true, false) : "module", "circuits-exchanged");
    do {
      truth_.other = case_.circuits[random_() % case_.circuits.size()].name;
    } while (truth_.other == case_.suspect);
  } else if (klass == "power") {
    put("module", "module-power");
  } else if (klass == "tyre") {
    put("", "wrong-tyre");
    truth_.ratio = chance(0.5) ? between(0.93, 0.965) : between(1.035, 1.07);
  } else if (klass == "reversed") {
    put(randomPiece(true, true), "reversed");
  }
}

// Water that has got into a plug stands, more often than not, in both its halves (the trade's rule
// is to replace both neighbours of a wet half).
void Car::wetInBoth() {
  const auto* e = suspect().find(truth_.element);
  const bool plug = e && e->kind == ElementKind::connector;
  truth_.bothHalves = plug && truth_.ohm > 500 && chance(0.6);
}

// --- the line as a network

// With two circuits exchanged: the other one; empty for those that are not concerned.
std::string Car::partnerOf(const std::string& circuit) const {
  return truth_.fault != "circuits-exchanged" ? ""
         : circuit == case_.suspect           ? truth_.other
         : circuit == truth_.other            ? case_.suspect
                                              : "";
}

// Whether a place on a line lies behind the crossing, seen from the module. Wires that are
// exchanged in a plug are so behind its wheel half; in the module's, behind its pins and cavities.
bool Car::isBehindCrossing(const Place& place) const {
  const auto at = suspect().indexOf(place.element);
  const auto crossing = suspect().indexOf(truth_.element);
  return at && crossing &&
         (*at > *crossing ||
          (*at == *crossing && *crossing > 0 && place.kind == Place::Kind::wheelSide));
}

// Whose wheel an input of the module hears.
std::string Car::heardBy(const std::string& circuit) const {
  const auto partner = partnerOf(circuit);
  return partner.empty() ? circuit : partner;
}

// Whose an element is that a lead on `circuit` is joined to; `behind`: the lead stands behind the
// crossing.
std::string Car::ownerOf(const circuit::Element& e, const std::string& circuit, bool behind) const {
  const auto partner = partnerOf(circuit);
  if (partner.empty()) {
    return circuit;
  }
  const bool far = *suspect().indexOf(e.id) > *suspect().indexOf(truth_.element);
  return far == behind ? circuit : partner;
}

struct Car::Wired {
  Net net;
  int red = 0, black = 0;
  bool there = true;
};

Car::Wired Car::wire(const Test& t, bool showing, bool high, double hz) {
  Wired w;
  Net& n = w.net;
  const circuit::Circuit& c = *case_.find(t.circuit);
  const Line& line = lines_.at(c.name);
  const bool behind = t.red && t.red->place.onLine() && isBehindCrossing(t.red->place);
  const std::string joined = ownerOf(c.path.back(), c.name, behind);  // whose sensor it leads to
  const std::string& spun = handled_ ? handled_->circuit : t.circuit;
  if (t.state.wheel == WheelMotion::spun && !partnerOf(joined).empty() && joined != spun) {
    hz = 0;
    high = false;
  }
  // What was taken apart of an element: on the circuit the lead is on, or on the one worked at.
  const auto isParted = [&](const circuit::Element& e) {
    const auto owner = ownerOf(e, c.name, behind);
    if (e.id == truth_.element && !partnerOf(c.name).empty()) {
      // Of the plug they cross in each half is off whatever it was joined to.
      return isApart(t, e.id) || (handled_ && isApart(*handled_, e.id));
    }
    return owner == c.name ? isApart(t, e.id)
                           : handled_ && handled_->circuit == owner && isApart(*handled_, e.id);
  };
  // A swapped sensor: the harness of one, from its sensor plug on what belongs to the other.
  const bool swapped = t.state.swap && t.state.swap->into == joined;
  const std::string beyond = swapped ? t.state.swap->sensorOf : joined;
  const Line& far = lines_.at(beyond);
  const std::string last = sensorPlug(c);
  const auto faultsOf = [&](const std::string& owner) -> const Truth* {
    if (owner == case_.suspect) {
      return &truth_;
    }
    return owner == good_ && peerTruth_ ? &*peerTruth_ : nullptr;
  };
  const bool fed = t.state.key == circuit::Key::on && t.state.batteryConnected;
  int at[2] = {n.node(), n.node()};
  std::map<std::string, std::pair<int, int>> before[2], after[2];  // by element
  const int battery = n.node();
  n.source(battery, 0, 12.6, 0.05);
  bool past = false;  // the sensor's own plug: what follows belongs to whose sensor it is
  bool crossed = false;
  int mid[2] = {0, 0};
  std::map<std::string, std::array<int, 2>> entry, exit, middle;
  for (const auto& e : c.path) {
    if (e.kind == ElementKind::ring) {
      break;
    }
    const Truth* f = faultsOf(past ? beyond : c.name);
    const bool here = f && f->element == e.id && (!f->comesAndGoes || showing);
    if (e.kind == ElementKind::module) {
      const bool dead =
          here && (f->fault == "no-supply" || (f->fault == "latched-off" && latched_));
      const bool power = truth_.fault == "module-power";
      const double v =
          fed && !dead && !power && !(isParted(e) && !case_.ownSupplyPlug) ? module_.volts : 0;
      if (line.coil) {
        n.source(at[0], 0, v, module_.ohm);
        if (module_.bothBiased) {
          n.source(at[1], 0, v, module_.ohm);
        } else {
          n.resistor(at[1], 0, 0.15);
        }
      } else {
        // A sensor's supply gives some tens of milliamperes and no more.
        const double inner = v > 0 ? (module_.lowSide ? 0.8 : module_.ohm) : 15e3;
        const double most = module_.limit;
        n.bent(at[0], 0, [=](double u) {
          const double amps = (u - v) / inner;
          return amps > -most || u <= 0 ? std::pair{1 / inner, -v / inner}
                                        : std::pair{1e-6, -most - 1e-6 * u};
        });
        n.resistor(at[1], 0, module_.lowSide ? module_.ohm : 0.15);
      }
      entry[e.id] = {at[0], at[1]};
      for (int k = 0; k < 2; ++k) {
        const int out = n.node();
        n.resistor(at[k], out, isParted(e) ? kApart : 0.01);
        at[k] = out;
      }
      exit[e.id] = {at[0], at[1]};
      continue;
    }
    if (e.kind == ElementKind::sensor) {
      entry[e.id] = exit[e.id] = middle[e.id] = {at[0], at[1]};
      const Truth* own = faultsOf(beyond);
      const bool sensorFault = own && own->element == "sensor";
      if (far.coil) {
        double ohm = far.coilOhm * (1 + 0.0039 * (far.celsius - 20));
        if (sensorFault && own->ohm > 0) {
          ohm = own->ohm;
        }
        const double flux = far.flux * (own ? own->output : 1);
        n.source(at[0], at[1], 2 * std::numbers::pi * hz * flux * 1e-3, std::max(ohm, 0.5));
      } else {
        const bool gone = sensorFault && own->fault == "sensor-dead";
        const double amps = gone ? 0 : high ? far.highA : far.lowA;
        const double rest = far.ohmmeter;
        n.bent(at[0], at[1], [=](double v) {
          if (v < 1.2 || amps == 0) {
            return std::pair{1 / rest, 0.0};
          }
          // A chord through nothing and the point where it stands, so that repetition settles.
          const double share = std::min(1.0, (v - 1.2) / 2.8);
          return std::pair{std::max(share * amps / v, 1 / rest), 0.0};
        });
      }
      break;
    }
    entry[e.id] = {at[0], at[1]};
    const bool apart = e.kind == ElementKind::connector && isParted(e);
    const bool hanging = e.id == last && t.state.swap &&
                         t.state.swap->sensorOf == joined;  // its own sensor is elsewhere
    for (int k = 0; k < 2; ++k) {
      const bool own = here && (f->wire == 'a') == (k == 0);
      const bool series =
          own && (f->fault == "open" || f->fault == "resistive" || f->fault == "intermittent-open");
      const double copper = e.kind == ElementKind::leg ? 0.02 * e.lengthM.value_or(1) : 0.005;
      const double extra = series ? f->ohm : 0;
      mid[k] = n.node();
      const int out = n.node();
      const bool early = f && f->along < 0.5;
      const double gap = apart || hanging ? kApart : 0;
      n.resistor(at[k], mid[k], copper + (early ? extra : 0) + gap);
      n.resistor(mid[k], out, copper + (early ? 0 : extra));
      at[k] = out;
      const bool leaks = own && (f->fault == "leak" || f->fault == "short-to-ground" ||
                                 f->fault == "intermittent-short");
      const auto leakAt = [&](int where, double ohm) {
        if (world_.bentLeaks && f->fault == "leak") {
          n.bent(where, 0, [=](double v) {
            return std::pair{(1 / ohm) * std::pow(std::min(1.0, (std::abs(v) + 0.15) / 4), 0.7),
                             0.0};
          });
        } else {
          n.resistor(where, 0, ohm);
        }
      };
      const int near = entry[e.id][static_cast<std::size_t>(k)];
      if (leaks && f->bothHalves) {
        leakAt(near, 2 * f->ohm);
        leakAt(mid[k], 2 * f->ohm);
      } else if (leaks) {
        leakAt(f->along < 0.5 ? near : mid[k], f->ohm);
      }
      if (own && f->fault == "short-to-supply") {
        n.resistor(mid[k], battery, f->ohm);
      }
    }
    middle[e.id] = {mid[0], mid[1]};
    if (here && f->fault == "wires-touching") {
      if (f->bothHalves) {
        n.resistor(entry[e.id][0], entry[e.id][1], 2 * f->ohm);
        n.resistor(mid[0], mid[1], 2 * f->ohm);
      } else if (f->along < 0.5) {
        n.resistor(entry[e.id][0], entry[e.id][1], f->ohm);
      } else {
        n.resistor(mid[0], mid[1], f->ohm);
      }
    }
    if (here && f->fault == "reversed") {
      crossed = !crossed;
      std::swap(at[0], at[1]);
    }
    exit[e.id] = {at[0], at[1]};
    past = past || e.id == last;
    if (past && swapped && t.state.swap->reversed) {
      std::swap(at[0], at[1]);
    }
  }
  const auto nodeOf = [&](const circuit::Probe& p) -> int {
    const int k = p.wire == circuit::WireId::b ? 1 : 0;
    const auto& id = p.place.element;
    switch (p.place.kind) {
      case Place::Kind::ground:
        return 0;
      case Place::Kind::battery:
        return battery;
      case Place::Kind::modulePins:
        return entry[id][static_cast<std::size_t>(k)];
      case Place::Kind::modulePlug:
        return exit[id][static_cast<std::size_t>(k)];
      case Place::Kind::moduleSide:
        return entry[id][static_cast<std::size_t>(k)];
      case Place::Kind::wheelSide:
        return exit[id][static_cast<std::size_t>(k)];
      case Place::Kind::sensor:
        return entry["sensor"][static_cast<std::size_t>(k)];
      case Place::Kind::along:
        return p.place.along < 0.34   ? entry[id][static_cast<std::size_t>(k)]
               : p.place.along < 0.67 ? middle[id][static_cast<std::size_t>(k)]
                                      : exit[id][static_cast<std::size_t>(k)];
    }
    return 0;
  };
  const auto bridge = [&](const Place& place) {
    n.resistor(nodeOf({place, circuit::WireId::a}), nodeOf({place, circuit::WireId::b}), 0.1);
  };
  const bool crossing = !partnerOf(c.name).empty();
  if (t.state.jumper && (!crossing || isBehindCrossing(*t.state.jumper) == behind)) {
    bridge(*t.state.jumper);
  }
  if (crossing && handled_ && handled_->circuit == partnerOf(c.name) && handled_->state.jumper &&
      isBehindCrossing(*handled_->state.jumper) != behind) {
    bridge(*handled_->state.jumper);
  }
  w.there = t.red.has_value();
  if (t.red) {
    w.red = nodeOf(*t.red);
    w.black = t.black ? nodeOf(*t.black) : 0;
    if (crossing && t.black && t.black->place.onLine() &&
        isBehindCrossing(t.black->place) != behind) {
      w.black = n.node();  // the other line's
    }
  }
  return w;
}

double Car::solveVolts(const Test& t, bool showing, bool high, double hz, double load) {
  Wired w = wire(t, showing, high, hz);
  w.net.resistor(w.red, w.black, load);
  const auto v = w.net.solve();
  return v[static_cast<std::size_t>(w.red)] - v[static_cast<std::size_t>(w.black)];
}

double Car::solveOhms(const Test& t, bool showing) {
  Test cold = t;
  cold.state.key = circuit::Key::off;
  double shown = INFINITY;
  for (const double range : {2e3, 2e4, 2e5, 2e6, 5e7}) {
    Wired w = wire(cold, showing, false, 0);
    const double inner = range;
    w.net.source(w.red, w.black, 0.8, inner);
    const auto v = w.net.solve();
    const double u = v[static_cast<std::size_t>(w.red)] - v[static_cast<std::size_t>(w.black)];
    shown = u < 0.8 * (1 - 1e-9) ? inner * u / (0.8 - u) : INFINITY;
    if (shown < range) {
      return shown;
    }
  }
  return shown < kTop ? shown : INFINITY;
}

// --- what the module makes of it

double Car::loopOhms(const std::string& name, const Test& t, bool showing) {
  Test q = t;
  q.circuit = name;
  q.kind = TestKind::resistance;
  const std::string module = case_.find(name)->path.front().id;
  q.state.unplugged.push_back(module);
  q.state.key = circuit::Key::off;
  q.red = circuit::Probe{{Place::Kind::modulePlug, module}, circuit::WireId::a};
  q.black = circuit::Probe{{Place::Kind::modulePlug, module}, circuit::WireId::b};
  return solveOhms(q, showing);
}

Car::Said Car::module(const std::string& name, const Test& t, bool showing) {
  Said out;
  const Line& line = lines_.at(name);
  const bool own = name == case_.suspect;
  if (truth_.fault == "module-power") {
    out.counts = false;
    out.code = chance(0.5) ? "open" : chance(0.7) ? "no-signal" : "";
    return out;
  }
  Test q = t;
  q.circuit = name;
  q.kind = TestKind::dcVoltage;
  handled_.reset();
  if (name != t.circuit) {
    q.state.unplugged.clear();
    q.state.jumper.reset();
    if (name == partnerOf(t.circuit)) {
      handled_ = t;
    }
  }
  const std::string pins = case_.find(name)->path.front().id;
  const auto pin = [&](circuit::WireId wire, bool high) {
    q.red = circuit::Probe{{Place::Kind::modulePins, pins}, wire};
    q.black.reset();
    q.state.key = circuit::Key::on;
    return solveVolts(q, showing, high, 0, 1e7);
  };
  const double a = pin(circuit::WireId::a, false), b = pin(circuit::WireId::b, false);
  const bool dead =
      own && (truth_.fault == "no-supply" || (truth_.fault == "latched-off" && latched_));
  if (own && truth_.fault == "input-dead") {
    out.counts = false;
    out.code = chance(0.4) ? "open" : "";
    return out;
  }
  double ratio = 1;
  if (std::max(a, b) > module_.volts + 0.9) {
    out.code = "short-supply";
  } else if (line.coil) {
    const double loop = loopOhms(name, q, showing);
    const double source = module_.volts;
    if (dead) {
      out.code = chance(0.6) ? "open" : "";
    } else if (loop > module_.openAt) {
      out.code = "open";
    } else if (loop < module_.shortAt || a < 0.012 * source ||
               (module_.bothBiased && std::min(a, b) < 0.4 * source)) {
      out.code = "short-ground";
    }
  } else {
    const double amps = module_.lowSide ? b / module_.ohm : (module_.volts - a) / module_.ohm;
    ratio = amps / line.lowA;
    if (dead || ratio < module_.lowShare) {
      out.code = module_.lowSide && a < 0.5 * module_.volts && !dead ? "short-ground" : "open";
    } else if (ratio > 2.8) {
      out.code = "short-ground";
    }
  }
  if (!out.code.empty() && out.code != "short-supply" && chance(module_.vague)) {
    out.code = "open-or-short";
  }
  // Does it count pulses?
  const double kmh = std::max(kmhOf(t), 3.0);
  const double hz = kmh / 3.6 / *case_.circumferenceM * *case_.find(name)->sensor.teeth;
  const bool foreign = t.state.swap && t.state.swap->into == name;
  const std::string sensorOf = foreign ? t.state.swap->sensorOf : name;
  const Truth* signal = sensorOf == case_.suspect ? &truth_ : nullptr;
  if (t.state.swap && t.state.swap->sensorOf == name) {
    out.counts = false;
  } else if (line.coil) {
    q.red = circuit::Probe{{Place::Kind::modulePins, pins}, circuit::WireId::a};
    q.black = circuit::Probe{{Place::Kind::modulePins, pins}, circuit::WireId::b};
    const double with = solveVolts(q, showing, false, hz, 2e4);
    const double without = solveVolts(q, showing, false, 0, 2e4);
    out.counts = 2 * std::abs(with - without) > module_.loss;
  } else {
    q.red = circuit::Probe{{Place::Kind::modulePins, pins},
                           module_.lowSide ? circuit::WireId::b : circuit::WireId::a};
    q.black.reset();
    const double swing =
        std::abs(solveVolts(q, showing, true, 0, 1e7) - solveVolts(q, showing, false, 0, 1e7));
    out.counts = swing > 0.45 * module_.ohm * (line.highA - line.lowA) && !dead;
    if (signal && (signal->fault == "wide-gap" || signal->fault == "debris")) {
      out.counts = out.counts && chance(0.35);
    }
    if (signal && signal->fault == "encoder-reversed") {
      out.counts = out.counts && chance(0.1);
    }
  }
  out.counts = out.counts && (out.code.empty() || chance(0.3));
  out.odd = signal && (signal->fault.starts_with("ring-"));
  return out;
}

bool Car::shows(const Test& t) {
  if (!truth_.comesAndGoes) {
    return true;
  }
  const auto& d = t.state.disturb;
  if (d && (d->kind == circuit::DisturbKind::flex || d->kind == circuit::DisturbKind::shake)) {
    return chance(d->element.empty() ? 0.7 : d->element == truth_.element ? 0.88 : 0.05);
  }
  if (d) {
    return chance(d->element.empty() || d->element == truth_.element ? 0.4 : 0.04);
  }
  return chance(t.state.wheel == WheelMotion::driven ? 0.5
                : t.state.wheel == WheelMotion::spun ? 0.12
                                                     : 0.04);
}

// --- readings

std::optional<job::Reading> Car::number(const Test& t) {
  const bool now = shows(t);
  job::Reading r;
  const auto unit = circuit::unitOf(t.kind);
  double value = 0;
  if (t.kind == TestKind::resistance || t.kind == TestKind::loop) {
    value = solveOhms(t, now);
    if (!lines_.at(t.circuit).coil && value > 5e4) {
      value *= std::exp(0.5 * normal());  // polarity and the meter's own volts
    }
  } else if (t.kind == TestKind::acVoltage) {
    const double kmh = kmhOf(t) * std::exp(0.3 * normal());
    const double hz = kmh / 3.6 / *case_.circumferenceM * *case_.find(t.circuit)->sensor.teeth;
    if (lines_.at(t.circuit).coil) {
      value = std::abs(solveVolts(t, now, false, hz, 1e7) - solveVolts(t, now, false, 0, 1e7)) /
              std::numbers::sqrt2;
    } else {
      value = 0.45 * std::abs(solveVolts(t, now, true, 0, 1e7) - solveVolts(t, now, false, 0, 1e7));
    }
    value = std::hypot(value, 0.004);
    if (chance(0.8)) {
      r.hz = hz;
    }
  } else {
    value = solveVolts(t, now, chance(0.5), 0, 1e7);
  }
  if (chance(world_.slips)) {
    const bool missed = chance(0.6);
    value = unit == units::Unit::ohm ? (missed ? INFINITY : std::exp(between(0, 14)))
                                     : (missed ? 0.0 : between(0, 12.6));
  }
  units::Entry e;
  e.unit = unit;
  if (unit == units::Unit::ohm && !(value < kTop)) {
    e.overload = true;
    e.value = INFINITY;
  } else {
    value *= 1 + 0.006 * normal();
    const double digit = std::pow(10, std::floor(std::log10(std::max(std::abs(value), 0.01))) - 3);
    e.value = std::round(value / digit) * digit;
    e.resolution = digit;
    if (unit == units::Unit::ohm) {
      e.value = std::max(0.0, e.value);
    }
  }
  r.value = e;
  return r;
}

job::Reading Car::codes(const Test& t) {
  job::Reading r;
  r.codes.emplace();
  const bool now = shows(t);
  latched_ = false;
  for (const auto& c : case_.circuits) {
    const Said said = module(c.name, t, now && c.name == case_.suspect);
    const bool turned = t.state.wheel == WheelMotion::driven ||
                        (t.state.wheel == WheelMotion::spun && heardBy(c.name) == t.circuit);
    std::string code = said.code;
    const double sets = kmhOf(t) >= 10 ? module_.sets : 0.5 * module_.sets;
    if (code == "no-signal" && !turned) {
      code.clear();
    }
    if (code.empty() && turned && !said.counts && chance(sets)) {
      code = chance(0.75) ? "no-signal" : chance(0.5) ? "erratic" : "low-amplitude";
    }
    if (code.empty() && turned && said.odd && chance(0.7 * sets)) {
      code = truth_.fault == "ring-wrong-count" || chance(0.25) ? "implausible" : "erratic";
    }
    if (chance(0.004)) {
      code = "erratic";
    }
    const auto it = std::find(job::kCodeTypeNames.begin(), job::kCodeTypeNames.end(), code);
    if (!code.empty() && it != job::kCodeTypeNames.end()) {
      r.codes->push_back(
          {c.name, static_cast<job::CodeType>(it - job::kCodeTypeNames.begin()), {}});
    }
  }
  if (truth_.fault == "latched-off") {
    latched_ = false;
  }
  return r;
}

job::Reading Car::speeds(const Test& t) {
  job::Reading r;
  const bool now = shows(t);
  const double v =
      kmhOf(t) * std::exp((t.state.wheel == WheelMotion::spun ? 0.2 : 0.02) * normal());
  for (const auto& c : case_.circuits) {
    // Which wheel's sensor this input hears.
    const std::string wheel = heardBy(c.name);
    const bool swapped =
        t.state.swap && (t.state.swap->into == c.name || t.state.swap->sensorOf == c.name);
    const bool turned = t.state.wheel == WheelMotion::driven || wheel == t.circuit || swapped;
    if (!turned) {
      r.kmh.emplace_back(c.name, 0.0);
      continue;
    }
    const Said said = module(c.name, t, now && c.name == case_.suspect);
    double kmh = said.counts ? v * (1 + 0.006 * normal()) : 0;
    const bool hears =
        !t.state.swap ? wheel == case_.suspect
                      : t.state.swap->into == c.name && t.state.swap->sensorOf == case_.suspect;
    if (hears) {
      kmh *= truth_.ratio;
    }
    r.kmh.emplace_back(c.name, std::round(kmh * 100) / 100);
  }
  return r;
}

job::Reading Car::look(const Test& t) {
  job::Reading r;
  const std::string& id = t.looked;
  const auto* e = suspect().find(id);
  const bool wiring = e && (e->kind == ElementKind::leg || e->kind == ElementKind::splice);
  const bool here =
      truth_.element == id || (truth_.fault == "wide-gap" && id == "ring" && chance(0.2));
  using job::Sight;
  r.looked = id;
  r.sight = Sight::ok;
  const double sees = world_.looks;
  if (t.state.disturb && t.state.disturb->kind == circuit::DisturbKind::pull) {
    const bool gone =
        here && ((truth_.fault == "open" && chance(0.65)) || (truth_.comesAndGoes && chance(0.35)));
    r.sight = gone ? Sight::broken : Sight::ok;
    return r;
  }
  if (wiring && chance(0.35)) {
    r.sight = Sight::hidden;
    return r;
  }
  if (!here) {
    const double u = uniform();
    r.sight = wiring ? (u < 0.03   ? Sight::chafed
                        : u < 0.06 ? Sight::repaired
                                   : Sight::ok)
                     : (u < 0.06   ? Sight::corroded
                        : u < 0.08 ? Sight::loose
                                   : Sight::ok);
    return r;
  }
  if (!chance(sees)) {
    return r;
  }
  const double u = uniform();
  if (truth_.fault == "ring-tooth") {
    r.sight = u < 0.85 ? Sight::missingTooth : Sight::ok;
  } else if (truth_.fault == "ring-cracked") {
    r.sight = u < 0.85 ? Sight::cracked : Sight::ok;
  } else if (truth_.fault == "ring-runout") {
    r.sight = u < 0.3 ? Sight::loose : Sight::ok;
  } else if (truth_.fault == "debris" && id == "sensor") {
    r.sight = u < 0.85 ? Sight::debris : Sight::ok;
  } else if (truth_.fault == "wide-gap" && id == "sensor") {
    r.sight = u < 0.55 ? Sight::notSeated : u < 0.7 ? Sight::corroded : Sight::ok;
  } else if (wiring) {
    r.sight = u < 0.3    ? Sight::chafed
              : u < 0.55 ? Sight::broken
              : u < 0.7  ? Sight::corroded
                         : Sight::ok;
  } else if (e && e->kind == ElementKind::connector) {
    r.sight = u < 0.6 ? Sight::corroded : u < 0.75 ? Sight::loose : Sight::ok;
  }
  return r;
}

job::Reading Car::wiggle(const Test& t) {
  job::Reading r;
  const bool now = shows(t);
  const bool wetOrWarm = t.state.disturb && (t.state.disturb->kind == circuit::DisturbKind::wet ||
                                             t.state.disturb->kind == circuit::DisturbKind::heat);
  const bool water =
      (truth_.fault == "leak" || truth_.fault == "wires-touching") && truth_.ohm > 500 && wetOrWarm;
  bool reacts = false;
  if (truth_.comesAndGoes && now) {
    if (!t.red) {
      reacts = true;
    } else {
      Test q = t;
      if (t.state.key == circuit::Key::on) {
        const double x = solveVolts(q, true, false, 0, 1e7),
                     y = solveVolts(q, false, false, 0, 1e7);
        reacts = std::abs(x - y) > 0.08 * std::abs(y) + 0.05;
      } else {
        const double x = solveOhms(q, true), y = solveOhms(q, false);
        reacts = std::isinf(x) != std::isinf(y) || std::abs(x - y) > 0.08 * y + 1;
      }
    }
  } else if (water) {
    const auto& id = t.state.disturb->element;
    reacts = chance(id.empty() ? 0.5 : id == truth_.element ? 0.65 : 0.06);
  }
  r.reacts = reacts || chance(0.02);
  return r;
}

std::optional<job::Reading> Car::trace(const Test& t) {
  if (!t.red) {
    return std::nullopt;
  }
  const Line& line = lines_.at(t.circuit);
  const bool own = t.circuit == case_.suspect;
  const double rate = line.pwm ? 100000 : 5000;
  const double seconds = line.pwm ? 2.0 : 5.0;
  const double teeth = *case_.find(t.circuit)->sensor.teeth;
  const double start = kmhOf(t) * std::exp(0.25 * normal());
  const bool turned = t.state.wheel != WheelMotion::still;
  const auto level = [&](bool showing, bool high, double hz) {
    return solveVolts(t, showing, high, hz, 1e6);
  };
  const double rest = level(!truth_.comesAndGoes || !own, false, 0);
  const double unit = line.coil ? level(!truth_.comesAndGoes, false, 100) - rest : 0;  // at 100 Hz
  const double lowV = rest, highV = line.coil ? rest : level(!truth_.comesAndGoes, true, 0);
  const double openV = truth_.comesAndGoes && own ? level(true, false, 0) : rest;
  const bool blind =
      own &&
      (truth_.fault == "encoder-reversed" ||
       (!line.coil && (truth_.fault == "wide-gap" || truth_.fault == "debris") && chance(0.6)));
  const bool stuckHigh = chance(0.5);
  std::vector<float> v(static_cast<std::size_t>(rate * seconds));
  double phase = uniform();
  double burst = -1;
  const double bursts = t.state.disturb ? 6 : t.state.wheel == WheelMotion::driven ? 3 : 0.7;
  const int bad = static_cast<int>(uniform() * teeth);
  for (std::size_t i = 0; i < v.size(); ++i) {
    const double s = static_cast<double>(i) / rate;
    const double kmh =
        turned ? start * (t.state.wheel == WheelMotion::driven ? 1 : std::exp(-s / 5.5)) : 0;
    const double hz = kmh / 3.6 / *case_.circumferenceM * teeth;
    phase += hz / rate;
    const double tooth = std::fmod(phase, teeth);
    const double inTooth = tooth - std::floor(tooth);
    const int which = static_cast<int>(tooth);
    double shape = 1;
    bool absent = false;
    if (own && truth_.fault == "ring-tooth" && which == bad) {
      absent = true;
    }
    if (own && truth_.fault == "ring-runout") {
      shape = 1 + 0.45 * std::sin(2 * std::numbers::pi * tooth / teeth);
    }
    if (own && truth_.fault == "ring-cracked") {
      // One gap is wider: the phase stands still there.
      if (which == bad && inTooth > 0.97 && chance(0.0)) {
        shape = 1;
      }
    }
    double x = rest;
    if (line.coil) {
      x = rest + (absent ? 0 : shape * unit * hz / 100 * std::sin(2 * std::numbers::pi * phase));
    } else if (turned && !blind) {
      const double width = line.pwm ? 90e-6 * hz : 0.5;
      x = !absent && inTooth < std::max(width, 1.2 * hz / rate * (line.pwm ? 1 : 0)) ? highV : lowV;
    } else if (blind) {
      x = stuckHigh ? highV : lowV;
    }
    if (own && truth_.comesAndGoes) {
      if (burst < s && chance(bursts / rate)) {
        burst = s + between(0.003, 0.08);
      }
      x = s < burst ? openV : x;
    }
    v[i] = static_cast<float>(x + world_.noise * normal());
  }
  if (own && truth_.fault == "ring-cracked" && turned) {
    // Insert the wider gap once a turn: half a pitch of rest.
    std::vector<float> wide;
    double ph = uniform();
    double hold = 0;
    double s = 0;
    double before = 0;
    while (wide.size() < v.size()) {
      const double kmh = start * (t.state.wheel == WheelMotion::driven ? 1 : std::exp(-s / 5.5));
      const double hz = kmh / 3.6 / *case_.circumferenceM * teeth;
      s += 1 / rate;
      if (hold > 0) {
        hold -= hz / rate;
      } else {
        ph += hz / rate;
      }
      const double tooth = std::fmod(ph, teeth);
      if (before > tooth) {
        hold = 0.6;
      }
      before = tooth;
      const double x =
          line.coil
              ? rest + (hold > 0 ? 0 : unit * hz / 100 * std::sin(2 * std::numbers::pi * ph))
              : (hold <= 0 && tooth - std::floor(tooth) < (line.pwm ? 90e-6 * hz : 0.5) ? highV
                                                                                        : lowV);
      wide.push_back(static_cast<float>(x + world_.noise * normal()));
    }
    v = wide;
  }
  const std::string file = folder_ + "/" + t.circuit + std::to_string(files_++) + ".csv";
  std::ofstream out(file);
  out << "Time (s),CH (V)\n";
  char line_[64];
  for (std::size_t i = 0; i < v.size(); ++i) {
    std::snprintf(line_, sizeof line_, "%.7g,%.5g\n", static_cast<double>(i) / rate,
                  static_cast<double>(v[i]));
    out << line_;
  }
  job::Reading r;
  r.file = file;
  return r;
}

std::optional<job::Reading> Car::answer(const Test& t) {
  handled_.reset();
  switch (t.kind) {
    case TestKind::codes:
      return codes(t);
    case TestKind::liveSpeed:
      return t.state.inject ? std::nullopt : std::optional(speeds(t));
    case TestKind::inspect:
      return look(t);
    case TestKind::wiggle:
      return wiggle(t);
    case TestKind::waveform:
      return trace(t);
    case TestKind::benchSensor: {
      job::Reading r;
      const double p = !lines_.at(case_.suspect).coil                                      ? 0.05
                       : truth_.fault == "sensor-open" || truth_.fault == "sensor-dead"    ? 0.04
                       : truth_.fault == "sensor-weak" || truth_.fault == "sensor-shorted" ? 0.4
                                                                                           : 0.95;
      r.swings = chance(p);
      return r;
    }
    case TestKind::lamp: {
      job::Reading r;
      const double v = solveVolts(t, shows(t), false, 0, 1e3);
      r.lamp = std::abs(v) > 4.2   ? circuit::LampState::lit
               : std::abs(v) > 2.0 ? circuit::LampState::dim
                                   : circuit::LampState::dark;
      return r;
    }
    case TestKind::resistance:
    case TestKind::loop:
    case TestKind::dcVoltage:
    case TestKind::acVoltage:
      return number(t);
    default:
      return std::nullopt;
  }
}

void Car::readGoodWheel() {
  if (good_.empty() || unread_) {
    return;
  }
  const std::string plug = sensorPlug(suspect());
  const auto take = [&](TestKind kind, circuit::WireId wire, bool pair,
                        std::vector<std::string> apart) {
    Test t;
    t.kind = kind;
    t.circuit = good_;
    t.state.key = circuit::defaultKey(kind);
    t.state.unplugged = std::move(apart);
    const auto side =
        kind == TestKind::resistance ? Place::Kind::wheelSide : Place::Kind::moduleSide;
    t.red = circuit::Probe{{side, plug}, wire};
    t.black = pair ? circuit::Probe{{side, plug}, circuit::WireId::b}
                   : circuit::Probe{{Place::Kind::ground, ""}, std::nullopt};
    if (const auto reading = answer(t)) {
      job::Evidence e;
      e.id = case_.nextEvidenceId();
      e.test = t;
      e.reading = *reading;
      case_.evidence.push_back(e);
    }
  };
  if (lines_[good_].coil) {
    take(TestKind::resistance, circuit::WireId::a, true, {plug});
  }
  take(TestKind::dcVoltage, circuit::WireId::a, false, {plug});
  take(TestKind::dcVoltage, circuit::WireId::b, false, {plug});
  take(TestKind::dcVoltage, circuit::WireId::a, false, {});
  take(TestKind::dcVoltage, circuit::WireId::b, false, {});
  Test t;
  t.kind = TestKind::waveform;
  t.circuit = good_;
  t.state.wheel = WheelMotion::spun;
  t.red = circuit::Probe{
      {Place::Kind::moduleSide, plug},
      lines_[good_].coil || !module_.lowSide ? circuit::WireId::a : circuit::WireId::b};
  t.black = lines_[good_].coil ? circuit::Probe{{Place::Kind::moduleSide, plug}, circuit::WireId::b}
                               : circuit::Probe{{Place::Kind::ground, ""}, std::nullopt};
  if (const auto reading = answer(t)) {
    job::Evidence e;
    e.id = case_.nextEvidenceId();
    e.test = t;
    e.reading = *reading;
    case_.evidence.push_back(e);
  }
}

}  // namespace haybale::foreign
