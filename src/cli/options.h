// The commands of haybale-cli and their options. Drags in the option parser: only the commands
// themselves include it.
#pragma once

#include <CLI/CLI.hpp>
#include <functional>

#include "cli/command.h"

namespace haybale::cli {

using Action = std::function<int(Streams)>;

/// Each adds its subcommand to `app`; `chosen` is set when that subcommand is the one given.
void addAnalyse(CLI::App& app, Action& chosen);
void addCalc(CLI::App& app, Action& chosen);
void addSynth(CLI::App& app, Action& chosen);
void addReport(CLI::App& app, Action& chosen);
void addDiagnose(CLI::App& app, Action& chosen);
void addSimulate(CLI::App& app, Action& chosen);
void addDemo(CLI::App& app, Action& chosen);
void addLogbook(CLI::App& app, Action& chosen);
void addPractice(CLI::App& app, Action& chosen);
void addScan(CLI::App& app, Action& chosen);

/// A finite number from `least` to `most`: the parser's own check lets "nan" pass.
[[nodiscard]] CLI::Validator within(double least, double most);

/// A text that is there.
[[nodiscard]] CLI::Validator notEmpty();

}  // namespace haybale::cli
