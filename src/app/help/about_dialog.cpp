#include "app/help/about_dialog.h"

#include <QFile>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTabWidget>
#include <QVBoxLayout>

#include "app/style/labels.h"

namespace haybale::app {

namespace {

QPlainTextEdit* licence(const char* file, QWidget* parent) {
  auto* text = new QPlainTextEdit(parent);
  text->setReadOnly(true);
  text->setAccessibleName(QLatin1String(file));
  QFile source(QStringLiteral(":/help/%1").arg(QLatin1String(file)));
  if (source.open(QIODevice::ReadOnly)) {
    text->setPlainText(QString::fromUtf8(source.readAll()));
  }
  return text;
}

}  // namespace

AboutDialog::AboutDialog(QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("about"));
  setWindowTitle(tr("About Hay Bale"));
  resize(640, 520);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(24, 18, 24, 18);
  column->addWidget(textLabel(this, "head", tr("Hay Bale %1").arg(QLatin1String(HAYBALE_VERSION))));
  column->addWidget(textLabel(this, nullptr,
                              tr("Where is the fault, how sure, what to test next. Free software "
                                 "under the GNU General Public License, version 3 or later, "
                                 "without any warranty. Local rules, the maker's procedure and "
                                 "licensed practice come before anything it says.")));
  auto* tabs = new QTabWidget(this);
  tabs->setObjectName(QStringLiteral("about.tabs"));
  auto* made = textLabel(
      this, nullptr,
      tr("Qt 6 (LGPL-3), Eigen (MPL-2.0), Boost.Math (BSL-1.0), fmt, nlohmann-json, fast_float and "
         "CLI11 (MIT and "
         "alike), libsndfile (LGPL-2.1), libzip (BSD), SQLite (public domain), PostgreSQL's "
         "client library (PostgreSQL licence), the font Atkinson Hyperlegible (SIL Open Font "
         "License 1.1). On Debian their full texts lie in /usr/share/doc/PACKAGE/copyright."));
  made->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  made->setMargin(10);
  tabs->addTab(made, tr("What it is built on"));
  tabs->addTab(licence("GPL-3.txt", this), tr("Licence of Hay Bale"));
  tabs->addTab(licence("OFL.txt", this), tr("Licence of the font"));
  column->addWidget(tabs, 1);
  auto* close = new QPushButton(tr("Close"), this);
  close->setObjectName(QStringLiteral("about.close"));
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  column->addWidget(close, 0, Qt::AlignRight);
}

}  // namespace haybale::app
