#include "store/shared_files.h"

#include <QFileInfo>
#include <algorithm>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/judging/limits_sheet.h"
#include "store/text.h"

namespace haybale::store {

namespace {

constexpr std::array kKinds{shelf_kind::limits, shelf_kind::scanMap};

bool isScanMap(const std::string& text, const std::string& file) {
  const auto json = parseJson(text, file);
  return json && json->is_object() && json->contains("format") &&
         (*json)["format"] == "haybale-scan-map";
}

}  // namespace

Result<QString> shareFile(Database& db, const QString& file) {
  const std::string name = file.toStdString();
  const auto text = job::readFile(name);
  if (!text) {
    return text.error();
  }
  const bool map = isScanMap(*text, name);
  if (!map) {
    if (const auto sheet = judging::parseLimitsSheet(*text, name); !sheet) {
      return sheet.error();
    }
  }
  const QString kind = QString::fromLatin1(map ? shelf_kind::scanMap : shelf_kind::limits);
  const QString called = QFileInfo(file).fileName();
  // A name is of one kind: what was a sheet and is a map now is no sheet any more.
  for (const char* other : kKinds) {
    if (kind != QLatin1String(other)) {
      if (auto gone = Shelf(db).remove(QString::fromLatin1(other), called); !gone) {
        return gone.error();
      }
    }
  }
  const auto put = Shelf(db).put(kind, called, QByteArray::fromStdString(*text));
  return put ? Result<QString>(kind) : Result<QString>(put.error());
}

Result<std::vector<Shelved>> sharedFiles(Database& db) {
  std::vector<Shelved> out;
  for (const char* kind : kKinds) {
    auto some = Shelf(db).all(QString::fromLatin1(kind));
    if (!some) {
      return some.error();
    }
    std::move(some->begin(), some->end(), std::back_inserter(out));
  }
  std::sort(out.begin(), out.end(),
            [](const Shelved& a, const Shelved& b) { return a.name < b.name; });
  return out;
}

Result<Shelved> sharedFile(Database& db, const QString& name) {
  Shelf shelf(db);
  auto found = shelf.one(QString::fromLatin1(kKinds.front()), name);
  return found ? std::move(found) : shelf.one(QString::fromLatin1(kKinds.back()), name);
}

}  // namespace haybale::store
