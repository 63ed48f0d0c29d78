#include "core/capture/open.h"

#include <fstream>

#include "core/base/text.h"
#include "core/capture/vcd.h"
#include "core/job/atomic_file.h"

namespace haybale::capture {

namespace {

std::string firstBytes(const std::string& path) {
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
    return readWavFile(path, options.wav);
  }
  if (looksLikeVcd(head)) {
    const auto text = job::readFile(path);
    return text ? readVcd(*text, path) : Result<Record>(text.error());
  }
  return readCsvFile(path, options.csv);
}

Status saveCapture(const std::string& path, const Record& record) {
  if (text::lower(path).ends_with(".wav")) {
    return writeWavFile(path, record);
  }
  return job::writeFileAtomically(path, writeCsv(record));
}

}  // namespace haybale::capture
