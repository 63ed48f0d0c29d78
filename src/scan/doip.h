// Diagnostic messages over TCP (ISO 13400-2; from memory): the frame, and a channel to one control
// unit behind a gateway.
#pragma once

#include "instruments/transport.h"
#include "scan/uds.h"

namespace haybale::scan {

inline constexpr int kDoipPort = 13400;

/// Kinds of payload.
enum class DoipType : std::uint16_t {
  headerRefused = 0x0000,
  activate = 0x0005,
  activated = 0x0006,
  aliveAsked = 0x0007,
  alive = 0x0008,
  message = 0x8001,
  taken = 0x8002,
  notTaken = 0x8003
};

struct DoipFrame {
  DoipType type = DoipType::message;
  std::string payload;
};

/// The bytes of a frame.
[[nodiscard]] std::string doipBytes(DoipType type, std::string_view payload);
/// How many of `bytes` are the first frame; 0 while it is not whole. An error for what is none:
/// a version whose inverse does not match, a length beyond 1 MB.
[[nodiscard]] Result<std::size_t> doipSize(std::string_view bytes);
/// The frame that `doipSize` cut out.
[[nodiscard]] DoipFrame doipFrame(std::string_view bytes);

/// Addresses of the tester and the control unit.
struct DoipEnds {
  std::uint16_t tester = 0x0E00;
  std::uint16_t ecu = 0x0001;
};

/// Connects, activates routing; `host` is a name or number, port 0 the usual one.
[[nodiscard]] Result<std::unique_ptr<Channel>> openDoip(const std::string& host, int port,
                                                        DoipEnds ends);

}  // namespace haybale::scan
