#include "core/job/reading_line.h"

#include "support/haybale_test.h"

namespace haybale::job {
namespace {

class ReadingLine : public testing::Test {
 protected:
  ReadingLine() {
    circuit.sensor.kind = circuit::SensorKind::passive;
    start = defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                        circuit::TestKind::resistance);
  }
  [[nodiscard]] std::string echo(const char* text) const {
    const auto typed = parseReadingLine(text, circuit, start);
    return typed ? readsAs(*typed) : typed.error().sentence();
  }
  circuit::Circuit circuit = circuit::typicalCircuit("RR", "rear right");
  circuit::Test start;
};

TEST_F(ReadingLine, ABareValueIsForTheTestChosen) {
  EXPECT_EQ(echo("4M8"), "module plug, wire a to b, 4.8 MΩ, key off, module unplugged");
  EXPECT_EQ(echo("OL"), "module plug, wire a to b, OL, key off, module unplugged");
}

TEST_F(ReadingLine, AWholeLineSaysItAll) {
  EXPECT_EQ(echo("C2 a gnd 4.98V key on unplugged"),
            "C2, module half, wire a to ground, 4.98 V DC, key on, C2 unplugged");
  EXPECT_EQ(echo("key on 4.98V C2.m gnd a unplugged"), echo("C2 a gnd 4.98V key on unplugged"))
      << "in any order";
  EXPECT_EQ(echo("C2.w b gnd 500 mV plugged"),
            "C2, wheel half, wire b to ground, 500 mV DC, key on, all plugged in");
  EXPECT_EQ(echo("sensor pair 1.12k at 80C"),
            "sensor, wire a to b, 1.12 kΩ, coil at 80 °C, key off, C2 unplugged");
  EXPECT_EQ(echo("module pair ac 0.41V 52Hz"),
            "module plug, wire a to b, 410 mV AC at 52.0 Hz, key on, all plugged in, wheel spun");
}

TEST_F(ReadingLine, VoltsAndHertzAreTakenAsTheyAreSpoken) {
  const auto want = echo("module pair ac 0.41V 52Hz");
  for (const char* line : {"module pair 0.41 Vac 52 Hz", "module pair 0.41VAC at 52 Hz",
                           "module pair 410 mVac 0.052 kHz", "module pair 0.41 V ac 52 hz"}) {
    EXPECT_EQ(echo(line), want) << line;
  }
  EXPECT_EQ(echo("C2 a gnd 4.98Vdc key on unplugged"), echo("C2 a gnd 4.98V key on unplugged"));
  EXPECT_NE(echo("module pair Hz").find("is not a number"), std::string::npos);
}

// From the module's plug to the wheel's: both ends of the wire free for ohms, together for volts.
TEST_F(ReadingLine, ASecondPlaceIsTheBlackLeads) {
  const auto ohms = parseReadingLine("module a C2 a 0.6", circuit, start);
  ASSERT_HB_OK(ohms);
  EXPECT_EQ(ohms->test.red->place.element, "module");
  EXPECT_EQ(ohms->test.black->place.element, "C2");
  EXPECT_EQ(ohms->test.black->wire, circuit::WireId::a);
  EXPECT_EQ(ohms->test.state.unplugged, (std::vector<std::string>{"module", "C2"}));
  const auto volts = parseReadingLine("C1.w b C2 12mV dc", circuit, start);
  ASSERT_HB_OK(volts);
  EXPECT_EQ(volts->test.red->wire, circuit::WireId::b);
  EXPECT_EQ(volts->test.black->place.element, "C2");
  EXPECT_EQ(volts->test.black->wire, circuit::WireId::b) << "the same wire, unless another is said";
  EXPECT_TRUE(volts->test.state.unplugged.empty());
}

TEST_F(ReadingLine, WhatIsNotUnderstoodIsSaid) {
  EXPECT_NE(echo("").find("no value yet"), std::string::npos);
  EXPECT_NE(echo("C9 4.8").find("is not a number"), std::string::npos);
  EXPECT_NE(echo("4.8 bananas").find("no unit"), std::string::npos);
}

}  // namespace
}  // namespace haybale::job
