// Before owner and plate of a job are erased: what goes, what stays, and that it cannot be undone.
#pragma once

#include <QDialog>

#include "app/model/job_book.h"

namespace haybale::app {

class EraseDialog : public QDialog {
  Q_OBJECT

 public:
  EraseDialog(JobBook& book, const QString& job, QWidget* parent = nullptr);
};

}  // namespace haybale::app
