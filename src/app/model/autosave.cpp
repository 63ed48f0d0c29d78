#include "app/model/autosave.h"

#include <QCryptographicHash>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QUuid>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/job/case_json.h"

namespace haybale::app {

namespace {

constexpr qsizetype kMostRecent = 12;

QString autosaveFile(const QString& id) {
  return stateFolder() + QStringLiteral("/autosave/") + id + QStringLiteral(".json");
}
QString recentFile() {
  return stateFolder() + QStringLiteral("/recent.json");
}

QString textOf(const Json& json, const char* key) {
  const auto it = json.find(key);
  return it != json.end() && it->is_string() ? QString::fromStdString(it->get<std::string>())
                                             : QString();
}

}  // namespace

QString stateFolder() {
  if (QString own = qEnvironmentVariable("HAYBALE_STATE_DIR"); !own.isEmpty()) {
    return own;
  }
  const QString base = qEnvironmentVariable("XDG_STATE_HOME");
  return (base.isEmpty() ? QDir::homePath() + QStringLiteral("/.local/state") : base) +
         QStringLiteral("/haybale");
}

QString autosaveId(const QString& path) {
  if (path.isEmpty()) {
    return QStringLiteral("untitled-") + QUuid::createUuid().toString(QUuid::Id128).left(12);
  }
  const QByteArray name = QFileInfo(path).absoluteFilePath().toUtf8();
  return QStringLiteral("file-") +
         QString::fromLatin1(
             QCryptographicHash::hash(name, QCryptographicHash::Sha256).toHex().left(24));
}

Status writeAutosave(const Kept& kept, bool flush) {
  QDir().mkpath(stateFolder() + QStringLiteral("/autosave"));
  Json out;
  out["format"] = "haybale-autosave";
  out["version"] = 1;
  out["path"] = kept.path.toStdString();
  out["folder"] = kept.folder.toStdString();
  out["unsaved"] = kept.unsaved;
  out["drafts"] = Json::object();
  for (auto it = kept.drafts.begin(); it != kept.drafts.end(); ++it) {
    out["drafts"][it.key().toStdString()] = it.value().toStdString();
  }
  out["case"] = job::toJson(kept.job);
  return job::writeFileAtomically(autosaveFile(kept.id).toStdString(),
                                  out.dump(1, ' ', false, Json::error_handler_t::replace), flush);
}

std::optional<Kept> readAutosave(const QString& id) {
  const std::string path = autosaveFile(id).toStdString();
  const auto text = job::readFile(path);
  if (!text) {
    return std::nullopt;
  }
  const auto json = parseJson(*text, path);
  if (!json || !json->is_object() || !json->contains("case")) {
    return std::nullopt;
  }
  auto job = job::fromJson((*json)["case"], path);
  if (!job) {
    return std::nullopt;
  }
  Kept kept;
  kept.id = id;
  kept.path = textOf(*json, "path");
  kept.folder = textOf(*json, "folder");
  kept.unsaved = json->value("unsaved", true);
  kept.job = std::move(*job);
  if (const auto drafts = json->find("drafts"); drafts != json->end() && drafts->is_object()) {
    for (const auto& [name, value] : drafts->items()) {
      if (value.is_string()) {
        kept.drafts.insert(QString::fromStdString(name),
                           QString::fromStdString(value.get<std::string>()));
      }
    }
  }
  return kept;
}

void removeAutosave(const QString& id) {
  QFile::remove(autosaveFile(id));
}

QStringList recentJobs() {
  QStringList out;
  const auto text = job::readFile(recentFile().toStdString());
  const auto json = text ? parseJson(*text, "recent") : Result<Json>(Error{});
  if (!json || !json->is_array()) {
    return out;
  }
  for (const auto& entry : *json) {
    if (!entry.is_string()) {
      continue;
    }
    const QString name = QString::fromStdString(entry.get<std::string>());
    const bool there = name.startsWith(QStringLiteral("unsaved:"))
                           ? QFileInfo::exists(autosaveFile(name.mid(8)))
                           : QFileInfo::exists(name);
    if (there) {
      out << name;
    }
  }
  return out;
}

namespace {

void writeRecent(const QStringList& names) {
  Json out = Json::array();
  for (const auto& name : names) {
    out.push_back(name.toStdString());
  }
  QDir().mkpath(stateFolder());
  // A lost list of recent jobs loses no job: no need to stop for it.
  (void)job::writeFileAtomically(recentFile().toStdString(), out.dump(1), false);
}

}  // namespace

void noteRecent(const QString& pathOrId) {
  QStringList names = recentJobs();
  names.removeAll(pathOrId);
  names.prepend(pathOrId);
  // Jobs that have no file yet are found nowhere else: they are never dropped from the list.
  QStringList kept;
  qsizetype files = 0;
  for (const auto& name : names) {
    if (name.startsWith(QStringLiteral("unsaved:")) || ++files <= kMostRecent) {
      kept << name;
    }
  }
  writeRecent(kept);
}

void forgetRecent(const QString& pathOrId) {
  QStringList names = recentJobs();
  if (names.removeAll(pathOrId) > 0) {
    writeRecent(names);
  }
}

}  // namespace haybale::app
