#include "app/practice/fault_words.h"

#include <QObject>

namespace haybale::app {

const std::vector<std::pair<QString, std::string>>& faultsInWords() {
  static const std::vector<std::pair<QString, std::string>> words{
      {QObject::tr("broken, parted"), "open"},
      {QObject::tr("bad contact, resistance"), "resistive"},
      {QObject::tr("comes and goes: parts"), "intermittent-open"},
      {QObject::tr("comes and goes: touches"), "intermittent-short"},
      {QObject::tr("both wires touch"), "wires-touching"},
      {QObject::tr("touches ground"), "short-to-ground"},
      {QObject::tr("touches a supply"), "short-to-supply"},
      {QObject::tr("leaks, wet or salty"), "leak"},
      {QObject::tr("coil or sensor open"), "sensor-open"},
      {QObject::tr("coil or sensor shorted"), "sensor-shorted"},
      {QObject::tr("sensor dead"), "sensor-dead"},
      {QObject::tr("sensor weak"), "sensor-weak"},
      {QObject::tr("wrong sensor fitted"), "wrong-sensor"},
      {QObject::tr("metal or dirt on the tip"), "debris"},
      {QObject::tr("gap too wide"), "wide-gap"},
      {QObject::tr("tooth missing or damaged"), "ring-tooth"},
      {QObject::tr("ring cracked"), "ring-cracked"},
      {QObject::tr("ring out of round"), "ring-runout"},
      {QObject::tr("ring with another count"), "ring-wrong-count"},
      {QObject::tr("encoder the wrong way round"), "encoder-reversed"},
      {QObject::tr("wires crossed"), "reversed"},
      {QObject::tr("circuits exchanged"), "circuits-exchanged"},
      {QObject::tr("input switched off, wants clearing"), "latched-off"},
      {QObject::tr("no supply from the module"), "no-supply"},
      {QObject::tr("input of the module dead"), "input-dead"},
      {QObject::tr("module's own power or ground"), "module-power"},
      {QObject::tr("tyre of another size"), "wrong-tyre"},
      {QObject::tr("nothing is wrong"), "none"},
  };
  return words;
}

QString faultInWords(const std::string& name) {
  for (const auto& [words, known] : faultsInWords()) {
    if (known == name) {
      return words;
    }
  }
  return QString::fromStdString(name);
}

}  // namespace haybale::app
