#include "render/scene_file.h"

#include <QBuffer>
#include <QImage>
#include <QPainter>

#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "picture/svg.h"
#include "render/scene_painter.h"

namespace haybale::render {

namespace {

constexpr int kScale = 2;

QByteArray png(const picture::Scene& scene) {
  QImage image(qRound(scene.width) * kScale, qRound(scene.height) * kScale, QImage::Format_RGB32);
  image.fill(Qt::white);
  QPainter painter(&image);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.scale(kScale, kScale);
  paint(painter, scene, picture::Theme::day);
  painter.end();
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return bytes;
}

}  // namespace

Status writePicture(const picture::Scene& scene, const QString& path) {
  const std::string to = path.toStdString();
  if (path.endsWith(QStringLiteral(".svg"), Qt::CaseInsensitive)) {
    return job::writeFileAtomically(to, picture::toSvg(scene, picture::Theme::day));
  }
  if (path.endsWith(QStringLiteral(".png"), Qt::CaseInsensitive)) {
    const QByteArray bytes = png(scene);
    return job::writeFileAtomically(
        to, std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
  }
  return Error{to, std::nullopt, say("is neither SVG nor PNG"),
               say("a name that ends in .svg or .png")};
}

}  // namespace haybale::render
