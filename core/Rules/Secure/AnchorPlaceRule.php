<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rules\Rule;

/** Are the hooks on designated anchors of this place, or on borrowed ones that both makers allow? */
final readonly class AnchorPlaceRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(
                Code::of('secure.anchor_not_there'),
                [Severity::Fix],
                mendedBy: ['setup.anchor_designated', 'setup.held_by'],
                subject: 'lower_anchors',
            ),
            new Finds(
                Code::of('secure.anchor_not_there'),
                [Severity::Fix],
                mendedBy: ['setup.tether.anchor_designated', 'setup.position'],
                subject: 'tether',
            ),
            new Finds(
                Code::of('secure.anchor_borrowed'),
                [Severity::Fix],
                mendedBy: ['setup.anchors_borrowed', 'setup.held_by'],
                sources: [Source::Common, Source::AnchorSpacing],
            ),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        if ($s->anchorsHold()) {
            yield from self::lower($s);
        }
        $tether = $s->setup()->tether;
        if ($s->isTetherConcerned() && $tether->anchorDesignated === null) {
            yield new Question('setup.tether.anchor_designated', Station::Secure);
        }
        if ($s->isHarness() && $tether->used === true && ($tether->anchorDesignated === false || $s->place?->tetherAnchor === false)) {
            yield self::notThere('tether', 'tether');
        }
    }

    /** @return iterable<Finding|Question> */
    private static function lower(AssessmentContext $s): iterable
    {
        $setup = $s->setup();
        $questions = [
            'setup.anchor_designated' => $setup->anchorDesignated,
            'setup.anchors_borrowed' => $setup->anchorsBorrowed,
            $s->placePath('lower_anchors') => $setup->anchorsBorrowed === true ? true : $s->place?->lowerAnchors,
        ];
        foreach (array_keys(array_filter($questions, is_null(...))) as $path) {
            yield new Question($path, Station::Secure);
        }
        if ($setup->anchorDesignated === false) {
            yield self::notThere('hook', 'lower_anchors');
        } elseif ($s->place?->lowerAnchors === false && $setup->anchorsBorrowed !== true) {
            yield self::notThere('none', 'lower_anchors');
        }
        if ($setup->anchorsBorrowed === true) {
            yield from self::borrowed($s);
        }
    }

    /** @return iterable<Finding|Question> */
    private static function borrowed(AssessmentContext $s): iterable
    {
        $leave = [
            'seat.borrow_anchors_ok' => $s->seat?->borrowAnchorsOk,
            'vehicle.borrow_anchors_ok' => $s->case->vehicle?->borrowAnchorsOk,
        ];
        if (in_array(false, $leave, true)) {
            yield new Finding(
                Code::of('secure.anchor_borrowed'),
                Severity::Fix,
                sources: [Source::Common->cite(), Source::AnchorSpacing->cite()],
            );

            return;
        }
        foreach (array_keys(array_filter($leave, is_null(...))) as $path) {
            yield new Question($path, Station::Secure);
        }
    }

    private static function notThere(string $variant, string $subject): Finding
    {
        return new Finding(
            Code::of('secure.anchor_not_there'),
            Severity::Fix,
            variant: $variant,
            subject: $subject,
            sources: [Source::Common->cite()],
        );
    }
}
