<?php

declare(strict_types=1);

namespace Tests\Core;

        yield 'nothing locks' => [$rear, self::lock([]), ['fix secure.belt_unlocked']];
        yield 'lock not looked at' => [$rear, ['setup.lock' => null], [], ['setup.lock']];
        yield 'an elr retractor locks nothing' => [$rear, self::lock(['retractor'], [$here . 'retractor' => 'elr']), ['fix secure.belt_unlocked']];
        yield 'an alr retractor does' => [$rear, self::lock(['retractor'], [$here . 'retractor' => 'alr']), []];
        yield 'a sliding plate locks nothing' => [$rear, self::lock(['latch_plate']), ['fix secure.belt_unlocked']];
        yield 'a locking plate does' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => 'locking']), []];
        yield 'a switched plate does' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => 'switch']), []];
        yield 'a sewn plate does not' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => 'sewn']), ['fix secure.belt_unlocked']];
        yield 'plate unknown' => [$rear, self::lock(['latch_plate'], [$here . 'latch_plate' => null]), [], [$here . 'latch_plate']];
        yield 'no lock-off on this seat' => [$rear, self::lock(['lockoff']), ['fix secure.belt_unlocked']];
        yield 'lock-off' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true]), []];
        yield 'lock-off unknown' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => null]), [], ['seat.lockoff']];
        yield 'one works, the other is unknown' => [$rear, self::lock(['retractor', 'lockoff'], ['seat.lockoff' => null]), []];
        yield 'retractor wanted too and cannot' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required', $here . 'retractor' => 'elr']), ['fix secure.belt_unlocked']];
        yield 'retractor wanted too and free' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'required']), ['fix secure.double_lock']];
        yield 'both forbidden, both on' => [$rear, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden']), ['fix secure.double_lock']];
        yield 'both forbidden, the retractor cannot lock' => [$rear, self::lock(['lockoff', 'retractor'], ['seat.lockoff' => true, 'seat.lock_retractor_too' => 'forbidden', $here . 'retractor' => 'elr']), []];
        yield 'lock-off on the wrong side' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lockoff_use' => 'buckle_side', 'setup.lockoff_used' => 'both']), ['fix secure.lockoff_wrong']];
        yield 'lock-off side unknown' => [$rear, self::lock(['lockoff'], ['seat.lockoff' => true, 'seat.lockoff_use' => 'buckle_side']), [], ['setup.lockoff_used']];
        yield 'tension door open' => [$rear, self::lock(['tension_door'], ['seat.tension_door' => true, 'setup.tension_door_closed' => false]), ['fix secure.door_open']];
        yield 'tension door not looked at' => [$rear, self::lock(['tension_door'], ['seat.tension_door' => true]), [], ['setup.tension_door_closed']];

        yield 'clip at an inch' => [$rear, self::clip([]), []];
        yield 'clip beyond an inch' => [$rear, self::clip(['setup.clip_distance' => $q(25.5, 'mm')]), ['fix secure.clip_far']];
        yield 'clip, the seat allows an inch and a half' => [$rear, self::clip(['setup.clip_distance' => $q(38.1, 'mm'), 'seat.clip_distance_max' => $q(1.5, 'in')]), []];
        yield 'clip at 10 mm, nz' => [$nz, self::clip(['setup.clip_distance' => $q(10, 'mm')]), []];
        yield 'clip at 10.1 mm, nz' => [$nz, self::clip(['setup.clip_distance' => $q(10.1, 'mm')]), ['fix secure.clip_far']];
        yield 'clip on three prongs' => [$rear, self::clip(['setup.clip_prongs' => 3]), ['fix secure.clip_prongs']];
        yield 'clip not measured' => [$rear, self::clip(['setup.clip_distance' => null, 'setup.clip_prongs' => null]), [], ['setup.clip_distance', 'setup.clip_prongs']];
        yield 'clip on a lap belt' => [$rear, self::clip([$here . 'belt' => 'lap']), ['fix secure.belt_unlocked']];
        yield 'clip with the retractor locked' => [$rear, self::clip(['setup.lock' => ['clip', 'retractor'], $here . 'retractor' => 'switchable']), ['fix secure.clip_with_lock']];

        yield 'twisted' => [$rear, ['setup.twisted' => true], ['fix secure.twist']];
        yield 'strap trapped' => [$rear, ['setup.strap_trapped' => true], ['fix secure.strap_trapped']];
        yield 'three turns' => [$rear, ['setup.buckle_turns' => 3], []];
        yield 'three and a half turns' => [$rear, ['setup.buckle_turns' => 3.5], ['fix secure.buckle_turns']];
        yield 'half a turn where the vehicle forbids it' => [$rear, ['setup.buckle_turns' => 0.5, 'vehicle.buckle_turns_ok' => false], ['fix secure.buckle_turns']];
        yield 'a turn, leave unknown' => [$rear, ['setup.buckle_turns' => 1, 'vehicle.buckle_turns_ok' => null], [], ['vehicle.buckle_turns_ok']];
        yield 'buckle in the path' => [$rear, ['setup.buckle_in_path' => true], ['fix secure.buckle_in_path']];
        yield 'inflatable belt' => [$rear, [$here . 'inflatable_belt' => true], ['fix secure.inflatable_belt']];
        yield 'inflatable belt, maker unknown' => [$rear, [$here . 'inflatable_belt' => true, 'seat.inflatable_belt_ok' => null], [], ['seat.inflatable_belt_ok']];
        yield 'shell not locked' => [$rear, ['seat.detachable' => true, 'setup.shell_locked' => false], ['fix secure.shell_unlocked']];
        yield 'shell not looked at' => [$rear, ['seat.detachable' => true], [], ['setup.shell_locked']];
        yield 'without base, forbidden' => [$rear, ['seat.detachable' => true, 'seat.baseless' => 'forbidden', 'setup.base' => 'none'], ['fix secure.baseless_not_allowed']];
        yield 'without base, allowed' => [$rear, ['seat.detachable' => true, 'seat.baseless' => 'allowed', 'setup.base' => 'none'], []];
        yield 'base not looked at' => [$rear, ['seat.baseless' => 'allowed'], [], ['setup.base']];
        yield 'straps hang loose' => [$rear, ['setup.unused_straps_stowed' => false], ['fix secure.straps_not_stowed']];
        yield 'strap end' => [$rear, ['setup.anchor_tail_loose' => true], ['advise secure.tail']];
        yield 'empty booster' => [$booster, ['setup.empty_booster_buckled' => false], ['advise secure.booster_not_parked']];

    }

    /**
     * @param list<string> $locks
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    private static function lock(array $locks, array $more = []): array
    {
        return ['setup.lock' => $locks] + $more;
    }

    /**
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    private static function clip(array $more): array
    {
        return $more + ['setup.lock' => ['clip'], 'vehicle.positions.1.retractor' => 'elr', 'setup.clip_distance' => Cases::q(1, 'in'), 'setup.clip_prongs' => 4];
    }
}
