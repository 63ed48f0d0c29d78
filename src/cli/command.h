// A command of haybale-cli: registers its options, and runs.
#pragma once

#include <CLI/CLI.hpp>
#include <functional>
#include <iosfwd>
#include <string>
#include <vector>

#include "core/base/result.h"

namespace haybale::cli {

/// Exit status as scripts rely on it.
enum Exit { kDone = 0, kCannot = 1, kUsage = 2, kMalformed = 3 };

/// Where a command writes and, when it converses, reads; tests pass string streams.
struct Streams {
  std::ostream& out;
  std::ostream& err;
  std::istream* in = nullptr;  ///< null: standard input
};

/// Runs the whole program on `arguments` (without the program's name).
int run(const std::vector<std::string>& arguments, Streams streams);

using Action = std::function<int(Streams)>;

/// Each adds its subcommand to `app`; `chosen` is set when that subcommand is the one given.
void addAnalyse(CLI::App& app, Action& chosen);
void addCalc(CLI::App& app, Action& chosen);
void addSynth(CLI::App& app, Action& chosen);
void addReport(CLI::App& app, Action& chosen);
void addDiagnose(CLI::App& app, Action& chosen);
void addSimulate(CLI::App& app, Action& chosen);
void addDemo(CLI::App& app, Action& chosen);

/// Writes the error as one line, and returns `exit`.
int fail(Streams streams, const Error& error, int exit);

}  // namespace haybale::cli
