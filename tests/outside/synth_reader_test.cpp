// What `synth` writes, read by NumPy and SciPy alone: speed, levels and the pattern of the teeth.
#include <cstdio>
#include <sstream>

#include "cli/command.h"
#include "core/base/json.h"
#include "support/haybale_test.h"

namespace haybale::cli {
namespace {

class ReadByScipy : public testing::TestWithParam<const char*> {
 protected:
  Json written(std::vector<std::string> options, int teeth = 48) {
    const std::string path = folder.file(std::string("signal.") + GetParam());
    std::vector<std::string> words{"synth", "-o", path};
    words.insert(words.end(), options.begin(), options.end());
    std::ostringstream out;
    std::ostringstream err;
    EXPECT_EQ(run(words, {out, err}), kDone) << err.str();
    const std::string command = std::string(HAYBALE_PYTHON) + " " + HAYBALE_SOURCE_DIR +
                                "/tests/outside/read_signal.py " + path + " " +
                                std::to_string(teeth);
    FILE* pipe = popen(command.c_str(), "r");
    std::string text;
    char line[512];
    while (pipe != nullptr && std::fgets(line, sizeof line, pipe) != nullptr) {
      text += line;
    }
    EXPECT_EQ(pclose(pipe), 0);
    const auto json = parseJson(text, "reader");
    EXPECT_TRUE(json.ok()) << text;
    return json ? *json : Json::object();
  }
  test::Folder folder;
};

// f = v N / C.
double hzOf(double kmh, int teeth, double circumference) {
  return kmh / 3.6 * teeth / circumference;
}

TEST_P(ReadByScipy, SpeedIsRight) {
  for (const double kmh : {5.0, 20.0, 63.0}) {
    const auto r = written({"--speed", std::to_string(kmh), "--circumference", "1.95",
                            "--sample-rate", "50000", "--duration", "3"});
    EXPECT_NEAR(r["hz"].get<double>(), hzOf(kmh, 48, 1.95), 0.005 * hzOf(kmh, 48, 1.95)) << kmh;
    EXPECT_NEAR(r["seconds"].get<double>(), 3, 0.01);
  }
  const auto coarse = written({"--teeth", "29", "--speed", "20", "--sensor", "active",
                               "--sample-rate", "50000", "--circumference", "2.05"},
                              29);
  EXPECT_NEAR(coarse["hz"].get<double>(), hzOf(20, 29, 2.05), 0.005 * hzOf(20, 29, 2.05));
}

TEST_P(ReadByScipy, LevelsAreRight) {
  const auto passive = written({"--amplitude", "2.4", "--sample-rate", "50000"});
  // The reader's percentiles of a sine lie a little inside its crests.
  EXPECT_NEAR(passive["high"].get<double>() - passive["low"].get<double>(), 2.4, 0.02 * 2.4);
  const auto active =
      written({"--sensor", "active", "--levels", "0.007,0.014", "--sample-rate", "50000"});
  EXPECT_NEAR(active["low"].get<double>(), 0.007, 0.02 * 0.007);
  EXPECT_NEAR(active["high"].get<double>(), 0.014, 0.02 * 0.014);
  const auto volts = written({"--sensor", "active", "--levels", "0.007,0.014", "--sense-resistor",
                              "75", "--sample-rate", "50000"});
  EXPECT_NEAR(volts["low"].get<double>(), 0.525, 0.02 * 0.525);  // 7 mA through 75 ohm
  EXPECT_NEAR(volts["high"].get<double>(), 1.05, 0.02 * 1.05);
}

TEST_P(ReadByScipy, TheToothPatternIsExact) {
  const auto whole = written({"--duration", "5", "--sample-rate", "50000"});
  EXPECT_TRUE(whole["absent"].empty()) << whole.dump();
  EXPECT_TRUE(whole["weak"].empty()) << whole.dump();
  EXPECT_GE(whole["turns"].get<int>(), 2);
  const auto absent = written({"--duration", "5", "--sample-rate", "50000", "--fault",
                               "missing-tooth:13", "--fault", "missing-tooth:30"});
  EXPECT_EQ(absent["absent"], Json::parse("[13, 30]")) << absent.dump();
  const auto weak =
      written({"--duration", "5", "--sample-rate", "50000", "--fault", "shallow-tooth:9,40"});
  ASSERT_EQ(weak["weak"].size(), 1U) << weak.dump();
  ASSERT_TRUE(weak["weak"].contains("9")) << weak.dump();
}

INSTANTIATE_TEST_SUITE_P(Files, ReadByScipy, testing::Values("wav", "csv"));

}  // namespace
}  // namespace haybale::cli
