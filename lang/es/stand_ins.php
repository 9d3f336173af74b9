<?php

declare(strict_types=1);

/** Simulated stand-ins for what is outside. */

return [
    'labels' => 'Etiquetas para imprimir',
    'title' => 'Simulados',
    'labels_line' => 'Etiquetas para imprimir y poner frente a una cámara',
    'labels_hint' => 'Asientos inventados, para practicar y para pruebas. Ningún asiento real las lleva.',
    'manual' => 'Una página de manual',
    'model' => 'Modelo {model}, {name}',
    'serial' => 'Serie {serial}',
    'made' => 'Fabricado 2024-05-17',
    'no_script' => 'Los códigos los dibuja un programa; sin él quedan las palabras impresas.',
    'manual_line' => 'El manual de un asiento inventado, página 12',
    'made_up' => 'Manual del usuario, página 12. Un asiento inventado: ninguno real tiene estas reglas.',
    'glance' => 'Su asiento de un vistazo',
    'seat' => 'Número de modelo TW-5. Cumple FMVSS 213. Úselo 8 años desde el día en que se fabricó. Pesa 21 lb y mide 445 mm de ancho; '
        . '410 mm de su base se apoyan en el asiento del vehículo. Tiene un bloqueador propio; el retractor también puede bloquearse. '
        . 'Puede usarse un tubo de espuma o una toalla enrollada. El cinturón y los anclajes inferiores nunca se usan juntos, ni las '
        . 'barras de dos lugares vecinos. No con cinturones inflables.',
    'rear' => 'Mirando hacia atrás',
    'rear_text' => 'De 5 lb a 40 lb, con los anclajes inferiores hasta 35 lb; hasta 40 pulg de estatura, con al menos 1 pulg de carcasa '
        . 'sobre la cabeza. Reclinación 1 o 2. No use la correa superior.',
    'forward' => 'Mirando hacia adelante',
    'forward_text' => 'De 25 lb y 24 meses a 65 lb; hasta 49 pulg de estatura. La correa superior se usa siempre. Reclinación 3. Con los '
        . 'anclajes inferiores hasta un niño de 35 lb.',
    'harness' => 'Arnés',
    'harness_text' => 'Las correas salen del asiento a 8, 10, 12, 14 o 16 pulg.',
    'stand_in' => 'Sustituto de un manual impreso.',
    'enter' => 'Anotar este modelo en el catálogo',
];
