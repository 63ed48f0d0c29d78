#include "core/capture/open.h"

#include <filesystem>
#include <fstream>

#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/capture/mapped_file.h"
#include "core/capture/vcd.h"

namespace haybale::capture {

namespace {

std::string firstBytes(const std::string& path) {
  std::error_code ignored;
  if (!std::filesystem::is_regular_file(path, ignored)) {
    return {};  // a pipe would hold us; whoever opens it says what it is
  }
  std::ifstream file(path, std::ios::binary);
  std::string bytes(4096, '\0');
  file.read(bytes.data(), static_cast<std::streamsize>(bytes.size()));
  bytes.resize(static_cast<std::size_t>(std::max<std::streamsize>(0, file.gcount())));
  return bytes;
}

bool looksLikeWav(std::string_view bytes) {
  const auto kind = bytes.substr(0, 4);
  return (kind == "RIFF" || kind == "RIFX" || kind == "RF64") && bytes.substr(8, 4) == "WAVE";
}

}  // namespace

Result<Record> openCapture(const std::string& path, const OpenOptions& options) {
  const std::string head = firstBytes(path);
  if (head.size() > 12 && looksLikeWav(head)) {
    WavOptions wav = options.wav;
    wav.progress = options.progress;
    return readWavFile(path, wav);
  }
  if (looksLikeVcd(head)) {
    const auto file = MappedFile::open(path);
    auto record =
        file ? readVcd(file->bytes(), path, options.progress) : Result<Record>(file.error());
    const auto shrunk = file ? file->shrunk(path) : std::nullopt;
    return shrunk ? Result<Record>(*shrunk) : std::move(record);
  }
  CsvOptions csv = options.csv;
  csv.progress = options.progress;
  const auto hints = readHints(path);
  if (hints && csv.hints.empty()) {
    csv.hints = *hints;
  }
  auto record = readCsvFile(path, csv);
  if (record && !hints) {
    record.value().remarks.push_back(say("read without its side file: ") +
                                     hints.error().sentence());
  }
  return record;
}

Status saveCapture(const std::string& path, const Record& record) {
  if (text::lower(path).ends_with(".wav")) {
    return writeWavFile(path, record);
  }
  return job::writeFileAtomically(path, writeCsv(record));
}

}  // namespace haybale::capture
