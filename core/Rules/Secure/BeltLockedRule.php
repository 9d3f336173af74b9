<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\CaseFile\Belt;
use MintBuckle\Core\CaseFile\LatchPlate;
use MintBuckle\Core\CaseFile\Leave;
use MintBuckle\Core\CaseFile\Lock;
use MintBuckle\Core\CaseFile\Position;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;

/** Does anything that is claimed, and that this hardware can do, fix the length of the lap part? */
final readonly class BeltLockedRule implements Rule
{
    public function codes(): array
    {
        return [Code::SecureBeltUnlocked];
    }

    public function judge(Situation $s): iterable
    {
        if (! $s->isHarness() || ! $s->beltHolds()) {
            return;
        }
        $locks = $s->setup()->lock;
        if ($locks === null) {
            yield new Question('setup.lock', Station::Secure);

            return;
        }
        $held = Truth::No;
        $missing = [];
        foreach ($locks as $lock) {
            [$works, $paths] = self::works($s, $lock);
            $held = $held->or($works);
            $missing = [...$missing, ...($works === Truth::Unknown ? $paths : [])];
        }
        if ($held === Truth::No) {
            yield new Finding(
                Code::SecureBeltUnlocked,
                Severity::Fix,
                $locks === [] ? 'Nothing fixes the length of the lap part.' : 'What is said to lock the belt cannot do it here: nothing fixes the length of the lap part.',
                'Lock the belt by one of the ways that work at this place, then pull firmly to prove it.',
                observed: $locks === [] ? 'nothing' : implode(', ', array_map(static fn(Lock $l): string => $l->value, $locks)),
                sources: [Source::common()],
            );
        }
        foreach ($held === Truth::Unknown ? array_unique($missing) : [] as $path) {
            yield new Question($path, Station::Secure);
        }
    }

    /** @return array{Truth, list<string>} whether a claimed lock holds, and the facts that would tell */
    private static function works(Situation $s, Lock $lock): array
    {
        $place = $s->place ?? new Position('');
        $retractor = LockFinder::retractorCanLock($place);
        $alsoNeeded = $s->seat?->lockRetractorToo === Leave::Required && ($lock === Lock::Lockoff || $lock === Lock::TensionDoor) ? $retractor : Truth::Yes;
        $own = match ($lock) {
            Lock::Lockoff => Truth::of($s->seat?->lockoff),
            Lock::TensionDoor => Truth::of($s->seat?->tensionDoor),
            Lock::Retractor => $retractor,
            Lock::LatchPlate => $place->latchPlate === null ? Truth::Unknown : Truth::of($place->latchPlate === LatchPlate::Locking || $place->latchPlate === LatchPlate::Switched),
            Lock::Clip => ($place->belt === null ? Truth::Unknown : Truth::of($place->belt === Belt::LapShoulder))
                ->and($place->latchPlate === null ? Truth::Unknown : Truth::of($place->latchPlate === LatchPlate::Sliding)),
        };
        $paths = match ($lock) {
            Lock::Lockoff => $s->seat?->lockoff === null ? ['seat.lockoff'] : [],
            Lock::TensionDoor => $s->seat?->tensionDoor === null ? ['seat.tension_door'] : [],
            Lock::Retractor => $place->retractor === null ? [$s->placePath('retractor')] : [],
            Lock::LatchPlate => $place->latchPlate === null ? [$s->placePath('latch_plate')] : [],
            Lock::Clip => [...($place->belt === null ? [$s->placePath('belt')] : []), ...($place->latchPlate === null ? [$s->placePath('latch_plate')] : [])],
        };

        $belt = $place->belt === null ? Truth::Unknown : Truth::of($place->belt !== Belt::None);
        $needed = [...$paths, ...($alsoNeeded === Truth::Unknown ? [$s->placePath('retractor')] : []), ...($belt === Truth::Unknown ? [$s->placePath('belt')] : [])];

        return [$own->and($alsoNeeded)->and($belt), $needed];
    }
}
