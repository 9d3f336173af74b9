<?php

declare(strict_types=1);

/** What the drawings show, in words. */

return [
    'plan' => [
        'nowhere' => '{who} todavía no tiene lugar.',
        'at' => '{who} está en {at}.',
        'unknown' => '{place}: todavía no se sabe nada.',
        'place' => '{place}: {signs}.',
    ],
    'car' => [
        'none' => 'No se ha ingresado el vehículo.',
        'place' => '{place}: {known, select, yes {{signs}} other {todavía no se sabe nada}}{here, select, yes {; aquí está el asiento} '
            . 'other {}}.',
        'signs' => [
            'belt' => '{is, select, lap_shoulder {cinturón de tres puntos} lap {solo cinturón abdominal} other {sin cinturón}}',
            'lower_anchors' => '{is, select, yes {anclajes inferiores} other {sin anclajes inferiores}}',
            'tether_anchor' => '{is, select, yes {anclaje de correa superior} other {sin anclaje de correa superior}}',
            'airbag' => 'bolsa de aire enfrente',
            'side_facing' => 'mira de lado',
            'taken' => 'ocupado',
        ],
    ],
    'child' => [
        'shoulder' => '{known, select, yes {El hombro está a {shoulder} sobre el cojín.} other {No se ha medido el hombro.}}',
        'slot' => '{known, select, yes {Las correas salen de la ranura {slot}.} other {No se conoce la ranura en uso.}}',
        'right' => '{known, select, yes {La ranura {slot} es la correcta.} other {Todavía no se puede decir qué ranura es la correcta.}}',
        'clip' => '{clip, select, unknown {No se ha mirado el broche de pecho.} high {El broche de pecho está muy alto.} armpit {El '
            . 'broche de pecho está en las axilas.} low {El broche de pecho está muy bajo.} other {El broche de pecho está abierto.}}',
        'tight' => '{passes, select, yes {Las correas están ceñidas.} no {Las correas están flojas.} other {No se ha hecho la prueba de '
            . 'tensión.}}',
        'lap' => '{lap, select, thighs {La parte abdominal está sobre los muslos.} belly {La parte abdominal está sobre el vientre.} '
            . 'other {No se ha mirado la parte abdominal.}}',
        'shoulder_part' => '{shoulder, select, neck {La parte del hombro está en el cuello.} mid_chest {La parte del hombro cruza el '
            . 'centro del pecho.} off_shoulder {La parte del hombro está fuera del hombro.} other {No se ha mirado la parte del hombro.}}',
        'belt_only' => 'El niño viaja solo con el cinturón.',
        'unknown' => 'Todavía no se sabe cómo viaja el niño.',
    ],
    'side' => [
        'indicator' => '{indicator, select, in {El indicador de reclinación está en su zona.} too_upright {El indicador de reclinación '
            . 'dice demasiado vertical.} too_flat {El indicador de reclinación dice demasiado acostado.} other {No se ha leído el '
            . 'indicador de reclinación.}}',
        'angle' => 'El respaldo de la carcasa se inclina {angle} desde la vertical.',
        'range' => 'El asiento permite de {min} a {max}.',
        'overhang' => '{known, select, yes {La base sobresale {overhang} del borde del cojín.} other {No se ha medido el saliente.}}',
        'under' => '{wedge, select, noodle {Hay un tubo de espuma debajo del asiento.} towel {Hay una toalla debajo del asiento.} other '
            . '{No hay nada debajo del asiento.}}',
        'wedge' => 'Para ganar lo que falta, levante el pliegue {lift}: {stack} da {gain}.',
        'tether' => '{used, select, yes {La correa superior está enganchada.} other {La correa superior no se usa.}}',
    ],
    'route' => [
        'booster' => 'El cinturón del vehículo sostiene al niño; el elevador no necesita nada, o sus anclajes donde el fabricante lo '
            . 'permite.',
        'none' => 'Aquí no se sujeta ningún asiento.',
        'held' => '{held, select, belt {El cinturón del vehículo sujeta el asiento.} lower_anchors {Los anclajes inferiores sujetan el '
            . 'asiento.} both {El cinturón y los anclajes inferiores están puestos.} nothing {Nada sujeta el asiento.} other {Todavía no '
            . 'se sabe qué sujeta el asiento.}}',
        'path' => '{path, select, rear {La cinta pasa debajo de las piernas, la ruta para mirar hacia atrás{right, select, yes {} other '
            . '{: la equivocada para esta dirección}}.} forward {La cinta pasa detrás de la espalda, la ruta para mirar hacia '
            . 'adelante{right, select, yes {} other {: la equivocada para esta dirección}}.} other {Todavía no se sabe por qué ruta pasa '
            . 'la cinta.}}',
        'fixed' => '{fixed, select, yes {Su largo lo fija: {locks}.} no {Nada fija su largo.} other {Todavía no se puede decir si algo '
            . 'fija su largo.}}',
        'twisted' => 'La cinta está torcida.',
    ],
    'label' => [
        'made' => '{date, select, whole {Fabricado: {made}.} part {Fabricado: {made}; el resto de la fecha no está en la etiqueta.} other '
            . '{No se sabe cuándo se fabricó.}}',
        'today' => 'Hoy es {today}.',
        'expires' => '{known, select, yes {Primer día en que ya no se usa: {expires}.} other {No se sabe hasta cuándo puede usarse.}}',
        'recall' => 'Retiro {campaign}: {covers, select, remedied {consta como corregido en este asiento} covers {incluye este asiento} '
            . 'may {puede incluir este asiento} other {nombra un asiento así, pero no de esa fecha}}.',
    ],
    'parts' => [
        'names' => [
            'shell' => 'Carcasa',
            'harness' => 'Arnés',
            'buckle' => 'Hebilla',
            'adjuster' => 'Ajustador',
            'tether' => 'Correa superior',
            'base' => 'Base',
            'label' => 'Etiqueta',
        ],
        'part' => '{part}: {state, select, damaged {dañada} missing {falta} missing_minor {falta, no soporta carga} whole {entera} other '
            . '{todavía sin mirar}}.',
        'extra' => '{name}, {approved, select, yes {aprobado por el fabricante} no {no es del fabricante} other {no se sabe si está '
            . 'aprobado}}',
        'also' => 'También: {other}.',
        'added' => '{added, select, unknown {Todavía no se sabe si se agregó algo.} nothing {No se agregó nada.} other {Agregado: '
            . '{extras}.}}',
    ],
    'movement' => [
        'limit' => 'Límite: {inclusive, select, yes {no más de} other {menos de}} {limit}.',
        'try' => '{way}, intento {number}: {moved}, {within, select, yes {dentro del límite} other {demasiado}}.',
        'felt' => '{way}, intento {number}: al tacto, {felt, select, still {quieto} within {dentro del límite} other {más del límite}}.',
    ],
    'plane' => [
        'child' => '{known, select, yes {El niño pesa {weight} y mide {height}.} other {No se ha pesado ni medido al niño.}}',
        'mode' => '{mode}: {fits, select, until {le queda, según la estimación hasta {until}} yes {le queda} no {no le queda} other '
            . '{todavía no se puede decir}}.',
    ],
    'labels' => [
        'path' => ['rear' => 'ruta mirando hacia atrás', 'forward' => 'ruta mirando hacia adelante'],
        'slot' => '{number}{right, select, yes { bien} other {}}{allowed, select, yes {} other { aquí no}}',
        'shoulder' => '¿hombro?',
        'rider' => '{ghost, select, yes {Propuesta: } other {}}Niño {rider} en {place}',
        'field' => '{known, select, yes {{mode}, hasta {leaves}} other {{mode}}}',
        'nothing' => 'nada',
        'not_looked' => 'todavía sin mirar',
        'side' => 'El asiento de lado, a escala',
        'over_edge' => 'pasa del borde',
        'in_words' => 'Lo mismo en palabras',
        'route' => 'Lo que sujeta el asiento, visto desde el frente del vehículo',
        'faces_rear' => 'mira atrás',
        'retractor' => 'retractor',
        'latch_plate' => 'placa de enganche',
        'front' => 'El niño de frente',
        'above' => 'El vehículo desde arriba, con el frente hacia arriba',
        'taken' => 'ocupado',
        'plan' => 'El vehículo desde arriba con todos adentro, con el frente hacia arriba',
        'ruler' => 'Una regla del tiempo',
        'made' => 'fabricado',
        'no_more_use' => 'fin de uso',
        'today' => 'hoy',
        'plane' => 'Peso y estatura frente a las formas de viajar del asiento',
        'estimate' => 'El camino que sigue es una estimación según tablas de crecimiento y parte de lo que se midió.',
        'gauge' => 'Movimiento en la ruta del cinturón, cada intento frente al límite',
        'the_limit' => '{limit}, el límite',
        'parts' => 'El asiento desarmado',
        'beside' => 'al lado',
        'allowed' => 'permitido',
    ],
    'bench' => [
        'title' => 'La banca de lado, el frente a la izquierda',
        'seen' => '{fact}: {answer}',
        'not_looked' => 'sin revisar aún',
        'limit' => '{most}',
        'vest_front' => 'frente',
        'vest_back' => 'espalda',
        'behind' => ['empty' => 'vacía', 'restrained' => 'sujeto', 'belted' => 'cinturón', 'unrestrained' => 'suelto'],
    ],
    'bus' => [
        'title' => 'El autobús desde arriba, el frente a la izquierda',
        'driver' => 'chofer',
        'exit' => 'salida',
        'empty' => 'vacía',
        'at' => '{who}: fila {row} {side, select, left {izquierda} other {derecha}}, {place, plural, =1 {junto a la ventana} other {lugar '
            . '#}}{system, select, none {} other {, {system}}}{held, select, belt { con el cinturón} lower_anchors { con anclajes '
            . 'inferiores} wrap { con correa envolvente} bench { integrado} other {, sin cinturón}}',
        'system' => [
            'rear_harness' => 'atrás',
            'forward_harness' => 'frente',
            'integrated' => 'integrado',
            'addon' => 'arnés',
            'vest' => 'chaleco',
            'booster' => 'elevador',
        ],
    ],
    'capacity' => [
        'title' => 'Espera promedio según el número de técnicos',
        'bearable' => 'diez minutos',
        'technicians' => 'técnicos',
        'minutes' => 'minutos de espera',
        'point' => '{technicians, plural, one {Un técnico} other {# técnicos}}: {minutes, plural, =0 {casi sin espera} one {un minuto} '
            . 'other {# minutos}}.',
    ],
    'lot' => [
        'title' => 'El estacionamiento desde arriba',
        'free' => 'El puesto {bay} está libre.',
        'car' => 'Puesto {bay}: {car}, desde hace {minutes, plural, one {un minuto} other {# minutos}}{known, select, yes {, '
            . '{technician}} other {}}.',
        'seat' => '{car}, niño {letter}: {verdict}',
    ],
];
