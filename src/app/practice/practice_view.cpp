#include "app/practice/practice_view.h"

#include <QVBoxLayout>

#include "app/practice/bench_page.h"
#include "app/practice/debrief_page.h"
#include "app/practice/made_up_band.h"
#include "app/practice/shelf_page.h"
#include "app/style/pages.h"

namespace haybale::app {

PracticeView::PracticeView(JobBook& book, QWidget* parent) : QWidget(parent), desk_(book) {
  auto* rows = new QVBoxLayout(this);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(0);
  rows->addWidget(new MadeUpBand(this));
  pages_ = new Pages(this);
  shelf_ = new ShelfPage(desk_);
  bench_ = new BenchPage(desk_);
  debrief_ = new DebriefPage(desk_);
  for (QWidget* page : std::initializer_list<QWidget*>{shelf_, bench_, debrief_}) {
    pages_->addWidget(page);
  }
  rows->addWidget(pages_, 1);
  const auto start = [this] {
    bench_->start();
    showPage(kBench);
  };
  connect(shelf_, &ShelfPage::begun, this, start);
  connect(shelf_, &ShelfPage::said, this, &PracticeView::said);
  connect(debrief_, &DebriefPage::said, this, &PracticeView::said);
  connect(&desk_, &PracticeDesk::said, this, &PracticeView::said);
  connect(&desk_, &PracticeDesk::ended, this, [this] {
    debrief_->tell();
    showPage(kDebrief);
  });
  connect(bench_, &BenchPage::leaveWanted, this, [this] {
    desk_.leave();
    showPage(kShelf);
  });
  connect(debrief_, &DebriefPage::anotherWanted, this, [this] {
    desk_.leave();
    showPage(kShelf);
  });
  connect(debrief_, &DebriefPage::againWanted, this, [this, start] {
    const auto about = desk_.play()->about();
    desk_.begin(about, desk_.seed());
    start();
  });
}

void PracticeView::open(const QString& path) {
  shelf_->open(path);
}

int PracticeView::page() const {
  return pages_->currentIndex();
}

void PracticeView::showPage(Page page) {
  pages_->setCurrentIndex(page);
  if (page == kShelf) {
    shelf_->refresh();
  }
  focusPage();
}

void PracticeView::focusPage() {
  if (page() == kShelf) {
    shelf_->focusList();
  } else if (page() == kBench) {
    bench_->focusMoves();
  }
}

}  // namespace haybale::app
