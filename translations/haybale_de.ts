<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>haybale</name>
  <message>
   <source>
%1 min. %2</source>
   <translation>
%1 min. %2</translation>
  </message>
  <message>
   <source> By the gap alone: {:.2f} of a tooth pitch wider.</source>
   <translation> Vom Luftspalt allein: {:.2f} einer Zahnteilung weiter.</translation>
  </message>
  <message>
   <source> File: %1.</source>
   <translation> Datei: %1.</translation>
  </message>
  <message>
   <source> If it stands: two faults. Mend {} first, then repeat the reading that showed it; the second one shows then.</source>
   <translation> Bleibt es dabei: zwei Fehler. Erst {} richten, dann den Messwert wiederholen, der es zeigte; dann zeigt sich der zweite.</translation>
  </message>
  <message>
   <source> Left out: %1</source>
   <translation> Ausgelassen: %1</translation>
  </message>
  <message>
   <source> Lost below some {}, the peer below {}.</source>
   <translation> Verloren unter etwa {}, der Nachbar unter {}.</translation>
  </message>
  <message>
   <source> Spin the wheel whose sensor is used: </source>
   <translation> Das Rad drehen, dessen Sensor benutzt wird: </translation>
  </message>
  <message>
   <source> Tells much.</source>
   <translation> Sagt viel.</translation>
  </message>
  <message>
   <source> Tells next to nothing.</source>
   <translation> Sagt fast nichts.</translation>
  </message>
  <message>
   <source> Tells something.</source>
   <translation> Sagt etwas.</translation>
  </message>
  <message>
   <source> The current runs backwards: the clamp was put round the wire the other way.</source>
   <translation> Der Strom läuft rückwärts: Die Zange wurde verkehrt herum um die Leitung gelegt.</translation>
  </message>
  <message>
   <source> The probe shows changes only: the step between the two currents is judged, not the currents themselves.</source>
   <translation> Der Tastkopf zeigt nur Änderungen: Beurteilt wird der Schritt zwischen den beiden Strömen, nicht die Ströme selbst.</translation>
  </message>
  <message>
   <source> The ring may not have passed twice: a single tooth of it is not judged.</source>
   <translation> Der Ring kam vielleicht nicht zweimal vorbei: ein einzelner Zahn wird nicht beurteilt.</translation>
  </message>
  <message>
   <source> The wheel came to rest at {}.</source>
   <translation> Das Rad kam bei {} zum Stehen.</translation>
  </message>
  <message>
   <source> What moves, {} at {:.0f} Hz, is taken for mains hum; a weak wheel may turn at that very frequency: spin it faster to be sure.</source>
   <translation> Was sich bewegt, {} bei {:.0f} Hz, wird für Netzbrummen gehalten; ein schwaches Rad kann sich gerade mit dieser Frequenz drehen: schneller drehen, um sicher zu sein.</translation>
  </message>
  <message>
   <source> and </source>
   <translation> und </translation>
  </message>
  <message>
   <source> and an element that can have it</source>
   <translation> und ein Teil, das ihn haben kann</translation>
  </message>
  <message>
   <source> and that cured it</source>
   <translation> und das behob es</translation>
  </message>
  <message>
   <source> and that did not cure it: it counts for less</source>
   <translation> und das behob es nicht: es zählt weniger</translation>
  </message>
  <message>
   <source> and the sensor plug of the other wheel apart.</source>
   <translation> und den Sensorstecker des anderen Rads.</translation>
  </message>
  <message>
   <source> apart.</source>
   <translation>.</translation>
  </message>
  <message>
   <source> apart: the sensor must be off the line.</source>
   <translation>: der Sensor muss von der Leitung sein.</translation>
  </message>
  <message>
   <source> at </source>
   <translation> an </translation>
  </message>
  <message>
   <source> at the bend by the wheel</source>
   <translation> an der Biegung beim Rad</translation>
  </message>
  <message>
   <source> at {}</source>
   <translation> bei {}</translation>
  </message>
  <message>
   <source> does not start at a module</source>
   <translation> beginnt nicht an einem Steuergerät</translation>
  </message>
  <message>
   <source> erratic or implausible</source>
   <translation> sprunghaft, unplausibel</translation>
  </message>
  <message>
   <source> follows</source>
   <translation> folgt</translation>
  </message>
  <message>
   <source> has </source>
   <translation> hat </translation>
  </message>
  <message>
   <source> has no value</source>
   <translation> hat keinen Wert</translation>
  </message>
  <message>
   <source> in </source>
   <translation>: </translation>
  </message>
  <message>
   <source> in the cabin</source>
   <translation> im Innenraum</translation>
  </message>
  <message>
   <source> in the engine bay</source>
   <translation> im Motorraum</translation>
  </message>
  <message>
   <source> in the wheelhouse</source>
   <translation> im Radhaus</translation>
  </message>
  <message>
   <source> moved, wetted or warmed</source>
   <translation> bewegt, benetzt oder erwärmt</translation>
  </message>
  <message>
   <source> no signal</source>
   <translation> kein Signal</translation>
  </message>
  <message>
   <source> of </source>
   <translation> von </translation>
  </message>
  <message>
   <source> of {}</source>
   <translation> von {}</translation>
  </message>
  <message>
   <source> open</source>
   <translation> Unterbrechung</translation>
  </message>
  <message>
   <source> per hertz</source>
   <translation> je Hertz</translation>
  </message>
  <message>
   <source> reads high</source>
   <translation> zeigt zu viel</translation>
  </message>
  <message>
   <source> reads low</source>
   <translation> zeigt zu wenig</translation>
  </message>
  <message>
   <source> serves as the measure for </source>
   <translation> dient als Maß für </translation>
  </message>
  <message>
   <source> sets </source>
   <translation> setzt </translation>
  </message>
  <message>
   <source> sets no code</source>
   <translation> setzt keinen Code</translation>
  </message>
  <message>
   <source> short to ground</source>
   <translation> Kurzschluss Masse</translation>
  </message>
  <message>
   <source> short to supply</source>
   <translation> Kurzschluss Plus</translation>
  </message>
  <message>
   <source> stays at 0</source>
   <translation> bleibt 0</translation>
  </message>
  <message>
   <source> to </source>
   <translation> gegen </translation>
  </message>
  <message>
   <source> to ground</source>
   <translation> gg. Masse</translation>
  </message>
  <message>
   <source> to ground at </source>
   <translation> gegen Masse: </translation>
  </message>
  <message>
   <source> to {}</source>
   <translation> bis {}</translation>
  </message>
  <message>
   <source> under the body</source>
   <translation> unter dem Boden</translation>
  </message>
  <message>
   <source> up to </source>
   <translation> bis </translation>
  </message>
  <message>
   <source> without a unit: volts were taken</source>
   <translation> ohne Einheit: Volt wurden angenommen</translation>
  </message>
  <message>
   <source> yet</source>
   <translation> noch</translation>
  </message>
  <message>
   <source> · {:.0f} % of {} at equal speed</source>
   <translation> · {:.0f} % von {}, tempogleich</translation>
  </message>
  <message>
   <source> · {:.{}f} mWb</source>
   <translation> · {:.{}f} mWb</translation>
  </message>
  <message>
   <source> – it reacts here</source>
   <translation> – hier reagiert es</translation>
  </message>
  <message>
   <source>" cannot name an element</source>
   <translation>" kann kein Teil benennen</translation>
  </message>
  <message>
   <source>" does not fit here</source>
   <translation>" passt hier nicht</translation>
  </message>
  <message>
   <source>" is no accuracy</source>
   <translation>" ist keine Genauigkeit</translation>
  </message>
  <message>
   <source>" is no count</source>
   <translation>" ist keine Anzahl</translation>
  </message>
  <message>
   <source>" is no name of a job</source>
   <translation>" ist kein Name eines Auftrags</translation>
  </message>
  <message>
   <source>" is no number</source>
   <translation>" ist keine Zahl</translation>
  </message>
  <message>
   <source>" is no number of teeth</source>
   <translation>" ist keine Zähnezahl</translation>
  </message>
  <message>
   <source>" is no price</source>
   <translation>" ist kein Preis</translation>
  </message>
  <message>
   <source>" is no provenance</source>
   <translation>" ist keine Herkunft</translation>
  </message>
  <message>
   <source>" is no quantity of a limit</source>
   <translation>" ist keine Größe eines Grenzwerts</translation>
  </message>
  <message>
   <source>" is no speed</source>
   <translation>" ist keine Geschwindigkeit</translation>
  </message>
  <message>
   <source>" is no time</source>
   <translation>" ist keine Zeit</translation>
  </message>
  <message>
   <source>" is no timescale</source>
   <translation>" ist keine Zeitteilung</translation>
  </message>
  <message>
   <source>" is not a name here</source>
   <translation>" ist hier kein Name</translation>
  </message>
  <message>
   <source>" is not a number</source>
   <translation>" ist keine Zahl</translation>
  </message>
  <message>
   <source>" is not a reading</source>
   <translation>" ist keine Messung</translation>
  </message>
  <message>
   <source>" is not known here</source>
   <translation>" ist hier nicht bekannt</translation>
  </message>
  <message>
   <source>" is not on the line of </source>
   <translation>" liegt nicht auf der Leitung von </translation>
  </message>
  <message>
   <source>" is not one of the circuits</source>
   <translation>" ist keiner der Kreise</translation>
  </message>
  <message>
   <source>" is taken</source>
   <translation>" ist vergeben</translation>
  </message>
  <message>
   <source>" is the name of two circuits</source>
   <translation>" ist der Name zweier Kreise</translation>
  </message>
  <message>
   <source>" stands in the path twice</source>
   <translation>" steht zweimal im Weg</translation>
  </message>
  <message>
   <source>" was not declared</source>
   <translation>" wurde nicht erklärt</translation>
  </message>
  <message>
   <source>"%1" is no degree of a fault; a number, as 4k7 or 0.3.</source>
   <translation>„%1“ ist kein Grad eines Fehlers; eine Zahl, etwa 4k7 oder 0.3.</translation>
  </message>
  <message>
   <source>"{}" is no wire section</source>
   <translation>"{}" ist kein Drahtquerschnitt</translation>
  </message>
  <message>
   <source>"{}" is not a tyre size</source>
   <translation>"{}" ist keine Reifengröße</translation>
  </message>
  <message>
   <source>"{}"{} cannot be on this line</source>
   <translation>"{}"{} kann auf dieser Leitung nicht sein</translation>
  </message>
  <message>
   <source># and a whole number</source>
   <translation># und eine ganze Zahl</translation>
  </message>
  <message>
   <source># and a whole number below 2^63</source>
   <translation># und eine ganze Zahl unter 2^63</translation>
  </message>
  <message>
   <source># and the number of digits of its length</source>
   <translation># und die Zahl der Ziffern seiner Länge</translation>
  </message>
  <message>
   <source>$end behind it</source>
   <translation>$end dahinter</translation>
  </message>
  <message>
   <source>$enddefinitions $end before the first</source>
   <translation>$enddefinitions $end vor der ersten</translation>
  </message>
  <message>
   <source>%1

%2

Level %3, circuit %4, %5 circuits.</source>
   <translation>%1

%2

Stufe %3, Kreis %4, %5 Kreise.</translation>
  </message>
  <message>
   <source>%1 %2. Choose a kind to overrule it.</source>
   <translation>%1 %2. Eine Art wählen, um es besser zu wissen.</translation>
  </message>
  <message>
   <source>%1 (chosen on the shelf)</source>
   <translation>%1 (in der Liste gewählt)</translation>
  </message>
  <message>
   <source>%1 (no file yet)</source>
   <translation>%1 (noch keine Datei)</translation>
  </message>
  <message>
   <source>%1 (the job that is open)</source>
   <translation>%1 (der offene Auftrag)</translation>
  </message>
  <message>
   <source>%1 - Hay Bale</source>
   <translation>%1 - Hay Bale</translation>
  </message>
  <message>
   <source>%1 Work goes on here; %2 kept states wait to be brought over.</source>
   <translation>%1 Hier geht die Arbeit weiter; %2 Stände warten auf das Nachtragen.</translation>
  </message>
  <message>
   <source>%1 against %2</source>
   <translation>%1 gegen %2</translation>
  </message>
  <message>
   <source>%1 are on this bench, %2 are not: the bench that has them can bring them along.</source>
   <translation>%1 sind auf diesem Platz, %2 nicht: der Platz, der sie hat, kann sie mitbringen.</translation>
  </message>
  <message>
   <source>%1 are on this bench. They stay here until they are brought along.</source>
   <translation>%1 sind auf diesem Platz. Sie bleiben hier, bis sie mitgebracht werden.</translation>
  </message>
  <message>
   <source>%1 code</source>
   <translation>%1 Code</translation>
  </message>
  <message>
   <source>%1 columns between %2, decimal %3, data from line %4.</source>
   <translation>%1 Spalten zwischen %2, Dezimal%3, Daten ab Zeile %4.</translation>
  </message>
  <message>
   <source>%1 dropouts</source>
   <translation>%1 Aussetzer</translation>
  </message>
  <message>
   <source>%1 files of this job are in the shop's logbook.</source>
   <translation>%1 Dateien dieses Auftrags sind im Buch der Werkstatt.</translation>
  </message>
  <message>
   <source>%1 files were fetched.</source>
   <translation>%1 Dateien wurden geholt.</translation>
  </message>
  <message>
   <source>%1 has no capture yet: drop one on the wheel first.</source>
   <translation>%1 hat noch keine Aufzeichnung: erst eine auf dem Rad ablegen.</translation>
  </message>
  <message>
   <source>%1 has this job open since %2</source>
   <translation>%1 hat diesen Auftrag seit %2 offen</translation>
  </message>
  <message>
   <source>%1 holds no speed of %2.</source>
   <translation>%1 enthält keine Geschwindigkeit von %2.</translation>
  </message>
  <message>
   <source>%1 in the log: %2, %3 dropouts</source>
   <translation>%1 in der Aufzeichnung: %2, %3 Aussetzer</translation>
  </message>
  <message>
   <source>%1 is gone or another job's; this is the job as the logbook kept it.</source>
   <translation>%1 ist fort oder gehört zu einem anderen Auftrag; dies ist der Auftrag, wie das Werkstattbuch ihn behielt.</translation>
  </message>
  <message>
   <source>%1 is no picture that can be read.</source>
   <translation>%1 ist kein lesbares Bild.</translation>
  </message>
  <message>
   <source>%1 is no text file: there is nothing to choose in how it is read.</source>
   <translation>%1 ist keine Textdatei: da gibt es nichts zu wählen.</translation>
  </message>
  <message>
   <source>%1 is simulated: what it reads is not written into a real job. Instruments, Practice yard has a copy for it.</source>
   <translation>%1 ist simuliert: was es misst, kommt in keinen wirklichen Auftrag. Messgeräte, Übungshof hat eine Kopie dafür.</translation>
  </message>
  <message>
   <source>%1 is taken as %2, as you say. Choose "unknown" and the readings decide.</source>
   <translation>%1 gilt als %2, wie Sie sagen. „unbekannt“ wählen, und die Messwerte entscheiden.</translation>
  </message>
  <message>
   <source>%1 jobs are in %2; left out: %3</source>
   <translation>%1 Aufträge stehen in %2; ausgelassen: %3</translation>
  </message>
  <message>
   <source>%1 jobs in %2.</source>
   <translation>%1 Aufträge in %2.</translation>
  </message>
  <message>
   <source>%1 jobs were taken in.</source>
   <translation>%1 Aufträge wurden übernommen.</translation>
  </message>
  <message>
   <source>%1 jobs, %2 of them closed, %3 proved, %4 came back.</source>
   <translation>%1 Aufträge, davon %2 abgeschlossen, %3 bewiesen, %4 kamen wieder.</translation>
  </message>
  <message>
   <source>%1 kept states and %2 shared things were taken in.</source>
   <translation>%1 behaltene Stände und %2 gemeinsame Dinge wurden übernommen.</translation>
  </message>
  <message>
   <source>%1 legs kept; it reacts at %2.</source>
   <translation>%1 Stücke behalten; es reagiert bei %2.</translation>
  </message>
  <message>
   <source>%1 legs kept; none reacts more than by chance.</source>
   <translation>%1 Stücke behalten; keins reagiert mehr als zufällig.</translation>
  </message>
  <message>
   <source>%1 limits taken from %2.</source>
   <translation>%1 Grenzwerte aus %2 übernommen.</translation>
  </message>
  <message>
   <source>%1 of the readings cannot be read: %2. Kept as written, not counted.</source>
   <translation>%1 der Messwerte sind nicht lesbar: %2. Behalten wie geschrieben, nicht gezählt.</translation>
  </message>
  <message>
   <source>%1 plugged in</source>
   <translation>%1 dran</translation>
  </message>
  <message>
   <source>%1 points.  %2 minutes; the shortest sensible way takes %3.  %4 spent, %5 of it in vain.  %6 wrong parts, %7 fitted on a guess, %8 holes, %9 hints.</source>
   <translation>%1 Punkte.  %2 Minuten; der kürzeste vernünftige Weg braucht %3.  %4 ausgegeben, davon %5 vergeblich.  %6 falsche Teile, %7 auf Verdacht, %8 Löcher, %9 Hinweise.</translation>
  </message>
  <message>
   <source>%1 pulses in %2 s recorded</source>
   <translation>%1 Impulse in %2 s aufgezeichnet</translation>
  </message>
  <message>
   <source>%1 s ago</source>
   <translation>vor %1 s</translation>
  </message>
  <message>
   <source>%1 samples of %2 wheels saved in %3.</source>
   <translation>%1 Werte von %2 Rädern gespeichert in %3.</translation>
  </message>
  <message>
   <source>%1 shown of %2</source>
   <translation>%1 von %2 gezeigt</translation>
  </message>
  <message>
   <source>%1 shows %2</source>
   <translation>%1 zeigt %2</translation>
  </message>
  <message>
   <source>%1 speed</source>
   <translation>%1 km/h</translation>
  </message>
  <message>
   <source>%1 unplugged</source>
   <translation>%1 ab</translation>
  </message>
  <message>
   <source>%1 was damaged and is kept as %2.</source>
   <translation>%1 war beschädigt und ist als %2 behalten.</translation>
  </message>
  <message>
   <source>%1 was read again.</source>
   <translation>%1 wurde neu gelesen.</translation>
  </message>
  <message>
   <source>&amp;Edit</source>
   <translation>&amp;Bearbeiten</translation>
  </message>
  <message>
   <source>&amp;Help</source>
   <translation>&amp;Hilfe</translation>
  </message>
  <message>
   <source>&amp;Job</source>
   <translation>A&amp;uftrag</translation>
  </message>
  <message>
   <source>&amp;View</source>
   <translation>&amp;Ansicht</translation>
  </message>
  <message>
   <source>(no name)</source>
   <translation>(ohne Namen)</translation>
  </message>
  <message>
   <source>+ Connector</source>
   <translation>+ Stecker</translation>
  </message>
  <message>
   <source>+ Splice</source>
   <translation>+ Verbindung</translation>
  </message>
  <message>
   <source>+ and -, up, down</source>
   <translation>+ und -, auf, ab</translation>
  </message>
  <message>
   <source>, &lt;b&gt;%1 dropouts&lt;/b&gt;, the last %2</source>
   <translation>, &lt;b&gt;%1 Aussetzer&lt;/b&gt;, der letzte %2</translation>
  </message>
  <message>
   <source>, &lt;b&gt;one dropout&lt;/b&gt;, %1</source>
   <translation>, &lt;b&gt;ein Aussetzer&lt;/b&gt;, %1</translation>
  </message>
  <message>
   <source>, all plugged in</source>
   <translation>, alles gesteckt</translation>
  </message>
  <message>
   <source>, and behind it </source>
   <translation>, und dahinter </translation>
  </message>
  <message>
   <source>, battery off</source>
   <translation>, Batterie ab</translation>
  </message>
  <message>
   <source>, black on </source>
   <translation>, Schwarz an </translation>
  </message>
  <message>
   <source>, coil at {}</source>
   <translation>, Spule bei {}</translation>
  </message>
  <message>
   <source>, cut back to bright copper, splice sealed and with slack, then repeat the reading that failed.</source>
   <translation>, auf blankes Kupfer zurückschneiden, dicht und mit Spiel verbinden, dann den Messwert wiederholen, der nicht stimmte.</translation>
  </message>
  <message>
   <source>, data</source>
   <translation>, Daten</translation>
  </message>
  <message>
   <source>, driven</source>
   <translation>, gefahren</translation>
  </message>
  <message>
   <source>, driven warm</source>
   <translation>, warm gefahren</translation>
  </message>
  <message>
   <source>, earlier</source>
   <translation>, früher</translation>
  </message>
  <message>
   <source>, for comparison</source>
   <translation>, zum Vergleich</translation>
  </message>
  <message>
   <source>, jumper at </source>
   <translation>, Brücke an </translation>
  </message>
  <message>
   <source>, live speed</source>
   <translation>, Geschwindigkeit</translation>
  </message>
  <message>
   <source>, look for green crust and for spread or pushed-back terminals in both halves; where water got in both sides are renewed, for both neighbours are contaminated. Then repeat the reading that failed.</source>
   <translation>, in beiden Hälften nach Grünspan und nach aufgeweiteten oder zurückgeschobenen Kontakten sehen; wo Wasser eindrang, werden beide Seiten erneuert, denn beide Nachbarn sind verdorben. Dann den Messwert wiederholen, der nicht stimmte.</translation>
  </message>
  <message>
   <source>, module half</source>
   <translation>, Geräteseite</translation>
  </message>
  <message>
   <source>, no dropout</source>
   <translation>, kein Aussetzer</translation>
  </message>
  <message>
   <source>, out of band at the supply's ends</source>
   <translation>, an den Enden der Versorgung außerhalb</translation>
  </message>
  <message>
   <source>, over the same bump</source>
   <translation>, über dieselbe Schwelle</translation>
  </message>
  <message>
   <source>, plugged</source>
   <translation>, gesteckt</translation>
  </message>
  <message>
   <source>, sensor of {} on the harness of {}</source>
   <translation>, Sensor {} am Kabelbaum {}</translation>
  </message>
  <message>
   <source>, some from the copy %1</source>
   <translation>, einige aus der Kopie %1</translation>
  </message>
  <message>
   <source>, steady at %1</source>
   <translation>, steht bei %1</translation>
  </message>
  <message>
   <source>, steered lock to lock</source>
   <translation>, von Anschlag zu Anschlag gelenkt</translation>
  </message>
  <message>
   <source>, the circuit in question</source>
   <translation>, der fragliche Kreis</translation>
  </message>
  <message>
   <source>, the good wheel: </source>
   <translation>, das gute Rad: </translation>
  </message>
  <message>
   <source>, the two exchanged</source>
   <translation>, die beiden vertauscht</translation>
  </message>
  <message>
   <source>, then codes</source>
   <translation>, dann Codes</translation>
  </message>
  <message>
   <source>, wetted with salt water</source>
   <translation>, mit Salzwasser benetzt</translation>
  </message>
  <message>
   <source>, wheel half</source>
   <translation>, Radseite</translation>
  </message>
  <message>
   <source>, wheel spun</source>
   <translation>, Rad gedreht</translation>
  </message>
  <message>
   <source>, wheel {}</source>
   <translation>, Rad {}</translation>
  </message>
  <message>
   <source>, wire </source>
   <translation>, Ader </translation>
  </message>
  <message>
   <source>, wire {}</source>
   <translation>, Ader {}</translation>
  </message>
  <message>
   <source>, {:.0f} min</source>
   <translation>, {:.0f} min</translation>
  </message>
  <message>
   <source>, {:.0f} min to reach</source>
   <translation>, {:.0f} min bis dahin</translation>
  </message>
  <message>
   <source>, {:.1f} % once all have passed</source>
   <translation>, {:.1f} %, wenn alle bestanden sind</translation>
  </message>
  <message>
   <source>, {:.1f} teeth</source>
   <translation>, {:.1f} Zähne</translation>
  </message>
  <message>
   <source>, {:.3g} m of {:.3g} mm²</source>
   <translation>, {:.3g} m mit {:.3g} mm²</translation>
  </message>
  <message>
   <source>, {:.4g} Hz fed in at {}</source>
   <translation>, {:.4g} Hz eingespeist an {}</translation>
  </message>
  <message>
   <source>, {} apart</source>
   <translation>, {} getrennt</translation>
  </message>
  <message>
   <source>, {} at {}</source>
   <translation>, {} bei {}</translation>
  </message>
  <message>
   <source>, {} unplugged</source>
   <translation>, {} getrennt</translation>
  </message>
  <message>
   <source>, {} {:g} times</source>
   <translation>, {} {:g}-mal</translation>
  </message>
  <message>
   <source>-for-the-trainer</source>
   <translation>-fuer-den-Ausbilder</translation>
  </message>
  <message>
   <source>0 to {}</source>
   <translation>0 bis {}</translation>
  </message>
  <message>
   <source>0.5 to 5 V peak to peak</source>
   <translation>0,5 bis 5 V Spitze-Spitze</translation>
  </message>
  <message>
   <source>1 dropout</source>
   <translation>1 Aussetzer</translation>
  </message>
  <message>
   <source>1 job</source>
   <translation>1 Auftrag</translation>
  </message>
  <message>
   <source>1 to 8</source>
   <translation>1 bis 8</translation>
  </message>
  <message>
   <source>1, 10 or 100 and s, ms, us, ns, ps or fs</source>
   <translation>1, 10 oder 100 und s, ms, us, ns, ps oder fs</translation>
  </message>
  <message>
   <source>1. The vehicle</source>
   <translation>1. Das Fahrzeug</translation>
  </message>
  <message>
   <source>1. What do you do next?</source>
   <translation>1. Was tun Sie als Nächstes?</translation>
  </message>
  <message>
   <source>2. What is it, and how sure are you?</source>
   <translation>2. Was ist es, und wie sicher sind Sie?</translation>
  </message>
  <message>
   <source>2. What is wrong with it (told at the end only)</source>
   <translation>2. Was ihm fehlt (wird erst am Ende gesagt)</translation>
  </message>
  <message>
   <source>21 W bulb</source>
   <translation>21-W-Lampe</translation>
  </message>
  <message>
   <source>21W</source>
   <translation>21 W</translation>
  </message>
  <message>
   <source>3-wire, pull-up on the signal</source>
   <translation>3-Draht, Pull-up am Signal</translation>
  </message>
  <message>
   <source>3. For the shelf, and for afterwards</source>
   <translation>3. Für die Liste und für danach</translation>
  </message>
  <message>
   <source>7 and 14 mA in turn, {:.1f} times a second</source>
   <translation>abwechselnd 7 und 14 mA, {:.1f}-mal je Sekunde</translation>
  </message>
  <message>
   <source>8, 16, 24, 32 or 64 bits a sample</source>
   <translation>8, 16, 24, 32 oder 64 Bit je Abtastwert</translation>
  </message>
  <message>
   <source>95 % of good parts, 95 % sure</source>
   <translation>95 % der guten Teile, zu 95 % sicher</translation>
  </message>
  <message>
   <source>: NOT SEALED.</source>
   <translation>: NICHT VERSIEGELT.</translation>
  </message>
  <message>
   <source>: NOT as it should</source>
   <translation>: NICHT wie es soll</translation>
  </message>
  <message>
   <source>: as it should</source>
   <translation>: wie es soll</translation>
  </message>
  <message>
   <source>: click to see its line, drop a capture on it</source>
   <translation>: klicken zeigt die Leitung, eine Aufzeichnung darauf ablegen</translation>
  </message>
  <message>
   <source>: counts only</source>
   <translation>: nur Zählwerte</translation>
  </message>
  <message>
   <source>: it leaks; water, or a chafed wire</source>
   <translation>: sie leitet ab; Wasser oder eine gescheuerte Ader</translation>
  </message>
  <message>
   <source>: measure on at the line, or decide on what is known</source>
   <translation>: weiter messen, oder nach dem Bekannten entscheiden</translation>
  </message>
  <message>
   <source>: nothing left that would explain the readings</source>
   <translation>: nichts mehr, was die Messwerte erklären würde</translation>
  </message>
  <message>
   <source>: resistance in the line, or the wrong part</source>
   <translation>: Widerstand in der Leitung oder das falsche Teil</translation>
  </message>
  <message>
   <source>: say its kind at Intake where you know better.</source>
   <translation>: unter Annahme die Art sagen, wo Sie es besser wissen.</translation>
  </message>
  <message>
   <source>: sealed.</source>
   <translation>: versiegelt.</translation>
  </message>
  <message>
   <source>: shorted turns, or the wires touch</source>
   <translation>: Windungsschluss, oder die Adern berühren sich</translation>
  </message>
  <message>
   <source>: the pair is open or nearly so</source>
   <translation>: das Paar ist unterbrochen oder fast</translation>
  </message>
  <message>
   <source>: the photo is missing</source>
   <translation>: das Foto fehlt</translation>
  </message>
  <message>
   <source>: time</source>
   <translation>: Zeit</translation>
  </message>
  <message>
   <source>; most were {} ({:.0f})</source>
   <translation>; am häufigsten {} ({:.0f})</translation>
  </message>
  <message>
   <source>; wire a {}, wire b {}</source>
   <translation>; Ader a {}, Ader b {}</translation>
  </message>
  <message>
   <source>A JSON file that says where in which frame each wheel's speed stands</source>
   <translation>Eine JSON-Datei, die sagt, wo in welcher Botschaft welche Geschwindigkeit steht</translation>
  </message>
  <message>
   <source>A bulb draws more than a module's pin may deliver: use an LED tester or a high-impedance meter, or unplug the module.</source>
   <translation>Eine Glühlampe zieht mehr, als ein Pin des Steuergeräts geben darf: LED-Prüfer oder hochohmiges Messgerät nehmen, oder Steuergerät trennen.</translation>
  </message>
  <message>
   <source>A capture of this wheel shows its ring here, tooth by tooth.</source>
   <translation>Eine Aufzeichnung dieses Rads zeigt hier den Ring, Zahn für Zahn.</translation>
  </message>
  <message>
   <source>A case teaches one thing. The title and the complaint must not tell the fault; what the driver says fits what is hidden. Try it before a class does.</source>
   <translation>Ein Fall lehrt eine Sache. Titel und Beanstandung dürfen den Fehler nicht verraten; was der Fahrer sagt, passt zu dem, was versteckt ist. Probieren Sie ihn vor der Klasse.</translation>
  </message>
  <message>
   <source>A change of the instrument's range or coupling moves the level, too.</source>
   <translation>Auch ein anderer Bereich oder eine andere Kopplung des Geräts verschiebt den Pegel.</translation>
  </message>
  <message>
   <source>A circuit has two wires: the return is tested from battery plus.</source>
   <translation>Ein Kreis hat zwei Drähte: die Rückleitung wird von Batterie-Plus aus geprüft.</translation>
  </message>
  <message>
   <source>A coded sensor tells of its gap long before it is lost: read the widths.</source>
   <translation>Ein codierter Sensor meldet seinen Luftspalt lange bevor er verloren geht: die Breiten lesen.</translation>
  </message>
  <message>
   <source>A coil makes no voltage while the wheel stands: spin it.</source>
   <translation>Eine Spule gibt keine Spannung, solange das Rad steht: drehen.</translation>
  </message>
  <message>
   <source>A coil that swings under a steel tool is alive; it may still be weak.</source>
   <translation>Eine Spule, die unter Stahl schwingt, lebt; schwach kann sie noch sein.</translation>
  </message>
  <message>
   <source>A fault was isolated in %1 minutes on average.</source>
   <translation>Ein Fehler war im Mittel in %1 Minuten eingegrenzt.</translation>
  </message>
  <message>
   <source>Two hundred ohms where the other wheel has a thousand are no good contact: turns of the coil are shorted.</source>
   <translation>Zweihundert Ohm, wo das andere Rad tausend hat, sind kein guter Kontakt: Windungen der Spule sind kurzgeschlossen.</translation>
  </message>
  <message>
   <source>A file...</source>
   <translation>Eine Datei...</translation>
  </message>
  <message>
   <source>A folder of practice cases</source>
   <translation>Ein Ordner mit Übungsfällen</translation>
  </message>
  <message>
   <source>A folder...</source>
   <translation>Ein Ordner...</translation>
  </message>
  <message>
   <source>A ghost voltage between nothing and supply: an open with a leak, rather than a short; load it and it falls to nothing.</source>
   <translation>Eine Geisterspannung zwischen nichts und Versorgung: eher Unterbrechung mit Ableitung als Kurzschluss; unter Last fällt sie auf nichts.</translation>
  </message>
  <message>
   <source>A good sensor in its place</source>
   <translation>Ein guter Sensor an seiner Stelle</translation>
  </message>
  <message>
   <source>A hand that turns unevenly once a turn swells the output, too.</source>
   <translation>Auch eine Hand, die einmal je Umdrehung ungleich dreht, lässt das Signal anschwellen.</translation>
  </message>
  <message>
   <source>A hot coil reads higher, 0.39 % a kelvin: give its temperature.</source>
   <translation>Eine warme Spule zeigt mehr, 0,39 % je Kelvin: ihre Temperatur angeben.</translation>
  </message>
  <message>
   <source>A knock on the probe looks the same: record it once more.</source>
   <translation>Ein Stoß an die Messspitze sieht genauso aus: noch einmal aufzeichnen.</translation>
  </message>
  <message>
   <source>A leak no ohmmeter sees</source>
   <translation>Ein Kriechstrom, den kein Ohmmeter sieht</translation>
  </message>
  <message>
   <source>A look costs little and misses what is under the rubber.</source>
   <translation>Hinsehen kostet wenig und übersieht, was unter dem Gummi ist.</translation>
  </message>
  <message>
   <source>A made-up vehicle answers now. What it gives goes into this copy, which is kept nowhere; your job comes back when the yard is left.</source>
   <translation>Jetzt antwortet ein erdachtes Fahrzeug. Was es gibt, kommt in diese Kopie, die nirgends behalten wird; Ihr Auftrag kommt wieder, wenn der Hof verlassen wird.</translation>
  </message>
  <message>
   <source>A made-up vehicle with something hidden wrong, and instruments to find it</source>
   <translation>Ein erdachtes Fahrzeug mit verstecktem Fehler, und Messgeräte, ihn zu finden</translation>
  </message>
  <message>
   <source>A made-up vehicle. Ask the trainer for one thing at a time and write down what you expect before you hear the answer.</source>
   <translation>Ein erdachtes Fahrzeug. Fragen Sie den Ausbilder nach einer Sache auf einmal und schreiben Sie auf, was Sie erwarten, bevor Sie die Antwort hören.</translation>
  </message>
  <message>
   <source>A missing supply may only be latched off: clear the codes and cycle the ignition before the module is blamed.</source>
   <translation>Eine fehlende Versorgung ist vielleicht nur abgeschaltet: Codes löschen, Zündung aus und an, bevor das Steuergerät beschuldigt wird.</translation>
  </message>
  <message>
   <source>A module costs</source>
   <translation>Ein Steuergerät kostet</translation>
  </message>
  <message>
   <source>A multimeter does not read this kind of test.</source>
   <translation>Ein Multimeter misst so etwas nicht.</translation>
  </message>
  <message>
   <source>A new job begins with</source>
   <translation>Ein neuer Auftrag beginnt mit</translation>
  </message>
  <message>
   <source>A new part is a part that nobody has measured yet.</source>
   <translation>Ein neues Teil ist ein Teil, das noch niemand gemessen hat.</translation>
  </message>
  <message>
   <source>A new wheel sensor was chosen by the old one.</source>
   <translation>Ein neuer Radsensor wurde nach dem alten ausgesucht.</translation>
  </message>
  <message>
   <source>A part renewed in vain counts for less. Trouble that began after a work sits where the work was: two wires changed over, a hub with another count of teeth, a bearing the wrong way round, a tyre of another size.</source>
   <translation>Ein vergeblich erneuertes Teil zählt weniger. Was nach einer Arbeit begann, sitzt, wo gearbeitet wurde: zwei vertauschte Adern, eine Nabe mit anderer Zähnezahl, ein Lager verkehrt herum, ein Reifen anderer Größe.</translation>
  </message>
  <message>
   <source>A plug that was never home conducts on one wire only: feel it, pull it, look at the catch.</source>
   <translation>Ein Stecker, der nie gerastet war, leitet nur auf einem Draht: fühlen, ziehen, die Rastnase ansehen.</translation>
  </message>
  <message>
   <source>A pulse is</source>
   <translation>Ein Impuls ist</translation>
  </message>
  <message>
   <source>A pulse is left out once in less than two turns, and all others are in step: a tooth that is not there; turn the wheel twice round to see whether it comes again.</source>
   <translation>Einmal fehlt ein Impuls in weniger als zwei Umdrehungen, und alle anderen sind im Takt: ein Zahn, der nicht da ist; das Rad zweimal herumdrehen, um zu sehen, ob es wiederkommt.</translation>
  </message>
  <message>
   <source>A pulse is left out twice, {} teeth apart, and all others are in step: one tooth of a ring of {}; count the teeth.</source>
   <translation>Zweimal fehlt ein Impuls, {} Zähne auseinander, und alle anderen sind im Takt: ein Zahn eines Rings von {}; Zähne zählen.</translation>
  </message>
  <message>
   <source>A pulse is left out {} times, every {} teeth, the rest in step: one tooth of the ring is not there; count its teeth.</source>
   <translation>Ein Impuls fehlt {} Mal, alle {} Zähne, der Rest im Takt: ein Zahn des Rings ist nicht da; seine Zähne zählen.</translation>
  </message>
  <message>
   <source>A repair lead costs</source>
   <translation>Ein Reparaturkabel kostet</translation>
  </message>
  <message>
   <source>A ring from another shelf</source>
   <translation>Ein Ring aus einem anderen Regal</translation>
  </message>
  <message>
   <source>A ring or bearing costs</source>
   <translation>Ein Ring oder Lager kostet</translation>
  </message>
  <message>
   <source>A sensor costs</source>
   <translation>Ein Sensor kostet</translation>
  </message>
  <message>
   <source>A sine for a passive input, out of this machine's sound output through an isolating transformer</source>
   <translation>Ein Sinus für einen passiven Eingang, aus dem Tonausgang dieses Rechners über einen Trenntransformator</translation>
  </message>
  <message>
   <source>A sound line reads </source>
   <translation>Eine gesunde Leitung zeigt </translation>
  </message>
  <message>
   <source>A sound line reads OL</source>
   <translation>Eine gesunde Leitung zeigt OL</translation>
  </message>
  <message>
   <source>A spare wheel</source>
   <translation>Ein Ersatzrad</translation>
  </message>
  <message>
   <source>A thousand ohms, warm</source>
   <translation>Tausend Ohm, warm</translation>
  </message>
  <message>
   <source>A tired magnet</source>
   <translation>Ein müder Magnet</translation>
  </message>
  <message>
   <source>A to B: %1, %2</source>
   <translation>A bis B: %1, %2</translation>
  </message>
  <message>
   <source>A tyre of the right size was put on, at the right pressure.</source>
   <translation>Ein Reifen der richtigen Größe wurde mit dem richtigen Druck aufgezogen.</translation>
  </message>
  <message>
   <source>A voltmeter draws nothing: one strand passes full volts. Load it and it falls.</source>
   <translation>Ein Voltmeter zieht nichts: eine Litze lässt volle Spannung durch. Belastet bricht sie ein.</translation>
  </message>
  <message>
   <source>A weak signal and a sound coil: look at the tip before you buy a sensor.</source>
   <translation>Ein schwaches Signal und eine gute Spule: die Spitze ansehen, bevor ein Sensor gekauft wird.</translation>
  </message>
  <message>
   <source>A wheel stopped by hand within a tooth looks the same.</source>
   <translation>Ein Rad, das die Hand binnen eines Zahns anhält, sieht genauso aus.</translation>
  </message>
  <message>
   <source>A wheel that stands, or a probe that is off, looks the same.</source>
   <translation>Ein stehendes Rad oder eine abgerutschte Messspitze sieht genauso aus.</translation>
  </message>
  <message>
   <source>A wheel turned by jerks scatters them as well.</source>
   <translation>Auch ein ruckweise gedrehtes Rad streut sie.</translation>
  </message>
  <message>
   <source>A wire that is not there</source>
   <translation>Ein Draht, der nicht da ist</translation>
  </message>
  <message>
   <source>A word, not a wave</source>
   <translation>Ein Wort, keine Welle</translation>
  </message>
  <message>
   <source>ABS and ESC may be off during tests: drive accordingly, where it is lawful; a second person watches the instrument.</source>
   <translation>ABS und ESP können bei Prüfungen aus sein: entsprechend fahren, wo es erlaubt ist; eine zweite Person sieht auf das Gerät.</translation>
  </message>
  <message>
   <source>AC</source>
   <translation>AC</translation>
  </message>
  <message>
   <source>AC output, spun</source>
   <translation>AC-Ausgang, gedreht</translation>
  </message>
  <message>
   <source>AC volts</source>
   <translation>AC V</translation>
  </message>
  <message>
   <source>AC volts at </source>
   <translation>AC Volt: </translation>
  </message>
  <message>
   <source>AC volts depend on how fast it was spun: read the hertz too, then two wheels compare.</source>
   <translation>AC Volt hängen davon ab, wie schnell gedreht wurde: auch Hertz ablesen, dann sind zwei Räder vergleichbar.</translation>
  </message>
  <message>
   <source>AC volts of {} at </source>
   <translation>AC Volt, {}: </translation>
  </message>
  <message>
   <source>AC volts with the sensor unplugged from where the leads are: there is no signal to read. Plug it in, or measure on its own side, then again.</source>
   <translation>AC Volt, während der Sensor von dort, wo die Spitzen sind, abgesteckt ist: da ist kein Signal. Anstecken oder auf seiner Seite messen, dann noch einmal.</translation>
  </message>
  <message>
   <source>AC volts with the wheel standing: there is no signal to read. Spin it, then again.</source>
   <translation>AC Volt bei stehendem Rad: da ist kein Signal. Drehen, dann noch einmal.</translation>
  </message>
  <message>
   <source>AC volts, % + counts</source>
   <translation>AC Volt, % + Digits</translation>
  </message>
  <message>
   <source>AC volts, with the hertz</source>
   <translation>AC Volt, mit Hertz</translation>
  </message>
  <message>
   <source>About Hay Bale</source>
   <translation>Über Hay Bale</translation>
  </message>
  <message>
   <source>About Hay Bale, licences</source>
   <translation>Über Hay Bale, Lizenzen</translation>
  </message>
  <message>
   <source>About rest level</source>
   <translation>Um die Ruhelage</translation>
  </message>
  <message>
   <source>Above a speed</source>
   <translation>Über einer Geschwindigkeit</translation>
  </message>
  <message>
   <source>Above: what could still explain the readings. Below: each reading where it was taken.</source>
   <translation>Oben: was die Messwerte noch erklären könnte. Unten: jeder Messwert, wo er genommen wurde.</translation>
  </message>
  <message>
   <source>Absent: {}: the ring or its encoder, not sensor or wiring.</source>
   <translation>Fehlt: {}: der Ring oder sein Impulsrad, nicht Sensor oder Leitung.</translation>
  </message>
  <message>
   <source>Absent: {}: the ring or its encoder, rather than a wire that lets go; give the number of teeth, or turn the wheel further round, to be sure.</source>
   <translation>Fehlt: {}: eher der Ring oder sein Impulsrad als eine Leitung, die loslässt; die Zähnezahl angeben oder das Rad weiter drehen, um sicher zu sein.</translation>
  </message>
  <message>
   <source>Act on what stands below, then prove it: repeat the reading that failed.</source>
   <translation>Nach dem handeln, was unten steht, dann nachweisen: den Messwert wiederholen, der nicht stimmte.</translation>
  </message>
  <message>
   <source>Active sensors mind their polarity: a to a, b to b.</source>
   <translation>Aktive Sensoren achten auf Polung: a an a, b an b.</translation>
  </message>
  <message>
   <source>Add a circuit</source>
   <translation>Kreis hinzufügen</translation>
  </message>
  <message>
   <source>Add a code</source>
   <translation>Code hinzufügen</translation>
  </message>
  <message>
   <source>Add a work done</source>
   <translation>Arbeit hinzufügen</translation>
  </message>
  <message>
   <source>Address of the shop's logbook</source>
   <translation>Adresse des Werkstattbuchs</translation>
  </message>
  <message>
   <source>After a repair measure the whole line again: an old wagon rarely has one fault.</source>
   <translation>Nach einer Reparatur die ganze Leitung nachmessen: ein alter Wagen hat selten nur einen Fehler.</translation>
  </message>
  <message>
   <source>After a short the module may leave the input off until it is told to forget.</source>
   <translation>Nach einem Schluss kann das Steuergerät den Eingang abgeschaltet lassen, bis man es vergessen heißt.</translation>
  </message>
  <message>
   <source>After the first turn</source>
   <translation>Nach der ersten Umdrehung</translation>
  </message>
  <message>
   <source>Again: </source>
   <translation>Noch einmal: </translation>
  </message>
  <message>
   <source>All files (*)</source>
   <translation>Alle Dateien (*)</translation>
  </message>
  <message>
   <source>All four at once</source>
   <translation>Alle vier auf einmal</translation>
  </message>
  <message>
   <source>All four wheels travel the same road: one that turns faster is smaller.</source>
   <translation>Alle vier Räder fahren dieselbe Straße: eines, das sich schneller dreht, ist kleiner.</translation>
  </message>
  <message>
   <source>All hangs on {} ({}): take it once more, at a second contact, before anything is opened.</source>
   <translation>Alles hängt an {} ({}): noch einmal messen, an einem zweiten Kontakt, bevor etwas geöffnet wird.</translation>
  </message>
  <message>
   <source>All is brought over to %1.</source>
   <translation>Alles ist nach %1 nachgetragen.</translation>
  </message>
  <message>
   <source>All jobs are in %1.</source>
   <translation>Alle Aufträge stehen in %1.</translation>
  </message>
  <message>
   <source>All of it</source>
   <translation>Alles</translation>
  </message>
  <message>
   <source>All of this on {}, the other wheel of the axle: it is the specification.</source>
   <translation>All das an {}, dem anderen Rad der Achse: Es gibt die Vorgabe.</translation>
  </message>
  <message>
   <source>All teeth are as weak as each other: it is not the ring's doing at one place.</source>
   <translation>Alle Zähne sind gleich schwach: es liegt nicht an einer Stelle des Rings.</translation>
  </message>
  <message>
   <source>All that moves are {:.0f} steps of {} of the instrument: choose a finer range or couple it by AC before anything is judged.</source>
   <translation>Es bewegen sich nur {:.0f} Stufen von {} des Geräts: feineren Bereich wählen oder AC koppeln, bevor etwas beurteilt wird.</translation>
  </message>
  <message>
   <source>All that moves is noise of {} about {}: no wheel is seen in it.</source>
   <translation>Alles, was sich bewegt, ist Rauschen von {} um {}: darin ist kein Rad zu sehen.</translation>
  </message>
  <message>
   <source>An active sensor on leads the wrong way round gives no signal and sets codes: swap the two leads once before the line is blamed.</source>
   <translation>Ein aktiver Sensor an vertauschten Leitungen gibt kein Signal und setzt Fehlercodes: die beiden Leitungen einmal tauschen, bevor die Leitung beschuldigt wird.</translation>
  </message>
  <message>
   <source>An active sensor that is unplugged from its module gives no signal: plugged in, back-probed, then again.</source>
   <translation>Ein aktiver Sensor, vom Steuergerät getrennt, gibt kein Signal: gesteckt von hinten messen, dann noch einmal.</translation>
  </message>
  <message>
   <source>An active sensor with the key off is not fed: the trace means nothing. Key on, then again.</source>
   <translation>Ein aktiver Sensor ist bei Zündung aus nicht versorgt: die Aufzeichnung bedeutet nichts. Zündung an, dann noch einmal.</translation>
  </message>
  <message>
   <source>An ammeter across a supply is a short: in line only, across the two halves of an open connector; back on volts before the next test.</source>
   <translation>Ein Amperemeter quer über eine Versorgung ist ein Kurzschluss: nur in Reihe, zwischen den zwei Hälften eines offenen Steckers; vor der nächsten Prüfung zurück auf Volt.</translation>
  </message>
  <message>
   <source>An ammeter across a supply is a short: put it in line, across the two halves of an open connector.</source>
   <translation>Ein Strommesser an einer Versorgung ist ein Kurzschluss: in Reihe legen, über die Hälften eines offenen Steckers.</translation>
  </message>
  <message>
   <source>An amplitude that swells once a turn is a ring that does not run true.</source>
   <translation>Eine Höhe, die einmal je Umdrehung anschwillt, ist ein Ring, der nicht rund läuft.</translation>
  </message>
  <message>
   <source>An answer of an instrument came after another job was opened: it is written nowhere.</source>
   <translation>Die Antwort eines Messgeräts kam, nachdem ein anderer Auftrag geöffnet war: sie wird nirgends eingetragen.</translation>
  </message>
  <message>
   <source>An encoder pressed in with its magnets inward never passes the sensor: a look, a film, a fresh bearing.</source>
   <translation>Ein Encoder, der mit den Magneten nach innen eingepresst ist, läuft nie am Sensor vorbei: ein Blick, eine Prüffolie, ein neues Lager.</translation>
  </message>
  <message>
   <source>An hour costs</source>
   <translation>Eine Stunde kostet</translation>
  </message>
  <message>
   <source>An ohmmeter pushes next to no current: it sees a break, a short, a coil; a leak of salt water or one last strand it may not.</source>
   <translation>Ein Ohmmeter treibt fast keinen Strom: es sieht Bruch, Kurzschluss, Spule; eine Ableitung mit Salzwasser oder eine letzte Litze vielleicht nicht.</translation>
  </message>
  <message>
   <source>Angle from the first pulse: chalk the tyre there.</source>
   <translation>Winkel ab dem ersten Impuls: dort den Reifen ankreiden.</translation>
  </message>
  <message>
   <source>Another program wrote %1 meanwhile; what it wrote is kept in %2. Different is %3.</source>
   <translation>Ein anderes Programm schrieb inzwischen %1; was es schrieb, ist in %2 behalten. Verschieden ist %3.</translation>
  </message>
  <message>
   <source>Another vehicle</source>
   <translation>Ein anderes Fahrzeug</translation>
  </message>
  <message>
   <source>Another window took this job over. Here it can only be read now.</source>
   <translation>Ein anderes Fenster hat diesen Auftrag übernommen. Hier ist er nur noch lesbar.</translation>
  </message>
  <message>
   <source>Another window works on this job. Here it can be read; "Take over" goes on with it in this one.</source>
   <translation>Ein anderes Fenster arbeitet an diesem Auftrag. Hier ist er lesbar; „Übernehmen“ macht in diesem weiter.</translation>
  </message>
  <message>
   <source>Answer the next move</source>
   <translation>Den nächsten Schritt beantworten</translation>
  </message>
  <message>
   <source>Any word of a job: a plate, a code, a colour, a complaint, a reading</source>
   <translation>Irgendein Wort eines Auftrags: Kennzeichen, Code, Farbe, Beanstandung, Messwert</translation>
  </message>
  <message>
   <source>Arrow</source>
   <translation>Pfeil</translation>
  </message>
  <message>
   <source>As a capture of the wheel in question</source>
   <translation>Als Aufzeichnung des fraglichen Rads</translation>
  </message>
  <message>
   <source>As a capture of this wheel, with its gaps, and stop</source>
   <translation>Als Aufzeichnung dieses Rads, mit Lücken, und beenden</translation>
  </message>
  <message>
   <source>Ask</source>
   <translation>Fragen</translation>
  </message>
  <message>
   <source>Asked to read it as {}, but the record looks {}.</source>
   <translation>Gelesen werden soll es als {}, aber die Aufzeichnung sieht nach {} aus.</translation>
  </message>
  <message>
   <source>Asking the vehicle everything ...</source>
   <translation>Das Fahrzeug wird alles gefragt ...</translation>
  </message>
  <message>
   <source>At key-on, the car standing</source>
   <translation>Beim Einschalten, im Stand</translation>
  </message>
  <message>
   <source>At the same moments as on {}: what they share lets go (supply, ground, module, or the scope's own lead), not this line alone.</source>
   <translation>In denselben Augenblicken wie bei {}: was sie teilen, lässt los (Versorgung, Masse, Steuergerät oder die Leitung des Oszilloskops selbst), nicht diese Leitung allein.</translation>
  </message>
  <message>
   <source>At walking pace</source>
   <translation>Im Schritttempo</translation>
  </message>
  <message>
   <source>At {}: exchange the two wires back, by their colours at both ends.</source>
   <translation>{}: die zwei Adern zurücktauschen, nach ihren Farben an beiden Enden.</translation>
  </message>
  <message>
   <source>Attach a file</source>
   <translation>Datei anhängen</translation>
  </message>
  <message>
   <source>Attach a photo or file</source>
   <translation>Foto oder Datei anhängen</translation>
  </message>
  <message>
   <source>Back (F11)</source>
   <translation>Zurück (F11)</translation>
  </message>
  <message>
   <source>Back to the vehicles</source>
   <translation>Zurück zu den Fahrzeugen</translation>
  </message>
  <message>
   <source>Bale lorry, black</source>
   <translation>Ballenlaster, schwarz</translation>
  </message>
  <message>
   <source>Bale lorry, grey</source>
   <translation>Ballenlaster, grau</translation>
  </message>
  <message>
   <source>Baler tractor</source>
   <translation>Pressentraktor</translation>
  </message>
  <message>
   <source>Beet lorry</source>
   <translation>Rübenlaster</translation>
  </message>
  <message>
   <source>Before a module is changed: fuses, protection relay, power and ground of the module under load.</source>
   <translation>Bevor ein Steuergerät getauscht wird: Sicherungen, Schutzrelais, Plus und Masse des Steuergeräts unter Last.</translation>
  </message>
  <message>
   <source>Before and after, turn on turn</source>
   <translation>Vorher und nachher, Umdrehung auf Umdrehung</translation>
  </message>
  <message>
   <source>Begin anew</source>
   <translation>Neu anfangen</translation>
  </message>
  <message>
   <source>Begin with a line as vehicles have it, chosen by its picture</source>
   <translation>Mit einer Leitung beginnen, wie Fahrzeuge sie haben, nach dem Bild gewählt</translation>
  </message>
  <message>
   <source>Begin with level 1: one fault, one wheel, all tools.</source>
   <translation>Mit Stufe 1 beginnen: ein Fehler, ein Rad, alles Werkzeug.</translation>
  </message>
  <message>
   <source>Beginning of the vehicles' name</source>
   <translation>Anfang des Fahrzeugnamens</translation>
  </message>
  <message>
   <source>Bend and pinch {}, one place after the other, and steer lock to lock.</source>
   <translation>Biegen und drücken: {}, eine Stelle nach der anderen, und von Anschlag zu Anschlag lenken.</translation>
  </message>
  <message>
   <source>Best points of each case, over all tries. Odds: mean of Brier's score of what they said they were sure of; 0 is perfect, 0.25 is guessing.</source>
   <translation>Beste Punkte jedes Falls, über alle Versuche. Quote: Mittel der Brier-Zahl dessen, wie sicher sie sich nannten; 0 ist vollkommen, 0,25 ist geraten.</translation>
  </message>
  <message>
   <source>Better: </source>
   <translation>Besser: </translation>
  </message>
  <message>
   <source>Between columns</source>
   <translation>Zwischen den Spalten</translation>
  </message>
  <message>
   <source>Black lead on {}.</source>
   <translation>Schwarze Spitze an {}.</translation>
  </message>
  <message>
   <source>Both eyes on the loom: listen.</source>
   <translation>Augen auf den Kabelbaum: hören.</translation>
  </message>
  <message>
   <source>Both leads touch the same joint: move one of them.</source>
   <translation>Beide Spitzen berühren dieselbe Stelle: eine versetzen.</translation>
  </message>
  <message>
   <source>Both leads, Ω (0: zeroed)</source>
   <translation>Beide Leitungen, Ω (0: abgezogen)</translation>
  </message>
  <message>
   <source>Both wheels over the same time and at the same scale.</source>
   <translation>Beide Räder über derselben Zeit und im selben Maßstab.</translation>
  </message>
  <message>
   <source>Both wires stand at the supply: the sensor draws nothing. After a new part or a mended joint swap the two wires once before concluding.</source>
   <translation>Beide Adern liegen an der Versorgung: der Sensor zieht keinen Strom. Nach einem neuen Teil oder einer geflickten Stelle die beiden Adern einmal tauschen, bevor geurteilt wird.</translation>
  </message>
  <message>
   <source>Bracket it within </source>
   <translation>Eingrenzen in </translation>
  </message>
  <message>
   <source>Brake hydraulics, where it sits on the unit: the maker's procedure and bleeding.</source>
   <translation>Bremshydraulik, wo es am Aggregat sitzt: Herstellervorgabe und Entlüften.</translation>
  </message>
  <message>
   <source>Bring them along into the shop's logbook</source>
   <translation>Ins Buch der Werkstatt mitbringen</translation>
  </message>
  <message>
   <source>Broken where it bends</source>
   <translation>Gebrochen, wo es sich biegt</translation>
  </message>
  <message>
   <source>By bench (all jobs)</source>
   <translation>Nach Werkplatz (alle Aufträge)</translation>
  </message>
  <message>
   <source>By month of closing</source>
   <translation>Nach Monat des Abschlusses</translation>
  </message>
  <message>
   <source>By sound card</source>
   <translation>Mit Soundkarte</translation>
  </message>
  <message>
   <source>By vehicle</source>
   <translation>Nach Fahrzeug</translation>
  </message>
  <message>
   <source>C, S, Delete, &lt; &gt;</source>
   <translation>C, S, Entf, &lt; &gt;</translation>
  </message>
  <message>
   <source>Camera</source>
   <translation>Kamera</translation>
  </message>
  <message>
   <source>Can be played. Hidden: %1.</source>
   <translation>Kann gespielt werden. Versteckt: %1.</translation>
  </message>
  <message>
   <source>Cancel</source>
   <translation>Abbrechen</translation>
  </message>
  <message>
   <source>Capture of %1</source>
   <translation>Aufzeichnung von %1</translation>
  </message>
  <message>
   <source>Captures and photos of the open job</source>
   <translation>Aufzeichnungen und Fotos des offenen Auftrags</translation>
  </message>
  <message>
   <source>Car standing, key off.</source>
   <translation>Fahrzeug steht, Zündung aus.</translation>
  </message>
  <message>
   <source>Car standing, wheels still.</source>
   <translation>Fahrzeug steht, Räder still.</translation>
  </message>
  <message>
   <source>Case of a file...</source>
   <translation>Fall einer Datei...</translation>
  </message>
  <message>
   <source>Cattle lorry</source>
   <translation>Viehlaster</translation>
  </message>
  <message>
   <source>Chalk the tyre at the first pulse and look at tooth {} through the opening, {:.0f}° forward from the mark.</source>
   <translation>Den Reifen beim ersten Impuls ankreiden und Zahn {} durch die Öffnung ansehen, {:.0f}° weiter von der Marke.</translation>
  </message>
  <message>
   <source>Change or repair the module, then set it up as the maker says.</source>
   <translation>Steuergerät tauschen oder reparieren, dann einrichten, wie der Hersteller sagt.</translation>
  </message>
  <message>
   <source>Change the control unit</source>
   <translation>Steuergerät tauschen</translation>
  </message>
  <message>
   <source>Changes that were not saved are back. Undo shows the file as it was saved.</source>
   <translation>Nicht gespeicherte Änderungen sind wieder da. Rückgängig zeigt die Datei, wie sie gespeichert war.</translation>
  </message>
  <message>
   <source>Check battery, fuses, relay, power and ground of the module under load: several circuits hang on them.</source>
   <translation>Batterie, Sicherungen, Relais, Plus und Masse des Steuergeräts unter Last prüfen: mehrere Kreise hängen daran.</translation>
  </message>
  <message>
   <source>Check the module's plug, power and ground before the module itself is blamed.</source>
   <translation>Stecker, Plus und Masse des Steuergeräts prüfen, bevor es selbst beschuldigt wird.</translation>
  </message>
  <message>
   <source>Choose a made-up vehicle and press Enter</source>
   <translation>Ein erdachtes Fahrzeug wählen und Eingabe drücken</translation>
  </message>
  <message>
   <source>Choose a picture...</source>
   <translation>Bild wählen...</translation>
  </message>
  <message>
   <source>Choose the capture file</source>
   <translation>Aufzeichnung wählen</translation>
  </message>
  <message>
   <source>Circuit %1.  %2 min, costs %3 so far.</source>
   <translation>Kreis %1.  %2 min, kostet bisher %3.</translation>
  </message>
  <message>
   <source>Circuit in question: {}. Tools: {}. Allowed: {}.</source>
   <translation>Fraglicher Kreis: {}. Werkzeug: {}. Erlaubt: {}.</translation>
  </message>
  <message>
   <source>Clean rust from bore and seat so that it goes home; push it fully home before the bolt: a cocked flange cracks.</source>
   <translation>Rost aus Bohrung und Sitz entfernen, damit er anliegt; ganz hineindrücken, dann erst die Schraube: ein schiefer Flansch reißt.</translation>
  </message>
  <message>
   <source>Clean the ring and its window; look for rust under the ring that lifts it.</source>
   <translation>Ring und Fenster reinigen; nach Rost unter dem Ring sehen, der ihn anhebt.</translation>
  </message>
  <message>
   <source>Clean the sensor's tip and seat</source>
   <translation>Sensorspitze und Sitz reinigen</translation>
  </message>
  <message>
   <source>Clean the terminals of {} with a fine tool that does not spread them, and tighten spread ones; renew what stays loose.</source>
   <translation>Kontakte von {} mit feinem Werkzeug reinigen, das sie nicht aufweitet, aufgeweitete nachstellen; erneuern, was lose bleibt.</translation>
  </message>
  <message>
   <source>Clear codes and read them again</source>
   <translation>Codes löschen und wieder lesen</translation>
  </message>
  <message>
   <source>Clear the codes and cycle the ignition: the module feeds its sensors again.</source>
   <translation>Codes löschen, Zündung aus und an: das Steuergerät versorgt seine Sensoren wieder.</translation>
  </message>
  <message>
   <source>Clear the codes and cycle the ignition: the supply comes back. Then find what made the module switch off.</source>
   <translation>Codes löschen, Zündung aus und an: die Versorgung kommt wieder. Dann finden, warum das Steuergerät abschaltete.</translation>
  </message>
  <message>
   <source>Clear the codes once more, do the same again, and read what comes back.</source>
   <translation>Codes noch einmal löschen, dasselbe tun und lesen, was wiederkommt.</translation>
  </message>
  <message>
   <source>Clear the codes, cycle the ignition and read the supply again before a module is blamed.</source>
   <translation>Codes löschen, Zündung aus und an und die Versorgung noch einmal messen, bevor ein Steuergerät beschuldigt wird.</translation>
  </message>
  <message>
   <source>Clear the codes, spin the wheel, read them again.</source>
   <translation>Codes löschen, Rad drehen, wieder lesen.</translation>
  </message>
  <message>
   <source>Clear the stored faults and start again</source>
   <translation>Gespeicherte Fehler löschen und neu beginnen</translation>
  </message>
  <message>
   <source>Clear, cycle the key, read the codes</source>
   <translation>Löschen, Zündung aus und an, Codes lesen</translation>
  </message>
  <message>
   <source>Clearing wipes the codes stored now: write them down first, with status, counts and freeze values.</source>
   <translation>Löschen tilgt die gespeicherten Codes: erst aufschreiben, mit Status, Zählern und Begleitwerten.</translation>
  </message>
  <message>
   <source>Clearing wipes the stored codes: write them down in Intake first, or tick there that none were stored.</source>
   <translation>Löschen tilgt die gespeicherten Codes: erst unter Annahme aufschreiben oder dort ankreuzen, dass keine gespeichert waren.</translation>
  </message>
  <message>
   <source>Click a place on the line.</source>
   <translation>Eine Stelle auf der Leitung anklicken.</translation>
  </message>
  <message>
   <source>Clicked, but not home</source>
   <translation>Geklickt, aber nicht gerastet</translation>
  </message>
  <message>
   <source>Close</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <source>Close the job</source>
   <translation>Auftrag abschließen</translation>
  </message>
  <message>
   <source>Close-out</source>
   <translation>Abschluss</translation>
  </message>
  <message>
   <source>Closed on %1: %2 %3.</source>
   <translation>Abgeschlossen am %1: %2 %3.</translation>
  </message>
  <message>
   <source>Coach</source>
   <translation>Lehrer</translation>
  </message>
  <message>
   <source>Codes in the module, before anything is cleared</source>
   <translation>Codes im Steuergerät, bevor etwas gelöscht wird</translation>
  </message>
  <message>
   <source>Codes, basics, prices</source>
   <translation>Codes, Grundlagen, Preise</translation>
  </message>
  <message>
   <source>Colours</source>
   <translation>Farben</translation>
  </message>
  <message>
   <source>Combine carrier</source>
   <translation>Mähdreschertransporter</translation>
  </message>
  <message>
   <source>Common practice; the maker's procedure, local rules and a licensed technician's judgement come first.</source>
   <translation>Übliche Praxis; Herstellervorgabe, örtliche Regeln und das Urteil der Fachkraft gehen vor.</translation>
  </message>
  <message>
   <source>Compare size and pressure of the tyres with the other axle and with what is on the door.</source>
   <translation>Größe und Druck der Reifen mit der anderen Achse und der Angabe an der Tür vergleichen.</translation>
  </message>
  <message>
   <source>Compare the sensor with the one that belongs there: part number, plug, length, tip; fit the right one.</source>
   <translation>Den Sensor mit dem vergleichen, der dorthin gehört: Teilenummer, Stecker, Länge, Spitze; den richtigen einbauen.</translation>
  </message>
  <message>
   <source>Compare the sizes on the sidewalls and the pressures of all wheels; a spare may be 3 to 6 % off.</source>
   <translation>Die Größen auf den Flanken und die Drücke aller Räder vergleichen; ein Ersatzrad kann um 3 bis 6 % abweichen.</translation>
  </message>
  <message>
   <source>Concrete mixer of the building yard</source>
   <translation>Betonmischer vom Bauhof</translation>
  </message>
  <message>
   <source>Connect</source>
   <translation>Verbinden</translation>
  </message>
  <message>
   <source>Connectors, splices, lengths, zones (Ctrl+E)</source>
   <translation>Stecker, Verbindungen, Längen, Bereiche (Ctrl+E)</translation>
  </message>
  <message>
   <source>Contradictory for one fault: {} and {} together explain it</source>
   <translation>Widersprüchlich für einen Fehler: {} und {} zusammen erklären es</translation>
  </message>
  <message>
   <source>Contradictory: no single fault explains every reading</source>
   <translation>Widersprüchlich: kein einzelner Fehler erklärt alle Messwerte</translation>
  </message>
  <message>
   <source>Copper gains four in a thousand for every degree: compare at one temperature, or with the other wheel.</source>
   <translation>Kupfer gewinnt vier Promille je Grad: bei einer Temperatur vergleichen, oder mit dem anderen Rad.</translation>
  </message>
  <message>
   <source>Copy the readings as text</source>
   <translation>Messwerte als Text kopieren</translation>
  </message>
  <message>
   <source>Copy the verdict as text</source>
   <translation>Befund als Text kopieren</translation>
  </message>
  <message>
   <source>Correct</source>
   <translation>Berichtigen</translation>
  </message>
  <message>
   <source>Count again</source>
   <translation>Wieder zählen</translation>
  </message>
  <message>
   <source>Count the teeth against the other wheel's and the maker's figure; fit the ring or bearing that belongs there.</source>
   <translation>Die Zähne zählen und mit dem anderen Rad und der Angabe des Herstellers vergleichen; den Ring oder das Lager einbauen, das dorthin gehört.</translation>
  </message>
  <message>
   <source>Count the teeth of the new ring against the old one.</source>
   <translation>Zähne des neuen Rings gegen den alten zählen.</translation>
  </message>
  <message>
   <source>Count the teeth: one wheel that is always a twelfth too slow has a ring from another shelf.</source>
   <translation>Die Zähne zählen: ein Rad, das immer um ein Zwölftel zu langsam ist, hat einen Ring aus einem anderen Regal.</translation>
  </message>
  <message>
   <source>Cracked on the shaft</source>
   <translation>Auf der Welle gerissen</translation>
  </message>
  <message>
   <source>Creep to a stop, watching the live speeds for a dropout</source>
   <translation>Ausrollen bis zum Stand, auf Aussetzer der Geschwindigkeiten achten</translation>
  </message>
  <message>
   <source>Cut the wire back an inch (25 mm) at a time until the copper is bright, then several inches more: water creeps along the strands, uphill as well as down.</source>
   <translation>Die Ader Zoll um Zoll (25 mm) zurückschneiden, bis das Kupfer blank ist, dann noch einige Zoll: Wasser kriecht in der Litze, bergauf wie bergab.</translation>
  </message>
  <message>
   <source>DC volts</source>
   <translation>DC V</translation>
  </message>
  <message>
   <source>DC volts, % + counts</source>
   <translation>DC Volt, % + Digits</translation>
  </message>
  <message>
   <source>DC volts, 20 V range</source>
   <translation>DC Volt, Bereich 20 V</translation>
  </message>
  <message>
   <source>Day / night</source>
   <translation>Tag / Nacht</translation>
  </message>
  <message>
   <source>Dealer's show tractor</source>
   <translation>Vorführtraktor des Händlers</translation>
  </message>
  <message>
   <source>Decided: </source>
   <translation>Entschieden: </translation>
  </message>
  <message>
   <source>Decimal mark</source>
   <translation>Dezimalzeichen</translation>
  </message>
  <message>
   <source>Deliberate short at </source>
   <translation>Absichtlicher Kurzschluss: </translation>
  </message>
  <message>
   <source>Deliberate short at the plug</source>
   <translation>Absichtlicher Kurzschluss am Stecker</translation>
  </message>
  <message>
   <source>Deliberate short: only on an input whose maker allows it to be shorted, and off again at once.</source>
   <translation>Absichtlicher Kurzschluss: nur an einem Eingang, dessen Hersteller es erlaubt, und gleich wieder ab.</translation>
  </message>
  <message>
   <source>Demo job</source>
   <translation>Beispielauftrag</translation>
  </message>
  <message>
   <source>Describe another meter...</source>
   <translation>Ein weiteres Messgerät beschreiben...</translation>
  </message>
  <message>
   <source>Disconnect</source>
   <translation>Trennen</translation>
  </message>
  <message>
   <source>Do it</source>
   <translation>Tun</translation>
  </message>
  <message>
   <source>Do the work</source>
   <translation>Die Arbeit tun</translation>
  </message>
  <message>
   <source>Do what the complaint says while you watch.</source>
   <translation>Tun, was die Beanstandung sagt, und dabei hinsehen.</translation>
  </message>
  <message>
   <source>Done already</source>
   <translation>Schon getan</translation>
  </message>
  <message>
   <source>Drag on the photo. What is kept is a copy with the marks; the photo itself stays as it is.</source>
   <translation>Auf dem Foto ziehen. Behalten wird eine Kopie mit den Zeichen; das Foto selbst bleibt, wie es ist.</translation>
  </message>
  <message>
   <source>Draw 7 and 14 mA in turn, {:.4g} times a second, from wire a through the load box.</source>
   <translation>Abwechselnd 7 und 14 mA ziehen, {:.4g}-mal je Sekunde, von Ader a durch den Lastkasten.</translation>
  </message>
  <message>
   <source>Drive above {}, read the codes</source>
   <translation>Über {} fahren, Fehlercodes lesen</translation>
  </message>
  <message>
   <source>Drive at walking pace in a straight line, and stop gently.</source>
   <translation>Im Schritttempo geradeaus fahren und sanft anhalten.</translation>
  </message>
  <message>
   <source>Drive in a straight line at about {}.</source>
   <translation>Geradeaus fahren, mit etwa {}.</translation>
  </message>
  <message>
   <source>Drive it and read the codes again: what comes back made the module switch off.</source>
   <translation>Fahren und Codes wieder lesen: was wiederkommt, ließ das Steuergerät abschalten.</translation>
  </message>
  <message>
   <source>Drive it warm, read the codes</source>
   <translation>Warm fahren, Codes lesen</translation>
  </message>
  <message>
   <source>Drive the module on the bench at</source>
   <translation>Steuergerät auf der Werkbank speisen mit</translation>
  </message>
  <message>
   <source>Drop a capture of the wheel in question.</source>
   <translation>Eine Aufzeichnung des fraglichen Rads ablegen.</translation>
  </message>
  <message>
   <source>Drop a capture on a wheel. Mouse wheel zooms, drag pans, Home shows all; A and B set cursors where the pointer is, Esc takes them off.</source>
   <translation>Eine Aufzeichnung auf einem Rad ablegen. Mausrad vergrößert, Ziehen verschiebt, Pos1 zeigt alles; A und B setzen Marken an den Zeiger, Esc nimmt sie weg.</translation>
  </message>
  <message>
   <source>Drop a scope capture of {} here (CSV, WAV, VCD), or press O to choose a file.</source>
   <translation>Eine Aufzeichnung von {} hier ablegen (CSV, WAV, VCD) oder mit O eine Datei wählen.</translation>
  </message>
  <message>
   <source>Dropouts</source>
   <translation>Aussetzer</translation>
  </message>
  <message>
   <source>Due again: %1.</source>
   <translation>Wieder fällig: %1.</translation>
  </message>
  <message>
   <source>Edit the line</source>
   <translation>Leitung bearbeiten</translation>
  </message>
  <message>
   <source>Eight volts on purpose</source>
   <translation>Acht Volt mit Absicht</translation>
  </message>
  <message>
   <source>Encoder in the bearing seal: the right way round, away from magnets; a bad one means a new bearing.</source>
   <translation>Impulsrad in der Lagerdichtung: richtig herum, fern von Magneten; ein schlechtes heißt neues Lager.</translation>
  </message>
  <message>
   <source>Enter</source>
   <translation>Eingeben</translation>
  </message>
  <message>
   <source>Erase</source>
   <translation>Löschen</translation>
  </message>
  <message>
   <source>Erase owner and plate</source>
   <translation>Halter und Kennzeichen löschen</translation>
  </message>
  <message>
   <source>Erase owner...</source>
   <translation>Halter löschen...</translation>
  </message>
  <message>
   <source>Every reading in one list (Ctrl+R)</source>
   <translation>Alle Messwerte in einer Liste (Ctrl+R)</translation>
  </message>
  <message>
   <source>Everything at %1 %: the window opens anew.</source>
   <translation>Alles auf %1 %: das Fenster öffnet sich neu.</translation>
  </message>
  <message>
   <source>Everything larger</source>
   <translation>Alles größer</translation>
  </message>
  <message>
   <source>Everything smaller</source>
   <translation>Alles kleiner</translation>
  </message>
  <message>
   <source>Everywhere</source>
   <translation>Überall</translation>
  </message>
  <message>
   <source>Exercise: {}</source>
   <translation>Übung: {}</translation>
  </message>
  <message>
   <source>Fault</source>
   <translation>Fehler</translation>
  </message>
  <message>
   <source>Fed in at</source>
   <translation>Eingespeist an</translation>
  </message>
  <message>
   <source>Feed a signal in</source>
   <translation>Signal einspeisen</translation>
  </message>
  <message>
   <source>Fetch what other benches brought</source>
   <translation>Holen, was andere Plätze mitbrachten</translation>
  </message>
  <message>
   <source>Figures</source>
   <translation>Zahlen</translation>
  </message>
  <message>
   <source>Filings from the brake</source>
   <translation>Abrieb von der Bremse</translation>
  </message>
  <message>
   <source>Find a job</source>
   <translation>Auftrag suchen</translation>
  </message>
  <message>
   <source>Find the fault</source>
   <translation>Den Fehler finden</translation>
  </message>
  <message>
   <source>Find what it rubbed on, clear it, and clip the loom away from it.</source>
   <translation>Finden, woran sie scheuerte, freimachen, Kabelbaum wegclipsen.</translation>
  </message>
  <message>
   <source>Find what made it switch off: read the codes after the first turn.</source>
   <translation>Finden, warum es abschaltete: Codes nach der ersten Umdrehung lesen.</translation>
  </message>
  <message>
   <source>Find where the two circuits are exchanged, at a plug or a joint, and put them back: nothing is bought.</source>
   <translation>Finden, wo die zwei Kreise vertauscht sind, an einem Stecker oder einer Verbindung, und zurücktauschen: gekauft wird nichts.</translation>
  </message>
  <message>
   <source>Findings</source>
   <translation>Befunde</translation>
  </message>
  <message>
   <source>First line of data</source>
   <translation>Erste Datenzeile</translation>
  </message>
  <message>
   <source>First things first</source>
   <translation>Zuerst das Einfache</translation>
  </message>
  <message>
   <source>Fit a new one</source>
   <translation>Neu einbauen</translation>
  </message>
  <message>
   <source>Fit a new sensor</source>
   <translation>Neuen Sensor einbauen</translation>
  </message>
  <message>
   <source>Fleet report...</source>
   <translation>Flottenbericht...</translation>
  </message>
  <message>
   <source>Flex {} while watching {}</source>
   <translation>Biegen: {}; dabei beobachten: {}</translation>
  </message>
  <message>
   <source>For the trainer: {}</source>
   <translation>Für den Ausbilder: {}</translation>
  </message>
  <message>
   <source>For trainers</source>
   <translation>Für Ausbilder</translation>
  </message>
  <message>
   <source>Forage wagon</source>
   <translation>Ladewagen</translation>
  </message>
  <message>
   <source>Four wheels do not die on one day: look for what they share.</source>
   <translation>Vier Räder sterben nicht an einem Tag: suchen, was sie gemeinsam haben.</translation>
  </message>
  <message>
   <source>From a log</source>
   <translation>Aus Protokoll</translation>
  </message>
  <message>
   <source>From a quarter of the speed to twice it in 20 s</source>
   <translation>Von einem Viertel der Geschwindigkeit bis zum Doppelten in 20 s</translation>
  </message>
  <message>
   <source>From behind the plug, with a thin probe: do not spread or bridge the module's pins. Airbag and orange high-voltage circuits are out of bounds.</source>
   <translation>Von hinten in den Stecker, mit dünner Nadel: Pins des Steuergeräts weder aufweiten noch überbrücken. Airbag und orange Hochvoltkreise sind tabu.</translation>
  </message>
  <message>
   <source>From now on this job is judged by the good parts; undo takes it back.</source>
   <translation>Von nun an wird dieser Auftrag an den guten Teilen gemessen; Rückgängig nimmt es zurück.</translation>
  </message>
  <message>
   <source>Full volts and no current</source>
   <translation>Volle Spannung und kein Strom</translation>
  </message>
  <message>
   <source>Fuse, power or ground of the module is bad: mend that first, then read again.</source>
   <translation>Sicherung, Versorgung oder Masse des Steuergeräts ist schlecht: das zuerst richten, dann neu messen.</translation>
  </message>
  <message>
   <source>Gap right, tip clean, ohms right and yet half the flux of the other wheel: the magnet.</source>
   <translation>Luftspalt richtig, Spitze sauber, Ohm richtig und doch der halbe Fluss des anderen Rads: der Magnet.</translation>
  </message>
  <message>
   <source>Garden machine carrier</source>
   <translation>Gartengerätetransporter</translation>
  </message>
  <message>
   <source>Give slack where it flexes, hold it on both sides of the joint, and steer from lock to lock: nothing may pull.</source>
   <translation>Wo es sich biegt, Spiel lassen, beiderseits der Verbindung halten und von Anschlag zu Anschlag lenken: nichts darf ziehen.</translation>
  </message>
  <message>
   <source>Gives {:.0f} % less: {}: bent, chipped or dirty.</source>
   <translation>Gibt {:.0f} % weniger: {}: verbogen, abgebrochen oder verschmutzt.</translation>
  </message>
  <message>
   <source>Go on with this job here; the other window can then only read it</source>
   <translation>Hier mit diesem Auftrag weitermachen; das andere Fenster kann ihn dann nur lesen</translation>
  </message>
  <message>
   <source>Go to the line</source>
   <translation>Zur Leitung</translation>
  </message>
  <message>
   <source>Go to the proof</source>
   <translation>Zum Nachweis</translation>
  </message>
  <message>
   <source>Go to the repair</source>
   <translation>Zur Reparatur</translation>
  </message>
  <message>
   <source>Go to the report</source>
   <translation>Zum Bericht</translation>
  </message>
  <message>
   <source>Goes: owner, plate, what the owner decided, and both names wherever they stand in notes and titles, in every kept state (%1), in the job's file, in the copies of the logbook on this bench, in the shop's logbook and, once it is brought over, on every bench. Files that were brought along into the shop's logbook are taken off there.</source>
   <translation>Es geht: Halter, Kennzeichen, was der Halter entschied, und beide Namen überall in Notizen und Titeln, in jedem behaltenen Stand (%1), in der Datei des Auftrags, in den Kopien des Werkstattbuchs auf diesem Platz, im Buch der Werkstatt und nach dem Nachtragen auf jedem Platz. Dateien, die ins Buch der Werkstatt mitgebracht wurden, werden dort entfernt.</translation>
  </message>
  <message>
   <source>Good sensor on the suspect line</source>
   <translation>Guter Sensor an der fraglichen Leitung</translation>
  </message>
  <message>
   <source>Good wheel {}: {}</source>
   <translation>Gutes Rad {}: {}</translation>
  </message>
  <message>
   <source>Grain lorry</source>
   <translation>Getreidelaster</translation>
  </message>
  <message>
   <source>Green copper in a plug under the floor is a resistor that looks like a plug.</source>
   <translation>Grünes Kupfer in einem Stecker unter dem Boden ist ein Widerstand, der wie ein Stecker aussieht.</translation>
  </message>
  <message>
   <source>Halve it by minutes, not by metres.</source>
   <translation>Nach Minuten halbieren, nicht nach Metern.</translation>
  </message>
  <message>
   <source>Harrow carrier</source>
   <translation>Eggentransporter</translation>
  </message>
  <message>
   <source>Hay Bale %1</source>
   <translation>Hay Bale %1</translation>
  </message>
  <message>
   <source>Hay Bale, shop's logbook </source>
   <translation>Hay Bale, Buch der Werkstatt </translation>
  </message>
  <message>
   <source>Hay rake carrier</source>
   <translation>Schwadertransporter</translation>
  </message>
  <message>
   <source>Hay wagon of the yard's fleet</source>
   <translation>Heuwagen aus dem Fuhrpark des Hofs</translation>
  </message>
  <message>
   <source>Hay wagon with the blue tailboard</source>
   <translation>Heuwagen mit der blauen Klappe</translation>
  </message>
  <message>
   <source>Hay wagon, blue</source>
   <translation>Heuwagen, blau</translation>
  </message>
  <message>
   <source>Hay wagon, green</source>
   <translation>Heuwagen, grün</translation>
  </message>
  <message>
   <source>Hay wagon, old</source>
   <translation>Heuwagen, alt</translation>
  </message>
  <message>
   <source>Hay wagon, oldest</source>
   <translation>Heuwagen, der älteste</translation>
  </message>
  <message>
   <source>Hay wagon, white</source>
   <translation>Heuwagen, weiß</translation>
  </message>
  <message>
   <source>Height</source>
   <translation>Höhe</translation>
  </message>
  <message>
   <source>Help</source>
   <translation>Hilfe</translation>
  </message>
  <message>
   <source>Help for this view</source>
   <translation>Hilfe zu dieser Ansicht</translation>
  </message>
  <message>
   <source>Highest ohms range, Ω</source>
   <translation>Höchster Ohmbereich, Ω</translation>
  </message>
  <message>
   <source>Hint</source>
   <translation>Hinweis</translation>
  </message>
  <message>
   <source>Hold the loom on both sides of the joint; no strain on it.</source>
   <translation>Kabelbaum beiderseits der Verbindung halten; kein Zug darauf.</translation>
  </message>
  <message>
   <source>Holes that were pierced: each sealed, or it is the next green crust</source>
   <translation>Einstichlöcher: jedes versiegelt, sonst ist es der nächste Grünspan</translation>
  </message>
  <message>
   <source>Home</source>
   <translation>Pos1</translation>
  </message>
  <message>
   <source>Home, End</source>
   <translation>Pos1, Ende</translation>
  </message>
  <message>
   <source>Horse box</source>
   <translation>Pferdetransporter</translation>
  </message>
  <message>
   <source>How %1 is read</source>
   <translation>Wie %1 gelesen wird</translation>
  </message>
  <message>
   <source>How it is read</source>
   <translation>Wie gelesen</translation>
  </message>
  <message>
   <source>How it went, one row a case that was played to its end</source>
   <translation>Wie es ging, eine Zeile je zu Ende gespieltem Fall</translation>
  </message>
  <message>
   <source>How sure, in per cent</source>
   <translation>Wie sicher, in Prozent</translation>
  </message>
  <message>
   <source>How suspicion moved, reading by reading</source>
   <translation>Wie der Verdacht wanderte, Messwert um Messwert</translation>
  </message>
  <message>
   <source>How the file is read</source>
   <translation>Wie die Datei gelesen wird</translation>
  </message>
  <message>
   <source>How this went could not be kept: %1</source>
   <translation>Wie es ging, konnte nicht behalten werden: %1</translation>
  </message>
  <message>
   <source>How we know</source>
   <translation>Woher wir es wissen</translation>
  </message>
  <message>
   <source>Hub bolts and axle nut: the maker's torque, new where the maker says so.</source>
   <translation>Nabenschrauben und Achsmutter: Drehmoment des Herstellers, neu, wo er es sagt.</translation>
  </message>
  <message>
   <source>I expect</source>
   <translation>ich erwarte</translation>
  </message>
  <message>
   <source>I read</source>
   <translation>ich lese ab</translation>
  </message>
  <message>
   <source>If a lamp comes on again, note what you were doing: braking, steering, rain, speed. It shortens the search.</source>
   <translation>Geht wieder eine Leuchte an, merken Sie sich, was Sie gerade taten: bremsen, lenken, Regen, Tempo. Das verkürzt die Suche.</translation>
  </message>
  <message>
   <source>If both circuits set codes, exchange the two leads once before you conclude: polarity or a bad hook-up.</source>
   <translation>Setzen beide Kreise Codes, die zwei Leitungen einmal tauschen, bevor Sie schließen: Polung oder schlechter Anschluss.</translation>
  </message>
  <message>
   <source>Ignition key</source>
   <translation>Zündschlüssel</translation>
  </message>
  <message>
   <source>In doubt: %1.</source>
   <translation>Im Zweifel: %1.</translation>
  </message>
  <message>
   <source>In fewer than one of 100 such repairs something is still wrong after that.</source>
   <translation>In weniger als einer von 100 solchen Reparaturen ist danach noch etwas falsch.</translation>
  </message>
  <message>
   <source>In series</source>
   <translation>In Reihe</translation>
  </message>
  <message>
   <source>In the plan because %1.</source>
   <translation>Im Plan, denn %1.</translation>
  </message>
  <message>
   <source>In the wet</source>
   <translation>Bei Nässe</translation>
  </message>
  <message>
   <source>In this view</source>
   <translation>In dieser Ansicht</translation>
  </message>
  <message>
   <source>In {:.0f} of 100 such repairs something is still wrong after that.</source>
   <translation>In {:.0f} von 100 solchen Reparaturen ist danach noch etwas falsch.</translation>
  </message>
  <message>
   <source>In {} the line moved by {} at most.</source>
   <translation>In {} bewegte sich die Leitung höchstens um {}.</translation>
  </message>
  <message>
   <source>Input on volts, Ω</source>
   <translation>Eingang bei Volt, Ω</translation>
  </message>
  <message>
   <source>Instruments</source>
   <translation>Messgeräte</translation>
  </message>
  <message>
   <source>Intake</source>
   <translation>Annahme</translation>
  </message>
  <message>
   <source>Intake does not list the tools or the leave for this one.</source>
   <translation>Die Annahme nennt das Werkzeug oder die Erlaubnis dafür nicht.</translation>
  </message>
  <message>
   <source>Isolated: </source>
   <translation>Eingegrenzt: </translation>
  </message>
  <message>
   <source>It answers; %1 jobs are in it.</source>
   <translation>Er antwortet; %1 Aufträge liegen darin.</translation>
  </message>
  <message>
   <source>It came once, at even speed, the pulses before and behind it as the others.</source>
   <translation>Es kam einmal, bei gleichmäßigem Tempo, die Pulse davor und dahinter wie die anderen.</translation>
  </message>
  <message>
   <source>It can be closed, but it is not proved: the report will say so, and it does not count in the odds of the next job.</source>
   <translation>Er kann abgeschlossen werden, ist aber nicht nachgewiesen: der Bericht sagt es, und er zählt nicht für den nächsten Auftrag.</translation>
  </message>
  <message>
   <source>It could not be read yet: it %1.</source>
   <translation>Noch nicht lesbar: sie %1.</translation>
  </message>
  <message>
   <source>It fits, it has a coil, and it is not the one: compare with the other side.</source>
   <translation>Er passt, er hat eine Spule, und er ist nicht der richtige: mit der anderen Seite vergleichen.</translation>
  </message>
  <message>
   <source>It follows: module and line up to here are good.</source>
   <translation>Es folgt: Steuergerät und Leitung bis hierher sind gut.</translation>
  </message>
  <message>
   <source>It happened once.</source>
   <translation>Es geschah einmal.</translation>
  </message>
  <message>
   <source>It happened {} times.</source>
   <translation>Es geschah {}-mal.</translation>
  </message>
  <message>
   <source>It is %1</source>
   <translation>Er ist %1</translation>
  </message>
  <message>
   <source>It lies there for all benches.</source>
   <translation>Es liegt dort für alle Plätze.</translation>
  </message>
  <message>
   <source>It only wants waking</source>
   <translation>Er will nur geweckt werden</translation>
  </message>
  <message>
   <source>It switches a load box of %1, and %2 beside it.</source>
   <translation>Sie schaltet eine Lastbox aus %1, und %2 daneben.</translation>
  </message>
  <message>
   <source>It was looked for what had made the control unit switch the sensor off.</source>
   <translation>Es wurde gesucht, warum das Steuergerät den Sensor abgeschaltet hatte.</translation>
  </message>
  <message>
   <source>Job</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <source>Jobs</source>
   <translation>Aufträge</translation>
  </message>
  <message>
   <source>Jobs are kept on this bench only.</source>
   <translation>Aufträge werden nur an diesem Platz behalten.</translation>
  </message>
  <message>
   <source>Jobs are not kept in the logbook: %1</source>
   <translation>Aufträge werden nicht im Werkstattbuch behalten: %1</translation>
  </message>
  <message>
   <source>Jobs, preferences, help (Alt)</source>
   <translation>Aufträge, Einstellungen, Hilfe (Alt)</translation>
  </message>
  <message>
   <source>Join wires a and b of its module half.</source>
   <translation>Adern a und b seiner Geräteseite verbinden.</translation>
  </message>
  <message>
   <source>Join wires a and b with a jumper at {}.</source>
   <translation>Adern a und b verbinden, Brücke an {}.</translation>
  </message>
  <message>
   <source>Keep</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <source>Keep as good</source>
   <translation>Als gut behalten</translation>
  </message>
  <message>
   <source>Keep it turning for two turns at least. Look at height, evenness and levels; keep the record.</source>
   <translation>Mindestens zwei Umdrehungen drehen lassen. Auf Höhe, Gleichmaß und Pegel achten; Aufzeichnung behalten.</translation>
  </message>
  <message>
   <source>Keep jobs on this bench only</source>
   <translation>Aufträge nur an diesem Platz behalten</translation>
  </message>
  <message>
   <source>Keep the marked copy</source>
   <translation>Kopie behalten</translation>
  </message>
  <message>
   <source>Keep the reading, but do not count it</source>
   <translation>Den Messwert behalten, aber nicht zählen</translation>
  </message>
  <message>
   <source>Keep these seconds</source>
   <translation>Diese Sekunden behalten</translation>
  </message>
  <message>
   <source>Keep what came of it</source>
   <translation>Ergebnis behalten</translation>
  </message>
  <message>
   <source>Keep what it sees</source>
   <translation>Behalten, was sie sieht</translation>
  </message>
  <message>
   <source>Kept as good, for the same</source>
   <translation>Als gut behalten, für gleiche</translation>
  </message>
  <message>
   <source>Kept as good.</source>
   <translation>Als gut behalten.</translation>
  </message>
  <message>
   <source>Kept states</source>
   <translation>Stände</translation>
  </message>
  <message>
   <source>Kept states, newest first</source>
   <translation>Behaltene Stände, neueste zuerst</translation>
  </message>
  <message>
   <source>Kept states...</source>
   <translation>Stände...</translation>
  </message>
  <message>
   <source>Kept: %1 shows %2 with %3 Hz fed in.</source>
   <translation>Behalten: %1 zeigt %2 bei %3 Hz eingespeist.</translation>
  </message>
  <message>
   <source>Kept: %1. Suspicion has moved.</source>
   <translation>Behalten: %1. Der Verdacht ist gewandert.</translation>
  </message>
  <message>
   <source>Key off and wait before the module's plug comes off; do not spread or bridge its pins. Airbag and orange high-voltage circuits are out of bounds.</source>
   <translation>Zündung aus und warten, bevor der Steuergerätestecker abgezogen wird; Pins weder aufweiten noch überbrücken. Airbag und orange Hochvoltkreise sind tabu.</translation>
  </message>
  <message>
   <source>Key off and wait before unplugging. Airbag and orange high-voltage circuits: out of bounds.</source>
   <translation>Zündung aus und warten, bevor getrennt wird. Airbag und orange Hochvoltkreise: tabu.</translation>
  </message>
  <message>
   <source>Key off before a plug is taken apart or put together.</source>
   <translation>Zündung aus, bevor ein Stecker getrennt oder gesteckt wird.</translation>
  </message>
  <message>
   <source>Key off, and wait a minute.</source>
   <translation>Zündung aus, eine Minute warten.</translation>
  </message>
  <message>
   <source>Key off. Take </source>
   <translation>Zündung aus. Trennen: </translation>
  </message>
  <message>
   <source>Key on, engine off.</source>
   <translation>Zündung an, Motor aus.</translation>
  </message>
  <message>
   <source>Key on. </source>
   <translation>Zündung an. </translation>
  </message>
  <message>
   <source>Key on. Watch the live speed of </source>
   <translation>Zündung an. Geschwindigkeit beobachten von </translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <source>Keys of this view</source>
   <translation>Tasten dieser Ansicht</translation>
  </message>
  <message>
   <source>Known good</source>
   <translation>Bekannt gut</translation>
  </message>
  <message>
   <source>LED tester</source>
   <translation>LED-Prüfer</translation>
  </message>
  <message>
   <source>LED tester, or a bulb of some milliamperes.</source>
   <translation>LED-Prüfer oder eine Lampe mit einigen Milliampere.</translation>
  </message>
  <message>
   <source>Lamps lit, functions lost</source>
   <translation>Leuchten an, Funktionen weg</translation>
  </message>
  <message>
   <source>Lamps lit, functions lost: {}.</source>
   <translation>Leuchten an, Funktionen weg: {}.</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Sprache</translation>
  </message>
  <message>
   <source>Lay a new sensor beside the old one before fitting it, clean the seat, push it fully home, then repeat the reading that failed.</source>
   <translation>Einen neuen Sensor vor dem Einbau neben den alten legen, den Sitz reinigen, ganz einschieben, dann den Messwert wiederholen, der nicht stimmte.</translation>
  </message>
  <message>
   <source>Lay the new sensor beside the old: same length, same plug, same tip, right wheel.</source>
   <translation>Neuen Sensor neben den alten legen: gleiche Länge, gleicher Stecker, gleiche Spitze, richtiges Rad.</translation>
  </message>
  <message>
   <source>Lay the turns over each other by the angle</source>
   <translation>Die Umdrehungen nach dem Winkel übereinanderlegen</translation>
  </message>
  <message>
   <source>Lay {} bare.</source>
   <translation>Freilegen: {}.</translation>
  </message>
  <message>
   <source>Lead in its clips, slack at the strut, nothing near the tyre or the brake hose.</source>
   <translation>Kabel in seinen Clips, Spiel am Federbein, nichts nahe Reifen oder Bremsschlauch.</translation>
  </message>
  <message>
   <source>Leads clear of the turning wheel and of hot brakes.</source>
   <translation>Kabel fern vom drehenden Rad und von heißen Bremsen.</translation>
  </message>
  <message>
   <source>Leads exchanged</source>
   <translation>Kabel vertauscht</translation>
  </message>
  <message>
   <source>Leave it</source>
   <translation>Lassen</translation>
  </message>
  <message>
   <source>Leave it as it is</source>
   <translation>So lassen</translation>
  </message>
  <message>
   <source>Leave the yard</source>
   <translation>Hof verlassen</translation>
  </message>
  <message>
   <source>Leave this case</source>
   <translation>Fall verlassen</translation>
  </message>
  <message>
   <source>Left for right</source>
   <translation>Links für rechts</translation>
  </message>
  <message>
   <source>Let the owner decide</source>
   <translation>Den Halter entscheiden lassen</translation>
  </message>
  <message>
   <source>Level %1, drawn without end: vehicle, line and fault are another each time.</source>
   <translation>Stufe %1, ohne Ende gezogen: Fahrzeug, Leitung und Fehler sind jedes Mal andere.</translation>
  </message>
  <message>
   <source>Licence of Hay Bale</source>
   <translation>Lizenz von Hay Bale</translation>
  </message>
  <message>
   <source>Licence of the font</source>
   <translation>Lizenz der Schrift</translation>
  </message>
  <message>
   <source>Lime spreader</source>
   <translation>Kalkstreuer</translation>
  </message>
  <message>
   <source>Limits used</source>
   <translation>Benutzte Grenzwerte</translation>
  </message>
  <message>
   <source>Line</source>
   <translation>Leitung</translation>
  </message>
  <message>
   <source>Live speed follows the wheel spun by hand</source>
   <translation>Geschwindigkeit folgt dem von Hand gedrehten Rad</translation>
  </message>
  <message>
   <source>Live speeds</source>
   <translation>Geschwindigkeiten</translation>
  </message>
  <message>
   <source>Live speeds, driven straight</source>
   <translation>Geschwindigkeiten bei Geradeausfahrt</translation>
  </message>
  <message>
   <source>Load box</source>
   <translation>Lastkasten</translation>
  </message>
  <message>
   <source>Loader, red</source>
   <translation>Lader, rot</translation>
  </message>
  <message>
   <source>Loader, yellow</source>
   <translation>Lader, gelb</translation>
  </message>
  <message>
   <source>Local rules, the maker's procedure and a licensed technician's judgement come first.</source>
   <translation>Örtliche Regeln, Herstellervorgabe und das Urteil der Fachkraft gehen vor.</translation>
  </message>
  <message>
   <source>Log trailer tractor</source>
   <translation>Traktor vom Holzanhänger</translation>
  </message>
  <message>
   <source>Logbook</source>
   <translation>Buch</translation>
  </message>
  <message>
   <source>Long leads: clear of wheels and hot parts, no bare clip that touches the body; both circuits set codes while they are apart.</source>
   <translation>Lange Leitungen: fern von Rädern und heißen Teilen, keine blanke Klemme an der Karosserie; beide Kreise setzen Codes, solange sie getrennt sind.</translation>
  </message>
  <message>
   <source>Look again, in good light.</source>
   <translation>Noch einmal ansehen, bei gutem Licht.</translation>
  </message>
  <message>
   <source>Look at </source>
   <translation>Ansehen: </translation>
  </message>
  <message>
   <source>Look at height, evenness and levels; keep the record.</source>
   <translation>Auf Höhe, Gleichmaß und Pegel achten; Aufzeichnung behalten.</translation>
  </message>
  <message>
   <source>Look at the ring through its opening while turning it by hand; a pole that is weak needs a new bearing or ring.</source>
   <translation>Den Ring durch die Öffnung ansehen, von Hand gedreht; ein schwacher Pol braucht ein neues Lager oder einen Ring.</translation>
  </message>
  <message>
   <source>Look at {} without moving it first: crust, chafe, breaks, dirt, seat.</source>
   <translation>Ansehen, ohne es vorher zu bewegen: {}. Belag, Scheuern, Brüche, Schmutz, Sitz.</translation>
  </message>
  <message>
   <source>Look at {} without moving it first: crust, chafe, breaks, dirt, seat; {}.</source>
   <translation>Ansehen, ohne zu bewegen: {}; Belag, Scheuern, Brüche, Schmutz, Sitz; {}.</translation>
  </message>
  <message>
   <source>Look into its plug: green pins, spread terminals, water from the loom.</source>
   <translation>In den Stecker sehen: grüne Pins, aufgeweitete Kontakte, Wasser aus dem Kabelbaum.</translation>
  </message>
  <message>
   <source>Look whether it is lit, dim or dark.</source>
   <translation>Sehen, ob sie hell, schwach oder dunkel ist.</translation>
  </message>
  <message>
   <source>Look whether the encoder faces the sensor: a bearing mounted the wrong way round gives nothing.</source>
   <translation>Sehen, ob das Impulsrad zum Sensor zeigt: ein verkehrt eingebautes Lager gibt nichts.</translation>
  </message>
  <message>
   <source>Look whether the insulation stretches: there the copper is gone.</source>
   <translation>Sehen, ob sich die Isolierung dehnt: dort ist das Kupfer weg.</translation>
  </message>
  <message>
   <source>Look whether the reading swings wide or barely moves.</source>
   <translation>Sehen, ob der Wert weit schwingt oder sich kaum bewegt.</translation>
  </message>
  <message>
   <source>Look which wheels follow, and which stay, drop out or read otherwise.</source>
   <translation>Sehen, welche Räder folgen und welche stehen, aussetzen oder anders zeigen.</translation>
  </message>
  <message>
   <source>Looking for the shop's logbook ...</source>
   <translation>Das Werkstattbuch wird gesucht ...</translation>
  </message>
  <message>
   <source>Loop check from </source>
   <translation>Schleifenprüfung ab </translation>
  </message>
  <message>
   <source>Loop check from the </source>
   <translation>Schleifenprüfung ab </translation>
  </message>
  <message>
   <source>MADE-UP VEHICLE   practice, nothing here touches a real job</source>
   <translation>ERDACHTES FAHRZEUG   Übung, nichts hier berührt einen wirklichen Auftrag</translation>
  </message>
  <message>
   <source>Made-up vehicle: practice, nothing here touches a real job</source>
   <translation>Erdachtes Fahrzeug: Übung, nichts hier berührt einen wirklichen Auftrag</translation>
  </message>
  <message>
   <source>Mains hum of {:.0f} Hz, {} peak, rides on it: leads or shield pick it up; mind it when levels are near a limit.</source>
   <translation>Netzbrummen von {:.0f} Hz, {} Spitze, liegt darauf: Leitungen oder Schirm fangen es ein; bei Pegeln nahe einer Grenze bedenken.</translation>
  </message>
  <message>
   <source>Mark a photo</source>
   <translation>Foto kennzeichnen</translation>
  </message>
  <message>
   <source>Mark the photo</source>
   <translation>Foto zeichnen</translation>
  </message>
  <message>
   <source>Mark those that lie in this shop: a job offers them first. A scope is marked in the tool box.</source>
   <translation>Anhaken, was in dieser Werkstatt liegt: Ein Auftrag bietet diese zuerst an. Ein Oszilloskop wird im Werkzeugkasten angehakt.</translation>
  </message>
  <message>
   <source>Mark, at the head</source>
   <translation>Zeichen, im Kopf</translation>
  </message>
  <message>
   <source>Measure a new sensor before fitting it, clean the seat, push it fully home, then repeat the reading that failed.</source>
   <translation>Einen neuen Sensor vor dem Einbau messen, Sitz reinigen, ganz hineindrücken, dann den Messwert wiederholen, der nicht stimmte.</translation>
  </message>
  <message>
   <source>Measure bias or supply at the sensor's connector, unplugged and plugged.</source>
   <translation>Ruhespannung oder Versorgung am Sensorstecker messen, getrennt und gesteckt.</translation>
  </message>
  <message>
   <source>Measure on before a part is blamed.</source>
   <translation>Weiter messen, bevor ein Teil beschuldigt wird.</translation>
  </message>
  <message>
   <source>Measure on.</source>
   <translation>Weiter messen.</translation>
  </message>
  <message>
   <source>Measure once more before anything is bought: about {:.0f} minutes, price {:.0f}.</source>
   <translation>Noch einmal messen, bevor etwas gekauft wird: etwa {:.0f} Minuten, Preis {:.0f}.</translation>
  </message>
  <message>
   <source>Measure the coil and the pair at the sensor, then look at the gap and for metal on the tip.</source>
   <translation>Spule und Paar am Sensor messen, dann nach dem Luftspalt und nach Metall an der Spitze sehen.</translation>
  </message>
  <message>
   <source>Measure the new coil before it goes in.</source>
   <translation>Neue Spule messen, bevor sie eingebaut wird.</translation>
  </message>
  <message>
   <source>Measure the same levels on the good wheel at the same place: a leak or resistance in the line moves them too.</source>
   <translation>Dieselben Pegel am guten Rad an derselben Stelle messen: auch Ableitung oder Widerstand der Leitung verschiebt sie.</translation>
  </message>
  <message>
   <source>Measuring: {} times, some {:.0f} minutes.</source>
   <translation>Messen: {}-mal, etwa {:.0f} Minuten.</translation>
  </message>
  <message>
   <source>Mend </source>
   <translation>Instand setzen: </translation>
  </message>
  <message>
   <source>Mend or clean it</source>
   <translation>Instand setzen, reinigen</translation>
  </message>
  <message>
   <source>Mend the control unit's supply: fuse, relay or ground</source>
   <translation>Versorgung des Steuergeräts richten: Sicherung, Relais oder Masse</translation>
  </message>
  <message>
   <source>Mended, and crossed</source>
   <translation>Geflickt, und gekreuzt</translation>
  </message>
  <message>
   <source>Menu</source>
   <translation>Menü</translation>
  </message>
  <message>
   <source>Meter on AC volts, hertz shown beside them if it can.</source>
   <translation>Messgerät auf AC Volt, wenn möglich mit Hertz daneben.</translation>
  </message>
  <message>
   <source>Meter on AC volts. </source>
   <translation>Messgerät auf Wechselspannung. </translation>
  </message>
  <message>
   <source>Meter on DC volts, graph or bar on.</source>
   <translation>Messgerät auf DC Volt, Kurve oder Balken an.</translation>
  </message>
  <message>
   <source>Meter on DC volts.</source>
   <translation>Messgerät auf DC Volt.</translation>
  </message>
  <message>
   <source>Meter on DC volts. </source>
   <translation>Messgerät auf Gleichspannung. </translation>
  </message>
  <message>
   <source>Meter on milliamperes, in line: a lead on each half of the open connector.</source>
   <translation>Messgerät auf Milliampere, in Reihe: je eine Spitze an jede Hälfte des offenen Steckers.</translation>
  </message>
  <message>
   <source>Meter on milliamperes, in series. </source>
   <translation>Messgerät auf Milliampere, in Reihe. </translation>
  </message>
  <message>
   <source>Meter on ohms, auto range; touch the tips first and take off what the leads read.</source>
   <translation>Messgerät auf Ohm, automatischer Bereich; erst die Spitzen zusammenhalten und abziehen, was die Leitungen zeigen.</translation>
  </message>
  <message>
   <source>Meter on ohms, graph or bar on.</source>
   <translation>Messgerät auf Ohm, Kurve oder Balken an.</translation>
  </message>
  <message>
   <source>Meter on ohms. </source>
   <translation>Messgerät auf Ohm. </translation>
  </message>
  <message>
   <source>Meters owned</source>
   <translation>Eigene Messgeräte</translation>
  </message>
  <message>
   <source>Milk van of the lower yard</source>
   <translation>Milchwagen vom unteren Hof</translation>
  </message>
  <message>
   <source>Milliamperes, in line</source>
   <translation>Milliampere, in Reihe</translation>
  </message>
  <message>
   <source>Mixed, level {}</source>
   <translation>Gemischt, Stufe {}</translation>
  </message>
  <message>
   <source>Module</source>
   <translation>Steuergerät</translation>
  </message>
  <message>
   <source>Module power, ground and fuses are good: a missing supply counts less than half.</source>
   <translation>Versorgung, Masse und Sicherungen des Steuergeräts sind gut: eine fehlende Versorgung zählt weniger als die Hälfte.</translation>
  </message>
  <message>
   <source>Module: {}. Sensor: {}.</source>
   <translation>Steuergerät: {}. Sensor: {}.</translation>
  </message>
  <message>
   <source>Move one leg at a time; say which by its key. Note where it does not react, too.</source>
   <translation>Immer nur ein Stück bewegen; mit der Taste sagen, welches. Auch merken, wo es nicht reagiert.</translation>
  </message>
  <message>
   <source>Move the loom by hand only, engine off or clear of belts and fans; nothing of an airbag and nothing orange.</source>
   <translation>Kabelbaum nur von Hand bewegen, Motor aus oder fern von Riemen und Lüftern; nichts vom Airbag, nichts Oranges.</translation>
  </message>
  <message>
   <source>Muck spreader tractor</source>
   <translation>Miststreuertraktor</translation>
  </message>
  <message>
   <source>Multimeter</source>
   <translation>Multimeter</translation>
  </message>
  <message>
   <source>NO</source>
   <translation>NEIN</translation>
  </message>
  <message>
   <source>NOT KEPT on disk</source>
   <translation>NICHT GESICHERT</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>Name of the trainee</source>
   <translation>Name der Lernenden</translation>
  </message>
  <message>
   <source>Names the next move; costs a minute and four points</source>
   <translation>Nennt den nächsten Schritt; kostet eine Minute und vier Punkte</translation>
  </message>
  <message>
   <source>Narrowed to {} or {}</source>
   <translation>Eingeengt auf {} oder {}</translation>
  </message>
  <message>
   <source>Needs the load box</source>
   <translation>Braucht den Lastkasten</translation>
  </message>
  <message>
   <source>Never with the sensor connected, never above the pin's limit, never while the vehicle is driven.</source>
   <translation>Nie mit angeschlossenem Sensor, nie über der Grenze des Pins, nie am fahrenden Fahrzeug.</translation>
  </message>
  <message>
   <source>New from the box</source>
   <translation>Neu aus der Schachtel</translation>
  </message>
  <message>
   <source>New hay lorry</source>
   <translation>Neuer Heulaster</translation>
  </message>
  <message>
   <source>New job</source>
   <translation>Neuer Auftrag</translation>
  </message>
  <message>
   <source>New jobs</source>
   <translation>Neue Aufträge</translation>
  </message>
  <message>
   <source>New jobs begin with this. The job that is open keeps its own.</source>
   <translation>Neue Aufträge beginnen damit. Der offene behält seine eigenen Werte.</translation>
  </message>
  <message>
   <source>Next move</source>
   <translation>Nächster Schritt</translation>
  </message>
  <message>
   <source>Next, to the end of the job</source>
   <translation>Als Nächstes, bis zum Ende</translation>
  </message>
  <message>
   <source>Next: %1</source>
   <translation>Als Nächstes: %1</translation>
  </message>
  <message>
   <source>No camera was found on this machine. Attach a photo from a file instead.</source>
   <translation>An diesem Rechner wurde keine Kamera gefunden. Stattdessen ein Foto aus einer Datei anhängen.</translation>
  </message>
  <message>
   <source>No circuit</source>
   <translation>Kein Kreis</translation>
  </message>
  <message>
   <source>No circuit is described</source>
   <translation>Kein Kreis ist beschrieben</translation>
  </message>
  <message>
   <source>No circuit is in question</source>
   <translation>Kein Kreis ist in Frage</translation>
  </message>
  <message>
   <source>No codes were stored.</source>
   <translation>Keine Codes waren gespeichert.</translation>
  </message>
  <message>
   <source>No complaint was written down.</source>
   <translation>Keine Beanstandung aufgeschrieben.</translation>
  </message>
  <message>
   <source>No cutting or piercing of shielded or safety-critical wires where the maker forbids it.</source>
   <translation>Nichts Geschirmtes oder Sicherheitskritisches schneiden oder anstechen, wo der Hersteller es verbietet.</translation>
  </message>
  <message>
   <source>No further test would tell more</source>
   <translation>Keine weitere Prüfung sagt mehr</translation>
  </message>
  <message>
   <source>No instrument connected: type, or practise</source>
   <translation>Kein Gerät verbunden: eingeben oder üben</translation>
  </message>
  <message>
   <source>No job has all of these words; try fewer.</source>
   <translation>Kein Auftrag hat alle diese Wörter; weniger versuchen.</translation>
  </message>
  <message>
   <source>No multimeter connected</source>
   <translation>Kein Multimeter verbunden</translation>
  </message>
  <message>
   <source>No multimeter is connected.</source>
   <translation>Kein Multimeter verbunden.</translation>
  </message>
  <message>
   <source>No page has all of these words. Try fewer, or the beginning of one.</source>
   <translation>Keine Seite hat alle diese Wörter. Weniger versuchen, oder einen Wortanfang.</translation>
  </message>
  <message>
   <source>No peer stands beside it: the maker's limits, the line against itself, both ends.</source>
   <translation>Kein Nachbar steht daneben: die Grenzwerte des Herstellers, die Leitung gegen sich selbst, beide Enden.</translation>
  </message>
  <message>
   <source>No practice case lies in %1.</source>
   <translation>In %1 liegt kein Übungsfall.</translation>
  </message>
  <message>
   <source>No pulse now</source>
   <translation>Jetzt kein Impuls</translation>
  </message>
  <message>
   <source>No pulse, but power</source>
   <translation>Kein Impuls, aber Strom</translation>
  </message>
  <message>
   <source>No pulses in {}: the line stays flat at {}: {}.</source>
   <translation>Keine Impulse in {}: die Leitung bleibt flach bei {}: {}.</translation>
  </message>
  <message>
   <source>No reading yet. Click a place on the line, then type what the meter shows.</source>
   <translation>Noch kein Messwert. Eine Stelle anklicken, dann Messwert eintippen.</translation>
  </message>
  <message>
   <source>No recent jobs</source>
   <translation>Keine letzten Aufträge</translation>
  </message>
  <message>
   <source>No scope is connected.</source>
   <translation>Kein Oszilloskop verbunden.</translation>
  </message>
  <message>
   <source>No signal generator is connected.</source>
   <translation>Keine Signalquelle verbunden.</translation>
  </message>
  <message>
   <source>No sound here</source>
   <translation>Kein Ton hier</translation>
  </message>
  <message>
   <source>No sound output was found on this machine</source>
   <translation>An diesem Rechner wurde keine Tonausgabe gefunden</translation>
  </message>
  <message>
   <source>No source connected</source>
   <translation>Keine Quelle verbunden</translation>
  </message>
  <message>
   <source>No supply for one wheel</source>
   <translation>Keine Versorgung für ein Rad</translation>
  </message>
  <message>
   <source>No supply from the module: it may only be latched off</source>
   <translation>Keine Versorgung vom Steuergerät: vielleicht nur abgeschaltet</translation>
  </message>
  <message>
   <source>No test of this tool box would show more</source>
   <translation>Keine Prüfung mit diesem Werkzeug würde mehr zeigen</translation>
  </message>
  <message>
   <source>No trace yet</source>
   <translation>Noch keine Aufzeichnung</translation>
  </message>
  <message>
   <source>No volts at the module's own pins with the plug on: the wire is not to blame.</source>
   <translation>Keine Spannung an den Pins des Steuergeräts bei gestecktem Stecker: der Draht ist nicht schuld.</translation>
  </message>
  <message>
   <source>Nobody brought a file of this job along yet.</source>
   <translation>Noch hat niemand eine Datei dieses Auftrags mitgebracht.</translation>
  </message>
  <message>
   <source>Nobody has played a case of this shelf to its end yet.</source>
   <translation>Noch niemand hat einen Fall dieser Liste zu Ende gespielt.</translation>
  </message>
  <message>
   <source>Noise is {:.0f} % of the signal.</source>
   <translation>Rauschen macht {:.0f} % des Signals aus.</translation>
  </message>
  <message>
   <source>Noise of {} rides on {}: a poor shield or contact.</source>
   <translation>Rauschen von {} liegt auf {}: schlechter Schirm oder Kontakt.</translation>
  </message>
  <message>
   <source>None</source>
   <translation>Keines</translation>
  </message>
  <message>
   <source>None were stored</source>
   <translation>Es waren keine gespeichert</translation>
  </message>
  <message>
   <source>Not as it should be: make it once more, at a second contact, before you believe it.</source>
   <translation>Nicht wie es soll: noch einmal machen, an anderer Stelle gefasst, bevor Sie es glauben.</translation>
  </message>
  <message>
   <source>Not everything was erased: %1</source>
   <translation>Nicht alles wurde gelöscht: %1</translation>
  </message>
  <message>
   <source>Not isolated yet: measuring on may be cheaper than this repair. The odds stand below.</source>
   <translation>Noch nicht eingegrenzt: weiter messen kann billiger sein als diese Reparatur. Die Aussichten stehen unten.</translation>
  </message>
  <message>
   <source>Not it. It was %1.</source>
   <translation>Das war es nicht. Es war %1.</translation>
  </message>
  <message>
   <source>Not looked at yet: {}. That comes before opening a line.</source>
   <translation>Noch nicht angesehen: {}. Das kommt, bevor eine Leitung geöffnet wird.</translation>
  </message>
  <message>
   <source>Not made after the repair: </source>
   <translation>Nach der Reparatur nicht gemacht: </translation>
  </message>
  <message>
   <source>Not now</source>
   <translation>Später</translation>
  </message>
  <message>
   <source>Not proved yet: {:.0f} in 100 repairs leave something wrong.</source>
   <translation>Noch nicht nachgewiesen: {:.0f} von 100 Reparaturen lassen etwas falsch.</translation>
  </message>
  <message>
   <source>Not sealed yet: </source>
   <translation>Noch nicht versiegelt: </translation>
  </message>
  <message>
   <source>Not taken, it could not be opened again: %1</source>
   <translation>Nicht übernommen, es ließe sich nicht wieder öffnen: %1</translation>
  </message>
  <message>
   <source>Not what a chart says, but {} reads {} too: the good wheel of the same car is the specification.</source>
   <translation>Nicht, was eine Tabelle sagt, aber {} zeigt auch {}: das gute Rad desselben Wagens ist das Maß.</translation>
  </message>
  <message>
   <source>Not yet: %1</source>
   <translation>Noch nicht: %1</translation>
  </message>
  <message>
   <source>Note what you see, or that it cannot be seen.</source>
   <translation>Notieren, was zu sehen ist, oder dass es nicht zu sehen ist.</translation>
  </message>
  <message>
   <source>Nothing can be said yet.</source>
   <translation>Noch lässt sich nichts sagen.</translation>
  </message>
  <message>
   <source>Nothing feeds the lamp: key on, or its other lead on battery plus.</source>
   <translation>Nichts speist die Lampe: Zündung an, oder ihre andere Leitung an Batterie plus.</translation>
  </message>
  <message>
   <source>Nothing measured on </source>
   <translation>Nichts gemessen an </translation>
  </message>
  <message>
   <source>Nothing on this record. Repeat it under the complaint: bump, steering, wet, creep.</source>
   <translation>Auf dieser Aufzeichnung nichts. Unter der Beanstandung wiederholen: holprig, lenken, nass, Schritttempo.</translation>
  </message>
  <message>
   <source>Nothing says when the samples were taken: choose the time column, or type the samples a second.</source>
   <translation>Nichts sagt, wann die Werte genommen wurden: die Zeitspalte wählen oder die Werte je Sekunde eingeben.</translation>
  </message>
  <message>
   <source>Nothing to keep: no leg was moved for two seconds.</source>
   <translation>Nichts zu behalten: kein Stück wurde zwei Sekunden bewegt.</translation>
  </message>
  <message>
   <source>Nothing to repair: say so, with what was tested and what was not.</source>
   <translation>Nichts zu reparieren: das sagen, mit dem, was geprüft wurde und was nicht.</translation>
  </message>
  <message>
   <source>Nothing was measured on </source>
   <translation>Nichts gemessen an </translation>
  </message>
  <message>
   <source>Nothing was measured.</source>
   <translation>Nichts wurde gemessen.</translation>
  </message>
  <message>
   <source>Nothing was repaired yet. What may be done, the cheapest first in the long run:</source>
   <translation>Noch wurde nichts repariert. Was getan werden kann, das auf Dauer Billigste zuerst:</translation>
  </message>
  <message>
   <source>Nothing wrong any more: clearing the codes may have ended a latch-off</source>
   <translation>Nichts mehr falsch: Löschen hat vielleicht eine Abschaltung beendet</translation>
  </message>
  <message>
   <source>Nothing wrong shows in these readings</source>
   <translation>Nichts Falsches zeigt sich in diesen Messwerten</translation>
  </message>
  <message>
   <source>Nothing yet. A limits sheet or a map of a control unit that one bench puts here is there on every other, like the readings kept as good.</source>
   <translation>Noch nichts. Ein Grenzwertblatt oder eine Karte eines Steuergeräts, die ein Platz hierher legt, ist auf jedem anderen da, wie die als gut behaltenen Messwerte.</translation>
  </message>
  <message>
   <source>Now and then</source>
   <translation>Hin und wieder</translation>
  </message>
  <message>
   <source>Nowhere else is a pulse missing, as a loose contact would have it.</source>
   <translation>Sonst fehlt nirgends ein Puls, wie es bei einem Wackelkontakt wäre.</translation>
  </message>
  <message>
   <source>OL is no limit</source>
   <translation>OL ist kein Grenzwert</translation>
  </message>
  <message>
   <source>OL on a small range</source>
   <translation>OL im kleinen Bereich</translation>
  </message>
  <message>
   <source>OL on auto range: set the highest range, {}, by hand before believing it.</source>
   <translation>OL im automatischen Bereich: den höchsten Bereich, {}, von Hand stellen, bevor Sie es glauben.</translation>
  </message>
  <message>
   <source>OL says beyond this range. Ask for the highest range before you say open.</source>
   <translation>OL heißt: außerhalb dieses Bereichs. Erst den höchsten Bereich fragen, dann offen sagen.</translation>
  </message>
  <message>
   <source>OL, as an open circuit should read.</source>
   <translation>OL, wie ein offener Kreis zeigen soll.</translation>
  </message>
  <message>
   <source>Occurs: </source>
   <translation>Tritt auf: </translation>
  </message>
  <message>
   <source>Odds</source>
   <translation>Anteil</translation>
  </message>
  <message>
   <source>Of these cases %1 cannot be read. The first: %2</source>
   <translation>Von diesen Fällen sind %1 nicht lesbar. Der erste: %2</translation>
  </message>
  <message>
   <source>Of {} pulses {} are left out, here and there; the others come in step and whole: the sensor hears its ring only just: a gap too wide, dirt on the tip, a worn target.</source>
   <translation>Von {} Impulsen fehlen {}, hier und da; die übrigen kommen im Takt und ganz: Der Sensor hört seinen Ring nur gerade noch: Spalt zu groß, Schmutz an der Spitze, abgenutzter Geber.</translation>
  </message>
  <message>
   <source>Ohms against battery plus: the battery drives the meter, not the circuit.</source>
   <translation>Ohm gegen Batterie plus: die Batterie treibt das Messgerät, nicht der Kreis.</translation>
  </message>
  <message>
   <source>Ohms against battery plus: the battery drives the meter. Take the battery off, or measure volts.</source>
   <translation>Ohm gegen Batterie plus: die Batterie treibt das Messgerät. Batterie abklemmen oder Volt messen.</translation>
  </message>
  <message>
   <source>Ohms from the wire to bare metal find in one minute what the pair of wires hides.</source>
   <translation>Ohm vom Draht zum blanken Metall finden in einer Minute, was das Aderpaar verbirgt.</translation>
  </message>
  <message>
   <source>Ohms in the circuit, or the share of the output that is left: from %1 to %2. Empty: %3.</source>
   <translation>Ohm im Kreis, oder der Anteil des Signals, der bleibt: von %1 bis %2. Leer: %3.</translation>
  </message>
  <message>
   <source>Ohms of </source>
   <translation>Ohm an </translation>
  </message>
  <message>
   <source>Ohms of the pair at </source>
   <translation>Ohm am Paar: </translation>
  </message>
  <message>
   <source>Ohms of wire {} from {} to {}</source>
   <translation>Ohm der Ader {} von {} bis {}</translation>
  </message>
  <message>
   <source>Ohms on a live circuit mean nothing and can hurt the meter: key off, or unplug the module.</source>
   <translation>Ohm an einem Kreis unter Spannung bedeuten nichts und können dem Messgerät schaden: Zündung aus oder Steuergerät trennen.</translation>
  </message>
  <message>
   <source>Ohms only with the key off; battery off where the maker asks for it.</source>
   <translation>Ohm nur bei Zündung aus; Batterie ab, wo der Hersteller es verlangt.</translation>
  </message>
  <message>
   <source>Ohms with the key on: the module feeds the line, so the figure means nothing. Key off, then again.</source>
   <translation>Ohm bei Zündung an: das Steuergerät speist die Leitung, die Zahl bedeutet nichts. Zündung aus, dann noch einmal.</translation>
  </message>
  <message>
   <source>Ohms with the line plugged in measure everything that hangs on it.</source>
   <translation>Ohm an der gesteckten Leitung messen alles, was daran hängt.</translation>
  </message>
  <message>
   <source>Ohms, % + counts</source>
   <translation>Ohm, % + Digits</translation>
  </message>
  <message>
   <source>Ohms, auto range</source>
   <translation>Ohm, automatischer Bereich</translation>
  </message>
  <message>
   <source>Ohms, by hand to </source>
   <translation>Ohm, von Hand bis </translation>
  </message>
  <message>
   <source>Old tipper with three channels</source>
   <translation>Alter Kipper mit drei Kanälen</translation>
  </message>
  <message>
   <source>On a sound line it is {}</source>
   <translation>An einer gesunden Leitung ist sie {}</translation>
  </message>
  <message>
   <source>On the board: arrows choose a part, C puts a connector in behind it, S a splice, &lt; &gt; move it, Delete takes it out, Return names it, Esc ends.</source>
   <translation>Auf der Tafel: Pfeile wählen ein Teil, C setzt einen Stecker dahinter, S eine Verbindung, &lt; &gt; verschieben, Entf nimmt heraus, Eingabe benennt, Esc beendet.</translation>
  </message>
  <message>
   <source>On the line</source>
   <translation>Auf der Leitung</translation>
  </message>
  <message>
   <source>On this bench</source>
   <translation>An diesem Platz</translation>
  </message>
  <message>
   <source>On {}, the good wheel: {}</source>
   <translation>An {}, dem guten Rad: {}</translation>
  </message>
  <message>
   <source>One digit off</source>
   <translation>Um eine Ziffer daneben</translation>
  </message>
  <message>
   <source>One gap is {:.0f} % wider, the rest even, in less than two turns: a ring that has cracked and opened; turn the wheel twice round to see whether it comes again.</source>
   <translation>Eine Lücke ist {:.0f} % breiter, die übrigen gleich, in weniger als zwei Umdrehungen: ein Ring, der gerissen ist und sich geöffnet hat; das Rad zweimal herumdrehen, um zu sehen, ob sie wiederkommt.</translation>
  </message>
  <message>
   <source>One gap is {:.0f} % wider, the rest even: behind {}: the ring has cracked and opened.</source>
   <translation>Eine Lücke ist {:.0f} % weiter, der Rest gleichmäßig: hinter {}: der Ring ist gerissen und klafft.</translation>
  </message>
  <message>
   <source>One gap is {:.0f} % wider, {} times, every {} teeth, the rest even: the ring has cracked and opened; count its teeth.</source>
   <translation>Eine Lücke ist {:.0f} % weiter, {} mal, alle {} Zähne, die übrigen gleichmäßig: der Ring ist gerissen und hat sich geöffnet; seine Zähne zählen.</translation>
  </message>
  <message>
   <source>One gap wider and the rest even: the ring has cracked and opened.</source>
   <translation>Eine Lücke breiter und die anderen gleich: der Ring ist gerissen und hat sich geöffnet.</translation>
  </message>
  <message>
   <source>One kind of test speaks against it. Before a part is bought, see it by a test of another kind.</source>
   <translation>Nur eine Art von Prüfung spricht dagegen. Bevor ein Teil gekauft wird, durch eine andere Art bestätigen.</translation>
  </message>
  <message>
   <source>One page for the owner</source>
   <translation>Eine Seite für den Halter</translation>
  </message>
  <message>
   <source>One sensor for the axle</source>
   <translation>Ein Sensor für die Achse</translation>
  </message>
  <message>
   <source>One strand in the rubber</source>
   <translation>Eine Litze im Gummi</translation>
  </message>
  <message>
   <source>One tooth in forty-eight</source>
   <translation>Ein Zahn von achtundvierzig</translation>
  </message>
  <message>
   <source>One wheel turning and three that stand is what the module must call wrong. Drive it.</source>
   <translation>Ein Rad, das dreht, und drei, die stehen, muss das Steuergerät falsch nennen. Fahren.</translation>
  </message>
  <message>
   <source>Only after rain</source>
   <translation>Nur nach Regen</translation>
  </message>
  <message>
   <source>Only into a module on the bench, its supply fused; never into a vehicle's loom.</source>
   <translation>Nur in ein Steuergerät auf der Werkbank, mit abgesicherter Versorgung; nie in den Kabelbaum eines Fahrzeugs.</translation>
  </message>
  <message>
   <source>Only on the stands</source>
   <translation>Nur auf den Böcken</translation>
  </message>
  <message>
   <source>Only vehicles whose name begins with</source>
   <translation>Nur Fahrzeuge, deren Name beginnt mit</translation>
  </message>
  <message>
   <source>Only when steering</source>
   <translation>Nur beim Lenken</translation>
  </message>
  <message>
   <source>Only where the maker allows a shorted input. Fuse the lead; take it off again at once.</source>
   <translation>Nur wo der Hersteller einen kurzgeschlossenen Eingang erlaubt. Leitung absichern; gleich wieder abnehmen.</translation>
  </message>
  <message>
   <source>Only {} pulses in {}: too few to judge a wheel by.</source>
   <translation>Nur {} Impulse in {}: zu wenige, um ein Rad zu beurteilen.</translation>
  </message>
  <message>
   <source>Open</source>
   <translation>Öffnen</translation>
  </message>
  <message>
   <source>Open </source>
   <translation>Öffnen: </translation>
  </message>
  <message>
   <source>Open a capture</source>
   <translation>Öffnen</translation>
  </message>
  <message>
   <source>Open a case to change...</source>
   <translation>Einen Fall zum Ändern öffnen...</translation>
  </message>
  <message>
   <source>Open a job</source>
   <translation>Auftrag öffnen</translation>
  </message>
  <message>
   <source>Open a practice case</source>
   <translation>Übungsfall öffnen</translation>
  </message>
  <message>
   <source>Open the job again</source>
   <translation>Auftrag wieder öffnen</translation>
  </message>
  <message>
   <source>Open this state</source>
   <translation>Diesen Stand öffnen</translation>
  </message>
  <message>
   <source>Open...</source>
   <translation>Öffnen...</translation>
  </message>
  <message>
   <source>Other ways</source>
   <translation>Andere Wege</translation>
  </message>
  <message>
   <source>Output swells by {:.0f} % once a turn.</source>
   <translation>Ausgang schwillt um {:.0f} % je Umdrehung.</translation>
  </message>
  <message>
   <source>Over bumps</source>
   <translation>Über Unebenheiten</translation>
  </message>
  <message>
   <source>Over the same bump, read the codes</source>
   <translation>Über dieselbe Unebenheit, Codes lesen</translation>
  </message>
  <message>
   <source>Owner and plate are erased from all kept states of this job.</source>
   <translation>Halter und Kennzeichen sind aus allen behaltenen Ständen dieses Auftrags gelöscht.</translation>
  </message>
  <message>
   <source>Page of the help</source>
   <translation>Seite der Hilfe</translation>
  </message>
  <message>
   <source>Page to be read from afar</source>
   <translation>Seite zum Lesen aus der Ferne</translation>
  </message>
  <message>
   <source>Pages of the help</source>
   <translation>Seiten der Hilfe</translation>
  </message>
  <message>
   <source>Part and wire: ____________________   fault: ____________________   sure: ______ %</source>
   <translation>Teil und Ader: ____________________   Fehler: ____________________   sicher: ______ %</translation>
  </message>
  <message>
   <source>Parts of the logbook are damaged. Close the program and start it again: what can be read is brought into a new one.</source>
   <translation>Teile des Werkstattbuchs sind beschädigt. Programm schließen und neu starten: was lesbar ist, kommt in ein neues.</translation>
  </message>
  <message>
   <source>Photos</source>
   <translation>Fotos</translation>
  </message>
  <message>
   <source>Picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <source>Picture of the line: %1</source>
   <translation>Bild der Leitung: %1</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.bmp *.gif)</source>
   <translation>Bilder (*.png *.jpg *.jpeg *.bmp *.gif)</translation>
  </message>
  <message>
   <source>Pierced at </source>
   <translation>Angestochen: </translation>
  </message>
  <message>
   <source>Piercing: none of shielded or safety-critical wires where the maker forbids it; write the hole down and seal it, or it is the next green crust.</source>
   <translation>Anstechen: nichts Geschirmtes oder Sicherheitskritisches, wo der Hersteller es verbietet; das Loch notieren und versiegeln, sonst ist es der nächste Grünspan.</translation>
  </message>
  <message>
   <source>Plate</source>
   <translation>Kennzeichen</translation>
  </message>
  <message>
   <source>Plate and owner can be erased later: Logbook, Erase owner</source>
   <translation>Kennzeichen und Halter sind später löschbar: Werkstattbuch, Halter löschen</translation>
  </message>
  <message>
   <source>Potato lorry</source>
   <translation>Kartoffellaster</translation>
  </message>
  <message>
   <source>Practice</source>
   <translation>Übung</translation>
  </message>
  <message>
   <source>Practice cases</source>
   <translation>Übungsfälle</translation>
  </message>
  <message>
   <source>Practice cases (*.json);;All files (*)</source>
   <translation>Übungsfälle (*.json);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Practice yard</source>
   <translation>Übungshof</translation>
  </message>
  <message>
   <source>Practice yard: a made-up vehicle</source>
   <translation>Übungshof: ein erdachtes Fahrzeug</translation>
  </message>
  <message>
   <source>Practice: %1</source>
   <translation>Übung: %1</translation>
  </message>
  <message>
   <source>Practise next: %1.</source>
   <translation>Als Nächstes üben: %1.</translation>
  </message>
  <message>
   <source>Preferences</source>
   <translation>Einstellungen</translation>
  </message>
  <message>
   <source>Preferences have the sound off</source>
   <translation>In den Einstellungen ist der Ton aus</translation>
  </message>
  <message>
   <source>Preferences...</source>
   <translation>Einstellungen...</translation>
  </message>
  <message>
   <source>Prices, in the shop's money</source>
   <translation>Preise, im Geld der Werkstatt</translation>
  </message>
  <message>
   <source>Print it...</source>
   <translation>Drucken...</translation>
  </message>
  <message>
   <source>Print the report...</source>
   <translation>Bericht drucken...</translation>
  </message>
  <message>
   <source>Printed {} by Hay Bale {}.</source>
   <translation>Gedruckt {} mit Hay Bale {}.</translation>
  </message>
  <message>
   <source>Program log</source>
   <translation>Programmprotokoll</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Nachweis</translation>
  </message>
  <message>
   <source>Prove it</source>
   <translation>Nachweisen</translation>
  </message>
  <message>
   <source>Proved. What was found counts in the odds of the next job.</source>
   <translation>Nachgewiesen. Der Befund zählt für den nächsten Auftrag.</translation>
  </message>
  <message>
   <source>Proves little: with no load, {} more in the wire would read the same.</source>
   <translation>Beweist wenig: ohne Last würde {} mehr in der Ader dasselbe zeigen.</translation>
  </message>
  <message>
   <source>Pull by hand and gently; leave alone what the maker forbids to be touched, and anything shielded, orange or of an airbag.</source>
   <translation>Von Hand und sanft ziehen; in Ruhe lassen, was der Hersteller verbietet, und alles Geschirmte, Orange oder vom Airbag.</translation>
  </message>
  <message>
   <source>Pull gently on each wire of {}, a hand's width at a time: where its copper is gone the insulation stretches.</source>
   <translation>Sanft an jeder Ader ziehen ({}), Handbreit um Handbreit: wo das Kupfer weg ist, dehnt sich die Isolierung.</translation>
  </message>
  <message>
   <source>Pull gently on each wire, a hand's width at a time.</source>
   <translation>An jeder Ader sanft ziehen, Handbreit um Handbreit.</translation>
  </message>
  <message>
   <source>Pull on </source>
   <translation>Ziehen an: </translation>
  </message>
  <message>
   <source>Pull on the wires of </source>
   <translation>Ziehen an den Adern von </translation>
  </message>
  <message>
   <source>Pull on {} while watching {}</source>
   <translation>Ziehen: {}; dabei beobachten: {}</translation>
  </message>
  <message>
   <source>Pull wire a to the return through a transistor, {:.4g} times a second; no voltage of your own.</source>
   <translation>Ader a über einen Transistor auf den Rückleiter ziehen, {:.4g}-mal je Sekunde; keine eigene Spannung.</translation>
  </message>
  <message>
   <source>Pump tanker</source>
   <translation>Pumptankwagen</translation>
  </message>
  <message>
   <source>Put a file there...</source>
   <translation>Datei dorthin legen...</translation>
  </message>
  <message>
   <source>Put a known good sensor on the suspect's line: if the input is still silent it is the input.</source>
   <translation>Einen bekannt guten Sensor an die verdächtige Leitung setzen: schweigt der Eingang weiter, ist es der Eingang.</translation>
  </message>
  <message>
   <source>Put a limits sheet or scan map on the shelf</source>
   <translation>Grenzwertblatt oder Karte ins Regal legen</translation>
  </message>
  <message>
   <source>Put exchanged wires back</source>
   <translation>Vertauschte Adern zurücktauschen</translation>
  </message>
  <message>
   <source>Put the right tyre on, at the maker's pressure, then drive straight on and compare the live speeds.</source>
   <translation>Den richtigen Reifen mit dem Druck des Herstellers aufziehen, dann geradeaus fahren und die Geschwindigkeiten vergleichen.</translation>
  </message>
  <message>
   <source>Put the two circuits back on their own pins, by the maker's pin list.</source>
   <translation>Die zwei Kreise an ihre eigenen Pins zurück, nach der Pinliste des Herstellers.</translation>
  </message>
  <message>
   <source>Put the two wires back, by their colours: no part is needed.</source>
   <translation>Die zwei Adern nach ihren Farben zurücktauschen: kein Teil nötig.</translation>
  </message>
  <message>
   <source>Put the tyre right</source>
   <translation>Reifen richtigstellen</translation>
  </message>
  <message>
   <source>Qt 6 (LGPL-3), Eigen (MPL-2.0), Boost.Math (BSL-1.0), fmt, nlohmann-json, fast_float and CLI11 (MIT and alike), libsndfile (LGPL-2.1), libzip (BSD), SQLite (public domain), PostgreSQL's client library (PostgreSQL licence), the font Atkinson Hyperlegible (SIL Open Font License 1.1). On Debian their full texts lie in /usr/share/doc/PACKAGE/copyright.</source>
   <translation>Qt 6 (LGPL-3), Eigen (MPL-2.0), Boost.Math (BSL-1.0), fmt, nlohmann-json, fast_float und CLI11 (MIT und ähnlich), libsndfile (LGPL-2.1), libzip (BSD), SQLite (gemeinfrei), die PostgreSQL-Bibliothek (PostgreSQL-Lizenz), die Schrift Atkinson Hyperlegible (SIL Open Font License 1.1). Unter Debian stehen ihre Texte in /usr/share/doc/PAKET/copyright.</translation>
  </message>
  <message>
   <source>Quit</source>
   <translation>Beenden</translation>
  </message>
  <message>
   <source>Raise the wheel so that it turns freely, the car on rated stands, the others chocked.</source>
   <translation>Rad anheben, dass es frei dreht; Fahrzeug auf zugelassenen Böcken, die anderen Räder verkeilt.</translation>
  </message>
  <message>
   <source>Rated stands on sound points, chocked; nothing of you under it on a jack alone.</source>
   <translation>Zugelassene Böcke an tragenden Stellen, verkeilt; nichts von Ihnen darunter auf dem Wagenheber allein.</translation>
  </message>
  <message>
   <source>Read codes, clear, read again: a mended short leaves a sleeping input behind.</source>
   <translation>Codes lesen, löschen, wieder lesen: ein behobener Schluss lässt einen schlafenden Eingang zurück.</translation>
  </message>
  <message>
   <source>Read from afar</source>
   <translation>Aus der Ferne lesen</translation>
  </message>
  <message>
   <source>Read it like this</source>
   <translation>So lesen</translation>
  </message>
  <message>
   <source>Read the live speed of %1</source>
   <translation>Geschwindigkeit von %1 ablesen</translation>
  </message>
  <message>
   <source>Read the live speeds once more, slowly and in a straight line.</source>
   <translation>Die Geschwindigkeiten noch einmal ablesen, langsam und geradeaus.</translation>
  </message>
  <message>
   <source>Read the meter</source>
   <translation>Messgerät ablesen</translation>
  </message>
  <message>
   <source>Read the trace while it is recorded</source>
   <translation>Das Signal lesen, während es aufgezeichnet wird</translation>
  </message>
  <message>
   <source>Read which codes come back with the car standing.</source>
   <translation>Lesen, welche Codes im Stand wiederkommen.</translation>
  </message>
  <message>
   <source>Read which codes come back.</source>
   <translation>Lesen, welche Codes wiederkommen.</translation>
  </message>
  <message>
   <source>Reading %1</source>
   <translation>%1 wird gelesen</translation>
  </message>
  <message>
   <source>Readings of this job that a limit can be about</source>
   <translation>Messwerte dieses Auftrags, für die es einen Grenzwert geben kann</translation>
  </message>
  <message>
   <source>Readings that are taken wrong, in per cent</source>
   <translation>Falsch abgenommene Messwerte, in Prozent</translation>
  </message>
  <message>
   <source>Readings, %1</source>
   <translation>Messwerte, %1</translation>
  </message>
  <message>
   <source>Record a spin of this wheel.</source>
   <translation>Eine Drehung dieses Rads aufzeichnen.</translation>
  </message>
  <message>
   <source>Record four seconds</source>
   <translation>Vier Sekunden aufzeichnen</translation>
  </message>
  <message>
   <source>Record the trace once more, with the probe on bright metal.</source>
   <translation>Noch einmal aufzeichnen, die Spitze auf blankem Metall.</translation>
  </message>
  <message>
   <source>Recording block after block; every block is read as it comes.</source>
   <translation>Block um Block wird aufgezeichnet und gleich gelesen.</translation>
  </message>
  <message>
   <source>Recording four seconds: spin the wheel.</source>
   <translation>Vier Sekunden werden aufgezeichnet: Rad drehen.</translation>
  </message>
  <message>
   <source>Red lead on {}.</source>
   <translation>Rote Spitze an {}.</translation>
  </message>
  <message>
   <source>Red on </source>
   <translation>Rot an </translation>
  </message>
  <message>
   <source>Red on {} at {}, black on {}; {}</source>
   <translation>Rot an {}, {}; Schwarz an {}; {}</translation>
  </message>
  <message>
   <source>Redo</source>
   <translation>Vor</translation>
  </message>
  <message>
   <source>Redo %1 (Ctrl+Shift+Z)</source>
   <translation>Wiederholen: %1 (Ctrl+Shift+Z)</translation>
  </message>
  <message>
   <source>Remove</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <source>Renew the fuse, relay or ground strap that fails under load; no module for that. Then clear the codes of every circuit.</source>
   <translation>Die Sicherung, das Relais oder das Masseband erneuern, das unter Last versagt; kein Steuergerät dafür. Dann die Codes aller Kreise löschen.</translation>
  </message>
  <message>
   <source>Renew the toothed ring or its bearing</source>
   <translation>Impulsring oder Lager erneuern</translation>
  </message>
  <message>
   <source>Repair</source>
   <translation>Reparatur</translation>
  </message>
  <message>
   <source>Repair on {}: {} ({:.0f} %)</source>
   <translation>Reparatur an {}: {} ({:.0f} %)</translation>
  </message>
  <message>
   <source>Repaired before ({}): {:g} times as likely to be at fault.</source>
   <translation>Früher repariert ({}): {:g}-mal so wahrscheinlich schuld.</translation>
  </message>
  <message>
   <source>Repaired before, on the circuit in question</source>
   <translation>Früher repariert, am fraglichen Kreis</translation>
  </message>
  <message>
   <source>Repaired before: </source>
   <translation>Früher repariert: </translation>
  </message>
  <message>
   <source>Repeat the record with the leads at a second contact.</source>
   <translation>Die Aufzeichnung an anderer Stelle gefasst wiederholen.</translation>
  </message>
  <message>
   <source>Repeat {} ({}) at a second contact before believing it.</source>
   <translation>{} ({}) an anderer Stelle gefasst wiederholen, bevor Sie es glauben.</translation>
  </message>
  <message>
   <source>Repeat {} ({}) at a second contact, on the highest range, before believing it.</source>
   <translation>{} ({}) an anderer Stelle gefasst und im höchsten Bereich wiederholen, bevor Sie es glauben.</translation>
  </message>
  <message>
   <source>Report</source>
   <translation>Bericht</translation>
  </message>
  <message>
   <source>Report printed.</source>
   <translation>Bericht gedruckt.</translation>
  </message>
  <message>
   <source>Report saved in %1.</source>
   <translation>Bericht gespeichert in %1.</translation>
  </message>
  <message>
   <source>Report, and close the job</source>
   <translation>Bericht, und Auftrag abschließen</translation>
  </message>
  <message>
   <source>Report, as it will be printed</source>
   <translation>Bericht, wie er gedruckt wird</translation>
  </message>
  <message>
   <source>Reports</source>
   <translation>Berichte</translation>
  </message>
  <message>
   <source>Reproduce it before you unplug it: one pull dries it for a day.</source>
   <translation>Erst nachstellen, dann abstecken: einmal ziehen trocknet es für einen Tag.</translation>
  </message>
  <message>
   <source>Reproduce the complaint (bump, steering, wet) while a reading is watched, or check the ring and the live speed.</source>
   <translation>Die Beanstandung nachstellen (holprig, lenken, nass) und dabei einen Wert beobachten, oder Ring und Geschwindigkeit prüfen.</translation>
  </message>
  <message>
   <source>Right: %1.</source>
   <translation>Richtig: %1.</translation>
  </message>
  <message>
   <source>Ring</source>
   <translation>Ring</translation>
  </message>
  <message>
   <source>Ring dial</source>
   <translation>Ringbild</translation>
  </message>
  <message>
   <source>Road speed</source>
   <translation>Geschwindigkeit</translation>
  </message>
  <message>
   <source>Round baler tractor</source>
   <translation>Rundballenpressentraktor</translation>
  </message>
  <message>
   <source>Round, but not round</source>
   <translation>Rund, und doch nicht rund</translation>
  </message>
  <message>
   <source>Rubbed through</source>
   <translation>Durchgescheuert</translation>
  </message>
  <message>
   <source>Run two jumper leads from the sensor of {} to the harness plug of {}{}.</source>
   <translation>Zwei Brückenkabel vom Sensor {} zum Kabelbaumstecker {}{}.</translation>
  </message>
  <message>
   <source>SIGNAL ON: %1 Hz, %2 V peak to peak, %3</source>
   <translation>SIGNAL AN: %1 Hz, %2 V Spitze-Spitze, %3</translation>
  </message>
  <message>
   <source>Salt water conducts when the module pushes. Measure the bias, and wet it.</source>
   <translation>Salzwasser leitet, wenn das Steuergerät drückt. Die Vorspannung messen, und nass machen.</translation>
  </message>
  <message>
   <source>Salt water only on loom and plugs, never into a module or on anything orange; rinse it off afterwards.</source>
   <translation>Salzwasser nur auf Kabelbaum und Stecker, nie in ein Steuergerät oder auf Oranges; danach abspülen.</translation>
  </message>
  <message>
   <source>Samples a second, Hz</source>
   <translation>Werte je Sekunde, Hz</translation>
  </message>
  <message>
   <source>Samples are lost at {} places.</source>
   <translation>An {} Stellen fehlen Messwerte.</translation>
  </message>
  <message>
   <source>Save</source>
   <translation>Speichern</translation>
  </message>
  <message>
   <source>Save a copy</source>
   <translation>Kopie speichern</translation>
  </message>
  <message>
   <source>Save a copy...</source>
   <translation>Kopie speichern...</translation>
  </message>
  <message>
   <source>Save as HTML</source>
   <translation>Als HTML speichern</translation>
  </message>
  <message>
   <source>Save as PDF</source>
   <translation>Als PDF speichern</translation>
  </message>
  <message>
   <source>Save as WAV or CSV</source>
   <translation>Als WAV oder CSV speichern</translation>
  </message>
  <message>
   <source>Save as a sheet</source>
   <translation>Als Blatt speichern</translation>
  </message>
  <message>
   <source>Save as a table...</source>
   <translation>Als Tabelle sichern...</translation>
  </message>
  <message>
   <source>Save as...</source>
   <translation>Speichern unter...</translation>
  </message>
  <message>
   <source>Save how it went</source>
   <translation>Verlauf speichern</translation>
  </message>
  <message>
   <source>Save the case</source>
   <translation>Den Fall sichern</translation>
  </message>
  <message>
   <source>Save the case...</source>
   <translation>Den Fall sichern...</translation>
  </message>
  <message>
   <source>Save the class as a table</source>
   <translation>Die Klasse als Tabelle sichern</translation>
  </message>
  <message>
   <source>Save the exercise</source>
   <translation>Die Übung sichern</translation>
  </message>
  <message>
   <source>Save the figures as a table</source>
   <translation>Die Zahlen als Tabelle sichern</translation>
  </message>
  <message>
   <source>Save the fleet report</source>
   <translation>Den Flottenbericht sichern</translation>
  </message>
  <message>
   <source>Save the job</source>
   <translation>Auftrag speichern</translation>
  </message>
  <message>
   <source>Save the limits as a sheet</source>
   <translation>Grenzwerte als Blatt speichern</translation>
  </message>
  <message>
   <source>Save the picture</source>
   <translation>Bild speichern</translation>
  </message>
  <message>
   <source>Save the report</source>
   <translation>Bericht speichern</translation>
  </message>
  <message>
   <source>Save the signal</source>
   <translation>Signal speichern</translation>
  </message>
  <message>
   <source>Save the whole logbook</source>
   <translation>Das ganze Werkstattbuch speichern</translation>
  </message>
  <message>
   <source>Save this job as a bundle</source>
   <translation>Diesen Auftrag als Bündel speichern</translation>
  </message>
  <message>
   <source>Save this page</source>
   <translation>Diese Seite speichern</translation>
  </message>
  <message>
   <source>Save this page as PDF...</source>
   <translation>Seite als PDF speichern...</translation>
  </message>
  <message>
   <source>Save what is shown</source>
   <translation>Gezeigtes speichern</translation>
  </message>
  <message>
   <source>Saved in %1 and %2.</source>
   <translation>Gesichert in %1 und %2.</translation>
  </message>
  <message>
   <source>Saved in %1.</source>
   <translation>Gespeichert in %1.</translation>
  </message>
  <message>
   <source>Say at Intake what the complaint is.</source>
   <translation>Unter Annahme eintragen, was beanstandet wird.</translation>
  </message>
  <message>
   <source>Say it</source>
   <translation>Vorlesen</translation>
  </message>
  <message>
   <source>Say what it is: it stands below.</source>
   <translation>Sagen Sie, was es ist: es steht unten.</translation>
  </message>
  <message>
   <source>Scan tool on live wheel speeds, all wheels at once.</source>
   <translation>Diagnosegerät auf Radgeschwindigkeiten, alle Räder zugleich.</translation>
  </message>
  <message>
   <source>Scan tool on live wheel speeds.</source>
   <translation>Diagnosegerät auf Radgeschwindigkeiten.</translation>
  </message>
  <message>
   <source>Scope</source>
   <translation>Oszilloskop</translation>
  </message>
  <message>
   <source>Scope DC coupled, 200 kS/s or more, so that short telegrams are seen.</source>
   <translation>Oszilloskop DC-gekoppelt, 200 kS/s oder mehr, damit kurze Telegramme zu sehen sind.</translation>
  </message>
  <message>
   <source>Scope on 5 V full scale, 1 s a division for a spin.</source>
   <translation>Oszilloskop auf 5 V Vollausschlag, 1 s je Teil für eine Drehung.</translation>
  </message>
  <message>
   <source>Scope trace at </source>
   <translation>Aufzeichnung: </translation>
  </message>
  <message>
   <source>Scope trace at the </source>
   <translation>Aufzeichnung: </translation>
  </message>
  <message>
   <source>Scope trace of {} at </source>
   <translation>Aufzeichnung, {}: </translation>
  </message>
  <message>
   <source>Scope. </source>
   <translation>Oszilloskop. </translation>
  </message>
  <message>
   <source>Seal the pierced holes</source>
   <translation>Einstichlöcher versiegeln</translation>
  </message>
  <message>
   <source>Seed drill carrier</source>
   <translation>Drillmaschinentransporter</translation>
  </message>
  <message>
   <source>Seed lorry</source>
   <translation>Saatgutlaster</translation>
  </message>
  <message>
   <source>Seen only on a lift or stands: nothing wrong is {:g} times as likely, until it returns on the road.</source>
   <translation>Nur auf der Bühne gesehen: dass nichts falsch ist, ist {:g}-mal so wahrscheinlich, bis es auf der Straße wiederkommt.</translation>
  </message>
  <message>
   <source>Seized in its bore: soak, turn, then drive the stub out.</source>
   <translation>Festgerostet: einweichen, drehen, den Rest austreiben.</translation>
  </message>
  <message>
   <source>Sensor</source>
   <translation>Sensor</translation>
  </message>
  <message>
   <source>Several benches share their jobs in a PostgreSQL database. Every bench keeps its own copy and works on without the network; what was done meanwhile is brought over as soon as it can be. Of two states of one job the later one is shown, and the other is kept.</source>
   <translation>Mehrere Plätze teilen ihre Aufträge in einer PostgreSQL-Datenbank. Jeder Platz hat seine eigene Kopie und arbeitet ohne Netz weiter; was inzwischen geschah, wird nachgetragen, sobald es geht. Von zwei Ständen eines Auftrags wird der spätere gezeigt, der andere bleibt behalten.</translation>
  </message>
  <message>
   <source>Several minutes at {} where lawful, read the codes</source>
   <translation>Mehrere Minuten mit {}, wo erlaubt, Fehlercodes lesen</translation>
  </message>
  <message>
   <source>Shake and tap {}.</source>
   <translation>Rütteln und klopfen: {}.</translation>
  </message>
  <message>
   <source>Shake {} while watching {}</source>
   <translation>Rütteln: {}; dabei beobachten: {}</translation>
  </message>
  <message>
   <source>Shared</source>
   <translation>Gemeinsam</translation>
  </message>
  <message>
   <source>Sheets and maps for all benches</source>
   <translation>Blätter und Karten für alle Plätze</translation>
  </message>
  <message>
   <source>Shop</source>
   <translation>Werkstatt</translation>
  </message>
  <message>
   <source>Shown against this one: </source>
   <translation>Gezeigt, gegen diesen: </translation>
  </message>
  <message>
   <source>Signal</source>
   <translation>Signal</translation>
  </message>
  <message>
   <source>Signal map</source>
   <translation>Signaltabelle</translation>
  </message>
  <message>
   <source>Signal map of the bus</source>
   <translation>Signaltabelle des Busses</translation>
  </message>
  <message>
   <source>Signal map read.</source>
   <translation>Signaltabelle gelesen.</translation>
  </message>
  <message>
   <source>Signal source</source>
   <translation>Signalquelle</translation>
  </message>
  <message>
   <source>Silage wagon</source>
   <translation>Silagewagen</translation>
  </message>
  <message>
   <source>Sine of {:.4g} Hz, {:.2g} V peak to peak, isolated source, across a and b through 1 kΩ.</source>
   <translation>Sinus von {:.4g} Hz, {:.2g} V Spitze-Spitze, getrennte Quelle, an a und b über 1 kΩ.</translation>
  </message>
  <message>
   <source>Single pitches scatter by {:.2g} % on {}, by {:.2g} % on {}.</source>
   <translation>Einzelne Teilungen streuen um {:.2g} % an {}, um {:.2g} % an {}.</translation>
  </message>
  <message>
   <source>Six metres of line</source>
   <translation>Sechs Meter Leitung</translation>
  </message>
  <message>
   <source>Size of everything</source>
   <translation>Größe von allem</translation>
  </message>
  <message>
   <source>Slurry tanker</source>
   <translation>Güllefass</translation>
  </message>
  <message>
   <source>Small screw, low torque: the maker's figure.</source>
   <translation>Kleine Schraube, kleines Drehmoment: Herstellerwert.</translation>
  </message>
  <message>
   <source>Some makers allow one way only: their rule comes first.</source>
   <translation>Manche Hersteller erlauben nur einen Weg: ihre Regel geht vor.</translation>
  </message>
  <message>
   <source>Something is still wrong ({:.0f} %): back to the line.</source>
   <translation>Etwas ist noch falsch ({:.0f} %): zurück zur Leitung.</translation>
  </message>
  <message>
   <source>Something is still wrong: the vehicle should not go out like this.</source>
   <translation>Etwas ist noch falsch: so sollte das Fahrzeug nicht hinaus.</translation>
  </message>
  <message>
   <source>Sound</source>
   <translation>Ton</translation>
  </message>
  <message>
   <source>Sound gives</source>
   <translation>Ton gibt</translation>
  </message>
  <message>
   <source>Space</source>
   <translation>Leertaste</translation>
  </message>
  <message>
   <source>Speaks against it, or is left open:</source>
   <translation>Spricht dagegen oder bleibt offen:</translation>
  </message>
  <message>
   <source>Speaks for it:</source>
   <translation>Spricht dafür:</translation>
  </message>
  <message>
   <source>Speed</source>
   <translation>Geschwindigkeit</translation>
  </message>
  <message>
   <source>Speed and temperature</source>
   <translation>Geschwindigkeit und Temperatur</translation>
  </message>
  <message>
   <source>Speed at which the module is driven</source>
   <translation>Geschwindigkeit, mit der das Steuergerät gespeist wird</translation>
  </message>
  <message>
   <source>Speeds from a log</source>
   <translation>Geschwindigkeiten aus einem Protokoll</translation>
  </message>
  <message>
   <source>Spin one wheel and see which one the module believes.</source>
   <translation>Ein Rad drehen und sehen, welches das Steuergerät glaubt.</translation>
  </message>
  <message>
   <source>Spin the wheel by hand, about {}.</source>
   <translation>Das Rad von Hand drehen, etwa {}.</translation>
  </message>
  <message>
   <source>Spin the wheel, read the codes</source>
   <translation>Rad drehen, Codes lesen</translation>
  </message>
  <message>
   <source>Splice: sealed crimp with adhesive heat shrink. Plain tape never here.</source>
   <translation>Verbinden: dichte Quetschverbindung mit Kleber-Schrumpfschlauch. Nie bloßes Band.</translation>
  </message>
  <message>
   <source>Splice: twist, solder, adhesive-lined heat shrink. Plain tape never here.</source>
   <translation>Verbinden: verdrillen, löten, Kleber-Schrumpfschlauch. Nie bloßes Band.</translation>
  </message>
  <message>
   <source>Spoke angle: when the pulse came.</source>
   <translation>Winkel der Speiche: wann der Impuls kam.</translation>
  </message>
  <message>
   <source>Spray salt water on {}.</source>
   <translation>Salzwasser sprühen auf: {}.</translation>
  </message>
  <message>
   <source>Sprayer</source>
   <translation>Feldspritze</translation>
  </message>
  <message>
   <source>Square baler tractor</source>
   <translation>Quaderballenpressentraktor</translation>
  </message>
  <message>
   <source>Stagger the two joints, keep the twist of the pair, put the joint inside the body or out of the wheelhouse.</source>
   <translation>Die zwei Verbindungen versetzen, Verdrillung des Paars erhalten, Verbindung ins Innere oder aus dem Radhaus legen.</translation>
  </message>
  <message>
   <source>Standing still it still speaks: a data word every so often, or it is dead.</source>
   <translation>Auch im Stand spricht er: ab und zu ein Datenwort, oder er ist tot.</translation>
  </message>
  <message>
   <source>Start</source>
   <translation>Beginnen</translation>
  </message>
  <message>
   <source>Start from</source>
   <translation>Ausgehen von</translation>
  </message>
  <message>
   <source>Start the signal</source>
   <translation>Signal an</translation>
  </message>
  <message>
   <source>Start watching</source>
   <translation>Beobachten</translation>
  </message>
  <message>
   <source>Stays: all that was measured, found and repaired. Photos, captures and bundles on disk are not looked into.</source>
   <translation>Es bleibt: alles, was gemessen, gefunden und repariert wurde. In Fotos, Aufzeichnungen und Bündel auf der Platte wird nicht hineingesehen.</translation>
  </message>
  <message>
   <source>Steel across the sensor's tip</source>
   <translation>Stahl an der Sensorspitze vorbei</translation>
  </message>
  <message>
   <source>Steer lock to lock while rolling, read the codes</source>
   <translation>Rollend von Anschlag zu Anschlag lenken, Codes lesen</translation>
  </message>
  <message>
   <source>Step by step</source>
   <translation>Der Reihe nach</translation>
  </message>
  <message>
   <source>Steps, where suspicion stood, and what they were worth</source>
   <translation>Schritte, wo der Verdacht stand, und was sie wert waren</translation>
  </message>
  <message>
   <source>Still open: {} leads with {:.0f} %</source>
   <translation>Noch offen: {} führt mit {:.0f} %</translation>
  </message>
  <message>
   <source>Stop</source>
   <translation>Halt</translation>
  </message>
  <message>
   <source>Stop here: nothing more is spent, and most likely nothing is wrong now.</source>
   <translation>Hier aufhören: nichts mehr wird ausgegeben, und wahrscheinlich ist jetzt nichts falsch.</translation>
  </message>
  <message>
   <source>Stop here: nothing more is spent; the fault stays, and with it ABS and what hangs on it.</source>
   <translation>Hier aufhören: nichts mehr wird ausgegeben; der Fehler bleibt, und mit ihm ABS und was daran hängt.</translation>
  </message>
  <message>
   <source>Stop the signal</source>
   <translation>Signal aus</translation>
  </message>
  <message>
   <source>Stop the sound</source>
   <translation>Ton aus</translation>
  </message>
  <message>
   <source>Stop the sweep</source>
   <translation>Durchlauf aus</translation>
  </message>
  <message>
   <source>Stop watching</source>
   <translation>Beenden</translation>
  </message>
  <message>
   <source>Stored codes were not written down.</source>
   <translation>Gespeicherte Codes wurden nicht aufgeschrieben.</translation>
  </message>
  <message>
   <source>Stored {} code "{}" of {}: believed to {:.0f} %.</source>
   <translation>Gespeicherter Code ({}) „{}“ von {}: zu {:.0f} % geglaubt.</translation>
  </message>
  <message>
   <source>Straw carrier, number 4</source>
   <translation>Strohtransporter, Nummer 4</translation>
  </message>
  <message>
   <source>Straw trailer, three axles</source>
   <translation>Strohanhänger, drei Achsen</translation>
  </message>
  <message>
   <source>Substitute signal at </source>
   <translation>Ersatzsignal: </translation>
  </message>
  <message>
   <source>Substitute signal to {}, the sensor apart.</source>
   <translation>Ersatzsignal an {}, Sensor ab.</translation>
  </message>
  <message>
   <source>Substitute signal: sensor apart, an isolated source, never into a supply pin beyond its limit, never on a vehicle that is driven; off before anything is changed.</source>
   <translation>Ersatzsignal: Sensor ab, eine getrennte Quelle, nie über die Grenze in einen Versorgungspin, nie am fahrenden Fahrzeug; aus, bevor etwas geändert wird.</translation>
  </message>
  <message>
   <source>Supply</source>
   <translation>Versorgung</translation>
  </message>
  <message>
   <source>Supply at the plug and no pulses behind it: the sensor, and only then.</source>
   <translation>Versorgung am Stecker und keine Impulse dahinter: der Sensor, und erst dann.</translation>
  </message>
  <message>
   <source>Suppose a reading of the next move; nothing is kept.</source>
   <translation>Einen Messwert des nächsten Schritts annehmen; nichts wird behalten.</translation>
  </message>
  <message>
   <source>Suspect sensor on a good line</source>
   <translation>Fraglicher Sensor an guter Leitung</translation>
  </message>
  <message>
   <source>Swap</source>
   <translation>Tausch</translation>
  </message>
  <message>
   <source>Sweep</source>
   <translation>Durchlauf</translation>
  </message>
  <message>
   <source>Switch the signal off</source>
   <translation>Signal abschalten</translation>
  </message>
  <message>
   <source>Tab, Shift+Tab</source>
   <translation>Tab, Umschalt+Tab</translation>
  </message>
  <message>
   <source>Take a photo</source>
   <translation>Foto aufnehmen</translation>
  </message>
  <message>
   <source>Take back</source>
   <translation>Zurücknehmen</translation>
  </message>
  <message>
   <source>Take each wheel's rest level off, to see a small wave on a high one</source>
   <translation>Die Ruhelage jedes Rads abziehen, um eine kleine Welle auf einer hohen zu sehen</translation>
  </message>
  <message>
   <source>Take from a sheet</source>
   <translation>Aus einem Blatt</translation>
  </message>
  <message>
   <source>Take in a bundle</source>
   <translation>Ein Bündel übernehmen</translation>
  </message>
  <message>
   <source>Take in a logbook</source>
   <translation>Ein Werkstattbuch übernehmen</translation>
  </message>
  <message>
   <source>Take it off</source>
   <translation>Wegnehmen</translation>
  </message>
  <message>
   <source>Take limits from a sheet</source>
   <translation>Grenzwerte aus einem Blatt nehmen</translation>
  </message>
  <message>
   <source>Take out</source>
   <translation>Herausnehmen</translation>
  </message>
  <message>
   <source>Take over</source>
   <translation>Übernehmen</translation>
  </message>
  <message>
   <source>Take the battery off at its negative terminal.</source>
   <translation>Batterie am Minuspol abklemmen.</translation>
  </message>
  <message>
   <source>Take the module's plug off.</source>
   <translation>Steuergerätestecker abziehen.</translation>
  </message>
  <message>
   <source>Take the reading from the connected multimeter (Ctrl+M)</source>
   <translation>Den Wert vom verbundenen Messgerät nehmen (Ctrl+M)</translation>
  </message>
  <message>
   <source>Take the reading out; Undo brings it back</source>
   <translation>Den Messwert herausnehmen; Rückgängig bringt ihn wieder</translation>
  </message>
  <message>
   <source>Take the sensor out, clean rust from bore and seat, push it fully home and read again before any part is bought.</source>
   <translation>Den Sensor herausnehmen, Bohrung und Sitz vom Rost befreien, ganz einschieben und noch einmal messen, bevor ein Teil gekauft wird.</translation>
  </message>
  <message>
   <source>Take this result back</source>
   <translation>Dieses Ergebnis zurücknehmen</translation>
  </message>
  <message>
   <source>Taking in %1 ...</source>
   <translation>%1 wird übernommen ...</translation>
  </message>
  <message>
   <source>Technician</source>
   <translation>Techniker</translation>
  </message>
  <message>
   <source>Tedder tractor, number 3</source>
   <translation>Zettwendertraktor, Nummer 3</translation>
  </message>
  <message>
   <source>Ten seconds of the signal saved in %1.</source>
   <translation>Zehn Sekunden des Signals gespeichert in %1.</translation>
  </message>
  <message>
   <source>Test after the repair</source>
   <translation>Prüfung nach der Reparatur</translation>
  </message>
  <message>
   <source>Test lamp from battery plus to the return at </source>
   <translation>Prüflampe von Batterie plus zur Rückleitung: </translation>
  </message>
  <message>
   <source>Test lamp to ground at </source>
   <translation>Prüflampe gegen Masse: </translation>
  </message>
  <message>
   <source>Test lamp, 250 mA</source>
   <translation>Prüflampe, 250 mA</translation>
  </message>
  <message>
   <source>Test lamp.</source>
   <translation>Prüflampe.</translation>
  </message>
  <message>
   <source>Test lamp. </source>
   <translation>Prüflampe. </translation>
  </message>
  <message>
   <source>Test lamp: a sensor pin gives milliamperes, a filament bulb draws a hundred times that. An LED tester, a 1 kΩ resistor or a meter only; a small bulb just where the pin is a chassis ground.</source>
   <translation>Prüflampe: ein Sensorpin gibt Milliampere, eine Glühlampe zieht das Hundertfache. Nur LED-Prüfer, ein Widerstand von 1 kΩ oder ein Messgerät; eine kleine Lampe nur, wo der Pin eine Fahrzeugmasse ist.</translation>
  </message>
  <message>
   <source>That is it: end the case</source>
   <translation>Das ist es: Fall beenden</translation>
  </message>
  <message>
   <source>That the ring has {} teeth is guessed from the record, {:.0f} % sure.</source>
   <translation>Dass der Ring {} Zähne hat, ist aus der Aufzeichnung geschätzt, zu {:.0f} % sicher.</translation>
  </message>
  <message>
   <source>The bias as a lamp</source>
   <translation>Die Vorspannung als Lampe</translation>
  </message>
  <message>
   <source>The camera begins...</source>
   <translation>Die Kamera beginnt...</translation>
  </message>
  <message>
   <source>The capture was not read.</source>
   <translation>Die Aufzeichnung wurde nicht gelesen.</translation>
  </message>
  <message>
   <source>The case could not be kept: %1</source>
   <translation>Der Fall konnte nicht aufbewahrt werden: %1</translation>
  </message>
  <message>
   <source>The cause is not certain yet. Of 100 such cases it is:</source>
   <translation>Die Ursache ist noch nicht sicher. Von 100 solchen Fällen ist es:</translation>
  </message>
  <message>
   <source>The cause: {}.</source>
   <translation>Die Ursache: {}.</translation>
  </message>
  <message>
   <source>The chosen case as an exercise on paper, and beside it a sheet for the trainer with the vehicle's answers and the solution</source>
   <translation>Der gewählte Fall als Übung auf Papier, und daneben ein Blatt für den Ausbilder mit den Antworten des Fahrzeugs und der Lösung</translation>
  </message>
  <message>
   <source>The circuits</source>
   <translation>Die Kreise</translation>
  </message>
  <message>
   <source>The class</source>
   <translation>Die Klasse</translation>
  </message>
  <message>
   <source>The class...</source>
   <translation>Die Klasse...</translation>
  </message>
  <message>
   <source>The coil was open at the sensor's own plug and right behind it: measure at the module first, then at the wheel, and the break lies between the two.</source>
   <translation>Die Spule war am Stecker des Sensors und gleich dahinter offen: zuerst am Steuergerät messen, dann am Rad, und der Bruch liegt dazwischen.</translation>
  </message>
  <message>
   <source>The complaint</source>
   <translation>Die Beanstandung</translation>
  </message>
  <message>
   <source>The connected scope, at the place chosen on the line:</source>
   <translation>Das verbundene Oszilloskop, an der gewählten Stelle der Leitung:</translation>
  </message>
  <message>
   <source>The contacts were cleaned and tightened</source>
   <translation>Die Kontakte wurden gereinigt und nachgestellt</translation>
  </message>
  <message>
   <source>The control unit was changed or repaired.</source>
   <translation>Das Steuergerät wurde getauscht oder repariert.</translation>
  </message>
  <message>
   <source>The control unit's fuse, relay or ground was mended.</source>
   <translation>Sicherung, Relais oder Masse des Steuergeräts wurde instand gesetzt.</translation>
  </message>
  <message>
   <source>The control unit's fuses, relay and ground were checked.</source>
   <translation>Sicherungen, Relais und Masse des Steuergeräts wurden geprüft.</translation>
  </message>
  <message>
   <source>The control unit's plug was looked into.</source>
   <translation>Der Stecker des Steuergeräts wurde angesehen.</translation>
  </message>
  <message>
   <source>The control unit's stored faults were cleared.</source>
   <translation>Die gespeicherten Fehler des Steuergeräts wurden gelöscht.</translation>
  </message>
  <message>
   <source>The current steps by {} where the interface has {} to {}; its levels are not known, for the probe shows changes only.</source>
   <translation>Der Strom springt um {}, wo die Schnittstelle {} bis {} hat; seine Pegel sind nicht bekannt, denn der Tastkopf zeigt nur Änderungen.</translation>
  </message>
  <message>
   <source>The day's copy of the logbook could not be made: %1</source>
   <translation>Die Tageskopie des Werkstattbuchs gelang nicht: %1</translation>
  </message>
  <message>
   <source>The distances of the pulses scatter by {:.0f} %.</source>
   <translation>Die Abstände der Pulse streuen um {:.0f} %.</translation>
  </message>
  <message>
   <source>The end of the job</source>
   <translation>Das Ende des Auftrags</translation>
  </message>
  <message>
   <source>The feed stands on the return's wire: the two may be exchanged at a joint. Look there before a part is blamed.</source>
   <translation>Die Versorgung liegt auf der Ader des Rückwegs: die beiden können an einer Verbindung vertauscht sein. Dort nachsehen, bevor ein Teil beschuldigt wird.</translation>
  </message>
  <message>
   <source>The first lines of the chosen wheel's file, and how they are taken</source>
   <translation>Die ersten Zeilen der Datei des gewählten Rads, und wie sie genommen werden</translation>
  </message>
  <message>
   <source>The gap is {:.0f} % {}: behind {}: a tooth out of its place.</source>
   <translation>Die Lücke ist {:.0f} % {}: hinter {}: ein Zahn nicht an seinem Platz.</translation>
  </message>
  <message>
   <source>The good wheel tells what is weak on this vehicle; a probe at ten to one that is read at one to one makes any output small.</source>
   <translation>Was an diesem Fahrzeug schwach ist, sagt das gute Rad; ein Tastkopf auf zehn zu eins, der als eins zu eins gelesen wird, macht jedes Signal klein.</translation>
  </message>
  <message>
   <source>The good wheel, </source>
   <translation>Das gute Rad, </translation>
  </message>
  <message>
   <source>The green plug</source>
   <translation>Der grüne Stecker</translation>
  </message>
  <message>
   <source>The job and all its files are in %1.</source>
   <translation>Der Auftrag mit allen Dateien steht in %1.</translation>
  </message>
  <message>
   <source>The job is closed</source>
   <translation>Der Auftrag ist abgeschlossen</translation>
  </message>
  <message>
   <source>The job is closed.</source>
   <translation>Der Auftrag ist abgeschlossen.</translation>
  </message>
  <message>
   <source>The jumper shorts a live input of the module: only where its maker allows that.</source>
   <translation>Die Brücke schließt einen Eingang des Steuergeräts kurz: nur wo der Hersteller es erlaubt.</translation>
  </message>
  <message>
   <source>The lamp and three codes came together</source>
   <translation>Die Lampe und drei Codes kamen zusammen</translation>
  </message>
  <message>
   <source>The lamp and three codes came together.</source>
   <translation>Die Lampe und drei Codes kamen zusammen.</translation>
  </message>
  <message>
   <source>The lamp came on after ...</source>
   <translation>Die Lampe ging an, nachdem ...</translation>
  </message>
  <message>
   <source>The lamp came on after the ruts at the ford and stays on</source>
   <translation>Die Lampe kam nach den Spurrillen an der Furt und bleibt an</translation>
  </message>
  <message>
   <source>The lamp came on after the ruts at the ford and stays on.</source>
   <translation>Die Lampe kam nach den Spurrillen an der Furt und bleibt an.</translation>
  </message>
  <message>
   <source>The lamp came on at the gate and stays on</source>
   <translation>Die Lampe kam am Tor und bleibt an</translation>
  </message>
  <message>
   <source>The lamp came on at the gate and stays on.</source>
   <translation>Die Lampe kam am Tor und bleibt an.</translation>
  </message>
  <message>
   <source>The lamp came on on the way home from another workshop</source>
   <translation>Die Lampe kam auf dem Heimweg von einer anderen Werkstatt</translation>
  </message>
  <message>
   <source>The lamp came on on the way home from another workshop.</source>
   <translation>Die Lampe kam auf dem Heimweg von einer anderen Werkstatt.</translation>
  </message>
  <message>
   <source>The lamp came on while it ran on the lift; on the road it is out</source>
   <translation>Die Lampe kam, als er auf der Bühne lief; auf der Straße ist sie aus</translation>
  </message>
  <message>
   <source>The lamp came on while it ran on the lift; on the road it is out.</source>
   <translation>Die Lampe kam, als er auf der Bühne lief; auf der Straße ist sie aus.</translation>
  </message>
  <message>
   <source>The lamp comes after rain and goes when it dries</source>
   <translation>Die Lampe kommt nach Regen und geht, wenn es trocknet</translation>
  </message>
  <message>
   <source>The lamp comes after rain and goes when it dries.</source>
   <translation>Die Lampe kommt nach Regen und geht, wenn es trocknet.</translation>
  </message>
  <message>
   <source>The lamp comes and goes on the track to the upper meadow.</source>
   <translation>Die Lampe kommt und geht auf dem Weg zur oberen Wiese.</translation>
  </message>
  <message>
   <source>The lamp comes and goes over bumps</source>
   <translation>Die Lampe kommt und geht bei Bodenwellen</translation>
  </message>
  <message>
   <source>The lamp comes and goes over bumps.</source>
   <translation>Die Lampe kommt und geht bei Bodenwellen.</translation>
  </message>
  <message>
   <source>The lamp comes now and then at walking pace</source>
   <translation>Die Lampe kommt ab und zu im Schritttempo</translation>
  </message>
  <message>
   <source>The lamp comes now and then at walking pace.</source>
   <translation>Die Lampe kommt ab und zu im Schritttempo.</translation>
  </message>
  <message>
   <source>The lamp comes on after some minutes of road since the wheels were changed</source>
   <translation>Die Lampe kommt nach einigen Minuten Straße, seit die Räder gewechselt wurden</translation>
  </message>
  <message>
   <source>The lamp comes on after some minutes of road since the wheels were changed.</source>
   <translation>Die Lampe kommt nach einigen Minuten Straße, seit die Räder gewechselt wurden.</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn</source>
   <translation>Die Lampe kommt nach der ersten Umdrehung</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since a sensor was fitted</source>
   <translation>Die Lampe kommt nach der ersten Umdrehung, seit ein Sensor eingebaut wurde</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since a sensor was fitted.</source>
   <translation>Die Lampe kommt nach der ersten Umdrehung, seit ein Sensor eingebaut wurde.</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since the bearing was renewed</source>
   <translation>Die Lampe kommt nach der ersten Umdrehung, seit das Lager erneuert wurde</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since the bearing was renewed.</source>
   <translation>Die Lampe kommt nach der ersten Umdrehung, seit das Lager erneuert wurde.</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn.</source>
   <translation>Die Lampe kommt nach der ersten Umdrehung.</translation>
  </message>
  <message>
   <source>The lamp comes on after the mountain and stays on</source>
   <translation>Die Lampe kommt nach dem Berg und bleibt an</translation>
  </message>
  <message>
   <source>The lamp comes on after the mountain and stays on.</source>
   <translation>Die Lampe kommt nach dem Berg und bleibt an.</translation>
  </message>
  <message>
   <source>The lamp comes on in the wet</source>
   <translation>Die Lampe kommt bei Nässe</translation>
  </message>
  <message>
   <source>The lamp comes on in the wet.</source>
   <translation>Die Lampe kommt bei Nässe.</translation>
  </message>
  <message>
   <source>The lamp comes when steering to the lock</source>
   <translation>Die Lampe kommt beim Lenken bis zum Anschlag</translation>
  </message>
  <message>
   <source>The lamp comes when steering to the lock.</source>
   <translation>Die Lampe kommt beim Lenken bis zum Anschlag.</translation>
  </message>
  <message>
   <source>The lamp is {}, {} ({}).</source>
   <translation>Die Lampe ist {}, {} ({}).</translation>
  </message>
  <message>
   <source>The lamp stays on</source>
   <translation>Die Lampe bleibt an</translation>
  </message>
  <message>
   <source>The lamp stays on since a lamp was fitted to the bed</source>
   <translation>Die Lampe bleibt an, seit an der Ladefläche eine Leuchte angebaut wurde</translation>
  </message>
  <message>
   <source>The lamp stays on since a lamp was fitted to the bed.</source>
   <translation>Die Lampe bleibt an, seit an der Ladefläche eine Leuchte angebaut wurde.</translation>
  </message>
  <message>
   <source>The lamp stays on since a stone hit the floor</source>
   <translation>Die Lampe bleibt an, seit ein Stein den Boden traf</translation>
  </message>
  <message>
   <source>The lamp stays on since a stone hit the floor.</source>
   <translation>Die Lampe bleibt an, seit ein Stein den Boden traf.</translation>
  </message>
  <message>
   <source>The lamp stays on since the spring was renewed</source>
   <translation>Die Lampe bleibt an, seit die Feder erneuert wurde</translation>
  </message>
  <message>
   <source>The lamp stays on since the spring was renewed.</source>
   <translation>Die Lampe bleibt an, seit die Feder erneuert wurde.</translation>
  </message>
  <message>
   <source>The lamp stays on since the wash</source>
   <translation>Die Lampe bleibt seit der Wäsche an</translation>
  </message>
  <message>
   <source>The lamp stays on since the wash.</source>
   <translation>Die Lampe bleibt seit der Wäsche an.</translation>
  </message>
  <message>
   <source>The lamp stays on since the winter</source>
   <translation>Die Lampe bleibt seit dem Winter an</translation>
  </message>
  <message>
   <source>The lamp stays on since the winter.</source>
   <translation>Die Lampe bleibt seit dem Winter an.</translation>
  </message>
  <message>
   <source>The lamp stays on since the wires were joined under the floor</source>
   <translation>Die Lampe bleibt an, seit unter dem Boden die Drähte verbunden wurden</translation>
  </message>
  <message>
   <source>The lamp stays on since the wires were joined under the floor.</source>
   <translation>Die Lampe bleibt an, seit unter dem Boden die Drähte verbunden wurden.</translation>
  </message>
  <message>
   <source>The lamp stays on, yet everything is new and right</source>
   <translation>Die Lampe bleibt an, dabei ist alles neu und richtig</translation>
  </message>
  <message>
   <source>The lamp stays on, yet everything is new and right.</source>
   <translation>Die Lampe bleibt an, dabei ist alles neu und richtig.</translation>
  </message>
  <message>
   <source>The lamp stays on.</source>
   <translation>Die Lampe bleibt an.</translation>
  </message>
  <message>
   <source>The lamp stays on; a chafed wire was mended last week</source>
   <translation>Die Lampe bleibt an; letzte Woche wurde ein durchgescheuerter Draht repariert</translation>
  </message>
  <message>
   <source>The lamp stays on; a chafed wire was mended last week.</source>
   <translation>Die Lampe bleibt an; letzte Woche wurde ein durchgescheuerter Draht repariert.</translation>
  </message>
  <message>
   <source>The lamp stays on; a little voltage is on the wire</source>
   <translation>Die Lampe bleibt an; auf dem Draht liegt ein wenig Spannung</translation>
  </message>
  <message>
   <source>The lamp stays on; a little voltage is on the wire.</source>
   <translation>Die Lampe bleibt an; auf dem Draht liegt ein wenig Spannung.</translation>
  </message>
  <message>
   <source>The lamp stays on; at the wheel plug there is full voltage</source>
   <translation>Die Lampe bleibt an; am Radstecker liegt volle Spannung</translation>
  </message>
  <message>
   <source>The lamp stays on; at the wheel plug there is full voltage.</source>
   <translation>Die Lampe bleibt an; am Radstecker liegt volle Spannung.</translation>
  </message>
  <message>
   <source>The lamp stays on; it stood two winters behind the barn</source>
   <translation>Die Lampe bleibt an; er stand zwei Winter hinter der Scheune</translation>
  </message>
  <message>
   <source>The lamp stays on; it stood two winters behind the barn.</source>
   <translation>Die Lampe bleibt an; er stand zwei Winter hinter der Scheune.</translation>
  </message>
  <message>
   <source>The lamp stays on; it was parked overnight by the barn.</source>
   <translation>Die Lampe bleibt an; er stand über Nacht an der Scheune.</translation>
  </message>
  <message>
   <source>The lamp stays on; the feed is sound</source>
   <translation>Die Lampe bleibt an; die Zuleitung ist gut</translation>
  </message>
  <message>
   <source>The lamp stays on; the feed is sound.</source>
   <translation>Die Lampe bleibt an; die Zuleitung ist gut.</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor gets less than battery volts</source>
   <translation>Die Lampe bleibt an; der Sensor bekommt weniger als Batteriespannung</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor gets less than battery volts.</source>
   <translation>Die Lampe bleibt an; der Sensor bekommt weniger als Batteriespannung.</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor is new</source>
   <translation>Die Lampe bleibt an; der Sensor ist neu</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor is new.</source>
   <translation>Die Lampe bleibt an; der Sensor ist neu.</translation>
  </message>
  <message>
   <source>The lamp stays on; wires and sensor have been measured three times</source>
   <translation>Die Lampe bleibt an; Drähte und Sensor wurden dreimal gemessen</translation>
  </message>
  <message>
   <source>The lamp stays on; wires and sensor have been measured three times.</source>
   <translation>Die Lampe bleibt an; Drähte und Sensor wurden dreimal gemessen.</translation>
  </message>
  <message>
   <source>The leads alone are about {}: touch the tips, subtract what they read.</source>
   <translation>Die Messleitungen allein sind etwa {}: Spitzen zusammenhalten und abziehen.</translation>
  </message>
  <message>
   <source>The level that the wave swings about goes from {} to {} at {} and stays there: the bias has changed: a contact, a leak or the module.</source>
   <translation>Die Lage, um die die Welle schwingt, geht von {} auf {} bei {} und bleibt dort: die Ruhespannung ist anders: ein Kontakt, eine Ableitung oder das Steuergerät.</translation>
  </message>
  <message>
   <source>The level went from {} to {} within a cycle or two and stayed.</source>
   <translation>Der Pegel ging binnen ein, zwei Perioden von {} auf {} und blieb dort.</translation>
  </message>
  <message>
   <source>The limits</source>
   <translation>Die Grenzwerte</translation>
  </message>
  <message>
   <source>The limits are in %1.</source>
   <translation>Die Grenzwerte stehen in %1.</translation>
  </message>
  <message>
   <source>The line as a picture, SVG or PNG; may be dragged out</source>
   <translation>Die Leitung als Bild, SVG oder PNG; lässt sich herausziehen</translation>
  </message>
  <message>
   <source>The line of the circuit in question</source>
   <translation>Die Leitung des fraglichen Kreises</translation>
  </message>
  <message>
   <source>The line of the made-up vehicle with what was read on it</source>
   <translation>Die Leitung des erdachten Fahrzeugs mit dem, was daran gemessen wurde</translation>
  </message>
  <message>
   <source>The line of {}.</source>
   <translation>Die Leitung von {}.</translation>
  </message>
  <message>
   <source>The line stood at {} meanwhile; it rests at {}.</source>
   <translation>Die Leitung stand dabei auf {}; in Ruhe liegt sie auf {}.</translation>
  </message>
  <message>
   <source>The line stood between {} and {} meanwhile; it rests at {}.</source>
   <translation>Die Leitung stand dabei zwischen {} und {}; in Ruhe liegt sie auf {}.</translation>
  </message>
  <message>
   <source>The line was seen at {} and at {} while no wheel turned.</source>
   <translation>Die Leitung lag auf {} und auf {}, während sich kein Rad drehte.</translation>
  </message>
  <message>
   <source>The line, </source>
   <translation>Die Leitung, </translation>
  </message>
  <message>
   <source>The line, from module to tone ring</source>
   <translation>Die Leitung, vom Steuergerät zum Impulsring</translation>
  </message>
  <message>
   <source>The logbook could not keep this: %1</source>
   <translation>Das Werkstattbuch konnte das nicht behalten: %1</translation>
  </message>
  <message>
   <source>The logbook has a later state of this job, of %1. Go on here and both are kept; Logbook opens the other.</source>
   <translation>Das Werkstattbuch hat einen späteren Stand dieses Auftrags, von %1. Hier weitermachen, und beide bleiben; im Buch lässt sich der andere öffnen.</translation>
  </message>
  <message>
   <source>The logbook is not open.</source>
   <translation>Das Werkstattbuch ist nicht offen.</translation>
  </message>
  <message>
   <source>The logbook was damaged. %1 kept states were brought into a new one%2; the damaged file is %3.</source>
   <translation>Das Werkstattbuch war beschädigt. %1 Stände kamen in ein neues%2; die beschädigte Datei ist %3.</translation>
  </message>
  <message>
   <source>The magnet side</source>
   <translation>Die Magnetseite</translation>
  </message>
  <message>
   <source>The maker's procedure, local rules and licensed practice come first.</source>
   <translation>Herstellervorgabe, örtliche Regeln und fachliche Praxis gehen vor.</translation>
  </message>
  <message>
   <source>The measurements do not agree with each other yet; they have to be repeated before anything is bought.</source>
   <translation>Die Messungen passen noch nicht zusammen; sie müssen wiederholt werden, bevor etwas gekauft wird.</translation>
  </message>
  <message>
   <source>The meter</source>
   <translation>Das Messgerät</translation>
  </message>
  <message>
   <source>The meter the readings are taken with</source>
   <translation>Das Messgerät, mit dem gemessen wird</translation>
  </message>
  <message>
   <source>The module shows</source>
   <translation>Das Steuergerät zeigt</translation>
  </message>
  <message>
   <source>The module's own bias is a test signal that is always there: where it ends the break is.</source>
   <translation>Die Vorspannung des Steuergeräts ist ein Prüfsignal, das immer da ist: wo sie endet, ist der Bruch.</translation>
  </message>
  <message>
   <source>The module's own inputs lie in parallel: unplug it, or expect less than the line alone.</source>
   <translation>Die eigenen Eingänge des Steuergeräts liegen parallel: trennen, oder weniger erwarten als die Leitung allein.</translation>
  </message>
  <message>
   <source>The module's own pins can only be reached while its plug is off.</source>
   <translation>Die eigenen Pins des Steuergeräts sind nur erreichbar, wenn sein Stecker ab ist.</translation>
  </message>
  <message>
   <source>The module's own pins cannot be touched while its plug is home.</source>
   <translation>Die eigenen Pins des Steuergeräts sind nicht erreichbar, solange sein Stecker sitzt.</translation>
  </message>
  <message>
   <source>The new ring was compared with the old one.</source>
   <translation>Der neue Ring wurde mit dem alten verglichen.</translation>
  </message>
  <message>
   <source>The output is {:.2g} mWb of flux swing, whatever the speed.</source>
   <translation>Das Signal entspricht {:.2g} mWb Flusshub, gleich bei welchem Tempo.</translation>
  </message>
  <message>
   <source>The output swells and fades by {:.0f} % every {:.0f} teeth or so, which is once a turn: run-out, a warped ring, play in the bearing or rust under the seat.</source>
   <translation>Das Signal schwillt um {:.0f} % an und ab, etwa alle {:.0f} Zähne, also einmal je Umdrehung: Schlag, ein verzogener Ring, Lagerspiel oder Rost unter dem Sitz.</translation>
  </message>
  <message>
   <source>The output swells and fades by {:.0f} % once a turn: run-out, a warped ring, play in the bearing or rust under the seat.</source>
   <translation>Der Ausgang schwillt um {:.0f} % je Umdrehung: Rundlauf, verzogener Ring, Lagerspiel oder Rost unter dem Sitz.</translation>
  </message>
  <message>
   <source>The output swells by {:.0f} % once a turn; that explains {:.0f} % of how it varies.</source>
   <translation>Das Signal schwillt einmal je Umdrehung um {:.0f} %; das erklärt {:.0f} % seiner Schwankung.</translation>
  </message>
  <message>
   <source>The owner decides</source>
   <translation>Der Halter entscheidet</translation>
  </message>
  <message>
   <source>The password is taken from the keyring, ~/.pgpass or PGPASSWORD. Written into the address it is used until the program ends, and kept in the keyring only where that is ticked. Beyond this machine the connection is encrypted. How to set up a shop's server: packaging/shop-server.md.</source>
   <translation>Das Passwort kommt aus dem Schlüsselbund, aus ~/.pgpass oder PGPASSWORD. In der Adresse geschrieben gilt es bis zum Ende des Programms und kommt nur in den Schlüsselbund, wo das angekreuzt ist. Über diesen Rechner hinaus ist die Verbindung verschlüsselt. Wie ein Server eingerichtet wird: packaging/shop-server.md.</translation>
  </message>
  <message>
   <source>The pedal pulses at the last metre</source>
   <translation>Das Pedal pulsiert auf dem letzten Meter</translation>
  </message>
  <message>
   <source>The pedal pulses at the last metre.</source>
   <translation>Das Pedal pulsiert auf dem letzten Meter.</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace</source>
   <translation>Das Pedal pulsiert im Schritttempo</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace.</source>
   <translation>Das Pedal pulsiert im Schritttempo.</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace; the bearing was pressed in last week</source>
   <translation>Das Pedal pulsiert im Schritttempo; letzte Woche wurde das Lager eingepresst</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace; the bearing was pressed in last week.</source>
   <translation>Das Pedal pulsiert im Schritttempo; letzte Woche wurde das Lager eingepresst.</translation>
  </message>
  <message>
   <source>The pedal pulses in bends since the axle was out</source>
   <translation>Das Pedal pulsiert in Kurven, seit die Achse draußen war</translation>
  </message>
  <message>
   <source>The pedal pulses in bends since the axle was out.</source>
   <translation>Das Pedal pulsiert in Kurven, seit die Achse draußen war.</translation>
  </message>
  <message>
   <source>The pedal pulses just before it stands</source>
   <translation>Das Pedal pulsiert kurz vor dem Stillstand</translation>
  </message>
  <message>
   <source>The pedal pulses just before it stands.</source>
   <translation>Das Pedal pulsiert kurz vor dem Stillstand.</translation>
  </message>
  <message>
   <source>The pedal pulses just before the wagon stands.</source>
   <translation>Das Pedal pulsiert, kurz bevor der Wagen steht.</translation>
  </message>
  <message>
   <source>The pedal pulses once a turn at walking pace</source>
   <translation>Das Pedal pulsiert im Schritttempo einmal je Umdrehung</translation>
  </message>
  <message>
   <source>The pedal pulses once a turn at walking pace.</source>
   <translation>Das Pedal pulsiert im Schritttempo einmal je Umdrehung.</translation>
  </message>
  <message>
   <source>The photo</source>
   <translation>Das Foto</translation>
  </message>
  <message>
   <source>The pitch follows the reading; a dropout rattles</source>
   <translation>Die Tonhöhe folgt dem Messwert; ein Aussetzer rasselt</translation>
  </message>
  <message>
   <source>The plug was renewed on both sides</source>
   <translation>Der Stecker wurde auf beiden Seiten erneuert</translation>
  </message>
  <message numerus="yes">
   <source>The program did not end by itself last time. Brought back: "%1" with %n readings, as it stood.</source>
   <translation>
    <numerusform>Das Programm endete beim letzten Mal nicht von selbst. Wieder da: „%1“ mit %n Messwert, wie er stand.</numerusform>
    <numerusform>Das Programm endete beim letzten Mal nicht von selbst. Wieder da: „%1“ mit %n Messwerten, wie er stand.</numerusform>
   </translation>
  </message>
  <message>
   <source>The program log is %1.</source>
   <translation>Das Programmprotokoll ist %1.</translation>
  </message>
  <message>
   <source>The pulses come unevenly, by {:.0f} % from one to the next: noise, or a loose part.</source>
   <translation>Die Impulse kommen ungleich, um {:.0f} % von einem zum nächsten: Rauschen oder ein loses Teil.</translation>
  </message>
  <message>
   <source>The reading will run here.</source>
   <translation>Der Messwert läuft hier.</translation>
  </message>
  <message>
   <source>The readings are enough to say what it is.</source>
   <translation>Die Messwerte genügen, um zu sagen, was es ist.</translation>
  </message>
  <message>
   <source>The repair has not been tried out yet.</source>
   <translation>Die Reparatur wurde noch nicht erprobt.</translation>
  </message>
  <message>
   <source>The reserve is used up</source>
   <translation>Die Reserve ist aufgebraucht</translation>
  </message>
  <message>
   <source>The rest level goes from {} to {} and stays there, while no wheel turns: a contact or strand has let go or touches.</source>
   <translation>Die Ruhelage geht von {} auf {} und bleibt dort, ohne dass ein Rad dreht: ein Kontakt oder eine Litze ließ los oder berührt.</translation>
  </message>
  <message>
   <source>The rest level moves between {} and {} while no wheel turns: a contact or strand lets go.</source>
   <translation>Die Ruhelage wandert zwischen {} und {}, ohne dass ein Rad dreht: ein Kontakt oder eine Litze lässt los.</translation>
  </message>
  <message>
   <source>The rest level, and where it turns, rests, is open or pulled</source>
   <translation>Der Ruhepegel, und wo sie dreht, ruht, offen ist oder gezogen wird</translation>
  </message>
  <message>
   <source>The ring and the place where the sensor looks at it were cleaned.</source>
   <translation>Der Ring und die Stelle, wo der Sensor auf ihn sieht, wurden gereinigt.</translation>
  </message>
  <message>
   <source>The ring did not pass twice: nobody saw whether it comes again at that place.</source>
   <translation>Der Ring lief nicht zweimal durch: niemand sah, ob es an dieser Stelle wiederkommt.</translation>
  </message>
  <message>
   <source>The ring in the wheel bearing was renewed.</source>
   <translation>Der Ring im Radlager wurde erneuert.</translation>
  </message>
  <message>
   <source>The ring passed {:.1f} times, every tooth as the others.</source>
   <translation>Der Ring lief {:.1f}-mal durch, jeder Zahn wie die anderen.</translation>
  </message>
  <message>
   <source>The ring passed {:.1f} times.</source>
   <translation>Der Ring lief {:.1f}-mal durch.</translation>
  </message>
  <message>
   <source>The same as the state that is shown.</source>
   <translation>Gleich dem gezeigten Stand.</translation>
  </message>
  <message>
   <source>The same once more</source>
   <translation>Dasselbe noch einmal</translation>
  </message>
  <message>
   <source>The same test read {} before: repeat it at a second contact, the probe may have missed; if it still wanders, the contact itself lets go.</source>
   <translation>Dieselbe Prüfung zeigte vorher {}: an anderer Stelle gefasst wiederholen, vielleicht traf die Spitze nicht; wandert es weiter, lässt der Kontakt selbst los.</translation>
  </message>
  <message>
   <source>The second behind the first</source>
   <translation>Der zweite hinter dem ersten</translation>
  </message>
  <message>
   <source>The sensor </source>
   <translation>Der Sensor </translation>
  </message>
  <message>
   <source>The shop joins wires by</source>
   <translation>Die Werkstatt verbindet Leitungen durch</translation>
  </message>
  <message>
   <source>The shop's logbook, for all benches</source>
   <translation>Das Werkstattbuch für alle Plätze</translation>
  </message>
  <message>
   <source>The shop's mark</source>
   <translation>Das Zeichen der Werkstatt</translation>
  </message>
  <message>
   <source>The short that is gone</source>
   <translation>Der Schluss, der weg ist</translation>
  </message>
  <message>
   <source>The shortest lasted as long as {:.1f} teeth.</source>
   <translation>Das kürzeste dauerte so lange wie {:.1f} Zähne.</translation>
  </message>
  <message>
   <source>The shortest sensible way</source>
   <translation>Der kürzeste vernünftige Weg</translation>
  </message>
  <message>
   <source>The shortest sensible way: %1 min</source>
   <translation>Der kürzeste vernünftige Weg: %1 min</translation>
  </message>
  <message>
   <source>The shortest sensible way: {}</source>
   <translation>Der kürzeste vernünftige Weg: {}</translation>
  </message>
  <message>
   <source>The shown stretch of all wheels as CSV or WAV; may be dragged out</source>
   <translation>Den gezeigten Abschnitt aller Räder als CSV oder WAV; lässt sich herausziehen</translation>
  </message>
  <message>
   <source>The signal is gone {}, for {} at most, tied to no tooth: {}.</source>
   <translation>Das Signal ist weg, {}, höchstens {}, an keinen Zahn gebunden: {}.</translation>
  </message>
  <message>
   <source>The signal is only {:.0f} steps of the instrument high.</source>
   <translation>Das Signal ist nur {:.0f} Stufen des Geräts hoch.</translation>
  </message>
  <message>
   <source>The signal source gives a module on the bench what this vehicle's line would give it</source>
   <translation>Die Signalquelle gibt einem Steuergerät auf der Werkbank, was die Leitung dieses Fahrzeugs ihm gäbe</translation>
  </message>
  <message>
   <source>The signal source may still be ON: %1</source>
   <translation>Die Signalquelle ist vielleicht noch EIN: %1</translation>
  </message>
  <message>
   <source>The size of the ring is not known: give its teeth at Intake, or record at least three turns.</source>
   <translation>Die Größe des Rings ist unbekannt: Zähne unter Annahme angeben oder mindestens drei Umdrehungen aufzeichnen.</translation>
  </message>
  <message>
   <source>The sizes and pressures of all tyres were compared.</source>
   <translation>Größen und Drücke aller Reifen wurden verglichen.</translation>
  </message>
  <message>
   <source>The source follows this vehicle and its line; single teeth and what comes and goes it cannot show.</source>
   <translation>Die Quelle folgt diesem Fahrzeug und seiner Leitung; einzelne Zähne und was kommt und geht kann sie nicht zeigen.</translation>
  </message>
  <message>
   <source>The spoilt piece of wire was cut out</source>
   <translation>Das verdorbene Stück Leitung wurde herausgeschnitten</translation>
  </message>
  <message>
   <source>The state that is shown names no owner and no plate; earlier ones may.</source>
   <translation>Der gezeigte Stand nennt weder Halter noch Kennzeichen; frühere vielleicht.</translation>
  </message>
  <message>
   <source>The tedder tractor that never had a lamp before</source>
   <translation>Der Zettwendertraktor, der noch nie eine Lampe hatte</translation>
  </message>
  <message>
   <source>The tool box</source>
   <translation>Das Werkzeug</translation>
  </message>
  <message>
   <source>The traces that were taken</source>
   <translation>Die aufgenommenen Kurven</translation>
  </message>
  <message>
   <source>The trailer's lamp stays on</source>
   <translation>Die Lampe des Anhängers bleibt an</translation>
  </message>
  <message>
   <source>The trailer's lamp stays on.</source>
   <translation>Die Lampe des Anhängers bleibt an.</translation>
  </message>
  <message>
   <source>The vehicle</source>
   <translation>Das Fahrzeug</translation>
  </message>
  <message>
   <source>The vehicle's own service information overrides common practice.</source>
   <translation>Die Herstellerangabe des Fahrzeugs geht üblicher Praxis vor.</translation>
  </message>
  <message>
   <source>The way back</source>
   <translation>Der Weg zurück</translation>
  </message>
  <message>
   <source>The wheel sensor was fitted, on a clean seat.</source>
   <translation>Der Radsensor wurde auf sauberem Sitz eingebaut.</translation>
  </message>
  <message>
   <source>The wheel sensor's tip was cleaned.</source>
   <translation>Die Spitze des Radsensors wurde gereinigt.</translation>
  </message>
  <message>
   <source>The wheel was turned unevenly: distances scatter by {:.0f} %.</source>
   <translation>Das Rad wurde ungleichmäßig gedreht: die Abstände streuen um {:.0f} %.</translation>
  </message>
  <message>
   <source>The whole signal is weak, {} of flux swing: a gap too wide, a sensor not home, or metal on its tip.</source>
   <translation>Das ganze Signal ist schwach, {} Flussschwung: Luftspalt zu groß, Sensor nicht am Anschlag oder Metall an der Spitze.</translation>
  </message>
  <message>
   <source>The wire parts where it moves: the last half metre before the wheel.</source>
   <translation>Der Draht reißt, wo er sich bewegt: auf dem letzten halben Meter vor dem Rad.</translation>
  </message>
  <message>
   <source>The wires of two wheels were put back in their own places.</source>
   <translation>Die Leitungen zweier Räder kamen an ihre eigenen Plätze zurück.</translation>
  </message>
  <message>
   <source>The wires were joined again and sealed against water</source>
   <translation>Die Leitungen wurden wieder verbunden und gegen Wasser versiegelt</translation>
  </message>
  <message>
   <source>The wires were laid clear of what had rubbed them.</source>
   <translation>Die Leitungen wurden frei von dem verlegt, was sie gescheuert hatte.</translation>
  </message>
  <message>
   <source>The work, step by step</source>
   <translation>Die Arbeit, Schritt für Schritt</translation>
  </message>
  <message>
   <source>The yard's own</source>
   <translation>Die des Hofs</translation>
  </message>
  <message>
   <source>The {} current is {}, {} the {} to {} of the interface.</source>
   <translation>Der Strom ({}) ist {}, {} {} bis {} der Schnittstelle.</translation>
  </message>
  <message>
   <source>The {} level of {} is {}, of {} {}.</source>
   <translation>Der Pegel ({}) von {} ist {}, von {} {}.</translation>
  </message>
  <message>
   <source>Their distances scatter by {:.1f} %.</source>
   <translation>Ihre Abstände streuen um {:.1f} %.</translation>
  </message>
  <message>
   <source>Then: %1</source>
   <translation>Dann: %1</translation>
  </message>
  <message>
   <source>There is nothing to save yet: drop a capture on a wheel first.</source>
   <translation>Noch nichts zu speichern: erst eine Aufzeichnung auf einem Rad ablegen.</translation>
  </message>
  <message>
   <source>These readings name no part: measure on before anything is repaired or bought.</source>
   <translation>Diese Messwerte nennen kein Teil: weiter messen, bevor etwas repariert oder gekauft wird.</translation>
  </message>
  <message>
   <source>They stay on this bench. Once a shop's logbook is used (Where it lives), they can be brought along there when asked for.</source>
   <translation>Sie bleiben auf diesem Platz. Sobald ein Buch der Werkstatt benutzt wird (Wo es liegt), können sie auf Wunsch dorthin mitgebracht werden.</translation>
  </message>
  <message>
   <source>This cannot be undone.</source>
   <translation>Das kann nicht rückgängig gemacht werden.</translation>
  </message>
  <message>
   <source>This change could not be kept on disk: %1</source>
   <translation>Diese Änderung konnte nicht gesichert werden: %1</translation>
  </message>
  <message>
   <source>This could settle about {} in 10 of what the best step could. </source>
   <translation>Das konnte etwa {} Zehntel dessen klären, was der beste Schritt konnte. </translation>
  </message>
  <message>
   <source>This could tell next to nothing as things stood. </source>
   <translation>Das konnte fast nichts sagen, wie die Dinge standen. </translation>
  </message>
  <message>
   <source>This fault has no degrees.</source>
   <translation>Dieser Fehler hat keine Grade.</translation>
  </message>
  <message>
   <source>This file is another job than it was: its id is not the same. What was not saved of it then (%1) is in the logbook.</source>
   <translation>Diese Datei ist ein anderer Auftrag als vorher: ihre Kennung ist nicht dieselbe. Was von ihm damals nicht gesichert war (%1), steht im Werkstattbuch.</translation>
  </message>
  <message>
   <source>This is the state that is shown.</source>
   <translation>Das ist der gezeigte Stand.</translation>
  </message>
  <message>
   <source>This job is open on %1 too, since %2. Both may go on: every state is kept, and the later one is shown.</source>
   <translation>Dieser Auftrag ist seit %2 auch auf %1 offen. Beide dürfen weiterarbeiten: jeder Stand wird behalten, der spätere gezeigt.</translation>
  </message>
  <message>
   <source>This job was also changed on %1 at %2 (%3); both states are kept. Logbook compares them.</source>
   <translation>Dieser Auftrag wurde auch auf %1 um %2 geändert (%3); beide Stände sind behalten. Das Werkstattbuch vergleicht sie.</translation>
  </message>
  <message>
   <source>This job was changed on another bench (%1). Go on here and both states are kept; Logbook, Kept states compares them.</source>
   <translation>Dieser Auftrag wurde auf einem anderen Platz geändert (%1). Wer hier weitermacht, behält beide Stände; Werkstattbuch, Behaltene Stände vergleicht sie.</translation>
  </message>
  <message>
   <source>This program</source>
   <translation>Dieses Programm</translation>
  </message>
  <message>
   <source>This sensor tells the brake control how fast the {} wheel turns. While it does not, the anti-lock brakes and stability control may be off; the ordinary brakes are another system.</source>
   <translation>Dieser Sensor sagt der Bremsregelung, wie schnell das Rad ({}) dreht. Solange er es nicht tut, können Blockierverhinderer und Stabilitätsregelung aus sein; die gewöhnliche Bremse ist eine andere Anlage.</translation>
  </message>
  <message>
   <source>This user may not erase what is personal there: a foreman has to, for %1 jobs.</source>
   <translation>Dieser Benutzer darf dort nichts Persönliches löschen: ein Meister muss es, bei %1 Aufträgen.</translation>
  </message>
  <message>
   <source>Through an active sensor an ohmmeter shows what its own voltage and polarity make of it: hundreds of kilo-ohms to OL may be a good part. Only an identical good one, same meter, same polarity, says something.</source>
   <translation>Durch einen aktiven Sensor zeigt ein Ohmmeter, was seine eigene Spannung und Polung daraus machen: Hunderte Kiloohm bis OL kann ein gutes Teil sein. Nur ein gleiches gutes, mit demselben Messgerät und gleicher Polung, sagt etwas.</translation>
  </message>
  <message>
   <source>Time column</source>
   <translation>Zeitspalte</translation>
  </message>
  <message>
   <source>Tipper</source>
   <translation>Kipper</translation>
  </message>
  <message>
   <source>To begin: which wheel, and what was said. The rest may stay empty.</source>
   <translation>Zum Anfang: welches Rad, und was gesagt wurde. Der Rest darf leer bleiben.</translation>
  </message>
  <message>
   <source>Too good a reading</source>
   <translation>Eine zu gute Messung</translation>
  </message>
  <message>
   <source>Tool box</source>
   <translation>Werkzeug</translation>
  </message>
  <message>
   <source>Tooth {} showed it in only {} of {} turns.</source>
   <translation>Zahn {} zeigte es nur in {} von {} Umdrehungen.</translation>
  </message>
  <message>
   <source>Tooth {} showed it in {} of {} turns, at the same place.</source>
   <translation>Zahn {} zeigte es in {} von {} Umdrehungen, an derselben Stelle.</translation>
  </message>
  <message>
   <source>Towards module</source>
   <translation>Zum Steuergerät</translation>
  </message>
  <message>
   <source>Towards wheel</source>
   <translation>Zum Rad</translation>
  </message>
  <message>
   <source>Trace</source>
   <translation>Signal</translation>
  </message>
  <message>
   <source>Trace of %1 added.</source>
   <translation>Aufzeichnung von %1 hinzugefügt.</translation>
  </message>
  <message>
   <source>Trainees and their points</source>
   <translation>Lernende und ihre Punkte</translation>
  </message>
  <message>
   <source>Trial: %1</source>
   <translation>Versuch: %1</translation>
  </message>
  <message>
   <source>Try it</source>
   <translation>Probieren</translation>
  </message>
  <message>
   <source>Try the connection</source>
   <translation>Verbindung versuchen</translation>
  </message>
  <message>
   <source>Turn the wheel</source>
   <translation>Rad drehen</translation>
  </message>
  <message>
   <source>Turn the wheel by hand and watch the gap: run-out shows by eye; then rock the wheel for play in the bearing.</source>
   <translation>Rad von Hand drehen und die Lücke ansehen: Rundlauf zeigt sich dem Auge; dann am Rad rütteln, Lagerspiel.</translation>
  </message>
  <message>
   <source>Turns overlaid</source>
   <translation>Umdrehungen</translation>
  </message>
  <message>
   <source>Two faults at once would explain every reading ({:.0f} %): {}, and {} ({:.0f} %).</source>
   <translation>Zwei Fehler zugleich würden alle Messwerte erklären ({:.0f} %): {}, und {} ({:.0f} %).</translation>
  </message>
  <message>
   <source>Two hands, two speeds</source>
   <translation>Zwei Hände, zwei Geschwindigkeiten</translation>
  </message>
  <message>
   <source>Two long leads from the sensor half of {} at {} to the harness half at {}: wire a to {}, wire b to {}.</source>
   <translation>Zwei lange Leitungen von der Sensorhälfte von {} an {} zur Kabelbaumhälfte an {}: Ader a an {}, Ader b an {}.</translation>
  </message>
  <message>
   <source>Two pulses are</source>
   <translation>Zwei Impulse sind</translation>
  </message>
  <message>
   <source>Two wires that had been exchanged were put back</source>
   <translation>Zwei vertauschte Adern wurden zurückgetauscht</translation>
  </message>
  <message>
   <source>Two wires that met</source>
   <translation>Zwei Drähte, die sich trafen</translation>
  </message>
  <message>
   <source>Two wires, two ways to join them. An active sensor knows which is which.</source>
   <translation>Zwei Drähte, zwei Arten, sie zu verbinden. Ein aktiver Sensor weiß, welcher welcher ist.</translation>
  </message>
  <message>
   <source>Type a reading</source>
   <translation>Messwert eingeben</translation>
  </message>
  <message>
   <source>Tyre</source>
   <translation>Reifen</translation>
  </message>
  <message>
   <source>Under a car only on rated stands; hot brakes, brake dust; no part of the brake hangs on its hose.</source>
   <translation>Unter ein Fahrzeug nur auf zugelassenen Böcken; heiße Bremsen, Bremsstaub; kein Bremsteil hängt am Schlauch.</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Zurück</translation>
  </message>
  <message>
   <source>Undo %1 (Ctrl+Z)</source>
   <translation>Rückgängig: %1 (Ctrl+Z)</translation>
  </message>
  <message>
   <source>Unit of the channels</source>
   <translation>Einheit der Kanäle</translation>
  </message>
  <message>
   <source>Unit of the time</source>
   <translation>Einheit der Zeit</translation>
  </message>
  <message>
   <source>Unpacked into %1.</source>
   <translation>Ausgepackt nach %1.</translation>
  </message>
  <message>
   <source>Unplug the sensor and take it out, meter in ohms on its two pins, and pass a steel tool across its tip.</source>
   <translation>Sensor abstecken und ausbauen, Messgerät auf Ohm an seine zwei Pins, ein Stück Stahl an der Spitze vorbeiführen.</translation>
  </message>
  <message>
   <source>Unplug the sensor: what is left of the ohms is the two wires touching.</source>
   <translation>Den Sensor abstecken: was an Ohm bleibt, sind die beiden Drähte, die sich berühren.</translation>
  </message>
  <message>
   <source>Unplug the sensors of {} and {}.</source>
   <translation>Die Sensoren von {} und {} trennen.</translation>
  </message>
  <message>
   <source>Unplug {}, {}.</source>
   <translation>{} trennen ({}).</translation>
  </message>
  <message>
   <source>Unplug {}.</source>
   <translation>{} trennen.</translation>
  </message>
  <message>
   <source>Unplugging may cure it for a day: reproduce it first.</source>
   <translation>Trennen kann es für einen Tag heilen: erst nachstellen.</translation>
  </message>
  <message>
   <source>Use as limit</source>
   <translation>Als Grenzwert nehmen</translation>
  </message>
  <message>
   <source>Use it</source>
   <translation>Benutzen</translation>
  </message>
  <message>
   <source>Use its limits for this job</source>
   <translation>Seine Grenzwerte für diesen Auftrag nehmen</translation>
  </message>
  <message>
   <source>Use this meter</source>
   <translation>Dieses Messgerät nehmen</translation>
  </message>
  <message>
   <source>Usual lines</source>
   <translation>Übliche Leitungen</translation>
  </message>
  <message>
   <source>Usual lines...</source>
   <translation>Übliche Leitungen...</translation>
  </message>
  <message>
   <source>Usual size</source>
   <translation>Übliche Größe</translation>
  </message>
  <message>
   <source>Usually allowed</source>
   <translation>Meist erlaubt</translation>
  </message>
  <message>
   <source>V p-p, measured</source>
   <translation>V s-s, gemessen</translation>
  </message>
  <message>
   <source>V unplugged</source>
   <translation>V getrennt</translation>
  </message>
  <message>
   <source>V, mV, A or mA</source>
   <translation>V, mV, A oder mA</translation>
  </message>
  <message>
   <source>Vehicle</source>
   <translation>Fahrzeug</translation>
  </message>
  <message>
   <source>Vehicle and complaint</source>
   <translation>Fahrzeug, Beanstandung</translation>
  </message>
  <message>
   <source>Vehicle not named.</source>
   <translation>Fahrzeug nicht genannt.</translation>
  </message>
  <message>
   <source>Vet's car</source>
   <translation>Auto der Tierärztin</translation>
  </message>
  <message>
   <source>Voice</source>
   <translation>Stimme</translation>
  </message>
  <message>
   <source>Voltage drop over </source>
   <translation>Spannungsfall über </translation>
  </message>
  <message>
   <source>Volts across the pair at </source>
   <translation>Volt über dem Paar: </translation>
  </message>
  <message>
   <source>Volts from next door</source>
   <translation>Spannung von nebenan</translation>
  </message>
  <message>
   <source>Volts from two spins compare two hands. Volts per hertz compare two sensors.</source>
   <translation>Volt aus zwei Drehungen vergleichen zwei Hände. Volt je Hertz vergleichen zwei Sensoren.</translation>
  </message>
  <message>
   <source>Volts of </source>
   <translation>Volt an </translation>
  </message>
  <message>
   <source>Volts of a spun wheel follow the hand that spins it: compare by volts per hertz, or turn both alike.</source>
   <translation>Volt eines gedrehten Rads folgen der Hand, die es dreht: nach Volt je Hertz vergleichen oder beide gleich drehen.</translation>
  </message>
  <message>
   <source>Volts on a parted wire are a ghost of its neighbours. A lamp does not light on ghosts.</source>
   <translation>Spannung auf einem getrennten Draht ist ein Geist seiner Nachbarn. Eine Lampe leuchtet nicht auf Geister.</translation>
  </message>
  <message>
   <source>Volts on an open plug draw no current: one strand shows them in full. The same probe with everything plugged in, or a lamp, would see a bad wire.</source>
   <translation>Volt an einem offenen Stecker ziehen keinen Strom: eine Litze zeigt sie voll. Dieselbe Messung gesteckt, oder eine Lampe, würde eine schlechte Ader sehen.</translation>
  </message>
  <message>
   <source>Volts with the key off: the module feeds nothing, so there is nothing to read. Key on, then again.</source>
   <translation>Volt bei Zündung aus: das Steuergerät speist nichts, da ist nichts zu messen. Zündung an, dann noch einmal.</translation>
  </message>
  <message>
   <source>Warm air that a hand can bear, no flame: keep it off fuel and brake lines, batteries and anything of an airbag.</source>
   <translation>Warme Luft, die eine Hand verträgt, keine Flamme: fern von Kraftstoff- und Bremsleitungen, Batterien und allem vom Airbag.</translation>
  </message>
  <message>
   <source>Warm {} while watching {}</source>
   <translation>Wärmen: {}; dabei beobachten: {}</translation>
  </message>
  <message>
   <source>Warm {} with air that a hand can bear.</source>
   <translation>Wärmen mit Luft, die eine Hand verträgt: {}.</translation>
  </message>
  <message>
   <source>Warn whoever is about, and have a second person watch the instrument.</source>
   <translation>Umstehende warnen; eine zweite Person sieht auf das Gerät.</translation>
  </message>
  <message>
   <source>Watch</source>
   <translation>Beobachten</translation>
  </message>
  <message>
   <source>Watch and bend, inch by inch; the meter's bar or its beep is faster than its digits.</source>
   <translation>Hinsehen und biegen, Stück für Stück; Balken oder Piepser des Messgeräts sind schneller als seine Ziffern.</translation>
  </message>
  <message>
   <source>Watch the live speeds while the wheel is spun.</source>
   <translation>Geschwindigkeiten beobachten, während das Rad gedreht wird.</translation>
  </message>
  <message>
   <source>Watch the reading, and note where it jumps and where it does not.</source>
   <translation>Den Wert beobachten und notieren, wo er springt und wo nicht.</translation>
  </message>
  <message>
   <source>Watch the same trace while one leg at a time is flexed, and note where it reacts and where it does not.</source>
   <translation>Dieselbe Aufzeichnung beobachten, während ein Stück nach dem anderen gebogen wird; notieren, wo sie reagiert und wo nicht.</translation>
  </message>
  <message>
   <source>Water got into {}: both halves are spoilt, and so are their neighbours {}. Renew both sides of the plug.</source>
   <translation>Wasser kam in {}: beide Hälften sind verdorben und auch die Nachbarn {}. Beide Seiten des Steckers erneuern.</translation>
  </message>
  <message>
   <source>Well chosen: nothing would have told more for its minutes.</source>
   <translation>Gut gewählt: nichts hätte für seine Minuten mehr gesagt.</translation>
  </message>
  <message>
   <source>Wet it again, 30 s above {}, read the codes</source>
   <translation>Wieder nass machen, 30 s über {}, Fehlercodes lesen</translation>
  </message>
  <message>
   <source>Wet {} while watching {}</source>
   <translation>Nass machen: {}; dabei beobachten: {}</translation>
  </message>
  <message>
   <source>What I would do, and how I would prove that it is mended: ________________________________________</source>
   <translation>Was ich täte, und wie ich beweisen würde, dass es behoben ist: ________________________________________</translation>
  </message>
  <message>
   <source>What a good wheel has is right, whatever the chart says.</source>
   <translation>Was ein gutes Rad hat, ist richtig, was immer die Tabelle sagt.</translation>
  </message>
  <message>
   <source>What a new job begins with; each job may differ.</source>
   <translation>Womit ein neuer Auftrag beginnt; jeder darf anders sein.</translation>
  </message>
  <message>
   <source>What can be done</source>
   <translation>Was getan werden kann</translation>
  </message>
  <message>
   <source>What comes once a turn, every turn, at one place is iron, not copper.</source>
   <translation>Was einmal je Umdrehung kommt, jede Umdrehung, an einer Stelle, ist Eisen, nicht Kupfer.</translation>
  </message>
  <message>
   <source>What did not react was perhaps not moved where it is broken.</source>
   <translation>Was nicht reagierte, wurde vielleicht nicht dort bewegt, wo es gebrochen ist.</translation>
  </message>
  <message>
   <source>What each fault still possible would show</source>
   <translation>Was jeder noch mögliche Fehler zeigen würde</translation>
  </message>
  <message>
   <source>What failed, in the closed jobs of the vehicles above</source>
   <translation>Was ausfiel, in den abgeschlossenen Aufträgen der Fahrzeuge oben</translation>
  </message>
  <message>
   <source>What happened</source>
   <translation>Was geschah</translation>
  </message>
  <message>
   <source>What hides behind it</source>
   <translation>Was sich dahinter verbirgt</translation>
  </message>
  <message>
   <source>What if</source>
   <translation>Was wäre wenn</translation>
  </message>
  <message>
   <source>What is being moved now (keys 1 to 9, 0 hands off)</source>
   <translation>Was gerade bewegt wird (Tasten 1 bis 9, 0 Hände weg)</translation>
  </message>
  <message>
   <source>What is complained of</source>
   <translation>Was beanstandet wird</translation>
  </message>
  <message>
   <source>What is fitted</source>
   <translation>Was verbaut ist</translation>
  </message>
  <message>
   <source>What is free first: a look along the line, before anything is unplugged.</source>
   <translation>Zuerst, was nichts kostet: ein Blick die Leitung entlang, bevor etwas abgezogen wird.</translation>
  </message>
  <message>
   <source>What is free first: codes and live speeds of all wheels, and a look.</source>
   <translation>Zuerst, was nichts kostet: Codes und Geschwindigkeiten aller Räder, und hinsehen.</translation>
  </message>
  <message>
   <source>What is not in the list cannot be measured there on this vehicle, or tells nothing.</source>
   <translation>Was nicht in der Liste steht, ist an diesem Fahrzeug dort nicht messbar oder sagt nichts.</translation>
  </message>
  <message>
   <source>What is set here is kept next to the capture, in %1; "as recognised" everywhere takes that file away.</source>
   <translation>Was hier gesetzt ist, wird neben der Aufzeichnung behalten, in %1; überall „wie erkannt“ nimmt diese Datei weg.</translation>
  </message>
  <message>
   <source>What is wrong</source>
   <translation>Was nicht stimmt</translation>
  </message>
  <message>
   <source>What is wrong with it</source>
   <translation>Was daran falsch ist</translation>
  </message>
  <message>
   <source>What it is</source>
   <translation>Was es ist</translation>
  </message>
  <message>
   <source>What it is built on</source>
   <translation>Worauf es baut</translation>
  </message>
  <message>
   <source>What it was</source>
   <translation>Was es war</translation>
  </message>
  <message>
   <source>What may be done now</source>
   <translation>Was jetzt getan werden kann</translation>
  </message>
  <message>
   <source>What may be done to the wires</source>
   <translation>Was an den Leitungen getan werden darf</translation>
  </message>
  <message>
   <source>What may come</source>
   <translation>Was kommen kann</translation>
  </message>
  <message>
   <source>What only shows wet, warm, or when the loom is moved is not in this record.</source>
   <translation>Was sich nur nass, warm oder bei bewegtem Kabelbaum zeigt, ist nicht in dieser Aufzeichnung.</translation>
  </message>
  <message>
   <source>What speaks for this finding, and what against it</source>
   <translation>Was für diesen Befund spricht und was dagegen</translation>
  </message>
  <message>
   <source>What that says, before anything is measured</source>
   <translation>Was das sagt, bevor gemessen wird</translation>
  </message>
  <message>
   <source>What the answer will mean</source>
   <translation>Was die Antwort bedeutet</translation>
  </message>
  <message>
   <source>What the camera sees</source>
   <translation>Was die Kamera sieht</translation>
  </message>
  <message>
   <source>What the camera sees could not be written as a photo.</source>
   <translation>Was die Kamera sieht, konnte nicht als Foto geschrieben werden.</translation>
  </message>
  <message>
   <source>What the driver says</source>
   <translation>Was der Fahrer sagt</translation>
  </message>
  <message>
   <source>What the line does</source>
   <translation>Was die Leitung tut</translation>
  </message>
  <message>
   <source>What the meter is set to</source>
   <translation>Worauf das Messgerät steht</translation>
  </message>
  <message>
   <source>What the readings had in common was more than any one of them said.</source>
   <translation>Was die Messungen gemeinsam hatten, war mehr, als jede einzelne sagte.</translation>
  </message>
  <message>
   <source>What the sound output gives at full scale, at its volume as it stands: measure it once</source>
   <translation>Was der Tonausgang bei Vollausschlag gibt, bei seiner jetzigen Lautstärke: einmal messen</translation>
  </message>
  <message>
   <source>What was done already, and whether it helped</source>
   <translation>Was schon getan wurde, und ob es half</translation>
  </message>
  <message>
   <source>What was done so far</source>
   <translation>Was bisher getan wurde</translation>
  </message>
  <message>
   <source>What was done, and what it takes</source>
   <translation>Was getan wurde, und was es braucht</translation>
  </message>
  <message>
   <source>What was not saved of this job was done in another file (%1); it is in the logbook.</source>
   <translation>Was von diesem Auftrag nicht gesichert war, geschah in einer anderen Datei (%1); es steht im Werkstattbuch.</translation>
  </message>
  <message>
   <source>What was not tested:</source>
   <translation>Was nicht geprüft wurde:</translation>
  </message>
  <message>
   <source>What was wrong</source>
   <translation>Was falsch war</translation>
  </message>
  <message>
   <source>What would decide it</source>
   <translation>Was es entscheiden würde</translation>
  </message>
  <message>
   <source>What you do</source>
   <translation>Was Sie tun</translation>
  </message>
  <message>
   <source>What {} answers</source>
   <translation>Was {} antwortet</translation>
  </message>
  <message>
   <source>Wheel speed circuits of the fleet</source>
   <translation>Raddrehzahlkreise der Flotte</translation>
  </message>
  <message>
   <source>Wheel speed circuits of {}</source>
   <translation>Raddrehzahlkreise von {}</translation>
  </message>
  <message>
   <source>Wheel speed sensor job</source>
   <translation>Auftrag Raddrehzahlsensor</translation>
  </message>
  <message>
   <source>Wheel speeds</source>
   <translation>Radgeschwindigkeiten</translation>
  </message>
  <message>
   <source>Wheel speeds of a CSV, or of a bus log in candump form with its signal map</source>
   <translation>Radgeschwindigkeiten aus CSV oder einem Busprotokoll (candump) mit seiner Signaltabelle</translation>
  </message>
  <message>
   <source>Wheel up: rated stands on sound points, the others chocked, never on a jack alone. Hands, sleeves and leads clear of the turning wheel; turned by the engine, clear of the driveline.</source>
   <translation>Rad angehoben: zugelassene Böcke an tragenden Stellen, die anderen verkeilt, nie auf dem Wagenheber allein. Hände, Ärmel und Kabel fern vom drehenden Rad; vom Motor gedreht, fern vom Antrieb.</translation>
  </message>
  <message>
   <source>Wheel up: rated stands on sound points, the others chocked. ABS and ESC may be off.</source>
   <translation>Rad angehoben: zugelassene Böcke, die anderen verkeilt. ABS und ESP können aus sein.</translation>
  </message>
  <message>
   <source>When steering</source>
   <translation>Beim Lenken</translation>
  </message>
  <message>
   <source>When the coach speaks</source>
   <translation>Wann der Lehrer spricht</translation>
  </message>
  <message>
   <source>When warm</source>
   <translation>Warm</translation>
  </message>
  <message>
   <source>Where each instrument is. Over the network tcp:HOST:PORT, a serial adapter serial:/dev/ttyUSB0:9600, USB usbtmc:/dev/usbtmc0. What is plugged in is in the lists.</source>
   <translation>Wo jedes Gerät ist. Im Netz tcp:HOST:PORT, serieller Adapter serial:/dev/ttyUSB0:9600, USB usbtmc:/dev/usbtmc0. Was steckt, steht in den Listen.</translation>
  </message>
  <message>
   <source>Where is the fault, how sure, what to test next. Free software under the GNU General Public License, version 3 or later, without any warranty. Local rules, the maker's procedure and licensed practice come before anything it says.</source>
   <translation>Wo ist der Fehler, wie sicher, was ist als Nächstes zu prüfen. Freie Software unter der GNU General Public License, Version 3 oder später, ohne jede Gewähr. Örtliche Regeln, Herstellervorgaben und fachliche Praxis gehen allem vor, was es sagt.</translation>
  </message>
  <message>
   <source>Where it is</source>
   <translation>Wo es ist</translation>
  </message>
  <message>
   <source>Where it lives</source>
   <translation>Wo es liegt</translation>
  </message>
  <message>
   <source>Where it stands</source>
   <translation>Wie es steht</translation>
  </message>
  <message>
   <source>Where it was</source>
   <translation>Wo es war</translation>
  </message>
  <message>
   <source>Where the leads are</source>
   <translation>Wo die Spitzen sind</translation>
  </message>
  <message>
   <source>Where water came in once it may come in again: after the next heavy rain look whether the lamp stays out.</source>
   <translation>Wo einmal Wasser eindrang, kann es wieder eindringen: nach dem nächsten starken Regen sehen, ob die Leuchte aus bleibt.</translation>
  </message>
  <message>
   <source>Whether the connector at this place is apart</source>
   <translation>Ob der Stecker an dieser Stelle getrennt ist</translation>
  </message>
  <message>
   <source>Which comes nearest? The same line is taken for the wheels of that axle. Plugs, joints and lengths can be changed afterwards.</source>
   <translation>Welche kommt am nächsten? Dieselbe gilt für die Räder dieser Achse. Stecker, Verbindungen und Längen lassen sich danach ändern.</translation>
  </message>
  <message>
   <source>Which lamps, since when, where, in what weather, who repaired what before</source>
   <translation>Welche Leuchten, seit wann, wo, bei welchem Wetter, wer hat vorher was repariert</translation>
  </message>
  <message>
   <source>Who practises (may stay empty)</source>
   <translation>Wer übt (darf leer bleiben)</translation>
  </message>
  <message>
   <source>Whole record</source>
   <translation>Alles</translation>
  </message>
  <message>
   <source>Why</source>
   <translation>Warum</translation>
  </message>
  <message>
   <source>Why, and what may be done</source>
   <translation>Warum, und was getan werden kann</translation>
  </message>
  <message>
   <source>Wiggle watch</source>
   <translation>Wackelwache</translation>
  </message>
  <message>
   <source>Windrower</source>
   <translation>Schwadmäher</translation>
  </message>
  <message>
   <source>Wipe metal fuzz off the tip with a rag or soft brush, never a wire brush; much of it on a differential means gear trouble.</source>
   <translation>Metallflaum mit Lappen oder weicher Bürste von der Spitze wischen, nie Drahtbürste; viel davon am Differential heißt Getriebeschaden.</translation>
  </message>
  <message>
   <source>Wipe the tip and the ring clean with a rag, then read again: no part is needed.</source>
   <translation>Spitze und Ring mit einem Lappen reinigen, dann noch einmal messen: kein Teil nötig.</translation>
  </message>
  <message>
   <source>Wire a of one to wire b of the other: the retry when both set codes</source>
   <translation>Ader a des einen an Ader b des anderen: der zweite Versuch, wenn beide Codes setzten</translation>
  </message>
  <message>
   <source>Wires are joined by</source>
   <translation>Leitungen werden verbunden durch</translation>
  </message>
  <message>
   <source>With the key off there is no voltage to find, except one that should not be there.</source>
   <translation>Bei Zündung aus ist keine Spannung zu finden, außer einer, die nicht da sein sollte.</translation>
  </message>
  <message>
   <source>With the lamp on drive gently, above all on wet and loose ground, and have it seen to soon.</source>
   <translation>Mit der Leuchte an sanft fahren, vor allem auf nassem und losem Grund, und bald nachsehen lassen.</translation>
  </message>
  <message>
   <source>With the line unplugged at both ends there is nobody left to put volts on it but the neighbour.</source>
   <translation>Ist die Leitung an beiden Enden abgesteckt, kann nur noch der Nachbar Spannung darauf legen.</translation>
  </message>
  <message>
   <source>Withdraw</source>
   <translation>Zurückziehen</translation>
  </message>
  <message>
   <source>Withdrawn, kept: </source>
   <translation>Zurückgezogen, behalten: </translation>
  </message>
  <message>
   <source>Without {} ({}) the rest agrees: wrong pin, bad contact, or a meter still ranging?</source>
   <translation>Ohne {} ({}) passt der Rest: falscher Pin, schlechter Kontakt, oder der Bereich war noch nicht gefunden?</translation>
  </message>
  <message>
   <source>Words</source>
   <translation>Worte</translation>
  </message>
  <message>
   <source>Words of what to do</source>
   <translation>Wörter dessen, was zu tun ist</translation>
  </message>
  <message>
   <source>Working it out ...</source>
   <translation>Wird ausgearbeitet ...</translation>
  </message>
  <message>
   <source>Working the proof out ...</source>
   <translation>Der Nachweis wird ausgearbeitet ...</translation>
  </message>
  <message>
   <source>Workshop loan car</source>
   <translation>Leihwagen der Werkstatt</translation>
  </message>
  <message>
   <source>Write a case</source>
   <translation>Einen Fall schreiben</translation>
  </message>
  <message>
   <source>Write a case...</source>
   <translation>Fall schreiben...</translation>
  </message>
  <message>
   <source>Write down what is stored, then clear the codes and cycle the ignition.</source>
   <translation>Aufschreiben, was gespeichert ist, dann Codes löschen, Zündung aus und an.</translation>
  </message>
  <message>
   <source>Write the figure down with all its digits.</source>
   <translation>Die Zahl mit allen Stellen aufschreiben.</translation>
  </message>
  <message>
   <source>Write the stored codes down</source>
   <translation>Gespeicherte Codes aufschreiben</translation>
  </message>
  <message>
   <source>Yard shunter</source>
   <translation>Hofschlepper</translation>
  </message>
  <message>
   <source>You decided: </source>
   <translation>Sie entschieden: </translation>
  </message>
  <message>
   <source>You measure, look, mend and fit as on a real vehicle; minutes run and money is spent. At the end you say what it is, and see what each step was worth.</source>
   <translation>Sie messen, schauen, setzen instand und bauen ein wie am wirklichen Fahrzeug; Minuten laufen, Geld wird ausgegeben. Am Ende sagen Sie, was es ist, und sehen, was jeder Schritt wert war.</translation>
  </message>
  <message>
   <source>You told us: </source>
   <translation>Sie sagten uns: </translation>
  </message>
  <message>
   <source>Your way, and what would have told more</source>
   <translation>Ihr Weg, und was mehr gesagt hätte</translation>
  </message>
  <message>
   <source>a JSON object with "format": "haybale-case"</source>
   <translation>ein JSON-Objekt mit "format": "haybale-case"</translation>
  </message>
  <message>
   <source>a PNG, JPEG, BMP or GIF</source>
   <translation>ein PNG, JPEG, BMP oder GIF</translation>
  </message>
  <message>
   <source>a WAV with at least one</source>
   <translation>eine WAV mit mindestens einem</translation>
  </message>
  <message>
   <source>a bad contact</source>
   <translation>ein schlechter Kontakt</translation>
  </message>
  <message>
   <source>a bad fuse, relay or ground of the control unit</source>
   <translation>eine schlechte Sicherung, ein Relais oder eine Masse des Steuergeräts</translation>
  </message>
  <message>
   <source>a block of data begins with "</source>
   <translation>ein Datenblock beginnt mit "</translation>
  </message>
  <message>
   <source>a block of {} bytes ends after {}</source>
   <translation>ein Block von {} Byte endet nach {}</translation>
  </message>
  <message>
   <source>a broken coil</source>
   <translation>eine gebrochene Spule</translation>
  </message>
  <message>
   <source>a bundle saved by this program</source>
   <translation>ein von diesem Programm gespeichertes Bündel</translation>
  </message>
  <message>
   <source>a bundle saved by this program; nothing was unpacked</source>
   <translation>ein von diesem Programm gespeichertes Bündel; nichts wurde ausgepackt</translation>
  </message>
  <message>
   <source>a capture as CSV in UTF-8, or in UTF-16 with its byte order mark</source>
   <translation>eine Aufzeichnung als CSV in UTF-8, oder in UTF-16 mit Bytefolgemarke</translation>
  </message>
  <message>
   <source>a capture needs at least two samples</source>
   <translation>eine Aufzeichnung braucht mindestens zwei Abtastwerte</translation>
  </message>
  <message>
   <source>a capture that is written to its end</source>
   <translation>eine Aufzeichnung, die bis zum Ende geschrieben ist</translation>
  </message>
  <message>
   <source>a capture, not a folder or a device</source>
   <translation>eine Aufzeichnung, kein Ordner und kein Gerät</translation>
  </message>
  <message>
   <source>a case file as this program saves it</source>
   <translation>eine Auftragsdatei, wie dieses Programm sie speichert</translation>
  </message>
  <message>
   <source>a case file has some dozens</source>
   <translation>eine Auftragsdatei hat einige Dutzend</translation>
  </message>
  <message>
   <source>a case file needs about ten</source>
   <translation>eine Auftragsdatei braucht etwa zehn</translation>
  </message>
  <message>
   <source>a case with the shop's tools, prices and meter</source>
   <translation>ein Auftrag mit Werkzeug, Preisen und Messgerät der Werkstatt</translation>
  </message>
  <message>
   <source>a chafed wire that touches another one under voltage</source>
   <translation>eine gescheuerte Ader, die eine andere unter Spannung berührt</translation>
  </message>
  <message>
   <source>a chafed wire that touches the body</source>
   <translation>eine gescheuerte Ader, die die Karosserie berührt</translation>
  </message>
  <message>
   <source>a circuit has no name</source>
   <translation>ein Kreis hat keinen Namen</translation>
  </message>
  <message>
   <source>a circuit needs a name</source>
   <translation>ein Kreis braucht einen Namen</translation>
  </message>
  <message>
   <source>a code named by $var</source>
   <translation>ein mit $var benannter Code</translation>
  </message>
  <message>
   <source>a coil, a bias, an output, a trace of a passive sensor</source>
   <translation>eine Spule, eine Vorspannung, eine Ausgabe, ein Signalbild eines passiven Sensors</translation>
  </message>
  <message>
   <source>a column of voltages or currents beside the time</source>
   <translation>eine Spalte mit Spannungen oder Strömen neben der Zeit</translation>
  </message>
  <message>
   <source>a comma, a semicolon or a tab</source>
   <translation>ein Komma, ein Semikolon oder ein Tabulator</translation>
  </message>
  <message>
   <source>a control unit that does not feed the wheel sensor</source>
   <translation>ein Steuergerät, das den Radsensor nicht versorgt</translation>
  </message>
  <message>
   <source>a control unit that had switched the wheel sensor off until its memory is cleared</source>
   <translation>ein Steuergerät, das den Radsensor abgeschaltet hatte, bis sein Speicher gelöscht ist</translation>
  </message>
  <message>
   <source>a control unit that has nothing else to do; try again</source>
   <translation>ein Steuergerät, das nichts anderes zu tun hat; erneut versuchen</translation>
  </message>
  <message>
   <source>a control unit that no longer reads the wheel sensor</source>
   <translation>ein Steuergerät, das den Radsensor nicht mehr liest</translation>
  </message>
  <message>
   <source>a cracked ring, the one that the wheel sensor reads</source>
   <translation>ein gerissener Ring, nämlich der, den der Radsensor liest</translation>
  </message>
  <message>
   <source>a damaged tooth of the ring that the wheel sensor reads</source>
   <translation>ein beschädigter Zahn des Rings, den der Radsensor liest</translation>
  </message>
  <message>
   <source>a file on a disk</source>
   <translation>eine Datei auf einem Datenträger</translation>
  </message>
  <message>
   <source>a file that is there and may be read</source>
   <translation>eine Datei, die da ist und gelesen werden darf</translation>
  </message>
  <message>
   <source>a file, not a folder, a device or a pipe</source>
   <translation>eine Datei, kein Ordner, kein Gerät, keine Pipe</translation>
  </message>
  <message>
   <source>a folder of practice cases (*.json)</source>
   <translation>ein Ordner mit Übungsfällen (*.json)</translation>
  </message>
  <message>
   <source>a folder that may be written to</source>
   <translation>ein Ordner, in den geschrieben werden darf</translation>
  </message>
  <message>
   <source>a gateway of ISO 13400-2</source>
   <translation>ein Gateway nach ISO 13400-2</translation>
  </message>
  <message>
   <source>a gateway that stays awake: the key on, the plug seated</source>
   <translation>ein Gateway, das wach bleibt: Zündung ein, Stecker gerastet</translation>
  </message>
  <message>
   <source>a head time_s,RL,RR and rows of numbers</source>
   <translation>ein Kopf time_s,RL,RR und Zeilen mit Zahlen</translation>
  </message>
  <message>
   <source>a header row with quantity, min, max and source</source>
   <translation>eine Kopfzeile mit quantity, min, max und source</translation>
  </message>
  <message>
   <source>a height of nothing is no signal</source>
   <translation>eine Höhe von nichts ist kein Signal</translation>
  </message>
  <message>
   <source>a higher supply, or less ohms in series</source>
   <translation>eine höhere Versorgung, oder weniger Ohm in Reihe</translation>
  </message>
  <message>
   <source>a job without a title</source>
   <translation>ein Auftrag ohne Titel</translation>
  </message>
  <message>
   <source>a known good ground</source>
   <translation>gute Masse</translation>
  </message>
  <message>
   <source>a lamp has no number</source>
   <translation>eine Lampe hat keine Zahl</translation>
  </message>
  <message>
   <source>a leak</source>
   <translation>eine Ableitung</translation>
  </message>
  <message>
   <source>a line that was measured is edited part by part</source>
   <translation>eine gemessene Leitung wird Teil für Teil geändert</translation>
  </message>
  <message>
   <source>a list of {circuit, type}, empty when none came back</source>
   <translation>eine Liste von {circuit, type}, leer, wenn keiner zurückkam</translation>
  </message>
  <message>
   <source>a little weak</source>
   <translation>etwas schwach</translation>
  </message>
  <message>
   <source>a logbook of this program, in a folder that can be written, with room on the disk</source>
   <translation>ein Auftragsbuch dieses Programms, in einem beschreibbaren Ordner, mit Platz auf dem Datenträger</translation>
  </message>
  <message>
   <source>a map of this control unit</source>
   <translation>eine Karte dieses Steuergeräts</translation>
  </message>
  <message>
   <source>a name of data/priors.json and a number that is not negative</source>
   <translation>ein Name aus data/priors.json und eine Zahl, die nicht negativ ist</translation>
  </message>
  <message>
   <source>a name that ends in .pdf or .html</source>
   <translation>ein Name, der auf .pdf oder .html endet</translation>
  </message>
  <message>
   <source>a name that ends in .svg or .png</source>
   <translation>ein Name, der auf .svg oder .png endet</translation>
  </message>
  <message>
   <source>a number from 0 to 1</source>
   <translation>eine Zahl von 0 bis 1</translation>
  </message>
  <message>
   <source>a number such as 1.25E+01</source>
   <translation>eine Zahl wie 1.25E+01</translation>
  </message>
  <message>
   <source>a number, as 60</source>
   <translation>eine Zahl, etwa 60</translation>
  </message>
  <message>
   <source>a pin of the control unit's plug without contact</source>
   <translation>ein Pin im Stecker des Steuergeräts ohne Kontakt</translation>
  </message>
  <message>
   <source>a plain number, or "OL"</source>
   <translation>eine einfache Zahl, oder "OL"</translation>
  </message>
  <message>
   <source>a point or a comma</source>
   <translation>ein Punkt oder ein Komma</translation>
  </message>
  <message>
   <source>a reading hangs on it</source>
   <translation>eine Messung hängt daran</translation>
  </message>
  <message>
   <source>a reading that might come, such as 1.1k or OL</source>
   <translation>ein möglicher Messwert, etwa 1,1k oder OL</translation>
  </message>
  <message>
   <source>a record of at least two</source>
   <translation>eine Aufzeichnung von mindestens zwei</translation>
  </message>
  <message>
   <source>a ring or bearing that belongs to another vehicle</source>
   <translation>ein Ring oder Lager eines anderen Fahrzeugs</translation>
  </message>
  <message>
   <source>a ring or wheel bearing that does not run true</source>
   <translation>ein Ring oder Radlager, das nicht rund läuft</translation>
  </message>
  <message>
   <source>a second module in one path</source>
   <translation>ein zweites Steuergerät in einem Weg</translation>
  </message>
  <message>
   <source>a server that runs, a user and a password it knows</source>
   <translation>ein laufender Server, ein Benutzer und ein Kennwort, die er kennt</translation>
  </message>
  <message>
   <source>a service, identifier and state of the car that it allows</source>
   <translation>ein Dienst, eine Kennung und ein Zustand des Fahrzeugs, die es zulässt</translation>
  </message>
  <message>
   <source>a sheet is for one vehicle</source>
   <translation>ein Blatt gilt für ein Fahrzeug</translation>
  </message>
  <message>
   <source>a short</source>
   <translation>ein Kurzschluss</translation>
  </message>
  <message>
   <source>a short name of its own, as RR</source>
   <translation>ein kurzer eigener Name, etwa RR</translation>
  </message>
  <message>
   <source>a shorter record</source>
   <translation>eine kürzere Aufzeichnung</translation>
  </message>
  <message>
   <source>a smaller height, or an amplifier that is measured</source>
   <translation>eine kleinere Höhe, oder ein ausgemessener Verstärker</translation>
  </message>
  <message>
   <source>a to b</source>
   <translation>a gegen b</translation>
  </message>
  <message>
   <source>a to gnd</source>
   <translation>a gg. Masse</translation>
  </message>
  <message>
   <source>a tooth is missing</source>
   <translation>ein Zahn fehlt</translation>
  </message>
  <message>
   <source>a trial: kept nowhere</source>
   <translation>ein Versuch: nirgends behalten</translation>
  </message>
  <message>
   <source>a tyre</source>
   <translation>ein Reifen</translation>
  </message>
  <message>
   <source>a tyre of another size or pressure</source>
   <translation>ein Reifen anderer Größe oder Druck</translation>
  </message>
  <message>
   <source>a tyre of another size, or nearly flat</source>
   <translation>ein Reifen anderer Größe, oder fast platt</translation>
  </message>
  <message>
   <source>a value, or a whole line: C2 a gnd 4.98V key on unplugged</source>
   <translation>ein Wert, oder eine ganze Zeile: C2 a gnd 4,98V key on unplugged</translation>
  </message>
  <message>
   <source>a value, or any word of its line</source>
   <translation>ein Wert, oder ein Wort seiner Zeile</translation>
  </message>
  <message>
   <source>a variable is declared behind $enddefinitions</source>
   <translation>eine Variable ist hinter $enddefinitions erklärt</translation>
  </message>
  <message>
   <source>a weak sensor</source>
   <translation>ein schwacher Sensor</translation>
  </message>
  <message>
   <source>a wet plug dries when it is unplugged</source>
   <translation>ein nasser Stecker trocknet beim Abziehen</translation>
  </message>
  <message>
   <source>a wheel bearing mounted the wrong way round</source>
   <translation>ein verkehrt herum eingebautes Radlager</translation>
  </message>
  <message>
   <source>a wheel sensor of the wrong kind</source>
   <translation>ein Radsensor der falschen Art</translation>
  </message>
  <message>
   <source>a wheel sensor that has failed</source>
   <translation>ein ausgefallener Radsensor</translation>
  </message>
  <message>
   <source>a wheel sensor that has grown weak</source>
   <translation>ein schwach gewordener Radsensor</translation>
  </message>
  <message>
   <source>a wheel sensor that sits too far from the ring it reads</source>
   <translation>ein Radsensor, der zu weit von seinem Ring sitzt</translation>
  </message>
  <message>
   <source>a whole number, usually 29 to 100</source>
   <translation>eine ganze Zahl, meist 29 bis 100</translation>
  </message>
  <message>
   <source>a wire hanging by a strand</source>
   <translation>eine Ader an der letzten Litze</translation>
  </message>
  <message>
   <source>a wire that is broken</source>
   <translation>eine gebrochene Ader</translation>
  </message>
  <message>
   <source>a wire that is broken in the wheel sensor's own lead</source>
   <translation>eine gebrochene Ader im eigenen Kabel des Radsensors</translation>
  </message>
  <message>
   <source>a wire that lets go now and then</source>
   <translation>eine Ader, die hin und wieder loslässt</translation>
  </message>
  <message>
   <source>a wire that lets go now and then in the wheel sensor's own lead</source>
   <translation>eine Ader in der eigenen Leitung des Radsensors, die hin und wieder loslässt</translation>
  </message>
  <message>
   <source>a wire that touches metal now and then</source>
   <translation>eine Ader, die hin und wieder Metall berührt</translation>
  </message>
  <message>
   <source>a word without blanks, dots or @, and neither ground nor battery</source>
   <translation>ein Wort ohne Leerzeichen, Punkte oder @, und weder ground noch battery</translation>
  </message>
  <message>
   <source>about </source>
   <translation>etwa </translation>
  </message>
  <message>
   <source>above</source>
   <translation>über</translation>
  </message>
  <message>
   <source>above </source>
   <translation>über </translation>
  </message>
  <message>
   <source>abs</source>
   <translation>ABS</translation>
  </message>
  <message>
   <source>ac voltage</source>
   <translation>AC Volt</translation>
  </message>
  <message>
   <source>active</source>
   <translation>aktiv</translation>
  </message>
  <message>
   <source>active ak</source>
   <translation>aktiv AK</translation>
  </message>
  <message>
   <source>active pwm</source>
   <translation>aktiv PWM</translation>
  </message>
  <message>
   <source>add a circuit</source>
   <translation>Kreis hinzufügen</translation>
  </message>
  <message>
   <source>add a stored code</source>
   <translation>gespeicherten Code hinzufügen</translation>
  </message>
  <message>
   <source>add a work done</source>
   <translation>getane Arbeit hinzufügen</translation>
  </message>
  <message>
   <source>add it to the reading anew, or copy it beside the job</source>
   <translation>neu an die Messung anhängen, oder neben den Auftrag kopieren</translation>
  </message>
  <message>
   <source>after each step</source>
   <translation>nach jedem Schritt</translation>
  </message>
  <message>
   <source>after first turn</source>
   <translation>nach 1. Umdrehung</translation>
  </message>
  <message>
   <source>again</source>
   <translation>wieder</translation>
  </message>
  <message>
   <source>all of $var before it</source>
   <translation>alle $var davor</translation>
  </message>
  <message>
   <source>all of it</source>
   <translation>alles davon</translation>
  </message>
  <message>
   <source>all of the table</source>
   <translation>die ganze Tabelle</translation>
  </message>
  <message>
   <source>all of them</source>
   <translation>alle</translation>
  </message>
  <message>
   <source>all plugged in</source>
   <translation>alles gesteckt</translation>
  </message>
  <message>
   <source>allowed</source>
   <translation>erlaubt</translation>
  </message>
  <message>
   <source>along the line and between its wires</source>
   <translation>entlang der Leitung und zwischen ihren Adern</translation>
  </message>
  <message>
   <source>also open on %1</source>
   <translation>auch offen auf %1</translation>
  </message>
  <message>
   <source>always</source>
   <translation>immer</translation>
  </message>
  <message>
   <source>an encoder the wrong way round</source>
   <translation>ein Impulsrad verkehrt herum</translation>
  </message>
  <message>
   <source>an even sample rate in whole hertz, or CSV</source>
   <translation>eine gleichmäßige Abtastrate in ganzen Hertz, oder CSV</translation>
  </message>
  <message>
   <source>an hour</source>
   <translation>eine Stunde</translation>
  </message>
  <message>
   <source>an id of "practice list", or a file</source>
   <translation>eine Kennung aus "practice list", oder eine Datei</translation>
  </message>
  <message>
   <source>an instrument that knows this SCPI command</source>
   <translation>ein Gerät, das diesen SCPI-Befehl kennt</translation>
  </message>
  <message>
   <source>an object with circuit, element, wire and fault</source>
   <translation>ein Objekt mit circuit, element, wire und fault</translation>
  </message>
  <message>
   <source>an open wire</source>
   <translation>eine unterbrochene Ader</translation>
  </message>
  <message>
   <source>and %1 more</source>
   <translation>und %1 weitere</translation>
  </message>
  <message>
   <source>and behind it, found when the first is mended:</source>
   <translation>und dahinter, gefunden, wenn das Erste behoben ist:</translation>
  </message>
  <message>
   <source>and {} more broken places, kept as gaps</source>
   <translation>und {} weitere beschädigte Stellen, als Lücken behalten</translation>
  </message>
  <message>
   <source>and {} more, under Readings</source>
   <translation>und {} weitere, unter Messwerte</translation>
  </message>
  <message>
   <source>announces a frame of {} bytes</source>
   <translation>kündigt einen Rahmen von {} Byte an</translation>
  </message>
  <message>
   <source>another circuit instead</source>
   <translation>stattdessen ein anderer Kreis</translation>
  </message>
  <message>
   <source>another count of teeth</source>
   <translation>eine andere Zähnezahl</translation>
  </message>
  <message>
   <source>another first row or separator</source>
   <translation>eine andere erste Zeile oder ein anderes Trennzeichen</translation>
  </message>
  <message>
   <source>another name for it, or none</source>
   <translation>ein anderer Name dafür, oder keiner</translation>
  </message>
  <message>
   <source>another one each time, of this level</source>
   <translation>jedes Mal ein anderer, dieser Stufe</translation>
  </message>
  <message>
   <source>another one, or a PDF</source>
   <translation>einen anderen, oder ein PDF</translation>
  </message>
  <message>
   <source>another photo</source>
   <translation>ein anderes Foto</translation>
  </message>
  <message>
   <source>another port, or 0 for any</source>
   <translation>ein anderer Port, oder 0 für irgendeinen</translation>
  </message>
  <message>
   <source>another wheel shows instead</source>
   <translation>stattdessen zeigt sich ein anderes Rad</translation>
  </message>
  <message>
   <source>another window took this job over</source>
   <translation>ein anderes Fenster hat diesen Auftrag übernommen</translation>
  </message>
  <message>
   <source>answer the next move</source>
   <translation>den nächsten Schritt beantworten</translation>
  </message>
  <message>
   <source>any digit</source>
   <translation>jede Ziffer</translation>
  </message>
  <message>
   <source>any fault</source>
   <translation>jeder Fehler</translation>
  </message>
  <message>
   <source>any of the fleet</source>
   <translation>irgendeins der Flotte</translation>
  </message>
  <message>
   <source>any zone</source>
   <translation>jeder Bereich</translation>
  </message>
  <message>
   <source>are {}</source>
   <translation>sind {}</translation>
  </message>
  <message>
   <source>arrows</source>
   <translation>Pfeile</translation>
  </message>
  <message>
   <source>as $timescale 1 us $end</source>
   <translation>wie $timescale 1 us $end</translation>
  </message>
  <message>
   <source>as $var wire 1 ! RR $end</source>
   <translation>wie $var wire 1 ! RR $end</translation>
  </message>
  <message>
   <source>as 800 or 20M</source>
   <translation>etwa 800 oder 20M</translation>
  </message>
  <message>
   <source>as it is</source>
   <translation>wie es ist</translation>
  </message>
  <message>
   <source>as it should</source>
   <translation>wie es soll</translation>
  </message>
  <message>
   <source>as it stands here</source>
   <translation>wie es hier steht</translation>
  </message>
  <message>
   <source>as recognised</source>
   <translation>wie erkannt</translation>
  </message>
  <message>
   <source>as strong as the good wheel</source>
   <translation>so stark wie das gute Rad</translation>
  </message>
  <message>
   <source>as the desktop</source>
   <translation>wie die Arbeitsumgebung</translation>
  </message>
  <message>
   <source>as the desktop's region</source>
   <translation>wie die Region des Arbeitsplatzes</translation>
  </message>
  <message>
   <source>as the program keeps a job</source>
   <translation>wie das Programm einen Auftrag aufbewahrt</translation>
  </message>
  <message>
   <source>as the program saves a logbook</source>
   <translation>wie das Programm ein Auftragsbuch speichert</translation>
  </message>
  <message>
   <source>asked for a hint</source>
   <translation>um einen Hinweis gebeten</translation>
  </message>
  <message>
   <source>at least</source>
   <translation>mindestens</translation>
  </message>
  <message>
   <source>at least </source>
   <translation>mindestens </translation>
  </message>
  <message>
   <source>at least 50000</source>
   <translation>mindestens 50000</translation>
  </message>
  <message>
   <source>at least one entry in "signals"</source>
   <translation>mindestens ein Eintrag in "signals"</translation>
  </message>
  <message>
   <source>at most</source>
   <translation>höchstens</translation>
  </message>
  <message>
   <source>at most </source>
   <translation>höchstens </translation>
  </message>
  <message>
   <source>at most 1 MB</source>
   <translation>höchstens 1 MB</translation>
  </message>
  <message>
   <source>at most 4 GB</source>
   <translation>höchstens 4 GB</translation>
  </message>
  <message>
   <source>at most {}</source>
   <translation>höchstens {}</translation>
  </message>
  <message>
   <source>at rest</source>
   <translation>in Ruhe</translation>
  </message>
  <message>
   <source>at speed</source>
   <translation>bei Tempo</translation>
  </message>
  <message>
   <source>at {}, for {}, {} at {}</source>
   <translation>bei {}, {} lang, {} bei {}</translation>
  </message>
  <message>
   <source>attach a file</source>
   <translation>Datei anhängen</translation>
  </message>
  <message>
   <source>b to bat</source>
   <translation>b gg. Batt.</translation>
  </message>
  <message>
   <source>b to gnd</source>
   <translation>b gg. Masse</translation>
  </message>
  <message>
   <source>back probe</source>
   <translation>hinten messen</translation>
  </message>
  <message>
   <source>bad</source>
   <translation>schlecht</translation>
  </message>
  <message>
   <source>bad contact in the control unit's plug</source>
   <translation>schlechter Kontakt im Stecker des Steuergeräts</translation>
  </message>
  <message>
   <source>bad contact, resistance</source>
   <translation>schlechter Kontakt, Widerstand</translation>
  </message>
  <message>
   <source>barely moves</source>
   <translation>bewegt sich kaum</translation>
  </message>
  <message>
   <source>basic check</source>
   <translation>Grundprüfung</translation>
  </message>
  <message>
   <source>battery</source>
   <translation>Batterie</translation>
  </message>
  <message>
   <source>battery plus</source>
   <translation>Batterie plus</translation>
  </message>
  <message>
   <source>before it began</source>
   <translation>bevor es begann</translation>
  </message>
  <message>
   <source>begin again when there is time</source>
   <translation>noch einmal beginnen, wenn Zeit ist</translation>
  </message>
  <message>
   <source>begin with an element of kind module</source>
   <translation>mit einem Teil der Art module beginnen</translation>
  </message>
  <message>
   <source>begins a reading at the place that is chosen</source>
   <translation>beginnt einen Messwert an der gewählten Stelle</translation>
  </message>
  <message>
   <source>below</source>
   <translation>unter</translation>
  </message>
  <message>
   <source>below </source>
   <translation>unter </translation>
  </message>
  <message>
   <source>bench sensor</source>
   <translation>Sensor auf der Bank</translation>
  </message>
  <message>
   <source>bend, flexes</source>
   <translation>Biegung, bewegt</translation>
  </message>
  <message>
   <source>best</source>
   <translation>beste</translation>
  </message>
  <message>
   <source>better, and what it does not prove</source>
   <translation>besser, und was es nicht beweist</translation>
  </message>
  <message>
   <source>between 2 and 400 million samples</source>
   <translation>zwischen 2 und 400 Millionen Abtastwerte</translation>
  </message>
  <message>
   <source>bias on a, b to ground</source>
   <translation>Vorspannung auf a, b an Masse</translation>
  </message>
  <message>
   <source>bias on both wires</source>
   <translation>Vorspannung auf beiden Drähten</translation>
  </message>
  <message>
   <source>bias, unplugged</source>
   <translation>Ruhespannung, getrennt</translation>
  </message>
  <message>
   <source>both wires touch</source>
   <translation>beide Adern berühren sich</translation>
  </message>
  <message>
   <source>brake</source>
   <translation>Bremse</translation>
  </message>
  <message>
   <source>breaks</source>
   <translation>verletzt</translation>
  </message>
  <message>
   <source>bring it along again</source>
   <translation>noch einmal mitbringen</translation>
  </message>
  <message>
   <source>bring it along again from the bench that has it</source>
   <translation>noch einmal mitbringen von dem Platz, der es hat</translation>
  </message>
  <message>
   <source>bringing files over</source>
   <translation>Dateien werden übertragen</translation>
  </message>
  <message>
   <source>broken</source>
   <translation>gebrochen</translation>
  </message>
  <message>
   <source>broken, parted</source>
   <translation>gebrochen, getrennt</translation>
  </message>
  <message>
   <source>bulb</source>
   <translation>Glühlampe</translation>
  </message>
  <message>
   <source>bump</source>
   <translation>holprig</translation>
  </message>
  <message>
   <source>cabin</source>
   <translation>Innenraum</translation>
  </message>
  <message>
   <source>cabin </source>
   <translation>Innenraum-</translation>
  </message>
  <message>
   <source>came back</source>
   <translation>kam wieder</translation>
  </message>
  <message>
   <source>cannot be opened</source>
   <translation>lässt sich nicht öffnen</translation>
  </message>
  <message>
   <source>cannot be opened as a logbook (</source>
   <translation>lässt sich nicht als Auftragsbuch öffnen (</translation>
  </message>
  <message>
   <source>cannot be reached (</source>
   <translation>ist nicht erreichbar (</translation>
  </message>
  <message>
   <source>cannot be reached: the database driver is not installed</source>
   <translation>ist nicht erreichbar: der Datenbanktreiber ist nicht installiert</translation>
  </message>
  <message>
   <source>cannot be read</source>
   <translation>lässt sich nicht lesen</translation>
  </message>
  <message>
   <source>cannot be read as WAV</source>
   <translation>lässt sich nicht als WAV lesen</translation>
  </message>
  <message>
   <source>cannot be read as a folder</source>
   <translation>kann nicht als Ordner gelesen werden</translation>
  </message>
  <message>
   <source>cannot be read: </source>
   <translation>lässt sich nicht lesen: </translation>
  </message>
  <message>
   <source>cannot be replaced</source>
   <translation>lässt sich nicht ersetzen</translation>
  </message>
  <message>
   <source>cannot be taken away</source>
   <translation>lässt sich nicht entfernen</translation>
  </message>
  <message>
   <source>cannot be written</source>
   <translation>lässt sich nicht schreiben</translation>
  </message>
  <message>
   <source>cannot be written as WAV</source>
   <translation>lässt sich nicht als WAV schreiben</translation>
  </message>
  <message>
   <source>cannot drive the high current through the sense resistor</source>
   <translation>kann den hohen Strom nicht durch den Messwiderstand treiben</translation>
  </message>
  <message>
   <source>cannot go further</source>
   <translation>kommt nicht weiter</translation>
  </message>
  <message>
   <source>cannot tell</source>
   <translation>nicht zu sagen</translation>
  </message>
  <message>
   <source>capture missing</source>
   <translation>Aufzeichnung fehlt</translation>
  </message>
  <message>
   <source>chafed</source>
   <translation>gescheuert</translation>
  </message>
  <message>
   <source>changed while it was brought along</source>
   <translation>änderte sich beim Mitbringen</translation>
  </message>
  <message>
   <source>changes brought back</source>
   <translation>wiedergebrachte Änderungen</translation>
  </message>
  <message>
   <source>check the folder, its rights and the free space</source>
   <translation>den Ordner, seine Rechte und den freien Platz prüfen</translation>
  </message>
  <message>
   <source>choices</source>
   <translation>Auswahl</translation>
  </message>
  <message>
   <source>choose a circuit of the job</source>
   <translation>einen Kreis des Auftrags wählen</translation>
  </message>
  <message>
   <source>choose a folder that is new</source>
   <translation>einen neuen Ordner wählen</translation>
  </message>
  <message>
   <source>choose a logbook that was saved</source>
   <translation>ein gespeichertes Auftragsbuch wählen</translation>
  </message>
  <message>
   <source>choose a part before the sensor</source>
   <translation>ein Teil vor dem Sensor wählen</translation>
  </message>
  <message>
   <source>choose and open a job</source>
   <translation>Auftrag wählen und öffnen</translation>
  </message>
  <message>
   <source>choose and start a case</source>
   <translation>Fall wählen und beginnen</translation>
  </message>
  <message>
   <source>choose another job</source>
   <translation>einen anderen Auftrag wählen</translation>
  </message>
  <message>
   <source>choose another place</source>
   <translation>einen anderen Ort wählen</translation>
  </message>
  <message>
   <source>choose one first</source>
   <translation>zuerst einen wählen</translation>
  </message>
  <message>
   <source>choose one of the works with its price at Repair</source>
   <translation>unter Reparatur eine der Arbeiten mit ihrem Preis wählen</translation>
  </message>
  <message>
   <source>choose one of them</source>
   <translation>eine davon wählen</translation>
  </message>
  <message>
   <source>circuit</source>
   <translation>Kreis</translation>
  </message>
  <message>
   <source>circuit in question</source>
   <translation>Kreis in Frage</translation>
  </message>
  <message>
   <source>circuits exchanged</source>
   <translation>Kreise vertauscht</translation>
  </message>
  <message>
   <source>circuits[{}].name</source>
   <translation>circuits[{}].name</translation>
  </message>
  <message>
   <source>cleaned</source>
   <translation>gereinigt</translation>
  </message>
  <message>
   <source>clear and read the codes</source>
   <translation>Codes löschen und lesen</translation>
  </message>
  <message>
   <source>cleared</source>
   <translation>frei</translation>
  </message>
  <message>
   <source>click a place on the line first</source>
   <translation>zuerst auf eine Stelle der Leitung klicken</translation>
  </message>
  <message>
   <source>close the job</source>
   <translation>Auftrag abschließen</translation>
  </message>
  <message>
   <source>closed on </source>
   <translation>abgeschlossen am </translation>
  </message>
  <message>
   <source>code</source>
   <translation>Code</translation>
  </message>
  <message>
   <source>code before clearing</source>
   <translation>Code vor dem Löschen</translation>
  </message>
  <message>
   <source>codes</source>
   <translation>Codes</translation>
  </message>
  <message>
   <source>coil or sensor open</source>
   <translation>Spule oder Sensor unterbrochen</translation>
  </message>
  <message>
   <source>coil or sensor shorted</source>
   <translation>Spule oder Sensor kurzgeschlossen</translation>
  </message>
  <message>
   <source>coil resistance</source>
   <translation>Spulenwiderstand</translation>
  </message>
  <message>
   <source>column %1</source>
   <translation>Spalte %1</translation>
  </message>
  <message>
   <source>comes and goes: parts</source>
   <translation>kommt und geht: trennt</translation>
  </message>
  <message>
   <source>comes and goes: touches</source>
   <translation>kommt und geht: berührt</translation>
  </message>
  <message>
   <source>comma</source>
   <translation>komma</translation>
  </message>
  <message>
   <source>comma ,</source>
   <translation>Komma ,</translation>
  </message>
  <message>
   <source>commas</source>
   <translation>Kommas</translation>
  </message>
  <message>
   <source>common practice</source>
   <translation>übliche Praxis</translation>
  </message>
  <message>
   <source>comparison</source>
   <translation>Vergleich</translation>
  </message>
  <message>
   <source>complaint</source>
   <translation>Beanstandung</translation>
  </message>
  <message>
   <source>connect it again</source>
   <translation>wieder verbinden</translation>
  </message>
  <message>
   <source>connecting</source>
   <translation>verbindet</translation>
  </message>
  <message>
   <source>connector</source>
   <translation>Stecker</translation>
  </message>
  <message>
   <source>continuity of the wires</source>
   <translation>Durchgang der Adern</translation>
  </message>
  <message>
   <source>correct a reading</source>
   <translation>Messwert berichtigen</translation>
  </message>
  <message>
   <source>corroded</source>
   <translation>korrodiert</translation>
  </message>
  <message>
   <source>corrosion, bad contact</source>
   <translation>Korrosion, schlechter Kontakt</translation>
  </message>
  <message>
   <source>costs %1</source>
   <translation>kostet %1</translation>
  </message>
  <message>
   <source>could be milliohm or megohm</source>
   <translation>könnte Milliohm oder Megohm sein</translation>
  </message>
  <message>
   <source>could not be copied among the good ones</source>
   <translation>konnte nicht zu den guten kopiert werden</translation>
  </message>
  <message>
   <source>could not be made from the photo</source>
   <translation>konnte aus dem Foto nicht gemacht werden</translation>
  </message>
  <message>
   <source>could not be written</source>
   <translation>konnte nicht geschrieben werden</translation>
  </message>
  <message>
   <source>could not be written (</source>
   <translation>konnte nicht geschrieben werden (</translation>
  </message>
  <message>
   <source>could not be written ({})</source>
   <translation>konnte nicht geschrieben werden ({})</translation>
  </message>
  <message>
   <source>could not be written whole</source>
   <translation>konnte nicht ganz geschrieben werden</translation>
  </message>
  <message>
   <source>count a reading again</source>
   <translation>Messwert wieder zählen</translation>
  </message>
  <message>
   <source>cracked</source>
   <translation>gerissen</translation>
  </message>
  <message>
   <source>creep</source>
   <translation>Schritt</translation>
  </message>
  <message>
   <source>cruise</source>
   <translation>Tempomat</translation>
  </message>
  <message>
   <source>cured it</source>
   <translation>behob es</translation>
  </message>
  <message>
   <source>current</source>
   <translation>Strom</translation>
  </message>
  <message>
   <source>cut</source>
   <translation>schneiden</translation>
  </message>
  <message>
   <source>dark</source>
   <translation>dunkel</translation>
  </message>
  <message>
   <source>day</source>
   <translation>Tag</translation>
  </message>
  <message>
   <source>dc voltage</source>
   <translation>DC Volt</translation>
  </message>
  <message>
   <source>debris</source>
   <translation>Schmutz</translation>
  </message>
  <message>
   <source>describe it as a circuit of its own</source>
   <translation>als eigenen Kreis beschreiben</translation>
  </message>
  <message>
   <source>describe it with 200 at most</source>
   <translation>mit höchstens 200 beschreiben</translation>
  </message>
  <message>
   <source>details that are not shown here: not the same</source>
   <translation>Einzelheiten, die hier nicht gezeigt werden: nicht gleich</translation>
  </message>
  <message>
   <source>did not answer (</source>
   <translation>antwortete nicht (</translation>
  </message>
  <message>
   <source>did not cure it</source>
   <translation>behob es nicht</translation>
  </message>
  <message>
   <source>digits only</source>
   <translation>nur Ziffern</translation>
  </message>
  <message>
   <source>dim</source>
   <translation>schwach</translation>
  </message>
  <message>
   <source>does not answer the routing activation</source>
   <translation>beantwortet die Routing-Aktivierung nicht</translation>
  </message>
  <message>
   <source>does not follow the row before</source>
   <translation>folgt nicht auf die Zeile davor</translation>
  </message>
  <message>
   <source>does not let the tester in: </source>
   <translation>lässt den Tester nicht ein: </translation>
  </message>
  <message>
   <source>does not speak DoIP: it sends </source>
   <translation>spricht kein DoIP: es sendet </translation>
  </message>
  <message>
   <source>does not take the message: </source>
   <translation>nimmt die Nachricht nicht an: </translation>
  </message>
  <message>
   <source>done</source>
   <translation>getan</translation>
  </message>
  <message>
   <source>driven</source>
   <translation>gefahren</translation>
  </message>
  <message>
   <source>drop the capture on one of its wheels</source>
   <translation>die Aufzeichnung auf eines seiner Räder ziehen</translation>
  </message>
  <message>
   <source>drops out to ground</source>
   <translation>fällt auf Masse</translation>
  </message>
  <message>
   <source>drops out to the open level</source>
   <translation>fällt auf Leerlauf</translation>
  </message>
  <message>
   <source>each piece of evidence has a test and its reading</source>
   <translation>jeder Befund hat eine Prüfung und ihre Messung</translation>
  </message>
  <message>
   <source>each row must be later than the one before</source>
   <translation>jede Zeile muss später sein als die davor</translation>
  </message>
  <message>
   <source>earlier repair</source>
   <translation>frühere Reparatur</translation>
  </message>
  <message>
   <source>edit the line</source>
   <translation>Leitung bearbeiten</translation>
  </message>
  <message>
   <source>empty the box</source>
   <translation>Feld leeren</translation>
  </message>
  <message>
   <source>encoder reversed</source>
   <translation>Impulsrad verkehrt</translation>
  </message>
  <message>
   <source>encoder the wrong way round</source>
   <translation>Impulsrad verkehrt herum</translation>
  </message>
  <message>
   <source>ends in "{}", which is no unit</source>
   <translation>endet auf "{}", das ist keine Einheit</translation>
  </message>
  <message>
   <source>ends within $timescale</source>
   <translation>endet innerhalb von $timescale</translation>
  </message>
  <message>
   <source>ends within $var</source>
   <translation>endet innerhalb von $var</translation>
  </message>
  <message>
   <source>ends within a declaration</source>
   <translation>endet innerhalb einer Erklärung</translation>
  </message>
  <message>
   <source>engine bay</source>
   <translation>Motorraum</translation>
  </message>
  <message>
   <source>engine bay </source>
   <translation>Motorraum-</translation>
  </message>
  <message>
   <source>erase owner and plate</source>
   <translation>Halter und Kennzeichen löschen</translation>
  </message>
  <message>
   <source>erratic</source>
   <translation>sprunghaft</translation>
  </message>
  <message>
   <source>everything larger, smaller, as it was</source>
   <translation>alles größer, kleiner, wie zuvor</translation>
  </message>
  <message>
   <source>evidence</source>
   <translation>Befunde</translation>
  </message>
  <message>
   <source>expected</source>
   <translation>erwartet</translation>
  </message>
  <message>
   <source>expected </source>
   <translation>erwartet </translation>
  </message>
  <message>
   <source>expected OL</source>
   <translation>erwartet OL</translation>
  </message>
  <message>
   <source>fail</source>
   <translation>schlecht</translation>
  </message>
  <message>
   <source>fault</source>
   <translation>Fehler</translation>
  </message>
  <message>
   <source>files are brought along in a shop's logbook only</source>
   <translation>Dateien werden nur in ein Buch der Werkstatt mitgebracht</translation>
  </message>
  <message>
   <source>find a job</source>
   <translation>Auftrag suchen</translation>
  </message>
  <message>
   <source>finding on </source>
   <translation>Befund an </translation>
  </message>
  <message>
   <source>fit a new %1, %2 % sure</source>
   <translation>neu eingebaut: %1, zu %2 % sicher</translation>
  </message>
  <message>
   <source>flat at </source>
   <translation>flach bei </translation>
  </message>
  <message>
   <source>flat, </source>
   <translation>flach, </translation>
  </message>
  <message>
   <source>flex</source>
   <translation>Biegung</translation>
  </message>
  <message>
   <source>follows</source>
   <translation>folgt</translation>
  </message>
  <message>
   <source>follows, %1</source>
   <translation>folgt, %1</translation>
  </message>
  <message>
   <source>for this complaint</source>
   <translation>wegen dieser Beanstandung</translation>
  </message>
  <message>
   <source>four wheels: %1</source>
   <translation>vier Räder: %1</translation>
  </message>
  <message>
   <source>free some space or choose another place</source>
   <translation>Platz schaffen oder einen anderen Ort wählen</translation>
  </message>
  <message>
   <source>freeze values</source>
   <translation>Begleitwerte</translation>
  </message>
  <message>
   <source>freeze values, as shown</source>
   <translation>Begleitwerte, wie gezeigt</translation>
  </message>
  <message>
   <source>from</source>
   <translation>aus</translation>
  </message>
  <message>
   <source>from box to box</source>
   <translation>von Feld zu Feld</translation>
  </message>
  <message>
   <source>from {:g} to {:g}</source>
   <translation>von {:g} bis {:g}</translation>
  </message>
  <message>
   <source>front left</source>
   <translation>vorn links</translation>
  </message>
  <message>
   <source>front right</source>
   <translation>vorn rechts</translation>
  </message>
  <message>
   <source>front wheel, module under the bonnet</source>
   <translation>Vorderrad, Steuergerät unter der Motorhaube</translation>
  </message>
  <message>
   <source>full scale is not known and taken as 1; give it, or a side file FILE.json with full_scale</source>
   <translation>der Vollausschlag ist nicht bekannt und wird als 1 genommen; ihn angeben, oder eine Beidatei FILE.json mit full_scale</translation>
  </message>
  <message>
   <source>fuses and relay</source>
   <translation>Sicherungen, Relais</translation>
  </message>
  <message>
   <source>gap or debris</source>
   <translation>Luftspalt oder Schmutz</translation>
  </message>
  <message>
   <source>gap too wide</source>
   <translation>Luftspalt zu groß</translation>
  </message>
  <message>
   <source>give each element its own id</source>
   <translation>jedem Teil eine eigene Kennung geben</translation>
  </message>
  <message>
   <source>give it one, as "RR"</source>
   <translation>einen geben, etwa "RR"</translation>
  </message>
  <message>
   <source>give the rate, as --sample-rate 10000</source>
   <translation>die Rate angeben, als --sample-rate 10000</translation>
  </message>
  <message>
   <source>gives no record of a size that can be written</source>
   <translation>ergibt keine Aufzeichnung von schreibbarer Größe</translation>
  </message>
  <message>
   <source>gives road speed from the teeth</source>
   <translation>gibt die Geschwindigkeit aus den Zähnen</translation>
  </message>
  <message>
   <source>good</source>
   <translation>gut</translation>
  </message>
  <message>
   <source>good or bad</source>
   <translation>good oder bad</translation>
  </message>
  <message>
   <source>ground</source>
   <translation>Masse</translation>
  </message>
  <message>
   <source>hall</source>
   <translation>Hall</translation>
  </message>
  <message>
   <source>harness</source>
   <translation>Kabelsatz</translation>
  </message>
  <message>
   <source>has a record of {} bytes, {} wants bytes {} to {}</source>
   <translation>hat einen Satz von {} Byte, {} will die Bytes {} bis {}</translation>
  </message>
  <message>
   <source>has a sample every {:g} s</source>
   <translation>hat einen Abtastwert alle {:g} s</translation>
  </message>
  <message>
   <source>has a time before its definitions end</source>
   <translation>hat eine Zeit, bevor die Erklärungen enden</translation>
  </message>
  <message>
   <source>has an object of more than {} members</source>
   <translation>hat ein Objekt mit mehr als {} Gliedern</translation>
  </message>
  <message>
   <source>has closed the connection</source>
   <translation>hat die Verbindung geschlossen</translation>
  </message>
  <message>
   <source>has fewer than two rows with a time</source>
   <translation>hat weniger als zwei Zeilen mit einer Zeit</translation>
  </message>
  <message>
   <source>has no $timescale before its first time</source>
   <translation>hat kein $timescale vor der ersten Zeit</translation>
  </message>
  <message>
   <source>has no column "quantity"</source>
   <translation>hat keine Spalte "quantity"</translation>
  </message>
  <message>
   <source>has no head that names the circuits</source>
   <translation>hat keinen Kopf, der die Kreise nennt</translation>
  </message>
  <message>
   <source>has no sound sample in any channel</source>
   <translation>hat in keinem Kanal einen gültigen Abtastwert</translation>
  </message>
  <message>
   <source>has no state that can be read</source>
   <translation>hat keinen lesbaren Zustand</translation>
  </message>
  <message>
   <source>has no table of numbers in its first 400 lines</source>
   <translation>hat in den ersten 400 Zeilen keine Zahlentabelle</translation>
  </message>
  <message>
   <source>has no time column and names no sample rate</source>
   <translation>hat keine Zeitspalte und nennt keine Abtastrate</translation>
  </message>
  <message>
   <source>has readings on its line</source>
   <translation>hat Messungen auf seiner Leitung</translation>
  </message>
  <message>
   <source>has samples of {} bits</source>
   <translation>hat Abtastwerte von {} Bit</translation>
  </message>
  <message>
   <source>has two decimal marks</source>
   <translation>hat zwei Dezimalzeichen</translation>
  </message>
  <message>
   <source>has {} signals; the first {} are read</source>
   <translation>hat {} Signale; die ersten {} werden gelesen</translation>
  </message>
  <message>
   <source>help for this view</source>
   <translation>Hilfe zu dieser Ansicht</translation>
  </message>
  <message>
   <source>hexadecimal, such as 0x1F0</source>
   <translation>hexadezimal, etwa 0x1F0</translation>
  </message>
  <message>
   <source>hidden</source>
   <translation>verdeckt</translation>
  </message>
  <message>
   <source>hill hold</source>
   <translation>Berganfahrhilfe</translation>
  </message>
  <message>
   <source>history</source>
   <translation>früher</translation>
  </message>
  <message>
   <source>holds more changes than can be kept</source>
   <translation>enthält mehr Wechsel, als sich halten lassen</translation>
  </message>
  <message>
   <source>holds more than 10000 limits</source>
   <translation>enthält mehr als 10000 Grenzwerte</translation>
  </message>
  <message>
   <source>holds no frame of a bus</source>
   <translation>enthält keinen Rahmen eines Busses</translation>
  </message>
  <message>
   <source>holds no frame that the signal map names</source>
   <translation>enthält keinen Rahmen, den die Signalkarte nennt</translation>
  </message>
  <message>
   <source>holds no limits</source>
   <translation>enthält keine Grenzwerte</translation>
  </message>
  <message>
   <source>holds no row</source>
   <translation>enthält keine Zeile</translation>
  </message>
  <message>
   <source>holds no samples</source>
   <translation>enthält keine Abtastwerte</translation>
  </message>
  <message>
   <source>holds no speeds</source>
   <translation>enthält keine Geschwindigkeiten</translation>
  </message>
  <message>
   <source>holds something that is not a text</source>
   <translation>enthält etwas, das kein Text ist</translation>
  </message>
  <message>
   <source>hole sealed</source>
   <translation>Loch versiegelt</translation>
  </message>
  <message>
   <source>how %1 is read</source>
   <translation>wie %1 gelesen wird</translation>
  </message>
  <message>
   <source>how it is written</source>
   <translation>wie es geschrieben ist</translation>
  </message>
  <message>
   <source>how much</source>
   <translation>wie viel</translation>
  </message>
  <message>
   <source>how often it was set, as 3</source>
   <translation>wie oft er gesetzt wurde, etwa 3</translation>
  </message>
  <message>
   <source>how the capture beside it is written</source>
   <translation>wie die Aufzeichnung daneben geschrieben ist</translation>
  </message>
  <message>
   <source>however the car stands</source>
   <translation>wie das Fahrzeug auch steht</translation>
  </message>
  <message>
   <source>identifier 0x{:04X}</source>
   <translation>Kennung 0x{:04X}</translation>
  </message>
  <message>
   <source>identifiers that occur in the log</source>
   <translation>Kennungen, die im Mitschnitt vorkommen</translation>
  </message>
  <message>
   <source>implausible</source>
   <translation>unplausibel</translation>
  </message>
  <message>
   <source>in </source>
   <translation>in </translation>
  </message>
  <message>
   <source>in %1 d</source>
   <translation>in %1 T.</translation>
  </message>
  <message>
   <source>in {:.0f} one of several rarer things</source>
   <translation>in {:.0f} eines von mehreren selteneren Dingen</translation>
  </message>
  <message>
   <source>in {:.0f} {}</source>
   <translation>in {:.0f} {}</translation>
  </message>
  <message>
   <source>input dead</source>
   <translation>Eingang tot</translation>
  </message>
  <message>
   <source>input of the module dead</source>
   <translation>Eingang des Steuergeräts tot</translation>
  </message>
  <message>
   <source>input switched off, wants clearing</source>
   <translation>Eingang abgeschaltet, will gelöscht werden</translation>
  </message>
  <message>
   <source>inspect</source>
   <translation>Ansehen</translation>
  </message>
  <message>
   <source>install libqt6sql6-psql</source>
   <translation>libqt6sql6-psql installieren</translation>
  </message>
  <message>
   <source>install libqt6sql6-sqlite</source>
   <translation>libqt6sql6-sqlite installieren</translation>
  </message>
  <message>
   <source>insulation of a wire</source>
   <translation>Isolation einer Ader</translation>
  </message>
  <message>
   <source>intake</source>
   <translation>Annahme</translation>
  </message>
  <message>
   <source>intermittent open</source>
   <translation>Wackelunterbrechung</translation>
  </message>
  <message>
   <source>intermittent short</source>
   <translation>Wackelkurzschluss</translation>
  </message>
  <message>
   <source>intermittents</source>
   <translation>Wackelkontakte</translation>
  </message>
  <message>
   <source>is a bus log without its signal map</source>
   <translation>ist ein Busmitschnitt ohne seine Signalkarte</translation>
  </message>
  <message>
   <source>is a link to another folder</source>
   <translation>ist eine Verknüpfung in einen anderen Ordner</translation>
  </message>
  <message>
   <source>is a negative resistance: the circuit is live, or the leads were not zeroed</source>
   <translation>ist ein negativer Widerstand: der Kreis steht unter Spannung, oder die Messleitungen wurden nicht genullt</translation>
  </message>
  <message>
   <source>is above max</source>
   <translation>liegt über max</translation>
  </message>
  <message>
   <source>is above the maximum</source>
   <translation>liegt über dem Höchstwert</translation>
  </message>
  <message>
   <source>is above what is</source>
   <translation>liegt über dem, was</translation>
  </message>
  <message>
   <source>is answered "busy" {} times</source>
   <translation>wird {}-mal mit "beschäftigt" beantwortet</translation>
  </message>
  <message>
   <source>is as</source>
   <translation>ist, wie</translation>
  </message>
  <message>
   <source>is at the edge of what is</source>
   <translation>liegt am Rand dessen, was</translation>
  </message>
  <message>
   <source>is being read</source>
   <translation>wird gerade gelesen</translation>
  </message>
  <message>
   <source>is below what is</source>
   <translation>liegt unter dem, was</translation>
  </message>
  <message>
   <source>is cut off: {} of {} samples are there</source>
   <translation>ist abgeschnitten: {} von {} Abtastwerten sind da</translation>
  </message>
  <message>
   <source>is damaged and cannot be put aside</source>
   <translation>ist beschädigt und lässt sich nicht beiseitelegen</translation>
  </message>
  <message>
   <source>is damaged in the shop's logbook</source>
   <translation>ist im Buch der Werkstatt beschädigt</translation>
  </message>
  <message>
   <source>is empty</source>
   <translation>ist leer</translation>
  </message>
  <message>
   <source>is how an instrument says that it has no number</source>
   <translation>ist, womit ein Gerät sagt, dass es keine Zahl hat</translation>
  </message>
  <message>
   <source>is in {}, but {} is what is measured here</source>
   <translation>ist in {}, hier wird aber {} gemessen</translation>
  </message>
  <message>
   <source>is it switched on?</source>
   <translation>ist es eingeschaltet?</translation>
  </message>
  <message>
   <source>is larger than 64 MB</source>
   <translation>ist größer als 64 MB</translation>
  </message>
  <message>
   <source>is missing</source>
   <translation>fehlt</translation>
  </message>
  <message>
   <source>is named in the job but is not there</source>
   <translation>wird im Auftrag genannt, ist aber nicht da</translation>
  </message>
  <message>
   <source>is neither PDF nor HTML</source>
   <translation>ist weder PDF noch HTML</translation>
  </message>
  <message>
   <source>is neither SVG nor PNG</source>
   <translation>ist weder SVG noch PNG</translation>
  </message>
  <message>
   <source>is neither true nor false</source>
   <translation>ist weder true noch false</translation>
  </message>
  <message>
   <source>is nested more than {} levels deep</source>
   <translation>ist mehr als {} Ebenen tief verschachtelt</translation>
  </message>
  <message>
   <source>is no JSON object</source>
   <translation>ist kein JSON-Objekt</translation>
  </message>
  <message>
   <source>is no address</source>
   <translation>ist keine Adresse</translation>
  </message>
  <message>
   <source>is no autosave</source>
   <translation>ist keine automatische Sicherung</translation>
  </message>
  <message>
   <source>is no circuit that could have this line</source>
   <translation>ist kein Kreis, der diese Leitung haben könnte</translation>
  </message>
  <message>
   <source>is no identifier</source>
   <translation>ist keine Kennung</translation>
  </message>
  <message>
   <source>is no name</source>
   <translation>ist kein Name</translation>
  </message>
  <message>
   <source>is no name of a job</source>
   <translation>ist kein Name eines Auftrags</translation>
  </message>
  <message>
   <source>is no picture that can be read</source>
   <translation>ist kein lesbares Bild</translation>
  </message>
  <message>
   <source>is no place in a record</source>
   <translation>ist keine Stelle in einem Satz</translation>
  </message>
  <message>
   <source>is no practice case</source>
   <translation>ist kein Übungsfall</translation>
  </message>
  <message>
   <source>is no row of a profile</source>
   <translation>ist keine Zeile eines Verlaufs</translation>
  </message>
  <message>
   <source>is no row of numbers, as it was said to be</source>
   <translation>ist keine Zeile mit Zahlen, wie angegeben</translation>
  </message>
  <message>
   <source>is no scan map</source>
   <translation>ist keine Scan-Karte</translation>
  </message>
  <message>
   <source>is no shop's logbook</source>
   <translation>ist kein Auftragsbuch einer Werkstatt</translation>
  </message>
  <message>
   <source>is no signal map</source>
   <translation>ist keine Signalkarte</translation>
  </message>
  <message>
   <source>is no size of a number</source>
   <translation>ist keine Größe einer Zahl</translation>
  </message>
  <message>
   <source>is no table of priors</source>
   <translation>ist keine Tabelle von Vorannahmen</translation>
  </message>
  <message>
   <source>is no temperature a coil is measured at (-60 to 250 degrees)</source>
   <translation>ist keine Temperatur, bei der eine Spule gemessen wird (-60 bis 250 Grad)</translation>
  </message>
  <message>
   <source>is no zip that can be opened (</source>
   <translation>ist kein Zip, das sich öffnen lässt (</translation>
  </message>
  <message>
   <source>is not JSON</source>
   <translation>ist kein JSON</translation>
  </message>
  <message>
   <source>is not UTF-8 text</source>
   <translation>ist kein UTF-8-Text</translation>
  </message>
  <message>
   <source>is not a case file</source>
   <translation>ist keine Auftragsdatei</translation>
  </message>
  <message>
   <source>is not a circuit of this job</source>
   <translation>ist kein Kreis dieses Auftrags</translation>
  </message>
  <message>
   <source>is not a file</source>
   <translation>ist keine Datei</translation>
  </message>
  <message>
   <source>is not a file of this program, and was left as it is</source>
   <translation>ist keine Datei dieses Programms und blieb, wie sie ist</translation>
  </message>
  <message>
   <source>is not a file that can be replaced</source>
   <translation>ist keine Datei, die ersetzt werden kann</translation>
  </message>
  <message>
   <source>is not a limits sheet</source>
   <translation>ist kein Grenzwertblatt</translation>
  </message>
  <message>
   <source>is not a line of a logbook</source>
   <translation>ist keine Zeile eines Auftragsbuchs</translation>
  </message>
  <message>
   <source>is not a list</source>
   <translation>ist keine Liste</translation>
  </message>
  <message>
   <source>is not a number</source>
   <translation>ist keine Zahl</translation>
  </message>
  <message>
   <source>is not a number a meter can show</source>
   <translation>ist keine Zahl, die ein Messgerät zeigen kann</translation>
  </message>
  <message>
   <source>is not a practice case</source>
   <translation>ist kein Übungsfall</translation>
  </message>
  <message>
   <source>is not a text</source>
   <translation>ist kein Text</translation>
  </message>
  <message>
   <source>is not a text file</source>
   <translation>ist keine Textdatei</translation>
  </message>
  <message>
   <source>is not above the range before</source>
   <translation>liegt nicht über dem Bereich davor</translation>
  </message>
  <message>
   <source>is not among the readings</source>
   <translation>ist nicht unter den Messungen</translation>
  </message>
  <message>
   <source>is not an object</source>
   <translation>ist kein Objekt</translation>
  </message>
  <message>
   <source>is not answered by the control unit in time</source>
   <translation>wird vom Steuergerät nicht rechtzeitig beantwortet</translation>
  </message>
  <message>
   <source>is not in the logbook</source>
   <translation>steht nicht im Auftragsbuch</translation>
  </message>
  <message>
   <source>is not kept any more</source>
   <translation>wird nicht mehr aufbewahrt</translation>
  </message>
  <message>
   <source>is not on the shop's shelf</source>
   <translation>liegt nicht im Regal der Werkstatt</translation>
  </message>
  <message>
   <source>is not the circuit in question</source>
   <translation>ist nicht der fragliche Kreis</translation>
  </message>
  <message>
   <source>is not usable JSON: </source>
   <translation>ist kein brauchbares JSON: </translation>
  </message>
  <message>
   <source>is not valid JSON: </source>
   <translation>ist kein gültiges JSON: </translation>
  </message>
  <message>
   <source>is of a newer program</source>
   <translation>ist von einem neueren Programm</translation>
  </message>
  <message>
   <source>is of an older version, and this user may not bring it forward</source>
   <translation>ist von einer älteren Version, und dieser Benutzer darf es nicht vorwärts bringen</translation>
  </message>
  <message>
   <source>is refused by the control unit: </source>
   <translation>wird vom Steuergerät abgelehnt: </translation>
  </message>
  <message>
   <source>is there already</source>
   <translation>ist schon da</translation>
  </message>
  <message>
   <source>is too large to be brought along</source>
   <translation>ist zu groß zum Mitbringen</translation>
  </message>
  <message>
   <source>is too low for pulses of 45 to 90 microseconds</source>
   <translation>ist zu niedrig für Impulse von 45 bis 90 Mikrosekunden</translation>
  </message>
  <message>
   <source>is too near to tell of</source>
   <translation>liegt zu nahe an</translation>
  </message>
  <message>
   <source>is worked on in another window</source>
   <translation>wird in einem anderen Fenster bearbeitet</translation>
  </message>
  <message>
   <source>isolation</source>
   <translation>Eingrenzung</translation>
  </message>
  <message>
   <source>it</source>
   <translation>es</translation>
  </message>
  <message>
   <source>it cannot be measured there on this vehicle</source>
   <translation>das ist an diesem Fahrzeug dort nicht messbar</translation>
  </message>
  <message>
   <source>it gave</source>
   <translation>ergab</translation>
  </message>
  <message>
   <source>it gives</source>
   <translation>ergibt</translation>
  </message>
  <message>
   <source>it had been here for this before</source>
   <translation>er war deswegen schon einmal hier</translation>
  </message>
  <message>
   <source>it holds</source>
   <translation>es hält</translation>
  </message>
  <message>
   <source>it is what found the fault</source>
   <translation>sie fand den Fehler</translation>
  </message>
  <message>
   <source>it needs exactly one</source>
   <translation>er braucht genau eines</translation>
  </message>
  <message>
   <source>it needs to {}, which the owner does not allow</source>
   <translation>dazu gehört: {}, was der Halter nicht erlaubt</translation>
  </message>
  <message>
   <source>it shows</source>
   <translation>es zeigt sich</translation>
  </message>
  <message>
   <source>it stretches</source>
   <translation>es dehnt sich</translation>
  </message>
  <message>
   <source>it swells once a turn</source>
   <translation>schwillt je Umdrehung</translation>
  </message>
  <message>
   <source>job</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <source>jobs</source>
   <translation>Aufträge</translation>
  </message>
  <message>
   <source>joint </source>
   <translation>Verbindung </translation>
  </message>
  <message>
   <source>judged</source>
   <translation>beurteilt</translation>
  </message>
  <message>
   <source>jumper leads</source>
   <translation>Brückenkabel</translation>
  </message>
  <message>
   <source>keep the password in the desktop's keyring</source>
   <translation>Passwort im Schlüsselbund behalten</translation>
  </message>
  <message>
   <source>keeping ...</source>
   <translation>wird gesichert ...</translation>
  </message>
  <message>
   <source>keeps</source>
   <translation>hält</translation>
  </message>
  <message>
   <source>kept</source>
   <translation>behalten</translation>
  </message>
  <message>
   <source>kept here; no file yet</source>
   <translation>hier gesichert; noch keine Datei</translation>
  </message>
  <message>
   <source>kept; Ctrl+S saves %1</source>
   <translation>gesichert; Ctrl+S speichert %1</translation>
  </message>
  <message>
   <source>key off</source>
   <translation>Zündung aus</translation>
  </message>
  <message>
   <source>key on</source>
   <translation>Zündung an</translation>
  </message>
  <message>
   <source>km/h and °C</source>
   <translation>km/h und °C</translation>
  </message>
  <message>
   <source>lamp</source>
   <translation>Lampe</translation>
  </message>
  <message>
   <source>lamps</source>
   <translation>Leuchten</translation>
  </message>
  <message>
   <source>large, to be read from three metres; again to leave</source>
   <translation>groß, aus drei Metern lesbar; noch einmal zum Verlassen</translation>
  </message>
  <message>
   <source>last worked on</source>
   <translation>zuletzt bearbeitet</translation>
  </message>
  <message>
   <source>latched off</source>
   <translation>abgeschaltet</translation>
  </message>
  <message>
   <source>leak</source>
   <translation>Ableitung</translation>
  </message>
  <message>
   <source>leaks, wet or salty</source>
   <translation>Ableitung, nass oder salzig</translation>
  </message>
  <message>
   <source>learnt from {}</source>
   <translation>gelernt von {}</translation>
  </message>
  <message>
   <source>led</source>
   <translation>LED</translation>
  </message>
  <message>
   <source>left to doubt</source>
   <translation>bleibt zu bezweifeln</translation>
  </message>
  <message>
   <source>left unseen</source>
   <translation>bleibt ungesehen</translation>
  </message>
  <message>
   <source>left, right</source>
   <translation>links, rechts</translation>
  </message>
  <message>
   <source>leg</source>
   <translation>Strecke</translation>
  </message>
  <message>
   <source>legs come with them</source>
   <translation>Leitungsstücke kommen mit ihnen</translation>
  </message>
  <message>
   <source>length, m</source>
   <translation>Länge, m</translation>
  </message>
  <message>
   <source>let its owner open it once with this version, and run roles.sql again</source>
   <translation>sein Besitzer soll es einmal mit dieser Version öffnen und roles.sql erneut ausführen</translation>
  </message>
  <message>
   <source>letters that can be written, and names that are used once</source>
   <translation>schreibbare Buchstaben, und Namen, die einmal vorkommen</translation>
  </message>
  <message>
   <source>letters, digits and dashes, at most 64</source>
   <translation>Buchstaben, Ziffern und Striche, höchstens 64</translation>
  </message>
  <message>
   <source>letters, digits and dashes, at most 64; or leave it out</source>
   <translation>Buchstaben, Ziffern und Striche, höchstens 64; oder weglassen</translation>
  </message>
  <message>
   <source>level</source>
   <translation>Stufe</translation>
  </message>
  <message>
   <source>lies outside the job's folder and was not added here</source>
   <translation>liegt außerhalb des Auftragsordners und wurde hier nicht hinzugefügt</translation>
  </message>
  <message>
   <source>limit</source>
   <translation>Grenzwert</translation>
  </message>
  <message>
   <source>limit from good parts</source>
   <translation>Grenzwert aus guten Teilen</translation>
  </message>
  <message>
   <source>limit {} ({})</source>
   <translation>Grenzwert {} ({})</translation>
  </message>
  <message>
   <source>limits</source>
   <translation>Grenzwerte</translation>
  </message>
  <message>
   <source>limits of a sheet</source>
   <translation>Grenzwerte eines Blattes</translation>
  </message>
  <message>
   <source>line </source>
   <translation>Zeile </translation>
  </message>
  <message>
   <source>line %1%2</source>
   <translation>Zeile %1%2</translation>
  </message>
  <message>
   <source>line {}: text after the last row of numbers was left out</source>
   <translation>Zeile {}: Text nach der letzten Zahlenzeile wurde weggelassen</translation>
  </message>
  <message>
   <source>line {}: {}</source>
   <translation>Zeile {}: {}</translation>
  </message>
  <message>
   <source>lines such as (1436509052.249713) can0 1F0#01F401F4</source>
   <translation>Zeilen wie (1436509052.249713) can0 1F0#01F401F4</translation>
  </message>
  <message>
   <source>list at least one, with a name</source>
   <translation>mindestens einen angeben, mit Namen</translation>
  </message>
  <message>
   <source>list the limits</source>
   <translation>die Grenzwerte angeben</translation>
  </message>
  <message>
   <source>list the ranges lowest first</source>
   <translation>die Bereiche vom kleinsten an angeben</translation>
  </message>
  <message>
   <source>list the readings</source>
   <translation>Messwerte auflisten</translation>
  </message>
  <message>
   <source>lit</source>
   <translation>hell</translation>
  </message>
  <message>
   <source>lit, dim or dark</source>
   <translation>lit, dim oder dark</translation>
  </message>
  <message>
   <source>live speed</source>
   <translation>Geschwindigkeit</translation>
  </message>
  <message>
   <source>live speed by circuit, as {"LF": 5.0}</source>
   <translation>Geschwindigkeit je Kreis, als {"LF": 5.0}</translation>
  </message>
  <message>
   <source>loaded tests</source>
   <translation>Prüfungen unter Last</translation>
  </message>
  <message>
   <source>look at </source>
   <translation>ansehen: </translation>
  </message>
  <message>
   <source>look at the list of what is there</source>
   <translation>in der Liste nachsehen, was da ist</translation>
  </message>
  <message>
   <source>look for it by a word of it</source>
   <translation>nach einem Wort daraus suchen</translation>
  </message>
  <message>
   <source>look whether the disk is full</source>
   <translation>nachsehen, ob die Platte voll ist</translation>
  </message>
  <message>
   <source>look whether the file is there and the disk has room</source>
   <translation>prüfen, ob die Datei da ist und der Datenträger Platz hat</translation>
  </message>
  <message>
   <source>look whether the folder can be written</source>
   <translation>prüfen, ob der Ordner beschreibbar ist</translation>
  </message>
  <message>
   <source>look whether the folder can be written and the disk has room</source>
   <translation>nachsehen, ob der Ordner beschreibbar ist und die Platte Platz hat</translation>
  </message>
  <message>
   <source>looks {}, nearly sure</source>
   <translation>sieht {} aus, fast sicher</translation>
  </message>
  <message>
   <source>looks {}, {} in 10</source>
   <translation>sieht {} aus, {} von 10</translation>
  </message>
  <message>
   <source>loop</source>
   <translation>Schleife</translation>
  </message>
  <message>
   <source>loose</source>
   <translation>lose</translation>
  </message>
  <message>
   <source>low amplitude</source>
   <translation>kleiner Pegel</translation>
  </message>
  <message>
   <source>mA</source>
   <translation>mA</translation>
  </message>
  <message>
   <source>made beside it</source>
   <translation>daneben entstanden</translation>
  </message>
  <message>
   <source>maps no signal</source>
   <translation>nennt kein Signal</translation>
  </message>
  <message>
   <source>mean points</source>
   <translation>Punkte im Mittel</translation>
  </message>
  <message>
   <source>means</source>
   <translation>heißt</translation>
  </message>
  <message>
   <source>measured on a good part</source>
   <translation>an gutem Teil gemessen</translation>
  </message>
  <message>
   <source>median</source>
   <translation>Median</translation>
  </message>
  <message>
   <source>mend or clean %1</source>
   <translation>instand gesetzt oder gereinigt: %1</translation>
  </message>
  <message>
   <source>metal dust or dirt on the wheel sensor's tip</source>
   <translation>Metallstaub oder Schmutz an der Spitze des Radsensors</translation>
  </message>
  <message>
   <source>metal or dirt on the tip</source>
   <translation>Metall oder Schmutz an der Spitze</translation>
  </message>
  <message>
   <source>meter</source>
   <translation>Messgerät</translation>
  </message>
  <message>
   <source>min</source>
   <translation>min</translation>
  </message>
  <message>
   <source>minutes</source>
   <translation>Minuten</translation>
  </message>
  <message>
   <source>minutes to isolate</source>
   <translation>Minuten bis zum Befund</translation>
  </message>
  <message>
   <source>missing tooth</source>
   <translation>Zahn fehlt</translation>
  </message>
  <message>
   <source>mm² or AWG</source>
   <translation>mm² oder AWG</translation>
  </message>
  <message>
   <source>module</source>
   <translation>Steuergerät</translation>
  </message>
  <message>
   <source>module first, sensor and ring last</source>
   <translation>Steuergerät zuerst, Sensor und Ring zuletzt</translation>
  </message>
  <message>
   <source>module ground</source>
   <translation>Masse Steuergerät</translation>
  </message>
  <message>
   <source>module pins</source>
   <translation>Steuergerätepins</translation>
  </message>
  <message>
   <source>module plug</source>
   <translation>Steuergerätestecker</translation>
  </message>
  <message>
   <source>module power</source>
   <translation>Plus Steuergerät</translation>
  </message>
  <message>
   <source>module's own power or ground</source>
   <translation>eigene Versorgung oder Masse des Steuergeräts</translation>
  </message>
  <message>
   <source>move a part</source>
   <translation>Teil verschieben</translation>
  </message>
  <message>
   <source>move along the record</source>
   <translation>durch die Aufzeichnung</translation>
  </message>
  <message>
   <source>mph and °C</source>
   <translation>mph und °C</translation>
  </message>
  <message>
   <source>mph and °F</source>
   <translation>mph und °F</translation>
  </message>
  <message>
   <source>multimeter</source>
   <translation>Multimeter</translation>
  </message>
  <message>
   <source>name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>name a part</source>
   <translation>Teil benennen</translation>
  </message>
  <message>
   <source>name an element of its path, or leave it out for the whole circuit</source>
   <translation>ein Teil seines Wegs nennen, oder für den ganzen Kreis weglassen</translation>
  </message>
  <message>
   <source>name each circuit once</source>
   <translation>jeden Kreis einmal nennen</translation>
  </message>
  <message>
   <source>name it in the case's "suspect"</source>
   <translation>ihn in "suspect" des Auftrags nennen</translation>
  </message>
  <message>
   <source>name its connectors, or module for its plug</source>
   <translation>seine Stecker nennen, oder module für dessen Stecker</translation>
  </message>
  <message>
   <source>name one of its circuits</source>
   <translation>einen seiner Kreise nennen</translation>
  </message>
  <message>
   <source>name one of them</source>
   <translation>einen davon nennen</translation>
  </message>
  <message>
   <source>names no circuit for </source>
   <translation>nennt keinen Kreis für </translation>
  </message>
  <message>
   <source>names no two circuits</source>
   <translation>nennt keine zwei Kreise</translation>
  </message>
  <message>
   <source>narrower</source>
   <translation>enger</translation>
  </message>
  <message>
   <source>near nothing</source>
   <translation>fast nichts</translation>
  </message>
  <message>
   <source>new coil, Ω</source>
   <translation>neue Spule, Ω</translation>
  </message>
  <message>
   <source>new part, each side</source>
   <translation>neues Teil, je Seite</translation>
  </message>
  <message>
   <source>new, open, save</source>
   <translation>neu, öffnen, speichern</translation>
  </message>
  <message>
   <source>night</source>
   <translation>Nacht</translation>
  </message>
  <message>
   <source>no circuit is chosen</source>
   <translation>kein Kreis ist gewählt</translation>
  </message>
  <message>
   <source>no circuit is described</source>
   <translation>kein Kreis ist beschrieben</translation>
  </message>
  <message>
   <source>no code returned</source>
   <translation>kein Code kam wieder</translation>
  </message>
  <message>
   <source>no code returns</source>
   <translation>kein Code kommt wieder</translation>
  </message>
  <message>
   <source>no codes were stored</source>
   <translation>keine Codes gespeichert</translation>
  </message>
  <message>
   <source>no limit</source>
   <translation>kein Grenzwert</translation>
  </message>
  <message>
   <source>no mark</source>
   <translation>kein Zeichen</translation>
  </message>
  <message>
   <source>no sample</source>
   <translation>kein Wert</translation>
  </message>
  <message>
   <source>no signal</source>
   <translation>kein Signal</translation>
  </message>
  <message>
   <source>no supply</source>
   <translation>keine Versorgung</translation>
  </message>
  <message>
   <source>no supply from the module</source>
   <translation>keine Versorgung vom Steuergerät</translation>
  </message>
  <message>
   <source>no supply, a short to ground, or a wheel that stands</source>
   <translation>keine Versorgung, Kurzschluss nach Masse, oder ein stehendes Rad</translation>
  </message>
  <message>
   <source>no test would show more</source>
   <translation>keine Prüfung würde mehr zeigen</translation>
  </message>
  <message>
   <source>no test; {"test": {...}}</source>
   <translation>keine Prüfung; {"test": {...}}</translation>
  </message>
  <message>
   <source>no trace yet</source>
   <translation>noch keine Aufzeichnung</translation>
  </message>
  <message>
   <source>no value yet</source>
   <translation>noch kein Wert</translation>
  </message>
  <message>
   <source>no whole turn: say how many teeth the ring has (Intake), or record a longer spin</source>
   <translation>keine ganze Umdrehung: Zähne des Rings angeben (Annahme) oder länger drehen</translation>
  </message>
  <message>
   <source>noise</source>
   <translation>Rauschen</translation>
  </message>
  <message>
   <source>none</source>
   <translation>keiner</translation>
  </message>
  <message>
   <source>none in %1</source>
   <translation>keine in %1</translation>
  </message>
  <message>
   <source>none were stored</source>
   <translation>es waren keine gespeichert</translation>
  </message>
  <message>
   <source>none yet</source>
   <translation>noch keine</translation>
  </message>
  <message>
   <source>none: even steps</source>
   <translation>keine: gleiche Schritte</translation>
  </message>
  <message>
   <source>not connected</source>
   <translation>nicht verbunden</translation>
  </message>
  <message>
   <source>not judged</source>
   <translation>nicht beurteilt</translation>
  </message>
  <message>
   <source>not known</source>
   <translation>unbekannt</translation>
  </message>
  <message>
   <source>not named in this job's intake yet</source>
   <translation>in der Annahme dieses Auftrags noch nicht genannt</translation>
  </message>
  <message>
   <source>not noted</source>
   <translation>nicht notiert</translation>
  </message>
  <message>
   <source>not saved as a file yet</source>
   <translation>noch nicht als Datei gespeichert</translation>
  </message>
  <message>
   <source>not seated</source>
   <translation>sitzt nicht</translation>
  </message>
  <message>
   <source>note</source>
   <translation>Hinweis</translation>
  </message>
  <message>
   <source>note of the repair</source>
   <translation>Notiz zur Reparatur</translation>
  </message>
  <message>
   <source>nothing is wrong</source>
   <translation>nichts ist falsch</translation>
  </message>
  <message>
   <source>nothing more</source>
   <translation>nichts weiter</translation>
  </message>
  <message>
   <source>nothing stands between sensor and ring</source>
   <translation>zwischen Sensor und Ring steht nichts</translation>
  </message>
  <message>
   <source>nothing that is wrong now</source>
   <translation>nichts, was jetzt falsch wäre</translation>
  </message>
  <message>
   <source>nothing wrong</source>
   <translation>nichts falsch</translation>
  </message>
  <message>
   <source>nothing wrong now</source>
   <translation>jetzt nichts falsch</translation>
  </message>
  <message>
   <source>nothing yet</source>
   <translation>noch nichts</translation>
  </message>
  <message>
   <source>now</source>
   <translation>jetzt</translation>
  </message>
  <message>
   <source>number on its label</source>
   <translation>Nummer auf dem Schild</translation>
  </message>
  <message>
   <source>number on the sensor</source>
   <translation>Nummer auf dem Sensor</translation>
  </message>
  <message>
   <source>odds</source>
   <translation>Quote</translation>
  </message>
  <message>
   <source>of "</source>
   <translation>von "</translation>
  </message>
  <message>
   <source>ohms</source>
   <translation>Ohm</translation>
  </message>
  <message>
   <source>ohms of the pair, module plug off</source>
   <translation>Ohm am Paar, Steuergerätestecker ab</translation>
  </message>
  <message>
   <source>ok</source>
   <translation>in Ordnung</translation>
  </message>
  <message>
   <source>old joint</source>
   <translation>alte Verbindung</translation>
  </message>
  <message>
   <source>on</source>
   <translation>an</translation>
  </message>
  <message>
   <source>on the lift</source>
   <translation>auf der Bühne</translation>
  </message>
  <message>
   <source>once</source>
   <translation>einmal</translation>
  </message>
  <message>
   <source>one gap is wider</source>
   <translation>eine Lücke ist weiter</translation>
  </message>
  <message>
   <source>one job a line, as the program saves a logbook</source>
   <translation>ein Auftrag je Zeile, wie das Programm ein Auftragsbuch speichert</translation>
  </message>
  <message>
   <source>one of</source>
   <translation>eines von</translation>
  </message>
  <message>
   <source>one of dark dim lit</source>
   <translation>eines von dark dim lit</translation>
  </message>
  <message>
   <source>one of open short-ground short-supply open-or-short ...</source>
   <translation>eines von open short-ground short-supply open-or-short ...</translation>
  </message>
  <message>
   <source>one of {}</source>
   <translation>eines von {}</translation>
  </message>
  <message>
   <source>one of {}ground battery, or a leg with a fraction as L2@0.5</source>
   <translation>eines von {}ground battery, oder ein Leitungsstück mit Anteil als L2@0.5</translation>
  </message>
  <message>
   <source>one page for the owner, all for the file</source>
   <translation>eine Seite für den Halter, alles für die Akte</translation>
  </message>
  <message>
   <source>one reading</source>
   <translation>eine Messung</translation>
  </message>
  <message>
   <source>one turn of {} teeth, 0° is the first pulse</source>
   <translation>eine Umdrehung von {} Zähnen, 0° ist der erste Impuls</translation>
  </message>
  <message>
   <source>only a number that a limit can be about is kept as good</source>
   <translation>nur eine Zahl, für die es einen Grenzwert geben kann, wird als gut aufbewahrt</translation>
  </message>
  <message>
   <source>only connectors and splices are put in</source>
   <translation>nur Stecker und Spleiße werden eingesetzt</translation>
  </message>
  <message>
   <source>only seen on the lift or on stands</source>
   <translation>nur auf der Bühne oder auf Böcken</translation>
  </message>
  <message>
   <source>only without a time</source>
   <translation>nur ohne Zeit</translation>
  </message>
  <message>
   <source>open</source>
   <translation>offen</translation>
  </message>
  <message>
   <source>open a capture</source>
   <translation>Aufzeichnung öffnen</translation>
  </message>
  <message>
   <source>open it with that version; nothing was changed</source>
   <translation>mit jener Version öffnen; nichts wurde geändert</translation>
  </message>
  <message>
   <source>open or short</source>
   <translation>Unterbr. oder Kurzschluss</translation>
  </message>
  <message>
   <source>open the job again</source>
   <translation>Auftrag wieder öffnen</translation>
  </message>
  <message>
   <source>other</source>
   <translation>anderes</translation>
  </message>
  <message>
   <source>output per hertz</source>
   <translation>Ausgang je Hertz</translation>
  </message>
  <message>
   <source>owner</source>
   <translation>Halter</translation>
  </message>
  <message>
   <source>owner, if need be</source>
   <translation>Halter, falls nötig</translation>
  </message>
  <message>
   <source>page %1 of %2</source>
   <translation>Seite %1 von %2</translation>
  </message>
  <message>
   <source>part and zone</source>
   <translation>Teil und Bereich</translation>
  </message>
  <message>
   <source>part fitted</source>
   <translation>verbautes Teil</translation>
  </message>
  <message>
   <source>part: hub, bearing...</source>
   <translation>Teil: Nabe, Lager...</translation>
  </message>
  <message>
   <source>pass</source>
   <translation>gut</translation>
  </message>
  <message>
   <source>pass, but proves little</source>
   <translation>gut, beweist wenig</translation>
  </message>
  <message>
   <source>passive</source>
   <translation>passiv</translation>
  </message>
  <message>
   <source>percent and counts, as 0.5 + 2</source>
   <translation>Prozent und Digits, etwa 0,5 + 2</translation>
  </message>
  <message>
   <source>pierce</source>
   <translation>anstechen</translation>
  </message>
  <message>
   <source>plate</source>
   <translation>Kennzeichen</translation>
  </message>
  <message>
   <source>played</source>
   <translation>gespielt</translation>
  </message>
  <message>
   <source>plug </source>
   <translation>Stecker </translation>
  </message>
  <message>
   <source>plugged in</source>
   <translation>gesteckt</translation>
  </message>
  <message>
   <source>point</source>
   <translation>punkt</translation>
  </message>
  <message>
   <source>point .</source>
   <translation>Punkt .</translation>
  </message>
  <message>
   <source>price</source>
   <translation>Preis</translation>
  </message>
  <message>
   <source>print the report</source>
   <translation>Bericht drucken</translation>
  </message>
  <message>
   <source>proof of the repair</source>
   <translation>Nachweis der Reparatur</translation>
  </message>
  <message>
   <source>pull on </source>
   <translation>ziehen an </translation>
  </message>
  <message>
   <source>pulled</source>
   <translation>gezogen</translation>
  </message>
  <message>
   <source>put in a connector</source>
   <translation>Stecker einsetzen</translation>
  </message>
  <message>
   <source>put in a splice</source>
   <translation>Verbindung einsetzen</translation>
  </message>
  <message>
   <source>put it back, or take that reading out of the job</source>
   <translation>zurücklegen, oder die Messung aus dem Auftrag nehmen</translation>
  </message>
  <message>
   <source>put it beside, as </source>
   <translation>daneben legen, als </translation>
  </message>
  <message>
   <source>put it last</source>
   <translation>ans Ende stellen</translation>
  </message>
  <message>
   <source>put there</source>
   <translation>dort seit</translation>
  </message>
  <message>
   <source>read only: open elsewhere</source>
   <translation>nur lesbar: anderswo offen</translation>
  </message>
  <message>
   <source>read the connected meter</source>
   <translation>verbundenes Messgerät ablesen</translation>
  </message>
  <message>
   <source>read without its side file: </source>
   <translation>ohne Beidatei gelesen: </translation>
  </message>
  <message>
   <source>reading</source>
   <translation>Messwert</translation>
  </message>
  <message>
   <source>reading %1</source>
   <translation>Messwert %1</translation>
  </message>
  <message>
   <source>readings of this kind will stand here as dots</source>
   <translation>Messwerte dieser Art stehen hier als Punkte</translation>
  </message>
  <message>
   <source>readings that are taken wrong</source>
   <translation>falsch abgenommene Messwerte</translation>
  </message>
  <message>
   <source>reads as: %1</source>
   <translation>gelesen als: %1</translation>
  </message>
  <message>
   <source>rear left</source>
   <translation>hinten links</translation>
  </message>
  <message>
   <source>rear right</source>
   <translation>hinten rechts</translation>
  </message>
  <message>
   <source>rear wheel through the cabin</source>
   <translation>Hinterrad durch den Innenraum</translation>
  </message>
  <message>
   <source>rear wheel under the floor, three connectors</source>
   <translation>Hinterrad unter dem Boden, drei Stecker</translation>
  </message>
  <message>
   <source>records no change</source>
   <translation>zeichnet keinen Wechsel auf</translation>
  </message>
  <message>
   <source>refuses "{}": {}</source>
   <translation>lehnt "{}" ab: {}</translation>
  </message>
  <message>
   <source>refuses our frame: code 0x{:02X}</source>
   <translation>lehnt unseren Rahmen ab: Code 0x{:02X}</translation>
  </message>
  <message>
   <source>remove a reading</source>
   <translation>Messwert entfernen</translation>
  </message>
  <message>
   <source>remove a work done</source>
   <translation>getane Arbeit entfernen</translation>
  </message>
  <message>
   <source>remove those first, they would have no place</source>
   <translation>diese zuerst entfernen, sie hätten keinen Ort</translation>
  </message>
  <message>
   <source>repaired</source>
   <translation>repariert</translation>
  </message>
  <message>
   <source>replaced</source>
   <translation>ersetzt</translation>
  </message>
  <message>
   <source>resistance</source>
   <translation>Widerstand</translation>
  </message>
  <message>
   <source>resistive</source>
   <translation>Übergangswiderstand</translation>
  </message>
  <message>
   <source>rests at {}</source>
   <translation>ruht auf {}</translation>
  </message>
  <message>
   <source>result not known</source>
   <translation>Ergebnis unbekannt</translation>
  </message>
  <message>
   <source>return</source>
   <translation>Rückleitung</translation>
  </message>
  <message>
   <source>reversed</source>
   <translation>vertauscht</translation>
  </message>
  <message>
   <source>right</source>
   <translation>richtig</translation>
  </message>
  <message>
   <source>ring</source>
   <translation>Ring</translation>
  </message>
  <message>
   <source>ring cracked</source>
   <translation>Ring gerissen</translation>
  </message>
  <message>
   <source>ring out of round</source>
   <translation>Ring unrund</translation>
  </message>
  <message>
   <source>ring runout</source>
   <translation>Ring unrund</translation>
  </message>
  <message>
   <source>ring tooth</source>
   <translation>Zahn am Ring</translation>
  </message>
  <message>
   <source>ring with another count</source>
   <translation>Ring mit anderer Zähnezahl</translation>
  </message>
  <message>
   <source>ring wrong count</source>
   <translation>Zähnezahl</translation>
  </message>
  <message>
   <source>rolls {:.3f} m a turn (3.05 x diameter)</source>
   <translation>rollt {:.3f} m je Umdrehung (3,05 x Durchmesser)</translation>
  </message>
  <message>
   <source>rows of numbers with a time column, separated by comma, semicolon or tab</source>
   <translation>Zeilen mit Zahlen und einer Zeitspalte, getrennt durch Komma, Semikolon oder Tabulator</translation>
  </message>
  <message>
   <source>run check</source>
   <translation>check ausführen</translation>
  </message>
  <message>
   <source>runs backwards</source>
   <translation>läuft rückwärts</translation>
  </message>
  <message>
   <source>s, ms, us or ns</source>
   <translation>s, ms, us oder ns</translation>
  </message>
  <message>
   <source>save the file as JSON in UTF-8</source>
   <translation>die Datei als JSON in UTF-8 speichern</translation>
  </message>
  <message>
   <source>save the sheet as UTF-8</source>
   <translation>das Blatt als UTF-8 speichern</translation>
  </message>
  <message>
   <source>save under another name</source>
   <translation>unter anderem Namen speichern</translation>
  </message>
  <message>
   <source>saved in %1</source>
   <translation>gespeichert in %1</translation>
  </message>
  <message>
   <source>say module, leg, connector, splice, sensor or ring</source>
   <translation>module, leg, connector, splice, sensor oder ring sagen</translation>
  </message>
  <message>
   <source>say what the limit is about, as coil-resistance</source>
   <translation>sagen, wofür der Grenzwert gilt, etwa coil-resistance</translation>
  </message>
  <message>
   <source>say what was measured, as resistance</source>
   <translation>sagen, was gemessen wurde, etwa resistance</translation>
  </message>
  <message>
   <source>says nothing</source>
   <translation>sagt nichts</translation>
  </message>
  <message>
   <source>scan map</source>
   <translation>Karte</translation>
  </message>
  <message>
   <source>scan tool</source>
   <translation>Diagnosegerät</translation>
  </message>
  <message>
   <source>scope</source>
   <translation>Oszilloskop</translation>
  </message>
  <message>
   <source>scope trace</source>
   <translation>Aufzeichnung</translation>
  </message>
  <message>
   <source>sealed crimp</source>
   <translation>dichte Quetschverbindung</translation>
  </message>
  <message>
   <source>search the help</source>
   <translation>in der Hilfe suchen</translation>
  </message>
  <message>
   <source>seconds and km/h, as 1.5,20</source>
   <translation>Sekunden und km/h, etwa 1.5,20</translation>
  </message>
  <message>
   <source>seconds that rise, and 0 to 500 km/h</source>
   <translation>steigende Sekunden, und 0 bis 500 km/h</translation>
  </message>
  <message>
   <source>see the message at the start</source>
   <translation>siehe die Meldung beim Start</translation>
  </message>
  <message>
   <source>semicolon ;</source>
   <translation>Semikolon ;</translation>
  </message>
  <message>
   <source>semicolons</source>
   <translation>Semikolons</translation>
  </message>
  <message>
   <source>sense resistor in the feed</source>
   <translation>Messwiderstand in der Zuleitung</translation>
  </message>
  <message>
   <source>sense resistor in the return</source>
   <translation>Messwiderstand in der Rückleitung</translation>
  </message>
  <message>
   <source>sensor</source>
   <translation>Sensor</translation>
  </message>
  <message>
   <source>sensor dead</source>
   <translation>Sensor tot</translation>
  </message>
  <message>
   <source>sensor kind</source>
   <translation>Sensorart</translation>
  </message>
  <message>
   <source>sensor open</source>
   <translation>Sensor unterbrochen</translation>
  </message>
  <message>
   <source>sensor part</source>
   <translation>Sensorteil</translation>
  </message>
  <message>
   <source>sensor shorted</source>
   <translation>Sensor kurzgeschlossen</translation>
  </message>
  <message>
   <source>sensor weak</source>
   <translation>Sensor schwach</translation>
  </message>
  <message>
   <source>sensor_of and into, two different circuits</source>
   <translation>sensor_of und into, zwei verschiedene Kreise</translation>
  </message>
  <message>
   <source>sensors</source>
   <translation>Sensoren</translation>
  </message>
  <message>
   <source>sent a block that is not made of 4-byte samples</source>
   <translation>schickte einen Block, der nicht aus 4-Byte-Werten besteht</translation>
  </message>
  <message>
   <source>sent no samples</source>
   <translation>schickte keine Abtastwerte</translation>
  </message>
  <message>
   <source>service 0x{:02X}</source>
   <translation>Dienst 0x{:02X}</translation>
  </message>
  <message>
   <source>service information</source>
   <translation>Herstellerangabe</translation>
  </message>
  <message>
   <source>set a cursor where the pointer is; Esc takes them off</source>
   <translation>Marke an den Zeiger setzen; Esc nimmt sie weg</translation>
  </message>
  <message>
   <source>settles {:.1f} bit of what is still open</source>
   <translation>klärt {:.1f} bit von dem, was offen ist</translation>
  </message>
  <message>
   <source>share</source>
   <translation>Anteil</translation>
  </message>
  <message>
   <source>short ground</source>
   <translation>Kurzschluss Masse</translation>
  </message>
  <message>
   <source>short supply</source>
   <translation>Kurzschluss Plus</translation>
  </message>
  <message>
   <source>short to ground</source>
   <translation>Kurzschluss nach Masse</translation>
  </message>
  <message>
   <source>short to supply</source>
   <translation>Kurzschluss nach Plus</translation>
  </message>
  <message>
   <source>show</source>
   <translation>zeigen</translation>
  </message>
  <message>
   <source>shown</source>
   <translation>gezeigt</translation>
  </message>
  <message>
   <source>shows</source>
   <translation>zeigt</translation>
  </message>
  <message>
   <source>shows {:.0f} of 100 faults that the steps before it miss</source>
   <translation>sie zeigt {:.0f} von 100 Fehlern, die die Schritte davor übersehen</translation>
  </message>
  <message>
   <source>signal</source>
   <translation>Signal</translation>
  </message>
  <message>
   <source>signal source</source>
   <translation>Signalquelle</translation>
  </message>
  <message>
   <source>sine</source>
   <translation>Sinus</translation>
  </message>
  <message>
   <source>sine, {:.1f} Hz, {:.2f} V p-p, isolated, through about 1 kΩ</source>
   <translation>Sinus, {:.1f} Hz, {:.2f} V s-s, getrennt, über etwa 1 kΩ</translation>
  </message>
  <message>
   <source>skill</source>
   <translation>Fertigkeit</translation>
  </message>
  <message>
   <source>so it is not, or may be</source>
   <translation>also ist es nicht, oder kann sein</translation>
  </message>
  <message>
   <source>solder</source>
   <translation>löten</translation>
  </message>
  <message>
   <source>solder and shrink</source>
   <translation>Löten und Schrumpfen</translation>
  </message>
  <message>
   <source>something else</source>
   <translation>etwas anderes</translation>
  </message>
  <message>
   <source>something is still wrong: back to the line</source>
   <translation>etwas ist noch falsch: zurück zur Leitung</translation>
  </message>
  <message>
   <source>something that is not on this list</source>
   <translation>etwas, das nicht auf dieser Liste steht</translation>
  </message>
  <message>
   <source>sometimes</source>
   <translation>manchmal</translation>
  </message>
  <message>
   <source>sound</source>
   <translation>gesund</translation>
  </message>
  <message>
   <source>source and date: a page, a part measured</source>
   <translation>Quelle und Datum: eine Seite, ein gemessenes Teil</translation>
  </message>
  <message>
   <source>space on the disk</source>
   <translation>Platz auf dem Datenträger</translation>
  </message>
  <message>
   <source>splice</source>
   <translation>Verbindung</translation>
  </message>
  <message>
   <source>spread</source>
   <translation>Streuung</translation>
  </message>
  <message>
   <source>spun</source>
   <translation>gedreht</translation>
  </message>
  <message>
   <source>square</source>
   <translation>Rechteck</translation>
  </message>
  <message>
   <source>square millimetres as 0.5, or a gauge as AWG 20</source>
   <translation>Quadratmillimeter als 0,5, oder ein Maß als AWG 20</translation>
  </message>
  <message>
   <source>stability</source>
   <translation>Stabilität</translation>
  </message>
  <message>
   <source>stands still</source>
   <translation>steht still</translation>
  </message>
  <message>
   <source>start from a usual line</source>
   <translation>mit einer üblichen Leitung beginnen</translation>
  </message>
  <message>
   <source>status</source>
   <translation>Status</translation>
  </message>
  <message>
   <source>stays at 0</source>
   <translation>bleibt 0</translation>
  </message>
  <message>
   <source>stays: every line has its module, sensor and ring</source>
   <translation>bleibt: jede Leitung hat Steuergerät, Sensor und Ring</translation>
  </message>
  <message>
   <source>steering</source>
   <translation>lenken</translation>
  </message>
  <message>
   <source>step</source>
   <translation>Schritt</translation>
  </message>
  <message>
   <source>step of the repair</source>
   <translation>Reparaturschritt</translation>
  </message>
  <message>
   <source>steps between 1 fs and some years; look at the unit of the time</source>
   <translation>Schritte zwischen 1 fs und einigen Jahren; die Einheit der Zeit prüfen</translation>
  </message>
  <message>
   <source>still</source>
   <translation>steht</translation>
  </message>
  <message>
   <source>stored code</source>
   <translation>gespeicherter Code</translation>
  </message>
  <message>
   <source>substitution</source>
   <translation>Ersatzsignal</translation>
  </message>
  <message>
   <source>such as 7 and 14 mA</source>
   <translation>etwa 7 und 14 mA</translation>
  </message>
  <message>
   <source>supply</source>
   <translation>Versorgung</translation>
  </message>
  <message>
   <source>suspect</source>
   <translation>Verdacht</translation>
  </message>
  <message>
   <source>suspicion of </source>
   <translation>Verdacht auf </translation>
  </message>
  <message>
   <source>suspicion then</source>
   <translation>Verdacht danach</translation>
  </message>
  <message>
   <source>swap the two</source>
   <translation>die beiden tauschen</translation>
  </message>
  <message>
   <source>swings wide</source>
   <translation>schwingt weit</translation>
  </message>
  <message>
   <source>tab</source>
   <translation>Tabulator</translation>
  </message>
  <message>
   <source>tabs</source>
   <translation>Tabulatoren</translation>
  </message>
  <message>
   <source>take a part out</source>
   <translation>Teil herausnehmen</translation>
  </message>
  <message>
   <source>take a proof back</source>
   <translation>einen Nachweis zurücknehmen</translation>
  </message>
  <message>
   <source>take out a connector, a splice or a leg</source>
   <translation>einen Stecker, einen Spleiß oder ein Leitungsstück herausnehmen</translation>
  </message>
  <message>
   <source>take out a stored code</source>
   <translation>gespeicherten Code herausnehmen</translation>
  </message>
  <message>
   <source>take the job over, or save under another name</source>
   <translation>den Auftrag übernehmen, oder unter anderem Namen speichern</translation>
  </message>
  <message>
   <source>taken</source>
   <translation>genommen</translation>
  </message>
  <message>
   <source>taken from</source>
   <translation>genommen von</translation>
  </message>
  <message>
   <source>takes</source>
   <translation>dauert</translation>
  </message>
  <message>
   <source>takes no more bytes</source>
   <translation>nimmt keine Bytes mehr an</translation>
  </message>
  <message>
   <source>tcp:HOST:PORT, serial:/dev/ttyUSB0:9600 or usbtmc:/dev/usbtmc0</source>
   <translation>tcp:HOST:PORT, serial:/dev/ttyUSB0:9600 oder usbtmc:/dev/usbtmc0</translation>
  </message>
  <message>
   <source>teeth</source>
   <translation>Zähne</translation>
  </message>
  <message>
   <source>teeth, all even</source>
   <translation>Zähne, alle gleich</translation>
  </message>
  <message>
   <source>teeth, estimated</source>
   <translation>Zähne, geschätzt</translation>
  </message>
  <message>
   <source>teeth, new ring</source>
   <translation>Zähne, neuer Ring</translation>
  </message>
  <message>
   <source>teeth, passed once</source>
   <translation>Zähne, einmal vorbei</translation>
  </message>
  <message>
   <source>tells which wire, or how it failed</source>
   <translation>sagt, welche Ader oder wie</translation>
  </message>
  <message>
   <source>test after the repair</source>
   <translation>Prüfung nach der Reparatur</translation>
  </message>
  <message>
   <source>test lamp</source>
   <translation>Prüflampe</translation>
  </message>
  <message>
   <source>test, place, state</source>
   <translation>Prüfung, Stelle, Zustand</translation>
  </message>
  <message>
   <source>text after the last row of numbers was left out</source>
   <translation>Text nach der letzten Zahlenzeile wurde weggelassen</translation>
  </message>
  <message>
   <source>the "ecu" address of the map as this vehicle knows it</source>
   <translation>die "ecu"-Adresse der Karte, wie dieses Fahrzeug sie kennt</translation>
  </message>
  <message>
   <source>the "tester" address of the map as this vehicle knows it</source>
   <translation>die "tester"-Adresse der Karte, wie dieses Fahrzeug sie kennt</translation>
  </message>
  <message>
   <source>the PDF could not be begun</source>
   <translation>das PDF konnte nicht begonnen werden</translation>
  </message>
  <message>
   <source>the address of a vehicle's diagnostic gateway, with the key on</source>
   <translation>die Adresse des Diagnose-Gateways eines Fahrzeugs, bei Zündung ein</translation>
  </message>
  <message>
   <source>the case is over</source>
   <translation>der Fall ist vorbei</translation>
  </message>
  <message>
   <source>the circuit in question</source>
   <translation>der fragliche Kreis</translation>
  </message>
  <message>
   <source>the cliff: between {} and {}{}</source>
   <translation>die Klippe: zwischen {} und {}{}</translation>
  </message>
  <message>
   <source>the complaint and its history</source>
   <translation>die Beanstandung und ihre Vorgeschichte</translation>
  </message>
  <message>
   <source>the control unit's plug</source>
   <translation>Stecker des Steuergeräts</translation>
  </message>
  <message>
   <source>the data identifier, as "0x4A01"</source>
   <translation>die Datenkennung, etwa "0x4A01"</translation>
  </message>
  <message>
   <source>the desktop's keyring</source>
   <translation>der Schlüsselbund</translation>
  </message>
  <message>
   <source>the driver says</source>
   <translation>der Fahrer sagt</translation>
  </message>
  <message>
   <source>the high current is not above the low one</source>
   <translation>der hohe Strom liegt nicht über dem niedrigen</translation>
  </message>
  <message>
   <source>the highest resistance of the range</source>
   <translation>der höchste Widerstand des Bereichs</translation>
  </message>
  <message>
   <source>the intake</source>
   <translation>die Annahme</translation>
  </message>
  <message>
   <source>the job has no circuit in question</source>
   <translation>der Auftrag hat keinen fraglichen Kreis</translation>
  </message>
  <message>
   <source>the job that is open</source>
   <translation>der offene Auftrag</translation>
  </message>
  <message>
   <source>the joint</source>
   <translation>Verbindung</translation>
  </message>
  <message>
   <source>the key on, and the addresses of this control unit in the map</source>
   <translation>Zündung ein, und die Adressen dieses Steuergeräts in der Karte</translation>
  </message>
  <message>
   <source>the length of a block of data is no number</source>
   <translation>die Länge eines Datenblocks ist keine Zahl</translation>
  </message>
  <message>
   <source>the line</source>
   <translation>die Leitung</translation>
  </message>
  <message>
   <source>the line beyond </source>
   <translation>die Leitung hinter </translation>
  </message>
  <message>
   <source>the line goes to its unloaded level: a wire or contact lets go</source>
   <translation>die Leitung geht auf ihren Leerlauf: eine Ader oder ein Kontakt lässt los</translation>
  </message>
  <message>
   <source>the line is pulled to ground or supply: a chafed wire</source>
   <translation>die Leitung wird auf Masse oder Versorgung gezogen: eine gescheuerte Ader</translation>
  </message>
  <message>
   <source>the line up to </source>
   <translation>die Leitung bis </translation>
  </message>
  <message>
   <source>the lines</source>
   <translation>die Leitungen</translation>
  </message>
  <message>
   <source>the live speeds</source>
   <translation>die Geschwindigkeiten</translation>
  </message>
  <message>
   <source>the logbook is not open</source>
   <translation>das Werkstattbuch ist nicht offen</translation>
  </message>
  <message>
   <source>the maker's limits</source>
   <translation>Herstellergrenzen</translation>
  </message>
  <message>
   <source>the menu</source>
   <translation>das Menü</translation>
  </message>
  <message>
   <source>the module</source>
   <translation>Steuergerät</translation>
  </message>
  <message>
   <source>the module end of </source>
   <translation>Geräteende von </translation>
  </message>
  <message>
   <source>the module or its supply</source>
   <translation>das Steuergerät oder seine Versorgung</translation>
  </message>
  <message>
   <source>the module plug</source>
   <translation>der Steuergerätestecker</translation>
  </message>
  <message>
   <source>the module's own pins</source>
   <translation>die eigenen Pins des Steuergeräts</translation>
  </message>
  <message>
   <source>the module's plug</source>
   <translation>Steuergerätestecker</translation>
  </message>
  <message>
   <source>the name of a circuit</source>
   <translation>der Name eines Kreises</translation>
  </message>
  <message>
   <source>the ohms of {}</source>
   <translation>die Ohm: {}</translation>
  </message>
  <message>
   <source>the ohms of {} at {}</source>
   <translation>die Ohm: {} an {}</translation>
  </message>
  <message>
   <source>the other</source>
   <translation>der andere</translation>
  </message>
  <message>
   <source>the page to be read from afar (F11) speaks</source>
   <translation>die Seite zum Lesen aus der Ferne (F11) spricht</translation>
  </message>
  <message>
   <source>the pair</source>
   <translation>das Paar</translation>
  </message>
  <message>
   <source>the path of </source>
   <translation>der Weg von </translation>
  </message>
  <message>
   <source>the path of a capture</source>
   <translation>der Pfad einer Aufzeichnung</translation>
  </message>
  <message>
   <source>the path of a file that exists</source>
   <translation>der Pfad einer vorhandenen Datei</translation>
  </message>
  <message>
   <source>the path of a file that exists and may be read</source>
   <translation>der Pfad einer vorhandenen, lesbaren Datei</translation>
  </message>
  <message>
   <source>the path of the file it means</source>
   <translation>der Pfad der gemeinten Datei</translation>
  </message>
  <message>
   <source>the plan is being worked out</source>
   <translation>der Plan wird ausgearbeitet</translation>
  </message>
  <message>
   <source>the plug</source>
   <translation>Stecker</translation>
  </message>
  <message>
   <source>the printer could not be begun</source>
   <translation>der Drucker konnte nicht begonnen werden</translation>
  </message>
  <message>
   <source>the reading jumps</source>
   <translation>der Wert springt</translation>
  </message>
  <message>
   <source>the reading stays</source>
   <translation>der Wert bleibt</translation>
  </message>
  <message>
   <source>the reading was stopped</source>
   <translation>das Lesen wurde angehalten</translation>
  </message>
  <message>
   <source>the repair and how it was closed</source>
   <translation>die Reparatur und ihr Abschluss</translation>
  </message>
  <message>
   <source>the ring</source>
   <translation>der Ring</translation>
  </message>
  <message>
   <source>the ring is not at the end of the path</source>
   <translation>der Ring steht nicht am Ende des Wegs</translation>
  </message>
  <message>
   <source>the rows could also be {} columns between {}, with a decimal {}</source>
   <translation>die Zeilen könnten auch {} Spalten zwischen {} sein, mit Dezimalzeichen {}</translation>
  </message>
  <message>
   <source>the same in substance</source>
   <translation>im Wesentlichen gleich</translation>
  </message>
  <message>
   <source>the sensor</source>
   <translation>Sensor</translation>
  </message>
  <message>
   <source>the sensor does not answer, or the wheel stands</source>
   <translation>der Sensor antwortet nicht, oder das Rad steht</translation>
  </message>
  <message>
   <source>the sensor or its ring</source>
   <translation>der Sensor oder sein Ring</translation>
  </message>
  <message>
   <source>the smaller of the two as min</source>
   <translation>den kleineren der beiden als min</translation>
  </message>
  <message>
   <source>the sound output gives at most {:.2f} V peak to peak</source>
   <translation>die Tonausgabe gibt höchstens {:.2f} V Spitze-Spitze</translation>
  </message>
  <message>
   <source>the time names no unit: seconds were taken</source>
   <translation>die Zeit nennt keine Einheit: Sekunden wurden angenommen</translation>
  </message>
  <message>
   <source>the tool box has no tool for it</source>
   <translation>dafür ist kein Werkzeug da</translation>
  </message>
  <message>
   <source>the value as the meter showed it</source>
   <translation>der Wert, wie das Messgerät ihn zeigte</translation>
  </message>
  <message>
   <source>the value that was read, or "OL"</source>
   <translation>der gelesene Wert, oder "OL"</translation>
  </message>
  <message>
   <source>the vehicle</source>
   <translation>das Fahrzeug</translation>
  </message>
  <message>
   <source>the vehicle's name; it must not tell the fault</source>
   <translation>der Name des Fahrzeugs; er darf den Fehler nicht verraten</translation>
  </message>
  <message>
   <source>the vehicle, as in a case file</source>
   <translation>das Fahrzeug, wie in einer Auftragsdatei</translation>
  </message>
  <message>
   <source>the views of the rail</source>
   <translation>die Ansichten der Leiste</translation>
  </message>
  <message>
   <source>the volts of {}</source>
   <translation>die Volt: {}</translation>
  </message>
  <message>
   <source>the volts of {} at {}</source>
   <translation>die Volt: {} an {}</translation>
  </message>
  <message>
   <source>the wheel end of </source>
   <translation>Radende von </translation>
  </message>
  <message>
   <source>the whole loom</source>
   <translation>der ganze Kabelbaum</translation>
  </message>
  <message>
   <source>the whole loom moved, wetted or warmed</source>
   <translation>der ganze Strang bewegt, benetzt oder erwärmt</translation>
  </message>
  <message>
   <source>the whole loom, from the module to the wheel</source>
   <translation>der ganze Kabelbaum, vom Steuergerät zum Rad</translation>
  </message>
  <message>
   <source>the whole record</source>
   <translation>die ganze Aufzeichnung</translation>
  </message>
  <message>
   <source>the wiggle watch may be heard</source>
   <translation>die Wackelwache darf gehört werden</translation>
  </message>
  <message>
   <source>the wire</source>
   <translation>der Ader</translation>
  </message>
  <message>
   <source>the wire alone</source>
   <translation>die Ader allein</translation>
  </message>
  <message>
   <source>the wires</source>
   <translation>Adern</translation>
  </message>
  <message>
   <source>the wires of two wheels exchanged</source>
   <translation>vertauschte Leitungen zweier Räder</translation>
  </message>
  <message>
   <source>the wires {} at the bend</source>
   <translation>Adern {} an der Biegung</translation>
  </message>
  <message>
   <source>the {}{}{}</source>
   <translation>{}{}{}</translation>
  </message>
  <message>
   <source>there is no new part for it; mend it</source>
   <translation>dafür gibt es kein neues Teil; instand setzen</translation>
  </message>
  <message>
   <source>there is no place "{}" on {}</source>
   <translation>es gibt keine Stelle "{}" an {}</translation>
  </message>
  <message>
   <source>there is no such circuit</source>
   <translation>einen solchen Kreis gibt es nicht</translation>
  </message>
  <message>
   <source>there is no such element on this line</source>
   <translation>ein solches Teil gibt es auf dieser Leitung nicht</translation>
  </message>
  <message>
   <source>these keys</source>
   <translation>diese Tasten</translation>
  </message>
  <message>
   <source>they do not vary: keep other parts</source>
   <translation>sie streuen nicht: andere Teile nehmen</translation>
  </message>
  <message>
   <source>this bench, before it had a name</source>
   <translation>dieser Platz, bevor er einen Namen hatte</translation>
  </message>
  <message>
   <source>tick every hole once it is sealed</source>
   <translation>jedes Loch abhaken, sobald es versiegelt ist</translation>
  </message>
  <message>
   <source>ticks what is chosen</source>
   <translation>kreuzt das Gewählte an</translation>
  </message>
  <message>
   <source>time</source>
   <translation>Zeit</translation>
  </message>
  <message>
   <source>time runs backwards</source>
   <translation>die Zeit läuft rückwärts</translation>
  </message>
  <message>
   <source>time steps are not uniform ({} to {}): samples are handled at the times recorded</source>
   <translation>die Zeitschritte sind nicht gleich ({} bis {}): Abtastwerte werden zu den aufgezeichneten Zeiten behandelt</translation>
  </message>
  <message>
   <source>time {} at {:.9g} s after {:.9g} s</source>
   <translation>die Zeit {} bei {:.9g} s nach {:.9g} s</translation>
  </message>
  <message>
   <source>times</source>
   <translation>mal</translation>
  </message>
  <message>
   <source>times that rise</source>
   <translation>steigende Zeiten</translation>
  </message>
  <message>
   <source>title</source>
   <translation>Titel</translation>
  </message>
  <message>
   <source>title, vehicle or tyre</source>
   <translation>Titel, Fahrzeug oder Reifen</translation>
  </message>
  <message>
   <source>to compare with</source>
   <translation>zum Vergleich</translation>
  </message>
  <message>
   <source>to remember</source>
   <translation>zum Merken</translation>
  </message>
  <message>
   <source>to the module, to the ring</source>
   <translation>zum Steuergerät, zum Ring</translation>
  </message>
  <message>
   <source>to the search</source>
   <translation>zur Suche</translation>
  </message>
  <message>
   <source>to tooth {}</source>
   <translation>bis Zahn {}</translation>
  </message>
  <message>
   <source>too few to tell: keep at least %1</source>
   <translation>zu wenige: mindestens %1 behalten</translation>
  </message>
  <message>
   <source>tool box</source>
   <translation>Werkzeug</translation>
  </message>
  <message>
   <source>tools</source>
   <translation>Werkzeug</translation>
  </message>
  <message>
   <source>tools, prices, meter or limits</source>
   <translation>Werkzeug, Preise, Messgerät oder Grenzwerte</translation>
  </message>
  <message>
   <source>tooth missing or damaged</source>
   <translation>Zahn fehlt oder beschädigt</translation>
  </message>
  <message>
   <source>tooth {}</source>
   <translation>Zahn {}</translation>
  </message>
  <message>
   <source>tooth {} is not on a ring of {}</source>
   <translation>Zahn {} liegt nicht auf einem Ring von {}</translation>
  </message>
  <message>
   <source>tooth {} of {}, in {} of {} turns</source>
   <translation>Zahn {} von {}, in {} von {} Umdrehungen</translation>
  </message>
  <message>
   <source>tooth {}, {:.0f}°</source>
   <translation>Zahn {}, {:.0f}°</translation>
  </message>
  <message>
   <source>torque, Nm</source>
   <translation>Drehmoment, Nm</translation>
  </message>
  <message>
   <source>touches a supply</source>
   <translation>berührt eine Versorgung</translation>
  </message>
  <message>
   <source>touches ground</source>
   <translation>berührt Masse</translation>
  </message>
  <message>
   <source>towards the wheel</source>
   <translation>zum Rad hin</translation>
  </message>
  <message>
   <source>trace</source>
   <translation>Aufzeichnung</translation>
  </message>
  <message>
   <source>trace </source>
   <translation>Aufzeichnung </translation>
  </message>
  <message>
   <source>trace kept</source>
   <translation>Aufzeichnung behalten</translation>
  </message>
  <message>
   <source>trace of </source>
   <translation>Aufzeichnung von </translation>
  </message>
  <message>
   <source>trace of %1</source>
   <translation>Aufzeichnung von %1</translation>
  </message>
  <message>
   <source>traces</source>
   <translation>Signalbilder</translation>
  </message>
  <message>
   <source>traction</source>
   <translation>Antriebsschlupf</translation>
  </message>
  <message>
   <source>trailer axle, long run with a joint</source>
   <translation>Anhängerachse, langer Weg mit einer Verbindung</translation>
  </message>
  <message>
   <source>trainee</source>
   <translation>Lernender</translation>
  </message>
  <message>
   <source>try HTML</source>
   <translation>HTML versuchen</translation>
  </message>
  <message>
   <source>trying ...</source>
   <translation>wird versucht ...</translation>
  </message>
  <message>
   <source>turning</source>
   <translation>dreht</translation>
  </message>
  <message>
   <source>turning forward</source>
   <translation>vorwärts gedreht</translation>
  </message>
  <message>
   <source>twice</source>
   <translation>zweimal</translation>
  </message>
  <message>
   <source>two wires exchanged</source>
   <translation>zwei vertauschte Adern</translation>
  </message>
  <message>
   <source>two wires that touch each other</source>
   <translation>zwei Adern, die sich berühren</translation>
  </message>
  <message>
   <source>type a number with its unit, as 1.1k ohm or 4.98V</source>
   <translation>eine Zahl mit Einheit eingeben, etwa 1,1k ohm oder 4,98V</translation>
  </message>
  <message>
   <source>type a number, or leave it empty</source>
   <translation>eine Zahl eingeben, oder leer lassen</translation>
  </message>
  <message>
   <source>type a reading</source>
   <translation>Messwert eingeben</translation>
  </message>
  <message>
   <source>type amperes as 0.007, 7m or 7 mA</source>
   <translation>Ampere eingeben als 0,007, 7m oder 7 mA</translation>
  </message>
  <message>
   <source>type degrees as 20, in {}</source>
   <translation>Grad eingeben als 20, in {}</translation>
  </message>
  <message>
   <source>type hertz as 52, 1.2k or 52Hz</source>
   <translation>Hertz eingeben als 52, 1,2k oder 52Hz</translation>
  </message>
  <message>
   <source>type it as on the sidewall: 205/55R16</source>
   <translation>eingeben wie auf der Reifenflanke: 205/55R16</translation>
  </message>
  <message>
   <source>type metres as 1.93</source>
   <translation>Meter eingeben als 1,93</translation>
  </message>
  <message>
   <source>type ohms as 1100, 1.1k, 1k1, 4.8M or OL</source>
   <translation>Ohm eingeben als 1100, 1,1k, 1k1, 4,8M oder OL</translation>
  </message>
  <message>
   <source>type percent as 40</source>
   <translation>Prozent eingeben als 40</translation>
  </message>
  <message>
   <source>type seconds as 0.2 or 200m</source>
   <translation>Sekunden eingeben als 0,2 oder 200m</translation>
  </message>
  <message>
   <source>type the output per hertz as 2m or 2 mWb</source>
   <translation>die Ausgabe je Hertz eingeben als 2m oder 2 mWb</translation>
  </message>
  <message>
   <source>type volts as 4.98, 500m, 0.5V or OL</source>
   <translation>Volt eingeben als 4,98, 500m, 0,5V oder OL</translation>
  </message>
  <message>
   <source>type what the meter shows</source>
   <translation>Messwert eintippen</translation>
  </message>
  <message>
   <source>type what the meter shows, as 4M8, 0.5V or OL</source>
   <translation>eingeben, was das Messgerät zeigt, etwa 4M8, 0,5V oder OL</translation>
  </message>
  <message>
   <source>type {} as 25</source>
   <translation>{} eingeben als 25</translation>
  </message>
  <message>
   <source>type {}M for megohm, {} mohm for milliohm</source>
   <translation>{}M für Megohm eingeben, {} mohm für Milliohm</translation>
  </message>
  <message>
   <source>tyre</source>
   <translation>Reifen</translation>
  </message>
  <message>
   <source>tyre </source>
   <translation>Reifen </translation>
  </message>
  <message>
   <source>tyre of another size</source>
   <translation>Reifen anderer Größe</translation>
  </message>
  <message>
   <source>tyre size, pressure</source>
   <translation>Reifengröße, Druck</translation>
  </message>
  <message>
   <source>under 1 %</source>
   <translation>unter 1 %</translation>
  </message>
  <message>
   <source>under 100 Ω</source>
   <translation>unter 100 Ω</translation>
  </message>
  <message>
   <source>underbody</source>
   <translation>Unterboden</translation>
  </message>
  <message>
   <source>underbody </source>
   <translation>Unterboden-</translation>
  </message>
  <message>
   <source>underbody, splash</source>
   <translation>Unterboden, Spritzwasser</translation>
  </message>
  <message>
   <source>undo, redo</source>
   <translation>rückgängig, wiederholen</translation>
  </message>
  <message>
   <source>unknown</source>
   <translation>unbekannt</translation>
  </message>
  <message>
   <source>unloaded, from the module</source>
   <translation>unbelastet, vom Steuergerät her</translation>
  </message>
  <message>
   <source>unlock it, or keep the password in ~/.pgpass</source>
   <translation>ihn entsperren, oder das Passwort in ~/.pgpass halten</translation>
  </message>
  <message>
   <source>unplug</source>
   <translation>trennen</translation>
  </message>
  <message>
   <source>unplugged</source>
   <translation>getrennt</translation>
  </message>
  <message>
   <source>up, down, Enter</source>
   <translation>auf, ab, Eingabe</translation>
  </message>
  <message>
   <source>variables declared by $var and changes behind #times</source>
   <translation>mit $var erklärte Variablen und Wechsel hinter #Zeiten</translation>
  </message>
  <message>
   <source>vehicle</source>
   <translation>Fahrzeug</translation>
  </message>
  <message>
   <source>verdict and why</source>
   <translation>Urteil und warum</translation>
  </message>
  <message>
   <source>very weak</source>
   <translation>sehr schwach</translation>
  </message>
  <message>
   <source>volts</source>
   <translation>Volt</translation>
  </message>
  <message>
   <source>volts of wire a, key on</source>
   <translation>Volt an Ader a, Zündung an</translation>
  </message>
  <message>
   <source>volts of wire b, key on</source>
   <translation>Volt an Ader b, Zündung an</translation>
  </message>
  <message>
   <source>warm</source>
   <translation>warm</translation>
  </message>
  <message>
   <source>was %1</source>
   <translation>wurde %1</translation>
  </message>
  <message>
   <source>was not brought over: stopped</source>
   <translation>wurde nicht übertragen: angehalten</translation>
  </message>
  <message>
   <source>was shortened by another program while it was read</source>
   <translation>wurde beim Lesen von einem anderen Programm gekürzt</translation>
  </message>
  <message>
   <source>was taken over by another window</source>
   <translation>wurde von einem anderen Fenster übernommen</translation>
  </message>
  <message>
   <source>was written by a newer version of the program</source>
   <translation>wurde von einer neueren Version des Programms geschrieben</translation>
  </message>
  <message>
   <source>was written to by another program while it was read</source>
   <translation>wurde von einem anderen Programm beschrieben, während sie gelesen wurde</translation>
  </message>
  <message>
   <source>watch the live speed</source>
   <translation>Geschwindigkeit beobachten</translation>
  </message>
  <message>
   <source>waveform</source>
   <translation>Signalform</translation>
  </message>
  <message>
   <source>way of joining wires</source>
   <translation>Art der Verbindung</translation>
  </message>
  <message>
   <source>weak</source>
   <translation>schwach</translation>
  </message>
  <message>
   <source>wet</source>
   <translation>nass</translation>
  </message>
  <message>
   <source>what</source>
   <translation>was</translation>
  </message>
  <message>
   <source>what I measure or look at, and how the car stands</source>
   <translation>was ich messe oder ansehe, und wie das Fahrzeug steht</translation>
  </message>
  <message>
   <source>what is allowed</source>
   <translation>was erlaubt ist</translation>
  </message>
  <message>
   <source>what is asked</source>
   <translation>was gefragt wird</translation>
  </message>
  <message>
   <source>what is wrong, as open or sensor-dead</source>
   <translation>was falsch ist, etwa open oder sensor-dead</translation>
  </message>
  <message>
   <source>what it gave</source>
   <translation>was sie ergab</translation>
  </message>
  <message>
   <source>what it means</source>
   <translation>was es bedeutet</translation>
  </message>
  <message>
   <source>what it teaches</source>
   <translation>was er lehrt</translation>
  </message>
  <message>
   <source>what the driver says, in a sentence</source>
   <translation>was der Fahrer sagt, in einem Satz</translation>
  </message>
  <message>
   <source>what the other window had</source>
   <translation>was das andere Fenster hatte</translation>
  </message>
  <message>
   <source>what the owner decided</source>
   <translation>was der Halter entschied</translation>
  </message>
  <message>
   <source>what the vehicle answers</source>
   <translation>was das Fahrzeug antwortet</translation>
  </message>
  <message>
   <source>what was seen</source>
   <translation>was gesehen wurde</translation>
  </message>
  <message>
   <source>wheel</source>
   <translation>Rad</translation>
  </message>
  <message>
   <source>wheel bend </source>
   <translation>Radbiegung-</translation>
  </message>
  <message>
   <source>wheel speeds of the bus</source>
   <translation>Radgeschwindigkeiten des Busses</translation>
  </message>
  <message>
   <source>wheelhouse</source>
   <translation>Radhaus</translation>
  </message>
  <message>
   <source>wheelhouse </source>
   <translation>Radhaus-</translation>
  </message>
  <message>
   <source>when asked</source>
   <translation>wenn gefragt</translation>
  </message>
  <message>
   <source>when it occurs</source>
   <translation>wann es auftritt</translation>
  </message>
  <message>
   <source>where</source>
   <translation>wo</translation>
  </message>
  <message>
   <source>where it stands</source>
   <translation>wie es steht</translation>
  </message>
  <message>
   <source>where it stood</source>
   <translation>wie es stand</translation>
  </message>
  <message>
   <source>where, and how the car stood</source>
   <translation>wo, und wie das Fahrzeug stand</translation>
  </message>
  <message>
   <source>while the line is edited: add a plug, add a joint, take out, move</source>
   <translation>beim Bearbeiten der Leitung: Stecker, Verbindung, herausnehmen, verschieben</translation>
  </message>
  <message>
   <source>whole bytes from 0</source>
   <translation>ganze Bytes ab 0</translation>
  </message>
  <message>
   <source>wide gap</source>
   <translation>Luftspalt zu groß</translation>
  </message>
  <message>
   <source>wider</source>
   <translation>weiter</translation>
  </message>
  <message>
   <source>wiggle</source>
   <translation>Wackeln</translation>
  </message>
  <message>
   <source>wiggle watch: hands off</source>
   <translation>Wackelwache: Hände weg</translation>
  </message>
  <message>
   <source>wiggle watch: which leg is being moved</source>
   <translation>Wackelwache: welches Stück bewegt wird</translation>
  </message>
  <message>
   <source>wire</source>
   <translation>Ader</translation>
  </message>
  <message>
   <source>wire </source>
   <translation>Ader </translation>
  </message>
  <message>
   <source>wire %1</source>
   <translation>Ader %1</translation>
  </message>
  <message>
   <source>wire a</source>
   <translation>Ader a</translation>
  </message>
  <message>
   <source>wire b</source>
   <translation>Ader b</translation>
  </message>
  <message>
   <source>wire {}</source>
   <translation>Ader {}</translation>
  </message>
  <message>
   <source>wire {}{} at {}</source>
   <translation>Ader {}{}, {}</translation>
  </message>
  <message>
   <source>wires </source>
   <translation>Adern </translation>
  </message>
  <message>
   <source>wires a and b joined</source>
   <translation>Adern a und b verbunden</translation>
  </message>
  <message>
   <source>wires crossed</source>
   <translation>Adern gekreuzt</translation>
  </message>
  <message>
   <source>wires that touch</source>
   <translation>Adern, die sich berühren</translation>
  </message>
  <message>
   <source>wires touching</source>
   <translation>Adern berühren sich</translation>
  </message>
  <message>
   <source>withdraw a reading</source>
   <translation>Messwert zurückziehen</translation>
  </message>
  <message>
   <source>withdrawn</source>
   <translation>zurückgezogen</translation>
  </message>
  <message>
   <source>withdrawn, kept</source>
   <translation>zurückgezogen, behalten</translation>
  </message>
  <message>
   <source>words of it: ohms, C1, codes, look, RL ...</source>
   <translation>Wörter davon: ohm, C1, code, RL ...</translation>
  </message>
  <message>
   <source>words to set where you click</source>
   <translation>Worte, die an die angeklickte Stelle kommen</translation>
  </message>
  <message>
   <source>work done</source>
   <translation>getane Arbeit</translation>
  </message>
  <message>
   <source>working on it ...</source>
   <translation>wird getan ...</translation>
  </message>
  <message>
   <source>worth</source>
   <translation>wert</translation>
  </message>
  <message>
   <source>would not be the same when the job is opened again</source>
   <translation>wäre nicht dasselbe, wenn der Auftrag wieder geöffnet wird</translation>
  </message>
  <message>
   <source>write a list of texts, as ["C1", "C2"]</source>
   <translation>eine Liste von Texten schreiben, etwa ["C1", "C2"]</translation>
  </message>
  <message>
   <source>write a plain number without quotes</source>
   <translation>eine einfache Zahl ohne Anführungszeichen schreiben</translation>
  </message>
  <message>
   <source>write it in braces</source>
   <translation>in geschweiften Klammern schreiben</translation>
  </message>
  <message>
   <source>write it in braces, as {"id": ...}</source>
   <translation>in geschweiften Klammern schreiben, als {"id": ...}</translation>
  </message>
  <message>
   <source>write it in quotes</source>
   <translation>in Anführungszeichen schreiben</translation>
  </message>
  <message>
   <source>write it in square brackets</source>
   <translation>in eckigen Klammern schreiben</translation>
  </message>
  <message>
   <source>write true or false without quotes</source>
   <translation>true oder false ohne Anführungszeichen schreiben</translation>
  </message>
  <message>
   <source>wrong parts</source>
   <translation>falsche Teile</translation>
  </message>
  <message>
   <source>wrong sensor</source>
   <translation>falscher Sensor</translation>
  </message>
  <message>
   <source>wrong sensor fitted</source>
   <translation>falscher Sensor verbaut</translation>
  </message>
  <message>
   <source>wrong tyre</source>
   <translation>falscher Reifen</translation>
  </message>
  <message>
   <source>yes</source>
   <translation>ja</translation>
  </message>
  <message>
   <source>zone</source>
   <translation>Bereich</translation>
  </message>
  <message>
   <source>zoom</source>
   <translation>vergrößern</translation>
  </message>
  <message>
   <source>{:.0f} % along </source>
   <translation>bei {:.0f} % von </translation>
  </message>
  <message>
   <source>{:.0f} % of the telegrams say that the gap is at its limit: it still works, with no reserve.</source>
   <translation>{:.0f} % der Telegramme sagen, dass der Luftspalt an der Grenze ist: es geht noch, ohne Reserve.</translation>
  </message>
  <message>
   <source>{:.0f} % of {} at equal speed</source>
   <translation>{:.0f} % von {} bei gleichem Tempo</translation>
  </message>
  <message>
   <source>{:.0f} closed jobs weigh in{}.</source>
   <translation>{:.0f} abgeschlossene Aufträge wiegen mit{}.</translation>
  </message>
  <message>
   <source>{:.0f} min</source>
   <translation>{:.0f} min</translation>
  </message>
  <message>
   <source>{:.0f} min · </source>
   <translation>{:.0f} min · </translation>
  </message>
  <message>
   <source>{:.0f} min · {}</source>
   <translation>{:.0f} min · {}</translation>
  </message>
  <message>
   <source>{:.1f} turns</source>
   <translation>{:.1f} Umdrehungen</translation>
  </message>
  <message>
   <source>{:.2f} times the speed fed in: teeth or tyre set wrongly in the module.</source>
   <translation>{:.2f}-mal die eingespeiste Geschwindigkeit: Zähne oder Reifen im Steuergerät falsch hinterlegt.</translation>
  </message>
  <message>
   <source>{:.2g} mWb</source>
   <translation>{:.2g} mWb</translation>
  </message>
  <message>
   <source>{:.3g} times {} ({}){}; at most {:.3g} either way is usual.</source>
   <translation>{:.3g}-mal {} ({}){}; höchstens {:.3g} in beiden Richtungen ist üblich.</translation>
  </message>
  <message>
   <source>{:.4g} Hz in place of the sensor</source>
   <translation>{:.4g} Hz statt des Sensors</translation>
  </message>
  <message>
   <source>{:g} is no probability</source>
   <translation>{:g} ist keine Wahrscheinlichkeit</translation>
  </message>
  <message>
   <source>{:g} is out of range</source>
   <translation>{:g} liegt außerhalb des Bereichs</translation>
  </message>
  <message>
   <source>{} ({}) was repeated and stands. Look for a second fault, or for what this list does not know.</source>
   <translation>{} ({}) wurde wiederholt und steht. Nach einem zweiten Fehler suchen, oder nach dem, was diese Liste nicht kennt.</translation>
  </message>
  <message>
   <source>{} Eye protection; brake parts do not hang on the hose; mind brake dust.</source>
   <translation>{} Augenschutz; Bremsteile hängen nicht am Schlauch; Bremsstaub beachten.</translation>
  </message>
  <message>
   <source>{} absent {} at even speed, in less than two turns: a tooth that is not there rather than a wire that lets go; turn the wheel twice round to see whether it comes again.</source>
   <translation>{} ausgeblieben, {}, bei gleichmäßiger Drehung in weniger als zwei Umdrehungen: eher ein fehlender Zahn als eine Ader, die loslässt; zweimal herumdrehen, ob es wiederkommt.</translation>
  </message>
  <message>
   <source>{} along the line, {}, {}</source>
   <translation>{} entlang der Leitung, {}, {}</translation>
  </message>
  <message>
   <source>{} always, {} switched: {:.1f} and {:.1f} mA{}; {:.2f} W</source>
   <translation>{} immer, {} geschaltet: {:.1f} und {:.1f} mA{}; {:.2f} W</translation>
  </message>
  <message>
   <source>{} gives {:.0f} % of the output of {} at equal speed ({:.3g} against {:.3g} mWb).</source>
   <translation>{} gibt {:.0f} % des Ausgangs von {} bei gleicher Geschwindigkeit ({:.3g} gegen {:.3g} mWb).</translation>
  </message>
  <message>
   <source>{} gives {:.0f} % of the output of {} at equal speed: a gap too wide, a weak coil, or resistance in the line.</source>
   <translation>{} gibt {:.0f} % des Ausgangs von {} bei gleicher Geschwindigkeit: Luftspalt zu groß, schwache Spule oder Widerstand in der Leitung.</translation>
  </message>
  <message>
   <source>{} good readings, {} to {}: median {}, spread {}, factor {:.2f} (95 % of parts, 95 % sure; ISO 16269-6)</source>
   <translation>{} gute Messwerte, {} bis {}: Median {}, Streuung {}, Faktor {:.2f} (95 % der Teile, zu 95 % sicher; ISO 16269-6)</translation>
  </message>
  <message>
   <source>{} has {} teeth, {} {}.</source>
   <translation>{} hat {} Zähne, {} {}.</translation>
  </message>
  <message>
   <source>{} here, {} on {}.</source>
   <translation>{} hier, {} an {}.</translation>
  </message>
  <message>
   <source>{} is within ±{} of the {}: with this meter it cannot be told ({:.0f} % likely to keep it).</source>
   <translation>{} liegt innerhalb ±{} von {}: mit diesem Messgerät nicht zu sagen (zu {:.0f} % wohl eingehalten).</translation>
  </message>
  <message>
   <source>{} is {} the {}{}.</source>
   <translation>{} ist {} {}{}.</translation>
  </message>
  <message>
   <source>{} jobs</source>
   <translation>{} Aufträge</translation>
  </message>
  <message>
   <source>{} keeps the {}.</source>
   <translation>{} hält: {}.</translation>
  </message>
  <message>
   <source>{} of output per hertz {} the {}.</source>
   <translation>{} Ausgang je Hertz {}: {}.</translation>
  </message>
  <message>
   <source>{} of these came back.</source>
   <translation>{} davon kamen wieder.</translation>
  </message>
  <message>
   <source>{} of {} made; {:.1f} % left to doubt{}.</source>
   <translation>{} von {} gemacht; {:.1f} % bleiben zu bezweifeln{}.</translation>
  </message>
  <message>
   <source>{} of {} sealed</source>
   <translation>{} von {} versiegelt</translation>
  </message>
  <message>
   <source>{} of {} steps ticked</source>
   <translation>{} von {} Schritten angekreuzt</translation>
  </message>
  <message>
   <source>{} of {} tests after the repair were as they should be.</source>
   <translation>{} von {} Prüfungen nach der Reparatur waren, wie sie sein sollen.</translation>
  </message>
  <message>
   <source>{} of {} tests made</source>
   <translation>{} von {} Prüfungen gemacht</translation>
  </message>
  <message>
   <source>{} pulses followed each other without one missing.</source>
   <translation>{} Pulse folgten aufeinander, ohne dass einer fehlte.</translation>
  </message>
  <message>
   <source>{} pulses of the right shape: the wheel hardly turned, too few to judge it by.</source>
   <translation>{} Impulse der richtigen Form: das Rad drehte kaum, zu wenige zum Beurteilen.</translation>
  </message>
  <message>
   <source>{} pulses that quicken and slow: the wheel was rocked to and fro. Turn it round to judge it by.</source>
   <translation>{} Impulse, die schneller und langsamer werden: das Rad wurde hin und her bewegt. Zum Beurteilen ganz herumdrehen.</translation>
  </message>
  <message>
   <source>{} pulses without a gap, even within {:.1f} %, {} peak to peak.{}{}{}</source>
   <translation>{} Impulse ohne Lücke, gleichmäßig auf {:.1f} %, {} Spitze-Spitze.{}{}{}</translation>
  </message>
  <message>
   <source>{} readings</source>
   <translation>{} Messungen</translation>
  </message>
  <message>
   <source>{} readings hang on it</source>
   <translation>{} Messungen hängen daran</translation>
  </message>
  <message>
   <source>{} reads {}</source>
   <translation>{} zeigt {}</translation>
  </message>
  <message>
   <source>{} stretches of mere noise: a contact that crackles.</source>
   <translation>{} Stücke bloßen Rauschens: ein Kontakt, der prasselt.</translation>
  </message>
  <message>
   <source>{} swings {:.0f} % of {} ({} against {}).</source>
   <translation>{} schwingt {:.0f} % von {} ({} gegen {}).</translation>
  </message>
  <message>
   <source>{} teeth</source>
   <translation>{} Zähne</translation>
  </message>
  <message>
   <source>{} times</source>
   <translation>{}-mal</translation>
  </message>
  <message>
   <source>{} to {}</source>
   <translation>{} bis {}</translation>
  </message>
  <message>
   <source>{} turns of {} teeth laid over each other, 0° is the first pulse</source>
   <translation>{} Umdrehungen von {} Zähnen übereinander, 0° ist der erste Impuls</translation>
  </message>
  <message>
   <source>{} was spun at {}, this one at {}: compared by volts per hertz.</source>
   <translation>{} wurde mit {} gedreht, dieses mit {}: verglichen nach Volt je Hertz.</translation>
  </message>
  <message>
   <source>{} was {} before it began: trouble that began after a repair sits at the repair.</source>
   <translation>{}: {}, bevor es begann: was nach einer Reparatur begann, sitzt an der Reparatur.</translation>
  </message>
  <message>
   <source>{} was {} for this complaint{}.</source>
   <translation>{}: {} wegen dieser Beanstandung{}.</translation>
  </message>
  <message>
   <source>{} where an open circuit was expected.</source>
   <translation>{}, wo ein offener Kreis erwartet war.</translation>
  </message>
  <message>
   <source>{}, by one witness</source>
   <translation>{}, durch einen Zeugen</translation>
  </message>
  <message>
   <source>{}, {:.0f} % along</source>
   <translation>{}, bei {:.0f} %</translation>
  </message>
  <message>
   <source>{}, {} long, at {}</source>
   <translation>{}, {} lang, auf {}</translation>
  </message>
  <message>
   <source>{}, {}, wire {}</source>
   <translation>{}, {}, Ader {}</translation>
  </message>
  <message>
   <source>{}: "{}" is not known and counts for nothing; known are {}</source>
   <translation>{}: „{}“ ist nicht bekannt und zählt nicht; bekannt sind {}</translation>
  </message>
  <message>
   <source>{}: in {:.0f} of 100 such cases that cures it; price {:.0f}, about {:.0f} minutes.</source>
   <translation>{}: in {:.0f} von 100 solchen Fällen behebt es das; Preis {:.0f}, etwa {:.0f} Minuten.</translation>
  </message>
  <message>
   <source>{}: not the same</source>
   <translation>{}: nicht gleich</translation>
  </message>
  <message>
   <source>{}: values[{}]</source>
   <translation>{}: values[{}]</translation>
  </message>
  <message>
   <source>{}: {} in {:.0f} s, {:.1f} by chance{}</source>
   <translation>{}: {} in {:.0f} s, {:.1f} zufällig{}</translation>
  </message>
  <message>
   <source>{}: {} is {:g} times as likely as usual{}; {} hardly.</source>
   <translation>{}: {} ist {:g}-mal so wahrscheinlich wie sonst{}; {} kaum.</translation>
  </message>
  <message>
   <source>{}: {} only here, {} only there</source>
   <translation>{}: {} nur hier, {} nur dort</translation>
  </message>
  <message>
   <source>{}{}rolling circumference {:.3f} m</source>
   <translation>{}{}Abrollumfang {:.3f} m</translation>
  </message>
  <message>
   <source>Ω sense</source>
   <translation>Ω Messwid.</translation>
  </message>
 </context>
</TS>
