#include "app/report/report_view.h"

#include <QDateTime>
#include <QLabel>
#include <QPainter>
#include <QPrinter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/model/preferences.h"
#include "app/style/theme.h"
#include "core/base/say.h"
#include "render/report_pages.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {
constexpr int kPageWidth = 800;
}

ReportView::ReportView(JobModel& model, QWidget* parent) : QWidget(parent), model_(model) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  auto* top = new QHBoxLayout;
  auto* head = new QLabel(tr("Report, as it will be printed"), this);
  head->setProperty("sub", true);
  top->addWidget(head, 1);
  owner_ = new QPushButton(tr("One page for the owner"), this);
  owner_->setObjectName(QStringLiteral("report.owner"));
  owner_->setCheckable(true);
  owner_->setMinimumHeight(38);
  connect(owner_, &QPushButton::toggled, this, &ReportView::refresh);
  top->addWidget(owner_);
  for (const auto& [text, ending] : {std::pair{tr("Save as PDF"), QStringLiteral("pdf")},
                                     std::pair{tr("Save as HTML"), QStringLiteral("html")}}) {
    auto* button = new QPushButton(text, this);
    button->setObjectName(QStringLiteral("report.") + ending);
    button->setProperty("main", ending == QStringLiteral("pdf"));
    button->setMinimumHeight(38);
    connect(button, &QPushButton::clicked, this,
            [this, ending = ending] { emit saveWanted(ending); });
    top->addWidget(button);
  }
  column->addLayout(top);
  area_ = new QScrollArea(this);
  area_->setFrameShape(QFrame::NoFrame);
  area_->setWidgetResizable(true);
  auto* sheet = new QWidget(area_);
  pages_ = new QVBoxLayout(sheet);
  pages_->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
  pages_->setSpacing(14);
  area_->setWidget(sheet);
  column->addWidget(area_, 1);
  for (const auto news : {&JobModel::changed, &JobModel::assessed, &JobModel::workedOut}) {
    connect(&model_, news, this, [this] {
      stale_ = true;
      if (isVisible()) {
        refresh();
      }
    });
  }
}

void ReportView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  if (stale_) {
    refresh();
  }
}

picture::Report ReportView::report() {
  const std::string when =
      QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd HH:mm")).toStdString();
  picture::ReportInput input{&model_.job(), &model_.assessment(), model_.proof(), when};
  const auto shop = preferences();
  input.shop = shop.shop.toStdString();
  input.technician = shop.technician.toStdString();
  input.mark = shop.mark.toStdString();
  input.folder = model_.folder().toStdString();
  input.reader = owner_->isChecked() ? picture::Reader::owner : picture::Reader::file;
  return picture::reportOf(input, render::measure());
}

// The pages stay until all that stands on the next ones is worked out.
void ReportView::refresh() {
  (void)model_.proof();
  if (model_.isThinking() || !model_.proofStands()) {
    return;
  }
  stale_ = false;
  while (auto* item = pages_->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  int number = 0;
  for (const auto& page : render::toImages(report(), kPageWidth)) {
    auto* label = new QLabel;
    label->setObjectName(QStringLiteral("report.page%1").arg(++number));
    label->setPixmap(QPixmap::fromImage(page));
    label->setFixedSize(page.size());
    pages_->addWidget(label);
  }
}

Status ReportView::printTo(QPrinter& printer) {
  model_.settle(true);
  const auto report = this->report();
  // The pages are set in pixels of 1/96 inch, on the whole sheet.
  printer.setFullPage(true);
  QPainter painter;
  if (!painter.begin(&printer)) {
    return Error{"", std::nullopt, say("the printer could not be begun"),
                 say("another one, or a PDF")};
  }
  const double scale = printer.resolution() / 96.0;
  painter.scale(scale, scale);
  render::print(report, painter, render::pagesOf(report), [&] { printer.newPage(); });
  return Done{};
}

Status ReportView::writeTo(const QString& path) {
  model_.settle(true);
  return render::saveReport(report(), path);
}

}  // namespace haybale::app
