// A file's bytes without reading them into memory first.
#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace haybale::capture {

/// Read-only view of a whole file. Moves, does not copy. Of a file that another program
/// shortens while it is mapped the part behind the new end reads as zeros, and `shrunk` says so.
class MappedFile {
 public:
  /// Errors: not a file, cannot be opened or mapped.
  static Result<MappedFile> open(const std::string& path);
  ~MappedFile();
  MappedFile(MappedFile&& other) noexcept;
  MappedFile& operator=(MappedFile&&) = delete;
  MappedFile(const MappedFile&) = delete;
  MappedFile& operator=(const MappedFile&) = delete;

  [[nodiscard]] std::string_view bytes() const { return {data_, size_}; }
  /// An error when the file was shortened under our hands: what was read of it is not to be
  /// trusted.
  [[nodiscard]] std::optional<Error> shrunk(const std::string& path) const;
  /// Lets go of the pages of a part that was read; they come back from the file when asked for.
  void forget(std::size_t from, std::size_t to) const;

 private:
  MappedFile() = default;
  const char* data_ = nullptr;
  std::size_t size_ = 0;
  std::size_t watched_ = 64;  // place in the table of mappings; 64: none
};

}  // namespace haybale::capture
