// Preferences: what this shop says once for all new jobs, and how the program behaves on this desk.
#pragma once

#include <QDialog>

#include "app/model/preferences.h"
#include "app/model/program_settings.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListWidget;

namespace haybale::app {

class PreferencesDialog : public QDialog {
  Q_OBJECT

 public:
  PreferencesDialog(const Preferences& now, const ProgramSettings& program,
                    QWidget* parent = nullptr);
  [[nodiscard]] Preferences chosen() const;
  [[nodiscard]] ProgramSettings program() const;

 signals:
  void said(const QString& sentence, bool bad);

 private:
  QWidget* jobPage();
  QWidget* reportPage();
  QWidget* meterPage();
  QWidget* programPage(const ProgramSettings& now);

  void showMark(const QString& file);
  [[nodiscard]] std::vector<std::string> owned() const;
  void fillMeters();
  void fillUsualMeter();
  void describeMeter();

  Preferences now_;
  QLineEdit* shop_;
  QLineEdit* technician_;
  QLabel* markShown_;
  QListWidget* meters_;
  QList<QCheckBox*> tools_;
  QList<QCheckBox*> allowed_;
  QList<QDoubleSpinBox*> prices_;
  QComboBox* meter_;
  QComboBox* school_;
  QComboBox* theme_;
  QComboBox* scale_;
  QComboBox* language_;
  QComboBox* units_;
  QCheckBox* sound_;
  QCheckBox* voice_;
};

}  // namespace haybale::app
