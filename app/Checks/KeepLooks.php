<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Models\User;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Record\InspectionPhase;
use Psr\Clock\ClockInterface;

/**
 * A list of plain looks: every line is kept as a fact of its own, good as listed, and marked that it was affirmed in a list. A line that
 * somebody has answered since the list was shown stays as it was answered, "cannot tell" too.
 */
final readonly class KeepLooks
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param array<string, string> $lines id of the entry by path, as they stood on the list
     * @throws UnreadableAnswer when a line is no plain look, or the family has left
     */
    public function __invoke(Check $check, InspectionPhase $phase, array $lines, User $author): void
    {
        OpenCheck::write($check, function (Check $check) use ($phase, $lines, $author): void {
            $seen = $check->caseOf($phase);
            foreach ($lines as $path => $id) {
                $look = self::look($path);
                if ($seen->facts->latest($path) === null || array_key_exists($path, $seen->stale)) {
                    NoteFact::append(
                        $check,
                        $id,
                        $phase,
                        $path,
                        self::value($look, (string) $look->good),
                        $author,
                        $this->clock->now(),
                        affirmed: true,
                    );
                }
            }
        });
    }

    /** @throws UnreadableAnswer */
    private static function look(string $path): Askable
    {
        $askable = Questionnaire::standard()->for($path);

        return $askable?->good === null ? throw UnreadableAnswer::because('not_a_fact') : $askable;
    }

    private static function value(Askable $look, string $answer): bool|string
    {
        return $look->kind === AnswerKind::YesNo ? $answer === 'yes' : $answer;
    }
}
