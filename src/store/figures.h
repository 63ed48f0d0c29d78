// What the closed jobs of a shop add up to: by month, vehicle, fault, place and bench.
#pragma once

#include <vector>

#include "store/database.h"

namespace haybale::store {

/// One row of a group.
struct Figure {
  QString name;  ///< "2026-11", "Hay wagon 3", "sensor-open", "connector/wheelhouse", "bench-2"
  qint64 jobs = 0;
  double minutes = 0;  ///< mean, to isolate; 0 where nobody timed it
  qint64 comebacks = 0;
};

struct Figures {
  qint64 jobs = 0;    ///< all, open ones too
  qint64 closed = 0;  ///< of them
  qint64 proved = 0;  ///< of the closed ones
  qint64 comebacks = 0;
  double minutes = 0;            ///< mean of the closed ones, to isolate
  std::vector<Figure> months;    ///< of closing, the latest last, at most kMonths
  std::vector<Figure> vehicles;  ///< most frequent first, at most kMostRows, as those below
  std::vector<Figure> faults;    ///< "" where nothing was found
  std::vector<Figure> places;    ///< class of element
  std::vector<Figure> benches;   ///< on which the state that is shown was made; all jobs
};
inline constexpr int kMonths = 12;
inline constexpr int kMostRows = 8;

/// Only vehicles whose name begins with `vehicle`, in either case; empty: all.
[[nodiscard]] Result<Figures> figuresOf(Database& db, const QString& vehicle = {});

/// One row a group and name, with a header (RFC 4180).
[[nodiscard]] QString figuresCsv(const Figures& figures);

}  // namespace haybale::store
