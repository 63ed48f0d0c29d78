// Logbook, last page: where the jobs live, and how far they are brought over to the shop.
#pragma once

#include <QWidget>

#include "app/model/job_book.h"

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;

namespace haybale::app {

class ShopPage : public QWidget {
  Q_OBJECT

 public:
  explicit ShopPage(JobBook& book, QWidget* parent = nullptr);

 signals:
  void said(const QString& sentence, bool bad);

 protected:
  void showEvent(QShowEvent* event) override;

 private:
  void refresh();
  void use(const QString& url);

  JobBook& book_;
  QLabel* here_;
  QLabel* standing_;
  QLineEdit* url_;
  QLabel* tried_;
  QCheckBox* keyring_;
  QPushButton* leave_;
};

}  // namespace haybale::app
