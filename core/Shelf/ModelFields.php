<?php

declare(strict_types=1);

namespace MintBuckle\Core\Shelf;

use MintBuckle\Core\Facts\ModeName;

/** Every rule of a seat model that is typed, in the order of a manual. What the format holds beyond these comes by file and is kept. */
final readonly class ModelFields
{
    /** @return array<string, list<ModelField>> by heading: what is said of the seat in one line each */
    public static function simple(): array
    {
        $leave = ['required', 'allowed', 'forbidden'];

        return [
            'Which seat' => [
                //             path                       label                                          kind
                new ModelField('maker',                   'Maker',                                       FieldKind::Text),
                new ModelField('model',                   'Model number',                                FieldKind::Text),
                new ModelField('name',                    'Trade name',                                  FieldKind::Text),
                new ModelField('life_years',              'Useful life, years',                          FieldKind::Whole),
                new ModelField('standards',               'Standards on the label',                      FieldKind::Words),
                new ModelField('weight',                  'Weight of the seat',                          FieldKind::Mass),
                new ModelField('width',                   'Greatest width',                              FieldKind::Length),
                new ModelField('base_length',             'Base that rests on the cushion',              FieldKind::Length),
            ],
            'Holding it' => [
                new ModelField('lockoff',                 'Has a lock-off',                              FieldKind::YesNo),
                new ModelField('clamp_door',            'Has a clamp door',                          FieldKind::YesNo),
                new ModelField('lock_retractor_too',      'Retractor locked as well',                    FieldKind::Choice, $leave),
                new ModelField('detachable',              'Shell lifts off, or turns on, its base',      FieldKind::YesNo),
                new ModelField('baseless',                'Shell without its base',                      FieldKind::Choice, ['allowed', 'forbidden']),
                new ModelField('belt_and_anchors_ok',     'Belt and lower anchors together',             FieldKind::YesNo),
                new ModelField('borrow_anchors_ok',       'Bars of neighbouring places',                 FieldKind::YesNo),
                new ModelField('inflatable_belt_ok',      'Inflatable belts',                            FieldKind::YesNo),
                new ModelField('wedge_ok',                'Noodle or towel under it',                    FieldKind::YesNo),
                new ModelField('lower_anchor_child_max',  'Child on the lower anchors, at most',         FieldKind::MassLimit),
                new ModelField('tether_rear',             'Tether rear-facing',                          FieldKind::Choice, $leave),
                new ModelField('tether_forward_required', 'Tether needed forward-facing',                FieldKind::YesNo),
                new ModelField('movement_max',            'Movement, where its manual gives a figure',   FieldKind::LengthLimit),
                new ModelField('clip_distance_max',       'Locking clip from the latch plate, at most',  FieldKind::LengthLimit),
                new ModelField('overhang_max',            'Overhang, at most',                           FieldKind::LengthLimit),
                new ModelField('replace_after_crash',     'After a crash',                               FieldKind::Choice, ['any', 'as_policy']),
            ],
            'Harness' => [
                new ModelField('slots',                   'Heights of the harness slots',                FieldKind::Heights),
                new ModelField('strap_rule_rear',         'Straps rear-facing',                          FieldKind::Choice, ['at_or_below', 'at_or_above', 'level_to_25_above']),
                new ModelField('strap_rule_forward',      'Straps forward-facing',                       FieldKind::Choice, ['at_or_below', 'at_or_above', 'level_to_25_above']),
                new ModelField('tightness_test',          'Tightness test',                              FieldKind::Choice, ['pinch', 'finger']),
                new ModelField('chest_clip',              'Has a chest clip',                            FieldKind::YesNo),
                new ModelField('side_pod',                'Side pod out at',                             FieldKind::Choice, ['door_side', 'both', 'none']),
            ],
        ];
    }

    /** @return list<ModelField> the rules of one mode */
    public static function ofMode(ModeName $mode): array
    {
        $at = "modes.{$mode->value}.";
        $harness = [
            new ModelField("{$at}head_clearance_min", 'Shell above the head, at least',        FieldKind::LengthLimit),
            new ModelField("{$at}angle_min",          'Back of the shell, at least',           FieldKind::AngleLimit),
            new ModelField("{$at}angle_max",          'Back of the shell, at most',            FieldKind::AngleLimit),
            new ModelField("{$at}recline",            'Recline settings',                      FieldKind::Recline),
            new ModelField("{$at}crotch_slots",       'Crotch-strap slots allowed',            FieldKind::Numbers),
            new ModelField("{$at}slots_forbidden",    'Harness slots forbidden',               FieldKind::Numbers),
            new ModelField("{$at}handle_positions",   'Carrying handle for travel',            FieldKind::Words),
            new ModelField("{$at}foot",               'Foot of the base',                      FieldKind::Text),
            new ModelField("{$at}webbing",            'Webbing through the path',              FieldKind::Choice, ['both', 'lap']),
            new ModelField("{$at}upright_when_sits",  'More upright once the child sits',      FieldKind::YesNo),
        ];
        $booster = [
            new ModelField("{$at}anchors_allowed",    'Booster on the lower anchors',          FieldKind::YesNo),
            new ModelField("{$at}shoulder_markers",   'Has shoulder markers',                  FieldKind::YesNo),
        ];

        return [
            new ModelField("{$at}weight_min",         'Child weighs at least',                 FieldKind::MassLimit),
            new ModelField("{$at}weight_max",         'Child weighs at most',                  FieldKind::MassLimit),
            new ModelField("{$at}height_min",         'Child is at least',                     FieldKind::LengthLimit),
            new ModelField("{$at}height_max",         'Child is at most',                      FieldKind::LengthLimit),
            new ModelField("{$at}age_min_months",     'From the age of',                       FieldKind::MonthLimit),
            new ModelField("{$at}age_max_months",     'To the age of',                         FieldKind::MonthLimit),
            ...($mode->isHarness() ? $harness : $booster),
            new ModelField("{$at}parts_required",     'Parts it needs',                        FieldKind::Words),
            new ModelField("{$at}parts_forbidden",    'Parts it forbids',                      FieldKind::Words),
        ];
    }

    /** @return list<ModeName> that a seat can have */
    public static function modes(): array
    {
        return [ModeName::RearHarness, ModeName::ForwardHarness, ModeName::HighBackBooster, ModeName::BacklessBooster];
    }

    /** @return list<ModelField> */
    public static function all(): array
    {
        return [...array_merge(...array_values(self::simple())), ...array_merge([], ...array_map(self::ofMode(...), self::modes()))];
    }
}
