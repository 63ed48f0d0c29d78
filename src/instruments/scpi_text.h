// The text of SCPI: headers in short and long form, numbers as instruments write them, blocks of
// data.
//
// IEEE 488.2-1992 (common commands, data formats) and SCPI-1999 (headers, errors, 9.9E37 for
// infinity and 9.91E37 for not a number); both from memory.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"

namespace haybale::instruments {

/// A number as IEEE 488.2 lets it be answered: NR1 "12", NR2 "1.20", NR3 "+1.2E+01", with or
/// without sign and blanks, hexadecimal "#H1F", octal "#Q17", binary "#B101", "INF", "NINF",
/// "NAN"; 9.9E37 is infinity, 9.91E37 not a number.
[[nodiscard]] Result<double> parseNumber(std::string_view text);

/// Numbers separated by commas.
[[nodiscard]] Result<std::vector<double>> parseNumbers(std::string_view text);

/// Whether `given` ("meas:volt:dc?") is the command written as `pattern` ("MEASure:VOLTage:DC?"):
/// each keyword in its short form (the capitals) or its whole length, in any case. "[...]" in the
/// pattern may be left out, a "#" in it stands for a number, 1 when missing.
[[nodiscard]] bool isCommand(std::string_view given, std::string_view pattern);

/// How much of `bytes` is one whole answer: up to a line feed that lies outside blocks of data
/// and quoted strings. Empty while it is not complete. An error when a block's head is wrong.
[[nodiscard]] Result<std::optional<std::size_t>> answerEnd(std::string_view bytes);

/// What a definite (#3100...) or indefinite (#0...) block holds; the line feed at the end of an
/// indefinite one left out.
[[nodiscard]] Result<std::string_view> blockContent(std::string_view answer);

/// `content` as a definite block.
[[nodiscard]] std::string definiteBlock(std::string_view content);

/// Who makes the simulated instruments, by their own word.
inline constexpr std::string_view kSimulatedMaker = "Strawside";

/// The four fields of "*IDN?".
struct Identity {
  std::string maker, model, serial, firmware;
  [[nodiscard]] std::string spoken() const;  ///< "Model (maker), serial 12"
  /// Whether it is one of the simulated yard: what it gives is of a made-up vehicle.
  [[nodiscard]] bool simulated() const { return maker == kSimulatedMaker; }
};
[[nodiscard]] Identity parseIdentity(std::string_view answer);

}  // namespace haybale::instruments
