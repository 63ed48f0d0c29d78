// Names that are unique without asking anybody (RFC 4122 UUIDs, in lower case with dashes).
#pragma once

#include <string>
#include <string_view>

namespace haybale {

/// A random one (version 4).
[[nodiscard]] std::string newUuid();
/// The same for the same text, another for another one: 122 bits of two independent 64-bit hashes
/// in the form of a version 8 UUID (RFC 9562, "custom"). No protection against someone who wants
/// two texts to meet.
[[nodiscard]] std::string uuidOf(std::string_view text);
/// Whether a text can be the name of a job, a revision, a file of the state folder: 1 to 64
/// letters, digits, '-' or '_', the first no '-'. It never names another folder.
[[nodiscard]] bool isPlainName(std::string_view text);

}  // namespace haybale
