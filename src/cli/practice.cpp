#include <unistd.h>

#include <filesystem>
#include <iostream>
#include <memory>
#include <ostream>

#include "cli/offscreen.h"
#include "cli/options.h"
#include "core/base/json.h"
#include "core/base/text.h"
#include "core/job/case_json.h"
#include "core/job/test_json.h"
#include "core/practice/case_folder.h"
#include "core/practice/paper.h"
#include "core/practice/play.h"
#include "core/practice/truth_words.h"
#include "picture/paper_sheet.h"
#include "render/report_pages.h"

namespace haybale::cli {

namespace {

struct PracticeOptions {
  std::string what;
  std::string folder;  // of a class
  std::string to;
  bool solution = false;
  std::vector<std::string> files;
  std::uint32_t seed = 1;
  bool json = false;
};

void print(std::ostream& out, const Json& json) {
  out << json.dump(-1, ' ', false, Json::error_handler_t::replace) << "\n" << std::flush;
}

int list(const PracticeOptions& o, Streams streams) {
  Json out = Json::array();
  const auto add = [&](const std::string& id, const std::string& title, int level) {
    out.push_back({{"id", id}, {"title", title}, {"level", level}});
    if (!o.json) {
      streams.out << level << "  " << id << "  " << title << "\n";
    }
  };
  if (!o.folder.empty()) {
    const auto found = practice::casesIn(o.folder);
    if (!found) {
      return fail(streams, found.error(), kCannot);
    }
    for (const auto& p : found->cases) {
      add(p.id, p.title, p.level);
    }
    for (const auto& sentence : found->refused) {
      streams.err << sentence << "\n";
    }
  } else {
    for (const auto& p : practice::shelf()) {
      add(p.id, p.title, p.level);
    }
    for (int level = 1; level <= 5; ++level) {
      add("mixed-" + std::to_string(level), "Mixed, level " + std::to_string(level), level);
    }
  }
  if (o.json) {
    streams.out << out.dump(2, ' ', false, Json::error_handler_t::replace) << "\n";
  }
  return kDone;
}

Result<practice::PracticeCase> open(const PracticeOptions& o) {
  std::error_code ignored;
  if (!std::filesystem::is_regular_file(o.what, ignored)) {
    return practice::caseCalled(o.what, o.seed);
  }
  return practice::openPractice(o.what);
}

// Traces go where the same case and seed put them again, so that the same lines give the same
// answers.
std::string folderFor(const practice::PracticeCase& p, std::uint32_t seed) {
  const auto folder = std::filesystem::temp_directory_path() /
                      ("haybale-practice-" + std::to_string(::getuid())) /
                      (p.id.empty() ? std::string("own") : p.id + "-" + std::to_string(seed));
  std::error_code ignored;
  std::filesystem::remove_all(folder, ignored);
  std::filesystem::create_directories(folder, ignored);
  return folder.string();
}

Json orNull(const std::string& text) {
  return text.empty() ? Json() : Json(text);
}

Json truthJson(const practice::Truth& t) {
  return {{"circuit", t.circuit},
          {"element", orNull(t.element)},
          {"wire", orNull(t.wire)},
          {"fault", t.fault}};
}

Json suspectsJson(const practice::Step& step) {
  Json out = Json::array();
  for (const auto& [element, share] : step.suspects) {
    out.push_back({{"element", element}, {"share", share}});
  }
  return out;
}

Json scoreJson(const practice::Score& s) {
  Json steps = Json::array();
  for (const auto& step : s.steps) {
    steps.push_back({{"test", job::testJson(step.test)},
                     {"worth_bits", step.worthBits},
                     {"best_bits", step.bestBits},
                     {"better", step.better},
                     {"gave", step.shown},
                     {"suspects", suspectsJson(step)},
                     {"traps", step.traps}});
  }
  Json best = Json::array();
  for (const auto& step : s.best.steps) {
    best.push_back({{"what", step.what}, {"gave", step.shown}, {"minutes", step.minutes}});
  }
  return {{"right", s.right},
          {"points", s.points},
          {"minutes", s.minutes},
          {"best_minutes", s.bestMinutes},
          {"cost", s.spent},
          {"wrong_parts", s.wrongParts},
          {"guessed_parts", s.guessedParts},
          {"holes", s.holes},
          {"hints", s.hints},
          {"steps", std::move(steps)},
          {"best_way", std::move(best)}};
}

// One line of the trainee's; an error is a line that cannot be read.
class Table {
 public:
  Table(practice::Play& play, Streams streams) : play_(play), streams_(streams) {}

  Status take(const std::string& line) {
    const auto json = parseJson(line, "");
    if (!json) {
      return json.error();
    }
    ObjectReader in(*json, "");
    if (in.error()) {
      return *in.error();
    }
    if (const Json* test = in.object("do")) {
      return make(*test);
    }
    if (in.any("fit") || in.any("mend")) {
      return work(in, in.any("fit") ? "fit" : "mend");
    }
    if (in.any("hint")) {
      hint();
      return Done{};
    }
    if (const Json* said = in.object("say")) {
      return say(*said);
    }
    if (in.error()) {
      return *in.error();
    }
    return Error{"", std::nullopt, "says nothing that can be done",
                 "{\"do\": {...}}, {\"fit\": \"...\"}, {\"mend\": \"...\"}, {\"hint\": true} or "
                 "{\"say\": {...}}"};
  }

 private:
  Status make(const Json& json) {
    const auto test = job::readTestJson(json, "do", play_.known());
    if (!test) {
      return test.error();
    }
    const auto answer = play_.make(*test);
    if (!answer.reading) {
      print(streams_.out, {{"cannot", answer.cannot}});
    } else {
      print(streams_.out, {{"reading", job::readingJson(*answer.reading, test->kind)},
                           {"minutes", answer.minutes}});
    }
    return Done{};
  }

