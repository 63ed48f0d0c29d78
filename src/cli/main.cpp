#include <iostream>

#include "cli/command.h"

int main(int argc, char** argv) {
  return haybale::cli::run({argv + 1, argv + argc}, {std::cout, std::cerr});
}
