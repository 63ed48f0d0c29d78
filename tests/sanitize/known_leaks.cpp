// Leaks of libraries that are not ours to mend, for builds with the address sanitizer: GIO forgets
// the tag of a file it replaced (28 bytes; libsecret's file keyring, glib 2.74).
extern "C" const char* __lsan_default_suppressions();  // NOLINT: the sanitizer's name
extern "C" const char* __lsan_default_suppressions() {
  return "leak:libglib-2.0\n";
}