  Status work(ObjectReader& in, const char* what) {
    const std::string element = in.text(what);
    if (in.error()) {
      return *in.error();
    }
    const auto done = what == std::string_view("fit") ? play_.fit(element) : play_.mend(element);
    print(streams_.out,
          done.cannot.empty()
              ? Json{{"done", element}, {"minutes", done.minutes}, {"cost", done.cost}}
              : Json{{"cannot", done.cannot}});
    return Done{};
  }

  void hint() {
    const auto h = play_.hint();
    Json line = h.test
                    ? Json{{"do", job::testJson(*h.test)}}
                    : Json{{"say", {{"element", orNull(h.say->element)}, {"fault", h.say->fault}}}};
    print(streams_.out, {{"hint", std::move(line)}, {"minutes", h.minutes}, {"why", h.why}});
  }

  Status say(const Json& json) {
    ObjectReader said(json, "say");
    const std::string element = said.text("element");
    const std::string fault = said.text("fault");
    const auto sure = said.number("sure", 0, 1);
    if (said.error()) {
      return *said.error();
    }
    const auto score = play_.say(element, fault);
    Json out = scoreJson(score);
    if (sure) {
      out["brier"] = practice::brier(*sure, score.right);
    }
    print(streams_.out, {{"score", std::move(out)},
                         {"truth", truthJson(play_.about().truth.front())},
                         {"lesson", play_.about().lesson},
                         {"debrief", play_.about().debrief}});
    return Done{};
  }

  practice::Play& play_;
  Streams streams_;
};

int play(const PracticeOptions& o, Streams streams) {
  const auto p = open(o);
  if (!p) {
    std::error_code ignored;
    return fail(streams, p.error(),
                std::filesystem::exists(o.what, ignored) ? kMalformed : kCannot);
  }
  practice::Play play(*p, o.seed, folderFor(*p, o.seed));
  print(streams.out, {{"case", job::toJson(play.known())}});
  Table table(play, streams);
  std::istream& in = streams.in ? *streams.in : std::cin;
  std::string line;
  for (std::size_t number = 1; !play.over() && std::getline(in, line); ++number) {
    if (text::trimmed(line).empty()) {
      continue;
    }
    if (const auto status = table.take(line); !status) {
      streams.err << "line " << number << ": " << status.error().sentence() << "\n" << std::flush;
      print(streams.out, {{"cannot", status.error().sentence()}});
    }
  }
  if (!play.over()) {
    streams.err << "haybale-cli: the case ended without a verdict\n";
    return kCannot;
  }
  return kDone;
}

int printed(const PracticeOptions& o, Streams streams) {
  const auto p = open(o);
  if (!p) {
    std::error_code ignored;
    return fail(streams, p.error(),
                std::filesystem::exists(o.what, ignored) ? kMalformed : kCannot);
  }
  const Offscreen application;
  const auto paper = practice::paperOf(*p, o.seed, folderFor(*p, o.seed));
  const auto sheet =
      o.solution ? picture::trainerSheet(paper) : picture::traineeSheet(paper, render::measure());
  const auto made = render::saveReport(sheet, QString::fromStdString(o.to));
  if (!made) {
    return fail(streams, made.error(),
                made.error().what.starts_with("is neither") ? kUsage : kCannot);
  }
  return kDone;
}

// Of cases written by hand: whether they can be played.
int check(const PracticeOptions& o, Streams streams) {
  int exit = kDone;
  for (const auto& file : o.files) {
    PracticeOptions one = o;
    one.what = file;
    if (const auto p = open(one); p) {
      streams.out << file << ": " << practice::truthInWords(*p) << "\n";
    } else {
      exit = fail(streams, p.error(), kMalformed);
    }
  }
  return exit;
}

}  // namespace

void addPractice(CLI::App& app, Action& chosen) {
  auto o = std::make_shared<PracticeOptions>();
  auto* practice =
      app.add_subcommand("practice", "Made-up vehicles with something hidden wrong, to learn on");
  practice->require_subcommand(1);
  auto* listed = practice->add_subcommand("list", "The cases there are");
  listed->add_flag("--json", o->json, "as JSON");
  listed->add_option("--folder", o->folder, "the cases that lie in a folder instead");
  listed->callback([o, &chosen] { chosen = [o](Streams streams) { return list(*o, streams); }; });
  auto* played = practice->add_subcommand(
      "play", "Plays a case: moves on stdin, answers on stdout, one JSON object a line");
  played->add_option("CASE", o->what, "id of the list, or a file")->required();
  played->add_option("--seed", o->seed, "another vehicle of the same case");
  played->callback([o, &chosen] { chosen = [o](Streams streams) { return play(*o, streams); }; });
  auto* sheet = practice->add_subcommand("print", "A case as an exercise on paper");
  sheet->add_option("CASE", o->what, "id of the list, or a file")->required();
  sheet->add_option("-o,--output", o->to, "FILE.pdf or FILE.html")->required();
  sheet->add_flag("--solution", o->solution,
                  "the trainer's sheet: what the vehicle answers, and what is wrong");
  sheet->add_option("--seed", o->seed, "another vehicle of the same case");
  sheet->callback([o, &chosen] { chosen = [o](Streams streams) { return printed(*o, streams); }; });
  auto* checked = practice->add_subcommand("check", "Whether cases written by hand can be played");
  checked->add_option("FILE", o->files, "practice cases")->required();
  checked->callback([o, &chosen] { chosen = [o](Streams streams) { return check(*o, streams); }; });
}

}  // namespace haybale::cli
