#include "app/book/figures_page.h"

#include <QDateTime>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/model/preferences.h"
#include "app/parts/dialogs.h"
#include "app/style/labels.h"
#include "app/style/scene_widget.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "core/practice/truth_words.h"
#include "picture/count_bars.h"
#include "render/report_pages.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

// The groups in the order of the page.
struct Group {
  QString title;
  const std::vector<store::Figure>* rows;
  bool faults = false;
};
std::vector<Group> groupsOf(const store::Figures& f) {
  return {{QObject::tr("By month of closing"), &f.months},
          {QObject::tr("What it was"), &f.faults, true},
          {QObject::tr("By vehicle"), &f.vehicles},
          {QObject::tr("Where it was"), &f.places},
          {QObject::tr("By bench (all jobs)"), &f.benches}};
}

// "connector/wheelhouse" and other names as programs have them, for a reader.
std::string nameOf(const store::Figure& row, bool fault) {
  if (row.name.isEmpty()) {
    return haybale::say("this bench, before it had a name");
  }
  const std::string name =
      QString(row.name).replace(QLatin1Char('/'), QStringLiteral(", ")).toStdString();
  return fault ? practice::faultInWords(name) : name;
}

std::string noteOf(const store::Figure& row) {
  const std::string jobs =
      row.jobs == 1 ? std::string(haybale::say("1 job")) : sayf("{} jobs", row.jobs);
  return row.minutes > 0 ? jobs + sayf(", {:.0f} min", row.minutes) : jobs;
}

std::vector<picture::CountBar> barsOf(const Group& group) {
  std::vector<picture::CountBar> out;
  for (const auto& row : *group.rows) {
    out.push_back({nameOf(row, group.faults), static_cast<double>(row.jobs), noteOf(row)});
  }
  return out;
}

}  // namespace

FiguresPage::FiguresPage(JobBook& book, QWidget* parent) : QWidget(parent), book_(book) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  auto* top = new QHBoxLayout;
  top->addWidget(new QLabel(tr("Only vehicles whose name begins with"), this));
  vehicle_ = new QLineEdit(this);
  vehicle_->setObjectName(QStringLiteral("figures.vehicle"));
  vehicle_->setAccessibleName(tr("Beginning of the vehicles' name"));
  vehicle_->setPlaceholderText(tr("all of them"));
  vehicle_->setClearButtonEnabled(true);
  top->addWidget(vehicle_, 1);
  auto* report = new QPushButton(tr("Fleet report..."), this);
  report->setObjectName(QStringLiteral("figures.report"));
  auto* table = new QPushButton(tr("Save as a table..."), this);
  table->setObjectName(QStringLiteral("figures.csv"));
  top->addWidget(report);
  top->addWidget(table);
  column->addLayout(top);
  totals_ = textLabel(this, "sub", {}, QStringLiteral("figures.totals"));
  column->addWidget(totals_);
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 8, 0);
  grid->setHorizontalSpacing(28);
  grid->setVerticalSpacing(12);
  const auto groups = groupsOf(figures_);
  for (std::size_t i = 0; i < groups.size(); ++i) {
    auto* chart = new SceneWidget(box);
    chart->setAccessibleName(groups[i].title);
    chart->setMaker([this, i](double width, double) {
      const auto group = groupsOf(figures_)[i];
      return picture::countBars(group.title.toStdString(), barsOf(group), width, render::measure());
    });
    grid->addWidget(chart, static_cast<int>(i) / 2, static_cast<int>(i) % 2, Qt::AlignTop);
    charts_.push_back(chart);
  }
  grid->setColumnStretch(0, 1);
  grid->setColumnStretch(1, 1);
  grid->setRowStretch(3, 1);
  auto* scroll = new QScrollArea(this);
  scroll->setWidget(box);
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  column->addWidget(scroll, 1);
  connect(vehicle_, &QLineEdit::textChanged, this, &FiguresPage::refresh);
  connect(&book_, &JobBook::changed, this, [this] {
    if (isVisible()) {
      refresh();
    }
  });
  connect(report, &QPushButton::clicked, this, &FiguresPage::saveReport);
  connect(table, &QPushButton::clicked, this, &FiguresPage::saveTable);
}

void FiguresPage::showEvent(QShowEvent*) {
  refresh();
}

QString FiguresPage::totals() const {
  const auto& f = figures_;
  QString text = tr("%1 jobs, %2 of them closed, %3 proved, %4 came back.")
                     .arg(f.jobs)
                     .arg(f.closed)
                     .arg(f.proved)
                     .arg(f.comebacks);
  if (f.minutes > 0) {
    text += QLatin1Char(' ') +
            tr("A fault was isolated in %1 minutes on average.").arg(f.minutes, 0, 'f', 0);
  }
  return text;
}

void FiguresPage::refresh() {
  if (!book_.logbook()) {
    totals_->setText(tr("The logbook is not open."));
    return;
  }
  auto found = store::figuresOf(book_.logbook()->database(), vehicle_->text().trimmed());
  if (!found) {
    totals_->setText(q(found.error().sentence()));
    return;
  }
  figures_ = std::move(*found);
  totals_->setText(totals());
  const auto groups = groupsOf(figures_);
  for (std::size_t i = 0; i < charts_.size(); ++i) {
    charts_[i]->setFixedHeight(static_cast<int>(picture::countBarsHeight(groups[i].rows->size())));
    charts_[i]->rebuild();
  }
}

picture::Report FiguresPage::report() const {
  picture::Report out;
  const auto shop = preferences().shop;
  const QString whose = vehicle_->text().trimmed();
  out.title = whose.isEmpty() ? haybale::say("Wheel speed circuits of the fleet")
                              : sayf("Wheel speed circuits of {}", whose.toStdString());
  out.foot = shop.isEmpty() ? out.title : shop.toStdString() + ": " + out.title;
  out.blocks.push_back(picture::Heading{1, out.title});
  out.blocks.push_back(picture::Paragraph{
      QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd")).toStdString(), false,
      true});
  out.blocks.push_back(picture::Paragraph{totals().toStdString(), true});
  constexpr double kFigureW = 640;
  for (const auto& group : groupsOf(figures_)) {
    picture::Figure figure;
    figure.scene =
        picture::countBars(group.title.toStdString(), barsOf(group), kFigureW, render::measure());
    out.blocks.push_back(std::move(figure));
    std::int64_t back = 0;
    for (const auto& row : *group.rows) {
      back += row.comebacks;
    }
    if (back > 0) {
      out.blocks.push_back(picture::Paragraph{sayf("{} of these came back.", back), false, true});
    }
  }
  return out;
}

void FiguresPage::saveReport() {
  const QString path =
      dialogs().saveFile(this, tr("Save the fleet report"), QStringLiteral("fleet.pdf"),
                         QStringLiteral("*.pdf *.html"));
  if (path.isEmpty()) {
    return;
  }
  const auto status = render::saveReport(report(), path);
  emit said(status ? tr("Saved in %1.").arg(path) : q(status.error().sentence()), !status);
}

void FiguresPage::saveTable() {
  const QString path = dialogs().saveFile(this, tr("Save the figures as a table"),
                                          QStringLiteral("figures.csv"), QStringLiteral("*.csv"));
  if (path.isEmpty()) {
    return;
  }
  const auto status =
      job::writeFileAtomically(path.toStdString(), store::figuresCsv(figures_).toStdString());
  emit said(status ? tr("Saved in %1.").arg(path) : q(status.error().sentence()), !status);
}

}  // namespace haybale::app
