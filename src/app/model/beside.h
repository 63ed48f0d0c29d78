// A thread beside the window's for work of one kind, done in order.
#pragma once

#include <QObject>
#include <QPointer>
#include <QString>
#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <thread>

namespace haybale::app {

/// All functions are for the window's thread.
class Beside : public QObject {
  Q_OBJECT

 public:
  enum class Manner {
    prompt,        ///< as urgent as the window
    givesWayToAll  ///< the window comes first where cores are few; so do threads it begins
  };
  explicit Beside(Manner manner = Manner::prompt, QObject* parent = nullptr);
  /// Ends what is being done and drops what waits; see `finish`.
  ~Beside() override;

  /// Does `work` on the thread, then `then` on the window's. Work that waits under the same name is
  /// dropped: the newest wins.
  void put(const QString& name, std::function<void()> work, std::function<void()> then);
  /// Nothing waits, is being done, or has its `then` still to come.
  [[nodiscard]] bool idle() const { return open_ == 0; }
  /// Waits until that is so.
  void settle();
  /// Waits until all work is done; no `then` is run any more.
  void finish();

 private:
  struct Job {
    QString name;
    std::function<void()> work;
    std::function<void()> then;
  };
  void run(Manner manner, const QPointer<Beside>& self);
  void deliver();

  int open_ = 0;  // put and not delivered
  bool closed_ = false;
  std::mutex mutex_;
  std::condition_variable news_;
  std::deque<Job> waiting_;
  std::deque<Job> done_;
  bool working_ = false;
  bool over_ = false;
  std::thread thread_;  // last: it uses all the others
};

}  // namespace haybale::app
