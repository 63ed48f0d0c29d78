#include "scan/uds.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <thread>
#include <utility>

#include "core/base/say.h"

namespace haybale::scan {

namespace {

constexpr std::uint8_t kNegative = 0x7F;
constexpr std::uint8_t kBusy = 0x21;
constexpr std::uint8_t kPending = 0x78;

std::uint8_t byteAt(std::string_view bytes, std::size_t at) {
  return static_cast<std::uint8_t>(bytes[at]);
}

}  // namespace

std::string refusalText(std::uint8_t code) {
  static constexpr std::pair<std::uint8_t, std::string_view> names[] = {
      {0x10, "general reject"},
      {0x11, "service not supported"},
      {0x12, "sub-function not supported"},
      {0x13, "wrong length or format"},
      {0x14, "response too long"},
      {0x21, "busy"},
      {0x22, "conditions not correct"},
      {0x24, "wrong sequence"},
      {0x31, "request out of range"},
      {0x33, "security access denied"},
      {0x35, "invalid key"},
      {0x72, "general programming failure"},
      {0x78, "response pending"},
      {0x7E, "sub-function not supported in this session"},
      {0x7F, "service not supported in this session"},
      {0x83, "engine runs"},
      {0x88, "vehicle speed too high"},
      {0x92, "voltage too high"},
      {0x93, "voltage too low"}};
  const auto* it = std::find_if(std::begin(names), std::end(names),
                                [&](const auto& name) { return name.first == code; });
  return it == std::end(names) ? fmt::format("refusal 0x{:02X}", code)
                               : fmt::format("{} (0x{:02X})", it->second, code);
}

std::string hexText(std::string_view bytes) {
  std::string out;
  for (std::size_t i = 0; i < bytes.size(); ++i) {
    out += fmt::format("{}{:02X}", i == 0 ? "" : " ", byteAt(bytes, i));
  }
  return out;
}

std::uint64_t numberAt(std::string_view bytes, std::size_t at, std::size_t count) {
  std::uint64_t out = 0;
  for (std::size_t i = at; i < at + count && i < bytes.size(); ++i) {
    out = out << 8 | byteAt(bytes, i);
  }
  return out;
}

std::string bytesOf(std::uint64_t number, std::size_t count) {
  std::string out(count, '\0');
  for (std::size_t i = count; i-- > 0; number >>= 8) {
    out[i] = static_cast<char>(number & 0xFF);
  }
  return out;
}

Result<std::optional<std::string>> Client::answerTo(std::uint8_t service) {
  using Clock = std::chrono::steady_clock;
  const auto begun = Clock::now();
  auto until = begun + patience_.answer;
  while (Clock::now() < std::min(until, begun + patience_.whole)) {
    const auto left = std::min(until, begun + patience_.whole) - Clock::now();
    auto message =
        channel_.receive(std::max(Milliseconds(1), std::chrono::duration_cast<Milliseconds>(left)));
    if (!message) {
      return message.error();
    }
    if (!*message || (*message)->empty()) {
      continue;
    }
    const std::string& got = **message;
    if (byteAt(got, 0) == service + 0x40) {
      return std::optional(got.substr(1));
    }
    // Answers to other questions, late ones too, are none to this.
    if (got.size() < 3 || byteAt(got, 0) != kNegative || byteAt(got, 1) != service) {
      continue;
    }
    const std::uint8_t code = byteAt(got, 2);
    if (code == kPending) {
      until = Clock::now() + patience_.pending;
      continue;
    }
    if (code == kBusy) {
      return std::optional<std::string>();
    }
    refused_ = code;
    return Error{sayf("service 0x{:02X}", service), std::nullopt,
                 say("is refused by the control unit: ") + refusalText(code),
                 say("a service, identifier and state of the car that it allows")};
  }
  return Error{sayf("service 0x{:02X}", service), std::nullopt,
               say("is not answered by the control unit in time"),
               say("the key on, and the addresses of this control unit in the map")};
}

Result<std::string> Client::ask(std::uint8_t service, std::string_view parameters) {
  refused_.reset();
  std::string message(1, static_cast<char>(service));
  message += parameters;
  for (int tries = 0; tries <= patience_.busyTimes; ++tries) {
    if (tries > 0) {
      std::this_thread::sleep_for(patience_.busy);
    }
    if (auto sent = channel_.send(message); !sent) {
      return sent.error();
    }
    auto answer = answerTo(service);
    if (!answer) {
      return answer.error();
    }
    if (*answer) {
      return std::move(**answer);
    }
  }
  refused_ = kBusy;
  return Error{sayf("service 0x{:02X}", service), std::nullopt,
               sayf("is answered \"busy\" {} times", patience_.busyTimes + 1),
               say("a control unit that has nothing else to do; try again")};
}

}  // namespace haybale::scan
