// A car of another world: its own tables of what fails, its own physics, meter, module, eyes and
// slips. Knows the product only by its open words: cases, tests, readings.
#pragma once

#include <map>
#include <optional>
#include <random>
#include <string>

#include "core/job/case.h"
#include "foreign/net.h"

namespace haybale::foreign {

/// How a world differs from a tame one.
struct World {
  std::string name;
  double priorSpread = 0;    ///< natural logarithm, one standard deviation, by class of fault
  double kindsUnknown = 0;   ///< share of cars whose sensor kind nobody knows, half of them with
                             ///< a good wheel nobody has measured
  double slips = 0.02;       ///< share of readings taken wrong
  bool bentLeaks = false;    ///< leaks conduct the better the more volts stand across
  double looks = 0.8;        ///< how much of what could be seen is seen
  double peersApart = 0.05;  ///< how much sound wheels differ, natural logarithm
  double peerFaulty = 0;     ///< share of cars whose good wheel is not good
  bool oddModules = false;   ///< thresholds and names of codes far from usual
  bool wrongParts = false;   ///< wrong parts, history, exchanged circuits, tyres, shared power
  bool layouts = false;      ///< three channels, shafts, trailers
  double noise = 0.004;      ///< of traces, volts
};

/// What is really wrong, in the contract's words.
struct Truth {
  std::string element;  ///< empty: nothing, or a tyre
  std::string fault;
  char wire = 'a';
  double ohm = 0;
  double along = 0.5;
  double output = 1;  ///< share of the signal that is left
  double ratio = 1;   ///< of live speeds
  std::string other;  ///< the circuit exchanged with
  bool comesAndGoes = false;
  bool latched = false;
  bool bothHalves = false;  ///< of a plug: water stands on both sides of where it comes apart
};

class Car {
 public:
  Car(const World& world, unsigned seed, const std::string& folder);

  const job::Case& job() const { return case_; }
  const Truth& truth() const { return truth_; }
  std::optional<job::Reading> answer(const circuit::Test& test);
  /// What a technician reads on the good wheel before all else.
  void readGoodWheel();

 private:
  struct Line {
    std::string name;
    bool coil = true, pwm = false;
    double coilOhm = 1200, flux = 1.5, lowA = 0.007, highA = 0.014, ohmmeter = 1e6;
    double celsius = 20;
  };
  struct Module {
    bool bothBiased = false, lowSide = false;
    double volts = 5, ohm = 8e3;
    double openAt = 9e3, shortAt = 150, loss = 0.2, lowShare = 0.5, sets = 0.9;
    double limit = 0.04;  // ampere
    double vague = 0.2;   // open-or-short instead of the plain name
  };
  double uniform() { return std::uniform_real_distribution<double>(0, 1)(random_); }
  double between(double a, double b) { return a + (b - a) * uniform(); }
  double normal() { return std::normal_distribution<double>(0, 1)(random_); }
  double pick(std::initializer_list<double> list) {
    return *(list.begin() + static_cast<std::ptrdiff_t>(random_() % list.size()));
  }
  bool chance(double p) { return uniform() < p; }

  void layOut();
  void hide();
  void hideIn(const std::string& klass);
  void wetInBoth();
  const circuit::Circuit& suspect() const { return *case_.suspectCircuit(); }
  std::string randomPiece(bool plugs, bool legs);
  bool shows(const circuit::Test& test);

  std::string partnerOf(const std::string& circuit) const;
  bool isBehindCrossing(const circuit::Place& place) const;
  std::string heardBy(const std::string& circuit) const;
  std::string ownerOf(const circuit::Element& e, const std::string& circuit, bool behind) const;

  struct Wired;
  struct State;
  double solveVolts(const circuit::Test& test, bool showing, bool high, double hz, double load);
  double solveOhms(const circuit::Test& test, bool showing);
  Wired wire(const circuit::Test& test, bool showing, bool high, double hz);
  double loopOhms(const std::string& circuit, const circuit::Test& test, bool showing);
  struct Said {
    std::string code;
    bool counts = true;
    bool odd = false;
  };
  Said module(const std::string& circuit, const circuit::Test& test, bool showing);

  std::optional<job::Reading> number(const circuit::Test& test);
  job::Reading codes(const circuit::Test& test);
  job::Reading speeds(const circuit::Test& test);
  job::Reading look(const circuit::Test& test);
  job::Reading wiggle(const circuit::Test& test);
  std::optional<job::Reading> trace(const circuit::Test& test);

  World world_;
  std::mt19937 random_;
  std::string folder_;
  job::Case case_;
  Truth truth_;
  std::optional<Truth> peerTruth_;  // on the good wheel
  std::string good_;
  Module module_;
  std::map<std::string, Line> lines_;
  bool latched_ = false;
  std::optional<circuit::Test>
      handled_;          // what is done to the line exchanged with the one looked at
  bool unread_ = false;  // nobody measured the good wheel
  int files_ = 0;
};

}  // namespace haybale::foreign
