// A job as one file: whole on the other side, and refused when it is meant to do harm.
#include "store/bundle.h"

#include <fmt/format.h>
#include <zip.h>

#include <filesystem>

#include "core/base/json.h"
#include "core/capture/open.h"
#include "core/demo/demo.h"
#include "core/job/case_json.h"
#include "support/haybale_test.h"

namespace haybale::store {
namespace {

namespace fs = std::filesystem;

class Bundle : public testing::Test {
 protected:
  // A zip of these names and bytes.
  std::string zipOf(const std::vector<std::pair<std::string, std::string>>& entries) {
    const std::string path = folder.file("made.zip");
    fs::remove(path);
    int code = 0;
    zip_t* zip = zip_open(path.c_str(), ZIP_CREATE | ZIP_TRUNCATE, &code);
    for (const auto& [name, bytes] : entries) {
      zip_source_t* source = zip_source_buffer(zip, bytes.data(), bytes.size(), 0);
      EXPECT_GE(zip_file_add(zip, name.c_str(), source, ZIP_FL_ENC_UTF_8), 0);
    }
    EXPECT_EQ(zip_close(zip), 0);
    return path;
  }
  void expectRefused(const std::string& path, const char* words) {
    const std::string to = folder.file("in");
    const auto unpacked = unpackBundle(path, to);
    ASSERT_FALSE(unpacked.ok()) << words;
    EXPECT_NE(unpacked.error().sentence().find(words), std::string::npos)
        << unpacked.error().sentence();
    EXPECT_EQ(unpacked.error().sentence().find('\n'), std::string::npos);
    EXPECT_FALSE(fs::exists(to)) << "nothing stays: " << words;
  }
  [[nodiscard]] static std::string caseText(const std::string& file = {}) {
    job::Case c = job::newCase();
    if (!file.empty()) {
      job::Evidence e;
      e.test.kind = circuit::TestKind::waveform;
      e.test.circuit = "RR";
      e.reading.file = file;
      c.evidence.push_back(e);
    }
    return job::caseText(c);
  }

