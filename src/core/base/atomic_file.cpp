#include "core/base/atomic_file.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <filesystem>

namespace haybale::job {

namespace {

class Descriptor {
 public:
  explicit Descriptor(int fd) : fd_(fd) {}
  Descriptor(const Descriptor&) = delete;
  Descriptor& operator=(const Descriptor&) = delete;
  ~Descriptor() {
    if (fd_ >= 0) {
      ::close(fd_);
    }
  }
  [[nodiscard]] int get() const { return fd_; }
  [[nodiscard]] bool open() const { return fd_ >= 0; }

 private:
  int fd_;
};

Error failed(const std::string& path, const char* doing) {
  return {path, std::nullopt, std::string("cannot be ") + doing + ": " + std::strerror(errno),
          "check the folder, its rights and the free space"};
}

bool writeAll(int fd, std::string_view bytes) {
  while (!bytes.empty()) {
    const ssize_t n = ::write(fd, bytes.data(), bytes.size());
    if (n < 0 && errno == EINTR) {
      continue;
    }
    if (n <= 0) {
      return false;
    }
    bytes.remove_prefix(static_cast<std::size_t>(n));
  }
  return true;
}

}  // namespace

Status writeFileAtomically(const std::string& path, std::string_view bytes, bool flush) {
  // A saved file replaces what a link points to, not the link.
  std::error_code ignored;
  const std::string target = std::filesystem::is_symlink(path, ignored)
                                 ? std::filesystem::canonical(path, ignored).string()
                                 : path;
  const std::string beside =
      (target.empty() ? path : target) + ".part-" + std::to_string(::getpid());
  {
    const Descriptor file(::open(beside.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644));
    if (!file.open()) {
      return failed(path, "written");
    }
    if (!writeAll(file.get(), bytes) || (flush && ::fsync(file.get()) != 0)) {
      const Error error = failed(path, "written");
      ::unlink(beside.c_str());
      return error;
    }
  }
  if (::rename(beside.c_str(), (target.empty() ? path : target).c_str()) != 0) {
    const Error error = failed(path, "replaced");
    ::unlink(beside.c_str());
    return error;
  }
  if (flush) {
    const std::string folder =
        std::filesystem::path(target.empty() ? path : target).parent_path().string();
    const Descriptor directory(
        ::open(folder.empty() ? "." : folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (directory.open()) {
      ::fsync(directory.get());
    }
  }
  return Done{};
}

Result<std::string> readFile(const std::string& path) {
  constexpr off_t kLargest = 64L << 20;
  const Descriptor file(::open(path.c_str(), O_RDONLY | O_CLOEXEC));
  struct stat info {};
  if (!file.open() || ::fstat(file.get(), &info) != 0) {
    return Error{path, std::nullopt, std::string("cannot be read: ") + std::strerror(errno),
                 "the path of a file that exists"};
  }
  if (!S_ISREG(info.st_mode) || info.st_size > kLargest) {
    return Error{path, std::nullopt,
                 S_ISREG(info.st_mode) ? "is larger than 64 MB" : "is not a file",
                 "a case file as this program saves it"};
  }
  std::string bytes(static_cast<std::size_t>(info.st_size), '\0');
  std::size_t done = 0;
  while (done < bytes.size()) {
    const ssize_t n = ::read(file.get(), bytes.data() + done, bytes.size() - done);
    if (n < 0 && errno == EINTR) {
      continue;
    }
    if (n < 0) {
      return failed(path, "read");
    }
    if (n == 0) {
      break;
    }
    done += static_cast<std::size_t>(n);
  }
  bytes.resize(done);
  return bytes;
}

}  // namespace haybale::job
