#include "app/frame/main_window.h"

#include <QCloseEvent>
#include <QDir>
#include <QDragEnterEvent>
#include <QFile>
#include <QFileInfo>
#include <QLabel>
#include <QMenu>
#include <QMimeData>
#include <QScreen>
#include <QScrollArea>
#include <QStyle>
#include <QTimer>
#include <QVBoxLayout>

#include "app/book/book_files.h"
#include "app/book/book_view.h"
#include "app/close/close_view.h"
#include "app/far/far_page.h"
#include "app/frame/alt_key.h"
#include "app/frame/close_panel.h"
#include "app/frame/job_strip.h"
#include "app/frame/next_panel.h"
#include "app/frame/rail.h"
#include "app/intake/intake_view.h"
#include "app/line/line_view.h"
#include "app/live/instrument_desk.h"
#include "app/live/signal_band.h"
#include "app/model/program_log.h"
#include "app/parts/dialogs.h"
#include "app/parts/progress_strip.h"
#include "app/parts/scene_access.h"
#include "app/parts/spoken_names.h"
#include "app/practice/practice_view.h"
#include "app/style/pages.h"
#include "app/style/theme.h"
#include "app/swap/swap_view.h"
#include "app/trace/capture_desk.h"
#include "app/trace/dial_panel.h"
#include "app/trace/trace_view.h"
#include "core/base/atomic_file.h"

