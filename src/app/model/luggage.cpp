#include "app/model/luggage.h"

#include <QFileInfo>

#include "app/parts/errands.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "core/evidence/waveforms.h"
#include "store/attached.h"

namespace haybale::app {

namespace {

QStringList namedIn(const job::Case& c) {
  QStringList out;
  for (const auto* list : {&c.evidence, &c.proof}) {
    for (const auto& e : *list) {
      out << (e.reading.file.empty() ? QStringList{} : QStringList{q(e.reading.file)});
      for (const auto& file : e.attachments) {
        out << q(file);
      }
    }
  }
  out.removeDuplicates();
  return out;
}

QString placeOf(const QString& name, const QString& folder) {
  return q(diagnosis::capturePath(name.toStdString(), folder.toStdString()));
}

}  // namespace

Luggage::Luggage(JobModel& model, JobBook& book, QObject* parent)
    : QObject(parent), model_(model), book_(book) {}

Luggage::~Luggage() {
  stop();
}

void Luggage::stop() {
  if (progress_) {
    progress_->cancel();
  }
}

QStringList Luggage::files() const {
  QStringList out;
  for (const auto& name : namedIn(model_.job())) {
    if (QFileInfo(placeOf(name, model_.folder())).isFile()) {
      out << name;
    }
  }
  return out;
}

int Luggage::missing() const {
  return static_cast<int>(namedIn(model_.job()).size() - files().size());
}

void Luggage::carry(const Work& work, const std::function<void()>& then) {
  const auto door = book_.carrier().door();
  if (!door || progress_) {
    return;
  }
  progress_ = std::make_shared<Progress>();
  emit busyChanged();
  sendOut([door, work, then, progress = progress_, self = QPointer<Luggage>(this)] {
    auto shop = door();
    const Status done = shop ? work(**shop, *progress) : Status(shop.error());
    backHome(self, [self, done, then] {
      self->progress_.reset();
      if (done) {
        then();
      } else {
        emit self->said(q(done.error().sentence()), true);
      }
      emit self->busyChanged();
    });
  });
}

void Luggage::bringAlong() {
  book_.settle();
  const QStringList names = files();
  const QString folder = model_.folder();
  carry(
      [names, folder, job = model_.jobId()](store::Logbook& shop, Progress& progress) -> Status {
        qint64 bytes = 0;
        for (const auto& name : names) {
          bytes += QFileInfo(placeOf(name, folder)).size();
        }
        progress.begin(static_cast<std::size_t>(bytes));
        for (const auto& name : names) {
          if (auto sent =
                  store::attachFile(shop.database(), job, name, placeOf(name, folder), progress);
              !sent) {
            return sent;
          }
        }
        return Done{};
      },
      [this, names] {
        emit said(tr("%1 files of this job are in the shop's logbook.").arg(names.size()), false);
      });
}

void Luggage::fetch() {
  const QString job = model_.jobId();
  const QString folder = JobBook::luggageFolder(job);
  auto count = std::make_shared<int>(0);
  carry(
      [folder, job, count](store::Logbook& shop, Progress& progress) -> Status {
        const auto all = store::attachedTo(shop.database(), job);
        if (!all) {
          return all.error();
        }
        qint64 bytes = 0;
        for (const auto& one : *all) {
          bytes += one.bytes;
        }
        progress.begin(static_cast<std::size_t>(bytes));
        for (const auto& one : *all) {
          // Beside each other under their own names, where a capture is looked for last.
          const QString to = folder + QLatin1Char('/') + QFileInfo(one.name).fileName();
          if (auto got = store::fetchAttached(shop.database(), one, to, progress); !got) {
            return got;
          }
        }
        *count = static_cast<int>(all->size());
        return Done{};
      },
      [this, job, count] {
        emit said(*count == 0 ? tr("Nobody brought a file of this job along yet.")
                              : tr("%1 files were fetched.").arg(*count),
                  false);
        if (*count > 0 && model_.jobId() == job) {
          book_.settle();
          if (const auto shown = book_.show(job); !shown) {
            emit said(q(shown.error().sentence()), true);
          }
        }
      });
}

}  // namespace haybale::app
