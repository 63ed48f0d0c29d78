#include "scan/services.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "core/base/say.h"

namespace haybale::scan {

namespace {

constexpr std::uint8_t kReadCodes = 0x19;
constexpr std::uint8_t kClear = 0x14;
constexpr std::uint8_t kReadById = 0x22;
constexpr char kByStatus = 0x02;
constexpr char kSnapshot = 0x04;
constexpr char kExtended = 0x06;
constexpr char kAll = static_cast<char>(0xFF);

struct FailureType {
  std::uint8_t byte;
  std::string_view type;
};
// The first of a type is the one the simulated side uses. What says nothing of a circuit, or
// nothing that is sure, is left out.
constexpr FailureType kTypes[] = {{0x13, "open"},           // circuit open
                                  {0x11, "short-ground"},   // circuit short to ground
                                  {0x12, "short-supply"},   // circuit short to battery
                                  {0x14, "open-or-short"},  // short to ground or open
                                  {0x31, "no-signal"},      // no signal
                                  {0x2F, "erratic"},        // signal erratic
                                  {0x21, "low-amplitude"},  // signal amplitude below minimum
                                  {0x64, "implausible"},    // plausibility failure
                                  {0x15, "open-or-short"},  // short to battery or open
                                  {0x1B, "open"},           // resistance above threshold
                                  {0x1E, "open-or-short"},  // resistance out of range
                                  {0x1F, "erratic"},        // intermittent
                                  {0x22, "implausible"},    // signal amplitude above maximum
                                  {0x29, "implausible"},    // signal invalid
                                  {0x36, "implausible"},    // frequency too low
                                  {0x37, "implausible"},    // frequency too high
                                  {0x38, "implausible"},    // frequency incorrect
                                  {0x39, "erratic"},        // too few pulses
                                  {0x3A, "erratic"},        // too many pulses
                                  {0x62, "implausible"},    // signal compare failure
                                  {0x66, "erratic"},        // too many transitions
                                  {0x67, "implausible"}};   // signal incorrect after event

Error wrongLength(std::string_view service, std::string_view got, const std::string& right) {
  return {std::string(service), std::nullopt,
          fmt::format("is answered with {} bytes ({})", got.size(), hexText(got.substr(0, 16))),
          right};
}

// What is frozen with a code, and how often it came; a control unit that gives neither is none the
// worse.
Status addDetails(Client& client, Code& code) {
  const std::string which = bytesOf(code.bytes, 3) + kAll;
  const auto frozen = client.ask(kReadCodes, kSnapshot + which);
  if (!frozen && !client.refused()) {
    return frozen.error();
  }
  // Sub-function, code, status, then record number, number of identifiers, their bytes.
  if (frozen && frozen->size() > 7) {
    code.snapshots[static_cast<int>(numberAt(*frozen, 5, 1))] = hexText(frozen->substr(6));
  }
  const auto extended = client.ask(kReadCodes, kExtended + which);
  if (!extended && !client.refused()) {
    return extended.error();
  }
  // By common practice record 1 is one byte, how often the code was set.
  if (extended && extended->size() >= 7 && numberAt(*extended, 5, 1) == 1) {
    code.occurrences = static_cast<int>(numberAt(*extended, 6, 1));
  }
  return Done{};
}

}  // namespace

std::string codeText(std::uint32_t bytes) {
  static constexpr std::string_view kSystems = "PCBU";
  const std::uint32_t code = bytes >> 8 & 0xFFFF;
  return fmt::format("{}{:X}{:03X}-{:02X}", kSystems[code >> 14], code >> 12 & 3, code & 0xFFF,
                     bytes & 0xFF);
}

std::string codeType(std::uint32_t bytes) {
  const auto* it = std::find_if(std::begin(kTypes), std::end(kTypes),
                                [&](const FailureType& t) { return t.byte == (bytes & 0xFF); });
  return it == std::end(kTypes) ? std::string() : std::string(it->type);
}

std::uint8_t failureType(std::string_view type) {
  const auto* it = std::find_if(std::begin(kTypes), std::end(kTypes),
                                [&](const FailureType& t) { return t.type == type; });
  return it == std::end(kTypes) ? 0 : it->byte;
}

Result<std::vector<Code>> readCodes(Client& client) {
  const auto answer = client.ask(kReadCodes, std::string{kByStatus, kAll});
  if (!answer) {
    return answer.error();
  }
  // Sub-function, availability mask, then three bytes of code and one of status each.
  if (answer->size() < 2 || answer->front() != kByStatus || (answer->size() - 2) % 4 != 0) {
    return wrongLength("service 0x19", *answer, "two bytes and four for every code");
  }
  std::vector<Code> out;
  for (std::size_t at = 2; at < answer->size(); at += 4) {
    Code code;
    code.bytes = static_cast<std::uint32_t>(numberAt(*answer, at, 3));
    code.status = static_cast<std::uint8_t>(numberAt(*answer, at + 3, 1));
    if (auto status = addDetails(client, code); !status) {
      return status.error();
    }
    out.push_back(std::move(code));
  }
  return out;
}

Status clearCodes(Client& client) {
  const auto answer = client.ask(kClear, std::string(3, kAll));
  return answer ? Status(Done{}) : Status(answer.error());
}

Result<std::map<std::string, double>> readSpeeds(Client& client, const ScanMap& map) {
  std::map<std::uint16_t, std::string> records;
  std::map<std::string, double> out;
  for (const auto& place : map.speeds) {
    if (!records.contains(place.did)) {
      auto answer = client.ask(kReadById, bytesOf(place.did, 2));
      const std::string name = fmt::format("identifier 0x{:04X}", place.did);
      if (!answer) {
        Error error = answer.error();
        error.where = name;
        return error;
      }
      if (answer->size() < 2 || numberAt(*answer, 0, 2) != place.did) {
        return wrongLength(name, *answer, "the identifier and its record");
      }
      records[place.did] = answer->substr(2);
    }
    const std::string& record = records[place.did];
    if (place.offset + place.bytes > record.size()) {
      return Error{sayf("identifier 0x{:04X}", place.did), std::nullopt,
                   sayf("has a record of {} bytes, {} wants bytes {} to {}", record.size(),
                        place.circuit, place.offset, place.offset + place.bytes - 1),
                   say("a map of this control unit")};
    }
    const auto raw = numberAt(record, place.offset, place.bytes);
    const auto bits = 8 * place.bytes;
    const bool below = place.isSigned && (raw >> (bits - 1) & 1) != 0;
    const double value = below ? static_cast<double>(static_cast<std::int64_t>(
                                     bits == 64 ? raw : raw | ~std::uint64_t{0} << bits))
                               : static_cast<double>(raw);
    out[place.circuit] = value * place.scale;
  }
  return out;
}

}  // namespace haybale::scan
