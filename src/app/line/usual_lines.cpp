#include "app/line/usual_lines.h"

#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/scene_widget.h"
#include "app/style/words.h"
#include "core/job/line_edit.h"
#include "picture/line_board.h"
#include "render/scene_painter.h"

namespace haybale::app {

UsualLines::UsualLines(JobModel& model, QWidget* parent) : QDialog(parent), model_(model) {
  setObjectName(QStringLiteral("usualLines"));
  setWindowTitle(tr("Usual lines"));
  resize(860, 620);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 14, 16, 14);
  column->addWidget(textLabel(
      this, nullptr,
      tr("Which comes nearest? The same line is taken for the wheels of that axle. Plugs, joints "
         "and lengths can be changed afterwards.")));
  auto* list = new QWidget(this);
  auto* rows = new QVBoxLayout(list);
  rows->setContentsMargins(0, 0, 0, 0);
  rows->setSpacing(10);
  const auto* circuit = model.selectedCircuit();
  for (std::size_t i = 0; circuit && i < job::typicalLines().size(); ++i) {
    auto* choose = new QPushButton(q(haybale::say(job::typicalLines()[i].name.c_str())), list);
    choose->setObjectName(QStringLiteral("usualLines.%1").arg(i));
    choose->setMinimumHeight(38);
    connect(choose, &QPushButton::clicked, this, [this, i] { take(i); });
    rows->addWidget(choose);
    auto* picture = new SceneWidget(list);
    picture->setAccessibleName(tr("Picture of the line: %1").arg(choose->text()));
    picture->setMinimumHeight(static_cast<int>(picture::kLineAloneH));
    circuit::Circuit line = *circuit;
    line.path = job::typicalLines()[i].path;
    picture->setMaker([line](double width, double) {
      return picture::lineAlone(line, width, render::measure());
    });
    rows->addWidget(picture);
  }
  rows->addStretch();
  auto* scroll = new QScrollArea(this);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setWidgetResizable(true);
  scroll->setWidget(list);
  column->addWidget(scroll, 1);
  auto* cancel = new QPushButton(tr("Leave it as it is"), this);
  cancel->setObjectName(QStringLiteral("usualLines.cancel"));
  connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
  column->addWidget(cancel, 0, Qt::AlignRight);
}

void UsualLines::take(std::size_t line) {
  const std::string circuit = model_.selection().circuit.toStdString();
  model_.attempt(tr("start from a usual line"),
                 [&](job::Case& c) { return job::startFromUsual(c, circuit, line); });
  accept();
}

void chooseUsual(JobModel& model, QWidget* parent) {
  auto* dialog = new UsualLines(model, parent);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->open();
}

}  // namespace haybale::app
