#include "core/verdict/owner_words.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "core/circuit/place_words.h"

namespace haybale::diagnosis {

using circuit::Element;
using circuit::ElementKind;

namespace {

// Below this a possibility is not worth an owner's attention; "something else" takes it up.
constexpr double kLeastTold = 0.05;
constexpr std::size_t kMostTold = 6;

std::string at(const Element* element) {
  const auto place = plainPlace(element);
  const bool wires = element && element->kind == ElementKind::leg && element->label.empty();
  return place.empty() ? std::string() : (wires ? say(" in ") : say(" at ")) + place;
}

bool isSensor(const Element* element) {
  return element && element->kind == ElementKind::sensor;
}

struct Told {
  std::string what;
  double share = 0;
};

// Faults that are one thing to the owner are one line.
std::vector<Told> toldOf(const circuit::Circuit& circuit, const Conclusion& conclusion) {
  std::vector<Told> out;
  for (const auto& s : conclusion.suspects) {
    const std::string what = plainFault(s.fault, circuit.find(s.element));
    const auto same =
        std::find_if(out.begin(), out.end(), [&](const Told& told) { return told.what == what; });
    if (same == out.end()) {
      out.push_back({what, s.share});
    } else {
      same->share += s.share;
    }
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const Told& a, const Told& b) { return a.share > b.share; });
  return out;
}

}  // namespace

std::string plainPlace(const Element* e) {
  const bool wiring = e && (e->kind == ElementKind::connector || e->kind == ElementKind::splice ||
                            e->kind == ElementKind::leg);
  return e && (wiring || !e->label.empty()) ? circuit::plainName(*e) : std::string();
}

std::string plainFault(Fault fault, const Element* e) {
  const bool module = e && e->kind == ElementKind::module;
  switch (fault) {
    case Fault::none:
      return say("nothing that is wrong now");
    case Fault::open:
      return module        ? say("a pin of the control unit's plug without contact")
             : isSensor(e) ? say("a wire that is broken in the wheel sensor's own lead")
                           : say("a wire that is broken") + at(e);
    case Fault::resistive:
      return module ? say("bad contact in the control unit's plug")
                    : say("corrosion, bad contact") + at(e);
    case Fault::wiresTouching:
      return say("two wires that touch each other") + at(e);
    case Fault::shortToGround:
      return say("a chafed wire that touches the body") + at(e);
    case Fault::shortToSupply:
      return say("a chafed wire that touches another one under voltage") + at(e);
    case Fault::leak:
      return "water" + at(e);
    case Fault::intermittentOpen:
      return isSensor(e) ? say("a wire that lets go now and then in the wheel sensor's own lead")
                         : say("a wire that lets go now and then") + at(e);
    case Fault::intermittentShort:
      return say("a wire that touches metal now and then") + at(e);
    case Fault::sensorOpen:
    case Fault::sensorShorted:
    case Fault::sensorDead:
      return say("a wheel sensor that has failed");
    case Fault::sensorWeak:
      return say("a wheel sensor that has grown weak");
    case Fault::wrongSensor:
      return say("a wheel sensor of the wrong kind");
    case Fault::reversed:
      return say("two wires exchanged") + at(e);
    case Fault::wideGap:
      return say("a wheel sensor that sits too far from the ring it reads");
    case Fault::debris:
      return say("metal dust or dirt on the wheel sensor's tip");
    case Fault::ringTooth:
      return say("a damaged tooth of the ring that the wheel sensor reads");
    case Fault::ringCracked:
      return say("a cracked ring, the one that the wheel sensor reads");
    case Fault::ringRunout:
      return say("a ring or wheel bearing that does not run true");
    case Fault::ringWrongCount:
      return say("a ring or bearing that belongs to another vehicle");
    case Fault::encoderReversed:
      return say("a wheel bearing mounted the wrong way round");
    case Fault::noSupply:
      return say("a control unit that does not feed the wheel sensor");
    case Fault::latchedOff:
      return say(
          "a control unit that had switched the wheel sensor off until its memory is cleared");
    case Fault::inputDead:
      return say("a control unit that no longer reads the wheel sensor");
    case Fault::circuitsExchanged:
      return say("the wires of two wheels exchanged");
    case Fault::modulePower:
      return say("a bad fuse, relay or ground of the control unit");
    case Fault::wrongTyre:
      return say("a tyre of another size, or nearly flat");
    case Fault::other:
      break;
  }
  return say("something else");
}

PlainVerdict plainVerdict(const job::Case& c, const Conclusion& conclusion) {
  const auto* circuit = c.suspectCircuit();
  if (!circuit || conclusion.suspects.empty()) {
    return {say("Nothing can be said yet."), {}};
  }
  if (conclusion.state == State::contradictory) {
    return {
        say("The measurements do not agree with each other yet; they have to be repeated before "
            "anything is bought."),
        {}};
  }
  const auto told = toldOf(*circuit, conclusion);
  if (conclusion.state == State::isolated) {
    return {sayf("The cause: {}.", told.front().what), {}};
  }
  PlainVerdict out{say("The cause is not certain yet. Of 100 such cases it is:"), {}};
  double left = 1;
  for (const auto& t : told) {
    if (t.share < kLeastTold || out.possible.size() == kMostTold) {
      break;
    }
    left -= t.share;
    out.possible.push_back(sayf("in {:.0f} {}", 100 * t.share, t.what));
  }
  if (left >= 0.01) {
    out.possible.push_back(sayf("in {:.0f} one of several rarer things", 100 * left));
  }
  return out;
}

std::string plainWork(const std::string& id, const Element* e) {
  const std::string step = id.substr(id.rfind('.') + 1);
  const struct {
    const char* step;
    std::string words;
  } known[] = {
      {"clear", say("The control unit's stored faults were cleared.")},
      {"why-latched",
       say("It was looked for what had made the control unit switch the sensor off.")},
      {"uncross", say("Two wires that had been exchanged were put back") + at(e) + "."},
      {"exchange", say("The wires of two wheels were put back in their own places.")},
      {"both-sides", say("The plug was renewed on both sides") + at(e) + "."},
      {"terminals", say("The contacts were cleaned and tightened") + at(e) + "."},
      {"cut-back", say("The spoilt piece of wire was cut out") + at(e) + "."},
      {"splice", say("The wires were joined again and sealed against water") + at(e) + "."},
      {"chafe", say("The wires were laid clear of what had rubbed them.")},
      {"clean", isSensor(e)
                    ? say("The wheel sensor's tip was cleaned.")
                    : say("The ring and the place where the sensor looks at it were cleaned.")},
      {"compare", isSensor(e) ? say("A new wheel sensor was chosen by the old one.") : ""},
      {"seat", say("The wheel sensor was fitted, on a clean seat.")},
      {"count", say("The new ring was compared with the old one.")},
      {"way-round", say("The ring in the wheel bearing was renewed.")},
      {"supply", say("The control unit's fuses, relay and ground were checked.")},
      {"plug", say("The control unit's plug was looked into.")},
      {"restore", say("The control unit's fuse, relay or ground was mended.")},
      {"change", say("The control unit was changed or repaired.")},
      {"compare-tyres", say("The sizes and pressures of all tyres were compared.")},
      {"tyre", say("A tyre of the right size was put on, at the right pressure.")},
  };
  for (const auto& entry : known) {
    if (step == entry.step) {
      return entry.words;
    }
  }
  return "";
}

}  // namespace haybale::diagnosis
