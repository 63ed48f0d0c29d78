#include "app/close/close_view.h"

namespace haybale::app {

CloseView::CloseView(JobModel& model, JobBook& book, QWidget* parent) : PageTabs(parent) {
  proof_ = new ProofPage(model, book, this);
  report_ = new ReportView(model, this);
  addPage(tr("Repair"), QStringLiteral("close.page.repair"), new RepairPage(model, this));
  addPage(tr("Proof"), QStringLiteral("close.page.proof"), proof_);
  addPage(tr("Report"), QStringLiteral("close.page.report"), report_);
}

}  // namespace haybale::app
