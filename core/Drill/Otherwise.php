<?php

declare(strict_types=1);

namespace MintBuckle\Core\Drill;

use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\ModeName;
use stdClass;

/** What a fact of a set-up may be instead of what it is. */
final readonly class Otherwise
{
    /** Of what is measured: how much of the right figure is seen instead. The smallest differences are the subtle ones. */
    private const MEASURED = [1.04, 0.96, 1.1, 0.9, 1.25, 0.75, 1.6, 0.5, 2.2, 2.8, 3.5, 0.2];

    /** What is seen though a good set-up has nothing of it to be asked about. Nothing else is shown that this seat does not have. */
    private const SEEN_ANYWAY = ['recall_list.campaigns', 'setup.harness.insert'];

    public function __construct(private Scene $scene) {}

    /** @return list<mixed> */
    public function than(string $path): array
    {
        $now = CasePath::get($this->scene->case, $path);
        $askable = Questionnaire::standard()->for($path);

        return match (true) {
            $now === null && ! in_array($path, self::SEEN_ANYWAY, true) => [],
            $path === 'seat.made_on' => ['2009-02', '2012-06-30', '2014-11-02'],
            $path === 'recall_list.campaigns' => [[$this->campaign()]],
            $path === 'child.age_months' => [3, 8, 11, 18, 22, 23, 36, 46],
            $askable === null => [],
            default => $this->answers($askable, $path, $now),
        };
    }

    /** @return list<mixed> */
    private function answers(Askable $askable, string $path, mixed $now): array
    {
        return match ($askable->kind) {
            AnswerKind::YesNo => [! (bool) $now],
            AnswerKind::Length, AnswerKind::Mass, AnswerKind::Angle => self::measured($now),
            AnswerKind::Whole => [1, 2, 3, 4, 5],
            AnswerKind::Share => [0.6, 0.75, 0.5],
            AnswerKind::Texts => [['shell'], ['buckle'], ['harness']],
            AnswerKind::Essentials => [[['name' => 'buckle', 'essential' => true]], [['name' => 'tether', 'essential' => true]]],
            AnswerKind::Approvals => [[['name' => 'mirror', 'approved' => false]], [['name' => 'mat', 'approved' => false]]],
            AnswerKind::Choice, AnswerKind::Choices => $this->chosen($askable, $path, $now),
            AnswerKind::Text => $path === 'setup.foot' ? ['folded'] : [],
            default => [],
        };
    }

    /** @return list<mixed> */
    private function chosen(Askable $askable, string $path, mixed $now): array
    {
        $all = array_keys($askable->choices($this->scene->assessment->situation->case));
        $others = array_values(array_filter($all, static fn(string|int $value): bool => $value !== $now && [$value] !== $now));
        if ($askable->kind === AnswerKind::Choices) {
            return [[], ...array_map(static fn(string|int $value): array => [$value], $others), ...($path === 'setup.lock' ? [
                ['retractor', 'latch_plate'],
                ['clip', 'retractor'],
                ['lockoff', 'retractor'],
            ] : [['belt', 'lower_anchors']])];
        }
        $isNumber = is_int($now) || in_array($path, ['setup.recline_setting', 'setup.harness.slot', 'setup.harness.crotch.slot'], true);

        return $path === 'setup.mode'
            ? array_values(array_filter($others, static fn(mixed $mode): bool => ModeName::tryFrom((string) $mode)?->hasSeat() === true))
            : array_map(static fn(string|int $value): string|int => $isNumber ? (int) $value : $value, $others);
    }

    /** @return list<array{value: float, unit: string}> */
    private static function measured(mixed $now): array
    {
        $value = $now instanceof stdClass ? $now->value ?? null : null;
        $unit = $now instanceof stdClass ? $now->unit ?? null : null;
        if (! is_numeric($value) || ! is_string($unit)) {
            return [];
        }
        $from = (float) $value === 0.0 ? 40.0 : (float) $value;

        return array_map(
            static fn(float $share): array => ['value' => round($from * $share, 1), 'unit' => $unit],
            self::MEASURED,
        );
    }

    /** A campaign of the day's list that speaks of this very seat. */
    private function campaign(): stdClass
    {
        $seat = $this->scene->assessment->situation->seat;

        return (object) [
            'id' => 'DR-26-1',
            'maker' => $seat->maker ?? '',
            'models' => [$seat->model ?? ''],
            'made_from' => '2020-01-01',
            'made_to' => '2026-06-30',
            'advice' => 'stop_use',
        ];
    }
}
