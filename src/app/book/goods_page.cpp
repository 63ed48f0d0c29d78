#include "app/book/goods_page.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/evidence/good_value.h"

namespace haybale::app {

GoodsPage::GoodsPage(JobModel& model, JobBook& book, QWidget* parent)
    : QWidget(parent), model_(model), book_(book) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  column->addWidget(partHead(tr("Readings of this job that a limit can be about"), this));
  readings_ =
      plainTable(this, "goods.readings",
                 {tr("circuit"), tr("what"), tr("reading"), tr("judged"), QString()}, false);
  readings_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
  column->addWidget(readings_, 3);
  auto* row = new QHBoxLayout;
  row->addWidget(partHead(tr("Kept as good, for the same"), this));
  by_ = new QComboBox(this);
  by_->setObjectName(QStringLiteral("goods.by"));
  by_->addItems({tr("vehicle"), tr("module"), tr("sensor part")});
  connect(by_, &QComboBox::currentIndexChanged, this, &GoodsPage::refresh);
  row->addWidget(by_);
  note_ = new QLabel(this);
  note_->setObjectName(QStringLiteral("goods.note"));
  note_->setProperty("faint", true);
  row->addWidget(note_, 1);
  column->addLayout(row);
  spreads_ = plainTable(this, "goods.spreads",
                        {tr("what"), tr("n"), tr("median"), tr("spread"),
                         tr("95 % of good parts, 95 % sure"), QString()},
                        false);
  spreads_->horizontalHeader()->setSectionResizeMode(4, QHeaderView::Stretch);
  column->addWidget(spreads_, 2);
  samples_ = plainTable(
      this, "goods.samples",
      {tr("taken"), tr("what"), tr("reading"), tr("circuit"), tr("where"), QString()}, false);
  samples_->horizontalHeader()->setSectionResizeMode(4, QHeaderView::Stretch);
  column->addWidget(samples_, 3);
  const auto renew = [this] {
    if (isVisible()) {
      refresh();
    }
  };
  connect(&model_, &JobModel::changed, this, renew);
  connect(&model_, &JobModel::assessed, this, renew);
  connect(&book_, &JobBook::changed, this, renew);
}

void GoodsPage::showEvent(QShowEvent*) {
  refresh();
}

store::GoodFor GoodsPage::wanted() const {
  const auto& c = model_.job();
  store::GoodFor out;
  (by_->currentIndex() == 0   ? out.vehicle
   : by_->currentIndex() == 1 ? out.module
                              : out.part) = q(by_->currentIndex() == 0   ? c.vehicle
                                              : by_->currentIndex() == 1 ? c.intake.module
                                                                         : c.intake.sensorPart);
  return out;
}

void GoodsPage::refresh() {
  fillReadings();
  fillSpreads();
  fillSamples();
}

void GoodsPage::fillReadings() {
  const auto& c = model_.job();
  readings_->setRowCount(0);
  for (const auto& e : c.evidence) {
    const auto* circuit = c.find(e.test.circuit);
    const auto good = diagnosis::goodValueOf(c, model_.assessment().waveforms, e);
    if (!circuit || !good) {
      continue;
    }
    const auto* view = model_.assessment().view(e.id);
    const QString judged = !view || !view->verdict                    ? tr("no limit")
                           : *view->verdict == judging::Verdict::pass ? tr("good")
                           : *view->verdict == judging::Verdict::fail ? tr("bad")
                                                                      : tr("cannot tell");
    const int row = readings_->rowCount();
    readings_->setRowCount(row + 1);
    putRow(readings_, row,
           {q(circuit->name),
            q(judging::spoken(good->quantity)) + QStringLiteral(", ") +
                q(view ? view->title : std::string()),
            q(units::format(good->value, judging::unitOf(good->quantity))), judged});
    auto* button = new QPushButton(tr("Keep as good"), readings_);
    button->setObjectName(QStringLiteral("goods.keep.") + q(e.id));
    button->setProperty("key", true);
    connect(button, &QPushButton::clicked, this, [this, id = q(e.id)] {
      const auto status = book_.keepGood(id);
      emit said(status ? tr("Kept as good.") : q(status.error().sentence()), !status);
    });
    readings_->setCellWidget(row, 4, button);
  }
  readings_->setColumnWidth(4, 130);
}

