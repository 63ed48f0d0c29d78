// A limit as case files and limits sheets write it.
#pragma once

#include "core/base/json_fwd.h"
#include "core/base/result.h"
#include "core/judging/limit.h"

namespace haybale::judging {

/// `path` is where it stands, "limits[2]".
Result<Limit> readLimit(const Json& json, const std::string& path);
[[nodiscard]] Json limitJson(const Limit& limit);

}  // namespace haybale::judging
