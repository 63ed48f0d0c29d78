// What a case holds about a person: the owner's name, the plate, and both wherever else they were
// written down. It can be erased from every kept state of a job while all that was measured stays.
#pragma once

#include <string>
#include <vector>

#include "core/base/json_fwd.h"

namespace haybale::job {

/// The owner and the plate of a case as JSON; empty texts are left out, and so is anything that is
/// no case.
[[nodiscard]] std::vector<std::string> personalWords(const Json& written);

/// The case without its owner, its plate and what the owner decided, and with `words` taken out of
/// every text a person writes (titles, notes, the complaint). Found whole whatever their letters'
/// case and whatever spaces, dots and dashes stand in between ("HB-12 34" is "hb1234"), never
/// inside a longer word; parts of a name of four letters and more also alone where they begin with
/// a capital. Names the case is held together by (ids, circuits, elements, files) stay.
[[nodiscard]] Json withoutPersonal(Json written, const std::vector<std::string>& words);

/// `text` without `words`, as above.
[[nodiscard]] std::string withoutWords(const std::string& text,
                                       const std::vector<std::string>& words);

}  // namespace haybale::job
