#include "app/help/help_window.h"

#include <QLineEdit>
#include <QListWidget>
#include <QSplitter>
#include <QTextBlock>
#include <QTextBrowser>
#include <QVBoxLayout>

#include "app/help/help_pages.h"
#include "app/style/labels.h"
#include "app/style/theme.h"

namespace haybale::app {

namespace {

constexpr int kListWidth = 270;
constexpr int kPictureWidth = 540;

// Of the program's pictures, which are as wide as the window.
void fitPictures(QTextDocument& document) {
  for (auto block = document.begin(); block.isValid(); block = block.next()) {
    for (auto at = block.begin(); !at.atEnd(); ++at) {
      auto format = at.fragment().charFormat().toImageFormat();
      if (format.isValid()) {
        format.setWidth(kPictureWidth);
        QTextCursor cursor(&document);
        cursor.setPosition(at.fragment().position());
        cursor.setPosition(at.fragment().position() + at.fragment().length(),
                           QTextCursor::KeepAnchor);
        cursor.setCharFormat(format);
        break;  // the iterator has gone stale
      }
    }
  }
}

}  // namespace

HelpWindow::HelpWindow(QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("help"));
  setWindowTitle(tr("Help"));
  resize(900, 640);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(14, 12, 14, 14);
  auto* row = new QHBoxLayout;
  row->setSpacing(12);
  auto* left = new QVBoxLayout;
  search_ = new QLineEdit(this);
  search_->setObjectName(QStringLiteral("help.search"));
  search_->setPlaceholderText(tr("search the help"));
  search_->setClearButtonEnabled(true);
  search_->setFixedWidth(kListWidth);
  list_ = new QListWidget(this);
  list_->setObjectName(QStringLiteral("help.pages"));
  list_->setAccessibleName(tr("Pages of the help"));
  list_->setFixedWidth(kListWidth);
  list_->setWordWrap(true);
  list_->setSpacing(2);
  left->addWidget(search_);
  left->addWidget(list_, 1);
  text_ = new QTextBrowser(this);
  text_->setObjectName(QStringLiteral("help.text"));
  text_->setAccessibleName(tr("Page of the help"));
  text_->setFrameShape(QFrame::NoFrame);
  text_->setOpenLinks(false);
  text_->document()->setDocumentMargin(14);
  row->addLayout(left);
  row->addWidget(text_, 1);
  column->addLayout(row, 1);
  connect(search_, &QLineEdit::textChanged, this, &HelpWindow::search);
  connect(list_, &QListWidget::currentRowChanged, this, &HelpWindow::showRow);
  search({});
}

void HelpWindow::search(const QString& words) {
  list_->clear();
  for (const auto* page : findHelp(words)) {
    auto* item = new QListWidgetItem(page->title, list_);
    item->setData(Qt::UserRole, page->id);
  }
  if (list_->count() == 0) {
    text_->setMarkdown(tr("No page has all of these words. Try fewer, or the beginning of one."));
    return;
  }
  list_->setCurrentRow(0);
}

void HelpWindow::showRow(int row) {
  const auto* item = list_->item(row);
  if (!item) {
    return;
  }
  for (const auto& page : helpPages()) {
    if (page.id == item->data(Qt::UserRole).toString()) {
      text_->document()->setBaseUrl(QUrl(QStringLiteral("qrc:/help/")));
      text_->setSearchPaths({QStringLiteral(":/help")});
      text_->setMarkdown(page.text);
      fitPictures(*text_->document());
    }
  }
  const QString word = search_->text().section(QLatin1Char(' '), 0, 0, QString::SectionSkipEmpty);
  text_->moveCursor(QTextCursor::Start);
  if (!word.isEmpty() && text_->find(word)) {
    text_->ensureCursorVisible();
  }
}

void HelpWindow::showPage(const QString& id) {
  search_->clear();
  for (int row = 0; row < list_->count(); ++row) {
    if (list_->item(row)->data(Qt::UserRole).toString() == id) {
      list_->setCurrentRow(row);
    }
  }
  list_->setFocus();
}

}  // namespace haybale::app