namespace haybale::app {

namespace {

constexpr int kNoticeMs = 9000;
constexpr int kSideWidth = 324;
constexpr int kWideEnough = 1180;  // for a view made for 864 and the panel beside it
enum Side { kNextMove, kDial, kClosing };
constexpr int kLowWindow = 700;         // below this the strip is one line
constexpr QSize kLeastRoom{1024, 664};  // what the densest view needs, with a title bar on 700

QString geometryFile() {
  return stateFolder() + QStringLiteral("/window");
}

}  // namespace

MainWindow::MainWindow(QWidget* parent) : QMainWindow(parent), book_(model_) {
  const StyledAtTheEnd styled;
  installSceneAccess();
  SpokenNames::install();
  // A screen that is too small for the views scrolls; nothing is clipped.
  auto* scroll = new QScrollArea(this);
  scroll->setObjectName(QStringLiteral("room"));
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidgetResizable(true);
  auto* whole = new QWidget(scroll);
  whole->setMinimumSize(kLeastRoom);
  auto* columns = new QHBoxLayout(whole);
  columns->setContentsMargins(0, 0, 0, 0);
  columns->setSpacing(0);
  makeRail(whole);
  auto* head = makeHead(whole);
  makeViews(whole);
  makeSide(whole);
  auto* work = new QHBoxLayout;
  work->setSpacing(0);
  work->addWidget(stack_, 1);
  work->addWidget(side_);
  auto* right = new QVBoxLayout;
  right->setSpacing(0);
  right->addLayout(head);
  right->addLayout(work, 1);
  columns->addWidget(rail_);
  columns->addLayout(right, 1);
  scroll->setWidget(whole);
  scroll->setFocusPolicy(Qt::NoFocus);
  setCentralWidget(scroll);
  setAcceptDrops(true);
  setMinimumSize(480, 320);
  placeOnScreen();
  connectFrame();
  connectCaptures();
  connectRecords();
  far_ = new FarPage(model_, whole);
  connect(far_, &FarPage::closed, this, [this] { showView(view()); });
  makeActions();
  new AltKey(this, [this] { showMenu(); });
  showView(kLine);
  retitle();
  SpokenNames::nameAll(*this);
}

void MainWindow::makeRail(QWidget* whole) {
  rail_ = new Rail(whole);
  rail_->addView(Glyph::intake, tr("Intake"));
  rail_->addView(Glyph::line, tr("Line"));
  rail_->addView(Glyph::trace, tr("Trace"));
  rail_->addView(Glyph::swap, tr("Swap"));
  rail_->addView(Glyph::report, tr("Close-out"));
  rail_->addView(Glyph::book, tr("Logbook"));
  rail_->addView(Glyph::practice, tr("Practice"));
  connect(rail_->menuButton(), &QAbstractButton::clicked, this, &MainWindow::showMenu);
  connect(rail_, &Rail::chosen, this, [this](int index) { showView(static_cast<View>(index)); });
}

// The job, and what has to be known in every view.
QLayout* MainWindow::makeHead(QWidget* whole) {
  strip_ = new JobStrip(model_, whole);
  signal_ = new SignalBand(hub_, whole);
  notice_ = new QLabel(whole);
  notice_->setProperty("notice", true);
  notice_->setObjectName(QStringLiteral("notice"));
  notice_->setWordWrap(true);
  notice_->setTextFormat(Qt::PlainText);
  notice_->hide();
  auto* progress = new ProgressStrip(whole);
  captures_ = new CaptureDesk(model_, progress, this);
  auto* head = new QVBoxLayout;
  head->setSpacing(0);
  for (QWidget* each : std::initializer_list<QWidget*>{strip_, signal_, notice_, progress}) {
    head->addWidget(each);
  }
  return head;
}

void MainWindow::makeViews(QWidget* whole) {
  stack_ = new Pages(whole);
  intake_ = new IntakeView(model_);
  line_ = new LineView(model_);
  trace_ = new TraceView(model_);
  swap_ = new SwapView(model_, hub_);
  closeOut_ = new CloseView(model_, book_);
  logbook_ = new BookView(model_, book_);
  practice_ = new PracticeView(book_, hub_);
  practice_->setOpenJob([this] { return model_.job(); });
  for (QWidget* view : std::initializer_list<QWidget*>{intake_, line_, trace_, swap_, closeOut_,
                                                       logbook_, practice_}) {
    stack_->addWidget(view);
  }
}

// The panel beside the views, in the order of `Side`.
void MainWindow::makeSide(QWidget* whole) {
  side_ = new Pages(whole);
  side_->setFixedWidth(kSideWidth);
  panel_ = new NextPanel(model_, whole);
  auto* dial = new DialPanel(model_, whole);
  closing_ = new ClosePanel(model_, whole);
  for (QWidget* panel : std::initializer_list<QWidget*>{panel_, dial, closing_}) {
    auto* room = new QScrollArea(whole);
    room->setFrameShape(QFrame::NoFrame);
    room->setWidgetResizable(true);
    room->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    room->setFocusPolicy(Qt::NoFocus);
    room->setWidget(panel);
    side_->addWidget(room);
  }
  connect(dial, &DialPanel::spanWanted, trace_, &TraceView::showSpan);
}

void MainWindow::connectFrame() {
  connect(strip_, &JobStrip::jobsMenuWanted, this, &MainWindow::showJobsMenu);
  connect(strip_, &JobStrip::themeWanted, this, [this] {
    auto settings = programSettings();
    settings.theme =
        ThemeHub::instance().theme() == picture::Theme::day ? ThemeChoice::night : ThemeChoice::day;
    useSettings(settings);
  });
  connect(closing_, &ClosePanel::wanted, this, &MainWindow::goToClosing);
  connect(panel_, &NextPanel::testShown, this, [this] { showView(kLine); });
  connect(&model_, &JobModel::changed, this, &MainWindow::retitle);
  connect(&model_, &JobModel::selectionChanged, this, &MainWindow::makeRoom);
  connect(&model_, &JobModel::said, this, &MainWindow::say);
  connect(&hub_, &InstrumentHub::said, this, &MainWindow::say);
  connect(line_, &LineView::said, this, &MainWindow::say);
  connect(trace_, &TraceView::said, this, &MainWindow::say);
  connect(swap_, &SwapView::said, this, &MainWindow::say);
}

// Captures come dropped, from a file or from an instrument.
void MainWindow::connectCaptures() {
  connect(strip_, &JobStrip::captureDropped, this, &MainWindow::addCapture);
  connect(line_, &LineView::captureDropped, this, &MainWindow::addCapture);
  connect(trace_, &TraceView::captureDropped, this, &MainWindow::addCapture);
  connect(trace_, &TraceView::fileWanted, captures_, &CaptureDesk::ask);
  connect(trace_, &TraceView::readingWanted, captures_, &CaptureDesk::askHow);
  connect(panel_, &NextPanel::fileWanted, captures_, &CaptureDesk::ask);
  connect(captures_, &CaptureDesk::said, this, &MainWindow::say);
  connect(captures_, &CaptureDesk::added, this, [this] { showView(kTrace); });
  auto* live = new InstrumentDesk(model_, hub_, line_, trace_, this);
  connect(live, &InstrumentDesk::said, this, &MainWindow::say);
  connect(live, &InstrumentDesk::recorded, this, &MainWindow::addCapture);
}

// As it was left, or 1280 by 800, and never beyond the screen it is on.
void MainWindow::placeOnScreen() {
  resize(1280, 800);
  if (const auto kept = job::readFile(geometryFile().toStdString())) {
    restoreGeometry(QByteArray::fromStdString(*kept));
  }
  const QScreen* screen = this->screen();
  if (screen && !isMaximized()) {
    // Room for the title bar, which is not ours to measure yet.
    constexpr int kTitleBar = 36;
    const QRect free = screen->availableGeometry().adjusted(0, kTitleBar, 0, 0);
    resize(size().boundedTo(free.size()).expandedTo(minimumSize()));
    const int left = std::clamp(x(), free.left(), std::max(free.left(), free.right() - width()));
    const int top = std::clamp(y(), free.top(), std::max(free.top(), free.bottom() - height()));
    move(left, top);
  }
}

void MainWindow::closeEvent(QCloseEvent* event) {
  // A lost place on the screen loses no work.
  QDir().mkpath(stateFolder());
  (void)job::writeFileAtomically(geometryFile().toStdString(), saveGeometry().toStdString(), false);
  QMainWindow::closeEvent(event);
}

// Intake, close-out and logbook: what is written down, and the files it goes to.
void MainWindow::connectRecords() {
  files_ = new BookFiles(model_, book_, this);
  connect(files_, &BookFiles::said, this, &MainWindow::say);
  connect(files_, &BookFiles::opened, this, [this] { showView(kLine); });
  connect(&book_, &JobBook::said, this, &MainWindow::say);
  connect(&book_, &JobBook::othersChanged, strip_, &JobStrip::setOthers);
  connect(panel_, &NextPanel::codesWanted, this, [this] {
    intake_->showPage(IntakeView::kCounter);
    showView(kIntake);
  });
  connect(intake_, &IntakeView::sheetWanted, files_, &BookFiles::sheet);
  connect(closeOut_->report(), &ReportView::saveWanted, this, &MainWindow::saveReport);
  auto* proof = closeOut_->proof();
  connect(proof, &ProofPage::said, this, &MainWindow::say);
  connect(proof, &ProofPage::captureWanted, this, [this, proof](const QString& circuit) {
    proof->takeCapture(captures_->choose(circuit));
  });
  connect(proof, &ProofPage::overlayWanted, this, [this] {
    trace_->showTurns();
    showView(kTrace);
  });
  connect(practice_, &PracticeView::said, this, &MainWindow::say);
  connect(logbook_->jobs(), &JobsPage::said, this, &MainWindow::say);
  connect(logbook_->goods(), &GoodsPage::said, this, &MainWindow::say);
  connect(logbook_->shop(), &ShopPage::said, this, &MainWindow::say);
  connect(logbook_->shared(), &SharedPage::said, this, &MainWindow::say);
  connect(logbook_->figures(), &FiguresPage::said, this, &MainWindow::say);
  connect(logbook_->jobs(), &JobsPage::opened, this, [this] { showView(kLine); });
  connect(logbook_->jobs(), &JobsPage::fileWanted, files_, &BookFiles::ask);
  if (const auto status = book_.open(); !status) {
    say(tr("Jobs are not kept in the logbook: %1")
            .arg(QString::fromStdString(status.error().sentence())),
        true);
  } else if (!book_.saved().isEmpty()) {
    say(book_.saved(), true);
  }
}

MainWindow::~MainWindow() {
  book_.settle();
  // What they still have to say finds nobody.
  for (QObject* speaker : std::initializer_list<QObject*>{&model_, &book_, &hub_}) {
    disconnect(speaker, nullptr, this, nullptr);
  }
  if (QWidget* focus = focusWidget()) {
    focus->clearFocus();
  }
  delete centralWidget();
}

void MainWindow::goToClosing(diagnosis::ClosingKind step) {
  using Kind = diagnosis::ClosingKind;
  if (step == Kind::find) {
    showView(kLine);
    return;
  }
  closeOut_->showPage(step == Kind::prove    ? CloseView::kProof
                      : step == Kind::report ? CloseView::kReport
                                             : CloseView::kRepair);
}

void MainWindow::showView(View view) {
  stack_->setCurrentIndex(view);
  rail_->setCurrent(view);
  side_->setCurrentIndex(view == kTrace ? kDial : view == kClose ? kClosing : kNextMove);
  makeRoom();
  strip_->setVisible(view != kPractice);
  if (view == kLine) {
    line_->board()->setFocus();
  } else if (view == kTrace) {
    trace_->lanes()->setFocus();
  } else if (view == kSwap) {
    swap_->setFocus();
  } else if (view == kBook) {
    logbook_->jobs()->focusSearch();
  } else if (view == kPractice) {
    practice_->focusPage();
  }
}

// Nothing of the real job stands beside a made-up vehicle, and the next move of one job is no
// matter of all of them. Where the window is narrow the next move stands beside the line only.
void MainWindow::makeRoom() {
  const View now = view();
  const bool wide = width() >= kWideEnough;
  strip_->setCompact(height() < kLowWindow);
  const bool tight = now == kTrace || (now == kLine && !model_.selection().editing);
  side_->setVisible(tight || (wide && now != kPractice && now != kBook));
}

void MainWindow::resizeEvent(QResizeEvent* event) {
  QMainWindow::resizeEvent(event);
  makeRoom();
}

MainWindow::View MainWindow::view() const {
  return static_cast<View>(stack_->currentIndex());
}

void MainWindow::say(const QString& sentence, bool bad) {
  if (bad) {
    // What names the customer's job is not the log's.
    QString plain = sentence;
    for (const auto& own : {model_.job().title, model_.job().vehicle}) {
      plain.replace(own.empty() ? QStringLiteral("\n") : QString::fromStdString(own),
                    QStringLiteral("<job>"));
    }
    logLine(plain);
  }
  notice_->setText(sentence);
  notice_->setProperty("bad", bad);
  notice_->style()->unpolish(notice_);
  notice_->style()->polish(notice_);
  notice_->setVisible(!sentence.isEmpty());
  // Only the latest sentence is timed; a problem stays until the next one or a click on the strip.
  if (!bad) {
    QTimer::singleShot(kNoticeMs, notice_, [this, sentence] {
      if (notice_->text() == sentence) {
        notice_->hide();
      }
    });
  }
}

void MainWindow::retitle() {
  const QString title = QString::fromStdString(model_.job().title);
  setWindowTitle(tr("%1 - Hay Bale").arg(title.isEmpty() ? tr("Job") : title));
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
  if (!droppedFile(event->mimeData()).isEmpty()) {
    event->acceptProposedAction();
  }
}

void MainWindow::dropEvent(QDropEvent* event) {
  event->acceptProposedAction();
  addCapture(model_.selection().circuit, droppedFile(event->mimeData()));
}

}  // namespace haybale::app
