#include "core/capture/mapped_file.h"

#include <fcntl.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <unistd.h>

#include <utility>

namespace haybale::capture {

Result<MappedFile> MappedFile::open(const std::string& path) {
  struct stat about {};
  if (stat(path.c_str(), &about) == 0 && !S_ISREG(about.st_mode)) {
    return Error{path, std::nullopt, "is not a file", "a capture, not a folder or a device"};
  }
  const int file = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
  if (file < 0 || fstat(file, &about) != 0) {
    if (file >= 0) {
      close(file);
    }
    return Error{path, std::nullopt, "cannot be opened",
                 "the path of a file that exists and may be read"};
  }
  MappedFile out;
  out.size_ = static_cast<std::size_t>(about.st_size);
  if (out.size_ > 0) {
    void* data = mmap(nullptr, out.size_, PROT_READ, MAP_PRIVATE, file, 0);
    if (data == MAP_FAILED) {
      out.size_ = 0;
    } else {
      out.data_ = static_cast<const char*>(data);
    }
  }
  close(file);
  if (about.st_size > 0 && out.data_ == nullptr) {
    return Error{path, std::nullopt, "cannot be read", "a file on a disk"};
  }
  return out;
}

MappedFile::MappedFile(MappedFile&& other) noexcept
    : data_(std::exchange(other.data_, nullptr)), size_(std::exchange(other.size_, 0)) {}

MappedFile::~MappedFile() {
  if (data_ != nullptr) {
    munmap(const_cast<char*>(data_), size_);
  }
}

void MappedFile::forget(std::size_t from, std::size_t to) const {
  const auto page = static_cast<std::size_t>(sysconf(_SC_PAGESIZE));
  const std::size_t first = (from + page - 1) / page * page;
  const std::size_t last = to / page * page;
  if (data_ != nullptr && last > first) {
    madvise(const_cast<char*>(data_) + first, last - first, MADV_DONTNEED);
  }
}

}  // namespace haybale::capture
