// A practice case on paper: the sheet a trainee works on, and the one the trainer keeps.
#pragma once

#include "core/practice/paper.h"
#include "picture/report.h"

namespace haybale::picture {

/// Complaint, tools, the line as a picture, rows to fill in. Nothing of what is wrong.
[[nodiscard]] Report traineeSheet(const practice::PaperExercise& paper, const Measure& measure);
/// What the vehicle answers, what is wrong, the shortest sensible way, the sentence to remember.
[[nodiscard]] Report trainerSheet(const practice::PaperExercise& paper);

}  // namespace haybale::picture
