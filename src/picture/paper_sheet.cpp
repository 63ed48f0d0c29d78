#include "picture/paper_sheet.h"

#include "core/base/say.h"
#include "core/practice/truth_words.h"
#include "picture/line_board.h"

namespace haybale::picture {

namespace {

constexpr int kRowsToFill = 12;

std::string listed(const std::vector<std::string>& words) {
  std::string out;
  for (const auto& word : words) {
    out += (out.empty() ? "" : ", ") + sayName(word);
  }
  return out;
}

Figure lineOf(const practice::PaperExercise& paper, const Measure& measure) {
  constexpr double kFigureW = 760;
  const auto& suspect = *paper.about.shown.suspectCircuit();
  return {lineAlone(suspect, kFigureW, measure), sayf("The line of {}.", suspect.name)};
}

std::vector<Cell> cells(std::initializer_list<std::string> texts) {
  std::vector<Cell> out;
  for (const auto& text : texts) {
    out.push_back({text});
  }
  return out;
}

std::string minutesText(double minutes) {
  return sayf("{:.0f} min", minutes);
}

Table answersOf(const practice::PaperExercise& paper, const std::string& circuit) {
  Table table;
  table.head = {say("what is asked"), say("what the vehicle answers")};
  table.widths = {0.72, 0.28};
  for (const auto& a : paper.answers) {
    if (a.circuit == circuit) {
      table.rows.push_back(cells({a.what, a.shown}));
    }
  }
  return table;
}

}  // namespace

Report traineeSheet(const practice::PaperExercise& paper, const Measure& measure) {
  const auto& about = paper.about;
  const auto& known = about.shown;
  Report out;
  out.title = sayf("Exercise: {}", about.title);
  out.foot = out.title;
  out.blocks.push_back(Heading{1, out.title});
  out.blocks.push_back(
      Paragraph{say("A made-up vehicle. Ask the trainer for one thing at a time and write down "
                    "what you expect before you hear the answer."),
                false, true});
  out.blocks.push_back(Heading{2, say("What is complained of")});
  out.blocks.push_back(Paragraph{known.complaint.text, true});
  out.blocks.push_back(
      Paragraph{sayf("Circuit in question: {}. Tools: {}. Allowed: {}.",
                     known.suspectCircuit()->name, listed(known.toolbox), listed(known.allowed))});
  out.blocks.push_back(lineOf(paper, measure));
  out.blocks.push_back(Heading{2, say("What you do")});
  Table table;
  table.head = {say("what I measure or look at, and how the car stands"), say("I expect"),
                say("I read"), say("so it is not, or may be")};
  table.widths = {0.37, 0.17, 0.17, 0.29};
  for (int row = 1; row <= kRowsToFill; ++row) {
    table.rows.push_back(cells({std::to_string(row) + ".", "", "", ""}));
  }
  out.blocks.push_back(std::move(table));
  out.blocks.push_back(Heading{2, say("What it is")});
  out.blocks.push_back(Paragraph{
      say("Part and wire: ____________________   fault: ____________________   sure: ______ %")});
  out.blocks.push_back(
      Paragraph{say("What I would do, and how I would prove that it is mended: "
                    "________________________________________")});
  return out;
}

Report trainerSheet(const practice::PaperExercise& paper) {
  const auto& about = paper.about;
  const auto& suspect = about.shown.suspectCircuit()->name;
  Report out;
  out.title = sayf("For the trainer: {}", about.title);
  out.foot = out.title;
  out.blocks.push_back(Heading{1, out.title});
  out.blocks.push_back(Paragraph{about.shown.complaint.text});
  out.blocks.push_back(Heading{2, say("What is wrong")});
  out.blocks.push_back(Paragraph{practice::truthInWords(about), true});
  if (!about.lesson.empty() || !about.debrief.empty()) {
    out.blocks.push_back(
        Paragraph{about.lesson + (about.lesson.empty() ? "" : ". ") + about.debrief});
  }
  out.blocks.push_back(
      Heading{2, sayf("The shortest sensible way: {}", minutesText(paper.way.minutes))});
  Table way;
  way.head = {say("step"), say("it gives"), say("takes")};
  way.widths = {0.62, 0.26, 0.12};
  int number = 0;
  for (const auto& step : paper.way.steps) {
    way.rows.push_back(cells(
        {std::to_string(++number) + ". " + step.what, step.shown, minutesText(step.minutes)}));
  }
  out.blocks.push_back(std::move(way));
  out.blocks.push_back(Heading{2, sayf("What {} answers", suspect)});
  out.blocks.push_back(
      Paragraph{say("What is not in the list cannot be measured there on this vehicle, or tells "
                    "nothing."),
                false, true});
  out.blocks.push_back(answersOf(paper, suspect));
  for (const auto& circuit : about.shown.circuits) {
    if (circuit.name != suspect) {
      if (auto table = answersOf(paper, circuit.name); !table.rows.empty()) {
        out.blocks.push_back(Heading{2, sayf("What {} answers", circuit.name)});
        out.blocks.push_back(std::move(table));
      }
    }
  }
  return out;
}

}  // namespace haybale::picture
