<?php

declare(strict_types=1);

namespace Tests\Present;

use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Words\Lexicon;
use MintBuckle\Present\Words\Teller;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A language's words by key: nested as they are written, keys that hold dots themselves, variants, and English where a word is lacking. */
final class LexiconTest extends TestCase
{
    private const ENGLISH = [
        'facts' => [
            'seat' => ['short' => 'Seat', 'label' => ['short' => 'nested']],
            'seat.label' => ['short' => 'with a dot'],
            'seat.modes.*.foot' => ['manual' => 'Foot'],
        ],
        'findings' => [
            'place.taken' => ['says' => 'Taken.', 'do' => 'Choose another.'],
            'place.taken/child' => ['says' => 'A child is there.'],
        ],
        'counts' => ['n' => '{n, plural, one {# thing} other {# things}}', 'name' => 'It is {name}.'],
    ];

    /** @return iterable<string, array{string, string|null}> */
    public static function keys(): iterable
    {
        yield 'nested' => ['facts.seat.short', 'Seat'];
        yield 'the longest key with dots goes first' => ['facts.seat.label.short', 'with a dot'];
        yield 'a star' => ['facts.seat.modes.*.foot.manual', 'Foot'];
        yield 'a variant of its own' => ['findings.place.taken/child.says', 'A child is there.'];
        yield 'a variant that has none has its code’s' => ['findings.place.taken/child.do', 'Choose another.'];
        yield 'a variant nobody knows' => ['findings.place.taken/dog.says', 'Taken.'];
        yield 'a part of a key' => ['facts.seat', null];
        yield 'no such key' => ['facts.seat.long', null];
        yield 'no such file' => ['nothing.at.all', null];
        yield 'a file alone' => ['facts', null];
    }

    #[DataProvider('keys')]
    public function testFinds(string $key, ?string $pattern): void
    {
        $lexicon = self::english();
        self::assertSame([$pattern, $pattern], [$lexicon->find($key), $lexicon->find($key)], 'asked twice it says the same');
        self::assertSame($pattern ?? $key, $lexicon->pattern($key));
    }

    public function testWhatALanguageLacksIsEnglish(): void
    {
        $other = new Lexicon('xx', 'eo', static fn(string $file): array => $file === 'findings' ? ['place.taken' => ['says' => 'Zu.']] : [], self::english());

        self::assertSame(['Zu.', 'Choose another.', 'Seat', null], array_map($other->find(...), ['findings.place.taken.says', 'findings.place.taken.do', 'facts.seat.short', 'facts.none']));
        self::assertSame('Zu.', $other->find('findings.place.taken/child.says'), 'its own word for the code before another language’s for the variant');
        self::assertSame(['findings.place.taken.says' => 'Zu.'], $other->file('findings'), 'only its own');
    }

    public function testEachFileIsReadOnceAndOnlyWhenAskedFor(): void
    {
        $read = [];
        $lexicon = new Lexicon('en', 'en_US', static function (string $file) use (&$read): array {
            $read[] = $file;

            return self::ENGLISH[$file] ?? [];
        });
        array_map($lexicon->find(...), ['facts.seat.short', 'facts.seat.label.short', 'facts.none', 'findings.place.taken.says']);
        self::assertSame(['facts', 'findings'], $read);
    }

    public function testPatternsAreFilledByIcu(): void
    {
        $teller = new Teller(self::english());
        self::assertSame(['1 thing', '2,000 things', 'It is {n}.'], [
            $teller->tell(new Message('counts.n', ['n' => 1])),
            $teller->tell(new Message('counts.n', ['n' => 2000])),
            $teller->tell(new Message('counts.name', ['name' => '{n}'])),
        ], 'a name is never taken for a pattern');
        self::assertFalse(self::english()->format('{broken, plural}', ['broken' => 1]));
    }

    private static function english(): Lexicon
    {
        return new Lexicon('en', 'en_US', static fn(string $file): array => self::ENGLISH[$file] ?? []);
    }
}
