// The name of the JSON type without its weight: for headers that only pass it on.
#pragma once

#include <nlohmann/json_fwd.hpp>

namespace haybale {

/// JSON as the case file uses it: keys keep their order.
using Json = nlohmann::ordered_json;

class ObjectReader;  // core/base/json.h

}  // namespace haybale
