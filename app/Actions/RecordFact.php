<?php

declare(strict_types=1);

namespace App\Actions;

use App\Answers\AnswerReader;
use App\Answers\UnreadableAnswer;
use App\FactLog;
use App\Models\Check;
use App\Models\User;
use App\Track;
use MintBuckle\Core\Asking\CasePath;
use MintBuckle\Core\Asking\Catalogue;
use MintBuckle\Core\CaseFile\Reading\InvalidCase;
use MintBuckle\Core\CaseFile\Reading\Problem;
use MintBuckle\Core\CaseFile\Reading\Reader;
use Psr\Clock\ClockInterface;
use stdClass;

/** Takes one answer, sees with the core's own reader that it makes sense in this case, and keeps it. The same id arriving again changes nothing. */
final readonly class RecordFact
{
    public function __construct(private ClockInterface $clock) {}

    /**
     * @param array<array-key, mixed> $posted
     * @throws UnreadableAnswer with what to do; nothing is kept then
     */
    public function __invoke(Check $check, Track $track, string $id, string $key, array $posted, User $author, ?string $note = null): void
    {
        OpenCheck::write($check, function (Check $check) use ($track, $id, $key, $posted, $author, $note): void {
            $this->record($check, $track, $id, $key, $posted, $author, $note);
        });
    }

    /** @param array<array-key, mixed> $posted */
    private function record(Check $check, Track $track, string $id, string $key, array $posted, User $author, ?string $note): void
    {
        $askable = Catalogue::standard()->for($key) ?? throw new UnreadableAnswer('This is not a fact of the check.');
        $case = AssembleCase::of($check, $track);
        $value = AnswerReader::read($askable, $posted, CasePath::get($case, $key), $author);
        CasePath::set($case, $key, FactLog::asKept($value));
        self::mustMakeSense($case, $key);
        NoteFact::append($check, $id, $track, $key, $value, $author, $this->clock->now(), $note);
    }

    private static function mustMakeSense(stdClass $case, string $key): void
    {
        try {
            Reader::fromObject($case);
        } catch (InvalidCase $e) {
            $own = array_filter($e->problems, static fn(Problem $p): bool => str_starts_with($p->path, $key));
            $problem = array_values($own)[0] ?? $e->problems[0];
            throw new UnreadableAnswer('This ' . $problem->message . '.');
        }
    }
}
