<?php

declare(strict_types=1);

namespace App\Checks;

use App\Accounts\Ability;
use App\Models\User;
use App\Words\Languages;
use App\Words\Telling;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\LengthUnit;
use MintBuckle\Core\Written\Amount;
use MintBuckle\Core\Written\WrittenDate;
use MintBuckle\Core\Written\WrittenMeasure;
use stdClass;

/** An answer as it was posted to a value of the case format. Whether the value makes sense is the core's reader's to say. */
final readonly class AnswerReader
{
    public const UNKNOWN = 'unknown';

    /** Higher above the cushion no harness slot is: the unit was mistaken. */
    private const HIGHEST_SLOT_MM = 1000;

    /** Beside this word a list is empty: looked at, and nothing there. */
    public const NOTHING = 'nothing';

    public const SIGN = 'sign';

    /** Several were ticked, and then kept. */
    private const TICKED = 'ticked';

    /** To a list one entry is added, or the one of that name taken off. */
    public const ADD = 'add';

    public const REMOVE = 'remove';

    /**
     * @param array<array-key, mixed> $posted answer, answers, ticked, amount, unit, lines, name, detail
     * @param mixed $before the value so far; entries are added to lists of parts and extras
     * @param User|null $author null: a guest, who signs nothing
     * @throws UnreadableAnswer
     */
    public static function read(Askable $askable, array $posted, mixed $before, ?User $author): mixed
    {
        $answer = is_string($posted['answer'] ?? null) ? trim($posted['answer']) : '';
        if ($answer === self::UNKNOWN) {
            return null;
        }

        return match ($askable->kind) {
            AnswerKind::YesNo => self::yesNo($answer),
            AnswerKind::Choice => self::choice($answer),
            AnswerKind::Choices => match ($answer) {
                self::NOTHING => [],
                self::TICKED => self::choices($posted['ticked'] ?? null),
                default => self::choices($posted['answers'] ?? null),
            },
            AnswerKind::Length, AnswerKind::Mass, AnswerKind::Angle => self::quantity($posted),
            AnswerKind::Whole => self::number($answer, 'enter_number'),
            AnswerKind::Share => self::number($answer, 'enter_share') / 100,
            AnswerKind::Date, AnswerKind::PartialDate => self::date($answer),
            AnswerKind::Text => $answer !== ''
                ? $answer
                : throw UnreadableAnswer::because('enter_something'),
            AnswerKind::Texts => match ($answer) {
                self::NOTHING => [],
                self::ADD => [...(is_array($before) ? array_values($before) : []), self::entryName($posted)],
                self::REMOVE => self::without($posted, $before),
                default => self::lines($posted['lines'] ?? null),
            },
            AnswerKind::Heights => $answer === self::NOTHING ? [] : self::heights($posted),
            AnswerKind::Essentials => self::named($answer, $posted, $before, 'essential'),
            AnswerKind::Approvals => self::named($answer, $posted, $before, 'approved'),
            AnswerKind::Signature => $answer === self::SIGN && self::maySign($author)
                ? ['id' => $author->login, 'certified_until' => $author->certified_until?->toDateString()]
                : throw UnreadableAnswer::because('choose_one'),
            AnswerKind::Elsewhere => throw new UnreadableAnswer(Telling::now()->tell($askable->hint())),
        };
    }

    private static function yesNo(string $answer): bool
    {
        return match ($answer) {
            'yes' => true,
            'no' => false,
            default => throw UnreadableAnswer::because('yes_or_no'),
        };
    }

    /** As a label prints it or a person writes it, in the case format's form. */
    public static function date(string $text): string
    {
        $readings = $text === '' ? [] : WrittenDate::readings($text, resolve(Languages::class)->written()->months);

        return match (count($readings)) {
            0 => throw UnreadableAnswer::because($text === '' ? 'enter_something' : 'no_date', ['text' => $text]),
            1 => (string) $readings[0],
            default => throw AmbiguousDate::between($readings),
        };
    }

    private static function choice(string $answer): string|int
    {
        return match (true) {
            $answer === '' => throw UnreadableAnswer::because('choose_one'),
            ctype_digit($answer) => (int) $answer,
            default => $answer,
        };
    }

    /** @return list<string> */
    private static function choices(mixed $answers): array
    {
        $chosen = array_values(array_filter(is_array($answers) ? $answers : [], is_string(...)));

        return $chosen !== [] ? $chosen : throw UnreadableAnswer::because('choose_some');
    }

    /**
     * @param array<array-key, mixed> $posted
     * @return array{value: int|float, unit: string} in the unit that was posted with it; none is ever guessed
     */
    private static function quantity(array $posted): array
    {
        $text = is_string($posted['amount'] ?? null) ? $posted['amount'] : '';
        $measure = WrittenMeasure::read($text, resolve(Languages::class)->written()->units)
            ?? throw UnreadableAnswer::because($text === '' ? 'enter_measured' : 'no_measure', ['text' => $text]);
        $unit = $measure->unit ?? $posted['unit'] ?? null;

        return is_string($unit) && $unit !== ''
            ? ['value' => $measure->value, 'unit' => $unit]
            : throw UnreadableAnswer::because('no_unit');
    }

    private static function number(string $answer, string $otherwise): int|float
    {
        return Amount::parse($answer) ?? throw UnreadableAnswer::because($otherwise);
    }

    /** @return list<string> */
    private static function lines(mixed $text): array
    {
        $lines = array_values(array_filter(
            array_map(trim(...), explode("\n", is_string($text) ? $text : '')),
            static fn(string $line): bool => $line !== '',
        ));

        return $lines !== [] ? $lines : throw UnreadableAnswer::because('write_lines');
    }

    /**
     * A line may bring its own unit; one without counts in the unit that was posted beside it.
     *
     * @param array<array-key, mixed> $posted
     * @return list<array{height: array{value: int|float, unit: string}}>
     */
    private static function heights(array $posted): array
    {
        return array_map(static function (string $line) use ($posted): array {
            $height = self::quantity(['amount' => $line, 'unit' => $posted['unit'] ?? null]);
            if (
                Length::of(
                    json_encode($height['value'], JSON_THROW_ON_ERROR),
                    LengthUnit::tryFrom($height['unit']) ?? LengthUnit::Millimetre,
                )->isMoreThan(Length::of(self::HIGHEST_SLOT_MM))
            ) {
                throw UnreadableAnswer::because('no_such_slot', ['height' => "{$height['value']} {$height['unit']}"]);
            }

            return ['height' => $height];
        }, self::lines($posted['lines'] ?? null));
    }

    /**
     * @param array<array-key, mixed> $posted
     * @return list<mixed>
     */
    private static function named(string $answer, array $posted, mixed $before, string $flag): array
    {
        return match ($answer) {
            self::NOTHING => [],
            self::REMOVE => self::without($posted, $before),
            self::TICKED => self::withTicked($posted, is_array($before) ? array_values($before) : [], $flag),
            default => [
                ...(is_array($before) ? array_values($before) : []),
                ['name' => self::entryName($posted), $flag => $answer === 'yes'],
            ],
        };
    }

    /**
     * Parts of the model that were ticked, each as "1 base" where it carries load, "0 canopy" where not.
     *
     * @param array<array-key, mixed> $posted
     * @param list<mixed> $before
     * @return list<mixed>
     */
    private static function withTicked(array $posted, array $before, string $flag): array
    {
        $there = array_map(static fn(mixed $entry): mixed => $entry instanceof stdClass ? $entry->name ?? null : null, $before);
        $ticked = array_filter((array) ($posted['ticked'] ?? []), is_string(...));
        foreach ($ticked as $part) {
            [$loaded, $name] = [...explode(' ', $part, 2), ''];
            if ($name !== '' && ! in_array($name, $there, true)) {
                $before[] = ['name' => $name, $flag => $loaded === '1'];
            }
        }

        return $ticked === [] ? throw UnreadableAnswer::because('say_what') : $before;
    }

    /** @param array<array-key, mixed> $posted */
    private static function entryName(array $posted): string
    {
        $text = static fn(string $key): string => is_string($posted[$key] ?? null) ? trim($posted[$key]) : '';
        $name = implode(': ', array_filter([$text('name'), $text('detail')], static fn(string $part): bool => $part !== ''));

        return $name !== '' ? $name : throw UnreadableAnswer::because('say_what');
    }

    /**
     * @param array<array-key, mixed> $posted
     * @return list<mixed> without the entry of that name
     */
    private static function without(array $posted, mixed $before): array
    {
        $name = self::entryName($posted);

        return array_values(array_filter(
            is_array($before) ? $before : [],
            static fn(mixed $entry): bool => ($entry instanceof stdClass ? $entry->name ?? null : $entry) !== $name,
        ));
    }

    /**
     * @phpstan-assert-if-true User $author
     * @throws UnreadableAnswer when their signature does not count
     */
    private static function maySign(?User $author): bool
    {
        if ($author?->role->may(Ability::Sign) !== true) {
            throw UnreadableAnswer::because('may_not_sign');
        }
        Certified::must($author);

        return true;
    }
}
