// Two wheels in one record: what both lose at the same moments is of neither's line (a fact of the
// trade: a supply that lets go takes all its sensors with it).
#include "core/trace/common_mode.h"

#include "core/capture/open.h"
#include "core/evidence/waveforms.h"
#include "core/signal/substitute.h"
#include "support/haybale_test.h"

namespace haybale::trace {
namespace {

capture::Record twoWheels(double lossOfFirst, double lossOfSecond, double stepOfBoth = 0) {
  capture::Record out;
  const std::pair<const char*, double> wheels[] = {{"FL", lossOfFirst}, {"FR", lossOfSecond}};
  double kmh = 18;
  for (const auto& [name, loss] : wheels) {
    signal::Substitute w;
    w.kind = circuit::SensorKind::passive;
    w.kmh = [kmh](double) { return kmh; };
    w.durationS = 4;
    w.disturbance.noiseRms = 0.005;
    w.disturbance.seed = static_cast<std::uint32_t>(kmh);
    if (loss > 0) {
      w.faults.emplace_back(signal::Drop{loss, 0.08, signal::DropLevel::flat});
      w.faults.emplace_back(signal::Drop{loss + 1.3, 0.15, signal::DropLevel::flat});
    }
    if (stepOfBoth > 0) {
      w.faults.emplace_back(signal::LevelStep{stepOfBoth, 1.5});
    }
    auto one = *signal::substitute(w);
    one.channels[0].name = name;
    out.time = one.time;
    out.channels.push_back(std::move(one.channels[0]));
    kmh += 0.7;  // no two wheels turn alike
  }
  return out;
}

std::vector<ChannelAnalysis> readTogether(const capture::Record& record) {
  std::vector<ChannelAnalysis> out{analyse(record, 0, {}), analyse(record, 1, {})};
  tellCommon({&out[0], &out[1]});
  return out;
}

bool blames(const ChannelAnalysis& a, Code code) {
  return std::any_of(a.findings.begin(), a.findings.end(), [&](const Finding& f) {
    return f.code == code && f.severity == Severity::fault;
  });
}

TEST(CommonMode, WhatBothLoseAtOnceBlamesNeitherLine) {
  for (const auto& a : readTogether(twoWheels(1.0, 1.0))) {
    EXPECT_EQ(a.dropouts.size(), 2U) << a.name;
    EXPECT_FALSE(blames(a, Code::intermittentOpen)) << a.name;
    ASSERT_EQ(a.findings.front().code, Code::common) << a.name << a.findings.front().text;
    EXPECT_EQ(a.findings.front().where, Where::supply);
    EXPECT_NE(a.findings.front().text.find(a.name == "FL" ? "FR" : "FL"), std::string::npos);
    EXPECT_TRUE(a.findings.front().place.has_value());
  }
}

TEST(CommonMode, WhatEachLosesByItselfBlamesEach) {
  for (const auto& a : readTogether(twoWheels(1.0, 1.5))) {
    EXPECT_TRUE(blames(a, Code::intermittentOpen)) << a.name;
    EXPECT_NE(a.findings.front().code, Code::common);
  }
  const auto one = readTogether(twoWheels(1.0, 0));
  EXPECT_TRUE(blames(one[0], Code::intermittentOpen));
  EXPECT_EQ(one[1].findings.front().code, Code::healthy) << one[1].findings.front().text;
}

TEST(CommonMode, AStepOfBothLevelsIsShared) {
  for (const auto& a : readTogether(twoWheels(0, 0, 2.0))) {
    EXPECT_FALSE(blames(a, Code::biasShift)) << a.name;
    EXPECT_EQ(a.findings.front().code, Code::common) << a.findings.front().text;
  }
}

TEST(CommonMode, IsToldOfTracesOfOneFileInAJob) {
  const test::Folder folder;
  ASSERT_HB_OK(capture::saveCapture(folder.file("both.csv"), twoWheels(1.0, 1.0)));
  job::Case c = job::newCase();
  for (const char* name : {"FL", "FR"}) {
    job::Evidence e;
    e.id = name;
    e.test.kind = circuit::TestKind::waveform;
    e.test.circuit = name;
    e.reading.file = "both.csv";
    c.evidence.push_back(std::move(e));
  }
  diagnosis::CaptureShelf shelf;
  const auto set = diagnosis::analyseWaveforms(c, folder.path(), shelf);
  for (const char* name : {"FL", "FR"}) {
    ASSERT_TRUE(set.analyses.contains(name));
    EXPECT_EQ(set.analyses.at(name)->findings.front().code, Code::common) << name;
  }
}

}  // namespace
}  // namespace haybale::trace
