// Edits of a line that keep the case whole: readings follow a renamed element, and nothing that a
// reading hangs on is taken away.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/job/case.h"

namespace haybale::job {

/// Inserts a connector or splice behind element `after` of the circuit, with an id of its own. In a
/// leg it goes to the middle: the leg is cut in two. Behind anything else a short leg follows it.
/// Returns the new element's id. Errors: behind the sensor or ring; kinds other than connector,
/// splice.
Result<std::string> insertInLine(Case& c, const std::string& circuit, std::size_t after,
                                 circuit::ElementKind kind);

/// Takes an element out; two legs that meet then become one. Errors: module, sensor and ring stay;
/// an element that readings hang on stays.
Status removeFromLine(Case& c, const std::string& circuit, std::size_t index);

/// Exchanges an element with its neighbour, `step` -1 towards the module or +1 towards the wheel.
/// Error: the module stays first, sensor and ring stay last.
Status moveInLine(Case& c, const std::string& circuit, std::size_t index, int step);

/// Gives an element another id; places of readings, connectors that were apart and earlier repairs
/// follow. Errors as circuit::checkPath.
Status renameInLine(Case& c, const std::string& circuit, std::size_t index, const std::string& id);

/// Readings that touch or unplug an element.
[[nodiscard]] std::size_t readingsOn(const Case& c, const std::string& circuit,
                                     std::string_view element);

/// A wire's section as typed: "0.5", "0.5 mm2", "AWG 20", "20 AWG". In mm².
Result<double> parseSection(std::string_view text);

/// Lines to start from.
struct TypicalLine {
  std::string name;
  std::vector<circuit::Element> path;
};
[[nodiscard]] const std::vector<TypicalLine>& typicalLines();
/// Whether nothing was read on a circuit yet, so that its line may still be another one.
[[nodiscard]] bool isUntouched(const Case& c, const std::string& circuit);
/// Takes a usual line (an index into `typicalLines`) for every circuit of the group of `circuit`
/// that is untouched; an error when `circuit` itself is not.
Status startFromUsual(Case& c, const std::string& circuit, std::size_t line);

}  // namespace haybale::job
