<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Checks\AnswerReader;
use App\Checks\NoteFact;
use App\Checks\OpenCheck;
use App\Checks\UnreadableAnswer;
use App\Models\Check;
use App\Models\User;
use App\Words\Telling;
use Illuminate\Validation\ValidationException;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\Record\InspectionPhase;
use MintBuckle\Core\Telling\Message;
use Psr\Clock\ClockInterface;

/** Keeps what was typed from label and manual as found, each rule a fact of its own; all of it or nothing. */
final readonly class EnterManual
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param array<string, array{string, array<array-key, mixed>}> $typed by path: id of the entry, and what was typed
     * @throws UnreadableAnswer when the family has left
     * @throws ValidationException by path
     */
    public function __invoke(Check $check, array $typed, User $author): void
    {
        [$facts, $problems] = self::read($typed, $author);
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }
        OpenCheck::write($check, function (Check $check) use ($facts, $author): void {
            foreach ($facts as $path => [$id, $value]) {
                NoteFact::append($check, $id, InspectionPhase::Found, $path, $value, $author, $this->clock->now());
            }
            try {
                array_map($check->caseOf(...), InspectionPhase::cases());
            } catch (InvalidCase $e) {
                $check->forgetLogged();
                throw ValidationException::withMessages(self::refused($e, array_keys($facts)));
            }
        });
    }

    /**
     * @param array<string, array{string, array<array-key, mixed>}> $typed
     * @return array{array<string, array{string, mixed}>, array<string, string>} facts with their ids, and what cannot be read
     */
    private static function read(array $typed, User $author): array
    {
        [$facts, $problems] = [[], []];
        foreach ($typed as $path => [$id, $answer]) {
            $askable = str_starts_with($path, 'seat.') ? Questionnaire::standard()->for($path) : null;
            try {
                $facts[$path] = [
                    $id,
                    AnswerReader::read($askable ?? throw UnreadableAnswer::because('not_a_fact'), $answer, null, $author),
                ];
            } catch (UnreadableAnswer $e) {
                $problems[$path] = $e->getMessage();
            }
        }

        return [$facts, $problems];
    }

    /**
     * @param list<string> $paths
     * @return array<string, string>
     */
    private static function refused(InvalidCase $e, array $paths): array
    {
        $refused = [];
        foreach ($e->problems as $problem) {
            $path = array_values(array_filter(
                $paths,
                static fn(string $path): bool => str_starts_with($problem->path, $path),
            ))[0] ?? $paths[0];
            $refused[$path] = Telling::now()->says(new Message('refused.at_field', ['problem' => $problem->told()]));
        }

        return $refused;
    }
}
