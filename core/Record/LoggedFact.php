<?php

declare(strict_types=1);

namespace MintBuckle\Core\Record;

use stdClass;

/** A fact of a check's log, its value still in JSON. */
final readonly class LoggedFact
{
    public const COLUMNS = ['id', 'phase', 'key', 'value', 'note', 'undoes'];

    private function __construct(
        public string $id,
        public InspectionPhase $phase,
        public string $key,
        public string $json,
        public ?string $note,
        public ?string $undoes,
    ) {}

    /** @param stdClass $row with COLUMNS, none of them cast */
    public static function ofRow(stdClass $row): self
    {
        $text = static fn(string $column): ?string => is_string($row->{$column} ?? null) ? $row->{$column} : null;

        return new self(
            $text('id') ?? '',
            InspectionPhase::from($text('phase') ?? ''),
            $text('key') ?? '',
            $text('value') ?? 'null',
            $text('note'),
            $text('undoes'),
        );
    }

    public function value(): mixed
    {
        return FactLog::decode($this->json);
    }

    /** Whether it is a fact of the case file, not a word beside it. */
    public function isOfTheCase(): bool
    {
        return AnnotationKind::ofKey($this->key) === null;
    }
}
