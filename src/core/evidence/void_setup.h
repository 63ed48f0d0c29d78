// Set-ups that mean nothing: what is read there weighs nothing, and is named.
#pragma once

#include <optional>
#include <string>

#include "core/circuit/test.h"
#include "core/job/case.h"

namespace haybale::diagnosis {

/// Why a reading taken so says nothing of the circuit: ohms with the key on or against battery
/// plus, volts, lamp or trace with the key off, a signal asked of a wheel that stands still, AC
/// volts on a line whose sensor is off it, a trace of an active sensor that is unplugged or not
/// fed, module pins behind a plug that is home. Empty: it says something. The kind of the circuit's
/// sensor counts; an unknown one only where all kinds agree.
[[nodiscard]] std::optional<std::string> voidReason(const circuit::Circuit& circuit,
                                                    const circuit::Test& test);
[[nodiscard]] inline bool isVoid(const circuit::Circuit& circuit, const circuit::Test& test) {
  return voidReason(circuit, test).has_value();
}

/// The same of a reading that was taken. Volts that stand there with the key off come from
/// somewhere: a wire that touches a permanent supply. They do say something.
[[nodiscard]] std::optional<std::string> voidReason(const circuit::Circuit& circuit,
                                                    const job::Evidence& evidence);
[[nodiscard]] inline bool isVoid(const circuit::Circuit& circuit, const job::Evidence& evidence) {
  return voidReason(circuit, evidence).has_value();
}

}  // namespace haybale::diagnosis
