#include "core/job/reading_line.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/job/test_json.h"

namespace haybale::job {

using circuit::Circuit;
using circuit::Key;
using circuit::Place;
using circuit::Probe;
using circuit::Test;
using circuit::TestKind;
using circuit::WireId;

std::string unplugsAt(const Place& place) {
  const bool apart = place.kind == Place::Kind::modulePlug ||
                     place.kind == Place::Kind::modulePins ||
                     place.kind == Place::Kind::moduleSide || place.kind == Place::Kind::wheelSide;
  return apart ? place.element : "";
}

namespace {

const Probe kGround{{Place::Kind::ground, ""}, std::nullopt};

void setUnplugged(Test& test, bool unplugged) {
  test.state.unplugged.clear();
  if (test.red && unplugged && !unplugsAt(test.red->place).empty()) {
    test.state.unplugged.push_back(unplugsAt(test.red->place));
  }
}

}  // namespace

Test defaultTest(const Circuit& circuit, const Place& place, TestKind kind) {
  Test t;
  t.kind = kind;
  t.circuit = circuit.name;
  t.red = Probe{place, WireId::a};
  t.state.key = circuit::defaultKey(kind);
  const bool volts = kind == TestKind::dcVoltage || kind == TestKind::lamp;
  t.black = volts ? kGround : Probe{place, WireId::b};
  if (kind == TestKind::resistance || kind == TestKind::loop) {
    setUnplugged(t, true);
    if (place.kind == Place::Kind::sensor && circuit.sensorConnector()) {
      t.state.unplugged.push_back(circuit.sensorConnector()->id);
    }
  } else if (volts) {
    setUnplugged(t, place.kind == Place::Kind::moduleSide);
  } else if (kind == TestKind::waveform || kind == TestKind::acVoltage) {
    t.state.wheel = circuit::WheelMotion::spun;
  }
  return t;
}

namespace {

class LineReader {
 public:
  LineReader(std::string_view text, const Circuit& circuit, const Test& chosen)
      : circuit_(circuit), words_(text::words(text)) {
    out_.test = chosen;
    joinHertz();
  }

  Result<TypedReading> read() {
    for (at_ = 0; at_ < words_.size(); ++at_) {
      if (!takeStateWord() && !takeLeadWord() && !takeMeterWord()) {
        takeNumber(words_[at_]);
      }
    }
    if (auto status = takeValue(); !status) {
      return status.error();
    }
    apply();
    return out_;
  }

 private:
  [[nodiscard]] std::string word(std::size_t i) const {
    return i < words_.size() ? text::lower(words_[i]) : std::string();
  }

  // "52 Hz" is one word, as "52Hz" is.
  void joinHertz() {
    for (std::size_t i = 0; i + 1 < words_.size(); ++i) {
      const bool number = words_[i].front() >= '0' && words_[i].front() <= '9';
      if (number && (word(i + 1) == "hz" || word(i + 1) == "khz")) {
        words_[i] += words_[i + 1];
        words_.erase(words_.begin() + static_cast<std::ptrdiff_t>(i) + 1);
      }
    }
  }

  void takeNumber(std::string_view text) {
    value_ += value_.empty() ? "" : " ";
    value_ += text;
  }

  bool takeStateWord() {
    const std::string w = word(at_);
    if (w == "key" && (word(at_ + 1) == "on" || word(at_ + 1) == "off")) {
      key_ = word(at_ + 1) == "on" ? Key::on : Key::off;
      ++at_;
    } else if (w == "unplugged" || w == "apart" || w == "plugged" || w == "closed") {
      unplugged_ = w == "unplugged" || w == "apart";
      takeUnplugged();
    } else if (w == "jumper") {
      takeJumper();
    } else if (w == "battery" && word(at_ + 1) == "off") {
      batteryOff_ = true;
      ++at_;
    } else if (w == "still" || w == "spun" || w == "driven") {
      wheel_ = w == "still"  ? circuit::WheelMotion::still
               : w == "spun" ? circuit::WheelMotion::spun
                             : circuit::WheelMotion::driven;
    } else {
      return false;
    }
    return true;
  }

  // Connectors named behind "unplugged".
  void takeUnplugged() {
    while (*unplugged_ && at_ + 1 < words_.size()) {
      const auto place = circuit::parsePlace(words_[at_ + 1], circuit_);
      if (!place || unplugsAt(*place).empty()) {
        return;
      }
      apart_.push_back(unplugsAt(*place));
      if (!place_ && !out_.test.red) {
        place_ = *place;
      }
      ++at_;
    }
  }

