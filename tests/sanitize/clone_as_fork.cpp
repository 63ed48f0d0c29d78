// For the thread sanitizer's build alone. The toolkit starts processes with clone() and lets the
// child borrow the parent's memory until it becomes another program (CLONE_VM | CLONE_VFORK). The
// sanitizer's own clone() puts its locks back in the child as after a fork: in borrowed memory that
// is the parent's second unlocking, and it ends the program by a check of its own. Here the child
// gets a copy instead; all else stays as it was asked for.

#include <sched.h>
#include <sys/types.h>

#include <cstdarg>

extern "C" {
int __interceptor_clone(int (*run)(void*), void* stack, int flags, void* argument, ...);

int clone(int (*run)(void*), void* stack, int flags, void* argument, ...) noexcept {
  va_list rest;
  va_start(rest, argument);
  auto* parent = va_arg(rest, pid_t*);
  auto* storage = va_arg(rest, void*);
  auto* child = va_arg(rest, pid_t*);
  va_end(rest);
  return __interceptor_clone(run, stack, flags & ~(CLONE_VM | CLONE_VFORK), argument, parent,
                             storage, child);
}
}
