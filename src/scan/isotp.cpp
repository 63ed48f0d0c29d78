#include "scan/isotp.h"

#include <linux/can.h>
#include <linux/can/isotp.h>
#include <net/if.h>
#include <poll.h>
#include <sys/socket.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>

namespace haybale::scan {

namespace {

constexpr std::size_t kLongest = 4095;

canid_t idOf(std::uint32_t id) {
  return id > CAN_SFF_MASK ? (id & CAN_EFF_MASK) | CAN_EFF_FLAG : id;
}

Error failed(const std::string& name, const std::string& what, const std::string& right) {
  return {name, std::nullopt, what + ": " + std::strerror(errno), right};
}

class IsotpChannel : public Channel {
 public:
  IsotpChannel(int fd, std::string name) : fd_(fd), name_(std::move(name)) {}
  ~IsotpChannel() override { ::close(fd_); }

  Status send(std::string_view message) override {
    const auto sent = ::write(fd_, message.data(), message.size());
    return sent == static_cast<ssize_t>(message.size())
               ? Status(Done{})
               : failed(name_, "does not take the message",
                        "an interface that is up, on a bus that is awake");
  }

  Result<std::optional<std::string>> receive(Milliseconds within) override {
    pollfd watched{fd_, POLLIN, 0};
    const int ready = ::poll(&watched, 1, static_cast<int>(within.count()));
    if (ready == 0 || (ready < 0 && errno == EINTR)) {
      return std::optional<std::string>();
    }
    std::string message(kLongest, '\0');
    const auto got = ready < 0 ? -1 : ::read(fd_, message.data(), message.size());
    if (got < 0) {
      // A segment that never came is no lost line.
      return errno == ETIMEDOUT || errno == EBADMSG || errno == EILSEQ
                 ? Result<std::optional<std::string>>(std::optional<std::string>())
                 : failed(name_, "is lost", "an interface that is up");
    }
    message.resize(static_cast<std::size_t>(got));
    return std::optional(std::move(message));
  }

 private:
  int fd_;
  std::string name_;
};

}  // namespace

Result<std::unique_ptr<Channel>> openIsotp(const std::string& interface, CanEnds ends) {
  const unsigned index = ::if_nametoindex(interface.c_str());
  if (index == 0) {
    return failed(interface, "is no network interface", "a CAN interface that is up, as \"can0\"");
  }
  const int fd = ::socket(PF_CAN, SOCK_DGRAM | SOCK_CLOEXEC, CAN_ISOTP);
  if (fd < 0) {
    return failed(interface, "cannot carry ISO-TP",
                  "a kernel with the module can-isotp (modprobe can-isotp)");
  }
  auto channel = std::make_unique<IsotpChannel>(fd, interface);
  can_isotp_options options{};
  options.flags = CAN_ISOTP_TX_PADDING;
  options.txpad_content = 0xCC;
  (void)::setsockopt(fd, SOL_CAN_ISOTP, CAN_ISOTP_OPTS, &options, sizeof options);
  sockaddr_can address{};
  address.can_family = AF_CAN;
  address.can_ifindex = static_cast<int>(index);
  address.can_addr.tp.tx_id = idOf(ends.request);
  address.can_addr.tp.rx_id = idOf(ends.response);
  if (::bind(fd, reinterpret_cast<sockaddr*>(&address), sizeof address) != 0) {
    return failed(interface, "cannot be used", "a CAN interface that is up, as \"can0\"");
  }
  return std::unique_ptr<Channel>(std::move(channel));
}

}  // namespace haybale::scan
