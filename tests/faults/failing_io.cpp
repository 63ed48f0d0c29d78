// Loaded before a program, makes its n-th writing call to the disk fail: open for writing, write,
// flush, rename, truncate, remove, make a folder; whichever library of the program makes it.
//
// HAYBALE_FAIL_UNDER: only what lies in this folder. HAYBALE_FAIL_AT: which call, from 1; 0: none.
// HAYBALE_FAIL_ON: set, all calls from that one on fail, as on a disk that is full.
// HAYBALE_FAIL_COUNT: file into which the number of calls is written at the end.
#include <dlfcn.h>
#include <fcntl.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <sys/uio.h>
#include <unistd.h>

#include <atomic>
#include <cerrno>
#include <cstdarg>
#include <cstdio>
#include <cstdlib>
#include <cstring>

namespace {

std::atomic<long> calls{0};

const char* setting(const char* name) {
  const char* value = std::getenv(name);
  return value ? value : "";
}

bool under(const char* path) {
  const char* folder = setting("HAYBALE_FAIL_UNDER");
  return path && *folder && std::strncmp(path, folder, std::strlen(folder)) == 0;
}

bool under(int fd) {
  char name[64];
  char path[4096];
  std::snprintf(name, sizeof name, "/proc/self/fd/%d", fd);
  const ssize_t n = ::readlink(name, path, sizeof path - 1);
  if (n <= 0) {
    return false;
  }
  path[n] = '\0';
  return under(path);
}

// Counts a call that matters, and tells whether it is to fail.
template <class Where>
bool fails(Where where, int error) {
  if (!under(where)) {
    return false;
  }
  static const long at = std::atol(setting("HAYBALE_FAIL_AT"));
  static const bool on = *setting("HAYBALE_FAIL_ON") != '\0';
  const long n = ++calls;
  if (at == 0 || n < at || (n > at && !on)) {
    return false;
  }
  errno = error;
  return true;
}

bool writes(int flags) {
  return (flags & O_ACCMODE) != O_RDONLY || (flags & O_CREAT) != 0;
}

template <class F>
F real(const char* name) {
  return reinterpret_cast<F>(::dlsym(RTLD_NEXT, name));
}

struct Report {
  ~Report() {
    const char* file = setting("HAYBALE_FAIL_COUNT");
    if (*file) {
      char text[32];
      const int n = std::snprintf(text, sizeof text, "%ld\n", calls.load());
      const long fd = ::syscall(SYS_openat, AT_FDCWD, file, O_WRONLY | O_CREAT | O_TRUNC, 0644);
      (void)::syscall(SYS_write, fd, text, static_cast<std::size_t>(n));
      (void)::syscall(SYS_close, fd);
    }
  }
} report;

mode_t modeOf(int flags, va_list rest) {
  return (flags & (O_CREAT | O_TMPFILE)) != 0 ? va_arg(rest, mode_t) : 0;
}

}  // namespace

extern "C" {

#define HAYBALE_OPEN(NAME)                                                      \
  int NAME(const char* path, int flags, ...) {                                  \
    va_list rest;                                                               \
    va_start(rest, flags);                                                      \
    const mode_t mode = modeOf(flags, rest);                                    \
    va_end(rest);                                                               \
    static const auto next = real<int (*)(const char*, int, mode_t)>(#NAME);    \
    return writes(flags) && fails(path, ENOSPC) ? -1 : next(path, flags, mode); \
  }
HAYBALE_OPEN(open)
HAYBALE_OPEN(open64)

#define HAYBALE_OPENAT(NAME)                                                            \
  int NAME(int folder, const char* path, int flags, ...) {                              \
    va_list rest;                                                                       \
    va_start(rest, flags);                                                              \
    const mode_t mode = modeOf(flags, rest);                                            \
    va_end(rest);                                                                       \
    static const auto next = real<int (*)(int, const char*, int, mode_t)>(#NAME);       \
    return writes(flags) && fails(path, ENOSPC) ? -1 : next(folder, path, flags, mode); \
  }
HAYBALE_OPENAT(openat)
HAYBALE_OPENAT(openat64)

#define HAYBALE_FOPEN(NAME)                                                    \
  FILE* NAME(const char* path, const char* mode) {                             \
    static const auto next = real<FILE* (*)(const char*, const char*)>(#NAME); \
    return mode[0] != 'r' && fails(path, ENOSPC) ? nullptr : next(path, mode); \
  }
HAYBALE_FOPEN(fopen)
HAYBALE_FOPEN(fopen64)

ssize_t write(int fd, const void* bytes, std::size_t size) {
  static const auto next = real<ssize_t (*)(int, const void*, std::size_t)>("write");
  return fails(fd, ENOSPC) ? -1 : next(fd, bytes, size);
}

ssize_t writev(int fd, const iovec* parts, int count) {
  static const auto next = real<ssize_t (*)(int, const iovec*, int)>("writev");
  return fails(fd, ENOSPC) ? -1 : next(fd, parts, count);
}

#define HAYBALE_PWRITE(NAME, OFFSET)                                                          \
  ssize_t NAME(int fd, const void* bytes, std::size_t size, OFFSET at) {                      \
    static const auto next = real<ssize_t (*)(int, const void*, std::size_t, OFFSET)>(#NAME); \
    return fails(fd, ENOSPC) ? -1 : next(fd, bytes, size, at);                                \
  }
HAYBALE_PWRITE(pwrite, off_t)
HAYBALE_PWRITE(pwrite64, off64_t)

std::size_t fwrite(const void* bytes, std::size_t size, std::size_t count, FILE* file) {
  static const auto next =
      real<std::size_t (*)(const void*, std::size_t, std::size_t, FILE*)>("fwrite");
  return fails(::fileno(file), ENOSPC) ? 0 : next(bytes, size, count, file);
}

int fclose(FILE* file) {
  static const auto next = real<int (*)(FILE*)>("fclose");
  const bool bad =
      (::fcntl(::fileno(file), F_GETFL) & O_ACCMODE) != O_RDONLY && fails(::fileno(file), ENOSPC);
  const int done = next(file);
  if (bad) {
    errno = ENOSPC;
  }
  return bad ? EOF : done;
}

int fsync(int fd) {
  static const auto next = real<int (*)(int)>("fsync");
  return fails(fd, EIO) ? -1 : next(fd);
}

int fdatasync(int fd) {
  static const auto next = real<int (*)(int)>("fdatasync");
  return fails(fd, EIO) ? -1 : next(fd);
}

int rename(const char* from, const char* to) {
  static const auto next = real<int (*)(const char*, const char*)>("rename");
  return fails(to, EIO) ? -1 : next(from, to);
}

int unlink(const char* path) {
  static const auto next = real<int (*)(const char*)>("unlink");
  return fails(path, EIO) ? -1 : next(path);
}

int mkdir(const char* path, mode_t mode) {
  static const auto next = real<int (*)(const char*, mode_t)>("mkdir");
  return fails(path, ENOSPC) ? -1 : next(path, mode);
}

int ftruncate(int fd, off_t size) {
  static const auto next = real<int (*)(int, off_t)>("ftruncate");
  return fails(fd, EIO) ? -1 : next(fd, size);
}

int ftruncate64(int fd, off64_t size) {
  static const auto next = real<int (*)(int, off64_t)>("ftruncate64");
  return fails(fd, EIO) ? -1 : next(fd, size);
}

}  // extern "C"
