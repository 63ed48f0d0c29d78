// What is fed in, and where: place, road speed, height and limits of a substitute signal.
#pragma once

#include <QHash>
#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QLabel;

namespace haybale::app {

/// A number with its unit behind it.
QDoubleSpinBox* numberWithUnit(QWidget* parent, const char* name, double low, double high,
                               double value, int decimals, const QString& unit);

class SignalFields : public QWidget {
  Q_OBJECT

 public:
  explicit SignalFields(QWidget* parent);

  /// Elements it may be fed in at, `usual` chosen unless another one is already.
  void setPlaces(const QStringList& elements, const QString& usual);
  /// Only what this kind of input needs, and in words what a signal of `hz` then is.
  void showSignal(bool coil, double hz);

  [[nodiscard]] QString place() const;
  [[nodiscard]] double kmh() const;          ///< road speed it stands for
  [[nodiscard]] double peakToPeakV() const;  ///< of a sine
  [[nodiscard]] double fullScaleV() const;   ///< that the sound output gives, peak to peak

 signals:
  void changed();

 private:
  void addRow(const QString& text, QWidget* field);

  QComboBox* place_;
  QDoubleSpinBox* kmh_;
  QDoubleSpinBox* volts_;
  QDoubleSpinBox* fullScale_;
  QDoubleSpinBox* supply_;
  QDoubleSpinBox* sense_;
  QLabel* settings_;
  QLabel* box_;
  QHash<QWidget*, QLabel*> labels_;  // of the fields
};

}  // namespace haybale::app
