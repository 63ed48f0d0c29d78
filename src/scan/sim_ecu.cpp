#include "scan/sim_ecu.h"

#include <cmath>

#include "scan/services.h"

namespace haybale::scan {

namespace {

constexpr std::uint16_t kFirstDid = 0x4A01;
constexpr std::uint8_t kStatus =
    0x2F;  // failed now, this cycle, pending, confirmed, since clearing

std::uint32_t plainCode(std::size_t circuit) {
  // C0035, C0040, C0045, C0050: the letter is the two highest of sixteen bits.
  static constexpr std::uint32_t kNumbers[] = {0x0035, 0x0040, 0x0045, 0x0050};
  return 0x4000 | (circuit < 4 ? kNumbers[circuit] : 0x0100 + static_cast<std::uint32_t>(circuit));
}

std::string refusal(char service, char code) {
  return std::string{0x7F, service, code};
}

ScanMap mapOf(const job::Case& c) {
  ScanMap map;
  map.doip.ecu = 0x1010;
  for (std::size_t i = 0; i < c.circuits.size(); ++i) {
    SpeedPlace place;
    place.circuit = c.circuits[i].name;
    place.did = static_cast<std::uint16_t>(kFirstDid + i / 4);
    place.offset = 2 * (i % 4);
    map.speeds.push_back(place);
    map.codes[codeText(plainCode(i) << 8).substr(0, 5)] = c.circuits[i].name;
  }
  return map;
}

}  // namespace

SimEcu::SimEcu(instruments::Yard& yard) : yard_(yard), map_(mapOf(yard.vehicle())) {}

Result<std::unique_ptr<SimEcu>> SimEcu::open(instruments::Yard& yard, int port) {
  std::unique_ptr<SimEcu> ecu(new SimEcu(yard));
  instruments::LoopbackServer::Limits limits;
  limits.cut = [](std::string_view bytes) {
    const auto size = doipSize(bytes);
    // What is no frame is answered as one: it is cut off there.
    return size ? *size : bytes.size();
  };
  auto server = instruments::LoopbackServer::start(
      port, [e = ecu.get()](std::string_view bytes) { return e->frame(bytes); }, {}, 50, limits);
  if (!server) {
    return server.error();
  }
  ecu->server_ = std::move(*server);
  return ecu;
}

std::string SimEcu::frame(std::string_view bytes) {
  if (const auto size = doipSize(bytes); !size || *size == 0) {
    return doipBytes(DoipType::headerRefused, std::string(1, '\0'));  // wrong pattern
  }
  const auto got = doipFrame(bytes);
  if (got.type == DoipType::activate && got.payload.size() >= 7) {
    // Tester, this gateway, "activated", four reserved.
    return doipBytes(DoipType::activated, got.payload.substr(0, 2) + bytesOf(map_.doip.ecu, 2) +
                                              std::string(1, 0x10) + std::string(4, '\0'));
  }
  if (got.type != DoipType::message || got.payload.size() < 5) {
    return doipBytes(DoipType::headerRefused, std::string(1, 0x01));  // unknown kind
  }
  const std::string tester = got.payload.substr(0, 2);
  const std::string asked = got.payload.substr(2, 2);
  if (numberAt(got.payload, 2, 2) != map_.doip.ecu) {
    return doipBytes(DoipType::notTaken, asked + tester + std::string(1, 0x03));
  }
  return doipBytes(DoipType::taken, asked + tester + std::string(1, '\0')) +
         doipBytes(DoipType::message, asked + tester + answer(got.payload.substr(4)));
}

std::string SimEcu::answer(std::string_view request) {
  const char service = request.front();
  const auto parameters = request.substr(1);
  switch (service) {
    case 0x10:
      return parameters.empty() ? refusal(service, 0x13)
                                : std::string{0x50, parameters.front(), 0, 0x32, 1, '\xF4'};
    case 0x3E:
      return std::string{0x7E, 0};
    case 0x14:
      if (parameters.size() != 3) {
        return refusal(service, 0x13);
      }
      yard_.clearCodes();
      return std::string(1, 0x54);
    case 0x19:
      return parameters.empty() ? refusal(service, 0x13) : codes(parameters);
    case 0x22:
      return record(parameters);
    default:
      return refusal(service, 0x11);
  }
}

std::string SimEcu::codes(std::string_view parameters) {
  if (parameters.front() != 0x02) {
    return refusal(0x19, 0x12);
  }
  if (parameters.size() != 2) {
    return refusal(0x19, 0x13);
  }
  std::string out{0x59, 0x02, static_cast<char>(0xFF)};
  const auto& circuits = yard_.vehicle().circuits;
  for (const auto& code : yard_.codes()) {
    for (std::size_t i = 0; i < circuits.size(); ++i) {
      if (circuits[i].name == code.circuit) {
        out += bytesOf(plainCode(i), 2);
        out += static_cast<char>(
            failureType(job::kCodeTypeNames[static_cast<std::size_t>(code.type)]));
        out += static_cast<char>(kStatus);
      }
    }
  }
  return out;
}

std::string SimEcu::record(std::string_view parameters) {
  if (parameters.empty() || parameters.size() % 2 != 0) {
    return refusal(0x22, 0x13);
  }
  const auto speeds = yard_.speeds();
  std::string out(1, 0x62);
  for (std::size_t at = 0; at < parameters.size(); at += 2) {
    const auto did = static_cast<std::uint16_t>(numberAt(parameters, at, 2));
    const std::size_t first =
        did < kFirstDid ? speeds.size() : 4 * static_cast<std::size_t>(did - kFirstDid);
    if (first >= speeds.size()) {
      return refusal(0x22, 0x31);
    }
    out += bytesOf(did, 2);
    for (std::size_t i = first; i < std::min(first + 4, speeds.size()); ++i) {
      out += bytesOf(static_cast<std::uint64_t>(std::lround(speeds[i] * 100)), 2);
    }
  }
  return out;
}

}  // namespace haybale::scan
