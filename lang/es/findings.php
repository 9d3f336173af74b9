<?php

declare(strict_types=1);

/** What is found at a check, by code and variant: its title and rule in the handbook, what it says, what to do next. */

return [
    'booster.belt_locked' => [
        'title' => 'El cinturón bloqueado sobre un niño',
        'when' => 'El retractor quedó bloqueado sobre un niño en un elevador; corre libre, salvo que un manual diga otra cosa.',
        'says' => 'El cinturón está bloqueado sobre el niño.',
        'do' => 'Déjelo correr libre, salvo que un manual diga otra cosa.',
    ],
    'booster.guides' => [
        'title' => 'El cinturón fuera de sus guías',
        'when' => 'La parte abdominal no pasa debajo de ambos apoyabrazos; del lado de la hebilla van las dos partes por debajo; la guía '
            . 'del hombro hace falta y no se usa.',
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
        'title' => 'Las orejas por encima del borde',
        'when' => 'Orejas por encima del respaldo del elevador, del apoyacabezas o del asiento.',
        'says' => 'Las orejas están por encima del borde superior del respaldo, del apoyacabezas o del asiento del vehículo.',
        'do' => 'Primero suba la cabecera del elevador hasta donde lo permita la guía del cinturón; si no, elija un lugar con '
            . 'apoyacabezas o un elevador con respaldo más alto.',
    ],
    'booster.head_support' => [
        'title' => 'La cabecera de un elevador',
        'when' => 'Con respaldo: la cabecera no está a una altura en que su guía quede al nivel del hombro o apenas por encima (ella guía '
            . 'el cinturón).',
        'says' => 'La cabecera no está a una altura en que su guía del cinturón quede al nivel del hombro o apenas por encima.',
        'do' => 'Suba o baje la cabecera hasta que la guía quede al nivel del hombro.',
    ],
    'booster.lap' => [
        'title' => 'La parte abdominal sobre el vientre',
        'when' => 'Parte abdominal sobre el vientre o la cintura, no baja sobre los muslos.',
        'says' => 'La parte abdominal del cinturón está sobre el vientre.',
        'do' => 'Bájela hasta los muslos.',
    ],
    'booster.lap_only' => [
        'title' => 'Un elevador con solo cinturón abdominal',
        'when' => 'Solo cinturón abdominal con un elevador: nunca.',
        'says' => 'El niño viaja en un elevador con solo cinturón abdominal. Eso nunca.',
        'do' => 'Pase a un lugar con cinturón de tres puntos.',
    ],
    'booster.shoulder' => [
        'title' => 'La parte del hombro fuera del pecho',
        'when' => 'La parte del hombro toca el cuello o resbala del hombro, sin cruzar el centro del pecho.',
        'says' => '{shoulder, select, neck {La parte del hombro toca el cuello.} other {La parte del hombro resbala del hombro.}}',
        'do' => 'Pásela por la guía del hombro para que cruce el centro del pecho.',
    ],
    'booster.slack' => [
        'title' => 'Floja sobre el pecho',
        'when' => 'La parte del hombro cuelga floja sobre el pecho.',
        'says' => 'La parte del hombro cuelga floja sobre el pecho.',
        'do' => 'Recoja la holgura por la parte abdominal y la del hombro, de modo que el cinturón quede ceñido y corra libre.',
    ],
    'booster.slouch' => [
        'title' => 'Lejos del respaldo',
        'when' => 'Cadera o espalda separadas del respaldo del elevador o del vehículo.',
        'says' => 'La cadera o la espalda están separadas del respaldo del elevador o del asiento del vehículo.',
        'do' => 'Siente al niño bien atrás y vuelva a pasar el cinturón.',
    ],
    'booster.under_arm' => [
        'title' => 'El cinturón debajo del brazo',
        'when' => 'Parte del hombro debajo del brazo o detrás de la espalda.',
        'says' => 'La parte del hombro está debajo del brazo o detrás de la espalda.',
        'do' => 'Pásela sobre el hombro y por el centro del pecho.',
    ],
    'child.specialist' => [
        'title' => 'Un niño para un especialista',
        'when' => 'Necesidades médicas o de postura: enviar con un técnico capacitado para ello.',
        'says' => 'El niño tiene necesidades médicas o de postura.',
        'do' => 'Envíe a la familia con un técnico capacitado para ello.',
    ],
    'condition.altered' => [
        'title' => 'Reparado o modificado en casa',
        'when' => 'Reparación o modificación en casa.',
        'says' => 'El asiento fue reparado o modificado en casa.',
        'do' => 'No lo use.',
    ],
    'condition.damage' => [
        'title' => 'Hay un daño',
        'when' => 'Grieta, deformación, cinta deshilachada, cortada o anudada, hebilla o ajustador que no sujeta.',
        'says' => 'Daño: {damage}.',
        'do' => 'No lo use. Una parte que no aguanta no se puede reparar aquí.',
    ],
    'condition.part_missing' => [
        'title' => 'Falta una parte esencial',
        'when' => 'Falta una parte esencial (un repuesto del fabricante ya puesto lo resuelve).',
        'says' => 'Falta una parte esencial: {part}.',
        'do' => 'No lo use hasta que se ponga el repuesto del propio fabricante.',
    ],
    'condition.part_missing_minor' => [
        'title' => 'Falta una parte menor',
        'when' => 'Falta una parte que no soporta carga.',
        'says' => 'Falta una parte que no soporta carga: {part}.',
        'do' => 'Pida un repuesto al fabricante.',
    ],
    'expiry.passed' => [
        'title' => 'Su vida útil terminó',
        'when' => 'Hoy es el primer día en que ya no puede usarse, o después.',
        'says' => 'Este asiento no puede usarse desde el {since}.',
        'do' => 'No lo use. Corte las correas y marque la carcasa para que nadie más lo use.',
    ],
    'expiry.soon' => [
        'title' => 'Su vida útil termina pronto',
        'when' => 'Ese día llega dentro de {days} días.',
        'says' => 'Desde el {from} este asiento ya no puede usarse: {days, plural, one {queda un día} other {quedan # días}}.',
        'do' => 'Busque ya el siguiente asiento y anote la fecha.',
    ],
    'expiry.unknown' => [
        'title' => 'No se conoce el fin de su vida útil',
        'when' => 'No se conoce un fin sellado ni una vida útil con su fecha de fabricación (de 6 a 10 años es lo común, pero nunca se '
            . 'supone).',
        'says' => 'No se sabe hasta cuándo puede usarse este asiento. De seis a diez años es lo común, pero nunca se supone.',
        'do' => 'Busque en la carcasa un sello de «no usar después de», o la vida útil en el manual y la fecha de fabricación en la '
            . 'etiqueta.',
    ],
    'extras.insert_range' => [
        'title' => 'Un reductor fuera de su peso',
        'when' => 'El reductor del fabricante se usa fuera de su propio rango de peso. Un reductor que el asiento no conoce cuenta como '
            . 'agregado sin aprobar.',
        'says' => 'El reductor {insert} es {side, select, more {solo para más de} least {para al menos} less {solo para menos de} other '
            . '{para un máximo de}} {limit}; el niño pesa {weight}.',
        'do' => 'Quite el reductor y ajuste el arnés de nuevo.',
    ],
    'extras.unapproved' => [
        'title' => 'Se le agregó algo',
        'when' => 'Cualquier cosa que no venía en la caja ni la nombra el fabricante del asiento (un accesorio que solo dice de sí mismo '
            . 'que sirve no cuenta): fundas de correas, almohadillas, alfombrillas debajo, espejos, juguetes, fundas detrás del niño. Un '
            . 'hallazgo por cada cosa. Una alfombrilla resbala o cede; un espejo o un juguete puede golpear la cara cuando el asiento '
            . 'gira en un choque.',
        'says' => 'En el asiento hay algo que el fabricante no suministró ni menciona: {extra}.',
        'do' => 'Quítelo. Una alfombrilla resbala o cede; un espejo o un juguete puede golpear la cara cuando el asiento gira en un '
            . 'choque.',
    ],
    'fit.head_forward' => [
        'title' => 'Las orejas por encima de la carcasa',
        'when' => 'Arnés hacia adelante, con la punta de las orejas por encima de la carcasa o del apoyacabezas.',
        'weighs' => 'Corregir si otro modo de este asiento queda; si no, detener.',
        'says' => '{breaches}.',
    ],
    'fit.head_forward/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'fit.head_forward/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'fit.head_forward/no_seat' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'fit.head_forward/find' => ['do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.'],
    'fit.head_forward/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'fit.head_rear' => [
        'title' => 'La cabeza cerca del borde, hacia atrás',
        'when' => 'Mirando hacia atrás, menos carcasa sobre la cabeza que la cifra del asiento, o que {clearance}.',
        'weighs' => 'Corregir si otro modo de este asiento queda; si no, detener.',
        'says' => '{breaches}.',
    ],
    'fit.head_rear/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'fit.head_rear/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'fit.head_rear/no_seat' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'fit.head_rear/find' => ['do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.'],
    'fit.head_rear/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'fit.shoulder_marker' => [
        'title' => 'El hombro fuera de las marcas',
        'when' => 'El asiento tiene marcas de altura de hombro y el hombro está fuera de ellas.',
        'weighs' => 'Corregir si otro modo de este asiento queda; si no, detener.',
        'says' => '{breaches}.',
    ],
    'fit.shoulder_marker/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'fit.shoulder_marker/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'fit.shoulder_marker/no_seat' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'fit.shoulder_marker/find' => [
        'do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.',
    ],
    'fit.shoulder_marker/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'handover.certification' => [
        'title' => 'Una certificación vencida',
        'when' => 'La certificación de un firmante no está vigente ese día.',
        'weighs' => 'Corregir, o preguntar donde no se conoce la fecha.',
        'says' => 'La certificación {role, select, technician {del técnico} other {del segundo firmante}} terminó el {ended}.',
        'do' => 'Debe revisar y firmar alguien con la certificación vigente.',
    ],
    'handover.certification/unknown' => [
        'says' => 'No se sabe hasta cuándo está certificado {role, select, technician {el técnico} other {el segundo firmante}}.',
        'do' => 'Anote la fecha de la tarjeta.',
    ],
    'handover.checker_same' => [
        'title' => 'Una persona firmó dos veces',
        'when' => 'La política pide un segundo firmante, y quien revisa es el técnico.',
        'says' => 'El técnico y el segundo firmante son la misma persona.',
        'do' => 'Pida a otra persona que revise y firme.',
    ],
    'handover.not_shown_back' => [
        'title' => 'Sin demostrar',
        'when' => 'La familia no hizo la última instalación con sus propias manos ni la mostró.',
        'says' => 'La familia no ha demostrado que puede hacerlo por sí misma.',
        'do' => 'Deje que lo instale una vez con sus propias manos.',
    ],
    'handover.unsigned' => [
        'title' => 'Falta una firma',
        'when' => 'La política pide un segundo firmante, y falta una firma.',
        'says' => '{missing}',
        'do' => 'Pida la firma que falta; aquí revisan y firman dos personas.',
    ],
    'harness.clip' => [
        'title' => 'El broche de pecho',
        'when' => 'Broche de pecho fuera del nivel de las axilas (alto: el cuello; bajo: el cuerpo queda suelto, las correas resbalan de '
            . 'los hombros), o abierto donde el asiento lo tiene.',
        'says' => '{clip, select, high {El broche de pecho está demasiado alto: puede presionar el cuello.} low {El broche de pecho está '
            . 'demasiado bajo: las correas pueden resbalar de los hombros.} other {El broche de pecho está abierto.}}',
        'do' => 'Cierre el broche a la altura de las axilas.',
    ],
    'harness.coat' => [
        'title' => 'Un abrigo grueso',
        'when' => 'Abrigo grueso debajo del arnés.',
        'says' => 'Hay un abrigo grueso debajo del arnés.',
        'do' => 'Quite el abrigo y póngalo encima del arnés.',
    ],
    'harness.crotch' => [
        'title' => 'La correa de la entrepierna',
        'when' => 'Correa de la entrepierna debajo del niño, o no en la ranura permitida más cercana y libre del niño, o en una que el '
            . 'modo prohíbe.',
        'says' => '{wrong}',
        'do' => 'Use la ranura más cercana que quede libre del niño.',
    ],
    'harness.crotch/of_slots' => ['do' => 'Use la ranura más cercana que quede libre del niño, de las ranuras {allowed}.'],
    'harness.head_support' => [
        'title' => 'El soporte de la cabeza',
        'when' => 'Soporte de la cabeza que no está apenas por encima de los hombros, o que empuja la cabeza hacia adelante.',
        'says' => 'El soporte de la cabeza no está apenas por encima de los hombros, o empuja la cabeza hacia adelante.',
        'do' => 'Ajuste el soporte de la cabeza para este niño.',
    ],
    'harness.height' => [
        'title' => 'Correas a la altura equivocada',
        'when' => 'Ranura del lado equivocado del hombro para la dirección y la convención del asiento, o una ranura que el modo prohíbe; '
            . 'se dice cuál es la correcta.',
        'says' => 'La correa sale del asiento {where, select, below {por debajo del hombro} by_below {{by} por debajo del hombro} above '
            . '{por encima del hombro} by_above {{by} por encima del hombro} other {al nivel del hombro}}; aquí debe salir {must, select, '
            . 'at_or_below {al nivel del hombro o por debajo} at_or_above {al nivel del hombro o por encima} other {al nivel del hombro o '
            . 'hasta 25 mm por encima}}.',
    ],
    'harness.height/forbidden' => ['says' => 'Este modo no permite la ranura {slot}.'],
    'harness.height/measure' => ['do' => 'Mida el hombro y las ranuras, y pase las correas.'],
    'harness.height/move' => ['do' => 'Pase las correas a la ranura {right}, contando desde la más baja.'],
    'harness.height/no_slot' => ['do' => 'Ninguna ranura de este asiento sirve para este hombro en este modo: otro modo u otro asiento.'],
    'harness.height/set' => ['do' => 'Ponga las correas a la altura correcta.'],
    'harness.height_far' => [
        'title' => 'Una ranura más cercana',
        'when' => 'Del lado correcto, pero otra ranura permitida está más cerca del hombro.',
        'says' => 'La ranura {slot} está del lado correcto del hombro, pero la ranura {right} está más cerca.',
        'do' => 'Pase las correas a la ranura {right}.',
    ],
    'harness.hip_slack' => [
        'title' => 'Holgura en la cadera',
        'when' => 'Holgura en la cadera.',
        'says' => 'Hay holgura en la cadera.',
        'do' => 'Recójala primero desde la cadera y luego con el ajustador.',
    ],
    'harness.not_buckled' => [
        'title' => 'Sin abrochar',
        'when' => 'La hebilla o las lengüetas sin cerrar.',
        'says' => 'La hebilla no está cerrada.',
        'do' => 'Inserte las lengüetas una por una hasta oír el clic.',
    ],
    'harness.padding' => [
        'title' => 'Relleno que no venía con él',
        'when' => 'Cualquier cosa detrás o debajo del niño que el fabricante no suministró.',
        'says' => 'Detrás o debajo del niño hay algo que el fabricante no suministró.',
        'do' => 'Quítelo. Un paño enrollado a los lados del cuerpo no es relleno, salvo que el fabricante lo prohíba.',
    ],
    'harness.slack' => [
        'title' => 'Correas flojas',
        'when' => 'La prueba de tensión falla.',
        'says' => 'Las correas están flojas: la prueba {test, select, pinch {del pellizco} finger {del dedo} other {de tensión}} falla.',
        'do' => 'Recoja la holgura desde la cadera, luego el ajustador, luego el broche; después haga la prueba en el hombro.',
    ],
    'harness.slouch' => [
        'title' => 'Lejos del asiento',
        'when' => 'Cadera o espalda separadas del asiento.',
        'says' => 'La cadera o la espalda están separadas del asiento.',
        'do' => 'Siente al niño bien atrás: cadera y espalda contra el asiento.',
    ],
    'harness.tail' => [
        'title' => 'El extremo de la correa',
        'when' => 'Extremo libre de la correa suelto dentro o fuera del asiento.',
        'says' => 'El extremo libre de la correa está suelto.',
        'do' => 'Guárdelo.',
    ],
    'harness.too_tight' => [
        'title' => 'Correas demasiado apretadas',
        'when' => 'Las correas se clavan en la piel o doblan el cuerpo.',
        'says' => 'Las correas se clavan en la piel o doblan el cuerpo.',
        'do' => 'Aflójelas hasta que queden ceñidas.',
    ],
    'harness.twist' => [
        'title' => 'Una correa torcida',
        'when' => 'Correa torcida.',
        'says' => 'Una correa del arnés está torcida.',
        'do' => 'Ponga la correa plana.',
    ],
    'harness.wrong_test' => [
        'title' => 'La prueba equivocada',
        'when' => 'La prueba hecha no es la de este asiento (un dedo puede pasar donde un pellizco no).',
        'says' => 'Se hizo la prueba {done, select, pinch {del pellizco} other {del dedo}}; este asiento se prueba con la prueba {test, '
            . 'select, pinch {del pellizco} other {del dedo}}.',
        'do' => '{test, select, pinch {Trate de pellizcar la cinta a lo largo en el hombro: nada debe quedar entre los dedos.} other '
            . '{Entre la correa y el niño entra un dedo, dos no.}}',
    ],
    'history.crash' => [
        'title' => 'Estuvo en un choque',
        'when' => 'Estuvo en un choque, y la política o la práctica es estricta, o el fabricante pide reemplazarlo después de cualquier '
            . 'choque, o falla alguno de los cinco puntos de un choque menor.',
        'do' => 'No lo use. Pregunte a la aseguradora por uno nuevo, corte las correas y marque la carcasa.',
    ],
    'history.crash/event' => ['says' => 'El asiento estuvo en un choque, y este evento reemplaza todo asiento que lo estuvo.'],
    'history.crash/maker' => ['says' => 'El asiento estuvo en un choque, y su fabricante pide uno nuevo después de cualquier choque.'],
    'history.crash/not_minor' => ['says' => 'El choque no fue menor: {failed}.'],
    'history.crash_unclear' => [
        'title' => 'Un choque que no se conoce del todo',
        'when' => 'Un choque, y uno de los cinco puntos no se conoce (y ninguno falla).',
        'says' => 'El asiento estuvo en un choque, y no se conocen los cinco puntos de un choque menor.',
        'do' => 'Pregunte a la familia, o trátelo como un choque que no fue menor.',
    ],
    'history.minor_crash' => [
        'title' => 'Estuvo en un choque menor',
        'when' => 'Política para choques menores, el fabricante no dice nada, y se cumplen los cinco puntos: el vehículo siguió rodando; '
            . 'la puerta más cercana sin daño; nadie herido; ninguna bolsa de aire abierta; ningún daño visible en el asiento.',
        'says' => 'El asiento estuvo en un choque menor: los cinco puntos se cumplen y el fabricante no pide uno nuevo.',
        'do' => 'Puede usarse. Explique a la familia por qué.',
    ],
    'history.unknown' => [
        'title' => 'Nadie conoce su pasado',
        'when' => 'De segunda mano, y quien lo da no conoce su pasado.',
        'says' => 'El asiento es de segunda mano y nadie conoce su pasado.',
        'do' => 'No lo use: un choque no se ve desde afuera.',
    ],
    'label.name_only' => [
        'title' => 'Solo se conoce el nombre comercial',
        'when' => 'Solo se conoce un nombre comercial; asientos de nombre parecido tienen reglas y retiros distintos: hace falta el '
            . 'número de modelo.',
        'says' => 'Solo se conoce el nombre comercial {name}. Asientos de nombre parecido tienen reglas y retiros distintos.',
        'do' => 'Lea el número de modelo en la etiqueta.',
    ],
    'label.standard' => [
        'title' => 'Una norma que aquí no se acepta',
        'when' => 'La etiqueta no declara ninguna de las normas que acepta la práctica.',
        'says' => 'La etiqueta declara {claimed}, que aquí no se acepta.',
        'do' => 'No use aquí este asiento; busque uno cuya etiqueta declare {accepted}.',
    ],
    'label.standard/none' => ['says' => 'La etiqueta no declara ninguna norma.'],
    'label.unreadable' => [
        'title' => 'La etiqueta no se puede leer',
        'when' => 'No se puede leer el fabricante, el modelo o la fecha: no hay contra qué revisarlo.',
        'says' => 'La etiqueta no se puede leer: falta el fabricante, el modelo o la fecha, así que no hay contra qué revisar el asiento.',
        'do' => 'Busque una segunda etiqueta debajo de la funda o de la base. Sin ella, no use este asiento.',
    ],
    'measure.at_limit' => [
        'title' => 'Apenas dentro del límite',
        'when' => 'En un límite inclusivo o hasta {near} por debajo: menos es mejor, muchos lo harían de nuevo.',
        'says' => 'El asiento se mueve {moved} {way, select, side {de lado a lado} front {de adelante hacia atrás} other {de arriba '
            . 'abajo}}, apenas dentro del límite de {limit}.',
        'do' => 'Menos es mejor: muchos lo apretarían una vez más.',
    ],
    'measure.foot_position' => [
        'title' => 'El pie de la base',
        'when' => 'El pie de la base no está en la posición que este modo necesita.',
        'says' => 'El pie de la base está en {foot}; este modo lo necesita en {needed}.',
        'do' => 'Ponga el pie como lo necesita este modo.',
    ],
    'measure.loose' => [
        'title' => 'Se mueve demasiado',
        'when' => 'Movimiento más allá del límite en cualquier dirección.',
        'says' => 'El asiento se mueve {moved} {way, select, side {de lado a lado} front {de adelante hacia atrás} other {de arriba '
            . 'abajo}}; {inclusive, select, yes {no se permite más de {limit}} other {debe ser menos de {limit}}}.',
        'do' => 'Apriételo con peso sobre la ruta del cinturón y pruebe otra vez.',
    ],
    'measure.loose/felt' => [
        'says' => 'Por lo que se siente, el asiento se mueve más del límite{known, select, inclusive { de {limit}} below {, menos de '
            . '{limit},} other {}} {way, select, side {de lado a lado} front {de adelante hacia atrás} other {de arriba abajo}}.',
    ],
    'measure.not_level' => [
        'title' => 'No se sabe si está nivelado',
        'when' => 'Indicador, zona o ángulo leídos sin saber si el vehículo está nivelado: no se juzga ninguno.',
        'says' => 'No se sabe si el vehículo está en suelo nivelado, así que ni el indicador ni el ángulo dicen nada.',
        'do' => 'Lleve el vehículo a suelo nivelado y vuelva a leer.',
    ],
    'measure.overhang' => [
        'title' => 'Sobresale del borde',
        'when' => 'La base sobresale del cojín más de lo que permite el asiento; sin cifra, al menos {share} sobre el cojín.',
        'says' => 'La base sobresale {overhang} del borde del cojín; el asiento permite {inclusive, select, yes {como máximo} other '
            . '{menos de}} {limit}.',
        'do' => 'Mueva el asiento hacia atrás, elija un lugar más profundo u otro asiento.',
    ],
    'measure.overhang/share' => [
        'says' => '{none, select, yes {Nada} other {Solo {share}}} de la base está sobre el cojín; el mínimo es {least}.',
    ],
    'measure.part_forbidden' => [
        'title' => 'Una pieza prohibida',
        'when' => 'Está puesta una pieza que este modo prohíbe.',
        'says' => 'La pieza «{part}» está puesta, y este modo la prohíbe.',
        'do' => 'Quite la pieza «{part}».',
    ],
    'measure.part_required' => [
        'title' => 'Una pieza necesaria',
        'when' => 'Falta una pieza que este modo exige: pata de apoyo, barra antirrebote, portavasos.',
        'says' => 'Este modo necesita la pieza «{part}», y no está puesta.',
        'do' => 'Ponga la pieza «{part}».',
    ],
    'measure.recline_setting' => [
        'title' => 'La reclinación equivocada',
        'when' => 'Posición de reclinación no permitida para el modo o para este peso.',
        'says' => 'La posición de reclinación {setting} no es para este modo y peso.',
    ],
    'measure.recline_setting/ask' => ['do' => 'Consulte el manual o al fabricante antes de que viaje.'],
    'measure.recline_setting/none' => [
        'says' => 'El fabricante no da ninguna posición de reclinación para un niño de este peso en este modo.',
    ],
    'measure.recline_setting/use' => ['do' => 'Use la posición {right}.'],
    'measure.recline_setting/weigh' => ['do' => 'Pese al niño y use la posición que el manual da para ese peso.'],
    'measure.side_pod' => [
        'title' => 'Las protecciones laterales',
        'when' => 'La protección lateral no está afuera del lado de la puerta (o de ambos, como dice el fabricante), o está afuera donde '
            . 'dice que no.',
        'says' => 'Las protecciones laterales no están como pide el fabricante para este lugar.',
        'do' => '{wanted, select, door_side {Saque la del lado de la puerta, y solo esa.} both {Saque ambas.} other {Pliegue ambas: en '
            . 'este lugar ninguna puede estar afuera.}}',
    ],
    'measure.tether_forbidden' => [
        'title' => 'Una correa superior prohibida',
        'when' => 'Correa superior puesta en un modo cuyo fabricante la prohíbe.',
        'says' => 'La correa superior está puesta, y el fabricante la prohíbe mirando hacia atrás.',
        'do' => 'Desenganche la correa superior y guárdela.',
    ],
    'measure.tether_masked' => [
        'title' => 'Probado con la correa superior tensa',
        'when' => 'Correa superior en uso y el movimiento probado solo con ella tensa: aflojarla, probar otra vez y tensarla.',
        'says' => 'El movimiento se probó solo con la correa superior tensa; una correa tensa puede ocultar un asiento flojo.',
        'do' => 'Afloje la correa superior, pruebe otra vez en la ruta del cinturón y vuelva a tensarla.',
    ],
    'measure.tether_overtight' => [
        'title' => 'La correa superior demasiado tensa',
        'when' => 'Mirando hacia atrás: tan tensa que el asiento se mueve o el ajustador pasa de la carcasa.',
        'says' => 'La correa superior está tan tensa que mueve el asiento.',
        'do' => 'Aflójela hasta que solo quede sin holgura.',
    ],
    'measure.tether_route' => [
        'title' => 'La correa superior mal pasada',
        'when' => 'La correa superior no pasa alrededor del apoyacabezas como muestra el vehículo.',
        'says' => 'La correa superior no pasa alrededor del apoyacabezas como indica el vehículo.',
        'do' => 'Pásela como indica el manual del vehículo.',
    ],
    'measure.tether_slack' => [
        'title' => 'Holgura en la correa superior',
        'when' => 'Queda holgura en la correa superior. Mirando hacia atrás se juzga con el niño sentado: se afloja para sentarlo y se '
            . 'tensa de nuevo cada vez.',
        'says' => 'La correa superior tiene holgura.',
        'do' => 'Quite toda la holgura.',
    ],
    'measure.tether_slack/rear' => [
        'do' => 'Quite la holgura con el niño sentado; aflójela para sentar al niño y vuelva a tensarla cada vez.',
    ],
    'measure.tether_twist' => [
        'title' => 'La correa superior torcida',
        'when' => 'Correa superior torcida.',
        'says' => 'La correa superior está torcida.',
        'do' => 'Póngala plana.',
    ],
    'measure.tether_unused' => [
        'title' => 'La correa superior no se usa',
        'when' => 'El asiento, su norma o un arnés hacia adelante pide la correa superior, el anclaje está ahí y no se usa.',
        'says' => 'La correa superior hace falta, su anclaje está ahí y no se usa.',
        'do' => 'Enganche la correa superior y quítele la holgura.',
    ],
    'measure.too_flat' => [
        'title' => 'Demasiado acostado',
        'when' => 'Mirando hacia atrás: el indicador dice demasiado acostado, o el ángulo está por encima del rango del asiento.',
        'says' => 'El asiento está demasiado acostado{seen, select, indicator { según su indicador} both {: {angle}; el asiento pide como '
            . 'máximo {limit}, y su indicador también lo dice} other {: {angle}; el asiento pide como máximo {limit}}}.',
        'do' => 'Póngalo más vertical: un asiento acostado no sostiene en un choque.',
    ],
    'measure.too_upright' => [
        'title' => 'Demasiado vertical',
        'when' => 'Mirando hacia atrás: el indicador dice demasiado vertical, o el ángulo está por debajo del rango del asiento. '
            . 'Demasiado vertical deja caer la cabeza de un bebé y cerrar la vía aérea. Donde el asiento lo dice, no es falta para un '
            . 'niño que se sabe que se sienta sin apoyo.',
        'says' => 'El asiento está demasiado vertical{seen, select, indicator { según su indicador} both {: {angle}; el asiento pide al '
            . 'menos {limit}, y su indicador también lo dice} other {: {angle}; el asiento pide al menos {limit}}}.',
    ],
    'measure.too_upright/own' => ['do' => 'La cabeza de un bebé puede caer y cerrar la vía aérea. Reclínelo con su propio pie o ajuste.'],
    'measure.too_upright/wedge' => [
        'do' => 'La cabeza de un bebé puede caer y cerrar la vía aérea. Reclínelo, o levántelo en el pliegue del asiento con un tubo de '
            . 'espuma o una toalla enrollada.',
    ],
    'measure.wedge_not_allowed' => [
        'title' => 'Algo debajo del asiento',
        'when' => 'Tubo de espuma o toalla debajo de un asiento hacia atrás cuyo fabricante no lo permite, o debajo de cualquier asiento '
            . 'hacia adelante o elevador.',
        'says' => 'Hay {wedge, select, noodle {un tubo de espuma} other {una toalla}} debajo del asiento, y su fabricante no lo permite.',
        'do' => 'Quítelo y ajuste la reclinación con los medios propios del asiento.',
    ],
    'measure.wedge_not_allowed/forward' => [
        'says' => 'Hay {wedge, select, noodle {un tubo de espuma} other {una toalla}} debajo de un asiento que mira hacia adelante.',
    ],
    'measure.wrong_spot' => [
        'title' => 'Probado en otro punto',
        'when' => 'El movimiento no se probó en la ruta del cinturón.',
        'says' => 'El movimiento no se probó en la ruta del cinturón; en otras partes el asiento debe moverse.',
        'do' => 'Pruebe otra vez por donde pasa el cinturón, con la mano menos hábil y la fuerza de un apretón de manos.',
    ],
    'measure.zone' => [
        'title' => 'En la zona equivocada',
        'when' => 'El indicador tiene zonas y está en una que no es para este niño (edad, peso, sentarse).',
        'says' => 'El indicador está en la zona {zone}, que no es para este niño: {breaks}.',
        'do' => 'Ponga la reclinación en la zona para este niño.',
    ],
    'mode.back_off_early' => [
        'title' => 'El respaldo se quitó pronto',
        'when' => 'Sin respaldo aunque el respaldo alto de este asiento todavía queda.',
        'says' => 'El respaldo de este elevador todavía le queda al niño.',
        'do' => 'Vuelva a poner el respaldo: guía el cinturón y sostiene la cabeza al dormir.',
    ],
    'mode.belt_only_early' => [
        'title' => 'Muy pronto para solo el cinturón',
        'when' => 'Sin asiento, y falla alguno de los cinco puntos del ajuste del cinturón o la estatura es menor de {stature} (unos 4 ft '
            . '9 in).',
        'says' => 'El cinturón solo todavía no le queda: {breaches}.',
        'do' => 'Use un elevador hasta que se cumplan los cinco puntos.',
    ],
    'mode.booster_could_harness' => [
        'title' => 'Un arnés todavía queda',
        'when' => 'Elevador por encima de los mínimos mientras el arnés hacia adelante de este asiento todavía queda.',
        'says' => 'El arnés de este asiento todavía le queda al niño.',
        'do' => 'Un arnés protege más que un elevador: úselo mientras le quede.',
    ],
    'mode.booster_early' => [
        'title' => 'Muy pronto para un elevador',
        'when' => 'Elevador por debajo de la edad o el peso mínimos de la práctica o de la ley.',
        'weighs' => 'Corregir; detener si tampoco queda un modo con arnés de este asiento.',
        'says' => 'Es pronto para un elevador: {breaches}.',
    ],
    'mode.booster_early/find' => ['do' => 'Busque un asiento con un arnés que le quede a este niño.'],
    'mode.booster_early/harness' => ['do' => 'Vuelva a poner el arnés de este asiento: todavía le queda.'],
    'mode.forward_early' => [
        'title' => 'Girado hacia adelante pronto',
        'when' => 'Mira hacia adelante aunque el arnés hacia atrás de este asiento todavía queda: hacia atrás todo lo posible.',
        'says' => 'El niño mira hacia adelante, aunque este asiento todavía le queda mirando hacia atrás.',
        'do' => 'Mirando hacia atrás se protegen mejor la cabeza y el cuello: siga así mientras el asiento lo permita.',
    ],
    'mode.front_row_under_13' => [
        'title' => 'Un niño en la fila delantera',
        'when' => 'Menor de {months} (o de la edad mayor de la ley) en la fila 1.',
        'weighs' => 'Corregir si hay un lugar libre atrás o lo dice la ley; si no, aconsejar.',
        'says' => 'Un niño de {age} va en la fila delantera; hasta los {floor} su lugar es la fila de atrás.',
    ],
    'mode.front_row_under_13/back' => ['do' => 'Páselo a un lugar libre de atrás.'],
    'mode.front_row_under_13/front' => ['do' => 'Mueva el asiento del vehículo lo más atrás posible y busque un lugar atrás.'],
    'mode.front_row_under_13/rear' => ['do' => 'Busque un lugar atrás. Aquí solo viaja donde no haya una bolsa de aire activa enfrente.'],
    'mode.law_booster' => [
        'title' => 'Por ley todavía elevador',
        'when' => 'Sin asiento, y más pequeño que la edad de la ley para el elevador.',
        'says' => 'Por ley todavía no: {breaches}.',
        'do' => 'Use un elevador.',
    ],
    'mode.law_rear' => [
        'title' => 'Por ley todavía hacia atrás',
        'when' => 'Más pequeño que la edad, o más ligero que el peso, de la ley para mirar hacia atrás, y no mira hacia atrás.',
        'weighs' => 'Corregir, o detener si el asiento no tiene un modo hacia atrás que quede.',
        'says' => 'El niño tiene {measured}; aquí nadie mira hacia adelante antes de {floor}.',
    ],
    'mode.law_rear/find' => ['do' => 'Busque un asiento que lleve a este niño mirando hacia atrás.'],
    'mode.law_rear/turn' => ['do' => 'Gire este asiento para que mire hacia atrás: así le queda al niño.'],
    'mode.limits_unknown' => [
        'title' => 'No se conocen los límites de su modo',
        'when' => 'Al modo en uso le falta un peso o una estatura máximos propios; de un modo así no se sabe si queda.',
        'says' => 'No se conocen todos los límites del fabricante para este modo.',
        'do' => 'Lea en la etiqueta o en el manual el peso y la estatura máximos para este modo.',
    ],
    'mode.not_offered' => [
        'title' => 'El asiento no tiene ese modo',
        'when' => 'El asiento no tiene ese modo.',
        'weighs' => 'Corregir si otro modo de este asiento queda; si no, detener.',
        'says' => 'Este asiento no está hecho para usarse como {mode}.',
    ],
    'mode.not_offered/find' => ['do' => 'Busque otro asiento para este niño.'],
    'mode.not_offered/use' => ['do' => 'Instálelo como {other}.'],
    'mode.outside_limits' => [
        'title' => 'Fuera de los límites de su modo',
        'when' => 'Se rompe un límite del modo en uso; un hallazgo que nombra cada uno.',
        'weighs' => 'Corregir si otro modo de este asiento queda, o este sujeto de otra manera aquí; si no, detener.',
        'says' => '{breaches}.',
    ],
    'mode.outside_limits/anchors' => ['do' => 'Sujételo con los anclajes inferiores: así le queda.'],
    'mode.outside_limits/belt' => ['do' => 'Sujételo con el cinturón del vehículo: así le queda.'],
    'mode.outside_limits/no_seat' => [
        'do' => 'No se conoce ningún modo de este asiento que le quede. El cinturón del vehículo solo sí le queda a este niño.',
    ],
    'mode.outside_limits/find' => [
        'do' => 'Este asiento no tiene ningún modo que se sepa que le quede. Busque otro asiento para este niño.',
    ],
    'mode.outside_limits/use' => ['do' => 'Use este asiento como {mode}, que sí le queda.'],
    'mode.under_one_forward' => [
        'title' => 'Menor de un año mirando hacia adelante',
        'when' => 'Menor de 12 meses y no mira hacia atrás.',
        'weighs' => 'Corregir, o detener si el asiento no tiene un modo hacia atrás que quede.',
        'says' => 'El niño tiene {measured}; aquí nadie mira hacia adelante antes de {floor}.',
    ],
    'mode.under_one_forward/find' => ['do' => 'Busque un asiento que lleve a este niño mirando hacia atrás.'],
    'mode.under_one_forward/turn' => ['do' => 'Gire este asiento para que mire hacia atrás: así le queda al niño.'],
    'place.airbag' => [
        'title' => 'Hacia atrás frente a una bolsa de aire',
        'when' => 'Mirando hacia atrás frente a una bolsa de aire activa.',
        'weighs' => 'Corregir; detener si no hay lugar libre.',
        'says' => 'Un asiento que mira hacia atrás está frente a una bolsa de aire activa.',
    ],
    'place.airbag/look' => ['do' => 'Aquí no viaja. Vea si otro lugar de este vehículo puede llevarlo.'],
    'place.airbag/move' => ['do' => 'Páselo a otro lugar. Nunca mirando hacia atrás frente a una bolsa de aire activa.'],
    'place.airbag/nowhere' => ['do' => 'No hay otro lugar en este vehículo que pueda llevarlo: el niño no viaja en él.'],
    'place.airbag_forward' => [
        'title' => 'Un asiento infantil frente a una bolsa de aire',
        'when' => 'Cualquier otro asiento infantil frente a una bolsa de aire activa.',
        'weighs' => 'Corregir si hay un lugar libre atrás; si no, aconsejar.',
        'says' => 'El asiento está frente a una bolsa de aire activa.',
    ],
    'place.airbag_forward/back' => ['do' => 'Mueva el asiento del vehículo lo más atrás posible.'],
    'place.airbag_forward/move' => ['do' => 'Páselo a un lugar libre de atrás.'],
    'place.back_not_upright' => [
        'title' => 'El respaldo del vehículo está reclinado',
        'when' => 'Respaldo del vehículo reclinado detrás de un asiento hacia adelante o de un elevador.',
        'says' => 'El respaldo del vehículo está reclinado detrás de este asiento.',
        'do' => 'Ponga vertical el respaldo del vehículo.',
    ],
    'place.booster_lap_only' => [
        'title' => 'Un elevador con cinturón abdominal',
        'when' => 'Elevador donde solo hay cinturón abdominal.',
        'says' => 'Aquí solo hay cinturón abdominal; un elevador necesita cinturón de tres puntos.',
        'do' => 'Elija un lugar con cinturón de tres puntos.',
    ],
    'place.front_contact' => [
        'title' => 'Presionado contra el asiento de adelante',
        'when' => 'Un asiento hacia atrás está presionado con fuerza contra el de adelante; un roce leve o un espacio pequeño está bien, '
            . 'salvo que un manual diga otra cosa.',
        'says' => 'El asiento está presionado con fuerza contra el asiento de adelante.',
        'do' => 'Mueva hacia adelante el asiento de adelante, o gane espacio con el asa o la reclinación. Un roce leve está bien, salvo '
            . 'que un manual diga otra cosa.',
    ],
    'place.gap_behind' => [
        'title' => 'Un hueco detrás del asiento',
        'when' => 'El asiento hacia adelante no toca el respaldo del vehículo.',
        'says' => 'El asiento no toca el respaldo del vehículo.',
        'do' => 'Cierre el espacio: ajuste el respaldo, suba o quite el apoyacabezas según permitan los manuales.',
    ],
    'place.handle' => [
        'title' => 'El asa no está donde puede',
        'when' => 'El asa en una posición que su fabricante no permite para viajar.',
        'says' => 'El asa está {handle}; para viajar su fabricante permite: {allowed}.',
        'do' => 'Ponga el asa en una posición permitida.',
    ],
    'place.head_restraint' => [
        'title' => 'El apoyacabezas lo separa',
        'when' => 'El apoyacabezas del vehículo separa el asiento del respaldo, mire hacia donde mire: subirlo o quitarlo donde el '
            . 'vehículo lo permita; si no, otro lugar.',
        'says' => 'El apoyacabezas del vehículo separa el asiento del respaldo.',
        'do' => 'Súbalo, o quítelo si el manual del vehículo lo permite y póngalo de nuevo después; si no, elija otro lugar.',
    ],
    'place.no_belt' => [
        'title' => 'Ahí nada puede sujetarlo',
        'when' => 'Ahí nada puede sujetar este asiento: no hay anclajes inferiores, y no se conoce manera de bloquear ese cinturón.',
        'do' => 'Elija otro lugar.',
    ],
    'place.no_belt/no_belt' => ['says' => 'Aquí no hay cinturón para el niño.'],
    'place.no_belt/nothing_holds' => [
        'says' => 'Aquí nada puede sujetar este asiento: no hay anclajes inferiores ni manera de bloquear este cinturón.',
    ],
    'place.no_tether_anchor' => [
        'title' => 'Ahí no hay anclaje superior',
        'when' => 'Un modo con arnés que necesita o debería tener correa superior, en un lugar sin anclaje. Debe saberse si el asiento la '
            . 'exige.',
        'weighs' => 'Corregir si un lugar libre lo tiene; si no, detener donde el asiento, la norma de la etiqueta o la práctica exige la '
            . 'correa superior; si no, aconsejar, con la correa guardada.',
        'says' => 'Este lugar no tiene anclaje para la correa superior.',
    ],
    'place.no_tether_anchor/move' => ['do' => 'Pase a un lugar que lo tenga.'],
    'place.no_tether_anchor/needed' => ['do' => 'La correa superior es necesaria: este asiento no viaja aquí en este modo.'],
    'place.no_tether_anchor/without' => ['do' => 'El fabricante del asiento permite usarlo sin ella. Guarde la correa.'],
    'place.side_facing' => [
        'title' => 'Un asiento que mira de lado',
        'when' => 'El asiento del vehículo no mira hacia adelante.',
        'says' => 'El asiento del vehículo aquí no mira hacia adelante.',
        'do' => 'Aquí no viaja ningún asiento infantil. Elija otro lugar.',
    ],
    'place.taken' => [
        'title' => 'El lugar está ocupado',
        'when' => 'Alguien o algo más tiene ese lugar.',
        'says' => 'Alguien o algo más ocupa este lugar.',
        'do' => 'Elija otro lugar o desocupe este.',
    ],
    'place.taken/twice' => ['says' => 'Dos niños tienen este lugar.', 'do' => 'Mueva a uno de ellos.'],
    'place.too_wide' => [
        'title' => 'Los asientos juntos son muy anchos',
        'when' => 'Los anchos de los asientos juntos pasan del ancho útil (solo en el plano del vehículo).',
        'says' => 'Uno junto al otro los asientos miden {seats} de ancho; {places} tienen {usable}.',
        'do' => 'Use asientos más angostos, o pase uno a otra fila.',
    ],
    'recall.affected' => [
        'title' => 'Un retiro lo incluye',
        'when' => 'Una campaña coincide y no consta como corregida: detener cuando pide dejar de usarlo, aconsejar cuando puede usarse '
            . 'hasta corregirlo.',
        'weighs' => 'Detener o aconsejar, según la campaña.',
        'says' => 'El retiro {campaign} incluye este asiento ({has_date, select, yes {lista del {dated}} other {lista sin '
            . 'fecha}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => '{advice, select, stop_use {No lo use hasta que el fabricante lo corrija} other {Puede usarse hasta que el fabricante lo '
            . 'corrija}}{has_cure, select, yes {: {cure}} other {}}.',
    ],
    'recall.list_stale' => [
        'title' => 'La lista de retiros es vieja',
        'when' => 'La lista no tiene fecha, o es de más de {days} días antes de la revisión.',
        'says' => 'La lista de retiros es del {dated} y tiene {age} días; con más de {fresh} días ya no es reciente.',
        'do' => 'Cargue una lista de retiros reciente, o pregunte al fabricante por este asiento.',
    ],
    'recall.list_stale/none' => ['says' => 'No hay una lista de retiros con fecha en la cual buscar.'],
    'recall.possible' => [
        'title' => 'Un retiro puede incluirlo',
        'when' => 'La campaña coincide con lo que se sabe, y la fecha, el modelo o la serie que faltan lo decidirían.',
        'says' => 'El retiro {campaign} puede incluir este asiento ({has_date, select, yes {lista del {dated}} other {lista sin '
            . 'fecha}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => 'Lea la parte de la etiqueta que falta, o pregunte al fabricante con el número de serie.',
    ],
    'register.missing' => [
        'title' => 'Sin registrar con su fabricante',
        'when' => 'El asiento no está registrado con su fabricante, así que ningún aviso llegaría a la familia; si se perdió la tarjeta: '
            . 'en línea o con el fabricante.',
        'says' => 'El asiento no está registrado con su fabricante, así que ningún aviso de retiro le llegaría a la familia.',
        'do' => 'Llene la tarjeta que venía con el asiento, o regístrelo en línea o por carta al fabricante.',
    ],
    'secure.anchor_borrowed' => [
        'title' => 'Barras prestadas de dos lugares',
        'when' => 'Barras de dos lugares vecinos usadas sin permiso de ambos manuales.',
        'says' => 'Se usan prestadas las barras de dos lugares vecinos, y no lo permiten ambos manuales.',
        'do' => 'Use aquí el cinturón, o pase a un lugar con anclajes propios.',
    ],
    'secure.anchor_not_there' => [
        'title' => 'Enganchado a lo que no es anclaje',
        'when' => 'Enganchado a algo que no es un anclaje designado (argolla de carga, estructura del asiento), para anclajes inferiores '
            . 'o correa superior; o el lugar no lo tiene.',
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
        'title' => 'Demasiado peso para los anclajes inferiores',
        'when' => 'Anclajes inferiores y un niño por encima de la cifra impresa del asiento, de la del vehículo o, sin cifra impresa, del '
            . 'límite combinado de la práctica menos el peso del asiento: cambiar al cinturón. No vale para elevadores.',
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
        'title' => 'Sujeta sin su base',
        'when' => 'Carcasa sujeta con el cinturón sin su base, y el fabricante no lo permite.',
        'says' => 'La carcasa está sujeta con el cinturón sin su base, y el fabricante no lo permite.',
        'do' => 'Ponga la base y encaje la carcasa en ella.',
    ],
    'secure.belt_guides' => [
        'title' => 'Fuera de las guías',
        'when' => 'Cinturón fuera de las guías o canales del asiento.',
        'says' => 'El cinturón está fuera de las guías del asiento.',
        'do' => 'Coloque el cinturón en las guías.',
    ],
    'secure.belt_unlocked' => [
        'title' => 'El cinturón no está bloqueado',
        'when' => 'Nada fija el largo de la parte abdominal; un bloqueo declarado solo cuenta si el retractor o la placa de ese lugar, o '
            . 'el asiento, puede hacerlo (un retractor de emergencia no bloquea nada). No vale para elevadores.',
    ],
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
        'title' => 'Un elevador colgado de los anclajes',
        'when' => 'Elevador en los anclajes inferiores aunque su fabricante no lo permite.',
        'says' => 'El elevador está enganchado a los anclajes inferiores, y el fabricante no lo permite.',
        'do' => 'Desengánchelo; el cinturón sostiene al niño.',
    ],
    'secure.booster_not_parked' => [
        'title' => 'Un elevador vacío',
        'when' => 'Elevador vacío sin abrochar.',
        'says' => 'El elevador vacío queda sin abrochar.',
        'do' => 'Abróchelo cuando nadie vaya sentado en él.',
    ],
    'secure.both' => [
        'title' => 'Cinturón y anclajes juntos',
        'when' => 'Cinturón y anclajes inferiores juntos, salvo que asiento y vehículo lo permitan. No vale para elevadores, donde el '
            . 'cinturón sostiene al niño.',
        'says' => 'El cinturón y los anclajes inferiores sujetan el asiento a la vez, y no lo permiten ambos fabricantes.',
        'do' => 'Deje uno de los dos; ambos valen lo mismo cuando están firmes.',
    ],
    'secure.buckle_in_path' => [
        'title' => 'La hebilla está en la ruta',
        'when' => 'La hebilla sube hasta la ruta del cinturón, de modo que no puede apretar.',
        'says' => 'La hebilla sube hasta la ruta del cinturón, así que el cinturón no puede apretar.',
        'do' => 'Gire el tallo hacia abajo si el vehículo lo permite, o use otro lugar.',
    ],
    'secure.buckle_turns' => [
        'title' => 'El tallo de la hebilla girado de más',
        'when' => 'Tallo de la hebilla girado más de {turns} vueltas completas, o girado donde el vehículo lo prohíbe; si no se sabe, se '
            . 'pregunta.',
        'says' => 'El tallo de la hebilla tiene {turns} vueltas; tres vueltas completas son el máximo.',
        'do' => 'Regréselo, o use otro lugar.',
    ],
    'secure.buckle_turns/forbidden' => ['says' => 'El tallo de la hebilla está girado, y el vehículo lo prohíbe.'],
    'secure.clip_far' => [
        'title' => 'El clip de bloqueo está muy lejos',
        'when' => 'Clip de bloqueo más lejos de la placa de enganche que el límite.',
        'says' => 'El clip de bloqueo está a {distance} de la placa de enganche; {inclusive, select, yes {como máximo} other {menos de}} '
            . '{limit} sostiene.',
        'do' => 'Póngalo de nuevo, cerca de la placa.',
    ],
    'secure.clip_prongs' => [
        'title' => 'No todas las puntas tienen cinta',
        'when' => 'No están las cuatro puntas del clip sobre la cinta (un clip hecho para una capa: como muestra su fabricante).',
        'says' => '{prongs, plural, =0 {Ninguna de las cuatro puntas del clip está} =1 {Solo una de las cuatro puntas del clip está} =2 '
            . '{Solo dos de las cuatro puntas del clip están} =3 {Solo tres de las cuatro puntas del clip están} other {# de las cuatro '
            . 'puntas del clip están}} sobre la cinta.',
        'do' => 'Ponga ambas capas debajo de las cuatro puntas. Un clip hecho para una sola capa se pone como indica su fabricante.',
    ],
    'secure.clip_with_lock' => [
        'title' => 'Bloqueado con el clip puesto',
        'when' => 'El retractor quedó en modo de bloqueo con el clip puesto.',
        'says' => 'El retractor quedó en modo de bloqueo con el clip de bloqueo puesto.',
    ],
    'secure.clip_with_lock/always' => ['do' => 'Quite el clip: este retractor siempre bloquea y sostiene el cinturón por sí solo.'],
    'secure.clip_with_lock/switchable' => ['do' => 'Deje que el cinturón se enrolle por completo una vez para que vuelva a correr libre.'],
    'secure.door_open' => [
        'title' => 'La puerta de sujeción está abierta',
        'when' => 'Puerta de sujeción o palanca sin cerrar del todo.',
        'says' => 'La puerta de sujeción o la palanca no está bien cerrada.',
        'do' => 'Presiónela hasta oír el clic.',
    ],
    'secure.double_lock' => [
        'title' => 'Bloqueos que no van juntos',
        'when' => 'Bloqueador o puerta de sujeción y retractor bloqueado, donde el fabricante prohíbe ambos; o se exigen ambos y solo uno '
            . 'está puesto.',
    ],
    'secure.double_lock/forbidden' => [
        'says' => 'Están bloqueados a la vez el bloqueo del asiento y el retractor; el fabricante prohíbe usar ambos.',
        'do' => 'Deje el retractor libre otra vez.',
    ],
    'secure.double_lock/required' => [
        'says' => 'Solo uno de los dos está bloqueado; el fabricante pide su propio bloqueo y también el retractor.',
        'do' => 'Bloquee también el otro.',
    ],
    'secure.hook_upside_down' => [
        'title' => 'Un gancho al revés',
        'when' => 'Gancho en otra posición que la que muestra su fabricante, anclajes inferiores o correa superior.',
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
        'title' => 'Un cinturón inflable',
        'when' => 'Cinturón inflable, y el fabricante del asiento no lo permite.',
        'says' => 'El cinturón aquí es inflable, y el fabricante del asiento no lo permite.',
        'do' => 'Use los anclajes inferiores u otro lugar.',
    ],
    'secure.lockoff_wrong' => [
        'title' => 'El bloqueador del lado equivocado',
        'when' => 'El bloqueador del lado equivocado, o ambos, donde el fabricante dice cuál.',
        'says' => 'El bloqueador del cinturón está cerrado del lado equivocado.',
        'do' => 'Ciérrelo {side, select, buckle_side {del lado de la hebilla} shoulder_side {del lado del hombro} other {de ambos '
            . 'lados}}, como indica su fabricante.',
    ],
    'secure.nothing' => [
        'title' => 'Nada sujeta el asiento',
        'when' => 'Sin sujetar (un elevador con el niño abrochado no necesita nada).',
        'says' => 'Nada sujeta el asiento al vehículo.',
        'do' => 'Sujételo con el cinturón o con los anclajes inferiores.',
    ],
    'secure.shell_unlocked' => [
        'title' => 'La carcasa no está encajada',
        'when' => 'Una carcasa que se separa de una base o gira sobre ella no está encajada (sin clic, indicador sin marcar de ambos '
            . 'lados), con la base en uso.',
        'says' => 'La carcasa no está bien encajada.',
        'do' => 'Encájela o gírela otra vez hasta que haga clic y coincidan todos los indicadores.',
    ],
    'secure.strap_trapped' => [
        'title' => 'Una correa atrapada',
        'when' => 'Arnés, correa de entrepierna o ajustador atrapado debajo del cinturón, de la puerta o de la funda.',
        'says' => 'Una correa del asiento está atrapada debajo del cinturón, de la puerta o de la funda.',
        'do' => 'Libere la correa y vuelva a apretar.',
    ],
    'secure.straps_not_stowed' => [
        'title' => 'Correas que cuelgan',
        'when' => 'Correas de anclaje, correa superior o arnés que esta instalación no usa están sueltas en vez de guardadas.',
        'says' => 'Cuelgan correas que esta instalación no usa.',
        'do' => 'Guárdelas donde las guarda el asiento.',
    ],
    'secure.tail' => [
        'title' => 'El extremo de una correa de anclaje',
        'when' => 'Extremo libre de una correa de anclaje suelto en el asiento.',
        'says' => 'El extremo libre de una correa de anclaje está suelto en el asiento.',
        'do' => 'Enróllelo y guárdelo.',
    ],
    'secure.twist' => [
        'title' => 'Cinta torcida',
        'when' => 'Cinta torcida, doblada o anudada en la ruta.',
        'says' => 'La cinta está torcida, doblada o anudada en la ruta.',
        'do' => 'Sáquela, póngala plana y comience de nuevo.',
    ],
    'secure.webbing_path' => [
        'title' => 'La parte equivocada del cinturón',
        'when' => 'El asiento dice qué cinta pasa (abdominal y hombro, o solo abdominal) y no es así.',
        'says' => 'El asiento indica qué parte del cinturón pasa por esta ruta, y no es así.',
        'do' => '{webbing, select, lap {Pase solo la parte abdominal.} other {Pase la parte abdominal y la del hombro.}}',
    ],
    'secure.wrong_path' => [
        'title' => 'Por la ruta equivocada',
        'when' => 'La cinta en la ruta de la otra dirección: la ruta hacia atrás va debajo de las piernas, la ruta hacia adelante detrás '
            . 'de la espalda.',
        'says' => 'La cinta pasa por la ruta {path, select, rear {para mirar hacia atrás} other {para mirar hacia adelante}}.',
        'do' => '{path, select, rear {Use la ruta para mirar hacia adelante: queda detrás de la espalda del niño.} other {Use la ruta '
            . 'para mirar hacia atrás: queda debajo de las piernas del niño.}}',
    ],
    'bus.unrestrained' => [
        'title' => 'Nada sujeta a un niño pequeño',
        'when' => 'En el autobús sin sistema de sujeción: menor de {age}, o con menos de {weight}.',
    ],
    'bus.unrestrained/age' => [
        'says' => 'A la edad de {age}, solo la banca sujeta a este niño; hasta los {least} viaja en un sistema de sujeción.',
        'do' => 'Póngalo en un sistema de sujeción con arnés completo.',
    ],
    'bus.unrestrained/weight' => [
        'says' => 'El niño pesa {weight} y solo la banca lo sujeta; con menos de {least} viaja en un sistema de sujeción.',
        'do' => 'Póngalo en un sistema de sujeción con arnés completo.',
    ],
    'bus.exit_row' => [
        'title' => 'En la fila de una salida de emergencia',
        'when' => 'Un sistema de sujeción en la fila de una salida de emergencia, de cualquier lado.',
        'says' => 'Hay un sistema de sujeción en la fila de una salida de emergencia.',
        'do' => 'Páselo a otra fila.',
    ],
    'bus.blocks_aisle' => [
        'title' => 'Estorba la salida',
        'when' => 'Un sistema de sujeción que no está en la ventana: en el pasillo, o en medio sin que se sepa que otro ocupa la ventana.',
    ],
    'bus.blocks_aisle/aisle' => [
        'says' => 'El sistema de sujeción está junto al pasillo y estorba a todos los que deben salir.',
        'do' => 'Páselo a la ventana.',
    ],
    'bus.blocks_aisle/middle' => [
        'says' => 'El sistema de sujeción está en medio, y no se sabe que otro ocupe la ventana.',
        'do' => 'Páselo a la ventana, o déjelo junto a uno que esté ahí.',
    ],
    'bus.both' => [
        'title' => 'Cinturón y anclajes inferiores a la vez',
        'when' => 'En el autobús con cinturón y anclajes inferiores a la vez, digan lo que digan los fabricantes.',
        'says' => 'Lo sujetan el cinturón y los anclajes inferiores a la vez.',
        'do' => 'Use uno solo.',
    ],
    'bus.buckle_end_long' => [
        'title' => 'El extremo con la hebilla es largo',
        'when' => 'El extremo con la hebilla sale más de {most} de la unión de la banca.',
        'says' => 'El extremo con la hebilla sale {shows} de la unión; con {most} como máximo queda libre la ruta del asiento.',
        'do' => 'Elija una banca donde sea corto, u otra forma de sujetar el asiento.',
    ],
    'bus.belt_altered' => [
        'title' => 'Un cinturón alterado',
        'when' => 'Un cinturón anudado, torcido para acortarlo o cosido: se cambia entero.',
        'says' => 'El cinturón de esta banca está {how, select, knotted {anudado} sewn {cosido} other {torcido para acortarlo}}: puede '
            . 'fallar.',
        'do' => 'No use este cinturón. Pida que lo cambien entero; elija otra banca.',
    ],
    'bus.wrap_loose' => [
        'title' => 'La correa envolvente está floja',
        'when' => 'La correa no hunde el respaldo.',
        'says' => 'La correa no hunde el respaldo: está floja.',
        'do' => 'Apoye la rodilla en el respaldo y jale la correa hasta que lo hunda.',
    ],
    'bus.wrap_frayed' => [
        'title' => 'La correa está deshilachada o rota',
        'when' => 'Una correa envolvente deshilachada o rota.',
        'says' => 'La correa está deshilachada o rota.',
        'do' => 'No la use. Tome otra del mismo fabricante.',
    ],
    'bus.behind_unrestrained' => [
        'title' => 'Alguien sin cinturón detrás de una correa',
        'when' => 'Alguien en la banca detrás de una correa que no va en un sistema de sujeción ni con cinturón.',
        'says' => 'Detrás de la correa va alguien que no lleva sistema de sujeción ni cinturón, y sería lanzado contra ella.',
        'do' => 'Deje vacía esa banca, o siente ahí solo a quienes vayan en un sistema de sujeción o con cinturón.',
    ],
    'bus.tether_used' => [
        'title' => 'Correa superior en una banca',
        'when' => 'Una correa superior enganchada a una banca de autobús.',
        'says' => 'Hay una correa superior enganchada a la banca, que no tiene anclaje para ella.',
        'do' => 'Desengánchela y guárdela.',
    ],
    'bus.touches_front' => [
        'title' => 'Toca lo que está adelante',
        'when' => 'El asiento toca el panel o la banca de adelante.',
        'says' => 'El asiento toca el panel o la banca de adelante.',
        'do' => 'Páselo a una banca con más espacio, o use un asiento menos profundo.',
    ],
    'bus.overhang' => [
        'title' => 'No está entero sobre la banca',
        'when' => 'La base no está entera sobre la banca, donde el fabricante lo pide.',
        'says' => 'No toda la base está sobre la banca; el fabricante lo pide.',
        'do' => 'Páselo a una banca más profunda, o use otro asiento.',
    ],
    'bus.too_young_for_vest' => [
        'title' => 'Muy pequeño para un chaleco',
        'when' => 'Chaleco en un niño de {weight} o menos, de {age} o menos, o que no se sienta solo.',
    ],
    'bus.too_young_for_vest/weight' => [
        'says' => 'El niño pesa {weight}; el chaleco es para niños de más de {least}.',
        'do' => 'Use un asiento hacia atrás.',
    ],
    'bus.too_young_for_vest/age' => [
        'says' => 'El niño tiene {age}; el chaleco es para mayores de {least}.',
        'do' => 'Use un asiento hacia atrás.',
    ],
    'bus.too_young_for_vest/sitting' => [
        'says' => 'El niño no se sienta solo; el chaleco no lo sostiene.',
        'do' => 'Use un asiento que lo sostenga.',
    ],
    'bus.vest_size' => [
        'title' => 'No es su talla',
        'when' => 'El chaleco no es la talla más cercana a la del niño.',
        'says' => 'El chaleco no es la talla más cercana a la del niño.',
        'do' => 'Tome la talla que mejor le quede, medida en el pecho sobre la ropa.',
    ],
    'bus.vest_backwards' => [
        'title' => 'El chaleco está al revés',
        'when' => 'El cierre está adelante.',
        'says' => 'El chaleco está al revés: el cierre está adelante.',
        'do' => 'Quíteselo y póngaselo con el cierre atrás.',
    ],
    'bus.vest_over_coat' => [
        'title' => 'Un chaleco sobre un abrigo',
        'when' => 'El chaleco sobre un abrigo: se pone antes de subir, el abrigo encima, las hebillas de los hombros libres.',
        'says' => 'El chaleco va encima de un abrigo.',
        'do' => 'Ponga primero el chaleco, antes de subir; el abrigo va encima, con las hebillas de los hombros libres.',
    ],
    'bus.vest_no_crotch' => [
        'title' => 'La correa de entrepierna del chaleco no se usa',
        'when' => 'La correa de entrepierna sin usar: el niño puede resbalar por debajo.',
        'says' => 'La correa de entrepierna no se usa: el niño puede resbalar por debajo.',
        'do' => 'Abroche la correa de entrepierna, ajustada.',
    ],
    'bus.vest_crotch_tight' => [
        'title' => 'La correa de entrepierna del chaleco aprieta',
        'when' => 'La correa de entrepierna más apretada que ajustada.',
        'says' => 'La correa de entrepierna está demasiado apretada.',
        'do' => 'Aflójela hasta que apenas toque al niño.',
    ],
    'bus.vest_low_strap' => [
        'title' => 'La correa más baja queda en el vientre',
        'when' => 'La correa más baja no queda abajo en las caderas, o la suben al vientre los hombros apretados: primero se aprietan las '
            . 'caderas.',
        'says' => 'La correa más baja queda en el vientre.',
        'do' => 'Afloje los hombros, apriete primero las caderas y luego los hombros.',
    ],
    'bus.vest_neck' => [
        'title' => 'Una correa cerca del cuello',
        'when' => 'Una correa atravesada queda cerca del cuello.',
        'says' => 'Una correa atravesada queda cerca del cuello.',
        'do' => 'Afloje los hombros, baje el chaleco y apriete primero las caderas.',
    ],
    'bus.vest_points' => [
        'title' => 'El chaleco no está sujeto en todos los puntos',
        'when' => 'Un chaleco que no está sujeto en caderas y hombros.',
    ],
    'bus.vest_points/hips' => [
        'says' => 'El chaleco no está sujeto en las caderas.',
        'do' => 'Sujete las dos caderas y apriételas antes que los hombros.',
    ],
    'bus.vest_points/shoulders' => [
        'says' => 'El chaleco no está sujeto en los hombros.',
        'do' => 'Sujete los dos hombros; primero se aprietan las caderas.',
    ],
    'bus.vest_points/both' => [
        'says' => 'El chaleco no está sujeto ni en las caderas ni en los hombros.',
        'do' => 'Sujete las dos caderas, apriételas y luego los dos hombros.',
    ],
    'bus.vest_top_from_below' => [
        'title' => 'Correas de arriba desde debajo del hombro',
        'when' => 'Las correas de arriba del chaleco salen de debajo del hombro.',
        'says' => 'Las correas de arriba salen de debajo del hombro y lo empujan hacia abajo.',
        'do' => 'Elija una banca con respaldo más alto, o ponga más arriba la correa envolvente.',
    ],
    'bus.vest_not_rethreaded' => [
        'title' => 'Una punta sin pasar de regreso',
        'when' => 'Una punta suelta de las correas del chaleco sin pasar de regreso.',
        'says' => 'Una punta suelta no está pasada de regreso: la correa se puede correr.',
        'do' => 'Pase la punta de regreso por su hebilla.',
    ],
    'bus.slouch' => [
        'title' => 'No va contra la banca',
        'when' => 'La espalda y las caderas no van contra la banca o el asiento.',
        'says' => 'La espalda o las caderas están despegadas de la banca o del asiento.',
        'do' => 'Siente bien atrás al niño y vuelva a ajustar.',
    ],
    'secure.nothing/bench' => [
        'says' => 'Nada lo sujeta a la banca.',
        'do' => 'Sujételo con lo que pide este sistema: cinturón, anclajes inferiores o correa envolvente.',
    ],
    'secure.anchor_not_there/bench' => [
        'says' => 'Esta banca no tiene anclajes inferiores.',
        'do' => 'Elija una banca que los tenga, o use el cinturón.',
    ],
    'place.no_belt/bench' => ['says' => 'Esta banca no tiene cinturón.', 'do' => 'Elija una banca que lo tenga.'],
    'booster.lap_only/bench' => [
        'says' => 'Esta banca solo tiene cinturón de regazo; un elevador necesita el de hombro.',
        'do' => 'Elija una banca con cinturón de regazo y hombro, o use otro sistema.',
    ],
    'place.no_tether_anchor/bench' => [
        'says' => 'El fabricante exige la correa superior, y un autobús no tiene anclaje para ella.',
        'do' => 'Este asiento no viaja así en un autobús. Elija otro sistema.',
    ],
];
