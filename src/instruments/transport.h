// Bytes to and from an instrument: a raw socket, a serial line, a USB-TMC device file.
//
// Calls wait no longer than they are told and never longer than the instrument is gone; they run on
// a thread of their own, not the window's.
#pragma once

#include <chrono>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"

namespace haybale::instruments {

using Milliseconds = std::chrono::milliseconds;

/// Why bytes did not come: nothing within the time, or the other side is gone.
enum class Loss { timeout, closed };

class Transport {
 public:
  Transport() = default;
  Transport(const Transport&) = delete;
  Transport& operator=(const Transport&) = delete;
  virtual ~Transport() = default;

  /// Sends all of `bytes`. An error means that the line is lost.
  virtual Status write(std::string_view bytes, Milliseconds within) = 0;
  /// Appends what has come, at least one byte, to `into`.
  virtual std::optional<Loss> read(std::string& into, Milliseconds within) = 0;
};

/// Where an instrument is: "tcp:192.168.4.20:5025" (port 5025 when left out),
/// "serial:/dev/ttyUSB0:9600" (9600 baud when left out), "usbtmc:/dev/usbtmc0".
struct Address {
  enum class Kind { tcp, serial, usbtmc };
  Kind kind = Kind::tcp;
  std::string host;  ///< or the device file
  int number = 0;    ///< port, or baud
};
[[nodiscard]] Result<Address> parseAddress(std::string_view text);
[[nodiscard]] std::string nameOf(const Address& address);

/// Connects within the time given.
[[nodiscard]] Result<std::unique_ptr<Transport>> open(const Address& address, Milliseconds within);

/// Addresses of what is plugged in: USB-TMC device files and serial adapters under `devFolder`.
/// Finds names only; nothing is opened.
[[nodiscard]] std::vector<Address> pluggedIn(const std::string& devFolder = "/dev");

}  // namespace haybale::instruments