  test::Folder folder;
};

TEST_F(Bundle, IsEqualInEveryFieldAndSampleOnTheOtherSide) {
  job::Case c;
  for (const auto& file : job::demoFiles()) {
    test::write(folder.file(file.name), file.bytes);
    if (file.name == job::kDemoCaseName) {
      c = *job::parseCase(file.bytes, file.name);
    }
  }
  // A photo, the same capture twice, another file of the same name, and a WAV with its side file.
  fs::create_directories(folder.file("other"));
  test::write(folder.file("photo.jpg"), std::string("\xFF\xD8 not really a photo\0", 23));
  test::write(folder.file("other/photo.jpg"), "another");
  auto* traced = &*std::find_if(c.evidence.begin(), c.evidence.end(),
                                [](const auto& e) { return !e.reading.file.empty(); });
  traced->attachments = {"photo.jpg", "other/photo.jpg"};
  const job::Evidence twice = *traced;
  c.evidence.push_back(twice);
  c.evidence.back().id = c.nextEvidenceId();
  job::Evidence proof = twice;
  proof.id = "p1";
  const auto record = capture::openCapture(folder.file(twice.reading.file));
  ASSERT_HB_OK(record);
  ASSERT_HB_OK(capture::saveCapture(folder.file("after.wav"), *record));
  proof.reading.file = "after.wav";
  c.proof.push_back(proof);
  ASSERT_HB_OK(writeBundle(c, folder.path(), folder.file("job.haybale.zip")));
  const auto in = unpackBundle(folder.file("job.haybale.zip"), folder.file("profile2/job"));
  ASSERT_HB_OK(in);
  auto again = job::loadCase(*in);
  ASSERT_HB_OK(again);
  const std::string there = fs::path(*in).parent_path().string();
  for (const auto& lists :
       {std::pair{&c.evidence, &again->evidence}, std::pair{&c.proof, &again->proof}}) {
    ASSERT_EQ(lists.first->size(), lists.second->size());
    for (std::size_t i = 0; i < lists.first->size(); ++i) {
      const auto& a = (*lists.first)[i];
      auto& b = (*lists.second)[i];
      ASSERT_EQ(a.attachments.size(), b.attachments.size());
      for (std::size_t k = 0; k < a.attachments.size(); ++k) {
        EXPECT_EQ(test::read(folder.file(a.attachments[k])),
                  test::read(there + "/" + b.attachments[k]));
      }
      if (!a.reading.file.empty()) {
        const auto before = capture::openCapture(folder.file(a.reading.file));
        const auto after = capture::openCapture(there + "/" + b.reading.file);
        ASSERT_HB_OK(before);
        ASSERT_HB_OK(after);
        ASSERT_EQ(before->channels.size(), after->channels.size());
        for (std::size_t k = 0; k < before->channels.size(); ++k) {
          EXPECT_EQ(before->channels[k].samples, after->channels[k].samples);
        }
      }
      b.reading.file = a.reading.file;
      b.attachments = a.attachments;
    }
  }
  EXPECT_EQ(job::toJson(*again), job::toJson(c)) << "every field";
}

TEST_F(Bundle, AMissingFileIsNamedAndNothingIsLeftBehind) {
  job::Case c = *job::parseCase(caseText("gone.csv"), "c");
  const auto written = writeBundle(c, folder.path(), folder.file("out.zip"));
  ASSERT_FALSE(written.ok());
  EXPECT_NE(written.error().sentence().find("gone.csv"), std::string::npos);
  EXPECT_FALSE(fs::exists(folder.file("out.zip")));
  EXPECT_FALSE(fs::exists(folder.file("out.zip.part")));
  EXPECT_FALSE(writeBundle(job::newCase(), folder.path(), "/no/such/folder/x.zip").ok());
}

// A case somebody sent may name any file of this machine: none goes out that nobody here added.
TEST_F(Bundle, OnlyWhatLiesInTheJobsFolderOrWasAddedIsPacked) {
  const test::Folder elsewhere;
  test::write(elsewhere.file("keys"), "secret");
  std::filesystem::create_symlink(elsewhere.file("keys"), folder.file("link.csv"));
  for (const auto& name : {elsewhere.file("keys"), std::string("link.csv"), std::string("../x")}) {
    job::Case c = *job::parseCase(caseText(name), "c");
    if (name == "../x") {
      test::write(folder.file("../x"), "neighbour");
    }
    const auto written = writeBundle(c, folder.path(), folder.file("out.zip"));
    ASSERT_FALSE(written.ok()) << name;
    EXPECT_NE(written.error().sentence().find("outside the job's folder"), std::string::npos)
        << written.error().sentence();
    ASSERT_HB_OK(writeBundle(c, folder.path(), folder.file("out.zip"),
                             [](const std::string&) { return true; }));
    std::filesystem::remove(folder.file("out.zip"));
  }
  std::filesystem::remove(folder.file("../x"));
}

TEST_F(Bundle, NamesThatLeaveTheFolderAreRefused) {
  for (const char* name :
       {"../evil.csv", "captures/../../evil.csv", "/etc/evil", "captures/..", "evil.csv",
        "captures\\evil.csv", "captures/a/b.csv", "files/c:evil", "captures/"}) {
    expectRefused(zipOf({{"case.haybale.json", caseText()}, {name, "x"}}),
                  "outside its own folders");
  }
  EXPECT_FALSE(fs::exists(folder.file("evil.csv")));
}

TEST_F(Bundle, AZipBombIsRefusedBeforeItGrows) {
  expectRefused(zipOf({{"case.haybale.json", caseText("captures/a.csv")},
                       {"captures/a.csv", std::string(200 << 20, '0')}}),
                "far more than a job holds");
}

TEST_F(Bundle, TooManyFilesAreRefused) {
  std::vector<std::pair<std::string, std::string>> entries{{"case.haybale.json", caseText()}};
  for (std::size_t i = 0; i <= kMostFiles; ++i) {
    entries.emplace_back(fmt::format("files/{}", i), "");
  }
  expectRefused(zipOf(entries), "more than 10000");
}

TEST_F(Bundle, ACaseThatIsNoneOrNamesStrangersIsRefused) {
  expectRefused(zipOf({{"captures/a.csv", "x"}}), "holds no case");
  expectRefused(zipOf({{"case.haybale.json", "{\"format\": 7}"}}), "format");
  expectRefused(zipOf({{"case.haybale.json", "[]"}}), "is not a case file");
  expectRefused(zipOf({{"case.haybale.json", caseText("/etc/passwd")}}),
                "names a file it does not hold");
  expectRefused(zipOf({{"case.haybale.json", caseText("captures/b.csv")}, {"captures/a.csv", "x"}}),
                "names a file it does not hold");
}

TEST_F(Bundle, DamageIsNoticed) {
  const std::string path = zipOf({{"case.haybale.json", caseText("captures/a.csv")},
                                  {"captures/a.csv", "time,V\n0,1\n1,2\n2,3\n"}});
  std::string bytes = test::read(path);
  test::write(folder.file("cut.zip"), bytes.substr(0, bytes.size() / 2));
  expectRefused(folder.file("cut.zip"), "no zip");
  // Within the packed case a single changed byte is never taken for the case.
  const std::size_t packed = bytes.find("case.haybale.json") + 17;
  for (const std::size_t at : {packed + 20, packed + 60, packed + 120}) {
    std::string changed = bytes;
    changed[at] = static_cast<char>(changed[at] ^ 0x55);
    test::write(folder.file("changed.zip"), changed);
    expectRefused(folder.file("changed.zip"), "case.haybale.json");
  }
  // Wherever it is changed: taken whole, or refused with nothing left.
  for (std::size_t at = 40; at < bytes.size(); at += 97) {
    std::string flipped = bytes;
    flipped[at] = static_cast<char>(flipped[at] ^ 0x55);
    test::write(folder.file("flipped.zip"), flipped);
    const auto unpacked = unpackBundle(folder.file("flipped.zip"), folder.file("in"));
    EXPECT_EQ(unpacked.ok(), fs::exists(folder.file("in"))) << at;
    fs::remove_all(folder.file("in"));
  }
  expectRefused(folder.file("nothing.zip"), "no zip");
}

TEST_F(Bundle, AFolderThatIsThereIsNotTouched) {
  const std::string path = zipOf({{"case.haybale.json", caseText()}});
  fs::create_directories(folder.file("mine"));
  test::write(folder.file("mine/notes.txt"), "keep");
  EXPECT_FALSE(unpackBundle(path, folder.file("mine")).ok());
  EXPECT_EQ(test::read(folder.file("mine/notes.txt")), "keep");
}

}  // namespace
}  // namespace haybale::store
