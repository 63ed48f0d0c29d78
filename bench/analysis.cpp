// Full analysis of one channel, passive and active, against a NumPy/SciPy pipeline that finds the
// same pulses (tests' own script, run once in the same run).
#include "core/trace/analysis.h"

#include <fmt/format.h>
#include <sys/resource.h>

#include <cmath>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <numbers>
#include <random>

#include "core/base/freed_pages.h"
#include "timing.h"

namespace {

using namespace haybale;

constexpr double kRate = 50000;
constexpr int kTeeth = 48;

// A wheel that speeds up and slows down between 30 and 90 Hz a... tooth, with noise.
capture::Record record(std::size_t samples, bool active) {
  capture::Record out;
  out.time.stepS = 1 / kRate;
  auto& channel = out.channels.emplace_back();
  channel.name = active ? "active" : "passive";
  channel.samples.resize(samples);
  std::minstd_rand random(3);
  double phase = 0.3;
  for (std::size_t i = 0; i < samples; ++i) {
    const double t = static_cast<double>(i) / kRate;
    const double hz = 250 + 100 * std::sin(2 * std::numbers::pi * t / 20);
    phase += hz / kRate;
    phase -= phase >= kTeeth ? kTeeth : 0;
    const double noise = (static_cast<double>(random()) / 2147483648.0 - 0.5) * 0.02;
    const double v = active ? (phase - std::floor(phase) < 0.5 ? 1.05 : 0.525)
                            : 0.004 * hz * std::sin(2 * std::numbers::pi * phase);
    channel.samples[i] = static_cast<float>(v + noise);
  }
  return out;
}

struct Reference {
  double seconds = 0;
  long pulses = 0;
};

Reference numpy(const capture::Record& r, bool active) {
  const auto path = (std::filesystem::temp_directory_path() / "haybale_bench.f32").string();
  {
    std::ofstream out(path, std::ios::binary);
    const auto& s = r.channels[0].samples;
    out.write(reinterpret_cast<const char*>(s.data()),
              static_cast<std::streamsize>(s.size() * sizeof(float)));
  }
  const auto command = fmt::format("/usr/bin/python3 {}/bench/reference_analysis.py {} {} {}",
                                   HAYBALE_SOURCE_DIR, path, kRate, active ? "active" : "passive");
  Reference out;
  FILE* pipe = popen(command.c_str(), "r");
  if (pipe == nullptr || std::fscanf(pipe, "%lf %ld", &out.seconds, &out.pulses) != 2) {
    out = {};
  }
  if (pipe != nullptr) {
    pclose(pipe);
  }
  std::filesystem::remove(path);
  return out;
}

double peakMb() {
  rusage use{};
  getrusage(RUSAGE_SELF, &use);
  return static_cast<double>(use.ru_maxrss) / 1024;
}

void run(bool active) {
  constexpr std::size_t kSamples = 50'000'000;
  const auto r = record(kSamples, active);
  trace::Options options;
  options.teeth = kTeeth;
  options.circumferenceM = 1.95;
  const double before = peakMb();
  std::size_t pulses = 0;
  const auto times = bench::timed(9, 1, [&] { pulses = trace::analyse(r, 0, options).pulseCount; });
  const double extra = peakMb() - before;
  const auto reference = numpy(r, active);
  fmt::print(
      "{}: {} M samples in {:.0f} ms, best {:.0f} = {:.0f} M samples/s (bar 100); {} pulses; extra "
      "memory "
      "{:.0f} MB of {:.0f} (bar half)\n",
      active ? "active" : "passive", kSamples / 1'000'000, 1e3 * times.median, 1e3 * times.best,
      static_cast<double>(kSamples) / 1e6 / times.median, pulses, extra,
      static_cast<double>(kSamples) * 4 / 1048576);
  if (reference.seconds > 0) {
    fmt::print(
        "  NumPy/SciPy pipeline: {:.0f} ms, {} pulses; ratio of the best runs {:.1f} (bar 20)\n",
        1e3 * reference.seconds, reference.pulses, reference.seconds / times.best);
  }
}

}  // namespace

int main() {
  haybale::keepFreedPages();
  run(false);
  run(true);
  return 0;
}
