#include "app/far/far_page.h"

#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/far/voice.h"
#include "app/style/labels.h"

namespace haybale::app {

namespace {

// Letters of 1/200 of the distance are read at ease (rule of thumb of sign making, no source): 15
// mm at three metres, some 56 pixels of a usual screen.
constexpr int kBigPx = 64;
constexpr int kBodyPx = 40;
constexpr int kSmallPx = 26;
constexpr double kMostFactor = 1.5;
constexpr double kLeastFactor = 0.4;

void setSize(QLabel* label, double px, bool bold) {
  label->setStyleSheet(QStringLiteral("font-size: %1px; font-weight: %2;")
                           .arg(qRound(px))
                           .arg(bold ? QStringLiteral("bold") : QStringLiteral("normal")));
}

}  // namespace

FarPage::FarPage(JobModel& model, QWidget* over) : QWidget(over), voice_(new Voice(this)) {
  setObjectName(QStringLiteral("page"));
  setAccessibleName(tr("Page to be read from afar"));
  setAttribute(Qt::WA_StyledBackground);
  setFocusPolicy(Qt::StrongFocus);
  hide();
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(40, 28, 40, 24);
  column->setSpacing(18);
  head_ = textLabel(this, "faint", {}, QStringLiteral("far.head"));
  big_ = textLabel(this, nullptr, {}, QStringLiteral("far.big"));
  body_ = textLabel(this, nullptr, {}, QStringLiteral("far.body"));
  caution_ = textLabel(this, "caution", {}, QStringLiteral("far.caution"));
  last_ = textLabel(this, "faint", {}, QStringLiteral("far.last"));
  for (auto* label : {head_, big_, body_, caution_}) {
    column->addWidget(label);
  }
  column->addStretch();
  column->addWidget(last_);
  auto* row = new QHBoxLayout;
  again_ = new QPushButton(tr("Say it"), this);
  again_->setObjectName(QStringLiteral("far.say"));
  back_ = new QPushButton(tr("Back (F11)"), this);
  back_->setObjectName(QStringLiteral("far.back"));
  back_->setProperty("main", true);
  for (auto* button : {again_, back_}) {
    button->setMinimumHeight(72);
    button->setStyleSheet(QStringLiteral("font-size: 26px; min-height: 60px;"));
    row->addWidget(button);
  }
  column->addLayout(row);
  connect(back_, &QPushButton::clicked, this, &FarPage::close);
  connect(again_, &QPushButton::clicked, this, [this] { voice_->say(shown_.spoken()); });
  over->installEventFilter(this);
  for (const auto news : {&JobModel::changed, &JobModel::assessed, &JobModel::workedOut}) {
    connect(&model, news, this, [this] {
      if (isVisible()) {
        refresh();
      }
    });
  }
}

void FarPage::open(std::function<FarText()> text, bool aloud) {
  text_ = std::move(text);
  aloud_ = aloud;
  shown_ = {};
  setGeometry(parentWidget()->rect());
  show();
  raise();
  back_->setFocus();
  refresh();
}

void FarPage::close() {
  voice_->stop();
  hide();
  emit closed();
}

void FarPage::refresh() {
  const FarText now = text_();
  if (now == shown_) {
    return;
  }
  shown_ = now;
  const std::pair<QLabel*, QString> parts[] = {{head_, now.head},
                                               {big_, now.big},
                                               {body_, now.body},
                                               {caution_, now.caution},
                                               {last_, now.last}};
  for (const auto& [label, text] : parts) {
    label->setText(text);
    label->setVisible(!text.isEmpty());
  }
  fit();
  if (aloud_) {
    voice_->say(now.spoken());
  }
}

// As large as it can be with all of it on the page.
void FarPage::fit() {
  for (double factor = kMostFactor; factor >= kLeastFactor; factor -= 0.05) {
    setSize(head_, factor * kSmallPx, false);
    setSize(big_, factor * kBigPx, true);
    setSize(body_, factor * kBodyPx, false);
    setSize(caution_, factor * kSmallPx, false);
    setSize(last_, factor * kSmallPx, false);
    layout()->invalidate();
    if (layout()->totalHeightForWidth(width()) <= height()) {
      return;
    }
  }
}

bool FarPage::eventFilter(QObject* watched, QEvent* event) {
  if (watched == parentWidget() && event->type() == QEvent::Resize && isVisible()) {
    setGeometry(parentWidget()->rect());
  }
  return QWidget::eventFilter(watched, event);
}

void FarPage::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  if (isVisible()) {
    fit();
  }
}

void FarPage::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) {
    close();
    return;
  }
  QWidget::keyPressEvent(event);
}

}  // namespace haybale::app
