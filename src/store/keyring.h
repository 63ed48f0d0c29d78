// The password of a shop's logbook in the desktop's keyring (the Secret Service of freedesktop.org,
// through libsecret): never in a file of this program. Calls wait for the keyring, which may ask
// its user to unlock it; not for the window's thread.
#pragma once

#include "store/store_url.h"

namespace haybale::store {

/// What is kept for this user at this database; empty: nothing. An error: there is no keyring, or
/// it stayed locked.
[[nodiscard]] Result<QString> passwordFor(const StoreUrl& url);
/// Keeps the password that is in the address; one kept before is replaced.
Status rememberPassword(const StoreUrl& url);
/// Takes it out of the keyring; nothing happens when there is none.
Status forgetPassword(const StoreUrl& url);

}  // namespace haybale::store
