// A file's bytes without reading them into memory first.
#pragma once

#include <cstddef>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace haybale::capture {

/// Read-only view of a whole file. Moves, does not copy. A file that another program shortens while
/// it is mapped ends the process on access (SIGBUS), as with any mapping; captures are written
/// once.
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
  /// Lets go of the pages of a part that was read; they come back from the file when asked for.
  void forget(std::size_t from, std::size_t to) const;

 private:
  MappedFile() = default;
  const char* data_ = nullptr;
  std::size_t size_ = 0;
};

}  // namespace haybale::capture
