<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Handover;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Handover;
use MintBuckle\Core\Facts\Signer;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** Has the family done it themselves, and is it signed by people who may sign? */
final readonly class HandoverRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('handover.unsigned'), [Severity::Ask], mendedBy: ['handover.technician', 'handover.checker']),
            new Finds(Code::of('handover.checker_same'), [Severity::Fix], mendedBy: ['handover.checker']),
            new Finds(Code::of('handover.not_shown_back'), [Severity::Ask], mendedBy: ['handover.shown_back']),
            new Finds(Code::of('handover.certification'), [Severity::Fix, Severity::Ask]),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $handover = $s->case->handover;
        $second = $s->case->policy->secondSigner === true;
        if ($handover === null) {
            if ($second) {
                yield new Question('handover', Station::Handover);
            }

            return;
        }
        if ($handover->shownBack !== true) {
            yield self::ask(
                Code::of('handover.not_shown_back'),
            );
        }
        if ($handover->shownBack === null) {
            yield new Question('handover.shown_back', Station::Handover, Severity::Ask);
        }
        yield from self::certification($handover->technician ?? new Signer(), 'technician', $s->case->today);
        if ($handover->checker?->id !== null) {
            yield from self::certification($handover->checker, 'checker', $s->case->today);
        }
        if ($second) {
            yield from self::secondSigner($handover);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function secondSigner(Handover $handover): iterable
    {
        $missing = [
            ...($handover->technician?->id === null ? ['handover.technician.id' => new Message('breaches.unsigned.technician')] : []),
            ...($handover->checker?->id === null ? ['handover.checker' => new Message('breaches.unsigned.checker')] : []),
        ];
        if ($missing !== []) {
            yield self::ask(
                Code::of('handover.unsigned'),
                ['missing' => Listing::sentences(array_values($missing))],
            );
        }
        foreach (array_keys($missing) as $path) {
            yield new Question($path, Station::Handover);
        }
        if ($handover->checker?->id !== null && $handover->checker->id === $handover->technician?->id) {
            yield new Finding(
                Code::of('handover.checker_same'),
                Severity::Fix,
                sources: [Source::Common->cite()],
            );
        }
    }

    /** @return iterable<Finding|Question> */
    private static function certification(Signer $signer, string $role, CalendarDate $today): iterable
    {
        $until = $signer->certifiedUntil;
        if ($until === null) {
            yield new Finding(
                Code::of('handover.certification'),
                Severity::Ask,
                variant: 'unknown',
                with: ['role' => $role],
                subject: $role,
                sources: [Source::Common->cite()],
            );
            yield new Question("handover.{$role}.certified_until", Station::Handover);
        } elseif ($until->isBefore($today)) {
            yield new Finding(
                Code::of('handover.certification'),
                Severity::Fix,
                with: ['role' => $role, 'ended' => $until],
                subject: $role,
                observed: (string) $today,
                limit: (string) $until,
                sources: [Source::Common->cite()],
            );
        }
    }

    /** @param array<string, Listing> $with */
    private static function ask(Code $code, array $with = []): Finding
    {
        return new Finding(
            $code,
            Severity::Ask,
            with: $with,
            sources: [Source::Common->cite()],
        );
    }
}
