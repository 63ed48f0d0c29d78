#include "app/style/plain_table.h"

#include <QHeaderView>

namespace haybale::app {

namespace {
constexpr int kRowH = 30;
constexpr int kButtonRowH = 46;  // room for a button
}  // namespace

QTableWidget* plainTable(QWidget* parent, const char* name, const QStringList& head, bool chosen) {
  auto* table = new QTableWidget(parent);
  table->setObjectName(QString::fromLatin1(name));
  table->setColumnCount(static_cast<int>(head.size()));
  table->setHorizontalHeaderLabels(head);
  table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  table->horizontalHeader()->setHighlightSections(false);
  table->verticalHeader()->hide();
  table->verticalHeader()->setDefaultSectionSize(chosen ? kRowH : kButtonRowH);
  table->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table->setSelectionBehavior(QAbstractItemView::SelectRows);
  table->setSelectionMode(chosen ? QAbstractItemView::SingleSelection
                                 : QAbstractItemView::NoSelection);
  table->setFocusPolicy(chosen ? Qt::StrongFocus : Qt::NoFocus);
  table->setShowGrid(false);
  return table;
}

void putRow(QTableWidget* table, int row, const QStringList& cells, const QList<int>& numbers) {
  for (int column = 0; column < cells.size(); ++column) {
    auto* item = new QTableWidgetItem(cells[column]);
    item->setToolTip(cells[column]);
    if (numbers.contains(column)) {
      item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
    }
    table->setItem(row, column, item);
  }
}

void wrapRows(QTableWidget* table, int least) {
  table->verticalHeader()->setMinimumSectionSize(least);
  table->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
}

}  // namespace haybale::app
