#include "app/parts/steps_dialog.h"

#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/words.h"

namespace haybale::app {

StepsDialog::StepsDialog(const diagnosis::Proposal& proposal, QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("steps"));
  setWindowTitle(tr("Step by step"));
  setFixedWidth(560);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(22, 16, 22, 16);
  column->setSpacing(8);
  column->addWidget(textLabel(this, "head", q(proposal.title)));
  int number = 0;
  for (const auto& step : proposal.steps) {
    ++number;
    column->addWidget(textLabel(this, nullptr, tr("%1.  %2").arg(number).arg(q(step)),
                                QStringLiteral("steps.step%1").arg(number)));
  }
  for (const auto& caution : proposal.cautions) {
    column->addWidget(textLabel(this, "caution", q(caution)));
  }
  auto* done = new QPushButton(tr("Close"), this);
  done->setMinimumHeight(44);
  done->setObjectName(QStringLiteral("steps.close"));
  connect(done, &QPushButton::clicked, this, &QDialog::accept);
  column->addWidget(done, 0, Qt::AlignRight);
}

}  // namespace haybale::app
