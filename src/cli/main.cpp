#include <iostream>

#include "cli/command.h"
#include "core/base/freed_pages.h"

int main(int argc, char** argv) {
  haybale::keepFreedPages();
  return haybale::cli::run({argv + 1, argv + argc}, {std::cout, std::cerr});
}
