#include "scan/doip.h"

#include <fmt/format.h>

#include "core/base/say.h"

namespace haybale::scan {

namespace {

using instruments::Loss;
using instruments::Transport;

constexpr std::uint8_t kVersion = 0x02;
constexpr std::size_t kHeader = 8;
constexpr std::size_t kMostPayload = 1U << 20;
constexpr Milliseconds kConnect{4000};
constexpr Milliseconds kWrite{2000};
constexpr Milliseconds kActivate{3000};

std::string activationText(std::uint64_t code) {
  switch (code) {
    case 0x00:
      return "the tester's address is unknown to it";
    case 0x01:
      return "all its places for testers are taken";
    case 0x02:
    case 0x03:
      return "the tester's address is in use already";
    case 0x04:
      return "it wants authentication first";
    case 0x05:
      return "it wants a confirmation first";
    case 0x06:
      return "it does not know this kind of activation";
    default:
      return fmt::format("code 0x{:02X}", code);
  }
}

std::string notTakenText(std::uint64_t code) {
  switch (code) {
    case 0x02:
      return "the tester's address is not the one activated";
    case 0x03:
      return "the control unit's address is unknown";
    case 0x04:
      return "the message is too long";
    case 0x05:
      return "it is out of memory";
    case 0x06:
      return "the control unit cannot be reached";
    case 0x07:
      return "the network is unknown";
    default:
      return fmt::format("code 0x{:02X}", code);
  }
}

class DoipChannel : public Channel {
 public:
  DoipChannel(std::unique_ptr<Transport> line, DoipEnds ends, std::string name)
      : line_(std::move(line)), ends_(ends), name_(std::move(name)) {}

  Status activate() {
    const std::string wanted = bytesOf(ends_.tester, 2) + std::string(5, '\0');
    if (auto sent = line_->write(doipBytes(DoipType::activate, wanted), kWrite); !sent) {
      return sent;
    }
    const auto until = std::chrono::steady_clock::now() + kActivate;
    while (std::chrono::steady_clock::now() < until) {
      auto frame = next(kActivate);
      if (!frame) {
        return frame.error();
      }
      if (!*frame) {
        break;
      }
      if ((*frame)->type == DoipType::activated) {
        const std::string& got = (*frame)->payload;
        if (got.size() < 5) {
          return broken("a routing activation of " + std::to_string(got.size()) + " bytes");
        }
        const auto code = numberAt(got, 4, 1);
        return code == 0x10 || code == 0x11
                   ? Status(Done{})
                   : Error{name_, std::nullopt,
                           say("does not let the tester in: ") + activationText(code),
                           say("the \"tester\" address of the map as this vehicle knows it")};
      }
    }
    return Error{name_, std::nullopt, say("does not answer the routing activation"),
                 say("the address of a vehicle's diagnostic gateway, with the key on")};
  }

  Status send(std::string_view message) override {
    return line_->write(
        doipBytes(DoipType::message,
                  bytesOf(ends_.tester, 2) + bytesOf(ends_.ecu, 2) + std::string(message)),
        kWrite);
  }

  Result<std::optional<std::string>> receive(Milliseconds within) override {
    const auto until = std::chrono::steady_clock::now() + within;
    for (;;) {
      const auto left =
          std::chrono::duration_cast<Milliseconds>(until - std::chrono::steady_clock::now());
      if (left.count() <= 0) {
        return std::optional<std::string>();
      }
      auto frame = next(left);
      if (!frame) {
        return frame.error();
      }
      if (!*frame) {
        return std::optional<std::string>();
      }
      auto message = messageIn(**frame);
      if (!message || *message) {
        return message;
      }
    }
  }

 private:
  [[nodiscard]] Error broken(const std::string& what) const {
    return {name_, std::nullopt, "sends " + what, "frames as ISO 13400-2 lays them out"};
  }

