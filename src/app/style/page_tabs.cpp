#include "app/style/page_tabs.h"

#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/style/pages.h"

namespace haybale::app {

PageTabs::PageTabs(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("page"));
  setAttribute(Qt::WA_StyledBackground);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 8, 16, 10);
  column->setSpacing(6);
  auto* whole = new QHBoxLayout;
  row_ = new QHBoxLayout;
  whole->addLayout(row_);
  whole->addStretch();
  column->addLayout(whole);
  pages_ = new Pages(this);
  column->addWidget(pages_, 1);
}

void PageTabs::addPage(const QString& text, const QString& name, QWidget* page) {
  const int index = static_cast<int>(tabs_.size());
  auto* tab = new QPushButton(text, this);
  tab->setObjectName(name);
  tab->setCheckable(true);
  tab->setMinimumHeight(36);
  connect(tab, &QPushButton::clicked, this, [this, index] { showPage(index); });
  row_->insertWidget(index, tab);
  tabs_ << tab;
  // A page that is higher than its room scrolls; nothing of it is squeezed.
  auto* scroll = new QScrollArea(this);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidgetResizable(true);
  scroll->setFocusPolicy(Qt::NoFocus);
  scroll->setWidget(page);
  pages_->addWidget(scroll);
  if (index == 0) {
    showPage(0);
  }
}

void PageTabs::addBeside(QWidget* widget) {
  row_->addSpacing(16);
  row_->addWidget(widget, 1);
}

void PageTabs::showPage(int index) {
  pages_->setCurrentIndex(index);
  for (int i = 0; i < tabs_.size(); ++i) {
    tabs_[i]->setChecked(i == index);
  }
  emit pageShown(index);
}

int PageTabs::page() const {
  return pages_->currentIndex();
}

}  // namespace haybale::app
