#include "app/swap/swap_view.h"

#include "app/live/instrument_strip.h"

namespace haybale::app {

SwapView::SwapView(JobModel& model, InstrumentHub& hub, QWidget* parent) : PageTabs(parent) {
  swap_ = new SwapPage(model, this);
  inject_ = new InjectPage(model, hub, this);
  wiggle_ = new WigglePage(model, hub, this);
  addPage(tr("Swap"), QStringLiteral("swap.page.swap"), swap_);
  addPage(tr("Feed a signal in"), QStringLiteral("swap.page.inject"), inject_);
  addPage(tr("Wiggle watch"), QStringLiteral("swap.page.wiggle"), wiggle_);
  addBeside(new InstrumentStrip(model, hub, this));
  connect(swap_, &SwapPage::said, this, &SwapView::said);
  connect(inject_, &InjectPage::said, this, &SwapView::said);
  connect(wiggle_, &WigglePage::said, this, &SwapView::said);
}

}  // namespace haybale::app
