// A band that is remembered is the one that would be predicted, whatever of the question changes.
#include "core/circuit/band_memory.h"

#include <functional>

#include "core/base/parallel.h"
#include "core/belief/learn.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {
namespace {

class Bands : public Job {};

TEST_F(Bands, AreThoseThatWouldBePredicted) {
  circuit::BandMemory memory;
  reading("RL", "module pair 1.12k");
  auto known = learnParameters(c, *c.find("RR"));
  circuit::Test test = c.evidence.front().test;
  test.circuit = "RR";
  auto line = *c.find("RR");
  auto meter = c.meter;
  const auto same = [&](const char* after) {
    const auto fresh = circuit::predictBand(line, known, test, {}, meter);
    ASSERT_TRUE(fresh) << after;
    for (int twice = 0; twice < 2; ++twice) {
      const auto kept = memory.bandFor(line, known, test, meter);
      ASSERT_TRUE(kept) << after;
      EXPECT_EQ(kept->low, fresh->low) << after;
      EXPECT_EQ(kept->nominal, fresh->nominal) << after;
      EXPECT_EQ(kept->high, fresh->high) << after;
    }
    return;
  };
  same("first");
  const double before = memory.bandFor(line, known, test, meter)->nominal;
  for (auto& draw : known.draws) {
    draw.celsius = 95;
  }
  known.central.celsius = 95;
  same("warm");
  EXPECT_GT(memory.bandFor(line, known, test, meter)->nominal, 1.1 * before) << "copper, 75 K more";
  test.kind = circuit::TestKind::dcVoltage;
  test.state.key = circuit::Key::on;
  test.state.unplugged.clear();
  same("another test");
  meter.inputOhm = 2e4;
  same("another meter");
  line.path[1].lengthM = 400;
  same("another line");
}

// Many threads that ask the same and other things get what one would.
TEST_F(Bands, MayBeAskedForByManyAtOnce) {
  circuit::BandMemory memory;
  const auto known = learnParameters(c, *c.find("RR"));
  const auto& line = *c.find("RR");
  const auto start = job::defaultTest(line, {circuit::Place::Kind::modulePlug, "module"},
                                      circuit::TestKind::resistance);
  const auto expected = circuit::predictBand(line, known, start, {}, c.meter);
  ASSERT_TRUE(expected);
  std::vector<double> got(64);
  parallelFor(got.size(), [&](std::size_t i) {
    auto test = start;
    test.state.key = i % 2 == 0 ? start.state.key : circuit::Key::on;
    const auto band = memory.bandFor(line, known, test, c.meter);
    got[i] = band && i % 2 == 0 ? band->nominal : expected->nominal;
  });
  for (const double nominal : got) {
    EXPECT_EQ(nominal, expected->nominal);
  }
}

}  // namespace
}  // namespace haybale::diagnosis
