// A photo from a camera of this machine: what it sees now, and a key that keeps it.
#pragma once

#include <QDialog>
#include <QImage>

class QCamera;
class QComboBox;
class QLabel;
class QMediaCaptureSession;
class QPushButton;
class QVideoFrame;
class QVideoSink;

namespace haybale::app {

/// What the camera sees, as large as there is room.
class CameraView : public QWidget {
 public:
  explicit CameraView(QWidget* parent);
  void show(const QImage& image, const QString& words);
  [[nodiscard]] QSize sizeHint() const override { return {720, 480}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  QImage image_;
  QString words_;
};

class CameraDialog : public QDialog {
  Q_OBJECT

 public:
  /// A photo taken is written into `folder`, under a name that is not in use there.
  explicit CameraDialog(const QString& folder, QWidget* parent = nullptr);
  /// The photo, once it was taken; empty before.
  [[nodiscard]] QString taken() const { return taken_; }
  /// Where pictures come in; a test puts its own there.
  [[nodiscard]] QVideoSink* sink() const { return sink_; }

 signals:
  void said(const QString& sentence, bool bad);

 private:
  void useCamera(int index);
  void see(const QVideoFrame& frame);
  void take();

  QString folder_;
  QString taken_;
  QImage last_;
  QMediaCaptureSession* session_;
  QVideoSink* sink_;
  QCamera* camera_ = nullptr;
  QComboBox* which_;
  CameraView* view_;
  QPushButton* take_;
};

}  // namespace haybale::app
