// Leaks of libraries that are not ours to mend, for builds with the address sanitizer: GIO forgets
// the tag of a file it replaced (28 bytes; libsecret's file keyring, glib 2.74). OpenSSL keeps the
// providers that two threads set up at the same moment, each for its first connection (7 kB, once,
// about every other run; 3.0.19). A connection that is not closed is libpq's, and is still found.
extern "C" const char* __lsan_default_suppressions();  // NOLINT: the sanitizer's name
extern "C" const char* __lsan_default_suppressions() {
  return "leak:libglib-2.0\nleak:libcrypto\n";
}
