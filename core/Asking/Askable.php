<?php

declare(strict_types=1);

namespace MintBuckle\Core\Asking;

use Closure;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Facts\Definition\AnswersFrom;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\FactDefinition;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Finding\Station;

/** A fact as it is asked of a person: its path, the sentence, and the answers there are. */
final readonly class Askable
{
    private const YES_NO = ['yes' => 'Yes', 'no' => 'No'];

    /**
     * @param string $path dotted path in the case file; a * stands for one part of it
     * @param int $order within the station, the lowest first
     * @param string $short a few words, where the fact is listed
     * @param Closure(): array<array-key, string>|AnswersFrom $answers value => label, in order; or what of the seat or car gives them
     * @param Ride|null $ride the one way of riding in which there is such a fact
     */
    private function __construct(
        public string $path,
        public Station $station,
        public int $order,
        public AskedWhen $when,
        public AnswerKind $kind,
        public string $short,
        public string $question,
        public ?string $hint,
        private Closure|AnswersFrom $answers,
        public ?Ride $ride,
    ) {}

    public static function of(FactDefinition $fact, Asked $asked): self
    {
        $kind = $fact->field->answeredBy();
        $words = FactWords::OF[$fact->path] ?? [];

        return new self(
            $fact->path,
            $asked->station,
            $asked->order,
            $asked->when,
            $kind,
            $words['short'] ?? $fact->path,
            $words['question'] ?? $fact->path,
            $words['hint'] ?? null,
            $asked->from ?? static fn(): array => self::labelled($fact, $kind, $words['answers'] ?? []),
            $fact->ride,
        );
    }

    /** A question that is no fact of the case file. */
    public static function besides(
        string $path,
        Station $station,
        AnswerKind $kind,
        string $short,
        string $question,
        ?string $hint = null,
    ): self {
        return new self($path, $station, 0, AskedWhen::Elsewhere, $kind, $short, $question, $hint, static fn(): array => [], null);
    }

    public function hasStar(): bool
    {
        return str_contains($this->path, '*');
    }

    public function matches(string $path): bool
    {
        return preg_match('/\A' . strtr(preg_quote($this->path, '/'), ['\\*' => '[^.]+']) . '\z/', $path) === 1;
    }

    /** @return array<array-key, string> value => label */
    public function choices(CaseFile $case): array
    {
        return $this->answers instanceof AnswersFrom ? Answers::from($this->answers, $case) : ($this->answers)();
    }

    /**
     * @param array<array-key, string> $labels
     * @return array<array-key, string> the choices are the enum's cases, in its order
     */
    private static function labelled(FactDefinition $fact, AnswerKind $kind, array $labels): array
    {
        if ($kind === AnswerKind::YesNo) {
            return $labels === [] ? self::YES_NO : $labels;
        }
        $choices = [];
        foreach ($fact->field->cases() as $case) {
            $choices[$case->value] = $labels[$case->value] ?? (string) $case->value;
        }

        return $choices === [] ? $labels : $choices;
    }
}
