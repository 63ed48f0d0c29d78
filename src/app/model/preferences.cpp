#include "app/model/preferences.h"

#include <QBuffer>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImageReader>

#include "app/model/autosave.h"
#include "app/model/put_aside.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/job/case_json.h"

namespace haybale::app {

namespace {

QString file() {
  return stateFolder() + QStringLiteral("/preferences.json");
}

// Tools, prices and the meter are written as a case has them, and read by its reader: one rule for
// what they may be.
Result<Preferences> parse(const std::string& text, const std::string& name) {
  const auto json = parseJson(text, name);
  if (!json) {
    return json.error();
  }
  ObjectReader in(*json, "");
  Preferences p;
  p.shop = QString::fromStdString(in.text("shop"));
  p.technician = QString::fromStdString(in.text("technician"));
  p.mark = QString::fromStdString(in.text("mark"));
  p.ownedMeters = in.texts("meters");
  const Json* like = in.object("job");
  if (!like && !in.error()) {
    in.fail("job", say("is missing"), say("a case with the shop's tools, prices and meter"));
  }
  if (in.error()) {
    return *in.error();
  }
  const auto c = job::fromJson(*like, name);
  if (!c) {
    return c.error();
  }
  p.toolbox = c->toolbox;
  p.allowed = c->allowed;
  p.costs = c->costs;
  p.meter = c->meter;
  p.school = c->repair.school;
  return p;
}

// Where the mark is kept, made there if it is not; so that it survives whatever it was taken from.
Result<QString> keptMark(const QString& from) {
  const QString to = stateFolder() + QStringLiteral("/shop-mark.png");
  if (from.isEmpty() || QFileInfo(from) == QFileInfo(to)) {
    return from;
  }
  constexpr QSize kMost(640, 240);
  QImageReader reader(from);
  reader.setAutoTransform(true);
  QImage image = reader.read();
  if (image.isNull()) {
    return Error{from.toStdString(), std::nullopt, say("is no picture that can be read"),
                 say("a PNG, JPEG, BMP or GIF")};
  }
  if (image.width() > kMost.width() || image.height() > kMost.height()) {
    image = image.scaled(kMost, Qt::KeepAspectRatio, Qt::SmoothTransformation);
  }
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  const auto kept = job::writeFileAtomically(
      to.toStdString(),
      std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
  return kept ? Result<QString>(to) : Result<QString>(kept.error());
}

}  // namespace

Preferences preferences() {
  const job::Case fresh = job::newCase();
  Preferences usual;
  usual.toolbox = fresh.toolbox;
  usual.allowed = fresh.allowed;
  usual.costs = fresh.costs;
  usual.meter = fresh.meter;
  const std::string path = file().toStdString();
  const auto text = job::readFile(path);
  if (!text) {
    return usual;
  }
  auto kept = parse(*text, path);
  if (!kept) {
    putAside(file());
    return usual;
  }
  return std::move(*kept);
}

Status keepPreferences(const Preferences& p) {
  job::Case like = job::newCase();
  applyTo(like, p);
  QDir().mkpath(stateFolder());
  const auto mark = keptMark(p.mark);
  if (!mark) {
    return mark.error();
  }
  const Json out{{"format", "haybale-preferences"}, {"version", 1},
                 {"shop", p.shop.toStdString()},    {"technician", p.technician.toStdString()},
                 {"mark", mark->toStdString()},     {"meters", p.ownedMeters},
                 {"job", job::toJson(like)}};
  return job::writeFileAtomically(file().toStdString(),
                                  out.dump(1, ' ', false, Json::error_handler_t::replace));
}

void applyTo(job::Case& c, const Preferences& p) {
  c.toolbox = p.toolbox;
  c.allowed = p.allowed;
  c.costs = p.costs;
  c.meter = p.meter;
  c.repair.school = p.school;
}

}  // namespace haybale::app
