<?php

declare(strict_types=1);

/** Steps of the installation card, by code and variant: what to do, and what one sees, hears or feels when it is done. */

return [
    'turn_lock' => [
        'step' => 'Gire la carcasa a la posición de viaje y bloquéela ahí.',
        'check' => 'Hace clic y no gira con la mano; su indicador dice bloqueado.',
    ],
    'close_covers' => [
        'step' => 'Cierre las tapas, guías y puertas del asiento.',
        'check' => 'Nada de la ruta del cinturón queda abierto; la funda queda plana.',
    ],
    'stow' => [
        'step' => 'Guarde cada correa que no se usa donde la guarda el asiento.',
        'check' => 'Nada cuelga suelto en el asiento ni a su lado.',
    ],
    'click_shell' => [
        'step' => 'Ponga la carcasa sobre la base y presione hacia abajo.',
        'check' => 'Hace clic y no se levanta al tirar hacia arriba.',
    ],
    'indicators' => ['step' => 'Mire cada indicador de la base y de la carcasa.', 'check' => 'Todos dicen bloqueado, de ambos lados.'],
    'side_pod/door_side' => [
        'step' => 'Saque la protección lateral del lado de la puerta, solo esa.',
        'check' => 'Hace clic y se queda afuera.',
    ],
    'side_pod/both' => ['step' => 'Saque ambas protecciones laterales.', 'check' => 'Ambas hacen clic y se quedan afuera.'],
    'side_pod/none' => [
        'step' => 'Pliegue las protecciones laterales: en este lugar ninguna va afuera.',
        'check' => 'Ambas quedan planas contra la carcasa.',
    ],
    'hook_anchors' => [
        'step' => 'Enganche ambos extremos a los anclajes inferiores de este lugar.',
        'check' => 'Cada uno hace clic, en la posición que muestra el fabricante, y aguanta al tirar.',
    ],
    'tighten_anchors' => [
        'step' => 'Tire del extremo de la correa para apretarla, poco a poco.',
        'check' => 'La correa ya no cede; su extremo queda enrollado y guardado.',
    ],
    'prove/anchors' => [
        'step' => 'Compruébelo: tire con firmeza de la correa en ambos ganchos.',
        'check' => 'No cede, y ningún gancho se mueve por su barra.',
    ],
    'store_belt' => [
        'step' => 'Guarde el cinturón del vehículo como indica el manual del vehículo.',
        'check' => 'Queda fuera del alcance del niño y no estorba al asiento.',
    ],
    'booster_anchors' => [
        'step' => 'Enganche el elevador a los anclajes inferiores.',
        'check' => 'Cada gancho hace clic y aguanta al tirar.',
    ],
    'tighten_anchors/booster' => ['step' => 'Apriete sus correas.', 'check' => 'El elevador se queda en su lugar cuando va vacío.'],
    'vehicle_back' => [
        'step' => 'Ponga vertical el respaldo del vehículo.',
        'check' => 'Queda vertical y hace clic; no hay nada entre él y el asiento.',
    ],
    'front_seat' => [
        'step' => 'Mueva hacia adelante el asiento de adelante, tanto como permita su ocupante.',
        'check' => 'El asiento infantil queda separado o lo roza apenas; no lo presiona.',
    ],
    'head_restraint/removed' => [
        'step' => 'Quite el apoyacabezas del vehículo, como permite su manual, y guárdelo en el vehículo.',
        'check' => 'Respaldo contra respaldo. Se pone de nuevo para quien se siente aquí después.',
    ],
    'head_restraint/raised' => [
        'step' => 'Suba el apoyacabezas del vehículo.',
        'check' => 'Hace clic y ya no empuja el asiento infantil hacia adelante.',
    ],
    'head_restraint/pushes' => [
        'step' => 'Suba el apoyacabezas del vehículo, o quítelo si su manual lo permite.',
        'check' => 'Ya no separa el asiento infantil del respaldo.',
    ],
    'place_base' => [
        'step' => 'Ponga la base sobre el cojín, todavía sin la carcasa.',
        'check' => 'Queda plana, y descansa lo suficiente sobre el cojín.',
    ],
    'weight' => [
        'step' => 'Ponga peso en el asiento sobre la ruta del cinturón: con la mano, la rodilla o la cadera desde atrás, como permita el '
            . 'fabricante y no más de lo necesario.',
        'check' => 'El asiento se hunde en el cojín y se queda abajo.',
    ],
    'buckle' => ['step' => 'Abroche.', 'check' => 'Hace clic y no se suelta al tirar.'],
    'slack' => ['step' => 'Quite la holgura, primero la parte abdominal.', 'check' => 'El cinturón queda ceñido en todo su recorrido.'],
    'retractor_end' => ['step' => 'Saque despacio el cinturón del hombro hasta el final.', 'check' => 'Llega al tope; ya no sale más.'],
    'retractor_feed' => [
        'step' => 'Déjelo volver y devuelva la holgura al retractor.',
        'check' => 'Se oye o se siente el trinquete, que puede ser muy silencioso; no vuelve a salir.',
    ],
    'tighten' => [
        'step' => 'Tire del cinturón del hombro desde dentro del asiento, cerca de la hebilla; mueva el asiento de lado a lado.',
        'check' => 'La cinta ya no cede.',
    ],
    'close_door' => [
        'step' => 'Cierre la puerta de sujeción sobre el cinturón.',
        'check' => 'Hace clic de ambos lados y no se puede levantar.',
    ],
    'child_in/harness' => [
        'step' => 'Siente al niño con la cadera y la espalda contra el asiento, sin abrigo.',
        'check' => 'No hay nada detrás ni debajo del niño.',
    ],
    'tongues' => ['step' => 'Inserte las lengüetas, una por una.', 'check' => 'Cada una hace clic y no sale al tirar.'],
    'hips' => ['step' => 'Recoja la holgura desde la cadera.', 'check' => 'Las correas quedan planas y ceñidas sobre la cadera.'],
    'harness_tighten' => [
        'step' => 'Tire del ajustador hasta que las correas queden ceñidas en el hombro.',
        'check' => 'Las correas quedan rectas y no se clavan.',
    ],
    'chest_clip' => ['step' => 'Cierre el broche de pecho y súbalo.', 'check' => 'Hace clic, a la altura de las axilas.'],
    'lap_guides' => [
        'step' => 'Pase la parte abdominal por debajo de ambos apoyabrazos; del lado de la hebilla van las dos partes por debajo.',
        'check' => 'La parte abdominal queda baja sobre los muslos.',
    ],
    'shoulder_guide' => [
        'step' => 'Pase la parte del hombro por su guía.',
        'check' => 'Corre libre por ella, al nivel del hombro o apenas por encima.',
    ],
    'child_in/belt_only' => [
        'step' => 'Siente al niño con la espalda contra el asiento del vehículo.',
        'check' => 'Las rodillas doblan en el borde del asiento, y el niño puede quedarse así todo el viaje.',
    ],
    'belt_check' => [
        'step' => 'Mire el cinturón sobre el niño.',
        'check' => 'La parte abdominal queda baja sobre los muslos; la del hombro cruza el centro del pecho y el hombro, sin tocar el '
            . 'cuello, ceñida.',
    ],
    'draw_little' => ['step' => 'Saque solo el cinturón necesario para abrochar.', 'check' => 'No quedan lazos de cinturón en el asiento.'],
    'plate_pull' => [
        'step' => 'Tire de la parte abdominal hacia arriba por la placa de enganche, a lo largo del cinturón.',
        'check' => 'La placa agarra: la cinta no se regresa al soltarla.',
    ],
    'plate_switch' => [
        'step' => 'Ponga el botón o la palanca de la placa de enganche en bloqueo.',
        'check' => 'Su botón o palanca está en la posición de bloqueo.',
    ],
    'dead_zone' => [
        'step' => 'Saque el cinturón de un solo tirón, más allá del tramo en que corre libre, y sosténgalo.',
        'check' => 'Se deja sacar lo suficiente para llegar a la hebilla.',
    ],
    'retractor_take_up' => [
        'step' => 'Deje que el cinturón se enrolle solo, dándole la holgura.',
        'check' => 'Entra con trinquete y no vuelve a salir.',
    ],
    'retractor_length' => [
        'step' => 'Para hallar el largo puede bloquear el retractor: saque el cinturón despacio hasta el final y déjelo volver.',
        'check' => 'Hace trinquete; este bloqueo se quita después.',
    ],
    'pinch' => [
        'step' => 'Junte con los dedos la parte abdominal y la del hombro justo en la placa de enganche y no las suelte.',
        'check' => 'Ninguna parte resbala entre los dedos.',
    ],
    'unbuckle' => ['step' => 'Desabroche sin soltar el pellizco.', 'check' => 'Las dos partes siguen sujetas en el mismo punto.'],
    'rebuckle' => [
        'step' => 'Abroche otra vez mientras otra persona empuja la hebilla hacia arriba desde abajo; incline el asiento lejos de la '
            . 'hebilla y luego enderécelo.',
        'check' => 'Entra con fuerza y hace clic; si fue fácil, el clip quedó muy flojo.',
    ],
    'head_rest/harness' => [
        'step' => 'Ajuste la cabecera para este niño, apenas por encima de los hombros.',
        'check' => 'Hace clic; la cabeza no queda empujada hacia adelante.',
    ],
    'head_rest/booster' => [
        'step' => 'Suba la cabecera hasta que su guía del cinturón quede al nivel del hombro o apenas por encima.',
        'check' => 'Hace clic; las orejas quedan por debajo de su borde.',
    ],
    'recline/indicator' => [
        'step' => 'Ajuste la reclinación según el indicador del asiento para este niño.',
        'check' => 'Está donde pide el indicador, con el vehículo en suelo nivelado.',
    ],
    'tether_hook' => [
        'step' => 'Enganche la correa superior{at, select, seat_back {, detrás del respaldo del vehículo} shelf {, en la repisa detrás '
            . 'del asiento} floor {, en el piso detrás del asiento} roof {, en el techo} boot {, en la cajuela} wall {, en la pared '
            . 'detrás del asiento} other {}}, pasándola alrededor del apoyacabezas como indica el vehículo.',
        'check' => 'Está en un verdadero anclaje de correa superior, en su posición, con la correa plana.',
    ],
    'tether_tighten' => ['step' => 'Tense la correa superior.', 'check' => 'No queda holgura en la correa.'],
    'tether_tighten/rear' => [
        'step' => 'Quite la holgura de la correa superior; no arrastre el asiento.',
        'check' => 'No queda holgura y el asiento no se movió.',
    ],
    'handle' => ['step' => 'Ponga el asa en una posición de viaje: {handles}.', 'check' => 'Hace clic de ambos lados.'],
    'movement' => [
        'step' => 'Pruebe el movimiento en la ruta del cinturón: con la mano menos hábil y la fuerza de un apretón de manos.',
        'check' => 'Se mueve {known, select, inclusive {no más de {limit}} below {menos de {limit}} other {no más de lo que permite su '
            . 'fabricante}}, de lado a lado y de adelante hacia atrás.',
    ],
    'movement/tether' => [
        'step' => 'Pruebe el movimiento en la ruta del cinturón, con la correa superior todavía floja: con la mano menos hábil y la '
            . 'fuerza de un apretón de manos.',
    ],
    'movement_again' => [
        'step' => 'Pruebe otra vez el movimiento en la ruta del cinturón.',
        'check' => 'Se mueve {known, select, inclusive {no más de {limit}} below {menos de {limit}} other {no más de lo que permite su '
            . 'fabricante}}, de lado a lado y de adelante hacia atrás.',
    ],
    'level' => [
        'step' => 'Lea la reclinación en suelo nivelado.',
        'check' => 'El indicador está donde debe, o el ángulo está en el rango del asiento.',
    ],
    'level/zones' => ['check' => 'El indicador está en la zona para este niño.'],
    'level_again' => [
        'step' => 'Lea otra vez la reclinación: una correa superior puede arrastrar el asiento.',
        'check' => 'El indicador está donde debe, o el ángulo está en el rango del asiento.',
    ],
    'level_again/zones' => ['check' => 'El indicador está en la zona para este niño.'],
    'anchor_straps_long' => [
        'step' => 'Alargue las correas de anclaje y páselas por la {path, select, rear {ruta para mirar hacia atrás, debajo de las '
            . 'piernas del niño} other {ruta para mirar hacia adelante, detrás de la espalda del niño}}.',
        'check' => 'Quedan planas, y ambos ganchos llegan al pliegue sin tirar.',
    ],
    'wedge' => [
        'step' => 'Ponga {stack} a lo largo del pliegue del asiento del vehículo, debajo del borde de la base.',
        'check' => 'Queda recto en todo el ancho de la base y no se sale rodando.',
    ],
    'place_seat' => ['check' => 'Queda plano, y la base descansa lo suficiente sobre el cojín.'],
    'place_seat/rear' => ['step' => 'Ponga el asiento sobre el cojín, mirando hacia atrás.'],
    'place_seat/backless' => ['step' => 'Ponga el elevador sobre el cojín, contra el respaldo del vehículo.'],
    'place_seat/forward' => ['step' => 'Póngalo sobre el cojín mirando hacia adelante, respaldo contra respaldo.'],
    'open_path' => [
        'step' => 'Abra la {path, select, rear {ruta para mirar hacia atrás, debajo de las piernas del niño} other {ruta para mirar hacia '
            . 'adelante, detrás de la espalda del niño}}: tapas y puertas arriba, correas a un lado.',
        'check' => 'Se ve de un extremo al otro; ninguna correa del asiento está en ella.',
    ],
    'thread' => [
        'step' => 'Pase {webbing, select, lap_belt {el cinturón abdominal} lap {solo la parte abdominal} both {juntas la parte abdominal '
            . 'y la del hombro} other {el cinturón}} por la {path, select, rear {ruta para mirar hacia atrás, debajo de las piernas del '
            . 'niño} other {ruta para mirar hacia adelante, detrás de la espalda del niño}}.',
        'check' => 'Queda plano de un extremo al otro, sin torceduras, en las guías del asiento.',
    ],
    'buckle_turns' => [
        'step' => 'Gire el tallo de la hebilla hacia abajo {turns, select, 0_5 {media vuelta} 1 {una vuelta completa} 1_5 {una vuelta y '
            . 'media} 2 {dos vueltas completas} 2_5 {dos vueltas y media} other {tres vueltas completas}}, contando en voz alta; tres es '
            . 'el máximo.',
        'check' => 'La lengüeta todavía entra recta y la hebilla queda fuera de la ruta del cinturón.',
    ],
    'prove' => [
        'step' => 'Compruebe el bloqueo: tire con firmeza {lock, select, latch_plate {de la parte abdominal} other {del cinturón del '
            . 'hombro y de la parte abdominal}}.',
        'check' => 'No cede ni se alarga.',
    ],
    'close_lockoff' => [
        'step' => 'Cierre el bloqueador sobre el cinturón{side, select, unsaid {} buckle_side {, del lado de la hebilla} shoulder_side {, '
            . 'del lado del hombro} other {, de ambos lados}}.',
        'check' => 'Cierra con un chasquido y la cinta queda plana en él.',
    ],
    'clip_on' => [
        'step' => 'Ponga el clip en las dos partes, {known, select, yes {a no más de {limit}} other {tan cerca como dice su manual}} de '
            . 'la placa.',
        'check' => 'Ambas capas quedan planas debajo de las cuatro puntas.',
    ],
    'retractor_free' => [
        'step' => 'Deje que el retractor enrolle lo que sobra.',
        'check' => 'La parte del hombro sale y vuelve libremente.',
    ],
    'retractor_free/switchable' => [
        'step' => 'Deje que el cinturón se enrolle por completo una vez, para que el retractor quede libre otra vez.',
    ],
    'strap_test/pinch' => [
        'step' => 'Trate de pellizcar la correa a lo largo en el hombro.',
        'check' => 'Los dedos resbalan; no queda cinta entre ellos.',
    ],
    'strap_test/finger' => ['step' => 'Meta un dedo plano entre la correa y el niño en el hombro.', 'check' => 'Entra un dedo, dos no.'],
    'child_in/booster' => [
        'step' => 'Siente al niño con la cadera y la espalda contra el elevador{back, select, yes {} other { y el asiento del vehículo}}.',
        'check' => 'El niño puede quedarse así todo el viaje.',
    ],
    'belt_child' => [
        'step' => 'Abroche el cinturón sobre el niño y recoja la holgura.',
        'check' => 'Hace clic; el cinturón no está bloqueado y corre libre.',
    ],
    'belt_child/belt_only' => ['check' => 'Hace clic.'],
    'parts' => [
        'step' => '{what, select, on {Ponga: {on}} off {Quite: {off}} other {Ponga: {on}; quite: {off}}}.',
        'check' => 'Lo que se puso queda firme y no se mueve al tirar.',
    ],
    'parts/off' => ['check' => 'Nada de eso queda en el asiento.'],
    'slots' => [
        'step' => 'Pase las correas del hombro a la ranura {slot}, contando desde la más baja.',
        'check' => 'Ambas correas salen a la misma altura, quedan planas y no se salen por detrás.',
    ],
    'slots/unknown' => ['step' => 'Pase las correas del hombro a las ranuras correctas para este hombro.'],
    'crotch' => [
        'step' => 'Pase la correa de la entrepierna a la ranura {slot}, contando desde atrás.',
        'check' => 'Sube por delante del niño, que no queda sentado sobre ella.',
    ],
    'crotch/nearest' => [
        'step' => 'Pase la correa de la entrepierna a la ranura más cercana que quede libre del niño: {slots}, contando desde atrás.',
    ],
    'insert' => [
        'step' => 'Para este peso el asiento tiene un reductor: {has}. Póngalo como indica su manual.',
        'check' => 'Queda plano detrás de las correas y no empuja la cabeza hacia adelante.',
    ],
    'insert/open' => [
        'step' => 'Vea en el manual si el reductor {insert} es para el peso de este niño; si no, quítelo.',
        'check' => 'En el asiento solo queda lo que el fabricante da para este peso.',
    ],
    'insert/out' => ['step' => 'Quite el reductor {insert}: no es para este niño.', 'check' => 'No queda nada debajo ni detrás del niño.'],
    'insert/instead' => [
        'step' => 'Quite el reductor {insert}; para este peso el asiento tiene: {has}.',
        'check' => 'En el asiento solo queda lo que el fabricante da para este peso.',
    ],
    'recline' => [
        'step' => 'Ponga la reclinación en {settings}, para un niño de este peso.',
        'check' => 'Encaja en la posición con un clic y se queda ahí.',
    ],
    'recline/weigh' => ['step' => 'Pese al niño y ponga la reclinación que el manual da para ese peso.'],
    'recline/ask' => ['step' => 'Consulte la reclinación en el manual del asiento: no se da ninguna para este peso.'],
    'foot' => ['step' => 'Ponga el pie de la base en: {foot}.', 'check' => 'Queda firme, igual de ambos lados.'],
    'notices' => [
        'nothing_locks' => 'No se conoce nada que bloquee este cinturón para este asiento: elija otra manera de sujetarlo u otro lugar.',
        'claimed' => 'Lo que se dice que bloquea ahora el cinturón no sostiene aquí; estos pasos usan lo que sí.',
        'unlocked' => 'Nada bloquea ahora el cinturón; estos pasos usan lo que puede hacerlo.',
        'otherwise' => 'Ahora no está sujeto con el cinturón; estos pasos muestran cómo lo sujetaría el cinturón.',
    ],
];
