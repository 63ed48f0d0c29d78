#include "core/capture/mapped_file.h"

#include <fcntl.h>
#include <signal.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <atomic>
#include <cstdint>
#include <utility>

#include "core/base/say.h"

namespace haybale::capture {

namespace {

// Mappings that live, for the signal handler: it may only look at what needs no lock.
struct Mapping {
  std::atomic<std::uintptr_t> from{0};
  std::atomic<std::size_t> size{0};
  std::atomic<bool> shrunk{false};
};
constexpr std::size_t kMappings = 64;
std::array<Mapping, kMappings> mappings;
struct sigaction busErrorBefore;

// A page behind the end of a file that was shortened reads as zeros, and is remembered.
void onBusError(int signal, siginfo_t* info, void* context) {
  const auto at = reinterpret_cast<std::uintptr_t>(info->si_addr);
  for (auto& m : mappings) {
    const auto from = m.from.load();
    if (from != 0 && at >= from && at < from + m.size.load()) {
      const auto page = static_cast<std::uintptr_t>(sysconf(_SC_PAGESIZE));
      const auto start = at / page * page;
      if (mmap(reinterpret_cast<void*>(start), page, PROT_READ,
               MAP_PRIVATE | MAP_ANONYMOUS | MAP_FIXED, -1, 0) != MAP_FAILED) {
        m.shrunk.store(true);
        return;
      }
    }
  }
  // Not ours: as if we had never been here.
  if ((busErrorBefore.sa_flags & SA_SIGINFO) != 0 && busErrorBefore.sa_sigaction) {
    busErrorBefore.sa_sigaction(signal, info, context);
    return;
  }
  sigaction(SIGBUS, &busErrorBefore, nullptr);
}

void watchForShrinking() {
  static const bool once = [] {
    struct sigaction action {};
    action.sa_sigaction = onBusError;
    action.sa_flags = SA_SIGINFO | SA_NODEFER;
    sigemptyset(&action.sa_mask);
    return sigaction(SIGBUS, &action, &busErrorBefore) == 0;
  }();
  (void)once;
}

// Its place in the table; kMappings when that is full.
std::size_t watch(const void* data, std::size_t size) {
  watchForShrinking();
  for (std::size_t i = 0; i < kMappings; ++i) {
    std::uintptr_t free = 0;
    if (mappings[i].from.compare_exchange_strong(free, 1)) {
      mappings[i].shrunk.store(false);
      mappings[i].size.store(size);
      mappings[i].from.store(reinterpret_cast<std::uintptr_t>(data));
      return i;
    }
  }
  return kMappings;
}

}  // namespace

Result<MappedFile> MappedFile::open(const std::string& path) {
  struct stat about {};
  if (stat(path.c_str(), &about) == 0 && !S_ISREG(about.st_mode)) {
    return Error{path, std::nullopt, say("is not a file"),
                 say("a capture, not a folder or a device")};
  }
  const int file = ::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK);
  if (file < 0 || fstat(file, &about) != 0) {
    if (file >= 0) {
      close(file);
    }
    return Error{path, std::nullopt, say("cannot be opened"),
                 say("the path of a file that exists and may be read")};
  }
  MappedFile out;
  out.size_ = static_cast<std::size_t>(about.st_size);
  if (out.size_ > 0) {
    void* data = mmap(nullptr, out.size_, PROT_READ, MAP_PRIVATE, file, 0);
    if (data == MAP_FAILED) {
      out.size_ = 0;
    } else {
      out.data_ = static_cast<const char*>(data);
      out.watched_ = watch(data, out.size_);
    }
  }
  close(file);
  if (about.st_size > 0 && out.data_ == nullptr) {
    return Error{path, std::nullopt, say("cannot be read"), say("a file on a disk")};
  }
  return out;
}

MappedFile::MappedFile(MappedFile&& other) noexcept
    : data_(std::exchange(other.data_, nullptr)),
      size_(std::exchange(other.size_, 0)),
      watched_(std::exchange(other.watched_, kMappings)) {}

MappedFile::~MappedFile() {
  if (data_ != nullptr) {
    if (watched_ < kMappings) {
      mappings[watched_].size.store(0);
      mappings[watched_].from.store(0);
    }
    munmap(const_cast<char*>(data_), size_);
  }
}

std::optional<Error> MappedFile::shrunk(const std::string& path) const {
  if (watched_ >= kMappings || !mappings[watched_].shrunk.load()) {
    return std::nullopt;
  }
  return Error{path, std::nullopt, say("was shortened by another program while it was read"),
               say("a capture that is written to its end")};
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
