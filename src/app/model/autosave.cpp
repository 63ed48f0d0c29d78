#include "app/model/autosave.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>

#include "app/model/put_aside.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/state_folder.h"
#include "core/base/uuid.h"
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
  return QString::fromStdString(haybale::stateFolder());
}

QString idOf(const job::Case& c, const QString& path) {
  if (!c.id.empty()) {
    return QString::fromStdString(c.id);
  }
  return QString::fromStdString(
      path.isEmpty() ? newUuid() : uuidOf(path.toStdString() + "\n" + c.title + "\n" + c.vehicle));
}

QString formerAutosaveId(const QString& path) {
  const QByteArray name = QFileInfo(path).absoluteFilePath().toUtf8();
  return QStringLiteral("file-") +
         QString::fromLatin1(
             QCryptographicHash::hash(name, QCryptographicHash::Sha256).toHex().left(24));
}

Status writeAutosave(const Kept& kept, const job::Case& job, bool flush) {
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
  out["case"] = job::toJson(job);
  return job::writeFileAtomically(autosaveFile(kept.id).toStdString(),
                                  out.dump(1, ' ', false, Json::error_handler_t::replace), flush);
}

namespace {

Result<Kept> parseKept(const QString& id, const std::string& path) {
  const auto text = job::readFile(path);
  if (!text) {
    return text.error();
  }
  const auto json = parseJson(*text, path);
  if (!json || !json->is_object() || !json->contains("case")) {
    return Error{path, std::nullopt, say("is no autosave"), say("as the program keeps a job")};
  }
  auto job = job::fromJson((*json)["case"], path, job::Damaged::kept);
  if (!job) {
    return job.error();
  }
  Kept kept;
  kept.id = id;
  kept.path = textOf(*json, "path");
  kept.folder = textOf(*json, "folder");
  const auto unsaved = json->find("unsaved");
  kept.unsaved = unsaved == json->end() || !unsaved->is_boolean() || unsaved->get<bool>();
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

}  // namespace

std::optional<Kept> readAutosave(const QString& id) {
  const QString path = autosaveFile(id);
  auto kept = parseKept(id, path.toStdString());
  if (kept) {
    return std::move(*kept);
  }
  if (QFile::exists(path)) {
    putAside(path);
  }
  return std::nullopt;
}

std::optional<Kept> unsavedOfAnother(const QString& path, const QString& id) {
  // The path stands near the beginning of each, written as JSON.
  constexpr qint64 kHead = 8192;
  const std::string written =
      Json(path.toStdString()).dump(-1, ' ', false, Json::error_handler_t::replace);
  const QDir folder(stateFolder() + QStringLiteral("/autosave"));
  for (const auto& name : folder.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Time)) {
    QFile file(folder.filePath(name));
    const QString other = name.chopped(5);
    if (other == id || !file.open(QIODevice::ReadOnly) ||
        !file.read(kHead).contains(QByteArray::fromStdString(written))) {
      continue;
    }
    auto kept = parseKept(other, file.fileName().toStdString());
    if (kept && kept->unsaved && kept->path == path) {
      return std::move(*kept);
    }
  }
  return std::nullopt;
}

void removeAutosave(const QString& id) {
  QFile::remove(autosaveFile(id));
}

namespace {

// Where the list is lost: every job that has an autosave, the latest first, by its file where it
// has one.
QStringList autosavedJobs() {
  QStringList out;
  const QDir folder(stateFolder() + QStringLiteral("/autosave"));
  for (const auto& name : folder.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Time)) {
    const auto kept = readAutosave(name.chopped(5));
    if (kept) {
      out << (QFileInfo::exists(kept->path) ? kept->path : QStringLiteral("unsaved:") + kept->id);
    }
  }
  return out;
}

}  // namespace

QStringList recentJobs() {
  QStringList out;
  const auto text = job::readFile(recentFile().toStdString());
  const auto json = text ? parseJson(*text, "recent") : Result<Json>(Error{});
  if (!json || !json->is_array()) {
    if (QFile::exists(recentFile())) {
      putAside(recentFile());
    }
    return autosavedJobs();
  }
  bool lost = false;  // a name in it means nothing: a file that is gone, or a spoilt letter
  for (const auto& entry : *json) {
    if (!entry.is_string()) {
      lost = true;
      continue;
    }
    const QString name = QString::fromStdString(entry.get<std::string>());
    const bool there = name.startsWith(QStringLiteral("unsaved:"))
                           ? QFileInfo::exists(autosaveFile(name.mid(8)))
                           : QFileInfo::exists(name);
    if (there) {
      out << name;
    }
    lost = lost || !there;
  }
  for (const auto& name : lost ? autosavedJobs() : QStringList()) {
    if (!out.contains(name)) {
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
