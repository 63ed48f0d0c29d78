// haybale-cli as a function: arguments in, exit status and text out.
#pragma once

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

/// Writes the error as one line, and returns `exit`.
int fail(Streams streams, const Error& error, int exit);

}  // namespace haybale::cli
