// Panning and zooming over 100 million samples: one frame is the scene built anew and painted on a
// raster of 1280x800.
#include <fmt/format.h>

#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <cmath>
#include <random>

#include "picture/trace_lanes.h"
#include "render/scene_painter.h"
#include "timing.h"

int main(int argc, char** argv) {
  using namespace haybale;
  qputenv("QT_QPA_PLATFORM", "offscreen");
  QGuiApplication app(argc, argv);
  render::loadFonts();
  constexpr std::size_t kSamples = 50'000'000;  // in each of two lanes
  capture::Record record;
  record.time.stepS = 2e-5;
  for (const char* name : {"RL", "RR"}) {
    auto& c = record.channels.emplace_back();
    c.name = name;
    c.samples.resize(kSamples);
    std::minstd_rand random(9);
    for (std::size_t i = 0; i < kSamples; ++i) {
      const double t = static_cast<double>(i) * 2e-5;
      c.samples[i] =
          static_cast<float>(std::sin(t * 700) + static_cast<double>(random() % 1000) * 2e-5);
    }
  }
  trace::Options options;
  options.teeth = 48;
  options.circumferenceM = 1.95;
  std::vector<trace::ChannelAnalysis> analyses;
  std::vector<capture::Pyramid> pyramids;
  const auto build = bench::timed(3, 1, [&] {
    pyramids.clear();
    for (const auto& c : record.channels) {
      pyramids.emplace_back(c.samples);
    }
  });
  picture::LanesInput input;
  for (std::size_t c = 0; c < 2; ++c) {
    analyses.push_back(trace::analyse(record, c, options));
  }
  for (std::size_t c = 0; c < 2; ++c) {
    picture::Lane lane;
    lane.title = lane.id = record.channels[c].name;
    lane.record = &record;
    lane.channel = c;
    lane.pyramid = &pyramids[c];
    lane.analysis = &analyses[c];
    input.lanes.push_back(lane);
  }
  input.width = 1280;
  input.height = 800;
  QImage image(1280, 800, QImage::Format_ARGB32_Premultiplied);
  // From the whole record down to a thousandth of a second, here and there.
  std::mt19937 random(1);
  const double whole = record.durationS();
  const auto frame = bench::timed(300, 1, [&] {
    const double width = whole * std::pow(10.0, -6.0 * static_cast<double>(random() % 1000) / 1000);
    input.fromS = (whole - width) * static_cast<double>(random() % 1000) / 1000;
    input.toS = input.fromS + width;
    QPainter painter(&image);
    render::paint(painter, picture::traceLanes(input, render::measure()), picture::Theme::day);
  });
  fmt::print("ranges of 100 M samples built in {:.0f} ms\n", 1e3 * build.median);
  fmt::print("frame: {:.1f} ms median, {:.1f} ms p95 (bar 16)\n", 1e3 * frame.median,
             1e3 * frame.p95);
  return 0;
}
