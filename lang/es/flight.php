<?php

declare(strict_types=1);

/** Whether a seat may be used on an aircraft, and how. */

return [
    'booster' => 'Los elevadores no se pueden usar en un avión: no hay cinturón de hombro.',
    'not_certified' => 'Su etiqueta no dice que está certificado para aeronaves.',
    'base' => 'Su carcasa tendría que sujetarse sin la base, y su fabricante no lo permite.',
    'outside' => 'El niño está fuera de los límites de este modo de viajar: {why}.',
    'yes' => 'Su etiqueta dice que está certificado para aeronaves, y el niño está dentro de sus límites hasta donde se conocen aquí.',
    'how' => 'Indique cómo se usará: mirando hacia atrás o hacia adelante. Un elevador nunca se usa.',
    'wording' => 'Busque en la etiqueta palabras como estas: «This restraint is certified for use in motor vehicles and aircraft».',
    'look_base' => 'Mire si su carcasa se separa de una base, que se queda. Una carcasa que solo gira sobre su base no se separa.',
    'ask_base' => 'Consulte en su manual si la carcasa se puede sujetar sin su base.',
    'weigh' => 'Los límites del asiento valen también en el aire: pese y mida al niño, y vea cómo se sienta.',
    'harness' => 'Su propio arnés sujeta al niño.',
    'unsound' => 'Su revisión dice que no se puede usar: lo que no puede ir por carretera no puede volar.',
    'certified' => 'Su etiqueta dice que está certificado para aeronaves.',
    'baseless' => 'Su fabricante permite sujetar la carcasa sin su base, que se queda.',
    'fits' => 'El niño está dentro de sus límites hasta donde se conocen aquí.',
    'before' => [
        'airline' => 'Avise a la aerolínea que lleva un asiento y pregunte en qué lugares lo permite. Ella decide.',
        'label' => 'Sepa dónde está la etiqueta con esas palabras y lleve el manual: la tripulación puede pedir ambos.',
        'measure' => 'Mida el asiento donde es más ancho y pregunte qué ancho tienen los lugares entre los reposabrazos.',
        'width' => 'Mide {width} de ancho: pregunte qué ancho tienen los lugares entre los reposabrazos.',
        'carry' => 'Súbalo a la cabina. En la bodega nadie ve lo que le pasa.',
    ],
    'aboard' => [
        'window' => 'Tome un lugar que mire hacia adelante, primero junto a la ventanilla, para que nadie tenga que pasar por encima; '
            . 'nunca en una fila de salida.',
        'base' => 'La base se queda: la carcasa se sujeta por su propia ruta.',
        'setting' => 'Ponga su reclinación en {settings}{several, select, yes {, como permite su fabricante para este peso} other {, la '
            . 'que permite su fabricante para este peso}}.',
        'handle' => 'Ponga el asa en una posición de viaje: {handles}.',
        'path' => 'Solo el cinturón abdominal: páselo por la ruta {path, select, rear {hacia atrás, bajo las piernas del niño} other '
            . '{hacia adelante, detrás de la espalda del niño}}, plano, y abróchelo.',
        'both' => 'En un vehículo su fabricante quiere la parte abdominal y la diagonal por la ruta. Un avión solo tiene la abdominal: '
            . 'lea antes lo que su manual dice del avión.',
        'tighten' => 'Ponga su peso en el asiento y tire del extremo libre. Mantiene su longitud por sí solo: sin clip de bloqueo.',
        'buckle' => 'Vea que la hebilla aún se pueda abrir. Si queda donde la mano no llega, pida a la tripulación un cinturón más largo '
            . 'u otro lugar.',
        'straps' => 'Allí no hay correa superior ni anclajes inferiores: guarde ambas correas en el asiento.',
        'level' => 'Ajuste su línea de nivel o indicador como en el vehículo{known, select, both {, de {least} a {most} desde la '
            . 'vertical} least {, al menos {least} desde la vertical} most {, como máximo {most} desde la vertical} other {}}, con el '
            . 'avión parado. No más vertical: la cabeza de un niño pequeño cae hacia adelante.',
        'upright' => 'Puede ir más vertical que {known, select, both {{least} a {most}} least {{least}} most {{most}} other {su línea de '
            . 'nivel}}: su fabricante lo permite para un niño que se sienta solo, y este se sienta. Ayuda en filas estrechas.',
        'upright_if' => 'Ajústelo como en el vehículo{known, select, both {, de {least} a {most} desde la vertical} least {, al menos '
            . '{least} desde la vertical} most {, como máximo {most} desde la vertical} other {}}. Solo un niño que se sienta sin ayuda '
            . 'puede llevarlo más vertical; su fabricante lo permite.',
        'child' => 'Sin abrigo, correas planas y ajustadas como en el vehículo, al rodar, despegar y aterrizar y siempre que la señal '
            . 'esté encendida; mejor todo el viaje.',
    ],
    'out' => [
        'wait' => 'Deje salir primero a los demás: así nadie pasa por encima.',
        'open' => 'Abra la hebilla, afloje el cinturón y sáquelo de la ruta. Se queda en el avión.',
        'all' => 'Llévese todas sus piezas y correas{base, select, yes {; la base espera en su propio vehículo} other {}}.',
        'hold' => 'Si viajó en la bodega: busque grietas, piezas dobladas o faltantes antes de que alguien viaje en él.',
    ],
    'car' => [
        'belt' => '{base, select, yes {Sin su base la carcasa se sujeta por su propia ruta} other {Lo sujeta el cinturón}}: {webbing, '
            . 'select, both {la parte abdominal y la diagonal} lap {solo la parte abdominal} other {las partes que indica su manual}} por '
            . 'la ruta {path, select, rear {hacia atrás} other {hacia adelante}}.',
        'lock' => 'Ese cinturón se puede bloquear. {because}',
        'no_lock' => 'Nada fija la longitud de ese cinturón para este asiento: tome otro lugar u otro vehículo.',
        'look' => 'El cinturón de un vehículo debe bloquearse. Tire despacio hasta el final y déjelo volver, y deslice su lengüeta: lo '
            . 'que ahí agarra lo bloquea.',
        'tether' => 'Enganche de nuevo su correa superior y ajústela.',
        'level' => 'Ajuste de nuevo su línea de nivel o indicador: cada asiento de vehículo tiene otra inclinación.',
        'handle' => 'Si el asiento delantero queda cerca, otra posición permitida del asa puede dar espacio: {handles}.',
        'room' => 'Con el asa en la otra posición permitida hay {room} más de espacio hasta el asiento delantero.',
        'movement' => 'Pruebe su movimiento en la ruta del cinturón, de lado a lado y de adelante atrás, como en casa.',
    ],
    'title' => 'En el avión',
    'parts' => [
        'points' => 'Lo que lo decide',
        'before' => 'Antes del día',
        'aboard' => 'En el avión',
        'out' => 'Al sacarlo',
        'car' => 'El vehículo al llegar',
    ],
    'print' => 'Una página para imprimir',
    'of_check' => '{name}{known, select, yes {: {seat}} other {}}',
    'caution' => 'La aerolínea decide dónde puede ir un asiento, y su tripulación tiene la última palabra. El manual del asiento está por '
        . 'encima de esta página.',
    'back' => 'Volver a la revisión',
    'open' => 'Mire o pregunte antes de seguir esta página: {what}.',
    'to_calculator' => 'Volver a lo preguntado',
    'bus' => 'Lo que es de un autobús no se puede usar en un avión: ni chaleco ni arnés sujeto al respaldo.',
];
