<?php

declare(strict_types=1);

/** The event's home page. */

return [
    'held' => '{day}, práctica {practice}.',
    'groups' => ['in_bays' => 'En los puestos', 'waiting' => 'Esperan', 'gone' => 'Ya se fueron'],
    'title' => 'Evento',
    'no_list' => 'No hay ninguna lista de retiros cargada.',
    'nobody' => 'Todavía no hay nadie',
    'nobody_hint' => 'Cuando llegue el primer vehículo, presione «Llega una familia».',
];
