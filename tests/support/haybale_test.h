// Helpers of all tests: failures that print the sentence, files that vanish.
#pragma once

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <sstream>
#include <string>

#include "core/base/result.h"

#define ASSERT_HB_OK(expression)                                                            \
  do {                                                                                      \
    const auto& hb_result_ = (expression);                                                  \
    ASSERT_TRUE(hb_result_.ok()) << (hb_result_.ok() ? "" : hb_result_.error().sentence()); \
  } while (false)

namespace haybale::test {

/// A folder of its own, removed at the end.
class Folder {
 public:
  Folder() {
    std::string name = (std::filesystem::temp_directory_path() / "haybale-XXXXXX").string();
    path_ = ::mkdtemp(name.data());
  }
  Folder(const Folder&) = delete;
  Folder& operator=(const Folder&) = delete;
  ~Folder() {
    std::error_code ignored;
    std::filesystem::remove_all(path_, ignored);
  }
  [[nodiscard]] std::string path() const { return path_; }
  [[nodiscard]] std::string file(const std::string& name) const { return path_ + "/" + name; }

 private:
  std::string path_;
};

inline void write(const std::string& path, const std::string& bytes) {
  std::ofstream(path, std::ios::binary) << bytes;
}

inline std::string read(const std::string& path) {
  std::ifstream file(path, std::ios::binary);
  std::stringstream all;
  all << file.rdbuf();
  return all.str();
}

}  // namespace haybale::test
