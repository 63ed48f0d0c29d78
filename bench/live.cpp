// A live trace of four channels at a million samples a second: how much of one core it takes to
// keep up, block after block, once the window is full. Reference: the time the signal itself takes.
#include <fmt/format.h>
#include <sys/resource.h>

#include <cmath>
#include <numbers>
#include <random>

#include "core/base/freed_pages.h"
#include "core/trace/live_trace.h"

namespace {

using namespace haybale;

constexpr double kRate = 1e6;
constexpr double kBlockS = 0.5;
constexpr int kTeeth = 48;
constexpr int kChannels = 4;

double cpuSeconds() {
  rusage use{};
  getrusage(RUSAGE_SELF, &use);
  const auto seconds = [](const timeval& t) {
    return static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_usec);
  };
  return seconds(use.ru_utime) + seconds(use.ru_stime);
}

// A coil, or a sensor of two currents, on a wheel that turns faster and slower.
std::vector<float> block(int number, int channel, std::minstd_rand& random) {
  std::vector<float> out(static_cast<std::size_t>(kBlockS * kRate));
  for (std::size_t i = 0; i < out.size(); ++i) {
    const double t = kBlockS * number + static_cast<double>(i) / kRate;
    const double phase = 250 * t + 50 * std::sin(0.3 * t) + 0.1 * channel;
    const double noise = (static_cast<double>(random()) / 2147483648.0 - 0.5) * 0.02;
    const double v = channel % 2 == 1 ? (phase - std::floor(phase) < 0.5 ? 1.05 : 0.525)
                                      : std::sin(2 * std::numbers::pi * phase);
    out[i] = static_cast<float>(v + noise);
  }
  return out;
}

}  // namespace

int main() {
  haybale::keepFreedPages();
  trace::Options options;
  options.teeth = kTeeth;
  options.circumferenceM = 1.95;
  std::vector<trace::LiveTrace> traces(kChannels, {1 / kRate, units::Unit::volt, options});
  std::minstd_rand random(3);
  double spent = 0;
  int counted = 0;
  const int full = static_cast<int>(trace::LiveTrace::kWindowS / kBlockS);
  for (int b = 0; b < full + 40; ++b) {
    for (int c = 0; c < kChannels; ++c) {
      const auto samples = block(b, c, random);
      const double before = cpuSeconds();
      traces[static_cast<std::size_t>(c)].take(samples, kBlockS * b);
      spent += b >= full ? cpuSeconds() - before : 0;
    }
    counted += b >= full ? 1 : 0;
  }
  const double signal = kBlockS * counted;
  fmt::print("{} channels, {:.0f} M samples/s each, blocks of {} s: {:.1f} % of a core (bar 20)\n",
             kChannels, kRate / 1e6, kBlockS, 100 * spent / signal);
  for (const auto& trace : traces) {
    fmt::print("  {} pulses, {} dropouts, {:.1f} Hz now\n", trace.tally().pulses,
               trace.tally().dropouts, trace.hzNow());
  }
  return 0;
}
