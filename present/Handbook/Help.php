<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Telling\Message;

/** Short help for busy hands: a title, the picture that goes with it, and a few steps. Common practice of the trade. */
final readonly class Help
{
    /** @param list<Message> $steps */
    private function __construct(public string $picture, public Message $title, public array $steps) {}

    /** @param bool|null $rear which way the seat faces; null while unknown */
    public static function gettingItTight(?bool $rear): self
    {
        return self::of('tight', [
            'weight', 'pull', 'peg', 'cover',
            ...($rear === false ? ['forward'] : []),
            ...($rear === true ? ['tips', 'recline'] : []),
            'otherwise',
        ]);
    }

    public static function lockingClip(): self
    {
        return self::of('clip', ['pinch', 'prongs', 'second', 'easy', 'mode']);
    }

    public static function tightness(TightnessTest $test): self
    {
        return $test === TightnessTest::Pinch
            ? self::of('pinch', ['ready', 'try', 'tight', 'other'])
            : self::of('finger', ['ready', 'try', 'tight']);
    }

    public static function lockingABelt(): self
    {
        return self::of('lock', ['must', 'order', 'first', 'prove']);
    }

    public static function measuringMovement(): self
    {
        return self::of('move', ['spot', 'hand', 'tether']);
    }

    /** @param list<string> $steps */
    private static function of(string $picture, array $steps): self
    {
        return new self(
            $picture,
            new Message("help.{$picture}.title"),
            array_map(static fn(string $step): Message => new Message("help.{$picture}.steps.{$step}"), $steps),
        );
    }
}
