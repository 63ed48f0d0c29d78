// The bytes of a run as a file, for parsers that read one. In memory where the machine has it.
#pragma once

#include <unistd.h>

#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <string>

namespace haybale::fuzz {

inline std::string scratch() {
  static const std::string folder = [] {
    std::string name = (::access("/dev/shm", W_OK) == 0 ? "/dev/shm" : "/tmp") +
                       std::string("/haybale-fuzz-XXXXXX");
    if (!::mkdtemp(name.data())) {
      std::abort();
    }
    return name;
  }();
  return folder;
}

inline std::string asFile(const std::uint8_t* data, std::size_t size, const char* name) {
  std::string path = scratch() + "/" + name;
  std::FILE* file = std::fopen(path.c_str(), "wb");
  if (!file || std::fwrite(data, 1, size, file) != size || std::fclose(file) != 0) {
    std::abort();
  }
  return path;
}

}  // namespace haybale::fuzz
