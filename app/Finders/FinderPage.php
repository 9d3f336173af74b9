<?php

declare(strict_types=1);

namespace App\Finders;

use App\Actions\AssembleCase;
use App\Answers\AnswerReader;
use App\Answers\UnreadableAnswer;
use App\FactLog;
use App\Models\Day;
use App\Models\SeatModel;
use App\Models\User;
use App\Units;
use Illuminate\Support\Collection;
use MintBuckle\Core\Asking\Askable;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Assessor;
use MintBuckle\Core\CaseFile\CasePath;
use MintBuckle\Core\CaseFile\InvalidCase;
use MintBuckle\Core\CaseFile\Problem;
use MintBuckle\Core\CaseFile\Reader;
use MintBuckle\Core\Facts\Definition\AnswerKind;
use MintBuckle\Core\Rulebook;
use stdClass;

/** A finder with what was typed so far, and the core's answer to it. Nothing is stored: the address holds it all. */
final readonly class FinderPage
{
    /** @var list<FinderField> */
    public array $fields;

    /** @var array<string, mixed> what was answered, by path, in the case format's shape */
    public array $facts;

    public Assessment $assessment;

    /** @var Collection<int, SeatModel> */
    public Collection $shelf;

    /** @param array<array-key, mixed> $typed by path: answer, amount, unit, lines */
    public function __construct(public Finder $finder, public array $typed, public Units $units, public Day $day, Rulebook $rulebook, User $asking)
    {
        $this->shelf = $finder === Finder::Modes || $finder === Finder::Flight ? SeatModel::onTheShelf()->get() : new Collection();
        [$facts, $problems] = $this->read($asking);
        [$case, $refused] = $this->assemble($facts);
        $problems += $refused;
        $this->facts = array_diff_key($facts, $refused);
        $read = Reader::fromObject($case);
        $this->assessment = Assessor::assess($read, $rulebook);
        $missing = $this->answer()->lacking();
        $this->fields = array_map(function (string $path) use ($read, $problems): FinderField {
            $askable = self::askable($path);

            return new FinderField($askable, $path, $path === 'own.shelf' ? $this->titles() : array_diff_key($askable->choices($read), $this->finder->leftOut($path)), $this->typedOf($path), $problems[$path] ?? null);
        }, array_values(array_filter($finder->facts(), fn(string $path): bool => $finder->asks($path, $case, $this->model(), $missing))));
    }

    public static function askable(string $path): Askable
    {
        foreach (Finder::ownQuestions() as $own) {
            if ($own->path === $path) {
                return $own;
            }
        }

        return Questionnaire::standard()->for($path) ?? Askable::besides($path, Finder::Expiry->station(), AnswerKind::Elsewhere, $path, $path);
    }

    /** Whether anything was answered at all. */
    public function isBegun(): bool
    {
        return $this->facts !== [];
    }

    public function answer(): FinderAnswer
    {
        return new FinderAnswer($this->finder, $this->assessment, $this->facts, $this->units);
    }

    public function headline(): Headline
    {
        return Headline::of($this->finder, $this->answer(), $this->units);
    }

    /**
     * Its address with some facts answered otherwise.
     *
     * @param array<string, string> $answers by path
     */
    public function with(array $answers): string
    {
        return route('finders.show', $this->finder->value) . '?' . http_build_query(['f' => array_map(static fn(string $answer): array => ['answer' => $answer], $answers) + $this->typed]);
    }

    /** @return array<string, mixed> the facts that a check can keep, in order */
    public function forACheck(): array
    {
        $model = $this->model();
        $kept = array_filter($this->facts, static fn(string $path): bool => ! str_starts_with($path, Finder::OWN), ARRAY_FILTER_USE_KEY);

        return $this->finder->given() + ($model === null ? [] : ['seat' => $model->rules]) + $kept;
    }

    public function model(): ?SeatModel
    {
        return $this->named($this->facts['own.shelf'] ?? null);
    }

    private function named(mixed $id): ?SeatModel
    {
        return is_string($id) ? $this->shelf->firstWhere('id', (int) $id) : null;
    }

    /** @return array<int, string> */
    private function titles(): array
    {
        $titles = [];
        foreach ($this->shelf as $model) {
            $titles[$model->id] = $model->title();
        }

        return $titles;
    }

    /** @return array{array<string, mixed>, array<string, string>} facts and problems, by path */
    private function read(User $asking): array
    {
        $facts = [];
        $problems = [];
        $model = $this->named($this->typedOf('own.shelf')['answer'] ?? null);
        foreach ($this->finder->facts() as $path) {
            $typed = $this->typedOf($path);
            if (self::isBlank($typed) || Finder::isGiven($path, $model)) {
                continue;
            }
            try {
                $facts[$path] = AnswerReader::read(self::askable($path), $typed, null, $asking);
            } catch (UnreadableAnswer $e) {
                $problems[$path] = $e->getMessage();
            }
        }

        return [$facts, $problems];
    }

    /**
     * @param array<string, mixed> $facts
     * @return array{stdClass, array<string, string>} the case, and by path what its reader refuses
     */
    private function assemble(array $facts): array
    {
        $case = AssembleCase::begin($this->day);
        $this->lay($case, $facts);
        try {
            Reader::fromObject($case);

            return [$case, []];
        } catch (InvalidCase $e) {
            $refused = [];
            foreach ($facts as $path => $fact) {
                $own = array_filter($e->problems, static fn(Problem $p): bool => str_starts_with($p->path, $path));
                if ($own !== []) {
                    $refused[$path] = ucfirst(array_values($own)[0]->message) . '.';
                }
            }
            $left = AssembleCase::begin($this->day);
            $this->lay($left, $refused === [] ? [] : array_diff_key($facts, $refused));

            return [$left, $refused];
        }
    }

    /** @param array<string, mixed> $facts */
    private function lay(stdClass $case, array $facts): void
    {
        $model = $this->named($facts['own.shelf'] ?? null);
        $seat = $model === null ? [] : ['seat' => $model->rules];
        $begun = ['seat' => new stdClass(), ...$seat, ...$this->finder->given()];
        foreach ($begun + $facts as $path => $value) {
            if (! str_starts_with($path, Finder::OWN)) {
                CasePath::set($case, $path, FactLog::asKept($value));
            }
        }
        AssembleCase::campaigns($case, $this->day->recallList);
    }

    /** @return array<array-key, mixed> */
    private function typedOf(string $path): array
    {
        $typed = $this->typed[$path] ?? null;

        return is_array($typed) ? $typed : [];
    }

    /** @param array<array-key, mixed> $typed */
    private static function isBlank(array $typed): bool
    {
        return array_filter(array_diff_key($typed, ['unit' => true]), static fn(mixed $v): bool => $v !== '' && $v !== null && $v !== []) === [];
    }
}
