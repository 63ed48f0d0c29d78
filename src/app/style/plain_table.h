// Tables that are read, not edited: rows of text, headed on the left.
#pragma once

#include <QTableWidget>

namespace haybale::app {

/// Rows are chosen whole, one at a time; none when not `chosen`.
QTableWidget* plainTable(QWidget* parent, const char* name, const QStringList& head,
                         bool chosen = true);

/// Fills a row; columns of `numbers` stand to the right. Each cell shows its whole text as a tip.
void putRow(QTableWidget* table, int row, const QStringList& cells, const QList<int>& numbers = {});

/// Rows become as high as their words need; for tables of some dozen rows.
void wrapRows(QTableWidget* table, int least);

}  // namespace haybale::app
