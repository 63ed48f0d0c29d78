// Likelihoods worked out once: kept as long as everything they hang on is the same.
#pragma once

#include <limits>
#include <memory>
#include <vector>

#include "core/belief/likelihood.h"
#include "core/circuit/band_memory.h"

namespace haybale::diagnosis {

/// Cells a thread takes at once.
inline constexpr std::size_t kCellsAtOnce = 512;

/// A share of the belief: one hypothesis, one set of the vehicle's values, one interval of
/// severities. Severities are in the hypothesis's own unit: ohms, a share of the output, a ratio of
/// counts.
struct Cell {
  std::size_t hypothesis = 0;
  std::size_t values = 0;  ///< index of the vehicle's values
  double low = 0;          ///< severity from, to
  double high = 0;
  double prior = 0;
  double weight = 0;   ///< normalised over all cells
  double along = 0.5;  ///< where in it the severity lies by the readings, 0 its low end

  /// The severity that stands for the interval: where the readings put it, on a logarithmic scale;
  /// an open end for itself.
  [[nodiscard]] double severity() const;
  /// The same before any reading: the geometric middle.
  [[nodiscard]] double middle() const;
};

/// Likelihoods of one reading, cell by cell.
struct Likelihoods {
  /// What would be read at the two ends of a cell's severity, on the reading's scale; a probability
  /// alone (`shows` of the time, else as when sound) is left out: not a number.
  struct Ends {
    float low = std::numeric_limits<float>::quiet_NaN();
    float high = std::numeric_limits<float>::quiet_NaN();
  };
  /// Probabilities or densities on the reading's scale, mistakes included; one a cell, in their
  /// order.
  std::vector<double> of;
  /// Of codes: the same if the module makes no check while the car stands; else empty.
  std::vector<double> unchecked;
  std::vector<Ends> ends;  ///< empty for what is no number
};

/// Everything a likelihood hangs on beside the reading: compared as it is, not by a digest.
struct BeliefLayout {
  /// A hypothesis by all that prediction reads of it; its prior does not matter here.
  struct Way {
    Fault fault;
    std::string element;
    std::optional<circuit::WireId> wire;
    std::vector<double> steps;
    double along;
    bool bothHalves;
    bool operator==(const Way&) const = default;
  };
  /// A cell by where it lies.
  struct Place {
    std::size_t hypothesis;
    std::size_t values;
    double low;
    double high;
    bool operator==(const Place&) const = default;
  };
  /// By index of the hypothesis, of the cell, and of the set of values that cells name.
  std::vector<Way> ways;
  std::vector<Place> cells;
  std::vector<circuit::ParameterPoint> values;
  /// All of the vehicle, for codes and speeds speak of every wheel; the one in question by name.
  std::vector<circuit::Circuit> circuits;
  std::string suspect;
  /// Ranges, resistance and top of the meter change what it would show.
  circuit::Meter meter;
  bool lift = false;

  bool operator==(const BeliefLayout&) const = default;
};

/// What a belief had come to after most of its evidence: only the belief knows what is in it.
struct CourseKept {
  CourseKept() = default;
  CourseKept(const CourseKept&) = default;
  CourseKept& operator=(const CourseKept&) = default;
  virtual ~CourseKept() = default;
};

/// Not thread-safe, the bands excepted. Holds a handful of layouts: one a kind of sensor that is
/// possible.
class LikelihoodMemory {
 public:
  /// What is expected of each reading, for whoever judges them.
  [[nodiscard]] circuit::BandMemory& bands() { return bands_; }

  /// What was worked out in one layout.
  class Room {
   public:
    explicit Room(BeliefLayout layout) : layout_(std::move(layout)) {}
    [[nodiscard]] const BeliefLayout& layout() const { return layout_; }
    /// One reading of one test with all that a prediction is compared with.
    struct Read {
      circuit::Test test;
      job::Reading reading;
      std::optional<TraceFacts> facts;
      bool hasItsLike = false;  ///< a sensor of its kind was read likewise
      bool operator==(const Read&) const = default;
    };
    /// What was kept for a reading; nullptr when nothing was.
    [[nodiscard]] std::shared_ptr<const Likelihoods> find(const Read& read) const;
    /// Keeps what was worked out, and returns it. All goes of a room that has grown too large.
    std::shared_ptr<const Likelihoods> keep(const Read& read, Likelihoods values);
    /// The course kept last; nullptr: none.
    std::shared_ptr<const CourseKept> course;

   private:
    struct Entry {
      Read read;
      std::shared_ptr<const Likelihoods> values;
    };
    static constexpr std::size_t kMostEntries = 400;
    BeliefLayout layout_;
    std::vector<Entry> entries_;
  };

  /// The room of this layout, an empty one if it is new: until the next call. The oldest goes where
  /// there are too many.
  [[nodiscard]] Room& enter(const BeliefLayout& layout);

 private:
  static constexpr std::size_t kMostRooms = 8;
  std::vector<Room> rooms_;  // the one used last at the end
  circuit::BandMemory bands_;
};

}  // namespace haybale::diagnosis
