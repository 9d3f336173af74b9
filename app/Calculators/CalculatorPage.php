<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Checks\AnswerReader;
use App\Checks\AssembleCase;
use App\Checks\UnreadableAnswer;
use App\Models\CheckupEvent;
use App\Models\SeatModel;
use App\Models\User;
use App\Units;
use App\Words\Telling;
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
use MintBuckle\Core\Record\FactLog;
use MintBuckle\Core\Record\FoldedCase;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Telling\Message;
use stdClass;

/** A calculator with what was typed so far, and the core's answer to it. Nothing is stored: the address holds it all. */
final readonly class CalculatorPage
{
    /** @var list<CalculatorField> */
    public array $fields;

    /** @var array<string, mixed> what was answered, by path, in the case format's shape */
    public array $facts;

    public Assessment $assessment;

    /**
     * @param Collection<int, SeatModel> $models what can be chosen, where the calculator asks for a model
     * @param array<array-key, mixed> $typed by path: answer, amount, unit, lines
     */
    public function __construct(
        public Calculator $calculator,
        public Collection $models,
        public array $typed,
        public Units $units,
        public CheckupEvent $event,
        Rulebook $rulebook,
        User $asking,
    ) {
        [$facts, $problems] = $this->read($asking);
        [$case, $refused] = $this->assemble($facts);
        $problems += $refused;
        $this->facts = array_diff_key($facts, $refused);
        $read = Reader::fromObject($case);
        $this->assessment = Assessor::assess($read, $rulebook);
        $missing = $this->answer()->lacking();
        $this->fields = array_map(function (string $path) use ($read, $problems): CalculatorField {
            $askable = self::askable($path);

            return new CalculatorField(
                $askable,
                $path,
                $path === 'own.model' ? $this->titles() : array_diff_key($askable->choices($read), $this->calculator->leftOut($path)),
                $this->typedOf($path),
                $problems[$path] ?? null,
            );
        }, array_values(array_filter(
            $calculator->facts(),
            fn(string $path): bool => $calculator->asks($path, $case, $this->model(), $missing),
        )));
    }

    public static function askable(string $path): Askable
    {
        foreach (Calculator::ownQuestions() as $own) {
            if ($own->path === $path) {
                return $own;
            }
        }

        return Questionnaire::standard()->for($path)
            ?? Askable::besides($path, Calculator::Expiry->station(), AnswerKind::Elsewhere);
    }

    /** Whether anything was answered at all. */
    public function isBegun(): bool
    {
        return $this->facts !== [];
    }

    public function answer(): CalculatorAnswer
    {
        return new CalculatorAnswer($this->calculator, $this->assessment, $this->facts, $this->units);
    }

    public function headline(): Headline
    {
        return Headline::of($this->calculator, $this->answer());
    }

    /**
     * Its address with some facts answered otherwise.
     *
     * @param array<string, string> $answers by path
     */
    public function with(array $answers): string
    {
        return route('calculators.show', $this->calculator->value) . '?' . http_build_query([
            'f' => array_map(static fn(string $answer): array => ['answer' => $answer], $answers) + $this->typed,
        ]);
    }

    /** Its address with the seat called by a name of the list. */
    public function withName(string $maker, ?string $model): string
    {
        return $this->with(['seat.maker' => $maker] + ($model === null ? [] : ['seat.model' => $model]));
    }

    /** @return array<string, mixed> the facts that a check can keep, in order */
    public function forACheck(): array
    {
        $model = $this->model();
        $kept = array_filter(
            $this->facts,
            static fn(string $path): bool => ! str_starts_with($path, Calculator::OWN),
            ARRAY_FILTER_USE_KEY,
        );

        return $this->calculator->given() + ($model === null ? [] : ['seat' => $model->rules]) + $kept;
    }

    public function model(): ?SeatModel
    {
        return $this->named($this->facts['own.model'] ?? null);
    }

    private function named(mixed $id): ?SeatModel
    {
        return is_string($id) ? $this->models->firstWhere('id', (int) $id) : null;
    }

    /** @return array<int, string> */
    private function titles(): array
    {
        $titles = [];
        foreach ($this->models as $model) {
            $titles[$model->id] = $model->title();
        }

        return $titles;
    }

    /** @return array{array<string, mixed>, array<string, string>} facts and problems, by path */
    private function read(User $asking): array
    {
        $facts = [];
        $problems = [];
        $model = $this->named($this->typedOf('own.model')['answer'] ?? null);
        foreach ($this->calculator->facts() as $path) {
            $typed = $this->typedOf($path);
            if (self::isBlank($typed) || Calculator::isGiven($path, $model)) {
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
        $case = AssembleCase::begin($this->event);
        $this->lay($case, $facts);
        try {
            Reader::fromObject($case);

            return [$case, []];
        } catch (InvalidCase $e) {
            $refused = [];
            foreach ($facts as $path => $fact) {
                $own = array_filter($e->problems, static fn(Problem $p): bool => str_starts_with($p->path, $path));
                if ($own !== []) {
                    $refused[$path] = Telling::now()->says(new Message('refused.at_field', ['problem' => array_values($own)[0]->told()]));
                }
            }
            $left = AssembleCase::begin($this->event);
            $this->lay($left, $refused === [] ? [] : array_diff_key($facts, $refused));

            return [$left, $refused];
        }
    }

    /** @param array<string, mixed> $facts */
    private function lay(stdClass $case, array $facts): void
    {
        $model = $this->named($facts['own.model'] ?? null);
        $seat = $model === null ? [] : ['seat' => $model->rules];
        $begun = ['seat' => new stdClass(), ...$seat, ...$this->calculator->given()];
        foreach ($begun + $facts as $path => $value) {
            if (! str_starts_with($path, Calculator::OWN)) {
                CasePath::set($case, $path, FactLog::asKept($value));
            }
        }
        FoldedCase::takeCampaigns($case, AssembleCase::campaigns($this->event->recallList));
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
        return array_filter(
            array_diff_key($typed, ['unit' => true]),
            static fn(mixed $v): bool => $v !== '' && $v !== null && $v !== [],
        ) === [];
    }
}
