<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\User;
use MintBuckle\Core\Record\AnnotationKind;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;

/** Keeps a word beside the facts: a finding that the family declined, with its reason, or a step of the card that was done. */
final readonly class Annotate
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param string|null $value what is kept where it holds; null: that it does
     * @throws UnreadableAnswer when the family has left, or declines without a reason
     */
    public function __invoke(
        Check $check,
        InspectionPhase $phase,
        string $id,
        AnnotationKind $beside,
        string $subject,
        bool $holds,
        ?string $reason,
        User $author,
        ?string $value = null,
    ): void {
        if ($beside === AnnotationKind::Declined && $holds && $reason === null) {
            throw UnreadableAnswer::because('why_declined');
        }
        OpenCheck::write($check, function (Check $check) use ($phase, $id, $beside, $subject, $holds, $reason, $author, $value): void {
            $kept = $holds ? $value ?? true : null;
            NoteFact::append($check, $id, $phase, $beside->key($subject), $kept, $author, $this->clock->now(), $reason);
        });
    }
}
