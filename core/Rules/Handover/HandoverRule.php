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
                'The family has not shown back that they can do it themselves.',
                'Let them install it once with their own hands.',
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
            ...($handover->technician?->id === null ? ['handover.technician.id' => 'The technician has not signed.'] : []),
            ...($handover->checker?->id === null ? ['handover.checker' => 'The second signer has not signed.'] : []),
        ];
        if ($missing !== []) {
            yield self::ask(
                Code::of('handover.unsigned'),
                implode(' ', $missing),
                'Ask for the signature that is missing; two people look and sign here.',
            );
        }
        foreach (array_keys($missing) as $path) {
            yield new Question($path, Station::Handover);
        }
        if ($handover->checker?->id !== null && $handover->checker->id === $handover->technician?->id) {
            yield new Finding(
                Code::of('handover.checker_same'),
                Severity::Fix,
                'Technician and second signer are the same person.',
                'Ask somebody else to look and sign.',
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
                "It is not known until when the {$role} is certified.",
                'Enter the date on the card.',
                $role,
                sources: [Source::Common->cite()],
            );
            yield new Question("handover.{$role}.certified_until", Station::Handover);
        } elseif ($until->isBefore($today)) {
            yield new Finding(
                Code::of('handover.certification'),
                Severity::Fix,
                "The {$role}'s certification ended on {$until->show()}.",
                'Somebody with a certification in date must look and sign.',
                $role,
                (string) $today,
                (string) $until,
                sources: [Source::Common->cite()],
            );
        }
    }

    private static function ask(Code $code, string $message, string $remedy): Finding
    {
        return new Finding($code, Severity::Ask, $message, $remedy, sources: [Source::Common->cite()]);
    }
}