  // What of a frame is for us; empty: nothing.
  Result<std::optional<std::string>> messageIn(const DoipFrame& frame) {
    const std::string& got = frame.payload;
    switch (frame.type) {
      case DoipType::headerRefused:
        return Error{name_, std::nullopt,
                     sayf("refuses our frame: code 0x{:02X}", numberAt(got, 0, 1)),
                     say("a gateway of ISO 13400-2")};
      case DoipType::aliveAsked:
        if (auto sent = line_->write(doipBytes(DoipType::alive, bytesOf(ends_.tester, 2)), kWrite);
            !sent) {
          return sent.error();
        }
        return std::optional<std::string>();
      case DoipType::notTaken:
        if (got.size() < 5) {
          return broken("a refusal of " + std::to_string(got.size()) + " bytes");
        }
        return Error{name_, std::nullopt,
                     say("does not take the message: ") + notTakenText(numberAt(got, 4, 1)),
                     say("the \"ecu\" address of the map as this vehicle knows it")};
      case DoipType::message:
        if (got.size() < 5) {
          return broken("a message of " + std::to_string(got.size()) + " bytes");
        }
        // Of another control unit, or to another tester.
        if (numberAt(got, 0, 2) != ends_.ecu || numberAt(got, 2, 2) != ends_.tester) {
          return std::optional<std::string>();
        }
        return std::optional(got.substr(4));
      default:
        return std::optional<std::string>();
    }
  }

  // The next frame; empty when none came whole in time.
  Result<std::optional<DoipFrame>> next(Milliseconds within) {
    const auto until = std::chrono::steady_clock::now() + within;
    for (;;) {
      const auto size = doipSize(heard_);
      if (!size) {
        Error error = size.error();
        error.where = name_;
        return error;
      }
      if (*size > 0) {
        DoipFrame frame = doipFrame(std::string_view(heard_).substr(0, *size));
        heard_.erase(0, *size);
        return std::optional(std::move(frame));
      }
      const auto left =
          std::chrono::duration_cast<Milliseconds>(until - std::chrono::steady_clock::now());
      if (left.count() <= 0) {
        return std::optional<DoipFrame>();
      }
      const auto lost = line_->read(heard_, left);
      if (lost == Loss::closed) {
        return Error{name_, std::nullopt, say("has closed the connection"),
                     say("a gateway that stays awake: the key on, the plug seated")};
      }
    }
  }

  std::unique_ptr<Transport> line_;
  DoipEnds ends_;
  std::string name_;
  std::string heard_;
};

}  // namespace

std::string doipBytes(DoipType type, std::string_view payload) {
  std::string out{static_cast<char>(kVersion), static_cast<char>(0xFF ^ kVersion)};
  out += bytesOf(static_cast<std::uint16_t>(type), 2);
  out += bytesOf(payload.size(), 4);
  out += payload;
  return out;
}

Result<std::size_t> doipSize(std::string_view bytes) {
  if (bytes.size() >= 2 && (numberAt(bytes, 0, 1) ^ numberAt(bytes, 1, 1)) != 0xFF) {
    return Error{"", std::nullopt,
                 say("does not speak DoIP: it sends ") + hexText(bytes.substr(0, 8)),
                 say("a gateway of ISO 13400-2")};
  }
  if (bytes.size() < kHeader) {
    return std::size_t{0};
  }
  const auto payload = numberAt(bytes, 4, 4);
  if (payload > kMostPayload) {
    return Error{"", std::nullopt, sayf("announces a frame of {} bytes", payload),
                 say("at most 1 MB")};
  }
  return bytes.size() < kHeader + payload ? std::size_t{0}
                                          : kHeader + static_cast<std::size_t>(payload);
}

DoipFrame doipFrame(std::string_view bytes) {
  return {static_cast<DoipType>(numberAt(bytes, 2, 2)), std::string(bytes.substr(kHeader))};
}

Result<std::unique_ptr<Channel>> openDoip(const std::string& host, int port, DoipEnds ends) {
  instruments::Address address;
  address.host = host;
  address.number = port > 0 ? port : kDoipPort;
  auto line = instruments::open(address, kConnect);
  if (!line) {
    return line.error();
  }
  auto channel = std::make_unique<DoipChannel>(std::move(*line), ends,
                                               fmt::format("{}:{}", host, address.number));
  if (auto in = channel->activate(); !in) {
    return in.error();
  }
  return std::unique_ptr<Channel>(std::move(channel));
}

}  // namespace haybale::scan
