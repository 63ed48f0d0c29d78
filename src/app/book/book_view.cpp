#include "app/book/book_view.h"

namespace haybale::app {

BookView::BookView(JobModel& model, JobBook& book, QWidget* parent) : PageTabs(parent) {
  jobs_ = new JobsPage(model, book, this);
  figures_ = new FiguresPage(book, this);
  goods_ = new GoodsPage(model, book, this);
  addPage(tr("Jobs"), QStringLiteral("book.page.jobs"), jobs_);
  addPage(tr("Figures"), QStringLiteral("book.page.figures"), figures_);
  addPage(tr("Known good"), QStringLiteral("book.page.goods"), goods_);
  shared_ = new SharedPage(model, book, this);
  addPage(tr("Shared"), QStringLiteral("book.page.shared"), shared_);
  shop_ = new ShopPage(book, this);
  addPage(tr("Where it lives"), QStringLiteral("book.page.shop"), shop_);
}

}  // namespace haybale::app