void GoodsPage::fillSpreads() {
  spreads_->setRowCount(0);
  auto who = wanted();
  const bool named = !who.vehicle.isEmpty() || !who.module.isEmpty() || !who.part.isEmpty();
  note_->setText(named ? who.vehicle + who.module + who.part
                       : tr("not named in this job's intake yet"));
  for (std::size_t k = 0; named && k < judging::kQuantityNames.size(); ++k) {
    const auto quantity = static_cast<judging::Quantity>(k);
    who.quantity = quantity;
    const auto found = book_.goods(who);
    if (!found || found->empty()) {
      continue;
    }
    std::vector<judging::GoodSample> samples;
    for (const auto& good : *found) {
      samples.push_back(good.sample);
    }
    const auto s = judging::spreadOf(samples);
    const auto unit = judging::unitOf(quantity);
    const auto limit = judging::limitFrom(samples);
    const int row = spreads_->rowCount();
    spreads_->setRowCount(row + 1);
    putRow(spreads_, row,
           {q(judging::spoken(quantity)), QString::number(s.n), q(units::format(s.median, unit)),
            s.n > 1 ? q(units::format(s.deviation, unit)) : QString(),
            limit ? q(fmt::format("{} (k {:.2f})", judging::limitText(*limit), s.factor))
            : s.n < judging::kFewestForALimit
                ? tr("too few to tell: keep at least %1").arg(judging::kFewestForALimit)
                : tr("they do not vary: keep other parts")});
    if (limit) {
      auto* button = new QPushButton(tr("Use as limit"), spreads_);
      button->setObjectName(QStringLiteral("goods.use.") + q(judging::kQuantityNames[k]));
      button->setProperty("key", true);
      connect(button, &QPushButton::clicked, this, [this, quantity] { useAsLimit(quantity); });
      spreads_->setCellWidget(row, 5, button);
    }
  }
  spreads_->setColumnWidth(0, 150);
  spreads_->setColumnWidth(1, 44);
  spreads_->setColumnWidth(5, 124);
}

void GoodsPage::fillSamples() {
  samples_->setRowCount(0);
  const auto who = wanted();
  if (who.vehicle.isEmpty() && who.module.isEmpty() && who.part.isEmpty()) {
    return;
  }
  const auto found = book_.goods(who);
  if (!found) {
    return;
  }
  for (const auto& [number, s] : *found) {
    const int row = samples_->rowCount();
    samples_->setRowCount(row + 1);
    putRow(samples_, row,
           {q(s.date).left(10), q(judging::spoken(s.quantity)),
            q(units::format(s.value, judging::unitOf(s.quantity))), q(s.circuit),
            s.trace.empty() ? q(s.place) : tr("trace kept")});
    auto* button = new QPushButton(tr("Take out"), samples_);
    button->setProperty("flat", true);
    connect(button, &QPushButton::clicked, this, [this, number = number] {
      if (const auto status = book_.removeGood(number); !status) {
        emit said(q(status.error().sentence()), true);
      }
    });
    samples_->setCellWidget(row, 5, button);
  }
  samples_->setColumnWidth(1, 150);
  samples_->setColumnWidth(5, 110);
}

void GoodsPage::useAsLimit(judging::Quantity quantity) {
  auto who = wanted();
  who.quantity = quantity;
  const auto found = book_.goods(who);
  std::vector<judging::GoodSample> samples;
  for (std::size_t i = 0; found && i < found->size(); ++i) {
    samples.push_back((*found)[i].sample);
  }
  const auto limit = judging::limitFrom(samples);
  if (!limit) {
    return;
  }
  model_.change(tr("limit from good parts"), [&](job::Case& c) {
    std::erase_if(c.limits, [&](const auto& l) { return l.quantity == quantity; });
    c.limits.push_back(*limit);
  });
  emit said(tr("From now on this job is judged by the good parts; undo takes it back."), false);
}

}  // namespace haybale::app
