#include "app/book/shop_page.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QStyle>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/words.h"

namespace haybale::app {

ShopPage::ShopPage(JobBook& book, QWidget* parent) : QWidget(parent), book_(book) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 6, 0, 0);
  column->setSpacing(10);
  column->addWidget(partHead(tr("On this bench"), this));
  here_ = textLabel(this, nullptr, {}, QStringLiteral("shop.here"));
  column->addWidget(here_);
  column->addSpacing(8);
  column->addWidget(partHead(tr("The shop's logbook, for all benches"), this));
  standing_ = textLabel(this, "caution", {}, QStringLiteral("shop.standing"));
  column->addWidget(standing_);
  column->addWidget(
      textLabel(this, "faint",
                tr("Several benches share their jobs in a PostgreSQL database. Every bench keeps "
                   "its own copy and "
                   "works on without the network; what was done meanwhile is brought over as soon "
                   "as it can be. "
                   "Of two states of one job the later one is shown, and the other is kept.")));
  auto* row = new QHBoxLayout;
  url_ = new QLineEdit(this);
  url_->setObjectName(QStringLiteral("shop.url"));
  url_->setAccessibleName(tr("Address of the shop's logbook"));
  url_->setPlaceholderText(QStringLiteral("postgresql://bay2@yard-server:5432/haybale"));
  row->addWidget(url_, 1);
  auto* test = new QPushButton(tr("Try the connection"), this);
  test->setObjectName(QStringLiteral("shop.try"));
  auto* take = new QPushButton(tr("Use it"), this);
  take->setObjectName(QStringLiteral("shop.use"));
  leave_ = new QPushButton(tr("Keep jobs on this bench only"), this);
  leave_->setObjectName(QStringLiteral("shop.leave"));
  row->addWidget(test);
  row->addWidget(take);
  column->addLayout(row);
  keyring_ = new QCheckBox(tr("keep the password in the desktop's keyring"), this);
  keyring_->setObjectName(QStringLiteral("shop.keyring"));
  column->addWidget(keyring_);
  tried_ = textLabel(this, nullptr, {}, QStringLiteral("shop.tried"));
  column->addWidget(tried_);
  auto* low = new QHBoxLayout;
  low->addWidget(leave_);
  low->addStretch();
  column->addLayout(low);
  column->addWidget(
      textLabel(this, "faint",
                tr("The password is taken from the keyring, ~/.pgpass or PGPASSWORD. "
                   "Written into the address it is used until the program ends, and "
                   "kept in the keyring only where that is ticked. Beyond this machine "
                   "the connection is encrypted. How to set up a shop's server: "
                   "packaging/shop-server.md.")));
  column->addStretch();
  auto& carrier = book_.carrier();
  url_->setText(carrier.shop());
  connect(&carrier, &Carrier::standingChanged, this, &ShopPage::refresh);
  connect(&book_, &JobBook::changed, this, [this] {
    if (isVisible()) {
      refresh();
    }
  });
  connect(&carrier, &Carrier::tried, this, [this](const QString& sentence, bool good) {
    tried_->setText(sentence);
    tried_->setProperty("bad", !good);
    tried_->style()->unpolish(tried_);
    tried_->style()->polish(tried_);
  });
  connect(test, &QPushButton::clicked, this, [this] {
    tried_->setText(tr("trying ..."));
    book_.carrier().tryOut(url_->text());
  });
  connect(take, &QPushButton::clicked, this, [this] { use(url_->text()); });
  connect(url_, &QLineEdit::returnPressed, this, [this] { use(url_->text()); });
  connect(leave_, &QPushButton::clicked, this, [this] { use({}); });
  refresh();
}

void ShopPage::showEvent(QShowEvent*) {
  refresh();
}

void ShopPage::use(const QString& url) {
  if (const auto status = book_.carrier().use(url, keyring_->isChecked()); !status) {
    emit said(q(status.error().sentence()), true);
    return;
  }
  // A password that was typed into the address is in use now and stands on the screen no longer.
  url_->setText(book_.carrier().shop());
}

void ShopPage::refresh() {
  auto* logbook = book_.logbook();
  here_->setText(logbook
                     ? tr("%1 jobs in %2.").arg(logbook->count()).arg(logbook->database().file())
                     : tr("The logbook is not open."));
  const auto& carrier = book_.carrier();
  standing_->setText(carrier.standing().sentence);
  leave_->setEnabled(!carrier.shop().isEmpty());
}

}  // namespace haybale::app
