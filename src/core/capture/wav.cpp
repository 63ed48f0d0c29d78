#include "core/capture/wav.h"

#include <fmt/format.h>
#include <sndfile.h>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <memory>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/capture/csv_hints.h"

namespace haybale::capture {

namespace {

struct Closer {
  void operator()(SNDFILE* file) const { sf_close(file); }
};
using File = std::unique_ptr<SNDFILE, Closer>;

struct Scale {
  double fullScale = 1;
  units::Unit unit = units::Unit::volt;
  bool known = false;
};

Scale scaleOf(const std::string& path, const WavOptions& options) {
  Scale scale;
  const auto text = job::readFile(sideFileOf(path));
  const auto side = text ? parseJson(*text, sideFileOf(path)) : Result<Json>(Error{});
  if (side && side->is_object()) {
    ObjectReader in(*side, sideFileOf(path));
    if (const auto value = in.number("full_scale", 1e-12, 1e12)) {
      scale.fullScale = *value;
      scale.known = true;
    }
    scale.unit = in.text("unit", "V") == "A" ? units::Unit::ampere : units::Unit::volt;
  }
  if (options.fullScale) {
    scale.fullScale = *options.fullScale;
    scale.known = true;
  }
  scale.unit = options.unit.value_or(scale.unit);
  return scale;
}

// Bits of a sample as the "fmt " chunk has them (RIFF WAVE, Multimedia Programming Interface and
// Data Specifications 1.0, 1991, from memory); 0 when there is none within the first kilobytes.
int bitsOf(const std::string& path) {
  std::ifstream in(path, std::ios::binary);
  std::string head(4096, '\0');
  in.read(head.data(), static_cast<std::streamsize>(head.size()));
  head.resize(static_cast<std::size_t>(in.gcount()));
  const auto at = head.find("fmt ");
  constexpr std::size_t kBits = 22;  // behind the chunk's name
  if (!head.starts_with("RIFF") || at == std::string::npos || at + kBits + 2 > head.size()) {
    return 0;
  }
  const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(head[at + kBits + i]); };
  return byte(0) | byte(1) << 8;
}

}  // namespace

Result<Record> readWavFile(const std::string& path, const WavOptions& options) {
  SF_INFO info{};
  const File file(sf_open(path.c_str(), SFM_READ, &info));
  if (!file) {
    return Error{path, std::nullopt, say("cannot be read as WAV"), sf_strerror(nullptr)};
  }
  if (info.channels < 1 || info.channels > 64 || info.samplerate < 1 || info.frames < 1) {
    return Error{path, std::nullopt, say("holds no samples"), say("a WAV with at least one")};
  }
  if (const int bits = bitsOf(path); bits % 8 != 0) {
    return Error{path, std::nullopt, sayf("has samples of {} bits", bits),
                 say("8, 16, 24, 32 or 64 bits a sample")};
  }
  const Scale scale = scaleOf(path, options);
  Record record;
  record.file = path;
  record.time.stepS = 1.0 / info.samplerate;
  const auto channels = static_cast<std::size_t>(info.channels);
  for (std::size_t c = 0; c < channels; ++c) {
    record.channels.push_back({fmt::format("CH{}", c + 1), scale.unit, {}});
  }
  // A header may promise more than the file holds: room is made for what can be there.
  std::error_code unknown;
  const auto bytes = std::filesystem::file_size(path, unknown);
  const auto most = std::min<std::size_t>(static_cast<std::size_t>(info.frames),
                                          unknown ? 0 : bytes / (2 * channels));
  for (auto& channel : record.channels) {
    channel.samples.reserve(most);
  }
  if (options.progress) {
    options.progress->begin(static_cast<std::size_t>(info.frames));
  }
  constexpr std::size_t kBlock = 1U << 16U;
  std::vector<float> block(kBlock * channels);
  while (const sf_count_t got = sf_readf_float(file.get(), block.data(), kBlock)) {
    if (options.progress && options.progress->cancelled()) {
      return cancelledReading(path);
    }
    for (std::size_t c = 0; c < channels; ++c) {
      for (std::size_t i = 0; i < static_cast<std::size_t>(got); ++i) {
        record.channels[c].samples.push_back(sampleOf(block[i * channels + c] * scale.fullScale));
      }
    }
    if (options.progress) {
      options.progress->advance(static_cast<std::size_t>(got));
    }
  }
  if (record.size() == 0) {
    return Error{path, std::nullopt, say("holds no samples"), say("a WAV with at least one")};
  }
  if (!scale.known) {
    record.remarks.emplace_back(
        say("full scale is not known and taken as 1; give it, or a side file FILE.json with "
            "full_scale"));
  }
  if (static_cast<sf_count_t>(record.size()) < info.frames) {
    record.remarks.push_back(sayf("is cut off: {} of {} samples are there", record.size(),
                                  static_cast<long long>(info.frames)));
  }
  return record;
}

Status writeWavFile(const std::string& path, const Record& record) {
  const double rate = record.time.rateHz();
  if (!record.time.uniform() || rate < 1 || rate > 2e9 ||
      std::abs(rate - std::round(rate)) > 1e-6 * rate || record.channels.empty()) {
    return Error{path, std::nullopt, say("cannot be written as WAV"),
                 say("an even sample rate in whole hertz, or CSV")};
  }
  double peak = 0;
  for (const auto& channel : record.channels) {
    for (const float v : channel.samples) {
      peak = std::isnan(v) ? peak : std::max(peak, static_cast<double>(std::abs(v)));
    }
  }
  const double fullScale = peak > 0 ? 1.05 * peak : 1;
  SF_INFO info{};
  info.samplerate = static_cast<int>(std::lround(rate));
  info.channels = static_cast<int>(record.channels.size());
  info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_24;
  const auto write = [&](const std::string& beside) -> Status {
    File file(sf_open(beside.c_str(), SFM_WRITE, &info));
    if (!file) {
      return Error{path, std::nullopt, say("cannot be written"), sf_strerror(nullptr)};
    }
    std::vector<float> frame;
    frame.reserve(record.size() * record.channels.size());
    for (std::size_t i = 0; i < record.size(); ++i) {
      for (const auto& channel : record.channels) {
        const float v = channel.samples[i];
        frame.push_back(std::isnan(v) ? 0.0F : static_cast<float>(v / fullScale));
      }
    }
    const auto frames = static_cast<sf_count_t>(record.size());
    if (sf_writef_float(file.get(), frame.data(), frames) != frames) {
      return Error{path, std::nullopt, say("could not be written whole"), say("space on the disk")};
    }
    if (sf_close(file.release()) != 0) {
      return Error{path, std::nullopt, say("could not be written whole"), say("space on the disk")};
    }
    return Done{};
  };
  if (auto status = job::replaceFile(path, write); !status) {
    return status;
  }
  const Json side{{"full_scale", fullScale},
                  {"unit", std::string(units::symbol(record.channels.front().unit))}};
  return job::writeFileAtomically(sideFileOf(path), side.dump(2) + "\n");
}

}  // namespace haybale::capture
