// A capture of 2 GB: opened with progress, cancelled at several moments, and what memory it takes.
#include <fmt/format.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <string>
#include <thread>

#include "core/capture/open.h"
#include "timing.h"

namespace {

using namespace haybale;
using Clock = std::chrono::steady_clock;

// One block of rows over and over, the time made anew: a file of any size in seconds.
std::size_t writeLarge(const std::string& path, std::size_t bytes) {
  std::ofstream out(path, std::ios::binary);
  out << "Time (s),RL (V),RR (V)\n";
  std::size_t written = 0;
  std::size_t rows = 0;
  std::string block;
  while (written < bytes) {
    block.clear();
    for (int i = 0; i < 20000; ++i, ++rows) {
      const double a = static_cast<double>(rows % 250) / 250;
      fmt::format_to(std::back_inserter(block), "{:.4f},{:.4f},{:.4f}\n",
                     static_cast<double>(rows) * 1e-4, a < 0.5 ? 1.2 * a : 1.2 - 1.2 * a,
                     a < 0.5 ? 0.525 : 1.05);
    }
    out << block;
    written += block.size();
  }
  return rows;
}

// Memory of the process that no file stands behind, in MB; proc(5).
double anonymousMb() {
  std::ifstream status("/proc/self/status");
  std::string line;
  while (std::getline(status, line)) {
    if (line.starts_with("RssAnon:")) {
      return std::atof(line.c_str() + 8) / 1024;
    }
  }
  return 0;
}

double cancelledAfter(const std::string& path, double seconds) {
  Progress progress;
  capture::OpenOptions options;
  options.progress = &progress;
  Clock::time_point asked;
  std::thread other([&] {
    std::this_thread::sleep_for(std::chrono::duration<double>(seconds));
    asked = Clock::now();
    progress.cancel();
  });
  const auto record = capture::openCapture(path, options);
  const auto ended = Clock::now();
  other.join();
  return record ? 0 : std::chrono::duration<double>(ended - asked).count();
}

}  // namespace

int main(int argc, char** argv) {
  const double gigabytes = argc > 1 ? std::atof(argv[1]) : 2;
  const auto path = (std::filesystem::temp_directory_path() / "haybale_large.csv").string();
  const std::size_t rows = writeLarge(path, static_cast<std::size_t>(gigabytes * 1e9));
  double worst = 0;
  for (const double after : {0.05, 0.3, 0.8, 1.5, 2.2}) {
    const double took = cancelledAfter(path, after);
    fmt::print("  cancelled after {:.2f} s: {:.0f} ms\n", after, 1e3 * took);
    worst = std::max(worst, took);
  }
  fmt::print("cancelled at five moments: done within {:.0f} ms (bar 200)\n", 1e3 * worst);
  Progress progress;
  capture::OpenOptions options;
  options.progress = &progress;
  const double before = anonymousMb();
  double most = 0;
  int steps = 0;
  double last = -1;
  std::atomic<bool> over{false};
  std::thread watcher([&] {
    while (!over) {
      most = std::max(most, anonymousMb());
      steps += progress.share() > last ? 1 : 0;
      last = std::max(last, progress.share());
      std::this_thread::sleep_for(std::chrono::milliseconds(20));
    }
  });
  const auto start = Clock::now();
  const auto record = capture::openCapture(path, options);
  const std::chrono::duration<double> took = Clock::now() - start;
  over = true;
  watcher.join();
  std::filesystem::remove(path);
  if (!record) {
    fmt::print("{}\n", record.error().sentence());
    return 1;
  }
  const double data = static_cast<double>(rows) * 2 * 4 / 1048576;
  fmt::print(
      "{:.1f} GB, {} rows read in {:.1f} s, {} steps of progress seen; memory at most {:.0f} MB "
      "for "
      "{:.0f} MB of samples: {:.2f} times (bar 1.5)\n",
      gigabytes, record->size(), took.count(), steps, most - before, data, (most - before) / data);
  return 0;
}
