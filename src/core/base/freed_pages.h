// Memory that was freed and is wanted again a moment later costs a fault a page if it went back to
// the system in between.
#pragma once

namespace haybale {

/// From here on up to 128 MB of freed memory stay with the process, in blocks of less than 32 MB;
/// larger ones (the samples of a capture) go back at once, as ever. For the first line of a
/// program: an analysis puts together and drops dozens of lists of a few megabytes. Does nothing
/// with a C library that has no such setting.
void keepFreedPages();

}  // namespace haybale
