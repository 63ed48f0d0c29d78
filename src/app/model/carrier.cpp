#include "app/model/carrier.h"

#include <QDir>
#include <QPointer>

#include "app/model/autosave.h"
#include "app/parts/errands.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/uuid.h"
#include "store/keyring.h"
#include "store/logbook_sync.h"

namespace haybale::app {

namespace {

using namespace std::chrono_literals;
constexpr auto kPause = 10s;
constexpr int kAtOnce = 50;

// The address with a password: typed, or from the keyring. One that was typed is kept there.
// `trouble`: what the keyring said.
store::StoreUrl withPassword(store::StoreUrl url, bool keyring, QString* trouble = nullptr) {
  Status done = Done{};
  if (keyring && !url.password.isEmpty()) {
    done = store::rememberPassword(url);
  } else if (keyring) {
    auto found = store::passwordFor(url);
    done = found ? Status(Done{}) : Status(found.error());
    url.password = found ? *found : QString();
  }
  if (!done && trouble) {
    *trouble = q(done.error().sentence());
  }
  return url;
}

QString settingsFile() {
  return stateFolder() + QStringLiteral("/shop.json");
}

}  // namespace

Carrier::Carrier(QObject* parent) : QObject(parent), seat_(q(newUuid())) {
  standing_.sentence = tr("Jobs are kept on this bench only.");
}

Carrier::~Carrier() {
  halt();
}

void Carrier::begin(const QString& local) {
  local_ = local;
  const auto text = job::readFile(settingsFile().toStdString());
  const auto json = text ? parseJson(*text, "shop.json") : Result<Json>(Error{});
  if (json && json->is_object() && json->contains("url") && (*json)["url"].is_string()) {
    fromKeyring_ = json->value("keyring", Json(false)) == Json(true);
    (void)use(q((*json)["url"].get<std::string>()), fromKeyring_);
  }
}

Status Carrier::remember() const {
  QDir().mkpath(stateFolder());
  return job::writeFileAtomically(
      settingsFile().toStdString(),
      Json{{"url", shop_.toStdString()}, {"keyring", fromKeyring_}}.dump());
}

Carrier::Door Carrier::door() const {
  if (!url_) {
    return {};
  }
  return [url = *url_, keyring = fromKeyring_] {
    return store::Logbook::open(withPassword(url, keyring));
  };
}

void Carrier::setOpenJob(const QString& job) {
  {
    const std::lock_guard lock(mutex_);
    if (openJob_ == job) {
      return;
    }
    openJob_ = job;
  }
  standing_.others.clear();
  nudge();
}

void Carrier::halt() {
  {
    const std::lock_guard lock(mutex_);
    over_ = true;
  }
  news_.notify_all();
  if (thread_.joinable()) {
    thread_.join();
  }
  over_ = false;
}

store::StoreUrl Carrier::asInUse(store::StoreUrl typed) const {
  return url_ && typed.shown() == shop_ && typed.password.isEmpty() ? *url_ : std::move(typed);
}

Status Carrier::use(const QString& text, bool keep) {
  std::optional<store::StoreUrl> url;
  if (!text.trimmed().isEmpty()) {
    auto parsed = store::parseStoreUrl(text.trimmed());
    if (!parsed) {
      return parsed.error();
    }
    if (parsed->engine != store::Engine::postgres) {
      return Error{text.toStdString(), std::nullopt, say("is no shop's logbook"),
                   "postgresql://user@host:5432/database"};
    }
    url = asInUse(std::move(*parsed));
  }
  halt();
  url_ = url;
  shop_ = url ? url->shown() : QString();
  fromKeyring_ = url && keep;
  if (auto kept = remember(); !kept) {
    return kept;
  }
  standing_ = {};
  standing_.sentence =
      url ? tr("Looking for the shop's logbook ...") : tr("Jobs are kept on this bench only.");
  emit standingChanged();
  if (url_) {
    thread_ = std::thread([this, self = QPointer<Carrier>(this)] { run(self); });
  }
  return Done{};
}

void Carrier::nudge() {
  {
    const std::lock_guard lock(mutex_);
    nudged_ = true;
  }
  news_.notify_all();
}

// Who has the open job. A user who only reads tells nobody, and still sees the others.
void Carrier::tellWho(store::Logbook& there, Standing& now) {
  {
    const std::lock_guard lock(mutex_);
    now.job = openJob_;
  }
  (void)store::tellAtWork(there.database(), seat_, now.job);
  if (auto others = store::othersAtWork(there.database(), seat_, now.job);
      others && !now.job.isEmpty()) {
    now.others = std::move(*others);
  }
}

Carrier::Standing Carrier::bring(std::unique_ptr<store::Logbook>& here,
                                 std::unique_ptr<store::Logbook>& there, const store::StoreUrl& url,
                                 int& got) {
  Standing out;
  const auto fail = [&](const Error& error) {
    there.reset();
    out.away = true;
    out.waiting = here ? store::waiting(*here, url) : 0;
    out.sentence = tr("%1 Work goes on here; %2 kept states wait to be brought over.")
                       .arg(q(error.sentence()))
                       .arg(out.waiting);
    return out;
  };
  for (auto* book : {&here, &there}) {
    if (!*book) {
      auto opened = book == &here ? store::Logbook::open(local_) : store::Logbook::open(url);
      if (!opened) {
        return fail(opened.error());
      }
      *book = std::move(*opened);
    }
  }
  int notErased = 0;
  for (;;) {
    const auto done = store::syncNew(*here, *there, kAtOnce);
    if (!done) {
      return fail(done.error());
    }
    got += done->got + done->shared;
    notErased = done->notErased;
    {
      const std::lock_guard lock(mutex_);
      if (over_ || done->sent + done->got + done->shared == 0) {
        break;
      }
    }
  }
  out.waiting = store::waiting(*here, url);
  out.sentence = tr("All is brought over to %1.").arg(url.shown());
  if (notErased > 0) {
    out.sentence += QLatin1Char(' ') +
                    tr("This user may not erase what is personal there: a foreman has to, for %1 "
                       "jobs.")
                        .arg(notErased);
  }
  tellWho(*there, out);
  return out;
}

void Carrier::run(const QPointer<Carrier>& self) {
  QString trouble;
  const store::StoreUrl url = withPassword(*url_, fromKeyring_, &trouble);
  std::unique_ptr<store::Logbook> here;
  std::unique_ptr<store::Logbook> there;
  for (;;) {
    {
      const std::lock_guard lock(mutex_);
      nudged_ = false;
    }
    int got = 0;
    Standing now = bring(here, there, url, got);
    if (!trouble.isEmpty()) {
      now.sentence += QLatin1Char(' ') + trouble;
    }
    backHome(self, [this, now, got] {
      standing_ = now;
      emit standingChanged();
      if (got > 0) {
        emit brought(got);
      }
    });
    std::unique_lock lock(mutex_);
    news_.wait_for(lock, kPause, [this] { return over_ || nudged_; });
    if (over_) {
      if (there) {
        (void)store::tellAtWork(there->database(), seat_, {});
      }
      return;
    }
  }
}

void Carrier::tryOut(const QString& text) {
  auto url = store::parseStoreUrl(text.trimmed());
  if (!url) {
    emit tried(q(url.error().sentence()), false);
    return;
  }
  const bool asked = fromKeyring_ && url->shown() == shop_ && url->password.isEmpty();
  sendOut([url = asInUse(std::move(*url)), asked, self = QPointer<Carrier>(this)] {
    auto book = store::Logbook::open(withPassword(url, asked));
    const QString sentence = book ? tr("It answers; %1 jobs are in it.").arg((*book)->count())
                                  : q(book.error().sentence());
    const bool good = book.ok();
    backHome(self, [self, sentence, good] { emit self->tried(sentence, good); });
  });
}

}  // namespace haybale::app
