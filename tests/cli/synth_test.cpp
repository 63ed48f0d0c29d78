// What synth writes, analyse reads back; and a reader that is not ours agrees.
#include <cmath>
#include <cstdlib>
#include <sstream>

#include "cli/command.h"
#include "core/base/json.h"
#include "support/haybale_test.h"

namespace haybale::cli {
namespace {

class Synth : public testing::Test {
 protected:
  int ran(std::vector<std::string> words) {
    out.str("");
    err.str("");
    return run(words, {out, err});
  }
  Json back(const std::vector<std::string>& options, const std::string& file,
            std::vector<std::string> more = {"--teeth", "48", "--circumference", "1.95"}) {
    std::vector<std::string> words{"synth", "-o", folder.file(file)};
    words.insert(words.end(), options.begin(), options.end());
    EXPECT_EQ(ran(words), kDone) << err.str();
    std::vector<std::string> analyse{"analyse", folder.file(file), "--json"};
    analyse.insert(analyse.end(), more.begin(), more.end());
    EXPECT_EQ(ran(analyse), kDone) << err.str();
    return Json::parse(out.str())["channels"][0];
  }
  test::Folder folder;
  std::ostringstream out;
  std::ostringstream err;
};

TEST_F(Synth, SpeedTeethAndLevelsComeBack) {
  for (const char* file : {"s.wav", "s.csv"}) {
    for (const char* kind : {"passive", "active", "active-pwm", "active-ak", "hall"}) {
      const auto a = back({"--sensor", kind, "--speed", "17", "--amplitude", "2"}, file);
      EXPECT_EQ(a["signal"], kind);
      EXPECT_NEAR(a["speed_kmh"]["median"].get<double>(), 17, 0.085) << kind << file;
      EXPECT_EQ(a["findings"][0]["code"], "healthy") << kind << a["findings"].dump();
    }
    const auto a = back({"--amplitude", "2"}, file);
    EXPECT_NEAR(a["levels"]["peak_to_peak"].get<double>(), 2, 0.01);
  }
}

TEST_F(Synth, FaultsAreFoundWhereTheyWereAsked) {
  const auto missing = back({"--fault", "missing-tooth:13", "--duration", "5"}, "m.wav", {});
  EXPECT_EQ(missing["revolution"]["teeth"], 48);
  EXPECT_EQ(missing["revolution"]["teeth_source"], "estimated");
  EXPECT_EQ(missing["revolution"]["irregular_teeth"][0]["position"], 13);
  // Without noise an absent tooth leaves the line exactly on its centre.
  for (const char* teeth : {"30", "43", "60"}) {
    const auto a = back({"--teeth", teeth, "--fault", "missing-tooth:13", "--duration", "5"},
                        "n.csv", {"--teeth", teeth});
    EXPECT_EQ(a["revolution"]["irregular_teeth"][0]["position"], 13) << teeth;
  }
  const auto drop = back({"--sensor", "active", "--fault", "dropout:0.5,0.1,ground"}, "d.csv");
  EXPECT_NEAR(drop["dropouts"][0]["start_s"].get<double>(), 0.5, 0.002);
  EXPECT_NEAR(drop["dropouts"][0]["end_s"].get<double>(), 0.6, 0.002);
  EXPECT_TRUE(drop["revolution"]["runout_percent"].is_null()) << "a square wave has no height";
  const auto runout = back({"--fault", "runout:20", "--duration", "5"}, "r.csv");
  EXPECT_NEAR(runout["revolution"]["runout_percent"].get<double>(), 20, 1);
}

TEST_F(Synth, AProfileIsFollowed) {
  test::write(folder.file("p.csv"), "s,km/h\n0,5\n2,25\n");
  const auto a = back({"--profile", folder.file("p.csv")}, "p.wav");
  EXPECT_NEAR(a["speed_kmh"]["max"].get<double>(), 25, 0.5);
  EXPECT_NEAR(a["duration_s"].get<double>(), 2, 0.001);
}

TEST_F(Synth, SlipsAreNamed) {
  const std::string o = folder.file("x.csv");
  EXPECT_EQ(ran({"synth", "-o", o, "--fault", "missing-tooth:99"}), kUsage);
  EXPECT_NE(err.str().find("tooth 99 is not on a ring of 48"), std::string::npos);
  EXPECT_EQ(ran({"synth", "-o", o, "--fault", "woodworm:3"}), kUsage);
  EXPECT_EQ(ran({"synth", "-o", o, "--sensor", "active-pwm", "--sample-rate", "1000"}), kUsage);
  EXPECT_EQ(ran({"synth", "-o", "/no/such/place.wav"}), kCannot);
  test::write(folder.file("p.csv"), "0,5\n0,6\n");
  EXPECT_EQ(ran({"synth", "-o", o, "--profile", folder.file("p.csv")}), kMalformed);
  EXPECT_NE(err.str().find("p.csv:2:"), std::string::npos) << err.str();
}

// Python's own wave module and NumPy's FFT, neither of them ours.
TEST_F(Synth, AnIndependentReaderFindsTheFrequency) {
  ASSERT_EQ(ran({"synth", "-o", folder.file("s.wav"), "--speed", "18", "--duration", "4"}), kDone);
  test::write(folder.file("check.py"),
              "import wave, json, sys, numpy as np\n"
              "w = wave.open(sys.argv[1]); side = json.load(open(sys.argv[1] + '.json'))\n"
              "raw = np.frombuffer(w.readframes(w.getnframes()), np.uint8).reshape(-1, 3)\n"
              "x = (raw[:, 0].astype(np.int32) << 8 | raw[:, 1].astype(np.int32) << 16 | "
              "raw[:, 2].astype(np.int32) << 24) / 2.0 ** 31 * side['full_scale']\n"
              "f = np.abs(np.fft.rfft(x * np.hanning(len(x)))); k = f.argmax()\n"
              "hz = k * w.getframerate() / len(x)\n"
              "assert abs(hz / (18 / 3.6 * 48 / 1.95) - 1) < 0.005, hz\n"
              "assert abs((x.max() - x.min()) - 1) < 0.02, x.max() - x.min()\n");
  const std::string command =
      std::string(HAYBALE_PYTHON) + " " + folder.file("check.py") + " " + folder.file("s.wav");
  EXPECT_EQ(std::system(command.c_str()), 0);
}

}  // namespace
}  // namespace haybale::cli
