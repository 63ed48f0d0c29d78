#include "store/good_shelf.h"

#include <algorithm>

namespace haybale::store {

namespace {

QString asText(std::string_view text) {
  return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

QString nameOf(judging::Quantity quantity) {
  return asText(judging::kQuantityNames[static_cast<std::size_t>(quantity)]);
}

}  // namespace

Result<qint64> GoodShelf::keep(const judging::GoodSample& s) {
  auto done = db_.run(
      QStringLiteral("INSERT INTO goods (quantity, value, celsius, vehicle, module, part, "
                     "circuit, place, taken, trace) VALUES (?,?,?,?,?,?,?,?,?,?) RETURNING row"),
      {nameOf(s.quantity), s.value, s.celsius ? QVariant(*s.celsius) : QVariant(),
       asText(s.vehicle), asText(s.module), asText(s.part), asText(s.circuit), asText(s.place),
       asText(s.date), asText(s.trace)});
  if (!done) {
    return done.error();
  }
  return done->next() ? done->value(0).toLongLong() : 0;
}

Status GoodShelf::remove(qint64 row) {
  auto done = db_.run(QStringLiteral("DELETE FROM goods WHERE row=?"), {row});
  return done ? Status(Done{}) : done.error();
}

Result<std::vector<KeptGood>> GoodShelf::find(const GoodFor& wanted) {
  QString where;
  QVariantList values;
  const auto only = [&](const char* column, const QString& value) {
    if (!value.isEmpty()) {
      where += (where.isEmpty() ? QStringLiteral(" WHERE ") : QStringLiteral(" AND ")) +
               QString::fromLatin1(column) + QStringLiteral("=?");
      values << value;
    }
  };
  only("vehicle", wanted.vehicle);
  only("module", wanted.module);
  only("part", wanted.part);
  only("quantity", wanted.quantity ? nameOf(*wanted.quantity) : QString());
  auto found =
      db_.run(QStringLiteral("SELECT row, quantity, value, celsius, vehicle, module, part, "
                             "circuit, place, taken, trace FROM goods") +
                  where + QStringLiteral(" ORDER BY taken, row"),
              values);
  if (!found) {
    return found.error();
  }
  std::vector<KeptGood> out;
  while (found->next()) {
    KeptGood good;
    good.row = found->value(0).toLongLong();
    const std::string quantity = found->value(1).toString().toStdString();
    const auto it =
        std::find(judging::kQuantityNames.begin(), judging::kQuantityNames.end(), quantity);
    if (it == judging::kQuantityNames.end()) {
      continue;  // of a newer version
    }
    auto& s = good.sample;
    s.quantity = static_cast<judging::Quantity>(it - judging::kQuantityNames.begin());
    s.value = found->value(2).toDouble();
    if (!found->value(3).isNull()) {
      s.celsius = found->value(3).toDouble();
    }
    int column = 4;
    for (auto* text : {&s.vehicle, &s.module, &s.part, &s.circuit, &s.place, &s.date, &s.trace}) {
      *text = found->value(column++).toString().toStdString();
    }
    out.push_back(std::move(good));
  }
  return out;
}

}  // namespace haybale::store