  void takeJumper() {
    const auto place = at_ + 1 < words_.size() ? circuit::parsePlace(words_[at_ + 1], circuit_)
                                               : Result<Place>(Error{});
    if (place && place->onLine()) {
      jumper_ = *place;
      ++at_;
    }
  }

  bool takeLeadWord() {
    const std::string w = word(at_);
    if (w == "a" || w == "b" || w == "c") {
      // The first wire is the red lead's, a second one the black lead's.
      (red_ ? black_ : red_) = static_cast<WireId>(w[0] - 'a');
    } else if (w == "pair" || w == "a-b" || w == "ab") {
      red_ = WireId::a;
      black_ = WireId::b;
    } else if (w == "gnd" || w == "ground" || w == "earth") {
      toGround_ = true;
    } else if (w == "bat" || w == "battery") {
      toBattery_ = true;
    } else if (w == "to" || w == "reads" || w == "=") {
      return true;
    } else if (const auto place = circuit::parsePlace(words_[at_], circuit_);
               place && place->onLine()) {
      (place_ ? blackPlace_ : place_) = *place;
    } else {
      return false;
    }
    return true;
  }

  // From one place to another: ohms of a wire with both its ends free, or the volts lost on the
  // way.
  void bringBlackThere(Test& t) {
    t.black = Probe{*blackPlace_, black_ ? black_ : t.red->wire};
    setUnplugged(t, circuit::unitOf(t.kind) == units::Unit::ohm);
    const auto far = unplugsAt(*blackPlace_);
    if (!t.state.unplugged.empty() && !far.empty() && !t.state.isUnplugged(far)) {
      t.state.unplugged.push_back(far);
    }
  }

  bool takeMeterWord() {
    const std::string w = word(at_);
    if (w == "dc" || w == "ac") {
      kind_ = w == "dc" ? TestKind::dcVoltage : TestKind::acVoltage;
      return true;
    }
    if (w.ends_with("vac") || w.ends_with("vdc")) {  // "0.5Vac"
      kind_ = w.ends_with("vdc") ? TestKind::dcVoltage : TestKind::acVoltage;
      takeNumber(std::string_view(words_[at_]).substr(0, w.size() - 2));
      return true;
    }
    for (std::size_t i = 0; i < circuit::kLampStateNames.size(); ++i) {
      if (w == circuit::kLampStateNames[i]) {
        out_.reading.lamp = static_cast<circuit::LampState>(i);
        kind_ = TestKind::lamp;
        return true;
      }
    }
    if (w == "lamp" || w == "loop" || w == "ohms" || w == "ohm") {
      kind_ = w == "lamp" ? TestKind::lamp : w == "loop" ? TestKind::loop : TestKind::resistance;
      return true;
    }
    if (w == "led" || w == "21w" || w == "bulb") {
      lamp_ = w == "led"   ? circuit::Lamp::led
              : w == "21w" ? circuit::Lamp::bulb21W
                           : circuit::Lamp::bulb250mA;
      return true;
    }
    if (w == "highest" || w == "auto") {
      highest_ = w == "highest";
      return true;
    }
    if (w == "at" || w == "@") {
      const auto celsius = units::parseEntry(word(at_ + 1), units::Unit::celsius);
      if (celsius && celsius->unitTyped) {
        out_.reading.celsius = celsius->value;
        ++at_;
        return true;
      }
      if (word(at_ + 1).ends_with("hz")) {
        return true;
      }
    }
    const auto entry = units::parseEntry(words_[at_], units::Unit::none);
    if (entry && entry->unitTyped && entry->unit == units::Unit::hertz) {
      out_.reading.hz = entry->value;
      return true;
    }
    if (entry && entry->unitTyped && entry->unit == units::Unit::celsius) {
      out_.reading.celsius = entry->value;
      return true;
    }
    return false;
  }

