<?php

declare(strict_types=1);

namespace App\Practices;

use App\Models\PracticeCopy;
use App\Units;
use Illuminate\Support\Collection;
use MintBuckle\Core\Asking\Questionnaire;
use MintBuckle\Core\Facts\CaseFile;
use MintBuckle\Core\Facts\PracticeCode;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Rulebook;
use MintBuckle\Core\Schools\Comparison;
use MintBuckle\Core\Telling\Message;

/** The same facts under two practices, side by side: only what would differ, and why. */
final readonly class ComparePage
{
    public Comparison $comparison;

    /** @var string the other practice, as its link names it: a code, or the number of an organisation's copy */
    public string $with;

    /** @var array<int|string, Message> practices to compare with, by how a link names them */
    public array $others;

    /**
     * @param Collection<int, PracticeCopy> $copies
     * @param string|null $with another practice than the first that comes
     * @param PracticeCopy|null $own the copy that speaks here
     * @param string $back where it was opened
     * @param array<string, mixed> $query that the links keep
     */
    public function __construct(
        CaseFile $case,
        Collection $copies,
        ?string $with,
        ?PracticeCopy $own,
        public Units $units,
        public string $title,
        public string $back,
        private array $query = [],
    ) {
        $others = [];
        foreach (PracticeCode::cases() as $code) {
            if ($code !== $case->practice || $own !== null) {
                $others[$code->value] = self::called($code->value);
            }
        }
        foreach ($copies as $copy) {
            if ($copy->id !== $own?->id) {
                $others[(string) $copy->id] = self::called($copy->name);
            }
        }
        $this->others = $others;
        $this->with = $with !== null && isset($others[$with]) ? $with : (string) array_key_first($others);
        $copy = $copies->firstWhere('id', (int) $this->with);
        $this->comparison = Comparison::of(
            $case,
            $copy->base ?? PracticeCode::from($this->with),
            Rulebook::current(),
            $own?->practice(),
            $copy?->practice(),
        );
    }

    public function here(): Message
    {
        return self::called($this->comparison->here->situation->practice->name);
    }

    public function there(): Message
    {
        return self::called($this->comparison->there->situation->practice->name);
    }

    public function link(string $with): string
    {
        return '?' . http_build_query(['with' => $with] + $this->query);
    }

    public function question(Question $question): Message
    {
        return Questionnaire::standard()->for($question->path)?->question() ?? new Message('answers.open');
    }

    private static function called(string $name): Message
    {
        return PracticeCode::tryFrom($name) === null
            ? new Message('own_practice.called', ['name' => $name])
            : new Message("limits.practices.{$name}");
    }
}
