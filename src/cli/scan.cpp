#include <fmt/format.h>

#include <chrono>
#include <cstdlib>
#include <filesystem>
#include <ostream>
#include <thread>

#include "cli/options.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/state_folder.h"
#include "scan/services.h"

namespace haybale::cli {

namespace {

struct ScanOptions {
  std::string doip;
  std::string can;
  std::string map;
  std::string command;
  double seconds = 10;
  bool anyway = false;
  bool json = true;  // as always
};

// "host", "host:port", "[::1]:13400".
Result<std::pair<std::string, int>> hostAndPort(const std::string& text) {
  const auto wrong = [&] {
    return Error{text, std::nullopt, "is no address", "HOST or HOST:PORT, as 192.168.4.20:13400"};
  };
  const bool bracketed = text.starts_with('[');
  const auto close = text.find(']');
  if (bracketed && close == std::string::npos) {
    return wrong();
  }
  const auto colon = bracketed ? text.find(':', close) : text.rfind(':');
  const std::string host =
      bracketed ? text.substr(1, close - 1) : text.substr(0, std::min(colon, text.size()));
  int port = scan::kDoipPort;
  if (colon != std::string::npos) {
    const std::string digits = text.substr(colon + 1);
    port = digits.empty() || digits.size() > 5 ||
                   digits.find_first_not_of("0123456789") != std::string::npos
               ? 0
               : std::atoi(digits.c_str());
  }
  return host.empty() || port < 1 || port > 65535 ? Result<std::pair<std::string, int>>(wrong())
                                                  : std::pair(host, port);
}

// Where the codes of this control unit are kept.
std::string keptFile(const ScanOptions& o, const scan::ScanMap& map) {
  std::string name = o.can.empty() ? fmt::format("doip-{}-{:04x}", o.doip, map.doip.ecu)
                                   : fmt::format("can-{}-{:x}", o.can, map.can.request);
  for (char& c : name) {
    c = std::isalnum(static_cast<unsigned char>(c)) != 0 ? c : '-';
  }
  return stateFolder() + "/scan/" + name + ".json";
}

Json codesJson(const std::vector<scan::Code>& codes, const scan::ScanMap& map) {
  Json out = Json::array();
  for (const auto& code : codes) {
    const std::string text = scan::codeText(code.bytes);
    auto known = map.codes.find(text);
    known = known == map.codes.end() ? map.codes.find(text.substr(0, 5)) : known;
    const std::string type = scan::codeType(code.bytes);
    Json one{{"code", text},
             {"circuit", known == map.codes.end() ? Json(nullptr) : Json(known->second)},
             {"type", type.empty() ? Json(nullptr) : Json(type)},
             {"status",
              {{"active", (code.status & 0x01) != 0},
               {"pending", (code.status & 0x04) != 0},
               {"confirmed", (code.status & 0x08) != 0},
               {"byte", code.status}}},
             {"occurrences", code.occurrences ? Json(*code.occurrences) : Json(nullptr)},
             {"snapshot", Json::object()}};
    for (const auto& [number, bytes] : code.snapshots) {
      one["snapshot"][std::to_string(number)] = bytes;
    }
    out.push_back(std::move(one));
  }
  return out;
}

int codes(scan::Client& client, const ScanOptions& o, const scan::ScanMap& map, Streams streams) {
  const auto read = scan::readCodes(client);
  if (!read) {
    return fail(streams, read.error(), kCannot);
  }
  const Json found = codesJson(*read, map);
  const std::string file = keptFile(o, map);
  std::error_code ignored;
  std::filesystem::create_directories(std::filesystem::path(file).parent_path(), ignored);
  if (const auto kept = job::writeFileAtomically(file, found.dump(1) + "\n"); !kept) {
    // They are shown all the same; clearing will not be allowed on the strength of it.
    streams.err << kept.error().sentence() << "\n";
  }
  streams.out << found.dump(2) << "\n";
  return kDone;
}

int clear(scan::Client& client, const ScanOptions& o, const scan::ScanMap& map, Streams streams) {
  if (!o.anyway && !std::filesystem::exists(keptFile(o, map))) {
    return fail(streams,
                Error{"clear", std::nullopt, "would wipe codes that were never read and kept here",
                      "\"codes\" first, which keeps them; or --anyway"},
                kCannot);
  }
  const auto done = scan::clearCodes(client);
  if (!done) {
    return fail(streams, done.error(), kCannot);
  }
  streams.out << Json{{"cleared", true}}.dump() << "\n";
  return kDone;
}

int speeds(scan::Client& client, const scan::ScanMap& map, Streams streams) {
  const auto read = scan::readSpeeds(client, map);
  if (!read) {
    return fail(streams, read.error(), kCannot);
  }
  streams.out << Json{{"kmh", *read}}.dump() << "\n";
  return kDone;
}

int watch(scan::Client& client, const ScanOptions& o, const scan::ScanMap& map, Streams streams) {
  using Clock = std::chrono::steady_clock;
  constexpr auto kApart = std::chrono::milliseconds(50);
  streams.out << "time";
  for (const auto& place : map.speeds) {
    streams.out << "," << place.circuit;
  }
  streams.out << "\n";
  const auto begun = Clock::now();
  for (auto next = begun;; next += kApart) {
    const double s = std::chrono::duration<double>(Clock::now() - begun).count();
    if (s >= o.seconds) {
      return kDone;
    }
    const auto read = scan::readSpeeds(client, map);
    if (!read) {
      streams.out << std::flush;
      return fail(streams, read.error(), kCannot);
    }
    streams.out << fmt::format("{:.3f}", s);
    for (const auto& place : map.speeds) {
      streams.out << fmt::format(",{:.2f}", read->at(place.circuit));
    }
    streams.out << "\n" << std::flush;
    std::this_thread::sleep_until(next + kApart);
  }
}

int scanIt(const ScanOptions& o, Streams streams) {
  const auto text = job::readFile(o.map);
  const auto map = text ? scan::parseScanMap(*text, o.map) : Result<scan::ScanMap>(text.error());
  if (!map) {
    return fail(streams, map.error(), kMalformed);
  }
  if ((o.command == "speeds" || o.command == "watch") && map->speeds.empty()) {
    return fail(streams,
                Error{o.map, std::nullopt, "names no speeds", "\"speeds\": [{\"circuit\": ...}]"},
                kMalformed);
  }
  Result<std::unique_ptr<scan::Channel>> channel = Error{};
  if (o.can.empty()) {
    const auto where = hostAndPort(o.doip);
    if (!where) {
      return fail(streams, where.error(), kUsage);
    }
    channel = scan::openDoip(where->first, where->second, map->doip);
  } else {
    channel = scan::openIsotp(o.can, map->can);
  }
  if (!channel) {
    return fail(streams, channel.error(), kCannot);
  }
  scan::Client client(**channel);
  return o.command == "codes"    ? codes(client, o, *map, streams)
         : o.command == "clear"  ? clear(client, o, *map, streams)
         : o.command == "speeds" ? speeds(client, *map, streams)
                                 : watch(client, o, *map, streams);
}

}  // namespace

void addScan(CLI::App& app, Action& chosen) {
  auto o = std::make_shared<ScanOptions>();
  auto* command = app.add_subcommand(
      "scan", "Codes and wheel speeds of a control unit, over DoIP or a CAN interface");
  auto* doip = command->add_option("--doip", o->doip, "HOST[:PORT] of the diagnostic gateway")
                   ->check(notEmpty());
  auto* can = command->add_option("--can", o->can, "CAN interface of the kernel, as can0")
                  ->check(notEmpty())
                  ->excludes(doip);
  command->add_option("--map", o->map, "where this vehicle keeps what is asked for (JSON)")
      ->required();
  command
      ->add_option("COMMAND", o->command,
                   "codes (read, shown, kept), clear, speeds (once), watch (CSV)")
      ->required()
      ->check(CLI::IsMember({"codes", "clear", "speeds", "watch"}));
  command->add_option("--seconds", o->seconds, "how long to watch")->check(within(0.0, 86400));
  command->add_flag("--anyway", o->anyway, "clear codes that were never kept");
  command->add_flag("--json", o->json, "JSON, as always");
  command->callback([o, doip, can, &chosen] {
    if (doip->count() + can->count() == 0) {
      throw CLI::RequiredError("--doip HOST or --can INTERFACE");
    }
    chosen = [o](Streams streams) { return scanIt(*o, streams); };
  });
}

}  // namespace haybale::cli
