// A record of one channel from its samples.
#pragma once

#include <utility>
#include <vector>

#include "core/capture/record.h"

namespace haybale::trace {

/// Volts, channel "A", so many samples a second.
inline capture::Record recordFrom(std::vector<float> samples, double rateHz) {
  capture::Record record;
  record.time.stepS = 1 / rateHz;
  capture::Channel channel;
  channel.name = "A";
  channel.unit = units::Unit::volt;
  channel.samples = std::move(samples);
  record.channels.push_back(std::move(channel));
  return record;
}

}  // namespace haybale::trace
