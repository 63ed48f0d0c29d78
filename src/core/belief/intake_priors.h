// What the counter and the closed jobs say before anything is measured: how they weigh the
// hypotheses, and in which words.
#pragma once

#include <string>
#include <vector>

#include "core/belief/ways_to_fail.h"

namespace haybale::diagnosis {

/// Class an element is counted in when a job closes: "leg/flex", "connector/wheelhouse", "sensor",
/// "ring", "module".
[[nodiscard]] std::string countedAs(const circuit::Element& element);

/// Closed jobs that weigh as much as the common practice the priors start from, so that three jobs
/// do not rule the world.
inline constexpr double kJobsOfPractice = 30;

/// Factor of a class that holds `share` of the prior and was at fault in `count` of `jobs`: the
/// mean of a Dirichlet prior of weight `kJobsOfPractice` after those jobs, over the share before.
[[nodiscard]] double learntFactor(double share, double count, double jobs);

/// Multiplies the weights by what the intake's basic checks and the learnt counts say. Not
/// normalised afterwards.
void weighByIntake(const job::Case& c, const circuit::Circuit& circuit,
                   std::vector<Hypothesis>& hypotheses);

/// How far a code stored before clearing is believed to speak of what is wrong now, 0..1. It is not
/// known in what state of the car it was set, and history may be another fault's: common practice,
/// no source.
[[nodiscard]] double trustIn(const job::StoredCode& code);

/// One sentence for each thing known at the counter that moves the odds.
[[nodiscard]] std::vector<std::string> priorWords(const job::Case& c);

}  // namespace haybale::diagnosis
