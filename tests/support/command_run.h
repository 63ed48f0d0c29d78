// A command run as a script runs it: what it says, what it complains of, how it ends.
#pragma once

#include <sstream>
#include <string>
#include <vector>

#include "cli/command.h"

namespace haybale::test {

struct Ran {
  int exit = 0;
  std::string out, err;
};

inline Ran ran(const std::vector<std::string>& arguments, const std::string& input = {}) {
  std::ostringstream out, err;
  std::istringstream in(input);
  const int exit = cli::run(arguments, {out, err, &in});
  return {exit, out.str(), err.str()};
}

}  // namespace haybale::test
