// Swap & inject: substitution of sensors, a substitute signal, and the wiggle watch, with the
// instruments that serve them.
#pragma once

#include "app/style/page_tabs.h"
#include "app/swap/inject_page.h"
#include "app/swap/swap_page.h"
#include "app/swap/wiggle_page.h"

namespace haybale::app {

class SwapView : public PageTabs {
  Q_OBJECT

 public:
  enum Page { kSwap, kInject, kWiggle };
  SwapView(JobModel& model, InstrumentHub& hub, QWidget* parent = nullptr);
  [[nodiscard]] SwapPage* swap() const { return swap_; }
  [[nodiscard]] InjectPage* inject() const { return inject_; }
  [[nodiscard]] WigglePage* wiggle() const { return wiggle_; }

 signals:
  void said(const QString& sentence, bool bad);

 private:
  SwapPage* swap_;
  InjectPage* inject_;
  WigglePage* wiggle_;
};

}  // namespace haybale::app
