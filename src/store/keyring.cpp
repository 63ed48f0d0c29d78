#include "store/keyring.h"

// A member of the library is called as a keyword of Qt's.
#undef signals
#include <libsecret/secret.h>

#include <memory>

#include "core/base/say.h"

namespace haybale::store {

namespace {

const SecretSchema kSchema = {
    "org.haybale.ShopLogbook",
    SECRET_SCHEMA_NONE,
    {{"address", SECRET_SCHEMA_ATTRIBUTE_STRING}, {nullptr, SECRET_SCHEMA_ATTRIBUTE_STRING}},
    0,
    nullptr,
    nullptr,
    nullptr,
    nullptr,
    nullptr,
    nullptr,
    nullptr};

// Never with the password.
std::string addressOf(const StoreUrl& url) {
  return url.shown().toStdString();
}

Error problem(GError* error) {
  const std::unique_ptr<GError, decltype(&g_error_free)> held(error, g_error_free);
  return {say("the desktop's keyring"), std::nullopt,
          say("did not answer (") +
              QString::fromUtf8(error->message).simplified().left(120).toStdString() + ")",
          say("unlock it, or keep the password in ~/.pgpass")};
}

}  // namespace

Result<QString> passwordFor(const StoreUrl& url) {
  GError* error = nullptr;
  const std::unique_ptr<char, decltype(&secret_password_free)> found(
      secret_password_lookup_sync(&kSchema, nullptr, &error, "address", addressOf(url).c_str(),
                                  nullptr),
      secret_password_free);
  if (error) {
    return problem(error);
  }
  return found ? QString::fromUtf8(found.get()) : QString();
}

Status rememberPassword(const StoreUrl& url) {
  GError* error = nullptr;
  const std::string label = say("Hay Bale, shop's logbook ") + addressOf(url);
  secret_password_store_sync(&kSchema, SECRET_COLLECTION_DEFAULT, label.c_str(),
                             url.password.toUtf8().constData(), nullptr, &error, "address",
                             addressOf(url).c_str(), nullptr);
  return error ? Status(problem(error)) : Status(Done{});
}

Status forgetPassword(const StoreUrl& url) {
  GError* error = nullptr;
  secret_password_clear_sync(&kSchema, nullptr, &error, "address", addressOf(url).c_str(), nullptr);
  return error ? Status(problem(error)) : Status(Done{});
}

}  // namespace haybale::store
