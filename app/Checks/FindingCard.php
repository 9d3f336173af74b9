<?php

declare(strict_types=1);

namespace App\Checks;

use MintBuckle\Core\Asking\Remedies;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\LoggedFact;
use MintBuckle\Core\Rulebook;

/** A finding on the findings panel with what leads on from it: the facts to enter afresh, the seat's own figure, the family's refusal. */
final readonly class FindingCard
{
    /**
     * @param list<AskedRow> $facts entered afresh once it was put right
     * @param list<AskedRow> $figures of the seat, that its manual may give
     * @param LoggedFact|null $declined with its reason
     * @param string|null $page of the manual that the limit was read from
     */
    private function __construct(
        public Finding $finding,
        public string $subject,
        public array $facts,
        public array $figures,
        public ?LoggedFact $declined,
        public ?string $page,
    ) {}

    public static function of(Finding $finding, AskedRows $rows, FactLog $facts): self
    {
        $subject = self::subject($finding);
        $declined = $facts->latest(AnnotationKind::Declined->key($subject));
        $finds = Rulebook::current()->finds($finding->code, $finding->subject);
        $figures = Remedies::ownFigures($finds, $rows->situation);
        $pages = array_filter(array_map(static fn(string $path): ?string => $facts->latest($path)?->note, $figures));

        return new self(
            $finding,
            $subject,
            $rows->rows(Remedies::facts($finds, $finding->subject, $rows->situation)),
            $rows->rows($figures),
            $declined?->value() === true ? $declined : null,
            array_values($pages)[0] ?? null,
        );
    }

    public static function subject(Finding $finding): string
    {
        return rtrim($finding->key(), '/');
    }

    /** Advice is taken or left; what must be put right is declined with a reason. */
    public function canBeDeclined(): bool
    {
        return $this->finding->severity === Severity::Stop || $this->finding->severity === Severity::Fix;
    }
}
