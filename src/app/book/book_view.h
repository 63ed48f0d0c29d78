// Logbook: jobs, what they add up to, what is known to be good, what the whole
// shop shares, where it all lives.
#pragma once

#include "app/book/figures_page.h"
#include "app/book/goods_page.h"
#include "app/book/jobs_page.h"
#include "app/book/shared_page.h"
#include "app/book/shop_page.h"
#include "app/style/page_tabs.h"

namespace haybale::app {

class BookView : public PageTabs {
  Q_OBJECT

 public:
  enum Page { kJobs, kFigures, kGoods, kShared, kShop };
  BookView(JobModel& model, JobBook& book, QWidget* parent = nullptr);
  [[nodiscard]] JobsPage* jobs() const { return jobs_; }
  [[nodiscard]] FiguresPage* figures() const { return figures_; }
  [[nodiscard]] GoodsPage* goods() const { return goods_; }
  [[nodiscard]] SharedPage* shared() const { return shared_; }
  [[nodiscard]] ShopPage* shop() const { return shop_; }

 private:
  JobsPage* jobs_;
  FiguresPage* figures_;
  GoodsPage* goods_;
  SharedPage* shared_;
  ShopPage* shop_;
};

}  // namespace haybale::app
