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

// What is put in is what a plain mean and mean square find again, and what analyse says.
TEST_F(Synth, NoiseHumDriftAndStepsAreThere) {
  const auto file = folder.file("quiet.csv");
  const auto samplesOf = [&](const std::vector<std::string>& options) {
    std::vector<std::string> words{"synth",         "-o",   file, "--speed", "0", "--duration", "2",
                                   "--sample-rate", "10000"};
    words.insert(words.end(), options.begin(), options.end());
    EXPECT_EQ(ran(words), kDone) << err.str();
    std::istringstream rows(test::read(file));
    std::string row;
    std::getline(rows, row);
    std::vector<double> samples;
    while (std::getline(rows, row)) {
      samples.push_back(std::atof(row.c_str() + row.find(',') + 1));
    }
    return samples;
  };
  const auto rms = [](const std::vector<double>& v, std::size_t from, std::size_t to) {
    double mean = 0, square = 0;
    for (std::size_t i = from; i < to; ++i) {
      mean += v[i] / static_cast<double>(to - from);
    }
    for (std::size_t i = from; i < to; ++i) {
      square += (v[i] - mean) * (v[i] - mean) / static_cast<double>(to - from);
    }
    return std::pair{mean, std::sqrt(square)};
  };
  const auto noise = samplesOf({"--noise", "0.05"});
  ASSERT_EQ(noise.size(), 20000U);
  EXPECT_NEAR(rms(noise, 0, noise.size()).second, 0.05, 0.0015) << "4 in root of 20,000 samples";
  EXPECT_EQ(samplesOf({"--noise", "0.05"}), noise) << "the same seed";
  EXPECT_NE(samplesOf({"--noise", "0.05", "--seed", "2"}), noise);
  const auto hum = samplesOf({"--hum", "0.2,60"});
  EXPECT_NEAR(rms(hum, 0, hum.size()).second, 0.2 / std::sqrt(2.0), 1e-3);
  const auto drift = samplesOf({"--drift", "0.3"});
  EXPECT_NEAR(drift.back() - drift.front(), 0.6, 1e-3);
  const auto step = samplesOf({"--fault", "level-step:1.0,0.4"});
  EXPECT_NEAR(rms(step, 0, 10000).first, 0, 1e-6);
  EXPECT_NEAR(rms(step, 10000, 20000).first, 0.4, 1e-6);
}

TEST_F(Synth, ACoastDownComesToRestAndACrackleIsFound) {
  const auto coast = back({"--coast", "3", "--duration", "4"}, "c.wav");
  EXPECT_EQ(coast["findings"][0]["code"], "healthy") << coast["findings"].dump();
  EXPECT_LT(coast["speed_kmh"]["min"].get<double>(), 5);
  EXPECT_GT(coast["speed_kmh"]["max"].get<double>(), 18);
  const auto crackle =
      back({"--fault", "crackle:1.0,0.4,ground", "--sensor", "hall", "--duration", "3"}, "k.wav");
  const std::string code = crackle["findings"][0]["code"];
  EXPECT_EQ(code.rfind("intermittent", 0), 0U) << crackle["findings"].dump();
  for (const auto& d : crackle["dropouts"]) {
    EXPECT_GT(d["start_s"].get<double>(), 0.95);
    EXPECT_LT(d["end_s"].get<double>(), 1.45);
  }
  const auto step = back({"--fault", "level-step:1.5,1.2", "--duration", "3"}, "l.wav");
  EXPECT_EQ(step["findings"][0]["code"], "bias-shift") << step["findings"].dump();
}

TEST_F(Synth, DisturbancesThatCannotBeAreRefused) {
  for (const auto& bad : std::vector<std::vector<std::string>>{{"--noise", "-1"},
                                                               {"--noise", "nan"},
                                                               {"--hum", "1,2,3"},
                                                               {"--drift", "inf"},
                                                               {"--coast", "0"},
                                                               {"--fault", "crackle:1,0,ground"},
                                                               {"--fault", "crackle:1,1,hay"},
                                                               {"--fault", "level-step:1"}}) {
    std::vector<std::string> words{"synth", "-o", folder.file("x.wav")};
    words.insert(words.end(), bad.begin(), bad.end());
    EXPECT_EQ(ran(words), kUsage) << bad[1];
  }
}

}  // namespace
}  // namespace haybale::cli
