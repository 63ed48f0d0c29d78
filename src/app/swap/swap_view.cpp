#include "app/swap/swap_view.h"

#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/live/instrument_strip.h"

namespace haybale::app {

SwapView::SwapView(JobModel& model, InstrumentHub& hub, QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("page"));
  setAttribute(Qt::WA_StyledBackground);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 8, 16, 10);
  column->setSpacing(6);
  auto* row = new QHBoxLayout;
  const std::pair<QString, const char*> names[] = {{tr("Swap"), "swap.page.swap"},
                                                   {tr("Feed a signal in"), "swap.page.inject"},
                                                   {tr("Wiggle watch"), "swap.page.wiggle"}};
  for (int i = 0; i < 3; ++i) {
    auto* tab = new QPushButton(names[i].first, this);
    tab->setObjectName(QString::fromLatin1(names[i].second));
    tab->setCheckable(true);
    tab->setMinimumHeight(36);
    connect(tab, &QPushButton::clicked, this, [this, i] { showPage(static_cast<Page>(i)); });
    row->addWidget(tab);
    tabs_ << tab;
  }
  row->addSpacing(16);
  row->addWidget(new InstrumentStrip(model, hub, this), 1);
  column->addLayout(row);
  pages_ = new QStackedWidget(this);
  swap_ = new SwapPage(model, this);
  inject_ = new InjectPage(model, hub, this);
  wiggle_ = new WigglePage(model, hub, this);
  for (QWidget* page : std::initializer_list<QWidget*>{swap_, inject_, wiggle_}) {
    pages_->addWidget(page);
  }
  column->addWidget(pages_, 1);
  connect(swap_, &SwapPage::said, this, &SwapView::said);
  connect(inject_, &InjectPage::said, this, &SwapView::said);
  connect(wiggle_, &WigglePage::said, this, &SwapView::said);
  showPage(kSwap);
}

void SwapView::showPage(Page page) {
  pages_->setCurrentIndex(page);
  for (int i = 0; i < tabs_.size(); ++i) {
    tabs_[i]->setChecked(i == page);
  }
}

}  // namespace haybale::app
