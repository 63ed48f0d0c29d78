#include "core/job/reading_line.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/base/text.h"

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
  const bool volts = kind == TestKind::dcVoltage;
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
  }

  Result<TypedReading> read() {
    for (at_ = 0; at_ < words_.size(); ++at_) {
      if (!takeStateWord() && !takeLeadWord() && !takeMeterWord()) {
        value_ += (value_.empty() ? "" : " ") + words_[at_];
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

  bool takeStateWord() {
    const std::string w = word(at_);
    if (w == "key" && (word(at_ + 1) == "on" || word(at_ + 1) == "off")) {
      key_ = word(at_ + 1) == "on" ? Key::on : Key::off;
      ++at_;
    } else if (w == "unplugged" || w == "apart" || w == "open:" || w == "plugged" ||
               w == "closed") {
      unplugged_ = w == "unplugged" || w == "apart";
    } else if (w == "still" || w == "spun" || w == "driven") {
      wheel_ = w == "still"  ? circuit::WheelMotion::still
               : w == "spun" ? circuit::WheelMotion::spun
                             : circuit::WheelMotion::driven;
    } else {
      return false;
    }
    return true;
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
    } else if (w == "to" || w == "reads" || w == "=") {
      return true;
    } else if (const auto place = circuit::parsePlace(words_[at_], circuit_);
               place && place->onLine()) {
      place_ = *place;
    } else {
      return false;
    }
    return true;
  }

  bool takeMeterWord() {
    const std::string w = word(at_);
    if (w == "dc" || w == "ac") {
      kind_ = w == "dc" ? TestKind::dcVoltage : TestKind::acVoltage;
      return true;
    }
    if (w == "at" || w == "@") {
      const auto celsius = units::parseEntry(word(at_ + 1), units::Unit::celsius);
      if (celsius && celsius->unitTyped) {
        out_.reading.celsius = celsius->value;
        ++at_;
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
    if (value_.empty()) {
      return Error{"", std::nullopt, "no value yet",
                   "type what the meter shows, as 4M8, 0.5V or OL"};
    }
    const units::Unit implied = circuit::unitOf(kind_.value_or(out_.test.kind));
    const auto free = units::parseEntry(value_, units::Unit::none);
    if (free && free->unitTyped &&
        (free->unit == units::Unit::ohm || free->unit == units::Unit::volt)) {
      if (free->unit == units::Unit::ohm && implied != units::Unit::ohm) {
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
    if (toGround_) {
      t.black = kGround;
    } else if (black_) {
      t.black = Probe{t.red->place, *black_};
    } else if (red_ && t.black && t.black->wire == red_) {
      t.black->wire = *red_ == WireId::a ? WireId::b : WireId::a;
    }
    if (unplugged_) {
      setUnplugged(t, *unplugged_);
    }
    t.state.key = key_.value_or(t.state.key);
    t.state.wheel = wheel_.value_or(t.state.wheel);
  }

  const Circuit& circuit_;
  std::vector<std::string> words_;
  std::size_t at_ = 0;
  TypedReading out_;
  std::string value_;
  std::optional<Place> place_;
  std::optional<WireId> red_;
  std::optional<WireId> black_;
  bool toGround_ = false;
  std::optional<bool> unplugged_;
  std::optional<Key> key_;
  std::optional<circuit::WheelMotion> wheel_;
  std::optional<TestKind> kind_;
};

}  // namespace

Result<TypedReading> parseReadingLine(std::string_view text, const Circuit& circuit,
                                      const Test& chosen) {
  return LineReader(text, circuit, chosen).read();
}

std::string readsAs(const TypedReading& typed) {
  const Test& t = typed.test;
  std::string text =
      t.red ? circuit::spoken(t.red->place) + ", " + circuit::leadsText(t) : std::string();
  if (typed.reading.value) {
    text += ", " + units::format(*typed.reading.value);
    text += t.kind == TestKind::dcVoltage ? " DC" : t.kind == TestKind::acVoltage ? " AC" : "";
  }
  if (typed.reading.hz) {
    text += " at " + units::format(*typed.reading.hz, units::Unit::hertz);
  }
  if (typed.reading.celsius) {
    text += fmt::format(
        ", coil at {:.0f} \xC2\xB0"
        "C",
        *typed.reading.celsius);
  }
  return text + ", " + circuit::stateText(t.state);
}

}  // namespace haybale::job
