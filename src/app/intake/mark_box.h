// A check box that stands for a word being in one of the case's lists.
#pragma once

#include <QCheckBox>
#include <functional>

#include "app/model/job_model.h"

namespace haybale::app {

/// The list a mark belongs to.
using ListOf = std::function<std::vector<std::string>&(job::Case&)>;

/// `word` with blanks for hyphens is the text; `what` names the step of
/// undo.
QCheckBox* markBox(JobModel& model, const std::string& word, const ListOf& list,
                   const QString& what, const QString& name, QWidget* parent);

}  // namespace haybale::app
