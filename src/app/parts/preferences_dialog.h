// Preferences: what this shop says once for all new jobs.
#pragma once

#include <QDialog>

#include "app/model/preferences.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLineEdit;

namespace haybale::app {

class PreferencesDialog : public QDialog {
  Q_OBJECT

 public:
  explicit PreferencesDialog(const Preferences& now, QWidget* parent = nullptr);
  [[nodiscard]] Preferences chosen() const;

 private:
  Preferences now_;
  QLineEdit* shop_;
  QLineEdit* technician_;
  QList<QCheckBox*> tools_;
  QList<QCheckBox*> allowed_;
  QList<QDoubleSpinBox*> prices_;
  QComboBox* meter_;
  QComboBox* school_;
};

/// The keys of the program, as a page.
class KeysDialog : public QDialog {
  Q_OBJECT

 public:
  explicit KeysDialog(QWidget* parent = nullptr);
};

/// Version, licence, what it is made of.
class AboutDialog : public QDialog {
  Q_OBJECT

 public:
  explicit AboutDialog(QWidget* parent = nullptr);
};

}  // namespace haybale::app
