// Any text in a box: quantities, tyre sizes, places, whole reading lines.
#include <cstddef>
#include <cstdint>

#include "core/job/reading_line.h"
#include "core/physics/tyre.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale;
  const std::string_view text(reinterpret_cast<const char*>(data), size);
  static const circuit::Circuit circuit = circuit::typicalCircuit("RR", "rear right");
  static const auto start = job::defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                                             circuit::TestKind::resistance);
  for (const auto unit : {units::Unit::ohm, units::Unit::volt, units::Unit::none}) {
    if (const auto entry = units::parseEntry(text, unit)) {
      (void)units::format(*entry);
      (void)units::format(entry->value, entry->unit, 4);
    }
  }
  (void)physics::parseTyre(text);
  (void)circuit::parsePlace(text, circuit);
  if (const auto typed = job::parseReadingLine(text, circuit, start)) {
    (void)job::readsAs(*typed);
  }
  return 0;
}
