// Close-out: repair, proof, report.
#pragma once

#include "app/close/proof_page.h"
#include "app/close/repair_page.h"
#include "app/report/report_view.h"
#include "app/style/page_tabs.h"

namespace haybale::app {

class CloseView : public PageTabs {
  Q_OBJECT

 public:
  enum Page { kRepair, kProof, kReport };
  CloseView(JobModel& model, JobBook& book, QWidget* parent = nullptr);
  [[nodiscard]] ProofPage* proof() const { return proof_; }
  [[nodiscard]] ReportView* report() const { return report_; }

 private:
  ProofPage* proof_;
  ReportView* report_;
};

}  // namespace haybale::app
