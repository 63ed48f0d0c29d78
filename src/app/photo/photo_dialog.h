// Marking a photo with arrows, rings and words; what comes of it is a copy beside the original.
#pragma once

#include <QDialog>

#include "app/photo/photo_marks.h"

class QButtonGroup;
class QLineEdit;
class QPushButton;

namespace haybale::app {

/// The photo as large as there is room, with its marks; a drag makes one of the kind chosen.
class PhotoCanvas : public QWidget {
  Q_OBJECT

 public:
  explicit PhotoCanvas(QWidget* parent = nullptr);
  void show(const QImage& photo);
  void setKind(PhotoMark::Kind kind) { kind_ = kind; }
  void setWords(const QString& words) { words_ = words; }
  void takeBack();
  [[nodiscard]] const std::vector<PhotoMark>& marks() const { return marks_; }
  [[nodiscard]] QSize sizeHint() const override { return {720, 480}; }

 signals:
  void changed();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;

 private:
  [[nodiscard]] double scale() const;  ///< pixels of the photo for one on screen
  [[nodiscard]] QPointF inPhoto(const QPoint& at) const;

  QImage photo_;
  std::vector<PhotoMark> marks_;
  std::optional<PhotoMark> drawing_;
  PhotoMark::Kind kind_ = PhotoMark::Kind::arrow;
  QString words_;
};

class PhotoDialog : public QDialog {
  Q_OBJECT

 public:
  /// `file` is a photo that can be read.
  explicit PhotoDialog(const QString& file, QWidget* parent = nullptr);
  /// The marked copy, once it was kept; empty before.
  [[nodiscard]] QString kept() const { return kept_; }

 signals:
  void said(const QString& sentence, bool bad);

 private:
  void keep();

  QString file_;
  QString kept_;
  QImage photo_;
  PhotoCanvas* canvas_;
  QButtonGroup* kinds_;
  QLineEdit* words_;
  QPushButton* keep_;
};

}  // namespace haybale::app
