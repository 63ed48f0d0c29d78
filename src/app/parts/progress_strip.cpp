#include "app/parts/progress_strip.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>

namespace haybale::app {

ProgressStrip::ProgressStrip(QWidget* parent)
    : QWidget(parent), what_(new QLabel(this)), bar_(new QProgressBar(this)) {
  setObjectName(QStringLiteral("progress"));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 6, 16, 6);
  what_->setTextFormat(Qt::PlainText);
  bar_->setRange(0, 1000);
  bar_->setObjectName(QStringLiteral("progress.bar"));
  auto* cancel = new QPushButton(tr("Cancel"), this);
  cancel->setObjectName(QStringLiteral("progress.cancel"));
  connect(cancel, &QPushButton::clicked, this, &ProgressStrip::cancelled);
  row->addWidget(what_);
  row->addWidget(bar_, 1);
  row->addWidget(cancel);
  hide();
}

void ProgressStrip::show(const QString& what, double share) {
  what_->setText(what);
  bar_->setValue(static_cast<int>(1000 * share));
  bar_->setFormat(QStringLiteral("%1 %").arg(static_cast<int>(100 * share)));
  QWidget::show();
}

}  // namespace haybale::app
