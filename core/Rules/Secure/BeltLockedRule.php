<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Does anything that is claimed, and that this hardware can do, fix the length of the lap part? */
final readonly class BeltLockedRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('secure.belt_unlocked'), [Severity::Fix], mendedBy: ['setup.lock']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
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
            [$holds, $paths] = LockFinder::of($s)->holds($lock);
            $held = $held->or($holds);
            array_push($missing, ...$paths);
        }
        if ($held === Truth::No) {
            yield self::unlocked($s, $locks);
        }
        foreach ($held === Truth::Unknown ? array_unique($missing) : [] as $path) {
            yield new Question($path, Station::Secure);
        }
    }

    /** @param list<Lock> $locks */
    private static function unlocked(AssessmentContext $s, array $locks): Finding
    {
        $lacksRetractor = $s->seat?->lockRetractorToo === MakerPermission::Required
            && array_filter($locks, static fn(Lock $l): bool => $l->isOnSeat()) !== [];

        return new Finding(
            Code::of('secure.belt_unlocked'),
            Severity::Fix,
            variant: match (true) {
                $locks === [] => 'nothing',
                $lacksRetractor => 'lacks_retractor',
                default => 'cannot',
            },
            mend: match (true) {
                LockFinder::of($s)->anyWorks() === Truth::Yes => 'lock',
                $s->place?->lowerAnchors === true => 'anchors',
                LockFinder::of($s)->anyWorks() === Truth::No => 'move',
                default => 'look',
            },
            observed: $locks === [] ? 'nothing' : implode(', ', array_map(static fn(Lock $l): string => $l->value, $locks)),
            sources: [Source::Common->cite()],
        );
    }
}
