<?php

declare(strict_types=1);

namespace App\Handbook;

use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Present\Handbook\LimitTable;
use MintBuckle\Present\Handbook\RuleText;
use MintBuckle\Present\Handbook\Schools;
use MintBuckle\Present\Words\Teller;

/** Every rule by station, those that hold every word looked for; the limits side by side; where schools differ. */
final readonly class HandbookPage
{
    /** @var array<string, list<RuleText>> by station */
    public array $rules;

    public LimitTable $practices;

    public LimitTable $conventions;

    /** @var list<array{Message, Message, Message}> */
    public array $schools;

    /** @param non-empty-list<Teller> $tellers a word may be looked for in any language */
    public function __construct(public string $search, array $tellers)
    {
        $words = preg_split('/\s+/', mb_strtolower(trim($search)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $holds = static fn(string $text): bool => array_filter(
            $words,
            static fn(string $word): bool => ! str_contains(mb_strtolower($text), $word),
        ) === [];
        $rules = [];
        foreach (Rulebook::current()->codes() as $code) {
            $rule = RuleText::of($code);
            if ($holds(implode(' ', [
                $code->value,
                str_replace('_', ' ', $code->value),
                ...self::told($tellers, [$rule->title, $rule->when, $rule->weighs]),
            ]))) {
                $rules[$code->station()->value][] = $rule;
            }
        }
        $this->rules = $rules;
        $this->practices = LimitTable::practices();
        $this->conventions = LimitTable::conventions();
        $this->schools = array_values(array_filter(
            Schools::rows(),
            static fn(array $row): bool => $holds(implode(' ', self::told($tellers, $row))),
        ));
    }

    public function count(): int
    {
        return array_sum(array_map(count(...), $this->rules));
    }

    /** @return list<Station> those with rules to show */
    public function stations(): array
    {
        return array_values(array_filter(Station::cases(), fn(Station $s): bool => isset($this->rules[$s->value])));
    }

    /**
     * @param list<Teller> $tellers
     * @param array<int, Message> $messages
     * @return list<string>
     */
    private static function told(array $tellers, array $messages): array
    {
        $told = [];
        foreach ($tellers as $teller) {
            foreach ($messages as $message) {
                $told[] = $teller->tell($message);
            }
        }

        return $told;
    }
}
