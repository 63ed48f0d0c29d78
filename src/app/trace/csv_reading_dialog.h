// How a CSV capture is read: its first lines as they are taken apart, what had to be guessed, and
// boxes to say it better. What is said is kept in a side file next to the capture.
#pragma once

#include <QDialog>

#include "core/capture/csv_preview.h"

class QComboBox;
class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace haybale::app {

class CsvReadingDialog : public QDialog {
  Q_OBJECT

 public:
  /// `file` must be a text file that can be read; `why` is what brought the user here, e.g. the
  /// reason why it could not be read, and may be empty.
  CsvReadingDialog(const QString& file, const capture::CsvHints& hints, const QString& why,
                   QWidget* parent);

  /// What the boxes say.
  [[nodiscard]] capture::CsvHints hints() const;

 private:
  void place(const QString& label, QWidget* box);
  QComboBox* choice(const char* name, const QString& label, const QStringList& items);
  QLineEdit* box(const char* name, const QString& label, const QString& hint);
  void makeForm();
  void makeKeys();
  void show(const capture::CsvHints& hints);
  void refresh();
  void fillTable(const capture::CsvPreview& preview);
  [[nodiscard]] QString said(const capture::CsvPreview& preview) const;

  QString file_;
  QString why_;
  QGridLayout* form_;
  QTableWidget* table_;
  QLabel* told_;
  QPushButton* use_ = nullptr;
  QComboBox* separator_ = nullptr;
  QComboBox* decimal_ = nullptr;
  QComboBox* timeUnit_ = nullptr;
  QComboBox* unit_ = nullptr;
  QComboBox* time_ = nullptr;
  QLineEdit* firstRow_ = nullptr;
  QLineEdit* rate_ = nullptr;
};

}  // namespace haybale::app
