<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use BackedEnum;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\AnswersFrom;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\FactDefinition;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Telling\Message;

/** A fact as it is asked of a person: its path, the sentence, and the answers there are. */
final readonly class Askable
{
    private const YES_NO = ['yes', 'no'];

    /**
     * @param string $path dotted path in the case file; a * stands for one part of it
     * @param int $order within the station, the lowest first
     * @param AnswersFrom|null $from what of the seat or car gives the answers; null: they are the fact's own
     * @param list<string> $own the fact's own answers, in order
     * @param Ride|null $ride the one way of riding in which there is such a fact
     * @param string|null $good the good answer of a plain look; null: it is asked by itself
     */
    private function __construct(
        public string $path,
        public Station $station,
        public int $order,
        public AskedWhen $when,
        public AnswerKind $kind,
        private ?AnswersFrom $from,
        private array $own,
        public ?Ride $ride,
        public ?string $good = null,
    ) {}

    public static function of(FactDefinition $fact, Asked $asked): self
    {
        $kind = $fact->field->answeredBy();

        return new self(
            $fact->path,
            $asked->station,
            $asked->order,
            $asked->when,
            $kind,
            $asked->from,
            $kind === AnswerKind::YesNo ? self::YES_NO : [
                ...array_map(static fn(BackedEnum $case): string => (string) $case->value, $fact->field->cases()),
                ...$asked->answers,
            ],
            $fact->ride,
            $fact->field->good?->answer,
        );
    }

    /** A question that is no fact of the case file. */
    public static function besides(string $path, Station $station, AnswerKind $kind): self
    {
        return new self($path, $station, 0, AskedWhen::Elsewhere, $kind, null, [], null);
    }

    /** A few words, where the fact is listed. */
    public function short(): Message
    {
        return new Message("facts.{$this->path}.short");
    }

    public function question(): Message
    {
        return new Message("facts.{$this->path}.question");
    }

    /** The good state of a plain look, in its own words. */
    public function goodState(): Message
    {
        return new Message("facts.{$this->path}.good");
    }

    /** Not every fact has one. */
    public function hint(): Message
    {
        return new Message("facts.{$this->path}.hint");
    }

    public function hasStar(): bool
    {
        return str_contains($this->path, '*');
    }

    public function matches(string $path): bool
    {
        return preg_match('/\A' . strtr(preg_quote($this->path, '/'), ['\\*' => '[^.]+']) . '\z/', $path) === 1;
    }

    /** @return array<array-key, Message|string> value => label; a text is a name as the seat's maker or its manual gives it */
    public function choices(CaseFile $case): array
    {
        return $this->from !== null ? Answers::from($this->from, $case) : array_combine($this->own, array_map(
            fn(string $value): Message => new Message("facts.{$this->path}.answers.{$value}", otherwise: "answers.{$value}"),
            $this->own,
        ));
    }
}
