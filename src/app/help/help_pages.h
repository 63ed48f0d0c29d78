// The pages of the help, task by task; they ship inside the program.
#pragma once

#include <QString>
#include <vector>

namespace haybale::app {

struct HelpPage {
  QString id;     ///< "next-move"
  QString title;  ///< its first heading
  QString text;   ///< Markdown
};

/// All of them, in the order in which somebody new would read them.
[[nodiscard]] const std::vector<HelpPage>& helpPages();

/// Those that have every word of `words`, in any case and order; all where `words` is blank. Pages
/// with a word in their title come first.
[[nodiscard]] std::vector<const HelpPage*> findHelp(const QString& words);

}  // namespace haybale::app
