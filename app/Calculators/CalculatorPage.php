<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Checks\AnswerReader;
use App\Checks\AssembleCase;
use App\Checks\UnreadableAnswer;
use App\Models\Check;
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

    /** @var array<string, mixed> what stands before anything is answered, by path */
    private array $before;

    /**
     * @param Collection<int, SeatModel> $models what can be chosen, where the calculator asks for a model
     * @param array<array-key, mixed> $typed by path: answer, amount, unit, lines
     * @param Check|null $check the one it was opened from
     */
    public function __construct(
        public Calculator $calculator,
        public Collection $models,
        public array $typed,
        public Units $units,
        public CheckupEvent $event,
        Rulebook $rulebook,
        User $asking,
        public ?Check $check = null,
    ) {
        $this->before = $this->standing();
        [$facts, $problems] = $this->read($asking);
        [$case, $refused] = $this->assemble($facts);
        $problems += $refused;
        $this->facts = array_diff_key($facts, $refused);
        $read = Reader::fromObject($case);
        $this->assessment = Assessor::assess($read, $rulebook);
        $missing = $this->answer()->wanted();
        $known = $this->known();
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
            fn(string $path): bool => $calculator->asks($path, $case, $known, $missing),
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

    /** @return array<string, non-empty-list<CalculatorField>> its form's parts: '', and what stands apart */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->fields as $field) {
            $parts[$this->calculator->part($field->path)][] = $field;
        }

        return $parts;
    }

    /** Whether anything was answered at all, here or in the check it was opened from. */
    public function isBegun(): bool
    {
        return $this->facts !== [] || $this->check !== null;
    }

    /** Whose seat or which model it is about; null where neither is known. */
    public function who(): Message|string|null
    {
        $seat = $this->assessment->situation->case->seat;
        $label = trim("{$seat?->maker} {$seat?->model}");

        return $this->check === null
            ? $this->model()?->title()
            : new Message('flight.of_check', ['name' => $this->check->title(), 'seat' => $label, 'known' => $label !== '']);
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
        return $this->address('calculators.show', ['f' => array_map(
            static fn(string $answer): array => ['answer' => $answer],
            $answers,
        ) + $this->typed]);
    }

    /**
     * One of its addresses, with all that was answered.
     *
     * @param array<string, mixed> $more
     */
    public function address(string $route, array $more = []): string
    {
        $asked = $more + ['f' => $this->typed] + ($this->check === null ? [] : ['check' => $this->check->id]);

        return route($route, $this->calculator->value) . '?' . http_build_query($asked);
    }

    /** Its address with the seat called by a name of the list. */
    public function withName(string $maker, ?string $model): string
    {
        return $this->with(['seat.maker' => $maker] + ($model === null ? [] : ['seat.model' => $model]));
    }

    /** @return array<string, mixed> the facts that a check can keep, in order */
    public function forACheck(): array
    {
        return array_filter(
            $this->calculator->given() + $this->before + $this->facts,
            $this->calculator->isForACheck(...),
            ARRAY_FILTER_USE_KEY,
        );
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
        $known = $this->known();
        foreach ($this->calculator->facts() as $path) {
            $typed = $this->typedOf($path);
            if (self::isBlank($typed) || Calculator::isGiven($path, $known)) {
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
        $given = isset($this->before['bus.system']) ? [] : $this->calculator->given();
        foreach (['seat' => new stdClass(), ...$this->before, ...$given] + $facts as $path => $value) {
            if (! str_starts_with($path, Calculator::OWN)) {
                CasePath::set($case, $path, FactLog::asKept($value));
            }
        }
        FoldedCase::takeCampaigns($case, AssembleCase::campaigns($this->event->recallList));
    }

    /** @return array<string, mixed> what a check or the chosen model says, by path */
    private function standing(): array
    {
        $model = $this->named($this->typedOf('own.model')['answer'] ?? null);

        return match (true) {
            $this->check !== null => KnownFromCheck::facts($this->check) + ['own.model' => true],
            $model !== null => ['seat' => $model->rules],
            default => [],
        };
    }

    /** The same in the case format's shape. */
    private function known(): stdClass
    {
        $known = new stdClass();
        foreach ($this->before as $path => $value) {
            CasePath::set($known, $path, FactLog::asKept($value));
        }

        return $known;
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
