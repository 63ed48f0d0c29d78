// CSV import of 100 MB in 3 columns, against pandas.read_csv to float32 in the same run (time
// inside the call, interpreter start left out).
#include <fmt/format.h>

#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <numbers>
#include <string>

#include "core/capture/csv.h"
#include "timing.h"

namespace {

using namespace haybale;

// Two wheels at 20 kHz, microvolt digits, as a logger writes them.
void writeCapture(const std::string& path, std::size_t bytes) {
  std::ofstream out(path, std::ios::binary);
  out << "Time (s),RL (V),RR (V)\n";
  std::string block;
  std::size_t written = 0;
  for (std::size_t i = 0; written < bytes; ++i) {
    const double t = static_cast<double>(i) / 20000;
    const double phase = 2 * std::numbers::pi * 80 * t;
    block += fmt::format("{:.6f},{:.6f},{:.6f}\n", t, 1.2 * std::sin(phase),
                         2.5 + 0.9 * std::sin(0.97 * phase));
    if (block.size() > (1U << 20)) {
      out << block;
      written += block.size();
      block.clear();
    }
  }
}

double pandasSeconds(const std::string& path) {
  const std::string command = fmt::format(
      "/usr/bin/python3 -c \"import time, numpy, pandas\n"
      "best = 1e9\n"
      "for _ in range(3):\n"
      "    start = time.perf_counter()\n"
      "    pandas.read_csv('{}', dtype=numpy.float32)\n"
      "    best = min(best, time.perf_counter() - start)\n"
      "print(best)\"",
      path);
  FILE* pipe = popen(command.c_str(), "r");
  double seconds = 0;
  if (pipe == nullptr || std::fscanf(pipe, "%lf", &seconds) != 1) {
    seconds = 0;
  }
  if (pipe != nullptr) {
    pclose(pipe);
  }
  return seconds;
}

}  // namespace

int main() {
  const std::string path =
      (std::filesystem::temp_directory_path() / "haybale_bench_import.csv").string();
  writeCapture(path, 100U << 20);
  std::size_t rows = 0;
  const auto times = bench::timed(9, 1, [&] {
    const auto record = capture::readCsvFile(path);
    rows = record ? record->size() : 0;
  });
  const double reference = pandasSeconds(path);
  const double mb = static_cast<double>(std::filesystem::file_size(path)) / 1e6;
  std::filesystem::remove(path);
  fmt::print("{:.0f} MB, {} rows: median {:.0f} ms, p95 {:.0f} ms ({:.0f} MB/s)\n", mb, rows,
             1e3 * times.median, 1e3 * times.p95, mb / times.median);
  if (reference > 0) {
    fmt::print("pandas.read_csv to float32, best of 3: {:.0f} ms; ratio {:.1f} (bar 10)\n",
               1e3 * reference, reference / times.median);
  } else {
    fmt::print("pandas is not installed (python3-pandas): no ratio\n");
  }
  return rows > 0 ? 0 : 1;
}
