<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
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
   <translation> Solo por el entrehierro: {:.2f} de paso de diente más.</translation>
  </message>
  <message>
   <source> File: %1.</source>
   <translation> Archivo: %1.</translation>
  </message>
  <message>
   <source> If it stands: two faults. Mend {} first, then repeat the reading that showed it; the second one shows then.</source>
   <translation> Si se mantiene: dos averías. Arregle {} primero y repita la lectura que lo mostró; la segunda sale entonces.</translation>
  </message>
  <message>
   <source> Left out: %1</source>
   <translation> Omitidos: %1</translation>
  </message>
  <message>
   <source> Lost below some {}, the peer below {}.</source>
   <translation> Se pierde por debajo de unos {}, el compañero por debajo de {}.</translation>
  </message>
  <message>
   <source> Spin the wheel whose sensor is used: </source>
   <translation> Gire la rueda cuyo sensor se usa: </translation>
  </message>
  <message>
   <source> Tells much.</source>
   <translation> Dice mucho.</translation>
  </message>
  <message>
   <source> Tells next to nothing.</source>
   <translation> Dice casi nada.</translation>
  </message>
  <message>
   <source> Tells something.</source>
   <translation> Dice algo.</translation>
  </message>
  <message>
   <source> The current runs backwards: the clamp was put round the wire the other way.</source>
   <translation> La corriente va al revés: la pinza se puso al contrario alrededor del cable.</translation>
  </message>
  <message>
   <source> The probe shows changes only: the step between the two currents is judged, not the currents themselves.</source>
   <translation> La sonda solo muestra cambios: se juzga el salto entre las dos corrientes, no las corrientes mismas.</translation>
  </message>
  <message>
   <source> The ring may not have passed twice: a single tooth of it is not judged.</source>
   <translation> El anillo quizá no pasó dos veces: no se juzga un diente suelto.</translation>
  </message>
  <message>
   <source> The wheel came to rest at {}.</source>
   <translation> La rueda se paró en {}.</translation>
  </message>
  <message>
   <source> What moves, {} at {:.0f} Hz, is taken for mains hum; a weak wheel may turn at that very frequency: spin it faster to be sure.</source>
   <translation> Lo que se mueve, {} a {:.0f} Hz, se toma por zumbido de la red; una rueda débil puede girar justo a esa frecuencia: gírela más deprisa para estar seguro.</translation>
  </message>
  <message>
   <source> and </source>
   <translation> y </translation>
  </message>
  <message>
   <source> and an element that can have it</source>
   <translation> y un elemento que pueda tenerlo</translation>
  </message>
  <message>
   <source> and that cured it</source>
   <translation> y eso lo curó</translation>
  </message>
  <message>
   <source> and that did not cure it: it counts for less</source>
   <translation> y eso no lo curó: cuenta menos</translation>
  </message>
  <message>
   <source> and the sensor plug of the other wheel apart.</source>
   <translation> y el conector del sensor de la otra rueda.</translation>
  </message>
  <message>
   <source> apart.</source>
   <translation>.</translation>
  </message>
  <message>
   <source> apart: the sensor must be off the line.</source>
   <translation>: el sensor debe estar fuera de la línea.</translation>
  </message>
  <message>
   <source> at </source>
   <translation> en </translation>
  </message>
  <message>
   <source> at the bend by the wheel</source>
   <translation> en el codo junto a la rueda</translation>
  </message>
  <message>
   <source> at {}</source>
   <translation> a {}</translation>
  </message>
  <message>
   <source> does not start at a module</source>
   <translation> no empieza en una centralita</translation>
  </message>
  <message>
   <source> erratic or implausible</source>
   <translation> errático o inverosímil</translation>
  </message>
  <message>
   <source> follows</source>
   <translation> sigue</translation>
  </message>
  <message>
   <source> has </source>
   <translation> tiene </translation>
  </message>
  <message>
   <source> has no value</source>
   <translation> no tiene valor</translation>
  </message>
  <message>
   <source> in </source>
   <translation> en </translation>
  </message>
  <message>
   <source> in the cabin</source>
   <translation> en el habitáculo</translation>
  </message>
  <message>
   <source> in the engine bay</source>
   <translation> en el vano motor</translation>
  </message>
  <message>
   <source> in the wheelhouse</source>
   <translation> en el paso de rueda</translation>
  </message>
  <message>
   <source> moved, wetted or warmed</source>
   <translation> movido, mojado o calentado</translation>
  </message>
  <message>
   <source> no signal</source>
   <translation> sin señal</translation>
  </message>
  <message>
   <source> of </source>
   <translation> de </translation>
  </message>
  <message>
   <source> of {}</source>
   <translation> de {}</translation>
  </message>
  <message>
   <source> open</source>
   <translation> abierto</translation>
  </message>
  <message>
   <source> per hertz</source>
   <translation> por hercio</translation>
  </message>
  <message>
   <source> reads high</source>
   <translation> lee de más</translation>
  </message>
  <message>
   <source> reads low</source>
   <translation> lee de menos</translation>
  </message>
  <message>
   <source> serves as the measure for </source>
   <translation> sirve de medida para </translation>
  </message>
  <message>
   <source> sets </source>
   <translation> da </translation>
  </message>
  <message>
   <source> sets no code</source>
   <translation> no da código</translation>
  </message>
  <message>
   <source> short to ground</source>
   <translation> corto a masa</translation>
  </message>
  <message>
   <source> short to supply</source>
   <translation> corto a positivo</translation>
  </message>
  <message>
   <source> stays at 0</source>
   <translation> queda en 0</translation>
  </message>
  <message>
   <source> to </source>
   <translation> a </translation>
  </message>
  <message>
   <source> to ground</source>
   <translation> a masa</translation>
  </message>
  <message>
   <source> to ground at </source>
   <translation> a masa en </translation>
  </message>
  <message>
   <source> to {}</source>
   <translation> hasta {}</translation>
  </message>
  <message>
   <source> under the body</source>
   <translation> en los bajos</translation>
  </message>
  <message>
   <source> up to </source>
   <translation> a </translation>
  </message>
  <message>
   <source> without a unit: volts were taken</source>
   <translation> sin unidad: se tomaron voltios</translation>
  </message>
  <message>
   <source> yet</source>
   <translation> aún</translation>
  </message>
  <message>
   <source> · {:.0f} % of {} at equal speed</source>
   <translation> · {:.0f} % de {} a igual velocidad</translation>
  </message>
  <message>
   <source> · {:.{}f} mWb</source>
   <translation> · {:.{}f} mWb</translation>
  </message>
  <message>
   <source> – it reacts here</source>
   <translation> – aquí reacciona</translation>
  </message>
  <message>
   <source>" cannot name an element</source>
   <translation>" no puede nombrar un elemento</translation>
  </message>
  <message>
   <source>" does not fit here</source>
   <translation>" no cabe aquí</translation>
  </message>
  <message>
   <source>" is no accuracy</source>
   <translation>" no es una exactitud</translation>
  </message>
  <message>
   <source>" is no count</source>
   <translation>" no es un número de veces</translation>
  </message>
  <message>
   <source>" is no name of a job</source>
   <translation>" no es nombre de un trabajo</translation>
  </message>
  <message>
   <source>" is no number</source>
   <translation>" no es un número</translation>
  </message>
  <message>
   <source>" is no number of teeth</source>
   <translation>" no es un número de dientes</translation>
  </message>
  <message>
   <source>" is no price</source>
   <translation>" no es un precio</translation>
  </message>
  <message>
   <source>" is no provenance</source>
   <translation>" no es una procedencia</translation>
  </message>
  <message>
   <source>" is no quantity of a limit</source>
   <translation>" no es una magnitud de un límite</translation>
  </message>
  <message>
   <source>" is no speed</source>
   <translation>" no es una velocidad</translation>
  </message>
  <message>
   <source>" is no time</source>
   <translation>" no es un tiempo</translation>
  </message>
  <message>
   <source>" is no timescale</source>
   <translation>" no es una escala de tiempo</translation>
  </message>
  <message>
   <source>" is not a name here</source>
   <translation>" no es un nombre aquí</translation>
  </message>
  <message>
   <source>" is not a number</source>
   <translation>" no es un número</translation>
  </message>
  <message>
   <source>" is not a reading</source>
   <translation>" no es una medición</translation>
  </message>
  <message>
   <source>" is not known here</source>
   <translation>" no se conoce aquí</translation>
  </message>
  <message>
   <source>" is not on the line of </source>
   <translation>" no está en la línea de </translation>
  </message>
  <message>
   <source>" is not one of the circuits</source>
   <translation>" no es uno de los circuitos</translation>
  </message>
  <message>
   <source>" is taken</source>
   <translation>" ya está en uso</translation>
  </message>
  <message>
   <source>" is the name of two circuits</source>
   <translation>" es el nombre de dos circuitos</translation>
  </message>
  <message>
   <source>" stands in the path twice</source>
   <translation>" está dos veces en el recorrido</translation>
  </message>
  <message>
   <source>" was not declared</source>
   <translation>" no fue declarado</translation>
  </message>
  <message>
   <source>"%1" is no degree of a fault; a number, as 4k7 or 0.3.</source>
   <translation>«%1» no es un grado de un fallo; un número, como 4k7 o 0.3.</translation>
  </message>
  <message>
   <source>"{}" is no wire section</source>
   <translation>"{}" no es una sección de cable</translation>
  </message>
  <message>
   <source>"{}" is not a tyre size</source>
   <translation>"{}" no es una medida de neumático</translation>
  </message>
  <message>
   <source>"{}"{} cannot be on this line</source>
   <translation>"{}"{} no puede estar en esta línea</translation>
  </message>
  <message>
   <source># and a whole number</source>
   <translation># y un número entero</translation>
  </message>
  <message>
   <source># and a whole number below 2^63</source>
   <translation># y un número entero menor que 2^63</translation>
  </message>
  <message>
   <source># and the number of digits of its length</source>
   <translation># y el número de cifras de su longitud</translation>
  </message>
  <message>
   <source>$end behind it</source>
   <translation>$end detrás</translation>
  </message>
  <message>
   <source>$enddefinitions $end before the first</source>
   <translation>$enddefinitions $end antes del primero</translation>
  </message>
  <message>
   <source>%1

%2

Level %3, circuit %4, %5 circuits.</source>
   <translation>%1

%2

Nivel %3, circuito %4, %5 circuitos.</translation>
  </message>
  <message>
   <source>%1 %2. Choose a kind to overrule it.</source>
   <translation>%1 %2. Elija un tipo para corregirlo.</translation>
  </message>
  <message>
   <source>%1 (chosen on the shelf)</source>
   <translation>%1 (elegido en la lista)</translation>
  </message>
  <message>
   <source>%1 (no file yet)</source>
   <translation>%1 (aún sin archivo)</translation>
  </message>
  <message>
   <source>%1 (the job that is open)</source>
   <translation>%1 (el trabajo abierto)</translation>
  </message>
  <message>
   <source>%1 - Hay Bale</source>
   <translation>%1 - Hay Bale</translation>
  </message>
  <message>
   <source>%1 Work goes on here; %2 kept states wait to be brought over.</source>
   <translation>%1 Aquí se sigue trabajando; %2 estados esperan ser llevados.</translation>
  </message>
  <message>
   <source>%1 against %2</source>
   <translation>%1 frente a %2</translation>
  </message>
  <message>
   <source>%1 are on this bench, %2 are not: the bench that has them can bring them along.</source>
   <translation>%1 están en este puesto, %2 no: el puesto que los tiene puede traerlos.</translation>
  </message>
  <message>
   <source>%1 are on this bench. They stay here until they are brought along.</source>
   <translation>%1 están en este puesto. Se quedan aquí hasta que se lleven.</translation>
  </message>
  <message>
   <source>%1 code</source>
   <translation>%1 código</translation>
  </message>
  <message>
   <source>%1 columns between %2, decimal %3, data from line %4.</source>
   <translation>%1 columnas entre %2, decimal %3, datos desde la línea %4.</translation>
  </message>
  <message>
   <source>%1 dropouts</source>
   <translation>%1 cortes</translation>
  </message>
  <message>
   <source>%1 files of this job are in the shop's logbook.</source>
   <translation>%1 archivos de este trabajo están en el libro del taller.</translation>
  </message>
  <message>
   <source>%1 files were fetched.</source>
   <translation>Se trajeron %1 archivos.</translation>
  </message>
  <message>
   <source>%1 has no capture yet: drop one on the wheel first.</source>
   <translation>%1 aún no tiene registro: suelte uno en la rueda.</translation>
  </message>
  <message>
   <source>%1 has this job open since %2</source>
   <translation>%1 tiene abierto este trabajo desde las %2</translation>
  </message>
  <message>
   <source>%1 holds no speed of %2.</source>
   <translation>%1 no tiene velocidad de %2.</translation>
  </message>
  <message>
   <source>%1 in the log: %2, %3 dropouts</source>
   <translation>%1 en el registro: %2, %3 cortes</translation>
  </message>
  <message>
   <source>%1 is gone or another job's; this is the job as the logbook kept it.</source>
   <translation>%1 ya no está o es de otro trabajo; este es el trabajo como lo guardó el libro.</translation>
  </message>
  <message>
   <source>%1 is no picture that can be read.</source>
   <translation>%1 no es una imagen legible.</translation>
  </message>
  <message>
   <source>%1 is no text file: there is nothing to choose in how it is read.</source>
   <translation>%1 no es un archivo de texto: no hay nada que elegir.</translation>
  </message>
  <message>
   <source>%1 is simulated: what it reads is not written into a real job. Instruments, Practice yard has a copy for it.</source>
   <translation>%1 es simulado: lo que lee no entra en un trabajo real. Aparatos, Patio de práctica tiene una copia para ello.</translation>
  </message>
  <message>
   <source>%1 is taken as %2, as you say. Choose "unknown" and the readings decide.</source>
   <translation>%1 se toma como %2, como usted dice. Elija «incierto» y las lecturas deciden.</translation>
  </message>
  <message>
   <source>%1 jobs are in %2; left out: %3</source>
   <translation>%1 trabajos están en %2; omitidos: %3</translation>
  </message>
  <message>
   <source>%1 jobs in %2.</source>
   <translation>%1 trabajos en %2.</translation>
  </message>
  <message>
   <source>%1 jobs were taken in.</source>
   <translation>Se incorporaron %1 trabajos.</translation>
  </message>
  <message>
   <source>%1 jobs, %2 of them closed, %3 proved, %4 came back.</source>
   <translation>%1 trabajos, %2 de ellos cerrados, %3 probados, %4 volvieron.</translation>
  </message>
  <message>
   <source>%1 kept states and %2 shared things were taken in.</source>
   <translation>Se incorporaron %1 estados guardados y %2 cosas compartidas.</translation>
  </message>
  <message>
   <source>%1 legs kept; it reacts at %2.</source>
   <translation>%1 tramos guardados; reacciona en %2.</translation>
  </message>
  <message>
   <source>%1 legs kept; none reacts more than by chance.</source>
   <translation>%1 tramos guardados; ninguno reacciona más que por azar.</translation>
  </message>
  <message>
   <source>%1 limits taken from %2.</source>
   <translation>%1 límites tomados de %2.</translation>
  </message>
  <message>
   <source>%1 of the readings cannot be read: %2. Kept as written, not counted.</source>
   <translation>%1 lecturas no pueden leerse: %2. Guardadas como se escribieron, sin contar.</translation>
  </message>
  <message>
   <source>%1 plugged in</source>
   <translation>%1 puesto</translation>
  </message>
  <message>
   <source>%1 points.  %2 minutes; the shortest sensible way takes %3.  %4 spent, %5 of it in vain.  %6 wrong parts, %7 fitted on a guess, %8 holes, %9 hints.</source>
   <translation>%1 puntos.  %2 minutos; la vía sensata más corta toma %3.  %4 gastado, %5 en vano.  %6 piezas equivocadas, %7 a ciegas, %8 agujeros, %9 pistas.</translation>
  </message>
  <message>
   <source>%1 pulses in %2 s recorded</source>
   <translation>%1 pulsos en %2 s registrados</translation>
  </message>
  <message>
   <source>%1 s ago</source>
   <translation>hace %1 s</translation>
  </message>
  <message>
   <source>%1 samples of %2 wheels saved in %3.</source>
   <translation>%1 muestras de %2 ruedas guardadas en %3.</translation>
  </message>
  <message>
   <source>%1 shown of %2</source>
   <translation>%1 de %2 mostrados</translation>
  </message>
  <message>
   <source>%1 shows %2</source>
   <translation>%1 muestra %2</translation>
  </message>
  <message>
   <source>%1 speed</source>
   <translation>%1 km/h</translation>
  </message>
  <message>
   <source>%1 unplugged</source>
   <translation>%1 suelto</translation>
  </message>
  <message>
   <source>%1 was damaged and is kept as %2.</source>
   <translation>%1 estaba dañado y se guarda como %2.</translation>
  </message>
  <message>
   <source>%1 was read again.</source>
   <translation>%1 se leyó de nuevo.</translation>
  </message>
  <message>
   <source>&amp;Edit</source>
   <translation>&amp;Editar</translation>
  </message>
  <message>
   <source>&amp;Help</source>
   <translation>&amp;Ayuda</translation>
  </message>
  <message>
   <source>&amp;Job</source>
   <translation>&amp;Trabajo</translation>
  </message>
  <message>
   <source>&amp;View</source>
   <translation>&amp;Ver</translation>
  </message>
  <message>
   <source>(no name)</source>
   <translation>(sin nombre)</translation>
  </message>
  <message>
   <source>+ Connector</source>
   <translation>+ Conector</translation>
  </message>
  <message>
   <source>+ Splice</source>
   <translation>+ Empalme</translation>
  </message>
  <message>
   <source>+ and -, up, down</source>
   <translation>+ y -, arriba, abajo</translation>
  </message>
  <message>
   <source>, &lt;b&gt;%1 dropouts&lt;/b&gt;, the last %2</source>
   <translation>, &lt;b&gt;%1 cortes&lt;/b&gt;, el último %2</translation>
  </message>
  <message>
   <source>, &lt;b&gt;one dropout&lt;/b&gt;, %1</source>
   <translation>, &lt;b&gt;un corte&lt;/b&gt;, %1</translation>
  </message>
  <message>
   <source>, all plugged in</source>
   <translation>, todo enchufado</translation>
  </message>
  <message>
   <source>, and behind it </source>
   <translation>, y detrás </translation>
  </message>
  <message>
   <source>, battery off</source>
   <translation>, batería quitada</translation>
  </message>
  <message>
   <source>, black on </source>
   <translation>, negro en </translation>
  </message>
  <message>
   <source>, coil at {}</source>
   <translation>, bobina a {}</translation>
  </message>
  <message>
   <source>, cut back to bright copper, splice sealed and with slack, then repeat the reading that failed.</source>
   <translation>, corte hasta cobre brillante, unión sellada y con holgura, y repita la lectura que falló.</translation>
  </message>
  <message>
   <source>, data</source>
   <translation>, datos</translation>
  </message>
  <message>
   <source>, driven</source>
   <translation>, rodando</translation>
  </message>
  <message>
   <source>, driven warm</source>
   <translation>, en caliente</translation>
  </message>
  <message>
   <source>, earlier</source>
   <translation>, antes</translation>
  </message>
  <message>
   <source>, for comparison</source>
   <translation>, para comparar</translation>
  </message>
  <message>
   <source>, jumper at </source>
   <translation>, puente en </translation>
  </message>
  <message>
   <source>, live speed</source>
   <translation>, velocidad</translation>
  </message>
  <message>
   <source>, look for green crust and for spread or pushed-back terminals in both halves; where water got in both sides are renewed, for both neighbours are contaminated. Then repeat the reading that failed.</source>
   <translation>, busque óxido verde y terminales abiertos o desplazados en las dos mitades; donde entró agua se renuevan los dos lados, porque los dos vecinos están contaminados. Después repita la lectura que falló.</translation>
  </message>
  <message>
   <source>, module half</source>
   <translation>, lado módulo</translation>
  </message>
  <message>
   <source>, no dropout</source>
   <translation>, ningún corte</translation>
  </message>
  <message>
   <source>, out of band at the supply's ends</source>
   <translation>, fuera de banda en los extremos de la alimentación</translation>
  </message>
  <message>
   <source>, over the same bump</source>
   <translation>, por el mismo bache</translation>
  </message>
  <message>
   <source>, plugged</source>
   <translation>, enchufado</translation>
  </message>
  <message>
   <source>, sensor of {} on the harness of {}</source>
   <translation>, sensor de {} en el mazo de {}</translation>
  </message>
  <message>
   <source>, some from the copy %1</source>
   <translation>, algunos de la copia %1</translation>
  </message>
  <message>
   <source>, steady at %1</source>
   <translation>, estable en %1</translation>
  </message>
  <message>
   <source>, steered lock to lock</source>
   <translation>, de tope a tope</translation>
  </message>
  <message>
   <source>, the circuit in question</source>
   <translation>, el circuito en cuestión</translation>
  </message>
  <message>
   <source>, the good wheel: </source>
   <translation>, la rueda buena: </translation>
  </message>
  <message>
   <source>, the two exchanged</source>
   <translation>, los dos cambiados</translation>
  </message>
  <message>
   <source>, then codes</source>
   <translation>, luego códigos</translation>
  </message>
  <message>
   <source>, wetted with salt water</source>
   <translation>, mojado con agua salada</translation>
  </message>
  <message>
   <source>, wheel half</source>
   <translation>, lado rueda</translation>
  </message>
  <message>
   <source>, wheel spun</source>
   <translation>, rueda girada</translation>
  </message>
  <message>
   <source>, wheel {}</source>
   <translation>, rueda {}</translation>
  </message>
  <message>
   <source>, wire </source>
   <translation>, cable </translation>
  </message>
  <message>
   <source>, wire {}</source>
   <translation>, hilo {}</translation>
  </message>
  <message>
   <source>, {:.0f} min</source>
   <translation>, {:.0f} min</translation>
  </message>
  <message>
   <source>, {:.0f} min to reach</source>
   <translation>, {:.0f} min hasta llegar</translation>
  </message>
  <message>
   <source>, {:.1f} % once all have passed</source>
   <translation>, {:.1f} % cuando todas pasen</translation>
  </message>
  <message>
   <source>, {:.1f} teeth</source>
   <translation>, {:.1f} dientes</translation>
  </message>
  <message>
   <source>, {:.3g} m of {:.3g} mm²</source>
   <translation>, {:.3g} m de {:.3g} mm²</translation>
  </message>
  <message>
   <source>, {:.4g} Hz fed in at {}</source>
   <translation>, {:.4g} Hz dados en {}</translation>
  </message>
  <message>
   <source>, {} apart</source>
   <translation>, {} desconectado</translation>
  </message>
  <message>
   <source>, {} at {}</source>
   <translation>, {} a {}</translation>
  </message>
  <message>
   <source>, {} unplugged</source>
   <translation>, {} desenchufado</translation>
  </message>
  <message>
   <source>, {} {:g} times</source>
   <translation>, {} {:g} veces</translation>
  </message>
  <message>
   <source>-for-the-trainer</source>
   <translation>-para-el-instructor</translation>
  </message>
  <message>
   <source>0 to {}</source>
   <translation>0 a {}</translation>
  </message>
  <message>
   <source>0.5 to 5 V peak to peak</source>
   <translation>0,5 a 5 V pico a pico</translation>
  </message>
  <message>
   <source>1 dropout</source>
   <translation>1 corte</translation>
  </message>
  <message>
   <source>1 job</source>
   <translation>1 trabajo</translation>
  </message>
  <message>
   <source>1 to 8</source>
   <translation>1 a 8</translation>
  </message>
  <message>
   <source>1, 10 or 100 and s, ms, us, ns, ps or fs</source>
   <translation>1, 10 o 100 y s, ms, us, ns, ps o fs</translation>
  </message>
  <message>
   <source>1. The vehicle</source>
   <translation>1. El vehículo</translation>
  </message>
  <message>
   <source>1. What do you do next?</source>
   <translation>1. ¿Qué hace ahora?</translation>
  </message>
  <message>
   <source>2. What is it, and how sure are you?</source>
   <translation>2. ¿Qué es, y con qué certeza?</translation>
  </message>
  <message>
   <source>2. What is wrong with it (told at the end only)</source>
   <translation>2. Qué tiene mal (se dice solo al final)</translation>
  </message>
  <message>
   <source>21 W bulb</source>
   <translation>bombilla de 21 W</translation>
  </message>
  <message>
   <source>21W</source>
   <translation>21 W</translation>
  </message>
  <message>
   <source>3-wire, pull-up on the signal</source>
   <translation>3 cables, pull-up en la señal</translation>
  </message>
  <message>
   <source>3. For the shelf, and for afterwards</source>
   <translation>3. Para la lista y para después</translation>
  </message>
  <message>
   <source>7 and 14 mA in turn, {:.1f} times a second</source>
   <translation>7 y 14 mA por turno, {:.1f} veces por segundo</translation>
  </message>
  <message>
   <source>8, 16, 24, 32 or 64 bits a sample</source>
   <translation>8, 16, 24, 32 o 64 bits por muestra</translation>
  </message>
  <message>
   <source>95 % of good parts, 95 % sure</source>
   <translation>95 % de las piezas buenas, con 95 % de certeza</translation>
  </message>
  <message>
   <source>: NOT SEALED.</source>
   <translation>: SIN SELLAR.</translation>
  </message>
  <message>
   <source>: NOT as it should</source>
   <translation>: NO como debe</translation>
  </message>
  <message>
   <source>: as it should</source>
   <translation>: como debe</translation>
  </message>
  <message>
   <source>: click to see its line, drop a capture on it</source>
   <translation>: pulse para ver su línea, suelte aquí un registro</translation>
  </message>
  <message>
   <source>: counts only</source>
   <translation>: solo cuentas</translation>
  </message>
  <message>
   <source>: it leaks; water, or a chafed wire</source>
   <translation>: fuga; agua, o un cable rozado</translation>
  </message>
  <message>
   <source>: measure on at the line, or decide on what is known</source>
   <translation>: siga midiendo en la línea, o decida con lo sabido</translation>
  </message>
  <message>
   <source>: nothing left that would explain the readings</source>
   <translation>: nada queda que explique las lecturas</translation>
  </message>
  <message>
   <source>: resistance in the line, or the wrong part</source>
   <translation>: resistencia en la línea, o la pieza equivocada</translation>
  </message>
  <message>
   <source>: say its kind at Intake where you know better.</source>
   <translation>: diga su tipo en Recepción si lo sabe mejor.</translation>
  </message>
  <message>
   <source>: sealed.</source>
   <translation>: sellado.</translation>
  </message>
  <message>
   <source>: shorted turns, or the wires touch</source>
   <translation>: espiras en corto, o los cables se tocan</translation>
  </message>
  <message>
   <source>: the pair is open or nearly so</source>
   <translation>: el par está abierto o casi</translation>
  </message>
  <message>
   <source>: the photo is missing</source>
   <translation>: falta la foto</translation>
  </message>
  <message>
   <source>: time</source>
   <translation>: tiempo</translation>
  </message>
  <message>
   <source>; most were {} ({:.0f})</source>
   <translation>; las más fueron {} ({:.0f})</translation>
  </message>
  <message>
   <source>; wire a {}, wire b {}</source>
   <translation>; cable a {}, cable b {}</translation>
  </message>
  <message>
   <source>A JSON file that says where in which frame each wheel's speed stands</source>
   <translation>Un archivo JSON que dice dónde está en qué trama la velocidad de cada rueda</translation>
  </message>
  <message>
   <source>A bulb draws more than a module's pin may deliver: use an LED tester or a high-impedance meter, or unplug the module.</source>
   <translation>Una bombilla pide más de lo que puede dar una patilla del módulo: use un probador LED o un aparato de alta impedancia, o desenchufe el módulo.</translation>
  </message>
  <message>
   <source>A capture of this wheel shows its ring here, tooth by tooth.</source>
   <translation>Un registro de esta rueda muestra aquí su anillo, diente a diente.</translation>
  </message>
  <message>
   <source>A case teaches one thing. The title and the complaint must not tell the fault; what the driver says fits what is hidden. Try it before a class does.</source>
   <translation>Un caso enseña una cosa. El título y la queja no deben delatar el fallo; lo que dice el conductor encaja con lo escondido. Pruébelo antes que la clase.</translation>
  </message>
  <message>
   <source>A change of the instrument's range or coupling moves the level, too.</source>
   <translation>También otro margen u otro acoplamiento del instrumento desplaza el nivel.</translation>
  </message>
  <message>
   <source>A circuit has two wires: the return is tested from battery plus.</source>
   <translation>Un circuito tiene dos cables: el retorno se prueba desde el positivo de batería.</translation>
  </message>
  <message>
   <source>A coded sensor tells of its gap long before it is lost: read the widths.</source>
   <translation>Un sensor codificado avisa de su entrehierro mucho antes de perderse: lea los anchos.</translation>
  </message>
  <message>
   <source>A coil makes no voltage while the wheel stands: spin it.</source>
   <translation>Una bobina no da tensión con la rueda parada: gírela.</translation>
  </message>
  <message>
   <source>A coil that swings under a steel tool is alive; it may still be weak.</source>
   <translation>Una bobina que oscila ante un hierro está viva; aún puede ser débil.</translation>
  </message>
  <message>
   <source>A fault was isolated in %1 minutes on average.</source>
   <translation>Un fallo se aisló en %1 minutos de media.</translation>
  </message>
  <message>
   <source>Two hundred ohms where the other wheel has a thousand are no good contact: turns of the coil are shorted.</source>
   <translation>Doscientos ohmios donde la otra rueda tiene mil no son un buen contacto: hay espiras de la bobina en corto.</translation>
  </message>
  <message>
   <source>A file...</source>
   <translation>Un archivo...</translation>
  </message>
  <message>
   <source>A folder of practice cases</source>
   <translation>Una carpeta de casos de práctica</translation>
  </message>
  <message>
   <source>A folder...</source>
   <translation>Una carpeta...</translation>
  </message>
  <message>
   <source>A ghost voltage between nothing and supply: an open with a leak, rather than a short; load it and it falls to nothing.</source>
   <translation>Una tensión fantasma entre nada y alimentación: más bien abierto con fuga que corto; con carga cae a nada.</translation>
  </message>
  <message>
   <source>A good sensor in its place</source>
   <translation>Un sensor bueno en su lugar</translation>
  </message>
  <message>
   <source>A hand that turns unevenly once a turn swells the output, too.</source>
   <translation>También una mano que gira desigual una vez por vuelta hace crecer la señal.</translation>
  </message>
  <message>
   <source>A hot coil reads higher, 0.39 % a kelvin: give its temperature.</source>
   <translation>Una bobina caliente lee más, 0,39 % por grado: dé su temperatura.</translation>
  </message>
  <message>
   <source>A knock on the probe looks the same: record it once more.</source>
   <translation>Un golpe en la punta se ve igual: registrarlo otra vez.</translation>
  </message>
  <message>
   <source>A leak no ohmmeter sees</source>
   <translation>Una fuga que ningún óhmetro ve</translation>
  </message>
  <message>
   <source>A look costs little and misses what is under the rubber.</source>
   <translation>Mirar cuesta poco y no ve lo que hay bajo la goma.</translation>
  </message>
  <message>
   <source>A made-up vehicle answers now. What it gives goes into this copy, which is kept nowhere; your job comes back when the yard is left.</source>
   <translation>Ahora responde un vehículo inventado. Lo que da va a esta copia, que no se guarda; su trabajo vuelve al salir del patio.</translation>
  </message>
  <message>
   <source>A made-up vehicle with something hidden wrong, and instruments to find it</source>
   <translation>Un vehículo inventado con algo mal escondido, y aparatos para hallarlo</translation>
  </message>
  <message>
   <source>A made-up vehicle. Ask the trainer for one thing at a time and write down what you expect before you hear the answer.</source>
   <translation>Un vehículo inventado. Pregunte al instructor una cosa cada vez y anote lo que espera antes de oír la respuesta.</translation>
  </message>
  <message>
   <source>A missing supply may only be latched off: clear the codes and cycle the ignition before the module is blamed.</source>
   <translation>Una alimentación ausente puede estar solo cortada: borre los códigos, quite y dé contacto antes de culpar al módulo.</translation>
  </message>
  <message>
   <source>A module costs</source>
   <translation>Un módulo cuesta</translation>
  </message>
  <message>
   <source>A multimeter does not read this kind of test.</source>
   <translation>Un multímetro no lee este tipo de prueba.</translation>
  </message>
  <message>
   <source>A new job begins with</source>
   <translation>Un trabajo nuevo empieza con</translation>
  </message>
  <message>
   <source>A new part is a part that nobody has measured yet.</source>
   <translation>Una pieza nueva es una pieza que nadie ha medido todavía.</translation>
  </message>
  <message>
   <source>A new wheel sensor was chosen by the old one.</source>
   <translation>Se eligió un sensor de rueda nuevo según el viejo.</translation>
  </message>
  <message>
   <source>A part renewed in vain counts for less. Trouble that began after a work sits where the work was: two wires changed over, a hub with another count of teeth, a bearing the wrong way round, a tyre of another size.</source>
   <translation>Una pieza renovada en vano cuenta menos. Lo que empezó tras un trabajo está donde se trabajó: dos cables cambiados, un buje con otra cuenta de dientes, un rodamiento al revés, un neumático de otra medida.</translation>
  </message>
  <message>
   <source>A plug that was never home conducts on one wire only: feel it, pull it, look at the catch.</source>
   <translation>Un conector que nunca encajó conduce solo por un cable: tóquelo, tire, mire el enganche.</translation>
  </message>
  <message>
   <source>A pulse is</source>
   <translation>Un pulso está</translation>
  </message>
  <message>
   <source>A pulse is left out once in less than two turns, and all others are in step: a tooth that is not there; turn the wheel twice round to see whether it comes again.</source>
   <translation>Falta un impulso una vez en menos de dos vueltas, y todos los demás van a compás: un diente que no está; gire la rueda dos vueltas para ver si vuelve.</translation>
  </message>
  <message>
   <source>A pulse is left out twice, {} teeth apart, and all others are in step: one tooth of a ring of {}; count the teeth.</source>
   <translation>Falta un impulso dos veces, a {} dientes de distancia, y todos los demás van a compás: un diente de un anillo de {}; cuente los dientes.</translation>
  </message>
  <message>
   <source>A pulse is left out {} times, every {} teeth, the rest in step: one tooth of the ring is not there; count its teeth.</source>
   <translation>Falta un impulso {} veces, cada {} dientes, el resto a compás: un diente de la corona no está; cuente sus dientes.</translation>
  </message>
  <message>
   <source>A repair lead costs</source>
   <translation>Un cable de reparación cuesta</translation>
  </message>
  <message>
   <source>A ring from another shelf</source>
   <translation>Una corona de otra estantería</translation>
  </message>
  <message>
   <source>A ring or bearing costs</source>
   <translation>Un anillo o rodamiento cuesta</translation>
  </message>
  <message>
   <source>A sensor costs</source>
   <translation>Un sensor cuesta</translation>
  </message>
  <message>
   <source>A sine for a passive input, out of this machine's sound output through an isolating transformer</source>
   <translation>Un seno para una entrada pasiva, por la salida de sonido de esta máquina y un transformador de aislamiento</translation>
  </message>
  <message>
   <source>A sound line reads </source>
   <translation>Una línea sana lee </translation>
  </message>
  <message>
   <source>A sound line reads OL</source>
   <translation>Una línea sana lee OL</translation>
  </message>
  <message>
   <source>A spare wheel</source>
   <translation>Una rueda de repuesto</translation>
  </message>
  <message>
   <source>A thousand ohms, warm</source>
   <translation>Mil ohmios, en caliente</translation>
  </message>
  <message>
   <source>A tired magnet</source>
   <translation>Un imán cansado</translation>
  </message>
  <message>
   <source>A to B: %1, %2</source>
   <translation>A a B: %1, %2</translation>
  </message>
  <message>
   <source>A tyre of the right size was put on, at the right pressure.</source>
   <translation>Se montó un neumático de la medida correcta, a la presión correcta.</translation>
  </message>
  <message>
   <source>A voltmeter draws nothing: one strand passes full volts. Load it and it falls.</source>
   <translation>Un voltímetro no consume: un solo hilo deja pasar toda la tensión. Cárguelo y cae.</translation>
  </message>
  <message>
   <source>A weak signal and a sound coil: look at the tip before you buy a sensor.</source>
   <translation>Una señal débil y una bobina sana: mire la punta antes de comprar un sensor.</translation>
  </message>
  <message>
   <source>A wheel stopped by hand within a tooth looks the same.</source>
   <translation>Una rueda que la mano detiene en un diente se ve igual.</translation>
  </message>
  <message>
   <source>A wheel that stands, or a probe that is off, looks the same.</source>
   <translation>Una rueda parada o una punta suelta se ve igual.</translation>
  </message>
  <message>
   <source>A wheel turned by jerks scatters them as well.</source>
   <translation>También los dispersa una rueda girada a tirones.</translation>
  </message>
  <message>
   <source>A wire that is not there</source>
   <translation>Un cable que no está</translation>
  </message>
  <message>
   <source>A word, not a wave</source>
   <translation>Una palabra, no una onda</translation>
  </message>
  <message>
   <source>ABS and ESC may be off during tests: drive accordingly, where it is lawful; a second person watches the instrument.</source>
   <translation>ABS y ESP pueden estar fuera en las pruebas: conduzca acorde, donde sea legal; otra persona mira el aparato.</translation>
  </message>
  <message>
   <source>AC</source>
   <translation>AC</translation>
  </message>
  <message>
   <source>AC output, spun</source>
   <translation>salida AC, girada</translation>
  </message>
  <message>
   <source>AC volts</source>
   <translation>AC V</translation>
  </message>
  <message>
   <source>AC volts at </source>
   <translation>Voltios AC en </translation>
  </message>
  <message>
   <source>AC volts depend on how fast it was spun: read the hertz too, then two wheels compare.</source>
   <translation>Los voltios AC dependen del giro: lea también los hercios, y dos ruedas se comparan.</translation>
  </message>
  <message>
   <source>AC volts of {} at </source>
   <translation>Voltios AC de {} en </translation>
  </message>
  <message>
   <source>AC volts with the sensor unplugged from where the leads are: there is no signal to read. Plug it in, or measure on its own side, then again.</source>
   <translation>Voltios AC con el sensor desconectado de donde están las puntas: no hay señal que leer. Conéctelo o mida en su lado y repita.</translation>
  </message>
  <message>
   <source>AC volts with the wheel standing: there is no signal to read. Spin it, then again.</source>
   <translation>Voltios AC con la rueda parada: no hay señal que leer. Gírela y repita.</translation>
  </message>
  <message>
   <source>AC volts, % + counts</source>
   <translation>AC voltios, % + cuentas</translation>
  </message>
  <message>
   <source>AC volts, with the hertz</source>
   <translation>voltios AC, con los hercios</translation>
  </message>
  <message>
   <source>About Hay Bale</source>
   <translation>Acerca de Hay Bale</translation>
  </message>
  <message>
   <source>About Hay Bale, licences</source>
   <translation>Acerca de Hay Bale, licencias</translation>
  </message>
  <message>
   <source>About rest level</source>
   <translation>Desde el reposo</translation>
  </message>
  <message>
   <source>Above a speed</source>
   <translation>Por encima de una velocidad</translation>
  </message>
  <message>
   <source>Above: what could still explain the readings. Below: each reading where it was taken.</source>
   <translation>Arriba: qué podría aún explicar las lecturas. Abajo: cada lectura donde se tomó.</translation>
  </message>
  <message>
   <source>Absent: {}: the ring or its encoder, not sensor or wiring.</source>
   <translation>Ausente: {}: el anillo o su rueda magnética, no sensor ni cables.</translation>
  </message>
  <message>
   <source>Absent: {}: the ring or its encoder, rather than a wire that lets go; give the number of teeth, or turn the wheel further round, to be sure.</source>
   <translation>Falta: {}: la corona o su codificador, más que un cable que se suelta; indique el número de dientes, o gire más la rueda, para estar seguro.</translation>
  </message>
  <message>
   <source>Act on what stands below, then prove it: repeat the reading that failed.</source>
   <translation>Actúe según lo de abajo y pruébelo: repita la lectura que falló.</translation>
  </message>
  <message>
   <source>Active sensors mind their polarity: a to a, b to b.</source>
   <translation>Los sensores activos tienen polaridad: a con a, b con b.</translation>
  </message>
  <message>
   <source>Add a circuit</source>
   <translation>Añadir un circuito</translation>
  </message>
  <message>
   <source>Add a code</source>
   <translation>Añadir un código</translation>
  </message>
  <message>
   <source>Add a work done</source>
   <translation>Añadir un trabajo hecho</translation>
  </message>
  <message>
   <source>Address of the shop's logbook</source>
   <translation>Dirección del libro de taller</translation>
  </message>
  <message>
   <source>After a repair measure the whole line again: an old wagon rarely has one fault.</source>
   <translation>Tras una reparación mida otra vez toda la línea: un carro viejo rara vez tiene una sola avería.</translation>
  </message>
  <message>
   <source>After a short the module may leave the input off until it is told to forget.</source>
   <translation>Tras un corto la centralita puede dejar la entrada apagada hasta que se le haga olvidar.</translation>
  </message>
  <message>
   <source>After the first turn</source>
   <translation>Tras la primera vuelta</translation>
  </message>
  <message>
   <source>Again: </source>
   <translation>Otra vez: </translation>
  </message>
  <message>
   <source>All files (*)</source>
   <translation>Todos los archivos (*)</translation>
  </message>
  <message>
   <source>All four at once</source>
   <translation>Los cuatro a la vez</translation>
  </message>
  <message>
   <source>All four wheels travel the same road: one that turns faster is smaller.</source>
   <translation>Las cuatro ruedas recorren el mismo camino: la que gira más rápido es más pequeña.</translation>
  </message>
  <message>
   <source>All hangs on {} ({}): take it once more, at a second contact, before anything is opened.</source>
   <translation>Todo depende de {} ({}): mídalo otra vez, en un segundo contacto, antes de abrir nada.</translation>
  </message>
  <message>
   <source>All is brought over to %1.</source>
   <translation>Todo está llevado a %1.</translation>
  </message>
  <message>
   <source>All jobs are in %1.</source>
   <translation>Todos los trabajos están en %1.</translation>
  </message>
  <message>
   <source>All of it</source>
   <translation>Todo</translation>
  </message>
  <message>
   <source>All of this on {}, the other wheel of the axle: it is the specification.</source>
   <translation>Todo esto en {}, la otra rueda del eje: ella da la especificación.</translation>
  </message>
  <message>
   <source>All teeth are as weak as each other: it is not the ring's doing at one place.</source>
   <translation>Todos los dientes son igual de débiles: no es cosa de un solo lugar de la corona.</translation>
  </message>
  <message>
   <source>All that moves are {:.0f} steps of {} of the instrument: choose a finer range or couple it by AC before anything is judged.</source>
   <translation>Solo se mueven {:.0f} escalones de {} del aparato: elija una escala más fina o acople en AC antes de juzgar.</translation>
  </message>
  <message>
   <source>All that moves is noise of {} about {}: no wheel is seen in it.</source>
   <translation>Todo lo que se mueve es ruido de {} en torno a {}: no se ve ninguna rueda.</translation>
  </message>
  <message>
   <source>An active sensor on leads the wrong way round gives no signal and sets codes: swap the two leads once before the line is blamed.</source>
   <translation>Un sensor activo con los cables cambiados no da señal y pone códigos: cambie los dos cables una vez antes de culpar a la línea.</translation>
  </message>
  <message>
   <source>An active sensor that is unplugged from its module gives no signal: plugged in, back-probed, then again.</source>
   <translation>Un sensor activo suelto de su módulo no da señal: enchufado, por detrás, y repita.</translation>
  </message>
  <message>
   <source>An active sensor with the key off is not fed: the trace means nothing. Key on, then again.</source>
   <translation>Un sensor activo sin contacto no está alimentado: el registro no significa nada. Dé contacto y repita.</translation>
  </message>
  <message>
   <source>An ammeter across a supply is a short: in line only, across the two halves of an open connector; back on volts before the next test.</source>
   <translation>Un amperímetro a través de una alimentación es un cortocircuito: solo en serie, entre las dos mitades de un conector abierto; vuelva a voltios antes de la próxima prueba.</translation>
  </message>
  <message>
   <source>An ammeter across a supply is a short: put it in line, across the two halves of an open connector.</source>
   <translation>Un amperímetro sobre una alimentación es un corto: póngalo en serie, entre las mitades de un conector abierto.</translation>
  </message>
  <message>
   <source>An amplitude that swells once a turn is a ring that does not run true.</source>
   <translation>Una amplitud que crece una vez por vuelta es una corona que no gira centrada.</translation>
  </message>
  <message>
   <source>An answer of an instrument came after another job was opened: it is written nowhere.</source>
   <translation>La respuesta de un aparato llegó tras abrirse otro trabajo: no se escribe en ninguno.</translation>
  </message>
  <message>
   <source>An encoder pressed in with its magnets inward never passes the sensor: a look, a film, a fresh bearing.</source>
   <translation>Un encoder prensado con los imanes hacia dentro nunca pasa ante el sensor: una mirada, una lámina magnética, un rodamiento nuevo.</translation>
  </message>
  <message>
   <source>An hour costs</source>
   <translation>Una hora cuesta</translation>
  </message>
  <message>
   <source>An ohmmeter pushes next to no current: it sees a break, a short, a coil; a leak of salt water or one last strand it may not.</source>
   <translation>Un óhmetro casi no empuja corriente: ve una rotura, un corto, una bobina; una fuga salada o un último hilo, quizá no.</translation>
  </message>
  <message>
   <source>Angle from the first pulse: chalk the tyre there.</source>
   <translation>Ángulo desde el primer pulso: marque ahí el neumático.</translation>
  </message>
  <message>
   <source>Another program wrote %1 meanwhile; what it wrote is kept in %2. Different is %3.</source>
   <translation>Otro programa escribió %1 entretanto; lo que escribió está en %2. Distinto es %3.</translation>
  </message>
  <message>
   <source>Another vehicle</source>
   <translation>Otro vehículo</translation>
  </message>
  <message>
   <source>Another window took this job over. Here it can only be read now.</source>
   <translation>Otra ventana tomó este trabajo. Aquí ya solo se puede leer.</translation>
  </message>
  <message>
   <source>Another window works on this job. Here it can be read; "Take over" goes on with it in this one.</source>
   <translation>Otra ventana trabaja en este trabajo. Aquí puede leerse; «Tomar» sigue con él en esta.</translation>
  </message>
  <message>
   <source>Answer the next move</source>
   <translation>Responder al siguiente paso</translation>
  </message>
  <message>
   <source>Any word of a job: a plate, a code, a colour, a complaint, a reading</source>
   <translation>Cualquier palabra de un trabajo: matrícula, código, color, queja, lectura</translation>
  </message>
  <message>
   <source>Arrow</source>
   <translation>Flecha</translation>
  </message>
  <message>
   <source>As a capture of the wheel in question</source>
   <translation>Como registro de la rueda en cuestión</translation>
  </message>
  <message>
   <source>As a capture of this wheel, with its gaps, and stop</source>
   <translation>Como registro de esta rueda, con sus huecos, y parar</translation>
  </message>
  <message>
   <source>Ask</source>
   <translation>Preguntar</translation>
  </message>
  <message>
   <source>Asked to read it as {}, but the record looks {}.</source>
   <translation>Se pide leerlo como {}, pero el registro parece {}.</translation>
  </message>
  <message>
   <source>Asking the vehicle everything ...</source>
   <translation>Se le pregunta todo al vehículo ...</translation>
  </message>
  <message>
   <source>At key-on, the car standing</source>
   <translation>Al dar contacto, parado</translation>
  </message>
  <message>
   <source>At the same moments as on {}: what they share lets go (supply, ground, module, or the scope's own lead), not this line alone.</source>
   <translation>En los mismos momentos que en {}: falla lo que comparten (alimentación, masa, módulo o el propio cable del osciloscopio), no solo esta línea.</translation>
  </message>
  <message>
   <source>At walking pace</source>
   <translation>A paso de hombre</translation>
  </message>
  <message>
   <source>At {}: exchange the two wires back, by their colours at both ends.</source>
   <translation>En {}: devuelva los dos cables a su sitio, por sus colores en ambos extremos.</translation>
  </message>
  <message>
   <source>Attach a file</source>
   <translation>Adjuntar un archivo</translation>
  </message>
  <message>
   <source>Attach a photo or file</source>
   <translation>Adjuntar foto o archivo</translation>
  </message>
  <message>
   <source>Back (F11)</source>
   <translation>Volver (F11)</translation>
  </message>
  <message>
   <source>Back to the vehicles</source>
   <translation>Volver a los vehículos</translation>
  </message>
  <message>
   <source>Bale lorry, black</source>
   <translation>Camión de pacas, negro</translation>
  </message>
  <message>
   <source>Bale lorry, grey</source>
   <translation>Camión de pacas, gris</translation>
  </message>
  <message>
   <source>Baler tractor</source>
   <translation>Tractor de la empacadora</translation>
  </message>
  <message>
   <source>Beet lorry</source>
   <translation>Camión de remolacha</translation>
  </message>
  <message>
   <source>Before a module is changed: fuses, protection relay, power and ground of the module under load.</source>
   <translation>Antes de cambiar un módulo: fusibles, relé, positivo y masa del módulo con carga.</translation>
  </message>
  <message>
   <source>Before and after, turn on turn</source>
   <translation>Antes y después, vuelta sobre vuelta</translation>
  </message>
  <message>
   <source>Begin anew</source>
   <translation>Empezar de nuevo</translation>
  </message>
  <message>
   <source>Begin with a line as vehicles have it, chosen by its picture</source>
   <translation>Empezar con una línea como las llevan los vehículos, elegida por su dibujo</translation>
  </message>
  <message>
   <source>Begin with level 1: one fault, one wheel, all tools.</source>
   <translation>Empiece con el nivel 1: una avería, una rueda, todas las herramientas.</translation>
  </message>
  <message>
   <source>Beginning of the vehicles' name</source>
   <translation>Comienzo del nombre de los vehículos</translation>
  </message>
  <message>
   <source>Bend and pinch {}, one place after the other, and steer lock to lock.</source>
   <translation>Doble y apriete {}, punto por punto, y gire de tope a tope.</translation>
  </message>
  <message>
   <source>Best points of each case, over all tries. Odds: mean of Brier's score of what they said they were sure of; 0 is perfect, 0.25 is guessing.</source>
   <translation>Mejores puntos de cada caso, de todos los intentos. Cuota: media de la puntuación de Brier de lo seguros que dijeron estar; 0 es perfecto, 0,25 es adivinar.</translation>
  </message>
  <message>
   <source>Better: </source>
   <translation>Mejor: </translation>
  </message>
  <message>
   <source>Between columns</source>
   <translation>Entre columnas</translation>
  </message>
  <message>
   <source>Black lead on {}.</source>
   <translation>Punta negra en {}.</translation>
  </message>
  <message>
   <source>Both eyes on the loom: listen.</source>
   <translation>Los ojos en el mazo: escuche.</translation>
  </message>
  <message>
   <source>Both leads touch the same joint: move one of them.</source>
   <translation>Ambas puntas tocan el mismo punto: mueva una.</translation>
  </message>
  <message>
   <source>Both leads, Ω (0: zeroed)</source>
   <translation>Ambas puntas, Ω (0: restadas)</translation>
  </message>
  <message>
   <source>Both wheels over the same time and at the same scale.</source>
   <translation>Ambas ruedas sobre el mismo tiempo y a la misma escala.</translation>
  </message>
  <message>
   <source>Both wires stand at the supply: the sensor draws nothing. After a new part or a mended joint swap the two wires once before concluding.</source>
   <translation>Ambos hilos están a la tensión de alimentación: el sensor no consume. Tras una pieza nueva o un empalme reparado, cambie los dos hilos una vez antes de concluir.</translation>
  </message>
  <message>
   <source>Bracket it within </source>
   <translation>Acótelo dentro de </translation>
  </message>
  <message>
   <source>Brake hydraulics, where it sits on the unit: the maker's procedure and bleeding.</source>
   <translation>Hidráulica de freno, donde va sobre el grupo: procedimiento del fabricante y purgado.</translation>
  </message>
  <message>
   <source>Bring them along into the shop's logbook</source>
   <translation>Llevarlos al libro del taller</translation>
  </message>
  <message>
   <source>Broken where it bends</source>
   <translation>Roto donde se dobla</translation>
  </message>
  <message>
   <source>By bench (all jobs)</source>
   <translation>Por puesto (todos los trabajos)</translation>
  </message>
  <message>
   <source>By month of closing</source>
   <translation>Por mes de cierre</translation>
  </message>
  <message>
   <source>By sound card</source>
   <translation>Por tarjeta de sonido</translation>
  </message>
  <message>
   <source>By vehicle</source>
   <translation>Por vehículo</translation>
  </message>
  <message>
   <source>C, S, Delete, &lt; &gt;</source>
   <translation>C, S, Supr, &lt; &gt;</translation>
  </message>
  <message>
   <source>Camera</source>
   <translation>Cámara</translation>
  </message>
  <message>
   <source>Can be played. Hidden: %1.</source>
   <translation>Se puede jugar. Escondido: %1.</translation>
  </message>
  <message>
   <source>Cancel</source>
   <translation>Cancelar</translation>
  </message>
  <message>
   <source>Capture of %1</source>
   <translation>Registro de %1</translation>
  </message>
  <message>
   <source>Captures and photos of the open job</source>
   <translation>Capturas y fotos del trabajo abierto</translation>
  </message>
  <message>
   <source>Car standing, key off.</source>
   <translation>Coche parado, sin contacto.</translation>
  </message>
  <message>
   <source>Car standing, wheels still.</source>
   <translation>Coche parado, ruedas quietas.</translation>
  </message>
  <message>
   <source>Case of a file...</source>
   <translation>Caso de un archivo...</translation>
  </message>
  <message>
   <source>Cattle lorry</source>
   <translation>Camión de ganado</translation>
  </message>
  <message>
   <source>Chalk the tyre at the first pulse and look at tooth {} through the opening, {:.0f}° forward from the mark.</source>
   <translation>Marque el neumático en el primer pulso y mire el diente {} por la abertura, {:.0f}° más allá de la marca.</translation>
  </message>
  <message>
   <source>Change or repair the module, then set it up as the maker says.</source>
   <translation>Cambie o repare el módulo y configúrelo como diga el fabricante.</translation>
  </message>
  <message>
   <source>Change the control unit</source>
   <translation>Cambiar la centralita</translation>
  </message>
  <message>
   <source>Changes that were not saved are back. Undo shows the file as it was saved.</source>
   <translation>Los cambios no guardados han vuelto. Deshacer muestra el archivo como se guardó.</translation>
  </message>
  <message>
   <source>Check battery, fuses, relay, power and ground of the module under load: several circuits hang on them.</source>
   <translation>Revise batería, fusibles, relé, positivo y masa del módulo con carga: varios circuitos dependen de ellos.</translation>
  </message>
  <message>
   <source>Check the module's plug, power and ground before the module itself is blamed.</source>
   <translation>Revise conector, positivo y masa del módulo antes de culparlo.</translation>
  </message>
  <message>
   <source>Choose a made-up vehicle and press Enter</source>
   <translation>Elija un vehículo inventado y pulse Intro</translation>
  </message>
  <message>
   <source>Choose a picture...</source>
   <translation>Elegir una imagen...</translation>
  </message>
  <message>
   <source>Choose the capture file</source>
   <translation>Elegir el registro</translation>
  </message>
  <message>
   <source>Circuit %1.  %2 min, costs %3 so far.</source>
   <translation>Circuito %1.  %2 min, cuesta %3 hasta ahora.</translation>
  </message>
  <message>
   <source>Circuit in question: {}. Tools: {}. Allowed: {}.</source>
   <translation>Circuito en duda: {}. Herramientas: {}. Permitido: {}.</translation>
  </message>
  <message>
   <source>Clean rust from bore and seat so that it goes home; push it fully home before the bolt: a cocked flange cracks.</source>
   <translation>Quite el óxido del alojamiento y asiento para que entre del todo; empújelo a fondo antes del tornillo: una brida ladeada se raja.</translation>
  </message>
  <message>
   <source>Clean the ring and its window; look for rust under the ring that lifts it.</source>
   <translation>Limpie el anillo y su ventana; busque óxido bajo el anillo que lo levante.</translation>
  </message>
  <message>
   <source>Clean the sensor's tip and seat</source>
   <translation>Limpiar la punta y el asiento del sensor</translation>
  </message>
  <message>
   <source>Clean the terminals of {} with a fine tool that does not spread them, and tighten spread ones; renew what stays loose.</source>
   <translation>Limpie los terminales de {} con herramienta fina que no los abra, y cierre los abiertos; renueve lo que siga flojo.</translation>
  </message>
  <message>
   <source>Clear codes and read them again</source>
   <translation>Borrar los códigos y leerlos otra vez</translation>
  </message>
  <message>
   <source>Clear the codes and cycle the ignition: the module feeds its sensors again.</source>
   <translation>Borre los códigos, quite y dé contacto: el módulo vuelve a alimentar sus sensores.</translation>
  </message>
  <message>
   <source>Clear the codes and cycle the ignition: the supply comes back. Then find what made the module switch off.</source>
   <translation>Borre los códigos, quite y dé contacto: la alimentación vuelve. Luego halle por qué cortó el módulo.</translation>
  </message>
  <message>
   <source>Clear the codes once more, do the same again, and read what comes back.</source>
   <translation>Borre los códigos otra vez, haga lo mismo y lea qué vuelve.</translation>
  </message>
  <message>
   <source>Clear the codes, cycle the ignition and read the supply again before a module is blamed.</source>
   <translation>Borre los códigos, quite y dé contacto y mida de nuevo la alimentación antes de culpar a un módulo.</translation>
  </message>
  <message>
   <source>Clear the codes, spin the wheel, read them again.</source>
   <translation>Borre los códigos, gire la rueda, léalos otra vez.</translation>
  </message>
  <message>
   <source>Clear the stored faults and start again</source>
   <translation>Borrar las averías guardadas y empezar de nuevo</translation>
  </message>
  <message>
   <source>Clear, cycle the key, read the codes</source>
   <translation>Borrar, quitar y dar contacto, leer los códigos</translation>
  </message>
  <message>
   <source>Clearing wipes the codes stored now: write them down first, with status, counts and freeze values.</source>
   <translation>Borrar elimina los códigos guardados: anótelos antes, con estado, cuentas y valores congelados.</translation>
  </message>
  <message>
   <source>Clearing wipes the stored codes: write them down in Intake first, or tick there that none were stored.</source>
   <translation>Borrar elimina los códigos guardados: anótelos antes en Recepción, o marque allí que no había.</translation>
  </message>
  <message>
   <source>Click a place on the line.</source>
   <translation>Pulse un lugar de la línea.</translation>
  </message>
  <message>
   <source>Clicked, but not home</source>
   <translation>Hizo clic, pero no encajó</translation>
  </message>
  <message>
   <source>Close</source>
   <translation>Cerrar</translation>
  </message>
  <message>
   <source>Close the job</source>
   <translation>Cerrar el trabajo</translation>
  </message>
  <message>
   <source>Close-out</source>
   <translation>Cierre</translation>
  </message>
  <message>
   <source>Closed on %1: %2 %3.</source>
   <translation>Cerrado el %1: %2 %3.</translation>
  </message>
  <message>
   <source>Coach</source>
   <translation>Maestro</translation>
  </message>
  <message>
   <source>Codes in the module, before anything is cleared</source>
   <translation>Códigos del módulo, antes de borrar nada</translation>
  </message>
  <message>
   <source>Codes, basics, prices</source>
   <translation>Códigos, básico, precios</translation>
  </message>
  <message>
   <source>Colours</source>
   <translation>Colores</translation>
  </message>
  <message>
   <source>Combine carrier</source>
   <translation>Transporte de la cosechadora</translation>
  </message>
  <message>
   <source>Common practice; the maker's procedure, local rules and a licensed technician's judgement come first.</source>
   <translation>Práctica común; el procedimiento del fabricante, las normas locales y el juicio del técnico van primero.</translation>
  </message>
  <message>
   <source>Compare size and pressure of the tyres with the other axle and with what is on the door.</source>
   <translation>Compare medida y presión de los neumáticos con el otro eje y con lo que dice la puerta.</translation>
  </message>
  <message>
   <source>Compare the sensor with the one that belongs there: part number, plug, length, tip; fit the right one.</source>
   <translation>Compare el sensor con el que corresponde: número de pieza, conector, longitud, punta; monte el correcto.</translation>
  </message>
  <message>
   <source>Compare the sizes on the sidewalls and the pressures of all wheels; a spare may be 3 to 6 % off.</source>
   <translation>Compare las medidas de los flancos y las presiones de todas las ruedas; una de repuesto puede diferir de un 3 a un 6 %.</translation>
  </message>
  <message>
   <source>Concrete mixer of the building yard</source>
   <translation>Hormigonera de la obra</translation>
  </message>
  <message>
   <source>Connect</source>
   <translation>Conectar</translation>
  </message>
  <message>
   <source>Connectors, splices, lengths, zones (Ctrl+E)</source>
   <translation>Conectores, empalmes, largos, zonas (Ctrl+E)</translation>
  </message>
  <message>
   <source>Contradictory for one fault: {} and {} together explain it</source>
   <translation>Contradictorio para una avería: {} y {} juntas lo explican</translation>
  </message>
  <message>
   <source>Contradictory: no single fault explains every reading</source>
   <translation>Contradictorio: ninguna avería sola explica todas las lecturas</translation>
  </message>
  <message>
   <source>Copper gains four in a thousand for every degree: compare at one temperature, or with the other wheel.</source>
   <translation>El cobre gana cuatro por mil por cada grado: compare a una misma temperatura, o con la otra rueda.</translation>
  </message>
  <message>
   <source>Copy the readings as text</source>
   <translation>Copiar las lecturas como texto</translation>
  </message>
  <message>
   <source>Copy the verdict as text</source>
   <translation>Copiar el veredicto como texto</translation>
  </message>
  <message>
   <source>Correct</source>
   <translation>Corregir</translation>
  </message>
  <message>
   <source>Count again</source>
   <translation>Contar de nuevo</translation>
  </message>
  <message>
   <source>Count the teeth against the other wheel's and the maker's figure; fit the ring or bearing that belongs there.</source>
   <translation>Cuente los dientes y compárelos con los de la otra rueda y el dato del fabricante; monte el anillo o rodamiento que corresponde.</translation>
  </message>
  <message>
   <source>Count the teeth of the new ring against the old one.</source>
   <translation>Cuente los dientes del anillo nuevo frente al viejo.</translation>
  </message>
  <message>
   <source>Count the teeth: one wheel that is always a twelfth too slow has a ring from another shelf.</source>
   <translation>Cuente los dientes: una rueda que siempre va un doceavo más lenta lleva una corona de otra estantería.</translation>
  </message>
  <message>
   <source>Cracked on the shaft</source>
   <translation>Agrietada en el eje</translation>
  </message>
  <message>
   <source>Creep to a stop, watching the live speeds for a dropout</source>
   <translation>Rodar hasta parar, vigilando cortes en las velocidades</translation>
  </message>
  <message>
   <source>Cut the wire back an inch (25 mm) at a time until the copper is bright, then several inches more: water creeps along the strands, uphill as well as down.</source>
   <translation>Corte el cable de 25 en 25 mm hasta cobre brillante, y luego unos cuantos más: el agua trepa por los hilos, cuesta arriba y abajo.</translation>
  </message>
  <message>
   <source>DC volts</source>
   <translation>DC V</translation>
  </message>
  <message>
   <source>DC volts, % + counts</source>
   <translation>DC voltios, % + cuentas</translation>
  </message>
  <message>
   <source>DC volts, 20 V range</source>
   <translation>voltios DC, escala 20 V</translation>
  </message>
  <message>
   <source>Day / night</source>
   <translation>Día / noche</translation>
  </message>
  <message>
   <source>Dealer's show tractor</source>
   <translation>Tractor de exposición</translation>
  </message>
  <message>
   <source>Decided: </source>
   <translation>Decidido: </translation>
  </message>
  <message>
   <source>Decimal mark</source>
   <translation>Signo decimal</translation>
  </message>
  <message>
   <source>Deliberate short at </source>
   <translation>Corto a propósito en </translation>
  </message>
  <message>
   <source>Deliberate short at the plug</source>
   <translation>Corto a propósito en el conector</translation>
  </message>
  <message>
   <source>Deliberate short: only on an input whose maker allows it to be shorted, and off again at once.</source>
   <translation>Corto a propósito: solo en una entrada cuyo fabricante lo permita, y quitado enseguida.</translation>
  </message>
  <message>
   <source>Demo job</source>
   <translation>Trabajo de ejemplo</translation>
  </message>
  <message>
   <source>Describe another meter...</source>
   <translation>Describir otro multímetro...</translation>
  </message>
  <message>
   <source>Disconnect</source>
   <translation>Desconectar</translation>
  </message>
  <message>
   <source>Do it</source>
   <translation>Hacerlo</translation>
  </message>
  <message>
   <source>Do the work</source>
   <translation>Hacer el trabajo</translation>
  </message>
  <message>
   <source>Do what the complaint says while you watch.</source>
   <translation>Haga lo que dice la queja mientras mira.</translation>
  </message>
  <message>
   <source>Done already</source>
   <translation>Ya hecho</translation>
  </message>
  <message>
   <source>Drag on the photo. What is kept is a copy with the marks; the photo itself stays as it is.</source>
   <translation>Arrastre sobre la foto. Se guarda una copia con las marcas; la foto misma queda como está.</translation>
  </message>
  <message>
   <source>Draw 7 and 14 mA in turn, {:.4g} times a second, from wire a through the load box.</source>
   <translation>Tome 7 y 14 mA por turno, {:.4g} veces por segundo, del cable a por la caja de carga.</translation>
  </message>
  <message>
   <source>Drive above {}, read the codes</source>
   <translation>Conducir por encima de {}, leer los códigos</translation>
  </message>
  <message>
   <source>Drive at walking pace in a straight line, and stop gently.</source>
   <translation>Ruede a paso de hombre en línea recta y pare suave.</translation>
  </message>
  <message>
   <source>Drive in a straight line at about {}.</source>
   <translation>Conducir en línea recta a unos {}.</translation>
  </message>
  <message>
   <source>Drive it and read the codes again: what comes back made the module switch off.</source>
   <translation>Ruede y lea los códigos otra vez: lo que vuelve hizo cortar al módulo.</translation>
  </message>
  <message>
   <source>Drive it warm, read the codes</source>
   <translation>Rodar hasta caliente, leer los códigos</translation>
  </message>
  <message>
   <source>Drive the module on the bench at</source>
   <translation>Alimentar el módulo del banco a</translation>
  </message>
  <message>
   <source>Drop a capture of the wheel in question.</source>
   <translation>Suelte un registro de la rueda en cuestión.</translation>
  </message>
  <message>
   <source>Drop a capture on a wheel. Mouse wheel zooms, drag pans, Home shows all; A and B set cursors where the pointer is, Esc takes them off.</source>
   <translation>Suelte un registro en una rueda. La rueda del ratón amplía, arrastrar desplaza, Inicio muestra todo; A y B ponen marcas en el puntero, Esc las quita.</translation>
  </message>
  <message>
   <source>Drop a scope capture of {} here (CSV, WAV, VCD), or press O to choose a file.</source>
   <translation>Suelte aquí un registro de {} (CSV, WAV, VCD), o pulse O para elegir un archivo.</translation>
  </message>
  <message>
   <source>Dropouts</source>
   <translation>Cortes</translation>
  </message>
  <message>
   <source>Due again: %1.</source>
   <translation>Toca de nuevo: %1.</translation>
  </message>
  <message>
   <source>Edit the line</source>
   <translation>Editar la línea</translation>
  </message>
  <message>
   <source>Eight volts on purpose</source>
   <translation>Ocho voltios a propósito</translation>
  </message>
  <message>
   <source>Encoder in the bearing seal: the right way round, away from magnets; a bad one means a new bearing.</source>
   <translation>Rueda magnética en el retén: del lado correcto, lejos de imanes; una mala pide rodamiento nuevo.</translation>
  </message>
  <message>
   <source>Enter</source>
   <translation>Aceptar</translation>
  </message>
  <message>
   <source>Erase</source>
   <translation>Borrar</translation>
  </message>
  <message>
   <source>Erase owner and plate</source>
   <translation>Borrar dueño y matrícula</translation>
  </message>
  <message>
   <source>Erase owner...</source>
   <translation>Borrar dueño...</translation>
  </message>
  <message>
   <source>Every reading in one list (Ctrl+R)</source>
   <translation>Todas las lecturas en una lista (Ctrl+R)</translation>
  </message>
  <message>
   <source>Everything at %1 %: the window opens anew.</source>
   <translation>Todo al %1 %: la ventana se abre de nuevo.</translation>
  </message>
  <message>
   <source>Everything larger</source>
   <translation>Todo más grande</translation>
  </message>
  <message>
   <source>Everything smaller</source>
   <translation>Todo más pequeño</translation>
  </message>
  <message>
   <source>Everywhere</source>
   <translation>En todas partes</translation>
  </message>
  <message>
   <source>Exercise: {}</source>
   <translation>Ejercicio: {}</translation>
  </message>
  <message>
   <source>Fault</source>
   <translation>Avería</translation>
  </message>
  <message>
   <source>Fed in at</source>
   <translation>Se da en</translation>
  </message>
  <message>
   <source>Feed a signal in</source>
   <translation>Dar una señal</translation>
  </message>
  <message>
   <source>Fetch what other benches brought</source>
   <translation>Traer lo que llevaron otros puestos</translation>
  </message>
  <message>
   <source>Figures</source>
   <translation>Cifras</translation>
  </message>
  <message>
   <source>Filings from the brake</source>
   <translation>Limaduras del freno</translation>
  </message>
  <message>
   <source>Find a job</source>
   <translation>Buscar un trabajo</translation>
  </message>
  <message>
   <source>Find the fault</source>
   <translation>Hallar la avería</translation>
  </message>
  <message>
   <source>Find what it rubbed on, clear it, and clip the loom away from it.</source>
   <translation>Halle qué lo rozó, apártelo y sujete el mazo lejos.</translation>
  </message>
  <message>
   <source>Find what made it switch off: read the codes after the first turn.</source>
   <translation>Halle por qué cortó: lea los códigos tras la primera vuelta.</translation>
  </message>
  <message>
   <source>Find where the two circuits are exchanged, at a plug or a joint, and put them back: nothing is bought.</source>
   <translation>Halle dónde se cambiaron los dos circuitos, en un conector o unión, y devuélvalos: no se compra nada.</translation>
  </message>
  <message>
   <source>Findings</source>
   <translation>Hallazgos</translation>
  </message>
  <message>
   <source>First line of data</source>
   <translation>Primera línea de datos</translation>
  </message>
  <message>
   <source>First things first</source>
   <translation>Primero lo primero</translation>
  </message>
  <message>
   <source>Fit a new one</source>
   <translation>Montar nuevo</translation>
  </message>
  <message>
   <source>Fit a new sensor</source>
   <translation>Montar un sensor nuevo</translation>
  </message>
  <message>
   <source>Fleet report...</source>
   <translation>Informe de la flota...</translation>
  </message>
  <message>
   <source>Flex {} while watching {}</source>
   <translation>Doblar {} mirando {}</translation>
  </message>
  <message>
   <source>For the trainer: {}</source>
   <translation>Para el instructor: {}</translation>
  </message>
  <message>
   <source>For trainers</source>
   <translation>Para instructores</translation>
  </message>
  <message>
   <source>Forage wagon</source>
   <translation>Remolque autocargador</translation>
  </message>
  <message>
   <source>Four wheels do not die on one day: look for what they share.</source>
   <translation>Cuatro ruedas no mueren el mismo día: busque lo que comparten.</translation>
  </message>
  <message>
   <source>From a log</source>
   <translation>De un registro</translation>
  </message>
  <message>
   <source>From a quarter of the speed to twice it in 20 s</source>
   <translation>De un cuarto de la velocidad al doble en 20 s</translation>
  </message>
  <message>
   <source>From behind the plug, with a thin probe: do not spread or bridge the module's pins. Airbag and orange high-voltage circuits are out of bounds.</source>
   <translation>Por detrás del conector, con punta fina: no abra ni puentee las patillas del módulo. Airbag y alta tensión naranja, prohibidos.</translation>
  </message>
  <message>
   <source>From now on this job is judged by the good parts; undo takes it back.</source>
   <translation>Desde ahora este trabajo se juzga por las piezas buenas; deshacer lo anula.</translation>
  </message>
  <message>
   <source>Full volts and no current</source>
   <translation>Tensión plena y nada de corriente</translation>
  </message>
  <message>
   <source>Fuse, power or ground of the module is bad: mend that first, then read again.</source>
   <translation>Fusible, alimentación o masa del módulo está mal: arréglelo primero y lea de nuevo.</translation>
  </message>
  <message>
   <source>Gap right, tip clean, ohms right and yet half the flux of the other wheel: the magnet.</source>
   <translation>Entrehierro bien, punta limpia, ohmios bien y aun así medio flujo de la otra rueda: el imán.</translation>
  </message>
  <message>
   <source>Garden machine carrier</source>
   <translation>Transporte de máquinas de jardín</translation>
  </message>
  <message>
   <source>Give slack where it flexes, hold it on both sides of the joint, and steer from lock to lock: nothing may pull.</source>
   <translation>Deje holgura donde dobla, sujete a ambos lados de la unión y gire de tope a tope: nada debe tirar.</translation>
  </message>
  <message>
   <source>Gives {:.0f} % less: {}: bent, chipped or dirty.</source>
   <translation>Da {:.0f} % menos: {}: doblado, mellado o sucio.</translation>
  </message>
  <message>
   <source>Go on with this job here; the other window can then only read it</source>
   <translation>Seguir aquí con este trabajo; la otra ventana solo podrá leerlo</translation>
  </message>
  <message>
   <source>Go to the line</source>
   <translation>A la línea</translation>
  </message>
  <message>
   <source>Go to the proof</source>
   <translation>A la prueba</translation>
  </message>
  <message>
   <source>Go to the repair</source>
   <translation>A la reparación</translation>
  </message>
  <message>
   <source>Go to the report</source>
   <translation>Al informe</translation>
  </message>
  <message>
   <source>Goes: owner, plate, what the owner decided, and both names wherever they stand in notes and titles, in every kept state (%1), in the job's file, in the copies of the logbook on this bench, in the shop's logbook and, once it is brought over, on every bench. Files that were brought along into the shop's logbook are taken off there.</source>
   <translation>Se va: dueño, matrícula, lo que decidió el dueño y ambos nombres dondequiera que estén en notas y títulos, en cada estado guardado (%1), en el archivo del trabajo, en las copias del libro en este puesto, en el libro del taller y, una vez llevado, en todos los puestos. Los archivos llevados al libro del taller se quitan de allí.</translation>
  </message>
  <message>
   <source>Good sensor on the suspect line</source>
   <translation>Sensor bueno en la línea sospechosa</translation>
  </message>
  <message>
   <source>Good wheel {}: {}</source>
   <translation>Rueda buena {}: {}</translation>
  </message>
  <message>
   <source>Grain lorry</source>
   <translation>Camión de grano</translation>
  </message>
  <message>
   <source>Green copper in a plug under the floor is a resistor that looks like a plug.</source>
   <translation>El cobre verde en un conector bajo el piso es una resistencia que parece un conector.</translation>
  </message>
  <message>
   <source>Halve it by minutes, not by metres.</source>
   <translation>Divídala por minutos, no por metros.</translation>
  </message>
  <message>
   <source>Harrow carrier</source>
   <translation>Transporte de la grada</translation>
  </message>
  <message>
   <source>Hay Bale %1</source>
   <translation>Hay Bale %1</translation>
  </message>
  <message>
   <source>Hay Bale, shop's logbook </source>
   <translation>Hay Bale, libro del taller </translation>
  </message>
  <message>
   <source>Hay rake carrier</source>
   <translation>Transporte del rastrillo</translation>
  </message>
  <message>
   <source>Hay wagon of the yard's fleet</source>
   <translation>Carro de heno de la flota del patio</translation>
  </message>
  <message>
   <source>Hay wagon with the blue tailboard</source>
   <translation>Carro de heno con la trampilla azul</translation>
  </message>
  <message>
   <source>Hay wagon, blue</source>
   <translation>Carro de heno, azul</translation>
  </message>
  <message>
   <source>Hay wagon, green</source>
   <translation>Carro de heno, verde</translation>
  </message>
  <message>
   <source>Hay wagon, old</source>
   <translation>Carro de heno, viejo</translation>
  </message>
  <message>
   <source>Hay wagon, oldest</source>
   <translation>Carro de heno, el más viejo</translation>
  </message>
  <message>
   <source>Hay wagon, white</source>
   <translation>Carro de heno, blanco</translation>
  </message>
  <message>
   <source>Height</source>
   <translation>Altura</translation>
  </message>
  <message>
   <source>Help</source>
   <translation>Ayuda</translation>
  </message>
  <message>
   <source>Help for this view</source>
   <translation>Ayuda de esta vista</translation>
  </message>
  <message>
   <source>Highest ohms range, Ω</source>
   <translation>Escala más alta de ohmios, Ω</translation>
  </message>
  <message>
   <source>Hint</source>
   <translation>Pista</translation>
  </message>
  <message>
   <source>Hold the loom on both sides of the joint; no strain on it.</source>
   <translation>Sujete el mazo a ambos lados de la unión; sin tensión en ella.</translation>
  </message>
  <message>
   <source>Holes that were pierced: each sealed, or it is the next green crust</source>
   <translation>Agujeros pinchados: cada uno sellado, o será el próximo óxido verde</translation>
  </message>
  <message>
   <source>Home</source>
   <translation>Inicio</translation>
  </message>
  <message>
   <source>Home, End</source>
   <translation>Inicio, Fin</translation>
  </message>
  <message>
   <source>Horse box</source>
   <translation>Remolque de caballos</translation>
  </message>
  <message>
   <source>How %1 is read</source>
   <translation>Cómo se lee %1</translation>
  </message>
  <message>
   <source>How it is read</source>
   <translation>Cómo se lee</translation>
  </message>
  <message>
   <source>How it went, one row a case that was played to its end</source>
   <translation>Cómo fue, una fila por caso jugado hasta el final</translation>
  </message>
  <message>
   <source>How sure, in per cent</source>
   <translation>Certeza, en por ciento</translation>
  </message>
  <message>
   <source>How suspicion moved, reading by reading</source>
   <translation>Cómo se movió la sospecha, lectura a lectura</translation>
  </message>
  <message>
   <source>How the file is read</source>
   <translation>Cómo se lee el archivo</translation>
  </message>
  <message>
   <source>How this went could not be kept: %1</source>
   <translation>No pudo guardarse cómo fue: %1</translation>
  </message>
  <message>
   <source>How we know</source>
   <translation>Cómo lo sabemos</translation>
  </message>
  <message>
   <source>Hub bolts and axle nut: the maker's torque, new where the maker says so.</source>
   <translation>Tornillos del buje y tuerca del eje: par del fabricante, nuevos donde lo diga.</translation>
  </message>
  <message>
   <source>I expect</source>
   <translation>espero</translation>
  </message>
  <message>
   <source>I read</source>
   <translation>leo</translation>
  </message>
  <message>
   <source>If a lamp comes on again, note what you were doing: braking, steering, rain, speed. It shortens the search.</source>
   <translation>Si un testigo se enciende de nuevo, note qué hacía: frenar, girar, lluvia, velocidad. Acorta la búsqueda.</translation>
  </message>
  <message>
   <source>If both circuits set codes, exchange the two leads once before you conclude: polarity or a bad hook-up.</source>
   <translation>Si ambos circuitos dan códigos, cambie los dos cables una vez antes de concluir: polaridad o mala conexión.</translation>
  </message>
  <message>
   <source>Ignition key</source>
   <translation>Llave de contacto</translation>
  </message>
  <message>
   <source>In doubt: %1.</source>
   <translation>En duda: %1.</translation>
  </message>
  <message>
   <source>In fewer than one of 100 such repairs something is still wrong after that.</source>
   <translation>En menos de una de 100 reparaciones así algo sigue mal después.</translation>
  </message>
  <message>
   <source>In series</source>
   <translation>En serie</translation>
  </message>
  <message>
   <source>In the plan because %1.</source>
   <translation>En el plan porque %1.</translation>
  </message>
  <message>
   <source>In the wet</source>
   <translation>En mojado</translation>
  </message>
  <message>
   <source>In this view</source>
   <translation>En esta vista</translation>
  </message>
  <message>
   <source>In {:.0f} of 100 such repairs something is still wrong after that.</source>
   <translation>En {:.0f} de 100 reparaciones así algo sigue mal después.</translation>
  </message>
  <message>
   <source>In {} the line moved by {} at most.</source>
   <translation>En {} la línea se movió {} como mucho.</translation>
  </message>
  <message>
   <source>Input on volts, Ω</source>
   <translation>Entrada en voltios, Ω</translation>
  </message>
  <message>
   <source>Instruments</source>
   <translation>Aparatos</translation>
  </message>
  <message>
   <source>Intake</source>
   <translation>Recepción</translation>
  </message>
  <message>
   <source>Intake does not list the tools or the leave for this one.</source>
   <translation>Recepción no nombra las herramientas o el permiso para esto.</translation>
  </message>
  <message>
   <source>Isolated: </source>
   <translation>Aislado: </translation>
  </message>
  <message>
   <source>It answers; %1 jobs are in it.</source>
   <translation>Responde; tiene %1 trabajos.</translation>
  </message>
  <message>
   <source>It came once, at even speed, the pulses before and behind it as the others.</source>
   <translation>Vino una vez, a velocidad uniforme, los pulsos de antes y después como los demás.</translation>
  </message>
  <message>
   <source>It can be closed, but it is not proved: the report will say so, and it does not count in the odds of the next job.</source>
   <translation>Puede cerrarse, pero no está probado: el informe lo dirá, y no cuenta para el próximo trabajo.</translation>
  </message>
  <message>
   <source>It could not be read yet: it %1.</source>
   <translation>Aún no pudo leerse: %1.</translation>
  </message>
  <message>
   <source>It fits, it has a coil, and it is not the one: compare with the other side.</source>
   <translation>Encaja, tiene bobina, y no es el correcto: compare con el otro lado.</translation>
  </message>
  <message>
   <source>It follows: module and line up to here are good.</source>
   <translation>Sigue: módulo y línea hasta aquí están bien.</translation>
  </message>
  <message>
   <source>It happened once.</source>
   <translation>Ocurrió una vez.</translation>
  </message>
  <message>
   <source>It happened {} times.</source>
   <translation>Ocurrió {} veces.</translation>
  </message>
  <message>
   <source>It is %1</source>
   <translation>Es %1</translation>
  </message>
  <message>
   <source>It lies there for all benches.</source>
   <translation>Está allí para todos los puestos.</translation>
  </message>
  <message>
   <source>It only wants waking</source>
   <translation>Solo hay que despertarla</translation>
  </message>
  <message>
   <source>It switches a load box of %1, and %2 beside it.</source>
   <translation>Conmuta una caja de carga de %1, y %2 en paralelo.</translation>
  </message>
  <message>
   <source>It was looked for what had made the control unit switch the sensor off.</source>
   <translation>Se buscó por qué la centralita había cortado el sensor.</translation>
  </message>
  <message>
   <source>Job</source>
   <translation>Trabajo</translation>
  </message>
  <message>
   <source>Jobs</source>
   <translation>Trabajos</translation>
  </message>
  <message>
   <source>Jobs are kept on this bench only.</source>
   <translation>Los trabajos se guardan solo en este puesto.</translation>
  </message>
  <message>
   <source>Jobs are not kept in the logbook: %1</source>
   <translation>Los trabajos no se guardan en el libro: %1</translation>
  </message>
  <message>
   <source>Jobs, preferences, help (Alt)</source>
   <translation>Trabajos, preferencias, ayuda (Alt)</translation>
  </message>
  <message>
   <source>Join wires a and b of its module half.</source>
   <translation>Una los cables a y b de su lado módulo.</translation>
  </message>
  <message>
   <source>Join wires a and b with a jumper at {}.</source>
   <translation>Una los cables a y b con un puente en {}.</translation>
  </message>
  <message>
   <source>Keep</source>
   <translation>Guardar</translation>
  </message>
  <message>
   <source>Keep as good</source>
   <translation>Dar por bueno</translation>
  </message>
  <message>
   <source>Keep it turning for two turns at least. Look at height, evenness and levels; keep the record.</source>
   <translation>Que gire al menos dos vueltas. Mire altura, regularidad y niveles; guarde el registro.</translation>
  </message>
  <message>
   <source>Keep jobs on this bench only</source>
   <translation>Guardar trabajos solo en este puesto</translation>
  </message>
  <message>
   <source>Keep the marked copy</source>
   <translation>Guardar la copia</translation>
  </message>
  <message>
   <source>Keep the reading, but do not count it</source>
   <translation>Guardar la lectura, pero no contarla</translation>
  </message>
  <message>
   <source>Keep these seconds</source>
   <translation>Guardar estos segundos</translation>
  </message>
  <message>
   <source>Keep what came of it</source>
   <translation>Guardar lo que salió</translation>
  </message>
  <message>
   <source>Keep what it sees</source>
   <translation>Guardar lo que ve</translation>
  </message>
  <message>
   <source>Kept as good, for the same</source>
   <translation>Guardado como bueno, para iguales</translation>
  </message>
  <message>
   <source>Kept as good.</source>
   <translation>Guardado como bueno.</translation>
  </message>
  <message>
   <source>Kept states</source>
   <translation>Estados</translation>
  </message>
  <message>
   <source>Kept states, newest first</source>
   <translation>Estados guardados, el último primero</translation>
  </message>
  <message>
   <source>Kept states...</source>
   <translation>Estados...</translation>
  </message>
  <message>
   <source>Kept: %1 shows %2 with %3 Hz fed in.</source>
   <translation>Guardado: %1 muestra %2 con %3 Hz inyectados.</translation>
  </message>
  <message>
   <source>Kept: %1. Suspicion has moved.</source>
   <translation>Guardado: %1. La sospecha se movió.</translation>
  </message>
  <message>
   <source>Key off and wait before the module's plug comes off; do not spread or bridge its pins. Airbag and orange high-voltage circuits are out of bounds.</source>
   <translation>Quite el contacto y espere antes de soltar el conector del módulo; no abra ni puentee sus patillas. Airbag y alta tensión naranja, prohibidos.</translation>
  </message>
  <message>
   <source>Key off and wait before unplugging. Airbag and orange high-voltage circuits: out of bounds.</source>
   <translation>Quite el contacto y espere antes de desenchufar. Airbag y alta tensión naranja, prohibidos.</translation>
  </message>
  <message>
   <source>Key off before a plug is taken apart or put together.</source>
   <translation>Sin contacto antes de separar o unir un conector.</translation>
  </message>
  <message>
   <source>Key off, and wait a minute.</source>
   <translation>Sin contacto, espere un minuto.</translation>
  </message>
  <message>
   <source>Key off. Take </source>
   <translation>Sin contacto. Separe </translation>
  </message>
  <message>
   <source>Key on, engine off.</source>
   <translation>Contacto dado, motor parado.</translation>
  </message>
  <message>
   <source>Key on. </source>
   <translation>Dé contacto. </translation>
  </message>
  <message>
   <source>Key on. Watch the live speed of </source>
   <translation>Dé contacto. Mire la velocidad de </translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Teclas</translation>
  </message>
  <message>
   <source>Keys of this view</source>
   <translation>Teclas de esta vista</translation>
  </message>
  <message>
   <source>Known good</source>
   <translation>Buenos conocidos</translation>
  </message>
  <message>
   <source>LED tester</source>
   <translation>probador LED</translation>
  </message>
  <message>
   <source>LED tester, or a bulb of some milliamperes.</source>
   <translation>Probador LED, o bombilla de unos miliamperios.</translation>
  </message>
  <message>
   <source>Lamps lit, functions lost</source>
   <translation>Testigos encendidos, funciones perdidas</translation>
  </message>
  <message>
   <source>Lamps lit, functions lost: {}.</source>
   <translation>Testigos encendidos, funciones perdidas: {}.</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Idioma</translation>
  </message>
  <message>
   <source>Lay a new sensor beside the old one before fitting it, clean the seat, push it fully home, then repeat the reading that failed.</source>
   <translation>Ponga el sensor nuevo junto al viejo antes de montarlo, limpie el asiento, empújelo hasta el fondo y repita la lectura que falló.</translation>
  </message>
  <message>
   <source>Lay the new sensor beside the old: same length, same plug, same tip, right wheel.</source>
   <translation>Ponga el sensor nuevo junto al viejo: mismo largo, conector, punta, y rueda correcta.</translation>
  </message>
  <message>
   <source>Lay the turns over each other by the angle</source>
   <translation>Poner las vueltas una sobre otra por el ángulo</translation>
  </message>
  <message>
   <source>Lay {} bare.</source>
   <translation>Deje a la vista {}.</translation>
  </message>
  <message>
   <source>Lead in its clips, slack at the strut, nothing near the tyre or the brake hose.</source>
   <translation>Cable en sus grapas, holgura en el amortiguador, nada cerca del neumático o latiguillo.</translation>
  </message>
  <message>
   <source>Leads clear of the turning wheel and of hot brakes.</source>
   <translation>Cables lejos de la rueda que gira y de frenos calientes.</translation>
  </message>
  <message>
   <source>Leads exchanged</source>
   <translation>Cables cambiados</translation>
  </message>
  <message>
   <source>Leave it</source>
   <translation>Dejarlo</translation>
  </message>
  <message>
   <source>Leave it as it is</source>
   <translation>Dejarla como está</translation>
  </message>
  <message>
   <source>Leave the yard</source>
   <translation>Salir del patio</translation>
  </message>
  <message>
   <source>Leave this case</source>
   <translation>Dejar este caso</translation>
  </message>
  <message>
   <source>Left for right</source>
   <translation>Izquierda por derecha</translation>
  </message>
  <message>
   <source>Let the owner decide</source>
   <translation>Que el dueño decida</translation>
  </message>
  <message>
   <source>Level %1, drawn without end: vehicle, line and fault are another each time.</source>
   <translation>Nivel %1, sorteado sin fin: vehículo, línea y avería son otros cada vez.</translation>
  </message>
  <message>
   <source>Licence of Hay Bale</source>
   <translation>Licencia de Hay Bale</translation>
  </message>
  <message>
   <source>Licence of the font</source>
   <translation>Licencia de la letra</translation>
  </message>
  <message>
   <source>Lime spreader</source>
   <translation>Encaladora</translation>
  </message>
  <message>
   <source>Limits used</source>
   <translation>Límites usados</translation>
  </message>
  <message>
   <source>Line</source>
   <translation>Línea</translation>
  </message>
  <message>
   <source>Live speed follows the wheel spun by hand</source>
   <translation>La velocidad sigue a la rueda girada a mano</translation>
  </message>
  <message>
   <source>Live speeds</source>
   <translation>Velocidades</translation>
  </message>
  <message>
   <source>Live speeds, driven straight</source>
   <translation>Velocidades, en línea recta</translation>
  </message>
  <message>
   <source>Load box</source>
   <translation>Caja de carga</translation>
  </message>
  <message>
   <source>Loader, red</source>
   <translation>Cargadora, roja</translation>
  </message>
  <message>
   <source>Loader, yellow</source>
   <translation>Cargadora, amarilla</translation>
  </message>
  <message>
   <source>Local rules, the maker's procedure and a licensed technician's judgement come first.</source>
   <translation>Las normas locales, el procedimiento del fabricante y el juicio del técnico van primero.</translation>
  </message>
  <message>
   <source>Log trailer tractor</source>
   <translation>Tractor del remolque de troncos</translation>
  </message>
  <message>
   <source>Logbook</source>
   <translation>Libro</translation>
  </message>
  <message>
   <source>Long leads: clear of wheels and hot parts, no bare clip that touches the body; both circuits set codes while they are apart.</source>
   <translation>Cables largos: lejos de ruedas y partes calientes, ninguna pinza desnuda que toque la carrocería; ambos circuitos dan códigos mientras están separados.</translation>
  </message>
  <message>
   <source>Look again, in good light.</source>
   <translation>Mire otra vez, con buena luz.</translation>
  </message>
  <message>
   <source>Look at </source>
   <translation>Mirar </translation>
  </message>
  <message>
   <source>Look at height, evenness and levels; keep the record.</source>
   <translation>Mire altura, regularidad y niveles; guarde el registro.</translation>
  </message>
  <message>
   <source>Look at the ring through its opening while turning it by hand; a pole that is weak needs a new bearing or ring.</source>
   <translation>Mire el anillo por su abertura girándolo a mano; un polo débil pide rodamiento o anillo nuevo.</translation>
  </message>
  <message>
   <source>Look at {} without moving it first: crust, chafe, breaks, dirt, seat.</source>
   <translation>Mire {} sin moverlo antes: costra, roce, roturas, suciedad, asiento.</translation>
  </message>
  <message>
   <source>Look at {} without moving it first: crust, chafe, breaks, dirt, seat; {}.</source>
   <translation>Mire {} sin moverlo antes: costra, roce, roturas, suciedad, asiento; {}.</translation>
  </message>
  <message>
   <source>Look into its plug: green pins, spread terminals, water from the loom.</source>
   <translation>Mire en su conector: patillas verdes, terminales abiertos, agua del mazo.</translation>
  </message>
  <message>
   <source>Look whether it is lit, dim or dark.</source>
   <translation>Mire si está encendida, tenue o apagada.</translation>
  </message>
  <message>
   <source>Look whether the encoder faces the sensor: a bearing mounted the wrong way round gives nothing.</source>
   <translation>Mire si la rueda magnética da al sensor: un rodamiento al revés no da nada.</translation>
  </message>
  <message>
   <source>Look whether the insulation stretches: there the copper is gone.</source>
   <translation>Mire si el aislante se estira: ahí falta el cobre.</translation>
  </message>
  <message>
   <source>Look whether the reading swings wide or barely moves.</source>
   <translation>Mire si la lectura oscila mucho o apenas se mueve.</translation>
  </message>
  <message>
   <source>Look which wheels follow, and which stay, drop out or read otherwise.</source>
   <translation>Mire qué ruedas siguen y cuáles quedan, se cortan o leen distinto.</translation>
  </message>
  <message>
   <source>Looking for the shop's logbook ...</source>
   <translation>Buscando el libro del taller ...</translation>
  </message>
  <message>
   <source>Loop check from </source>
   <translation>Prueba de lazo desde </translation>
  </message>
  <message>
   <source>Loop check from the </source>
   <translation>Prueba de lazo desde </translation>
  </message>
  <message>
   <source>MADE-UP VEHICLE   practice, nothing here touches a real job</source>
   <translation>VEHÍCULO INVENTADO   práctica, nada de aquí toca un trabajo real</translation>
  </message>
  <message>
   <source>Made-up vehicle: practice, nothing here touches a real job</source>
   <translation>Vehículo inventado: práctica, nada de aquí toca un trabajo real</translation>
  </message>
  <message>
   <source>Mains hum of {:.0f} Hz, {} peak, rides on it: leads or shield pick it up; mind it when levels are near a limit.</source>
   <translation>Zumbido de red de {:.0f} Hz, {} de pico, encima: lo recogen cables o pantalla; téngalo en cuenta cerca de un límite.</translation>
  </message>
  <message>
   <source>Mark a photo</source>
   <translation>Marcar una foto</translation>
  </message>
  <message>
   <source>Mark the photo</source>
   <translation>Marcar la foto</translation>
  </message>
  <message>
   <source>Mark those that lie in this shop: a job offers them first. A scope is marked in the tool box.</source>
   <translation>Marque los que hay en este taller: un trabajo los ofrece primero. Un osciloscopio se marca en la caja de herramientas.</translation>
  </message>
  <message>
   <source>Mark, at the head</source>
   <translation>Logotipo, en la cabecera</translation>
  </message>
  <message>
   <source>Measure a new sensor before fitting it, clean the seat, push it fully home, then repeat the reading that failed.</source>
   <translation>Mida un sensor nuevo antes de montarlo, limpie el asiento, empújelo a fondo y repita la lectura que falló.</translation>
  </message>
  <message>
   <source>Measure bias or supply at the sensor's connector, unplugged and plugged.</source>
   <translation>Mida reposo o alimentación en el conector del sensor, suelto y enchufado.</translation>
  </message>
  <message>
   <source>Measure on before a part is blamed.</source>
   <translation>Siga midiendo antes de culpar una pieza.</translation>
  </message>
  <message>
   <source>Measure on.</source>
   <translation>Siga midiendo.</translation>
  </message>
  <message>
   <source>Measure once more before anything is bought: about {:.0f} minutes, price {:.0f}.</source>
   <translation>Medir una vez más antes de comprar nada: unos {:.0f} minutos, precio {:.0f}.</translation>
  </message>
  <message>
   <source>Measure the coil and the pair at the sensor, then look at the gap and for metal on the tip.</source>
   <translation>Mida la bobina y el par en el sensor, luego mire el entrehierro y si hay metal en la punta.</translation>
  </message>
  <message>
   <source>Measure the new coil before it goes in.</source>
   <translation>Mida la bobina nueva antes de montarla.</translation>
  </message>
  <message>
   <source>Measure the same levels on the good wheel at the same place: a leak or resistance in the line moves them too.</source>
   <translation>Mida los mismos niveles en la rueda buena, en el mismo lugar: una fuga o resistencia en la línea también los mueve.</translation>
  </message>
  <message>
   <source>Measuring: {} times, some {:.0f} minutes.</source>
   <translation>Medido: {} veces, unos {:.0f} minutos.</translation>
  </message>
  <message>
   <source>Mend </source>
   <translation>Reparar </translation>
  </message>
  <message>
   <source>Mend or clean it</source>
   <translation>Reparar o limpiar</translation>
  </message>
  <message>
   <source>Mend the control unit's supply: fuse, relay or ground</source>
   <translation>Arreglar la alimentación de la centralita: fusible, relé o masa</translation>
  </message>
  <message>
   <source>Mended, and crossed</source>
   <translation>Reparado, y cruzado</translation>
  </message>
  <message>
   <source>Menu</source>
   <translation>Menú</translation>
  </message>
  <message>
   <source>Meter on AC volts, hertz shown beside them if it can.</source>
   <translation>Aparato en voltios AC, con los hercios al lado si puede.</translation>
  </message>
  <message>
   <source>Meter on AC volts. </source>
   <translation>Polímetro en voltios de alterna. </translation>
  </message>
  <message>
   <source>Meter on DC volts, graph or bar on.</source>
   <translation>Aparato en voltios DC, con gráfica o barra.</translation>
  </message>
  <message>
   <source>Meter on DC volts.</source>
   <translation>Aparato en voltios DC.</translation>
  </message>
  <message>
   <source>Meter on DC volts. </source>
   <translation>Polímetro en voltios de continua. </translation>
  </message>
  <message>
   <source>Meter on milliamperes, in line: a lead on each half of the open connector.</source>
   <translation>Aparato en miliamperios, en serie: una punta en cada mitad del conector abierto.</translation>
  </message>
  <message>
   <source>Meter on milliamperes, in series. </source>
   <translation>Polímetro en miliamperios, en serie. </translation>
  </message>
  <message>
   <source>Meter on ohms, auto range; touch the tips first and take off what the leads read.</source>
   <translation>Aparato en ohmios, escala automática; junte antes las puntas y reste lo que lean.</translation>
  </message>
  <message>
   <source>Meter on ohms, graph or bar on.</source>
   <translation>Aparato en ohmios, con gráfica o barra.</translation>
  </message>
  <message>
   <source>Meter on ohms. </source>
   <translation>Polímetro en ohmios. </translation>
  </message>
  <message>
   <source>Meters owned</source>
   <translation>Multímetros propios</translation>
  </message>
  <message>
   <source>Milk van of the lower yard</source>
   <translation>Furgón de leche del patio de abajo</translation>
  </message>
  <message>
   <source>Milliamperes, in line</source>
   <translation>miliamperios, en serie</translation>
  </message>
  <message>
   <source>Mixed, level {}</source>
   <translation>Mezclado, nivel {}</translation>
  </message>
  <message>
   <source>Module</source>
   <translation>Módulo</translation>
  </message>
  <message>
   <source>Module power, ground and fuses are good: a missing supply counts less than half.</source>
   <translation>Alimentación, masa y fusibles del módulo están bien: una alimentación ausente cuenta menos de la mitad.</translation>
  </message>
  <message>
   <source>Module: {}. Sensor: {}.</source>
   <translation>Módulo: {}. Sensor: {}.</translation>
  </message>
  <message>
   <source>Move one leg at a time; say which by its key. Note where it does not react, too.</source>
   <translation>Mueva un tramo cada vez; diga cuál con su tecla. Note también dónde no reacciona.</translation>
  </message>
  <message>
   <source>Move the loom by hand only, engine off or clear of belts and fans; nothing of an airbag and nothing orange.</source>
   <translation>Mueva el mazo solo a mano, motor parado o lejos de correas y ventiladores; nada del airbag ni naranja.</translation>
  </message>
  <message>
   <source>Muck spreader tractor</source>
   <translation>Tractor del esparcidor de estiércol</translation>
  </message>
  <message>
   <source>Multimeter</source>
   <translation>Multímetro</translation>
  </message>
  <message>
   <source>NO</source>
   <translation>NO</translation>
  </message>
  <message>
   <source>NOT KEPT on disk</source>
   <translation>NO GUARDADO</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Nombre</translation>
  </message>
  <message>
   <source>Name of the trainee</source>
   <translation>Nombre del aprendiz</translation>
  </message>
  <message>
   <source>Names the next move; costs a minute and four points</source>
   <translation>Nombra el siguiente paso; cuesta un minuto y cuatro puntos</translation>
  </message>
  <message>
   <source>Narrowed to {} or {}</source>
   <translation>Reducido a {} o {}</translation>
  </message>
  <message>
   <source>Needs the load box</source>
   <translation>Necesita la caja de carga</translation>
  </message>
  <message>
   <source>Never with the sensor connected, never above the pin's limit, never while the vehicle is driven.</source>
   <translation>Nunca con el sensor conectado, nunca sobre el límite de la patilla, nunca con el vehículo rodando.</translation>
  </message>
  <message>
   <source>New from the box</source>
   <translation>Nuevo de la caja</translation>
  </message>
  <message>
   <source>New hay lorry</source>
   <translation>Camión de heno nuevo</translation>
  </message>
  <message>
   <source>New job</source>
   <translation>Trabajo nuevo</translation>
  </message>
  <message>
   <source>New jobs</source>
   <translation>Trabajos nuevos</translation>
  </message>
  <message>
   <source>New jobs begin with this. The job that is open keeps its own.</source>
   <translation>Los trabajos nuevos empiezan así. El abierto conserva lo suyo.</translation>
  </message>
  <message>
   <source>Next move</source>
   <translation>Siguiente paso</translation>
  </message>
  <message>
   <source>Next, to the end of the job</source>
   <translation>Lo siguiente, hasta el final</translation>
  </message>
  <message>
   <source>Next: %1</source>
   <translation>Lo siguiente: %1</translation>
  </message>
  <message>
   <source>No camera was found on this machine. Attach a photo from a file instead.</source>
   <translation>No se encontró ninguna cámara en este equipo. Adjunte una foto desde un archivo.</translation>
  </message>
  <message>
   <source>No circuit</source>
   <translation>Ningún circuito</translation>
  </message>
  <message>
   <source>No circuit is described</source>
   <translation>Ningún circuito está descrito</translation>
  </message>
  <message>
   <source>No circuit is in question</source>
   <translation>Ningún circuito está en cuestión</translation>
  </message>
  <message>
   <source>No codes were stored.</source>
   <translation>No había códigos guardados.</translation>
  </message>
  <message>
   <source>No complaint was written down.</source>
   <translation>No se anotó ninguna queja.</translation>
  </message>
  <message>
   <source>No cutting or piercing of shielded or safety-critical wires where the maker forbids it.</source>
   <translation>No corte ni pinche cables apantallados o de seguridad donde el fabricante lo prohíba.</translation>
  </message>
  <message>
   <source>No further test would tell more</source>
   <translation>Ninguna otra prueba diría más</translation>
  </message>
  <message>
   <source>No instrument connected: type, or practise</source>
   <translation>Sin aparato: escriba, o practique</translation>
  </message>
  <message>
   <source>No job has all of these words; try fewer.</source>
   <translation>Ningún trabajo tiene todas esas palabras; pruebe con menos.</translation>
  </message>
  <message>
   <source>No multimeter connected</source>
   <translation>Ningún multímetro conectado</translation>
  </message>
  <message>
   <source>No multimeter is connected.</source>
   <translation>Ningún multímetro conectado.</translation>
  </message>
  <message>
   <source>No page has all of these words. Try fewer, or the beginning of one.</source>
   <translation>Ninguna página tiene todas esas palabras. Pruebe con menos, o el comienzo de una.</translation>
  </message>
  <message>
   <source>No peer stands beside it: the maker's limits, the line against itself, both ends.</source>
   <translation>No hay compañero al lado: los límites del fabricante, la línea contra sí misma, ambos extremos.</translation>
  </message>
  <message>
   <source>No practice case lies in %1.</source>
   <translation>En %1 no hay ningún caso de práctica.</translation>
  </message>
  <message>
   <source>No pulse now</source>
   <translation>Ahora ningún pulso</translation>
  </message>
  <message>
   <source>No pulse, but power</source>
   <translation>Sin pulso, pero con tensión</translation>
  </message>
  <message>
   <source>No pulses in {}: the line stays flat at {}: {}.</source>
   <translation>Ningún pulso en {}: la línea queda plana en {}: {}.</translation>
  </message>
  <message>
   <source>No reading yet. Click a place on the line, then type what the meter shows.</source>
   <translation>Aún sin lecturas. Pulse un lugar de la línea y escriba la lectura.</translation>
  </message>
  <message>
   <source>No recent jobs</source>
   <translation>Sin trabajos recientes</translation>
  </message>
  <message>
   <source>No scope is connected.</source>
   <translation>Ningún osciloscopio conectado.</translation>
  </message>
  <message>
   <source>No signal generator is connected.</source>
   <translation>Ninguna fuente de señal conectada.</translation>
  </message>
  <message>
   <source>No sound here</source>
   <translation>Sin sonido aquí</translation>
  </message>
  <message>
   <source>No sound output was found on this machine</source>
   <translation>No se encontró salida de sonido en este equipo</translation>
  </message>
  <message>
   <source>No source connected</source>
   <translation>Ninguna fuente conectada</translation>
  </message>
  <message>
   <source>No supply for one wheel</source>
   <translation>Sin alimentación para una rueda</translation>
  </message>
  <message>
   <source>No supply from the module: it may only be latched off</source>
   <translation>Sin alimentación del módulo: puede estar solo cortada</translation>
  </message>
  <message>
   <source>No test of this tool box would show more</source>
   <translation>Ninguna prueba con estas herramientas mostraría más</translation>
  </message>
  <message>
   <source>No trace yet</source>
   <translation>Aún sin registro</translation>
  </message>
  <message>
   <source>No volts at the module's own pins with the plug on: the wire is not to blame.</source>
   <translation>Sin tensión en los pines de la propia centralita con el conector puesto: el cable no tiene la culpa.</translation>
  </message>
  <message>
   <source>Nobody brought a file of this job along yet.</source>
   <translation>Nadie ha llevado aún un archivo de este trabajo.</translation>
  </message>
  <message>
   <source>Nobody has played a case of this shelf to its end yet.</source>
   <translation>Nadie ha jugado aún hasta el final un caso de esta lista.</translation>
  </message>
  <message>
   <source>Noise is {:.0f} % of the signal.</source>
   <translation>El ruido es el {:.0f} % de la señal.</translation>
  </message>
  <message>
   <source>Noise of {} rides on {}: a poor shield or contact.</source>
   <translation>Ruido de {} sobre {}: mala pantalla o mal contacto.</translation>
  </message>
  <message>
   <source>None</source>
   <translation>Ninguno</translation>
  </message>
  <message>
   <source>None were stored</source>
   <translation>No había ninguno</translation>
  </message>
  <message>
   <source>Not as it should be: make it once more, at a second contact, before you believe it.</source>
   <translation>No como debe: hágala otra vez, en otro contacto, antes de creerlo.</translation>
  </message>
  <message>
   <source>Not everything was erased: %1</source>
   <translation>No se borró todo: %1</translation>
  </message>
  <message>
   <source>Not isolated yet: measuring on may be cheaper than this repair. The odds stand below.</source>
   <translation>Aún no aislado: seguir midiendo puede ser más barato que esta reparación. Las probabilidades están abajo.</translation>
  </message>
  <message>
   <source>Not it. It was %1.</source>
   <translation>No era eso. Era %1.</translation>
  </message>
  <message>
   <source>Not looked at yet: {}. That comes before opening a line.</source>
   <translation>Aún sin mirar: {}. Eso va antes de abrir una línea.</translation>
  </message>
  <message>
   <source>Not made after the repair: </source>
   <translation>No hecho tras la reparación: </translation>
  </message>
  <message>
   <source>Not now</source>
   <translation>Ahora no</translation>
  </message>
  <message>
   <source>Not proved yet: {:.0f} in 100 repairs leave something wrong.</source>
   <translation>Aún sin probar: {:.0f} de 100 reparaciones dejan algo mal.</translation>
  </message>
  <message>
   <source>Not sealed yet: </source>
   <translation>Aún sin sellar: </translation>
  </message>
  <message>
   <source>Not taken, it could not be opened again: %1</source>
   <translation>No aceptado, no podría abrirse de nuevo: %1</translation>
  </message>
  <message>
   <source>Not what a chart says, but {} reads {} too: the good wheel of the same car is the specification.</source>
   <translation>No es lo que dice una tabla, pero {} también lee {}: la rueda buena del mismo coche es la referencia.</translation>
  </message>
  <message>
   <source>Not yet: %1</source>
   <translation>Aún no: %1</translation>
  </message>
  <message>
   <source>Note what you see, or that it cannot be seen.</source>
   <translation>Anote lo que ve, o que no puede verse.</translation>
  </message>
  <message>
   <source>Nothing can be said yet.</source>
   <translation>Aún no puede decirse nada.</translation>
  </message>
  <message>
   <source>Nothing feeds the lamp: key on, or its other lead on battery plus.</source>
   <translation>Nada alimenta la lámpara: dé contacto, o su otra punta al positivo de batería.</translation>
  </message>
  <message>
   <source>Nothing measured on </source>
   <translation>Nada medido en </translation>
  </message>
  <message>
   <source>Nothing on this record. Repeat it under the complaint: bump, steering, wet, creep.</source>
   <translation>Nada en este registro. Repítalo bajo la queja: baches, dirección, mojado, al paso.</translation>
  </message>
  <message>
   <source>Nothing says when the samples were taken: choose the time column, or type the samples a second.</source>
   <translation>Nada dice cuándo se tomaron las muestras: elija la columna de tiempo, o escriba las muestras por segundo.</translation>
  </message>
  <message>
   <source>Nothing to keep: no leg was moved for two seconds.</source>
   <translation>Nada que guardar: ningún tramo se movió dos segundos.</translation>
  </message>
  <message>
   <source>Nothing to repair: say so, with what was tested and what was not.</source>
   <translation>Nada que reparar: dígalo, con lo probado y lo no probado.</translation>
  </message>
  <message>
   <source>Nothing was measured on </source>
   <translation>Nada medido en </translation>
  </message>
  <message>
   <source>Nothing was measured.</source>
   <translation>No se midió nada.</translation>
  </message>
  <message>
   <source>Nothing was repaired yet. What may be done, the cheapest first in the long run:</source>
   <translation>Aún no se reparó nada. Qué puede hacerse, primero lo más barato a la larga:</translation>
  </message>
  <message>
   <source>Nothing wrong any more: clearing the codes may have ended a latch-off</source>
   <translation>Ya nada mal: borrar los códigos pudo acabar con un corte</translation>
  </message>
  <message>
   <source>Nothing wrong shows in these readings</source>
   <translation>Nada mal se ve en estas lecturas</translation>
  </message>
  <message>
   <source>Nothing yet. A limits sheet or a map of a control unit that one bench puts here is there on every other, like the readings kept as good.</source>
   <translation>Nada aún. Una hoja de límites o un mapa de una unidad de control que un puesto deja aquí está en todos los demás, como las lecturas guardadas como buenas.</translation>
  </message>
  <message>
   <source>Now and then</source>
   <translation>A veces</translation>
  </message>
  <message>
   <source>Nowhere else is a pulse missing, as a loose contact would have it.</source>
   <translation>En ningún otro lugar falta un pulso, como pasaría con un mal contacto.</translation>
  </message>
  <message>
   <source>OL is no limit</source>
   <translation>OL no es un límite</translation>
  </message>
  <message>
   <source>OL on a small range</source>
   <translation>OL en un rango pequeño</translation>
  </message>
  <message>
   <source>OL on auto range: set the highest range, {}, by hand before believing it.</source>
   <translation>OL en escala automática: ponga a mano la más alta, {}, antes de creerlo.</translation>
  </message>
  <message>
   <source>OL says beyond this range. Ask for the highest range before you say open.</source>
   <translation>OL dice fuera de este rango. Pida el rango más alto antes de decir abierto.</translation>
  </message>
  <message>
   <source>OL, as an open circuit should read.</source>
   <translation>OL, como debe leer un circuito abierto.</translation>
  </message>
  <message>
   <source>Occurs: </source>
   <translation>Ocurre: </translation>
  </message>
  <message>
   <source>Odds</source>
   <translation>Parte</translation>
  </message>
  <message>
   <source>Of these cases %1 cannot be read. The first: %2</source>
   <translation>De estos casos %1 no se pueden leer. El primero: %2</translation>
  </message>
  <message>
   <source>Of {} pulses {} are left out, here and there; the others come in step and whole: the sensor hears its ring only just: a gap too wide, dirt on the tip, a worn target.</source>
   <translation>De {} impulsos faltan {}, aquí y allá; los demás llegan a compás y enteros: el sensor apenas oye su corona: entrehierro excesivo, suciedad en la punta, corona gastada.</translation>
  </message>
  <message>
   <source>Ohms against battery plus: the battery drives the meter, not the circuit.</source>
   <translation>Ohmios contra el positivo: la batería mueve el aparato, no el circuito.</translation>
  </message>
  <message>
   <source>Ohms against battery plus: the battery drives the meter. Take the battery off, or measure volts.</source>
   <translation>Ohmios contra el positivo: la batería mueve el aparato. Quite la batería, o mida voltios.</translation>
  </message>
  <message>
   <source>Ohms from the wire to bare metal find in one minute what the pair of wires hides.</source>
   <translation>Los ohmios del cable al metal desnudo encuentran en un minuto lo que el par de cables oculta.</translation>
  </message>
  <message>
   <source>Ohms in the circuit, or the share of the output that is left: from %1 to %2. Empty: %3.</source>
   <translation>Ohmios en el circuito, o la parte de la señal que queda: de %1 a %2. Vacío: %3.</translation>
  </message>
  <message>
   <source>Ohms of </source>
   <translation>Ohmios de </translation>
  </message>
  <message>
   <source>Ohms of the pair at </source>
   <translation>Ohmios del par en </translation>
  </message>
  <message>
   <source>Ohms of wire {} from {} to {}</source>
   <translation>Ohmios del cable {} de {} a {}</translation>
  </message>
  <message>
   <source>Ohms on a live circuit mean nothing and can hurt the meter: key off, or unplug the module.</source>
   <translation>Ohmios en un circuito vivo no significan nada y pueden dañar el aparato: quite el contacto o desenchufe el módulo.</translation>
  </message>
  <message>
   <source>Ohms only with the key off; battery off where the maker asks for it.</source>
   <translation>Ohmios solo sin contacto; batería quitada donde el fabricante lo pida.</translation>
  </message>
  <message>
   <source>Ohms with the key on: the module feeds the line, so the figure means nothing. Key off, then again.</source>
   <translation>Ohmios con contacto: el módulo alimenta la línea, la cifra no significa nada. Quite el contacto y repita.</translation>
  </message>
  <message>
   <source>Ohms with the line plugged in measure everything that hangs on it.</source>
   <translation>Ohmios con la línea enchufada miden todo lo que cuelga de ella.</translation>
  </message>
  <message>
   <source>Ohms, % + counts</source>
   <translation>Ohmios, % + cuentas</translation>
  </message>
  <message>
   <source>Ohms, auto range</source>
   <translation>ohmios, escala automática</translation>
  </message>
  <message>
   <source>Ohms, by hand to </source>
   <translation>ohmios, a mano hasta </translation>
  </message>
  <message>
   <source>Old tipper with three channels</source>
   <translation>Volquete viejo de tres canales</translation>
  </message>
  <message>
   <source>On a sound line it is {}</source>
   <translation>En una línea sana está {}</translation>
  </message>
  <message>
   <source>On the board: arrows choose a part, C puts a connector in behind it, S a splice, &lt; &gt; move it, Delete takes it out, Return names it, Esc ends.</source>
   <translation>En el tablero: las flechas eligen una pieza, C pone un conector detrás, S un empalme, &lt; &gt; la mueven, Supr la quita, Intro le da nombre, Esc termina.</translation>
  </message>
  <message>
   <source>On the line</source>
   <translation>En la línea</translation>
  </message>
  <message>
   <source>On this bench</source>
   <translation>En este puesto</translation>
  </message>
  <message>
   <source>On {}, the good wheel: {}</source>
   <translation>En {}, la rueda buena: {}</translation>
  </message>
  <message>
   <source>One digit off</source>
   <translation>Por una cifra</translation>
  </message>
  <message>
   <source>One gap is {:.0f} % wider, the rest even, in less than two turns: a ring that has cracked and opened; turn the wheel twice round to see whether it comes again.</source>
   <translation>Un hueco es un {:.0f} % más ancho, los demás iguales, en menos de dos vueltas: una corona agrietada y abierta; gire la rueda dos vueltas para ver si se repite.</translation>
  </message>
  <message>
   <source>One gap is {:.0f} % wider, the rest even: behind {}: the ring has cracked and opened.</source>
   <translation>Un hueco es {:.0f} % más ancho, el resto igual: tras {}: el anillo se rajó y abrió.</translation>
  </message>
  <message>
   <source>One gap is {:.0f} % wider, {} times, every {} teeth, the rest even: the ring has cracked and opened; count its teeth.</source>
   <translation>Un hueco es un {:.0f} % más ancho, {} veces, cada {} dientes, los demás iguales: la corona se ha agrietado y abierto; cuente sus dientes.</translation>
  </message>
  <message>
   <source>One gap wider and the rest even: the ring has cracked and opened.</source>
   <translation>Un hueco más ancho y los demás iguales: la corona se ha agrietado y abierto.</translation>
  </message>
  <message>
   <source>One kind of test speaks against it. Before a part is bought, see it by a test of another kind.</source>
   <translation>Un solo tipo de prueba habla en contra. Antes de comprar, véalo con otro tipo de prueba.</translation>
  </message>
  <message>
   <source>One page for the owner</source>
   <translation>Una página para el dueño</translation>
  </message>
  <message>
   <source>One sensor for the axle</source>
   <translation>Un sensor para el eje</translation>
  </message>
  <message>
   <source>One strand in the rubber</source>
   <translation>Un hilo en la goma</translation>
  </message>
  <message>
   <source>One tooth in forty-eight</source>
   <translation>Un diente de cuarenta y ocho</translation>
  </message>
  <message>
   <source>One wheel turning and three that stand is what the module must call wrong. Drive it.</source>
   <translation>Una rueda que gira y tres paradas es lo que la centralita debe llamar error. Condúzcalo.</translation>
  </message>
  <message>
   <source>Only after rain</source>
   <translation>Solo tras la lluvia</translation>
  </message>
  <message>
   <source>Only into a module on the bench, its supply fused; never into a vehicle's loom.</source>
   <translation>Solo a un módulo en el banco, con la alimentación protegida por fusible; nunca al cableado de un vehículo.</translation>
  </message>
  <message>
   <source>Only on the stands</source>
   <translation>Solo sobre los caballetes</translation>
  </message>
  <message>
   <source>Only vehicles whose name begins with</source>
   <translation>Solo vehículos cuyo nombre empieza por</translation>
  </message>
  <message>
   <source>Only when steering</source>
   <translation>Solo al girar</translation>
  </message>
  <message>
   <source>Only where the maker allows a shorted input. Fuse the lead; take it off again at once.</source>
   <translation>Solo donde el fabricante permita una entrada en corto. Fusible en el cable; quítelo enseguida.</translation>
  </message>
  <message>
   <source>Only {} pulses in {}: too few to judge a wheel by.</source>
   <translation>Solo {} pulsos en {}: muy pocos para juzgar una rueda.</translation>
  </message>
  <message>
   <source>Open</source>
   <translation>Abrir</translation>
  </message>
  <message>
   <source>Open </source>
   <translation>Abra </translation>
  </message>
  <message>
   <source>Open a capture</source>
   <translation>Abrir registro</translation>
  </message>
  <message>
   <source>Open a case to change...</source>
   <translation>Abrir un caso para cambiarlo...</translation>
  </message>
  <message>
   <source>Open a job</source>
   <translation>Abrir un trabajo</translation>
  </message>
  <message>
   <source>Open a practice case</source>
   <translation>Abrir un caso de práctica</translation>
  </message>
  <message>
   <source>Open the job again</source>
   <translation>Abrir el trabajo de nuevo</translation>
  </message>
  <message>
   <source>Open this state</source>
   <translation>Abrir este estado</translation>
  </message>
  <message>
   <source>Open...</source>
   <translation>Abrir...</translation>
  </message>
  <message>
   <source>Other ways</source>
   <translation>Otras vías</translation>
  </message>
  <message>
   <source>Output swells by {:.0f} % once a turn.</source>
   <translation>La salida crece {:.0f} % una vez por vuelta.</translation>
  </message>
  <message>
   <source>Over bumps</source>
   <translation>En baches</translation>
  </message>
  <message>
   <source>Over the same bump, read the codes</source>
   <translation>Por el mismo bache, leer los códigos</translation>
  </message>
  <message>
   <source>Owner and plate are erased from all kept states of this job.</source>
   <translation>Dueño y matrícula están borrados de todos los estados guardados de este trabajo.</translation>
  </message>
  <message>
   <source>Page of the help</source>
   <translation>Página de la ayuda</translation>
  </message>
  <message>
   <source>Page to be read from afar</source>
   <translation>Página para leer de lejos</translation>
  </message>
  <message>
   <source>Pages of the help</source>
   <translation>Páginas de la ayuda</translation>
  </message>
  <message>
   <source>Part and wire: ____________________   fault: ____________________   sure: ______ %</source>
   <translation>Pieza e hilo: ____________________   fallo: ____________________   seguro: ______ %</translation>
  </message>
  <message>
   <source>Parts of the logbook are damaged. Close the program and start it again: what can be read is brought into a new one.</source>
   <translation>Partes del libro están dañadas. Cierre el programa y ábralo de nuevo: lo legible pasa a uno nuevo.</translation>
  </message>
  <message>
   <source>Photos</source>
   <translation>Fotos</translation>
  </message>
  <message>
   <source>Picture</source>
   <translation>Dibujo</translation>
  </message>
  <message>
   <source>Picture of the line: %1</source>
   <translation>Dibujo de la línea: %1</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.bmp *.gif)</source>
   <translation>Imágenes (*.png *.jpg *.jpeg *.bmp *.gif)</translation>
  </message>
  <message>
   <source>Pierced at </source>
   <translation>Pinchado en </translation>
  </message>
  <message>
   <source>Piercing: none of shielded or safety-critical wires where the maker forbids it; write the hole down and seal it, or it is the next green crust.</source>
   <translation>Pinchar: nada apantallado ni de seguridad donde el fabricante lo prohíba; anote el agujero y séllelo, o será el próximo óxido verde.</translation>
  </message>
  <message>
   <source>Plate</source>
   <translation>Matrícula</translation>
  </message>
  <message>
   <source>Plate and owner can be erased later: Logbook, Erase owner</source>
   <translation>Matrícula y dueño se pueden borrar luego: Libro, Borrar dueño</translation>
  </message>
  <message>
   <source>Potato lorry</source>
   <translation>Camión de patatas</translation>
  </message>
  <message>
   <source>Practice</source>
   <translation>Práctica</translation>
  </message>
  <message>
   <source>Practice cases</source>
   <translation>Casos de práctica</translation>
  </message>
  <message>
   <source>Practice cases (*.json);;All files (*)</source>
   <translation>Casos de práctica (*.json);;Todos los archivos (*)</translation>
  </message>
  <message>
   <source>Practice yard</source>
   <translation>Patio de práctica</translation>
  </message>
  <message>
   <source>Practice yard: a made-up vehicle</source>
   <translation>Patio de práctica: un vehículo inventado</translation>
  </message>
  <message>
   <source>Practice: %1</source>
   <translation>Práctica: %1</translation>
  </message>
  <message>
   <source>Practise next: %1.</source>
   <translation>Practique ahora: %1.</translation>
  </message>
  <message>
   <source>Preferences</source>
   <translation>Preferencias</translation>
  </message>
  <message>
   <source>Preferences have the sound off</source>
   <translation>Las preferencias tienen el sonido apagado</translation>
  </message>
  <message>
   <source>Preferences...</source>
   <translation>Preferencias...</translation>
  </message>
  <message>
   <source>Prices, in the shop's money</source>
   <translation>Precios, en la moneda del taller</translation>
  </message>
  <message>
   <source>Print it...</source>
   <translation>Imprimir...</translation>
  </message>
  <message>
   <source>Print the report...</source>
   <translation>Imprimir el informe...</translation>
  </message>
  <message>
   <source>Printed {} by Hay Bale {}.</source>
   <translation>Impreso {} con Hay Bale {}.</translation>
  </message>
  <message>
   <source>Program log</source>
   <translation>Registro del programa</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Prueba</translation>
  </message>
  <message>
   <source>Prove it</source>
   <translation>Probarlo</translation>
  </message>
  <message>
   <source>Proved. What was found counts in the odds of the next job.</source>
   <translation>Probado. Lo hallado cuenta para el próximo trabajo.</translation>
  </message>
  <message>
   <source>Proves little: with no load, {} more in the wire would read the same.</source>
   <translation>Prueba poco: sin carga, {} más en el cable leerían lo mismo.</translation>
  </message>
  <message>
   <source>Pull by hand and gently; leave alone what the maker forbids to be touched, and anything shielded, orange or of an airbag.</source>
   <translation>Tire a mano y suave; deje lo que el fabricante prohíbe, y todo lo apantallado, naranja o del airbag.</translation>
  </message>
  <message>
   <source>Pull gently on each wire of {}, a hand's width at a time: where its copper is gone the insulation stretches.</source>
   <translation>Tire suave de cada cable de {}, palmo a palmo: donde falta el cobre el aislante se estira.</translation>
  </message>
  <message>
   <source>Pull gently on each wire, a hand's width at a time.</source>
   <translation>Tire suave de cada cable, palmo a palmo.</translation>
  </message>
  <message>
   <source>Pull on </source>
   <translation>Tirar de </translation>
  </message>
  <message>
   <source>Pull on the wires of </source>
   <translation>Tirar de los cables de </translation>
  </message>
  <message>
   <source>Pull on {} while watching {}</source>
   <translation>Tirar de {} mirando {}</translation>
  </message>
  <message>
   <source>Pull wire a to the return through a transistor, {:.4g} times a second; no voltage of your own.</source>
   <translation>Lleve el cable a al retorno con un transistor, {:.4g} veces por segundo; sin tensión propia.</translation>
  </message>
  <message>
   <source>Pump tanker</source>
   <translation>Cisterna de bombeo</translation>
  </message>
  <message>
   <source>Put a file there...</source>
   <translation>Dejar un archivo...</translation>
  </message>
  <message>
   <source>Put a known good sensor on the suspect's line: if the input is still silent it is the input.</source>
   <translation>Ponga un sensor bueno conocido en la línea sospechosa: si la entrada sigue muda, es la entrada.</translation>
  </message>
  <message>
   <source>Put a limits sheet or scan map on the shelf</source>
   <translation>Dejar una hoja de límites o un mapa en el estante</translation>
  </message>
  <message>
   <source>Put exchanged wires back</source>
   <translation>Devolver a su sitio los cables cambiados</translation>
  </message>
  <message>
   <source>Put the right tyre on, at the maker's pressure, then drive straight on and compare the live speeds.</source>
   <translation>Monte el neumático correcto, a la presión del fabricante, y después circule en línea recta y compare las velocidades.</translation>
  </message>
  <message>
   <source>Put the two circuits back on their own pins, by the maker's pin list.</source>
   <translation>Devuelva los dos circuitos a sus patillas, por la lista del fabricante.</translation>
  </message>
  <message>
   <source>Put the two wires back, by their colours: no part is needed.</source>
   <translation>Devuelva los dos cables a su sitio por sus colores: no hace falta pieza.</translation>
  </message>
  <message>
   <source>Put the tyre right</source>
   <translation>Corregir el neumático</translation>
  </message>
  <message>
   <source>Qt 6 (LGPL-3), Eigen (MPL-2.0), Boost.Math (BSL-1.0), fmt, nlohmann-json, fast_float and CLI11 (MIT and alike), libsndfile (LGPL-2.1), libzip (BSD), SQLite (public domain), PostgreSQL's client library (PostgreSQL licence), the font Atkinson Hyperlegible (SIL Open Font License 1.1). On Debian their full texts lie in /usr/share/doc/PACKAGE/copyright.</source>
   <translation>Qt 6 (LGPL-3), Eigen (MPL-2.0), Boost.Math (BSL-1.0), fmt, nlohmann-json, fast_float y CLI11 (MIT y similares), libsndfile (LGPL-2.1), libzip (BSD), SQLite (dominio público), la biblioteca de PostgreSQL (licencia PostgreSQL), la letra Atkinson Hyperlegible (SIL Open Font License 1.1). En Debian sus textos están en /usr/share/doc/PAQUETE/copyright.</translation>
  </message>
  <message>
   <source>Quit</source>
   <translation>Salir</translation>
  </message>
  <message>
   <source>Raise the wheel so that it turns freely, the car on rated stands, the others chocked.</source>
   <translation>Levante la rueda para que gire libre, el coche en caballetes homologados, las otras calzadas.</translation>
  </message>
  <message>
   <source>Rated stands on sound points, chocked; nothing of you under it on a jack alone.</source>
   <translation>Caballetes homologados en puntos firmes, calzado; nada de usted debajo solo con gato.</translation>
  </message>
  <message>
   <source>Read codes, clear, read again: a mended short leaves a sleeping input behind.</source>
   <translation>Leer códigos, borrar, leer otra vez: un corto reparado deja una entrada dormida.</translation>
  </message>
  <message>
   <source>Read from afar</source>
   <translation>Leer de lejos</translation>
  </message>
  <message>
   <source>Read it like this</source>
   <translation>Leerlo así</translation>
  </message>
  <message>
   <source>Read the live speed of %1</source>
   <translation>Leer la velocidad de %1</translation>
  </message>
  <message>
   <source>Read the live speeds once more, slowly and in a straight line.</source>
   <translation>Lea otra vez las velocidades, despacio y en recta.</translation>
  </message>
  <message>
   <source>Read the meter</source>
   <translation>Leer el aparato</translation>
  </message>
  <message>
   <source>Read the trace while it is recorded</source>
   <translation>Leer la señal mientras se registra</translation>
  </message>
  <message>
   <source>Read which codes come back with the car standing.</source>
   <translation>Lea qué códigos vuelven con el coche parado.</translation>
  </message>
  <message>
   <source>Read which codes come back.</source>
   <translation>Lea qué códigos vuelven.</translation>
  </message>
  <message>
   <source>Reading %1</source>
   <translation>Leyendo %1</translation>
  </message>
  <message>
   <source>Readings of this job that a limit can be about</source>
   <translation>Lecturas de este trabajo sobre las que puede haber un límite</translation>
  </message>
  <message>
   <source>Readings that are taken wrong, in per cent</source>
   <translation>Lecturas mal tomadas, en tanto por ciento</translation>
  </message>
  <message>
   <source>Readings, %1</source>
   <translation>Lecturas, %1</translation>
  </message>
  <message>
   <source>Record a spin of this wheel.</source>
   <translation>Registre un giro de esta rueda.</translation>
  </message>
  <message>
   <source>Record four seconds</source>
   <translation>Registrar cuatro segundos</translation>
  </message>
  <message>
   <source>Record the trace once more, with the probe on bright metal.</source>
   <translation>Registre otra vez, con la punta en metal brillante.</translation>
  </message>
  <message>
   <source>Recording block after block; every block is read as it comes.</source>
   <translation>Se registra bloque a bloque y se lee al llegar.</translation>
  </message>
  <message>
   <source>Recording four seconds: spin the wheel.</source>
   <translation>Registrando cuatro segundos: gire la rueda.</translation>
  </message>
  <message>
   <source>Red lead on {}.</source>
   <translation>Punta roja en {}.</translation>
  </message>
  <message>
   <source>Red on </source>
   <translation>Rojo en </translation>
  </message>
  <message>
   <source>Red on {} at {}, black on {}; {}</source>
   <translation>Rojo en {}, {}; negro en {}; {}</translation>
  </message>
  <message>
   <source>Redo</source>
   <translation>Rehacer</translation>
  </message>
  <message>
   <source>Redo %1 (Ctrl+Shift+Z)</source>
   <translation>Rehacer %1 (Ctrl+Shift+Z)</translation>
  </message>
  <message>
   <source>Remove</source>
   <translation>Quitar</translation>
  </message>
  <message>
   <source>Renew the fuse, relay or ground strap that fails under load; no module for that. Then clear the codes of every circuit.</source>
   <translation>Renueve el fusible, el relé o la trenza de masa que falle con carga; para eso no hace falta un módulo. Después borre los códigos de todos los circuitos.</translation>
  </message>
  <message>
   <source>Renew the toothed ring or its bearing</source>
   <translation>Renovar el anillo dentado o su rodamiento</translation>
  </message>
  <message>
   <source>Repair</source>
   <translation>Reparación</translation>
  </message>
  <message>
   <source>Repair on {}: {} ({:.0f} %)</source>
   <translation>Reparación en {}: {} ({:.0f} %)</translation>
  </message>
  <message>
   <source>Repaired before ({}): {:g} times as likely to be at fault.</source>
   <translation>Reparado antes ({}): {:g} veces más probable culpable.</translation>
  </message>
  <message>
   <source>Repaired before, on the circuit in question</source>
   <translation>Reparado antes, en el circuito en cuestión</translation>
  </message>
  <message>
   <source>Repaired before: </source>
   <translation>Reparado antes: </translation>
  </message>
  <message>
   <source>Repeat the record with the leads at a second contact.</source>
   <translation>Repita el registro con las puntas en otro contacto.</translation>
  </message>
  <message>
   <source>Repeat {} ({}) at a second contact before believing it.</source>
   <translation>Repita {} ({}) en otro contacto antes de creerlo.</translation>
  </message>
  <message>
   <source>Repeat {} ({}) at a second contact, on the highest range, before believing it.</source>
   <translation>Repita {} ({}) en otro contacto, en la escala más alta, antes de creerlo.</translation>
  </message>
  <message>
   <source>Report</source>
   <translation>Informe</translation>
  </message>
  <message>
   <source>Report printed.</source>
   <translation>Informe impreso.</translation>
  </message>
  <message>
   <source>Report saved in %1.</source>
   <translation>Informe guardado en %1.</translation>
  </message>
  <message>
   <source>Report, and close the job</source>
   <translation>Informe, y cerrar el trabajo</translation>
  </message>
  <message>
   <source>Report, as it will be printed</source>
   <translation>Informe, como se imprimirá</translation>
  </message>
  <message>
   <source>Reports</source>
   <translation>Informes</translation>
  </message>
  <message>
   <source>Reproduce it before you unplug it: one pull dries it for a day.</source>
   <translation>Reprodúzcalo antes de desenchufar: un tirón lo seca por un día.</translation>
  </message>
  <message>
   <source>Reproduce the complaint (bump, steering, wet) while a reading is watched, or check the ring and the live speed.</source>
   <translation>Reproduzca la queja (baches, dirección, mojado) mirando una lectura, o revise anillo y velocidad.</translation>
  </message>
  <message>
   <source>Right: %1.</source>
   <translation>Correcto: %1.</translation>
  </message>
  <message>
   <source>Ring</source>
   <translation>Anillo</translation>
  </message>
  <message>
   <source>Ring dial</source>
   <translation>Esfera del anillo</translation>
  </message>
  <message>
   <source>Road speed</source>
   <translation>Velocidad</translation>
  </message>
  <message>
   <source>Round baler tractor</source>
   <translation>Tractor de la rotoempacadora</translation>
  </message>
  <message>
   <source>Round, but not round</source>
   <translation>Redonda, pero no redonda</translation>
  </message>
  <message>
   <source>Rubbed through</source>
   <translation>Rozado hasta el cobre</translation>
  </message>
  <message>
   <source>Run two jumper leads from the sensor of {} to the harness plug of {}{}.</source>
   <translation>Lleve dos puentes del sensor de {} al conector del mazo de {}{}.</translation>
  </message>
  <message>
   <source>SIGNAL ON: %1 Hz, %2 V peak to peak, %3</source>
   <translation>SEÑAL ENCENDIDA: %1 Hz, %2 V pico a pico, %3</translation>
  </message>
  <message>
   <source>Salt water conducts when the module pushes. Measure the bias, and wet it.</source>
   <translation>El agua salada conduce cuando la centralita empuja. Mida la polarización, y mójelo.</translation>
  </message>
  <message>
   <source>Salt water only on loom and plugs, never into a module or on anything orange; rinse it off afterwards.</source>
   <translation>Agua salada solo en mazo y conectores, nunca en un módulo ni en lo naranja; enjuague después.</translation>
  </message>
  <message>
   <source>Samples a second, Hz</source>
   <translation>Muestras por segundo, Hz</translation>
  </message>
  <message>
   <source>Samples are lost at {} places.</source>
   <translation>Faltan muestras en {} lugares.</translation>
  </message>
  <message>
   <source>Save</source>
   <translation>Guardar</translation>
  </message>
  <message>
   <source>Save a copy</source>
   <translation>Guardar una copia</translation>
  </message>
  <message>
   <source>Save a copy...</source>
   <translation>Guardar una copia...</translation>
  </message>
  <message>
   <source>Save as HTML</source>
   <translation>Guardar como HTML</translation>
  </message>
  <message>
   <source>Save as PDF</source>
   <translation>Guardar como PDF</translation>
  </message>
  <message>
   <source>Save as WAV or CSV</source>
   <translation>Guardar como WAV o CSV</translation>
  </message>
  <message>
   <source>Save as a sheet</source>
   <translation>Guardar como hoja</translation>
  </message>
  <message>
   <source>Save as a table...</source>
   <translation>Guardar como tabla...</translation>
  </message>
  <message>
   <source>Save as...</source>
   <translation>Guardar como...</translation>
  </message>
  <message>
   <source>Save how it went</source>
   <translation>Guardar cómo fue</translation>
  </message>
  <message>
   <source>Save the case</source>
   <translation>Guardar el caso</translation>
  </message>
  <message>
   <source>Save the case...</source>
   <translation>Guardar el caso...</translation>
  </message>
  <message>
   <source>Save the class as a table</source>
   <translation>Guardar la clase como tabla</translation>
  </message>
  <message>
   <source>Save the exercise</source>
   <translation>Guardar el ejercicio</translation>
  </message>
  <message>
   <source>Save the figures as a table</source>
   <translation>Guardar las cifras como tabla</translation>
  </message>
  <message>
   <source>Save the fleet report</source>
   <translation>Guardar el informe de la flota</translation>
  </message>
  <message>
   <source>Save the job</source>
   <translation>Guardar el trabajo</translation>
  </message>
  <message>
   <source>Save the limits as a sheet</source>
   <translation>Guardar los límites como hoja</translation>
  </message>
  <message>
   <source>Save the picture</source>
   <translation>Guardar el dibujo</translation>
  </message>
  <message>
   <source>Save the report</source>
   <translation>Guardar el informe</translation>
  </message>
  <message>
   <source>Save the signal</source>
   <translation>Guardar la señal</translation>
  </message>
  <message>
   <source>Save the whole logbook</source>
   <translation>Guardar todo el libro de taller</translation>
  </message>
  <message>
   <source>Save this job as a bundle</source>
   <translation>Guardar este trabajo como paquete</translation>
  </message>
  <message>
   <source>Save this page</source>
   <translation>Guardar esta página</translation>
  </message>
  <message>
   <source>Save this page as PDF...</source>
   <translation>Guardar página como PDF...</translation>
  </message>
  <message>
   <source>Save what is shown</source>
   <translation>Guardar lo mostrado</translation>
  </message>
  <message>
   <source>Saved in %1 and %2.</source>
   <translation>Guardado en %1 y %2.</translation>
  </message>
  <message>
   <source>Saved in %1.</source>
   <translation>Guardado en %1.</translation>
  </message>
  <message>
   <source>Say at Intake what the complaint is.</source>
   <translation>Diga en Recepción cuál es la queja.</translation>
  </message>
  <message>
   <source>Say it</source>
   <translation>Decirlo</translation>
  </message>
  <message>
   <source>Say what it is: it stands below.</source>
   <translation>Diga qué es: está abajo.</translation>
  </message>
  <message>
   <source>Scan tool on live wheel speeds, all wheels at once.</source>
   <translation>Equipo de diagnosis en velocidades, todas las ruedas a la vez.</translation>
  </message>
  <message>
   <source>Scan tool on live wheel speeds.</source>
   <translation>Equipo de diagnosis en velocidades.</translation>
  </message>
  <message>
   <source>Scope</source>
   <translation>Osciloscopio</translation>
  </message>
  <message>
   <source>Scope DC coupled, 200 kS/s or more, so that short telegrams are seen.</source>
   <translation>Osciloscopio en DC, 200 kS/s o más, para ver telegramas cortos.</translation>
  </message>
  <message>
   <source>Scope on 5 V full scale, 1 s a division for a spin.</source>
   <translation>Osciloscopio a 5 V de plena escala, 1 s por división para un giro.</translation>
  </message>
  <message>
   <source>Scope trace at </source>
   <translation>Registro en </translation>
  </message>
  <message>
   <source>Scope trace at the </source>
   <translation>Registro en </translation>
  </message>
  <message>
   <source>Scope trace of {} at </source>
   <translation>Registro de {} en </translation>
  </message>
  <message>
   <source>Scope. </source>
   <translation>Osciloscopio. </translation>
  </message>
  <message>
   <source>Seal the pierced holes</source>
   <translation>Sellar los agujeros pinchados</translation>
  </message>
  <message>
   <source>Seed drill carrier</source>
   <translation>Transporte de la sembradora</translation>
  </message>
  <message>
   <source>Seed lorry</source>
   <translation>Camión de semillas</translation>
  </message>
  <message>
   <source>Seen only on a lift or stands: nothing wrong is {:g} times as likely, until it returns on the road.</source>
   <translation>Solo visto en elevador o caballetes: que nada esté mal es {:g} veces más probable, hasta que vuelva en la calle.</translation>
  </message>
  <message>
   <source>Seized in its bore: soak, turn, then drive the stub out.</source>
   <translation>Agarrotado: afloje con aceite, gire y saque el resto.</translation>
  </message>
  <message>
   <source>Sensor</source>
   <translation>Sensor</translation>
  </message>
  <message>
   <source>Several benches share their jobs in a PostgreSQL database. Every bench keeps its own copy and works on without the network; what was done meanwhile is brought over as soon as it can be. Of two states of one job the later one is shown, and the other is kept.</source>
   <translation>Varios puestos comparten sus trabajos en una base de datos PostgreSQL. Cada puesto guarda su copia y sigue trabajando sin red; lo hecho entretanto se lleva en cuanto se puede. De dos estados de un trabajo se muestra el posterior y se guarda el otro.</translation>
  </message>
  <message>
   <source>Several minutes at {} where lawful, read the codes</source>
   <translation>Varios minutos a {} donde esté permitido, leer los códigos</translation>
  </message>
  <message>
   <source>Shake and tap {}.</source>
   <translation>Sacuda y golpee suave {}.</translation>
  </message>
  <message>
   <source>Shake {} while watching {}</source>
   <translation>Sacudir {} mirando {}</translation>
  </message>
  <message>
   <source>Shared</source>
   <translation>Compartido</translation>
  </message>
  <message>
   <source>Sheets and maps for all benches</source>
   <translation>Hojas y mapas para todos los puestos</translation>
  </message>
  <message>
   <source>Shop</source>
   <translation>Taller</translation>
  </message>
  <message>
   <source>Shown against this one: </source>
   <translation>Mostrado frente a este: </translation>
  </message>
  <message>
   <source>Signal</source>
   <translation>Señal</translation>
  </message>
  <message>
   <source>Signal map</source>
   <translation>Mapa de señales</translation>
  </message>
  <message>
   <source>Signal map of the bus</source>
   <translation>Mapa de señales del bus</translation>
  </message>
  <message>
   <source>Signal map read.</source>
   <translation>Mapa de señales leído.</translation>
  </message>
  <message>
   <source>Signal source</source>
   <translation>Fuente de señal</translation>
  </message>
  <message>
   <source>Silage wagon</source>
   <translation>Carro de ensilado</translation>
  </message>
  <message>
   <source>Sine of {:.4g} Hz, {:.2g} V peak to peak, isolated source, across a and b through 1 kΩ.</source>
   <translation>Seno de {:.4g} Hz, {:.2g} V pico a pico, fuente aislada, entre a y b por 1 kΩ.</translation>
  </message>
  <message>
   <source>Single pitches scatter by {:.2g} % on {}, by {:.2g} % on {}.</source>
   <translation>Los pasos dispersan {:.2g} % en {}, {:.2g} % en {}.</translation>
  </message>
  <message>
   <source>Six metres of line</source>
   <translation>Seis metros de línea</translation>
  </message>
  <message>
   <source>Size of everything</source>
   <translation>Tamaño de todo</translation>
  </message>
  <message>
   <source>Slurry tanker</source>
   <translation>Cisterna de purín</translation>
  </message>
  <message>
   <source>Small screw, low torque: the maker's figure.</source>
   <translation>Tornillo pequeño, par pequeño: el del fabricante.</translation>
  </message>
  <message>
   <source>Some makers allow one way only: their rule comes first.</source>
   <translation>Algunos fabricantes permiten un solo modo: su regla va primero.</translation>
  </message>
  <message>
   <source>Something is still wrong ({:.0f} %): back to the line.</source>
   <translation>Algo sigue mal ({:.0f} %): vuelva a la línea.</translation>
  </message>
  <message>
   <source>Something is still wrong: the vehicle should not go out like this.</source>
   <translation>Algo sigue mal: el vehículo no debería salir así.</translation>
  </message>
  <message>
   <source>Sound</source>
   <translation>Sonido</translation>
  </message>
  <message>
   <source>Sound gives</source>
   <translation>El sonido da</translation>
  </message>
  <message>
   <source>Space</source>
   <translation>Espacio</translation>
  </message>
  <message>
   <source>Speaks against it, or is left open:</source>
   <translation>Habla en contra o queda abierto:</translation>
  </message>
  <message>
   <source>Speaks for it:</source>
   <translation>Habla a favor:</translation>
  </message>
  <message>
   <source>Speed</source>
   <translation>Velocidad</translation>
  </message>
  <message>
   <source>Speed and temperature</source>
   <translation>Velocidad y temperatura</translation>
  </message>
  <message>
   <source>Speed at which the module is driven</source>
   <translation>Velocidad a la que se alimenta el módulo</translation>
  </message>
  <message>
   <source>Speeds from a log</source>
   <translation>Velocidades de un registro</translation>
  </message>
  <message>
   <source>Spin one wheel and see which one the module believes.</source>
   <translation>Gire una rueda y vea cuál cree la centralita que es.</translation>
  </message>
  <message>
   <source>Spin the wheel by hand, about {}.</source>
   <translation>Girar la rueda a mano, unos {}.</translation>
  </message>
  <message>
   <source>Spin the wheel, read the codes</source>
   <translation>Girar la rueda, leer los códigos</translation>
  </message>
  <message>
   <source>Splice: sealed crimp with adhesive heat shrink. Plain tape never here.</source>
   <translation>Unión: engaste estanco con retráctil adhesivo. Nunca solo cinta.</translation>
  </message>
  <message>
   <source>Splice: twist, solder, adhesive-lined heat shrink. Plain tape never here.</source>
   <translation>Unión: torcer, soldar, retráctil adhesivo. Nunca solo cinta.</translation>
  </message>
  <message>
   <source>Spoke angle: when the pulse came.</source>
   <translation>Ángulo del radio: cuándo llegó el pulso.</translation>
  </message>
  <message>
   <source>Spray salt water on {}.</source>
   <translation>Rocíe agua salada en {}.</translation>
  </message>
  <message>
   <source>Sprayer</source>
   <translation>Pulverizador</translation>
  </message>
  <message>
   <source>Square baler tractor</source>
   <translation>Tractor de la macroempacadora</translation>
  </message>
  <message>
   <source>Stagger the two joints, keep the twist of the pair, put the joint inside the body or out of the wheelhouse.</source>
   <translation>Escalone las dos uniones, conserve el trenzado, ponga la unión dentro o fuera del paso de rueda.</translation>
  </message>
  <message>
   <source>Standing still it still speaks: a data word every so often, or it is dead.</source>
   <translation>Parado sigue hablando: una palabra de datos de vez en cuando, o está muerto.</translation>
  </message>
  <message>
   <source>Start</source>
   <translation>Comenzar</translation>
  </message>
  <message>
   <source>Start from</source>
   <translation>Partir de</translation>
  </message>
  <message>
   <source>Start the signal</source>
   <translation>Encender la señal</translation>
  </message>
  <message>
   <source>Start watching</source>
   <translation>Empezar a vigilar</translation>
  </message>
  <message>
   <source>Stays: all that was measured, found and repaired. Photos, captures and bundles on disk are not looked into.</source>
   <translation>Se queda: todo lo medido, hallado y reparado. No se mira dentro de fotos, capturas y paquetes del disco.</translation>
  </message>
  <message>
   <source>Steel across the sensor's tip</source>
   <translation>Un hierro ante la punta del sensor</translation>
  </message>
  <message>
   <source>Steer lock to lock while rolling, read the codes</source>
   <translation>Girar de tope a tope rodando, leer los códigos</translation>
  </message>
  <message>
   <source>Step by step</source>
   <translation>Paso a paso</translation>
  </message>
  <message>
   <source>Steps, where suspicion stood, and what they were worth</source>
   <translation>Pasos, dónde estaba la sospecha y qué valían</translation>
  </message>
  <message>
   <source>Still open: {} leads with {:.0f} %</source>
   <translation>Aún abierto: {} va delante con {:.0f} %</translation>
  </message>
  <message>
   <source>Stop</source>
   <translation>Parar</translation>
  </message>
  <message>
   <source>Stop here: nothing more is spent, and most likely nothing is wrong now.</source>
   <translation>Parar aquí: no se gasta más, y lo más probable es que ahora nada esté mal.</translation>
  </message>
  <message>
   <source>Stop here: nothing more is spent; the fault stays, and with it ABS and what hangs on it.</source>
   <translation>Parar aquí: no se gasta más; la avería queda, y con ella el ABS y lo que depende de él.</translation>
  </message>
  <message>
   <source>Stop the signal</source>
   <translation>Apagar la señal</translation>
  </message>
  <message>
   <source>Stop the sound</source>
   <translation>Apagar el sonido</translation>
  </message>
  <message>
   <source>Stop the sweep</source>
   <translation>Parar el barrido</translation>
  </message>
  <message>
   <source>Stop watching</source>
   <translation>Dejar de vigilar</translation>
  </message>
  <message>
   <source>Stored codes were not written down.</source>
   <translation>No se anotaron los códigos guardados.</translation>
  </message>
  <message>
   <source>Stored {} code "{}" of {}: believed to {:.0f} %.</source>
   <translation>Código guardado ({}) «{}» de {}: creído al {:.0f} %.</translation>
  </message>
  <message>
   <source>Straw carrier, number 4</source>
   <translation>Transporte de paja, número 4</translation>
  </message>
  <message>
   <source>Straw trailer, three axles</source>
   <translation>Remolque de paja, tres ejes</translation>
  </message>
  <message>
   <source>Substitute signal at </source>
   <translation>Señal sustituta en </translation>
  </message>
  <message>
   <source>Substitute signal to {}, the sensor apart.</source>
   <translation>Señal sustituta a {}, con el sensor suelto.</translation>
  </message>
  <message>
   <source>Substitute signal: sensor apart, an isolated source, never into a supply pin beyond its limit, never on a vehicle that is driven; off before anything is changed.</source>
   <translation>Señal sustituta: sensor suelto, fuente aislada, nunca en una patilla de alimentación por encima de su límite, nunca en un vehículo que rueda; apagada antes de cambiar nada.</translation>
  </message>
  <message>
   <source>Supply</source>
   <translation>Alimentación</translation>
  </message>
  <message>
   <source>Supply at the plug and no pulses behind it: the sensor, and only then.</source>
   <translation>Alimentación en el conector y ningún pulso detrás: el sensor, y solo entonces.</translation>
  </message>
  <message>
   <source>Suppose a reading of the next move; nothing is kept.</source>
   <translation>Suponga una lectura del siguiente paso; nada se guarda.</translation>
  </message>
  <message>
   <source>Suspect sensor on a good line</source>
   <translation>Sensor sospechoso en una línea buena</translation>
  </message>
  <message>
   <source>Swap</source>
   <translation>Cambio</translation>
  </message>
  <message>
   <source>Sweep</source>
   <translation>Barrido</translation>
  </message>
  <message>
   <source>Switch the signal off</source>
   <translation>Apagar la señal</translation>
  </message>
  <message>
   <source>Tab, Shift+Tab</source>
   <translation>Tab, Mayús+Tab</translation>
  </message>
  <message>
   <source>Take a photo</source>
   <translation>Tomar una foto</translation>
  </message>
  <message>
   <source>Take back</source>
   <translation>Retirar</translation>
  </message>
  <message>
   <source>Take each wheel's rest level off, to see a small wave on a high one</source>
   <translation>Restar el reposo de cada rueda, para ver una onda pequeña sobre una alta</translation>
  </message>
  <message>
   <source>Take from a sheet</source>
   <translation>Tomar de una hoja</translation>
  </message>
  <message>
   <source>Take in a bundle</source>
   <translation>Incorporar un paquete</translation>
  </message>
  <message>
   <source>Take in a logbook</source>
   <translation>Incorporar un libro de taller</translation>
  </message>
  <message>
   <source>Take it off</source>
   <translation>Quitarlo</translation>
  </message>
  <message>
   <source>Take limits from a sheet</source>
   <translation>Tomar límites de una hoja</translation>
  </message>
  <message>
   <source>Take out</source>
   <translation>Quitar</translation>
  </message>
  <message>
   <source>Take over</source>
   <translation>Tomar</translation>
  </message>
  <message>
   <source>Take the battery off at its negative terminal.</source>
   <translation>Quite la batería por el negativo.</translation>
  </message>
  <message>
   <source>Take the module's plug off.</source>
   <translation>Suelte el conector del módulo.</translation>
  </message>
  <message>
   <source>Take the reading from the connected multimeter (Ctrl+M)</source>
   <translation>Tomar la lectura del multímetro conectado (Ctrl+M)</translation>
  </message>
  <message>
   <source>Take the reading out; Undo brings it back</source>
   <translation>Quitar la lectura; Deshacer la devuelve</translation>
  </message>
  <message>
   <source>Take the sensor out, clean rust from bore and seat, push it fully home and read again before any part is bought.</source>
   <translation>Saque el sensor, limpie el óxido del alojamiento y del asiento, empújelo hasta el fondo y vuelva a medir antes de comprar ninguna pieza.</translation>
  </message>
  <message>
   <source>Take this result back</source>
   <translation>Retirar este resultado</translation>
  </message>
  <message>
   <source>Taking in %1 ...</source>
   <translation>Incorporando %1 ...</translation>
  </message>
  <message>
   <source>Technician</source>
   <translation>Técnico</translation>
  </message>
  <message>
   <source>Tedder tractor, number 3</source>
   <translation>Tractor de la henificadora, número 3</translation>
  </message>
  <message>
   <source>Ten seconds of the signal saved in %1.</source>
   <translation>Diez segundos de la señal guardados en %1.</translation>
  </message>
  <message>
   <source>Test after the repair</source>
   <translation>Prueba tras la reparación</translation>
  </message>
  <message>
   <source>Test lamp from battery plus to the return at </source>
   <translation>Lámpara del positivo al retorno en </translation>
  </message>
  <message>
   <source>Test lamp to ground at </source>
   <translation>Lámpara a masa en </translation>
  </message>
  <message>
   <source>Test lamp, 250 mA</source>
   <translation>lámpara de prueba, 250 mA</translation>
  </message>
  <message>
   <source>Test lamp.</source>
   <translation>Lámpara de prueba.</translation>
  </message>
  <message>
   <source>Test lamp. </source>
   <translation>Lámpara de prueba. </translation>
  </message>
  <message>
   <source>Test lamp: a sensor pin gives milliamperes, a filament bulb draws a hundred times that. An LED tester, a 1 kΩ resistor or a meter only; a small bulb just where the pin is a chassis ground.</source>
   <translation>Lámpara de prueba: una patilla de sensor da miliamperios, una bombilla pide cien veces más. Solo probador LED, resistencia de 1 kΩ o aparato; una bombilla pequeña solo donde la patilla es masa del chasis.</translation>
  </message>
  <message>
   <source>That is it: end the case</source>
   <translation>Eso es: terminar el caso</translation>
  </message>
  <message>
   <source>That the ring has {} teeth is guessed from the record, {:.0f} % sure.</source>
   <translation>Que la corona tiene {} dientes se estima del registro, seguro al {:.0f} %.</translation>
  </message>
  <message>
   <source>The bias as a lamp</source>
   <translation>La polarización como lámpara</translation>
  </message>
  <message>
   <source>The camera begins...</source>
   <translation>La cámara se inicia...</translation>
  </message>
  <message>
   <source>The capture was not read.</source>
   <translation>El registro no se leyó.</translation>
  </message>
  <message>
   <source>The case could not be kept: %1</source>
   <translation>El caso no se pudo conservar: %1</translation>
  </message>
  <message>
   <source>The cause is not certain yet. Of 100 such cases it is:</source>
   <translation>La causa aún no es segura. De 100 casos así es:</translation>
  </message>
  <message>
   <source>The cause: {}.</source>
   <translation>La causa: {}.</translation>
  </message>
  <message>
   <source>The chosen case as an exercise on paper, and beside it a sheet for the trainer with the vehicle's answers and the solution</source>
   <translation>El caso elegido como ejercicio en papel, y aparte una hoja para el instructor con las respuestas del vehículo y la solución</translation>
  </message>
  <message>
   <source>The circuits</source>
   <translation>Los circuitos</translation>
  </message>
  <message>
   <source>The class</source>
   <translation>La clase</translation>
  </message>
  <message>
   <source>The class...</source>
   <translation>La clase...</translation>
  </message>
  <message>
   <source>The coil was open at the sensor's own plug and right behind it: measure at the module first, then at the wheel, and the break lies between the two.</source>
   <translation>La bobina estaba abierta en el propio conector del sensor y justo detrás: mida primero en la centralita, luego en la rueda, y la rotura está entre ambas.</translation>
  </message>
  <message>
   <source>The complaint</source>
   <translation>La queja</translation>
  </message>
  <message>
   <source>The connected scope, at the place chosen on the line:</source>
   <translation>El osciloscopio conectado, en el lugar elegido de la línea:</translation>
  </message>
  <message>
   <source>The contacts were cleaned and tightened</source>
   <translation>Se limpiaron y ajustaron los contactos</translation>
  </message>
  <message>
   <source>The control unit was changed or repaired.</source>
   <translation>La centralita se cambió o reparó.</translation>
  </message>
  <message>
   <source>The control unit's fuse, relay or ground was mended.</source>
   <translation>Se reparó el fusible, el relé o la masa de la unidad de control.</translation>
  </message>
  <message>
   <source>The control unit's fuses, relay and ground were checked.</source>
   <translation>Se revisaron fusibles, relé y masa de la centralita.</translation>
  </message>
  <message>
   <source>The control unit's plug was looked into.</source>
   <translation>Se miró el conector de la centralita.</translation>
  </message>
  <message>
   <source>The control unit's stored faults were cleared.</source>
   <translation>Se borraron las averías guardadas de la centralita.</translation>
  </message>
  <message>
   <source>The current steps by {} where the interface has {} to {}; its levels are not known, for the probe shows changes only.</source>
   <translation>La corriente salta {} donde la interfaz tiene de {} a {}; sus niveles no se conocen, pues la sonda solo muestra cambios.</translation>
  </message>
  <message>
   <source>The day's copy of the logbook could not be made: %1</source>
   <translation>No pudo hacerse la copia diaria del libro: %1</translation>
  </message>
  <message>
   <source>The distances of the pulses scatter by {:.0f} %.</source>
   <translation>Las distancias de los pulsos varían un {:.0f} %.</translation>
  </message>
  <message>
   <source>The end of the job</source>
   <translation>El final del trabajo</translation>
  </message>
  <message>
   <source>The feed stands on the return's wire: the two may be exchanged at a joint. Look there before a part is blamed.</source>
   <translation>La alimentación está en el hilo de retorno: los dos pueden estar cambiados en un empalme. Mire allí antes de culpar a una pieza.</translation>
  </message>
  <message>
   <source>The first lines of the chosen wheel's file, and how they are taken</source>
   <translation>Las primeras líneas del archivo de la rueda elegida, y cómo se toman</translation>
  </message>
  <message>
   <source>The gap is {:.0f} % {}: behind {}: a tooth out of its place.</source>
   <translation>El hueco es {:.0f} % {}: tras {}: un diente fuera de su sitio.</translation>
  </message>
  <message>
   <source>The good wheel tells what is weak on this vehicle; a probe at ten to one that is read at one to one makes any output small.</source>
   <translation>Lo que es débil en este vehículo lo dice la rueda buena; una sonda en diez a uno leída como uno a uno empequeñece cualquier señal.</translation>
  </message>
  <message>
   <source>The good wheel, </source>
   <translation>La rueda buena, </translation>
  </message>
  <message>
   <source>The green plug</source>
   <translation>El conector verde</translation>
  </message>
  <message>
   <source>The job and all its files are in %1.</source>
   <translation>El trabajo y todos sus archivos están en %1.</translation>
  </message>
  <message>
   <source>The job is closed</source>
   <translation>El trabajo está cerrado</translation>
  </message>
  <message>
   <source>The job is closed.</source>
   <translation>El trabajo está cerrado.</translation>
  </message>
  <message>
   <source>The jumper shorts a live input of the module: only where its maker allows that.</source>
   <translation>El puente pone en corto una entrada viva del módulo: solo donde el fabricante lo permita.</translation>
  </message>
  <message>
   <source>The lamp and three codes came together</source>
   <translation>El testigo y tres códigos llegaron juntos</translation>
  </message>
  <message>
   <source>The lamp and three codes came together.</source>
   <translation>El testigo y tres códigos llegaron juntos.</translation>
  </message>
  <message>
   <source>The lamp came on after ...</source>
   <translation>La lámpara se encendió después de ...</translation>
  </message>
  <message>
   <source>The lamp came on after the ruts at the ford and stays on</source>
   <translation>El testigo salió tras las rodadas del vado y se queda</translation>
  </message>
  <message>
   <source>The lamp came on after the ruts at the ford and stays on.</source>
   <translation>El testigo salió tras las rodadas del vado y se queda.</translation>
  </message>
  <message>
   <source>The lamp came on at the gate and stays on</source>
   <translation>El testigo salió en la puerta y se queda</translation>
  </message>
  <message>
   <source>The lamp came on at the gate and stays on.</source>
   <translation>El testigo salió en la puerta y se queda.</translation>
  </message>
  <message>
   <source>The lamp came on on the way home from another workshop</source>
   <translation>El testigo se encendió al volver de otro taller</translation>
  </message>
  <message>
   <source>The lamp came on on the way home from another workshop.</source>
   <translation>El testigo se encendió al volver de otro taller.</translation>
  </message>
  <message>
   <source>The lamp came on while it ran on the lift; on the road it is out</source>
   <translation>El testigo salió mientras rodaba en el elevador; en la carretera está apagado</translation>
  </message>
  <message>
   <source>The lamp came on while it ran on the lift; on the road it is out.</source>
   <translation>El testigo salió mientras rodaba en el elevador; en la carretera está apagado.</translation>
  </message>
  <message>
   <source>The lamp comes after rain and goes when it dries</source>
   <translation>El testigo sale tras la lluvia y se va al secarse</translation>
  </message>
  <message>
   <source>The lamp comes after rain and goes when it dries.</source>
   <translation>El testigo sale tras la lluvia y se va al secarse.</translation>
  </message>
  <message>
   <source>The lamp comes and goes on the track to the upper meadow.</source>
   <translation>El testigo va y viene en el camino al prado de arriba.</translation>
  </message>
  <message>
   <source>The lamp comes and goes over bumps</source>
   <translation>El testigo va y viene con los baches</translation>
  </message>
  <message>
   <source>The lamp comes and goes over bumps.</source>
   <translation>El testigo va y viene con los baches.</translation>
  </message>
  <message>
   <source>The lamp comes now and then at walking pace</source>
   <translation>El testigo sale de vez en cuando a paso de persona</translation>
  </message>
  <message>
   <source>The lamp comes now and then at walking pace.</source>
   <translation>El testigo sale de vez en cuando a paso de persona.</translation>
  </message>
  <message>
   <source>The lamp comes on after some minutes of road since the wheels were changed</source>
   <translation>El testigo sale tras unos minutos de carretera desde que se cambiaron las ruedas</translation>
  </message>
  <message>
   <source>The lamp comes on after some minutes of road since the wheels were changed.</source>
   <translation>El testigo sale tras unos minutos de carretera desde que se cambiaron las ruedas.</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn</source>
   <translation>El testigo sale tras la primera vuelta</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since a sensor was fitted</source>
   <translation>El testigo sale tras la primera vuelta desde que se montó un sensor</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since a sensor was fitted.</source>
   <translation>El testigo sale tras la primera vuelta desde que se montó un sensor.</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since the bearing was renewed</source>
   <translation>El testigo sale tras la primera vuelta desde que se cambió el rodamiento</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn since the bearing was renewed.</source>
   <translation>El testigo sale tras la primera vuelta desde que se cambió el rodamiento.</translation>
  </message>
  <message>
   <source>The lamp comes on after the first turn.</source>
   <translation>El testigo sale tras la primera vuelta.</translation>
  </message>
  <message>
   <source>The lamp comes on after the mountain and stays on</source>
   <translation>El testigo sale después del puerto y se queda</translation>
  </message>
  <message>
   <source>The lamp comes on after the mountain and stays on.</source>
   <translation>El testigo sale después del puerto y se queda.</translation>
  </message>
  <message>
   <source>The lamp comes on in the wet</source>
   <translation>El testigo se enciende con la humedad</translation>
  </message>
  <message>
   <source>The lamp comes on in the wet.</source>
   <translation>El testigo se enciende con la humedad.</translation>
  </message>
  <message>
   <source>The lamp comes when steering to the lock</source>
   <translation>El testigo sale al girar el volante a tope</translation>
  </message>
  <message>
   <source>The lamp comes when steering to the lock.</source>
   <translation>El testigo sale al girar el volante a tope.</translation>
  </message>
  <message>
   <source>The lamp is {}, {} ({}).</source>
   <translation>La lámpara está {}, {} ({}).</translation>
  </message>
  <message>
   <source>The lamp stays on</source>
   <translation>El testigo sigue encendido</translation>
  </message>
  <message>
   <source>The lamp stays on since a lamp was fitted to the bed</source>
   <translation>El testigo sigue encendido desde que se montó una luz en la caja</translation>
  </message>
  <message>
   <source>The lamp stays on since a lamp was fitted to the bed.</source>
   <translation>El testigo sigue encendido desde que se montó una luz en la caja.</translation>
  </message>
  <message>
   <source>The lamp stays on since a stone hit the floor</source>
   <translation>El testigo sigue encendido desde que una piedra golpeó el piso</translation>
  </message>
  <message>
   <source>The lamp stays on since a stone hit the floor.</source>
   <translation>El testigo sigue encendido desde que una piedra golpeó el piso.</translation>
  </message>
  <message>
   <source>The lamp stays on since the spring was renewed</source>
   <translation>El testigo sigue encendido desde que se cambió el muelle</translation>
  </message>
  <message>
   <source>The lamp stays on since the spring was renewed.</source>
   <translation>El testigo sigue encendido desde que se cambió el muelle.</translation>
  </message>
  <message>
   <source>The lamp stays on since the wash</source>
   <translation>El testigo sigue encendido desde el lavado</translation>
  </message>
  <message>
   <source>The lamp stays on since the wash.</source>
   <translation>El testigo sigue encendido desde el lavado.</translation>
  </message>
  <message>
   <source>The lamp stays on since the winter</source>
   <translation>El testigo sigue encendido desde el invierno</translation>
  </message>
  <message>
   <source>The lamp stays on since the winter.</source>
   <translation>El testigo sigue encendido desde el invierno.</translation>
  </message>
  <message>
   <source>The lamp stays on since the wires were joined under the floor</source>
   <translation>El testigo sigue encendido desde que se empalmaron los cables bajo el piso</translation>
  </message>
  <message>
   <source>The lamp stays on since the wires were joined under the floor.</source>
   <translation>El testigo sigue encendido desde que se empalmaron los cables bajo el piso.</translation>
  </message>
  <message>
   <source>The lamp stays on, yet everything is new and right</source>
   <translation>El testigo sigue encendido, aunque todo es nuevo y está bien</translation>
  </message>
  <message>
   <source>The lamp stays on, yet everything is new and right.</source>
   <translation>El testigo sigue encendido, aunque todo es nuevo y está bien.</translation>
  </message>
  <message>
   <source>The lamp stays on.</source>
   <translation>El testigo sigue encendido.</translation>
  </message>
  <message>
   <source>The lamp stays on; a chafed wire was mended last week</source>
   <translation>El testigo sigue encendido; la semana pasada se reparó un cable rozado</translation>
  </message>
  <message>
   <source>The lamp stays on; a chafed wire was mended last week.</source>
   <translation>El testigo sigue encendido; la semana pasada se reparó un cable rozado.</translation>
  </message>
  <message>
   <source>The lamp stays on; a little voltage is on the wire</source>
   <translation>El testigo sigue encendido; hay un poco de tensión en el cable</translation>
  </message>
  <message>
   <source>The lamp stays on; a little voltage is on the wire.</source>
   <translation>El testigo sigue encendido; hay un poco de tensión en el cable.</translation>
  </message>
  <message>
   <source>The lamp stays on; at the wheel plug there is full voltage</source>
   <translation>El testigo sigue encendido; en el conector de la rueda hay tensión plena</translation>
  </message>
  <message>
   <source>The lamp stays on; at the wheel plug there is full voltage.</source>
   <translation>El testigo sigue encendido; en el conector de la rueda hay tensión plena.</translation>
  </message>
  <message>
   <source>The lamp stays on; it stood two winters behind the barn</source>
   <translation>El testigo sigue encendido; estuvo dos inviernos detrás del granero</translation>
  </message>
  <message>
   <source>The lamp stays on; it stood two winters behind the barn.</source>
   <translation>El testigo sigue encendido; estuvo dos inviernos detrás del granero.</translation>
  </message>
  <message>
   <source>The lamp stays on; it was parked overnight by the barn.</source>
   <translation>El testigo sigue encendido; pasó la noche junto al granero.</translation>
  </message>
  <message>
   <source>The lamp stays on; the feed is sound</source>
   <translation>El testigo sigue encendido; la alimentación está bien</translation>
  </message>
  <message>
   <source>The lamp stays on; the feed is sound.</source>
   <translation>El testigo sigue encendido; la alimentación está bien.</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor gets less than battery volts</source>
   <translation>El testigo sigue encendido; al sensor le llega menos que la tensión de batería</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor gets less than battery volts.</source>
   <translation>El testigo sigue encendido; al sensor le llega menos que la tensión de batería.</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor is new</source>
   <translation>El testigo sigue encendido; el sensor es nuevo</translation>
  </message>
  <message>
   <source>The lamp stays on; the sensor is new.</source>
   <translation>El testigo sigue encendido; el sensor es nuevo.</translation>
  </message>
  <message>
   <source>The lamp stays on; wires and sensor have been measured three times</source>
   <translation>El testigo sigue encendido; cables y sensor se han medido tres veces</translation>
  </message>
  <message>
   <source>The lamp stays on; wires and sensor have been measured three times.</source>
   <translation>El testigo sigue encendido; cables y sensor se han medido tres veces.</translation>
  </message>
  <message>
   <source>The leads alone are about {}: touch the tips, subtract what they read.</source>
   <translation>Las puntas solas son unos {}: júntelas y réstelas.</translation>
  </message>
  <message>
   <source>The level that the wave swings about goes from {} to {} at {} and stays there: the bias has changed: a contact, a leak or the module.</source>
   <translation>El nivel en torno al que oscila pasa de {} a {} en {} y queda: el reposo cambió: un contacto, una fuga o el módulo.</translation>
  </message>
  <message>
   <source>The level went from {} to {} within a cycle or two and stayed.</source>
   <translation>El nivel pasó de {} a {} en uno o dos ciclos y se quedó.</translation>
  </message>
  <message>
   <source>The limits</source>
   <translation>Los límites</translation>
  </message>
  <message>
   <source>The limits are in %1.</source>
   <translation>Los límites están en %1.</translation>
  </message>
  <message>
   <source>The line as a picture, SVG or PNG; may be dragged out</source>
   <translation>La línea como dibujo, SVG o PNG; puede arrastrarse fuera</translation>
  </message>
  <message>
   <source>The line of the circuit in question</source>
   <translation>La línea del circuito en duda</translation>
  </message>
  <message>
   <source>The line of the made-up vehicle with what was read on it</source>
   <translation>La línea del vehículo inventado con lo que se leyó en ella</translation>
  </message>
  <message>
   <source>The line of {}.</source>
   <translation>La línea de {}.</translation>
  </message>
  <message>
   <source>The line stood at {} meanwhile; it rests at {}.</source>
   <translation>La línea estuvo en {} mientras tanto; en reposo está en {}.</translation>
  </message>
  <message>
   <source>The line stood between {} and {} meanwhile; it rests at {}.</source>
   <translation>La línea estuvo entre {} y {} mientras tanto; en reposo está en {}.</translation>
  </message>
  <message>
   <source>The line was seen at {} and at {} while no wheel turned.</source>
   <translation>La línea estuvo en {} y en {} sin que girara ninguna rueda.</translation>
  </message>
  <message>
   <source>The line, </source>
   <translation>La línea, </translation>
  </message>
  <message>
   <source>The line, from module to tone ring</source>
   <translation>La línea, del módulo al anillo dentado</translation>
  </message>
  <message>
   <source>The logbook could not keep this: %1</source>
   <translation>El libro no pudo guardar esto: %1</translation>
  </message>
  <message>
   <source>The logbook has a later state of this job, of %1. Go on here and both are kept; Logbook opens the other.</source>
   <translation>El libro tiene un estado posterior de este trabajo, de %1. Siga aquí y se guardan ambos; Libro abre el otro.</translation>
  </message>
  <message>
   <source>The logbook is not open.</source>
   <translation>El libro de taller no está abierto.</translation>
  </message>
  <message>
   <source>The logbook was damaged. %1 kept states were brought into a new one%2; the damaged file is %3.</source>
   <translation>El libro estaba dañado. %1 estados pasaron a uno nuevo%2; el archivo dañado es %3.</translation>
  </message>
  <message>
   <source>The magnet side</source>
   <translation>El lado del imán</translation>
  </message>
  <message>
   <source>The maker's procedure, local rules and licensed practice come first.</source>
   <translation>El procedimiento del fabricante, las normas locales y la práctica autorizada van primero.</translation>
  </message>
  <message>
   <source>The measurements do not agree with each other yet; they have to be repeated before anything is bought.</source>
   <translation>Las mediciones aún no concuerdan; deben repetirse antes de comprar nada.</translation>
  </message>
  <message>
   <source>The meter</source>
   <translation>El aparato</translation>
  </message>
  <message>
   <source>The meter the readings are taken with</source>
   <translation>El aparato con que se toman las lecturas</translation>
  </message>
  <message>
   <source>The module shows</source>
   <translation>El módulo muestra</translation>
  </message>
  <message>
   <source>The module's own bias is a test signal that is always there: where it ends the break is.</source>
   <translation>La polarización de la centralita es una señal de prueba siempre presente: donde acaba está la rotura.</translation>
  </message>
  <message>
   <source>The module's own inputs lie in parallel: unplug it, or expect less than the line alone.</source>
   <translation>Las entradas del módulo quedan en paralelo: desenchúfelo, o espere menos que la línea sola.</translation>
  </message>
  <message>
   <source>The module's own pins can only be reached while its plug is off.</source>
   <translation>Las patillas propias del módulo solo se alcanzan con su conector suelto.</translation>
  </message>
  <message>
   <source>The module's own pins cannot be touched while its plug is home.</source>
   <translation>Las patillas propias del módulo no se alcanzan con su conector puesto.</translation>
  </message>
  <message>
   <source>The new ring was compared with the old one.</source>
   <translation>Se comparó el anillo nuevo con el viejo.</translation>
  </message>
  <message>
   <source>The output is {:.2g} mWb of flux swing, whatever the speed.</source>
   <translation>La señal equivale a {:.2g} mWb de variación de flujo, a cualquier velocidad.</translation>
  </message>
  <message>
   <source>The output swells and fades by {:.0f} % every {:.0f} teeth or so, which is once a turn: run-out, a warped ring, play in the bearing or rust under the seat.</source>
   <translation>La señal sube y baja un {:.0f} % cada {:.0f} dientes más o menos, que es una vez por vuelta: alabeo, una corona deformada, juego en el rodamiento u óxido bajo el asiento.</translation>
  </message>
  <message>
   <source>The output swells and fades by {:.0f} % once a turn: run-out, a warped ring, play in the bearing or rust under the seat.</source>
   <translation>La salida crece y mengua {:.0f} % una vez por vuelta: descentrado, anillo alabeado, juego del rodamiento u óxido bajo el asiento.</translation>
  </message>
  <message>
   <source>The output swells by {:.0f} % once a turn; that explains {:.0f} % of how it varies.</source>
   <translation>La señal crece un {:.0f} % una vez por vuelta; eso explica el {:.0f} % de su variación.</translation>
  </message>
  <message>
   <source>The owner decides</source>
   <translation>El dueño decide</translation>
  </message>
  <message>
   <source>The password is taken from the keyring, ~/.pgpass or PGPASSWORD. Written into the address it is used until the program ends, and kept in the keyring only where that is ticked. Beyond this machine the connection is encrypted. How to set up a shop's server: packaging/shop-server.md.</source>
   <translation>La contraseña viene del llavero, de ~/.pgpass o de PGPASSWORD. Escrita en la dirección vale hasta que acabe el programa, y queda en el llavero solo si se marca. Más allá de este equipo la conexión va cifrada. Cómo montar un servidor: packaging/shop-server.md.</translation>
  </message>
  <message>
   <source>The pedal pulses at the last metre</source>
   <translation>El pedal pulsa en el último metro</translation>
  </message>
  <message>
   <source>The pedal pulses at the last metre.</source>
   <translation>El pedal pulsa en el último metro.</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace</source>
   <translation>El pedal pulsa a paso de persona</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace.</source>
   <translation>El pedal pulsa a paso de persona.</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace; the bearing was pressed in last week</source>
   <translation>El pedal pulsa a paso de persona; la semana pasada se prensó el rodamiento</translation>
  </message>
  <message>
   <source>The pedal pulses at walking pace; the bearing was pressed in last week.</source>
   <translation>El pedal pulsa a paso de persona; la semana pasada se prensó el rodamiento.</translation>
  </message>
  <message>
   <source>The pedal pulses in bends since the axle was out</source>
   <translation>El pedal pulsa en las curvas desde que se sacó el eje</translation>
  </message>
  <message>
   <source>The pedal pulses in bends since the axle was out.</source>
   <translation>El pedal pulsa en las curvas desde que se sacó el eje.</translation>
  </message>
  <message>
   <source>The pedal pulses just before it stands</source>
   <translation>El pedal pulsa justo antes de pararse</translation>
  </message>
  <message>
   <source>The pedal pulses just before it stands.</source>
   <translation>El pedal pulsa justo antes de pararse.</translation>
  </message>
  <message>
   <source>The pedal pulses just before the wagon stands.</source>
   <translation>El pedal pulsa justo antes de que el carro se pare.</translation>
  </message>
  <message>
   <source>The pedal pulses once a turn at walking pace</source>
   <translation>El pedal pulsa una vez por vuelta a paso de persona</translation>
  </message>
  <message>
   <source>The pedal pulses once a turn at walking pace.</source>
   <translation>El pedal pulsa una vez por vuelta a paso de persona.</translation>
  </message>
  <message>
   <source>The photo</source>
   <translation>La foto</translation>
  </message>
  <message>
   <source>The pitch follows the reading; a dropout rattles</source>
   <translation>El tono sigue la lectura; un corte cruje</translation>
  </message>
  <message>
   <source>The plug was renewed on both sides</source>
   <translation>Se renovó el conector por ambos lados</translation>
  </message>
  <message numerus="yes">
   <source>The program did not end by itself last time. Brought back: "%1" with %n readings, as it stood.</source>
   <translation>
    <numerusform>El programa no terminó por sí mismo la última vez. Recuperado: «%1» con %n lectura, como estaba.</numerusform>
    <numerusform>El programa no terminó por sí mismo la última vez. Recuperado: «%1» con %n lecturas, como estaba.</numerusform>
   </translation>
  </message>
  <message>
   <source>The program log is %1.</source>
   <translation>El registro del programa es %1.</translation>
  </message>
  <message>
   <source>The pulses come unevenly, by {:.0f} % from one to the next: noise, or a loose part.</source>
   <translation>Los pulsos llegan desiguales, {:.0f} % de uno al siguiente: ruido, o una pieza floja.</translation>
  </message>
  <message>
   <source>The reading will run here.</source>
   <translation>La lectura correrá aquí.</translation>
  </message>
  <message>
   <source>The readings are enough to say what it is.</source>
   <translation>Las lecturas bastan para decir qué es.</translation>
  </message>
  <message>
   <source>The repair has not been tried out yet.</source>
   <translation>La reparación aún no se ha probado.</translation>
  </message>
  <message>
   <source>The reserve is used up</source>
   <translation>La reserva se ha agotado</translation>
  </message>
  <message>
   <source>The rest level goes from {} to {} and stays there, while no wheel turns: a contact or strand has let go or touches.</source>
   <translation>El reposo pasa de {} a {} y queda, sin girar rueda: un contacto o hilo se soltó o toca.</translation>
  </message>
  <message>
   <source>The rest level moves between {} and {} while no wheel turns: a contact or strand lets go.</source>
   <translation>El reposo va entre {} y {} sin girar rueda: un contacto o hilo se suelta.</translation>
  </message>
  <message>
   <source>The rest level, and where it turns, rests, is open or pulled</source>
   <translation>El nivel de reposo, y dónde gira, reposa, está abierta o forzada</translation>
  </message>
  <message>
   <source>The ring and the place where the sensor looks at it were cleaned.</source>
   <translation>Se limpiaron el anillo y el sitio donde el sensor lo mira.</translation>
  </message>
  <message>
   <source>The ring did not pass twice: nobody saw whether it comes again at that place.</source>
   <translation>La corona no pasó dos veces: nadie vio si se repite en ese lugar.</translation>
  </message>
  <message>
   <source>The ring in the wheel bearing was renewed.</source>
   <translation>Se renovó el anillo del rodamiento.</translation>
  </message>
  <message>
   <source>The ring passed {:.1f} times, every tooth as the others.</source>
   <translation>La corona pasó {:.1f} veces, cada diente como los demás.</translation>
  </message>
  <message>
   <source>The ring passed {:.1f} times.</source>
   <translation>La corona pasó {:.1f} veces.</translation>
  </message>
  <message>
   <source>The same as the state that is shown.</source>
   <translation>Igual que el estado mostrado.</translation>
  </message>
  <message>
   <source>The same once more</source>
   <translation>Lo mismo otra vez</translation>
  </message>
  <message>
   <source>The same test read {} before: repeat it at a second contact, the probe may have missed; if it still wanders, the contact itself lets go.</source>
   <translation>La misma prueba leyó {} antes: repítala en otro contacto, quizá falló la punta; si sigue variando, el contacto mismo se suelta.</translation>
  </message>
  <message>
   <source>The second behind the first</source>
   <translation>El segundo detrás del primero</translation>
  </message>
  <message>
   <source>The sensor </source>
   <translation>El sensor </translation>
  </message>
  <message>
   <source>The shop joins wires by</source>
   <translation>El taller une cables con</translation>
  </message>
  <message>
   <source>The shop's logbook, for all benches</source>
   <translation>El libro de taller para todos los puestos</translation>
  </message>
  <message>
   <source>The shop's mark</source>
   <translation>El logotipo del taller</translation>
  </message>
  <message>
   <source>The short that is gone</source>
   <translation>El cortocircuito que ya no está</translation>
  </message>
  <message>
   <source>The shortest lasted as long as {:.1f} teeth.</source>
   <translation>El más corto duró como {:.1f} dientes.</translation>
  </message>
  <message>
   <source>The shortest sensible way</source>
   <translation>La vía sensata más corta</translation>
  </message>
  <message>
   <source>The shortest sensible way: %1 min</source>
   <translation>La vía sensata más corta: %1 min</translation>
  </message>
  <message>
   <source>The shortest sensible way: {}</source>
   <translation>La vía sensata más corta: {}</translation>
  </message>
  <message>
   <source>The shown stretch of all wheels as CSV or WAV; may be dragged out</source>
   <translation>El tramo mostrado de todas las ruedas como CSV o WAV; puede arrastrarse fuera</translation>
  </message>
  <message>
   <source>The signal is gone {}, for {} at most, tied to no tooth: {}.</source>
   <translation>La señal falta {}, a lo sumo {}, sin atarse a ningún diente: {}.</translation>
  </message>
  <message>
   <source>The signal is only {:.0f} steps of the instrument high.</source>
   <translation>La señal solo tiene {:.0f} pasos del instrumento de altura.</translation>
  </message>
  <message>
   <source>The signal source gives a module on the bench what this vehicle's line would give it</source>
   <translation>La fuente de señal da a un módulo en el banco lo que le daría la línea de este vehículo</translation>
  </message>
  <message>
   <source>The signal source may still be ON: %1</source>
   <translation>La fuente de señal puede seguir ENCENDIDA: %1</translation>
  </message>
  <message>
   <source>The size of the ring is not known: give its teeth at Intake, or record at least three turns.</source>
   <translation>No se conoce el tamaño del anillo: dé sus dientes en Recepción, o registre al menos tres vueltas.</translation>
  </message>
  <message>
   <source>The sizes and pressures of all tyres were compared.</source>
   <translation>Se compararon las medidas y presiones de todos los neumáticos.</translation>
  </message>
  <message>
   <source>The source follows this vehicle and its line; single teeth and what comes and goes it cannot show.</source>
   <translation>La fuente sigue a este vehículo y su línea; dientes sueltos y lo que va y viene no los puede mostrar.</translation>
  </message>
  <message>
   <source>The spoilt piece of wire was cut out</source>
   <translation>Se cortó el trozo de cable estropeado</translation>
  </message>
  <message>
   <source>The state that is shown names no owner and no plate; earlier ones may.</source>
   <translation>El estado mostrado no nombra dueño ni matrícula; otros anteriores quizá sí.</translation>
  </message>
  <message>
   <source>The tedder tractor that never had a lamp before</source>
   <translation>El tractor de la henificadora que nunca tuvo un testigo</translation>
  </message>
  <message>
   <source>The tool box</source>
   <translation>Las herramientas</translation>
  </message>
  <message>
   <source>The traces that were taken</source>
   <translation>Las trazas tomadas</translation>
  </message>
  <message>
   <source>The trailer's lamp stays on</source>
   <translation>El testigo del remolque sigue encendido</translation>
  </message>
  <message>
   <source>The trailer's lamp stays on.</source>
   <translation>El testigo del remolque sigue encendido.</translation>
  </message>
  <message>
   <source>The vehicle</source>
   <translation>El vehículo</translation>
  </message>
  <message>
   <source>The vehicle's own service information overrides common practice.</source>
   <translation>La información del fabricante va antes que la práctica común.</translation>
  </message>
  <message>
   <source>The way back</source>
   <translation>El camino de vuelta</translation>
  </message>
  <message>
   <source>The wheel sensor was fitted, on a clean seat.</source>
   <translation>Se montó el sensor de rueda en un asiento limpio.</translation>
  </message>
  <message>
   <source>The wheel sensor's tip was cleaned.</source>
   <translation>Se limpió la punta del sensor de rueda.</translation>
  </message>
  <message>
   <source>The wheel was turned unevenly: distances scatter by {:.0f} %.</source>
   <translation>La rueda giró desigual: las distancias varían un {:.0f} %.</translation>
  </message>
  <message>
   <source>The whole signal is weak, {} of flux swing: a gap too wide, a sensor not home, or metal on its tip.</source>
   <translation>Toda la señal es débil, {} de flujo: entrehierro excesivo, sensor mal asentado o metal en su punta.</translation>
  </message>
  <message>
   <source>The wire parts where it moves: the last half metre before the wheel.</source>
   <translation>El cable se parte donde se mueve: el último medio metro antes de la rueda.</translation>
  </message>
  <message>
   <source>The wires of two wheels were put back in their own places.</source>
   <translation>Los cables de dos ruedas volvieron a su sitio.</translation>
  </message>
  <message>
   <source>The wires were joined again and sealed against water</source>
   <translation>Se unieron de nuevo los cables y se sellaron contra el agua</translation>
  </message>
  <message>
   <source>The wires were laid clear of what had rubbed them.</source>
   <translation>Se apartaron los cables de lo que los rozaba.</translation>
  </message>
  <message>
   <source>The work, step by step</source>
   <translation>El trabajo, paso a paso</translation>
  </message>
  <message>
   <source>The yard's own</source>
   <translation>Los del patio</translation>
  </message>
  <message>
   <source>The {} current is {}, {} the {} to {} of the interface.</source>
   <translation>La corriente ({}) es {}, {} de {} a {} de la interfaz.</translation>
  </message>
  <message>
   <source>The {} level of {} is {}, of {} {}.</source>
   <translation>El nivel ({}) de {} es {}, de {} {}.</translation>
  </message>
  <message>
   <source>Their distances scatter by {:.1f} %.</source>
   <translation>Sus distancias varían un {:.1f} %.</translation>
  </message>
  <message>
   <source>Then: %1</source>
   <translation>Entonces: %1</translation>
  </message>
  <message>
   <source>There is nothing to save yet: drop a capture on a wheel first.</source>
   <translation>Aún nada que guardar: suelte antes un registro en una rueda.</translation>
  </message>
  <message>
   <source>These readings name no part: measure on before anything is repaired or bought.</source>
   <translation>Estas lecturas no señalan ninguna pieza: siga midiendo antes de reparar o comprar nada.</translation>
  </message>
  <message>
   <source>They stay on this bench. Once a shop's logbook is used (Where it lives), they can be brought along there when asked for.</source>
   <translation>Se quedan en este puesto. Cuando se use un libro del taller (Dónde está), se pueden llevar allí si se pide.</translation>
  </message>
  <message>
   <source>This cannot be undone.</source>
   <translation>Esto no se puede deshacer.</translation>
  </message>
  <message>
   <source>This change could not be kept on disk: %1</source>
   <translation>Este cambio no pudo guardarse en disco: %1</translation>
  </message>
  <message>
   <source>This could settle about {} in 10 of what the best step could. </source>
   <translation>Esto podía aclarar unas {} décimas de lo que podía el mejor paso. </translation>
  </message>
  <message>
   <source>This could tell next to nothing as things stood. </source>
   <translation>Esto casi nada podía decir tal como estaban las cosas. </translation>
  </message>
  <message>
   <source>This fault has no degrees.</source>
   <translation>Este fallo no tiene grados.</translation>
  </message>
  <message>
   <source>This file is another job than it was: its id is not the same. What was not saved of it then (%1) is in the logbook.</source>
   <translation>Este archivo es otro trabajo que antes: su identificador no es el mismo. Lo que entonces no se guardó de él (%1) está en el registro.</translation>
  </message>
  <message>
   <source>This is the state that is shown.</source>
   <translation>Este es el estado mostrado.</translation>
  </message>
  <message>
   <source>This job is open on %1 too, since %2. Both may go on: every state is kept, and the later one is shown.</source>
   <translation>Este trabajo está abierto también en %1 desde las %2. Ambos pueden seguir: se guarda cada estado y se muestra el posterior.</translation>
  </message>
  <message>
   <source>This job was also changed on %1 at %2 (%3); both states are kept. Logbook compares them.</source>
   <translation>Este trabajo se cambió también en %1 a las %2 (%3); se guardan ambos estados. El libro los compara.</translation>
  </message>
  <message>
   <source>This job was changed on another bench (%1). Go on here and both states are kept; Logbook, Kept states compares them.</source>
   <translation>Este trabajo se cambió en otro puesto (%1). Si sigue aquí se guardan ambos estados; Libro, Estados guardados los compara.</translation>
  </message>
  <message>
   <source>This program</source>
   <translation>Este programa</translation>
  </message>
  <message>
   <source>This sensor tells the brake control how fast the {} wheel turns. While it does not, the anti-lock brakes and stability control may be off; the ordinary brakes are another system.</source>
   <translation>Este sensor dice al control de frenos a qué velocidad gira la rueda ({}). Mientras no lo haga, antibloqueo y estabilidad pueden estar fuera; el freno ordinario es otro sistema.</translation>
  </message>
  <message>
   <source>This user may not erase what is personal there: a foreman has to, for %1 jobs.</source>
   <translation>Este usuario no puede borrar allí lo personal: debe hacerlo un encargado, en %1 trabajos.</translation>
  </message>
  <message>
   <source>Through an active sensor an ohmmeter shows what its own voltage and polarity make of it: hundreds of kilo-ohms to OL may be a good part. Only an identical good one, same meter, same polarity, says something.</source>
   <translation>A través de un sensor activo el óhmetro muestra lo que su propia tensión y polaridad hacen: de cientos de kiloohmios a OL puede ser bueno. Solo uno bueno igual, mismo aparato y polaridad, dice algo.</translation>
  </message>
  <message>
   <source>Time column</source>
   <translation>Columna de tiempo</translation>
  </message>
  <message>
   <source>Tipper</source>
   <translation>Volquete</translation>
  </message>
  <message>
   <source>To begin: which wheel, and what was said. The rest may stay empty.</source>
   <translation>Para empezar: qué rueda, y qué se dijo. Lo demás puede quedar vacío.</translation>
  </message>
  <message>
   <source>Too good a reading</source>
   <translation>Una medición demasiado buena</translation>
  </message>
  <message>
   <source>Tool box</source>
   <translation>Herramientas</translation>
  </message>
  <message>
   <source>Tooth {} showed it in only {} of {} turns.</source>
   <translation>El diente {} lo mostró solo en {} de {} vueltas.</translation>
  </message>
  <message>
   <source>Tooth {} showed it in {} of {} turns, at the same place.</source>
   <translation>El diente {} lo mostró en {} de {} vueltas, en el mismo lugar.</translation>
  </message>
  <message>
   <source>Towards module</source>
   <translation>Hacia el módulo</translation>
  </message>
  <message>
   <source>Towards wheel</source>
   <translation>Hacia la rueda</translation>
  </message>
  <message>
   <source>Trace</source>
   <translation>Señal</translation>
  </message>
  <message>
   <source>Trace of %1 added.</source>
   <translation>Registro de %1 añadido.</translation>
  </message>
  <message>
   <source>Trainees and their points</source>
   <translation>Aprendices y sus puntos</translation>
  </message>
  <message>
   <source>Trial: %1</source>
   <translation>Ensayo: %1</translation>
  </message>
  <message>
   <source>Try it</source>
   <translation>Probarlo</translation>
  </message>
  <message>
   <source>Try the connection</source>
   <translation>Probar la conexión</translation>
  </message>
  <message>
   <source>Turn the wheel</source>
   <translation>Gire la rueda</translation>
  </message>
  <message>
   <source>Turn the wheel by hand and watch the gap: run-out shows by eye; then rock the wheel for play in the bearing.</source>
   <translation>Gire la rueda a mano y mire el hueco: el descentrado se ve; luego menee la rueda por juego del rodamiento.</translation>
  </message>
  <message>
   <source>Turns overlaid</source>
   <translation>Vueltas juntas</translation>
  </message>
  <message>
   <source>Two faults at once would explain every reading ({:.0f} %): {}, and {} ({:.0f} %).</source>
   <translation>Dos averías a la vez explicarían todo ({:.0f} %): {}, y {} ({:.0f} %).</translation>
  </message>
  <message>
   <source>Two hands, two speeds</source>
   <translation>Dos manos, dos velocidades</translation>
  </message>
  <message>
   <source>Two long leads from the sensor half of {} at {} to the harness half at {}: wire a to {}, wire b to {}.</source>
   <translation>Dos cables largos de la mitad del sensor de {} en {} a la mitad del mazo en {}: cable a al {}, cable b al {}.</translation>
  </message>
  <message>
   <source>Two pulses are</source>
   <translation>Dos pulsos están</translation>
  </message>
  <message>
   <source>Two wires that had been exchanged were put back</source>
   <translation>Dos cables cambiados volvieron a su sitio</translation>
  </message>
  <message>
   <source>Two wires that met</source>
   <translation>Dos cables que se encontraron</translation>
  </message>
  <message>
   <source>Two wires, two ways to join them. An active sensor knows which is which.</source>
   <translation>Dos cables, dos formas de unirlos. Un sensor activo sabe cuál es cuál.</translation>
  </message>
  <message>
   <source>Type a reading</source>
   <translation>Escribir una lectura</translation>
  </message>
  <message>
   <source>Tyre</source>
   <translation>Neumático</translation>
  </message>
  <message>
   <source>Under a car only on rated stands; hot brakes, brake dust; no part of the brake hangs on its hose.</source>
   <translation>Bajo un coche solo en caballetes homologados; frenos calientes, polvo de freno; nada del freno cuelga de su latiguillo.</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Deshacer</translation>
  </message>
  <message>
   <source>Undo %1 (Ctrl+Z)</source>
   <translation>Deshacer %1 (Ctrl+Z)</translation>
  </message>
  <message>
   <source>Unit of the channels</source>
   <translation>Unidad de los canales</translation>
  </message>
  <message>
   <source>Unit of the time</source>
   <translation>Unidad del tiempo</translation>
  </message>
  <message>
   <source>Unpacked into %1.</source>
   <translation>Desempaquetado en %1.</translation>
  </message>
  <message>
   <source>Unplug the sensor and take it out, meter in ohms on its two pins, and pass a steel tool across its tip.</source>
   <translation>Desconecte y saque el sensor, aparato en ohmios en sus dos patillas, y pase un hierro ante la punta.</translation>
  </message>
  <message>
   <source>Unplug the sensor: what is left of the ohms is the two wires touching.</source>
   <translation>Desenchufe el sensor: los ohmios que quedan son los dos cables que se tocan.</translation>
  </message>
  <message>
   <source>Unplug the sensors of {} and {}.</source>
   <translation>Desenchufe los sensores de {} y {}.</translation>
  </message>
  <message>
   <source>Unplug {}, {}.</source>
   <translation>Desenchufe {}, {}.</translation>
  </message>
  <message>
   <source>Unplug {}.</source>
   <translation>Desenchufe {}.</translation>
  </message>
  <message>
   <source>Unplugging may cure it for a day: reproduce it first.</source>
   <translation>Desenchufar puede curarlo un día: reprodúzcalo antes.</translation>
  </message>
  <message>
   <source>Use as limit</source>
   <translation>Usar como límite</translation>
  </message>
  <message>
   <source>Use it</source>
   <translation>Usarlo</translation>
  </message>
  <message>
   <source>Use its limits for this job</source>
   <translation>Usar sus límites en este trabajo</translation>
  </message>
  <message>
   <source>Use this meter</source>
   <translation>Usar este aparato</translation>
  </message>
  <message>
   <source>Usual lines</source>
   <translation>Líneas usuales</translation>
  </message>
  <message>
   <source>Usual lines...</source>
   <translation>Líneas usuales...</translation>
  </message>
  <message>
   <source>Usual size</source>
   <translation>Tamaño usual</translation>
  </message>
  <message>
   <source>Usually allowed</source>
   <translation>Permitido por lo general</translation>
  </message>
  <message>
   <source>V p-p, measured</source>
   <translation>V pico a pico, medido</translation>
  </message>
  <message>
   <source>V unplugged</source>
   <translation>V abierto</translation>
  </message>
  <message>
   <source>V, mV, A or mA</source>
   <translation>V, mV, A o mA</translation>
  </message>
  <message>
   <source>Vehicle</source>
   <translation>Vehículo</translation>
  </message>
  <message>
   <source>Vehicle and complaint</source>
   <translation>Vehículo y queja</translation>
  </message>
  <message>
   <source>Vehicle not named.</source>
   <translation>Vehículo sin nombrar.</translation>
  </message>
  <message>
   <source>Vet's car</source>
   <translation>Coche de la veterinaria</translation>
  </message>
  <message>
   <source>Voice</source>
   <translation>Voz</translation>
  </message>
  <message>
   <source>Voltage drop over </source>
   <translation>Caída de tensión en </translation>
  </message>
  <message>
   <source>Volts across the pair at </source>
   <translation>Voltios entre el par en </translation>
  </message>
  <message>
   <source>Volts from next door</source>
   <translation>Tensión del vecino</translation>
  </message>
  <message>
   <source>Volts from two spins compare two hands. Volts per hertz compare two sensors.</source>
   <translation>Voltios de dos giros comparan dos manos. Voltios por hercio comparan dos sensores.</translation>
  </message>
  <message>
   <source>Volts of </source>
   <translation>Voltios de </translation>
  </message>
  <message>
   <source>Volts of a spun wheel follow the hand that spins it: compare by volts per hertz, or turn both alike.</source>
   <translation>Los voltios de una rueda girada siguen a la mano: compare voltios por hercio, o gire ambas igual.</translation>
  </message>
  <message>
   <source>Volts on a parted wire are a ghost of its neighbours. A lamp does not light on ghosts.</source>
   <translation>La tensión en un cable partido es un fantasma de sus vecinos. Una lámpara no luce con fantasmas.</translation>
  </message>
  <message>
   <source>Volts on an open plug draw no current: one strand shows them in full. The same probe with everything plugged in, or a lamp, would see a bad wire.</source>
   <translation>Voltios en un conector abierto no llevan corriente: un hilo los muestra enteros. La misma punta con todo enchufado, o una lámpara, vería un cable malo.</translation>
  </message>
  <message>
   <source>Volts with the key off: the module feeds nothing, so there is nothing to read. Key on, then again.</source>
   <translation>Voltios sin contacto: el módulo no alimenta nada, no hay nada que leer. Dé contacto y repita.</translation>
  </message>
  <message>
   <source>Warm air that a hand can bear, no flame: keep it off fuel and brake lines, batteries and anything of an airbag.</source>
   <translation>Aire caliente que aguante la mano, sin llama: lejos de tubos de combustible y freno, baterías y airbag.</translation>
  </message>
  <message>
   <source>Warm {} while watching {}</source>
   <translation>Calentar {} mirando {}</translation>
  </message>
  <message>
   <source>Warm {} with air that a hand can bear.</source>
   <translation>Caliente {} con aire que aguante la mano.</translation>
  </message>
  <message>
   <source>Warn whoever is about, and have a second person watch the instrument.</source>
   <translation>Avise a los presentes, y que otra persona mire el aparato.</translation>
  </message>
  <message>
   <source>Watch</source>
   <translation>Vigilar</translation>
  </message>
  <message>
   <source>Watch and bend, inch by inch; the meter's bar or its beep is faster than its digits.</source>
   <translation>Mire y doble, palmo a palmo; la barra o el pitido del multímetro son más rápidos que sus cifras.</translation>
  </message>
  <message>
   <source>Watch the live speeds while the wheel is spun.</source>
   <translation>Mire las velocidades mientras se gira la rueda.</translation>
  </message>
  <message>
   <source>Watch the reading, and note where it jumps and where it does not.</source>
   <translation>Mire la lectura y anote dónde salta y dónde no.</translation>
  </message>
  <message>
   <source>Watch the same trace while one leg at a time is flexed, and note where it reacts and where it does not.</source>
   <translation>Mire el mismo registro mientras se dobla tramo a tramo, y anote dónde reacciona y dónde no.</translation>
  </message>
  <message>
   <source>Water got into {}: both halves are spoilt, and so are their neighbours {}. Renew both sides of the plug.</source>
   <translation>Entró agua en {}: ambas mitades están estropeadas, y sus vecinos {} también. Renueve ambos lados del conector.</translation>
  </message>
  <message>
   <source>Well chosen: nothing would have told more for its minutes.</source>
   <translation>Bien elegido: nada habría dicho más por sus minutos.</translation>
  </message>
  <message>
   <source>Wet it again, 30 s above {}, read the codes</source>
   <translation>Mojar de nuevo, 30 s por encima de {}, leer los códigos</translation>
  </message>
  <message>
   <source>Wet {} while watching {}</source>
   <translation>Mojar {} mirando {}</translation>
  </message>
  <message>
   <source>What I would do, and how I would prove that it is mended: ________________________________________</source>
   <translation>Qué haría, y cómo probaría que está reparado: ________________________________________</translation>
  </message>
  <message>
   <source>What a good wheel has is right, whatever the chart says.</source>
   <translation>Lo que tiene una rueda buena es lo correcto, diga lo que diga la tabla.</translation>
  </message>
  <message>
   <source>What a new job begins with; each job may differ.</source>
   <translation>Con qué empieza un trabajo nuevo; cada uno puede diferir.</translation>
  </message>
  <message>
   <source>What can be done</source>
   <translation>Qué puede hacerse</translation>
  </message>
  <message>
   <source>What comes once a turn, every turn, at one place is iron, not copper.</source>
   <translation>Lo que viene una vez por vuelta, cada vuelta, en un lugar, es hierro, no cobre.</translation>
  </message>
  <message>
   <source>What did not react was perhaps not moved where it is broken.</source>
   <translation>Lo que no reaccionó quizá no se movió donde está roto.</translation>
  </message>
  <message>
   <source>What each fault still possible would show</source>
   <translation>Qué mostraría cada avería aún posible</translation>
  </message>
  <message>
   <source>What failed, in the closed jobs of the vehicles above</source>
   <translation>Lo que falló, en los trabajos cerrados de los vehículos de arriba</translation>
  </message>
  <message>
   <source>What happened</source>
   <translation>Qué pasó</translation>
  </message>
  <message>
   <source>What hides behind it</source>
   <translation>Qué se esconde detrás</translation>
  </message>
  <message>
   <source>What if</source>
   <translation>Qué pasaría si</translation>
  </message>
  <message>
   <source>What is being moved now (keys 1 to 9, 0 hands off)</source>
   <translation>Qué se mueve ahora (teclas 1 a 9, 0 manos fuera)</translation>
  </message>
  <message>
   <source>What is complained of</source>
   <translation>De qué se quejan</translation>
  </message>
  <message>
   <source>What is fitted</source>
   <translation>Qué lleva montado</translation>
  </message>
  <message>
   <source>What is free first: a look along the line, before anything is unplugged.</source>
   <translation>Primero lo que no cuesta: una mirada a lo largo de la línea, antes de desenchufar nada.</translation>
  </message>
  <message>
   <source>What is free first: codes and live speeds of all wheels, and a look.</source>
   <translation>Primero lo gratis: códigos y velocidades de todas las ruedas, y mirar.</translation>
  </message>
  <message>
   <source>What is not in the list cannot be measured there on this vehicle, or tells nothing.</source>
   <translation>Lo que no está en la lista no se puede medir ahí en este vehículo, o no dice nada.</translation>
  </message>
  <message>
   <source>What is set here is kept next to the capture, in %1; "as recognised" everywhere takes that file away.</source>
   <translation>Lo puesto aquí se guarda junto al registro, en %1; «como se reconoce» en todo quita ese archivo.</translation>
  </message>
  <message>
   <source>What is wrong</source>
   <translation>Qué está mal</translation>
  </message>
  <message>
   <source>What is wrong with it</source>
   <translation>Qué tiene mal</translation>
  </message>
  <message>
   <source>What it is</source>
   <translation>Qué es</translation>
  </message>
  <message>
   <source>What it is built on</source>
   <translation>Sobre qué está hecho</translation>
  </message>
  <message>
   <source>What it was</source>
   <translation>Qué era</translation>
  </message>
  <message>
   <source>What may be done now</source>
   <translation>Qué puede hacerse ahora</translation>
  </message>
  <message>
   <source>What may be done to the wires</source>
   <translation>Qué puede hacerse a los cables</translation>
  </message>
  <message>
   <source>What may come</source>
   <translation>Qué puede venir</translation>
  </message>
  <message>
   <source>What only shows wet, warm, or when the loom is moved is not in this record.</source>
   <translation>Lo que solo se ve mojado, caliente o al mover el mazo no está en este registro.</translation>
  </message>
  <message>
   <source>What speaks for this finding, and what against it</source>
   <translation>Qué habla a favor de este hallazgo y qué en contra</translation>
  </message>
  <message>
   <source>What that says, before anything is measured</source>
   <translation>Qué dice eso, antes de medir</translation>
  </message>
  <message>
   <source>What the answer will mean</source>
   <translation>Qué significará la respuesta</translation>
  </message>
  <message>
   <source>What the camera sees</source>
   <translation>Lo que ve la cámara</translation>
  </message>
  <message>
   <source>What the camera sees could not be written as a photo.</source>
   <translation>Lo que ve la cámara no se pudo escribir como foto.</translation>
  </message>
  <message>
   <source>What the driver says</source>
   <translation>Qué dice el conductor</translation>
  </message>
  <message>
   <source>What the line does</source>
   <translation>Qué hace la línea</translation>
  </message>
  <message>
   <source>What the meter is set to</source>
   <translation>En qué está el aparato</translation>
  </message>
  <message>
   <source>What the readings had in common was more than any one of them said.</source>
   <translation>Lo que las mediciones tenían en común decía más que cualquiera de ellas.</translation>
  </message>
  <message>
   <source>What the sound output gives at full scale, at its volume as it stands: measure it once</source>
   <translation>Lo que da la salida de sonido a plena escala, con su volumen actual: mídalo una vez</translation>
  </message>
  <message>
   <source>What was done already, and whether it helped</source>
   <translation>Qué se hizo ya, y si ayudó</translation>
  </message>
  <message>
   <source>What was done so far</source>
   <translation>Qué se hizo hasta ahora</translation>
  </message>
  <message>
   <source>What was done, and what it takes</source>
   <translation>Qué se hizo, y qué cuesta</translation>
  </message>
  <message>
   <source>What was not saved of this job was done in another file (%1); it is in the logbook.</source>
   <translation>Lo que no se guardó de este trabajo se hizo en otro archivo (%1); está en el registro.</translation>
  </message>
  <message>
   <source>What was not tested:</source>
   <translation>Qué no se probó:</translation>
  </message>
  <message>
   <source>What was wrong</source>
   <translation>Qué estaba mal</translation>
  </message>
  <message>
   <source>What would decide it</source>
   <translation>Qué lo decidiría</translation>
  </message>
  <message>
   <source>What you do</source>
   <translation>Qué hace usted</translation>
  </message>
  <message>
   <source>What {} answers</source>
   <translation>Qué responde {}</translation>
  </message>
  <message>
   <source>Wheel speed circuits of the fleet</source>
   <translation>Circuitos de velocidad de rueda de la flota</translation>
  </message>
  <message>
   <source>Wheel speed circuits of {}</source>
   <translation>Circuitos de velocidad de rueda de {}</translation>
  </message>
  <message>
   <source>Wheel speed sensor job</source>
   <translation>Trabajo de sensor de rueda</translation>
  </message>
  <message>
   <source>Wheel speeds</source>
   <translation>Velocidades de rueda</translation>
  </message>
  <message>
   <source>Wheel speeds of a CSV, or of a bus log in candump form with its signal map</source>
   <translation>Velocidades de rueda de un CSV, o de un registro del bus (candump) con su mapa</translation>
  </message>
  <message>
   <source>Wheel up: rated stands on sound points, the others chocked, never on a jack alone. Hands, sleeves and leads clear of the turning wheel; turned by the engine, clear of the driveline.</source>
   <translation>Rueda en alto: caballetes homologados en puntos firmes, las otras calzadas, nunca solo con gato. Manos, mangas y cables lejos de la rueda que gira; si la mueve el motor, lejos de la transmisión.</translation>
  </message>
  <message>
   <source>Wheel up: rated stands on sound points, the others chocked. ABS and ESC may be off.</source>
   <translation>Rueda en alto: caballetes homologados, las otras calzadas. ABS y ESP pueden estar fuera.</translation>
  </message>
  <message>
   <source>When steering</source>
   <translation>Al girar la dirección</translation>
  </message>
  <message>
   <source>When the coach speaks</source>
   <translation>Cuándo habla el maestro</translation>
  </message>
  <message>
   <source>When warm</source>
   <translation>En caliente</translation>
  </message>
  <message>
   <source>Where each instrument is. Over the network tcp:HOST:PORT, a serial adapter serial:/dev/ttyUSB0:9600, USB usbtmc:/dev/usbtmc0. What is plugged in is in the lists.</source>
   <translation>Dónde está cada aparato. Por la red tcp:HOST:PUERTO, adaptador serie serial:/dev/ttyUSB0:9600, USB usbtmc:/dev/usbtmc0. Lo enchufado está en las listas.</translation>
  </message>
  <message>
   <source>Where is the fault, how sure, what to test next. Free software under the GNU General Public License, version 3 or later, without any warranty. Local rules, the maker's procedure and licensed practice come before anything it says.</source>
   <translation>Dónde está la avería, con qué certeza, qué probar ahora. Software libre bajo la GNU General Public License, versión 3 o posterior, sin garantía. Las normas locales, el procedimiento del fabricante y la práctica autorizada van antes que lo que diga.</translation>
  </message>
  <message>
   <source>Where it is</source>
   <translation>Dónde está</translation>
  </message>
  <message>
   <source>Where it lives</source>
   <translation>Dónde está</translation>
  </message>
  <message>
   <source>Where it stands</source>
   <translation>Cómo está</translation>
  </message>
  <message>
   <source>Where it was</source>
   <translation>Dónde estaba</translation>
  </message>
  <message>
   <source>Where the leads are</source>
   <translation>Dónde están las puntas</translation>
  </message>
  <message>
   <source>Where water came in once it may come in again: after the next heavy rain look whether the lamp stays out.</source>
   <translation>Donde entró agua una vez puede entrar otra: tras la próxima lluvia fuerte mire si el testigo sigue apagado.</translation>
  </message>
  <message>
   <source>Whether the connector at this place is apart</source>
   <translation>Si el conector de este lugar está separado</translation>
  </message>
  <message>
   <source>Which comes nearest? The same line is taken for the wheels of that axle. Plugs, joints and lengths can be changed afterwards.</source>
   <translation>¿Cuál se parece más? La misma vale para las ruedas de ese eje. Conectores, empalmes y largos pueden cambiarse después.</translation>
  </message>
  <message>
   <source>Which lamps, since when, where, in what weather, who repaired what before</source>
   <translation>Qué testigos, desde cuándo, dónde, con qué tiempo, quién reparó qué antes</translation>
  </message>
  <message>
   <source>Who practises (may stay empty)</source>
   <translation>Quién practica (puede quedar vacío)</translation>
  </message>
  <message>
   <source>Whole record</source>
   <translation>Todo</translation>
  </message>
  <message>
   <source>Why</source>
   <translation>Por qué</translation>
  </message>
  <message>
   <source>Why, and what may be done</source>
   <translation>Por qué, y qué puede hacerse</translation>
  </message>
  <message>
   <source>Wiggle watch</source>
   <translation>Vigía de meneo</translation>
  </message>
  <message>
   <source>Windrower</source>
   <translation>Hileradora</translation>
  </message>
  <message>
   <source>Wipe metal fuzz off the tip with a rag or soft brush, never a wire brush; much of it on a differential means gear trouble.</source>
   <translation>Limpie la pelusa de metal con trapo o cepillo suave, nunca de alambre; mucha en un diferencial avisa de engranajes.</translation>
  </message>
  <message>
   <source>Wipe the tip and the ring clean with a rag, then read again: no part is needed.</source>
   <translation>Limpie punta y anillo con un trapo y mida otra vez: no hace falta pieza.</translation>
  </message>
  <message>
   <source>Wire a of one to wire b of the other: the retry when both set codes</source>
   <translation>Cable a de uno al cable b del otro: el segundo intento si ambos dieron códigos</translation>
  </message>
  <message>
   <source>Wires are joined by</source>
   <translation>Los cables se unen con</translation>
  </message>
  <message>
   <source>With the key off there is no voltage to find, except one that should not be there.</source>
   <translation>Sin contacto no hay tensión que hallar, salvo una que no debería estar.</translation>
  </message>
  <message>
   <source>With the lamp on drive gently, above all on wet and loose ground, and have it seen to soon.</source>
   <translation>Con el testigo encendido conduzca suave, sobre todo en mojado y suelo suelto, y hágalo ver pronto.</translation>
  </message>
  <message>
   <source>With the line unplugged at both ends there is nobody left to put volts on it but the neighbour.</source>
   <translation>Con la línea desenchufada en ambos extremos solo el vecino puede ponerle tensión.</translation>
  </message>
  <message>
   <source>Withdraw</source>
   <translation>Retirar</translation>
  </message>
  <message>
   <source>Withdrawn, kept: </source>
   <translation>Retirada, guardada: </translation>
  </message>
  <message>
   <source>Without {} ({}) the rest agrees: wrong pin, bad contact, or a meter still ranging?</source>
   <translation>Sin {} ({}) lo demás concuerda: ¿patilla equivocada, mal contacto, o la escala aún buscando?</translation>
  </message>
  <message>
   <source>Words</source>
   <translation>Palabras</translation>
  </message>
  <message>
   <source>Words of what to do</source>
   <translation>Palabras de lo que hacer</translation>
  </message>
  <message>
   <source>Working it out ...</source>
   <translation>Calculando ...</translation>
  </message>
  <message>
   <source>Working the proof out ...</source>
   <translation>Calculando la prueba ...</translation>
  </message>
  <message>
   <source>Workshop loan car</source>
   <translation>Coche de cortesía del taller</translation>
  </message>
  <message>
   <source>Write a case</source>
   <translation>Escribir un caso</translation>
  </message>
  <message>
   <source>Write a case...</source>
   <translation>Escribir un caso...</translation>
  </message>
  <message>
   <source>Write down what is stored, then clear the codes and cycle the ignition.</source>
   <translation>Anote lo guardado, borre los códigos, quite y dé contacto.</translation>
  </message>
  <message>
   <source>Write the figure down with all its digits.</source>
   <translation>Anote la cifra con todos sus dígitos.</translation>
  </message>
  <message>
   <source>Write the stored codes down</source>
   <translation>Anotar los códigos guardados</translation>
  </message>
  <message>
   <source>Yard shunter</source>
   <translation>Tractor de maniobras</translation>
  </message>
  <message>
   <source>You decided: </source>
   <translation>Usted decidió: </translation>
  </message>
  <message>
   <source>You measure, look, mend and fit as on a real vehicle; minutes run and money is spent. At the end you say what it is, and see what each step was worth.</source>
   <translation>Usted mide, mira, repara y monta como en un vehículo real; corren minutos y se gasta dinero. Al final dice qué es, y ve lo que valió cada paso.</translation>
  </message>
  <message>
   <source>You told us: </source>
   <translation>Usted nos dijo: </translation>
  </message>
  <message>
   <source>Your way, and what would have told more</source>
   <translation>Su vía, y qué habría dicho más</translation>
  </message>
  <message>
   <source>a JSON object with "format": "haybale-case"</source>
   <translation>un objeto JSON con "format": "haybale-case"</translation>
  </message>
  <message>
   <source>a PNG, JPEG, BMP or GIF</source>
   <translation>un PNG, JPEG, BMP o GIF</translation>
  </message>
  <message>
   <source>a WAV with at least one</source>
   <translation>un WAV con al menos uno</translation>
  </message>
  <message>
   <source>a bad contact</source>
   <translation>un mal contacto</translation>
  </message>
  <message>
   <source>a bad fuse, relay or ground of the control unit</source>
   <translation>un fusible, relé o masa mala de la centralita</translation>
  </message>
  <message>
   <source>a block of data begins with "</source>
   <translation>un bloque de datos empieza con "</translation>
  </message>
  <message>
   <source>a block of {} bytes ends after {}</source>
   <translation>un bloque de {} bytes termina tras {}</translation>
  </message>
  <message>
   <source>a broken coil</source>
   <translation>una bobina rota</translation>
  </message>
  <message>
   <source>a bundle saved by this program</source>
   <translation>un paquete guardado por este programa</translation>
  </message>
  <message>
   <source>a bundle saved by this program; nothing was unpacked</source>
   <translation>un paquete guardado por este programa; no se desempaquetó nada</translation>
  </message>
  <message>
   <source>a capture as CSV in UTF-8, or in UTF-16 with its byte order mark</source>
   <translation>una captura como CSV en UTF-8, o en UTF-16 con su marca de orden de bytes</translation>
  </message>
  <message>
   <source>a capture needs at least two samples</source>
   <translation>una captura necesita al menos dos muestras</translation>
  </message>
  <message>
   <source>a capture that is written to its end</source>
   <translation>una captura escrita hasta el final</translation>
  </message>
  <message>
   <source>a capture, not a folder or a device</source>
   <translation>una captura, no una carpeta ni un dispositivo</translation>
  </message>
  <message>
   <source>a case file as this program saves it</source>
   <translation>un archivo de trabajo como lo guarda este programa</translation>
  </message>
  <message>
   <source>a case file has some dozens</source>
   <translation>un archivo de trabajo tiene unas decenas</translation>
  </message>
  <message>
   <source>a case file needs about ten</source>
   <translation>un archivo de trabajo necesita unos diez</translation>
  </message>
  <message>
   <source>a case with the shop's tools, prices and meter</source>
   <translation>un trabajo con las herramientas, precios y multímetro del taller</translation>
  </message>
  <message>
   <source>a chafed wire that touches another one under voltage</source>
   <translation>un cable rozado que toca otro con tensión</translation>
  </message>
  <message>
   <source>a chafed wire that touches the body</source>
   <translation>un cable rozado que toca la carrocería</translation>
  </message>
  <message>
   <source>a circuit has no name</source>
   <translation>un circuito no tiene nombre</translation>
  </message>
  <message>
   <source>a circuit needs a name</source>
   <translation>un circuito necesita un nombre</translation>
  </message>
  <message>
   <source>a code named by $var</source>
   <translation>un código nombrado por $var</translation>
  </message>
  <message>
   <source>a coil, a bias, an output, a trace of a passive sensor</source>
   <translation>una bobina, una polarización, una salida, una traza de un sensor pasivo</translation>
  </message>
  <message>
   <source>a column of voltages or currents beside the time</source>
   <translation>una columna de tensiones o corrientes junto al tiempo</translation>
  </message>
  <message>
   <source>a comma, a semicolon or a tab</source>
   <translation>una coma, un punto y coma o un tabulador</translation>
  </message>
  <message>
   <source>a control unit that does not feed the wheel sensor</source>
   <translation>una centralita que no alimenta el sensor de rueda</translation>
  </message>
  <message>
   <source>a control unit that had switched the wheel sensor off until its memory is cleared</source>
   <translation>una centralita que había cortado el sensor hasta que se borre su memoria</translation>
  </message>
  <message>
   <source>a control unit that has nothing else to do; try again</source>
   <translation>una centralita sin otra cosa que hacer; inténtelo de nuevo</translation>
  </message>
  <message>
   <source>a control unit that no longer reads the wheel sensor</source>
   <translation>una centralita que ya no lee el sensor de rueda</translation>
  </message>
  <message>
   <source>a cracked ring, the one that the wheel sensor reads</source>
   <translation>un anillo rajado, el que lee el sensor de rueda</translation>
  </message>
  <message>
   <source>a damaged tooth of the ring that the wheel sensor reads</source>
   <translation>un diente dañado del anillo que lee el sensor de rueda</translation>
  </message>
  <message>
   <source>a file on a disk</source>
   <translation>un archivo en un disco</translation>
  </message>
  <message>
   <source>a file that is there and may be read</source>
   <translation>un archivo que esté y se pueda leer</translation>
  </message>
  <message>
   <source>a file, not a folder, a device or a pipe</source>
   <translation>un archivo, no una carpeta, un dispositivo o una tubería</translation>
  </message>
  <message>
   <source>a folder of practice cases (*.json)</source>
   <translation>una carpeta de casos de práctica (*.json)</translation>
  </message>
  <message>
   <source>a folder that may be written to</source>
   <translation>una carpeta en la que se pueda escribir</translation>
  </message>
  <message>
   <source>a gateway of ISO 13400-2</source>
   <translation>una pasarela según ISO 13400-2</translation>
  </message>
  <message>
   <source>a gateway that stays awake: the key on, the plug seated</source>
   <translation>una pasarela que siga despierta: contacto dado, conector bien puesto</translation>
  </message>
  <message>
   <source>a head time_s,RL,RR and rows of numbers</source>
   <translation>una cabecera time_s,RL,RR y filas de números</translation>
  </message>
  <message>
   <source>a header row with quantity, min, max and source</source>
   <translation>una fila de cabecera con quantity, min, max y source</translation>
  </message>
  <message>
   <source>a height of nothing is no signal</source>
   <translation>una amplitud nula no es una señal</translation>
  </message>
  <message>
   <source>a higher supply, or less ohms in series</source>
   <translation>una alimentación mayor, o menos ohmios en serie</translation>
  </message>
  <message>
   <source>a job without a title</source>
   <translation>un trabajo sin título</translation>
  </message>
  <message>
   <source>a known good ground</source>
   <translation>una masa buena</translation>
  </message>
  <message>
   <source>a lamp has no number</source>
   <translation>una lámpara no tiene número</translation>
  </message>
  <message>
   <source>a leak</source>
   <translation>una fuga</translation>
  </message>
  <message>
   <source>a line that was measured is edited part by part</source>
   <translation>una línea ya medida se edita parte por parte</translation>
  </message>
  <message>
   <source>a list of {circuit, type}, empty when none came back</source>
   <translation>una lista de {circuit, type}, vacía si no volvió ninguno</translation>
  </message>
  <message>
   <source>a little weak</source>
   <translation>algo débil</translation>
  </message>
  <message>
   <source>a logbook of this program, in a folder that can be written, with room on the disk</source>
   <translation>un libro de trabajos de este programa, en una carpeta con permiso de escritura y espacio en el disco</translation>
  </message>
  <message>
   <source>a map of this control unit</source>
   <translation>un mapa de esta centralita</translation>
  </message>
  <message>
   <source>a name of data/priors.json and a number that is not negative</source>
   <translation>un nombre de data/priors.json y un número no negativo</translation>
  </message>
  <message>
   <source>a name that ends in .pdf or .html</source>
   <translation>un nombre que termine en .pdf o .html</translation>
  </message>
  <message>
   <source>a name that ends in .svg or .png</source>
   <translation>un nombre que termine en .svg o .png</translation>
  </message>
  <message>
   <source>a number from 0 to 1</source>
   <translation>un número de 0 a 1</translation>
  </message>
  <message>
   <source>a number such as 1.25E+01</source>
   <translation>un número como 1.25E+01</translation>
  </message>
  <message>
   <source>a number, as 60</source>
   <translation>un número, como 60</translation>
  </message>
  <message>
   <source>a pin of the control unit's plug without contact</source>
   <translation>una patilla sin contacto en el conector de la centralita</translation>
  </message>
  <message>
   <source>a plain number, or "OL"</source>
   <translation>un número simple, o "OL"</translation>
  </message>
  <message>
   <source>a point or a comma</source>
   <translation>un punto o una coma</translation>
  </message>
  <message>
   <source>a reading hangs on it</source>
   <translation>una medición depende de él</translation>
  </message>
  <message>
   <source>a reading that might come, such as 1.1k or OL</source>
   <translation>una lectura posible, como 1,1k u OL</translation>
  </message>
  <message>
   <source>a record of at least two</source>
   <translation>un registro de al menos dos</translation>
  </message>
  <message>
   <source>a ring or bearing that belongs to another vehicle</source>
   <translation>un anillo o rodamiento de otro vehículo</translation>
  </message>
  <message>
   <source>a ring or wheel bearing that does not run true</source>
   <translation>un anillo o rodamiento que no gira centrado</translation>
  </message>
  <message>
   <source>a second module in one path</source>
   <translation>una segunda centralita en un recorrido</translation>
  </message>
  <message>
   <source>a server that runs, a user and a password it knows</source>
   <translation>un servidor en marcha, un usuario y una contraseña que conozca</translation>
  </message>
  <message>
   <source>a service, identifier and state of the car that it allows</source>
   <translation>un servicio, un identificador y un estado del vehículo que permita</translation>
  </message>
  <message>
   <source>a sheet is for one vehicle</source>
   <translation>una hoja es para un vehículo</translation>
  </message>
  <message>
   <source>a short</source>
   <translation>un corto</translation>
  </message>
  <message>
   <source>a short name of its own, as RR</source>
   <translation>un nombre corto propio, como RR</translation>
  </message>
  <message>
   <source>a shorter record</source>
   <translation>un registro más corto</translation>
  </message>
  <message>
   <source>a smaller height, or an amplifier that is measured</source>
   <translation>una amplitud menor, o un amplificador medido</translation>
  </message>
  <message>
   <source>a to b</source>
   <translation>a con b</translation>
  </message>
  <message>
   <source>a to gnd</source>
   <translation>a a masa</translation>
  </message>
  <message>
   <source>a tooth is missing</source>
   <translation>falta un diente</translation>
  </message>
  <message>
   <source>a trial: kept nowhere</source>
   <translation>un ensayo: no se guarda</translation>
  </message>
  <message>
   <source>a tyre</source>
   <translation>un neumático</translation>
  </message>
  <message>
   <source>a tyre of another size or pressure</source>
   <translation>un neumático de otra medida o presión</translation>
  </message>
  <message>
   <source>a tyre of another size, or nearly flat</source>
   <translation>un neumático de otra medida, o casi vacío</translation>
  </message>
  <message>
   <source>a value, or a whole line: C2 a gnd 4.98V key on unplugged</source>
   <translation>un valor, o una línea entera: C2 a gnd 4,98V key on unplugged</translation>
  </message>
  <message>
   <source>a value, or any word of its line</source>
   <translation>un valor, o una palabra de su línea</translation>
  </message>
  <message>
   <source>a variable is declared behind $enddefinitions</source>
   <translation>una variable se declara tras $enddefinitions</translation>
  </message>
  <message>
   <source>a weak sensor</source>
   <translation>un sensor débil</translation>
  </message>
  <message>
   <source>a wet plug dries when it is unplugged</source>
   <translation>un conector mojado se seca al desenchufarlo</translation>
  </message>
  <message>
   <source>a wheel bearing mounted the wrong way round</source>
   <translation>un rodamiento montado al revés</translation>
  </message>
  <message>
   <source>a wheel sensor of the wrong kind</source>
   <translation>un sensor de rueda del tipo equivocado</translation>
  </message>
  <message>
   <source>a wheel sensor that has failed</source>
   <translation>un sensor de rueda averiado</translation>
  </message>
  <message>
   <source>a wheel sensor that has grown weak</source>
   <translation>un sensor de rueda debilitado</translation>
  </message>
  <message>
   <source>a wheel sensor that sits too far from the ring it reads</source>
   <translation>un sensor de rueda demasiado lejos de su anillo</translation>
  </message>
  <message>
   <source>a whole number, usually 29 to 100</source>
   <translation>un número entero, normalmente de 29 a 100</translation>
  </message>
  <message>
   <source>a wire hanging by a strand</source>
   <translation>un cable de un solo hilo</translation>
  </message>
  <message>
   <source>a wire that is broken</source>
   <translation>un cable roto</translation>
  </message>
  <message>
   <source>a wire that is broken in the wheel sensor's own lead</source>
   <translation>un cable roto en el propio cable del sensor</translation>
  </message>
  <message>
   <source>a wire that lets go now and then</source>
   <translation>un cable que se suelta a veces</translation>
  </message>
  <message>
   <source>a wire that lets go now and then in the wheel sensor's own lead</source>
   <translation>un hilo del propio cable del sensor de rueda que se suelta a veces</translation>
  </message>
  <message>
   <source>a wire that touches metal now and then</source>
   <translation>un cable que toca metal a veces</translation>
  </message>
  <message>
   <source>a word without blanks, dots or @, and neither ground nor battery</source>
   <translation>una palabra sin espacios, puntos ni @, y que no sea ground ni battery</translation>
  </message>
  <message>
   <source>about </source>
   <translation>unos </translation>
  </message>
  <message>
   <source>above</source>
   <translation>por encima</translation>
  </message>
  <message>
   <source>above </source>
   <translation>por encima de </translation>
  </message>
  <message>
   <source>abs</source>
   <translation>ABS</translation>
  </message>
  <message>
   <source>ac voltage</source>
   <translation>voltios AC</translation>
  </message>
  <message>
   <source>active</source>
   <translation>activo</translation>
  </message>
  <message>
   <source>active ak</source>
   <translation>activo AK</translation>
  </message>
  <message>
   <source>active pwm</source>
   <translation>activo PWM</translation>
  </message>
  <message>
   <source>add a circuit</source>
   <translation>añadir un circuito</translation>
  </message>
  <message>
   <source>add a stored code</source>
   <translation>añadir un código guardado</translation>
  </message>
  <message>
   <source>add a work done</source>
   <translation>añadir un trabajo hecho</translation>
  </message>
  <message>
   <source>add it to the reading anew, or copy it beside the job</source>
   <translation>añádalo de nuevo a la medición, o cópielo junto al trabajo</translation>
  </message>
  <message>
   <source>after each step</source>
   <translation>tras cada paso</translation>
  </message>
  <message>
   <source>after first turn</source>
   <translation>tras 1.ª vuelta</translation>
  </message>
  <message>
   <source>again</source>
   <translation>otra vez</translation>
  </message>
  <message>
   <source>all of $var before it</source>
   <translation>todos los $var antes</translation>
  </message>
  <message>
   <source>all of it</source>
   <translation>todo ello</translation>
  </message>
  <message>
   <source>all of the table</source>
   <translation>toda la tabla</translation>
  </message>
  <message>
   <source>all of them</source>
   <translation>todos</translation>
  </message>
  <message>
   <source>all plugged in</source>
   <translation>todo enchufado</translation>
  </message>
  <message>
   <source>allowed</source>
   <translation>permitido</translation>
  </message>
  <message>
   <source>along the line and between its wires</source>
   <translation>por la línea y entre sus cables</translation>
  </message>
  <message>
   <source>also open on %1</source>
   <translation>abierto también en %1</translation>
  </message>
  <message>
   <source>always</source>
   <translation>siempre</translation>
  </message>
  <message>
   <source>an encoder the wrong way round</source>
   <translation>una rueda magnética al revés</translation>
  </message>
  <message>
   <source>an even sample rate in whole hertz, or CSV</source>
   <translation>una frecuencia de muestreo uniforme en hercios enteros, o CSV</translation>
  </message>
  <message>
   <source>an hour</source>
   <translation>una hora</translation>
  </message>
  <message>
   <source>an id of "practice list", or a file</source>
   <translation>un identificador de "practice list", o un archivo</translation>
  </message>
  <message>
   <source>an instrument that knows this SCPI command</source>
   <translation>un instrumento que conozca esta orden SCPI</translation>
  </message>
  <message>
   <source>an object with circuit, element, wire and fault</source>
   <translation>un objeto con circuit, element, wire y fault</translation>
  </message>
  <message>
   <source>an open wire</source>
   <translation>un cable abierto</translation>
  </message>
  <message>
   <source>and %1 more</source>
   <translation>y %1 más</translation>
  </message>
  <message>
   <source>and behind it, found when the first is mended:</source>
   <translation>y detrás, se encuentra al reparar lo primero:</translation>
  </message>
  <message>
   <source>and {} more broken places, kept as gaps</source>
   <translation>y {} lugares dañados más, guardados como huecos</translation>
  </message>
  <message>
   <source>and {} more, under Readings</source>
   <translation>y {} más, en Lecturas</translation>
  </message>
  <message>
   <source>announces a frame of {} bytes</source>
   <translation>anuncia una trama de {} bytes</translation>
  </message>
  <message>
   <source>another circuit instead</source>
   <translation>otro circuito en su lugar</translation>
  </message>
  <message>
   <source>another count of teeth</source>
   <translation>otra cuenta de dientes</translation>
  </message>
  <message>
   <source>another first row or separator</source>
   <translation>otra primera fila u otro separador</translation>
  </message>
  <message>
   <source>another name for it, or none</source>
   <translation>otro nombre para él, o ninguno</translation>
  </message>
  <message>
   <source>another one each time, of this level</source>
   <translation>otro cada vez, de este nivel</translation>
  </message>
  <message>
   <source>another one, or a PDF</source>
   <translation>otra, o un PDF</translation>
  </message>
  <message>
   <source>another photo</source>
   <translation>otra foto</translation>
  </message>
  <message>
   <source>another port, or 0 for any</source>
   <translation>otro puerto, o 0 para cualquiera</translation>
  </message>
  <message>
   <source>another wheel shows instead</source>
   <translation>se muestra otra rueda en su lugar</translation>
  </message>
  <message>
   <source>another window took this job over</source>
   <translation>otra ventana se hizo cargo de este trabajo</translation>
  </message>
  <message>
   <source>answer the next move</source>
   <translation>responder al siguiente paso</translation>
  </message>
  <message>
   <source>any digit</source>
   <translation>cualquier cifra</translation>
  </message>
  <message>
   <source>any fault</source>
   <translation>cualquier avería</translation>
  </message>
  <message>
   <source>any of the fleet</source>
   <translation>cualquiera de la flota</translation>
  </message>
  <message>
   <source>any zone</source>
   <translation>cualquier zona</translation>
  </message>
  <message>
   <source>are {}</source>
   <translation>son {}</translation>
  </message>
  <message>
   <source>arrows</source>
   <translation>flechas</translation>
  </message>
  <message>
   <source>as $timescale 1 us $end</source>
   <translation>como $timescale 1 us $end</translation>
  </message>
  <message>
   <source>as $var wire 1 ! RR $end</source>
   <translation>como $var wire 1 ! RR $end</translation>
  </message>
  <message>
   <source>as 800 or 20M</source>
   <translation>como 800 o 20M</translation>
  </message>
  <message>
   <source>as it is</source>
   <translation>como está</translation>
  </message>
  <message>
   <source>as it should</source>
   <translation>como debe</translation>
  </message>
  <message>
   <source>as it stands here</source>
   <translation>como está aquí</translation>
  </message>
  <message>
   <source>as recognised</source>
   <translation>como se reconoce</translation>
  </message>
  <message>
   <source>as strong as the good wheel</source>
   <translation>tan fuerte como la rueda buena</translation>
  </message>
  <message>
   <source>as the desktop</source>
   <translation>como el escritorio</translation>
  </message>
  <message>
   <source>as the desktop's region</source>
   <translation>como la región del escritorio</translation>
  </message>
  <message>
   <source>as the program keeps a job</source>
   <translation>como el programa guarda un trabajo</translation>
  </message>
  <message>
   <source>as the program saves a logbook</source>
   <translation>como guarda el programa un libro de trabajos</translation>
  </message>
  <message>
   <source>asked for a hint</source>
   <translation>pidió una pista</translation>
  </message>
  <message>
   <source>at least</source>
   <translation>al menos</translation>
  </message>
  <message>
   <source>at least </source>
   <translation>al menos </translation>
  </message>
  <message>
   <source>at least 50000</source>
   <translation>al menos 50000</translation>
  </message>
  <message>
   <source>at least one entry in "signals"</source>
   <translation>al menos una entrada en "signals"</translation>
  </message>
  <message>
   <source>at most</source>
   <translation>a lo sumo</translation>
  </message>
  <message>
   <source>at most </source>
   <translation>a lo sumo </translation>
  </message>
  <message>
   <source>at most 1 MB</source>
   <translation>como máximo 1 MB</translation>
  </message>
  <message>
   <source>at most 4 GB</source>
   <translation>como mucho 4 GB</translation>
  </message>
  <message>
   <source>at most {}</source>
   <translation>como máximo {}</translation>
  </message>
  <message>
   <source>at rest</source>
   <translation>en reposo</translation>
  </message>
  <message>
   <source>at speed</source>
   <translation>con velocidad</translation>
  </message>
  <message>
   <source>at {}, for {}, {} at {}</source>
   <translation>en {}, durante {}, {} en {}</translation>
  </message>
  <message>
   <source>attach a file</source>
   <translation>adjuntar un archivo</translation>
  </message>
  <message>
   <source>b to bat</source>
   <translation>b a bat.</translation>
  </message>
  <message>
   <source>b to gnd</source>
   <translation>b a masa</translation>
  </message>
  <message>
   <source>back probe</source>
   <translation>pinchar detrás</translation>
  </message>
  <message>
   <source>bad</source>
   <translation>malo</translation>
  </message>
  <message>
   <source>bad contact in the control unit's plug</source>
   <translation>mal contacto en el conector de la centralita</translation>
  </message>
  <message>
   <source>bad contact, resistance</source>
   <translation>mal contacto, resistencia</translation>
  </message>
  <message>
   <source>barely moves</source>
   <translation>apenas se mueve</translation>
  </message>
  <message>
   <source>basic check</source>
   <translation>comprobación básica</translation>
  </message>
  <message>
   <source>battery</source>
   <translation>batería</translation>
  </message>
  <message>
   <source>battery plus</source>
   <translation>positivo de batería</translation>
  </message>
  <message>
   <source>before it began</source>
   <translation>antes de que empezara</translation>
  </message>
  <message>
   <source>begin again when there is time</source>
   <translation>empezar de nuevo cuando haya tiempo</translation>
  </message>
  <message>
   <source>begin with an element of kind module</source>
   <translation>empiece con un elemento del tipo module</translation>
  </message>
  <message>
   <source>begins a reading at the place that is chosen</source>
   <translation>comienza una lectura en el lugar elegido</translation>
  </message>
  <message>
   <source>below</source>
   <translation>por debajo</translation>
  </message>
  <message>
   <source>below </source>
   <translation>por debajo de </translation>
  </message>
  <message>
   <source>bench sensor</source>
   <translation>sensor en banco</translation>
  </message>
  <message>
   <source>bend, flexes</source>
   <translation>codo, se dobla</translation>
  </message>
  <message>
   <source>best</source>
   <translation>mejor</translation>
  </message>
  <message>
   <source>better, and what it does not prove</source>
   <translation>mejor, y lo que no prueba</translation>
  </message>
  <message>
   <source>between 2 and 400 million samples</source>
   <translation>entre 2 y 400 millones de muestras</translation>
  </message>
  <message>
   <source>bias on a, b to ground</source>
   <translation>polarización en a, b a masa</translation>
  </message>
  <message>
   <source>bias on both wires</source>
   <translation>polarización en ambos cables</translation>
  </message>
  <message>
   <source>bias, unplugged</source>
   <translation>reposo, suelto</translation>
  </message>
  <message>
   <source>both wires touch</source>
   <translation>ambos cables se tocan</translation>
  </message>
  <message>
   <source>brake</source>
   <translation>freno</translation>
  </message>
  <message>
   <source>breaks</source>
   <translation>rompe</translation>
  </message>
  <message>
   <source>bring it along again</source>
   <translation>llevarlo otra vez</translation>
  </message>
  <message>
   <source>bring it along again from the bench that has it</source>
   <translation>llevarlo otra vez desde el puesto que lo tiene</translation>
  </message>
  <message>
   <source>bringing files over</source>
   <translation>llevando archivos</translation>
  </message>
  <message>
   <source>broken</source>
   <translation>roto</translation>
  </message>
  <message>
   <source>broken, parted</source>
   <translation>roto, partido</translation>
  </message>
  <message>
   <source>bulb</source>
   <translation>bombilla</translation>
  </message>
  <message>
   <source>bump</source>
   <translation>baches</translation>
  </message>
  <message>
   <source>cabin</source>
   <translation>habitáculo</translation>
  </message>
  <message>
   <source>cabin </source>
   <translation>(habitáculo)</translation>
  </message>
  <message>
   <source>came back</source>
   <translation>volvió</translation>
  </message>
  <message>
   <source>cannot be opened</source>
   <translation>no se puede abrir</translation>
  </message>
  <message>
   <source>cannot be opened as a logbook (</source>
   <translation>no se puede abrir como libro de trabajos (</translation>
  </message>
  <message>
   <source>cannot be reached (</source>
   <translation>no se puede alcanzar (</translation>
  </message>
  <message>
   <source>cannot be reached: the database driver is not installed</source>
   <translation>no se puede alcanzar: el controlador de la base de datos no está instalado</translation>
  </message>
  <message>
   <source>cannot be read</source>
   <translation>no se puede leer</translation>
  </message>
  <message>
   <source>cannot be read as WAV</source>
   <translation>no se puede leer como WAV</translation>
  </message>
  <message>
   <source>cannot be read as a folder</source>
   <translation>no se puede leer como carpeta</translation>
  </message>
  <message>
   <source>cannot be read: </source>
   <translation>no se puede leer: </translation>
  </message>
  <message>
   <source>cannot be replaced</source>
   <translation>no se puede reemplazar</translation>
  </message>
  <message>
   <source>cannot be taken away</source>
   <translation>no se puede quitar</translation>
  </message>
  <message>
   <source>cannot be written</source>
   <translation>no se puede escribir</translation>
  </message>
  <message>
   <source>cannot be written as WAV</source>
   <translation>no se puede escribir como WAV</translation>
  </message>
  <message>
   <source>cannot drive the high current through the sense resistor</source>
   <translation>no puede llevar la corriente alta por la resistencia de medida</translation>
  </message>
  <message>
   <source>cannot go further</source>
   <translation>no puede seguir</translation>
  </message>
  <message>
   <source>cannot tell</source>
   <translation>no se sabe</translation>
  </message>
  <message>
   <source>capture missing</source>
   <translation>falta el registro</translation>
  </message>
  <message>
   <source>chafed</source>
   <translation>rozado</translation>
  </message>
  <message>
   <source>changed while it was brought along</source>
   <translation>cambió mientras se llevaba</translation>
  </message>
  <message>
   <source>changes brought back</source>
   <translation>cambios devueltos</translation>
  </message>
  <message>
   <source>check the folder, its rights and the free space</source>
   <translation>compruebe la carpeta, sus permisos y el espacio libre</translation>
  </message>
  <message>
   <source>choices</source>
   <translation>opciones</translation>
  </message>
  <message>
   <source>choose a circuit of the job</source>
   <translation>elija un circuito del trabajo</translation>
  </message>
  <message>
   <source>choose a folder that is new</source>
   <translation>elija una carpeta nueva</translation>
  </message>
  <message>
   <source>choose a logbook that was saved</source>
   <translation>elija un libro de trabajos guardado</translation>
  </message>
  <message>
   <source>choose a part before the sensor</source>
   <translation>elija una parte antes del sensor</translation>
  </message>
  <message>
   <source>choose and open a job</source>
   <translation>elegir y abrir un trabajo</translation>
  </message>
  <message>
   <source>choose and start a case</source>
   <translation>elegir y comenzar un caso</translation>
  </message>
  <message>
   <source>choose another job</source>
   <translation>elija otro trabajo</translation>
  </message>
  <message>
   <source>choose another place</source>
   <translation>elija otro lugar</translation>
  </message>
  <message>
   <source>choose one first</source>
   <translation>elija uno primero</translation>
  </message>
  <message>
   <source>choose one of the works with its price at Repair</source>
   <translation>elija en Reparación uno de los trabajos con su precio</translation>
  </message>
  <message>
   <source>choose one of them</source>
   <translation>elija una de ellas</translation>
  </message>
  <message>
   <source>circuit</source>
   <translation>circuito</translation>
  </message>
  <message>
   <source>circuit in question</source>
   <translation>circuito en cuestión</translation>
  </message>
  <message>
   <source>circuits exchanged</source>
   <translation>circuitos cambiados</translation>
  </message>
  <message>
   <source>circuits[{}].name</source>
   <translation>circuits[{}].name</translation>
  </message>
  <message>
   <source>cleaned</source>
   <translation>limpiado</translation>
  </message>
  <message>
   <source>clear and read the codes</source>
   <translation>borrar y leer los códigos</translation>
  </message>
  <message>
   <source>cleared</source>
   <translation>libre</translation>
  </message>
  <message>
   <source>click a place on the line first</source>
   <translation>haga clic primero en un punto de la línea</translation>
  </message>
  <message>
   <source>close the job</source>
   <translation>cerrar el trabajo</translation>
  </message>
  <message>
   <source>closed on </source>
   <translation>cerrado el </translation>
  </message>
  <message>
   <source>code</source>
   <translation>código</translation>
  </message>
  <message>
   <source>code before clearing</source>
   <translation>código antes de borrar</translation>
  </message>
  <message>
   <source>codes</source>
   <translation>códigos</translation>
  </message>
  <message>
   <source>coil or sensor open</source>
   <translation>bobina o sensor abierto</translation>
  </message>
  <message>
   <source>coil or sensor shorted</source>
   <translation>bobina o sensor en corto</translation>
  </message>
  <message>
   <source>coil resistance</source>
   <translation>resistencia de bobina</translation>
  </message>
  <message>
   <source>column %1</source>
   <translation>columna %1</translation>
  </message>
  <message>
   <source>comes and goes: parts</source>
   <translation>va y viene: se abre</translation>
  </message>
  <message>
   <source>comes and goes: touches</source>
   <translation>va y viene: toca</translation>
  </message>
  <message>
   <source>comma</source>
   <translation>coma</translation>
  </message>
  <message>
   <source>comma ,</source>
   <translation>coma ,</translation>
  </message>
  <message>
   <source>commas</source>
   <translation>comas</translation>
  </message>
  <message>
   <source>common practice</source>
   <translation>práctica común</translation>
  </message>
  <message>
   <source>comparison</source>
   <translation>comparación</translation>
  </message>
  <message>
   <source>complaint</source>
   <translation>queja</translation>
  </message>
  <message>
   <source>connect it again</source>
   <translation>conéctelo de nuevo</translation>
  </message>
  <message>
   <source>connecting</source>
   <translation>conectando</translation>
  </message>
  <message>
   <source>connector</source>
   <translation>conector</translation>
  </message>
  <message>
   <source>continuity of the wires</source>
   <translation>continuidad de los cables</translation>
  </message>
  <message>
   <source>correct a reading</source>
   <translation>corregir una lectura</translation>
  </message>
  <message>
   <source>corroded</source>
   <translation>corroído</translation>
  </message>
  <message>
   <source>corrosion, bad contact</source>
   <translation>corrosión, mal contacto</translation>
  </message>
  <message>
   <source>costs %1</source>
   <translation>cuesta %1</translation>
  </message>
  <message>
   <source>could be milliohm or megohm</source>
   <translation>podría ser miliohmio o megaohmio</translation>
  </message>
  <message>
   <source>could not be copied among the good ones</source>
   <translation>no se pudo copiar entre los buenos</translation>
  </message>
  <message>
   <source>could not be made from the photo</source>
   <translation>no se pudo hacer a partir de la foto</translation>
  </message>
  <message>
   <source>could not be written</source>
   <translation>no se pudo escribir</translation>
  </message>
  <message>
   <source>could not be written (</source>
   <translation>no se pudo escribir (</translation>
  </message>
  <message>
   <source>could not be written ({})</source>
   <translation>no se pudo escribir ({})</translation>
  </message>
  <message>
   <source>could not be written whole</source>
   <translation>no se pudo escribir entero</translation>
  </message>
  <message>
   <source>count a reading again</source>
   <translation>contar de nuevo una lectura</translation>
  </message>
  <message>
   <source>cracked</source>
   <translation>rajado</translation>
  </message>
  <message>
   <source>creep</source>
   <translation>al paso</translation>
  </message>
  <message>
   <source>cruise</source>
   <translation>crucero</translation>
  </message>
  <message>
   <source>cured it</source>
   <translation>lo curó</translation>
  </message>
  <message>
   <source>current</source>
   <translation>corriente</translation>
  </message>
  <message>
   <source>cut</source>
   <translation>cortar</translation>
  </message>
  <message>
   <source>dark</source>
   <translation>apagada</translation>
  </message>
  <message>
   <source>day</source>
   <translation>día</translation>
  </message>
  <message>
   <source>dc voltage</source>
   <translation>voltios DC</translation>
  </message>
  <message>
   <source>debris</source>
   <translation>suciedad</translation>
  </message>
  <message>
   <source>describe it as a circuit of its own</source>
   <translation>descríbalo como un circuito propio</translation>
  </message>
  <message>
   <source>describe it with 200 at most</source>
   <translation>descríbalo con 200 como máximo</translation>
  </message>
  <message>
   <source>details that are not shown here: not the same</source>
   <translation>detalles que no se muestran aquí: no son iguales</translation>
  </message>
  <message>
   <source>did not answer (</source>
   <translation>no respondió (</translation>
  </message>
  <message>
   <source>did not cure it</source>
   <translation>no lo curó</translation>
  </message>
  <message>
   <source>digits only</source>
   <translation>solo cifras</translation>
  </message>
  <message>
   <source>dim</source>
   <translation>tenue</translation>
  </message>
  <message>
   <source>does not answer the routing activation</source>
   <translation>no responde a la activación de enrutamiento</translation>
  </message>
  <message>
   <source>does not follow the row before</source>
   <translation>no sigue a la fila anterior</translation>
  </message>
  <message>
   <source>does not let the tester in: </source>
   <translation>no deja entrar al equipo: </translation>
  </message>
  <message>
   <source>does not speak DoIP: it sends </source>
   <translation>no habla DoIP: envía </translation>
  </message>
  <message>
   <source>does not take the message: </source>
   <translation>no acepta el mensaje: </translation>
  </message>
  <message>
   <source>done</source>
   <translation>hecho</translation>
  </message>
  <message>
   <source>driven</source>
   <translation>rodando</translation>
  </message>
  <message>
   <source>drop the capture on one of its wheels</source>
   <translation>suelte la captura en una de sus ruedas</translation>
  </message>
  <message>
   <source>drops out to ground</source>
   <translation>cae a masa</translation>
  </message>
  <message>
   <source>drops out to the open level</source>
   <translation>cae al nivel abierto</translation>
  </message>
  <message>
   <source>each piece of evidence has a test and its reading</source>
   <translation>cada prueba tiene un ensayo y su medición</translation>
  </message>
  <message>
   <source>each row must be later than the one before</source>
   <translation>cada fila debe ser posterior a la anterior</translation>
  </message>
  <message>
   <source>earlier repair</source>
   <translation>reparación anterior</translation>
  </message>
  <message>
   <source>edit the line</source>
   <translation>editar la línea</translation>
  </message>
  <message>
   <source>empty the box</source>
   <translation>vaciar la casilla</translation>
  </message>
  <message>
   <source>encoder reversed</source>
   <translation>rueda magnética al revés</translation>
  </message>
  <message>
   <source>encoder the wrong way round</source>
   <translation>rueda magnética al revés</translation>
  </message>
  <message>
   <source>ends in "{}", which is no unit</source>
   <translation>termina en "{}", que no es una unidad</translation>
  </message>
  <message>
   <source>ends within $timescale</source>
   <translation>termina dentro de $timescale</translation>
  </message>
  <message>
   <source>ends within $var</source>
   <translation>termina dentro de $var</translation>
  </message>
  <message>
   <source>ends within a declaration</source>
   <translation>termina dentro de una declaración</translation>
  </message>
  <message>
   <source>engine bay</source>
   <translation>vano motor</translation>
  </message>
  <message>
   <source>engine bay </source>
   <translation>(vano motor)</translation>
  </message>
  <message>
   <source>erase owner and plate</source>
   <translation>borrar dueño y matrícula</translation>
  </message>
  <message>
   <source>erratic</source>
   <translation>errático</translation>
  </message>
  <message>
   <source>everything larger, smaller, as it was</source>
   <translation>todo más grande, más pequeño, como antes</translation>
  </message>
  <message>
   <source>evidence</source>
   <translation>pruebas</translation>
  </message>
  <message>
   <source>expected</source>
   <translation>esperado</translation>
  </message>
  <message>
   <source>expected </source>
   <translation>esperado </translation>
  </message>
  <message>
   <source>expected OL</source>
   <translation>esperado OL</translation>
  </message>
  <message>
   <source>fail</source>
   <translation>mal</translation>
  </message>
  <message>
   <source>fault</source>
   <translation>avería</translation>
  </message>
  <message>
   <source>files are brought along in a shop's logbook only</source>
   <translation>los archivos solo se llevan a un libro del taller</translation>
  </message>
  <message>
   <source>find a job</source>
   <translation>buscar un trabajo</translation>
  </message>
  <message>
   <source>finding on </source>
   <translation>hallazgo en </translation>
  </message>
  <message>
   <source>fit a new %1, %2 % sure</source>
   <translation>montado nuevo: %1, con %2 % de certeza</translation>
  </message>
  <message>
   <source>flat at </source>
   <translation>plano en </translation>
  </message>
  <message>
   <source>flat, </source>
   <translation>plano, </translation>
  </message>
  <message>
   <source>flex</source>
   <translation>codo</translation>
  </message>
  <message>
   <source>follows</source>
   <translation>sigue</translation>
  </message>
  <message>
   <source>follows, %1</source>
   <translation>sigue, %1</translation>
  </message>
  <message>
   <source>for this complaint</source>
   <translation>por esta queja</translation>
  </message>
  <message>
   <source>four wheels: %1</source>
   <translation>cuatro ruedas: %1</translation>
  </message>
  <message>
   <source>free some space or choose another place</source>
   <translation>libere espacio o elija otro lugar</translation>
  </message>
  <message>
   <source>freeze values</source>
   <translation>valores congelados</translation>
  </message>
  <message>
   <source>freeze values, as shown</source>
   <translation>valores congelados, como salen</translation>
  </message>
  <message>
   <source>from</source>
   <translation>de</translation>
  </message>
  <message>
   <source>from box to box</source>
   <translation>de casilla en casilla</translation>
  </message>
  <message>
   <source>from {:g} to {:g}</source>
   <translation>de {:g} a {:g}</translation>
  </message>
  <message>
   <source>front left</source>
   <translation>delantera izquierda</translation>
  </message>
  <message>
   <source>front right</source>
   <translation>delantera derecha</translation>
  </message>
  <message>
   <source>front wheel, module under the bonnet</source>
   <translation>rueda delantera, centralita bajo el capó</translation>
  </message>
  <message>
   <source>full scale is not known and taken as 1; give it, or a side file FILE.json with full_scale</source>
   <translation>no se conoce el fondo de escala y se toma como 1; indíquelo, o un archivo lateral FILE.json con full_scale</translation>
  </message>
  <message>
   <source>fuses and relay</source>
   <translation>fusibles y relé</translation>
  </message>
  <message>
   <source>gap or debris</source>
   <translation>entrehierro o suciedad</translation>
  </message>
  <message>
   <source>gap too wide</source>
   <translation>entrehierro excesivo</translation>
  </message>
  <message>
   <source>give each element its own id</source>
   <translation>dé a cada elemento su propio id</translation>
  </message>
  <message>
   <source>give it one, as "RR"</source>
   <translation>dele uno, como "RR"</translation>
  </message>
  <message>
   <source>give the rate, as --sample-rate 10000</source>
   <translation>indique la frecuencia, como --sample-rate 10000</translation>
  </message>
  <message>
   <source>gives no record of a size that can be written</source>
   <translation>no da un registro de un tamaño que se pueda escribir</translation>
  </message>
  <message>
   <source>gives road speed from the teeth</source>
   <translation>da la velocidad por los dientes</translation>
  </message>
  <message>
   <source>good</source>
   <translation>bueno</translation>
  </message>
  <message>
   <source>good or bad</source>
   <translation>good o bad</translation>
  </message>
  <message>
   <source>ground</source>
   <translation>masa</translation>
  </message>
  <message>
   <source>hall</source>
   <translation>Hall</translation>
  </message>
  <message>
   <source>harness</source>
   <translation>mazo</translation>
  </message>
  <message>
   <source>has a record of {} bytes, {} wants bytes {} to {}</source>
   <translation>tiene un registro de {} bytes, {} quiere los bytes {} a {}</translation>
  </message>
  <message>
   <source>has a sample every {:g} s</source>
   <translation>tiene una muestra cada {:g} s</translation>
  </message>
  <message>
   <source>has a time before its definitions end</source>
   <translation>tiene un tiempo antes de que acaben sus definiciones</translation>
  </message>
  <message>
   <source>has an object of more than {} members</source>
   <translation>tiene un objeto de más de {} miembros</translation>
  </message>
  <message>
   <source>has closed the connection</source>
   <translation>ha cerrado la conexión</translation>
  </message>
  <message>
   <source>has fewer than two rows with a time</source>
   <translation>tiene menos de dos filas con un tiempo</translation>
  </message>
  <message>
   <source>has no $timescale before its first time</source>
   <translation>no tiene $timescale antes del primer tiempo</translation>
  </message>
  <message>
   <source>has no column "quantity"</source>
   <translation>no tiene una columna "quantity"</translation>
  </message>
  <message>
   <source>has no head that names the circuits</source>
   <translation>no tiene una cabecera que nombre los circuitos</translation>
  </message>
  <message>
   <source>has no sound sample in any channel</source>
   <translation>no tiene ninguna muestra válida en ningún canal</translation>
  </message>
  <message>
   <source>has no state that can be read</source>
   <translation>no tiene un estado legible</translation>
  </message>
  <message>
   <source>has no table of numbers in its first 400 lines</source>
   <translation>no tiene una tabla de números en sus primeras 400 líneas</translation>
  </message>
  <message>
   <source>has no time column and names no sample rate</source>
   <translation>no tiene columna de tiempo ni indica una frecuencia de muestreo</translation>
  </message>
  <message>
   <source>has readings on its line</source>
   <translation>tiene mediciones en su línea</translation>
  </message>
  <message>
   <source>has samples of {} bits</source>
   <translation>tiene muestras de {} bits</translation>
  </message>
  <message>
   <source>has two decimal marks</source>
   <translation>tiene dos marcas decimales</translation>
  </message>
  <message>
   <source>has {} signals; the first {} are read</source>
   <translation>tiene {} señales; se leen las primeras {}</translation>
  </message>
  <message>
   <source>help for this view</source>
   <translation>ayuda de esta vista</translation>
  </message>
  <message>
   <source>hexadecimal, such as 0x1F0</source>
   <translation>hexadecimal, como 0x1F0</translation>
  </message>
  <message>
   <source>hidden</source>
   <translation>oculto</translation>
  </message>
  <message>
   <source>hill hold</source>
   <translation>ayuda en cuesta</translation>
  </message>
  <message>
   <source>history</source>
   <translation>antiguo</translation>
  </message>
  <message>
   <source>holds more changes than can be kept</source>
   <translation>contiene más cambios de los que se pueden guardar</translation>
  </message>
  <message>
   <source>holds more than 10000 limits</source>
   <translation>contiene más de 10000 límites</translation>
  </message>
  <message>
   <source>holds no frame of a bus</source>
   <translation>no contiene ninguna trama de un bus</translation>
  </message>
  <message>
   <source>holds no frame that the signal map names</source>
   <translation>no contiene ninguna trama que nombre el mapa de señales</translation>
  </message>
  <message>
   <source>holds no limits</source>
   <translation>no contiene límites</translation>
  </message>
  <message>
   <source>holds no row</source>
   <translation>no contiene ninguna fila</translation>
  </message>
  <message>
   <source>holds no samples</source>
   <translation>no contiene muestras</translation>
  </message>
  <message>
   <source>holds no speeds</source>
   <translation>no contiene velocidades</translation>
  </message>
  <message>
   <source>holds something that is not a text</source>
   <translation>contiene algo que no es un texto</translation>
  </message>
  <message>
   <source>hole sealed</source>
   <translation>agujero sellado</translation>
  </message>
  <message>
   <source>how %1 is read</source>
   <translation>cómo se lee %1</translation>
  </message>
  <message>
   <source>how it is written</source>
   <translation>cómo está escrito</translation>
  </message>
  <message>
   <source>how much</source>
   <translation>cuánto</translation>
  </message>
  <message>
   <source>how often it was set, as 3</source>
   <translation>cuántas veces se registró, como 3</translation>
  </message>
  <message>
   <source>how the capture beside it is written</source>
   <translation>cómo está escrita la captura que está al lado</translation>
  </message>
  <message>
   <source>however the car stands</source>
   <translation>como sea que esté el coche</translation>
  </message>
  <message>
   <source>identifier 0x{:04X}</source>
   <translation>identificador 0x{:04X}</translation>
  </message>
  <message>
   <source>identifiers that occur in the log</source>
   <translation>identificadores que aparecen en el registro</translation>
  </message>
  <message>
   <source>implausible</source>
   <translation>inverosímil</translation>
  </message>
  <message>
   <source>in </source>
   <translation>en </translation>
  </message>
  <message>
   <source>in %1 d</source>
   <translation>en %1 d</translation>
  </message>
  <message>
   <source>in {:.0f} one of several rarer things</source>
   <translation>en {:.0f} una de varias cosas más raras</translation>
  </message>
  <message>
   <source>in {:.0f} {}</source>
   <translation>en {:.0f} {}</translation>
  </message>
  <message>
   <source>input dead</source>
   <translation>entrada muerta</translation>
  </message>
  <message>
   <source>input of the module dead</source>
   <translation>entrada del módulo muerta</translation>
  </message>
  <message>
   <source>input switched off, wants clearing</source>
   <translation>entrada cortada, pide borrado</translation>
  </message>
  <message>
   <source>inspect</source>
   <translation>mirar</translation>
  </message>
  <message>
   <source>install libqt6sql6-psql</source>
   <translation>instale libqt6sql6-psql</translation>
  </message>
  <message>
   <source>install libqt6sql6-sqlite</source>
   <translation>instale libqt6sql6-sqlite</translation>
  </message>
  <message>
   <source>insulation of a wire</source>
   <translation>aislamiento de un cable</translation>
  </message>
  <message>
   <source>intake</source>
   <translation>recepción</translation>
  </message>
  <message>
   <source>intermittent open</source>
   <translation>corte intermitente</translation>
  </message>
  <message>
   <source>intermittent short</source>
   <translation>corto intermitente</translation>
  </message>
  <message>
   <source>intermittents</source>
   <translation>intermitentes</translation>
  </message>
  <message>
   <source>is a bus log without its signal map</source>
   <translation>es un registro de bus sin su mapa de señales</translation>
  </message>
  <message>
   <source>is a link to another folder</source>
   <translation>es un enlace a otra carpeta</translation>
  </message>
  <message>
   <source>is a negative resistance: the circuit is live, or the leads were not zeroed</source>
   <translation>es una resistencia negativa: el circuito tiene tensión, o no se pusieron a cero las puntas</translation>
  </message>
  <message>
   <source>is above max</source>
   <translation>está por encima de max</translation>
  </message>
  <message>
   <source>is above the maximum</source>
   <translation>está por encima del máximo</translation>
  </message>
  <message>
   <source>is above what is</source>
   <translation>está por encima de lo que</translation>
  </message>
  <message>
   <source>is answered "busy" {} times</source>
   <translation>recibe {} veces la respuesta "ocupado"</translation>
  </message>
  <message>
   <source>is as</source>
   <translation>es como</translation>
  </message>
  <message>
   <source>is at the edge of what is</source>
   <translation>está al borde de lo que</translation>
  </message>
  <message>
   <source>is being read</source>
   <translation>se está leyendo</translation>
  </message>
  <message>
   <source>is below what is</source>
   <translation>está por debajo de lo que</translation>
  </message>
  <message>
   <source>is cut off: {} of {} samples are there</source>
   <translation>está cortado: hay {} de {} muestras</translation>
  </message>
  <message>
   <source>is damaged and cannot be put aside</source>
   <translation>está dañado y no se puede apartar</translation>
  </message>
  <message>
   <source>is damaged in the shop's logbook</source>
   <translation>está dañado en el libro del taller</translation>
  </message>
  <message>
   <source>is empty</source>
   <translation>está vacío</translation>
  </message>
  <message>
   <source>is how an instrument says that it has no number</source>
   <translation>es como un instrumento dice que no tiene número</translation>
  </message>
  <message>
   <source>is in {}, but {} is what is measured here</source>
   <translation>está en {}, pero aquí se mide {}</translation>
  </message>
  <message>
   <source>is it switched on?</source>
   <translation>¿está encendido?</translation>
  </message>
  <message>
   <source>is larger than 64 MB</source>
   <translation>es mayor de 64 MB</translation>
  </message>
  <message>
   <source>is missing</source>
   <translation>falta</translation>
  </message>
  <message>
   <source>is named in the job but is not there</source>
   <translation>se nombra en el trabajo pero no está</translation>
  </message>
  <message>
   <source>is neither PDF nor HTML</source>
   <translation>no es ni PDF ni HTML</translation>
  </message>
  <message>
   <source>is neither SVG nor PNG</source>
   <translation>no es ni SVG ni PNG</translation>
  </message>
  <message>
   <source>is neither true nor false</source>
   <translation>no es ni true ni false</translation>
  </message>
  <message>
   <source>is nested more than {} levels deep</source>
   <translation>está anidado a más de {} niveles</translation>
  </message>
  <message>
   <source>is no JSON object</source>
   <translation>no es un objeto JSON</translation>
  </message>
  <message>
   <source>is no address</source>
   <translation>no es una dirección</translation>
  </message>
  <message>
   <source>is no autosave</source>
   <translation>no es un autoguardado</translation>
  </message>
  <message>
   <source>is no circuit that could have this line</source>
   <translation>no es un circuito que pudiera tener esta línea</translation>
  </message>
  <message>
   <source>is no identifier</source>
   <translation>no es un identificador</translation>
  </message>
  <message>
   <source>is no name</source>
   <translation>no es un nombre</translation>
  </message>
  <message>
   <source>is no name of a job</source>
   <translation>no es nombre de un trabajo</translation>
  </message>
  <message>
   <source>is no picture that can be read</source>
   <translation>no es una imagen legible</translation>
  </message>
  <message>
   <source>is no place in a record</source>
   <translation>no es un lugar de un registro</translation>
  </message>
  <message>
   <source>is no practice case</source>
   <translation>no es un caso de práctica</translation>
  </message>
  <message>
   <source>is no row of a profile</source>
   <translation>no es una fila de un perfil</translation>
  </message>
  <message>
   <source>is no row of numbers, as it was said to be</source>
   <translation>no es una fila de números, como se indicó</translation>
  </message>
  <message>
   <source>is no scan map</source>
   <translation>no es un mapa de escáner</translation>
  </message>
  <message>
   <source>is no shop's logbook</source>
   <translation>no es el libro de trabajos de un taller</translation>
  </message>
  <message>
   <source>is no signal map</source>
   <translation>no es un mapa de señales</translation>
  </message>
  <message>
   <source>is no size of a number</source>
   <translation>no es un tamaño de número</translation>
  </message>
  <message>
   <source>is no table of priors</source>
   <translation>no es una tabla de supuestos previos</translation>
  </message>
  <message>
   <source>is no temperature a coil is measured at (-60 to 250 degrees)</source>
   <translation>no es una temperatura a la que se mida una bobina (-60 a 250 grados)</translation>
  </message>
  <message>
   <source>is no zip that can be opened (</source>
   <translation>no es un zip que se pueda abrir (</translation>
  </message>
  <message>
   <source>is not JSON</source>
   <translation>no es JSON</translation>
  </message>
  <message>
   <source>is not UTF-8 text</source>
   <translation>no es texto UTF-8</translation>
  </message>
  <message>
   <source>is not a case file</source>
   <translation>no es un archivo de trabajo</translation>
  </message>
  <message>
   <source>is not a circuit of this job</source>
   <translation>no es un circuito de este trabajo</translation>
  </message>
  <message>
   <source>is not a file</source>
   <translation>no es un archivo</translation>
  </message>
  <message>
   <source>is not a file of this program, and was left as it is</source>
   <translation>no es un archivo de este programa y se dejó como está</translation>
  </message>
  <message>
   <source>is not a file that can be replaced</source>
   <translation>no es un archivo que se pueda reemplazar</translation>
  </message>
  <message>
   <source>is not a limits sheet</source>
   <translation>no es una hoja de límites</translation>
  </message>
  <message>
   <source>is not a line of a logbook</source>
   <translation>no es una línea de un libro de trabajos</translation>
  </message>
  <message>
   <source>is not a list</source>
   <translation>no es una lista</translation>
  </message>
  <message>
   <source>is not a number</source>
   <translation>no es un número</translation>
  </message>
  <message>
   <source>is not a number a meter can show</source>
   <translation>no es un número que un multímetro pueda mostrar</translation>
  </message>
  <message>
   <source>is not a practice case</source>
   <translation>no es un caso de práctica</translation>
  </message>
  <message>
   <source>is not a text</source>
   <translation>no es un texto</translation>
  </message>
  <message>
   <source>is not a text file</source>
   <translation>no es un archivo de texto</translation>
  </message>
  <message>
   <source>is not above the range before</source>
   <translation>no está por encima del rango anterior</translation>
  </message>
  <message>
   <source>is not among the readings</source>
   <translation>no está entre las mediciones</translation>
  </message>
  <message>
   <source>is not an object</source>
   <translation>no es un objeto</translation>
  </message>
  <message>
   <source>is not answered by the control unit in time</source>
   <translation>no es respondido a tiempo por la centralita</translation>
  </message>
  <message>
   <source>is not in the logbook</source>
   <translation>no está en el libro de trabajos</translation>
  </message>
  <message>
   <source>is not kept any more</source>
   <translation>ya no se conserva</translation>
  </message>
  <message>
   <source>is not on the shop's shelf</source>
   <translation>no está en el estante del taller</translation>
  </message>
  <message>
   <source>is not the circuit in question</source>
   <translation>no es el circuito en cuestión</translation>
  </message>
  <message>
   <source>is not usable JSON: </source>
   <translation>no es JSON utilizable: </translation>
  </message>
  <message>
   <source>is not valid JSON: </source>
   <translation>no es JSON válido: </translation>
  </message>
  <message>
   <source>is of a newer program</source>
   <translation>es de un programa más nuevo</translation>
  </message>
  <message>
   <source>is of an older version, and this user may not bring it forward</source>
   <translation>es de una versión anterior y este usuario no puede actualizarlo</translation>
  </message>
  <message>
   <source>is refused by the control unit: </source>
   <translation>es rechazado por la centralita: </translation>
  </message>
  <message>
   <source>is there already</source>
   <translation>ya existe</translation>
  </message>
  <message>
   <source>is too large to be brought along</source>
   <translation>es demasiado grande para llevarlo</translation>
  </message>
  <message>
   <source>is too low for pulses of 45 to 90 microseconds</source>
   <translation>es demasiado baja para pulsos de 45 a 90 microsegundos</translation>
  </message>
  <message>
   <source>is too near to tell of</source>
   <translation>está demasiado cerca de</translation>
  </message>
  <message>
   <source>is worked on in another window</source>
   <translation>se está trabajando en otra ventana</translation>
  </message>
  <message>
   <source>isolation</source>
   <translation>aislamiento de la avería</translation>
  </message>
  <message>
   <source>it</source>
   <translation>eso</translation>
  </message>
  <message>
   <source>it cannot be measured there on this vehicle</source>
   <translation>en este vehículo no puede medirse ahí</translation>
  </message>
  <message>
   <source>it gave</source>
   <translation>dio</translation>
  </message>
  <message>
   <source>it gives</source>
   <translation>da</translation>
  </message>
  <message>
   <source>it had been here for this before</source>
   <translation>ya había estado aquí por esto</translation>
  </message>
  <message>
   <source>it holds</source>
   <translation>aguanta</translation>
  </message>
  <message>
   <source>it is what found the fault</source>
   <translation>es la que halló la avería</translation>
  </message>
  <message>
   <source>it needs exactly one</source>
   <translation>necesita exactamente uno</translation>
  </message>
  <message>
   <source>it needs to {}, which the owner does not allow</source>
   <translation>hace falta {}, que el dueño no permite</translation>
  </message>
  <message>
   <source>it shows</source>
   <translation>se muestra</translation>
  </message>
  <message>
   <source>it stretches</source>
   <translation>se estira</translation>
  </message>
  <message>
   <source>it swells once a turn</source>
   <translation>crece una vez por vuelta</translation>
  </message>
  <message>
   <source>job</source>
   <translation>trabajo</translation>
  </message>
  <message>
   <source>jobs</source>
   <translation>trabajos</translation>
  </message>
  <message>
   <source>joint </source>
   <translation>empalme </translation>
  </message>
  <message>
   <source>judged</source>
   <translation>juzgado</translation>
  </message>
  <message>
   <source>jumper leads</source>
   <translation>puentes</translation>
  </message>
  <message>
   <source>keep the password in the desktop's keyring</source>
   <translation>guardar la contraseña en el llavero</translation>
  </message>
  <message>
   <source>keeping ...</source>
   <translation>guardando ...</translation>
  </message>
  <message>
   <source>keeps</source>
   <translation>cumple</translation>
  </message>
  <message>
   <source>kept</source>
   <translation>guardado</translation>
  </message>
  <message>
   <source>kept here; no file yet</source>
   <translation>guardado aquí; aún sin archivo</translation>
  </message>
  <message>
   <source>kept; Ctrl+S saves %1</source>
   <translation>guardado; Ctrl+S guarda %1</translation>
  </message>
  <message>
   <source>key off</source>
   <translation>contacto quitado</translation>
  </message>
  <message>
   <source>key on</source>
   <translation>contacto dado</translation>
  </message>
  <message>
   <source>km/h and °C</source>
   <translation>km/h y °C</translation>
  </message>
  <message>
   <source>lamp</source>
   <translation>lámpara</translation>
  </message>
  <message>
   <source>lamps</source>
   <translation>testigos</translation>
  </message>
  <message>
   <source>large, to be read from three metres; again to leave</source>
   <translation>grande, para leer a tres metros; otra vez para salir</translation>
  </message>
  <message>
   <source>last worked on</source>
   <translation>última vez trabajado</translation>
  </message>
  <message>
   <source>latched off</source>
   <translation>cortado por el módulo</translation>
  </message>
  <message>
   <source>leak</source>
   <translation>fuga</translation>
  </message>
  <message>
   <source>leaks, wet or salty</source>
   <translation>fuga, húmedo o salado</translation>
  </message>
  <message>
   <source>learnt from {}</source>
   <translation>aprendido de {}</translation>
  </message>
  <message>
   <source>led</source>
   <translation>LED</translation>
  </message>
  <message>
   <source>left to doubt</source>
   <translation>queda en duda</translation>
  </message>
  <message>
   <source>left unseen</source>
   <translation>queda sin ver</translation>
  </message>
  <message>
   <source>left, right</source>
   <translation>izquierda, derecha</translation>
  </message>
  <message>
   <source>leg</source>
   <translation>tramo</translation>
  </message>
  <message>
   <source>legs come with them</source>
   <translation>los tramos vienen con ellos</translation>
  </message>
  <message>
   <source>length, m</source>
   <translation>largo, m</translation>
  </message>
  <message>
   <source>let its owner open it once with this version, and run roles.sql again</source>
   <translation>que su propietario lo abra una vez con esta versión y ejecute roles.sql de nuevo</translation>
  </message>
  <message>
   <source>letters that can be written, and names that are used once</source>
   <translation>letras que se puedan escribir, y nombres que se usen una vez</translation>
  </message>
  <message>
   <source>letters, digits and dashes, at most 64</source>
   <translation>letras, cifras y guiones, 64 como máximo</translation>
  </message>
  <message>
   <source>letters, digits and dashes, at most 64; or leave it out</source>
   <translation>letras, cifras y guiones, 64 como máximo; u omítalo</translation>
  </message>
  <message>
   <source>level</source>
   <translation>nivel</translation>
  </message>
  <message>
   <source>lies outside the job's folder and was not added here</source>
   <translation>está fuera de la carpeta del trabajo y no se añadió aquí</translation>
  </message>
  <message>
   <source>limit</source>
   <translation>límite</translation>
  </message>
  <message>
   <source>limit from good parts</source>
   <translation>límite de piezas buenas</translation>
  </message>
  <message>
   <source>limit {} ({})</source>
   <translation>límite {} ({})</translation>
  </message>
  <message>
   <source>limits</source>
   <translation>límites</translation>
  </message>
  <message>
   <source>limits of a sheet</source>
   <translation>límites de una hoja</translation>
  </message>
  <message>
   <source>line </source>
   <translation>línea </translation>
  </message>
  <message>
   <source>line %1%2</source>
   <translation>línea %1%2</translation>
  </message>
  <message>
   <source>line {}: text after the last row of numbers was left out</source>
   <translation>línea {}: se omitió el texto tras la última fila de números</translation>
  </message>
  <message>
   <source>line {}: {}</source>
   <translation>línea {}: {}</translation>
  </message>
  <message>
   <source>lines such as (1436509052.249713) can0 1F0#01F401F4</source>
   <translation>líneas como (1436509052.249713) can0 1F0#01F401F4</translation>
  </message>
  <message>
   <source>list at least one, with a name</source>
   <translation>indique al menos uno, con nombre</translation>
  </message>
  <message>
   <source>list the limits</source>
   <translation>indique los límites</translation>
  </message>
  <message>
   <source>list the ranges lowest first</source>
   <translation>indique los rangos empezando por el menor</translation>
  </message>
  <message>
   <source>list the readings</source>
   <translation>lista de lecturas</translation>
  </message>
  <message>
   <source>lit</source>
   <translation>encendida</translation>
  </message>
  <message>
   <source>lit, dim or dark</source>
   <translation>lit, dim o dark</translation>
  </message>
  <message>
   <source>live speed</source>
   <translation>velocidad</translation>
  </message>
  <message>
   <source>live speed by circuit, as {"LF": 5.0}</source>
   <translation>velocidad por circuito, como {"LF": 5.0}</translation>
  </message>
  <message>
   <source>loaded tests</source>
   <translation>pruebas con carga</translation>
  </message>
  <message>
   <source>look at </source>
   <translation>mirar </translation>
  </message>
  <message>
   <source>look at the list of what is there</source>
   <translation>mire en la lista lo que hay</translation>
  </message>
  <message>
   <source>look for it by a word of it</source>
   <translation>búsquelo por una de sus palabras</translation>
  </message>
  <message>
   <source>look whether the disk is full</source>
   <translation>mire si el disco está lleno</translation>
  </message>
  <message>
   <source>look whether the file is there and the disk has room</source>
   <translation>mire si el archivo está ahí y el disco tiene espacio</translation>
  </message>
  <message>
   <source>look whether the folder can be written</source>
   <translation>mire si se puede escribir en la carpeta</translation>
  </message>
  <message>
   <source>look whether the folder can be written and the disk has room</source>
   <translation>mire si la carpeta se puede escribir y el disco tiene sitio</translation>
  </message>
  <message>
   <source>looks {}, nearly sure</source>
   <translation>parece {}, casi seguro</translation>
  </message>
  <message>
   <source>looks {}, {} in 10</source>
   <translation>parece {}, {} de 10</translation>
  </message>
  <message>
   <source>loop</source>
   <translation>lazo</translation>
  </message>
  <message>
   <source>loose</source>
   <translation>flojo</translation>
  </message>
  <message>
   <source>low amplitude</source>
   <translation>amplitud baja</translation>
  </message>
  <message>
   <source>mA</source>
   <translation>mA</translation>
  </message>
  <message>
   <source>made beside it</source>
   <translation>hecho al lado</translation>
  </message>
  <message>
   <source>maps no signal</source>
   <translation>no asigna ninguna señal</translation>
  </message>
  <message>
   <source>mean points</source>
   <translation>puntos de media</translation>
  </message>
  <message>
   <source>means</source>
   <translation>significa</translation>
  </message>
  <message>
   <source>measured on a good part</source>
   <translation>medido en pieza buena</translation>
  </message>
  <message>
   <source>median</source>
   <translation>mediana</translation>
  </message>
  <message>
   <source>mend or clean %1</source>
   <translation>reparado o limpiado: %1</translation>
  </message>
  <message>
   <source>metal dust or dirt on the wheel sensor's tip</source>
   <translation>polvo de metal o suciedad en la punta del sensor</translation>
  </message>
  <message>
   <source>metal or dirt on the tip</source>
   <translation>metal o suciedad en la punta</translation>
  </message>
  <message>
   <source>meter</source>
   <translation>aparato</translation>
  </message>
  <message>
   <source>min</source>
   <translation>min</translation>
  </message>
  <message>
   <source>minutes</source>
   <translation>minutos</translation>
  </message>
  <message>
   <source>minutes to isolate</source>
   <translation>minutos hasta aislar</translation>
  </message>
  <message>
   <source>missing tooth</source>
   <translation>diente ausente</translation>
  </message>
  <message>
   <source>mm² or AWG</source>
   <translation>mm² o AWG</translation>
  </message>
  <message>
   <source>module</source>
   <translation>módulo</translation>
  </message>
  <message>
   <source>module first, sensor and ring last</source>
   <translation>la centralita primero, el sensor y la corona al final</translation>
  </message>
  <message>
   <source>module ground</source>
   <translation>masa del módulo</translation>
  </message>
  <message>
   <source>module pins</source>
   <translation>patillas del módulo</translation>
  </message>
  <message>
   <source>module plug</source>
   <translation>conector del módulo</translation>
  </message>
  <message>
   <source>module power</source>
   <translation>positivo del módulo</translation>
  </message>
  <message>
   <source>module's own power or ground</source>
   <translation>alimentación o masa del módulo</translation>
  </message>
  <message>
   <source>move a part</source>
   <translation>mover una pieza</translation>
  </message>
  <message>
   <source>move along the record</source>
   <translation>moverse por el registro</translation>
  </message>
  <message>
   <source>mph and °C</source>
   <translation>mph y °C</translation>
  </message>
  <message>
   <source>mph and °F</source>
   <translation>mph y °F</translation>
  </message>
  <message>
   <source>multimeter</source>
   <translation>multímetro</translation>
  </message>
  <message>
   <source>name</source>
   <translation>nombre</translation>
  </message>
  <message>
   <source>name a part</source>
   <translation>nombrar una pieza</translation>
  </message>
  <message>
   <source>name an element of its path, or leave it out for the whole circuit</source>
   <translation>nombre un elemento de su recorrido, u omítalo para todo el circuito</translation>
  </message>
  <message>
   <source>name each circuit once</source>
   <translation>nombre cada circuito una vez</translation>
  </message>
  <message>
   <source>name it in the case's "suspect"</source>
   <translation>nómbrelo en "suspect" del trabajo</translation>
  </message>
  <message>
   <source>name its connectors, or module for its plug</source>
   <translation>nombre sus conectores, o module para su conector</translation>
  </message>
  <message>
   <source>name one of its circuits</source>
   <translation>nombre uno de sus circuitos</translation>
  </message>
  <message>
   <source>name one of them</source>
   <translation>nombre uno de ellos</translation>
  </message>
  <message>
   <source>names no circuit for </source>
   <translation>no nombra ningún circuito para </translation>
  </message>
  <message>
   <source>names no two circuits</source>
   <translation>no nombra dos circuitos</translation>
  </message>
  <message>
   <source>narrower</source>
   <translation>más estrecho</translation>
  </message>
  <message>
   <source>near nothing</source>
   <translation>casi nada</translation>
  </message>
  <message>
   <source>new coil, Ω</source>
   <translation>bobina nueva, Ω</translation>
  </message>
  <message>
   <source>new part, each side</source>
   <translation>pieza nueva, cada lado</translation>
  </message>
  <message>
   <source>new, open, save</source>
   <translation>nuevo, abrir, guardar</translation>
  </message>
  <message>
   <source>night</source>
   <translation>noche</translation>
  </message>
  <message>
   <source>no circuit is chosen</source>
   <translation>no hay ningún circuito elegido</translation>
  </message>
  <message>
   <source>no circuit is described</source>
   <translation>no se describe ningún circuito</translation>
  </message>
  <message>
   <source>no code returned</source>
   <translation>ningún código volvió</translation>
  </message>
  <message>
   <source>no code returns</source>
   <translation>ningún código vuelve</translation>
  </message>
  <message>
   <source>no codes were stored</source>
   <translation>no había códigos guardados</translation>
  </message>
  <message>
   <source>no limit</source>
   <translation>sin límite</translation>
  </message>
  <message>
   <source>no mark</source>
   <translation>sin logotipo</translation>
  </message>
  <message>
   <source>no sample</source>
   <translation>sin muestra</translation>
  </message>
  <message>
   <source>no signal</source>
   <translation>sin señal</translation>
  </message>
  <message>
   <source>no supply</source>
   <translation>sin alimentación</translation>
  </message>
  <message>
   <source>no supply from the module</source>
   <translation>sin alimentación del módulo</translation>
  </message>
  <message>
   <source>no supply, a short to ground, or a wheel that stands</source>
   <translation>sin alimentación, un corto a masa, o una rueda parada</translation>
  </message>
  <message>
   <source>no test would show more</source>
   <translation>ninguna prueba mostraría más</translation>
  </message>
  <message>
   <source>no test; {"test": {...}}</source>
   <translation>ningún ensayo; {"test": {...}}</translation>
  </message>
  <message>
   <source>no trace yet</source>
   <translation>aún sin registro</translation>
  </message>
  <message>
   <source>no value yet</source>
   <translation>todavía sin valor</translation>
  </message>
  <message>
   <source>no whole turn: say how many teeth the ring has (Intake), or record a longer spin</source>
   <translation>ninguna vuelta entera: diga los dientes del anillo (Recepción), o registre un giro más largo</translation>
  </message>
  <message>
   <source>noise</source>
   <translation>ruido</translation>
  </message>
  <message>
   <source>none</source>
   <translation>ninguno</translation>
  </message>
  <message>
   <source>none in %1</source>
   <translation>ninguno en %1</translation>
  </message>
  <message>
   <source>none were stored</source>
   <translation>no había ninguno</translation>
  </message>
  <message>
   <source>none yet</source>
   <translation>aún ninguno</translation>
  </message>
  <message>
   <source>none: even steps</source>
   <translation>ninguna: pasos iguales</translation>
  </message>
  <message>
   <source>not connected</source>
   <translation>no conectado</translation>
  </message>
  <message>
   <source>not judged</source>
   <translation>sin juzgar</translation>
  </message>
  <message>
   <source>not known</source>
   <translation>desconocido</translation>
  </message>
  <message>
   <source>not named in this job's intake yet</source>
   <translation>aún no nombrado en la recepción de este trabajo</translation>
  </message>
  <message>
   <source>not noted</source>
   <translation>sin anotar</translation>
  </message>
  <message>
   <source>not saved as a file yet</source>
   <translation>aún no guardado como archivo</translation>
  </message>
  <message>
   <source>not seated</source>
   <translation>mal asentado</translation>
  </message>
  <message>
   <source>note</source>
   <translation>nota</translation>
  </message>
  <message>
   <source>note of the repair</source>
   <translation>nota de la reparación</translation>
  </message>
  <message>
   <source>nothing is wrong</source>
   <translation>nada está mal</translation>
  </message>
  <message>
   <source>nothing more</source>
   <translation>nada más</translation>
  </message>
  <message>
   <source>nothing stands between sensor and ring</source>
   <translation>no hay nada entre el sensor y la corona</translation>
  </message>
  <message>
   <source>nothing that is wrong now</source>
   <translation>nada que esté mal ahora</translation>
  </message>
  <message>
   <source>nothing wrong</source>
   <translation>nada mal</translation>
  </message>
  <message>
   <source>nothing wrong now</source>
   <translation>nada mal ahora</translation>
  </message>
  <message>
   <source>nothing yet</source>
   <translation>aún nada</translation>
  </message>
  <message>
   <source>now</source>
   <translation>ahora</translation>
  </message>
  <message>
   <source>number on its label</source>
   <translation>número de su etiqueta</translation>
  </message>
  <message>
   <source>number on the sensor</source>
   <translation>número del sensor</translation>
  </message>
  <message>
   <source>odds</source>
   <translation>cuota</translation>
  </message>
  <message>
   <source>of "</source>
   <translation>de "</translation>
  </message>
  <message>
   <source>ohms</source>
   <translation>ohmios</translation>
  </message>
  <message>
   <source>ohms of the pair, module plug off</source>
   <translation>ohmios del par, módulo suelto</translation>
  </message>
  <message>
   <source>ok</source>
   <translation>bien</translation>
  </message>
  <message>
   <source>old joint</source>
   <translation>unión vieja</translation>
  </message>
  <message>
   <source>on</source>
   <translation>en</translation>
  </message>
  <message>
   <source>on the lift</source>
   <translation>en el elevador</translation>
  </message>
  <message>
   <source>once</source>
   <translation>una vez</translation>
  </message>
  <message>
   <source>one gap is wider</source>
   <translation>un hueco es más ancho</translation>
  </message>
  <message>
   <source>one job a line, as the program saves a logbook</source>
   <translation>un trabajo por línea, como guarda el programa un libro de trabajos</translation>
  </message>
  <message>
   <source>one of</source>
   <translation>uno de</translation>
  </message>
  <message>
   <source>one of dark dim lit</source>
   <translation>uno de dark dim lit</translation>
  </message>
  <message>
   <source>one of open short-ground short-supply open-or-short ...</source>
   <translation>uno de open short-ground short-supply open-or-short ...</translation>
  </message>
  <message>
   <source>one of {}</source>
   <translation>uno de {}</translation>
  </message>
  <message>
   <source>one of {}ground battery, or a leg with a fraction as L2@0.5</source>
   <translation>uno de {}ground battery, o un tramo con una fracción como L2@0.5</translation>
  </message>
  <message>
   <source>one page for the owner, all for the file</source>
   <translation>una página para el dueño, todo para el archivo</translation>
  </message>
  <message>
   <source>one reading</source>
   <translation>una medición</translation>
  </message>
  <message>
   <source>one turn of {} teeth, 0° is the first pulse</source>
   <translation>una vuelta de {} dientes, 0° es el primer pulso</translation>
  </message>
  <message>
   <source>only a number that a limit can be about is kept as good</source>
   <translation>solo se guarda como bueno un número del que pueda tratar un límite</translation>
  </message>
  <message>
   <source>only connectors and splices are put in</source>
   <translation>solo se insertan conectores y empalmes</translation>
  </message>
  <message>
   <source>only seen on the lift or on stands</source>
   <translation>solo visto en el elevador o en caballetes</translation>
  </message>
  <message>
   <source>only without a time</source>
   <translation>solo sin tiempo</translation>
  </message>
  <message>
   <source>open</source>
   <translation>abierto</translation>
  </message>
  <message>
   <source>open a capture</source>
   <translation>abrir un registro</translation>
  </message>
  <message>
   <source>open it with that version; nothing was changed</source>
   <translation>ábralo con esa versión; no se cambió nada</translation>
  </message>
  <message>
   <source>open or short</source>
   <translation>abierto o corto</translation>
  </message>
  <message>
   <source>open the job again</source>
   <translation>abrir el trabajo de nuevo</translation>
  </message>
  <message>
   <source>other</source>
   <translation>otro</translation>
  </message>
  <message>
   <source>output per hertz</source>
   <translation>salida por hercio</translation>
  </message>
  <message>
   <source>owner</source>
   <translation>dueño</translation>
  </message>
  <message>
   <source>owner, if need be</source>
   <translation>dueño, si hace falta</translation>
  </message>
  <message>
   <source>page %1 of %2</source>
   <translation>página %1 de %2</translation>
  </message>
  <message>
   <source>part and zone</source>
   <translation>pieza y zona</translation>
  </message>
  <message>
   <source>part fitted</source>
   <translation>pieza montada</translation>
  </message>
  <message>
   <source>part: hub, bearing...</source>
   <translation>pieza: buje, rodamiento...</translation>
  </message>
  <message>
   <source>pass</source>
   <translation>bien</translation>
  </message>
  <message>
   <source>pass, but proves little</source>
   <translation>bien, prueba poco</translation>
  </message>
  <message>
   <source>passive</source>
   <translation>pasivo</translation>
  </message>
  <message>
   <source>percent and counts, as 0.5 + 2</source>
   <translation>porcentaje y cuentas, como 0,5 + 2</translation>
  </message>
  <message>
   <source>pierce</source>
   <translation>pinchar</translation>
  </message>
  <message>
   <source>plate</source>
   <translation>matrícula</translation>
  </message>
  <message>
   <source>played</source>
   <translation>jugado</translation>
  </message>
  <message>
   <source>plug </source>
   <translation>conector </translation>
  </message>
  <message>
   <source>plugged in</source>
   <translation>enchufado</translation>
  </message>
  <message>
   <source>point</source>
   <translation>punto</translation>
  </message>
  <message>
   <source>point .</source>
   <translation>punto .</translation>
  </message>
  <message>
   <source>price</source>
   <translation>precio</translation>
  </message>
  <message>
   <source>print the report</source>
   <translation>imprimir el informe</translation>
  </message>
  <message>
   <source>proof of the repair</source>
   <translation>prueba de la reparación</translation>
  </message>
  <message>
   <source>pull on </source>
   <translation>tirar de </translation>
  </message>
  <message>
   <source>pulled</source>
   <translation>forzada</translation>
  </message>
  <message>
   <source>put in a connector</source>
   <translation>poner un conector</translation>
  </message>
  <message>
   <source>put in a splice</source>
   <translation>poner un empalme</translation>
  </message>
  <message>
   <source>put it back, or take that reading out of the job</source>
   <translation>devuélvalo a su sitio, o quite esa medición del trabajo</translation>
  </message>
  <message>
   <source>put it beside, as </source>
   <translation>póngalo al lado, como </translation>
  </message>
  <message>
   <source>put it last</source>
   <translation>póngalo al final</translation>
  </message>
  <message>
   <source>put there</source>
   <translation>dejado</translation>
  </message>
  <message>
   <source>read only: open elsewhere</source>
   <translation>solo lectura: abierto en otro</translation>
  </message>
  <message>
   <source>read the connected meter</source>
   <translation>leer el aparato conectado</translation>
  </message>
  <message>
   <source>read without its side file: </source>
   <translation>leído sin su archivo lateral: </translation>
  </message>
  <message>
   <source>reading</source>
   <translation>lectura</translation>
  </message>
  <message>
   <source>reading %1</source>
   <translation>lectura %1</translation>
  </message>
  <message>
   <source>readings of this kind will stand here as dots</source>
   <translation>lecturas de este tipo saldrán aquí como puntos</translation>
  </message>
  <message>
   <source>readings that are taken wrong</source>
   <translation>lecturas mal tomadas</translation>
  </message>
  <message>
   <source>reads as: %1</source>
   <translation>se lee como: %1</translation>
  </message>
  <message>
   <source>rear left</source>
   <translation>trasera izquierda</translation>
  </message>
  <message>
   <source>rear right</source>
   <translation>trasera derecha</translation>
  </message>
  <message>
   <source>rear wheel through the cabin</source>
   <translation>rueda trasera por el habitáculo</translation>
  </message>
  <message>
   <source>rear wheel under the floor, three connectors</source>
   <translation>rueda trasera bajo el piso, tres conectores</translation>
  </message>
  <message>
   <source>records no change</source>
   <translation>no registra ningún cambio</translation>
  </message>
  <message>
   <source>refuses "{}": {}</source>
   <translation>rechaza "{}": {}</translation>
  </message>
  <message>
   <source>refuses our frame: code 0x{:02X}</source>
   <translation>rechaza nuestra trama: código 0x{:02X}</translation>
  </message>
  <message>
   <source>remove a reading</source>
   <translation>quitar una lectura</translation>
  </message>
  <message>
   <source>remove a work done</source>
   <translation>quitar un trabajo hecho</translation>
  </message>
  <message>
   <source>remove those first, they would have no place</source>
   <translation>quítelas primero, no tendrían lugar</translation>
  </message>
  <message>
   <source>repaired</source>
   <translation>reparado</translation>
  </message>
  <message>
   <source>replaced</source>
   <translation>sustituido</translation>
  </message>
  <message>
   <source>resistance</source>
   <translation>resistencia</translation>
  </message>
  <message>
   <source>resistive</source>
   <translation>resistencia de contacto</translation>
  </message>
  <message>
   <source>rests at {}</source>
   <translation>reposa en {}</translation>
  </message>
  <message>
   <source>result not known</source>
   <translation>resultado desconocido</translation>
  </message>
  <message>
   <source>return</source>
   <translation>retorno</translation>
  </message>
  <message>
   <source>reversed</source>
   <translation>invertido</translation>
  </message>
  <message>
   <source>right</source>
   <translation>bien</translation>
  </message>
  <message>
   <source>ring</source>
   <translation>anillo</translation>
  </message>
  <message>
   <source>ring cracked</source>
   <translation>anillo rajado</translation>
  </message>
  <message>
   <source>ring out of round</source>
   <translation>anillo descentrado</translation>
  </message>
  <message>
   <source>ring runout</source>
   <translation>anillo descentrado</translation>
  </message>
  <message>
   <source>ring tooth</source>
   <translation>diente del anillo</translation>
  </message>
  <message>
   <source>ring with another count</source>
   <translation>anillo con otra cuenta</translation>
  </message>
  <message>
   <source>ring wrong count</source>
   <translation>cuenta de dientes</translation>
  </message>
  <message>
   <source>rolls {:.3f} m a turn (3.05 x diameter)</source>
   <translation>rueda {:.3f} m por vuelta (3,05 x diámetro)</translation>
  </message>
  <message>
   <source>rows of numbers with a time column, separated by comma, semicolon or tab</source>
   <translation>filas de números con una columna de tiempo, separadas por coma, punto y coma o tabulador</translation>
  </message>
  <message>
   <source>run check</source>
   <translation>ejecute check</translation>
  </message>
  <message>
   <source>runs backwards</source>
   <translation>corre hacia atrás</translation>
  </message>
  <message>
   <source>s, ms, us or ns</source>
   <translation>s, ms, us o ns</translation>
  </message>
  <message>
   <source>save the file as JSON in UTF-8</source>
   <translation>guarde el archivo como JSON en UTF-8</translation>
  </message>
  <message>
   <source>save the sheet as UTF-8</source>
   <translation>guarde la hoja como UTF-8</translation>
  </message>
  <message>
   <source>save under another name</source>
   <translation>guarde con otro nombre</translation>
  </message>
  <message>
   <source>saved in %1</source>
   <translation>guardado en %1</translation>
  </message>
  <message>
   <source>say module, leg, connector, splice, sensor or ring</source>
   <translation>diga module, leg, connector, splice, sensor o ring</translation>
  </message>
  <message>
   <source>say what the limit is about, as coil-resistance</source>
   <translation>diga de qué trata el límite, como coil-resistance</translation>
  </message>
  <message>
   <source>say what was measured, as resistance</source>
   <translation>diga qué se midió, como resistance</translation>
  </message>
  <message>
   <source>says nothing</source>
   <translation>no dice nada</translation>
  </message>
  <message>
   <source>scan map</source>
   <translation>mapa</translation>
  </message>
  <message>
   <source>scan tool</source>
   <translation>equipo de diagnosis</translation>
  </message>
  <message>
   <source>scope</source>
   <translation>osciloscopio</translation>
  </message>
  <message>
   <source>scope trace</source>
   <translation>registro</translation>
  </message>
  <message>
   <source>sealed crimp</source>
   <translation>engaste estanco</translation>
  </message>
  <message>
   <source>search the help</source>
   <translation>buscar en la ayuda</translation>
  </message>
  <message>
   <source>seconds and km/h, as 1.5,20</source>
   <translation>segundos y km/h, como 1.5,20</translation>
  </message>
  <message>
   <source>seconds that rise, and 0 to 500 km/h</source>
   <translation>segundos crecientes, y 0 a 500 km/h</translation>
  </message>
  <message>
   <source>see the message at the start</source>
   <translation>vea el mensaje del inicio</translation>
  </message>
  <message>
   <source>semicolon ;</source>
   <translation>punto y coma ;</translation>
  </message>
  <message>
   <source>semicolons</source>
   <translation>puntos y coma</translation>
  </message>
  <message>
   <source>sense resistor in the feed</source>
   <translation>resistencia de medida en la alimentación</translation>
  </message>
  <message>
   <source>sense resistor in the return</source>
   <translation>resistencia de medida en el retorno</translation>
  </message>
  <message>
   <source>sensor</source>
   <translation>sensor</translation>
  </message>
  <message>
   <source>sensor dead</source>
   <translation>sensor muerto</translation>
  </message>
  <message>
   <source>sensor kind</source>
   <translation>tipo de sensor</translation>
  </message>
  <message>
   <source>sensor open</source>
   <translation>sensor abierto</translation>
  </message>
  <message>
   <source>sensor part</source>
   <translation>pieza del sensor</translation>
  </message>
  <message>
   <source>sensor shorted</source>
   <translation>sensor en corto</translation>
  </message>
  <message>
   <source>sensor weak</source>
   <translation>sensor débil</translation>
  </message>
  <message>
   <source>sensor_of and into, two different circuits</source>
   <translation>sensor_of e into, dos circuitos distintos</translation>
  </message>
  <message>
   <source>sensors</source>
   <translation>sensores</translation>
  </message>
  <message>
   <source>sent a block that is not made of 4-byte samples</source>
   <translation>envió un bloque que no está hecho de muestras de 4 bytes</translation>
  </message>
  <message>
   <source>sent no samples</source>
   <translation>no envió muestras</translation>
  </message>
  <message>
   <source>service 0x{:02X}</source>
   <translation>servicio 0x{:02X}</translation>
  </message>
  <message>
   <source>service information</source>
   <translation>información del fabricante</translation>
  </message>
  <message>
   <source>set a cursor where the pointer is; Esc takes them off</source>
   <translation>poner una marca en el puntero; Esc las quita</translation>
  </message>
  <message>
   <source>settles {:.1f} bit of what is still open</source>
   <translation>aclara {:.1f} bit de lo que sigue abierto</translation>
  </message>
  <message>
   <source>share</source>
   <translation>parte</translation>
  </message>
  <message>
   <source>short ground</source>
   <translation>corto a masa</translation>
  </message>
  <message>
   <source>short supply</source>
   <translation>corto a positivo</translation>
  </message>
  <message>
   <source>short to ground</source>
   <translation>corto a masa</translation>
  </message>
  <message>
   <source>short to supply</source>
   <translation>corto a positivo</translation>
  </message>
  <message>
   <source>show</source>
   <translation>ver</translation>
  </message>
  <message>
   <source>shown</source>
   <translation>mostrado</translation>
  </message>
  <message>
   <source>shows</source>
   <translation>muestra</translation>
  </message>
  <message>
   <source>shows {:.0f} of 100 faults that the steps before it miss</source>
   <translation>muestra {:.0f} de 100 averías que las anteriores no ven</translation>
  </message>
  <message>
   <source>signal</source>
   <translation>señal</translation>
  </message>
  <message>
   <source>signal source</source>
   <translation>fuente de señal</translation>
  </message>
  <message>
   <source>sine</source>
   <translation>seno</translation>
  </message>
  <message>
   <source>sine, {:.1f} Hz, {:.2f} V p-p, isolated, through about 1 kΩ</source>
   <translation>seno, {:.1f} Hz, {:.2f} V pico a pico, aislado, por 1 kΩ</translation>
  </message>
  <message>
   <source>skill</source>
   <translation>destreza</translation>
  </message>
  <message>
   <source>so it is not, or may be</source>
   <translation>así que no es, o puede ser</translation>
  </message>
  <message>
   <source>solder</source>
   <translation>soldadura</translation>
  </message>
  <message>
   <source>solder and shrink</source>
   <translation>soldar y retraer</translation>
  </message>
  <message>
   <source>something else</source>
   <translation>otra cosa</translation>
  </message>
  <message>
   <source>something is still wrong: back to the line</source>
   <translation>algo sigue mal: vuelva a la línea</translation>
  </message>
  <message>
   <source>something that is not on this list</source>
   <translation>algo que no está en esta lista</translation>
  </message>
  <message>
   <source>sometimes</source>
   <translation>a veces</translation>
  </message>
  <message>
   <source>sound</source>
   <translation>sano</translation>
  </message>
  <message>
   <source>source and date: a page, a part measured</source>
   <translation>fuente y fecha: una página, una pieza medida</translation>
  </message>
  <message>
   <source>space on the disk</source>
   <translation>espacio en el disco</translation>
  </message>
  <message>
   <source>splice</source>
   <translation>empalme</translation>
  </message>
  <message>
   <source>spread</source>
   <translation>dispersión</translation>
  </message>
  <message>
   <source>spun</source>
   <translation>girada</translation>
  </message>
  <message>
   <source>square</source>
   <translation>cuadrada</translation>
  </message>
  <message>
   <source>square millimetres as 0.5, or a gauge as AWG 20</source>
   <translation>milímetros cuadrados como 0,5, o un calibre como AWG 20</translation>
  </message>
  <message>
   <source>stability</source>
   <translation>estabilidad</translation>
  </message>
  <message>
   <source>stands still</source>
   <translation>está parado</translation>
  </message>
  <message>
   <source>start from a usual line</source>
   <translation>empezar con una línea usual</translation>
  </message>
  <message>
   <source>status</source>
   <translation>estado</translation>
  </message>
  <message>
   <source>stays at 0</source>
   <translation>queda en 0</translation>
  </message>
  <message>
   <source>stays: every line has its module, sensor and ring</source>
   <translation>se queda: cada línea tiene su centralita, sensor y corona</translation>
  </message>
  <message>
   <source>steering</source>
   <translation>dirección</translation>
  </message>
  <message>
   <source>step</source>
   <translation>paso</translation>
  </message>
  <message>
   <source>step of the repair</source>
   <translation>paso de la reparación</translation>
  </message>
  <message>
   <source>steps between 1 fs and some years; look at the unit of the time</source>
   <translation>pasos entre 1 fs y algunos años; mire la unidad del tiempo</translation>
  </message>
  <message>
   <source>still</source>
   <translation>parada</translation>
  </message>
  <message>
   <source>stored code</source>
   <translation>código guardado</translation>
  </message>
  <message>
   <source>substitution</source>
   <translation>sustitución</translation>
  </message>
  <message>
   <source>such as 7 and 14 mA</source>
   <translation>como 7 y 14 mA</translation>
  </message>
  <message>
   <source>supply</source>
   <translation>alimentación</translation>
  </message>
  <message>
   <source>suspect</source>
   <translation>sospecha</translation>
  </message>
  <message>
   <source>suspicion of </source>
   <translation>sospecha de </translation>
  </message>
  <message>
   <source>suspicion then</source>
   <translation>sospecha después</translation>
  </message>
  <message>
   <source>swap the two</source>
   <translation>intercambie los dos</translation>
  </message>
  <message>
   <source>swings wide</source>
   <translation>oscila mucho</translation>
  </message>
  <message>
   <source>tab</source>
   <translation>tabulador</translation>
  </message>
  <message>
   <source>tabs</source>
   <translation>tabuladores</translation>
  </message>
  <message>
   <source>take a part out</source>
   <translation>quitar una pieza</translation>
  </message>
  <message>
   <source>take a proof back</source>
   <translation>retirar una prueba</translation>
  </message>
  <message>
   <source>take out a connector, a splice or a leg</source>
   <translation>quite un conector, un empalme o un tramo</translation>
  </message>
  <message>
   <source>take out a stored code</source>
   <translation>quitar un código guardado</translation>
  </message>
  <message>
   <source>take the job over, or save under another name</source>
   <translation>hágase cargo del trabajo, o guarde con otro nombre</translation>
  </message>
  <message>
   <source>taken</source>
   <translation>tomado</translation>
  </message>
  <message>
   <source>taken from</source>
   <translation>tomado de</translation>
  </message>
  <message>
   <source>takes</source>
   <translation>tarda</translation>
  </message>
  <message>
   <source>takes no more bytes</source>
   <translation>no acepta más bytes</translation>
  </message>
  <message>
   <source>tcp:HOST:PORT, serial:/dev/ttyUSB0:9600 or usbtmc:/dev/usbtmc0</source>
   <translation>tcp:HOST:PORT, serial:/dev/ttyUSB0:9600 o usbtmc:/dev/usbtmc0</translation>
  </message>
  <message>
   <source>teeth</source>
   <translation>dientes</translation>
  </message>
  <message>
   <source>teeth, all even</source>
   <translation>dientes, todos iguales</translation>
  </message>
  <message>
   <source>teeth, estimated</source>
   <translation>dientes, estimados</translation>
  </message>
  <message>
   <source>teeth, new ring</source>
   <translation>dientes, anillo nuevo</translation>
  </message>
  <message>
   <source>teeth, passed once</source>
   <translation>dientes, pasó una vez</translation>
  </message>
  <message>
   <source>tells which wire, or how it failed</source>
   <translation>dice qué cable, o cómo falló</translation>
  </message>
  <message>
   <source>test after the repair</source>
   <translation>prueba tras la reparación</translation>
  </message>
  <message>
   <source>test lamp</source>
   <translation>lámpara de prueba</translation>
  </message>
  <message>
   <source>test, place, state</source>
   <translation>prueba, lugar, estado</translation>
  </message>
  <message>
   <source>text after the last row of numbers was left out</source>
   <translation>se omitió el texto tras la última fila de números</translation>
  </message>
  <message>
   <source>the "ecu" address of the map as this vehicle knows it</source>
   <translation>la dirección "ecu" del mapa como la conoce este vehículo</translation>
  </message>
  <message>
   <source>the "tester" address of the map as this vehicle knows it</source>
   <translation>la dirección "tester" del mapa como la conoce este vehículo</translation>
  </message>
  <message>
   <source>the PDF could not be begun</source>
   <translation>no se pudo empezar el PDF</translation>
  </message>
  <message>
   <source>the address of a vehicle's diagnostic gateway, with the key on</source>
   <translation>la dirección de la pasarela de diagnóstico de un vehículo, con el contacto dado</translation>
  </message>
  <message>
   <source>the case is over</source>
   <translation>el caso terminó</translation>
  </message>
  <message>
   <source>the circuit in question</source>
   <translation>el circuito en cuestión</translation>
  </message>
  <message>
   <source>the cliff: between {} and {}{}</source>
   <translation>el escalón: entre {} y {}{}</translation>
  </message>
  <message>
   <source>the complaint and its history</source>
   <translation>la queja y su historia</translation>
  </message>
  <message>
   <source>the control unit's plug</source>
   <translation>el conector de la centralita</translation>
  </message>
  <message>
   <source>the data identifier, as "0x4A01"</source>
   <translation>el identificador de datos, como "0x4A01"</translation>
  </message>
  <message>
   <source>the desktop's keyring</source>
   <translation>el llavero del escritorio</translation>
  </message>
  <message>
   <source>the driver says</source>
   <translation>el conductor dice</translation>
  </message>
  <message>
   <source>the high current is not above the low one</source>
   <translation>la corriente alta no está por encima de la baja</translation>
  </message>
  <message>
   <source>the highest resistance of the range</source>
   <translation>la resistencia más alta del rango</translation>
  </message>
  <message>
   <source>the intake</source>
   <translation>la recepción</translation>
  </message>
  <message>
   <source>the job has no circuit in question</source>
   <translation>el trabajo no tiene un circuito en cuestión</translation>
  </message>
  <message>
   <source>the job that is open</source>
   <translation>el trabajo abierto</translation>
  </message>
  <message>
   <source>the joint</source>
   <translation>el empalme</translation>
  </message>
  <message>
   <source>the key on, and the addresses of this control unit in the map</source>
   <translation>el contacto dado, y las direcciones de esta centralita en el mapa</translation>
  </message>
  <message>
   <source>the length of a block of data is no number</source>
   <translation>la longitud de un bloque de datos no es un número</translation>
  </message>
  <message>
   <source>the line</source>
   <translation>la línea</translation>
  </message>
  <message>
   <source>the line beyond </source>
   <translation>la línea tras </translation>
  </message>
  <message>
   <source>the line goes to its unloaded level: a wire or contact lets go</source>
   <translation>la línea va a su nivel sin carga: un cable o contacto se suelta</translation>
  </message>
  <message>
   <source>the line is pulled to ground or supply: a chafed wire</source>
   <translation>la línea es llevada a masa o alimentación: un cable rozado</translation>
  </message>
  <message>
   <source>the line up to </source>
   <translation>la línea hasta </translation>
  </message>
  <message>
   <source>the lines</source>
   <translation>las líneas</translation>
  </message>
  <message>
   <source>the live speeds</source>
   <translation>las velocidades</translation>
  </message>
  <message>
   <source>the logbook is not open</source>
   <translation>el libro de taller no está abierto</translation>
  </message>
  <message>
   <source>the maker's limits</source>
   <translation>límites del fabricante</translation>
  </message>
  <message>
   <source>the menu</source>
   <translation>el menú</translation>
  </message>
  <message>
   <source>the module</source>
   <translation>el módulo</translation>
  </message>
  <message>
   <source>the module end of </source>
   <translation>el extremo del módulo de </translation>
  </message>
  <message>
   <source>the module or its supply</source>
   <translation>el módulo o su alimentación</translation>
  </message>
  <message>
   <source>the module plug</source>
   <translation>el conector del módulo</translation>
  </message>
  <message>
   <source>the module's own pins</source>
   <translation>las patillas propias del módulo</translation>
  </message>
  <message>
   <source>the module's plug</source>
   <translation>el conector del módulo</translation>
  </message>
  <message>
   <source>the name of a circuit</source>
   <translation>el nombre de un circuito</translation>
  </message>
  <message>
   <source>the ohms of {}</source>
   <translation>los ohmios de {}</translation>
  </message>
  <message>
   <source>the ohms of {} at {}</source>
   <translation>los ohmios de {} en {}</translation>
  </message>
  <message>
   <source>the other</source>
   <translation>el otro</translation>
  </message>
  <message>
   <source>the page to be read from afar (F11) speaks</source>
   <translation>la página para leer de lejos (F11) habla</translation>
  </message>
  <message>
   <source>the pair</source>
   <translation>el par</translation>
  </message>
  <message>
   <source>the path of </source>
   <translation>el recorrido de </translation>
  </message>
  <message>
   <source>the path of a capture</source>
   <translation>la ruta de una captura</translation>
  </message>
  <message>
   <source>the path of a file that exists</source>
   <translation>la ruta de un archivo que exista</translation>
  </message>
  <message>
   <source>the path of a file that exists and may be read</source>
   <translation>la ruta de un archivo que exista y se pueda leer</translation>
  </message>
  <message>
   <source>the path of the file it means</source>
   <translation>la ruta del archivo al que se refiere</translation>
  </message>
  <message>
   <source>the plan is being worked out</source>
   <translation>se está calculando el plan</translation>
  </message>
  <message>
   <source>the plug</source>
   <translation>el conector</translation>
  </message>
  <message>
   <source>the printer could not be begun</source>
   <translation>no se pudo iniciar la impresora</translation>
  </message>
  <message>
   <source>the reading jumps</source>
   <translation>la lectura salta</translation>
  </message>
  <message>
   <source>the reading stays</source>
   <translation>la lectura queda</translation>
  </message>
  <message>
   <source>the reading was stopped</source>
   <translation>se detuvo la lectura</translation>
  </message>
  <message>
   <source>the repair and how it was closed</source>
   <translation>la reparación y cómo se cerró</translation>
  </message>
  <message>
   <source>the ring</source>
   <translation>el anillo</translation>
  </message>
  <message>
   <source>the ring is not at the end of the path</source>
   <translation>la corona no está al final del recorrido</translation>
  </message>
  <message>
   <source>the rows could also be {} columns between {}, with a decimal {}</source>
   <translation>las filas también podrían ser {} columnas entre {}, con decimal {}</translation>
  </message>
  <message>
   <source>the same in substance</source>
   <translation>lo mismo en sustancia</translation>
  </message>
  <message>
   <source>the sensor</source>
   <translation>el sensor</translation>
  </message>
  <message>
   <source>the sensor does not answer, or the wheel stands</source>
   <translation>el sensor no responde, o la rueda está parada</translation>
  </message>
  <message>
   <source>the sensor or its ring</source>
   <translation>el sensor o su anillo</translation>
  </message>
  <message>
   <source>the smaller of the two as min</source>
   <translation>el menor de los dos como min</translation>
  </message>
  <message>
   <source>the sound output gives at most {:.2f} V peak to peak</source>
   <translation>la salida de sonido da como máximo {:.2f} V pico a pico</translation>
  </message>
  <message>
   <source>the time names no unit: seconds were taken</source>
   <translation>el tiempo no indica unidad: se tomaron segundos</translation>
  </message>
  <message>
   <source>the tool box has no tool for it</source>
   <translation>no hay herramienta para ello</translation>
  </message>
  <message>
   <source>the value as the meter showed it</source>
   <translation>el valor como lo mostró el multímetro</translation>
  </message>
  <message>
   <source>the value that was read, or "OL"</source>
   <translation>el valor leído, u "OL"</translation>
  </message>
  <message>
   <source>the vehicle</source>
   <translation>el vehículo</translation>
  </message>
  <message>
   <source>the vehicle's name; it must not tell the fault</source>
   <translation>el nombre del vehículo; no debe delatar el fallo</translation>
  </message>
  <message>
   <source>the vehicle, as in a case file</source>
   <translation>el vehículo, como en un archivo de trabajo</translation>
  </message>
  <message>
   <source>the views of the rail</source>
   <translation>las vistas de la barra</translation>
  </message>
  <message>
   <source>the volts of {}</source>
   <translation>los voltios de {}</translation>
  </message>
  <message>
   <source>the volts of {} at {}</source>
   <translation>los voltios de {} en {}</translation>
  </message>
  <message>
   <source>the wheel end of </source>
   <translation>el extremo de rueda de </translation>
  </message>
  <message>
   <source>the whole loom</source>
   <translation>todo el mazo</translation>
  </message>
  <message>
   <source>the whole loom moved, wetted or warmed</source>
   <translation>todo el mazo movido, mojado o calentado</translation>
  </message>
  <message>
   <source>the whole loom, from the module to the wheel</source>
   <translation>todo el mazo, del módulo a la rueda</translation>
  </message>
  <message>
   <source>the whole record</source>
   <translation>todo el registro</translation>
  </message>
  <message>
   <source>the wiggle watch may be heard</source>
   <translation>la vigía de meneo puede oírse</translation>
  </message>
  <message>
   <source>the wire</source>
   <translation>el cable</translation>
  </message>
  <message>
   <source>the wire alone</source>
   <translation>el cable solo</translation>
  </message>
  <message>
   <source>the wires</source>
   <translation>los cables</translation>
  </message>
  <message>
   <source>the wires of two wheels exchanged</source>
   <translation>los cables de dos ruedas cambiados</translation>
  </message>
  <message>
   <source>the wires {} at the bend</source>
   <translation>cables {} en el codo</translation>
  </message>
  <message>
   <source>the {}{}{}</source>
   <translation>{1}{2} {0}</translation>
  </message>
  <message>
   <source>there is no new part for it; mend it</source>
   <translation>no hay pieza nueva; repárelo</translation>
  </message>
  <message>
   <source>there is no place "{}" on {}</source>
   <translation>no hay ningún punto "{}" en {}</translation>
  </message>
  <message>
   <source>there is no such circuit</source>
   <translation>no existe tal circuito</translation>
  </message>
  <message>
   <source>there is no such element on this line</source>
   <translation>no existe tal pieza en esta línea</translation>
  </message>
  <message>
   <source>these keys</source>
   <translation>estas teclas</translation>
  </message>
  <message>
   <source>they do not vary: keep other parts</source>
   <translation>no varían: guardar otras piezas</translation>
  </message>
  <message>
   <source>this bench, before it had a name</source>
   <translation>este puesto, antes de tener nombre</translation>
  </message>
  <message>
   <source>tick every hole once it is sealed</source>
   <translation>marque cada agujero cuando esté sellado</translation>
  </message>
  <message>
   <source>ticks what is chosen</source>
   <translation>marca lo elegido</translation>
  </message>
  <message>
   <source>time</source>
   <translation>hora</translation>
  </message>
  <message>
   <source>time runs backwards</source>
   <translation>el tiempo corre hacia atrás</translation>
  </message>
  <message>
   <source>time steps are not uniform ({} to {}): samples are handled at the times recorded</source>
   <translation>los pasos de tiempo no son uniformes ({} a {}): las muestras se tratan en los tiempos registrados</translation>
  </message>
  <message>
   <source>time {} at {:.9g} s after {:.9g} s</source>
   <translation>el tiempo {} en {:.9g} s tras {:.9g} s</translation>
  </message>
  <message>
   <source>times</source>
   <translation>veces</translation>
  </message>
  <message>
   <source>times that rise</source>
   <translation>tiempos crecientes</translation>
  </message>
  <message>
   <source>title</source>
   <translation>título</translation>
  </message>
  <message>
   <source>title, vehicle or tyre</source>
   <translation>título, vehículo o neumático</translation>
  </message>
  <message>
   <source>to compare with</source>
   <translation>para comparar</translation>
  </message>
  <message>
   <source>to remember</source>
   <translation>para recordar</translation>
  </message>
  <message>
   <source>to the module, to the ring</source>
   <translation>al módulo, al anillo</translation>
  </message>
  <message>
   <source>to the search</source>
   <translation>a la búsqueda</translation>
  </message>
  <message>
   <source>to tooth {}</source>
   <translation>hasta el diente {}</translation>
  </message>
  <message>
   <source>too few to tell: keep at least %1</source>
   <translation>muy pocas: guardar al menos %1</translation>
  </message>
  <message>
   <source>tool box</source>
   <translation>herramientas</translation>
  </message>
  <message>
   <source>tools</source>
   <translation>herramientas</translation>
  </message>
  <message>
   <source>tools, prices, meter or limits</source>
   <translation>herramientas, precios, multímetro o límites</translation>
  </message>
  <message>
   <source>tooth missing or damaged</source>
   <translation>diente ausente o dañado</translation>
  </message>
  <message>
   <source>tooth {}</source>
   <translation>diente {}</translation>
  </message>
  <message>
   <source>tooth {} is not on a ring of {}</source>
   <translation>el diente {} no está en una corona de {}</translation>
  </message>
  <message>
   <source>tooth {} of {}, in {} of {} turns</source>
   <translation>diente {} de {}, en {} de {} vueltas</translation>
  </message>
  <message>
   <source>tooth {}, {:.0f}°</source>
   <translation>diente {}, {:.0f}°</translation>
  </message>
  <message>
   <source>torque, Nm</source>
   <translation>par, Nm</translation>
  </message>
  <message>
   <source>touches a supply</source>
   <translation>toca una alimentación</translation>
  </message>
  <message>
   <source>touches ground</source>
   <translation>toca masa</translation>
  </message>
  <message>
   <source>towards the wheel</source>
   <translation>hacia la rueda</translation>
  </message>
  <message>
   <source>trace</source>
   <translation>registro</translation>
  </message>
  <message>
   <source>trace </source>
   <translation>registro </translation>
  </message>
  <message>
   <source>trace kept</source>
   <translation>registro guardado</translation>
  </message>
  <message>
   <source>trace of </source>
   <translation>registro de </translation>
  </message>
  <message>
   <source>trace of %1</source>
   <translation>registro de %1</translation>
  </message>
  <message>
   <source>traces</source>
   <translation>trazas</translation>
  </message>
  <message>
   <source>traction</source>
   <translation>tracción</translation>
  </message>
  <message>
   <source>trailer axle, long run with a joint</source>
   <translation>eje de remolque, recorrido largo con un empalme</translation>
  </message>
  <message>
   <source>trainee</source>
   <translation>aprendiz</translation>
  </message>
  <message>
   <source>try HTML</source>
   <translation>pruebe con HTML</translation>
  </message>
  <message>
   <source>trying ...</source>
   <translation>probando ...</translation>
  </message>
  <message>
   <source>turning</source>
   <translation>gira</translation>
  </message>
  <message>
   <source>turning forward</source>
   <translation>gira hacia delante</translation>
  </message>
  <message>
   <source>twice</source>
   <translation>dos veces</translation>
  </message>
  <message>
   <source>two wires exchanged</source>
   <translation>dos cables cambiados</translation>
  </message>
  <message>
   <source>two wires that touch each other</source>
   <translation>dos cables que se tocan</translation>
  </message>
  <message>
   <source>type a number with its unit, as 1.1k ohm or 4.98V</source>
   <translation>escriba un número con su unidad, como 1,1k ohm o 4,98V</translation>
  </message>
  <message>
   <source>type a number, or leave it empty</source>
   <translation>escriba un número, o déjelo vacío</translation>
  </message>
  <message>
   <source>type a reading</source>
   <translation>escribir una lectura</translation>
  </message>
  <message>
   <source>type amperes as 0.007, 7m or 7 mA</source>
   <translation>escriba amperios como 0,007, 7m o 7 mA</translation>
  </message>
  <message>
   <source>type degrees as 20, in {}</source>
   <translation>escriba grados como 20, en {}</translation>
  </message>
  <message>
   <source>type hertz as 52, 1.2k or 52Hz</source>
   <translation>escriba hercios como 52, 1,2k o 52Hz</translation>
  </message>
  <message>
   <source>type it as on the sidewall: 205/55R16</source>
   <translation>escríbalo como en el flanco: 205/55R16</translation>
  </message>
  <message>
   <source>type metres as 1.93</source>
   <translation>escriba metros como 1,93</translation>
  </message>
  <message>
   <source>type ohms as 1100, 1.1k, 1k1, 4.8M or OL</source>
   <translation>escriba ohmios como 1100, 1,1k, 1k1, 4,8M u OL</translation>
  </message>
  <message>
   <source>type percent as 40</source>
   <translation>escriba porcentaje como 40</translation>
  </message>
  <message>
   <source>type seconds as 0.2 or 200m</source>
   <translation>escriba segundos como 0,2 o 200m</translation>
  </message>
  <message>
   <source>type the output per hertz as 2m or 2 mWb</source>
   <translation>escriba la salida por hercio como 2m o 2 mWb</translation>
  </message>
  <message>
   <source>type volts as 4.98, 500m, 0.5V or OL</source>
   <translation>escriba voltios como 4,98, 500m, 0,5V u OL</translation>
  </message>
  <message>
   <source>type what the meter shows</source>
   <translation>escriba la lectura</translation>
  </message>
  <message>
   <source>type what the meter shows, as 4M8, 0.5V or OL</source>
   <translation>escriba lo que muestra el multímetro, como 4M8, 0,5V u OL</translation>
  </message>
  <message>
   <source>type {} as 25</source>
   <translation>escriba {} como 25</translation>
  </message>
  <message>
   <source>type {}M for megohm, {} mohm for milliohm</source>
   <translation>escriba {}M para megaohmio, {} mohm para miliohmio</translation>
  </message>
  <message>
   <source>tyre</source>
   <translation>neumático</translation>
  </message>
  <message>
   <source>tyre </source>
   <translation>neumático </translation>
  </message>
  <message>
   <source>tyre of another size</source>
   <translation>neumático de otra medida</translation>
  </message>
  <message>
   <source>tyre size, pressure</source>
   <translation>medida del neumático, presión</translation>
  </message>
  <message>
   <source>under 1 %</source>
   <translation>&lt; 1 %</translation>
  </message>
  <message>
   <source>under 100 Ω</source>
   <translation>menos de 100 Ω</translation>
  </message>
  <message>
   <source>underbody</source>
   <translation>bajos</translation>
  </message>
  <message>
   <source>underbody </source>
   <translation>(bajos)</translation>
  </message>
  <message>
   <source>underbody, splash</source>
   <translation>bajos, salpica</translation>
  </message>
  <message>
   <source>undo, redo</source>
   <translation>deshacer, rehacer</translation>
  </message>
  <message>
   <source>unknown</source>
   <translation>incierto</translation>
  </message>
  <message>
   <source>unloaded, from the module</source>
   <translation>sin carga, desde el módulo</translation>
  </message>
  <message>
   <source>unlock it, or keep the password in ~/.pgpass</source>
   <translation>desbloquéelo o guarde la contraseña en ~/.pgpass</translation>
  </message>
  <message>
   <source>unplug</source>
   <translation>desenchufar</translation>
  </message>
  <message>
   <source>unplugged</source>
   <translation>desenchufado</translation>
  </message>
  <message>
   <source>up, down, Enter</source>
   <translation>arriba, abajo, Intro</translation>
  </message>
  <message>
   <source>variables declared by $var and changes behind #times</source>
   <translation>variables declaradas por $var y cambios tras #tiempos</translation>
  </message>
  <message>
   <source>vehicle</source>
   <translation>vehículo</translation>
  </message>
  <message>
   <source>verdict and why</source>
   <translation>juicio y por qué</translation>
  </message>
  <message>
   <source>very weak</source>
   <translation>muy débil</translation>
  </message>
  <message>
   <source>volts</source>
   <translation>voltios</translation>
  </message>
  <message>
   <source>volts of wire a, key on</source>
   <translation>voltios del cable a, contacto dado</translation>
  </message>
  <message>
   <source>volts of wire b, key on</source>
   <translation>voltios del cable b, contacto dado</translation>
  </message>
  <message>
   <source>warm</source>
   <translation>caliente</translation>
  </message>
  <message>
   <source>was %1</source>
   <translation>fue %1</translation>
  </message>
  <message>
   <source>was not brought over: stopped</source>
   <translation>no se llevó: detenido</translation>
  </message>
  <message>
   <source>was shortened by another program while it was read</source>
   <translation>fue acortado por otro programa mientras se leía</translation>
  </message>
  <message>
   <source>was taken over by another window</source>
   <translation>otra ventana se hizo cargo de él</translation>
  </message>
  <message>
   <source>was written by a newer version of the program</source>
   <translation>fue escrito por una versión más nueva del programa</translation>
  </message>
  <message>
   <source>was written to by another program while it was read</source>
   <translation>fue escrito por otro programa mientras se leía</translation>
  </message>
  <message>
   <source>watch the live speed</source>
   <translation>mirar la velocidad</translation>
  </message>
  <message>
   <source>waveform</source>
   <translation>forma de onda</translation>
  </message>
  <message>
   <source>way of joining wires</source>
   <translation>modo de unir cables</translation>
  </message>
  <message>
   <source>weak</source>
   <translation>débil</translation>
  </message>
  <message>
   <source>wet</source>
   <translation>mojado</translation>
  </message>
  <message>
   <source>what</source>
   <translation>qué</translation>
  </message>
  <message>
   <source>what I measure or look at, and how the car stands</source>
   <translation>qué mido o miro, y cómo está el coche</translation>
  </message>
  <message>
   <source>what is allowed</source>
   <translation>qué se permite</translation>
  </message>
  <message>
   <source>what is asked</source>
   <translation>qué se pregunta</translation>
  </message>
  <message>
   <source>what is wrong, as open or sensor-dead</source>
   <translation>qué está mal, como open o sensor-dead</translation>
  </message>
  <message>
   <source>what it gave</source>
   <translation>qué dio</translation>
  </message>
  <message>
   <source>what it means</source>
   <translation>qué significa</translation>
  </message>
  <message>
   <source>what it teaches</source>
   <translation>qué enseña</translation>
  </message>
  <message>
   <source>what the driver says, in a sentence</source>
   <translation>lo que dice el conductor, en una frase</translation>
  </message>
  <message>
   <source>what the other window had</source>
   <translation>lo que tenía la otra ventana</translation>
  </message>
  <message>
   <source>what the owner decided</source>
   <translation>lo que decidió el dueño</translation>
  </message>
  <message>
   <source>what the vehicle answers</source>
   <translation>qué responde el vehículo</translation>
  </message>
  <message>
   <source>what was seen</source>
   <translation>lo que se vio</translation>
  </message>
  <message>
   <source>wheel</source>
   <translation>rueda</translation>
  </message>
  <message>
   <source>wheel bend </source>
   <translation>(codo)</translation>
  </message>
  <message>
   <source>wheel speeds of the bus</source>
   <translation>velocidades de rueda del bus</translation>
  </message>
  <message>
   <source>wheelhouse</source>
   <translation>paso de rueda</translation>
  </message>
  <message>
   <source>wheelhouse </source>
   <translation>(paso de rueda)</translation>
  </message>
  <message>
   <source>when asked</source>
   <translation>si se le pregunta</translation>
  </message>
  <message>
   <source>when it occurs</source>
   <translation>cuándo ocurre</translation>
  </message>
  <message>
   <source>where</source>
   <translation>dónde</translation>
  </message>
  <message>
   <source>where it stands</source>
   <translation>cómo está</translation>
  </message>
  <message>
   <source>where it stood</source>
   <translation>cómo estaba</translation>
  </message>
  <message>
   <source>where, and how the car stood</source>
   <translation>dónde, y cómo estaba el coche</translation>
  </message>
  <message>
   <source>while the line is edited: add a plug, add a joint, take out, move</source>
   <translation>al editar la línea: conector, empalme, quitar, mover</translation>
  </message>
  <message>
   <source>whole bytes from 0</source>
   <translation>bytes enteros desde 0</translation>
  </message>
  <message>
   <source>wide gap</source>
   <translation>entrehierro excesivo</translation>
  </message>
  <message>
   <source>wider</source>
   <translation>más ancho</translation>
  </message>
  <message>
   <source>wiggle</source>
   <translation>meneo</translation>
  </message>
  <message>
   <source>wiggle watch: hands off</source>
   <translation>vigía de meneo: manos fuera</translation>
  </message>
  <message>
   <source>wiggle watch: which leg is being moved</source>
   <translation>vigía de meneo: qué tramo se mueve</translation>
  </message>
  <message>
   <source>wire</source>
   <translation>cable</translation>
  </message>
  <message>
   <source>wire </source>
   <translation>cable </translation>
  </message>
  <message>
   <source>wire %1</source>
   <translation>hilo %1</translation>
  </message>
  <message>
   <source>wire a</source>
   <translation>cable a</translation>
  </message>
  <message>
   <source>wire b</source>
   <translation>cable b</translation>
  </message>
  <message>
   <source>wire {}</source>
   <translation>cable {}</translation>
  </message>
  <message>
   <source>wire {}{} at {}</source>
   <translation>cable {}{} en {}</translation>
  </message>
  <message>
   <source>wires </source>
   <translation>cables </translation>
  </message>
  <message>
   <source>wires a and b joined</source>
   <translation>cables a y b unidos</translation>
  </message>
  <message>
   <source>wires crossed</source>
   <translation>cables cruzados</translation>
  </message>
  <message>
   <source>wires that touch</source>
   <translation>cables que se tocan</translation>
  </message>
  <message>
   <source>wires touching</source>
   <translation>cables que se tocan</translation>
  </message>
  <message>
   <source>withdraw a reading</source>
   <translation>retirar una lectura</translation>
  </message>
  <message>
   <source>withdrawn</source>
   <translation>retirada</translation>
  </message>
  <message>
   <source>withdrawn, kept</source>
   <translation>retirada, guardada</translation>
  </message>
  <message>
   <source>words of it: ohms, C1, codes, look, RL ...</source>
   <translation>palabras: ohm, C1, cod, RL ...</translation>
  </message>
  <message>
   <source>words to set where you click</source>
   <translation>palabras que poner donde pulse</translation>
  </message>
  <message>
   <source>work done</source>
   <translation>trabajo hecho</translation>
  </message>
  <message>
   <source>working on it ...</source>
   <translation>haciéndolo ...</translation>
  </message>
  <message>
   <source>worth</source>
   <translation>valía</translation>
  </message>
  <message>
   <source>would not be the same when the job is opened again</source>
   <translation>no sería lo mismo al abrir de nuevo el trabajo</translation>
  </message>
  <message>
   <source>write a list of texts, as ["C1", "C2"]</source>
   <translation>escriba una lista de textos, como ["C1", "C2"]</translation>
  </message>
  <message>
   <source>write a plain number without quotes</source>
   <translation>escriba un número simple sin comillas</translation>
  </message>
  <message>
   <source>write it in braces</source>
   <translation>escríbalo entre llaves</translation>
  </message>
  <message>
   <source>write it in braces, as {"id": ...}</source>
   <translation>escríbalo entre llaves, como {"id": ...}</translation>
  </message>
  <message>
   <source>write it in quotes</source>
   <translation>escríbalo entre comillas</translation>
  </message>
  <message>
   <source>write it in square brackets</source>
   <translation>escríbalo entre corchetes</translation>
  </message>
  <message>
   <source>write true or false without quotes</source>
   <translation>escriba true o false sin comillas</translation>
  </message>
  <message>
   <source>wrong parts</source>
   <translation>piezas erróneas</translation>
  </message>
  <message>
   <source>wrong sensor</source>
   <translation>sensor equivocado</translation>
  </message>
  <message>
   <source>wrong sensor fitted</source>
   <translation>sensor equivocado</translation>
  </message>
  <message>
   <source>wrong tyre</source>
   <translation>neumático equivocado</translation>
  </message>
  <message>
   <source>yes</source>
   <translation>sí</translation>
  </message>
  <message>
   <source>zone</source>
   <translation>zona</translation>
  </message>
  <message>
   <source>zoom</source>
   <translation>ampliar</translation>
  </message>
  <message>
   <source>{:.0f} % along </source>
   <translation>al {:.0f} % de </translation>
  </message>
  <message>
   <source>{:.0f} % of the telegrams say that the gap is at its limit: it still works, with no reserve.</source>
   <translation>{:.0f} % de los telegramas dicen que el entrehierro está en su límite: aún va, sin reserva.</translation>
  </message>
  <message>
   <source>{:.0f} % of {} at equal speed</source>
   <translation>{:.0f} % de {} a igual velocidad</translation>
  </message>
  <message>
   <source>{:.0f} closed jobs weigh in{}.</source>
   <translation>{:.0f} trabajos cerrados pesan aquí{}.</translation>
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
   <translation>{:.1f} vueltas</translation>
  </message>
  <message>
   <source>{:.2f} times the speed fed in: teeth or tyre set wrongly in the module.</source>
   <translation>{:.2f} veces la velocidad dada: dientes o neumático mal puestos en el módulo.</translation>
  </message>
  <message>
   <source>{:.2g} mWb</source>
   <translation>{:.2g} mWb</translation>
  </message>
  <message>
   <source>{:.3g} times {} ({}){}; at most {:.3g} either way is usual.</source>
   <translation>{:.3g} veces {} ({}){}; a lo sumo {:.3g} en ambos sentidos es usual.</translation>
  </message>
  <message>
   <source>{:.4g} Hz in place of the sensor</source>
   <translation>{:.4g} Hz en lugar del sensor</translation>
  </message>
  <message>
   <source>{:g} is no probability</source>
   <translation>{:g} no es una probabilidad</translation>
  </message>
  <message>
   <source>{:g} is out of range</source>
   <translation>{:g} está fuera de rango</translation>
  </message>
  <message>
   <source>{} ({}) was repeated and stands. Look for a second fault, or for what this list does not know.</source>
   <translation>{} ({}) se repitió y se mantiene. Busque una segunda avería, o lo que esta lista no conoce.</translation>
  </message>
  <message>
   <source>{} Eye protection; brake parts do not hang on the hose; mind brake dust.</source>
   <translation>{} Gafas; nada del freno cuelga del latiguillo; cuidado con el polvo de freno.</translation>
  </message>
  <message>
   <source>{} absent {} at even speed, in less than two turns: a tooth that is not there rather than a wire that lets go; turn the wheel twice round to see whether it comes again.</source>
   <translation>{} ausente {}, a velocidad pareja y en menos de dos vueltas: más bien un diente que falta que un cable que se suelta; dé dos vueltas para ver si vuelve.</translation>
  </message>
  <message>
   <source>{} along the line, {}, {}</source>
   <translation>{} a lo largo de la línea, {}, {}</translation>
  </message>
  <message>
   <source>{} always, {} switched: {:.1f} and {:.1f} mA{}; {:.2f} W</source>
   <translation>{} siempre, {} conmutado: {:.1f} y {:.1f} mA{}; {:.2f} W</translation>
  </message>
  <message>
   <source>{} gives {:.0f} % of the output of {} at equal speed ({:.3g} against {:.3g} mWb).</source>
   <translation>{} da {:.0f} % de la salida de {} a igual velocidad ({:.3g} frente a {:.3g} mWb).</translation>
  </message>
  <message>
   <source>{} gives {:.0f} % of the output of {} at equal speed: a gap too wide, a weak coil, or resistance in the line.</source>
   <translation>{} da {:.0f} % de la salida de {} a igual velocidad: entrehierro excesivo, bobina débil o resistencia en la línea.</translation>
  </message>
  <message>
   <source>{} good readings, {} to {}: median {}, spread {}, factor {:.2f} (95 % of parts, 95 % sure; ISO 16269-6)</source>
   <translation>{} lecturas buenas, {} a {}: mediana {}, dispersión {}, factor {:.2f} (95 % de las piezas, 95 % de certeza; ISO 16269-6)</translation>
  </message>
  <message>
   <source>{} has {} teeth, {} {}.</source>
   <translation>{} tiene {} dientes, {} {}.</translation>
  </message>
  <message>
   <source>{} here, {} on {}.</source>
   <translation>{} aquí, {} en {}.</translation>
  </message>
  <message>
   <source>{} is within ±{} of the {}: with this meter it cannot be told ({:.0f} % likely to keep it).</source>
   <translation>{} está a ±{} de {}: con este aparato no se sabe (con {:.0f} % lo cumple).</translation>
  </message>
  <message>
   <source>{} is {} the {}{}.</source>
   <translation>{} está {} de {}{}.</translation>
  </message>
  <message>
   <source>{} jobs</source>
   <translation>{} trabajos</translation>
  </message>
  <message>
   <source>{} keeps the {}.</source>
   <translation>{} cumple: {}.</translation>
  </message>
  <message>
   <source>{} of output per hertz {} the {}.</source>
   <translation>{} de salida por hercio {}: {}.</translation>
  </message>
  <message>
   <source>{} of these came back.</source>
   <translation>{} de ellos volvieron.</translation>
  </message>
  <message>
   <source>{} of {} made; {:.1f} % left to doubt{}.</source>
   <translation>{} de {} hechas; {:.1f} % de duda{}.</translation>
  </message>
  <message>
   <source>{} of {} sealed</source>
   <translation>{} de {} sellados</translation>
  </message>
  <message>
   <source>{} of {} steps ticked</source>
   <translation>{} de {} pasos marcados</translation>
  </message>
  <message>
   <source>{} of {} tests after the repair were as they should be.</source>
   <translation>{} de {} pruebas tras la reparación fueron como deben.</translation>
  </message>
  <message>
   <source>{} of {} tests made</source>
   <translation>{} de {} pruebas hechas</translation>
  </message>
  <message>
   <source>{} pulses followed each other without one missing.</source>
   <translation>{} pulsos se siguieron sin que faltara ninguno.</translation>
  </message>
  <message>
   <source>{} pulses of the right shape: the wheel hardly turned, too few to judge it by.</source>
   <translation>{} pulsos de forma correcta: la rueda apenas giró, muy pocos para juzgar.</translation>
  </message>
  <message>
   <source>{} pulses that quicken and slow: the wheel was rocked to and fro. Turn it round to judge it by.</source>
   <translation>{} pulsos que se aceleran y frenan: la rueda se movió de un lado a otro. Gírela entera para juzgarla.</translation>
  </message>
  <message>
   <source>{} pulses without a gap, even within {:.1f} %, {} peak to peak.{}{}{}</source>
   <translation>{} pulsos sin hueco, parejos al {:.1f} %, {} pico a pico.{}{}{}</translation>
  </message>
  <message>
   <source>{} readings</source>
   <translation>{} mediciones</translation>
  </message>
  <message>
   <source>{} readings hang on it</source>
   <translation>{} mediciones dependen de él</translation>
  </message>
  <message>
   <source>{} reads {}</source>
   <translation>{} lee {}</translation>
  </message>
  <message>
   <source>{} stretches of mere noise: a contact that crackles.</source>
   <translation>{} tramos de puro ruido: un contacto que crepita.</translation>
  </message>
  <message>
   <source>{} swings {:.0f} % of {} ({} against {}).</source>
   <translation>{} oscila {:.0f} % de {} ({} frente a {}).</translation>
  </message>
  <message>
   <source>{} teeth</source>
   <translation>{} dientes</translation>
  </message>
  <message>
   <source>{} times</source>
   <translation>{} veces</translation>
  </message>
  <message>
   <source>{} to {}</source>
   <translation>{} a {}</translation>
  </message>
  <message>
   <source>{} turns of {} teeth laid over each other, 0° is the first pulse</source>
   <translation>{} vueltas de {} dientes juntas, 0° es el primer pulso</translation>
  </message>
  <message>
   <source>{} was spun at {}, this one at {}: compared by volts per hertz.</source>
   <translation>{} se giró a {}, este a {}: comparado por voltios por hercio.</translation>
  </message>
  <message>
   <source>{} was {} before it began: trouble that began after a repair sits at the repair.</source>
   <translation>{}: {} antes de que empezara: lo que empezó tras una reparación está en la reparación.</translation>
  </message>
  <message>
   <source>{} was {} for this complaint{}.</source>
   <translation>{}: {} por esta queja{}.</translation>
  </message>
  <message>
   <source>{} where an open circuit was expected.</source>
   <translation>{} donde se esperaba un circuito abierto.</translation>
  </message>
  <message>
   <source>{}, by one witness</source>
   <translation>{}, por un testigo</translation>
  </message>
  <message>
   <source>{}, {:.0f} % along</source>
   <translation>{}, al {:.0f} %</translation>
  </message>
  <message>
   <source>{}, {} long, at {}</source>
   <translation>{}, durante {}, en {}</translation>
  </message>
  <message>
   <source>{}, {}, wire {}</source>
   <translation>{}, {}, cable {}</translation>
  </message>
  <message>
   <source>{}: "{}" is not known and counts for nothing; known are {}</source>
   <translation>{}: «{}» no se conoce y no cuenta; se conocen {}</translation>
  </message>
  <message>
   <source>{}: in {:.0f} of 100 such cases that cures it; price {:.0f}, about {:.0f} minutes.</source>
   <translation>{}: en {:.0f} de 100 casos así lo cura; precio {:.0f}, unos {:.0f} minutos.</translation>
  </message>
  <message>
   <source>{}: not the same</source>
   <translation>{}: no es igual</translation>
  </message>
  <message>
   <source>{}: values[{}]</source>
   <translation>{}: values[{}]</translation>
  </message>
  <message>
   <source>{}: {} in {:.0f} s, {:.1f} by chance{}</source>
   <translation>{}: {} en {:.0f} s, {:.1f} por azar{}</translation>
  </message>
  <message>
   <source>{}: {} is {:g} times as likely as usual{}; {} hardly.</source>
   <translation>{}: {} es {:g} veces más probable que de costumbre{}; {} apenas.</translation>
  </message>
  <message>
   <source>{}: {} only here, {} only there</source>
   <translation>{}: {} solo aquí, {} solo allí</translation>
  </message>
  <message>
   <source>{}{}rolling circumference {:.3f} m</source>
   <translation>{}{}circunferencia de rodadura {:.3f} m</translation>
  </message>
  <message>
   <source>Ω sense</source>
   <translation>Ω medida</translation>
  </message>
 </context>
</TS>
