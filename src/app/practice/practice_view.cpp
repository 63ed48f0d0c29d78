#include "app/practice/practice_view.h"

#include <QVBoxLayout>

#include "app/practice/bench_page.h"
#include "app/practice/class_page.h"
#include "app/practice/debrief_page.h"
#include "app/practice/editor_page.h"
#include "app/practice/made_up_band.h"
#include "app/practice/shelf_page.h"
#include "app/style/pages.h"

namespace haybale::app {

PracticeView::PracticeView(JobBook& book, InstrumentHub& hub, QWidget* parent)
    : QWidget(parent), desk_(book) {
  auto* rows = new QVBoxLayout(this);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(0);
  rows->addWidget(new MadeUpBand(this));
  pages_ = new Pages(this);
  shelf_ = new ShelfPage(desk_);
  bench_ = new BenchPage(desk_, hub);
  debrief_ = new DebriefPage(desk_);
  class_ = new ClassPage(desk_);
  editor_ = new EditorPage;
  for (QWidget* page : std::initializer_list<QWidget*>{shelf_, bench_, debrief_, class_, editor_}) {
    pages_->addWidget(page);
  }
  rows->addWidget(pages_, 1);
  const auto start = [this] {
    bench_->start();
    showPage(kBench);
  };
  connect(shelf_, &ShelfPage::begun, this, start);
  connect(shelf_, &ShelfPage::said, this, &PracticeView::said);
  connect(debrief_, &DebriefPage::said, this, &PracticeView::said);
  connect(&desk_, &PracticeDesk::said, this, &PracticeView::said);
  connect(&desk_, &PracticeDesk::ended, this, [this] {
    debrief_->tell();
    showPage(kDebrief);
  });
  const auto leave = [this] {
    desk_.leave();
    showPage(trying_ ? kEditor : kShelf);
    trying_ = false;
  };
  connect(bench_, &BenchPage::leaveWanted, this, leave);
  connect(debrief_, &DebriefPage::anotherWanted, this, leave);
  connect(debrief_, &DebriefPage::againWanted, this, [this, start] {
    const auto about = desk_.play()->about();
    desk_.begin(about, desk_.seed());
    start();
  });
  connectTrainers(start);
}

void PracticeView::connectTrainers(const std::function<void()>& start) {
  connect(shelf_, &ShelfPage::classWanted, this, [this] {
    class_->showClass(shelf_->cases());
    showPage(kClass);
  });
  connect(shelf_, &ShelfPage::editorWanted, this, [this] {
    editor_->begin(shelf_->chosen(), openJob_ ? openJob_() : job::newCase());
    showPage(kEditor);
  });
  connect(class_, &ClassPage::left, this, [this] { showPage(kShelf); });
  connect(editor_, &EditorPage::left, this, [this] { showPage(kShelf); });
  connect(class_, &ClassPage::said, this, &PracticeView::said);
  connect(editor_, &EditorPage::said, this, &PracticeView::said);
  connect(editor_, &EditorPage::tryWanted, this, [this, start](const practice::PracticeCase& p) {
    trying_ = true;
    desk_.begin(p, 1);
    start();
  });
}

void PracticeView::open(const QString& path) {
  shelf_->open(path);
}

void PracticeView::undo() {
  if (page() == kEditor) {
    editor_->undo();
  }
}

int PracticeView::page() const {
  return pages_->currentIndex();
}

void PracticeView::showPage(Page page) {
  pages_->setCurrentIndex(page);
  if (page == kShelf) {
    shelf_->refresh();
  }
  focusPage();
}

void PracticeView::focusPage() {
  if (page() == kShelf) {
    shelf_->focusList();
  } else if (page() == kBench) {
    bench_->focusMoves();
  }
}

}  // namespace haybale::app
