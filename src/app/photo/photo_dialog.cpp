#include "app/photo/photo_dialog.h"

#include <QButtonGroup>
#include <QImageReader>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/words.h"
#include "picture/photo_files.h"

namespace haybale::app {

PhotoCanvas::PhotoCanvas(QWidget* parent) : QWidget(parent) {
  setMinimumSize(320, 220);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  setCursor(Qt::CrossCursor);
}

void PhotoCanvas::show(const QImage& photo) {
  photo_ = photo;
  update();
}

void PhotoCanvas::takeBack() {
  if (!marks_.empty()) {
    marks_.pop_back();
    update();
    emit changed();
  }
}

double PhotoCanvas::scale() const {
  const QSize fit = photo_.size().scaled(size(), Qt::KeepAspectRatio);
  return fit.width() > 0 ? photo_.width() / static_cast<double>(fit.width()) : 1;
}

QPointF PhotoCanvas::inPhoto(const QPoint& at) const {
  return scale() * QPointF(at);
}

void PhotoCanvas::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  painter.scale(1 / scale(), 1 / scale());
  painter.drawImage(0, 0, photo_);
  auto marks = marks_;
  if (drawing_) {
    marks.push_back(*drawing_);
  }
  drawMarks(painter, marks, scale());
}

void PhotoCanvas::mousePressEvent(QMouseEvent* event) {
  if (event->button() == Qt::LeftButton) {
    drawing_ = PhotoMark{kind_, inPhoto(event->pos()), inPhoto(event->pos()), words_};
    update();
  }
}

void PhotoCanvas::mouseMoveEvent(QMouseEvent* event) {
  if (drawing_) {
    drawing_->to = inPhoto(event->pos());
    update();
  }
}

// A click makes no arrow and no ring; words stand where it was.
void PhotoCanvas::mouseReleaseEvent(QMouseEvent* event) {
  if (!drawing_) {
    return;
  }
  drawing_->to = inPhoto(event->pos());
  constexpr double kLeast = 6;
  const bool drawn = QLineF(drawing_->from, drawing_->to).length() > kLeast * scale();
  const bool said = drawing_->kind == PhotoMark::Kind::words && !drawing_->words.isEmpty();
  if (said || (drawn && drawing_->kind != PhotoMark::Kind::words)) {
    marks_.push_back(*drawing_);
    emit changed();
  }
  drawing_.reset();
  update();
}

PhotoDialog::PhotoDialog(const QString& file, QWidget* parent) : QDialog(parent), file_(file) {
  setObjectName(QStringLiteral("photo"));
  setWindowTitle(tr("Mark a photo"));
  resize(820, 640);
  QImageReader reader(file);
  reader.setAutoTransform(true);  // as it was held
  photo_ = reader.read();
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(14, 12, 14, 14);
  column->addWidget(textLabel(this, "faint",
                              tr("Drag on the photo. What is kept is a copy with the marks; the "
                                 "photo itself stays as it is.")));
  canvas_ = new PhotoCanvas(this);
  canvas_->setObjectName(QStringLiteral("photo.canvas"));
  canvas_->setAccessibleName(tr("The photo"));
  canvas_->show(photo_);
  column->addWidget(canvas_, 1);
  auto* row = new QHBoxLayout;
  kinds_ = new QButtonGroup(this);
  const std::pair<QString, const char*> kinds[] = {
      {tr("Arrow"), "photo.arrow"}, {tr("Ring"), "photo.ring"}, {tr("Words"), "photo.words"}};
  for (int i = 0; i < 3; ++i) {
    auto* button = new QPushButton(kinds[i].first, this);
    button->setObjectName(QLatin1String(kinds[i].second));
    button->setCheckable(true);
    button->setChecked(i == 0);
    button->setAutoDefault(false);
    kinds_->addButton(button, i);
    row->addWidget(button);
  }
  words_ = new QLineEdit(this);
  words_->setObjectName(QStringLiteral("photo.text"));
  words_->setPlaceholderText(tr("words to set where you click"));
  row->addWidget(words_, 1);
  auto* back = new QPushButton(tr("Take back"), this);
  back->setObjectName(QStringLiteral("photo.back"));
  back->setAutoDefault(false);
  keep_ = new QPushButton(tr("Keep the marked copy"), this);
  keep_->setObjectName(QStringLiteral("photo.keep"));
  keep_->setProperty("main", true);
  keep_->setEnabled(false);
  row->addWidget(back);
  row->addWidget(keep_);
  column->addLayout(row);
  connect(kinds_, &QButtonGroup::idClicked, this,
          [this](int kind) { canvas_->setKind(static_cast<PhotoMark::Kind>(kind)); });
  connect(words_, &QLineEdit::textChanged, this, [this](const QString& words) {
    canvas_->setWords(words);
    canvas_->setKind(PhotoMark::Kind::words);
    kinds_->button(2)->setChecked(true);
  });
  connect(back, &QPushButton::clicked, canvas_, &PhotoCanvas::takeBack);
  connect(canvas_, &PhotoCanvas::changed, this,
          [this] { keep_->setEnabled(!canvas_->marks().empty()); });
  connect(keep_, &QPushButton::clicked, this, &PhotoDialog::keep);
}

void PhotoDialog::keep() {
  const QString to = q(picture::markedName(file_.toStdString()));
  if (const auto status = saveMarked(photo_, canvas_->marks(), to); !status) {
    emit said(q(status.error().sentence()), true);
    return;
  }
  kept_ = to;
  accept();
}

}  // namespace haybale::app
