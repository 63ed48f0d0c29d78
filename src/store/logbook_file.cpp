#include "store/logbook_file.h"

#include <fmt/format.h>

#include <QFile>
#include <QFileInfo>
#include <algorithm>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/uuid.h"
#include "core/job/case_json.h"

namespace haybale::store {

namespace {

constexpr qint64 kLongestLine = 64LL << 20;
constexpr std::size_t kBatch = 100;

Error cannotWrite(const QString& file, const QString& why) {
  return Error{file.toStdString(), std::nullopt,
               say("could not be written (") + why.toStdString() + ")",
               say("choose another place")};
}

// The members of one state; an error when its case cannot be read.
Result<Json> stateJson(const Revision& r) {
  auto content = parseJson(r.content.toStdString(), "job");
  if (!content) {
    return content.error();
  }
  Json out = Json::object();
  for (const auto& [key, text] :
       {std::pair{"path", &r.path}, std::pair{"folder", &r.folder},
        std::pair{"headline", &r.headline}, std::pair{"changed", &r.changed},
        std::pair{"revision", &r.revision}, std::pair{"parent", &r.parent},
        std::pair{"origin", &r.origin}}) {
    out[key] = text->toStdString();
  }
  out["case"] = std::move(*content);
  return out;
}

// One job as a line; the head's members on top. An earlier state that cannot be read is left out,
// and said in `leftOut`.
Result<Json> jobJson(Logbook& book, const QString& id, const QString& head, QStringList& leftOut) {
  const auto states = book.states(id);
  if (!states) {
    return states.error();
  }
  Json line{{"format", "haybale-logbook"}, {"version", 1}, {"id", id.toStdString()}};
  Json earlier = Json::array();
  for (const auto& r : *states) {
    if (r.gone()) {
      continue;
    }
    auto state = stateJson(r);
    if (!state && r.revision == head) {
      return state.error();
    }
    if (!state) {
      leftOut << QStringLiteral("%1, its state of %2: %3")
                     .arg(id, r.changed, QString::fromStdString(state.error().sentence()));
      continue;
    }
    if (r.revision == head) {
      line.update(*state);
    } else {
      earlier.push_back(std::move(*state));
    }
  }
  if (!line.contains("case")) {
    return Error{id.toStdString(), std::nullopt, say("has no state that can be read"),
                 say("run check")};
  }
  if (!earlier.empty()) {
    line["earlier"] = std::move(earlier);
  }
  return line;
}

}  // namespace

Result<Exported> exportLogbook(Logbook& book, const QString& file) {
  auto rows = book.database().run(QStringLiteral("SELECT id, revision FROM jobs ORDER BY row"));
  if (!rows) {
    return rows.error();
  }
  std::vector<std::pair<QString, QString>> jobs;
  while (rows->next()) {
    jobs.emplace_back(rows->value(0).toString(), rows->value(1).toString());
  }
  rows->finish();
  Exported done;
  const auto write = [&](const std::string& beside) -> Status {
    QFile out(QString::fromStdString(beside));
    bool ok = out.open(QIODevice::WriteOnly);
    for (const auto& [id, head] : jobs) {
      const auto line = jobJson(book, id, head, done.leftOut);
      if (!line) {
        done.leftOut << QString::fromStdString(line.error().sentence());
        continue;
      }
      ++done.jobs;
      const auto bytes = QByteArray::fromStdString(
          line->dump(-1, ' ', false, Json::error_handler_t::replace) + "\n");
      ok = ok && out.write(bytes) == bytes.size();
    }
    ok = ok && out.flush();
    return ok ? Status(Done{}) : cannotWrite(file, out.errorString());
  };
  const auto written = job::replaceFile(file.toStdString(), write);
  return written ? Result<Exported>(done) : Result<Exported>(written.error());
}

namespace {

QString textOf(ObjectReader& in, const char* key) {
  return QString::fromStdString(in.text(key));
}

// One state of a line, of the job `id`.
Result<Revision> readState(const Json& json, const std::string& path, const QString& id) {
  ObjectReader in(json, path);
  Revision r;
  r.job = id;
  r.path = textOf(in, "path");
  r.folder = textOf(in, "folder");
  r.headline = textOf(in, "headline");
  r.changed = textOf(in, "changed");
  r.revision = textOf(in, "revision");
  r.parent = textOf(in, "parent");
  r.origin = textOf(in, "origin");
  const Json* content = in.object("case");
  if (!content && !in.error()) {
    in.fail("case", say("is missing"), say("as the program saves a logbook"));
  }
  for (const auto& name : {r.revision, r.parent}) {
    if (!name.isEmpty() && !isPlainName(name.toStdString()) && !in.error()) {
      in.fail("revision", say("is no name"), say("letters, digits and dashes, at most 64"));
    }
  }
  if (in.error()) {
    return *in.error();
  }
  const auto c = job::fromJson(*content, in.at("case"), job::Damaged::kept);
  if (!c) {
    return c.error();
  }
  r.content = QByteArray::fromStdString(job::caseLine(*c));
  if (r.revision.isEmpty()) {
    r.revision = firstRevision(id, r.changed, r.content);
  }
  return r;
}

Result<std::vector<Revision>> readLine(const QByteArray& line) {
  const auto json = parseJson(line.toStdString(), "");
  if (!json) {
    return Error{"", std::nullopt, say("is not JSON"),
                 say("one job a line, as the program saves a logbook")};
  }
  ObjectReader in(*json, "");
  if (in.text("format") != "haybale-logbook" && !in.error()) {
    in.fail("format", say("is not a line of a logbook"), "\"format\": \"haybale-logbook\"");
  }
  const QString id = textOf(in, "id");
  if (!isPlainName(id.toStdString()) && !in.error()) {
    in.fail("id", id.isEmpty() ? say("is missing") : say("is no name of a job"),
            say("letters, digits and dashes, at most 64"));
  }
  const Json* earlier = in.array("earlier");
  if (in.error()) {
    return *in.error();
  }
  std::vector<Revision> out;
  for (std::size_t i = 0; earlier && i < earlier->size(); ++i) {
    auto state = readState((*earlier)[i], fmt::format("earlier[{}]", i), id);
    if (!state) {
      return state.error();
    }
    out.push_back(std::move(*state));
  }
  auto head = readState(*json, "", id);
  if (!head) {
    return head.error();
  }
  out.push_back(std::move(*head));
  return out;
}

}  // namespace

Result<Imported> importLogbook(Logbook& book, const QString& file) {
  QFile in(file);
  // A pipe nobody writes into would hold us for ever.
  if (!QFileInfo(file).isFile() || !in.open(QIODevice::ReadOnly)) {
    return Error{file.toStdString(), std::nullopt, say("cannot be read"),
                 say("choose a logbook that was saved")};
  }
  Imported done;
  std::vector<Revision> batch;
  const auto flush = [&]() -> Status {
    auto status = batch.empty() ? Status(Done{}) : book.take(batch);
    batch.clear();
    return status;
  };
  for (std::size_t number = 1; !in.atEnd(); ++number) {
    const QByteArray line = in.readLine(kLongestLine);
    if (line.trimmed().isEmpty()) {
      continue;
    }
    auto states = readLine(line);
    if (!states) {
      Error error = states.error();
      error.where = fmt::format("{}:{}{}", file.toStdString(), number,
                                error.where.empty() ? "" : ": " + error.where);
      done.bad << QString::fromStdString(error.sentence());
      continue;
    }
    const auto known = book.revisions(states->front().job);
    if (!known) {
      return known.error();
    }
    const bool news = std::any_of(states->begin(), states->end(), [&](const Revision& r) {
      return std::none_of(known->begin(), known->end(),
                          [&](const Revision& k) { return k.revision == r.revision; });
    });
    (news ? done.jobs : done.known) += 1;
    std::move(states->begin(), states->end(), std::back_inserter(batch));
    if (batch.size() >= kBatch) {
      if (auto status = flush(); !status) {
        return status.error();
      }
    }
  }
  if (auto status = flush(); !status) {
    return status.error();
  }
  return done;
}

}  // namespace haybale::store
