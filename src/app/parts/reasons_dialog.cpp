#include "app/parts/reasons_dialog.h"

#include <fmt/format.h>

#include <QLabel>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "picture/watch_strip.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

constexpr int kWidth = 700;
constexpr std::size_t kMostReasons = 5;

// "L2 62 %, C2 21 %".
QString leaders(const diagnosis::Conclusion& conclusion) {
  auto shares = conclusion.elementShares;
  std::stable_sort(shares.begin(), shares.end(),
                   [](const auto& a, const auto& b) { return a.second > b.second; });
  QStringList out;
  for (const auto& [id, share] : shares) {
    if (out.size() < 4 && share > 0.02) {
      out << q(fmt::format("{} {:.0f} %", id, 100 * share));
    }
  }
  return out.isEmpty() ? QObject::tr("nothing wrong") : out.join(QStringLiteral(", "));
}

}  // namespace

ReasonsDialog::ReasonsDialog(JobModel& model, circuit::Test test, QWidget* parent)
    : QDialog(parent), model_(model), test_(std::move(test)) {
  setObjectName(QStringLiteral("reasons"));
  setWindowTitle(tr("Why"));
  // A low screen scrolls it.
  auto* sheet = new QWidget(this);
  auto* column = new QVBoxLayout(sheet);
  column->setContentsMargins(22, 16, 22, 16);
  column->setSpacing(7);
  const auto& conclusion = model_.assessment().conclusion;
  column->addWidget(textLabel(this, "head", q(conclusion.headline)));
  for (std::size_t i = 0; i < std::min(kMostReasons, conclusion.reasons.size()); ++i) {
    column->addWidget(textLabel(this, nullptr, q(conclusion.reasons[i])));
  }
  timeline_ = new SceneWidget(this);
  timeline_->setObjectName(QStringLiteral("reasons.timeline"));
  if (!conclusion.timeline.empty()) {
    column->addWidget(textLabel(this, "sub", tr("How suspicion moved, reading by reading")));
    column->addWidget(timeline_);
    column->addSpacing(8);
    drawTimeline();
  }
  column->addWidget(textLabel(this, "sub", tr("What if")));
  auto* row = new QHBoxLayout;
  supposed_ = new QLineEdit(this);
  supposed_->setObjectName(QStringLiteral("reasons.suppose"));
  supposed_->setPlaceholderText(tr("a reading that might come, such as 1.1k or OL"));
  supposed_->setMinimumWidth(
      supposed_->fontMetrics().horizontalAdvance(supposed_->placeholderText()) + 30);
  outcome_ = textLabel(this, "faint", tr("Suppose a reading of the next move; nothing is kept."));
  outcome_->setObjectName(QStringLiteral("reasons.outcome"));
  row->addWidget(supposed_);
  row->addWidget(outcome_, 1);
  column->addLayout(row);
  auto* optionsHead = textLabel(this, "sub", tr("What may be done now"));
  optionsHead->setObjectName(QStringLiteral("reasons.options"));
  column->addWidget(optionsHead);
  for (const auto& option : model_.assessment().options) {
    column->addWidget(textLabel(this, nullptr, q(option.text)));
  }
  auto* close = new QPushButton(tr("Close"), this);
  close->setAutoDefault(false);
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  column->addWidget(close, 0, Qt::AlignRight);
  connect(supposed_, &QLineEdit::textChanged, this, &ReasonsDialog::suppose);
  auto* scroll = new QScrollArea(this);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidgetResizable(true);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scroll->setWidget(sheet);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(scroll);
  constexpr int kBesides = 64;  // margins and a scroll bar
  constexpr int kTitleBar = 40;
  const int needed = sheet->layout()->hasHeightForWidth()
                         ? sheet->layout()->totalHeightForWidth(kWidth + 44)
                         : sheet->sizeHint().height();
  const int room = parent ? parent->window()->height() - kTitleBar : needed;
  resize(kWidth + kBesides, std::min(needed, room));
}

void ReasonsDialog::suppose() {
  const QString text = supposed_->text().trimmed();
  if (text.isEmpty()) {
    outcome_->setText(tr("Suppose a reading of the next move; nothing is kept."));
    return;
  }
  const auto status = model_.entries().suppose(
      text, test_,
      [self = QPointer<ReasonsDialog>(this), text](const diagnosis::Assessment& supposed) {
        if (self && self->supposed_->text().trimmed() == text) {
          self->outcome_->setText(tr("Then: %1").arg(leaders(supposed.conclusion)));
        }
      });
  if (!status) {
    outcome_->setText(q(status.error().sentence()));
  }
}

void ReasonsDialog::drawTimeline() {
  const auto& conclusion = model_.assessment().conclusion;
  picture::TimelineInput input;
  for (const auto& [id, share] : conclusion.elementShares) {
    input.names.push_back(sayName(id));
  }
  input.names.emplace_back(haybale::say("nothing wrong"));
  // The latest dozen; what came before is told by the first column.
  constexpr std::size_t kMost = 12;
  const std::size_t from = conclusion.timeline.size() - std::min(kMost, conclusion.timeline.size());
  for (std::size_t k = from; k < conclusion.timeline.size(); ++k) {
    const auto& step = conclusion.timeline[k];
    input.shares.push_back(step.shares);
    input.readings.push_back(step.evidence < model_.assessment().views.size()
                                 ? model_.assessment().views[step.evidence].shown
                                 : "");
  }
  timeline_->setFixedSize(kWidth, 170);
  timeline_->setMaker([input](double width, double height) mutable {
    input.width = width;
    input.height = height;
    return picture::suspicionTimeline(input, render::measure());
  });
}

}  // namespace haybale::app
