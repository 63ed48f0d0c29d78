// The simulated vehicle's control unit: codes, clearing and wheel speeds over DoIP on a loopback
// port.
#pragma once

#include "instruments/loopback_server.h"
#include "instruments/yard.h"
#include "scan/scan_map.h"

namespace haybale::scan {

class SimEcu {
 public:
  /// `yard` must outlive it; port 0 takes any free one.
  [[nodiscard]] static Result<std::unique_ptr<SimEcu>> open(instruments::Yard& yard, int port);

  [[nodiscard]] int port() const { return server_->port(); }
  [[nodiscard]] const ScanMap& map() const { return map_; }

 private:
  explicit SimEcu(instruments::Yard& yard);
  [[nodiscard]] std::string frame(std::string_view bytes);
  [[nodiscard]] std::string answer(std::string_view request);
  [[nodiscard]] std::string codes(std::string_view parameters);
  [[nodiscard]] std::string record(std::string_view parameters);

  instruments::Yard& yard_;
  ScanMap map_;
  std::unique_ptr<instruments::LoopbackServer> server_;
};

}  // namespace haybale::scan
