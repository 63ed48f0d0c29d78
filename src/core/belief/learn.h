// What the good wheels of a vehicle tell about it: supply, bias, source and sense resistance, coil,
// each with its uncertainty.
//
// The unknowns are taken as logarithms with a normal prior (common practice, no source, listed in
// docs/physics.md). For every front end the sensor may hang on, the readings of the good circuits
// are fitted by damped least squares (Levenberg 1944, Marquardt 1963, from memory), the posterior
// is taken as normal around the fit (Laplace; MacKay, "Information Theory, Inference, and Learning
// Algorithms", 2003, ch. 27, from memory), drawn from, and the draws are weighed once more by the
// full model. Deterministic: the draws start from one fixed seed.
#pragma once

#include <map>
#include <string>

#include "core/circuit/predict.h"
#include "core/evidence/waveforms.h"

namespace haybale::diagnosis {

/// Number of sets of values kept.
inline constexpr std::size_t kDraws = 160;

/// What is known of `circuit` from its own limits and from the other circuits of its group that are
/// not in question and have the same kind of sensor: their numbers, and the levels of their traces.
/// Readings of `circuit` itself, void and withdrawn ones are left out, and so is a wheel that was
/// taken for good and fits neither the others nor any usual vehicle. Without any, the draws are
/// those of common practice.
[[nodiscard]] circuit::LineParameters learnParameters(const job::Case& c,
                                                      const circuit::Circuit& circuit,
                                                      const WaveformSet& waveforms = {});

/// The same for every circuit of a case, by its name.
using Knowledge = std::map<std::string, circuit::LineParameters, std::less<>>;
[[nodiscard]] Knowledge learnAll(const job::Case& c, const WaveformSet& waveforms = {});

}  // namespace haybale::diagnosis