  Status takeValue() {
    if (kind_.value_or(out_.test.kind) == TestKind::lamp) {
      return out_.reading.lamp && value_.empty()
                 ? Status(Done{})
                 : Status(Error{"", std::nullopt, say("a lamp has no number"),
                                say("lit, dim or dark")});
    }
    if (value_.empty()) {
      return Error{"", std::nullopt, say("no value yet"),
                   say("type what the meter shows, as 4M8, 0.5V or OL")};
    }
    const units::Unit implied = circuit::unitOf(kind_.value_or(out_.test.kind));
    const auto free = units::parseEntry(value_, units::Unit::none);
    if (free && free->unitTyped) {
      if (free->unit == units::Unit::ampere) {
        kind_ = TestKind::current;
      } else if (free->unit == units::Unit::ohm && implied != units::Unit::ohm) {
        kind_ = TestKind::resistance;
      } else if (free->unit == units::Unit::volt && implied != units::Unit::volt) {
        kind_ = out_.reading.hz ? TestKind::acVoltage : TestKind::dcVoltage;
      }
    }
    const units::Unit unit = circuit::unitOf(kind_.value_or(out_.test.kind));
    const auto entry =
        units::parseEntry(value_, unit == units::Unit::none ? units::Unit::ohm : unit);
    if (!entry) {
      return entry.error();
    }
    if (unit == units::Unit::none) {
      kind_ = TestKind::resistance;
    }
    out_.reading.value = *entry;
    return Done{};
  }

  void apply() {
    Test& t = out_.test;
    const TestKind kind = kind_.value_or(t.kind);
    if (kind != t.kind || place_) {
      const Test before = t;
      t = defaultTest(
          circuit_,
          place_.value_or(before.red ? before.red->place
                                     : Place{Place::Kind::modulePlug, circuit_.path.front().id}),
          kind);
    }
    if (red_) {
      t.red->wire = *red_;
    }
    if (toBattery_) {
      t.black = Probe{{Place::Kind::battery, ""}, std::nullopt};
    } else if (toGround_) {
      t.black = kGround;
    } else if (blackPlace_) {
      bringBlackThere(t);
    } else if (black_) {
      t.black = Probe{t.red->place, *black_};
    } else if (red_ && t.black && t.black->wire == red_) {
      t.black->wire = *red_ == WireId::a ? WireId::b : WireId::a;
    }
    if (unplugged_ && apart_.empty()) {
      setUnplugged(t, *unplugged_);
    } else if (unplugged_) {
      t.state.unplugged = apart_;
    }
    if (jumper_) {
      t.state.jumper = jumper_;
    }
    t.lamp = lamp_.value_or(t.lamp);
    t.highestRange = highest_.value_or(t.highestRange);
    t.state.batteryConnected = t.state.batteryConnected && !batteryOff_;
    t.state.key = key_.value_or(t.state.key);
    t.state.wheel = wheel_.value_or(t.state.wheel);
  }

  const Circuit& circuit_;
  std::vector<std::string> words_;
  std::size_t at_ = 0;
  TypedReading out_;
  std::string value_;
  std::optional<Place> place_;
  std::optional<Place> blackPlace_;
  std::optional<WireId> red_;
  std::optional<WireId> black_;
  bool toGround_ = false;
  bool toBattery_ = false;
  bool batteryOff_ = false;
  std::vector<std::string> apart_;
  std::optional<Place> jumper_;
  std::optional<circuit::Lamp> lamp_;
  std::optional<bool> highest_;
  std::optional<bool> unplugged_;
  std::optional<Key> key_;
  std::optional<circuit::WheelMotion> wheel_;
  std::optional<TestKind> kind_;
};

}  // namespace

Result<TypedReading> parseReadingLine(std::string_view text, const Circuit& circuit,
                                      const Test& chosen) {
  auto typed = LineReader(text, circuit, chosen).read();
  if (!typed) {
    return typed;
  }
  // What the reader of a case refuses is refused here, in its words.
  if (auto read =
          readReadingJson(readingJson(typed->reading, typed->test.kind), "", typed->test.kind);
      !read) {
    Error error = read.error();
    error.where.clear();
    return error;
  }
  return typed;
}

std::string readsAs(const TypedReading& typed) {
  const Test& t = typed.test;
  std::string text =
      t.red ? circuit::spoken(t.red->place) + ", " + circuit::leadsText(t) : std::string();
  if (typed.reading.value) {
    text += ", " + units::format(*typed.reading.value);
    text += t.kind == TestKind::dcVoltage ? " DC" : t.kind == TestKind::acVoltage ? " AC" : "";
  }
  if (typed.reading.lamp) {
    text += ", lamp " +
            std::string(circuit::kLampStateNames[static_cast<std::size_t>(*typed.reading.lamp)]);
  }
  if (typed.reading.hz) {
    text += " at " + units::format(*typed.reading.hz, units::Unit::hertz);
  }
  if (typed.reading.celsius) {
    text += sayf(", coil at {}", units::formatPlain(*typed.reading.celsius, units::Unit::celsius));
  }
  return text + ", " + circuit::stateText(t.state);
}

}  // namespace haybale::job
