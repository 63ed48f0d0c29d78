// A control unit asked by unified diagnostic services (ISO 14229-1; from memory), whatever carries
// the messages.
#pragma once

#include <chrono>
#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace haybale::scan {

using Milliseconds = std::chrono::milliseconds;

/// Carries whole messages to one control unit and back. What is meant for others, or comes from
/// them, is left out below it.
class Channel {
 public:
  Channel() = default;
  Channel(const Channel&) = delete;
  Channel& operator=(const Channel&) = delete;
  virtual ~Channel() = default;

  virtual Status send(std::string_view message) = 0;
  /// One message; empty when none came in time. An error means that the line is lost.
  [[nodiscard]] virtual Result<std::optional<std::string>> receive(Milliseconds within) = 0;
};

/// How long is waited, and how often asked again.
struct Patience {
  Milliseconds answer{2000};   ///< for the first answer
  Milliseconds pending{6000};  ///< for the next one after "response pending" (0x78)
  Milliseconds whole{60000};   ///< for one question, however often it is pending
  Milliseconds busy{200};      ///< before asking again after "busy" (0x21)
  int busyTimes = 10;
};

class Client {
 public:
  explicit Client(Channel& channel, Patience patience = {})
      : channel_(channel), patience_(patience) {}

  /// Asks `service` with `parameters`, and gives back what follows the answer's service byte. A
  /// refusal is an error that says why; `refused` is its code then.
  [[nodiscard]] Result<std::string> ask(std::uint8_t service, std::string_view parameters);
  [[nodiscard]] std::optional<std::uint8_t> refused() const { return refused_; }

 private:
  // One answer to a question that was sent; empty: busy, ask again.
  [[nodiscard]] Result<std::optional<std::string>> answerTo(std::uint8_t service);

  Channel& channel_;
  Patience patience_;
  std::optional<std::uint8_t> refused_;
};

/// A negative response code in words: "request out of range".
[[nodiscard]] std::string refusalText(std::uint8_t code);

/// "59 02 FF".
[[nodiscard]] std::string hexText(std::string_view bytes);
/// Big-endian, `count` bytes up to 8 from `at`.
[[nodiscard]] std::uint64_t numberAt(std::string_view bytes, std::size_t at, std::size_t count);
/// The same the other way.
[[nodiscard]] std::string bytesOf(std::uint64_t number, std::size_t count);

}  // namespace haybale::scan
