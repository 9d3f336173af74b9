<?php

declare(strict_types=1);

namespace MintBuckle\Present\Drawing;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Accessory;
use MintBuckle\Core\Facts\History;
use MintBuckle\Core\Facts\MissingPart;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/**
 * The seat taken apart: each part with what was seen of it, and what does not belong to it lying beside. A part is concerned when
 * a damage or a missing part begins with its name, so words that a person adds after it are kept. Pixels of a drawing WIDTH x HEIGHT.
 */
final readonly class SeatParts
{
    public const WIDTH = 640;

    public const HEIGHT = 360;

    /** Centre of each part, in pixels. */
    private const PLACES = [
        // part        x    y
        'shell'    => [150, 130],
        'harness'  => [330, 82],
        'buckle'   => [330, 204],
        'adjuster' => [450, 204],
        'tether'   => [446, 82],
        'base'     => [150, 296],
        'label'    => [576, 82],
    ];

    private const EXTRAS_Y = 314;

    private const EXTRAS_LEFT = 290;

    private const EXTRAS_STEP = 115;

    /**
     * @param list<array{part: string, x: int, y: int, state: string, notes: list<string>}> $parts state: unknown, whole, damaged, missing,
     *                                                                                             missing_minor
     * @param list<array{name: string, x: int, y: int, foreign: bool|null}> $extras foreign: not from the maker
     * @param list<string> $others damage and missing parts that are none of those drawn
     * @param list<Message> $text the same in words
     */
    private function __construct(
        public array $parts,
        public array $extras,
        public bool $extrasKnown,
        public array $others,
        public array $text,
    ) {}

    public static function of(AssessmentContext $s): self
    {
        $history = $s->case->seat->history ?? new History();
        $parts = [];
        foreach (self::PLACES as $part => [$x, $y]) {
            $parts[] = ['part' => $part, 'x' => $x, 'y' => $y, ...self::seen($part, $history)];
        }
        $extras = [];
        foreach ($history->extras ?? [] as $index => $extra) {
            $extras[] = [
                'name' => $extra->name,
                'x' => self::EXTRAS_LEFT + self::EXTRAS_STEP * ($index % 3),
                'y' => self::EXTRAS_Y,
                'foreign' => $extra->approved === null ? null : ! $extra->approved,
            ];
        }
        $named = array_merge(...array_column($parts, 'notes'));
        $missing = array_map(static fn(MissingPart $p): string => $p->name, $history->partsMissing ?? []);
        $others = array_values(array_diff([...$history->damage ?? [], ...$missing], $named));

        return new self($parts, $extras, $history->extras !== null, $others, self::text($history, $parts, $others));
    }

    /** Where a list of questions asks about a part in such a state. */
    public static function row(string $state): string
    {
        return 'row-seat-history-' . (str_starts_with($state, 'missing') ? 'parts-missing' : 'damage');
    }

    /** @return array{state: string, notes: list<string>} */
    private static function seen(string $part, History $history): array
    {
        $isThis = static fn(string $text): bool => str_starts_with(mb_strtolower(trim($text)), $part);
        $damage = array_values(array_filter($history->damage ?? [], $isThis));
        $missing = array_values(array_filter($history->partsMissing ?? [], static fn(MissingPart $p): bool => $isThis($p->name)));
        $looked = $history->damage !== null && $history->partsMissing !== null;

        return [
            'state' => match (true) {
                $damage !== [] => 'damaged',
                $missing !== [] => $missing[0]->essential === false ? 'missing_minor' : 'missing',
                $looked => 'whole',
                default => 'unknown',
            },
            'notes' => [...$damage, ...array_map(static fn(MissingPart $p): string => $p->name, $missing)],
        ];
    }

    /**
     * @param list<array{part: string, x: int, y: int, state: string, notes: list<string>}> $parts
     * @param list<string> $others
     * @return list<Message>
     */
    private static function text(History $history, array $parts, array $others): array
    {
        $extras = array_map(static fn(Accessory $e): Message => new Message(
            'drawings.parts.extra',
            ['name' => $e->name, 'approved' => $e->approved ?? 'unknown'],
        ), $history->extras ?? []);

        return [
            ...array_map(static fn(array $part): Message => new Message(
                'drawings.parts.part',
                ['part' => new Message("drawings.parts.names.{$part['part']}"), 'state' => $part['state']],
            ), $parts),
            ...array_map(static fn(string $other): Message => new Message('drawings.parts.also', ['other' => $other]), $others),
            new Message('drawings.parts.added', [
                'added' => match (true) {
                    $history->extras === null => 'unknown',
                    $extras === [] => 'nothing',
                    default => 'some',
                },
                'extras' => Listing::clauses($extras),
            ]),
        ];
    }
}
