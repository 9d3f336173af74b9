<?php

declare(strict_types=1);

namespace MintBuckle\Core\Teaching;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\ClipPlace;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Telling\Message;
use stdClass;

/**
 * What a family already did right, said first: facts as found that were looked at and were in order. Common practice: the tone is kind,
 * and what is right is the beginning of what is taught.
 */
final readonly class DoneRight
{
    /** More is not listened to. */
    private const MOST = 6;

    /**
     * @param Assessment $found how the seat arrived
     * @param stdClass $raw the facts as found
     * @return list<Message>
     */
    public static function of(Assessment $found, stdClass $raw): array
    {
        $s = $found->situation;
        if ($s->mode === null) {
            return [];
        }
        $said = array_map(
            static fn(string $what): Message => new Message("teaching.right.{$what}"),
            array_keys(array_filter(self::weighty($found, $s))),
        );
        foreach (self::looks($raw) as $look) {
            $said[] = new Message('teaching.right.look', ['state' => $look->goodState()]);
        }

        return array_slice($said, 0, self::MOST);
    }

    /** @return array<string, bool> what weighs most, first */
    private static function weighty(Assessment $found, AssessmentContext $s): array
    {
        $codes = array_map(
            static fn(Finding $f): string => $f->severity->isError() ? $f->code->value : '',
            $found->findings,
        );
        $none = static fn(string $pattern): bool => preg_grep($pattern, $codes) === [];
        $setup = $s->setup();
        $moved = $setup->movement;
        $isHeld = ($moved->side ?? $moved->sideFelt) !== null && ($moved->front ?? $moved->frontFelt) !== null;
        $harness = $setup->harness;
        $isLevelSeen = ($harness->slot ?? $harness->strap ?? $harness->strapOffset) !== null;
        $isFirst = $found->computed()->bestMode === $s->mode;

        return [
            'rear' => $s->isRear() && $isFirst,
            'mode' => ! $s->isRear() && $isFirst && $none('/\A(?:mode|fit)\./'),
            'back_row' => $s->place?->row() > 1 && $s->mode !== null,
            'held' => $s->isHarness() && $isHeld && $none('/\Ameasure\.(?:loose|wrong_spot|tether_masked)/'),
            'tether' => $s->isForwardHarness() && $setup->tether->used === true && $none('/\Ameasure\.tether/'),
            'straps' => $s->isHarness() && $isLevelSeen && $none('/\Aharness\.height/'),
            'snug' => $s->isHarness() && $harness->tightness->passes === true && $none('/\Aharness\.(?:slack|wrong_test)/'),
            'clip' => $s->isHarness() && $harness->clip === ClipPlace::Armpit && $none('/\Aharness\.clip/'),
            'lap' => ! $s->isHarness() && ($setup->booster->lap ?? null) !== null && $none('/\Abooster\.lap/'),
            'shoulder' => ! $s->isHarness() && ($setup->booster->shoulder ?? null) !== null && $none('/\Abooster\.shoulder/'),
        ];
    }

    /** @return list<Askable> plain looks that were in order, in the practised order */
    private static function looks(stdClass $raw): array
    {
        $looks = [];
        foreach (Questionnaire::standard()->all as $askable) {
            $value = $askable->good === null || $askable->hasStar() ? null : CasePath::get($raw, $askable->path);
            $answer = is_bool($value) ? ($value ? 'yes' : 'no') : $value;
            if ($answer !== null && $answer === $askable->good) {
                $looks[] = $askable;
            }
        }

        return $looks;
    }
}
