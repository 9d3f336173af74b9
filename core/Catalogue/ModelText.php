<?php

declare(strict_types=1);

namespace MintBuckle\Core\Catalogue;

use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Problems;
use MintBuckle\Core\CaseFile\SectionReader;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Seat;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A seat model's rules between what a person types and the case format's seat section. */
final readonly class ModelText
{
    /** Ways of riding that were ticked, as "modes" among what was typed. */
    public const MODES = 'modes';

    /** @param array<string, Message|string> $problems path => what is wrong */
    private function __construct(public stdClass $rules, public array $problems) {}

    /**
     * @param array<string, mixed> $typed by path: text; under "modes" the modes that the seat has
     * @param stdClass|null $before rules that the form does not know are kept from these
     */
    public static function read(array $typed, ?stdClass $before = null): self
    {
        $rules = $before === null ? new stdClass() : self::copy($before);
        $problems = [];
        $modes = array_filter((array) ($typed[self::MODES] ?? []), is_string(...));
        self::keepModes($rules, $modes);
        foreach ([...array_merge(...array_values(ModelFields::simple())), ...self::fieldsOf($modes)] as $field) {
            $text = trim(is_string($typed[$field->path] ?? null) ? $typed[$field->path] : '');
            if ($text === '' && ! $field->isRequired && self::cannotBeTyped($field, $rules)) {
                continue;
            }
            $value = $text === '' ? null : FieldText::read($field, $text);
            if (($text !== '' && $value === null) || ($text === '' && $field->isRequired)) {
                $problems[$field->path] = $text === ''
                    ? new Message('manual_text.needed')
                    : new Message('manual_text.unreadable', ['how' => $field->kind->hint()]);
            }
            $value === null ? self::remove($rules, $field->path) : CasePath::set($rules, $field->path, $value);
        }

        return new self(self::copy($rules), $problems + self::refused($rules));
    }

    /** @return array<string, string> path => text, for every rule that can be typed */
    public static function show(stdClass $rules): array
    {
        $typed = [];
        foreach (ModelFields::all() as $field) {
            $text = FieldText::show($field, CasePath::get($rules, $field->path));
            if ($text !== null && $text !== '') {
                $typed[$field->path] = $text;
            }
        }

        return $typed;
    }

    /**
     * What the case format's own reader refuses of a seat section.
     *
     * @return array<string, Message>
     */
    public static function refused(stdClass $rules): array
    {
        $problems = new Problems();
        SectionReader::read(Seat::class, self::copy($rules), problems: $problems);
        try {
            $problems->stopIfAny();
        } catch (InvalidCase $e) {
            return array_combine(
                array_map(static fn(Problem $p): string => $p->path, $e->problems),
                array_map(static fn(Problem $p): Message => new Message('refused.at_field', ['problem' => $p->told()]), $e->problems),
            );
        }

        return [];
    }

    /**
     * @param array<array-key, string> $modes
     * @return list<ModelField>
     */
    private static function fieldsOf(array $modes): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn(ModeName $m): array => in_array($m->value, $modes, true) ? ModelFields::ofMode($m) : [],
                ModeName::OF_SEATS,
            ),
        );
    }

    /** @param array<array-key, string> $modes */
    private static function keepModes(stdClass $rules, array $modes): void
    {
        $before = ($rules->modes ?? null) instanceof stdClass ? $rules->modes : new stdClass();
        $kept = new stdClass();
        foreach (ModeName::OF_SEATS as $mode) {
            if (in_array($mode->value, $modes, true)) {
                $kept->{$mode->value} = $before->{$mode->value} ?? new stdClass();
            }
        }
        if ($modes !== [] || isset($rules->modes)) {
            $rules->modes = $kept;
        }
    }

    /** What came by a file and has no line in the form, as a cushion whose weights depend on the make date: the form keeps it. */
    private static function cannotBeTyped(ModelField $field, stdClass $rules): bool
    {
        $value = CasePath::get($rules, $field->path);

        return $value !== null && $value !== [] && (FieldText::show($field, $value) ?? '') === '';
    }

    private static function remove(stdClass $rules, string $path): void
    {
        $keys = explode('.', $path);
        $last = (string) array_pop($keys);
        $at = $rules;
        foreach ($keys as $key) {
            $at = $at->{$key} ?? null;
            if (! $at instanceof stdClass) {
                return;
            }
        }
        unset($at->{$last});
    }

    private static function copy(stdClass $rules): stdClass
    {
        $copy = json_decode(json_encode($rules, JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR);

        return $copy instanceof stdClass ? $copy : new stdClass();
    }
}
