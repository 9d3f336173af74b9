<?php

declare(strict_types=1);

namespace App\Checks;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Loose\Attempt;
use MintBuckle\Core\Loose\Sight;
use MintBuckle\Core\Loose\WontHold;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\LoggedFact;

/** What to try next where a seat will not hold or will not lean as it should: one step at a time, each noted. */
final readonly class LooseBox
{
    /** Findings in whose remedy it stands, with what is seen where the finding itself says so. */
    private const SEEN = [
        'measure.loose' => null,
        'measure.too_flat' => Sight::TooFlat,
        'measure.too_upright' => Sight::TooUpright,
        'secure.buckle_in_path' => Sight::HardwareInPath,
    ];

    /** @var list<Attempt> for what is seen; none while nothing is */
    private array $attempts;

    /** @var Attempt|null the first that was not tried yet */
    public ?Attempt $next;

    /**
     * @param list<Sight> $sights that can be seen of this seat
     * @param list<string> $tried keys of what was tried for what is seen
     */
    private function __construct(public array $sights, public ?Sight $seen, AssessmentContext $s, array $tried)
    {
        $this->attempts = $seen === null ? [] : WontHold::attempts($seen, $s);
        $left = array_filter($this->attempts, static fn(Attempt $a): bool => ! in_array($a->key(), $tried, true));
        $this->next = array_values($left)[0] ?? null;
    }

    /** Null where the finding is no matter of holding or leaning. */
    public static function beside(Finding $finding, AssessmentContext $s, FactLog $facts): ?self
    {
        $code = $finding->code->value;
        if (! array_key_exists($code, self::SEEN)) {
            return null;
        }
        $sights = Sight::of($s);
        $seen = self::lastSeen($facts, $sights, self::SEEN[$code]);
        $about = AnnotationKind::Tried->key($seen->value ?? '') . '.';

        return new self($sights, $seen, $s, array_map(
            static fn(LoggedFact $note): string => substr($note->key, strlen($about)),
            array_values(array_filter(
                $facts->noted(AnnotationKind::Tried),
                static fn(LoggedFact $note): bool => str_starts_with($note->key, $about),
            )),
        ));
    }

    /** The step's number, from 1. */
    public function number(): int
    {
        return 1 + (int) array_search($this->next, $this->attempts, true);
    }

    public function of(): int
    {
        return count($this->attempts);
    }

    /** @param list<Sight> $sights */
    private static function lastSeen(FactLog $facts, array $sights, ?Sight $byItself): ?Sight
    {
        $leans = static fn(?Sight $sight): bool => in_array($sight, [Sight::TooFlat, Sight::TooUpright], true);
        foreach (array_reverse($facts->noted(AnnotationKind::Seen)) as $note) {
            $sight = Sight::tryFrom(substr($note->key, strlen(AnnotationKind::Seen->key(''))));
            if ($sight !== null && in_array($sight, $sights, true) && ($byItself === null || $leans($sight) === $leans($byItself))) {
                return $sight;
            }
        }

        return $byItself;
    }
}
