// The wiggle watch: the reading in large, as a line and as a sound, while one leg after the other
// is moved; at the end the legs by how the dropouts fell.
#pragma once

#include <QElapsedTimer>
#include <QWidget>

#include "app/live/instrument_hub.h"
#include "app/model/job_model.h"
#include "app/style/scene_widget.h"
#include "app/swap/sound_out.h"
#include "core/watch/tone.h"
#include "core/watch/wiggle_watch.h"
#include "picture/watch_strip.h"

class QComboBox;
class QGridLayout;
class QLabel;
class QPushButton;

namespace haybale::app {

class WigglePage : public QWidget {
  Q_OBJECT

 public:
  WigglePage(JobModel& model, InstrumentHub& hub, QWidget* parent = nullptr);
  ~WigglePage() override;
  [[nodiscard]] const diagnosis::WiggleWatch& watch() const { return watch_; }
  /// From now on this leg is moved; empty: hands off.
  void mark(const QString& element);
  /// Ends the watch and keeps what came of it as evidence, a reading for every leg that was moved.
  void keep();

 signals:
  void said(const QString& sentence, bool bad);

 protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  void fillLegs();
  void take(double s, double value);
  void start(bool on);
  void refresh();
  void play(double value, bool dropout);
  [[nodiscard]] circuit::Test test(const std::string& element) const;

  JobModel& model_;
  InstrumentHub& hub_;
  diagnosis::WiggleWatch watch_;
  std::vector<std::pair<double, double>> readings_;
  QString leg_;
  signal::Tone tone_;
  SoundOut* player_;
  QComboBox* what_;
  QLabel* big_;
  QLabel* count_;
  QLabel* ranking_;
  SceneWidget* strip_;
  QPushButton* start_;
  QPushButton* sound_;
  QPushButton* keep_;
  QWidget* legs_;
  QGridLayout* legGrid_;
};

}  // namespace haybale::app
