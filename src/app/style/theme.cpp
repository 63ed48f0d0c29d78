#include "app/style/theme.h"

#include <QApplication>
#include <QFile>
#include <QPalette>
#include <QWidget>
#include <algorithm>

#include "render/scene_painter.h"

namespace haybale::app {

using picture::Role;
using picture::Theme;

namespace {

// Of the desktop, before our own colours hide it.
Theme desktopTheme() {
  static const Theme theme = QGuiApplication::palette().color(QPalette::Window).lightness() < 128
                                 ? Theme::night
                                 : Theme::day;
  return theme;
}

// Names of roles in the sheet below, as @ink.
struct Name {
  const char* name;
  Role role;
};
constexpr Name kNames[] = {{"@strawLine", Role::strawLine},
                           {"@straw", Role::straw},
                           {"@ground", Role::ground},
                           {"@panel", Role::panel},
                           {"@ink", Role::ink},
                           {"@faint", Role::faint},
                           {"@rule", Role::rule},
                           {"@alarmTint", Role::alarmTint},
                           {"@alarm", Role::alarm},
                           {"@doubtTint", Role::doubtTint},
                           {"@good", Role::good},
                           {"@railInk", Role::railInk},
                           {"@rail", Role::rail}};

const char* const kSheet = R"(
* { font-family: 'Atkinson Hyperlegible'; font-size: 14px; color: @ink; }
QMainWindow, QWidget#page, QScrollArea, QScrollArea > QWidget > QWidget { background: @ground; }
QWidget#strip, QWidget#side { background: @panel; }
QWidget#strip { border-bottom: 1px solid @rule; }
QWidget#side { border-left: 1px solid @rule; }
QWidget#rail { background: @rail; }
QLineEdit, QPlainTextEdit, QSpinBox, QComboBox, QDoubleSpinBox { background: @panel; border: 2px solid @ink; border-radius: 6px; padding: 4px 8px;
  min-height: 26px; selection-background-color: @straw; selection-color: #1f2a30; }
QLineEdit:focus, QPlainTextEdit:focus, QSpinBox:focus, QComboBox:focus { border: 2px solid @strawLine; }
QLineEdit[tight="true"] { padding: 2px 5px; min-height: 24px; } QComboBox[tight="true"] { padding: 2px 5px; min-height: 24px; }
QLineEdit[bad="true"] { border: 2px solid @alarm; }
QComboBox::drop-down { border: none; width: 20px; } QComboBox::down-arrow { image: url(:/icons/down.xpm); }
QComboBox QAbstractItemView { background: @panel; selection-background-color: @straw; selection-color: #1f2a30; }
QPushButton { background: @panel; border: 1.5px solid @ink; border-radius: 6px; padding: 4px 12px; min-height: 28px; }
QPushButton[key="true"] { padding: 3px 9px; min-height: 26px; }
QPushButton:hover { background: @doubtTint; }
QPushButton:focus { border: 2px solid @strawLine; }
QPushButton:checked { background: @straw; color: #1f2a30; }
QPushButton:disabled { color: @faint; border-color: @rule; }
QPushButton[main="true"] { background: @ink; color: @panel; font-weight: bold; }
QPushButton[main="true"]:disabled { background: @rule; color: @faint; border-color: @rule; }
QPushButton[flat="true"] { border: 1px solid @rule; background: transparent; padding: 3px 8px; min-height: 24px; }
QPushButton[flat="true"]:hover { background: @doubtTint; }
QPushButton[flat="true"]:checked { background: @straw; color: #1f2a30; }
QPushButton[flat="true"]:focus { border: 2px solid @strawLine; }
QPushButton[flat="true"]:disabled { color: @faint; border-color: @rule; }
QPushButton[row="true"] { text-align: left; padding: 3px 8px; min-height: 24px; }
QLabel[faint="true"] { color: @faint; }
QLabel[bad="true"] { color: @alarm; font-weight: bold; }
QLabel[head="true"] { font-size: 19px; font-weight: bold; }
QLabel[sub="true"] { font-size: 15px; font-weight: bold; }
QLabel[caution="true"] { background: @doubtTint; border: 1px solid @strawLine; border-radius: 5px; padding: 6px 8px; }
QLabel[notice="true"] { background: @doubtTint; border: 1px solid @strawLine; padding: 8px 12px; }
QLabel[notice="true"][bad="true"] { background: @alarmTint; border: 1px solid @alarm; color: @ink; }
QFrame[line="true"] { background: @rule; max-height: 1px; border: none; }
QMenu { background: @panel; border: 1px solid @rule; }
QMenu::item { padding: 8px 22px; } QMenu::item:selected { background: @straw; color: #1f2a30; }
QMenu::item:disabled { color: @faint; }
QToolTip { background: @panel; color: @ink; border: 1px solid @rule; padding: 4px; }
QTableWidget { background: @panel; gridline-color: @rule; border: 1px solid @rule; alternate-background-color: @panel; }
QTableWidget::item:selected { background: @straw; color: #1f2a30; }
QTableCornerButton::section { background: @ground; border: none; border-bottom: 1px solid @rule; }
QHeaderView::section { background: @ground; color: @faint; border: none; border-bottom: 1px solid @rule; padding: 5px; }
QCheckBox { spacing: 7px; min-height: 26px; } QCheckBox::indicator { width: 18px; height: 18px; border: 2px solid @ink; border-radius: 4px; background: @panel; }
QRadioButton::indicator { width: 18px; height: 18px; border: 2px solid @ink; border-radius: 11px; background: @panel; }
QRadioButton::indicator:checked { background: @straw; }
QCheckBox::indicator:checked { background: @straw; image: none; }
QScrollBar:vertical { background: @ground; width: 12px; } QScrollBar::handle:vertical { background: @rule; border-radius: 5px; min-height: 40px; }
QScrollBar:horizontal { background: @ground; height: 12px; } QScrollBar::handle:horizontal { background: @rule; border-radius: 5px; min-width: 40px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QDialog, QMessageBox { background: @panel; }
QTabWidget::pane { border: 1px solid @rule; }
QTabBar::tab { background: @ground; color: @ink; border: 1px solid @rule; padding: 8px 16px; }
QTabBar::tab:selected { background: @straw; color: #1f2a30; } QTabBar::tab:focus { border: 2px solid @strawLine; }
)";

}  // namespace

ThemeHub& ThemeHub::instance() {
  static ThemeHub hub;
  return hub;
}

QString css(Role role) {
  return render::colour(role, ThemeHub::instance().theme()).name();
}

void ThemeHub::apply(Theme theme) {
  (void)desktopTheme();
  theme_ = theme;
  QPalette palette;
  palette.setColor(QPalette::Window, render::colour(Role::ground, theme));
  palette.setColor(QPalette::Base, render::colour(Role::panel, theme));
  palette.setColor(QPalette::WindowText, render::colour(Role::ink, theme));
  palette.setColor(QPalette::Text, render::colour(Role::ink, theme));
  palette.setColor(QPalette::ButtonText, render::colour(Role::ink, theme));
  palette.setColor(QPalette::PlaceholderText, render::colour(Role::faint, theme));
  palette.setColor(QPalette::Highlight, render::colour(Role::straw, theme));
  palette.setColor(QPalette::HighlightedText, QColor(0x1f, 0x2a, 0x30));
  QApplication::setPalette(palette);
  QString sheet = QString::fromLatin1(kSheet);
  for (const auto& entry : kNames) {
    sheet.replace(QLatin1String(entry.name) + QLatin1Char(';'), css(entry.role) + QLatin1Char(';'));
    sheet.replace(QLatin1String(entry.name) + QLatin1Char(' '), css(entry.role) + QLatin1Char(' '));
  }
  qApp->setStyleSheet(sheet);
  emit changed();
}

Theme ThemeHub::themeOf(ThemeChoice choice) {
  return choice == ThemeChoice::system  ? desktopTheme()
         : choice == ThemeChoice::night ? Theme::night
                                        : Theme::day;
}

StyledAtTheEnd::StyledAtTheEnd() {
  // The toolkit forgets what it has styled when the last sheet goes, and would later style widgets
  // that are no more; one sheet nobody sees stays. Never deleted: it outlives the application.
  static QWidget* const keeper = [] {
    auto* widget = new QWidget;
    widget->setStyleSheet(QStringLiteral("* {}"));
    return widget;
  }();
  const auto widgets = QApplication::allWidgets();
  const auto others = std::count_if(widgets.begin(), widgets.end(),
                                    [&](const QWidget* each) { return each != keeper; });
  if (others <= 1) {  // the window being built
    sheet_ = qApp->styleSheet();
    qApp->setStyleSheet({});
  }
}

StyledAtTheEnd::~StyledAtTheEnd() {
  if (!sheet_.isEmpty()) {
    qApp->setStyleSheet(sheet_);
  }
}

}  // namespace haybale::app
