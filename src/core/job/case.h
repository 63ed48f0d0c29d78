// A case: one vehicle with a doubtful circuit, what was complained of, what was measured. Plain
// data, copied by value.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/circuit/test.h"
#include "core/job/course.h"
#include "core/judging/limit.h"

namespace haybale::job {

/// Kinds of trouble code a module may set on a circuit.
enum class CodeType {
  open,          ///< no current, or no bias across the pair
  shortGround,   ///< the line is held low
  shortSupply,   ///< the line is held high
  openOrShort,   ///< modules that do not tell the two apart
  noSignal,      ///< fed, but no pulses while the others turn
  erratic,       ///< pulses come and go
  lowAmplitude,  ///< too small to be counted at low speed
  implausible    ///< counts, but does not fit the other wheels
};
inline constexpr std::array<std::string_view, 8> kCodeTypeNames{
    "open",      "short-ground", "short-supply",  "open-or-short",
    "no-signal", "erratic",      "low-amplitude", "implausible"};
/// A trouble code as a scan tool reads it, by its meaning: makers' numbers differ.
struct Code {
  bool operator==(const Code&) const = default;
  std::string circuit;
  CodeType type = CodeType::open;
  Rest rest;
};

/// What a look at an element may show.
enum class Sight {
  ok,            ///< seen well, nothing on it
  corroded,      ///< green, white or swollen
  chafed,        ///< insulation through, copper may show
  broken,        ///< parted where one can see it
  repaired,      ///< somebody was here: a crimp, solder, tape
  loose,         ///< a pin backs out, a bracket moves
  debris,        ///< metal or dirt on the tip or in the ring
  cracked,       ///< a ring or a housing
  missingTooth,  ///< of the ring
  notSeated,     ///< sensor or plug is not home
  hidden         ///< could not be seen
};
inline constexpr std::array<std::string_view, 11> kSightNames{
    "ok",     "corroded", "chafed",        "broken",     "repaired", "loose",
    "debris", "cracked",  "missing-tooth", "not-seated", "hidden"};

/// What a test gave. `value` for a number in the unit of the test; `file` for a capture; the other
/// kinds their own member. `rest` keeps what this version does not understand.
struct Reading {
  bool operator==(const Reading&) const = default;
  std::optional<units::Entry> value;
  std::optional<circuit::LampState> lamp;
  std::optional<double> hz;       ///< shown beside AC volts
  std::string digits;             ///< as the meter showed it, "2.00"; may be empty
  std::optional<double> celsius;  ///< temperature of the coil when it was measured
  std::string file;               ///< capture, absolute or relative to the case file
  std::string
      channel;  ///< channel of the capture; empty: the one named like the circuit, else the first
  std::optional<std::vector<Code>> codes;           ///< codes that came back; empty: none did
  std::vector<std::pair<std::string, double>> kmh;  ///< live speed by circuit
  std::optional<bool> reacts;                       ///< wiggle
  std::optional<double> dropouts;                   ///< wiggle: how often
  std::optional<Sight> sight;                       ///< inspect
  std::string looked;          ///< inspect: the element, when the test does not name it
  std::optional<bool> swings;  ///< bench check of a sensor
  Rest rest;
};

/// Which instrument gave a reading, to what question and when.
struct Origin {
  bool operator==(const Origin&) const = default;
  std::string instrument;  ///< by its own word: "Yard meter (Strawside), serial 11"
  std::string question;    ///< what it was asked for: "resistance"
  std::string asked;       ///< ISO 8601, to the millisecond
  bool simulated = false;  ///< of a made-up vehicle
  Rest rest;
};

/// One test and what it gave. What was once entered stays, withdrawn or not.
struct Evidence {
  bool operator==(const Evidence&) const = default;
  std::string id;  ///< unique within the case: "e1"
  circuit::Test test;
  Reading reading;
  std::string time;  ///< ISO 8601, as written down
  std::string note;
  bool withdrawn = false;                ///< kept, but not counted
  std::vector<std::string> attachments;  ///< photos and files, absolute or relative to the case
  std::optional<Origin> origin;          ///< empty: read off and typed by somebody
  Rest rest;
};

/// When the complaint shows.
enum class When {
  always,          ///< whatever one does
  sometimes,       ///< now and then, nobody knows when
  keyOn,           ///< before the wheels turn: the module's own test
  afterFirstTurn,  ///< within the first metres
  atSpeed,         ///< only above some speed
  creep,           ///< only at walking pace
  bump,            ///< over bumps
  steering,        ///< with the steering turned
  wet,             ///< after rain or a wash
  warm             ///< after a while
};
inline constexpr std::array<std::string_view, 10> kWhenNames{
    "always",   "sometimes", "key-on", "after-first-turn", "at-speed", "creep", "bump",
    "steering", "wet",       "warm"};

/// What was done about this complaint, or before it began.
enum class Work { replaced, repaired, cleaned, unplugged };
inline constexpr std::array<std::string_view, 4> kWorkNames{"replaced", "repaired", "cleaned",
                                                            "unplugged"};
/// A piece of work on the vehicle that somebody tells of.
struct History {
  std::string circuit;  ///< empty: the one in question
  std::string element;
  Work what = Work::replaced;
  std::string part;           ///< as written: "bearing", the maker's number, ...
  std::optional<bool> cured;  ///< empty: nobody said
  bool before = false;        ///< before the complaint began; else because of it
  Rest rest;
  bool operator==(const History&) const = default;
};

/// What the driver says, in words and in circumstances.
struct Complaint {
  [[nodiscard]] bool shows(When when) const;
  /// Now and then, over bumps, when steering, or in the wet.
  [[nodiscard]] bool comesAndGoes() const;

