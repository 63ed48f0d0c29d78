#include "core/base/json.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale {

namespace {

constexpr std::size_t kDeepest = 64;

constexpr std::size_t kMostMembers = 20000;

// What would take the parser's stack, or its time: keys that keep their order are sought one by
// one.
enum class Burden { none, deep, wide };
Burden burdenOf(std::string_view text) {
  std::array<std::size_t, kDeepest + 1> members{};
  std::array<bool, kDeepest + 1> isObject{};
  std::size_t depth = 0;
  bool inString = false;
  for (std::size_t i = 0; i < text.size(); ++i) {
    const char c = text[i];
    if (inString) {
      i += c == '\\' ? 1 : 0;
      inString = c != '"';
    } else if (c == '"') {
      inString = true;
    } else if (c == '[' || c == '{') {
      if (++depth > kDeepest) {
        return Burden::deep;
      }
      members[depth] = 0;
      isObject[depth] = c == '{';
    } else if ((c == ']' || c == '}') && depth > 0) {
      --depth;
    } else if (c == ',' && isObject[depth] && ++members[depth] >= kMostMembers) {
      return Burden::wide;
    }
  }
  return Burden::none;
}

// The parser's own text, without its id and its repetition of the position.
std::string plainMessage(std::string message) {
  if (const auto colon = message.rfind("column "); colon != std::string::npos) {
    if (const auto cut = message.find(": ", colon); cut != std::string::npos) {
      message = message.substr(cut + 2);
    }
  }
  return text::shortened(message, 160);
}

}  // namespace

Result<Json> parseJson(std::string_view text, std::string_view where) {
  if (text.starts_with("\xEF\xBB\xBF")) {
    text.remove_prefix(3);
  }
  Error error;
  error.where = where;
  if (!text::isUtf8(text)) {
    error.what = say("is not UTF-8 text");
    error.wanted = say("save the file as JSON in UTF-8");
    return error;
  }
  const Burden burden = burdenOf(text);
  if (burden == Burden::wide) {
    error.what = sayf("has an object of more than {} members", kMostMembers);
    error.wanted = say("a case file has some dozens");
    return error;
  }
  if (burden == Burden::deep) {
    error.what = sayf("is nested more than {} levels deep", kDeepest);
    error.wanted = say("a case file needs about ten");
    return error;
  }
  try {
    return Json::parse(text);
  } catch (const Json::parse_error& problem) {
    const auto end =
        text.begin() + static_cast<std::ptrdiff_t>(std::min(problem.byte, text.size()));
    error.line = 1 + static_cast<std::size_t>(std::count(text.begin(), end, '\n'));
    error.what = say("is not valid JSON: ") + plainMessage(problem.what());
    return error;
  } catch (const Json::exception& problem) {
    error.what = say("is not usable JSON: ") + plainMessage(problem.what());
    return error;
  }
}

ObjectReader::ObjectReader(const Json& object, std::string path)
    : object_(object), path_(std::move(path)) {
  if (!object_.is_object()) {
    fail({path_, std::nullopt, say("is not an object"),
          say("write it in braces, as {\"id\": ...}")});
  }
}

const Json* ObjectReader::find(std::string_view key) {
  asked_.emplace(key);
  if (!object_.is_object()) {
    return nullptr;
  }
  const auto it = object_.find(key);
  return it == object_.end() || it->is_null() ? nullptr : &*it;
}

std::string ObjectReader::text(std::string_view key, std::string fallback) {
  const Json* member = find(key);
  if (!member) {
    return fallback;
  }
  if (!member->is_string()) {
    fail(key, say("is not a text"), say("write it in quotes"));
    return fallback;
  }
  return member->get<std::string>();
}

std::optional<double> ObjectReader::number(std::string_view key, double low, double high) {
  const Json* member = find(key);
  if (!member) {
    return std::nullopt;
  }
  if (!member->is_number()) {
    fail(key, say("is not a number"), say("write a plain number without quotes"));
    return std::nullopt;
  }
  const double value = member->get<double>();
  if (!std::isfinite(value) || value < low || value > high) {
    fail(key, sayf("{:g} is out of range", value), sayf("from {:g} to {:g}", low, high));
    return std::nullopt;
  }
  return value;
}

std::optional<bool> ObjectReader::boolean(std::string_view key) {
  const Json* member = find(key);
  if (!member) {
    return std::nullopt;
  }
  if (!member->is_boolean()) {
    fail(key, say("is neither true nor false"), say("write true or false without quotes"));
    return std::nullopt;
  }
  return member->get<bool>();
}

std::vector<std::string> ObjectReader::texts(std::string_view key) {
  std::vector<std::string> out;
  const Json* member = array(key);
  if (!member) {
    return out;
  }
  for (const auto& entry : *member) {
    if (!entry.is_string()) {
      fail(key, say("holds something that is not a text"),
           say("write a list of texts, as [\"C1\", \"C2\"]"));
      return {};
    }
    out.push_back(entry.get<std::string>());
  }
  return out;
}

const Json* ObjectReader::object(std::string_view key) {
  const Json* member = find(key);
  if (member && !member->is_object()) {
    fail(key, say("is not an object"), say("write it in braces"));
    return nullptr;
  }
  return member;
}

const Json* ObjectReader::array(std::string_view key) {
  const Json* member = find(key);
  if (member && !member->is_array()) {
    fail(key, say("is not a list"), say("write it in square brackets"));
    return nullptr;
  }
  return member;
}

const Json* ObjectReader::any(std::string_view key) {
  return find(key);
}

Rest ObjectReader::rest() const {
  Json left = Json::object();
  if (object_.is_object()) {
    for (const auto& [key, value] : object_.items()) {
      if (!asked_.contains(key)) {
        left[key] = value;
      }
    }
  }
  return left.empty() ? Rest{} : Rest{left.dump()};
}

std::string ObjectReader::at(std::string_view key) const {
  return path_.empty() ? std::string(key) : path_ + "." + std::string(key);
}

void ObjectReader::fail(std::string_view key, std::string what, std::string wanted) {
  fail({at(key), std::nullopt, std::move(what), std::move(wanted)});
}

void ObjectReader::fail(Error error) {
  if (!error_) {
    error_ = std::move(error);
  }
}

void appendRest(Json& object, const Rest& rest) {
  if (rest.empty()) {
    return;
  }
  const Json kept = Json::parse(rest.text);
  for (const auto& [key, value] : kept.items()) {
    if (!object.contains(key)) {
      object[key] = value;
    }
  }
}

}  // namespace haybale
