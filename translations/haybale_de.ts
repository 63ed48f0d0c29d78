<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>haybale</name>
  <message>
   <source>
%1 min. %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> By the gap alone: {:.2f} of a tooth pitch wider.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> File: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> If it stands: two faults. Mend {} first, then repeat the reading that showed it; the second one shows then.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> Left out: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> Lost below some {:.1f} km/h, the peer below {:.1f}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> Spin the wheel whose sensor is used: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> Tells much.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> Tells next to nothing.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> Tells something.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> The ring may not have passed twice: a single tooth of it is not judged.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> The wheel came to rest at {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> and </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> and that cured it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> and that did not cure it: it counts for less</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> and the sensor plug of the other wheel apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> apart: the sensor must be off the line.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> at the bend</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> at the bend by the wheel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> at {:.0f} °C</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> at {:.3g} km/h</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> erratic or implausible</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> follows</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> ground battery, or a leg with a fraction as L2@0.5</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> in </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> in the cabin</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> in the engine bay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> in the wheelhouse</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> no signal</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> per hertz</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> reads high</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> reads low</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> serves as the measure for </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> sets </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> sets no code</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> short to ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> short to supply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> stays at 0</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> to </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> to ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> to ground at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> under the body</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> · {:.0f} % of {} at equal speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> · {:.1f} to {:.1f} km/h</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> · {:.{}f} mWb</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1

%2

Level %3, circuit %4, %5 circuits.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 %2. Choose a kind to overrule it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 (no file yet)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 - Hay Bale</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 Work goes on here; %2 kept states wait to be brought over.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 against %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 code</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 columns between %2, decimal %3, data from line %4.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 dropouts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 has no capture yet: drop one on the wheel first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 holds no speed of %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 in the log: %2 km/h, %3 dropouts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is gone or another job's; this is the job as the logbook kept it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is no text file: there is nothing to choose in how it is read.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is simulated: what it reads is not written into a real job. Instruments, Practice yard has a copy for it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is taken as %2, as you say. Choose "unknown" and the readings decide.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 jobs are in %2; left out: %3</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 jobs in %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 jobs were taken in.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 legs kept; it reacts at %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 legs kept; none reacts more than by chance.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 limits taken from %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 of the readings cannot be read: %2. Kept as written, not counted.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 plugged in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 points.  %2 minutes; the shortest sensible way takes %3.  %4 spent, %5 of it in vain.  %6 wrong parts, %7 fitted on a guess, %8 holes, %9 hints.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 pulses in %2 s recorded</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 s ago</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 samples of %2 wheels saved in %3.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 shown of %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 shows %2 km/h</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 times the speed fed in: teeth or tyre set wrongly in the module.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 unplugged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 was damaged and is kept as %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 was read again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&amp;Edit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&amp;Help</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&amp;Job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&amp;View</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>+ Connector</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>+ Splice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>+ and -, up, down</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, &lt;b&gt;%1 dropouts&lt;/b&gt;, the last %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, &lt;b&gt;one dropout&lt;/b&gt;, %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, all plugged in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, and behind it </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, battery off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, black on </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, cut back to bright copper, splice sealed and with slack, then repeat the reading that failed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, data</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, driven</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, earlier</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, for comparison</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, jumper at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, live speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, look for green crust in both halves; both neighbours are contaminated: replace both sides, then repeat the reading that failed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, module half</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, no dropout</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, plugged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, sensor of {} on the harness of {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, some from the copy %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, steady at %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, steered lock to lock</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, the circuit in question</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, the good wheel: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, the two exchanged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, then codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, wetted with salt water</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, wheel half</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, wheel spun</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, wheel {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, wire </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, wire %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {:.0f} min to reach</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {:.1f} % once all have passed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {:.1f} teeth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {:.3g} m of {:.3g} mm²</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {:.4g} Hz fed in at {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {} at {:.0f} °C</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {} unplugged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, {} {:g} times</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>1 dropout</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>1. What do you do next?</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>2. What is it, and how sure are you?</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>21 W bulb</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>21W</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>95 % of good parts, 95 % sure</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: NOT SEALED.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: NOT as it should</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: as it should</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: click to see its line, drop a capture on it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: counts only</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: it leaks; water, or a chafed wire</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: measure on at the line, or decide on what is known</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: nothing left that would explain the readings</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: resistance in the line, or the wrong part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: say its kind at Intake where you know better.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: sealed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: shorted turns, or the wires touch</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: the pair is open or nearly so</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>: time</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>; most were {} ({:.0f})</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>; wire a {}, wire b {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A JSON file that says where in which frame each wheel's speed stands</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A bulb draws more than a module's pin may deliver: use an LED tester or a high-impedance meter, or unplug the module.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A capture of this wheel shows its ring here, tooth by tooth.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A case from a file...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A coil makes no voltage while the wheel stands: spin it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A coil that swings under a steel tool is alive; it may still be weak.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A file...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A ghost voltage between nothing and supply: an open with a leak, rather than a short; load it and it falls to nothing.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A hot coil reads higher, 0.39 % a kelvin: give its temperature.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A look costs little and misses what is under the rubber.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A made-up vehicle answers now. What it gives goes into this copy, which is kept nowhere; your job comes back when the yard is left.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A made-up vehicle with something hidden wrong, and instruments to find it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A missing supply may only be latched off: clear the codes and cycle the ignition before the module is blamed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A module costs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A multimeter does not read this kind of test.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A new wheel sensor was chosen by the old one.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A part renewed in vain counts for less. Trouble that began after a work sits where the work was: two wires changed over, a hub with another count of teeth, a bearing the wrong way round, a tyre of another size.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A pulse is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A repair lead costs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A ring or bearing costs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A sensor costs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A sine for a passive input, out of this machine's sound output through an isolating transformer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A sound line reads </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A sound line reads OL</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A to B: %1, %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ABS and ESC may be off during tests: drive accordingly, where it is lawful; a second person watches the instrument.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC output, spun</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC volts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC volts at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC volts depend on how fast it was spun: read the hertz too, then two wheels compare.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC volts with the wheel standing: there is no signal to read. Spin it, then again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC volts, % + counts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>AC volts, with the hertz</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>About Hay Bale</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>About Hay Bale, licences</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>About rest level</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Above a speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Above: what could still explain the readings. Below: each reading where it was taken.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Absent: {}: the ring or its encoder, not sensor or wiring.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Act on what stands below, then prove it: repeat the reading that failed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Active sensors mind their polarity: a to a, b to b.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add a circuit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add a code</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add a work done</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Address of the shop's logbook</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>After the first turn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Again: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All files (*)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All is brought over to %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All jobs are in %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All of it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All that moves are {:.0f} steps of {} of the instrument: choose a finer range or couple it by AC before anything is judged.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>An active sensor that is unplugged from its module gives no signal: plugged in, back-probed, then again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>An active sensor with the key off is not fed: the trace means nothing. Key on, then again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>An ammeter across a supply is a short: put it in line, across the two halves of an open connector.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>An answer of an instrument came after another job was opened: it is written nowhere.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>An hour costs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>An ohmmeter pushes next to no current: it sees a break, a short, a coil; a leak of salt water or one last strand it may not.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Angle from the first pulse: chalk the tyre there.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Another program wrote %1 meanwhile; what it wrote is kept in %2. Different is %3.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Another vehicle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Another window took this job over. Here it can only be read now.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Another window works on this job. Here it can be read; "Take over" goes on with it in this one.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Answer the next move</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Any word of a job: a plate, a code, a colour, a complaint, a reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>As a capture of the wheel in question</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>As a capture of this wheel, with its gaps, and stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ask</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Asked to read it as {}, but the record looks {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>At key-on, the car standing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>At walking pace</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>At {}: exchange the two wires back, by their colours at both ends.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Attach a file</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Attach a photo or file</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Back (F11)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Before a module is changed: fuses, protection relay, power and ground of the module under load.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Before and after, turn on turn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Begin with a line as vehicles have it, chosen by its picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Begin with level 1: one fault, one wheel, all tools.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bend and pinch {}, one place after the other, and steer lock to lock.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Better: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Between columns</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Black lead on {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Both eyes on the loom: listen.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Both leads touch the same joint: move one of them.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Both leads, Ω (0: zeroed)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Both wheels over the same time and at the same scale.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bracket it within </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Brake hydraulics, where it sits on the unit: the maker's procedure and bleeding.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>By sound card</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>C, S, Delete, &lt; &gt;</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cancel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Capture of %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Car standing, key off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Car standing, wheels still.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Chalk the tyre at the first pulse and look at tooth {} through the opening, {:.0f}° forward from the mark.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Change or repair the module, then set it up as the maker says.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Change the control unit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Changes that were not saved are back. Undo shows the file as it was saved.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Check battery, fuses, relay, power and ground of the module under load: several circuits hang on them.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Check the module's plug, power and ground before the module itself is blamed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Choose a made-up vehicle and press Enter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Choose the capture file</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Circuit %1.  %2 min, costs %3 so far.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clean rust from bore and seat so that it goes home; push it fully home before the bolt: a cocked flange cracks.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clean the ring and its window; look for rust under the ring that lifts it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clean the sensor's tip and seat</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clean the terminals of {} with a fine tool that does not spread them, and tighten spread ones; renew what stays loose.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear codes and read them again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear the codes and cycle the ignition: the module feeds its sensors again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear the codes and cycle the ignition: the supply comes back. Then find what made the module switch off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear the codes once more, do the same again, and read what comes back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear the codes, cycle the ignition and read the supply again before a module is blamed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear the codes, spin the wheel, read them again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear the stored faults and start again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clear, cycle the key, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clearing wipes the codes stored now: write them down first, with status, counts and freeze values.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clearing wipes the stored codes: write them down in Intake first, or tick there that none were stored.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Click a place on the line.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Close</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Close the job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Close-out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Closed on %1: %2 %3.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Coach</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Codes in the module, before anything is cleared</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Codes, basics, prices</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Colours</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Common practice; the maker's procedure, local rules and a licensed technician's judgement come first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Compare size and pressure of the tyres with the other axle and with what is on the door.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Connect</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Connectors, splices, lengths, zones (Ctrl+E)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Contradictory for one fault: {} and {} together explain it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Contradictory: no single fault explains every reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Copy the readings as text</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Copy the verdict as text</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Correct</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Count again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Count the teeth of the new ring against the old one.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Creep to a stop, watching the live speeds for a dropout</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut the wire back an inch (25 mm) at a time until the copper is bright, then several inches more: water creeps along the strands, uphill as well as down.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>DC volts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>DC volts, % + counts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>DC volts, 20 V range</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Day / night</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Decided: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Decimal mark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Deliberate short at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Deliberate short at the plug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Deliberate short: only on an input whose maker allows it to be shorted, and off again at once.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Demo job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Disconnect</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Do it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Do the work</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Done already</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Draw 7 and 14 mA in turn, {:.4g} times a second, from wire a through the load box.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drive above 25 km/h, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drive at walking pace in a straight line, and stop gently.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drive in a straight line at about {:.0f} km/h.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drive it and read the codes again: what comes back made the module switch off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drive it warm, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop a capture of the wheel in question.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop a capture on a wheel. Mouse wheel zooms, drag pans, Home shows all; A and B set cursors where the pointer is, Esc takes them off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop a scope capture of {} here (CSV, WAV, VCD), or press O to choose a file.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dropouts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Edit the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Encoder in the bearing seal: the right way round, away from magnets; a bad one means a new bearing.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Enter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Every reading in one list (Ctrl+R)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everything at %1 %: the window opens anew.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everything larger</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everything smaller</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everywhere</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fault</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fed in at</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Feed a signal in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find a job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find the fault</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find what it rubbed on, clear it, and clip the loom away from it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find what made it switch off: read the codes after the first turn.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find where the two circuits are exchanged, at a plug or a joint, and put them back: nothing is bought.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>First line of data</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>First things first</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fit a new one</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fit a new sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Flex {} while the reading is watched</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>From a log</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>From a quarter of the speed to twice it in 20 s</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>From behind the plug, with a thin probe: do not spread or bridge the module's pins. Airbag and orange high-voltage circuits are out of bounds.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>From now on this job is judged by the good parts; undo takes it back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fuse, power or ground of the module is bad: mend that first, then read again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Give slack where it flexes, hold it on both sides of the joint, and steer from lock to lock: nothing may pull.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Gives {:.0f} % less: {}: bent, chipped or dirty.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Go on with this job here; the other window can then only read it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Go to the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Go to the proof</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Go to the repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Go to the report</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Good sensor on the suspect line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hay Bale %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Height</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Help</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Help for this view</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Highest ohms range, Ω</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hold the loom on both sides of the joint; no strain on it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Holes that were pierced: each sealed, or it is the next green crust</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Home</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Home, End</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How %1 is read</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How it is read</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How sure, in per cent</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How suspicion moved, reading by reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How the file is read</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How this went could not be kept: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How we know</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hub bolts and axle nut: the maker's torque, new where the maker says so.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>If a lamp comes on again, note what you were doing: braking, steering, rain, speed. It shortens the search.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>If both circuits set codes, exchange the two leads once before you conclude: polarity or a bad hook-up.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ignition key</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In doubt: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In fewer than one of 100 such repairs something is still wrong after that.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In series</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In the plan because %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In the wet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In this view</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In {:.0f} of 100 such repairs something is still wrong after that.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Input on volts, Ω</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Instruments</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Intake</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Intake does not list the tools or the leave for this one.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Isolated: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It answers; %1 jobs are in it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It can be closed, but it is not proved: the report will say so, and it does not count in the odds of the next job.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It could not be read yet: it %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It follows: module and line up to here are good.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It is %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It was looked for what had made the control unit switch the sensor off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Jobs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Jobs are kept on this bench only.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Jobs are not kept in the logbook: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Jobs, preferences, help (Alt)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Join wires a and b of its module half.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Join wires a and b with a jumper at {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep as good</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep it turning for two turns at least. Look at height, evenness and levels; keep the record.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep jobs on this bench only</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep the reading, but do not count it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep these seconds</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep what came of it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept as good, for the same</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept as good.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept states</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept states, newest first</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept states...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept: %1 shows %2 km/h with %3 Hz fed in.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept: %1. Suspicion has moved.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key off and wait before the module's plug comes off; do not spread or bridge its pins. Airbag and orange high-voltage circuits are out of bounds.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key off and wait before unplugging. Airbag and orange high-voltage circuits: out of bounds.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key off before a plug is taken apart or put together.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key off, and wait a minute.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key off. Take </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key on, engine off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key on. </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key on. Watch the live speed of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keys</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keys of this view</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Known good</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>LED tester</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>LED tester, or a bulb of some milliamperes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lamps lit, functions lost</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lamps lit, functions lost: {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lay the new sensor beside the old: same length, same plug, same tip, right wheel.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lay the turns over each other by the angle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lay {} bare.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lead in its clips, slack at the strut, nothing near the tyre or the brake hose.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leads clear of the turning wheel and of hot brakes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leads exchanged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leave it as it is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leave the yard</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leave this case</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Let the owner decide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Level %1, drawn without end: vehicle, line and fault are another each time.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Licence of Hay Bale</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Licence of the font</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Limits used</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Live speed follows the wheel spun by hand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Live speeds</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Live speeds, driven straight</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Load box</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Local rules, the maker's procedure and a licensed technician's judgement come first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Logbook</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Long leads: clear of wheels and hot parts, no bare clip that touches the body; both circuits set codes while they are apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look again, in good light.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look at height, evenness and levels; keep the record.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look at the ring through its opening while turning it by hand; a pole that is weak needs a new bearing or ring.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look at {} without moving it first: crust, chafe, breaks, dirt, seat.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look at {} without moving it first: crust, chafe, breaks, dirt, seat; {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look into its plug: green pins, spread terminals, water from the loom.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look whether it is lit, dim or dark.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look whether the encoder faces the sensor: a bearing mounted the wrong way round gives nothing.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look whether the insulation stretches: there the copper is gone.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look whether the reading swings wide or barely moves.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Look which wheels follow, and which stay, drop out or read otherwise.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Looking for the shop's logbook ...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Loop check from </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Loop check from the </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>MADE-UP VEHICLE   practice, nothing here touches a real job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Made-up vehicle: practice, nothing here touches a real job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mains hum of {:.0f} Hz, {} peak, rides on it: leads or shield pick it up; mind it when levels are near a limit.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure a new sensor before fitting it, clean the seat, push it fully home, then repeat the reading that failed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure bias or supply at the sensor's connector, unplugged and plugged.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure on before a part is blamed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure on.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure once more before anything is bought: about {:.0f} minutes, {:.0f}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure the coil and the pair at the sensor, then look at the gap and for metal on the tip.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure the new coil before it goes in.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measure the same levels on the good wheel at the same place: a leak or resistance in the line moves them too.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Measuring: {} times, some {:.0f} minutes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mend </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mend or clean it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mend the control unit's supply: fuse, relay or ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Menu</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Meter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Meter on AC volts, hertz shown beside them if it can.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Meter on DC volts, graph or bar on.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Meter on DC volts.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Meter on ohms, auto range; touch the tips first and take off what the leads read.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Meter on ohms, graph or bar on.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Milliamperes, in line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Module</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Module power, ground and fuses are good: a missing supply counts less than half.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Module: {}. Sensor: {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move one leg at a time; say which by its key. Note where it does not react, too.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move the loom by hand only, engine off or clear of belts and fans; nothing of an airbag and nothing orange.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Multimeter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>NO</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>NOT KEPT on disk</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Name</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Name of the trainee</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Names the next move; costs a minute and four points</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Narrowed to {} or {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Needs the load box</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Never with the sensor connected, never above the pin's limit, never while the vehicle is driven.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>New job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>New jobs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>New jobs begin with this. The job that is open keeps its own.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Next move</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Next, to the end of the job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Next: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No circuit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No circuit is described</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No circuit is in question</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No codes were stored.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No complaint was written down.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No cutting or piercing of shielded or safety-critical wires where the maker forbids it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No further test would tell more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No instrument connected: type, or practise</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No job has all of these words; try fewer.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No multimeter connected</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No multimeter is connected.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No page has all of these words. Try fewer, or the beginning of one.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No pulse now</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No pulses in {}: the line stays flat at {}: {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No reading yet. Click a place on the line, then type what the meter shows.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No recent jobs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No scope is connected.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No signal generator is connected.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No sound here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No source connected</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No supply from the module: it may only be latched off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No test of this tool box would show more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No trace yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Noise of {} rides on {}: a poor shield or contact.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>None were stored</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not as it should be: make it once more, at a second contact, before you believe it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not isolated yet: measuring on may be cheaper than this repair. The odds stand below.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not it. It was %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not looked at yet: {}. That comes before opening a line.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not made after the repair: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not now</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not proved yet: {:.0f} in 100 repairs leave something wrong.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not sealed yet: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Not taken, it could not be opened again: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Note what you see, or that it cannot be seen.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing can be said yet.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing feeds the lamp: key on, or its other lead on battery plus.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing measured on </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing on this record. Repeat it under the complaint: bump, steering, wet, creep.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing says when the samples were taken: choose the time column, or type the samples a second.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing to keep: no leg was moved for two seconds.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing to repair: say so, with what was tested and what was not.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing was measured on </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing was measured.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing was repaired yet. What may be done, the cheapest first in the long run:</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing wrong any more: clearing the codes may have ended a latch-off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing wrong shows in these readings</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Now and then</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>OL on auto range: set the highest range, {}, by hand before believing it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>OL, as an open circuit should read.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Occurs: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Odds</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms against battery plus: the battery drives the meter, not the circuit.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms against battery plus: the battery drives the meter. Take the battery off, or measure volts.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms of the pair at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms of wire {} from {} to {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms on a live circuit mean nothing and can hurt the meter: key off, or unplug the module.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms only with the key off; battery off where the maker asks for it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms with the key on: the module feeds the line, so the figure means nothing. Key off, then again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms with the line plugged in measure everything that hangs on it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms, % + counts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms, auto range</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ohms, by hand to </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>On a sound line it is {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>On the board: arrows choose a part, C puts a connector in behind it, S a splice, &lt; &gt; move it, Delete takes it out, Return names it, Esc ends.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>On the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>On this bench</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One gap is {:.0f} % wider, the rest even: behind {}: the ring has cracked and opened.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One kind of test speaks against it. Before a part is bought, see it by a test of another kind.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One page for the owner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Only where the maker allows a shorted input. Fuse the lead; take it off again at once.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Only {} pulses in {}: too few to judge a wheel by.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open a capture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open a job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open a practice case</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open the job again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open this state</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Other ways</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Output swells by {:.0f} % once a turn.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Over bumps</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Over the same bump, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Page of the help</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Page to be read from afar</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pages of the help</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Parts of the logbook are damaged. Close the program and start it again: what can be read is brought into a new one.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Picture of the line: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pierced at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Piercing: none of shielded or safety-critical wires where the maker forbids it; write the hole down and seal it, or it is the next green crust.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Practice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Practice cases</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Practice yard</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Practice yard: a made-up vehicle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Practice: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Practise next: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Preferences</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Preferences have the sound off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Preferences...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Prices, in the shop's money</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Print the report...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Printed {} by Hay Bale {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Program log</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Proof</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Prove it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Proved. What was found counts in the odds of the next job.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Proves little: with no load, {} more in the wire would read the same.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pull by hand and gently; leave alone what the maker forbids to be touched, and anything shielded, orange or of an airbag.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pull gently on each wire of {}, a hand's width at a time: where its copper is gone the insulation stretches.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pull gently on each wire, a hand's width at a time.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pull on </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pull on the wires of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pull on {} while the reading is watched</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put exchanged wires back</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put the two circuits back on their own pins, by the maker's pin list.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put the two wires back, by their colours: no part is needed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put the tyre right</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Qt 6 (LGPL-3), Eigen (MPL-2.0), fmt, nlohmann-json, fast_float and CLI11 (MIT and alike), libsndfile (LGPL-2.1), libzip (BSD), SQLite (public domain), PostgreSQL's client library (PostgreSQL licence), the font Atkinson Hyperlegible (SIL Open Font License 1.1). On Debian their full texts lie in /usr/share/doc/PACKAGE/copyright.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Quit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Raise the wheel so that it turns freely, the car on rated stands, the others chocked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Rated stands on sound points, chocked; nothing of you under it on a jack alone.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read from afar</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read it like this</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read the live speed of %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read the live speeds once more, slowly and in a straight line.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read the meter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read the trace while it is recorded</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read which codes come back with the car standing.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Read which codes come back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Reading %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Readings of this job that a limit can be about</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Readings, %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Record a spin of this wheel.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Record four seconds</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Record the trace once more, with the probe on bright metal.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Recording block after block; every block is read as it comes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Recording four seconds: spin the wheel.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Red lead on {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Red on </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Red on {} at {}, black on {}; {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Redo</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Redo %1 (Ctrl+Shift+Z)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Remove</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Renew the toothed ring or its bearing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Repaired before ({}): {:g} times as likely to be at fault.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Repaired before, on the circuit in question</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Repaired before: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Repeat the record with the leads at a second contact.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Repeat {} ({}) at a second contact before believing it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Repeat {} ({}) at a second contact, on the highest range, before believing it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Report</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Report printed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Report saved in %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Report, and close the job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Report, as it will be printed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Reproduce the complaint (bump, steering, wet) while a reading is watched, or check the ring and the live speed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Right: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Road speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Run two jumper leads from the sensor of {} to the harness plug of {}{}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>SIGNAL ON: %1 Hz, %2 V peak to peak, %3</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Salt water only on loom and plugs, never into a module or on anything orange; rinse it off afterwards.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Samples a second, Hz</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as HTML</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as PDF</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as WAV or CSV</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as a sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save how it went</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save how it went as a table...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save the job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save the limits as a sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save the report</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save the signal</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save the whole logbook</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save this job as a bundle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save this page</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save this page as PDF...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save what is shown</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Saved in %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Say at Intake what the complaint is.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Say it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Say what it is: it stands below.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scan tool on live wheel speeds, all wheels at once.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scan tool on live wheel speeds.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scope</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scope DC coupled, 200 kS/s or more, so that short telegrams are seen.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scope on 5 V full scale, 1 s a division for a spin.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scope trace at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Seal the pierced holes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Seen only on a lift or stands: nothing wrong is {:g} times as likely, until it returns on the road.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Seized in its bore: soak, turn, then drive the stub out.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Several benches share their jobs in a PostgreSQL database. Every bench keeps its own copy and works on without the network; what was done meanwhile is brought over as soon as it can be. Of two states of one job the later one is shown, and the other is kept.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Several minutes at 90 to 100 km/h where lawful, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shake and tap {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shake {} while the reading is watched</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shop, for reports</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shown against this one: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Signal</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Signal map</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Signal map of the bus</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Signal map read.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Signal source</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sine of {:.4g} Hz, {:.2g} V peak to peak, from an isolated source across wires a and b, through a resistor like the coil's (about 1 kohm).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Single pitches scatter by {:.2g} % on {}, by {:.2g} % on {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Size of everything</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Small screw, low torque: the maker's figure.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Some makers allow one way only: their rule comes first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Something is still wrong ({:.0f} %): back to the line.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Something is still wrong: the vehicle should not go out like this.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sound</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sound gives</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Space</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Speeds from a log</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Spin the wheel by hand, about {:.0f} km/h.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Spin the wheel, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Splice: sealed crimp with adhesive heat shrink. Plain tape never here.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Splice: twist, solder, adhesive-lined heat shrink. Plain tape never here.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Spoke angle: when the pulse came.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Spray salt water on {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stagger the two joints, keep the twist of the pair, put the joint inside the body or out of the wheelhouse.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Start</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Start from</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Start the signal</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Start watching</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Steel across the sensor's tip</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Steer lock to lock while rolling, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Step by step</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Steps and what they were worth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Still open: {} leads with {:.0f} %</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop here: nothing more is spent, and most likely nothing is wrong now.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop here: nothing more is spent; the fault stays, and with it ABS and what hangs on it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop the signal</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop the sound</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop the sweep</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop watching</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stored codes were not written down.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stored {} code "{}" of {}: believed to {:.0f} %.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Substitute signal at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Substitute signal to {}: {}, sensor apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Substitute signal: sensor apart, an isolated source, never into a supply pin beyond its limit, never on a vehicle that is driven; off before anything is changed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Supply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Suppose a reading of the next move; nothing is kept.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Suspect sensor on a good line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Swap</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sweep</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Switch the signal off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tab, Shift+Tab</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take each wheel's rest level off, to see a small wave on a high one</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take from a sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take in a bundle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take in a logbook</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take limits from a sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take over</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take the battery off at its negative terminal.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take the module's plug off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take the reading from the connected multimeter (Ctrl+M)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take the reading out; Undo brings it back</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take the sensor out, meter in ohms on its two pins, and pass a steel tool across its tip.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take this result back</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Technician, for reports</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ten seconds of the signal saved in %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Test after the repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Test lamp from battery plus to the return at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Test lamp to ground at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Test lamp, 250 mA</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Test lamp.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Test lamp: a sensor pin gives milliamperes, a filament bulb draws a hundred times that. An LED tester, a 1 kΩ resistor or a meter only; a small bulb just where the pin is a chassis ground.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>That is it: end the case</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The capture was not read.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The cause is not certain yet. Of 100 such cases it is:</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The cause: {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The circuits</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The complaint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The connected scope, at the place chosen on the line:</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The contacts were cleaned and tightened</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The control unit was changed or repaired.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The control unit's fuses, relay and ground were checked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The control unit's plug was looked into.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The control unit's stored faults were cleared.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The day's copy of the logbook could not be made: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The end of the job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The first lines of the chosen wheel's file, and how they are taken</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The gap is {:.0f} % {}: behind {}: a tooth out of its place.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The good wheel, </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The job and all its files are in %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The job is closed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The job is closed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The jumper shorts a live input of the module: only where its maker allows that.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The lamp is {}, {} ({}).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The leads alone are about {}: touch the tips, subtract what they read.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The level that the wave swings about goes from {} to {} at {} and stays there: the bias has changed: a contact, a leak or the module.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The limits</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The limits are in %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The line of the made-up vehicle with what was read on it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The line, </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The line, from module to tone ring</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The logbook could not keep this: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The logbook has a later state of this job, of %1. Go on here and both are kept; Logbook opens the other.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The logbook is not open.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The logbook was damaged. %1 kept states were brought into a new one%2; the damaged file is %3.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The maker's procedure, local rules and licensed practice come first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The measurements do not agree with each other yet; they have to be repeated before anything is bought.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The meter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The meter the readings are taken with</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The module shows</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The module's own inputs lie in parallel: unplug it, or expect less than the line alone.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The module's own pins can only be reached while its plug is off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The module's own pins cannot be touched while its plug is home.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The new ring was compared with the old one.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The output swells and fades by {:.0f} % once a turn: run-out, a warped ring, play in the bearing or rust under the seat.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The owner decides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The password is taken from ~/.pgpass or PGPASSWORD; written into the address it is used until the program ends and never kept. Beyond this machine the connection is encrypted. How to set up a shop's server: packaging/shop-server.md.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The pitch follows the reading; a dropout rattles</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The plug was renewed on both sides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The program aplay (Debian: alsa-utils) plays the tone</source>
   <translation type="unfinished" />
  </message>
  <message numerus="yes">
   <source>The program did not end by itself last time. Brought back: "%1" with %n readings, as it stood.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message>
   <source>The program log is %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The pulses come unevenly, by {:.0f} % from one to the next: noise, or a loose part.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The reading will run here.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The readings are enough to say what it is.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The repair has not been tried out yet.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The rest level goes from {} to {} and stays there, while no wheel turns: a contact or strand has let go or touches.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The rest level moves between {} and {} while no wheel turns: a contact or strand lets go.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The ring and the place where the sensor looks at it were cleaned.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The ring in the wheel bearing was renewed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The same as the state that is shown.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The same once more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The same test read {} before: repeat it at a second contact, the probe may have missed; if it still wanders, the contact itself lets go.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The sensor </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The shop joins wires by</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The shop's logbook, for all benches</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The shown stretch of all wheels as CSV or WAV</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The signal is gone {}, for {} at most, tied to no tooth: {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The signal source may still be ON: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The size of the ring is not known: give its teeth at Intake, or record at least three turns.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The spoilt piece of wire was cut out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The tool box</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The vehicle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The vehicle's own service information overrides common practice.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The wheel sensor was fitted, on a clean seat.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The wheel sensor's tip was cleaned.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The whole signal is weak, {} of flux swing: a gap too wide, a sensor not home, or metal on its tip.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The wires of two wheels were put back in their own places.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The wires were joined again and sealed against water</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The wires were laid clear of what had rubbed them.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The work, step by step</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The {} current is {}, {} the {} to {} of the interface.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The {} level of {} is {}, of {} {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Then: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is nothing to save yet: drop a capture on a wheel first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This change could not be kept on disk: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This could settle about {} in 10 of what the best step could. </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This could tell next to nothing as things stood. </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This is the state that is shown.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This job was also changed on %1 at %2; both states are kept. Logbook compares them.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This job was changed on another bench. Go on here and both states are kept; Logbook, Kept states compares them.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This program</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This sensor tells the brake control how fast the {} wheel turns. While it does not, the anti-lock brakes and stability control may be off; the ordinary brakes are another system.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Through an active sensor an ohmmeter shows what its own voltage and polarity make of it: hundreds of kilo-ohms to OL may be a good part. Only an identical good one, same meter, same polarity, says something.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Time column</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>To begin: which wheel, and what was said. The rest may stay empty.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tool box</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Towards module</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Towards wheel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace of %1 added.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trial: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Try the connection</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn the wheel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn the wheel by hand and watch the gap: run-out shows by eye; then rock the wheel for play in the bearing.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turns overlaid</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Two faults at once would explain every reading ({:.0f} %): {}, and {} ({:.0f} %).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Two long leads from the sensor half of {} at {} to the harness half at {}: wire a to {}, wire b to {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Two pulses are</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Two wires that had been exchanged were put back</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Type a reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tyre</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Under a car only on rated stands; hot brakes, brake dust; no part of the brake hangs on its hose.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Undo</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Undo %1 (Ctrl+Z)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unit of the channels</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unit of the time</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unpacked into %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unplug the sensors of {} and {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unplug {}, {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unplug {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unplugging may cure it for a day: reproduce it first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Use as limit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Use it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Use this meter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Usual lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Usual lines...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Usual size</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Usually allowed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>V p-p, measured</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>V unplugged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Vehicle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Vehicle and complaint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Vehicle not named.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Voice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Voltage drop over </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Volts across the pair at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Volts of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Volts of a spun wheel follow the hand that spins it: compare by volts per hertz, or turn both alike.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Volts on an open plug draw no current: one strand shows them in full. The same probe with everything plugged in, or a lamp, would see a bad wire.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Volts with the key off: the module feeds nothing, so there is nothing to read. Key on, then again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Warm air that a hand can bear, no flame: keep it off fuel and brake lines, batteries and anything of an airbag.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Warm {} while the reading is watched</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Warm {} with air that a hand can bear.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Warn whoever is about, and have a second person watch the instrument.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Watch</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Watch the live speeds while the wheel is spun.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Watch the reading, and note where it jumps and where it does not.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Watch the same trace while one leg at a time is flexed, and note where it reacts and where it does not.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Water got into {}: both halves are spoilt, and so are their neighbours {}. Renew both sides of the plug.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Well chosen: nothing would have told more for its minutes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wet it again, 30 s above 25 km/h, read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wet {} while the reading is watched</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What a new job begins with; each job may differ.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What can be done</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What did not react was perhaps not moved where it is broken.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What each fault still possible would show</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What failed, in the closed jobs of the vehicles above</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What happened</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What if</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is being moved now (keys 1 to 9, 0 hands off)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is fitted</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is free first: codes and live speeds of all wheels, and a look.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is set here is kept next to the capture, in %1; "as recognised" everywhere takes that file away.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is wrong with it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What it is built on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What may be done now</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What may be done to the wires</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What may come</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What that says, before anything is measured</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What the answer will mean</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What the meter is set to</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What the sound output gives at full scale, at its volume as it stands: measure it once</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What was done already, and whether it helped</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What was done so far</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What was done, and what it takes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What was not tested:</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What was wrong</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What would decide it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wheel speed sensor job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wheel speeds</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wheel speeds of a CSV, or of a bus log in candump form with its signal map</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wheel up: rated stands on sound points, the others chocked, never on a jack alone. Hands, sleeves and leads clear of the turning wheel; turned by the engine, clear of the driveline.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wheel up: rated stands on sound points, the others chocked. ABS and ESC may be off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>When steering</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>When the coach speaks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>When warm</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where each instrument is. Over the network tcp:HOST:PORT, a serial adapter serial:/dev/ttyUSB0:9600, USB usbtmc:/dev/usbtmc0. What is plugged in is in the lists.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where is the fault, how sure, what to test next. Free software under the GNU General Public License, version 3 or later, without any warranty. Local rules, the maker's procedure and licensed practice come before anything it says.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where it is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where it lives</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where it stands</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where the leads are</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where water came in once it may come in again: after the next heavy rain look whether the lamp stays out.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Whether the connector at this place is apart</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Which comes nearest? The same line is taken for the wheels of that axle. Plugs, joints and lengths can be changed afterwards.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Which lamps, since when, where, in what weather, who repaired what before</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Who practises (may stay empty)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Whole record</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Why</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Why, and what may be done</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wiggle watch</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wipe metal fuzz off the tip with a rag or soft brush, never a wire brush; much of it on a differential means gear trouble.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wipe the tip and the ring clean with a rag, then read again: no part is needed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wire a of one to wire b of the other: the retry when both set codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wires are joined by</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>With the key off there is no voltage to find, except one that should not be there.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>With the lamp on drive gently, above all on wet and loose ground, and have it seen to soon.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Withdraw</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Withdrawn, kept: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Without {} ({}) the rest agrees: wrong pin, bad contact, or a meter still ranging?</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Words of what to do</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Working it out ...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Working the proof out ...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Write down what is stored, then clear the codes and cycle the ignition.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Write the figure down with all its digits.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Write the stored codes down</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>You decided: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>You measure, look, mend and fit as on a real vehicle; minutes run and money is spent. At the end you say what it is, and see what each step was worth.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>You told us: </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Your way, and what would have told more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a bad contact</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a bad fuse, relay or ground of the control unit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a broken coil</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a chafed wire that touches another one under voltage</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a chafed wire that touches the body</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a control unit that does not feed the wheel sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a control unit that had switched the wheel sensor off until its memory is cleared</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a control unit that no longer reads the wheel sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a cracked ring, the one that the wheel sensor reads</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a damaged tooth of the ring that the wheel sensor reads</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a job without a title</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a known good ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a leak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a little weak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a pin of the control unit's plug without contact</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a reading that might come, such as 1.1k or OL</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a ring or bearing that belongs to another vehicle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a ring or wheel bearing that does not run true</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a short</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a to b</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a to gnd</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a tooth is missing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a trial: kept nowhere</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a tyre</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a tyre of another size or pressure</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a tyre of another size, or nearly flat</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a value, or a whole line: C2 a gnd 4.98V key on unplugged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a weak sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wheel bearing mounted the wrong way round</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wheel sensor of the wrong kind</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wheel sensor that has failed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wheel sensor that has grown weak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wheel sensor that sits too far from the ring it reads</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wire hanging by a strand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wire that is broken</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wire that is broken in the wheel sensor's own lead</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wire that lets go now and then</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a wire that touches metal now and then</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>about </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>above</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>above </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>abs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ac voltage</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>active</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>active ak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>active pwm</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>add a circuit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>add a stored code</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>add a work done</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>after each step</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>after first turn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>all of the table</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>all plugged in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>along the line and between its wires</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>always</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>an encoder the wrong way round</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>an hour</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>an open wire</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>and %1 more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>and {} more, under Readings</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>another count of teeth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>another one each time, of this level</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>answer the next move</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>any digit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>any fault</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>any of the fleet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>any zone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>arrows</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>as it is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>as it should</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>as recognised</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>as strong as the good wheel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>as the desktop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>asked for a hint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>at least</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>at least </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>at most</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>at most </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>at speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>attach a file</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>b to bat</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>b to gnd</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>back probe</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bad</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bad contact in the control unit's plug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bad contact, resistance</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>barely moves</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>basic check</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>battery</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>battery plus</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>before it began</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>begins a reading at the place that is chosen</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>below</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>below </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bench sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bend, flexes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>best</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bias, unplugged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>both wires touch</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>brake</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>breaks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>broken</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>broken, parted</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bulb</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bump</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cabin</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cabin </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>came back</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cannot tell</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>capture missing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>chafed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>changes brought back</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>choices</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>choose and open a job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>choose and start a case</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>choose one of the works with its price at Repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>circuit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>circuit in question</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>circuits exchanged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cleaned</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>clear and read the codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cleared</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>close the job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>closed on </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>code</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>code before clearing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>codes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>coil or sensor open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>coil or sensor shorted</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>coil resistance</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>column %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>comes and goes: parts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>comes and goes: touches</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>comma</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>comma ,</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>commas</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>common practice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>complaint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>connecting</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>connector</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>continuity of the wires</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>correct a reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>correct the chosen reading: a value, or any word of its line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>corroded</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>corrosion, bad contact</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>costs %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>count a reading again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cracked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>creep</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cruise</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cured it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>current</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cut</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>dark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>day</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>dc voltage</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>debris</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>did not cure it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>dim</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>done</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>driven</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>drops out to ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>drops out to the open level</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>earlier repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>edit the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>empty the box</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>encoder reversed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>encoder the wrong way round</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>engine bay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>engine bay </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>erratic</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>everything larger, smaller, as it was</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>expected</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>expected </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>expected OL</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>fail</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>fault</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>find a job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>finding on </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>fit a new %1, %2 % sure</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>flat at </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>flat, </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>flex</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>follows</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>follows, %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>for this complaint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>freeze values</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>freeze values, as shown</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>from</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>from box to box</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>fuses and relay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gap or debris</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gap too wide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gives road speed from the teeth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>good</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>hall</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>harness</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>help for this view</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>hidden</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>hill hold</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>history</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>hole sealed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>how %1 is read</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>how it is written</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>implausible</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>in </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>in {:.0f} one of several rarer things</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>in {:.0f} {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>input dead</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>input of the module dead</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>input switched off, wants clearing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>inspect</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>insulation of a wire</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>intake</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>intermittent open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>intermittent short</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>is above what is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>is as</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>is at the edge of what is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>is below what is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>is too near to tell of</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it cannot be measured there on this vehicle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it had been here for this before</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it holds</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it is what found the fault</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it needs to {}, which the owner does not allow</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it stretches</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>it swells once a turn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>job</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>jobs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>joint </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>judged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>jumper leads</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>keeping ...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>keeps</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>kept</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>kept here; no file yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>kept; Ctrl+S saves %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>key off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>key on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>km/h</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>lamp</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>lamps</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>large, to be read from three metres; again to leave</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>last worked on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>latched off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>leak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>leaks, wet or salty</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>led</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>left to doubt</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>left unseen</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>left, right</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>leg</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>length, m</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>level</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>limit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>limit from good parts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>limit {} ({})</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>limits of a sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>line %1%2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>list the readings</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>lit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>live speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>loop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>loose</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>low amplitude</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>mA</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>made beside it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>means</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>measured on a good part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>median</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>mend or clean %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>metal dust or dirt on the wheel sensor's tip</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>metal or dirt on the tip</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>meter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>min</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>minutes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>minutes to isolate</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>missing tooth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>mm² or AWG</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>module</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>module ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>module pins</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>module plug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>module power</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>module's own power or ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>move a part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>move along the record</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>multimeter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>name</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>name a part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>narrower</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>near nothing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>new coil, Ω</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>new part, each side</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>new, open, save</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>night</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no code returned</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no code returns</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no codes were stored</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no limit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no sample</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no signal</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no supply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no supply from the module</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no supply, a short to ground, or a wheel that stands</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no test would show more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no trace yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no whole turn: say how many teeth the ring has (Intake), or record a longer spin</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>none</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>none in %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>none were stored</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>none: even steps</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not connected</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not judged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not named in this job's intake yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not noted</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not saved as a file yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not seated</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>note</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>note of the repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nothing is wrong</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nothing that is wrong now</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nothing wrong</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nothing wrong now</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>number on its label</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>number on the sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ohms</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ohms of the pair, module plug off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ok</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>old joint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>on the lift</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>once</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>one gap is wider</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>one of</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>one page for the owner, all for the file</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>one turn of {} teeth, 0° is the first pulse</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>only seen on the lift or on stands</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>only without a time</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open a capture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open or short</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open the job again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>other</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>output per hertz</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>page %1 of %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>part and zone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>part fitted</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>part: hub, bearing...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>pass</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>pass, but proves little</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>passive</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>pierce</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>played</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>plug </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>plugged in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>point</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>point .</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>price</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>print the report</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>proof of the repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>put in a connector</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>put in a splice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>read only: open elsewhere</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>read the connected meter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>reading %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>readings of this kind will stand here as dots</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>reads as: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>remove a reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>remove a work done</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>repaired</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>replaced</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>resistance</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>resistive</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>result not known</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>reversed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ring</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ring cracked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ring out of round</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ring runout</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ring tooth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ring with another count</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ring wrong count</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>saved in %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>says nothing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>scan tool</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>scope</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>scope trace</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sealed crimp</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>search the help</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>semicolon ;</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>semicolons</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sensor dead</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sensor kind</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sensor open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sensor part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sensor shorted</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sensor weak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>service information</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>set a cursor where the pointer is; Esc takes them off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>share</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>short ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>short supply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>short to ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>short to supply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>show</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>shown</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>shows</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>shows {:.0f} of 100 faults that the steps before it miss</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>signal source</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sine</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>solder</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>solder and shrink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>something else</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>something is still wrong: back to the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>something that is not on this list</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sometimes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>source and date: a page, a part measured</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>splice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>spread</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>spun</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>square</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>stability</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>start from a usual line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>status</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>stays at 0</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>steering</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>step</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>step of the repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>still</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>stored code</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>suspect</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>suspicion of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>swings wide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tab</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tabs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>take a part out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>take a proof back</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>take out a stored code</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>taken</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>teeth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>teeth, all even</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>teeth, estimated</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>teeth, new ring</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>teeth, passed once</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>test after the repair</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>test lamp</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>test, place, state</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the case is over</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the cliff: between {} and {}{}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the control unit's plug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the joint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the line beyond </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the line goes to its unloaded level: a wire or contact lets go</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the line is pulled to ground or supply: a chafed wire</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the line up to </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the logbook is not open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the menu</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the module</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the module end of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the module or its supply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the module plug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the module's own pins</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the module's plug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the other</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the page to be read from afar (F11) speaks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the plan is being worked out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the plug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the reading jumps</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the reading stays</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the ring</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the sensor does not answer, or the wheel stands</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the sensor or its ring</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the tool box has no tool for it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the views of the rail</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the wheel end of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the whole loom</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the whole loom, from the module to the wheel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the whole record</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the wiggle watch may be heard</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the wire</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the wire alone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the wires</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the wires </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the wires of two wheels exchanged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>there is no new part for it; mend it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>there is no place "{}" on {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>there is no such circuit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>there is no such element on this line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>these keys</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>they do not vary: keep other parts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>ticks what is chosen</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>time</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>times</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>title</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>to compare with</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>to the module, to the ring</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>to the search</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>to tooth {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>too few to tell: keep at least %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tool box</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tooth missing or damaged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tooth {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tooth {} of {}, in {} of {} turns</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tooth {}, {:.0f}°</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>torque, Nm</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>touches a supply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>touches ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>towards the wheel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>trace</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>trace </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>trace kept</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>trace of </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>trace of %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>traction</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>trying ...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>turning forward</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>twice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>two wires exchanged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>two wires that touch each other</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>type a reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>type what the meter shows</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tyre</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tyre </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tyre of another size</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>under 1 %</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>under 100 Ω</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>underbody</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>underbody </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>underbody, splash</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>undo, redo</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>unknown</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>unloaded, from the module</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>unplug</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>unplugged</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>up, down, Enter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>vehicle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>verdict and why</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>very weak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>volts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>volts of wire a, key on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>volts of wire b, key on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>warm</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>was %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>watch the live speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>waveform</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>way of joining wires</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>weak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what is allowed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what it gave</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what it means</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what the other window had</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what the owner decided</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what was seen</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>what would have told more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wheel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wheel bend </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wheel speeds of the bus</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wheelhouse</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wheelhouse </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>when asked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>when it occurs</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>where</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>where it stands</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>where it stood</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>where, and how the car stood</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>while the line is edited: add a plug, add a joint, take out, move</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wide gap</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wider</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wiggle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wiggle watch: hands off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wiggle watch: which leg is being moved</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wire</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wire </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wire a</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wire b</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wire {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wire {}{} at {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wires </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wires a and b joined</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wires crossed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wires that touch</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wires touching</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>withdraw a reading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>withdrawn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>withdrawn, kept</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>words of it: ohms, C1, codes, look, RL ...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>work done</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>working on it ...</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>worth of the best</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wrong sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wrong sensor fitted</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wrong tyre</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>yes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>zone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>zoom</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.0f} % along </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.0f} % of the telegrams say that the gap is at its limit: it still works, with no reserve.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.0f} % of {} at equal speed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.0f} closed jobs weigh in{}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.0f} min</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.1f} turns</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.2g} mWb</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.3g} times {} ({}){}; at most {:.3g} either way is usual.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{:.4g} Hz in place of the sensor</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} ({}) was repeated and stands. Look for a second fault, or for what this list does not know.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} Eye protection; brake parts do not hang on the hose; mind brake dust.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} absent {} at even speed, in less than two turns: a tooth that is not there rather than a wire that lets go; turn the wheel twice round to see whether it comes again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} along the line, {}, {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} gives {:.0f} % of the output of {} at equal speed ({:.3g} against {:.3g} mWb).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} gives {:.0f} % of the output of {} at equal speed: a gap too wide, a weak coil, or resistance in the line.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} good readings, {} to {}: median {}, spread {}, factor {:.2f} (95 % of parts, 95 % sure; ISO 16269-6)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} has {} teeth, {} {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} here, {} on {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} is within ±{} of the {}: with this meter it cannot be told ({:.0f} % likely to keep it).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} is {} the {}{}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} keeps the {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} of output per hertz {} the {}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} of {} made; {:.1f} % left to doubt{}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} of {} sealed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} of {} steps ticked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} of {} tests after the repair were as they should be.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} of {} tests made</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} pulses of the right shape: the wheel hardly turned, too few to judge it by.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} pulses without a gap, even within {:.1f} %, {} peak to peak.{}{}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} reads {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} stretches of mere noise: a contact that crackles.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} swings {:.0f} % of {} ({} against {}).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} teeth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} times</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} turns of {} teeth laid over each other, 0° is the first pulse</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} was spun at {}, this one at {}: compared by volts per hertz.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} was {} before it began: trouble that began after a repair sits at the repair.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} was {} for this complaint{}.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{} where an open circuit was expected.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{}, by one witness</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{}, {:.0f} % along</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{}, {}, wire {}</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{}: in {:.0f} of 100 such cases that cures it; {:.0f} in all, about {:.0f} minutes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{}: {} is {:g} times as likely as usual{}; {} hardly.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>{}{}rolling circumference {:.3f} m</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ω sense</source>
   <translation type="unfinished" />
  </message>
 </context>
</TS>
