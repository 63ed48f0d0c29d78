#include "core/base/atomic_file.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <atomic>
#include <cerrno>
#include <cstring>
#include <filesystem>

#include "core/base/say.h"

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

Error failed(const std::string& path, const char* what) {
  return {path, std::nullopt, sayf("{}: {}", what, std::strerror(errno)),
          say("check the folder, its rights and the free space")};
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

// What is to be replaced: the file itself, or the one a link beside it points to.
Result<std::string> targetOf(const std::string& path) {
  namespace fs = std::filesystem;
  std::error_code ignored;
  std::string target = path;
  if (fs::is_symlink(path, ignored)) {
    const auto real = fs::weakly_canonical(path, ignored);
    const auto folder = fs::weakly_canonical(fs::absolute(path, ignored).parent_path(), ignored);
    if (real.empty() || real.parent_path() != folder) {
      return Error{path, std::nullopt, say("is a link to another folder"),
                   say("the path of the file it means")};
    }
    target = real.string();
  }
  struct stat about {};
  if (::stat(target.c_str(), &about) == 0 && !S_ISREG(about.st_mode)) {
    return Error{path, std::nullopt, say("is not a file that can be replaced"),
                 say("a file, not a folder, a device or a pipe")};
  }
  return target;
}

// A name beside the target that nobody has, made at once.
Result<std::string> freshBeside(const std::string& target) {
  struct stat about {};
  const mode_t mode = ::stat(target.c_str(), &about) == 0 ? about.st_mode & 07777 : 0644;
  static std::atomic<unsigned> next{0};
  for (int tries = 0; tries < 100; ++tries) {
    std::string name =
        target + ".part-" + std::to_string(::getpid()) + "-" + std::to_string(next++);
    const Descriptor file(::open(name.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, mode));
    if (file.open()) {
      (void)::fchmod(file.get(), mode);
      return name;
    }
    if (errno != EEXIST) {
      break;
    }
  }
  return failed(target, say("cannot be written"));
}

// From its own name to the target's, on the disk when `flush`.
Status moveInPlace(const std::string& beside, const std::string& target, bool flush) {
  if (flush) {
    const Descriptor file(::open(beside.c_str(), O_RDONLY | O_CLOEXEC));
    if (!file.open() || ::fsync(file.get()) != 0) {
      return failed(target, say("cannot be written"));
    }
  }
  if (::rename(beside.c_str(), target.c_str()) != 0) {
    return failed(target, say("cannot be replaced"));
  }
  if (flush) {
    const std::string folder = std::filesystem::path(target).parent_path().string();
    const Descriptor directory(
        ::open(folder.empty() ? "." : folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (directory.open()) {
      ::fsync(directory.get());
    }
  }
  return Done{};
}

}  // namespace

Status replaceFile(const std::string& path, const std::function<Status(const std::string&)>& write,
                   bool flush) {
  const auto target = targetOf(path);
  if (!target) {
    return target.error();
  }
  const auto beside = freshBeside(*target);
  if (!beside) {
    return beside.error();
  }
  Status done = write(*beside);
  if (done) {
    done = moveInPlace(*beside, *target, flush);
  }
  if (!done) {
    ::unlink(beside->c_str());
  }
  return done;
}

Status writeFileAtomically(const std::string& path, std::string_view bytes, bool flush) {
  return replaceFile(
      path,
      [&](const std::string& beside) -> Status {
        const Descriptor file(::open(beside.c_str(), O_WRONLY | O_TRUNC | O_CLOEXEC));
        return file.open() && writeAll(file.get(), bytes) ? Status(Done{})
                                                          : failed(path, say("cannot be written"));
      },
      flush);
}

Result<std::string> readFile(const std::string& path) {
  constexpr off_t kLargest = 64L << 20;
  // Not waiting: a pipe nobody writes into would hold us for ever.
  const Descriptor file(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK));
  struct stat info {};
  if (!file.open() || ::fstat(file.get(), &info) != 0) {
    return Error{path, std::nullopt, std::string(say("cannot be read: ")) + std::strerror(errno),
                 say("the path of a file that exists")};
  }
  if (!S_ISREG(info.st_mode) || info.st_size > kLargest) {
    return Error{path, std::nullopt,
                 S_ISREG(info.st_mode) ? say("is larger than 64 MB") : say("is not a file"),
                 say("a case file as this program saves it")};
  }
  std::string bytes(static_cast<std::size_t>(info.st_size), '\0');
  std::size_t done = 0;
  while (done < bytes.size()) {
    const ssize_t n = ::read(file.get(), bytes.data() + done, bytes.size() - done);
    if (n < 0 && errno == EINTR) {
      continue;
    }
    if (n < 0) {
      return failed(path, say("cannot be read"));
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
