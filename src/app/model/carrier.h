// Brings this bench's jobs over to the shop's logbook and the shop's here, on a thread of its own
// with connections of its own: the bench works on whether the network does or not. What was brought
// over is kept as positions in this bench's logbook, so it goes on where it stood after a kill or a
// power cut.
#pragma once

#include <QObject>
#include <QPointer>
#include <condition_variable>
#include <functional>
#include <mutex>
#include <thread>

#include "store/at_work.h"
#include "store/logbook.h"

namespace haybale::app {

class Carrier : public QObject {
  Q_OBJECT

 public:
  /// How it stands.
  struct Standing {
    QString sentence;                   ///< for people
    qint64 waiting = 0;                 ///< kept states not brought over yet
    bool away = false;                  ///< the shop does not answer
    QString job;                        ///< the job that was told as open here
    std::vector<store::AtWork> others;  ///< who else has it open
  };

  explicit Carrier(QObject* parent = nullptr);
  ~Carrier() override;

  /// Reads which shop was chosen, and begins. `local`: this bench's logbook file.
  void begin(const QString& local);
  /// The shop's address as the user wrote it, without a password; empty: none.
  [[nodiscard]] QString shop() const { return shop_; }
  /// Chooses another one, or none; remembered. The password, if there is one in it, is used and
  /// never written into a file; `keep`: into the desktop's keyring, from where it comes next time.
  Status use(const QString& url, bool keep = false);
  /// Opens the shop's logbook, on whatever thread it is called; empty: no shop was chosen.
  using Door = std::function<Result<std::unique_ptr<store::Logbook>>()>;
  [[nodiscard]] Door door() const;
  /// The job this window has open: the other benches see it.
  void setOpenJob(const QString& job);
  /// Something was kept: bring it over soon.
  void nudge();
  [[nodiscard]] const Standing& standing() const { return standing_; }
  /// Tries a connection; `tried` follows with what came of it.
  void tryOut(const QString& url);

 signals:
  void standingChanged();
  /// Jobs came from the shop.
  void brought(int states);
  void tried(const QString& sentence, bool good);

 private:
  /// An address typed as it is shown is the one in use, password and all.
  [[nodiscard]] store::StoreUrl asInUse(store::StoreUrl typed) const;
  void run(const QPointer<Carrier>& self);
  void halt();
  void tellWho(store::Logbook& there, Standing& now);
  Status remember() const;
  Standing bring(std::unique_ptr<store::Logbook>& here, std::unique_ptr<store::Logbook>& there,
                 const store::StoreUrl& url, int& got);

  QString local_;
  QString shop_;
  Standing standing_;
  std::optional<store::StoreUrl> url_;
  bool fromKeyring_ = false;
  QString seat_;     // this window, among those at one job
  QString openJob_;  // under the lock
  std::thread thread_;
  std::mutex mutex_;
  std::condition_variable news_;
  bool nudged_ = false;
  bool over_ = false;
};

}  // namespace haybale::app
