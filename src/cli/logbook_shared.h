// What `haybale-cli logbook` does beside jobs: the shop's shelf, files brought along, personal
// data.
#pragma once

#include "cli/command.h"
#include "store/logbook.h"

namespace haybale::cli {

struct LogbookOptions {
  std::string store;
  std::vector<std::string> words;  ///< files to put, words to find
  std::string id;
  std::string file;
  std::string with;
  int most = 1'000'000;
  bool json = false;
};

/// Puts limits sheets and scan maps on the shelf; prints the kind of each.
int share(store::Logbook& book, const LogbookOptions& o, Streams streams);
/// What is there, by name.
int shared(store::Logbook& book, const LogbookOptions& o, Streams streams);
/// Writes one of them to a file.
int takeShared(store::Logbook& book, const LogbookOptions& o, Streams streams);
/// Takes the owner and the plate out of all kept states of a job; prints how many held them.
int erase(store::Logbook& book, const LogbookOptions& o, Streams streams);
/// Brings files of a job along into a shop's logbook.
int attach(store::Logbook& book, const LogbookOptions& o, Streams streams);
/// Writes what was brought along of a job into a folder.
int fetch(store::Logbook& book, const LogbookOptions& o, Streams streams);

}  // namespace haybale::cli
