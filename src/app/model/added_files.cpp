#include "app/model/added_files.h"

#include <QDir>
#include <QFileInfo>

#include "app/model/autosave.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"

namespace haybale::app {

namespace {

constexpr std::size_t kMost = 5000;

std::string listFile() {
  return (stateFolder() + QStringLiteral("/added.json")).toStdString();
}

Json list() {
  const auto text = job::readFile(listFile());
  auto json = text ? parseJson(*text, listFile()) : Result<Json>(Error{});
  return json && json->is_array() ? std::move(*json) : Json::array();
}

std::string wholeName(const QString& file) {
  return QFileInfo(file).absoluteFilePath().toStdString();
}

}  // namespace

void noteAdded(const QString& file) {
  Json known = list();
  const Json name = wholeName(file);
  if (std::find(known.begin(), known.end(), name) != known.end()) {
    return;
  }
  known.insert(known.begin(), name);
  while (known.size() > kMost) {
    known.erase(known.size() - 1);
  }
  QDir().mkpath(stateFolder());
  // Without it the file is asked for once more: no work is lost.
  (void)job::writeFileAtomically(listFile(), known.dump(1), false);
}

bool wasAdded(const QString& file) {
  const Json known = list();
  return std::find(known.begin(), known.end(), Json(wholeName(file))) != known.end();
}

}  // namespace haybale::app
