// Swap & inject: substitution of sensors, a substitute signal, and the wiggle watch, with the
// instruments that serve them.
#pragma once

#include <QWidget>

#include "app/swap/inject_page.h"
#include "app/swap/swap_page.h"
#include "app/swap/wiggle_page.h"

class QStackedWidget;

namespace haybale::app {

class SwapView : public QWidget {
  Q_OBJECT

 public:
  enum Page { kSwap, kInject, kWiggle };
  SwapView(JobModel& model, InstrumentHub& hub, QWidget* parent = nullptr);
  void showPage(Page page);
  [[nodiscard]] SwapPage* swap() const { return swap_; }
  [[nodiscard]] InjectPage* inject() const { return inject_; }
  [[nodiscard]] WigglePage* wiggle() const { return wiggle_; }

 signals:
  void said(const QString& sentence, bool bad);

 private:
  QStackedWidget* pages_;
  SwapPage* swap_;
  InjectPage* inject_;
  WigglePage* wiggle_;
  QList<QPushButton*> tabs_;
};

}  // namespace haybale::app