  std::vector<std::string> when;           ///< "always", "bump", "wet", ...
  std::vector<std::string> earlierRepair;  ///< ids of elements
  std::string text;
  bool lift = false;  ///< seen only on a lift or on stands
  Rest rest;
  bool operator==(const Complaint&) const = default;
};

/// A piece of evidence that cannot be read: kept as it was written, shown, and not counted.
struct Unreadable {
  bool operator==(const Unreadable&) const = default;
  std::string written;  ///< JSON as it stood
  std::string why;      ///< one sentence
  bool proof = false;   ///< among the readings after the repair
};

/// All that is kept of a job. Written and read by `job/case_json.h`; a case that is written and
/// read again is equal.
struct Case {
  bool operator==(const Case&) const = default;
  /// The job, wherever its file lies; empty for a case that was never kept. A plain name
  /// (base/uuid.h).
  std::string id;
  std::string title;                     ///< one line, free
  std::string vehicle;                   ///< free: "Bale lorry, grey"
  std::string owner;                     ///< whose it is; personal (job/personal.h)
  std::string plate;                     ///< its registration; personal
  std::string tyre;                      ///< "195/65R15"
  std::optional<double> circumferenceM;  ///< overrides the tyre
  Rest jobRest;

  std::vector<circuit::Circuit> circuits;
  std::string suspect;  ///< name of the doubtful circuit
  /// Whether the module's power comes by a plug of its own; else it is dead with its plug off.
  bool ownSupplyPlug = false;
  Rest moduleRest;
  std::vector<History> history;
  Complaint complaint;
  std::vector<std::string> toolbox;  ///< of kToolNames; others are kept
  std::vector<std::string> allowed;  ///< of kAllowedNames; others are kept
  /// Price of an hour, and of parts by kind ("sensor", "ring", "jumper", "module").
  struct Costs {
    bool operator==(const Costs&) const = default;
    double hour = 90;
    double sensor = 60;
    double ring = 180;
    double jumper = 80;
    double module = 600;
    Rest rest;
  } costs;
  std::vector<judging::Limit> limits;
  circuit::Meter meter = circuit::genericMeters().front();  ///< the one the readings are taken with
  std::vector<Evidence> evidence;                           ///< in order of time
  Intake intake;
  RepairRecord repair;
  std::vector<Evidence> proof;  ///< read after the repair, in order of time
  Closing closing;
  Learnt learnt;  ///< what the logbook knew when the job was begun
  std::vector<Unreadable> unreadable;
  double version = 1;
  Rest rest;

  [[nodiscard]] const circuit::Circuit* find(std::string_view name) const;
  [[nodiscard]] circuit::Circuit* find(std::string_view name);
  [[nodiscard]] const Evidence* evidenceById(std::string_view id) const;
  /// The circuit in question; nullptr when there are no circuits.
  [[nodiscard]] const circuit::Circuit* suspectCircuit() const;
  /// From `circumferenceM`, else from the tyre by the 3.05 x diameter rule; empty when neither is
  /// known.
  [[nodiscard]] std::optional<double> rollingCircumferenceM() const;
  /// An id no evidence has yet.
  [[nodiscard]] std::string nextEvidenceId() const;
  /// Likewise among the proof's readings: "p1".
  [[nodiscard]] std::string nextProofId() const;
};

/// What a test may ask for: a test whose tool is not in the box is not proposed.
inline constexpr std::array<std::string_view, 6> kToolNames{
    "multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp", "signal-source"};
/// What may be done to the wiring: `pierce` and `cut` leave holes that have to be sealed.
inline constexpr std::array<std::string_view, 4> kAllowedNames{"unplug", "back-probe", "pierce",
                                                               "cut"};

/// A job with four wheels and typical lines, rear right in question, common-practice limits;
/// nothing measured.
[[nodiscard]] Case newCase();

/// Limits used where nothing better is known, each marked common practice.
[[nodiscard]] std::vector<judging::Limit> commonLimits();

}  // namespace haybale::job
