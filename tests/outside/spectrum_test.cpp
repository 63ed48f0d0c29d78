// Spectra and smoothing against SciPy (scipy.signal.periodogram, scipy.signal.savgol_filter).
#include <cstdlib>
#include <fstream>

#include "core/base/json.h"
#include "core/trace/analysis.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

std::vector<float> readFloats(const std::string& path) {
  std::ifstream in(path, std::ios::binary);
  std::vector<float> out;
  float v = 0;
  while (in.read(reinterpret_cast<char*>(&v), sizeof v)) {
    out.push_back(v);
  }
  return out;
}

class Spectrum : public testing::Test {
 protected:
  void SetUp() override {
    const std::string command = std::string(HAYBALE_PYTHON) + " " + HAYBALE_SOURCE_DIR +
                                "/tests/outside/spectrum.py " + folder.path();
    ASSERT_EQ(std::system(command.c_str()), 0);
    reference = Json::parse(test::read(folder.file("reference.json")));
  }
  test::Folder folder;
  Json reference;
};

TEST_F(Spectrum, AmplitudesOfLinesAreThoseOfThePeriodogram) {
  const auto samples = readFloats(folder.file("samples.f32"));
  ASSERT_EQ(samples.size(), 16000U);
  for (const auto& [hz, amplitude] : reference["lines"].items()) {
    const double expected = amplitude.get<double>();
    EXPECT_NEAR(amplitudeAt(samples, reference["rate"].get<double>(), std::stod(hz)), expected,
                1e-3 * expected + 1e-6)
        << hz;
  }
}

TEST_F(Spectrum, CrestsAreThoseOfAParabolaFilter) {
  capture::Record record;
  record.time.stepS = 1 / reference["rate"].get<double>();
  record.channels.push_back({"wave", units::Unit::volt, readFloats(folder.file("wave.f32"))});
  const auto a = analyse(record, 0, {});
  ASSERT_EQ(a.signal, Signal::passive);
  EXPECT_NEAR(static_cast<double>(a.cycles.size()), reference["cycles"].get<double>(), 1);
  EXPECT_NEAR(a.levels.peakToPeak, reference["swing"].get<double>(), 0.01 * a.levels.peakToPeak);
}

}  // namespace
}  // namespace haybale::trace
