// Captures as value change dumps (IEEE 1364-2005, clause 18, from memory).
#pragma once

#include <string>
#include <string_view>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/capture/record.h"

namespace haybale::capture {

/// Whether the text looks like a dump: its first word is a $keyword of the declarations.
[[nodiscard]] bool looksLikeVcd(std::string_view bytes);

/// Reads scalars (0, 1), vectors (as a number) and reals; one channel a variable, in volts where
/// the file says nothing. Values x and z are lost samples. Between changes the line holds its
/// value: the record has, at each change, a sample just before it and one at it, so that edges stay
/// upright. Errors carry the line: no timescale that is understood, a time that runs backwards, a
/// change of a variable that was not declared, nothing recorded, cancelled. `progress`, in bytes,
/// may be null.
Result<Record> readVcd(std::string_view bytes, const std::string& name,
                       Progress* progress = nullptr);

}  // namespace haybale::capture
