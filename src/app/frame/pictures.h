// Pictures of the window, for the documentation and for machines without a display.
#pragma once

#include <QSize>
#include <QString>

namespace haybale::app {

class MainWindow;

inline constexpr QSize kPictureSize{1280, 800};

/// Renders the window as it stands into a PNG of a size, in pixels before scaling. False when it
/// cannot be written.
bool savePicture(MainWindow& window, const QString& path, QSize size = kPictureSize);

/// Every main view by day and by night, from the job that is open, into `folder`. False when one
/// cannot be written.
bool saveAllPictures(MainWindow& window, const QString& folder);

}  // namespace haybale::app
