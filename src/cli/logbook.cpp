#include <QCoreApplication>
#include <filesystem>
#include <iostream>
#include <memory>
#include <ostream>

#include "cli/logbook_shared.h"
#include "cli/options.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/uuid.h"
#include "core/evidence/waveforms.h"
#include "core/job/case_json.h"
#include "store/figures.h"
#include "store/logbook_check.h"
#include "store/logbook_file.h"
#include "store/logbook_sync.h"
#include "store/tallies.h"
#include "store/text.h"

namespace haybale::cli {

using store::q;

namespace {

using Work = int (*)(store::Logbook&, const LogbookOptions&, Streams);

void print(std::ostream& out, const Json& json) {
  out << json.dump(2, ' ', false, Json::error_handler_t::replace) << "\n";
}

// Database drivers are found through an application object.
class Application {
 public:
  Application() {
    if (!QCoreApplication::instance()) {
      qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
      app_ = std::make_unique<QCoreApplication>(argc_, argv_);
    }
  }

 private:
  int argc_ = 1;
  char name_[12] = "haybale-cli";
  char* argv_[2] = {name_, nullptr};
  std::unique_ptr<QCoreApplication> app_;
};

Result<std::unique_ptr<store::Logbook>> openStore(const std::string& text) {
  const auto url = store::parseStoreUrl(q(text));
  return url ? store::Logbook::open(*url) : Result<std::unique_ptr<store::Logbook>>(url.error());
}

// Each file on its own: a bad one is said, and the others are kept.
int put(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  int exit = kDone;
  for (const auto& file : o.words) {
    const auto c = job::loadCase(file);
    if (!c) {
      exit = fail(streams, c.error(), kMalformed);
      continue;
    }
    store::JobRow row;
    row.id = q(c->id.empty() ? newUuid() : c->id);
    row.folder = q(std::filesystem::absolute(file).parent_path().string());
    row.changed = store::utcNow();
    store::Keeping how;
    how.fresh = c->id.empty();
    if (const auto kept = book.keep(row, *c, how); !kept) {
      return fail(streams, kept.error(), kCannot);
    }
    streams.out << row.id.toStdString() << "\n" << std::flush;
  }
  return exit;
}

int get(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto row = book.row(q(o.id));
  if (!row) {
    return fail(streams, row.error(), kCannot);
  }
  const auto c = book.load(q(o.id));
  if (!c) {
    return fail(streams, c.error(), kMalformed);
  }
  const auto folder = std::filesystem::absolute(o.file).parent_path().string();
  const auto moved = diagnosis::withFilesFrom(*c, row->folder.toStdString(), folder);
  const auto written = job::writeFileAtomically(o.file, job::caseText(moved));
  return written ? kDone : fail(streams, written.error(), kCannot);
}

int find(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  store::Filter filter;
  for (const auto& word : o.words) {
    filter.text += q(word) + QLatin1Char(' ');
  }
  const auto rows = book.search(filter, o.most);
  if (!rows) {
    return fail(streams, rows.error(), kCannot);
  }
  Json out = Json::array();
  for (const auto& r : *rows) {
    out.push_back({{"id", r.id.toStdString()},
                   {"title", r.title.toStdString()},
                   {"vehicle", r.vehicle.toStdString()},
                   {"circuit", r.suspect.toStdString()},
                   {"state", r.state.toStdString()},
                   {"changed", r.changed.toStdString()}});
    if (!o.json) {
      streams.out << r.id.toStdString() << "  " << r.changed.left(16).toStdString() << "  "
                  << r.suspect.toStdString() << "  " << r.vehicle.toStdString() << "  "
                  << r.title.toStdString() << "\n";
    }
  }
  if (o.json) {
    print(streams.out, out);
  }
  return kDone;
}

int figures(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto found = store::figuresOf(book.database());
  if (!found) {
    return fail(streams, found.error(), kCannot);
  }
  if (!o.json) {
    streams.out << store::figuresCsv(*found).toStdString();
    return kDone;
  }
  const auto rowsOf = [](const std::vector<store::Figure>& rows) {
    Json out = Json::array();
    for (const auto& row : rows) {
      out.push_back({{"name", row.name.toStdString()},
                     {"jobs", row.jobs},
                     {"minutes", row.minutes},
                     {"comebacks", row.comebacks}});
    }
    return out;
  };
  const Json out{{"jobs", found->jobs},
                 {"closed", found->closed},
                 {"proved", found->proved},
                 {"comebacks", found->comebacks},
                 {"minutes", found->minutes},
                 {"months", rowsOf(found->months)},
                 {"vehicles", rowsOf(found->vehicles)},
                 {"faults", rowsOf(found->faults)},
                 {"places", rowsOf(found->places)},
                 {"benches", rowsOf(found->benches)}};
  streams.out << out.dump(2, ' ', false, Json::error_handler_t::replace) << "\n";
  return kDone;
}

int tally(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto rows = store::tallies(book.database());
  if (!rows) {
    return fail(streams, rows.error(), kCannot);
  }
  Json out = Json::array();
  for (const auto& t : *rows) {
    out.push_back({{"class", t.name.toStdString()},
                   {"jobs", t.jobs},
                   {"share", t.share},
                   {"minutes", t.minutes},
                   {"comebacks", t.comebacks}});
    if (!o.json) {
      streams.out << t.name.toStdString() << "  " << t.jobs << "\n";
    }
  }
  if (o.json) {
    print(streams.out, out);
  }
  return kDone;
}

int exportTo(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto done = store::exportLogbook(book, q(o.file));
  if (!done) {
    return fail(streams, done.error(), kCannot);
  }
  for (const auto& left : done->leftOut) {
    streams.err << left.toStdString() << "\n";
  }
  return done->leftOut.isEmpty() ? kDone : kCannot;
}

int importFrom(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto done = store::importLogbook(book, q(o.file));
  if (!done) {
    return fail(streams, done.error(), kMalformed);
  }
  for (const auto& bad : done->bad) {
    streams.err << bad.toStdString() << "\n";
  }
  streams.out << done->jobs << "\n";
  return done->bad.isEmpty() || done->jobs + done->known > 0 ? kDone : kMalformed;
}

int revisions(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  const auto row = book.row(q(o.id));
  const auto rows = book.revisions(q(o.id));
  if (!row || !rows) {
    return fail(streams, row ? rows.error() : row.error(), kCannot);
  }
  Json out = Json::array();
  for (const auto& r : *rows) {
    out.push_back({{"revision", r.revision.toStdString()},
                   {"parent", r.parent.isEmpty() ? Json() : Json(r.parent.toStdString())},
                   {"changed", r.changed.toStdString()},
                   {"origin", r.origin.toStdString()},
                   {"head", r.revision == row->revision}});
    if (!o.json) {
      streams.out << r.revision.toStdString() << "  " << r.changed.toStdString() << "  "
                  << r.origin.toStdString() << "\n";
    }
  }
  if (o.json) {
    print(streams.out, out);
  }
  return kDone;
}

int sync(store::Logbook& book, const LogbookOptions& o, Streams streams) {
  auto other = openStore(o.with);
  if (!other) {
    return fail(streams, other.error(), kCannot);
  }
  const auto done = store::syncAll(book, **other);
  if (!done) {
    return fail(streams, done.error(), kCannot);
  }
  streams.out << Json{{"sent", done->sent},
                      {"got", done->got},
                      {"changed_on_both", done->beside},
                      {"shared", done->shared},
                      {"not_erased", done->notErased}}
                     .dump()
              << "\n";
  return kDone;
}

int check(store::Logbook& book, const LogbookOptions& /*o*/, Streams streams) {
  const auto done = store::check(book);
  if (!done) {
    return fail(streams, done.error(), kCannot);
  }
  for (const auto& wrong : done->wrong) {
    streams.err << wrong.toStdString() << "\n";
  }
  streams.out << done->jobs << " jobs, " << done->revisions << " kept states, "
              << (done->wrong.isEmpty() ? "sound" : "damaged") << "\n";
  return done->wrong.isEmpty() ? kDone : kCannot;
}

int withStore(Work work, const LogbookOptions& o, Streams streams) {
  const Application application;
  if (const auto url = store::parseStoreUrl(q(o.store)); !url) {
    return fail(streams, url.error(), kUsage);
  }
  auto book = openStore(o.store);
  if (!book) {
    return fail(streams, book.error(),
                q(o.store).startsWith(QStringLiteral("sqlite:")) ? kMalformed : kCannot);
  }
  return work(**book, o, streams);
}

}  // namespace

void addLogbook(CLI::App& app, Action& chosen) {
  auto o = std::make_shared<LogbookOptions>();
  auto* book =
      app.add_subcommand("logbook", "Keep, find, bring together and check the jobs of a logbook");
  book->add_option("--store", o->store,
                   "sqlite:PATH or postgresql://[user[:password]@]host[:port]/database")
      ->required()
      ->check(notEmpty());
  book->require_subcommand(1);
  const auto command = [&](const char* name, const char* what, Work work) {
    auto* added = book->add_subcommand(name, what);
    added->callback([o, &chosen, work] {
      chosen = [o, work](Streams streams) { return withStore(work, *o, streams); };
    });
    return added;
  };
  command("put", "Keep cases; one id a line, once each is durable", put)
      ->add_option("CASE", o->words, "case files")
      ->required();
  auto* got = command("get", "Write a job as a case file", get);
  got->add_option("ID", o->id, "id of the job")->required();
  got->add_option("-o,--output", o->file, "case file to write")->required();
  auto* found = command("find", "Jobs that hold all these words or beginnings, latest first", find);
  found->add_option("WORDS", o->words, "words, or beginnings of words");
  found->add_option("--most", o->most, "how many at most")->check(within(1, 1'000'000));
  found->add_flag("--json", o->json, "as JSON");
  command("tally", "What closed jobs turned out to be", tally)
      ->add_flag("--json", o->json, "as JSON");
  command("figures", "Closed jobs by month, vehicle, fault, place and bench; a table, or as JSON",
          figures)
      ->add_flag("--json", o->json, "as JSON");
  command("export", "All jobs with all their states as JSON Lines", exportTo)
      ->add_option("-o,--output", o->file, "file to write")
      ->required();
  command("import", "Take the jobs of such a file", importFrom)
      ->add_option("FILE", o->file, "file to read")
      ->required();
  auto* kept = command("revisions", "All kept states of a job, newest first", revisions);
  kept->add_option("ID", o->id, "id of the job")->required();
  kept->add_flag("--json", o->json, "as JSON");
  command("sync", "Bring two logbooks together", sync)
      ->add_option("--with", o->with, "the other logbook")
      ->required();
  command("check", "Whether the logbook is whole", check);
  command("erase", "Take owner and plate out of all kept states of a job, for good", erase)
      ->add_option("ID", o->id, "id of the job")
      ->required();
  command("share", "Put limits sheets and scan maps on the shop's shelf", share)
      ->add_option("FILE", o->words, "sheets and maps")
      ->required();
  command("shared", "What lies on the shop's shelf", shared)
      ->add_flag("--json", o->json, "as JSON");
  auto* taken = command("take", "Write a sheet or map of the shelf to a file", takeShared);
  taken->add_option("NAME", o->id, "its name there")->required();
  taken->add_option("-o,--output", o->file, "file to write")->required();
  auto* along = command("attach", "Bring files of a job along, in a shop's logbook", attach);
  along->add_option("ID", o->id, "id of the job")->required();
  along->add_option("FILE", o->words, "captures and photos")->required();
  auto* back = command("fetch", "Write the files that were brought along of a job", fetch);
  back->add_option("ID", o->id, "id of the job")->required();
  back->add_option("-o,--output", o->file, "folder to write into")->required();
}

}  // namespace haybale::cli
