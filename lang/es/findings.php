<?php

declare(strict_types=1);

/** What is found at a check, by code and variant, and what to do next. */

return [
    'booster.belt_locked' => [
        'says' => 'El cinturón está bloqueado sobre el niño.',
        'do' => 'Déjelo correr libre, salvo que un manual diga otra cosa.',
    ],
    'booster.guides' => [
        'says' => 'El cinturón no pasa por las guías del elevador como debe.',
        'do' => 'La parte abdominal por debajo de ambos apoyabrazos; del lado de la hebilla van las dos partes por debajo; use la guía '
            . 'del hombro donde haga falta.',
        'missed_lap_buckle_side' => 'Del lado de la hebilla el cinturón no está debajo del apoyabrazos.',
        'lead_lap_buckle_side' => 'Del lado de la hebilla pase la parte abdominal y la del hombro por debajo del apoyabrazos.',
        'missed_lap_door_side' => 'Del lado de la puerta la parte abdominal no está debajo del apoyabrazos.',
        'lead_lap_door_side' => 'Del lado de la puerta pase la parte abdominal por debajo del apoyabrazos.',
        'missed_shoulder' => 'La parte del hombro no está en su guía.',
        'lead_shoulder' => 'Pase la parte del hombro por su guía.',
    ],
    'booster.guides/missed' => ['says' => '{missed}', 'do' => '{lead}'],
    'booster.head' => [
        'says' => 'Las orejas están por encima del borde superior del respaldo, del apoyacabezas o del asiento del vehículo.',
        'do' => 'Primero suba la cabecera del elevador hasta donde lo permita la guía del cinturón; si no, elija un lugar con '
            . 'apoyacabezas o un elevador con respaldo más alto.',
    ],
    'booster.head_support' => [
        'says' => 'La cabecera no está a una altura en que su guía del cinturón quede al nivel del hombro o apenas por encima.',
        'do' => 'Suba o baje la cabecera hasta que la guía quede al nivel del hombro.',
    ],
    'booster.lap' => ['says' => 'La parte abdominal del cinturón está sobre el vientre.', 'do' => 'Bájela hasta los muslos.'],
    'booster.lap_only' => [
        'says' => 'El niño viaja en un elevador con solo cinturón abdominal. Eso nunca.',
        'do' => 'Pase a un lugar con cinturón de tres puntos.',
    ],
    'booster.shoulder' => [
        'says' => '{shoulder, select, neck {La parte del hombro toca el cuello.} other {La parte del hombro resbala del hombro.}}',
        'do' => 'Pásela por la guía del hombro para que cruce el centro del pecho.',
    ],
    'booster.slack' => [
        'says' => 'La parte del hombro cuelga floja sobre el pecho.',
        'do' => 'Recoja la holgura por la parte abdominal y la del hombro, de modo que el cinturón quede ceñido y corra libre.',
    ],
    'booster.slouch' => [
        'says' => 'La cadera o la espalda están separadas del respaldo del elevador o del asiento del vehículo.',
        'do' => 'Siente al niño bien atrás y vuelva a pasar el cinturón.',
    ],
    'booster.under_arm' => [
        'says' => 'La parte del hombro está debajo del brazo o detrás de la espalda.',
        'do' => 'Pásela sobre el hombro y por el centro del pecho.',
    ],
    'child.specialist' => [
        'says' => 'El niño tiene necesidades médicas o de postura.',
        'do' => 'Envíe a la familia con un técnico capacitado para ello.',
    ],
    'condition.altered' => ['says' => 'El asiento fue reparado o modificado en casa.', 'do' => 'No lo use.'],
    'condition.damage' => ['says' => 'Daño: {damage}.', 'do' => 'No lo use. Una parte que no aguanta no se puede reparar aquí.'],
    'condition.part_missing' => [
        'says' => 'Falta una parte esencial: {part}.',
        'do' => 'No lo use hasta que se ponga el repuesto del propio fabricante.',
    ],
    'condition.part_missing_minor' => [
        'says' => 'Falta una parte que no soporta carga: {part}.',
        'do' => 'Pida un repuesto al fabricante.',
    ],
    'expiry.passed' => [
        'says' => 'Este asiento no puede usarse desde el {since}.',
        'do' => 'No lo use. Corte las correas y marque la carcasa para que nadie más lo use.',
    ],
    'expiry.soon' => [
        'says' => 'Desde el {from} este asiento ya no puede usarse: {days, plural, one {queda un día} other {quedan # días}}.',
        'do' => 'Busque ya el siguiente asiento y anote la fecha.',
    ],
    'expiry.unknown' => [
        'says' => 'No se sabe hasta cuándo puede usarse este asiento. De seis a diez años es lo común, pero nunca se supone.',
        'do' => 'Busque en la carcasa un sello de «no usar después de», o la vida útil en el manual y la fecha de fabricación en la '
            . 'etiqueta.',
    ],
    'extras.insert_range' => [
        'says' => 'El reductor {insert} es {side, select, more {solo para más de} least {para al menos} less {solo para menos de} other '
            . '{para un máximo de}} {limit}; el niño pesa {weight}.',
        'do' => 'Quite el reductor y ajuste el arnés de nuevo.',
    ],
    'extras.unapproved' => [
        'says' => 'En el asiento hay algo que el fabricante no suministró ni menciona: {extra}.',
        'do' => 'Quítelo. Una alfombrilla resbala o cede; un espejo o un juguete puede golpear la cara cuando el asiento gira en un '
            . 'choque.',
    ],
    'fit.head_forward' => ['says' => '{breaches}.'],
    'fit.head_forward/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'fit.head_forward/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'fit.head_forward/belt_only' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'fit.head_forward/find' => ['do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.'],
    'fit.head_forward/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'fit.head_rear' => ['says' => '{breaches}.'],
    'fit.head_rear/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'fit.head_rear/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'fit.head_rear/belt_only' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'fit.head_rear/find' => ['do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.'],
    'fit.head_rear/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'fit.shoulder_marker' => ['says' => '{breaches}.'],
    'fit.shoulder_marker/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'fit.shoulder_marker/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'fit.shoulder_marker/belt_only' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'fit.shoulder_marker/find' => [
        'do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.',
    ],
    'fit.shoulder_marker/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'handover.certification' => [
        'says' => 'La certificación {role, select, technician {del técnico} other {del segundo firmante}} terminó el {ended}.',
        'do' => 'Debe revisar y firmar alguien con la certificación vigente.',
    ],
    'handover.certification/unknown' => [
        'says' => 'No se sabe hasta cuándo está certificado {role, select, technician {el técnico} other {el segundo firmante}}.',
        'do' => 'Anote la fecha de la tarjeta.',
    ],
    'handover.checker_same' => [
        'says' => 'El técnico y el segundo firmante son la misma persona.',
        'do' => 'Pida a otra persona que revise y firme.',
    ],
    'handover.not_shown_back' => [
        'says' => 'La familia no ha demostrado que puede hacerlo por sí misma.',
        'do' => 'Deje que lo instale una vez con sus propias manos.',
    ],
    'handover.unsigned' => ['says' => '{missing}', 'do' => 'Pida la firma que falta; aquí revisan y firman dos personas.'],
    'harness.clip' => [
        'says' => '{clip, select, high {El broche de pecho está demasiado alto: puede presionar el cuello.} low {El broche de pecho está '
            . 'demasiado bajo: las correas pueden resbalar de los hombros.} other {El broche de pecho está abierto.}}',
        'do' => 'Cierre el broche a la altura de las axilas.',
    ],
    'harness.coat' => ['says' => 'Hay un abrigo grueso debajo del arnés.', 'do' => 'Quite el abrigo y póngalo encima del arnés.'],
    'harness.crotch' => ['says' => '{wrong}', 'do' => 'Use la ranura más cercana que quede libre del niño.'],
    'harness.crotch/of_slots' => ['do' => 'Use la ranura más cercana que quede libre del niño, de las ranuras {allowed}.'],
    'harness.head_support' => [
        'says' => 'El soporte de la cabeza no está apenas por encima de los hombros, o empuja la cabeza hacia adelante.',
        'do' => 'Ajuste el soporte de la cabeza para este niño.',
    ],
    'harness.height' => [
        'says' => 'La correa sale del asiento {where, select, below {por debajo del hombro} by_below {{by} por debajo del hombro} above '
            . '{por encima del hombro} by_above {{by} por encima del hombro} other {al nivel del hombro}}; aquí debe salir {must, '
            . 'select, at_or_below {al nivel del hombro o por debajo} at_or_above {al nivel del hombro o por encima} other {al nivel '
            . 'del hombro o hasta 25 mm por encima}}.',
    ],
    'harness.height/forbidden' => ['says' => 'Este modo no permite la ranura {slot}.'],
    'harness.height/measure' => ['do' => 'Mida el hombro y las ranuras, y pase las correas.'],
    'harness.height/move' => ['do' => 'Pase las correas a la ranura {right}, contando desde la más baja.'],
    'harness.height/no_slot' => ['do' => 'Ninguna ranura de este asiento sirve para este hombro en este modo: otro modo u otro asiento.'],
    'harness.height/set' => ['do' => 'Ponga las correas a la altura correcta.'],
    'harness.height_far' => [
        'says' => 'La ranura {slot} está del lado correcto del hombro, pero la ranura {right} está más cerca.',
        'do' => 'Pase las correas a la ranura {right}.',
    ],
    'harness.hip_slack' => ['says' => 'Hay holgura en la cadera.', 'do' => 'Recójala primero desde la cadera y luego con el ajustador.'],
    'harness.not_buckled' => ['says' => 'La hebilla no está cerrada.', 'do' => 'Inserte las lengüetas una por una hasta oír el clic.'],
    'harness.padding' => [
        'says' => 'Detrás o debajo del niño hay algo que el fabricante no suministró.',
        'do' => 'Quítelo. Un paño enrollado a los lados del cuerpo no es relleno, salvo que el fabricante lo prohíba.',
    ],
    'harness.slack' => [
        'says' => 'Las correas están flojas: la prueba {test, select, pinch {del pellizco} finger {del dedo} other {de tensión}} falla.',
        'do' => 'Recoja la holgura desde la cadera, luego el ajustador, luego el broche; después haga la prueba en el hombro.',
    ],
    'harness.slouch' => [
        'says' => 'La cadera o la espalda están separadas del asiento.',
        'do' => 'Siente al niño bien atrás: cadera y espalda contra el asiento.',
    ],
    'harness.tail' => ['says' => 'El extremo libre de la correa está suelto.', 'do' => 'Guárdelo.'],
    'harness.too_tight' => [
        'says' => 'Las correas se clavan en la piel o doblan el cuerpo.',
        'do' => 'Aflójelas hasta que queden ceñidas.',
    ],
    'harness.twist' => ['says' => 'Una correa del arnés está torcida.', 'do' => 'Ponga la correa plana.'],
    'harness.wrong_test' => [
        'says' => 'Se hizo la prueba {done, select, pinch {del pellizco} other {del dedo}}; este asiento se prueba con la prueba {test, '
            . 'select, pinch {del pellizco} other {del dedo}}.',
        'do' => '{test, select, pinch {Trate de pellizcar la cinta a lo largo en el hombro: nada debe quedar entre los dedos.} other '
            . '{Entre la correa y el niño entra un dedo, dos no.}}',
    ],
    'history.crash' => ['do' => 'No lo use. Pregunte a la aseguradora por uno nuevo, corte las correas y marque la carcasa.'],
    'history.crash/event' => ['says' => 'El asiento estuvo en un choque, y este evento reemplaza todo asiento que lo estuvo.'],
    'history.crash/maker' => ['says' => 'El asiento estuvo en un choque, y su fabricante pide uno nuevo después de cualquier choque.'],
    'history.crash/not_minor' => ['says' => 'El choque no fue menor: {failed}.'],
    'history.crash_unclear' => [
        'says' => 'El asiento estuvo en un choque, y no se conocen los cinco puntos de un choque menor.',
        'do' => 'Pregunte a la familia, o trátelo como un choque que no fue menor.',
    ],
    'history.minor_crash' => [
        'says' => 'El asiento estuvo en un choque menor: los cinco puntos se cumplen y el fabricante no pide uno nuevo.',
        'do' => 'Puede usarse. Explique a la familia por qué.',
    ],
    'history.unknown' => [
        'says' => 'El asiento es de segunda mano y nadie conoce su pasado.',
        'do' => 'No lo use: un choque no se ve desde afuera.',
    ],
    'label.name_only' => [
        'says' => 'Solo se conoce el nombre comercial {name}. Asientos de nombre parecido tienen reglas y retiros distintos.',
        'do' => 'Lea el número de modelo en la etiqueta.',
    ],
    'label.standard' => [
        'says' => 'La etiqueta declara {claimed}, que aquí no se acepta.',
        'do' => 'No use aquí este asiento; busque uno cuya etiqueta declare {accepted}.',
    ],
    'label.standard/none' => ['says' => 'La etiqueta no declara ninguna norma.'],
    'label.unreadable' => [
        'says' => 'La etiqueta no se puede leer: falta el fabricante, el modelo o la fecha, así que no hay contra qué revisar el asiento.',
        'do' => 'Busque una segunda etiqueta debajo de la funda o de la base. Sin ella, no use este asiento.',
    ],
    'measure.at_limit' => [
        'says' => 'El asiento se mueve {moved} {way, select, side {de lado a lado} front {de adelante hacia atrás} other {de arriba '
            . 'abajo}}, apenas dentro del límite de {limit}.',
        'do' => 'Menos es mejor: muchos lo apretarían una vez más.',
    ],
    'measure.foot_position' => [
        'says' => 'El pie de la base está en {foot}; este modo lo necesita en {needed}.',
        'do' => 'Ponga el pie como lo necesita este modo.',
    ],
    'measure.loose' => [
        'says' => 'El asiento se mueve {moved} {way, select, side {de lado a lado} front {de adelante hacia atrás} other {de arriba '
            . 'abajo}}; {inclusive, select, yes {no se permite más de {limit}} other {debe ser menos de {limit}}}.',
        'do' => 'Apriételo con peso sobre la ruta del cinturón y pruebe otra vez.',
    ],
    'measure.loose/felt' => [
        'says' => 'Por lo que se siente, el asiento se mueve más del límite{known, select, inclusive { de {limit}} below {, menos de '
            . '{limit},} other {}} {way, select, side {de lado a lado} front {de adelante hacia atrás} other {de arriba abajo}}.',
    ],
    'measure.not_level' => [
        'says' => 'No se sabe si el vehículo está en suelo nivelado, así que ni el indicador ni el ángulo dicen nada.',
        'do' => 'Lleve el vehículo a suelo nivelado y vuelva a leer.',
    ],
    'measure.overhang' => [
        'says' => 'La base sobresale {overhang} del borde del cojín; el asiento permite {inclusive, select, yes {como máximo} other '
            . '{menos de}} {limit}.',
        'do' => 'Mueva el asiento hacia atrás, elija un lugar más profundo u otro asiento.',
    ],
    'measure.overhang/share' => [
        'says' => '{none, select, yes {Nada} other {Solo {share}}} de la base está sobre el cojín; el mínimo es {least}.',
    ],
    'measure.part_forbidden' => ['says' => 'La pieza «{part}» está puesta, y este modo la prohíbe.', 'do' => 'Quite la pieza «{part}».'],
    'measure.part_required' => ['says' => 'Este modo necesita la pieza «{part}», y no está puesta.', 'do' => 'Ponga la pieza «{part}».'],
    'measure.recline_setting' => ['says' => 'La posición de reclinación {setting} no es para este modo y peso.'],
    'measure.recline_setting/ask' => ['do' => 'Consulte el manual o al fabricante antes de que viaje.'],
    'measure.recline_setting/none' => [
        'says' => 'El fabricante no da ninguna posición de reclinación para un niño de este peso en este modo.',
    ],
    'measure.recline_setting/use' => ['do' => 'Use la posición {right}.'],
    'measure.recline_setting/weigh' => ['do' => 'Pese al niño y use la posición que el manual da para ese peso.'],
    'measure.side_pod' => [
        'says' => 'Las protecciones laterales no están como pide el fabricante para este lugar.',
        'do' => '{wanted, select, door_side {Saque la del lado de la puerta, y solo esa.} both {Saque ambas.} other {Pliegue ambas: en '
            . 'este lugar ninguna puede estar afuera.}}',
    ],
    'measure.tether_forbidden' => [
        'says' => 'La correa superior está puesta, y el fabricante la prohíbe mirando hacia atrás.',
        'do' => 'Desenganche la correa superior y guárdela.',
    ],
    'measure.tether_masked' => [
        'says' => 'El movimiento se probó solo con la correa superior tensa; una correa tensa puede ocultar un asiento flojo.',
        'do' => 'Afloje la correa superior, pruebe otra vez en la ruta del cinturón y vuelva a tensarla.',
    ],
    'measure.tether_overtight' => [
        'says' => 'La correa superior está tan tensa que mueve el asiento.',
        'do' => 'Aflójela hasta que solo quede sin holgura.',
    ],
    'measure.tether_route' => [
        'says' => 'La correa superior no pasa alrededor del apoyacabezas como indica el vehículo.',
        'do' => 'Pásela como indica el manual del vehículo.',
    ],
    'measure.tether_slack' => ['says' => 'La correa superior tiene holgura.', 'do' => 'Quite toda la holgura.'],
    'measure.tether_slack/rear' => [
        'do' => 'Quite la holgura con el niño sentado; aflójela para sentar al niño y vuelva a tensarla cada vez.',
    ],
    'measure.tether_twist' => ['says' => 'La correa superior está torcida.', 'do' => 'Póngala plana.'],
    'measure.tether_unused' => [
        'says' => 'La correa superior hace falta, su anclaje está ahí y no se usa.',
        'do' => 'Enganche la correa superior y quítele la holgura.',
    ],
    'measure.too_flat' => [
        'says' => 'El asiento está demasiado acostado{seen, select, indicator { según su indicador} both {: {angle}; el asiento pide como '
            . 'máximo {limit}, y su indicador también lo dice} other {: {angle}; el asiento pide como máximo {limit}}}.',
        'do' => 'Póngalo más vertical: un asiento acostado no sostiene en un choque.',
    ],
    'measure.too_upright' => [
        'says' => 'El asiento está demasiado vertical{seen, select, indicator { según su indicador} both {: {angle}; el asiento pide al '
            . 'menos {limit}, y su indicador también lo dice} other {: {angle}; el asiento pide al menos {limit}}}.',
    ],
    'measure.too_upright/own' => ['do' => 'La cabeza de un bebé puede caer y cerrar la vía aérea. Reclínelo con su propio pie o ajuste.'],
    'measure.too_upright/wedge' => [
        'do' => 'La cabeza de un bebé puede caer y cerrar la vía aérea. Reclínelo, o levántelo en el pliegue del asiento con un tubo de '
            . 'espuma o una toalla enrollada.',
    ],
    'measure.wedge_not_allowed' => [
        'says' => 'Hay {wedge, select, noodle {un tubo de espuma} other {una toalla}} debajo del asiento, y su fabricante no lo permite.',
        'do' => 'Quítelo y ajuste la reclinación con los medios propios del asiento.',
    ],
    'measure.wedge_not_allowed/forward' => [
        'says' => 'Hay {wedge, select, noodle {un tubo de espuma} other {una toalla}} debajo de un asiento que mira hacia adelante.',
    ],
    'measure.wrong_spot' => [
        'says' => 'El movimiento no se probó en la ruta del cinturón; en otras partes el asiento debe moverse.',
        'do' => 'Pruebe otra vez por donde pasa el cinturón, con la mano menos hábil y la fuerza de un apretón de manos.',
    ],
    'measure.zone' => [
        'says' => 'El indicador está en la zona {zone}, que no es para este niño: {breaks}.',
        'do' => 'Ponga la reclinación en la zona para este niño.',
    ],
    'mode.back_off_early' => [
        'says' => 'El respaldo de este elevador todavía le queda al niño.',
        'do' => 'Vuelva a poner el respaldo: guía el cinturón y sostiene la cabeza al dormir.',
    ],
    'mode.belt_only_early' => [
        'says' => 'El cinturón solo todavía no le queda: {breaches}.',
        'do' => 'Use un elevador hasta que se cumplan los cinco puntos.',
    ],
    'mode.booster_could_harness' => [
        'says' => 'El arnés de este asiento todavía le queda al niño.',
        'do' => 'Un arnés protege más que un elevador: úselo mientras le quede.',
    ],
    'mode.booster_early' => ['says' => 'Es pronto para un elevador: {breaches}.'],
    'mode.booster_early/find' => ['do' => 'Busque un asiento con un arnés que le quede a este niño.'],
    'mode.booster_early/harness' => ['do' => 'Vuelva a poner el arnés de este asiento: todavía le queda.'],
    'mode.forward_early' => [
        'says' => 'El niño mira hacia adelante, aunque este asiento todavía le queda mirando hacia atrás.',
        'do' => 'Mirando hacia atrás se protegen mejor la cabeza y el cuello: siga así mientras el asiento lo permita.',
    ],
    'mode.front_row_under_13' => ['says' => 'Un niño de {age} va en la fila delantera; hasta los {floor} su lugar es la fila de atrás.'],
    'mode.front_row_under_13/back' => ['do' => 'Páselo a un lugar libre de atrás.'],
    'mode.front_row_under_13/front' => ['do' => 'Mueva el asiento del vehículo lo más atrás posible y busque un lugar atrás.'],
    'mode.front_row_under_13/rear' => ['do' => 'Busque un lugar atrás. Aquí solo viaja donde no haya una bolsa de aire activa enfrente.'],
    'mode.law_booster' => ['says' => 'Por ley todavía no: {breaches}.', 'do' => 'Use un elevador.'],
    'mode.law_rear' => ['says' => 'El niño tiene {measured}; aquí nadie mira hacia adelante antes de {floor}.'],
    'mode.law_rear/find' => ['do' => 'Busque un asiento que lleve a este niño mirando hacia atrás.'],
    'mode.law_rear/turn' => ['do' => 'Gire este asiento para que mire hacia atrás: así le queda al niño.'],
    'mode.limits_unknown' => [
        'says' => 'No se conocen todos los límites del fabricante para este modo.',
        'do' => 'Lea en la etiqueta o en el manual el peso y la estatura máximos para este modo.',
    ],
    'mode.not_offered' => ['says' => 'Este asiento no está hecho para usarse como {mode}.'],
    'mode.not_offered/find' => ['do' => 'Busque otro asiento para este niño.'],
    'mode.not_offered/use' => ['do' => 'Instálelo como {other}.'],
    'mode.outside_limits' => ['says' => '{breaches}.'],
    'mode.outside_limits/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'mode.outside_limits/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'mode.outside_limits/belt_only' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'mode.outside_limits/find' => [
        'do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.',
    ],
    'mode.outside_limits/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'mode.under_one_forward' => ['says' => 'El niño tiene {measured}; aquí nadie mira hacia adelante antes de {floor}.'],
    'mode.under_one_forward/find' => ['do' => 'Busque un asiento que lleve a este niño mirando hacia atrás.'],
    'mode.under_one_forward/turn' => ['do' => 'Gire este asiento para que mire hacia atrás: así le queda al niño.'],
    'place.airbag' => ['says' => 'Un asiento que mira hacia atrás está frente a una bolsa de aire activa.'],
    'place.airbag/look' => ['do' => 'Aquí no viaja. Vea si otro lugar de este vehículo puede llevarlo.'],
    'place.airbag/move' => ['do' => 'Páselo a otro lugar. Nunca mirando hacia atrás frente a una bolsa de aire activa.'],
    'place.airbag/nowhere' => ['do' => 'No hay otro lugar en este vehículo que pueda llevarlo: el niño no viaja en él.'],
    'place.airbag_forward' => ['says' => 'El asiento está frente a una bolsa de aire activa.'],
    'place.airbag_forward/back' => ['do' => 'Mueva el asiento del vehículo lo más atrás posible.'],
    'place.airbag_forward/move' => ['do' => 'Páselo a un lugar libre de atrás.'],
    'place.back_not_upright' => [
        'says' => 'El respaldo del vehículo está reclinado detrás de este asiento.',
        'do' => 'Ponga vertical el respaldo del vehículo.',
    ],
    'place.booster_lap_only' => [
        'says' => 'Aquí solo hay cinturón abdominal; un elevador necesita cinturón de tres puntos.',
        'do' => 'Elija un lugar con cinturón de tres puntos.',
    ],
    'place.front_contact' => [
        'says' => 'El asiento está presionado con fuerza contra el asiento de adelante.',
        'do' => 'Mueva hacia adelante el asiento de adelante, o gane espacio con el asa o la reclinación. Un roce leve está bien, salvo '
            . 'que un manual diga otra cosa.',
    ],
    'place.gap_behind' => [
        'says' => 'El asiento no toca el respaldo del vehículo.',
        'do' => 'Cierre el espacio: ajuste el respaldo, suba o quite el apoyacabezas según permitan los manuales.',
    ],
    'place.handle' => [
        'says' => 'El asa está {handle}; para viajar su fabricante permite: {allowed}.',
        'do' => 'Ponga el asa en una posición permitida.',
    ],
    'place.head_restraint' => [
        'says' => 'El apoyacabezas del vehículo separa el asiento del respaldo.',
        'do' => 'Súbalo, o quítelo si el manual del vehículo lo permite y póngalo de nuevo después; si no, elija otro lugar.',
    ],
    'place.no_belt' => ['do' => 'Elija otro lugar.'],
    'place.no_belt/no_belt' => ['says' => 'Aquí no hay cinturón para el niño.'],
    'place.no_belt/nothing_holds' => [
        'says' => 'Aquí nada puede sujetar este asiento: no hay anclajes inferiores ni manera de bloquear este cinturón.',
    ],
    'place.no_tether_anchor' => ['says' => 'Este lugar no tiene anclaje para la correa superior.'],
    'place.no_tether_anchor/move' => ['do' => 'Pase a un lugar que lo tenga.'],
    'place.no_tether_anchor/needed' => ['do' => 'La correa superior es necesaria: este asiento no viaja aquí en este modo.'],
    'place.no_tether_anchor/without' => ['do' => 'El fabricante del asiento permite usarlo sin ella. Guarde la correa.'],
    'place.side_facing' => [
        'says' => 'El asiento del vehículo aquí no mira hacia adelante.',
        'do' => 'Aquí no viaja ningún asiento infantil. Elija otro lugar.',
    ],
    'place.taken' => ['says' => 'Alguien o algo más ocupa este lugar.', 'do' => 'Elija otro lugar o desocupe este.'],
    'place.taken/twice' => ['says' => 'Dos niños tienen este lugar.', 'do' => 'Mueva a uno de ellos.'],
    'place.too_wide' => [
        'says' => 'Uno junto al otro los asientos miden {seats} de ancho; {places} tienen {usable}.',
        'do' => 'Use asientos más angostos, o pase uno a otra fila.',
    ],
    'recall.affected' => [
        'says' => 'El retiro {campaign} incluye este asiento ({has_date, select, yes {lista del {dated}} other {lista sin '
            . 'fecha}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => '{advice, select, stop_use {No lo use hasta que el fabricante lo corrija} other {Puede usarse hasta que el fabricante '
            . 'lo corrija}}{has_cure, select, yes {: {cure}} other {}}.',
    ],
    'recall.list_stale' => [
        'says' => 'La lista de retiros es del {dated} y tiene {age} días; con más de {fresh} días ya no es reciente.',
        'do' => 'Cargue una lista de retiros reciente, o pregunte al fabricante por este asiento.',
    ],
    'recall.list_stale/none' => ['says' => 'No hay una lista de retiros con fecha en la cual buscar.'],
    'recall.possible' => [
        'says' => 'El retiro {campaign} puede incluir este asiento ({has_date, select, yes {lista del {dated}} other {lista sin '
            . 'fecha}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => 'Lea la parte de la etiqueta que falta, o pregunte al fabricante con el número de serie.',
    ],
    'register.missing' => [
        'says' => 'El asiento no está registrado con su fabricante, así que ningún aviso de retiro le llegaría a la familia.',
        'do' => 'Llene la tarjeta que venía con el asiento, o regístrelo en línea o por carta al fabricante.',
    ],
    'secure.anchor_borrowed' => [
        'says' => 'Se usan prestadas las barras de dos lugares vecinos, y no lo permiten ambos manuales.',
        'do' => 'Use aquí el cinturón, o pase a un lugar con anclajes propios.',
    ],
    'secure.anchor_not_there/hook' => [
        'says' => 'Un gancho está sujeto a algo que no es un anclaje inferior.',
        'do' => 'Engánchelo a las barras designadas en el pliegue, o use el cinturón.',
    ],
    'secure.anchor_not_there/none' => [
        'says' => 'Este lugar no tiene anclajes inferiores propios.',
        'do' => 'Use el cinturón, o un lugar que los tenga.',
    ],
    'secure.anchor_not_there/tether' => [
        'says' => 'La correa superior está enganchada a algo que no es un anclaje para ella.',
        'do' => 'Busque el anclaje en el manual del vehículo: detrás del respaldo, en la repisa, el piso, la cajuela o el techo.',
    ],
    'secure.anchor_overweight' => [
        'says' => 'El niño pesa {weight}; los anclajes inferiores soportan con este asiento a un niño de {inclusive, select, yes {como '
            . 'máximo} other {menos de}} {limit}.',
        'do' => 'Cambie al cinturón del vehículo.',
    ],
    'secure.anchor_overweight/elsewhere' => ['do' => 'Cambie al cinturón del vehículo, en un lugar donde se pueda bloquear.'],
    'secure.anchor_overweight/seat_alone' => [
        'says' => 'El niño pesa {weight}; el asiento solo ya pesa lo que pueden soportar los anclajes inferiores, y no queda nada para un '
            . 'niño.',
    ],
    'secure.baseless_not_allowed' => [
        'says' => 'La carcasa está sujeta con el cinturón sin su base, y el fabricante no lo permite.',
        'do' => 'Ponga la base y encaje la carcasa en ella.',
    ],
    'secure.belt_guides' => ['says' => 'El cinturón está fuera de las guías del asiento.', 'do' => 'Coloque el cinturón en las guías.'],
    'secure.belt_unlocked/anchors' => [
        'do' => 'Este cinturón no se puede bloquear para este asiento. Use los anclajes inferiores, mientras soporten al niño, u otro '
            . 'lugar.',
    ],
    'secure.belt_unlocked/cannot' => [
        'says' => 'Lo que se dice que bloquea el cinturón no puede hacerlo aquí: nada fija el largo de la parte abdominal.',
    ],
    'secure.belt_unlocked/lacks_retractor' => [
        'says' => 'El bloqueo propio del asiento solo sostiene junto con un retractor bloqueado, y este retractor no puede bloquearse.',
    ],
    'secure.belt_unlocked/lock' => [
        'do' => 'Bloquee el cinturón por uno de los medios que funcionan en este lugar y tire con firmeza para comprobarlo.',
    ],
    'secure.belt_unlocked/look' => [
        'do' => 'Mire qué cinturón, retractor y placa de enganche hay aquí, y bloquéelo por un medio que funcione.',
    ],
    'secure.belt_unlocked/move' => ['do' => 'Este cinturón no se puede bloquear para este asiento. Elija otro lugar.'],
    'secure.belt_unlocked/nothing' => ['says' => 'Nada fija el largo de la parte abdominal.'],
    'secure.belt_unlocked/place' => [
        'says' => 'Nada puede bloquear el cinturón aquí.',
        'do' => 'Use los anclajes inferiores u otro lugar.',
    ],
    'secure.booster_anchor_not_allowed' => [
        'says' => 'El elevador está enganchado a los anclajes inferiores, y el fabricante no lo permite.',
        'do' => 'Desengánchelo; el cinturón sostiene al niño.',
    ],
    'secure.booster_not_parked' => [
        'says' => 'El elevador vacío queda sin abrochar.',
        'do' => 'Abróchelo cuando nadie vaya sentado en él.',
    ],
    'secure.both' => [
        'says' => 'El cinturón y los anclajes inferiores sujetan el asiento a la vez, y no lo permiten ambos fabricantes.',
        'do' => 'Deje uno de los dos; ambos valen lo mismo cuando están firmes.',
    ],
    'secure.buckle_in_path' => [
        'says' => 'La hebilla sube hasta la ruta del cinturón, así que el cinturón no puede apretar.',
        'do' => 'Gire el tallo hacia abajo si el vehículo lo permite, o use otro lugar.',
    ],
    'secure.buckle_turns' => [
        'says' => 'El tallo de la hebilla tiene {turns} vueltas; tres vueltas completas son el máximo.',
        'do' => 'Regréselo, o use otro lugar.',
    ],
    'secure.buckle_turns/forbidden' => ['says' => 'El tallo de la hebilla está girado, y el vehículo lo prohíbe.'],
    'secure.clip_far' => [
        'says' => 'El clip de bloqueo está a {distance} de la placa de enganche; {inclusive, select, yes {como máximo} other {menos de}} '
            . '{limit} sostiene.',
        'do' => 'Póngalo de nuevo, cerca de la placa.',
    ],
    'secure.clip_prongs' => [
        'says' => '{prongs, plural, =0 {Ninguna de las cuatro puntas del clip está} =1 {Solo una de las cuatro puntas del clip está} =2 '
            . '{Solo dos de las cuatro puntas del clip están} =3 {Solo tres de las cuatro puntas del clip están} other {# de las '
            . 'cuatro puntas del clip están}} sobre la cinta.',
        'do' => 'Ponga ambas capas debajo de las cuatro puntas. Un clip hecho para una sola capa se pone como indica su fabricante.',
    ],
    'secure.clip_with_lock' => ['says' => 'El retractor quedó en modo de bloqueo con el clip de bloqueo puesto.'],
    'secure.clip_with_lock/always' => ['do' => 'Quite el clip: este retractor siempre bloquea y sostiene el cinturón por sí solo.'],
    'secure.clip_with_lock/switchable' => ['do' => 'Deje que el cinturón se enrolle por completo una vez para que vuelva a correr libre.'],
    'secure.door_open' => ['says' => 'La puerta de sujeción o la palanca no está bien cerrada.', 'do' => 'Presiónela hasta oír el clic.'],
    'secure.double_lock/forbidden' => [
        'says' => 'Están bloqueados a la vez el bloqueo del asiento y el retractor; el fabricante prohíbe usar ambos.',
        'do' => 'Deje el retractor libre otra vez.',
    ],
    'secure.double_lock/required' => [
        'says' => 'Solo uno de los dos está bloqueado; el fabricante pide su propio bloqueo y también el retractor.',
        'do' => 'Bloquee también el otro.',
    ],
    'secure.hook_upside_down/lower_anchors' => [
        'says' => 'Un gancho de anclaje no está en la posición que muestra el fabricante.',
        'do' => 'Desengánchelo, déle la vuelta y engánchelo otra vez.',
    ],
    'secure.hook_upside_down/tether' => [
        'says' => 'El gancho de la correa superior no está en la posición que muestra el fabricante.',
        'do' => 'Desengánchelo, déle la vuelta y engánchelo otra vez.',
    ],
    'secure.inflatable_belt' => [
        'says' => 'El cinturón aquí es inflable, y el fabricante del asiento no lo permite.',
        'do' => 'Use los anclajes inferiores u otro lugar.',
    ],
    'secure.lockoff_wrong' => [
        'says' => 'El bloqueador del cinturón está cerrado del lado equivocado.',
        'do' => 'Ciérrelo {side, select, buckle_side {del lado de la hebilla} shoulder_side {del lado del hombro} other {de ambos '
            . 'lados}}, como indica su fabricante.',
    ],
    'secure.nothing' => [
        'says' => 'Nada sujeta el asiento al vehículo.',
        'do' => 'Sujételo con el cinturón o con los anclajes inferiores.',
    ],
    'secure.shell_unlocked' => [
        'says' => 'La carcasa no está bien encajada.',
        'do' => 'Encájela o gírela otra vez hasta que haga clic y coincidan todos los indicadores.',
    ],
    'secure.strap_trapped' => [
        'says' => 'Una correa del asiento está atrapada debajo del cinturón, de la puerta o de la funda.',
        'do' => 'Libere la correa y vuelva a apretar.',
    ],
    'secure.straps_not_stowed' => [
        'says' => 'Cuelgan correas que esta instalación no usa.',
        'do' => 'Guárdelas donde las guarda el asiento.',
    ],
    'secure.tail' => ['says' => 'El extremo libre de una correa de anclaje está suelto en el asiento.', 'do' => 'Enróllelo y guárdelo.'],
    'secure.twist' => [
        'says' => 'La cinta está torcida, doblada o anudada en la ruta.',
        'do' => 'Sáquela, póngala plana y comience de nuevo.',
    ],
    'secure.webbing_path' => [
        'says' => 'El asiento indica qué parte del cinturón pasa por esta ruta, y no es así.',
        'do' => '{webbing, select, lap {Pase solo la parte abdominal.} other {Pase la parte abdominal y la del hombro.}}',
    ],
    'secure.wrong_path' => [
        'says' => 'La cinta pasa por la ruta {path, select, rear {para mirar hacia atrás} other {para mirar hacia adelante}}.',
        'do' => '{path, select, rear {Use la ruta para mirar hacia adelante: queda detrás de la espalda del niño.} other {Use la ruta '
            . 'para mirar hacia atrás: queda debajo de las piernas del niño.}}',
    ],
];
