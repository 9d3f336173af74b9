<?php

declare(strict_types=1);

/** What stands behind a rule or a figure. */

return [
    'kinds' => ['published' => 'fuente publicada', 'common' => 'práctica común del oficio, sin fuente', 'memory' => 'escrito de memoria'],
    'common' => 'práctica común del oficio',
    'seat_manual' => 'la etiqueta o el manual del asiento, como se anotó',
    'vehicle_manual' => 'la etiqueta o el manual del vehículo, como se anotó',
    'local_law' => 'la ley local, como se anotó',
    'recall_list' => 'lista de retiros',
    'recall_list_of' => 'lista de retiros, campaña {of}',
    'own_practice' => 'la práctica como la fijó su organización',
    'own_practice_of' => 'la práctica {of}, como la fijó su organización',
    'accepted_standards' => 'las normas que acepta cada práctica',
    'registration' => '49 CFR 588',
    'crash_guidance' => 'NHTSA, Car Seat Use After a Crash',
    'infant_labels' => 'etiquetas según 49 CFR 571.213',
    'paediatricians' => 'AAP, declaración Child Passenger Safety, 2018',
    'anchor_weight' => '49 CFR 571.213 S5.5.2(l)',
    'anchor_spacing' => '49 CFR 571.225: las barras de un lugar distan 280 mm',
    'ece_instructions' => 'instrucciones de uso de ECE R44 y R129',
    'air_travel' => '14 CFR 121.311',
    'lockable_belts' => '49 CFR 571.208 S7.1.1.5',
    'anchorages' => '49 CFR 571.225',
    'occupant_protection' => '49 CFR 571.208',
    'from_memory' => '{source} (de memoria)',
    'marked' => '{mark}: {source}',
    'bus_seats' => '49 CFR 571.222',
    'head_start' => '45 CFR 1303.72',
    'aircraft_label' => '49 CFR 571.213, las palabras de la etiqueta para aeronaves',
];
