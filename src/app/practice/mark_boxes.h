// Boxes to tick, one a name of a list: tools, circumstances, what is allowed.
#pragma once

#include <QCheckBox>
#include <QGridLayout>
#include <algorithm>
#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

/// Puts a box for each of `names` into `grid`, called `prefix` and the name.
template <std::size_t N>
std::vector<QCheckBox*> marks(QGridLayout* grid, const std::array<std::string_view, N>& names,
                              const char* prefix, int columns, QWidget* parent) {
  std::vector<QCheckBox*> out;
  for (std::size_t i = 0; i < N; ++i) {
    auto* box = new QCheckBox(q(sayName(names[i])), parent);
    box->setObjectName(QLatin1String(prefix) + q(std::string(names[i])));
    grid->addWidget(box, static_cast<int>(i) / columns, static_cast<int>(i) % columns);
    out.push_back(box);
  }
  return out;
}

/// The names whose boxes are ticked.
template <std::size_t N>
std::vector<std::string> marked(const std::vector<QCheckBox*>& boxes,
                                const std::array<std::string_view, N>& names) {
  std::vector<std::string> out;
  for (std::size_t i = 0; i < N; ++i) {
    if (boxes[i]->isChecked()) {
      out.emplace_back(names[i]);
    }
  }
  return out;
}

/// Ticks the boxes of the names in `list`, and no others.
template <std::size_t N>
void mark(const std::vector<QCheckBox*>& boxes, const std::array<std::string_view, N>& names,
          const std::vector<std::string>& list) {
  for (std::size_t i = 0; i < N; ++i) {
    boxes[i]->setChecked(std::find(list.begin(), list.end(), names[i]) != list.end());
  }
}

}  // namespace haybale::app
