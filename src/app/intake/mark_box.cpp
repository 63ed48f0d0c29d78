#include "app/intake/mark_box.h"

#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

QCheckBox* markBox(JobModel& model, const std::string& word, const ListOf& list,
                   const QString& what, const QString& name, QWidget* parent) {
  auto* box = new QCheckBox(q(sayName(word)), parent);
  box->setObjectName(name);
  const auto show = [box, &model, word, list] {
    job::Case copy = model.job();
    const auto& words = list(copy);
    const QSignalBlocker quiet(box);
    box->setChecked(std::find(words.begin(), words.end(), word) != words.end());
  };
  QObject::connect(box, &QCheckBox::toggled, box, [&model, word, list, what](bool on) {
    model.change(what, [&](job::Case& c) {
      auto& words = list(c);
      std::erase(words, word);
      if (on) {
        words.push_back(word);
      }
    });
  });
  QObject::connect(&model, &JobModel::changed, box, show);
  show();
  return box;
}

}  // namespace haybale::app
