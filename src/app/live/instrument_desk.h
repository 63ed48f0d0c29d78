// What the connected instruments read, on its way to where it belongs: a reading to the place of
// the leads, a record to its wheel, a watched trace to its page.
#pragma once

#include "app/live/instrument_hub.h"
#include "app/model/job_model.h"

namespace haybale::app {

class LineView;
class TraceView;

class InstrumentDesk : public QObject {
  Q_OBJECT

 public:
  /// All must outlive it.
  InstrumentDesk(JobModel& model, InstrumentHub& hub, LineView* line, TraceView* trace,
                 QObject* parent);

 signals:
  void said(const QString& sentence, bool bad);
  /// A record lies in `file`, to be added to `circuit`.
  void recorded(const QString& circuit, const QString& file);

 private:
  bool isOurs(const QString& job);
  void followTheYard();
  [[nodiscard]] circuit::Test spunTrace() const;
  void record();
  void watch(bool on);
  void endWatch();
  void keepWatched();
  void keep(const circuit::Test& test, const capture::Record& record, const job::Origin& origin);

  JobModel& model_;
  InstrumentHub& hub_;
  TraceView* trace_;
  circuit::Test watched_;  // what the scope is watched at
};

}  // namespace haybale::app
