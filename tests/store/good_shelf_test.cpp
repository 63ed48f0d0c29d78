// Good readings are found again for the vehicle, the module or the part they were kept for.
#include "store/good_shelf.h"

#include "support/haybale_test.h"

namespace haybale::store {
namespace {

TEST(GoodShelf, IsAskedByVehicleModuleOrPart) {
  const test::Folder folder;
  Database db;
  ASSERT_HB_OK(db.open(*parseStoreUrl(QStringLiteral("sqlite:") +
                                      QString::fromStdString(folder.file("book.sqlite")))));
  GoodShelf shelf(db);
  judging::GoodSample sample;
  sample.vehicle = "Hay wagon";
  sample.module = "M-1";
  sample.part = "S-9";
  sample.circuit = "RL";
  sample.place = "module plug";
  sample.date = "2026-11-02";
  sample.value = 1100;
  sample.celsius = 21.5;
  const auto first = shelf.keep(sample);
  ASSERT_HB_OK(first);
  sample.vehicle = "Other";
  sample.quantity = judging::Quantity::biasUnplugged;
  sample.value = 4.98;
  sample.celsius.reset();
  sample.date = "2026-11-01";
  ASSERT_HB_OK(shelf.keep(sample));
  GoodFor part;
  part.part = QStringLiteral("S-9");
  const auto both = shelf.find(part);
  ASSERT_HB_OK(both);
  ASSERT_EQ(both->size(), 2U);
  EXPECT_EQ((*both)[0].sample.value, 4.98) << "oldest first";
  EXPECT_FALSE((*both)[0].sample.celsius);
  EXPECT_EQ((*both)[1].sample.celsius, 21.5);
  EXPECT_EQ((*both)[1].sample.place, "module plug");
  GoodFor wagon;
  wagon.vehicle = QStringLiteral("Hay wagon");
  wagon.quantity = judging::Quantity::coilResistance;
  ASSERT_EQ(shelf.find(wagon)->size(), 1U);
  ASSERT_HB_OK(shelf.remove(*first));
  EXPECT_TRUE(shelf.find(wagon)->empty());
}

}  // namespace
}  // namespace haybale::store
