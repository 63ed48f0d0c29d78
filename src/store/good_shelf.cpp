#include "store/good_shelf.h"

#include <algorithm>

#include "core/base/json.h"
#include "core/base/uuid.h"
#include "store/shelf.h"
#include "store/text.h"

namespace haybale::store {

namespace {

const QString kGoods = QString::fromLatin1(shelf_kind::good);

// The texts of a sample by their names on the shelf.
template <class Sample>
auto textsOf(Sample& s) {
  return std::array{std::pair{"vehicle", &s.vehicle}, std::pair{"module", &s.module},
                    std::pair{"part", &s.part},       std::pair{"circuit", &s.circuit},
                    std::pair{"place", &s.place},     std::pair{"taken", &s.date},
                    std::pair{"trace", &s.trace}};
}

std::optional<judging::GoodSample> sampleOf(const QByteArray& content) {
  const auto json = parseJson(content.toStdString(), "shelf");
  if (!json || !json->is_object()) {
    return std::nullopt;
  }
  ObjectReader in(*json, "good");
  judging::GoodSample s;
  const int quantity = in.oneOf("quantity", judging::kQuantityNames);
  const auto value = in.number("value");
  s.celsius = in.number("celsius");
  for (const auto& [name, text] : textsOf(s)) {
    *text = in.text(name);
  }
  if (in.error() || quantity < 0 || !value) {
    return std::nullopt;
  }
  s.quantity = static_cast<judging::Quantity>(quantity);
  s.value = *value;
  return s;
}

bool speaksFor(const judging::GoodSample& s, const GoodFor& wanted) {
  const auto same = [](const QString& wish, const std::string& has) {
    return wish.isEmpty() || wish == q(has);
  };
  return same(wanted.vehicle, s.vehicle) && same(wanted.module, s.module) &&
         same(wanted.part, s.part) && (!wanted.quantity || *wanted.quantity == s.quantity);
}

}  // namespace

Json goodJson(const judging::GoodSample& s) {
  Json out{{"quantity", judging::kQuantityNames[static_cast<std::size_t>(s.quantity)]},
           {"value", s.value}};
  setIf(out, "celsius", s.celsius);
  for (const auto& [name, text] : textsOf(s)) {
    setIf(out, name, *text);
  }
  return out;
}

Result<QString> GoodShelf::keep(const judging::GoodSample& s) {
  const QString name = q(newUuid());
  const auto done = Shelf(db_).put(kGoods, name, QByteArray::fromStdString(goodJson(s).dump()));
  return done ? Result<QString>(name) : Result<QString>(done.error());
}

Status GoodShelf::remove(const QString& name) {
  return Shelf(db_).remove(kGoods, name);
}

Result<std::vector<KeptGood>> GoodShelf::find(const GoodFor& wanted) {
  const auto all = Shelf(db_).all(kGoods);
  if (!all) {
    return all.error();
  }
  std::vector<KeptGood> out;
  for (const auto& thing : *all) {
    if (auto sample = sampleOf(thing.content); sample && speaksFor(*sample, wanted)) {
      out.push_back({thing.name, std::move(*sample)});
    }
  }
  std::stable_sort(out.begin(), out.end(), [](const KeptGood& a, const KeptGood& b) {
    return a.sample.date < b.sample.date;
  });
  return out;
}

}  // namespace haybale::store
