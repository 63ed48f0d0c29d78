// The trace analysis against captures of every sensor kind and fault that the program did not make:
// tests/outside/make_faulty_captures.py writes them with NumPy, and says what is true of each.
#include <cmath>
#include <cstdlib>
#include <sstream>

#include "cli/command.h"
#include "core/base/json.h"
#include "support/haybale_test.h"

namespace haybale {
namespace {

class FaultyCaptures : public testing::Test {
 protected:
  static void SetUpTestSuite() {
    folder = new test::Folder;
    const std::string command = std::string(HAYBALE_PYTHON) +
                                " " HAYBALE_SOURCE_DIR "/tests/outside/make_faulty_captures.py " +
                                folder->path();
    ASSERT_EQ(std::system(command.c_str()), 0) << command;
    truth = Json::parse(test::read(folder->file("truth.json")));
    for (const auto& t : truth) {
      std::ostringstream out, err;
      std::vector<std::string> words{"analyse", folder->file(t["file"]), "--json"};
      if (t["give_teeth"].get<bool>()) {
        words.insert(words.end(), {"--teeth", std::to_string(t["teeth"].get<int>())});
      }
      ASSERT_EQ(cli::run(words, {out, err}), 0) << err.str();
      analyses.push_back(Json::parse(out.str())["channels"][0]);
    }
  }
  static void TearDownTestSuite() { delete folder; }

  /// Calls f(truth, analysis, name) for each capture.
  template <class F>
  static void each(const F& f) {
    for (std::size_t i = 0; i < truth.size(); ++i) {
      f(truth[i], analyses[i], truth[i]["file"].get<std::string>());
    }
  }
  static bool healthy(const Json& t) { return t["code"] == "healthy"; }

  static inline test::Folder* folder = nullptr;
  static inline Json truth;
  static inline std::vector<Json> analyses;
};

TEST_F(FaultyCaptures, ThereAreSixtyOverAllKinds) {
  EXPECT_GE(truth.size(), 60U);
}

TEST_F(FaultyCaptures, KindsCountsAndFrequenciesAgree) {
  each([](const Json& t, const Json& a, const std::string& name) {
    EXPECT_EQ(a["signal"], t["kind"]) << name;
    EXPECT_NEAR(a["pulses"]["count"].get<double>(), t["pulses"].get<double>(), 1) << name;
    const double hz = t["frequency"];
    ASSERT_TRUE(a["pulses"]["frequency_hz"].is_object()) << name;
    EXPECT_NEAR(a["pulses"]["frequency_hz"]["median"].get<double>(), hz, 0.005 * hz) << name;
  });
}

TEST_F(FaultyCaptures, LevelsAndFluxAgreeWithinThreePercent) {
  each([](const Json& t, const Json& a, const std::string& name) {
    if (t.contains("low")) {
      EXPECT_NEAR(a["levels"]["low"].get<double>(), t["low"].get<double>(),
                  0.03 * t["low"].get<double>())
          << name;
      EXPECT_NEAR(a["levels"]["high"].get<double>(), t["high"].get<double>(),
                  0.03 * t["high"].get<double>())
          << name;
    } else if (t["shape"] == 0.0) {
      const double flux = t["flux"];
      EXPECT_NEAR(a["flux_swing_mwb"].get<double>(), flux, 0.03 * flux) << name;
    }
  });
}

TEST_F(FaultyCaptures, NoHealthyCaptureIsCalledFaulty) {
  each([](const Json& t, const Json& a, const std::string& name) {
    if (!healthy(t)) {
      return;
    }
    EXPECT_EQ(a["findings"][0]["code"], "healthy") << name << a["findings"].dump();
    for (const auto& f : a["findings"]) {
      EXPECT_NE(f["severity"], "fault") << name << f.dump();
    }
  });
}

TEST_F(FaultyCaptures, TheMainFindingIsTheFaultThatWasPutIn) {
  each([](const Json& t, const Json& a, const std::string& name) {
    EXPECT_EQ(a["findings"][0]["code"], t["code"]) << name << a["findings"].dump();
  });
}

TEST_F(FaultyCaptures, TeethAreNamedAtTheirPosition) {
  each([](const Json& t, const Json& a, const std::string& name) {
    const auto& found = a["revolution"]["irregular_teeth"];
    std::vector<int> missing;
    for (const auto& tooth : found) {
      if (tooth["kind"] == "missing") {
        missing.push_back(tooth["position"]);
      }
    }
    std::vector<int> expected = t["missing"].get<std::vector<int>>();
    std::sort(expected.begin(), expected.end());
    EXPECT_EQ(missing, expected) << name << found.dump();
    for (const char* kind : {"shallow", "wide"}) {
      for (const auto& want : t[kind]) {
        const auto it = std::find_if(found.begin(), found.end(), [&](const Json& tooth) {
          return tooth["kind"] == kind && tooth["position"] == want[0];
        });
        ASSERT_NE(it, found.end()) << name << found.dump();
        EXPECT_NEAR((*it)["amount_percent"].get<double>(), want[1].get<double>(), 6) << name;
      }
    }
    if (!expected.empty() || !t["shallow"].empty() || !t["wide"].empty()) {
      EXPECT_EQ(a["revolution"]["teeth"], t["teeth"]) << name;
    }
    if (t["runout"].get<double>() > 15) {
      EXPECT_NEAR(a["revolution"]["runout_percent"].get<double>(), t["runout"].get<double>(), 3)
          << name;
    }
  });
}

TEST_F(FaultyCaptures, DropoutsAreRecalledAndNoneInvented) {
  int recalled = 0, real = 0, right = 0, claimed = 0;
  each([&](const Json& t, const Json& a, const std::string& name) {
    const auto overlaps = [](double s1, double e1, double s2, double e2) {
      return std::min(e1, e2) - std::max(s1, s2) > 0.6 * std::max(e1 - s1, e2 - s2);
    };
    for (const auto& d : t["drops"]) {
      ++real;
      const bool found = std::any_of(
          a["dropouts"].begin(), a["dropouts"].end(),
          [&](const Json& x) { return overlaps(d[0], d[1], x["start_s"], x["end_s"]); });
      recalled += found ? 1 : 0;
      EXPECT_TRUE(found) << name << d.dump() << " among " << a["dropouts"].dump();
    }
    for (const auto& x : a["dropouts"]) {
      ++claimed;
      const bool true_ = std::any_of(t["drops"].begin(), t["drops"].end(), [&](const Json& d) {
        return overlaps(d[0], d[1], x["start_s"], x["end_s"]);
      });
      right += true_ ? 1 : 0;
      EXPECT_TRUE(true_) << name << x.dump();
    }
  });
  EXPECT_GE(recalled, 0.95 * real);
  EXPECT_GE(right, 0.95 * claimed);
}

}  // namespace
}  // namespace haybale
