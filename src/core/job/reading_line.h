// A reading typed on one line, as it is said aloud: "C2 a gnd 4.98V key on unplugged".
#pragma once

#include <string_view>

#include "core/job/case.h"

namespace haybale::job {

/// The test that is meant when a place and a function are chosen and nothing else is said.
///   resistance: across the pair, key off, unplugged at the place;   volts: wire a to ground, key
///   on, a module-side half unplugged;   waveform: across the pair, wheel spun by hand, nothing
///   unplugged.
[[nodiscard]] circuit::Test defaultTest(const circuit::Circuit& circuit,
                                        const circuit::Place& place, circuit::TestKind kind);

/// Which end of a path element a place unplugs; empty for a place that nothing unplugs (sensor,
/// along a leg).
[[nodiscard]] std::string unplugsAt(const circuit::Place& place);

struct TypedReading {
  circuit::Test test;
  Reading reading;
};

/// Reads `text` on top of `chosen`, the test already set by mouse or keys. Words, in any order:
///   a place (C2, C2.w, module, sensor, L2@0.5), a second one being the black lead's | a | b | pair
///   | gnd | bat | key on/off | plugged | unplugged, with connectors behind it or that of the place
///   | jumper C2 | battery off | still | spun | driven | dc | ac | ohms | loop | lamp | led | 21w |
///   highest | 52Hz | at 80C | and the value: 4M8, 0.5V, 7mA, OL, lit, dim, dark.
/// A unit decides the function; without one the chosen function holds. An error says which word is
/// not understood.
Result<TypedReading> parseReadingLine(std::string_view text, const circuit::Circuit& circuit,
                                      const circuit::Test& chosen);

/// What was understood, for echo: "C2, module half, wire a to ground, 4.98 V DC, key on, C2
/// unplugged".
[[nodiscard]] std::string readsAs(const TypedReading& typed);

}  // namespace haybale::job
