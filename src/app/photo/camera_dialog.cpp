#include "app/photo/camera_dialog.h"

#include <QBuffer>
#include <QCamera>
#include <QCameraDevice>
#include <QComboBox>
#include <QDateTime>
#include <QDir>
#include <QMediaCaptureSession>
#include <QMediaDevices>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>
#include <QVideoFrame>
#include <QVideoSink>

#include "app/style/words.h"
#include "core/base/atomic_file.h"

namespace haybale::app {

CameraView::CameraView(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("camera.view"));
  setAccessibleName(CameraDialog::tr("What the camera sees"));
  setMinimumSize(320, 220);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void CameraView::show(const QImage& image, const QString& words) {
  image_ = image;
  words_ = words;
  update();
}

void CameraView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  if (image_.isNull()) {
    painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, words_);
    return;
  }
  QRect place(QPoint(), image_.size().scaled(size(), Qt::KeepAspectRatio));
  place.moveCenter(rect().center());
  painter.drawImage(place, image_);
}

CameraDialog::CameraDialog(const QString& folder, QWidget* parent)
    : QDialog(parent),
      folder_(folder),
      session_(new QMediaCaptureSession(this)),
      sink_(new QVideoSink(this)) {
  setObjectName(QStringLiteral("camera"));
  setWindowTitle(tr("Take a photo"));
  resize(780, 600);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(14, 12, 14, 14);
  view_ = new CameraView(this);
  column->addWidget(view_, 1);
  auto* row = new QHBoxLayout;
  which_ = new QComboBox(this);
  which_->setObjectName(QStringLiteral("camera.which"));
  which_->setAccessibleName(tr("Camera"));
  row->addWidget(which_, 1);
  take_ = new QPushButton(tr("Keep what it sees"), this);
  take_->setObjectName(QStringLiteral("camera.take"));
  take_->setProperty("main", true);
  take_->setDefault(true);
  take_->setEnabled(false);
  row->addWidget(take_);
  column->addLayout(row);
  connect(take_, &QPushButton::clicked, this, &CameraDialog::take);
  connect(sink_, &QVideoSink::videoFrameChanged, this, &CameraDialog::see);
  connect(which_, &QComboBox::activated, this, &CameraDialog::useCamera);
  session_->setVideoSink(sink_);
  for (const auto& camera : QMediaDevices::videoInputs()) {
    which_->addItem(camera.description());
  }
  which_->setVisible(which_->count() > 0);
  view_->show({}, which_->count() > 0
                      ? tr("The camera begins...")
                      : tr("No camera was found on this machine. Attach a photo from a file "
                           "instead."));
  useCamera(0);
}

void CameraDialog::useCamera(int index) {
  const auto cameras = QMediaDevices::videoInputs();
  if (index < 0 || index >= cameras.size()) {
    return;
  }
  delete camera_;
  camera_ = new QCamera(cameras[index], this);
  connect(camera_, &QCamera::errorOccurred, this,
          [this](QCamera::Error, const QString& why) { view_->show({}, why); });
  session_->setCamera(camera_);
  camera_->start();
}

void CameraDialog::see(const QVideoFrame& frame) {
  const QImage image = frame.toImage();
  if (!image.isNull()) {
    last_ = image;
    view_->show(last_, {});
    take_->setEnabled(true);
  }
}

// Named by the minute it was taken, for whoever looks into the folder.
void CameraDialog::take() {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  if (!last_.save(&buffer, "JPG", 92)) {
    emit said(tr("What the camera sees could not be written as a photo."), true);
    return;
  }
  QDir().mkpath(folder_);
  const QString stem =
      QDateTime::currentDateTime().toString(QStringLiteral("'photo-'yyyyMMdd-HHmmss"));
  QString name = stem + QStringLiteral(".jpg");
  for (int i = 2; QFile::exists(QDir(folder_).filePath(name)); ++i) {
    name = QStringLiteral("%1-%2.jpg").arg(stem).arg(i);
  }
  const QString to = QDir(folder_).filePath(name);
  const auto status = job::writeFileAtomically(
      to.toStdString(),
      std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
  if (!status) {
    emit said(q(status.error().sentence()), true);
    return;
  }
  taken_ = to;
  accept();
}

}  // namespace haybale::app
