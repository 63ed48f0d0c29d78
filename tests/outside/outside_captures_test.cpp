// The program against captures it did not make: tests/outside/make_captures.py writes them with
// NumPy.
#include <cstdlib>
#include <sstream>

#include "cli/command.h"
#include "core/base/json.h"
#include "support/haybale_test.h"

namespace haybale {
namespace {

class OutsideCaptures : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = new test::Folder;
    const std::string command = std::string(HAYBALE_PYTHON) +
                                " " HAYBALE_SOURCE_DIR "/tests/outside/make_captures.py " +
                                folder->path();
    ASSERT_EQ(std::system(command.c_str()), 0) << command;
    truth = Json::parse(test::read(folder->file("truth.json")));
  }
  static void TearDownTestSuite() { delete folder; }

  static Json analysed(const std::string& file, std::vector<std::string> options = {}) {
    std::ostringstream out;
    std::ostringstream err;
    options.insert(options.begin(), {"analyse", folder->file(file), "--json"});
    EXPECT_EQ(cli::run(options, {out, err}), 0) << err.str();
    return Json::parse(out.str())["channels"][0];
  }

  static inline test::Folder* folder = nullptr;
  static inline Json truth;
};

TEST_F(OutsideCaptures, CountsFrequenciesAndLevelsAgree) {
  ASSERT_GE(truth.size(), 12U);
  for (const auto& t : truth) {
    const std::string file = t["file"];
    const auto a = analysed(file);
    EXPECT_EQ(a["signal"], t["kind"]) << file;
    EXPECT_EQ(a["pulses"]["count"], t["pulses"]) << file;
    const double hz = t["frequency"];
    EXPECT_NEAR(a["pulses"]["frequency_hz"]["median"].get<double>(), hz, 0.005 * hz) << file;
    const double swing = t["peak_to_peak"];
    EXPECT_NEAR(a["levels"]["peak_to_peak"].get<double>(), swing, 0.03 * swing) << file;
    EXPECT_EQ(a["findings"][0]["code"], "healthy") << file << a["findings"].dump();
    if (t.contains("flux_swing_mwb")) {
      const double flux = t["flux_swing_mwb"];
      EXPECT_NEAR(a["flux_swing_mwb"].get<double>(), flux, 0.03 * flux) << file;
    }
  }
}

TEST_F(OutsideCaptures, AHandSpinIsComparedFairlyWithASlowerOne) {
  const auto fast = analysed("spin-fast.csv");
  const auto slow = analysed("spin-slow.csv");
  const auto weak = analysed("spin-weak.csv");
  const auto volts = [](const Json& a) { return a["levels"]["peak_to_peak"].get<double>(); };
  const auto flux = [](const Json& a) { return a["flux_swing_mwb"].get<double>(); };
  EXPECT_GT(volts(fast) / volts(slow), 2.0) << "by volts the slow spin looks half as good";
  EXPECT_NEAR(flux(fast) / flux(slow), 1.0, 0.03);
  EXPECT_NEAR(flux(weak) / flux(slow), 0.3, 0.01) << "though its volts are nearly the same";
}

TEST_F(OutsideCaptures, SpeedFollowsFromTeethAndTyre) {
  const auto a = analysed("steady.csv", {"--teeth", "48", "--circumference", "1.927"});
  EXPECT_NEAR(a["speed_kmh"]["median"].get<double>(), 12.0, 0.06);
  EXPECT_NEAR(a["revolution"]["revolutions"].get<double>(), 12.0 / 3.6 / 1.927 * 2, 0.05);
}

}  // namespace
}  // namespace haybale
