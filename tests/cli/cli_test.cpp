#include <set>
#include <sstream>

#include "cli/command.h"
#include "core/base/json.h"
#include "core/demo/demo.h"
#include "support/command_run.h"
#include "support/haybale_test.h"

namespace haybale::cli {
namespace {

using test::ran;

TEST(Cli, HelpAndVersionAnswer) {
  EXPECT_EQ(ran({"--help"}).exit, 0);
  EXPECT_NE(ran({"--help"}).out.find("analyse"), std::string::npos);
  EXPECT_EQ(ran({"--version"}).exit, 0);
  EXPECT_NE(ran({"--version"}).out.find(HAYBALE_VERSION), std::string::npos);
  EXPECT_EQ(ran({"analyse", "--help"}).exit, 0);
}

TEST(Cli, WrongUsageIsTwoAndOneLine) {
  for (const auto& arguments :
       std::vector<std::vector<std::string>>{{},
                                             {"plough"},
                                             {"analyse"},
                                             {"analyse", "x.csv", "--teeth", "many"},
                                             {"analyse", "x.csv", "--sensor", "radar"},
                                             {"calc"},
                                             {"calc", "speed", "--hz", "52"},
                                             {"calc", "tyre", "round"},
                                             {"analyse", "x.csv", "--tyre", "round"},
                                             {"analyse", "x.csv", "--tyre", ""},
                                             {"analyse", "x.csv", "--circumference", "nan"},
                                             {"synth", "--speed", "inf"}}) {
    const auto r = ran(arguments);
    EXPECT_EQ(r.exit, 2);
    EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
    EXPECT_TRUE(r.out.empty());
  }
}

TEST(Cli, WhatCannotBeReadIsThree) {
  const test::Folder folder;
  test::write(folder.file("bad.csv"), "Time (s),V\n0,1\n0,2\n1,2\n");
  EXPECT_EQ(ran({"analyse", "/no/such.csv", "--json"}).exit, 3);
  const auto r = ran({"analyse", folder.file("bad.csv"), "--json"});
  EXPECT_EQ(r.exit, 3);
  EXPECT_NE(r.err.find("bad.csv:3: time stands still"), std::string::npos) << r.err;
  test::write(folder.file("bad.json"), "{");
  EXPECT_EQ(ran({"report", folder.file("bad.json"), "-o", folder.file("x.pdf")}).exit, 3);
}

TEST(Cli, AnalysisHasEveryFieldScriptsRelyOn) {
  const test::Folder folder;
  ASSERT_EQ(ran({"demo", folder.path()}).exit, 0);
  const auto r = ran({"analyse", folder.file("bale-cart-7-RL.csv"), "--teeth", "48", "--tyre",
                      "235/75R15", "--json"});
  ASSERT_EQ(r.exit, 0) << r.err;
  const Json json = Json::parse(r.out);
  EXPECT_EQ(json["format"], "haybale-analysis");
  EXPECT_EQ(json["version"], 1);
  const auto& channel = json["channels"][0];
  for (const char* key :
       {"name", "unit", "samples", "gaps", "sample_rate_hz", "duration_s", "signal", "levels",
        "pulses", "revolution", "dropouts", "speed_kmh", "flux_swing_mwb", "findings"}) {
    EXPECT_TRUE(channel.contains(key)) << key;
  }
  for (const char* key :
       {"min", "max", "mean", "low", "high", "bias", "peak_to_peak", "noise_rms"}) {
    EXPECT_TRUE(channel["levels"][key].is_number()) << key;
  }
  EXPECT_EQ(channel["revolution"]["teeth"], 48);
  EXPECT_EQ(channel["revolution"]["teeth_source"], "given");
  // The demo's wheel is made with 4 %.
  EXPECT_NEAR(channel["revolution"]["runout_percent"].get<double>(), 4, 1);
  EXPECT_TRUE(channel["revolution"]["irregular_teeth"].empty());
  EXPECT_NEAR(channel["flux_swing_mwb"].get<double>(), 2.0, 0.05);
  // Circumference left out: the speed cannot be known.
  const auto bare = Json::parse(ran({"analyse", folder.file("bale-cart-7-RL.csv"), "--json"}).out);
  EXPECT_TRUE(bare["channels"][0]["speed_kmh"].is_null());
  EXPECT_NE(bare["channels"][0]["revolution"]["teeth_source"], "given");
}

TEST(Cli, ChannelsAreChosenByNameOrNumber) {
  const test::Folder folder;
  test::write(folder.file("two.csv"),
              "Time (s),LF (V),RR (V)\n0,0,1\n0.001,1,0\n0.002,0,1\n0.003,1,0\n");
  EXPECT_EQ(Json::parse(ran({"analyse", folder.file("two.csv"), "--channel", "rr", "--json"})
                            .out)["channels"][0]["name"],
            "RR");
  EXPECT_EQ(Json::parse(ran({"analyse", folder.file("two.csv"), "--channel", "1", "--json"})
                            .out)["channels"][0]["name"],
            "LF");
  const auto r = ran({"analyse", folder.file("two.csv"), "--channel", "XX", "--json"});
  EXPECT_EQ(r.exit, 1);
  EXPECT_NE(r.err.find("one of LF, RR"), std::string::npos);
}

TEST(Cli, SumsAreRight) {
  EXPECT_NEAR(Json::parse(ran({"calc", "frequency", "--kmh", "20", "--teeth", "48",
                               "--circumference", "1.927", "--json"})
                              .out)["hz"]
                  .get<double>(),
              138.38, 0.01);
  EXPECT_NEAR(Json::parse(ran({"calc", "speed", "--hz", "138.38", "--teeth", "48", "--tyre",
                               "205/55R16", "--json"})
                              .out)["kmh"]
                  .get<double>(),
              20, 0.01);
  EXPECT_NEAR(Json::parse(ran({"calc", "teeth", "--hz", "138.38", "--kmh", "20", "--circumference",
                               "1.927", "--json"})
                              .out)["teeth"]
                  .get<double>(),
              48, 0.01);
  EXPECT_NEAR(
      Json::parse(ran({"calc", "wire", "--length", "10", "--awg", "20", "--json"}).out)["ohm"]
          .get<double>(),
      0.333, 0.001);
  EXPECT_NEAR(
      Json::parse(
          ran({"calc", "coil", "--ohm", "1359", "--from", "80", "--to", "20", "--json"}).out)["ohm"]
          .get<double>(),
      1100, 1);
  EXPECT_NEAR(
      Json::parse(
          ran({"calc", "injection", "--supply", "12", "--milliampere", "14", "--json"}).out)["ohm"]
          .get<double>(),
      857, 1);
  EXPECT_NE(ran({"calc", "salt"}).out.find("18.7 g"), std::string::npos);
  EXPECT_EQ(
      ran({"calc", "injection", "--supply", "1", "--milliampere", "14", "--sense", "100"}).exit, 1);
  EXPECT_EQ(ran({"calc", "wire", "--length", "1"}).exit, 2);
}

TEST(Cli, ReportsAreWrittenInBothForms) {
  const test::Folder folder;
  ASSERT_EQ(ran({"demo", folder.path()}).exit, 0);
  const std::string job = folder.file(job::kDemoCaseName);
  ASSERT_EQ(ran({"report", job, "-o", folder.file("r.html")}).exit, 0);
  ASSERT_EQ(ran({"report", job, "-o", folder.file("r.pdf")}).exit, 0);
  EXPECT_NE(test::read(folder.file("r.html")).find("Bale cart no. 7"), std::string::npos);
  // One page for the owner, by what another program (poppler) counts.
  ASSERT_EQ(ran({"report", job, "--owner", "-o", folder.file("owner.pdf")}).exit, 0);
  const std::string info = folder.file("info.txt");
  ASSERT_EQ(std::system(("pdfinfo " + folder.file("owner.pdf") + " > " + info).c_str()), 0);
  EXPECT_NE(test::read(info).find("Pages:           1\n"), std::string::npos) << test::read(info);
  EXPECT_TRUE(test::read(folder.file("r.pdf")).starts_with("%PDF-"));
  EXPECT_EQ(ran({"report", job, "-o", folder.file("r.docx")}).exit, 2);
  EXPECT_EQ(ran({"report", job, "-o", "/no/such/folder/r.pdf"}).exit, 1);
  std::filesystem::remove(folder.file("bale-cart-7-RR.csv"));
  const auto r = ran({"report", job, "-o", folder.file("r.html")});
  EXPECT_EQ(r.exit, 0);
  EXPECT_NE(r.err.find("bale-cart-7-RR.csv"), std::string::npos) << "a missing capture is named";
}

// Lines of a page that are not blank, by poppler's reading of the PDF.
std::vector<std::vector<std::string>> pagesOf(const std::string& pdf, const std::string& scratch) {
  EXPECT_EQ(std::system(("pdftotext -layout " + pdf + " " + scratch).c_str()), 0);
  std::vector<std::vector<std::string>> pages(1);
  std::istringstream in(test::read(scratch));
  for (std::string line; std::getline(in, line);) {
    if (!line.empty() && line[0] == '\f') {
      pages.emplace_back();
      line.erase(0, 1);
    }
    const auto from = line.find_first_not_of(' ');
    if (from != std::string::npos) {
      pages.back().push_back(line.substr(from));
    }
  }
  pages.pop_back();  // after the last form feed
  return pages;
}

TEST(Cli, EveryPageOfAReportHasItsNumberAndNoHeadingStandsAtItsFoot) {
  const test::Folder folder;
  ASSERT_EQ(ran({"demo", folder.path()}).exit, 0);
  auto c = Json::parse(test::read(folder.file(job::kDemoCaseName)));
  const auto reading = c["evidence"][2];
  const std::set<std::string> heads{"Complaint",   "Conclusion", "Readings",
                                    "Traces",      "Repair",     "Proof",
                                    "Limits used", "Cautions",   "The line, rear right"};
  for (int more = 0; more < 9; ++more) {
    // Every reading more moves what follows.
    auto again = reading;
    again["id"] = "more" + std::to_string(more);
    c["evidence"].push_back(again);
    c["evidence"].push_back(again);
    test::write(folder.file("grown.haybale.json"), c.dump());
    ASSERT_EQ(ran({"report", folder.file("grown.haybale.json"), "-o", folder.file("r.pdf")}).exit,
              0);
    const auto pages = pagesOf(folder.file("r.pdf"), folder.file("r.txt"));
    ASSERT_GE(pages.size(), 3U);
    for (std::size_t i = 0; i < pages.size(); ++i) {
      ASSERT_GE(pages[i].size(), 3U);
      const auto& foot = pages[i].back();
      EXPECT_NE(foot.find("page " + std::to_string(i + 1) + " of " + std::to_string(pages.size())),
                std::string::npos)
          << foot;
      EXPECT_FALSE(heads.contains(pages[i][pages[i].size() - 2])) << pages[i][pages[i].size() - 2];
    }
  }
}

}  // namespace
}  // namespace haybale::cli
