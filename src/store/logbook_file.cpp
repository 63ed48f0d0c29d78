#include "store/logbook_file.h"

#include <fmt/format.h>

#include <QFile>
#include <QSaveFile>

#include "core/base/json.h"
#include "core/job/case_json.h"

namespace haybale::store {

namespace {

constexpr qint64 kLongestLine = 64LL << 20;

Error cannotWrite(const QString& file, const QString& why) {
  return Error{file.toStdString(), std::nullopt, "could not be written (" + why.toStdString() + ")",
               "choose another place"};
}

}  // namespace

Status exportLogbook(Logbook& book, const QString& file) {
  auto rows = book.database().run(
      QStringLiteral("SELECT id, path, folder, headline, changed, content FROM jobs ORDER BY row"));
  if (!rows) {
    return rows.error();
  }
  QSaveFile out(file);
  if (!out.open(QIODevice::WriteOnly)) {
    return cannotWrite(file, out.errorString());
  }
  while (rows->next()) {
    auto content = parseJson(rows->value(5).toByteArray().toStdString(), "job");
    if (!content) {
      return content.error();
    }
    Json line{{"format", "haybale-logbook"}, {"version", 1}};
    int column = 0;
    for (const char* key : {"id", "path", "folder", "headline", "changed"}) {
      line[key] = rows->value(column++).toString().toStdString();
    }
    line["case"] = std::move(*content);
    out.write(QByteArray::fromStdString(line.dump(-1, ' ', false, Json::error_handler_t::replace) +
                                        "\n"));
  }
  return out.commit() ? Status(Done{}) : cannotWrite(file, out.errorString());
}

Result<int> importLogbook(Logbook& book, const QString& file) {
  QFile in(file);
  if (!in.open(QIODevice::ReadOnly)) {
    return Error{file.toStdString(), std::nullopt, "cannot be read",
                 "choose a logbook that was saved"};
  }
  std::vector<std::pair<JobRow, job::Case>> jobs;
  std::size_t number = 0;
  const auto at = [&](Error error) {
    error.where = fmt::format("{}:{}{}", file.toStdString(), number,
                              error.where.empty() ? "" : ": " + error.where);
    return error;
  };
  while (!in.atEnd()) {
    ++number;
    const QByteArray line = in.readLine(kLongestLine);
    if (line.trimmed().isEmpty()) {
      continue;
    }
    const auto json = parseJson(line.toStdString(), "");
    if (!json) {
      return at(
          {"", std::nullopt, "is not JSON", "one job a line, as the program saves a logbook"});
    }
    ObjectReader reader(*json, "");
    JobRow row;
    if (reader.text("format") != "haybale-logbook" && !reader.error()) {
      reader.fail("format", "is not a line of a logbook", "\"format\": \"haybale-logbook\"");
    }
    row.id = QString::fromStdString(reader.text("id"));
    row.path = QString::fromStdString(reader.text("path"));
    row.folder = QString::fromStdString(reader.text("folder"));
    row.headline = QString::fromStdString(reader.text("headline"));
    row.changed = QString::fromStdString(reader.text("changed"));
    const Json* content = reader.object("case");
    if ((row.id.isEmpty() || !content) && !reader.error()) {
      reader.fail(content ? "id" : "case", "is missing", "as the program saves a logbook");
    }
    if (reader.error()) {
      return at(*reader.error());
    }
    auto c = job::fromJson(*content, "case");
    if (!c) {
      return at(c.error());
    }
    const auto there = book.row(row.id);
    if (!there || there->changed < row.changed) {
      jobs.emplace_back(std::move(row), std::move(*c));
    }
  }
  if (const auto status = book.keepAll(jobs); !status) {
    return status.error();
  }
  return static_cast<int>(jobs.size());
}

}  // namespace haybale::store
