#include "app/model/known_meters.h"

#include <QDir>
#include <algorithm>

#include "app/model/autosave.h"
#include "app/model/put_aside.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"

namespace haybale::app {

using circuit::Meter;

namespace {

std::string metersFile() {
  return (stateFolder() + QStringLiteral("/meters.json")).toStdString();
}

Status writeMeters(const std::vector<Meter>& meters) {
  Json list = Json::array();
  for (const auto& m : meters) {
    list.push_back(circuit::toJson(m));
  }
  QDir().mkpath(stateFolder());
  return job::writeFileAtomically(metersFile(), list.dump(2) + "\n");
}

std::vector<Meter> ownMeters() {
  std::vector<Meter> out;
  const auto text = job::readFile(metersFile());
  const auto json = text ? parseJson(*text, metersFile()) : Result<Json>(Error{});
  bool damaged = text && (!json || !json->is_array());
  for (const auto& one : damaged || !json ? Json::array() : *json) {
    if (auto meter = circuit::readMeterJson(one, "meters")) {
      out.push_back(std::move(*meter));
    } else {
      damaged = true;
    }
  }
  if (damaged) {
    // The sound ones are written anew at once, so that the next start does not say it again.
    putAside(q(metersFile()));
    if (!out.empty()) {
      (void)writeMeters(out);
    }
  }
  return out;
}

}  // namespace

std::vector<Meter> knownMeters() {
  std::vector<Meter> out = circuit::genericMeters();
  for (auto& own : ownMeters()) {
    out.push_back(std::move(own));
  }
  return out;
}

Status keepMeter(const Meter& meter) {
  auto own = ownMeters();
  std::erase_if(own, [&](const Meter& m) { return m.name == meter.name; });
  own.push_back(meter);
  return writeMeters(own);
}

std::vector<Meter> ownedFirst(const std::vector<std::string>& owned) {
  auto out = knownMeters();
  std::stable_partition(out.begin(), out.end(), [&](const Meter& m) {
    return std::find(owned.begin(), owned.end(), m.name) != owned.end();
  });
  return out;
}

}  // namespace haybale::app
